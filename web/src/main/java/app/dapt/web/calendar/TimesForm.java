package app.dapt.web.calendar;

import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.web.workroom.WorkTimes.Slot;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** When there is time, as it stands in its form. */
public record TimesForm(WorkTimes times, Set<LocalDate> daysOff, Entries entries, Locale locale) {

    /** The time on one day of the week. */
    public record Day(int number, String name, String starts, String minutes) {}

    /** A day on which nobody sews. */
    public record Off(String day, String name) {}

    /** The days of the week. */
    public List<Day> days() {
        return Stream.of(DayOfWeek.values())
                .map(day -> {
                    Optional<Slot> slot = Optional.ofNullable(times.week().get(day));
                    return new Day(
                            day.getValue(),
                            day.getDisplayName(TextStyle.FULL, locale),
                            typed(
                                    day,
                                    "starts-" + day.getValue(),
                                    slot.map(each -> each.starts().toString()).orElse("")),
                            typed(
                                    day,
                                    "minutes-" + day.getValue(),
                                    slot.map(each -> String.valueOf(each.minutes()))
                                            .orElse("")));
                })
                .toList();
    }

    /** A field of a day: as it was typed where one of the day's fields was refused, so that the other is not lost. */
    private String typed(DayOfWeek day, String field, String standing) {
        boolean refused = Stream.of("starts-", "minutes-")
                .anyMatch(each -> entries.refusal(each + day.getValue()).isPresent());
        return refused ? entries.raw(field).orElse(standing) : standing;
    }

    public String atATime() {
        return value("at-a-time", String.valueOf(times.atATime()));
    }

    public String due() {
        return value("due", times.due().map(LocalDate::toString).orElse(""));
    }

    /** The days off, in order. */
    public List<Off> off() {
        return daysOff.stream()
                .sorted()
                .map(day -> new Off(day.toString(), Days.day(day, locale)))
                .toList();
    }

    public String value(String field, String standing) {
        return entries.value(field, standing);
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }
}
