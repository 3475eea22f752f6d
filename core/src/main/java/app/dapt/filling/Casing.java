package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * A flat casing and what filling does to it. Fills are shares of the greatest volume that it could ever hold.
 * Everything here is an estimate, not yet checked against real cushions.
 */
public interface Casing {

    /** Fuller than this no casing can be drawn; the seams would have to give. */
    double FULLEST_DRAWN = 0.98;

    /** A form that is longer for its width than its cover by more than this does not fill it evenly (judgement). */
    double OTHER_PROPORTIONS = 1.15;

    /** In cubic inches. */
    double greatestVolume();

    /** What has to be folded in half to go through an opening. */
    Length shortSide();

    /** How wide it measures straight across at this fill, as a share of its flat width. */
    double straightShareAcross(double fill);

    /** How tall it measures straight across at this fill, as a share of its flat height. */
    double straightShareUpDown(double fill);

    /** The thickness at the middle at this fill. */
    Length loft(double fill);

    /** The fill that a thickness at the middle tells of, 0 to 1. */
    default double fillFromLoft(Length loft) {
        return Bisection.rootOf(fill -> loft(fill).minus(loft).toInches());
    }

    /** The fill told by a share straight across, the tape over the crown having given the flat width. */
    default double fillFromShareAcross(double share) {
        return Bisection.rootOf(fill -> share - straightShareAcross(fill));
    }

    /** The fill told by a share straight across, the tape over the crown having given the flat height. */
    default double fillFromShareUpDown(double share) {
        return Bisection.rootOf(fill -> share - straightShareUpDown(fill));
    }
}
