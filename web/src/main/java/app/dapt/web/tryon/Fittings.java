package app.dapt.web.tryon;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Verdict;
import app.dapt.log.Correction;
import app.dapt.log.LogEntry;
import app.dapt.make.CoverSteps;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import app.dapt.web.progress.CutState;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.Logged;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is said of a cover that was tried on, and what was done about it: in the log, the plan and the steps. */
@Service
@Transactional
class Fittings {

    private static final String DEVICE = "try-on";

    private final CoverStore covers;
    private final LogStore log;
    private final WorkStore work;
    private final Clock clock;

    Fittings(CoverStore covers, LogStore log, WorkStore work, Clock clock) {
        this.clock = clock;
        this.covers = covers;
        this.log = log;
        this.work = work;
    }

    /** What the log says of a cover, as far as it is still about the cover as it is planned now. */
    @Transactional(readOnly = true)
    Optional<LogEntry> of(Cover cover) {
        return log.ofCover(cover.id()).map(Logged::entry).filter(entry -> entry.plan()
                .equals(cover.plan()));
    }

    /** Notes how a cover sat. What was said of it before it was corrected, or planned anew, is not changed by that. */
    void judge(long id, Verdict verdict) {
        covers.lock(id);
        CoverPlan plan = covers.find(id).plan();
        log.putOfCover(id, LogEntry.of(LocalDate.now(clock), plan), entry -> judged(entry, plan, verdict));
    }

    private static LogEntry judged(LogEntry entry, CoverPlan plan, Verdict verdict) {
        boolean same = entry.fitting()
                .map(LogEntry.Fitting::tried)
                .filter(plan::equals)
                .isPresent();
        return same ? entry.judged(Optional.of(verdict)) : entry.withPlan(plan).tried(verdict);
    }

    /**
     * What was to be done about a cover is done: the plan is the cover as it is now.
     *
     * @return whether there was anything to do about the cover as it is planned now
     */
    boolean correct(long id) {
        covers.lock(id);
        Cover cover = covers.find(id);
        Optional<Correction> correction = of(cover)
                .filter(entry -> entry.fitting()
                        .filter(sat -> sat.tried().equals(cover.plan()))
                        .isPresent())
                .flatMap(LogEntry::correction)
                .filter(Correction::isToSew);
        correction.ifPresent(done -> {
            undo(cover, done);
            covers.change(id, cover.version(), "", plan -> done.done());
            log.putOfCover(id, LogEntry.of(LocalDate.now(clock), done.done()), entry -> entry.corrected(done.done()));
            work.cutAnew(id);
        });
        return correction.isPresent();
    }

    /** What was done and moves with the seams is to be done again. */
    private void undo(Cover cover, Correction correction) {
        Set<String> done = Tick.said(ticks(cover.id()).values(), true);
        boolean cut = work.isCut(cover.id());
        List<Tick> undone = correction.undone(done).stream()
                .map(step -> new Tick(UUID.randomUUID(), step, false, false, clock.instant(), DEVICE))
                .toList();
        work.tick(cover.id(), undone, said -> cut);
    }

    /** The steps that a correction has moved and that were not done again since, in order. */
    @Transactional(readOnly = true)
    List<Step> toDoAgain(Cover cover) {
        Map<String, Tick> ticks = ticks(cover.id());
        return of(cover)
                .flatMap(LogEntry::correction)
                .filter(correction -> correction.done().equals(cover.plan()))
                .map(correction -> CoverSteps.of(correction.after()).stream()
                        .filter(step -> Optional.ofNullable(ticks.get(step.id()))
                                .filter(tick -> !tick.done() && tick.device().equals(DEVICE))
                                .isPresent())
                        .toList())
                .orElse(List.of());
    }

    /** How far a cover is cut. */
    @Transactional(readOnly = true)
    CutState cut(Cover cover, Reckoned now) {
        long id = cover.id();
        return CutState.of(
                now,
                Optional.ofNullable(work.plansAtCut(List.of(id)).get(id)),
                ticks(id).values());
    }

    private Map<String, Tick> ticks(long id) {
        return work.ticks(List.of(id)).getOrDefault(id, Map.of());
    }

    /** Ticks the trying on, so that the steps after it go on. */
    void pass(long id) {
        covers.lock(id);
        Cover cover = covers.find(id);
        Reckoned reckoned =
                Reckoner.reckonWithoutRemedies(cover.plan(), cover.plan().mark());
        boolean cut = work.isCut(id);
        List<Tick> ticks = CoverSteps.of(reckoned).stream()
                .filter(step -> step.milestone().equals(Optional.of(Milestone.TRIED_ON)))
                .map(Step::id)
                .map(step -> new Tick(UUID.randomUUID(), step, true, false, clock.instant(), DEVICE))
                .toList();
        work.tick(id, ticks, said -> cut);
    }
}
