package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * A rectangular casing and what filling does to it. Fills are fractions of the greatest volume the flat casing
 * could ever hold. Everything here is an estimate: closed forms fitted to a calculation of the inextensible
 * sheet, not yet checked against real cushions.
 *
 * @param width  flat size across, seam to seam, positive
 * @param height flat size up and down, seam to seam, positive
 */
public record Pillow(Length width, Length height) implements Casing {

    /** The long side of the shape the second set of curves was fitted to: three to five. */
    private static final double THREE_TO_FIVE = 5 / 3.0;

    private static final double[] FILLS = {0, .3, .4, .5, .6, .7, .8, .9, .95, 1};
    private static final double[] SQUARE_WIDTH = {1, .987, .977, .964, .947, .924, .892, .841, .798, .712};
    private static final double[] SHORT_WIDTH = {1, .983, .969, .951, .927, .895, .850, .781, .728, .653};
    private static final double[] LONG_WIDTH = {1.667, 1.655, 1.645, 1.632, 1.615, 1.593, 1.562, 1.513, 1.469, 1.353};
    private static final double[] SQUARE_LOFT = {0, .135, .176, .215, .255, .297, .341, .395, .431, .502};
    private static final double[] OBLONG_LOFT = {0, .164, .215, .266, .319, .373, .431, .500, .544, .608};

    /** @throws IllegalArgumentException where a side is nothing or less */
    public Pillow {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("a casing needs two positive sides");
        }
    }

    /**
     * The greatest volume in cubic inches: paper-bag volume, after Robin 2004, refitted;
     * w³ [h/(πw) − 0.119 (1 − 10^(−1.56 h/w))] for w ≤ h, within 0.15 % for h/w from 1 to 4.
     */
    @Override
    public double greatestVolume() {
        double w = shortSide().toInches();
        double ratio = longSide().over(shortSide());
        return w * w * w * (ratio / Math.PI - 0.119 * (1 - Math.pow(10, -1.56 * ratio)));
    }

    @Override
    public double straightShareAcross(double fill) {
        return straightShare(fill, width.atLeast(height));
    }

    @Override
    public double straightShareUpDown(double fill) {
        return straightShare(fill, !width.atLeast(height));
    }

    @Override
    public Length loft(double fill) {
        return Length.nearInches(loftShare(fill) * shortSide().toInches());
    }

    @Override
    public double fillFromShareAcross(double share) {
        return fillFromStraight(share, width.atLeast(height));
    }

    @Override
    public double fillFromShareUpDown(double share) {
        return fillFromStraight(share, !width.atLeast(height));
    }

    @Override
    public Length shortSide() {
        return Length.min(width, height);
    }

    /**
     * How far each corner's ear stands out beyond the edges between, each side, at this fill: 0.107 w (1 − √(1 − f))²,
     * from our own calculation.
     */
    public Length ear(double fill) {
        double slack = 1 - Math.sqrt(1 - Math.min(Casing.FULLEST_DRAWN, fill));
        return Length.nearInches(0.107 * shortSide().toInches() * slack * slack);
    }

    private Length longSide() {
        return Length.max(width, height);
    }

    /** 0 for a square, 1 for three to five and anything longer: how far to lean from one set of curves to the other. */
    private double lean() {
        return Math.min(1, (longSide().over(shortSide()) - 1) / (THREE_TO_FIVE - 1));
    }

    private double straightShare(double fill, boolean alongLongSide) {
        double oblong = alongLongSide ? interpolate(LONG_WIDTH, fill) / LONG_WIDTH[0] : interpolate(SHORT_WIDTH, fill);
        return lean(interpolate(SQUARE_WIDTH, fill), oblong);
    }

    private double loftShare(double fill) {
        return lean(interpolate(SQUARE_LOFT, fill), interpolate(OBLONG_LOFT, fill));
    }

    /** Closed forms in u = √(1 − W/C) for a square and for the short side of an oblong; its long side by inversion. */
    private double fillFromStraight(double share, boolean alongLongSide) {
        boolean oblong = lean() > 0;
        if (oblong && alongLongSide) {
            return Bisection.rootOf(fill -> share - straightShare(fill, true));
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
}
