package app.dapt.cloth;

import app.dapt.measure.Length;

/**
 * What a cloth loses in its first wash, in tenths of a percent.
 *
 * @param across of its width, 0 to 200
 * @param along  of its length, 0 to 200
 */
public record Shrinkage(int across, int along) {

    public static final Shrinkage NONE = new Shrinkage(0, 0);
    public static final int MOST = 200;
    private static final int WHOLE = 1000;

    /** @throws IllegalArgumentException where either is not between 0 and 200 tenths of a percent */
    public Shrinkage {
        if (across < 0 || across > MOST || along < 0 || along > MOST) {
            throw new IllegalArgumentException("cloth shrinks by 0 to 20 percent");
        }
    }

    /**
     * What a cloth has lost in a wash, as it was measured, to the tenth of a percent; one that grew has lost nothing.
     *
     * @param before as it was marked out, positive
     * @param after  the same marks after the wash
     * @return the tenths; more than {@link #MOST} where it cannot be right
     * @throws IllegalArgumentException where nothing was marked out before the wash
     */
    public static int tenths(Length before, Length after) {
        if (!before.isPositive()) {
            throw new IllegalArgumentException("nothing was marked out");
        }
        return Math.max(0, (int) Math.round(WHOLE * (1 - after.over(before))));
    }

    /** What is left of a width once it is washed. */
    public Length washedWidth(Length width) {
        return new Length(Math.multiplyExact(width.grains(), WHOLE - across) / WHOLE);
    }

    public Length washedLength(Length length) {
        return new Length(Math.multiplyExact(length.grains(), WHOLE - along) / WHOLE);
    }

    /** What a length has to be before it is washed: length ÷ (1 − shrinkage). */
    public Length unwashed(Length length) {
        return new Length(-Math.floorDiv(Math.multiplyExact(-length.grains(), (long) WHOLE), WHOLE - along));
    }
}
