package app.dapt.cover.parts;

import app.dapt.cover.decision.Cloths;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.filling.Casing;
import app.dapt.filling.Fullness;
import app.dapt.fit.Fit;
import app.dapt.form.FormSize;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The sizes of a cover once settled, from which every piece of it is reckoned.
 *
 * @param basis    what they follow from
 * @param mark     what this reader's cut sizes are rounded up to
 * @param across   finished size across
 * @param upDown   finished size up and down
 * @param fullness how full the form will make the cover; an estimate
 * @param outline  of the finished cover, where it is no plain rectangle
 * @param grown    the same with the seam allowance round it
 */
public record CoverDimensions(
        SizeBasis basis,
        Mark mark,
        FormSize form,
        Sum across,
        Sum upDown,
        Fullness fullness,
        Optional<Contour> outline,
        Optional<Contour> grown) {

    /** What the straight lines of an outline may be off its curves. */
    private static final Length HAIR = new Length(Length.PER_MM / 5);

    /** Settles the sizes. */
    public static CoverDimensions of(SizeBasis basis, Mark mark) {
        CoverShape shape = basis.shape();
        FormSize form = FormSize.of(basis.form(), shape.shaping(basis.form()));
        Sum measured = finished(Axis.ACROSS, basis, form);
        Sum upDown = shape.isSameBothWays() && !shape.isRectangular() ? measured : finished(Axis.UP_DOWN, basis, form);
        Sum across = shape.acrossFrom(
                        upDown.total(), upDown.total().minus(form.upDown().flat()))
                .orElse(measured);
        // A flange, or what a row on the outside shuts in, lies flat beyond what the form fills.
        Length flanges = flat(basis).times(2);
        Fullness full =
                Fullness.of(form.casing(), form.fill(), shape.casing(filled(across, flanges), filled(upDown, flanges)));
        Axis by = shape.easeBy();
        Length ease =
                (by == Axis.ACROSS ? across : upDown).total().minus(flanges).minus(form.flat(by));
        Optional<Contour> outline = shape.outline(across.total(), upDown.total(), ease, full.ratio());
        Fullness tapered = outline.filter(taken -> shape.isRectangular())
                .map(taken -> full.inSmaller(
                        taken.area() / (across.total().toMm() * upDown.total().toMm())))
                .orElse(full);
        Length allowance = basis.seam().allowance(basis.unit());
        return new CoverDimensions(
                basis, mark, form, across, upDown, tapered, outline, outline.map(lines -> lines.grown(allowance)));
    }

    /** The sizes that follow from something that may have more or less in common with what these follow from. */
    public CoverDimensions of(SizeBasis other) {
        return basis.isLike(other)
                ? new CoverDimensions(other, mark, form, across, upDown, fullness, outline, grown)
                : of(other, mark);
    }

    private static Sum finished(Axis axis, SizeBasis basis, FormSize form) {
        Sum fitted = basis.fit().finished(axis, basis.form(), form, basis.seam().planned(basis.unit()));
        Length ease = axis == basis.opens() ? basis.ease() : Length.ZERO;
        Sum eased = ease.isZero() ? fitted : fitted.plus(Sum.term("term.opening-ease", ease));
        Sum altered = altered(eased, basis.seam().altered().smaller(axis));
        return basis.flange().isZero()
                ? altered
                : altered.plus(Sum.term("term.flange", basis.flange().times(2)));
    }

    /** As a try-on has changed it; not below the smallest cover there is. */
    private static Sum altered(Sum planned, Length smaller) {
        if (smaller.isZero()) {
            return planned;
        }
        Sum altered =
                planned.plus(Sum.term(smaller.isPositive() ? "term.taken-in" : "term.let-out", smaller.negated()));
        Length missing = Fit.SMALLEST.minus(altered.total());
        return missing.isPositive() ? altered.plus(Sum.term("term.at-least", missing, Fit.SMALLEST)) : altered;
    }

    private static Length filled(Sum finished, Length flanges) {
        return Length.max(Fit.SMALLEST, finished.total().minus(flanges));
    }

    /** Whether its size in one direction comes from the form; else it follows from the size in the other direction. */
    public boolean isMeasured(Axis axis) {
        return axis == Axis.UP_DOWN
                || shape().acrossFrom(upDown.total(), ease()).isEmpty();
    }

    /** The finished outline, whether it is a plain rectangle or not. */
    public Contour contour() {
        return outline.orElseGet(() -> Contour.rectangle(
                0, 0, finished(Axis.ACROSS).toMm(), finished(Axis.UP_DOWN).toMm()));
    }

    public Length finished(Axis axis) {
        return (axis == Axis.ACROSS ? across : upDown).total();
    }

    /** What lies flat at each edge, so that no form comes into it. */
    private static Length flat(SizeBasis basis) {
        return basis.flange().plus(basis.seam().stitchedIn(basis.unit()));
    }

    /** The finished size of what the form fills, without the flange round it; negative where that leaves nothing. */
    public Length withinFlange(Axis axis) {
        return finished(axis).minus(flat(basis).times(2));
    }

    /** How many times as long as its form what it fills is in one direction. */
    public double room(Axis axis) {
        return withinFlange(axis).over(form.flat(axis));
    }

    /** Whether form and cover differ in their proportions by more than a form gives. */
    public boolean isUneven() {
        double across = room(Axis.ACROSS);
        double upDown = room(Axis.UP_DOWN);
        return Math.min(across, upDown) > 0 && Math.max(across / upDown, upDown / across) >= Casing.OTHER_PROPORTIONS;
    }

    /** What the cover has beyond its form in one direction, negative for plumper. */
    public Length ease(Axis axis) {
        return withinFlange(axis).minus(form.flat(axis));
    }

    /** The same in the direction that its shape is measured in. */
    public Length ease() {
        return ease(shape().easeBy());
    }

    /** How much of the edge an opening in the seam round the cover may take. */
    public Length edgeToOpen(Axis runs) {
        return shape().edgeToOpen(runs, finished(Axis.ACROSS), finished(Axis.UP_DOWN), ease());
    }

    /** The middle of that edge, millimetres from the top left corner. */
    public Point edgeMiddle(Axis runs) {
        return shape().edgeMiddle(runs, finished(Axis.ACROSS), finished(Axis.UP_DOWN), ease());
    }

    public CoverShape shape() {
        return basis.shape();
    }

    /** The direction the opening runs in. */
    public Axis opens() {
        return basis.opens();
    }

    public Cloths cloths() {
        return basis.cloths();
    }

    /** What each edge gives up to the seam round the cover as sewn, in the cover's own unit whatever the reader's. */
    public Length allowance() {
        return basis.seam().allowance(basis.unit());
    }

    /** How much deeper a try-on has had the seams sewn than they were cut for; negative where they were let out. */
    private Length deeper() {
        return basis.seam().altered().deeper();
    }

    /**
     * The finished size in one direction that was cut for, between two seams: by that goes what is cut, marked and
     * bought, which no try-on changes.
     */
    public Length cutFor(Axis axis) {
        return finished(axis).plus(deeper().times(2));
    }

    /** Where a place on the finished cover lies now that was so far from an edge when it was cut. */
    public Length sinceCut(Length fromEdge) {
        return fromEdge.minus(deeper());
    }

    /** What keeps raw edges from fraying. */
    public SeamFinish finish() {
        return basis.seam().finish();
    }

    /**
     * What each edge gives up to a seam within a piece, which a try-on does not change: of a lining, of strips that are
     * joined.
     */
    public Length innerAllowance() {
        return basis.seam().planned(basis.unit());
    }

    /** The plain cut size in one direction: finished, an allowance at both edges, and what the shape takes up. */
    public Sum cut(Axis axis) {
        Sum cut = Sum.of(
                Sum.term(axis == Axis.ACROSS ? "term.finished-width" : "term.finished-height", finished(axis)),
                Sum.term("term.both-allowances", allowance().times(2)));
        for (Sum.Term term : shape().takeUp(axis)) {
            cut = cut.plus(term);
        }
        return cut;
    }

    /** A piece as large as the cover, sewn all round. */
    public Piece plainFront() {
        return whole("front", Material.FRONT).as(PieceRole.Whole.FRONT);
    }

    /** The back in one piece, seamed all round. */
    public Piece wholeBack() {
        return whole("back", Material.BACK);
    }

    private Piece whole(String id, Material material) {
        Edge seam = Edge.seam(allowance());
        return part(id, material, Axis.ACROSS, Length.ZERO, finished(Axis.UP_DOWN), cut(Axis.UP_DOWN), seam, seam);
    }

    /**
     * A part of the back between two lines across its depth.
     *
     * @param runs   the direction those lines run in
     * @param from   where it begins once finished, from the top (left) edge
     * @param to     where it ends once finished
     * @param deep   how deep to cut it
     * @param before what becomes of the edge where it begins
     * @param after  what becomes of the edge where it ends
     */
    public Piece part(
            String id, Material material, Axis runs, Length from, Length to, Sum deep, Edge before, Edge after) {
        boolean stacked = runs == Axis.ACROSS;
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(allowance()));
        edges.put(before(runs), before);
        edges.put(before(runs).opposite(), after);
        Sum width = stacked ? cut(runs) : deep;
        Sum height = stacked ? deep : cut(runs);
        PieceRole role = material == Material.BACK ? PieceRole.Whole.BACK : PieceRole.Whole.OTHER;
        Optional<Outline.Part> lines = outline.map(cover -> new Outline.Part(
                        cover, grown.orElseThrow(), runs.other(), from, to, before.allowance(), after.allowance()))
                .filter(part -> !part.isNothing());
        if (lines.isEmpty() || shape().isRectangular()) {
            return panel(id, material, width, height, edges).as(role).outlined(lines.map(Outline.class::cast));
        }
        return panel(
                        id,
                        material,
                        drawn(width, lines.get().cutLength(Axis.ACROSS)),
                        drawn(height, lines.get().cutLength(Axis.UP_DOWN)),
                        edges)
                .as(role)
                .outlined(lines.map(Outline.class::cast));
    }

    /** The side at which a part begins, its lines running this way. */
    public static Side before(Axis runs) {
        return runs == Axis.ACROSS ? Side.TOP : Side.LEFT;
    }

    /**
     * What was reckoned, where the outline bears it out; a part of a curve, or a slanting corner, is as wide as drawn.
     */
    private static Sum drawn(Sum reckoned, double millimetres) {
        Length there = Length.nearMm(millimetres);
        Length beyond = there.minus(reckoned.total());
        return beyond.under(HAIR) && Length.mm(-1).under(beyond)
                ? reckoned
                : Sum.of(Sum.term("term.widest-there", there));
    }

    /** A piece, its sizes rounded up to the reader's marks. */
    public Piece panel(String id, Material material, Sum width, Sum height, Map<Side, Edge> edges) {
        return Piece.rectangle(id, material, width.roundedUpTo(mark), height.roundedUpTo(mark), edges);
    }

    /** The unit the reader thinks in. */
    public Unit unit() {
        return mark.unit();
    }

    /** The unit the cover was planned in. */
    public Unit ownUnit() {
        return basis.unit();
    }
}
