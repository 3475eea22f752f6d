package app.dapt.schedule;

import app.dapt.make.Job;
import app.dapt.schedule.Schedule.Timed;
import app.dapt.schedule.Scheduler.Load;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Jobs that are done in the same sitting: what is pinned or half gathered, with all that takes it up. Most are single
 * ones. Clumps are numbered cover by cover, from nought.
 *
 * @param next which clumps need each of them
 */
record Clumps(List<Clump> all, List<List<Integer>> next) {

    /**
     * Some jobs.
     *
     * @param cover  whose it is, from nought
     * @param work   in order
     * @param places where they are done
     * @param needs  how many clumps come before it
     */
    record Clump(int cover, List<Timed> work, Set<Place> places, double minutes, int needs) {

        Place begins() {
            return work.get(0).job().step().place();
        }

        /** Whether it has to dry before anything else is done to it. */
        boolean dries() {
            return places.contains(Place.WASH);
        }
    }

    static Clumps of(Load load) {
        List<Job> jobs = load.jobs();
        List<BitSet> needs = needs(jobs);
        List<BitSet> groups = groups(load, needs);
        int[] group = new int[jobs.size()];
        IntStream.range(0, groups.size())
                .forEach(number -> groups.get(number).stream().forEach(job -> group[job] = number));
        List<Clump> all = new ArrayList<>();
        List<List<Integer>> next = new ArrayList<>();
        groups.forEach(any -> next.add(new ArrayList<>()));
        for (int number = 0; number < groups.size(); number++) {
            int self = number;
            int[] needed = groups.get(number).stream()
                    .flatMap(job -> needs.get(job).stream())
                    .map(job -> group[job])
                    .filter(other -> other != self)
                    .distinct()
                    .toArray();
            for (int other : needed) {
                next.get(other).add(self);
            }
            all.add(clump(groups.get(number).stream().mapToObj(jobs::get), load, needed.length));
        }
        return new Clumps(all, next);
    }

    private static Clump clump(Stream<Job> jobs, Load load, int needs) {
        List<Timed> work = jobs.map(job -> new Timed(job, load.minutes().applyAsDouble(job)))
                .toList();
        Set<Place> places = EnumSet.noneOf(Place.class);
        work.forEach(timed -> places.add(timed.job().step().place()));
        return new Clump(
                load.whose().applyAsInt(work.get(0).job()),
                work,
                places,
                work.stream().mapToDouble(Timed::minutes).sum(),
                needs);
    }

    /** Which of the jobs each of them needs. */
    private static List<BitSet> needs(List<Job> jobs) {
        Map<String, Integer> index = new HashMap<>();
        List<BitSet> needs = new ArrayList<>();
        for (Job job : jobs) {
            BitSet needed = new BitSet();
            job.needs().stream().map(index::get).filter(Objects::nonNull).forEach(needed::set);
            index.put(job.id(), needs.size());
            needs.add(needed);
        }
        return needs;
    }

    /** What is done in one sitting, each group with all that lies between its jobs; cover by cover. */
    private static List<BitSet> groups(Load load, List<BitSet> needs) {
        List<Job> jobs = load.jobs();
        List<BitSet> before = new ArrayList<>();
        List<BitSet> groups = new ArrayList<>();
        for (int at = 0; at < jobs.size(); at++) {
            BitSet all = (BitSet) needs.get(at).clone();
            needs.get(at).stream().forEach(need -> all.or(before.get(need)));
            before.add(all);
            groups.add(together(jobs, needs, at));
        }
        boolean grows = true;
        while (grows) {
            grows = false;
            for (int at = 0; at < groups.size(); at++) {
                grows |= groups.get(at).cardinality() > 1 && growing(at, groups, before);
            }
        }
        return groups.stream()
                .filter(group -> !group.isEmpty())
                .sorted(Comparator.comparingInt(group -> load.whose().applyAsInt(jobs.get(group.nextSetBit(0)))))
                .toList();
    }

    /** A job; and what takes it up, where it leaves something pinned. */
    private static BitSet together(List<Job> jobs, List<BitSet> needs, int at) {
        BitSet together = new BitSet();
        together.set(at);
        if (jobs.get(at).step().loose()) {
            IntStream.range(at, jobs.size())
                    .filter(later -> needs.get(later).get(at))
                    .forEach(together::set);
        }
        return together;
    }

    /** Takes into a group what lies between its jobs and empties every other group that has any of them. */
    private static boolean growing(int at, List<BitSet> groups, List<BitSet> before) {
        BitSet group = groups.get(at);
        int was = group.cardinality();
        BitSet reached = new BitSet();
        group.stream().forEach(job -> reached.or(before.get(job)));
        reached.stream().filter(job -> before.get(job).intersects(group)).forEach(group::set);
        for (int each = 0; each < groups.size(); each++) {
            BitSet other = groups.get(each);
            if (each != at && other.intersects(group)) {
                group.or(other);
                other.clear();
            }
        }
        return group.cardinality() > was;
    }
}
