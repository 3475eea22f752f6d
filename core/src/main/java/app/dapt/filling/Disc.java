package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * A round casing. Quite full it is the Mylar balloon, whose measures are exact: for a flat radius a, volume 1.2185 a³,
 * radius 0.7628 a, thickness 1.198 × that radius. On the way there it is taken to draw in and to rise as a square does
 * (judgement).
 *
 * @param diameter flat, seam to seam, positive
 */
public record Disc(Length diameter) implements Casing {

    private static final double VOLUME = 1.21852;
    private static final double RADIUS = 0.76276;
    /** Thickness at the middle, of the flat diameter. */
    private static final double LOFT = 0.91389 / 2;

    private Pillow square() {
        return new Pillow(diameter, diameter);
    }

    @Override
    public double greatestVolume() {
        return VOLUME * Math.pow(diameter.toInches() / 2, 3);
    }

    @Override
    public Length shortSide() {
        return diameter;
    }

    @Override
    public double straightShareAcross(double fill) {
        double squaresFullest = square().straightShareAcross(1);
        return 1 - (1 - square().straightShareAcross(fill)) * (1 - RADIUS) / (1 - squaresFullest);
    }

    @Override
    public double straightShareUpDown(double fill) {
        return straightShareAcross(fill);
    }

    @Override
    public Length loft(double fill) {
        Pillow square = square();
        return Length.nearInches(square.loft(fill).over(square.loft(1)) * LOFT * diameter.toInches());
    }
}
