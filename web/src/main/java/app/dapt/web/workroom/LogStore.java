package app.dapt.web.workroom;

import app.dapt.files.BadPlanFile;
import app.dapt.files.log.LogJson;
import app.dapt.files.log.LogTable;
import app.dapt.log.LogEntry;
import app.dapt.web.workroom.LogMapper.LogRow;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of the workroom, every change of it kept for undo. What is to be kept is read back first. */
@Service
@Transactional
public class LogStore {

    /** A log holds no more. */
    public static final int MOST = 5_000;

    /** Once an entry has so many revisions the oldest go, all but so many. */
    private static final int MOST_REVISIONS = 200;

    private static final int KEPT_REVISIONS = 100;

    private static final Cache<String, LogEntry> READ =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final LogMapper log;
    private final CoverStore covers;
    private final SubmittedForms presses;

    LogStore(LogMapper log, CoverStore covers, SubmittedForms presses) {
        this.log = log;
        this.covers = covers;
        this.presses = presses;
    }

    /** All entries that read, the latest first. */
    @Transactional(readOnly = true)
    public List<Logged> list() {
        return log.list(covers.workroom(), MOST).stream()
                .flatMap(row -> readable(row).stream())
                .toList();
    }

    /** How many entries there are, also of those that do not read: they are kept as they are. */
    @Transactional(readOnly = true)
    public int count() {
        return log.count(covers.workroom());
    }

    /** @throws NoSuchEntry where there is none, or it does not read */
    @Transactional(readOnly = true)
    public Logged find(long id) {
        return log.find(covers.workroom(), id).flatMap(LogStore::readable).orElseThrow(() -> new NoSuchEntry(id));
    }

    /** The entry of a cover, where it has been tried on or logged. */
    @Transactional(readOnly = true)
    public Optional<Logged> ofCover(long cover) {
        return log.ofCover(covers.workroom(), cover).flatMap(LogStore::readable);
    }

    /** Keeps what comes of a cover's entry: of the one there is, or of a new one. */
    public Logged putOfCover(long cover, LogEntry fresh, UnaryOperator<LogEntry> change) {
        covers.lock(cover);
        Optional<Logged> there = ofCover(cover);
        long id = there.isPresent()
                ? changed(there.get(), change.apply(there.get().entry()))
                : insert(cover, change.apply(fresh));
        return find(id);
    }

    /**
     * Takes entries from elsewhere, all at once.
     *
     * @param press what the form calls its one press
     * @param bare  what is kept of an entry that comes by itself, without its pictures
     * @return how many were taken: those that are not in the log word for word
     */
    public int take(List<LogEntry> entries, String press, UnaryOperator<LogEntry> bare) {
        return (int) presses.once(covers.workroom(), press, "log " + entries.hashCode(), () -> {
            Set<LogEntry> there = list().stream().map(Logged::entry).collect(Collectors.toSet());
            List<LogEntry> fresh = entries.stream()
                    .filter(entry -> !there.contains(entry))
                    .map(bare)
                    .filter(entry -> !there.contains(entry))
                    .toList();
            fresh.forEach(entry -> insert(0, entry));
            return fresh.size();
        });
    }

    /** The rows of a file without the changes that stand in the log already. */
    @Transactional(readOnly = true)
    public LogTable.Rows withoutTaken(LogTable.Rows rows) {
        Set<LogEntry> there = list().stream().map(Logged::entry).collect(Collectors.toSet());
        return new LogTable.Rows(
                rows.entries(),
                rows.changed().stream()
                        .filter(changed -> !there.contains(changed.now()))
                        .toList(),
                rows.refused());
    }

    /** Entries become others, all at once. */
    public void amend(List<LogTable.Changed> changes) {
        changes.forEach(change -> amend(change.was(), change.now()));
    }

