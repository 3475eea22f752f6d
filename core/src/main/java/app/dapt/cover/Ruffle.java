package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * A gathered strip round the edge.
 *
 * @param depth    finished, beyond the seam
 * @param fullness how much of it is gathered in
 * @param make     a single layer with a hem, or folded double
 * @param where    caught in the seam, or stitched on
 * @param from     the cloth it is cut from
 * @param pipedToo with piping in the same seam
 */
public record Ruffle(Length depth, Gathers fullness, Make make, Where where, Piping.Source from, boolean pipedToo) implements Edging {

    /** How much of it is gathered in. */
    public enum Gathers {
        LIGHT(3, 2), USUAL(2, 1), SHEER(3, 1);

        private final int times;
        private final int over;

        Gathers(int times, int over) {
            this.times = times;
            this.over = over;
        }
    }

    /** One layer or two. */
    public enum Make { SINGLE, FOLDED }

    /** In the seam or on the front. */
    public enum Where { IN_SEAM, APPLIED }

    static Ruffle usual(Unit unit) {
        return new Ruffle(unit.pick(Length.cm(5), Length.inches(2)), Gathers.USUAL, Make.FOLDED, Where.IN_SEAM, Piping.Source.FRONT, false);
    }

    static Ruffle from(Details details) {
        return new Ruffle(details.measure("ruffleDepth"), details.oneOf("gathers", Gathers.class), details.oneOf("ruffleMake", Make.class),
                details.oneOf("ruffleWhere", Where.class), details.oneOf("trimFrom", Piping.Source.class), details.tick("pipedToo"));
    }

    @Override
    public EdgingKind kind() {
        return EdgingKind.RUFFLE;
    }

    @Override
    public List<Detail> details() {
        return List.of(Detail.measure("ruffleDepth", LengthRange.HANGS, depth, true), Detail.oneOf("gathers", fullness, "gathers"),
                Detail.oneOf("ruffleMake", make, "ruffle-make"), Detail.oneOf("ruffleWhere", where, "ruffle-where"),
                Detail.oneOf("trimFrom", from, "trim-from"), Detail.tick("pipedToo", pipedToo, where == Where.IN_SEAM));
    }

    /** Whether piping lies in the same seam. */
    public boolean isPiped() {
        return pipedToo && where == Where.IN_SEAM;
    }

    /** The edge times the fullness. */
    Sum length(SeamedEdge edge) {
        Length more = edge.length().total().times(fullness.times - fullness.over, fullness.over);
        return edge.length().plus(Sum.term("term.gathered", more));
    }

    /** Single: depth, an allowance and a narrow hem; folded: twice the depth and an allowance. */
    Sum cutDepth(CoverDimensions setting) {
        Length hem = setting.plan().unit().pick(Length.cm(1), Length.inches(0, 1, 2));
        return make == Make.SINGLE
                ? Sum.of(Sum.term("term.ruffle-depth", depth), Sum.term("term.allowance", setting.allowance()), Sum.term("term.ruffle-hem", hem))
                : Sum.of(Sum.term("term.ruffle-twice", depth.times(2)), Sum.term("term.both-allowances", setting.allowance().times(2)));
    }

    @Override
    public List<Piece> pieces(SeamedEdge edge, CoverDimensions setting) {
        Length usable = setting.plan().cloths().of(from.material()).usableWidth();
        List<Piece> pieces = new ArrayList<>(Strips.across("ruffle", from.material(), length(edge), cutDepth(setting), usable,
                setting.allowance().times(2), setting));
        pieces.addAll(isPiped() ? Piping.usual(setting.plan().unit()).pieces(edge, setting) : List.of());
        return pieces;
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions setting) {
        return isPiped() ? Piping.usual(setting.plan().unit()).needs(edge, setting) : List.of();
    }

    @Override
    public List<Phrase> about(SeamedEdge edge, CoverDimensions setting) {
        return List.of(Phrase.of("about.ruffle", length(edge).total(), cutDepth(setting).total()),
                Phrase.of("about.quarters", length(edge).total().times(1, 4), edge.length().total().times(1, 4)));
    }

    @Override
    public List<Figure> figures(SeamedEdge edge, CoverDimensions setting) {
        return List.of(Figure.of("strip", cutDepth(setting)), Figure.of("stripLength", length(edge)), Figure.of("strips", pieces(edge, setting).get(0).quantity()));
    }

    @Override
    public Length standsOut() {
        return depth;
    }

    @Override
    public List<FindingCandidate> concerns(SeamedEdge edge, CoverDimensions setting, Back back) {
        List<FindingCandidate> found = new ArrayList<>();
        if (where == Where.IN_SEAM) {
            found.addAll(EdgeConcerns.ofAnything(edge, setting, "ruffle"));
        }
        if (isPiped()) {
            found.add(FindingCandidate.of("layers", Weight.WORTH_KNOWING, "layers", Phrase.of("trim.ruffle")).orNote(setting.plan()));
        }
        return found;
    }

    @Override
    public Phrase brief() {
        return Phrase.of(isPiped() ? "brief.edging.ruffle-piped" : "brief.edging.ruffle", depth);
    }
}
