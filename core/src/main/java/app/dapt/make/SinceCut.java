package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.piece.Piece;
import app.dapt.step.Step;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a change of plan means for a cover that is cut already: which pieces have to be cut anew, and which steps that
 * are done no longer hold.
 *
 * @param anew   pieces as they are planned now
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
        Map<String, Piece> cut =
                before.pieces().stream().collect(Collectors.toMap(Piece::id, Function.identity(), (one, two) -> one));
        List<Piece> anew = now.pieces().stream()
                .filter(piece -> !isAlike(cut.get(piece.id()), piece))
                .toList();
        Set<String> replaced = anew.stream().map(Piece::id).collect(Collectors.toSet());
        Map<String, Step> were = byId(CoverSteps.of(before));
        Map<String, Step> are = byId(CoverSteps.of(now));
        Set<String> lapsed = new HashSet<>();
        for (String id : done) {
            Step was = were.get(id);
            Step is = are.get(id);
            boolean holds = was != null
                    && is != null
                    && isDoneAlike(was, is)
                    && is.pieces().stream().noneMatch(replaced::contains);
            if (!holds && was != null) {
                lapsed.add(id);
            }
        }
        return new SinceCut(anew, lapsed);
    }

    private static Map<String, Step> byId(List<Step> steps) {
        return steps.stream().collect(Collectors.toMap(Step::id, Function.identity()));
    }

    private static boolean isAlike(@Nullable Piece cut, Piece planned) {
        return cut != null
                && cut.quantity() >= planned.quantity()
                && cut.material() == planned.material()
                && cut.turned() == planned.turned()
                && cut.cutWidth().equals(planned.cutWidth())
                && cut.cutHeight().equals(planned.cutHeight())
                && cut.outline().equals(planned.outline());
    }

    private static boolean isDoneAlike(Step was, Step is) {
        return was.says().equals(is.says()) && was.takes().equals(is.takes());
    }

    /** Whether nothing of what is done has to be done again. */
    public boolean isNothing() {
        return anew.isEmpty() && lapsed.isEmpty();
    }
}