    /** An entry becomes another; where it is not in the log any more, or never was, the other comes in by itself. */
    private void amend(LogEntry was, LogEntry now) {
        Optional<Logged> standing =
                list().stream().filter(logged -> logged.entry().equals(was)).findFirst();
        if (standing.isPresent()) {
            changed(standing.get(), now.withPicture(was.picture()));
        } else {
            take(List.of(now), "", LogJson::withoutPictures);
        }
    }

    /**
     * Adds an entry.
     *
     * @param press what the form calls its one press
     * @return its number
     */
    public long add(LogEntry entry, String press) {
        return presses.once(covers.workroom(), press, "earlier " + entry.hashCode(), () -> insert(0, entry));
    }

    /** How many more there is room for. */
    @Transactional(readOnly = true)
    public int room() {
        return MOST - log.count(covers.workroom());
    }

    private long insert(long cover, LogEntry entry) {
        String text = kept(entry);
        long id = log.insert(covers.workroom(), cover);
        log.putRevision(id, 1, text);
        return id;
    }

    /**
     * Changes an entry.
     *
     * @param version the one the asking page was made from
     * @throws Stale  when it was changed elsewhere since
     */
    public Logged change(long id, long version, UnaryOperator<LogEntry> change) {
        lock(id);
        Logged before = find(id);
        if (before.version() != version) {
            throw new Stale("entry " + id);
        }
        changed(before, change.apply(before.entry()));
        return find(id);
    }

    private long changed(Logged before, LogEntry after) {
        if (!after.equals(before.entry())) {
            String text = kept(after);
            lock(before.id());
            int revision = shortened(row(before.id())) + 1;
            log.move(covers.workroom(), before.id(), revision);
            log.dropAfter(before.id(), revision);
            log.putRevision(before.id(), revision, text);
        }
        return before.id();
    }

    /** Lets the oldest revisions go once there are too many; the number that the present one has then. */
    private int shortened(LogRow row) {
        if (row.revision() < MOST_REVISIONS) {
            return row.revision();
        }
        int gone = row.revision() - KEPT_REVISIONS;
        log.dropUpTo(row.id(), gone);
        log.countBelowNought(row.id(), gone);
        log.countAboveNought(row.id());
        return KEPT_REVISIONS;
    }

    /** Takes back the last change of an entry. */
    public Logged undo(long id, long version) {
        lock(id);
        LogRow row = row(id);
        if (row.version() != version) {
            throw new Stale("entry " + id);
        }
        if (row.revision() > 1) {
            log.move(covers.workroom(), id, row.revision() - 1);
        }
        return find(id);
    }

    public void delete(long id) {
        if (log.delete(covers.workroom(), id) == 0) {
            throw new NoSuchEntry(id);
        }
    }

    /** Brings an entry back. */
    public void restore(long id) {
        if (log.restore(covers.workroom(), id) == 0) {
            throw new NoSuchEntry(id);
        }
    }

    private void lock(long id) {
        if (log.lock(covers.workroom(), id).isEmpty()) {
            throw new NoSuchEntry(id);
        }
    }

    private LogRow row(long id) {
        return log.find(covers.workroom(), id).orElseThrow(() -> new NoSuchEntry(id));
    }

    private static Optional<Logged> readable(LogRow row) {
        try {
            LogEntry entry = READ.getIfPresent(row.entry());
            if (entry == null) {
                entry = LogJson.read(row.entry());
                READ.put(row.entry(), entry);
            }
            return Optional.of(new Logged(
                    row.id(),
                    row.version(),
                    row.coverId() == 0 ? Optional.empty() : Optional.of(row.coverId()),
                    row.loggedAt(),
                    entry,
                    row.revision() > 1));
        } catch (BadPlanFile e) {
            return Optional.empty();
        }
    }

    private static String kept(LogEntry entry) {
        try {
            return LogJson.kept(entry);
        } catch (BadPlanFile e) {
            throw new CannotKeep(e);
        }
    }
}
