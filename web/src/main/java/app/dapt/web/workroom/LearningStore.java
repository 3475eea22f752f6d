package app.dapt.web.workroom;

import app.dapt.log.Learnt;
import app.dapt.log.Learnt.Subject;
import app.dapt.log.Learnt.Told;
import app.dapt.log.LogEntry;
import app.dapt.web.workroom.LogMapper.LearningRow;
import app.dapt.web.workroom.MishapStore.Remembered;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the log of this workroom tells of its sewist, as far as she lets it. */
@Service
@Transactional
public class LearningStore {

    private static final int REMEMBERED = 8;

    /** Done well so often since, nothing more is said of what went wrong. */
    private static final int WELL_ENOUGH = 3;

    /** What entries tell, by the very entry the log has at hand. */
    private final Cache<LogEntry, Told> told =
            Caffeine.newBuilder().weakKeys().maximumSize(LogStore.MOST).build();

    /**
     * What she has said of one thing to learn.
     *
     * @param active whether it is used
     * @param since  entries of before do not count
     */
    public record Choice(boolean active, Optional<Instant> since) {
        static final Choice USUAL = new Choice(true, Optional.empty());
    }

    /** What is learnt follows from this. */
    private record Asked(String log, Map<Subject, Choice> choices, boolean onlyActive) {}

    /** What an hour is worth, in hundredths, and what is added by somebody who sells, in percent. */
    public record Terms(int hourly, int margin) {}

    private final LogMapper log;
    private final LogStore entries;
    private final CoverStore covers;
    private final MishapStore mishaps;
    private final Cache<Asked, Learnt> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    LearningStore(LogMapper log, LogStore entries, CoverStore covers, MishapStore mishaps) {
        this.mishaps = mishaps;
        this.log = log;
        this.entries = entries;
        this.covers = covers;
    }

    /** What she has said, of every subject. */
    @Transactional(readOnly = true)
    public Map<Subject, Choice> choices() {
        Map<Subject, Choice> choices = new EnumMap<>(Subject.class);
        for (Subject subject : Subject.values()) {
            choices.put(subject, Choice.USUAL);
        }
        for (LearningRow row : log.learning(covers.workroom())) {
            Optional<Instant> since = Optional.of(row.since()).filter(Instant.EPOCH::isBefore);
            // A subject that is not known here is of a later Dapt; it stays and is no matter.
            Stream.of(Subject.values())
                    .filter(subject -> subject.name().equals(row.subject()))
                    .forEach(subject -> choices.put(subject, new Choice(row.active(), since)));
        }
        return choices;
    }

    /** What is learnt, whether it is used or not. */
    @Transactional(readOnly = true)
    public Learnt all() {
        return learnt(false);
    }

    /** What is learnt and may be used. */
    @Transactional(readOnly = true)
    public Learnt used() {
        return learnt(true);
    }

    private Learnt learnt(boolean onlyActive) {
        Asked asked = new Asked(log.stamp(covers.workroom()), choices(), onlyActive);
        return known.get(asked, this::learnt);
    }

    private Learnt learnt(Asked asked) {
        return Learnt.of(counted(asked.choices(), asked.onlyActive()));
    }

    /** What the entries tell that count for each subject, whether it is used or not. */
    @Transactional(readOnly = true)
    public Map<Subject, List<Told>> counted() {
        return counted(choices(), false);
    }

    private Map<Subject, List<Told>> counted(Map<Subject, Choice> choices, boolean onlyActive) {
        List<Logged> all = entries.list();
        Map<Subject, List<Told>> counted = new EnumMap<>(Subject.class);
        choices.forEach((subject, choice) -> counted.put(
                subject,
                all.stream()
                        .filter(each -> choice.active() || !onlyActive)
                        .filter(each ->
                                choice.since().filter(each.at()::isBefore).isEmpty())
                        .map(each -> told.get(each.entry(), Told::by))
                        .toList()));
        return counted;
    }

    /** What went wrong and may be said again: not what was done well several times since. */
    @Transactional(readOnly = true)
    public List<Remembered> lessons() {
        Choice choice = choices().getOrDefault(Subject.MISHAP, Choice.USUAL);
        return choice.active()
                ? mishaps.remembered().stream()
                        .filter(each -> each.wellSince() < WELL_ENOUGH)
                        .filter(each ->
                                choice.since().filter(each.at()::isBefore).isEmpty())
                        .toList()
                : List.of();
    }

    /** Has something used, or not. */
    public void learn(Subject subject, boolean active) {
        log.learn(covers.workroom(), subject, active);
    }

    /** Lets only what is logged from now on count. */
    public void startAnew(Subject subject) {
        log.anew(covers.workroom(), subject);
    }

    /** Lets everything count again. */
    public void fromTheFirst(Subject subject) {
        log.fromTheFirst(covers.workroom(), subject);
    }

    @Transactional(readOnly = true)
    public Terms terms() {
        LogMapper.TermsRow row = log.terms(covers.workroom());
        return new Terms(row.hourly(), row.margin());
    }

    public void setTerms(Terms terms) {
        log.setTerms(covers.workroom(), terms.hourly(), terms.margin());
    }
}
