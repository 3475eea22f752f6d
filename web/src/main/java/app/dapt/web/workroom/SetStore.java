package app.dapt.web.workroom;

import app.dapt.web.workroom.CoverSet.Member;
import app.dapt.web.workroom.SetMapper.MemberRow;
import app.dapt.web.workroom.SetMapper.PlaceRow;
import app.dapt.web.workroom.SetMapper.SetRow;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sets of the workroom. */
@Service
@Transactional
public class SetStore {

    /** So many changes of a set can be undone. */
    private static final int MOST_REVISIONS = 100;

    private final SetMapper sets;
    private final CoverStore covers;
    private final SubmittedForms presses;

    SetStore(SetMapper sets, CoverStore covers, SubmittedForms presses) {
        this.sets = sets;
        this.covers = covers;
        this.presses = presses;
    }

    @Transactional(readOnly = true)
    public CoverSet find(long id) {
        SetRow row = row(id);
        List<MemberRow> rows = sets.members(covers.workroom(), id);
        List<Member> members = new ArrayList<>();
        rows.forEach(member -> covers.findReadable(member.coverId())
                .ifPresent(cover -> members.add(new Member(cover, member.count()))));
        return new CoverSet(row.id(), row.version(), row.name(), members, rows.size() - members.size());
    }

    /** Every set, the last made first. */
    @Transactional(readOnly = true)
    public List<CoverSet.Line> list() {
        return sets.list(covers.workroom());
    }

    /** The covers of each set, by its number. */
    @Transactional(readOnly = true)
    public Map<Long, Set<Long>> members() {
        return sets.places(covers.workroom()).stream()
                .collect(Collectors.groupingBy(
                        PlaceRow::setId, Collectors.mapping(PlaceRow::coverId, Collectors.toSet())));
    }

    /**
     * Puts more covers into a set, each once; those that are in it stay as they are.
     *
     * @return false where the set has no room for all of them; then nothing is changed
     */
    public boolean add(long id, List<Long> coverIds) {
        lock(id);
        CoverSet set = find(id);
        Set<Long> there =
                set.members().stream().map(member -> member.cover().id()).collect(Collectors.toSet());
        List<Long> more =
                coverIds.stream().filter(cover -> !there.contains(cover)).toList();
        if (there.size() + set.broken() + more.size() > CoverSet.MOST_COVERS) {
            return false;
        }
        undoably(id, () -> {
            more.forEach(cover -> sets.put(covers.workroom(), id, cover, 1));
            sets.change(covers.workroom(), id, set.name());
        });
        return true;
    }

    /**
     * Takes covers out of one set and puts them into another.
     *
     * @return false where the other has no room for all of them; then nothing is changed
     */
    public boolean move(long from, long into, List<Long> coverIds) {
        // The lower number first, so that two who move covers to and fro never wait for each other.
        lock(Math.min(from, into));
        lock(Math.max(from, into));
        if (from == into || !add(into, coverIds)) {
            return from == into;
        }
        undoably(from, () -> {
            coverIds.forEach(cover -> sets.remove(covers.workroom(), from, cover));
            sets.change(covers.workroom(), from, find(from).name());
        });
        return true;
    }

    /**
     * Covers are made once each until something else is said.
     *
     * @param press what the form calls its one press; blank for none
     */
    public long create(String name, List<Long> coverIds, String press) {
        return presses.once(covers.workroom(), press, name + coverIds, () -> {
            long id = sets.insert(covers.workroom(), name);
            coverIds.stream()
                    .distinct()
                    .limit(CoverSet.MOST_COVERS)
                    .sorted()
                    .forEach(cover -> sets.put(covers.workroom(), id, cover, 1));
            return id;
        });
    }

    /** The covers stay. */
    public void delete(long id) {
        if (sets.delete(covers.workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    /**
     * Calls a set so and makes its covers so often; nought takes one out. Covers that are not named stay as they are.
     *
     * @param version the one the asking page was made from, or {@link CoverStore#ANY_VERSION}
     * @throws Stale when it was changed elsewhere since
     */
    public void change(long id, long version, String name, Map<Long, Integer> counts) {
        lock(id);
        CoverSet set = find(id);
        if (version != CoverStore.ANY_VERSION && version != set.version()) {
            throw new Stale("set " + id);
        }
        undoably(id, () -> change(set, name, counts));
    }

    private void change(CoverSet set, String name, Map<Long, Integer> counts) {
        long id = set.id();
        int covered = set.members().size() + set.broken();
        for (Map.Entry<Long, Integer> count : new TreeMap<>(counts).entrySet()) {
            boolean known =
                    set.members().stream().anyMatch(member -> member.cover().id() == count.getKey());
            if (count.getValue() <= 0) {
                sets.remove(covers.workroom(), id, count.getKey());
            } else if (known || covered < CoverSet.MOST_COVERS) {
                covered += known ? 0 : 1;
                sets.put(covers.workroom(), id, count.getKey(), Math.min(CoverSet.MOST_OF_ONE, count.getValue()));
            }
        }
        sets.change(covers.workroom(), id, name);
    }

    /** Changes a set, and keeps what it was and what it is then. */
    private void undoably(long id, Runnable change) {
        String before = sets.state(covers.workroom(), id);
        sets.keep(covers.workroom(), id);
        change.run();
        if (!sets.state(covers.workroom(), id).equals(before)) {
            sets.forget(covers.workroom(), id, MOST_REVISIONS);
            sets.point(covers.workroom(), id, 1);
            sets.keep(covers.workroom(), id);
        }
    }

    /** When what can be undone was changed, with -1, or what can be redone, with 1. */
    @Transactional(readOnly = true)
    Optional<Instant> made(long id, int by) {
        return sets.made(covers.workroom(), id, by);
    }

    /**
     * Undoes the last change of a set, with -1, or makes the next again, with 1; nothing where there is none.
     *
     * @param version the one the asking page was made from, or {@link CoverStore#ANY_VERSION}
     * @throws Stale when it was changed elsewhere since
     */
    public void step(long id, long version, int by) {
        lock(id);
        if (version != CoverStore.ANY_VERSION && version != row(id).version()) {
            throw new Stale("set " + id);
        }
        if (made(id, by).isPresent()) {
            sets.point(covers.workroom(), id, by);
            sets.empty(covers.workroom(), id);
            sets.fill(covers.workroom(), id);
        }
    }

    /** Waits for a set until nobody else changes it. */
    void lock(long id) {
        if (sets.lock(covers.workroom(), id).isEmpty()) {
            throw new NoSuchCover(id);
        }
    }

    private SetRow row(long id) {
        return sets.find(covers.workroom(), id).orElseThrow(() -> new NoSuchCover(id));
    }
}
