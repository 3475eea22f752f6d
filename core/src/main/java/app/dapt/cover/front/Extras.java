package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.Strips;
import app.dapt.cover.decision.Weight;
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
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * What is added to the front besides its cloth.
 *
 * @param pocket      a pocket across the lower part, for a book
 * @param handle      a strap caught in the top seam
 * @param label       a label in the side seam
 * @param decoration  applied decoration that has to stay clear of the seams
 * @param rows        ruffles, lace or ribbon from edge to edge
 * @param motif       whether a motif of the print is set in the middle
 * @param interfacing which pieces are interfaced
 * @param wadding     which pieces are wadded
 * @param lining      which pieces are lined through
 */
public record Extras(
        Pocket pocket,
        Handle handle,
        Label label,
        Decoration decoration,
        Rows rows,
        boolean motif,
        Layered interfacing,
        Layered wadding,
        Layered lining)
        implements Detailed {

    /** Which pieces have another layer behind them. */
    public enum Layered {
        NONE,
        FRONT,
        BACK,
        BOTH;

        boolean front() {
            return this == FRONT || this == BOTH;
        }

        boolean back() {
            return this == BACK || this == BOTH;
        }
    }

    /** How a pocket is made. */
    public enum PocketMake {
        SELF_LINED,
        CONTRAST_BAND
    }

    /**
     * A pocket as wide as the front, sewn in at its sides and bottom.
     *
     * @param there whether there is one
     * @param deep  how deep it is, finished
     * @param band  how much of its lining shows as a band along its top
     * @param seam  allowance of the seam between the two, along its top
     */
    public record Pocket(boolean there, PocketMake make, Length deep, Length band, Length seam) {}

    /**
     * A strap folded to the middle twice.
     *
     * @param wide finished
     * @param reach from end to end, beyond the seam
     * @param from how far from each side its ends are caught
     */
    public record Handle(boolean there, Length wide, Length reach, Length from) {}

    /**
     * A folded label.
     *
     * @param from how far above the lower corner it is caught
     */
    public record Label(boolean there, Length from) {}

    /**
     * Something applied to the front.
     *
     * @param clear how far it keeps from the seams
     */
    public record Decoration(boolean there, Length clear) {}

    /** What is sewn across the front in rows. */
    public enum RowsOf {
        NONE,
        RUFFLE,
        LACE,
        RIBBON
    }

    /**
     * Rows across the front from edge to edge, caught in both side seams.
     *
     * @param count  how many
     * @param lowest how far above the finished lower edge the lowest is sewn on
     * @param apart  from one to the next
     * @param deep   how deep a ruffle is, finished
     */
    public record Rows(RowsOf of, int count, Length lowest, Length apart, Length deep) {

        public boolean there() {
            return of != RowsOf.NONE;
        }

        /** How far above the finished lower edge each is, the lowest first. */
        public List<Length> heights() {
            return IntStream.range(0, count)
                    .mapToObj(i -> lowest.plus(apart.times(i)))
                    .toList();
        }
    }

    /** How often a ruffle's length goes into what it is gathered on. */
    private static final int GATHERED = 2;
    /** A pocket deeper than this share of the front gapes. */
    private static final double DEEPEST_POCKET = 0.6;

    private static final Length FROM_CORNER = Length.inches(1);

    public static Extras none(Unit unit) {
        return new Extras(
                new Pocket(
                        false,
                        PocketMake.SELF_LINED,
                        unit.pick(Length.cm(22), Length.inches(9)),
                        unit.pick(Length.cm(4), Length.inches(1, 1, 2)),
                        Seam.usual(unit)),
                new Handle(
                        false,
                        unit.pick(Length.mm(25), Length.inches(1)),
                        unit.pick(Length.cm(28), Length.inches(11)),
                        unit.pick(Length.cm(15), Length.inches(6))),
                new Label(false, unit.pick(Length.cm(5), Length.inches(2))),
                new Decoration(false, unit.pick(Length.cm(4), Length.inches(1, 1, 2))),
                new Rows(
                        RowsOf.NONE,
                        3,
                        unit.pick(Length.cm(10), Length.inches(4)),
                        unit.pick(Length.cm(8), Length.inches(3)),
                        unit.pick(Length.cm(5), Length.inches(2))),
                false,
                Layered.NONE,
                Layered.NONE,
                Layered.NONE);
    }

    static Extras from(Details d) {
        return new Extras(
                new Pocket(
                        d.tick("pocket"),
                        d.oneOf("pocketMake", PocketMake.class),
                        d.measure("pocketDeep"),
                        d.measure("pocketBand"),
                        d.measure("pocketSeam")),
                new Handle(d.tick("handle"), d.measure("handleWide"), d.measure("handleLong"), d.measure("handleFrom")),
                new Label(d.tick("label"), d.measure("labelFrom")),
                new Decoration(d.tick("decoration"), d.measure("decorationClear")),
                new Rows(
                        d.oneOf("rowsOf", RowsOf.class),
                        d.count("rows"),
                        d.measure("rowsLowest"),
                        d.measure("rowsApart"),
                        d.measure("rowsDeep")),
                d.tick("motif"),
                d.oneOf("interfaced", Layered.class),
                d.oneOf("wadded", Layered.class),
                d.oneOf("linedThrough", Layered.class));
    }

    @Override
    public ExtrasKind kind() {
        return ExtrasKind.EXTRAS;
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(
                Detail.tick("pocket", pocket.there(), true),
                new Detail.OneOf<>(
                        "pocketMake",
                        Phrase.of("detail.pocketMake"),
                        pocket.make(),
                        "pocket-make",
                        false,
                        pocket.there()),
                Detail.measure("pocketDeep", LengthRange.SIDE, pocket.deep(), pocket.there()),
                Detail.measure("pocketSeam", LengthRange.ALLOWANCE, pocket.seam(), pocket.there()),
                Detail.measure(
                        "pocketBand",
                        LengthRange.POCKET_BAND,
                        pocket.band(),
                        pocket.there() && pocket.make() == PocketMake.CONTRAST_BAND),
                Detail.tick("handle", handle.there(), true),
                Detail.measure("handleWide", LengthRange.BUTTON, handle.wide(), handle.there()),
                Detail.measure("handleLong", LengthRange.BAND, handle.reach(), handle.there()),
                Detail.measure("handleFrom", LengthRange.CENTRE, handle.from(), handle.there()),
                Detail.tick("label", label.there(), true),
                Detail.measure("labelFrom", LengthRange.CENTRE, label.from(), label.there()),
                Detail.tick("decoration", decoration.there(), true),
                Detail.measure("decorationClear", LengthRange.TURN, decoration.clear(), decoration.there()),
                Detail.oneOf("rowsOf", rows.of(), "rows-of"),
                Detail.count("rows", 1, 12, rows.count(), rows.there()),
                Detail.measure("rowsLowest", LengthRange.CENTRE, rows.lowest(), rows.there()),
                Detail.measure("rowsApart", LengthRange.CENTRE, rows.apart(), rows.there() && rows.count() > 1),
                Detail.measure("rowsDeep", LengthRange.HANGS, rows.deep(), rows.of() == RowsOf.RUFFLE),
                Detail.tick("motif", motif, true),
                Detail.oneOf("interfaced", interfacing, "layered"),
                Detail.oneOf("wadded", wadding, "layered"),
                Detail.oneOf("linedThrough", lining, "layered"));
    }

    /** What is sewn into the seams of this front or on it, where it lies there. */
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        Piece front = made.piece();
        List<Marking> marks = new ArrayList<>();
        if (handle.there()) {
            marks.add(Marking.spot(Sort.STRAP, sizes.allowance().plus(handle.from()), Length.ZERO));
            marks.add(Marking.spot(
                    Sort.STRAP, front.cutWidth().minus(sizes.allowance()).minus(handle.from()), Length.ZERO));
        }
        if (label.there()) {
            marks.add(Marking.spot(Sort.LABEL, front.cutWidth(), above(label.from(), front, sizes)));
        }
        if (pocket.there()) {
            marks.add(Marking.line(Sort.POCKET, Axis.ACROSS, above(pocket.deep(), front, sizes)));
        }
        if (rows.there()) {
            rows.heights().stream()
                    .filter(height -> !sizes.finished(Axis.UP_DOWN).under(height))
                    .forEach(height -> marks.add(Marking.line(Sort.ROW, Axis.ACROSS, above(height, front, sizes))));
        }
        if (motif) {
            marks.add(Marking.spot(Sort.MOTIF, made.middle(), front.cutHeight().half()));
        }
        return marks;
    }

    /** So far above the finished lower edge, counted from the cut edge at the top. */
    private static Length above(Length height, Piece front, CoverDimensions sizes) {
        return front.cutHeight().minus(sizes.allowance()).minus(height);
    }

    /** What is cut for them. */
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        List<Piece> pieces = new ArrayList<>();
        if (pocket.there()) {
            pieces.addAll(pocketPieces(sizes));
        }
        if (handle.there()) {
            Sum length = Sum.of(
                    Sum.term("term.handle-long", handle.reach()),
                    Sum.term("term.both-allowances", sizes.allowance().times(2)));
            pieces.add(sizes.panel(
                    "handle",
                    Material.FRONT,
                    length,
                    Sum.of(Sum.term("term.four-times", handle.wide().times(4))),
                    Piece.foldedAlong(sizes.allowance())));
        }
        if (rows.of() == RowsOf.RUFFLE) {
            pieces.addAll(ruffles(sizes));
        }
        layered(lining, back)
                .forEach(piece -> pieces.add(new Piece(
                        "under-" + piece.id(),
                        Phrase.of("piece.under", piece.name()),
                        Material.LINING,
                        piece.quantity(),
                        piece.width(),
                        piece.height(),
                        piece.edges(),
                        false,
                        List.of(),
                        piece.outline())));
        return pieces;
    }

    /**
     * Twice the finished width and an allowance at both sides, in as many strips as that takes; deep with a narrow hem
     * on both edges.
     */
    private List<Piece> ruffles(CoverDimensions sizes) {
        Sum length = rowLength(sizes)
                .plus(Sum.term("term.gathered", sizes.finished(Axis.ACROSS).times(GATHERED - 1L)));
        Length hem = sizes.ownUnit().pick(Length.cm(1), Length.inches(0, 1, 2));
        Sum depth = Sum.of(Sum.term("term.ruffle-depth", rows.deep()), Sum.term("term.ruffle-hems", hem.times(2)));
        return Strips.across(
                        "row",
                        Material.FRONT,
                        length,
                        depth,
                        sizes.cloths().front().usableWidth(),
                        sizes.allowance().times(2),
                        sizes)
                .stream()
                .map(strip -> strip.times(strip.quantity() * rows.count()))
                .toList();
    }

    /** From edge to edge, caught in both side seams. */
    private static Sum rowLength(CoverDimensions sizes) {
        return Sum.of(
                Sum.term("term.finished-width", sizes.finished(Axis.ACROSS)),
                Sum.term("term.both-allowances", sizes.allowance().times(2)));
    }

    /**
     * Two equal pieces, their seam along the top; or a lining twice the band taller, which comes over the top as a
     * band.
     */
    private List<Piece> pocketPieces(CoverDimensions sizes) {
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(sizes.allowance()));
        edges.put(Side.TOP, new Edge(Edge.Fate.LINED, List.of(pocket.seam())));
        boolean same = pocket.seam().equals(sizes.allowance());
        List<Sum.Term> seams = same
                ? List.of(Sum.term("term.both-allowances", sizes.allowance().times(2)))
                : List.of(Sum.term("term.pocket-seam", pocket.seam()), Sum.term("term.allowance", sizes.allowance()));
        Sum deep = Sum.of(Sum.term("term.pocket-deep", pocket.deep()));
        Sum width = sizes.cut(Axis.ACROSS);
        if (pocket.make() == PocketMake.SELF_LINED) {
            return List.of(sizes.panel("pocket", Material.FRONT, width, plus(deep, seams), edges)
                    .times(2));
        }
        return List.of(
                sizes.panel(
                        "pocket",
                        Material.FRONT,
                        width,
                        plus(
                                deep.plus(Sum.term(
                                        "term.less-pocket-band", pocket.band().negated())),
                                seams),
                        edges),
                sizes.panel(
                        "pocket-lining",
                        Material.TRIM,
                        width,
                        plus(deep.plus(Sum.term("term.pocket-band", pocket.band())), seams),
                        edges));
    }

    private static Sum plus(Sum sum, List<Sum.Term> terms) {
        Sum all = sum;
        for (Sum.Term term : terms) {
            all = all.plus(term);
        }
        return all;
    }

    /** The panels that have a layer behind them, the front first; small pieces and linings have none. */
    private static List<Piece> layered(Layered which, Back back) {
        List<Piece> pieces = new ArrayList<>();
        Piece front = back.pieces().get(0);
        if (which.front()) {
            pieces.add(front);
        }
        if (which.back()) {
            back.pieces().stream()
                    .skip(1)
                    .filter(piece -> piece.id().startsWith("back"))
                    .forEach(pieces::add);
        }
        return pieces;
    }

    /** Interfacing and wadding are cut without what the edges eat, so that no seam is made thicker. */
    public List<Need> needs(CoverDimensions sizes, Back back) {
        List<Need> needs = new ArrayList<>();
        Length across = sizes.finished(Axis.ACROSS);
        Length upDown = sizes.finished(Axis.UP_DOWN);
        layered(interfacing, back).forEach(piece -> needs.add(behind("need.interfacing-of", piece)));
        layered(wadding, back).forEach(piece -> needs.add(behind("need.wadding-of", piece)));
        if (rows.of() == RowsOf.LACE || rows.of() == RowsOf.RIBBON) {
            Sum one = rowLength(sizes);
            Sum all = Sum.of(Sum.term("term.rows", one.total().times(rows.count()), rows.count(), one.total()));
            needs.add(Need.length(Phrase.of("need.rows." + Phrase.code(rows.of())), all, sizes.unit()));
        }
        if (label.there()) {
            needs.add(Need.of(Phrase.of("need.label"), Phrase.of("need.one")));
        }
        if (decoration.there()) {
            needs.add(Need.of(
                    Phrase.of("need.decoration"),
                    Phrase.of(
                            "need.within",
                            across.minus(decoration.clear().times(2)),
                            upDown.minus(decoration.clear().times(2)),
                            decoration.clear())));
        }
        return needs;
    }

    private static Need behind(String code, Piece piece) {
        return Need.of(
                Phrase.of(code, piece.name()),
                Phrase.of("need.one-piece", piece.finished(Axis.ACROSS), piece.finished(Axis.UP_DOWN)));
    }

    public List<FindingCandidate<Extras>> concerns(CoverDimensions sizes) {
        List<FindingCandidate<Extras>> found = new ArrayList<>();
        Length height = sizes.finished(Axis.UP_DOWN);
        Length width = sizes.finished(Axis.ACROSS);
        if (pocket.there() && pocket.deep().over(height) > DEEPEST_POCKET) {
            Length fitting = sizes.mark().nearest(height.times(57, 100));
            found.add(
                    FindingCandidate.<Extras>of("pocket-deep", Weight.BETTER_NOT, "pocket-deep", pocket.deep(), height)
                            .orTry(from(decided().with("pocketDeep", fitting)), "pocket", fitting)
                            .orNote());
        }
        if (pocket.there() && !sizes.shape().isRectangular()) {
            found.add(FindingCandidate.<Extras>of("pocket-curve", Weight.WORTH_KNOWING, "pocket-curve")
                    .orTry(from(decided().with("pocket", false)), "leave-off")
                    .orNote());
        }
        if (handle.there() && !handle.from().times(2).under(width)) {
            found.add(FindingCandidate.<Extras>of(
                            "handle-crosses", Weight.WILL_NOT_WORK, "handle-crosses", handle.from(), width)
                    .orTry(from(decided().with("handleFrom", width.times(1, 4))), "handle", width.times(1, 4)));
        }
        if (rows.there()
                && (height.under(rows.heights().get(rows.count() - 1))
                        || !rows.lowest().isPositive())) {
            Length fitting = height.times(1, rows.count() + 1);
            found.add(FindingCandidate.<Extras>of(
                            "rows-past",
                            Weight.WILL_NOT_WORK,
                            "rows-past",
                            rows.heights().get(rows.count() - 1),
                            height)
                    .orTry(from(decided().with("rowsLowest", fitting).with("rowsApart", fitting)), "rows", fitting));
        }
        if (label.there()
                && (label.from().under(FROM_CORNER) || height.minus(FROM_CORNER).under(label.from()))) {
            found.add(FindingCandidate.<Extras>of(
                            "label-corner", Weight.BETTER_NOT, "label-corner", label.from(), FROM_CORNER)
                    .orTry(
                            from(decided()
                                    .with(
                                            "labelFrom",
                                            Length.max(FROM_CORNER, Length.min(height.half(), FROM_CORNER.times(2))))),
                            "label")
                    .orNote());
        }
        if (motif && !sizes.cloths().front().print().hasUp()) {
            found.add(FindingCandidate.<Extras>of(
                            "motif-none",
                            Weight.WORTH_KNOWING,
                            "motif-none",
                            sizes.cloths().front().name())
                    .orTry(from(decided().with("motif", false)), "leave-off"));
        }
        if (decoration.there() && !decoration.clear().times(2).under(Length.min(width, height))) {
            found.add(FindingCandidate.<Extras>of(
                            "decoration-none", Weight.WILL_NOT_WORK, "decoration-none", decoration.clear())
                    .orTry(
                            from(decided()
                                    .with(
                                            "decorationClear",
                                            Length.min(width, height).times(1, 10))),
                            "clear",
                            Length.min(width, height).times(1, 10)));
        }
        return found;
    }

    /** How the brief puts them, one after another. */
    public List<Phrase> brief() {
        List<Phrase> said = new ArrayList<>();
        if (pocket.there()) {
            said.add(Phrase.of("brief.extra.pocket"));
        }
        if (handle.there()) {
            said.add(Phrase.of("brief.extra.handle"));
        }
        if (label.there()) {
            said.add(Phrase.of("brief.extra.label"));
        }
        if (decoration.there()) {
            said.add(Phrase.of("brief.extra.decoration"));
        }
        if (rows.there()) {
            said.add(Phrase.of("brief.extra.rows." + Phrase.code(rows.of()), rows.count()));
        }
        if (motif) {
            said.add(Phrase.of("brief.extra.motif"));
        }
        if (interfacing != Layered.NONE || wadding != Layered.NONE || lining != Layered.NONE) {
            said.add(Phrase.of("brief.extra.layers"));
        }
        return said;
    }
}
