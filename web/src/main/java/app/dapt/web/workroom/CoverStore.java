package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.measure.PlainText;
import app.dapt.piece.Piece.Material;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The covers of the workroom, with every change kept for undo. A change waits for its cover first and reads it then;
 * what is to be kept is written, read back and compared before it is.
 */
@Service
@Transactional
public class CoverStore {

    /** For a change that is right whatever else was changed meanwhile. */
    public static final long ANY_VERSION = -1;
    /** How many covers stand on one page of the list. */
    public static final int PER_PAGE = 36;
    /** The cloths of so many covers are offered, and so many of them. */
    private static final int CLOTHS_OF = 200;

    private static final int MOST_CLOTHS = 60;
    /** Once a cover has so many revisions the oldest go, all but so many. */
    static final int MOST_REVISIONS = 400;

    static final int KEPT_REVISIONS = 200;

    private static final String NO_GESTURE = "";
    private static final int LONGEST_GESTURE = 64;

    /** A cover that does not read: what it is called and why. */
    public record Broken(long id, String name, String why) {}

    /** A cover that was deleted and can be brought back. */
    public record Deleted(long id, String name) {}

    /**
     * A page of the list.
     *
     * @param broken those among them that do not read
     * @param all    how many there are on all pages
     */
    public record Page(List<Cover> covers, List<Broken> broken, int number, int all) {

        public int pages() {
            return Math.max(1, (all + PER_PAGE - 1) / PER_PAGE);
        }
    }

    private final CoverMapper covers;
    private final Cache<String, CoverPlan> plansRead =
            Caffeine.newBuilder().maximumSize(1_000).build();
    private final SubmittedForms presses;
    /** Its number never changes once there is one; nought until it was asked for. */
    private volatile long firstWorkroom;

    CoverStore(CoverMapper covers, SubmittedForms presses) {
        this.covers = covers;
        this.presses = presses;
    }

    /** The workroom this request belongs to: the only one, until people sign in. */
    public long workroom() {
        if (firstWorkroom == 0) {
            firstWorkroom = covers.firstWorkroom();
        }
        return firstWorkroom;
    }

    /**
     * Covers whose name or cloths hold these words, the last changed first; all of them for no words.
     *
     * @param page from one; a page there is not is the last
     */
    @Transactional(readOnly = true)
    public Page list(String search, int page) {
        String words = PlainText.line(search);
        String like = "%" + words.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
        int all = covers.countFound(workroom(), like);
        int number = Math.max(1, Math.min(page, (all + PER_PAGE - 1) / PER_PAGE));
        List<Cover> read = new ArrayList<>();
        List<Broken> broken = new ArrayList<>();
        for (CoverRow row : covers.list(workroom(), like, (number - 1) * PER_PAGE, PER_PAGE)) {
            try {
                read.add(cover(row));
            } catch (BrokenCover e) {
                broken.add(e.cover());
            }
        }
        return new Page(read, broken, number, all);
    }

    /** The fronts' and backs' cloths of the covers that were changed last, one of each; those used last come first. */
    @Transactional(readOnly = true)
    public List<Cloth> cloths() {
        Set<Cloth> cloths = new LinkedHashSet<>();
        for (CoverRow row : covers.list(workroom(), "%", 0, CLOTHS_OF)) {
            readable(row).map(cover -> cover.plan().cloths()).ifPresent(of -> Stream.of(Material.FRONT, Material.BACK)
                    .forEach(material -> cloths.add(of.of(material).withId(0))));
        }
        return cloths.stream().limit(MOST_CLOTHS).toList();
    }

    private Optional<Cover> readable(CoverRow row) {
        try {
            return Optional.of(cover(row));
        } catch (BrokenCover e) {
            return Optional.empty();
        }
    }

    /** Covers deleted within the last thirty days, which can be brought back. */
    @Transactional(readOnly = true)
    public List<Deleted> deleted() {
        return covers.bin(workroom()).stream()
                .map(row -> new Deleted(row.id(), named(row.name(), row.id())))
                .toList();
    }

    @Transactional(readOnly = true)
    public Cover find(long id) {
        return cover(row(id));
    }

    /** The cover, where it reads. */
    @Transactional(readOnly = true)
    public Optional<Cover> findReadable(long id) {
        try {
            return covers.find(workroom(), id).map(this::cover);
        } catch (BrokenCover e) {
            return Optional.empty();
        }
    }

    /** The plan as it was before what this gesture did; nothing where it did nothing yet. */
    @Transactional(readOnly = true)
    public Optional<CoverPlan> before(long id, String gesture) {
        return gesture.isBlank()
                ? Optional.empty()
                : covers.planBefore(workroom(), id, gesture).flatMap(text -> readable(text));
    }

    /** The plan that a text says, where it says one. */
    Optional<CoverPlan> readable(String text) {
        try {
            return Optional.of(read(text));
        } catch (BadPlanFile e) {
            return Optional.empty();
        }
    }

    /** What stands in the store of a cover, whether it reads or not. */
    @Transactional(readOnly = true)
    public String text(long id) {
        CoverRow row = row(id);
        try {
            return PlanJson.write(cover(row).plan());
        } catch (BrokenCover e) {
            return row.plan();
        }
    }

    /** Whether nothing was ever made here, not even something deleted since. */
    @Transactional(readOnly = true)
    public boolean isUntouched() {
        return covers.count(workroom()) == 0;
    }

