package app.dapt.web.workroom;

import app.dapt.make.Mishap;
import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.web.workroom.MishapMapper.MishapRow;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What went wrong while covers were made, and what is remembered of it for the next ones. */
@Service
@Transactional
public class MishapStore {

    /** Of one cover, this many are kept and no more. */
    public static final int MOST = 100;

    /** The longest note, in characters. */
    public static final int LONGEST_NOTE = 200;

    private static final int MOST_REMEMBERED = 200;
    private static final double MINUTE = 60;

    /**
     * One that happened in this workroom.
     *
     * @param cover     the id of the cover it happened to, with its name
     * @param step      id of the step it happened at
     * @param note      what the sewist said of it; blank where nothing
     * @param wellSince in how many other covers the same was done since without it
     */
    public record Remembered(
            String uid,
            long cover,
            String name,
            String step,
            Mishap.Kind kind,
            String note,
            Instant at,
            int wellSince) {

        /** What is done in the step, whatever it is done to. */
        public String does() {
            return step.substring(step.indexOf('/') + 1);
        }
    }

    private final MishapMapper mishaps;
    private final CoverStore covers;
    private final WorkStore work;
    private final SubmittedForms presses;
    private final Clock clock;

    MishapStore(MishapMapper mishaps, CoverStore covers, WorkStore work, SubmittedForms presses, Clock clock) {
        this.mishaps = mishaps;
        this.covers = covers;
        this.work = work;
        this.presses = presses;
        this.clock = clock;
    }

    /** Those of some covers, the earliest first. */
    @Transactional(readOnly = true)
    public Map<Long, List<Mishap>> of(Collection<Long> ids) {
        Map<Long, List<Mishap>> all = new HashMap<>();
        if (ids.isEmpty()) {
            return all;
        }
        for (MishapRow row : mishaps.of(covers.workroom(), ids.toArray(Long[]::new))) {
            kind(row.kind()).ifPresent(kind -> all.computeIfAbsent(row.coverId(), id -> new ArrayList<>())
                    .add(new Mishap(
                            row.uid().substring(0, 8),
                            kind,
                            row.step(),
                            new Length(row.unpicked()),
                            row.seconds() / MINUTE)));
        }
        return all;
    }

    /** A kind that is not known here is of a later Dapt; it stays and is no matter. */
    private static Optional<Mishap.Kind> kind(String code) {
        return Stream.of(Mishap.Kind.values())
                .filter(kind -> kind.name().equals(code))
                .findFirst();
    }

    /**
     * Something went wrong: what rests on it is to be done again.
     *
     * @param note  what the sewist says of it, shortened where it is too long to keep
     * @param again ids of the steps that come again
     * @param isCut whether what stands of the steps then means that the cover is cut
     * @param press what the form calls its one press
     */
    public void happened(
            long cover,
            Mishap mishap,
            String note,
            List<String> again,
            Predicate<Map<String, Tick>> isCut,
            String press) {
        presses.once(covers.workroom(), press, "mishap " + cover + mishap.kind() + mishap.step(), () -> {
            Instant now = clock.instant();
            int kept = mishaps.put(
                    covers.workroom(),
                    new MishapRow(
                            cover,
                            UUID.randomUUID().toString(),
                            mishap.step(),
                            mishap.kind().name(),
                            PlainText.shortened(PlainText.line(note), LONGEST_NOTE),
                            mishap.unpicked().grains(),
                            Math.toIntExact(Math.round(mishap.minutes() * MINUTE)),
                            now),
                    MOST);
            List<Tick> undone = again.stream()
                    .map(step -> new Tick(UUID.randomUUID(), step, false, false, now, "page"))
                    .toList();
            work.again(cover, undone, isCut);
            return kept;
        });
    }

    /** All that is remembered, the latest first. */
    @Transactional(readOnly = true)
    public List<Remembered> remembered() {
        return mishaps.remembered(covers.workroom(), MOST_REMEMBERED).stream()
                .flatMap(row -> kind(row.kind()).stream()
                        .map(kind -> new Remembered(
                                row.uid(),
                                row.coverId(),
                                row.name(),
                                row.step(),
                                kind,
                                row.note(),
                                row.at(),
                                row.wellSince())))
                .toList();
    }

    /** Forgets one; what was to be put right of it is no longer in the order of work. */
    public void forget(String uid) {
        mishaps.delete(covers.workroom(), uid);
    }
}
