package app.dapt.cover.parts;

import app.dapt.measure.Length;
import app.dapt.measure.Sum;

/**
 * A figure of what goes round the edge, by a name that does not change: a length with its sum, a length, or a number.
 *
 * @param value a {@link Sum}, a {@link Length} or an {@link Integer}
 */
public record Figure(String name, Object value) {

    public static Figure of(String name, Sum sum) {
        return new Figure(name, sum);
    }

    public static Figure of(String name, Length length) {
        return new Figure(name, length);
    }

    public static Figure of(String name, int number) {
        return new Figure(name, number);
    }
}
