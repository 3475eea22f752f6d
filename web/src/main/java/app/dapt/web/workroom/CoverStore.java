package app.dapt.web.workroom;

import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.PlanJson;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The covers of the workroom, with every change kept for undo. */
@Service
@Transactional
public class CoverStore {

    private static final String NO_GESTURE = "";

    private final CoverMapper covers;
    /** Its number never changes once there is one; nought until it was asked for. */
    private volatile long firstWorkroom;

    CoverStore(CoverMapper covers) {
        this.covers = covers;
    }

    /** The workroom this request belongs to: the only one, until people sign in. */
    long workroom() {
        if (firstWorkroom == 0) {
            firstWorkroom = covers.firstWorkroom();
        }
        return firstWorkroom;
    }

    /** Covers whose name or cloths hold these words, the last changed first; all of them for no words. */
    @Transactional(readOnly = true)
    public List<Cover> list(String search) {
        String literal = search.strip().replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_").replace("\u0000", "");
        return covers.list(workroom(), "%" + literal + "%").stream().map(CoverStore::cover).toList();
    }

    /** Covers deleted within the last thirty days, which can be brought back. */
    @Transactional(readOnly = true)
    public List<Cover> deleted() {
        return covers.deleted(workroom()).stream().map(CoverStore::cover).toList();
    }

    @Transactional(readOnly = true)
    public Cover find(long id) {
        return cover(row(id));
    }

    /** Whether nothing was ever made here, not even something deleted since. */
    @Transactional(readOnly = true)
    public boolean isUntouched() {
        return covers.count(workroom()) == 0;
    }

    public long create(CoverPlan plan) {
        long id = covers.insert(workroom());
        covers.putRevision(id, 1, PlanJson.write(plan), NO_GESTURE);
        return id;
    }

    /**
     * Changes a cover.
     *
     * @param version the one the asking page was made from
     * @param gesture changes of one gesture become one revision, undone together; blank for a change of its own
     * @throws StaleCover when it was changed elsewhere since, by another gesture
     */
    public Cover change(long id, long version, String gesture, UnaryOperator<CoverPlan> change) {
        CoverRow row = row(id);
        boolean sameGesture = !gesture.isBlank() && row.gesture().equals(gesture);
        if (row.version() != version && !sameGesture) {
            throw new StaleCover(id);
        }
        CoverPlan before = plan(row);
        CoverPlan after = change.apply(before);
        if (after.equals(before)) {
            return cover(row);
        }
        int revision = sameGesture ? row.revision() : row.revision() + 1;
        move(row, revision);
        if (row.last() > row.revision()) {
            covers.dropAfter(id, row.revision());
        }
        covers.putRevision(id, revision, PlanJson.write(after), gesture);
        return new Cover(id, row.version() + 1, after, revision > 1, false);
    }

    /** Takes back what this gesture did, as if it had not been. */
    public Cover putBack(long id, String gesture) {
        CoverRow row = row(id);
        if (gesture.isBlank() || !row.gesture().equals(gesture) || row.revision() == 1) {
            return cover(row);
        }
        move(row, row.revision() - 1);
        covers.dropAfter(id, row.revision() - 1);
        return find(id);
    }

    public Cover undo(long id) {
        CoverRow row = row(id);
        if (row.revision() > 1) {
            move(row, row.revision() - 1);
        }
        return find(id);
    }

    public Cover redo(long id) {
        CoverRow row = row(id);
        if (row.revision() < row.last()) {
            move(row, row.revision() + 1);
        }
        return find(id);
    }

    public void delete(long id) {
        if (covers.delete(workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    public void restore(long id) {
        if (covers.restore(workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    private void move(CoverRow row, int revision) {
        if (covers.move(workroom(), row.id(), row.version(), revision) == 0) {
            throw new StaleCover(row.id());
        }
    }

    private CoverRow row(long id) {
        return covers.find(workroom(), id).orElseThrow(() -> new NoSuchCover(id));
    }

    private static Cover cover(CoverRow row) {
        return new Cover(row.id(), row.version(), plan(row), row.revision() > 1, row.revision() < row.last());
    }

    private static CoverPlan plan(CoverRow row) {
        try {
            return PlanJson.read(row.plan());
        } catch (BadPlanFile e) {
            throw new IllegalStateException("cover " + row.id() + " does not read: " + e.getMessage(), e);
        }
    }
}
