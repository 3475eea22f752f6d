package app.dapt.web.progress;

import app.dapt.make.Mishap;
import app.dapt.web.progress.Batch.Asked;
import app.dapt.web.progress.Batch.Wanted;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.MishapStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.WorkStore;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds what is made together. */
@Component
public class Batches {

    private final Cache<Wanted, Batch.Planned> planned =
            Caffeine.newBuilder().maximumSize(60).build();
    private final CoverStore covers;
    private final SetStore sets;
    private final WorkStore work;
    private final LearningStore learning;
    private final MishapStore mishaps;

    Batches(CoverStore covers, SetStore sets, WorkStore work, LearningStore learning, MishapStore mishaps) {
        this.mishaps = mishaps;
        this.learning = learning;
        this.covers = covers;
        this.sets = sets;
        this.work = work;
    }

    /** A cover or a set, in the marks of a reader; all of it as it stands at one moment. */
    @Transactional(readOnly = true)
    public Batch find(String whose, long id, Reader reader) {
        if (!whose.equals("sets")) {
            Cover cover = covers.find(id);
            return batch(
                    Owner.cover(id),
                    cover.plan().name(),
                    new Wanted(
                            asked(List.of(cover), one -> 1, reader),
                            Optional.empty(),
                            learning.used().pace()));
        }
        CoverSet set = sets.find(id);
        List<CoverSet.Member> members =
                set.members().stream().filter(member -> member.count() > 0).toList();
        Map<Long, Integer> counts = members.stream()
                .collect(Collectors.toMap(member -> member.cover().id(), CoverSet.Member::count));
        List<Asked> asked = asked(
                members.stream().map(CoverSet.Member::cover).toList(),
                cover -> counts.getOrDefault(cover.id(), 1),
                reader);
        return batch(
                Owner.set(id),
                set.name(),
                new Wanted(asked, work.trial(id), learning.used().pace()));
    }

    /** The same by whose it is. */
    @Transactional(readOnly = true)
    public Batch find(Owner owner, Reader reader) {
        return find(owner.isSet() ? "sets" : "covers", owner.id(), reader);
    }

    /** The same, where it is there and reads. */
    @Transactional(readOnly = true)
    public Optional<Batch> findAny(Owner owner, Reader reader) {
        return findAny(owner.isSet() ? "sets" : "covers", owner.id(), reader);
    }

    /** The same, where it is there and reads. */
    @Transactional(readOnly = true)
    public Optional<Batch> findAny(String whose, long id, Reader reader) {
        boolean isThere = whose.equals("sets")
                ? sets.list().stream().anyMatch(line -> line.id() == id)
                : covers.findReadable(id).isPresent();
        return isThere ? Optional.of(find(whose, id, reader)) : Optional.empty();
    }

    private List<Asked> asked(List<Cover> made, ToIntFunction<Cover> copies, Reader reader) {
        Map<Long, List<Mishap>> wrong = mishaps.of(made.stream().map(Cover::id).toList());
        return made.stream()
                .map(cover -> new Asked(
                        cover.id(),
                        copies.applyAsInt(cover),
                        cover.plan(),
                        reader.mark(cover.plan()),
                        wrong.getOrDefault(cover.id(), List.of())))
                .toList();
    }

    private Batch batch(Owner owner, String name, Wanted wanted) {
        List<Long> ids = wanted.covers().stream().map(Asked::id).toList();
        return Batch.of(
                owner, name, wanted, planned.get(wanted, Batch.Planned::of), work.ticks(ids), work.plansAtCut(ids));
    }
}
