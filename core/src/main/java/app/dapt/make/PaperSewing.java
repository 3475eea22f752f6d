package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.step.Step;
import app.dapt.workpiece.Move;
import app.dapt.workpiece.Stack;
import app.dapt.workpiece.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A cover sewn on paper: its pieces as they are cut, put through every move of its steps, one after the other.
 *
 * @param start  the pieces as they are cut
 * @param states what lies there after each step
 */
public record PaperSewing(Reckoned reckoned, Table start, List<State> states) {

    /** What lies there after a step. */
    public record State(Step step, Table table) {}

    public PaperSewing {
        states = List.copyOf(states);
    }

    /**
     * Sewn in this order.
     *
     * @return nothing where its steps do not all say in moves what becomes of the cloth
     * @throws IllegalStateException where a move has nothing to be done to
     */
    public static Optional<PaperSewing> of(Reckoned reckoned, List<Step> steps) {
        // The arms of a V lie aslant, and so do their ends; where a curved piece is joined its drops are not laid out.
        boolean told = reckoned.plan().opening().isToldInMoves()
                && !reckoned.plan().edging().isSewnOutsideOut()
                && !reckoned.plan().shape().isBentEdgeOn()
                && !(reckoned.outline().isPresent() && reckoned.isJoined());
        return told ? Optional.of(sewn(reckoned, steps, List::of)) : Optional.empty();
    }

    private static PaperSewing sewn(Reckoned reckoned, List<Step> steps, Function<Move, List<Move>> done) {
        Table start = Table.of(reckoned.pieces());
        Table table = start;
        List<State> states = new ArrayList<>();
        for (Step step : steps) {
            for (Move told : step.moves()) {
                for (Move move : done.apply(told)) {
                    table = move.on(table);
                }
            }
            states.add(new State(step, table));
        }
        return new PaperSewing(reckoned, start, states);
    }

    /**
     * The same with something else done than was told.
     *
     * @param done what is done instead of each move
     */
    public PaperSewing but(Function<Move, List<Move>> done) {
        return sewn(reckoned, states.stream().map(State::step).toList(), done);
    }

    /** The cover as it lies after a step; nothing before it is sewn round. */
    public Optional<Stack> after(Step step) {
        return states.stream()
                .filter(state -> state.step().id().equals(step.id()))
                .findFirst()
                .flatMap(state -> state.table().find(reckoned.front().id()))
                .filter(stack -> stack.seam().isPresent());
    }

    /** What goes by the name of the front once all is done: the cover. */
    public Stack cover() {
        Table last = states.isEmpty() ? start : states.get(states.size() - 1).table();
        return last.find(reckoned.front().id()).orElseThrow();
    }

    /** What has come of it, against what was planned. */
    public SewnCover comesTo() {
        return SewnCover.of(cover(), reckoned);
    }
}
