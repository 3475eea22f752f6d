package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.Weight;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Stuff;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;

/**
 * A pocket for a book, as wide as the front, sewn in at its sides and bottom.
 *
 * @param deep how deep it is, finished
 * @param band how much of its lining shows as a band along its top
 * @param seam allowance of the seam between the two, along its top
 */
public record Pocket(boolean there, Make make, Length deep, Length band, Length seam) implements Extra {

    /** How it is made: lined with its own cloth, or with another that comes over the top as a band. */
    public enum Make {
        SELF_LINED,
        CONTRAST_BAND
    }

    /** A pocket deeper than this share of the front gapes. */
    private static final double DEEPEST = 0.6;

    static Pocket none(Unit unit) {
        return new Pocket(
                false,
                Make.SELF_LINED,
                unit.pick(Length.cm(22), Length.inches(9)),
                unit.pick(Length.cm(4), Length.inches(1, 1, 2)),
                Seam.usual(unit));
    }

    static Pocket from(Details details) {
        return new Pocket(
                details.tick("pocket"),
                details.oneOf("pocketMake", Make.class),
                details.measure("pocketDeep"),
                details.measure("pocketBand"),
                details.measure("pocketSeam"));
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.POCKET;
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(
                Detail.tick("pocket", there, true),
                Detail.oneOf("pocketMake", make, "pocket-make", there),
                Detail.measure("pocketDeep", LengthRange.SIDE, deep, there),
                Detail.measure("pocketSeam", LengthRange.ALLOWANCE, seam, there),
                Detail.measure("pocketBand", LengthRange.POCKET_BAND, band, there && make == Make.CONTRAST_BAND));
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        Length width = sizes.finished(Axis.ACROSS);
        Length height = sizes.finished(Axis.UP_DOWN);
        Length top = height.minus(Length.min(height, deep));
        Length shade = Length.min(width, height).times(1, 60);
        List<Element> elements = new ArrayList<>(List.of(
                new Shade(new Box(Length.ZERO, top.minus(shade), width, shade)),
                stuff(Material.FRONT, top, width, height.minus(top))));
        if (make == Make.CONTRAST_BAND) {
            elements.add(stuff(Material.TRIM, top, width, band));
            elements.add(new Line(Role.TOPSTITCH, Length.ZERO, top.plus(band), width, top.plus(band)));
        }
        elements.add(new Line(Role.FINISHED_EDGE, Length.ZERO, top, width, top));
        return elements;
    }

    private static Stuff stuff(Material material, Length top, Length width, Length height) {
        String piece = material == Material.FRONT ? "pocket" : "pocket-lining";
        return new Stuff(new Box(Length.ZERO, top, width, height), material, true, false, piece, Part.NONE);
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        return from(decided().less("pocketDeep", upDown));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.pocket");
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return List.of(Marking.line(Sort.POCKET, Axis.ACROSS, Extra.above(deep, made, sizes)));
    }

    /**
     * Two equal pieces, their seam along the top; or a lining twice the band taller, which comes over the top as a
     * band.
     */
    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(sizes.allowance()));
        edges.put(Side.TOP, new Edge(Edge.Fate.LINED, List.of(seam)));
        Sum width = back.cutAcrossFront(Axis.ACROSS, sizes);
        Length below = back.outside(Side.BOTTOM, sizes);
        if (make == Make.SELF_LINED) {
            return List.of(sizes.panel("pocket", Material.FRONT, width, depth(below), edges)
                    .times(2));
        }
        Sum.Term less = Sum.term("term.less-pocket-band", band.negated());
        Sum.Term more = Sum.term("term.pocket-band", band);
        return List.of(
                sizes.panel("pocket", Material.FRONT, width, depth(below, less), edges),
                sizes.panel("pocket-lining", Material.TRIM, width, depth(below, more), edges));
    }

    @Override
    public void make(Making making) {
        List<Piece> both = pieces(making.sizes(), making.back());
        Piece pocket = both.get(0);
        Piece lining = both.get(both.size() - 1);
        Length wide = pocket.cutWidth();
        making.work()
                .at(Place.MACHINE, "pocket-top", both)
                .saying(seam)
                .along(Effort.SEW, wide)
                .set(Stitch.SEAM, Foot.PLAIN)
                .takesBoth(pocket, lining, Side.TOP)
                .shows(Pile.of(making.work().lying(pocket, true))
                        .on(making.work().lying(lining, false))
                        .along(Role.SEW, Side.TOP, seam))
                .add();
        making.work()
                .at(Place.IRON, make == Make.SELF_LINED ? "pocket-press" : "pocket-press-band", both)
                .saying(band)
                .along(Effort.PRESS_HEM, wide)
                .shows(Pile.of(making.work().lying(pocket, true)))
                .add();
        List<Piece> all = new ArrayList<>(both);
        all.add(making.front());
        Laid front = making.lyingFront(true);
        Laid on = making.work().lying(pocket, true);
        making.work()
                .at(Place.MACHINE, "pocket-baste", all)
                .figures(
                        making.isOnePiece()
                                ? List.of()
                                : List.of(Phrase.of(
                                        "figure.pocket-deep",
                                        making.fromCutEdge(Side.BOTTOM, deep),
                                        Making.finished(deep))))
                .marks(making.front(), Sort.POCKET)
                .trap()
                .along(Effort.BASTE, wide.plus(deep.times(2)))
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(Pile.of(front)
                        .on(on.at(
                                Length.ZERO, front.box().height().minus(on.box().height())))
                        .pinned(EnumSet.complementOf(EnumSet.of(Side.TOP))))
                .add();
    }

    private Sum depth(Length below, Sum.Term... band) {
        Sum sum = Sum.of(Sum.term("term.pocket-deep", deep));
        for (Sum.Term term : band) {
            sum = sum.plus(term);
        }
        if (seam.equals(below)) {
            return sum.plus(Sum.term("term.both-allowances", below.times(2)));
        }
        return sum.plus(Sum.term("term.pocket-seam", seam)).plus(Sum.term("term.allowance", below));
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        List<Concern<Extra>> found = new ArrayList<>();
        Length height = sizes.finished(Axis.UP_DOWN);
        if (deep.over(height) > DEEPEST) {
            Length fitting = sizes.mark().nearest(height.times(57, 100));
            found.add(Concern.<Extra>of("pocket-deep", Weight.BETTER_NOT, "pocket-deep", deep, height)
                    .orTry(() -> from(decided().with("pocketDeep", fitting)), "pocket", fitting)
                    .orNote());
        }
        if (!sizes.shape().isRectangular()) {
            found.add(Concern.<Extra>of("pocket-curve", Weight.WORTH_KNOWING, "pocket-curve")
                    .orTry(() -> from(decided().with("pocket", false)), "leave-off")
                    .orNote());
        }
        return found;
    }
}
