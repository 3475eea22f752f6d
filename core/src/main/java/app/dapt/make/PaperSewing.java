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
import java.util.stream.IntStream;

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
        // Where a curved piece is joined its drops are not laid out; what is bound from outside is never turned.
        boolean told = reckoned.plan().opening().isToldInMoves()
                && !reckoned.plan().edging().isSewnOutsideOut()
                && !(reckoned.outline().isPresent() && reckoned.isJoined());
        return told ? Optional.of(sewn(reckoned, steps, Step::moves)) : Optional.empty();
    }

    private static PaperSewing sewn(Reckoned reckoned, List<Step> steps, Function<Step, List<Move>> done) {
        Table start = Table.of(reckoned.pieces());
        Table table = start;
        List<State> states = new ArrayList<>();
        for (Step step : steps) {
            for (Move move : done.apply(step)) {
                table = move.on(table);
            }
            states.add(new State(step, table));
        }
        return new PaperSewing(reckoned, start, states);
    }

    private PaperSewing doing(Function<Step, List<Move>> done) {
        return sewn(reckoned, states.stream().map(State::step).toList(), done);
    }

    /**
     * The same with something else done than was told.
     *
     * @param done what is done instead of each move
     */
    public PaperSewing but(Function<Move, List<Move>> done) {
        return doing(step ->
                step.moves().stream().flatMap(move -> done.apply(move).stream()).toList());
    }

    /**
     * The same with the two things that a step lays down, or folds over, in the other order.
     *
     * @return nothing where it does not lay down two
     */
    public Optional<PaperSewing> otherWayRound(Step step) {
        List<Integer> laid = IntStream.range(0, step.moves().size())
                .filter(i -> isLaying(step.moves().get(i)))
                .boxed()
                .toList();
        if (laid.size() != 2) {
            return Optional.empty();
        }
        int first = withFlip(laid.get(0), step.moves());
        int second = withFlip(laid.get(1), step.moves());
        List<Move> swapped = new ArrayList<>(step.moves().subList(0, first));
        swapped.addAll(step.moves().subList(second, laid.get(1) + 1));
        swapped.addAll(step.moves().subList(first, second));
        return Optional.of(doing(each -> each.id().equals(step.id()) ? swapped : each.moves()));
    }

    /** Whether something is laid down, or folded over the rest. */
    static boolean isLaying(Move move) {
        return move instanceof Move.PutOn || move instanceof Move.FoldAt fold && fold.over();
    }

    /** What is laid face down is turned over just before. */
    private static int withFlip(int at, List<Move> moves) {
        return at > 0 && moves.get(at - 1) instanceof Move.Flip ? at - 1 : at;
    }

    /** The cover as it lies after a step; nothing before it is sewn round. */
    public Optional<Stack> after(Step step) {
        return states.stream()
                .filter(state -> state.step().id().equals(step.id()))
                .findFirst()
                .flatMap(state -> state.table().find(reckoned.front().id()))
                .filter(stack -> stack.seam().isPresent());
    }

    /** What a step leaves lying of what it was last done to; nothing where it does nothing to cloth. */
    Optional<Stack> lying(Step step) {
        return step.moves().isEmpty()
                ? Optional.empty()
                : states.stream()
                        .filter(state -> state.step().id().equals(step.id()))
                        .findFirst()
                        .flatMap(state -> state.table()
                                .find(step.moves().get(step.moves().size() - 1).leaves()));
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
