package app.dapt.files.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.decision.LengthRange;
import app.dapt.files.BadPlanFile;
import app.dapt.files.Spreadsheet;
import app.dapt.form.Filling;
import app.dapt.learning.Verdict;
import app.dapt.log.EarlierCover;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.DurationReader;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import app.dapt.measure.SizeReader;
import app.dapt.measure.SizeReader.Size;
import app.dapt.measure.Unit;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads a table of covers that were made: a log that was written here, or what somebody has kept in a spreadsheet. The
 * columns may stand in any order and go by several names; commas, semicolons and tabs part them, and a comma may stand
 * before decimals.
 */
public final class LogTable {

    /**
     * How whoever keeps the table writes.
     *
     * @param mark     whose unit a bare number has
     * @param dayFirst whether 3/4/2025 is in April
     */
    public record Habits(Mark mark, boolean dayFirst) {}

    /** A row that is no cover. */
    public record Refused(long row, Phrase why) {}

    /** An entry that was written here and changed since. */
    public record Changed(LogEntry was, LogEntry now) {}

    /**
     * What a table holds.
     *
     * @param entries as they are to be, those that were changed left out
     */
    public record Rows(List<LogEntry> entries, List<Changed> changed, List<Refused> refused) {}

    /** What a column holds, and the names it goes by. */
    private enum Column {
        MADE("made", "date", "day", "when", "date made", "finished on"),
        COVER("cover", "name", "title", "what", "item", "project"),
        FILLING("filling", "stuffing"),
        FORM("form", "form size", "pillow form", "pad", "pad size", "cushion pad", "insert", "insert size"),
        FORM_ACROSS("form across", "form width", "form w", "pad width"),
        FORM_UP_DOWN("form up and down", "form height", "form h", "pad height"),
        SIZE("size", "finished", "finished size", "cover size"),
        ACROSS("finished across", "across", "width", "finished width"),
        UP_DOWN("finished up and down", "up and down", "height", "finished height"),
        CORNERS("corners"),
        MIDDLE("middle"),
        EDGES("edges"),
        OPENING("opening"),
        GAPE("gape"),
        MINUTES("minutes", "time", "how long"),
        FABRIC("fabric cost", "fabric", "cost of fabric"),
        NOTIONS("notions cost", "notions", "cost of notions"),
        NOTE("note", "notes", "remark", "remarks", "comment", "comments"),
        ENTRY("entry");

        private final List<String> names;

        Column(String... names) {
            this.names = List.of(names);
        }

        static Optional<Column> named(String header) {
            return List.of(values()).stream()
                    .filter(column -> column.names.contains(header))
                    .findFirst();
        }
    }

    private final Habits habits;
    private final Map<Column, Integer> places = new EnumMap<>(Column.class);
    private final Map<Column, Unit> units = new EnumMap<>(Column.class);

    private LogTable(Habits habits, CSVRecord header) {
        this.habits = habits;
        for (int i = 0; i < header.size(); i++) {
            String heading = header.get(i);
            int place = i;
            Column.named(Spreadsheet.heading(heading)).ifPresent(column -> {
                places.putIfAbsent(column, place);
                Spreadsheet.unit(heading).ifPresent(unit -> units.putIfAbsent(column, unit));
            });
        }
    }

    /**
     * Reads a file's bytes.
     *
     * @throws BadPlanFile where it is no table of covers at all, or not written in UTF-8
     */
    public static Rows read(byte[] file, Habits habits) throws BadPlanFile {
        List<CSVRecord> records = Spreadsheet.rows(file);
        LogTable table = new LogTable(habits, records.get(0));
        table.check();
        return table.rows(records.subList(1, records.size()));
    }

    private void check() throws BadPlanFile {
        boolean sized = places.containsKey(Column.FORM)
                || places.containsKey(Column.SIZE)
                || places.containsKey(Column.FORM_ACROSS)
                || places.containsKey(Column.ACROSS);
        if (!places.containsKey(Column.ENTRY)
                && !(places.containsKey(Column.COVER) && places.containsKey(Column.MADE) && sized)) {
            throw new BadPlanFile("", "needs columns “cover”, “made” and “form” or “size” in its first line");
        }
    }

    private Rows rows(List<CSVRecord> records) {
        List<LogEntry> entries = new ArrayList<>();
        List<Changed> changed = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (CSVRecord row : records) {
            try {
                Optional<LogEntry> standing = standing(row);
                LogEntry now = said(row, standing.isPresent() ? standing.get() : earlier(row));
                if (standing.filter(was -> !was.equals(now)).isPresent()) {
                    changed.add(new Changed(standing.get(), now));
                } else {
                    entries.add(now);
                }
            } catch (NoCover e) {
                refused.add(new Refused(row.getRecordNumber(), e.why));
            }
        }
        return new Rows(entries, changed, refused);
    }

    /** Why a row is no cover. */
    private static final class NoCover extends Exception {
        private final Phrase why;

        NoCover(String code, Object... args) {
            super(code);
            this.why = Phrase.of(code, args);
        }
    }

    /** The entry as it was written here. */
    private Optional<LogEntry> standing(CSVRecord row) throws NoCover {
        Optional<String> entry = cell(row, Column.ENTRY);
        try {
            return entry.isPresent() ? Optional.of(LogJson.read(entry.get())) : Optional.empty();
        } catch (BadPlanFile e) {
            throw new NoCover("log.row.entry");
        }
    }

