package app.dapt.shelf;

import app.dapt.measure.PlainText;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/**
 * A cover that a form has on from one day of the year until the next one takes its turn.
 *
 * @param cover what it is called
 * @param from  when it is put on, every year
 * @param kept  where it lies when it is not on; empty where nobody said
 */
public record Turn(String cover, MonthDay from, String kept) {

    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_PLACE = 60;

    /** @throws IllegalArgumentException where a name or a place is none */
    public Turn {
        boolean isNamed = PlainText.isLine(cover) && !cover.isBlank() && cover.length() <= LONGEST_NAME;
        boolean isPlace = kept.isEmpty() || PlainText.isLine(kept) && kept.length() <= LONGEST_PLACE;
        if (!isNamed || !isPlace) {
            throw new IllegalArgumentException("a cover has a name, and a place is told in a line");
        }
    }

    /** When it was put on last, that day included. */
    public LocalDate last(LocalDate day) {
        LocalDate thisYear = from.atYear(day.getYear());
        return thisYear.isAfter(day) ? from.atYear(day.getYear() - 1) : thisYear;
    }

    /** When it is put on next, not before that day. */
    public LocalDate next(LocalDate day) {
        LocalDate thisYear = from.atYear(day.getYear());
        return thisYear.isBefore(day) ? from.atYear(day.getYear() + 1) : thisYear;
    }

    /** The one that is on; nothing where there are none. */
    public static Optional<Turn> on(Collection<Turn> turns, LocalDate day) {
        return turns.stream().max(Comparator.comparing(turn -> turn.last(day)));
    }
}
