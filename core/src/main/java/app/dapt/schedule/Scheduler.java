package app.dapt.schedule;

import app.dapt.make.Job;
import app.dapt.make.WorkOrder;
import app.dapt.schedule.FreeTime.Window;
import app.dapt.schedule.ListScheduling.Filled;
import app.dapt.schedule.ListScheduling.Rule;
import app.dapt.schedule.MooreHodgson.Task;
import app.dapt.schedule.Schedule.Due;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.schedule.Schedule.Timed;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Plans all that is in work: the most due days kept, then the least late, then the fewest trips, then the soonest done.
 * List scheduling by several rules, the best of them improved by moving a cover or a clump at a time; the same for
 * the same work.
 */
public final class Scheduler {

    /** Of so many fillings the best is taken, for so many clumps altogether. */
    private static final int MOST_CLUMPS_FILLED = 80_000;

    private static final int MOST_FILLINGS = 2_000;
    /** So many more are tried to save trips, once no day is missed. */
    private static final int FOR_TRIPS = 60;

    private static final List<Integer> LEAST = List.of(0, 6, 15);

    /** How good an order is: less is better, first things first. */
    private record Score(int missed, long latest, long late, int trips, int sittings) implements Comparable<Score> {
        @Override
        public int compareTo(Score other) {
            return Comparator.comparingInt(Score::missed)
                    .thenComparingLong(Score::latest)
                    .thenComparingLong(Score::late)
                    .thenComparingInt(Score::trips)
                    .thenComparingInt(Score::sittings)
                    .compare(this, other);
        }
    }

    private record Tried(Rule rule, Filled filled, Score score) {}

    private final List<Optional<LocalDate>> due;
    private final LocalDate from;
    private final List<Window> windows;
    private final Clumps clumps;
    private final ListScheduling scheduling;
    private int fillings;

    /**
     * What is to be planned.
     *
     * @param jobs    what is left to do, each after those it needs; what they need besides is done
     * @param minutes what each takes, hands on
     * @param whose   which of what is to be done by a day each belongs to, from nought
     * @param due     the day of each of these that has one, in the order in which those without are made
     */
    public record Load(
            List<Job> jobs, ToDoubleFunction<Job> minutes, ToIntFunction<Job> whose, List<Optional<LocalDate>> due) {

        public Load {
            jobs = List.copyOf(jobs);
            due = List.copyOf(due);
        }
    }

    private Scheduler(Load load, FreeTime time) {
        this.due = load.due();
        this.from = time.from().toLocalDate();
        this.windows = time.windows();
        this.clumps = Clumps.of(load);
        this.scheduling = new ListScheduling(clumps, windows, due.size());
        this.fillings = Math.min(
                MOST_FILLINGS, MOST_CLUMPS_FILLED / Math.max(1, clumps.all().size()));
    }

    /** Plans it in the time there is. */
    public static Schedule plan(Load load, FreeTime time) {
        return new Scheduler(load, time).plan();
    }

    private Schedule plan() {
        List<Task> inTime = inTime();
        Tried best = improved(best(inTime));
        List<Sitting> sittings = new ArrayList<>();
        for (int at = 0; at < best.filled().sittings().size(); at++) {
            List<Integer> numbers = best.filled().sittings().get(at);
            if (!numbers.isEmpty()) {
                sittings.add(new Sitting(windows.get(at).start(), inOrder(numbers)));
            }
        }
        return new Schedule(
                sittings,
                dues(best.filled()),
                inTime.size(),
                scheduling.left().stream()
                        .flatMap(number -> clumps.all().get(number).work().stream())
                        .map(Timed::job)
                        .toList());
    }

    /** What is done in a sitting, with as few ways as there can be. */
    private List<Timed> inOrder(List<Integer> numbers) {
        List<Timed> work = numbers.stream()
                .flatMap(number -> clumps.all().get(number).work().stream())
                .toList();
        List<Job> jobs = work.stream().map(Timed::job).toList();
        long places = jobs.stream().map(job -> job.step().place()).distinct().count();
        if (arrivals(jobs) == places) {
            return work;
        }
        Map<String, Timed> byId =
                work.stream().collect(Collectors.toMap(timed -> timed.job().id(), Function.identity()));
        return WorkOrder.among(jobs).jobs().stream()
                .map(job -> Objects.requireNonNull(byId.get(job.id())))
                .toList();
    }

    private static long arrivals(List<Job> jobs) {
        return IntStream.range(0, jobs.size())
                .filter(at -> at == 0
                        || jobs.get(at).step().place()
                                != jobs.get(at - 1).step().place())
                .count();
    }

