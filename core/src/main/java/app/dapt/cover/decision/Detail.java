package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * An answer to a {@link Question} as slips and files take it, with what can be said of it as things stand: none of them
 * knows any one opening.
 *
 * @param <V> what it comes to
 */
public sealed interface Detail<V> {

    /** Stable: fields and files go by it. */
    String name();

    /** What it is called in a slip. */
    Phrase label();

    /** Whether it has a say as things stand; one that has none is kept but not shown. */
    boolean applies();

    /** What it comes to as things stand. */
    V value();

    /** This detail coming to something else. */
    Detail<V> with(V changed);

    /** Whether it may be left to the usual. */
    default boolean isOptional() {
        return false;
    }

    /** Whether each of its choices is worth a drawing of what it would come to. */
    default boolean isDrawn() {
        return false;
    }

    /** What is done with a detail, by its type. */
    <R, X extends Exception> R match(Cases<R, X> cases) throws X;

    /**
     * What to do with a detail of each type.
     *
     * @param <R> what comes of it
     * @param <X> what may be thrown
     */
    interface Cases<R, X extends Exception> {

        R measure(Measure detail) throws X;

        R maybe(MaybeMeasure detail) throws X;

        <E extends Enum<E>> R oneOf(OneOf<E> detail) throws X;

        R count(Count detail) throws X;

        R tick(Tick detail) throws X;
    }

    /** A length. */
    record Measure(String name, Phrase label, LengthRange limits, Length value, boolean applies)
            implements Detail<Length> {

        @Override
        public Measure with(Length changed) {
            return new Measure(name, label, limits, changed, applies);
        }

        @Override
        public <R, X extends Exception> R match(Cases<R, X> cases) throws X {
            return cases.measure(this);
        }
    }

    /** A length that may be left to the usual; the hint says what that is. */
    record MaybeMeasure(
            String name, Phrase label, LengthRange limits, Optional<Length> value, Phrase hint, boolean applies)
            implements Detail<Optional<Length>> {

        @Override
        public MaybeMeasure with(Optional<Length> changed) {
            return new MaybeMeasure(name, label, limits, changed, hint, applies);
        }

        @Override
        public boolean isOptional() {
            return true;
        }

        @Override
        public <R, X extends Exception> R match(Cases<R, X> cases) throws X {
            return cases.maybe(this);
        }
    }

    /**
     * One of a few.
     *
     * @param family where the words for each stand, {@code family.choice}
     */
    record OneOf<E extends Enum<E>>(String name, Phrase label, E value, String family, boolean isDrawn, boolean applies)
            implements Detail<E> {

        public Class<E> type() {
            return value.getDeclaringClass();
        }

        public Stream<E> choices() {
            return Stream.of(type().getEnumConstants());
        }

        @Override
        public OneOf<E> with(E choice) {
            return new OneOf<>(name, label, choice, family, isDrawn, applies);
        }

        @Override
        public <R, X extends Exception> R match(Cases<R, X> cases) throws X {
            return cases.oneOf(this);
        }
    }

    /** How many. */
    record Count(String name, Phrase label, int least, int most, Integer value, boolean applies)
            implements Detail<Integer> {

        @Override
        public Count with(Integer changed) {
            return new Count(name, label, least, most, changed, applies);
        }

        @Override
        public <R, X extends Exception> R match(Cases<R, X> cases) throws X {
            return cases.count(this);
        }
    }

    /** Yes or no. */
    record Tick(String name, Phrase label, Boolean value, boolean applies) implements Detail<Boolean> {

        @Override
        public Tick with(Boolean changed) {
            return new Tick(name, label, changed, applies);
        }

        @Override
        public <R, X extends Exception> R match(Cases<R, X> cases) throws X {
            return cases.tick(this);
        }
    }
}
