package app.dapt.make;

import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What is done in one go, before something else comes: it ends where one can leave things lying, never with layers
 * pinned or a row half gathered, and after a wash, which dries by itself.
 *
 * @param jobs    in order
 * @param minutes hands on, with going from place to place
 * @param tooLong whether it takes longer than there was time for, as there is no good place to stop before
 */
public record Sitting(List<Job> jobs, double minutes, boolean tooLong) {

    /** Coming to a place, setting up there and leaving it again. */
    static final double AT_A_PLACE = 2;

    public Sitting {
        jobs = List.copyOf(jobs);
    }

    /**
     * Cuts what is left of an order of work into sittings.
     *
     * @param jobs    what is left, in order
     * @param minutes what each takes
     * @param room    how many minutes there are for which sitting, counted from nought
     */
    public static List<Sitting> cut(List<Job> jobs, ToDoubleFunction<Job> minutes, IntUnaryOperator room) {
        List<Sitting> sittings = new ArrayList<>();
        Set<Integer> stops = stops(jobs);
        int from = 0;
        while (from < jobs.size()) {
            int most = room.applyAsInt(sittings.size());
            int to = from;
            double time = 0;
            double until = 0;
            for (int i = from; i < jobs.size() && (to == from || time <= most && !endsWash(jobs, to)); i++) {
                boolean arrives = i == from || place(jobs, i) != place(jobs, i - 1);
                time += minutes.applyAsDouble(jobs.get(i)) + (arrives ? AT_A_PLACE : 0);
                if (stops.contains(i + 1) && (to == from || time <= most)) {
                    to = i + 1;
                    until = time;
                }
            }
            sittings.add(new Sitting(jobs.subList(from, to), until, until > most));
            from = to;
        }
        return sittings;
    }

    /** How many of its minutes are not hands on: coming to each place, setting up there and leaving it again. */
    public double settingUp() {
        return AT_A_PLACE
                * IntStream.range(0, jobs.size())
                        .filter(i -> i == 0 || place(jobs, i) != place(jobs, i - 1))
                        .count();
    }

    private static Place place(List<Job> jobs, int number) {
        return jobs.get(number).step().place();
    }

    /** How many jobs are done at each good place to stop. */
    private static Set<Integer> stops(List<Job> jobs) {
        Map<String, Integer> lastNeed = new HashMap<>();
        for (int i = 0; i < jobs.size(); i++) {
            int at = i;
            jobs.get(i).needs().forEach(need -> lastNeed.put(need, at));
        }
        Set<Integer> stops = new HashSet<>();
        int held = -1;
        for (int i = 0; i < jobs.size(); i++) {
            Job job = jobs.get(i);
            if (job.step().loose()) {
                held = Math.max(held, lastNeed.getOrDefault(job.id(), -1));
            }
            if (i >= held) {
                stops.add(i + 1);
            }
        }
        return stops;
    }

    private static boolean endsWash(List<Job> jobs, int stop) {
        return place(jobs, stop - 1) == Place.WASH && (stop == jobs.size() || place(jobs, stop) != Place.WASH);
    }
}
