package app.dapt.log;

import app.dapt.learning.Overlaps;
import app.dapt.learning.Pace;
import app.dapt.learning.Tastes;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What the log tells of the one who keeps it.
 *
 * @param tastes   how full she likes her covers
 * @param pace     how long she takes
 * @param overlaps which held
 */
public record Learnt(Tastes tastes, Pace pace, Overlaps overlaps) {

    /** Nothing yet. */
    public static final Learnt NOTHING = new Learnt(Tastes.NOTHING, Pace.USUAL, new Overlaps(List.of()));

    /** What there is to learn, each of which can be left unlearnt. */
    public enum Subject {
        FULLNESS,
        PACE,
        OVERLAP
    }

    /** From these entries; for each subject those that count. */
    public static Learnt of(Map<Subject, List<LogEntry>> entries) {
        return new Learnt(
                Tastes.of(told(entries, Subject.FULLNESS, LogEntry::fullness)),
                Pace.of(told(entries, Subject.PACE, LogEntry::timed)),
                Overlaps.of(told(entries, Subject.OVERLAP, LogEntry::overlap)));
    }

    private static <T> List<T> told(
            Map<Subject, List<LogEntry>> entries, Subject subject, Function<LogEntry, Optional<T>> tells) {
        Collection<LogEntry> counted = entries.getOrDefault(subject, List.of());
        return counted.stream().map(tells).flatMap(Optional::stream).toList();
    }
}
