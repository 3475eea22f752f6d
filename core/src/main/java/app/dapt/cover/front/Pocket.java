package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
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
import app.dapt.workpiece.Move;
import app.dapt.workpiece.Table;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;

/**
 * A pocket for a book, as wide as the front, sewn in at its sides and bottom.
 */
public record Pocket(Details decided) implements Extra {

    /** How it is made: lined with its own cloth, or with another that comes over the top as a band. */
    public enum Make {
        SELF_LINED,
        CONTRAST_BAND
    }

    /** A pocket deeper than this share of the front gapes. */
    private static final double DEEPEST = 0.6;

    private static final Question<Boolean> THERE = Question.tick("pocket");
    private static final Question<Make> MAKE =
            Question.oneOf("pocketMake", Make.SELF_LINED, "pocket-make").where(THERE);
    /** How deep it is, finished. */
    private static final Question<Length> DEEP = Question.length(
                    "pocketDeep", LengthRange.SIDE, Length.cm(22), Length.inches(9))
            .where(THERE);
    /** Of the seam between the two, along its top. */
    private static final Question<Length> SEAM =
            Question.length("pocketSeam", LengthRange.ALLOWANCE, Seam::usual).where(THERE);
    /** How much of its lining shows as a band along its top. */
    private static final Question<Length> BAND = Question.length(
                    "pocketBand", LengthRange.POCKET_BAND, Length.cm(4), Length.inches(1, 1, 2))
            .where(all -> all.get(THERE) && all.get(MAKE) == Make.CONTRAST_BAND);

    static final List<Question<?>> ASKED = List.of(THERE, MAKE, DEEP, SEAM, BAND);

    @Override
    public boolean there() {
        return get(THERE);
    }

    private boolean isBanded() {
        return get(MAKE) == Make.CONTRAST_BAND;
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.POCKET;
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        Length width = sizes.finished(Axis.ACROSS);
        Length height = sizes.finished(Axis.UP_DOWN);
        Length top = height.minus(Length.min(height, get(DEEP)));
        Length shade = Length.min(width, height).times(1, 60);
        List<Element> elements = new ArrayList<>(List.of(
                new Shade(new Box(Length.ZERO, top.minus(shade), width, shade)),
                stuff(Material.FRONT, top, width, height.minus(top))));
        if (isBanded()) {
            elements.add(stuff(Material.TRIM, top, width, get(BAND)));
            elements.add(new Line(Role.TOPSTITCH, Length.ZERO, top.plus(get(BAND)), width, top.plus(get(BAND))));
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
        return new Pocket(decided.less(DEEP, upDown));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.pocket");
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return List.of(Marking.line(Sort.POCKET, Axis.ACROSS, Extra.above(get(DEEP), made, sizes)));
    }

    /**
     * Two equal pieces, their seam along the top; or a lining twice the band taller, which comes over the top as a
     * band.
     */
    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(sizes.allowance()));
        edges.put(Side.TOP, new Edge(Edge.Fate.LINED, List.of(get(SEAM))));
        Sum width = back.cutAcrossFront(Axis.ACROSS, sizes);
        Length below = back.outside(Side.BOTTOM, sizes);
        if (!isBanded()) {
            return List.of(sizes.panel("pocket", Material.FRONT, width, depth(below), edges)
                    .times(2));
        }
        Sum.Term less = Sum.term("term.less-pocket-band", get(BAND).negated());
        Sum.Term more = Sum.term("term.pocket-band", get(BAND));
        return List.of(
                sizes.panel("pocket", Material.FRONT, width, depth(below, less), edges),
                sizes.panel("pocket-lining", Material.TRIM, width, depth(below, more), edges));
    }

    @Override
    public void make(Making making) {
        Length seam = get(SEAM);
        Length deep = get(DEEP);
        List<Piece> both = pieces(making.sizes(), making.back());
        Piece pocket = both.get(0);
        Piece lining = both.get(both.size() - 1);
        String behind = isBanded() ? lining.id() : Table.named(pocket.id(), 2);
        Length wide = pocket.cutWidth();
        making.work()
                .at(Place.MACHINE, "pocket-top", both)
                .saying(seam)
                .along(Effort.SEW, wide)
                .set(Stitch.SEAM, Foot.PLAIN)
                .takesBoth(pocket, lining, Side.TOP)
                .moves(new Move.Flip(behind, true), new Move.PutOn(behind, pocket.id(), Side.TOP))
                .shows(Pile.of(making.work().lying(pocket, true))
                        .on(making.work().lying(lining, false))
                        .along(Role.SEW, Side.TOP, seam))
                .add();
        making.work()
                .at(Place.IRON, isBanded() ? "pocket-press-band" : "pocket-press", both)
                .saying(get(BAND))
                .along(Effort.PRESS_HEM, wide)
                .moves(made(pocket, lining))
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
                .moves(
                        making.isOnePiece()
                                ? new Move[0]
                                : new Move[] {
                                    new Move.PutOn(pocket.id(), making.front().id(), Side.BOTTOM)
                                })
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(Pile.of(front)
                        .on(on.at(
                                Length.ZERO, front.box().height().minus(on.box().height())))
                        .pinned(EnumSet.complementOf(EnumSet.of(Side.TOP))))
                .add();
    }

    /** Turned, its lining behind it; or, its lining longer, that brought over the top as a band. */
    private Move[] made(Piece pocket, Piece lining) {
        return isBanded()
                ? new Move[] {
                    new Move.Open(pocket.id(), Side.TOP, get(SEAM)),
                    new Move.TurnUnder(
                            pocket.id(),
                            Side.TOP,
                            lining.cutHeight().minus(get(SEAM)).minus(get(BAND)))
                }
                : new Move[] {new Move.Line(pocket.id(), Side.TOP, get(SEAM))};
    }

    private Sum depth(Length below, Sum.Term... band) {
        Length seam = get(SEAM);
        Sum sum = Sum.of(Sum.term("term.pocket-deep", get(DEEP)));
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
        Length deep = get(DEEP);
        Length height = sizes.finished(Axis.UP_DOWN);
        if (deep.over(height) > DEEPEST) {
            Length fitting = sizes.mark().nearest(height.times(57, 100));
            found.add(Concern.<Extra>of("pocket-deep", Weight.BETTER_NOT, "pocket-deep", deep, height)
                    .orTry(() -> with(DEEP, fitting), "pocket", fitting)
                    .orNote());
        }
        if (!sizes.shape().isRectangular()) {
            found.add(Concern.<Extra>of("pocket-curve", Weight.WORTH_KNOWING, "pocket-curve")
                    .orTry(() -> with(THERE, false), "leave-off")
                    .orNote());
        }
        return found;
    }
}
