package app.dapt.web.calendar;

import app.dapt.schedule.FreeTime;
import app.dapt.schedule.FreeTime.Slot;
import app.dapt.schedule.FreeTime.Window;
import app.dapt.schedule.Schedule;
import app.dapt.schedule.Scheduler;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.progress.Batches;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.WorkTimeStore;
import app.dapt.web.workroom.WorkTimes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Plans all that is in work, from now on; the same work in the same times is planned once. */
@Component
class WorkPlans {

    private static final List<Integer> MORE = List.of(10, 20, 30, 45, 60, 90, 120, 180, 240);

    private static final int LATELY = 7;
    private static final int MOST_LATELY = 50;

    private record Asked(Workload.Key load, FreeTime time) {}

    private final Cache<Asked, Schedule> known =
            Caffeine.newBuilder().maximumSize(20).build();
    private final Batches batches;
    private final CalendarStore calendar;
    private final WorkTimeStore times;
    private final Clock clock;

    WorkPlans(Batches batches, CalendarStore calendar, WorkTimeStore times, Clock clock) {
        this.batches = batches;
        this.calendar = calendar;
        this.times = times;
        this.clock = clock;
    }

    /** All that is in work. */
    @Transactional(readOnly = true)
    public WorkPlan find(Reader reader) {
        return plan(inWork(reader), 0);
    }

    /** The same with a cover or a set that comes last where it is not in work yet. */
    @Transactional(readOnly = true)
    public WorkPlan with(Owner owner, Reader reader) {
        List<Work> works = inWork(reader);
        boolean isIn = works.stream().anyMatch(work -> work.makes(owner));
        return plan(
                isIn
                        ? works
                        : Stream.concat(
                                        works.stream(),
                                        Stream.of(new Work(
                                                batches.find(owner, reader),
                                                times.find(owner).due(),
                                                false)))
                                .toList(),
                0);
    }

    /**
     * So many minutes more each time would be enough; nothing where no such number would, or none is needed.
     *
     * @param isKept whether a plan keeps what has to be kept
     */
    Optional<Integer> minutesMore(WorkPlan plan, Predicate<WorkPlan> isKept) {
        if (isKept.test(plan)) {
            return Optional.empty();
        }
        int[] found = {0, MORE.size()};
        while (found[0] < found[1]) {
            int middle = (found[0] + found[1]) / 2;
            if (isKept.test(plan(plan.works(), MORE.get(middle)))) {
                found[1] = middle;
            } else {
                found[0] = middle + 1;
            }
        }
        return found[0] < MORE.size() ? Optional.of(MORE.get(found[0])) : Optional.empty();
    }

    /** The day of a time that went by of late without anything being done, where something is begun. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> missed(WorkPlan plan) {
        LocalDateTime now = LocalDateTime.now(clock);
        Optional<LocalDateTime> last = calendar.lastTick().map(at -> LocalDateTime.ofInstant(at, clock.getZone()));
        return plan.isDated() && !plan.works().isEmpty() && last.isPresent()
                ? new FreeTime(now.minusDays(LATELY), slots(times.week(), 0), calendar.daysOff())
                        .windows(MOST_LATELY).stream()
                                .takeWhile(window -> window.end().isBefore(now))
                                .filter(window -> window.start().isAfter(last.get()))
                                .map(Window::day)
                                .reduce((earlier, later) -> later)
                : Optional.empty();
    }

    private List<Work> inWork(Reader reader) {
        return calendar.inWork().stream()
                .flatMap(
                        each -> batches
                                .findAny(each.owner(), reader)
                                .map(batch -> new Work(batch, each.due(), each.isPlaced()))
                                .stream())
                .filter(Work::isLeft)
                .toList();
    }

    private WorkPlan plan(List<Work> works, int more) {
        WorkTimes said = times.week();
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        boolean isDated = !said.week().isEmpty();
        FreeTime time = isDated
                ? fromTheFirst(new FreeTime(now, slots(said, more), calendar.daysOff()))
                : FreeTime.everyDay(now.toLocalDate(), said.atATime());
        Workload load = Workload.of(works);
        Schedule schedule = known.get(new Asked(load.key(), time), asked -> Scheduler.plan(load.load(), time));
        return new WorkPlan(load, schedule, isDated);
    }

    private static List<Slot> slots(WorkTimes times, int more) {
        return times.week().entrySet().stream()
                .map(day -> new Slot(
                        day.getKey(),
                        day.getValue().starts(),
                        Math.min(FreeTime.MOST_MINUTES, day.getValue().minutes() + more)))
                .sorted(Comparator.comparing(Slot::day))
                .toList();
    }

    /** The same times from the first on, so that nothing is planned anew while one waits for that. */
    private static FreeTime fromTheFirst(FreeTime time) {
        return time.windows(1).stream()
                .findFirst()
                .map(Window::start)
                .map(first -> new FreeTime(first, time.week(), time.off()))
                .orElse(time);
    }
}
