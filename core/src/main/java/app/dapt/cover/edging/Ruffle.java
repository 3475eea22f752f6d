package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.Strips;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Looks;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.StripWork;
import java.util.ArrayList;
import java.util.List;

/**
 * A gathered strip round the edge.
 */
public record Ruffle(Details decided) implements Edging {

    /** How much of it is gathered in. */
    public enum Gathers {
        LIGHT(3, 2),
        USUAL(2, 1),
        SHEER(3, 1);

        private final int times;
        private final int over;

        Gathers(int times, int over) {
            this.times = times;
            this.over = over;
        }
    }

    /** One layer or two. */
    public enum Make {
        SINGLE,
        FOLDED
    }

    /** In the seam or on the front. */
    public enum Where {
        IN_SEAM,
        APPLIED
    }

    /** Finished, beyond the seam. */
    private static final Question<Length> DEPTH =
            Question.length("ruffleDepth", LengthRange.HANGS, Length.cm(5), Length.inches(2));

    private static final Question<Gathers> GATHERS = Question.oneOf("gathers", Gathers.USUAL, "gathers");
    /** A single layer with a hem, or folded double. */
    private static final Question<Make> MAKE = Question.oneOf("ruffleMake", Make.FOLDED, "ruffle-make");
    /** Caught in the seam, or stitched on. */
    private static final Question<Where> WHERE = Question.oneOf("ruffleWhere", Where.IN_SEAM, "ruffle-where");
    /** The cloth it is cut from. */
    private static final Question<Piping.Source> FROM = Question.oneOf("trimFrom", Piping.Source.FRONT, "trim-from");
    /** With piping in the same seam. */
    private static final Question<Boolean> PIPED_TOO = Question.tick("pipedToo").where(WHERE, Where.IN_SEAM);

    static final List<Question<?>> ASKED = List.of(DEPTH, GATHERS, MAKE, WHERE, FROM, PIPED_TOO);

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.RUFFLE;
    }

    private boolean isSingle() {
        return get(MAKE) == Make.SINGLE;
    }

    private boolean isCaught() {
        return get(WHERE) == Where.IN_SEAM;
    }

    private Material material() {
        return get(FROM).material();
    }

    /** Whether piping lies in the same seam. */
    public boolean isPiped() {
        return get(PIPED_TOO) && isCaught();
    }

    @Override
    public List<String> closing() {
        return isPiped() ? List.of("nearer-cord") : List.of();
    }

    @Override
    public Caught caught() {
        return Caught.FLAT_TRIM;
    }

    @Override
    public List<Element> under(SeamedEdge edge, CoverDimensions sizes) {
        return Trim.along(edge.paths(), Looks.RUFFLE, get(DEPTH), material());
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return isPiped() ? Piping.usual(sizes.ownUnit()).over(edge, sizes) : List.of();
    }

    /** The edge times the fullness. */
    Sum length(SeamedEdge edge) {
        Gathers fullness = get(GATHERS);
        Length more = edge.length().total().times(fullness.times - fullness.over, fullness.over);
        return edge.length().plus(Sum.term("term.gathered", more));
    }

    /** Single: depth, an allowance and a narrow hem; folded: twice the depth and an allowance. */
    Sum cutDepth(CoverDimensions sizes) {
        Length hem = sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2));
        return isSingle()
                ? Sum.of(
                        Sum.term("term.ruffle-depth", get(DEPTH)),
                        Sum.term("term.allowance", sizes.innerAllowance()),
                        Sum.term("term.ruffle-hem", hem))
                : Sum.of(
                        Sum.term("term.ruffle-twice", get(DEPTH).times(2)),
                        Sum.term("term.both-allowances", sizes.innerAllowance().times(2)));
    }

    @Override
    public List<Piece> pieces(SeamedEdge edge, CoverDimensions sizes) {
        Length usable = sizes.cloths().of(material()).usableWidth();
        List<Piece> pieces = new ArrayList<>(Strips.across(
                "ruffle",
                material(),
                length(edge),
                cutDepth(sizes),
                usable,
                sizes.innerAllowance().times(2),
                sizes));
        pieces.addAll(isPiped() ? Piping.usual(sizes.ownUnit()).pieces(edge, sizes) : List.of());
        return pieces;
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return isPiped() ? Piping.usual(sizes.ownUnit()).needs(edge, sizes) : List.of();
    }

    @Override
    public void make(SeamedEdge edge, Making making) {
        CoverDimensions sizes = making.sizes();
        if (isPiped()) {
            Piping.usual(sizes.ownUnit()).make(edge, making);
        }
        Piece strip = pieces(edge, sizes).get(0);
        StripWork work = new StripWork(making.work(), strip);
        Length length = length(edge).total();
        making.at(Place.MACHINE, "ruffle-ring", strip)
                .saying(strip.quantity(), sizes.innerAllowance())
                .times(Effort.CLIP, 4.0 * strip.quantity())
                .set(Stitch.SEAM, Foot.PLAIN)
                .rightSide()
                .add();
        if (isSingle()) {
            work.hemmed(sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2)), length, false);
        } else {
            making.at(Place.IRON, "ruffle-fold", strip)
                    .along(Effort.PRESS_HEM, length)
                    .shows(pile -> pile.arrow(Side.BOTTOM, Length.ZERO))
                    .add();
        }
        work.gathered(length, edge.length().total(), 1);
        boolean caught = isCaught();
        Pile onFront = Pile.of(making.lyingFront(true))
                .with(edge.onFront(Looks.RUFFLE, get(DEPTH), material(), sizes.innerAllowance()));
        making.at(Place.TABLE, caught ? "ruffle-pin" : "ruffle-pin-on", making.front(), strip)
                .figure("quarters", length.times(1, 4), edge.length().total().times(1, 4), strip.name())
                .trap()
                .loose()
                .times(Effort.LAY, 3)
                .shows(onFront.pinned(making.seamed(making.front())))
                .add();
        making.at(Place.MACHINE, caught ? "ruffle-baste" : "ruffle-apply", making.front(), strip)
                .along(caught ? Effort.BASTE : Effort.SEW, edge.length().total())
                .set(caught ? Stitch.BASTE : Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(onFront.seamed(Role.SEW, making.seamed(making.front())))
                .add();
    }

    @Override
    public List<Phrase> about(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(
                Phrase.of("about.ruffle", length(edge).total(), cutDepth(sizes).total()),
                Phrase.of(
                        "about.quarters",
                        length(edge).total().times(1, 4),
                        edge.length().total().times(1, 4)));
    }

    @Override
    public List<Figure> figures(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(
                Figure.of("strip", cutDepth(sizes)),
                Figure.of("stripLength", length(edge)),
                Figure.of("strips", pieces(edge, sizes).get(0).quantity()));
    }

    @Override
    public Length standsOut(Unit unit) {
        return get(DEPTH);
    }

    @Override
    public List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        List<Concern<Edging>> found = new ArrayList<>();
        if (isCaught()) {
            found.addAll(EdgeConcerns.ofAnything(edge, sizes, "ruffle"));
        }
        if (isPiped()) {
            found.add(Concern.<Edging>of("layers", Weight.WORTH_KNOWING, "layers", Phrase.of("trim.ruffle"))
                    .orNote());
        }
        return found;
    }

    @Override
    public Phrase brief() {
        return Phrase.of(isPiped() ? "brief.edging.ruffle-piped" : "brief.edging.ruffle", get(DEPTH));
    }
}
