package app.dapt.web.log;

import app.dapt.files.BadPlanFile;
import app.dapt.files.log.LogJson;
import app.dapt.files.log.LogTable;
import app.dapt.files.log.LogTable.Changed;
import app.dapt.log.LogEntry;
import app.dapt.web.wording.FittingWords;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What came of a file that was taken in, as far as there is more to say than how much.
 *
 * @param taken how many entries were added
 */
public record TakenIn(int taken, LogTable.Rows rows, Words w, Locale locale) {

    private static final int MOST_SAID = 20;

    /**
     * An entry that was changed in the file.
     *
     * @param was as it was written here, as JSON
     * @param now as it is to be
     */
    public record Line(String name, List<String> changes, String was, String now) {}

    /** Why rows could not be read, the first of them. */
    public List<String> refused() {
        return rows.refused().stream()
                .limit(MOST_SAID)
                .map(row -> w.say("log.row", row.row(), w.say(row.why())))
                .toList();
    }

    /** The entries that were changed in the file. */
    public List<Line> changed() {
        return rows.changed().stream().map(this::line).toList();
    }

    private Line line(Changed changed) {
        LogEntry was = changed.was();
        LogEntry now = changed.now();
        List<String> changes = Stream.of(
                        change("made", was, now, entry -> LogLine.day(entry, locale)),
                        change("cover", was, now, entry -> entry.plan().name()),
                        change("minutes", was, now, this::minutes),
                        change("fabric", was, now, entry -> money(entry.spent().fabric())),
                        change("notions", was, now, entry -> money(entry.spent().notions())),
                        change("sat", was, now, this::sat),
                        change("note", was, now, LogEntry::note))
                .flatMap(Optional::stream)
                .toList();
        return new Line(was.plan().name(), changes, json(was), json(now));
    }

    private Optional<String> change(String what, LogEntry was, LogEntry now, Function<LogEntry, String> said) {
        String before = said.apply(was);
        String after = said.apply(now);
        return Objects.equals(before, after)
                ? Optional.empty()
                : Optional.of(w.say(
                        "log.changed." + what,
                        before.isEmpty() ? w.say("log.changed.nothing") : before,
                        after.isEmpty() ? w.say("log.changed.nothing") : after));
    }

    private String minutes(LogEntry entry) {
        return entry.spent().minutes().map(count -> Minutes.exactly(count, w)).orElse("");
    }

    private String money(Optional<Integer> paid) {
        return paid.map(hundredths -> w.money().shown(hundredths)).orElse("");
    }

    private String sat(LogEntry entry) {
        return entry.fitting()
                .map(LogEntry.Fitting::verdict)
                .map(verdict -> new FittingWords(w).said(verdict))
                .orElse("");
    }

    private static String json(LogEntry entry) {
        try {
            return LogJson.kept(entry);
        } catch (BadPlanFile e) {
            throw new IllegalArgumentException("an entry that does not read back", e);
        }
    }
}
