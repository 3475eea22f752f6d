package app.dapt.web.log;

import app.dapt.cover.decision.LengthRange;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Phrase;
import app.dapt.step.Place;
import app.dapt.web.entry.Entries;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** From the fields of an entry's page to the entry. What cannot be read is refused beside its field. */
final class EntryForm {

    private EntryForm() {}

    static LogEntry read(LogEntry standing, Entries entries, LocalDate today) {
        LocalDate made = entries.day("made", LogEntry.EARLIEST, today, standing.made());
        Spent spent = spent(standing.spent(), entries);
        String note = entries.maybeText("note", LogEntry.LONGEST_NOTE, standing.note());
        return standing.judged(verdict(standing, entries))
                .withMade(made)
                .withSpent(spent)
                .withNote(note);
    }

    private static Spent spent(Spent standing, Entries entries) {
        Map<Place, Integer> byPlace = new EnumMap<>(Place.class);
        for (Place place : LogEntry.timedPlaces()) {
            entries.maybeCount(
                            "minutes-" + Phrase.code(place),
                            0,
                            Spent.MOST_MINUTES,
                            Optional.ofNullable(standing.byPlace().get(place)))
                    .ifPresent(minutes -> byPlace.put(place, minutes));
        }
        return new Spent(
                byPlace,
                entries.maybeMinutes("minutes-whole", 0, Spent.MOST_MINUTES, standing.whole()),
                entries.maybeHundredths("fabric", Spent.DEAREST, standing.fabric()),
                entries.maybeHundredths("notions", Spent.DEAREST, standing.notions()));
    }

    /** What was answered; nothing where every answer was left open. */
    private static Optional<Verdict> verdict(LogEntry standing, Entries entries) {
        Verdict was = standing.fitting().map(LogEntry.Fitting::verdict).orElse(Verdict.GOOD);
        boolean asked = entries.raw("middle").isPresent();
        boolean any = Stream.of("corners", "middle", "edges", "opening", "narrower")
                .anyMatch(name ->
                        entries.raw(name).filter(text -> !text.isBlank()).isPresent());
        if (!asked) {
            return standing.fitting().map(LogEntry.Fitting::verdict);
        }
        Verdict said = new Verdict(
                entries.choice("corners", Corners.class, Corners.FILLED),
                entries.choice("middle", Middle.class, Middle.FIRM),
                entries.choice("edges", Edges.class, Edges.SMOOTH),
                entries.choice("opening", Opening.class, Opening.CLOSED),
                entries.maybeLength("gape", LengthRange.GAPE, was.gape()),
                entries.maybeLength("narrower", LengthRange.ALTERED, was.narrower()));
        return any ? Optional.of(said) : Optional.empty();
    }
}
