package app.dapt.web.workroom;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sets of the workroom. */
@Service
@Transactional
public class SetStore {

    private final SetMapper sets;
    private final CoverStore covers;

    SetStore(SetMapper sets, CoverStore covers) {
        this.sets = sets;
        this.covers = covers;
    }

    @Transactional(readOnly = true)
    public CoverSet find(long id) {
        return set(sets.find(covers.workroom(), id).orElseThrow(() -> new NoSuchCover(id)));
    }

    /** Every set, the last made first. */
    @Transactional(readOnly = true)
    public List<CoverSet> list() {
        return sets.list(covers.workroom()).stream().map(this::set).toList();
    }

    /** Covers are made once each until something else is said. */
    public long create(String name, List<Long> coverIds) {
        long id = sets.insert(covers.workroom(), name);
        coverIds.stream().distinct().limit(CoverSet.MOST_COVERS).forEach(cover -> sets.put(covers.workroom(), id, cover, 1));
        return id;
    }

    public void rename(long id, String name) {
        if (sets.rename(covers.workroom(), id, name) == 0) {
            throw new NoSuchCover(id);
        }
    }

    /** The covers stay. */
    public void delete(long id) {
        if (sets.delete(covers.workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    /** How often covers are made; nought takes one out. Covers that are not named stay as they are. */
    public void count(long id, Map<Long, Integer> counts) {
        CoverSet set = find(id);
        counts.forEach((cover, count) -> {
            boolean known = set.members().stream().anyMatch(member -> member.cover().id() == cover);
            if (count <= 0) {
                sets.remove(covers.workroom(), id, cover);
            } else if (known || set.members().size() < CoverSet.MOST_COVERS) {
                sets.put(covers.workroom(), id, cover, Math.min(CoverSet.MOST_OF_ONE, count));
            }
        });
    }

    private CoverSet set(SetMapper.SetRow row) {
        return new CoverSet(row.id(), row.name(), sets.members(covers.workroom(), row.id()).stream()
                .map(member -> new CoverSet.Member(covers.find(member.coverId()), member.count())).toList());
    }
}
