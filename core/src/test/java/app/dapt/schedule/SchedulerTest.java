package app.dapt.schedule;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.make.Job;
import app.dapt.make.Together;
import app.dapt.measure.Length;
import app.dapt.schedule.FreeTime.Slot;
import app.dapt.schedule.FreeTime.Window;
import app.dapt.schedule.Schedule.Due;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.schedule.Schedule.Timed;
import app.dapt.schedule.Scheduler.Load;
import app.dapt.step.Effort;
import app.dapt.step.Handled;
import app.dapt.step.Labour;
import app.dapt.step.Place;
import app.dapt.step.Step;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** All that is in work, in the times there are: nothing before its need, nothing outside, as many days as can be. */
@ExtendWith(Reaches.Count.class)
class SchedulerTest {

    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2027, 3, 1);

    private static Job job(int cover, String id, Place place, double minutes, boolean loose, String... needs) {
        Step step = new Step(
                id,
                place,
                "any",
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                List.of(),
                Optional.empty(),
                List.of(),
                Set.of(),
                List.of(),
                new Labour(Effort.LAY, minutes, Length.ZERO),
                loose,
                new Handled(Optional.empty(), List.of()),
                Optional.empty());
        return new Job(cover, step, Set.of(needs));
    }

    private static FreeTime evenings(int minutes) {
        return new FreeTime(
                MONDAY.atStartOfDay(),
                Stream.of(DayOfWeek.values())
                        .map(day -> new Slot(day, LocalTime.of(20, 0), minutes))
                        .toList(),
                Set.of());
    }

    private static Optional<LocalDate> by(int march) {
        return Optional.of(MONDAY.withDayOfMonth(march));
    }

    private static Schedule plan(List<Job> jobs, List<Optional<LocalDate>> due, FreeTime time) {
        return Scheduler.plan(new Load(jobs, job -> job.step().minutes(), job -> job.cover() - 1, due), time);
    }

    private static List<String> said(Schedule schedule) {
        return schedule.sittings().stream()
                .map(sitting -> sitting.day().getDayOfMonth() + " "
                        + sitting.work().stream().map(timed -> timed.job().id()).collect(Collectors.joining(" ")))
                .toList();
    }

    @Test
    void twoCoversShareAnEveningAtTheTable() {
        List<Job> jobs = List.of(
                job(1, "cut", Place.TABLE, 20, false),
                job(1, "sew", Place.MACHINE, 20, false, "c1/cut"),
                job(2, "cut", Place.TABLE, 20, false),
                job(2, "sew", Place.MACHINE, 20, false, "c2/cut"));
        Schedule schedule = plan(jobs, List.of(by(2), by(2)), evenings(60));
        assertThat(said(schedule))
                .as("10 to set up the table and 40 of cutting; then 14 for the machine and 40 of sewing")
                .containsExactly("1 c1/cut c2/cut", "2 c1/sew c2/sew");
        assertThat(schedule.sittings()).extracting(Sitting::minutes).containsExactly(50.0, 54.0);
        assertThat(schedule.due()).allMatch(Due::isKept);
        assertThat(schedule.isProved()).isTrue();
    }

    @Test
    void aWashDriesOverNightAndPinsAreSewnTheSameEvening() {
        List<Job> jobs = List.of(
                job(1, "wash", Place.WASH, 10, false),
                job(1, "cut", Place.TABLE, 15, false, "c1/wash"),
                job(1, "pin", Place.TABLE, 10, true, "c1/cut"),
                job(1, "sew", Place.MACHINE, 12, false, "c1/pin"));
        assertThat(said(plan(jobs, List.of(Optional.empty()), evenings(60))))
                .as("10 + 14 to set up, 37 of work: a minute more than there is; the pins wait for the third evening")
                .containsExactly("1 c1/wash", "2 c1/cut", "3 c1/pin c1/sew");
        assertThat(said(plan(jobs, List.of(Optional.empty()), evenings(61))))
                .containsExactly("1 c1/wash", "2 c1/cut c1/pin c1/sew");
    }

    @Test
    void whatFitsIntoNoTimeIsSaidWithAllThatNeedsIt() {
        List<Job> jobs = List.of(
                job(1, "cut", Place.TABLE, 20, false),
                job(1, "gather", Place.MACHINE, 50, false, "c1/cut"),
                job(1, "press", Place.IRON, 5, false, "c1/gather"),
                job(2, "cut", Place.TABLE, 20, false));
        Schedule schedule = plan(jobs, List.of(by(9), by(9)), evenings(60));
        assertThat(schedule.left()).extracting(Job::id).containsExactly("c1/gather", "c1/press");
        assertThat(schedule.due()).extracting(Due::isKept).containsExactly(false, true);
    }

    @Test
    void whatCannotBeKeptGivesWayToWhatCan() {
        List<Job> jobs = List.of(
                job(1, "sew", Place.MACHINE, 46, false),
                job(2, "sew", Place.MACHINE, 20, false),
                job(3, "sew", Place.MACHINE, 20, false));
        Schedule schedule = plan(jobs, List.of(by(1), by(1), by(1)), evenings(60));
        assertThat(schedule.due()).extracting(Due::isKept).containsExactly(false, true, true);
        assertThat(schedule.keptBound()).isEqualTo(2);
        assertThat(schedule.isProved()).isTrue();
        assertThat(schedule.due().get(0).done()).contains(MONDAY.plusDays(1));
    }

    /** A few jobs and a few evenings, small enough to try everything. */
    record Small(List<Job> jobs, List<Optional<LocalDate>> due, FreeTime time) {

        private static final List<Place> DRY =
                Stream.of(Place.values()).filter(place -> place != Place.WASH).toList();

        static Small any(Random random) {
            int covers = 1 + random.nextInt(3);
            List<Job> jobs = new ArrayList<>();
            int count = 4 + random.nextInt(4);
            for (int i = 0; i < count; i++) {
                int cover = 1 + random.nextInt(covers);
                String[] needs = jobs.stream()
                        .filter(before -> before.cover() == cover && random.nextInt(2) == 0)
                        .map(Job::id)
                        .toArray(String[]::new);
                Place place = needs.length == 0 ? Cases.pick(random, Place.values()) : Cases.pick(random, DRY);
                jobs.add(job(
                        cover,
                        "job-" + i,
                        place,
                        5 + random.nextInt(20),
                        place != Place.WASH && random.nextInt(4) == 0,
                        needs));
            }
            List<Optional<LocalDate>> due = new ArrayList<>();
            IntStream.range(0, covers).forEach(i -> due.add(by(1 + random.nextInt(4))));
            return new Small(jobs, due, evenings(40 + random.nextInt(40)));
        }

        /** The fewest days that must be missed, and then the fewest days that the latest is late; by trying all. */
        long[] best() {
            return best(0, new HashMap<>(), time.windows().subList(0, 9));
        }

        private long[] best(int window, Map<String, Integer> done, List<Window> windows) {
            if (done.size() == jobs.size() || window == windows.size()) {
                return score(done, windows);
            }
            List<Job> open =
                    jobs.stream().filter(job -> !done.containsKey(job.id())).toList();
            long[] best = {Long.MAX_VALUE, Long.MAX_VALUE};
            for (int chosen = 1 << open.size(); --chosen >= 0; ) {
                int some = chosen;
                List<Job> sitting = IntStream.range(0, open.size())
                        .filter(i -> (some >> i & 1) == 1)
                        .mapToObj(open::get)
                        .toList();
                if (works(sitting, done, window, windows) && !isPartOf(sitting, open, done, window, windows)) {
                    Map<String, Integer> after = new HashMap<>(done);
                    sitting.forEach(job -> after.put(job.id(), window));
                    long[] score = best(window + 1, after, windows);
                    if (score[0] < best[0] || score[0] == best[0] && score[1] < best[1]) {
                        best = score;
                    }
                }
            }
            return best;
        }

        /** Whether more could be done in it: that is never worse. */
        private boolean isPartOf(
                List<Job> sitting, List<Job> open, Map<String, Integer> done, int window, List<Window> windows) {
            return open.stream().filter(job -> !sitting.contains(job)).anyMatch(more -> {
                List<Job> with = new ArrayList<>(sitting);
                with.add(more);
                return works(with, done, window, windows);
            });
        }

        private boolean works(List<Job> sitting, Map<String, Integer> done, int window, List<Window> windows) {
            Set<String> here = sitting.stream().map(Job::id).collect(Collectors.toSet());
            return new Sitting(windows.get(window).start(), timed(sitting)).minutes()
                            <= windows.get(window).minutes() + 1e-9
                    && sitting.stream().allMatch(job -> job.needs().stream()
                            .allMatch(need -> byId(need).step().place() == Place.WASH
                                    ? done.getOrDefault(need, window) < window
                                    : here.contains(need) || done.containsKey(need)))
                    && sitting.stream().filter(job -> job.step().loose()).allMatch(loose -> jobs.stream()
                            .filter(job -> job.needs().contains(loose.id()))
                            .allMatch(job -> here.contains(job.id())));
        }

        private Job byId(String id) {
            return jobs.stream().filter(job -> job.id().equals(id)).findFirst().orElseThrow();
        }

        private long[] score(Map<String, Integer> done, List<Window> windows) {
            long missed = 0;
            long latest = 0;
            for (int i = 0; i < due.size(); i++) {
                int cover = i + 1;
                List<Job> own =
                        jobs.stream().filter(job -> job.cover() == cover).toList();
                boolean all = own.stream().allMatch(job -> done.containsKey(job.id()));
                long late = !all
                        ? Integer.MAX_VALUE
                        : own.stream()
                                .mapToLong(job -> ChronoUnit.DAYS.between(
                                        due.get(cover - 1).orElseThrow(),
                                        windows.get(done.getOrDefault(job.id(), 0))
                                                .day()))
                                .max()
                                .orElse(0);
                missed += late > 0 ? 1 : 0;
                latest = Math.max(latest, late);
            }
            return new long[] {missed, latest};
        }
    }

    private static List<Timed> timed(List<Job> jobs) {
        return jobs.stream().map(job -> new Timed(job, job.step().minutes())).toList();
    }

    static Stream<Arguments> small() {
        return Cases.of(120, Small::any);
    }

    @ParameterizedTest
    @MethodSource("small")
    @Reaches({"missed", "kept"})
    void noOrderKeepsMoreDaysNorIsLessLate(Small small) {
        Schedule schedule = plan(small.jobs(), small.due(), small.time());
        long missed = schedule.due().stream().filter(due -> !due.isKept()).count();
        long latest = schedule.due().stream()
                .mapToLong(due -> due.done()
                        .map(done -> Math.max(0, ChronoUnit.DAYS.between(due.day(), done)))
                        .orElse((long) Integer.MAX_VALUE))
                .max()
                .orElse(0);
        assertThat(new long[] {missed, latest})
                .as("%s %s", said(schedule), small)
                .containsExactly(small.best());
        assertThat(schedule.kept()).isLessThanOrEqualTo(schedule.keptBound());
        reached(missed > 0 ? "missed" : "kept");
    }

    /** Any covers, times and days. */
    record Workroom(List<Job> jobs, List<Optional<LocalDate>> due, FreeTime time) {

        private static final List<Reckoned> COVERS = IntStream.range(0, 60)
                .mapToObj(seed -> new Random(seed * 31L + 5))
                .map(random -> RandomPlans.fitting(
                        random, Cases.pick(random, ShapeKind.ALL.all()), Cases.pick(random, OpeningKind.ALL.all())))
                .map(plan -> Reckoner.reckonWithoutRemedies(plan, plan.mark()))
                .toList();

        static Workroom any(Random random) {
            List<Reckoned> covers = IntStream.range(0, 1 + random.nextInt(6))
                    .mapToObj(i -> Cases.pick(random, COVERS))
                    .toList();
            LocalDateTime from = MONDAY.atTime(random.nextInt(24), random.nextInt(60));
            List<Slot> week = IntStream.range(0, 1 + random.nextInt(5))
                    .mapToObj(i -> new Slot(
                            Cases.pick(random, DayOfWeek.values()),
                            LocalTime.of(random.nextInt(24), 15 * random.nextInt(4)),
                            10 + random.nextInt(170)))
                    .toList();
            Set<LocalDate> off = IntStream.range(0, random.nextInt(4))
                    .mapToObj(i -> MONDAY.plusDays(random.nextInt(30)))
                    .collect(Collectors.toSet());
            List<Optional<LocalDate>> due = covers.stream()
                    .map(any -> random.nextInt(3) == 0
                            ? Optional.<LocalDate>empty()
                            : Optional.of(MONDAY.plusDays(random.nextInt(40))))
                    .toList();
            return new Workroom(Together.jobs(covers), due, new FreeTime(from, week, off));
        }
    }

    static Stream<Arguments> workrooms() {
        return Cases.of(80, Workroom::any);
    }

    @ParameterizedTest
    @MethodSource("workrooms")
    @Reaches({"washed", "pinned", "left", "late", "all kept"})
    void neverTwoAtOneTimeNeverBeforeItsNeedNeverOutsideTheTimesGiven(Workroom room) {
        Schedule schedule = plan(room.jobs(), room.due(), room.time());
        Map<String, Integer> done = new HashMap<>();
        LocalDateTime free = room.time().from();
        for (Sitting sitting : schedule.sittings()) {
            assertThat(sitting.start()).isAfterOrEqualTo(free);
            free = sitting.start().plusSeconds(Math.round(sitting.minutes() * 60));
            LocalDateTime ends = free;
            assertThat(room.time().week()).anyMatch(slot -> IntStream.rangeClosed(0, 1)
                    .mapToObj(sitting.day()::minusDays)
                    .filter(day -> day.getDayOfWeek() == slot.day())
                    .filter(day -> !room.time().off().contains(day))
                    .map(day -> day.atTime(slot.at()))
                    .anyMatch(start ->
                            !sitting.start().isBefore(start) && !ends.isAfter(start.plusMinutes(slot.minutes()))));
            for (Timed timed : sitting.work()) {
                assertThat(done.keySet()).containsAll(timed.job().needs());
                assertThat(done.put(timed.job().id(), schedule.sittings().indexOf(sitting)))
                        .isNull();
            }
        }
        Set<String> all = new HashSet<>(done.keySet());
        schedule.left().forEach(job -> assertThat(all.add(job.id())).isTrue());
        assertThat(all).hasSize(room.jobs().size());
        room.jobs().stream().filter(job -> done.containsKey(job.id())).forEach(job -> job.needs()
                .forEach(need -> apart(room, need, job, schedule, done)));
        if (!schedule.left().isEmpty()) {
            reached("left");
        }
        reached(schedule.due().stream().allMatch(Due::isKept) ? "all kept" : "late");
        assertThat(schedule.kept()).isLessThanOrEqualTo(schedule.keptBound());
    }

    private static void apart(Workroom room, String need, Job job, Schedule schedule, Map<String, Integer> done) {
        Job before = room.jobs().stream()
                .filter(each -> each.id().equals(need))
                .findFirst()
                .orElseThrow();
        if (before.step().place() == Place.WASH) {
            reached("washed");
            assertThat(schedule.sittings().get(done.getOrDefault(job.id(), -1)).day())
                    .isAfter(
                            schedule.sittings().get(done.getOrDefault(need, -2)).day());
        }
        if (before.step().loose()) {
            reached("pinned");
            assertThat(done.getOrDefault(need, -2)).as(need).isEqualTo(done.getOrDefault(job.id(), -1));
        }
    }

    /** Tasks with days, few enough to try every choice of them. */
    record Choice(List<MooreHodgson.Task> tasks) {
        static Choice any(Random random) {
            return new Choice(IntStream.range(0, 1 + random.nextInt(7))
                    .mapToObj(i -> new MooreHodgson.Task(i, 1 + random.nextInt(20), random.nextInt(60)))
                    .toList());
        }

        int most() {
            int most = 0;
            for (int some = 0; some < 1 << tasks.size(); some++) {
                BitSet chosen = BitSet.valueOf(new long[] {some});
                double at = 0;
                boolean kept = true;
                for (MooreHodgson.Task task : tasks.stream()
                        .filter(task -> chosen.get(task.number()))
                        .sorted((a, b) -> Double.compare(a.until(), b.until()))
                        .toList()) {
                    at += task.minutes();
                    kept &= at <= task.until();
                }
                most = kept ? Math.max(most, chosen.cardinality()) : most;
            }
            return most;
        }
    }

    static Stream<Arguments> choices() {
        return Cases.of(200, Choice::any);
    }

    @ParameterizedTest
    @MethodSource("choices")
    void noChoiceKeepsMoreThanTheBound(Choice choice) {
        assertThat(MooreHodgson.inTime(choice.tasks())).hasSize(choice.most());
    }
}
