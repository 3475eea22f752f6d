package app.dapt.shelf;

import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What a shop asks for something.
 *
 * @param shop   what it is called, 1 to 60 characters
 * @param name   what it calls the thing, 1 to 60 characters
 * @param size   how long a zip, how thick a cord, how wide a button or a trim
 * @param width  how wide a cloth
 * @param cents  in hundredths of the workroom's currency, for what {@code per} says
 * @param day    when that was asked
 * @param stock  how much the shop has, in what the kind is counted in; nothing where it did not say
 */
public record Price(
        String shop,
        Kind kind,
        String name,
        Optional<Length> size,
        Optional<Length> width,
        int cents,
        Per per,
        LocalDate day,
        Optional<Long> stock) {

    /** What a price is for. */
    public enum Per {
        YARD(Counted.LENGTH, Unit.YARD.grains()),
        METRE(Counted.LENGTH, Unit.METRE.grains()),
        ONE(Counted.PIECES, 1),
        HUNDRED_GRAMS(Counted.GRAMS, 100);

        private final Counted counted;
        private final long amount;

        Per(Counted counted, long amount) {
            this.counted = counted;
            this.amount = amount;
        }

        /** What it can be the price of. */
        public Counted counted() {
            return counted;
        }
    }

    /** @throws IllegalArgumentException where a name, a price or a size is none, or nothing of that kind is sold so */
    public Price {
        for (String line : new String[] {shop, name}) {
            if (!PlainText.isLine(line) || line.length() > Thing.LONGEST_NAME) {
                throw new IllegalArgumentException("a name has 1 to " + Thing.LONGEST_NAME + " characters");
            }
        }
        if (cents < 0 || cents > Thing.DEAREST) {
            throw new IllegalArgumentException("a price is from nothing to a hundred thousand");
        }
        if (per.counted() != kind.counted()) {
            throw new IllegalArgumentException("nothing of that kind is sold so");
        }
        if (size.filter(length -> !length.isPositive()).isPresent()
                || width.filter(length -> !length.isPositive()).isPresent()
                || stock.filter(there -> there < 0).isPresent()) {
            throw new IllegalArgumentException("a size is more than nothing, and what is there not less");
        }
    }

    /** What so much of it costs, in hundredths; half a hundredth is rounded up. */
    public long cost(long amount) {
        // In doubles: the most there can be, a hundred thousand a yard and a kilometre of it, is far below 2^53.
        return Math.round((double) amount * cents / per.amount);
    }

    /** Whether the shop said that it has less than so much. */
    public boolean isSoldOut(long amount) {
        return stock.filter(there -> there < amount).isPresent();
    }
}
