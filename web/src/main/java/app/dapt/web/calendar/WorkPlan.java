package app.dapt.web.calendar;

import app.dapt.make.Job;
import app.dapt.schedule.Schedule;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.schedule.Schedule.Timed;
import app.dapt.step.Place;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.workroom.Owner;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * When all that is in work is made.
 *
 * @param schedule the sittings
 * @param isDated  whether it was said when there is time; else sittings have no days
 */
record WorkPlan(Workload load, Schedule schedule, boolean isDated) {

    /** What is done of one cover or set at one place of a sitting. */
    record Part(Work work, Place place, List<Job> jobs, double minutes) {}

    List<Work> works() {
        return load.works();
    }

    /** What is done in a sitting, place by place; the same of several copies once. */
    List<Part> parts(Sitting sitting) {
        List<Part> parts = new ArrayList<>();
        Map<Integer, List<Timed>> here = new LinkedHashMap<>();
        List<Timed> work = sitting.work();
        for (int at = 0; at < work.size(); at++) {
            Place place = work.get(at).job().step().place();
            here.computeIfAbsent(load.own(work.get(at).job()).work(), any -> new ArrayList<>())
                    .add(work.get(at));
            if (at + 1 == work.size() || work.get(at + 1).job().step().place() != place) {
                here.forEach((number, done) -> parts.add(part(number, place, done)));
                here.clear();
            }
        }
        return parts;
    }

    private Part part(int number, Place place, List<Timed> done) {
        return new Part(
                works().get(number),
                place,
                done.stream()
                        .map(timed -> load.own(timed.job()).job())
                        .distinct()
                        .toList(),
                done.stream().mapToDouble(Timed::minutes).sum());
    }

    /** How much of a sitting is for each cover or set, by its number. */
    Map<Integer, Double> shares(Sitting sitting) {
        Map<Integer, Double> shares = new LinkedHashMap<>();
        sitting.work().forEach(timed -> shares.merge(load.own(timed.job()).work(), timed.minutes(), Double::sum));
        return shares;
    }

    /** The sittings in which something of a cover or a set is done. */
    List<Sitting> of(int work) {
        return schedule.sittings().stream()
                .filter(sitting -> shares(sitting).containsKey(work))
                .toList();
    }

    /** Which of them a cover or a set is, or is made with. */
    OptionalInt number(Owner owner) {
        return IntStream.range(0, works().size())
                .filter(at -> works().get(at).makes(owner))
                .findFirst();
    }

    /** The day a cover or a set is done; nothing where there are no days, or nothing is left to do. */
    Optional<LocalDate> finished(int work) {
        return isDated ? of(work).stream().map(Sitting::day).max(LocalDate::compareTo) : Optional.empty();
    }

    /** Whether the day of a cover or a set is not kept. */
    boolean isLate(int work) {
        return isDated && schedule.due().stream().anyMatch(due -> due.number() == work && !due.isKept());
    }

    /** How many days are not kept. */
    long late() {
        return IntStream.range(0, works().size()).filter(this::isLate).count();
    }

    /** What of a cover or a set fits into none of the times there are. */
    List<Job> left(int work) {
        return schedule.left().stream()
                .map(load::own)
                .filter(own -> own.work() == work)
                .map(Workload.Own::job)
                .distinct()
                .toList();
    }
}
