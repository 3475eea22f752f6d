package app.dapt.web.workroom;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Map;
import java.util.Optional;

/**
 * When somebody sews, and by when something is to be done.
 *
 * @param week    when one begins on which day, and for how long
 * @param atATime minutes one sits at a time where no day is said, 5 to 1440
 * @param due     the day by which it is to be done
 */
public record WorkTimes(Map<DayOfWeek, Slot> week, int atATime, Optional<LocalDate> due) {

    public static final int LEAST_MINUTES = 5;
    public static final int MOST_MINUTES = 1440;

    /**
     * A stretch of time in a week.
     *
     * @param minutes 5 to 1440
     */
    public record Slot(LocalTime starts, int minutes) {}

    public WorkTimes {
        week = Map.copyOf(week);
    }
}
