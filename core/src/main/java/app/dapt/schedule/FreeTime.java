package app.dapt.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * When there is time to sew.
 *
 * @param from  nothing is done before
 * @param week  the times of every week
 * @param off   days on which there is none
 */
public record FreeTime(LocalDateTime from, List<Slot> week, Set<LocalDate> off) {

    /** Nobody plans further than so many times ahead. */
    public static final int MOST_WINDOWS = 2_000;

    public static final int MOST_MINUTES = 24 * 60;

    private static final int DAYS_OF_TEN_YEARS = 3_660;

    /** A stretch of time in every week. */
    public record Slot(DayOfWeek day, LocalTime at, int minutes) {

        /** @throws IllegalArgumentException where it is no time at all, or more than a day */
        public Slot {
            if (minutes < 1 || minutes > MOST_MINUTES) {
                throw new IllegalArgumentException("minutes from 1 to " + MOST_MINUTES);
            }
        }
    }

    /** A stretch of time on a day. */
    public record Window(LocalDateTime start, int minutes) {

        public LocalDateTime end() {
            return start.plusMinutes(minutes);
        }

        /** The day it is on: one that goes past midnight belongs to the day on which it begins. */
        public LocalDate day() {
            return start.toLocalDate();
        }
    }

    public FreeTime {
        week = List.copyOf(week);
        off = Set.copyOf(off);
    }

    /** The same time every day, for whoever has not said when there is any. */
    public static FreeTime everyDay(LocalDate from, int minutes) {
        return new FreeTime(
                from.atStartOfDay(),
                List.of(DayOfWeek.values()).stream()
                        .map(day -> new Slot(day, LocalTime.MIDNIGHT, minutes))
                        .toList(),
                Set.of());
    }

    /** These times one after the other; what overlaps counts once, what has begun counts from now on. */
    public List<Window> windows() {
        return windows(MOST_WINDOWS);
    }

    /** The first of them, at most so many. */
    public List<Window> windows(int most) {
        List<Window> windows = new ArrayList<>();
        LocalDate first = from.toLocalDate().minusDays(1);
        LocalDateTime free = from;
        for (int ahead = 0; ahead < DAYS_OF_TEN_YEARS && windows.size() < most; ahead++) {
            LocalDate day = first.plusDays(ahead);
            for (Slot slot : off.contains(day) ? List.<Slot>of() : on(day)) {
                LocalDateTime start = day.atTime(slot.at());
                LocalDateTime end = start.plusMinutes(slot.minutes());
                LocalDateTime begins = start.isBefore(free) ? free : start;
                int minutes = (int) Duration.between(begins, end).toMinutes();
                if (minutes > 0) {
                    windows.add(new Window(begins, minutes));
                    free = end;
                }
            }
        }
        return windows;
    }

    private List<Slot> on(LocalDate day) {
        return week.stream()
                .filter(slot -> slot.day() == day.getDayOfWeek())
                .sorted(Comparator.comparing(Slot::at))
                .toList();
    }
}