    private LogEntry earlier(CSVRecord row) throws NoCover {
        String name = cell(row, Column.COVER)
                .map(PlainText::line)
                .filter(line -> !line.isEmpty())
                .map(line -> PlainText.shortened(line, CoverPlan.LONGEST_NAME))
                .orElseThrow(() -> new NoCover("log.row.name"));
        Optional<Size> form = size(row, Column.FORM, Column.FORM_ACROSS, Column.FORM_UP_DOWN);
        Optional<Size> finished = size(row, Column.SIZE, Column.ACROSS, Column.UP_DOWN);
        if (form.isEmpty() && finished.isEmpty()) {
            throw new NoCover("log.row.size");
        }
        LocalDate made = cell(row, Column.MADE)
                .flatMap(text -> Spreadsheet.day(text, habits.dayFirst()))
                .orElseThrow(
                        () -> new NoCover("log.row.day", cell(row, Column.MADE).orElse("")));
        try {
            CoverPlan plan = new EarlierCover(name, form, finished, filling(row)).plan(habits.mark());
            return LogEntry.of(made, plan);
        } catch (IllegalArgumentException e) {
            throw new NoCover("log.row.size");
        }
    }

    /** What the columns say of an entry, over what stands in it. */
    private LogEntry said(CSVRecord row, LogEntry entry) throws NoCover {
        LogEntry said = entry;
        Optional<LocalDate> made = cell(row, Column.MADE).flatMap(text -> Spreadsheet.day(text, habits.dayFirst()));
        if (made.isPresent() && !made.get().isBefore(LogEntry.EARLIEST)) {
            said = said.withMade(made.get());
        }
        Optional<String> name = cell(row, Column.COVER).map(PlainText::line).filter(line -> !line.isEmpty());
        if (name.isPresent() && !name.get().equals(entry.plan().name())) {
            String kept = PlainText.shortened(name.get(), CoverPlan.LONGEST_NAME);
            said = said.withPlans(plan -> plan.withName(kept));
        }
        if (places.containsKey(Column.NOTE)) {
            String note = cell(row, Column.NOTE).map(PlainText::line).orElse("");
            said = said.withNote(PlainText.shortened(note, LogEntry.LONGEST_NOTE));
        }
        said = said.withSpent(spent(row, entry.spent()));
        Optional<Verdict> verdict = verdict(row, entry);
        boolean isOther = verdict.isPresent() && !verdict.equals(entry.fitting().map(LogEntry.Fitting::verdict));
        return isOther ? said.judged(verdict) : said;
    }

    private Spent spent(CSVRecord row, Spent standing) throws NoCover {
        Optional<Integer> minutes = cell(row, Column.MINUTES).flatMap(DurationReader::minutes);
        boolean isOther = minutes.isPresent() && !minutes.equals(standing.minutes());
        try {
            return new Spent(
                    isOther ? Map.of() : standing.byPlace(),
                    isOther ? minutes : standing.whole(),
                    cell(row, Column.FABRIC).flatMap(Spreadsheet::hundredths).or(standing::fabric),
                    cell(row, Column.NOTIONS).flatMap(Spreadsheet::hundredths).or(standing::notions));
        } catch (IllegalArgumentException e) {
            throw new NoCover("log.row.spent");
        }
    }

    /** How it sat, where all four questions are answered. */
    private Optional<Verdict> verdict(CSVRecord row, LogEntry entry) {
        Optional<Verdict.Corners> corners = choice(row, Column.CORNERS, Verdict.Corners.values());
        Optional<Verdict.Middle> middle = choice(row, Column.MIDDLE, Verdict.Middle.values());
        Optional<Verdict.Edges> edges = choice(row, Column.EDGES, Verdict.Edges.values());
        Optional<Verdict.Opening> opening = choice(row, Column.OPENING, Verdict.Opening.values());
        if (corners.isEmpty() || middle.isEmpty() || edges.isEmpty() || opening.isEmpty()) {
            return Optional.empty();
        }
        Unit unit = entry.plan().unit();
        Optional<Length> gape = cell(row, Column.GAPE)
                .flatMap(text ->
                        LengthRange.GAPE.reader(unit).read(text).fold(Optional::of, refused -> Optional.empty()));
        Optional<Length> narrower = entry.fitting().flatMap(sat -> sat.verdict().narrower());
        return Optional.of(new Verdict(corners.get(), middle.get(), edges.get(), opening.get(), gape, narrower));
    }

    private <E extends Enum<E>> Optional<E> choice(CSVRecord row, Column column, E[] choices) {
        String said = cell(row, column)
                .map(text -> text.toLowerCase(Locale.ROOT).replace(' ', '-'))
                .orElse("");
        return List.of(choices).stream()
                .filter(choice -> Phrase.code(choice).equals(said))
                .findFirst();
    }

    private Filling filling(CSVRecord row) {
        return choice(row, Column.FILLING, Filling.values()).orElse(Filling.UNKNOWN);
    }

    /** A size in one column or in two. */
    private Optional<Size> size(CSVRecord row, Column whole, Column across, Column upDown) {
        return cell(row, whole).flatMap(text -> sizes(whole).read(text)).or(() -> cell(row, across)
                .flatMap(wide -> {
                    String high = cell(row, upDown).orElse(wide);
                    Optional<Size> first = sizes(across).read(wide);
                    Optional<Size> second =
                            sizes(places.containsKey(upDown) ? upDown : across).read(high);
                    return first.flatMap(one -> second.map(other -> new Size(one.across(), other.upDown())));
                }));
    }

    private SizeReader sizes(Column column) {
        return new SizeReader(
                LengthRange.SIDE.reader(units.getOrDefault(column, habits.mark().unit())));
    }

    private Optional<String> cell(CSVRecord row, Column column) {
        return Optional.ofNullable(places.get(column)).flatMap(place -> Spreadsheet.cell(row, place));
    }
}
