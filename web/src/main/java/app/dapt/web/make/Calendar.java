package app.dapt.web.make;

import app.dapt.make.Job;
import app.dapt.make.Sitting;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.web.workroom.WorkTimes.Slot;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * When what is left of a batch is done: its sittings, each at the next time there is.
 *
 * @param times    when there is time
 * @param sittings what is left
 * @param starts   when each begins; empty where no day of the week was said
 */
record Calendar(WorkTimes times, List<Sitting> sittings, List<LocalDateTime> starts) {

    private static final int MORE = 5;
    private static final int MOST_MORE = 240;

    static Calendar of(Batch batch, WorkTimes times, LocalDateTime now) {
        List<Job> left = batch.order().jobs().stream().filter(batch::isLeft).toList();
        List<LocalDateTime> starts = new ArrayList<>();
        List<Sitting> sittings = Sitting.cut(left, batch::minutes, number -> room(number, times, now, starts));
        return new Calendar(times, sittings, starts.subList(0, Math.min(starts.size(), sittings.size())));
    }

    /** How long the next time is; from now on, in order. */
    private static int room(int number, WorkTimes times, LocalDateTime now, List<LocalDateTime> starts) {
        if (times.week().isEmpty()) {
            return times.atATime();
        }
        while (starts.size() <= number) {
            starts.add(starts.isEmpty() ? first(times, now) : next(times, starts.get(starts.size() - 1)));
        }
        LocalDateTime start = starts.get(number);
        int gone = (int) Math.max(0, Duration.between(start, now).toMinutes());
        return slot(times, start.getDayOfWeek()).map(Slot::minutes).orElse(times.atATime()) - gone;
    }

    /** The first one that is to come, or has begun and goes on. */
    private static LocalDateTime first(WorkTimes times, LocalDateTime now) {
        return slot(times, now.getDayOfWeek())
                .filter(slot -> !now.toLocalTime().isBefore(slot.starts())
                        && now.isBefore(now.toLocalDate().atTime(slot.starts()).plusMinutes(slot.minutes())))
                .map(slot -> now.toLocalDate().atTime(slot.starts()))
                .orElseGet(() -> next(times, now));
    }

    private static LocalDateTime next(WorkTimes times, LocalDateTime after) {
        return IntStream.rangeClosed(0, DayOfWeek.values().length)
                .mapToObj(after.toLocalDate()::plusDays)
                .flatMap(day -> slot(times, day.getDayOfWeek()).stream().map(slot -> day.atTime(slot.starts())))
                .filter(start -> start.isAfter(after))
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Slot> slot(WorkTimes times, DayOfWeek day) {
        return Optional.ofNullable(times.week().get(day));
    }

    /** The day everything is done; nothing where no day of the week was said, or nothing is left. */
    Optional<LocalDate> finished() {
        return starts.isEmpty()
                ? Optional.empty()
                : Optional.of(starts.get(starts.size() - 1).toLocalDate());
    }

    /** How many sittings come after the day by which it is to be done. */
    long late() {
        return times.due()
                .map(day -> starts.stream()
                        .filter(start -> start.toLocalDate().isAfter(day))
                        .count())
                .orElse(0L);
    }

    /** So many minutes more each time would keep the day; nothing where no such number would. */
    static Optional<Integer> minutesMore(Batch batch, WorkTimes times, LocalDateTime now) {
        return IntStream.iterate(MORE, more -> more <= MOST_MORE, more -> more + MORE)
                .filter(more -> of(batch, longer(times, more), now).late() == 0)
                .boxed()
                .findFirst();
    }

    private static WorkTimes longer(WorkTimes times, int more) {
        Map<DayOfWeek, Slot> week = new EnumMap<>(DayOfWeek.class);
        times.week().forEach((day, slot) -> week.put(day, new Slot(slot.starts(), slot.minutes() + more)));
        return new WorkTimes(week, times.atATime(), times.due());
    }
}
