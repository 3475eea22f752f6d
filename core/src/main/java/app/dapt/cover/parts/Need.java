package app.dapt.cover.parts;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.shelf.Ware;
import java.util.Optional;

/**
 * Something to buy that is no cloth.
 *
 * @param what   it is
 * @param amount in what shops use
 * @param sum    how its length was reckoned, where it has one
 * @param ware   what it is to a shop; nothing where shops sell it by no size of its own
 */
public record Need(Phrase what, Phrase amount, Optional<Sum> sum, Optional<Ware> ware) {

    public static Need of(Phrase what, Phrase amount) {
        return new Need(what, amount, Optional.empty(), Optional.empty());
    }

    public static Need of(Phrase what, Phrase amount, Ware ware) {
        return new Need(what, amount, Optional.empty(), Optional.of(ware));
    }

    /** So much by length of what shops sell by no size of its own. */
    public static Need length(Phrase what, Sum sum, Unit unit) {
        return length(what, sum, unit, Optional.empty());
    }

    /** So much of it by length, up to what a shop measures out: an eighth of a yard or ten centimetres. */
    public static Need length(Phrase what, Sum sum, Unit unit, Optional<Ware> ware) {
        Length bought = sum.total().roundedUp(unit.shopStep());
        return new Need(
                what,
                Phrase.of("need.length", bought),
                Optional.of(sum),
                ware.map(like -> like.amounting(bought.grains())));
    }
}
