package app.dapt.cover.parts;

import app.dapt.filling.Casing;
import app.dapt.filling.Disc;
import app.dapt.form.Form;
import app.dapt.form.FormSize;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.Optional;

/** What the other decisions ask of the shape of a cover. */
public interface CoverShape {

    /** An arm of a shape that has arms, which can be left open at its end. */
    interface Arm {

        /** Whether it ends square across, so that a flap can be cut on to it. */
        boolean isSquare();

        /** How far apart the two edges of the finished arm are. */
        Length finishedWidth(CoverDimensions sizes);

        /** Which way it points, one long. */
        Point points(CoverDimensions sizes);

        /** The middle of its end, millimetres from the top left of the cover. */
        Point end(CoverDimensions sizes);

        /** The finished outline with this arm longer by so much, or shorter by a negative length; square at its end. */
        Contour lengthened(CoverDimensions sizes, Length by);
    }

    /** What filling does to a casing of this shape and these two sizes. */
    Casing casing(Length across, Length upDown);

    /** How many forms it holds. */
    default int forms() {
        return 1;
    }

    /** Whether a form is round in a cover with corners, which stay empty then. */
    default boolean leavesCorners(Form form) {
        return form.round() && mayHoldRound();
    }

    /** Whether it has room for a round form, though it has corners. */
    default boolean mayHoldRound() {
        return isRectangular() && forms() == 1;
    }

    /** What filling does to the casing of a form: as to a cover of this shape, but for a round one. */
    default FormSize.Shaping shaping(Form form) {
        return leavesCorners(form) ? (across, upDown) -> new Disc(Length.min(across, upDown)) : this::casing;
    }

    /** Whether one size serves both ways. */
    default boolean isSameBothWays() {
        return false;
    }

    /**
     * Its finished size across, where that is not measured but follows from the one up and down.
     *
     * @param ease what the fit adds to the form up and down
     */
    default Optional<Sum> acrossFrom(Length upDown, Length ease) {
        return Optional.empty();
    }

    /** The direction in which it is seen what the fit adds. */
    default Axis easeBy() {
        return Axis.ACROSS;
    }

    /** Whether its edges are straight and meet at right angles, so that strips can be folded round it. */
    default boolean isRectangular() {
        return true;
    }

    /**
     * Its finished outline, where that is not simply a rectangle.
     *
     * @param ease     what the fit adds to the form, negative for plumper
     * @param fullness how full it will be
     */
    default Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        return Optional.empty();
    }

    /**
     * How long its edge is, in millimetres, where it has an outline of its own; of a curve the curve itself, not its
     * chords.
     */
    default double perimeter(Contour outline, Length across) {
        return outline.perimeter();
    }

    /** How many corners its edge turns. */
    default int cornersTurned() {
        return isRectangular() ? 4 : 0;
    }

    /** What its cut sizes take beyond the finished one and the allowances, in one direction. */
    default List<Sum.Term> takeUp(Axis axis) {
        return List.of();
    }

    /**
     * How much of the edge an opening in the seam round the cover may take.
     *
     * @param runs which side it is in: the lower one, or the right one seen from behind
     */
    default Length edgeToOpen(Axis runs, Length across, Length upDown, Length ease) {
        return runs == Axis.ACROSS ? across : upDown;
    }

    /** The middle of that edge, millimetres from the top left corner. */
    default Point edgeMiddle(Axis runs, Length across, Length upDown, Length ease) {
        return runs == Axis.ACROSS
                ? new Point(across.toMm() / 2, upDown.toMm())
                : new Point(across.toMm(), upDown.toMm() / 2);
    }

    /** The arm that can be left open, where it has one. */
    default Optional<Arm> openArm() {
        return Optional.empty();
    }

    /** Whether what is drawn straight edge on really bends, as it is cut along an arm. */
    default boolean isBentEdgeOn() {
        return false;
    }

    /** Why an opening in the seam round it cannot be in that side; nothing where it can. */
    default Optional<Phrase> unfitAtEdge(Axis runs) {
        return Optional.empty();
    }

    /** Why its back cannot be two panels that lap along a line in this direction; nothing where it can. */
    default Optional<Phrase> unfitToLap(Axis runs) {
        return Optional.empty();
    }

    /** Why its back cannot be parted by a zip; nothing where it can. */
    default Optional<Phrase> unfitForZip() {
        return Optional.empty();
    }

    /** Why front and back cannot be one piece with a fold between them; nothing where they can. */
    default Optional<Phrase> unfitToFold() {
        return isRectangular() ? Optional.empty() : Optional.of(Phrase.of("unfit.no-fold"));
    }

    /** Why a straight band across its back does not lie; nothing where it does. */
    default Optional<Phrase> unfitForBand() {
        return isRectangular() ? Optional.empty() : Optional.of(Phrase.of("unfit.band-straight"));
    }

    /** Whether front and back can be stitched together all round where the form ends. */
    default boolean takesFlange() {
        return true;
    }
}
