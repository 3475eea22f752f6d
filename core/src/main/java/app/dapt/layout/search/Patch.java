package app.dapt.layout.search;

import app.dapt.measure.Length;

/**
 * An upright rectangle of one cloth: free, taken, or cut.
 *
 * @param remnant which remnant it lies on; nought on a cloth off the bolt
 */
public record Patch(int remnant, int left, int top, int right, int bottom) {

    /** In grains, where no unit measures everything. */
    public static Patch inGrains(int remnant, Length across, Length along, Length wide, Length deep) {
        return new Patch(
                remnant,
                Math.toIntExact(across.grains()),
                Math.toIntExact(along.grains()),
                Math.toIntExact(across.plus(wide).grains()),
                Math.toIntExact(along.plus(deep).grains()));
    }

    public boolean holds(Patch other) {
        return remnant == other.remnant
                && left <= other.left
                && top <= other.top
                && right >= other.right
                && bottom >= other.bottom;
    }

    public boolean isApartFrom(Patch other) {
        return remnant != other.remnant
                || other.left >= right
                || other.right <= left
                || other.top >= bottom
                || other.bottom <= top;
    }

    public long area() {
        return (long) across() * along();
    }

    public int across() {
        return right - left;
    }

    public int along() {
        return bottom - top;
    }
}
