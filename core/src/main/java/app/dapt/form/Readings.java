package app.dapt.form;

import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was read off a form in one direction, by any of the ways of measuring; none at all means not measured.
 *
 * @param by the readings there are
 */
public record Readings(Map<Reading, Length> by) {

    public static final Readings NONE = new Readings(Map.of());

    /** @throws IllegalArgumentException where a reading is nothing or less */
    public Readings {
        by = Map.copyOf(by);
        if (by.values().stream().anyMatch(length -> !length.isPositive())) {
            throw new IllegalArgumentException("a reading is more than nothing");
        }
    }

    public static Readings overCrown(Length length) {
        return new Readings(Map.of(Reading.OVER_CROWN, length));
    }

    public Optional<Length> get(Reading reading) {
        return Optional.ofNullable(by.get(reading));
    }

    public boolean isEmpty() {
        return by.isEmpty();
    }

    /**
     * The reading that a size is taken from: over the crown before straight across before the label, since what follows
     * the casing beats an estimate, and that beats print.
     *
     * @throws IllegalStateException where nothing was measured
     */
    public Reading trusted() {
        return Stream.of(Reading.OVER_CROWN, Reading.STRAIGHT_ACROSS, Reading.LABEL)
                .filter(by::containsKey)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("nothing was measured"));
    }

    /** These readings for a form that much larger or smaller, rounded up to a mark. */
    Readings scaled(Length to, Length from, Mark mark) {
        Map<Reading, Length> scaled = new EnumMap<>(Reading.class);
        by.forEach((reading, length) -> scaled.put(reading, mark.roundUp(length.scaled(to, from))));
        return new Readings(scaled);
    }

    /** These readings with one put in, replaced or, for an empty one, taken out. */
    public Readings with(Reading reading, Optional<Length> length) {
        Map<Reading, Length> changed = new EnumMap<>(Reading.class);
        changed.putAll(by);
        length.ifPresentOrElse(l -> changed.put(reading, l), () -> changed.remove(reading));
        return new Readings(changed);
    }
}
