package app.dapt.log;

import app.dapt.learning.Overlaps;
import app.dapt.learning.Pace;
import app.dapt.learning.Tastes;
import app.dapt.piece.Piece.Material;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the log tells of the one who keeps it.
 *
 * @param tastes   how full she likes her covers
 * @param pace     how long she takes
 * @param overlaps which held
 * @param frayed   the names of the cloths whose edges frayed, in small letters
 */
public record Learnt(Tastes tastes, Pace pace, Overlaps overlaps, Set<String> frayed) {

    /** Nothing yet. */
    public static final Learnt NOTHING = new Learnt(Tastes.NOTHING, Pace.USUAL, new Overlaps(List.of()), Set.of());

    /** What there is to learn, each of which can be left unlearnt. */
    public enum Subject {
        FULLNESS,
        PACE,
        OVERLAP,
        /** What went wrong, said again where it could happen once more. */
        MISHAP
    }

    /** What one entry tells, for which its plans are reckoned anew: worth keeping where it is asked for often. */
    public record Told(
            LogEntry entry,
            Optional<Tastes.Seen> fullness,
            Optional<Pace.Timed> timed,
            Optional<Overlaps.Seen> overlap) {

        public static Told by(LogEntry entry) {
            return new Told(entry, entry.fullness(), entry.timed(), entry.overlap());
        }
    }

    /** From what these entries tell; for each subject those that count. */
    public static Learnt of(Map<Subject, List<Told>> counted) {
        return new Learnt(
                Tastes.of(told(counted, Subject.FULLNESS, Told::fullness)),
                Pace.of(told(counted, Subject.PACE, Told::timed)),
                Overlaps.of(told(counted, Subject.OVERLAP, Told::overlap)),
                counted.getOrDefault(Subject.MISHAP, List.of()).stream()
                        .map(Told::entry)
                        .filter(entry -> entry.later().stream()
                                .anyMatch(said -> said.gave().contains(Later.Gave.FRAYED)))
                        .flatMap(entry -> Stream.of(Material.FRONT, Material.BACK)
                                .map(entry.plan().cloths()::of))
                        .map(cloth -> cloth.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.toUnmodifiableSet()));
    }

    /** Whether a cloth of that name has frayed on a cover. */
    public boolean hasFrayed(String cloth) {
        return frayed.contains(cloth.toLowerCase(Locale.ROOT));
    }

    private static <T> List<T> told(
            Map<Subject, List<Told>> counted, Subject subject, Function<Told, Optional<T>> tells) {
        return counted.getOrDefault(subject, List.of()).stream()
                .map(tells)
                .flatMap(Optional::stream)
                .toList();
    }
}
