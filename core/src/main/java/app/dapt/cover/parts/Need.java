package app.dapt.cover.parts;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import java.util.Optional;

/**
 * Something to buy that is no cloth.
 *
 * @param what   it is
 * @param amount in what shops use
 * @param sum    how its length was reckoned, where it has one
 */
public record Need(Phrase what, Phrase amount, Optional<Sum> sum) {

    public static Need of(Phrase what, Phrase amount) {
        return new Need(what, amount, Optional.empty());
    }

    /** So much of it by length, up to what a shop measures out: an eighth of a yard or ten centimetres. */
    public static Need length(Phrase what, Sum sum, Unit unit) {
        Length bought = sum.total().roundedUp(unit.shopStep());
        return new Need(what, Phrase.of("need.length", bought), Optional.of(sum));
    }
}
