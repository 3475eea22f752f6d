package app.dapt.cover;

import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import java.util.Optional;

/**
 * Something to buy that is no cloth.
 *
 * @param what   it is
 * @param amount in what shops use
 * @param sum    how its length was reckoned, where it has one
 */
public record Need(Phrase what, Phrase amount, Optional<Sum> sum) {

    static Need of(Phrase what, Phrase amount) {
        return new Need(what, amount, Optional.empty());
    }

    /** So much of it by length. */
    static Need length(Phrase what, Sum sum) {
        return new Need(what, Phrase.of("need.length", sum.total()), Optional.of(sum));
    }
}
