package app.dapt.stuffed;

import app.dapt.measure.Length;

/**
 * How full a form makes a cover: the form's volume over the greatest volume of the cover. The bands and the
 * overlap formula are judgement fitted to practice; show them as estimates.
 *
 * @param ratio 0 upwards; over 1 the form is bigger than the cover can ever be
 */
public record Fullness(double ratio) {

    /** What one would say of it. */
    public enum Band { SAGGY, SOFT, PLUMP, DRUM_TIGHT, SEAMS_AT_RISK }

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
     * The overlap that keeps an opening shut: [0.075 · length + 0.8 w (Φ − 1)₊] / (1 − 0.58 min(Φ, 1)^3.3),
     * at least 3 in where the cover is up to 14 in deep, else 4 in.
     *
     * @param depth  finished size across the opening, w
     * @param length finished size along the opening
     */
    public Length overlapWanted(Length depth, Length length) {
        double wanted = (0.075 * length.toInches() + pull(depth)) / (1 - slipShare());
        Length least = Length.inches(14).atLeast(depth) ? Length.inches(3) : Length.inches(4);
        return Length.max(least, Length.nearInches(wanted));
    }

    /** How far the two flaps slide apart at the middle once the form is in; more than the overlap and it gapes. */
    public Length slip(Length overlap, Length depth) {
        return Length.nearInches(slipShare() * overlap.toInches() + pull(depth));
    }

    private double slipShare() {
        return 0.58 * Math.pow(Math.min(ratio, 1), 3.3);
    }

    private double pull(Length depth) {
        return 0.8 * depth.toInches() * Math.max(0, ratio - 1);
    }
}
