package app.dapt.layout;

import app.dapt.layout.Layout.Spot;
import app.dapt.layout.search.Patch;
import app.dapt.measure.Length;
import java.util.List;

/**
 * The unit that a task for the search counts in: the largest that measures every length of it exactly.
 *
 * @param grains how many grains it is, at least one
 */
record TaskUnit(long grains) {

    static TaskUnit measuring(List<Length> lengths) {
        return new TaskUnit(
                Math.max(1, lengths.stream().mapToLong(Length::grains).reduce(0, TaskUnit::commonMeasure)));
    }

    private static long commonMeasure(long a, long b) {
        return b == 0 ? Math.abs(a) : commonMeasure(b, a % b);
    }

    /** @throws ArithmeticException where a length is more than the search can count */
    int count(Length length) {
        return Math.toIntExact(length.grains() / grains);
    }

    Length length(long count) {
        return new Length(count * grains);
    }

    Patch patch(Spot spot) {
        return patch(spot.remnant(), spot.across(), spot.along(), spot.wide(), spot.deep());
    }

    Patch patch(int remnant, Length across, Length along, Length wide, Length deep) {
        return new Patch(remnant, count(across), count(along), count(across.plus(wide)), count(along.plus(deep)));
    }
}