    /** @throws CannotKeep where it would not read back */
    public long create(CoverPlan plan) {
        String text = kept(plan);
        long id = covers.insert(workroom());
        covers.putRevision(id, 1, text, NO_GESTURE);
        covers.noteWords(id);
        return id;
    }

    /**
     * The same for a form that may be sent twice: the second time it is the cover that was made the first time.
     *
     * @param press what the form calls its one press; blank for none
     */
    public long create(CoverPlan plan, String press) {
        return presses.once(workroom(), press, PlanJson.write(plan), () -> create(plan));
    }

    /**
     * Changes a cover.
     *
     * @param version the one the asking page was made from, or {@link #ANY_VERSION}
     * @param gesture changes of one gesture become one revision, undone together; blank for a change of its own
     * @throws Stale      when it was changed elsewhere since
     * @throws CannotKeep when what comes of it would not read back
     */
    public Cover change(long id, long version, String gesture, UnaryOperator<CoverPlan> change) {
        CoverRow row = lockedRow(id);
        String by = gesture.length() > LONGEST_GESTURE ? NO_GESTURE : gesture;
        boolean sameGesture = !by.isBlank() && row.gesture().equals(by);
        // A page whose own last change is on its way has an older version, but none older than its gesture is.
        boolean followsOn = sameGesture && version >= row.gestureFrom() && version < row.version();
        if (version != ANY_VERSION && row.version() != version && !followsOn) {
            throw new Stale("cover " + id);
        }
        Cover before = cover(row);
        CoverPlan after = change.apply(before.plan());
        if (after.equals(before.plan())) {
            return before;
        }
        String text = kept(after);
        int revision = sameGesture ? row.revision() : shortened(row) + 1;
        covers.move(workroom(), id, revision, by, sameGesture ? row.gestureFrom() : row.version());
        covers.dropAfter(id, revision);
        covers.putRevision(id, revision, text, by);
        covers.noteWords(id);
        return new Cover(id, row.version() + 1, after, revision > 1, false);
    }

    /** Lets the oldest revisions go once there are too many; the number that the present one has then. */
    private int shortened(CoverRow row) {
        if (row.revision() < MOST_REVISIONS) {
            return row.revision();
        }
        int gone = row.revision() - KEPT_REVISIONS;
        covers.dropUpTo(row.id(), gone);
        covers.countBelowNought(row.id(), gone);
        covers.countAboveNought(row.id());
        return KEPT_REVISIONS;
    }

    /**
     * Takes back what this gesture did, as if it had not been; nothing where it did nothing, or something came after
     * it.
     */
    public Cover putBack(long id, String gesture) {
        CoverRow row = lockedRow(id);
        if (!gesture.isBlank() && row.gesture().equals(gesture) && row.revision() > 1) {
            covers.move(workroom(), id, row.revision() - 1, NO_GESTURE, 0);
            covers.noteWords(id);
            covers.dropAfter(id, row.revision() - 1);
        }
        return find(id);
    }

    public Cover undo(long id, long version) {
        return step(id, version, -1);
    }

    public Cover redo(long id, long version) {
        return step(id, version, 1);
    }

    private Cover step(long id, long version, int by) {
        CoverRow row = lockedRow(id);
        if (version != ANY_VERSION && row.version() != version) {
            throw new Stale("cover " + id);
        }
        int to = row.revision() + by;
        if (to >= 1 && to <= row.last()) {
            covers.move(workroom(), id, to, NO_GESTURE, 0);
            covers.noteWords(id);
        }
        return find(id);
    }

    public void delete(long id) {
        if (covers.delete(workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    /** Deletes all of them at once; one that is gone already is no matter. */
    public void deleteAll(List<Long> ids) {
        ids.forEach(id -> covers.delete(workroom(), id));
    }

    /** Brings back all of them at once, but for any that is gone for good. */
    public void restoreAll(List<Long> ids) {
        ids.forEach(id -> covers.restore(workroom(), id));
    }

    public void restore(long id) {
        if (covers.restore(workroom(), id) == 0) {
            throw new NoSuchCover(id);
        }
    }

    /** Waits for a cover until nobody else changes it. */
    public void lock(long id) {
        if (covers.lock(workroom(), id).isEmpty()) {
            throw new NoSuchCover(id);
        }
    }

    private CoverRow lockedRow(long id) {
        lock(id);
        return row(id);
    }

    private CoverRow row(long id) {
        return covers.find(workroom(), id).orElseThrow(() -> new NoSuchCover(id));
    }

    private static String kept(CoverPlan plan) {
        try {
            return PlanJson.kept(plan);
        } catch (BadPlanFile e) {
            throw new CannotKeep(e);
        }
    }

    private Cover cover(CoverRow row) {
        try {
            return new Cover(
                    row.id(), row.version(), read(row.plan()), row.revision() > 1, row.revision() < row.last());
        } catch (BadPlanFile e) {
            throw new BrokenCover(new Broken(row.id(), named(PlanJson.name(row.plan()), row.id()), e.getMessage()));
        }
    }

    /** The plan that a text says; one that was read lately is not read again. */
    private CoverPlan read(String text) throws BadPlanFile {
        CoverPlan known = plansRead.getIfPresent(text);
        if (known == null) {
            known = PlanJson.read(text);
            plansRead.put(text, known);
        }
        return known;
    }

    private static String named(String name, long id) {
        String line = name == null ? "" : PlainText.shortened(PlainText.line(name), CoverPlan.LONGEST_NAME);
        return line.isEmpty() ? "No. " + id : line;
    }
}
