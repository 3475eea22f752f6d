package app.dapt.filling;

import app.dapt.measure.Length;

/**
 * How full a form makes a cover: the form's volume over the greatest volume of the cover. The bands and the
 * overlap formula are judgement fitted to practice; show them as estimates.
 *
 * @param ratio 0 upwards; over 1 the form is bigger than the cover can ever be
 */
public record Fullness(double ratio) {

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
     * How far the two panels slide apart at the middle of an opening once the form is in; more than the overlap and it
     * gapes. The more they overlap the less it is, since the side seams hold them. Solved, and read off a table.
     *
     * @param depth  finished size across the opening
     * @param length finished size along the opening
     */
    public Length slip(Length overlap, Length depth, Length length) {
        double fill = Math.min(ratio, Casing.FULLEST_DRAWN);
        return Length.nearInches(FlapSlip.share(fill, overlap.over(depth), length.over(depth)) * depth.toInches());
    }
}
