package app.dapt.log;

import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * How a cover is some time after it was made.
 *
 * @param after  what had been since
 * @param across its finished size then, where it was measured
 * @param upDown likewise
 * @param gave   what gave way; nothing where it held
 * @param note   one line, up to {@link LogEntry#LONGEST_NOTE} characters; empty for none
 */
public record Later(
        LocalDate day, After after, Optional<Length> across, Optional<Length> upDown, Set<Gave> gave, String note) {

    /** What had been since it was made. */
    public enum After {
        WASHED,
        MONTH,
        YEAR
    }

    /** What gave way. */
    public enum Gave {
        SEAM,
        FRAYED,
        GAPES,
        FASTENING,
        COLOUR,
        WORN,
        FLAT
    }

    /** @throws IllegalArgumentException where the note is no line, a size is none, or the day is before all logs */
    public Later {
        if (!note.isEmpty() && !PlainText.isLine(note) || note.length() > LogEntry.LONGEST_NOTE) {
            throw new IllegalArgumentException("a note is one line of up to " + LogEntry.LONGEST_NOTE + " characters");
        }
        if (day.isBefore(LogEntry.EARLIEST)) {
            throw new IllegalArgumentException("nobody logs a cover of before " + LogEntry.EARLIEST);
        }
        if (across.filter(size -> !size.isPositive()).isPresent()
                || upDown.filter(size -> !size.isPositive()).isPresent()) {
            throw new IllegalArgumentException("a size is more than nothing");
        }
        gave = gave.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(gave));
    }
}