    private List<Due> dues(Filled filled) {
        return dated().stream()
                .map(cover -> new Due(cover, due.get(cover).orElseThrow(), finished(filled, cover)))
                .toList();
    }

    private Optional<LocalDate> finished(Filled filled, int cover) {
        int window = filled.finished()[cover];
        return switch (window) {
            case ListScheduling.NEVER -> Optional.empty();
            case ListScheduling.BEFORE -> Optional.of(from);
            default -> Optional.of(windows.get(window).day());
        };
    }

    private List<Integer> dated() {
        return IntStream.range(0, due.size())
                .filter(cover -> due.get(cover).isPresent())
                .boxed()
                .toList();
    }

    /** The most days that could be kept if nothing had to be set up. */
    private List<Task> inTime() {
        double[] minutes = new double[due.size()];
        clumps.all().forEach(clump -> minutes[clump.cover()] += clump.minutes());
        return MooreHodgson.inTime(dated().stream()
                .map(cover -> new Task(
                        cover, minutes[cover], minutesUntil(due.get(cover).orElseThrow())))
                .toList());
    }

    private double minutesUntil(LocalDate day) {
        return windows.stream()
                .filter(window -> !window.day().isAfter(day))
                .mapToDouble(Window::minutes)
                .sum();
    }

    private Tried best(List<Task> inTime) {
        Comparator<Integer> byDay = Comparator.comparing(cover -> due.get(cover).orElse(LocalDate.MAX));
        List<Integer> earliest =
                IntStream.range(0, due.size()).boxed().sorted(byDay).toList();
        List<Integer> kept = inTime.stream().map(Task::number).toList();
        List<Integer> keptFirst = Stream.concat(kept.stream(), earliest.stream().filter(cover -> !kept.contains(cover)))
                .toList();
        return Stream.of(earliest, keptFirst)
                .distinct()
                .map(this::sequence)
                .flatMap(sequence -> Stream.of(1, 2, 4, due.size()).distinct().flatMap(ahead -> LEAST.stream()
                        .map(least -> new Rule(sequence, ahead, least, true))))
                .map(this::tried)
                .min(Comparator.comparing(Tried::score))
                .orElseThrow();
    }

    /** All clumps, cover by cover. */
    private int[] sequence(List<Integer> covers) {
        return IntStream.range(0, clumps.all().size())
                .boxed()
                .sorted(Comparator.comparing(
                        each -> covers.indexOf(clumps.all().get(each).cover())))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private Tried tried(Rule rule) {
        fillings--;
        Filled filled = scheduling.fill(rule);
        int missed = 0;
        long latest = 0;
        long late = 0;
        for (int cover : dated()) {
            LocalDate day = due.get(cover).orElseThrow();
            long days = finished(filled, cover)
                    .map(done -> Math.max(0, ChronoUnit.DAYS.between(day, done)))
                    .orElse((long) Integer.MAX_VALUE);
            missed += days > 0 ? 1 : 0;
            latest = Math.max(latest, days);
            late += days;
        }
        return new Tried(
                rule,
                filled,
                new Score(
                        missed, latest, late, filled.trips(), filled.sittings().size()));
    }

    /** Moves a cover or a single clump to somewhere else, and keeps what is no worse, as long as there is time. */
    private Tried improved(Tried start) {
        Tried best = start;
        Tried at = start;
        SplittableRandom random = new SplittableRandom(1);
        while (fillings > 0 && clumps.all().size() > 1) {
            if (best.score().missed() == 0 && fillings > FOR_TRIPS) {
                fillings = FOR_TRIPS;
            }
            Tried other = tried(moved(at.rule(), random));
            at = other.score().compareTo(at.score()) <= 0 ? other : at;
            best = at.score().compareTo(best.score()) < 0 ? at : best;
        }
        return best;
    }

    private Rule moved(Rule rule, SplittableRandom random) {
        int count = rule.sequence().length;
        int from = random.nextInt(count);
        int to = random.nextInt(count);
        int cover = clumps.all().get(rule.sequence()[from]).cover();
        boolean whole = random.nextInt(2) == 0;
        List<Integer> stay = new ArrayList<>();
        List<Integer> go = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            int each = rule.sequence()[at];
            boolean goes = whole ? clumps.all().get(each).cover() == cover : at == from;
            (goes ? go : stay).add(each);
        }
        stay.addAll(Math.min(to, stay.size()), go);
        return new Rule(
                stay.stream().mapToInt(Integer::intValue).toArray(),
                rule.ahead(),
                rule.least(),
                random.nextInt(4) == 0 ? !rule.stays() : rule.stays());
    }
}
