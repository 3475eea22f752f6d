package app.dapt.web.progress;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Pace;
import app.dapt.make.CoverSteps;
import app.dapt.make.DoneSteps;
import app.dapt.make.Job;
import app.dapt.make.Mishap;
import app.dapt.make.Repair;
import app.dapt.make.StepPictures;
import app.dapt.make.Together;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Mark;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.Tick;
import app.dapt.words.Words;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is made together: a cover, or the covers of a set, with the order of their steps and what is done of them.
 *
 * @param trial  the id of the cover that is tried on before the others are cut
 * @param covers numbered in the order as they stand here, from one
 * @param ticks  by cover and by the step's id
 * @param done   ids of the steps that are done, by cover
 * @param cut    how far each is cut, and what has changed since
 * @param pace   of whoever makes them
 */
public record Batch(
        Owner owner,
        String name,
        Optional<Long> trial,
        List<Made> covers,
        WorkOrder order,
        Map<Long, Map<String, Tick>> ticks,
        Map<Long, Set<String>> done,
        Map<Long, CutState> cut,
        Pace pace) {

    /**
     * One of the covers.
     *
     * @param copies how many of it are made
     * @param steps  with those that put right what went wrong
     */
    public record Made(long id, int copies, Reckoned reckoned, List<Step> steps, StepPictures pictures) {}

    /**
     * A cover to be made.
     *
     * @param mishaps what went wrong with it
     */
    public record Asked(long id, int copies, CoverPlan plan, Mark mark, List<Mishap> mishaps) {}

    /**
     * Covers to be made together.
     *
     * @param trial the id of the one that is tried on before the others are cut
     * @param pace  of whoever makes them
     */
    public record Wanted(List<Asked> covers, Optional<Long> trial, Pace pace) {

        private OptionalInt trialNumber() {
            return IntStream.range(0, covers.size())
                    .filter(i -> trial.filter(id -> id == covers.get(i).id()).isPresent())
                    .map(i -> i + 1)
                    .findFirst();
        }
    }

    /** All that follows from what is to be made, whatever is done of it. */
    public record Planned(List<Made> covers, WorkOrder order) {

        public static Planned of(Wanted wanted) {
            List<Asked> asked = wanted.covers();
            List<Reckoned> reckoned = asked.stream()
                    .map(each -> Reckoner.reckonWithoutRemedies(each.plan(), each.mark()))
                    .toList();
            Together together = Together.of(reckoned, wanted.trialNumber(), number -> asked.get(number - 1)
                    .mishaps());
            return new Planned(
                    IntStream.range(0, asked.size())
                            .mapToObj(i -> new Made(
                                    asked.get(i).id(),
                                    asked.get(i).copies(),
                                    reckoned.get(i),
                                    together.steps().get(i),
                                    StepPictures.of(
                                            reckoned.get(i), together.steps().get(i))))
                            .toList(),
                    together.order());
        }
    }

    /**
     * Covers and what is done of them.
     *
     * @param planned what follows from what is wanted
     * @param atCut the plans of those that are cut, as they were then
     */
    public static Batch of(
            Owner owner,
            String name,
            Wanted wanted,
            Planned planned,
            Map<Long, Map<String, Tick>> ticks,
            Map<Long, CoverPlan> atCut) {
        Map<Long, Set<String>> done = new HashMap<>();
        Map<Long, CutState> cut = new HashMap<>();
        for (Made made : planned.covers()) {
            Map<String, Tick> said = ticks.getOrDefault(made.id(), Map.of());
            done.put(
                    made.id(),
                    DoneSteps.of(made.steps(), Tick.said(said.values(), true), Tick.said(said.values(), false)));
            cut.put(made.id(), CutState.of(made.reckoned(), Optional.ofNullable(atCut.get(made.id())), said.values()));
        }
        return new Batch(
                owner, name, wanted.trial(), planned.covers(), planned.order(), ticks, done, cut, wanted.pace());
    }

    /** How long a job takes whoever makes them, of all copies; what is done to a fabric as a whole is done once. */
    public double minutes(Job job) {
        return minutes(job, job.step());
    }

    /** How long making all of them takes; what is bought is no work. */
    public double minutesOfWork() {
        return order.jobs().stream()
                .filter(job -> !job.step().milestone().equals(Optional.of(Milestone.BOUGHT)))
                .mapToDouble(this::minutes)
                .sum();
    }

    /** How many covers are made. */
    public int copies() {
        return Math.max(1, covers.stream().mapToInt(Made::copies).sum());
    }

    /** A cover is told in its own marks, a set in the reader's. */
    public Words words(Wording wording, Reader reader) {
        return owner.isSet()
                ? wording.words(reader)
                : wording.words(reader, covers.get(0).reckoned().mark());
    }

    /** The same of one copy. */
    public double minutesOfOne(Job job) {
        return pace.minutes(job.step().place(), job.step().minutes());
    }

    /** The same of another step of its cover. */
    public double minutes(Job job, Step step) {
        return pace.minutes(step.place(), step.minutes())
                * (job.isForAll() ? 1 : made(job).copies());
    }

    /** What can go wrong at a job. */
    public Set<Mishap.Kind> mayGoWrong(Job job) {
        return Repair.kinds(made(job).reckoned(), job.step());
    }

    /** What it takes to put something right that went wrong at a job. */
    public Repair repair(Mishap.Kind kind, Job job) {
        Made made = made(job);
        return Repair.of(kind, made.reckoned(), made.steps(), done.getOrDefault(made.id(), Set.of()), job.step());
    }

    /** Whether a job is done, but no longer as it is planned now. */
    public boolean hasLapsed(Job job) {
        return Optional.ofNullable(cut.get(made(job).id()))
                .flatMap(CutState::since)
                .filter(changed -> changed.lapsed().contains(job.step().id()))
                .isPresent();
    }

    /** Whether a job is still to be done, or to be done again. */
    public boolean isLeft(Job job) {
        return !isDone(job) || hasLapsed(job);
    }

    /** Covers that are planned otherwise since they were cut, in words. */
    public List<CutState.Changed> changed(Words w) {
        return covers.stream()
                .flatMap(made ->
                        Optional.ofNullable(cut.get(made.id())).flatMap(state -> state.changed(made.id(), w)).stream())
                .toList();
    }

    public Made made(Job job) {
        return covers.get(job.cover() - 1);
    }

    /** What a job goes by wherever it is ticked: the number of its cover, and its step's id. */
    public String key(Job job) {
        return made(job).id() + "/" + job.step().id();
    }

    public Optional<Job> job(String key) {
        return order.jobs().stream().filter(job -> key(job).equals(key)).findFirst();
    }

    public Optional<Tick> tick(Job job) {
        return Optional.ofNullable(
                ticks.getOrDefault(made(job).id(), Map.of()).get(job.step().id()));
    }

    public boolean isDone(Job job) {
        return done.getOrDefault(made(job).id(), Set.of()).contains(job.step().id());
    }

    /** The first that is not done, or has to be done again; nothing once all are. */
    public Optional<Job> next() {
        List<Job> jobs = order.jobs();
        return jobs.stream().filter(job -> !isDone(job)).findFirst().or(() -> jobs.stream()
                .filter(this::isLeft)
                .findFirst());
    }

    /** Whether ticks mean that any fabric of a cover is cut, as it is planned now or as it was planned then. */
    public Predicate<Map<String, Tick>> isCut(long cover) {
        Set<String> cuts = Stream.concat(
                        covers.stream().filter(made -> made.id() == cover).flatMap(made -> made.steps().stream()),
                        Optional.ofNullable(cut.get(cover)).flatMap(CutState::before).stream()
                                .flatMap(before -> CoverSteps.of(before).stream()))
                .filter(step -> step.milestone().equals(Optional.of(Milestone.CUT)))
                .map(Step::id)
                .collect(Collectors.toSet());
        return said -> said.values().stream().anyMatch(tick -> tick.done() && cuts.contains(tick.step()));
    }
}
