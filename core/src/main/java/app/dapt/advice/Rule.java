package app.dapt.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * A row of the table: when, what, how sure. Why stands with its words.
 *
 * @param id     as it is called everywhere
 * @param layer  which rules it gives way to
 * @param when   it holds where all of one of these do
 * @param unless and none of these
 * @param value  what is recommended, by its code
 */
record Rule(String id, Layer layer, List<Set<Fact>> when, Set<Fact> unless, Choice choice, String value, Sure sure) {

    /** Rules that give way to those before them. */
    enum Layer {
        SAFETY,
        WAS,
        STRETCHES,
        SLIPPERY,
        THICK,
        SHEER,
        FRAYS,
        NAP,
        WEIGHT,
        CLOTH,
        USE,
        MARKS,
        LOOKS
    }

    Rule {
        when = List.copyOf(when);
        unless = Set.copyOf(unless);
    }

    /** This rule where all of these hold, or what it said before. */
    Rule when(Fact... facts) {
        List<Set<Fact>> more = new ArrayList<>(when);
        more.add(Set.of(facts));
        return new Rule(id, layer, more, unless, choice, value, sure);
    }

    /** This rule where none of these holds. */
    Rule unless(Fact... facts) {
        return new Rule(id, layer, when, Set.of(facts), choice, value, sure);
    }

    /** How many facts it asks for, of those alternatives that hold the most; nothing where none does. */
    OptionalInt matches(Set<Fact> holds) {
        return unless.stream().anyMatch(holds::contains)
                ? OptionalInt.empty()
                : when.stream().filter(holds::containsAll).mapToInt(Set::size).max();
    }

    /** Whether it holds by the use that was said, rather than by one that goes with it. */
    boolean isOwn(Set<Fact> holds) {
        boolean goesWith = holds.contains(Fact.PULLED) || holds.contains(Fact.GIVEN);
        return !goesWith || when.stream().filter(holds::containsAll).anyMatch(all -> !all.contains(Fact.LIVED));
    }
}
