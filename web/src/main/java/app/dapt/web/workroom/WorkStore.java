package app.dapt.web.workroom;

import app.dapt.cover.CoverPlan;
import app.dapt.web.workroom.WorkMapper.CutRow;
import app.dapt.web.workroom.WorkMapper.TickRow;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * How far the making of covers has come. Devices say what is done, perhaps long after and more than once; of each step
 * the latest word stands, so that all of them end up agreeing in whatever order their words arrive.
 */
@Service
@Transactional
public class WorkStore {

    private final WorkMapper work;
    private final CoverStore covers;

    WorkStore(WorkMapper work, CoverStore covers) {
        this.work = work;
        this.covers = covers;
    }

    /** What stands of each step that was ever spoken of, by cover and by the step's id. */
    @Transactional(readOnly = true)
    public Map<Long, Map<String, Tick>> ticks(Collection<Long> coverIds) {
        Map<Long, Map<String, Tick>> ticks = new HashMap<>();
        for (TickRow row : work.ticks(covers.workroom(), coverIds.toArray(Long[]::new))) {
            ticks.computeIfAbsent(row.coverId(), id -> new HashMap<>())
                    .put(
                            row.step(),
                            new Tick(
                                    UUID.fromString(row.tick()),
                                    row.step(),
                                    row.done(),
                                    row.passed(),
                                    row.at(),
                                    row.device()));
        }
        return ticks;
    }

    /**
     * Takes what was said of the steps of a cover. Once it is cut its plan is kept as it was then; if it turns out not
     * to be cut after all it is not.
     *
     * @param isCut whether what stands of the steps then means that it is cut
     * @throws NoSuchCover where there is none
     */
    public void tick(long coverId, List<Tick> said, Predicate<Map<String, Tick>> isCut) {
        covers.lock(coverId);
        said.forEach(tick -> work.put(covers.workroom(), coverId, tick));
        if (isCut.test(ticks(List.of(coverId)).getOrDefault(coverId, Map.of()))) {
            work.freeze(covers.workroom(), coverId);
        } else {
            work.thaw(covers.workroom(), coverId);
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

    /** The covers that were worked on last, the latest first, as far as they read. */
    @Transactional(readOnly = true)
    public List<Long> latest(int most) {
        return work.latest(covers.workroom(), most).stream()
                .filter(id -> covers.findReadable(id).isPresent())
                .toList();
    }

    /** A cover is cut anew as it is planned now. */
    public void cutAnew(long coverId) {
        covers.lock(coverId);
        if (work.thaw(covers.workroom(), coverId) > 0) {
            work.freeze(covers.workroom(), coverId);
        }
    }

    /** The plans as they were when covers were cut, by cover; of those that are cut and read. */
    @Transactional(readOnly = true)
    public Map<Long, CoverPlan> plansAtCut(Collection<Long> coverIds) {
        Map<Long, CoverPlan> plans = new HashMap<>();
        for (CutRow row : work.plansAtCut(covers.workroom(), coverIds.toArray(Long[]::new))) {
            CoverStore.readable(row.plan()).ifPresent(plan -> plans.put(row.coverId(), plan));
        }
        return plans;
    }
}
