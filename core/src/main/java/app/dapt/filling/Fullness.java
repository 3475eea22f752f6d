package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * How full a form makes a cover: the form's volume over the greatest volume of the cover. The bands and the
 * overlap formula are judgement fitted to practice; show them as estimates.
 *
 * @param ratio 0 upwards; over 1 the form is bigger than the cover can ever be
 */
public record Fullness(double ratio) {

    /**
     * Fills, and overlaps as shares of the depth, at which the slip was solved; by fill, then by overlap, the slip as a
     * share of the depth.
     */
    private static final double[] FILLS = {.5, .6, .75, .9};

    private static final double[] OVERLAPS = {.125, .2, .3};
    private static final double[][] SLIPS = {
        {.072, .040, .024}, {.113, .060, .032}, {.148, .118, .076}, {.178, .146, .110}
    };

    /** What one would say of it. */
    public enum Band {
        SAGGY,
        SOFT,
        PLUMP,
        DRUM_TIGHT,
        SEAMS_AT_RISK
    }

    /** The fullness of a cover holding a form that is filled to this share of its own greatest volume. */
    public static Fullness of(Casing form, double fill, Casing cover) {
        return new Fullness(fill * form.greatestVolume() / cover.greatestVolume());
    }

    /** The same form in a cover with only this share of the cloth: volume goes with area to the power of 1.5. */
    public Fullness inSmaller(double share) {
        return new Fullness(ratio / Math.pow(share, 1.5));
    }

    public Band band() {
        if (ratio < 0.55) {
            return Band.SAGGY;
        }
        if (ratio < 0.75) {
            return Band.SOFT;
        }
        if (ratio <= 1.0) {
            return Band.PLUMP;
        }
        return ratio <= 1.2 ? Band.DRUM_TIGHT : Band.SEAMS_AT_RISK;
    }

    /** In whole per cent. */
    public int percent() {
        return (int) Math.round(100 * ratio);
    }

    /**
     * The overlap that keeps an opening shut, free of any scale: w (0.02 + 0.18 min(Φ, 1)) + 0.02 ℓ + 0.8 w (Φ − 1)₊.
     *
     * @param depth  finished size across the opening, w
     * @param length finished size along the opening, ℓ
     */
    public Length overlapWanted(Length depth, Length length) {
        double w = depth.toInches();
        return Length.nearInches(
                w * (0.02 + 0.18 * Math.min(ratio, 1)) + 0.02 * length.toInches() + 0.8 * w * Math.max(0, ratio - 1));
    }

    /**
     * How far the two flaps slide apart at the middle once the form is in; more than the overlap and it gapes. The more
     * they overlap the less it is, since the side seams hold them. Without friction, so never more than this.
     */
    public Length slip(Length overlap, Length depth) {
        double fill = Math.min(ratio, Casing.FULLEST_DRAWN);
        double share = overlap.over(depth);
        int i = below(FILLS, fill);
        // Emptier than was solved it slides no further.
        double at = Math.max(0, (fill - FILLS[i]) / (FILLS[i + 1] - FILLS[i]));
        double slip = (1 - at) * along(SLIPS[i], share) + at * along(SLIPS[i + 1], share);
        return Length.nearInches(Math.max(0, slip) * depth.toInches());
    }

    private static double along(double[] slips, double share) {
        int j = below(OVERLAPS, share);
        return slips[j] + (share - OVERLAPS[j]) / (OVERLAPS[j + 1] - OVERLAPS[j]) * (slips[j + 1] - slips[j]);
    }

    /** The interval a value lies in; the first or the last where it lies beyond them. */
    private static int below(double[] values, double value) {
        int i = 0;
        while (i < values.length - 2 && value > values[i + 1]) {
            i++;
        }
        return i;
    }
}
