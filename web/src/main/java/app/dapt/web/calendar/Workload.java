package app.dapt.web.calendar;

import app.dapt.make.Job;
import app.dapt.schedule.Scheduler.Load;
import app.dapt.web.progress.Batch;
import app.dapt.web.workroom.Owner;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * All that is in work, job by job. Of a cover that is made several times each copy has jobs of its own, so that a long
 * row of them can be shared out between sittings.
 *
 * @param works covers and sets, in their order
 * @param own   what each job is, by its id
 * @param jobs  what is left to do, each after those it needs
 */
record Workload(List<Work> works, Map<String, Own> own, List<Job> jobs) {

    /**
     * A cover or a set in work.
     *
     * @param due      by when it is to be done
     * @param isPlaced whether somebody gave it a place in the order
     */
    record Work(Batch batch, Optional<LocalDate> due, boolean isPlaced) {

        /** Whether it is this cover or set, or a set that this cover is one of. */
        boolean makes(Owner owner) {
            return batch.owner().equals(owner)
                    || !owner.isSet() && batch.covers().stream().anyMatch(made -> made.id() == owner.id());
        }

        /** Whether anything of it is left to do. */
        boolean isLeft() {
            return batch.order().jobs().stream().anyMatch(batch::isLeft);
        }

        /** Minutes of work that are left. */
        double minutes() {
            return batch.order().jobs().stream()
                    .filter(batch::isLeft)
                    .mapToDouble(batch::minutes)
                    .sum();
        }
    }

    /**
     * A job as its cover or set knows it.
     *
     * @param work which of them, from nought
     */
    record Own(int work, Job job) {}

    /** What follows from a load and nothing else: two alike are planned alike. */
    record Key(List<String> jobs, List<Double> minutes, List<Optional<LocalDate>> due) {}

    Workload {
        works = List.copyOf(works);
        jobs = List.copyOf(jobs);
    }

    static Workload of(List<Work> works) {
        Map<String, Own> own = new LinkedHashMap<>();
        List<Job> jobs = new ArrayList<>();
        int next = 1;
        for (int at = 0; at < works.size(); at++) {
            Copies copies = new Copies(works.get(at).batch(), next);
            int work = at;
            copies.each((job, numbered) -> {
                own.put(numbered.id(), new Own(work, job));
                jobs.add(numbered);
            });
            next = copies.next();
        }
        return new Workload(works, own, jobs);
    }

    Own own(Job job) {
        return Objects.requireNonNull(own.get(job.id()));
    }

    Work work(Job job) {
        return works.get(own(job).work());
    }

    Load load() {
        return new Load(
                jobs,
                this::minutes,
                job -> own(job).work(),
                works.stream().map(Work::due).toList());
    }

    private double minutes(Job job) {
        return work(job).batch().minutesOfOne(own(job).job());
    }

    Key key() {
        return new Key(
                jobs.stream().map(Job::id).toList(),
                jobs.stream().map(this::minutes).toList(),
                works.stream().map(Work::due).toList());
    }

    /** The jobs of a batch, numbered so that no other batch has the same. */
    private static final class Copies {

        /** Takes a job as the batch knows it, and one of its copies. */
        interface Each {
            void take(Job job, Job numbered);
        }

        private final Batch batch;
        private final List<Integer> numbers = new ArrayList<>();
        private final Map<String, Job> byId;
        private int next;

        Copies(Batch batch, int first) {
            this.batch = batch;
            this.byId = batch.order().jobs().stream().collect(Collectors.toMap(Job::id, Function.identity()));
            this.next = first;
            for (Batch.Made made : batch.covers()) {
                numbers.add(next);
                next += made.copies();
            }
        }

        int next() {
            return next;
        }

        void each(Each each) {
            for (Job job : batch.order().jobs()) {
                int copies = job.isForAll() ? 1 : batch.made(job).copies();
                for (int copy = 0; copy < copies && batch.isLeft(job); copy++) {
                    each.take(job, numbered(job, copy));
                }
            }
        }

        private Job numbered(Job job, int copy) {
            Set<String> needs = job.needs().stream()
                    .map(need -> Objects.requireNonNull(byId.get(need)))
                    .map(need -> {
                        boolean beside = need.cover() == job.cover() && !need.isForAll();
                        return new Job(number(need) + (beside ? copy : 0), need.step(), Set.of()).id();
                    })
                    .collect(Collectors.toSet());
            return new Job(number(job) + copy, job.step(), needs);
        }

        private int number(Job job) {
            return numbers.get(job.cover() - 1);
        }
    }
}
