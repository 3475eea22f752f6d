package app.dapt.filling;

import java.util.function.IntToDoubleFunction;

/**
 * How far the two panels of an opening slide apart at the middle, as a share of the cover's depth: solved with
 * {@link app.dapt.filling.sheet.Flaps} at 20 cells to half the narrower way and read off between. Without friction, so
 * never more than this; of an opening in the middle of the back.
 *
 * <p>Of an opening longer than the cover is deep hardly anything but friction decides: without it the panels of a long
 * seat would slide as far apart as it is deep, which they do not. It is taken for as long as deep (judgement).
 */
final class FlapSlip {

    /** Lengths of the opening as shares of the depth. */
    private static final double[] LENGTHS = {.5, .75, 1};

    private static final double[] FILLS = {.5, .6, .75, .9, .98};

    /** Overlaps as shares of the depth. */
    private static final double[] OVERLAPS = {.05, .125, .2, .3, .4};

    /** By length, fill and overlap. */
    private static final double[][][] SLIPS = {
        {
            {.023, .020, .015, .015, .015},
            {.033, .023, .016, .015, .015},
            {.046, .035, .022, .018, .017},
            {.049, .041, .032, .026, .022},
            {.049, .041, .032, .028, .025}
        },
        {
            {.065, .040, .031, .030, .028},
            {.087, .060, .038, .033, .030},
            {.107, .083, .064, .050, .038},
            {.119, .097, .080, .067, .058},
            {.121, .103, .089, .078, .068}
        },
        {
            {.121, .075, .052, .041, .035},
            {.156, .106, .067, .047, .040},
            {.195, .154, .118, .085, .059},
            {.230, .189, .151, .119, .095},
            {.256, .220, .184, .152, .126}
        }
    };

    private FlapSlip() {}

    /**
     * Read off between what was solved; beyond it, as at the nearest.
     *
     * @param fill    volume over the greatest volume
     * @param overlap as a share of the depth
     * @param length  of the opening, as a share of the depth
     */
    static double share(double fill, double overlap, double length) {
        return between(
                LENGTHS, length, i -> between(FILLS, fill, j -> between(OVERLAPS, overlap, k -> SLIPS[i][j][k])));
    }

    /** What lies on the straight line between the two nearest values. */
    private static double between(double[] at, double value, IntToDoubleFunction of) {
        int i = 0;
        while (i < at.length - 2 && value > at[i + 1]) {
            i++;
        }
        double share = Math.max(0, Math.min(1, (value - at[i]) / (at[i + 1] - at[i])));
        return (1 - share) * of.applyAsDouble(i) + share * of.applyAsDouble(i + 1);
    }
}
