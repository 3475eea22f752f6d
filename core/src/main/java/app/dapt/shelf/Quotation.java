package app.dapt.shelf;

import java.util.List;
import java.util.Optional;

/**
 * What somebody else pays for a cover or a set: what goes into it, the time it takes, and what is added. All sums in
 * hundredths.
 *
 * @param items   what goes in, the client's own things among them
 * @param minutes of work
 * @param terms   what is agreed
 */
public record Quotation(List<Item> items, double minutes, Terms terms) {

    private static final double HOUR = 60;
    private static final int WHOLE = 100;

    /**
     * Something that goes in.
     *
     * @param price nothing where none is known
     * @param owned whether the client brings it, so that it costs nothing
     */
    public record Item(String what, String amount, Optional<Long> price, boolean owned) {

        private long counted() {
            return owned ? 0 : price.orElse(0L);
        }
    }

    /**
     * What is agreed.
     *
     * @param hourly what an hour counts
     * @param margin added to all of it, in percent
     * @param extra  for the way, for sending
     * @param paid   before
     */
    public record Terms(int hourly, int margin, int extra, int paid) {

        /** @throws IllegalArgumentException where one of them is less than nothing */
        public Terms {
            if (hourly < 0 || margin < 0 || extra < 0 || paid < 0) {
                throw new IllegalArgumentException("nothing agreed is less than nothing");
            }
        }
    }

    public Quotation {
        items = List.copyOf(items);
    }

    public long materials() {
        return items.stream().mapToLong(Item::counted).sum();
    }

    /** How many things have no price and are not the client's. */
    public long unknown() {
        return items.stream()
                .filter(item -> !item.owned() && item.price().isEmpty())
                .count();
    }

    public long work() {
        return Math.round(minutes / HOUR * terms.hourly());
    }

    /** What is added to materials and work. */
    public long added() {
        return Math.round((materials() + work()) * (double) terms.margin() / WHOLE);
    }

    /** What it comes to, whatever was paid before. */
    public long total() {
        return materials() + work() + added() + terms.extra();
    }

    /** What is still to be paid of a sum that was agreed; less than nothing where too much was paid. */
    public long due(long agreed) {
        return agreed - terms.paid();
    }
}
