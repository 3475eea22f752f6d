package app.dapt.web.calendar;

import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.web.workroom.WorkTimes.Slot;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the form about when there is time. What cannot be read is refused beside its field, and what stands stays. */
final class TimesEntry {

    /** 8, 8:30, 20.15, 8 pm. */
    private static final Pattern TIME =
            Pattern.compile("(\\d{1,2})(?:[:.](\\d{2}))?\\s*([ap])?\\.?m?\\.?", Pattern.CASE_INSENSITIVE);

    private static final int NOON = 12;
    private static final int LAST_YEAR = 2199;

    private TimesEntry() {}

    static WorkTimes read(Map<String, String> typed, Entries entries, WorkTimes standing, LocalDate today) {
        Map<DayOfWeek, Slot> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            slot(day, typed, entries, Optional.ofNullable(standing.week().get(day)))
                    .ifPresent(slot -> week.put(day, slot));
        }
        int atATime = entries.minutes("at-a-time", WorkTimes.LEAST_MINUTES, WorkTimes.MOST_MINUTES, standing.atATime());
        return new WorkTimes(week, atATime, day("due", typed, entries, standing.due(), today));
    }

    private static Optional<Slot> slot(
            DayOfWeek day, Map<String, String> typed, Entries entries, Optional<Slot> standing) {
        String starts = typed.getOrDefault("starts-" + day.getValue(), "").strip();
        String minutes = typed.getOrDefault("minutes-" + day.getValue(), "").strip();
        if (starts.isEmpty() && minutes.isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalTime> at = time(starts);
        if (at.isEmpty()) {
            entries.refuse("starts-" + day.getValue(), "entry.time");
        }
        int usual = standing.map(Slot::minutes).orElse(WorkTimes.LEAST_MINUTES);
        int length =
                entries.minutes("minutes-" + day.getValue(), WorkTimes.LEAST_MINUTES, WorkTimes.MOST_MINUTES, usual);
        boolean clean =
                at.isPresent() && entries.refusal("minutes-" + day.getValue()).isEmpty();
        return clean ? Optional.of(new Slot(at.get(), length)) : standing;
    }

    private static Optional<LocalTime> time(String text) {
        Matcher time = TIME.matcher(text);
        if (!time.matches()) {
            return Optional.empty();
        }
        int hour = Integer.parseInt(time.group(1));
        int minute = time.group(2) == null ? 0 : Integer.parseInt(time.group(2));
        if (time.group(3) != null) {
            if (hour < 1 || hour > NOON) {
                return Optional.empty();
            }
            hour = hour % NOON + (time.group(3).equalsIgnoreCase("p") ? NOON : 0);
        }
        return hour < 24 && minute < 60 ? Optional.of(LocalTime.of(hour, minute)) : Optional.empty();
    }

    /** A day that is not past, or the one that stands; nothing where the field is empty. */
    static Optional<LocalDate> day(
            String field, Map<String, String> typed, Entries entries, Optional<LocalDate> standing, LocalDate today) {
        String text = typed.getOrDefault(field, "").strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            LocalDate day = LocalDate.parse(text);
            boolean stands = standing.filter(day::equals).isPresent();
            if (stands || !day.isBefore(today) && day.getYear() <= LAST_YEAR) {
                return Optional.of(day);
            }
            entries.refuse(field, "entry.day-past");
        } catch (DateTimeParseException nonsense) {
            entries.refuse(field, "entry.day");
        }
        return standing;
    }
}
