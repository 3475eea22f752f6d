package app.dapt.cover.edging;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.Weight;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;

/**
 * Tassels, pom-poms or ties caught in the seam at each corner.
 *
 * @param sort  what they are
 * @param hangs how long they are
 */
public record CornerTrim(Sort sort, Length hangs) implements Edging {

    /** What hangs at the corners. */
    public enum Sort {
        TASSELS,
        POM_POMS,
        TIES
    }

    static CornerTrim usual(Unit unit) {
        return new CornerTrim(Sort.TASSELS, unit.pick(Length.cm(8), Length.inches(3)));
    }

    static CornerTrim from(Details details) {
        return new CornerTrim(details.oneOf("cornerSort", Sort.class), details.measure("hangs"));
    }

    @Override
    public EdgingKind kind() {
        return EdgingKind.CORNERS;
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(
                Detail.oneOf("cornerSort", sort, "corner-sort"),
                Detail.measure("hangs", LengthRange.HANGS, hangs, true));
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Need.of(
                Phrase.of("need.at-corners", Phrase.choice("corner-sort", sort)),
                Phrase.of("need.so-many", edge.corners(), hangs)));
    }

    @Override
    public Length standsOut() {
        return hangs;
    }

    @Override
    public boolean hasSmallParts() {
        return true;
    }

    @Override
    public List<FindingCandidate<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        if (edge.corners() > 0) {
            return EdgeConcerns.ofAnything(edge, sizes, "corners");
        }
        return List.of(FindingCandidate.<Edging>of("no-corners", Weight.WILL_NOT_WORK, "no-corners")
                .orTry(new None(), "leave-off"));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.corners", Phrase.choice("corner-sort", sort));
    }
}
