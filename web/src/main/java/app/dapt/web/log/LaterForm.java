package app.dapt.web.log;

import app.dapt.cover.decision.LengthRange;
import app.dapt.log.Later;
import app.dapt.log.Later.After;
import app.dapt.log.Later.Gave;
import app.dapt.log.LogEntry;
import app.dapt.measure.Phrase;
import app.dapt.web.entry.Entries;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** How a cover is some time after it was made, as it is typed. */
final class LaterForm {

    private LaterForm() {}

    /** What was typed; fields that cannot be read are refused. */
    static Later read(LogEntry entry, Entries entries, LocalDate today) {
        return new Later(
                day(entry, entries, today),
                entries.choice("after", After.class, After.WASHED),
                entries.maybeLength("later-across", LengthRange.PIECE, Optional.empty()),
                entries.maybeLength("later-up-down", LengthRange.PIECE, Optional.empty()),
                gave(entries),
                entries.maybeText("later-note", LogEntry.LONGEST_NOTE, ""));
    }

    private static LocalDate day(LogEntry entry, Entries entries, LocalDate today) {
        String text = entries.raw("later-day").orElse("").strip();
        try {
            LocalDate day = text.isEmpty() ? today : LocalDate.parse(text);
            if (!day.isBefore(entry.made()) && !day.isAfter(today.plusDays(1))) {
                return day;
            }
        } catch (DateTimeParseException nonsense) {
            // Refused below.
        }
        entries.refuse("later-day", "log.later.day");
        return today.isBefore(entry.made()) ? entry.made() : today;
    }

    private static Set<Gave> gave(Entries entries) {
        Set<Gave> gave = EnumSet.noneOf(Gave.class);
        for (Gave each : Gave.values()) {
            if (entries.raw("gave-" + Phrase.code(each)).isPresent()) {
                gave.add(each);
            }
        }
        return gave;
    }
}
