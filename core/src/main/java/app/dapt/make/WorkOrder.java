package app.dapt.make;

import app.dapt.step.Place;
import app.dapt.step.Setting;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * The steps of one cover or of several in the order in which one goes from place to place the least.
 *
 * @param visits place by place
 * @param least  no order has fewer trips
 */
public record WorkOrder(List<Visit> visits, int least) {

    /** All that is done at one place before leaving it. */
    public record Visit(Place place, List<Job> jobs) {
        public Visit {
            jobs = List.copyOf(jobs);
        }
    }

    public WorkOrder {
        visits = List.copyOf(visits);
    }

    /** The order of the steps of these covers; each cover's steps come after what they need. */
    public static WorkOrder of(List<List<Step>> covers) {
        return of(covers, OptionalInt.empty());
    }

    /**
     * The same, where one cover is made for trial: no other is cut before that has been on its form.
     *
     * @param trial its number, counted from one
     */
    public static WorkOrder of(List<List<Step>> covers, OptionalInt trial) {
        return of(covers, trial, job -> job);
    }

    /** The same, where jobs wait for more than their steps say. */
    static WorkOrder of(List<List<Step>> covers, OptionalInt trial, UnaryOperator<Job> waiting) {
        return ofSorted(jobs(covers, trial, waiting));
    }

    /** Of some jobs alone: whatever else they need is done. */
    public static WorkOrder among(List<Job> jobs) {
        Set<String> among = jobs.stream().map(Job::id).collect(Collectors.toSet());
        return ofSorted(
                afterTheirNeeds(jobs.stream().map(job -> job.needingOnly(among)).toList()));
    }

    private static WorkOrder ofSorted(List<Job> sorted) {
        TripSearch.Found found = TripSearch.fewest(graphs(sorted));
        return new WorkOrder(visited(sorted, found.visits()), Math.max(0, found.least() - 1));
    }

    /** The jobs, each after those it needs. */
    static List<Job> jobs(List<List<Step>> covers, OptionalInt trial, UnaryOperator<Job> waiting) {
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < covers.size(); i++) {
            int cover = i + 1;
            covers.get(i).forEach(step -> jobs.add(waiting.apply(Job.of(cover, step))));
        }
        trial.ifPresent(number -> jobs.replaceAll(waiting(number, jobs)));
        return afterTheirNeeds(jobs);
    }

    /** What of another cover is cut waits until the first has been tried on. */
    private static UnaryOperator<Job> waiting(int first, List<Job> jobs) {
        String tried = jobs.stream()
                .filter(job -> job.cover() == first && job.step().place() == Place.FORM)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no cover " + first))
                .id();
        return job -> job.cover() != first && job.step().effort().isCutting() ? job.after(tried) : job;
    }

    /** How often one goes from one place to another. */
    public int trips() {
        return Math.max(0, visits.size() - 1);
    }

    /** Whether it cannot be fewer. */
    public boolean isProved() {
        return trips() == least;
    }

    /** All steps in order. */
    public List<Job> jobs() {
        return visits.stream().flatMap(visit -> visit.jobs().stream()).toList();
    }

    /** The same jobs, each after those it needs, else as they come. */
    private static List<Job> afterTheirNeeds(List<Job> jobs) {
        List<Job> sorted = new ArrayList<>();
        Set<String> in = new HashSet<>();
        List<Job> left = new ArrayList<>(jobs);
        while (!left.isEmpty()) {
            Job next = left.stream()
                    .filter(job -> in.containsAll(job.needs()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("steps that need each other"));
            left.remove(next);
            in.add(next.id());
            sorted.add(next);
        }
        return sorted;
    }

    /** Jobs that hang together by what they need make a graph; of graphs that are alike one is enough. */
    private static List<StepGraph> graphs(List<Job> sorted) {
        Map<String, Set<String>> together = new HashMap<>();
        for (Job job : sorted) {
            Set<String> group = new LinkedHashSet<>(List.of(job.id()));
            job.needs().forEach(need -> group.addAll(Objects.requireNonNull(together.get(need), need)));
            group.forEach(each -> together.put(each, group));
        }
        List<StepGraph> graphs = new ArrayList<>();
        for (Set<String> group : new LinkedHashSet<>(together.values())) {
            StepGraph graph = graph(
                    sorted.stream().filter(job -> group.contains(job.id())).toList());
            if (graphs.stream().noneMatch(graph::isLike)) {
                graphs.add(graph);
            }
        }
        return graphs;
    }

    private static StepGraph graph(List<Job> sorted) {
        Map<String, Integer> index = new HashMap<>();
        List<BitSet> needs = new ArrayList<>();
        for (Job job : sorted) {
            BitSet before = new BitSet();
            job.needs().forEach(need -> before.set(Objects.requireNonNull(index.get(need), need)));
            index.put(job.id(), needs.size());
            needs.add(before);
        }
        return new StepGraph(sorted.stream().map(job -> job.step().place()).toList(), needs);
    }

    private static List<Visit> visited(List<Job> jobs, List<Place> places) {
        List<Visit> visits = new ArrayList<>();
        Set<String> done = new HashSet<>();
        List<Job> left = new ArrayList<>(jobs);
        for (Place place : places) {
            List<Job> here = new ArrayList<>();
            Optional<Job> next = next(left, place, done, here);
            while (next.isPresent()) {
                here.add(next.get());
                done.add(next.get().id());
                left.remove(next.get());
                next = next(left, place, done, here);
            }
            visits.add(new Visit(place, here));
        }
        return visits;
    }

    /** Like with like: the same work as just now, then with the same foot and stitch, then as the covers come. */
    private static Optional<Job> next(List<Job> left, Place place, Set<String> done, List<Job> here) {
        Optional<Job> last = here.isEmpty() ? Optional.empty() : Optional.of(here.get(here.size() - 1));
        Optional<String> does = last.map(job -> job.step().does());
        Optional<Setting> setting = last.flatMap(job -> job.step().setting());
        return left.stream()
                .filter(job -> job.step().place() == place && done.containsAll(job.needs()))
                .min(Comparator.<Job>comparingInt(
                                job -> does.filter(job.step().does()::equals).isPresent() ? 0 : 1)
                        .thenComparingInt(job -> isLike(setting, job, Setting::foot) ? 0 : 1)
                        .thenComparingInt(job -> isLike(setting, job, Setting::stitch) ? 0 : 1));
    }

    private static <T> boolean isLike(Optional<Setting> set, Job job, Function<Setting, T> part) {
        return set.isPresent() && set.map(part).equals(job.step().setting().map(part));
    }
}
