package app.dapt.cover;

import app.dapt.filling.Casing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;

/** The outline of a cover, and what follows from it however it opens. */
public sealed interface Shape extends Detailed permits Rectangular, Round, Vee, Run {

    @Override
    ShapeKind kind();

    /** What filling does to a casing of this shape and these two sizes. */
    Casing casing(Length across, Length upDown);

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
        return runs == Axis.ACROSS ? new Point(across.toMm() / 2, upDown.toMm()) : new Point(across.toMm(), upDown.toMm() / 2);
    }

    /** A plain front with what this shape marks on it. */
    default Piece marked(Piece piece, CoverDimensions setting) {
        return piece;
    }

    /** What this shape marks on a panel of the back, every one of them, whether or not it lies under another. */
    default List<Marking> onBack(Back back, Back.Panel panel, CoverDimensions setting) {
        return List.of();
    }

    /** What is stitched through front and back besides the seam. */
    default Length stitched(CoverDimensions setting) {
        return Length.ZERO;
    }

    /** Pieces beyond front and back. */
    default List<Piece> extras(CoverDimensions setting) {
        return List.of();
    }

    /** What can go wrong with it. */
    default List<FindingCandidate> concerns(CoverDimensions setting, Back back) {
        return List.of();
    }
}
