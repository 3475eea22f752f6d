package app.dapt.web.workroom;

import app.dapt.cover.CoverPlan;
import app.dapt.files.archive.WorkroomParts;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import app.dapt.web.workroom.WorkMapper.CutRow;
import app.dapt.web.workroom.WorkMapper.TickRow;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How far the making of covers has come. Devices say what is done, perhaps long after and more than once; of each step
 * the latest word stands, so that all of them end up agreeing in whatever order their words arrive.
 */
@Service
@Transactional
public class WorkStore {

    /** A cover has some dozens of steps; with those of all its former plans it has no more than these. */
    private static final int MOST_STEPS = WorkroomParts.MOST_TICKS;

    /** A cover is cut now, or turned out not to be. */
    public record Cut(long cover, boolean isCut) {}

    private final Clock clock;
    private final WorkMapper work;
    private final CoverStore covers;
    private final ApplicationEventPublisher events;

    WorkStore(WorkMapper work, CoverStore covers, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.clock = clock;
        this.work = work;
        this.covers = covers;
    }

    /** What this workroom goes by for devices that keep something of it: another one has another name. */
    @Transactional(readOnly = true)
    public String workroom() {
        return work.uid(covers.workroom());
    }

    /** What stands of each step that was ever spoken of, by cover and by the step's id. */
    @Transactional(readOnly = true)
    public Map<Long, Map<String, Tick>> ticks(Collection<Long> coverIds) {
        Map<Long, Map<String, Tick>> ticks = new HashMap<>();
        for (TickRow row : work.ticks(covers.workroom(), coverIds.toArray(Long[]::new))) {
            tick(row).ifPresent(tick -> ticks.computeIfAbsent(row.coverId(), id -> new HashMap<>())
                    .put(row.step(), tick));
        }
        return ticks;
    }

    /** What a row says; nothing where it is none that a step could have. */
    private static Optional<Tick> tick(TickRow row) {
        try {
            return Optional.of(new Tick(
                    UUID.fromString(row.tick()), row.step(), row.done(), row.passed(), row.at(), row.device()));
        } catch (IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }

    /** Whether there is such a cover, if only in the bin. */
    @Transactional(readOnly = true)
    public boolean isThere(long coverId) {
        return work.find(covers.workroom(), coverId).isPresent();
    }

    /**
     * Takes what was said of the steps of a cover, also of one that is in the bin and may come back. Once it is cut its
     * plan is kept as it was then; if it turns out not to be cut after all it is not.
     *
     * @param isCut whether what stands of the steps then means that it is cut
     * @return what there was no room for: of a cover only so many steps are ever spoken of
     * @throws NoSuchCover where there is none
     */
    public List<Tick> tick(long coverId, List<Tick> said, Predicate<Map<String, Tick>> isCut) {
        return tick(coverId, said, isCut, false);
    }

    /** Steps that come again since something went wrong: what was cut up is used, whatever stands of its step. */
    void again(long coverId, List<Tick> undone, Predicate<Map<String, Tick>> isCut) {
        tick(coverId, undone, isCut, true);
    }

    private List<Tick> tick(long coverId, List<Tick> said, Predicate<Map<String, Tick>> isCut, boolean isSpoilt) {
        if (work.lock(covers.workroom(), coverId).isEmpty()) {
            throw new NoSuchCover(coverId);
        }
        Set<String> known = new HashSet<>(work.steps(coverId));
        List<Tick> refused = new ArrayList<>();
        for (Tick tick : said) {
            if (known.size() >= MOST_STEPS && !known.contains(tick.step())) {
                refused.add(tick);
            } else {
                known.add(tick.step());
                work.put(covers.workroom(), coverId, tick);
            }
        }
        if (covers.findReadable(coverId).isEmpty()) {
            // In the bin, or not to be read: nobody can tell, and the plan it was cut by stays with it.
            return refused;
        }
        if (isCut.test(ticks(List.of(coverId)).getOrDefault(coverId, Map.of()))) {
            said(work.freeze(covers.workroom(), coverId), new Cut(coverId, true));
        } else {
            int thawed = work.thaw(covers.workroom(), coverId);
            said(isSpoilt ? 0 : thawed, new Cut(coverId, false));
        }
        return refused;
    }

    private void said(int changed, Cut cut) {
        if (changed > 0) {
            events.publishEvent(cut);
        }
    }

    /** The cover of a set that is tried on before the others are cut. */
    @Transactional(readOnly = true)
    public Optional<Long> trial(long set) {
        return work.trial(covers.workroom(), set);
    }

    /** Has one cover of a set tried on first; none of them where it is none of its covers. */
    public void tryFirst(long set, long cover) {
        work.tryFirst(covers.workroom(), set, cover);
    }

    /** A cover has come so far, whatever was said of its steps: all that has to be done for it is done. */
    public void reach(long cover, List<Step> steps, Milestone milestone) {
        boolean cut = milestone == Milestone.CUT || isCut(cover);
        List<Tick> done = steps.stream()
                .filter(step -> step.milestone().equals(Optional.of(milestone)))
                .map(step -> new Tick(UUID.randomUUID(), step.id(), true, false, clock.instant(), "page"))
                .toList();
        tick(cover, done, said -> cut);
    }

    /** A cover is cut anew as it is planned now. */
    public void cutAnew(long coverId) {
        covers.lock(coverId);
        if (work.thaw(covers.workroom(), coverId) > 0) {
            work.freeze(covers.workroom(), coverId);
        }
    }

    /** Whether a cover is cut. */
    @Transactional(readOnly = true)
    public boolean isCut(long cover) {
        return plansAtCut(List.of(cover)).containsKey(cover);
    }

    /** The plans as they were when covers were cut, by cover; of those that are cut and read. */
    @Transactional(readOnly = true)
    public Map<Long, CoverPlan> plansAtCut(Collection<Long> coverIds) {
        Map<Long, CoverPlan> plans = new HashMap<>();
        for (CutRow row : work.plansAtCut(covers.workroom(), coverIds.toArray(Long[]::new))) {
            covers.readable(row.plan()).ifPresent(plan -> plans.put(row.coverId(), plan));
        }
        return plans;
    }
}
