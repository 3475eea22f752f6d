package app.dapt.measure;

import java.util.function.Function;

/** What came of reading something a person typed as a length: a value, or a refusal that helps. */
public sealed interface Entry {

    /** It was a length. */
    record Value(Length length) implements Entry {}

    /**
     * It was not, and here is why.
     *
     * @param reason  what is wrong, in words
     * @param example what would have been understood
     */
    record Refused(Phrase reason, String example) implements Entry {}

    /** The one or the other, made into one kind of thing. */
    default <T> T fold(Function<Length, T> value, Function<Refused, T> refused) {
        if (this instanceof Value v) {
            return value.apply(v.length());
        }
        return refused.apply((Refused) this);
    }
}
