package app.dapt.stuffed;

import app.dapt.measure.Length;

import java.util.function.DoubleUnaryOperator;

/**
 * A rectangular casing and what filling does to it. Fills are fractions of the greatest volume the flat casing
 * could ever hold. Everything here is an estimate: closed forms fitted to a calculation of the inextensible
 * sheet, not yet checked against real cushions.
 *
 * @param width  flat size across, seam to seam, positive
 * @param height flat size up and down, seam to seam, positive
 */
public record Pillow(Length width, Length height) {

    /** Fuller than this no casing can be drawn; the seams would have to give. */
    private static final double FULLEST_DRAWN = 0.98;
    /** The long side of the shape the second set of curves was fitted to: three to five. */
    private static final double THREE_TO_FIVE = 5 / 3.0;

    private static final double[] FILLS = {0, .3, .4, .5, .6, .7, .8, .9, .95, 1};
    private static final double[] SQUARE_WIDTH = {1, .987, .977, .964, .947, .924, .892, .841, .798, .712};
    private static final double[] SHORT_WIDTH = {1, .983, .969, .951, .927, .895, .850, .781, .728, .653};
    private static final double[] LONG_WIDTH = {1.667, 1.655, 1.645, 1.632, 1.615, 1.593, 1.562, 1.513, 1.469, 1.353};
    private static final double[] SQUARE_LOFT = {0, .135, .176, .215, .255, .297, .341, .395, .431, .502};
    private static final double[] OBLONG_LOFT = {0, .164, .215, .266, .319, .373, .431, .500, .544, .608};

    public Pillow {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("a casing needs two positive sides");
        }
    }

    /**
     * The greatest volume in cubic inches: paper-bag volume, after Robin 2004, refitted;
     * w³ [h/(πw) − 0.119 (1 − 10^(−1.56 h/w))] for w ≤ h, within 0.15 % for h/w from 1 to 4.
     */
    public double greatestVolume() {
        double w = shortSide().toInches();
        double ratio = longSide().over(shortSide());
        return w * w * w * (ratio / Math.PI - 0.119 * (1 - Math.pow(10, -1.56 * ratio)));
    }

    /** How wide it measures straight across at this fill, as a share of its flat width. */
    public double straightShareAcross(double fill) {
        return straightShare(fill, width.atLeast(height));
    }

    /** How tall it measures straight across at this fill, as a share of its flat height. */
    public double straightShareUpDown(double fill) {
        return straightShare(fill, !width.atLeast(height));
    }

    /** The thickness at the middle at this fill. */
    public Length loft(double fill) {
        return Length.nearInches(loftShare(fill) * shortSide().toInches());
    }

    /** The fill that a thickness at the middle tells of, 0 to 1. */
    public double fillFromLoft(Length loft) {
        double share = loft.over(shortSide());
        return fillWhere(fill -> loftShare(fill) - share);
    }

    /** The fill told by the width straight across, the tape over the crown having given the flat width. */
    public double fillFromStraightAcross(Length straight) {
        return fillFromStraight(straight.over(width), width.atLeast(height));
    }

    /** The fill told by the height straight across, the tape over the crown having given the flat height. */
    public double fillFromStraightUpDown(Length straight) {
        return fillFromStraight(straight.over(height), !width.atLeast(height));
    }

    /** The fill to draw: never beyond what the casing can show. */
    public static double drawable(double fullness) {
        return Math.min(fullness, FULLEST_DRAWN);
    }

    private Length shortSide() {
        return Length.min(width, height);
    }

    private Length longSide() {
        return Length.max(width, height);
    }

    /** 0 for a square, 1 for three to five and anything longer: how far to lean from one set of curves to the other. */
    private double lean() {
        return Math.min(1, (longSide().over(shortSide()) - 1) / (THREE_TO_FIVE - 1));
    }

    private double straightShare(double fill, boolean alongLongSide) {
        double oblong = alongLongSide
                ? interpolate(LONG_WIDTH, fill) / LONG_WIDTH[0]
                : interpolate(SHORT_WIDTH, fill);
        return lean(interpolate(SQUARE_WIDTH, fill), oblong);
    }

    private double loftShare(double fill) {
        return lean(interpolate(SQUARE_LOFT, fill), interpolate(OBLONG_LOFT, fill));
    }

    /** Closed forms in u = √(1 − W/C) for a square and for the short side of an oblong; its long side by inversion. */
    private double fillFromStraight(double share, boolean alongLongSide) {
        boolean oblong = lean() > 0;
        if (oblong && alongLongSide) {
            return fillWhere(fill -> share - straightShare(fill, true));
        }
        double u = Math.sqrt(Math.max(0, 1 - share));
        double square = u * (2.504 + u * (2.534 + u * (-10.733 + u * 7.05)));
        double threeToFive = u * (2.171 + u * (1.501 + u * (-5.882 + u * 3.322)));
        return Math.max(0, Math.min(1, lean(square, threeToFive)));
    }

    private double lean(double square, double oblong) {
        return square + lean() * (oblong - square);
    }

    private static double interpolate(double[] column, double fill) {
        double f = Math.max(0, Math.min(1, fill));
        int i = 1;
        while (i < FILLS.length - 1 && FILLS[i] < f) {
            i++;
        }
        double t = (f - FILLS[i - 1]) / (FILLS[i] - FILLS[i - 1]);
        return column[i - 1] + t * (column[i] - column[i - 1]);
    }

    /** The fill at which a rising function crosses nought, by halving. */
    private static double fillWhere(DoubleUnaryOperator rising) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (rising.applyAsDouble(middle) < 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
