package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Making;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a change of plan means for a cover that is cut already: which pieces have to be cut anew, and which steps that
 * are done no longer hold.
 *
 * @param anew   pieces as they are planned now: those that were cut otherwise, and those that were not planned when
 *               their fabric was cut
 * @param lapsed ids of steps that are done and were done otherwise than they are planned now, or to a piece that is cut
 *               anew
 */
public record SinceCut(List<Piece> anew, Set<String> lapsed) {

    public SinceCut {
        anew = List.copyOf(anew);
        lapsed = Set.copyOf(lapsed);
    }

    /**
     * What has changed.
     *
     * @param before the cover as it was cut
     * @param done   ids of the steps that are done
     */
    public static SinceCut of(Reckoned before, Reckoned now, Set<String> done) {
        Map<String, Step> were = byId(CoverSteps.of(before));
        Map<String, Step> are = byId(CoverSteps.of(now));
        Map<String, Piece> planned = byPiece(before);
        Set<String> cut = cut(were, done);
        Set<String> cutByNow = cut(are, done);
        List<Piece> anew = now.pieces().stream()
                .filter(piece -> {
                    Optional<Piece> was = Optional.ofNullable(planned.get(piece.id()));
                    return was.isPresent()
                            ? cut.contains(piece.id()) && !isAlike(was.get(), piece)
                            : cutByNow.contains(piece.id());
                })
                .toList();
        Set<String> replaced = anew.stream().map(Piece::id).collect(Collectors.toSet());
        Set<String> lapsed = new HashSet<>();
        for (String id : done) {
            Optional<Step> was = Optional.ofNullable(were.get(id));
            boolean holds = Optional.ofNullable(are.get(id))
                    .filter(is -> was.filter(then -> isDoneAlike(then, is)).isPresent())
                    .filter(is -> is.pieces().stream().noneMatch(replaced::contains))
                    .isPresent();
            if (was.isPresent() && !holds) {
                lapsed.add(id);
            }
        }
        return new SinceCut(anew, lapsed);
    }

    /** Ids of the pieces whose fabric is cut. */
    private static Set<String> cut(Map<String, Step> steps, Set<String> done) {
        return steps.values().stream()
                .filter(step -> step.milestone().equals(Optional.of(Milestone.CUT)) && done.contains(step.id()))
                .flatMap(step -> step.pieces().stream())
                .collect(Collectors.toSet());
    }

    private static Map<String, Step> byId(List<Step> steps) {
        return steps.stream().collect(Collectors.toMap(Step::id, Function.identity()));
    }

    private static Map<String, Piece> byPiece(Reckoned cover) {
        return cover.pieces().stream().collect(Collectors.toMap(Piece::id, Function.identity(), (one, other) -> one));
    }

    private static boolean isAlike(Piece cut, Piece planned) {
        return cut.quantity() >= planned.quantity()
                && cut.material() == planned.material()
                && cut.turned() == planned.turned()
                && cut.cutWidth().equals(planned.cutWidth())
                && cut.cutHeight().equals(planned.cutHeight())
                && cut.outline().equals(planned.outline());
    }

    private static boolean isDoneAlike(Step was, Step is) {
        return asDone(was.says()).equals(asDone(is.says()))
                && (is.pieces().isEmpty() || asDone(was.figures()).equals(asDone(is.figures())))
                && was.takes().equals(is.takes());
    }

    private static List<Phrase> asDone(List<Phrase> figures) {
        return figures.stream().map(SinceCut::asDone).toList();
    }

    /** What is said of a step without the lengths that only show once it is sewn: nothing is done by them. */
    private static Phrase asDone(Phrase said) {
        return new Phrase(
                said.code(),
                said.args().stream()
                        .filter(arg ->
                                !(arg instanceof Phrase inner && inner.code().equals(Making.FINISHED)))
                        .map(arg -> arg instanceof Phrase inner ? asDone(inner) : arg)
                        .toList());
    }

    /** Whether nothing of what is done has to be done again. */
    public boolean isNothing() {
        return anew.isEmpty() && lapsed.isEmpty();
    }
}
