package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One thing that is decided about an opening, a shape or a front. Each lists its details, and slips and files are made
 * from that list: none of them knows any one opening.
 */
public sealed interface Detail {

    /** Stable: fields and files go by it. */
    String name();

    /** What it is called in a slip. */
    Phrase label();

    /** Whether it has a say as things stand; one that has none is kept but not shown. */
    boolean applies();

    /** A length. */
    record Measure(String name, Phrase label, LengthRange limits, Length value, boolean applies) implements Detail {
    }

    /** A length that may be left to the usual; the hint says what that is. */
    record MaybeMeasure(String name, Phrase label, LengthRange limits, Optional<Length> value, Phrase hint, boolean applies)
            implements Detail {
    }

    /**
     * One of a few.
     *
     * @param family where the words for each stand, {@code family.choice}
     * @param drawn  whether each is worth a drawing of what it would come to
     */
    record OneOf(String name, Phrase label, Enum<?> value, String family, boolean drawn, boolean applies) implements Detail {

        public Stream<? extends Enum<?>> choices() {
            return Stream.of(value.getDeclaringClass().getEnumConstants());
        }

        public OneOf choosing(Enum<?> choice) {
            return new OneOf(name, label, choice, family, drawn, applies);
        }
    }

    /** How many. */
    record Count(String name, Phrase label, int least, int most, int value, boolean applies) implements Detail {
    }

    /** Yes or no. */
    record Tick(String name, Phrase label, boolean value, boolean applies) implements Detail {
    }

    static Detail measure(String name, LengthRange limits, Length value, boolean applies) {
        return new Measure(name, Phrase.of("detail." + name), limits, value, applies);
    }

    static Detail count(String name, int least, int most, int value, boolean applies) {
        return new Count(name, Phrase.of("detail." + name), least, most, value, applies);
    }

    static Detail tick(String name, boolean value, boolean applies) {
        return new Tick(name, Phrase.of("detail." + name), value, applies);
    }

    static Detail maybe(String name, LengthRange limits, Optional<Length> value) {
        return new MaybeMeasure(name, Phrase.of("detail." + name), limits, value, Phrase.of("detail." + name + ".hint"), true);
    }

    static Detail oneOf(String name, Enum<?> value, String family) {
        return new OneOf(name, Phrase.of("detail." + name), value, family, false, true);
    }
}
