package app.dapt.shelf;

import java.util.List;
import java.util.Optional;

/**
 * What a cover or a set comes to before it is cut, beside what a bought one costs. Money in hundredths.
 *
 * @param parts   cloth and everything else
 * @param covers  how many are made
 * @param minutes how long making them takes
 * @param beside  what is set beside it
 */
public record CostSheet(List<Part> parts, int covers, double minutes, Beside beside) {

    private static final double HOUR = 60;

    /**
     * Something that goes into it.
     *
     * @param pay   what is paid for it: all that is bought, nothing for what is there already; nothing known where no
     *              price is
     * @param worth what of that goes into the covers: cloth by its area, a length and thread by what is used
     */
    public record Part(Optional<Long> pay, Optional<Long> worth) {

        /** So much of what is bought or there goes in. */
        public static Part of(Optional<Long> price, boolean isThere, double share) {
            Optional<Long> pay = isThere ? Optional.of(0L) : price;
            return new Part(pay, price.map(whole -> Math.round(whole * Math.min(1, share))));
        }
    }

    /**
     * What somebody typed.
     *
     * @param form   what a form or filling for one costs, where it has to be bought too
     * @param bought what a bought one costs, with a form where the form is counted
     * @param hourly what an hour of one's own counts; 0 for nothing
     */
    public record Beside(Optional<Integer> form, Optional<Integer> bought, int hourly) {}

    public CostSheet {
        parts = List.copyOf(parts);
    }

    /** What is paid for all that has a price, the forms too. */
    public long toPay() {
        return sum(parts.stream().flatMap(part -> part.pay().stream()).toList()) + forms();
    }

    /** What of it goes into the covers. */
    public long worth() {
        return sum(parts.stream().flatMap(part -> part.worth().stream()).toList()) + forms();
    }

    private static long sum(List<Long> all) {
        return all.stream().mapToLong(Long::longValue).sum();
    }

    private long forms() {
        return beside.form().map(one -> (long) one * covers).orElse(0L);
    }

    /** How many parts have no price. */
    public long unknown() {
        return parts.stream().filter(part -> part.pay().isEmpty()).count();
    }

    /** One's own time at its rate; nothing where none is said. */
    public Optional<Long> work() {
        return beside.hourly() == 0 ? Optional.empty() : Optional.of(Math.round(minutes / HOUR * beside.hourly()));
    }

    /** How much more is paid for it than for as many bought ones; less than nothing where it is less. */
    public Optional<Long> dearer() {
        return beside.bought().map(one -> toPay() - (long) one * covers);
    }
}
