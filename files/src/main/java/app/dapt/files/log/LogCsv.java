package app.dapt.files.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.ExactLength;
import app.dapt.files.Spreadsheet;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The log as comma-separated values (RFC 4180): columns for a spreadsheet, and last the whole entry as JSON, from which
 * it reads back exactly. A cell that a spreadsheet would take for a formula begins with an apostrophe.
 */
public final class LogCsv {

    private static final String ENTRY = "entry";
    private static final List<String> COLUMNS = List.of(
            "made",
            "cover",
            "shape",
            "filling",
            "form across",
            "form up and down",
            "finished across",
            "finished up and down",
            "fullness",
            "corners",
            "middle",
            "edges",
            "opening",
            "gape",
            "seams deeper",
            "minutes",
            "fabric cost",
            "notions cost",
            "note",
            ENTRY);
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(COLUMNS.toArray(String[]::new))
            .get();
    private static final CSVFormat READ = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreEmptyLines(true)
            .get();

    private LogCsv() {}

    /** A row that is no entry of the log. */
    public record Refused(long row, String why) {}

    /** What a file holds. */
    public record Rows(List<LogEntry> entries, List<Refused> refused) {}

    public static String write(List<LogEntry> entries) {
        StringBuilder text = new StringBuilder();
        try {
            Lines lines = new Lines(text);
            for (LogEntry entry : entries) {
                lines.add(entry);
            }
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return text.toString();
    }

    /** The same, entry by entry as they come. */
    public static final class Lines {

        private final CSVPrinter printer;

        public Lines(Appendable out) throws IOException {
            printer = new CSVPrinter(out, FORMAT);
        }

        public void add(LogEntry entry) throws IOException {
            printer.printRecord(cells(entry).stream().map(Spreadsheet::guarded).toList());
        }
    }

    private static List<String> cells(LogEntry entry) {
        CoverPlan plan = entry.plan();
        Reckoned cover = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Optional<Verdict> verdict = entry.fitting().map(LogEntry.Fitting::verdict);
        Spent spent = entry.spent();
        List<String> cells = new ArrayList<>(List.of(
                entry.made().toString(),
                plan.name(),
                plan.shape().kind().code(),
                Phrase.code(plan.form().filling()),
                length(plan, cover.form().across().flat()),
                length(plan, cover.form().upDown().flat()),
                length(plan, cover.finished(Axis.ACROSS)),
                length(plan, cover.finished(Axis.UP_DOWN)),
                hundredths(cover.fullness().percent())));
        cells.add(verdict.map(said -> Phrase.code(said.corners())).orElse(""));
        cells.add(verdict.map(said -> Phrase.code(said.middle())).orElse(""));
        cells.add(verdict.map(said -> Phrase.code(said.edges())).orElse(""));
        cells.add(verdict.map(said -> Phrase.code(said.opening())).orElse(""));
        cells.add(verdict.flatMap(Verdict::gape).map(gape -> length(plan, gape)).orElse(""));
        cells.add(length(plan, plan.seam().altered().deeper()));
        cells.add(spent.minutes().map(String::valueOf).orElse(""));
        cells.add(spent.fabric().map(LogCsv::hundredths).orElse(""));
        cells.add(spent.notions().map(LogCsv::hundredths).orElse(""));
        cells.add(entry.note());
        try {
            cells.add(LogJson.kept(entry));
        } catch (BadPlanFile e) {
            throw new IllegalStateException("an entry of the log is kept only where it reads back", e);
        }
        return cells;
    }

    private static String length(CoverPlan plan, Length length) {
        return ExactLength.write(length, plan.unit());
    }

    private static String hundredths(int count) {
        return BigDecimal.valueOf(count, 2).toPlainString();
    }

    /**
     * The entries of a file that was written here, whatever a spreadsheet has done to its other columns.
     *
     * @throws BadPlanFile where it is no such file at all
     */
    public static Rows read(String text) throws BadPlanFile {
        try (CSVParser parser = CSVParser.parse(new StringReader(Spreadsheet.withoutMark(text)), READ)) {
            if (!parser.getHeaderNames().contains(ENTRY)) {
                throw new BadPlanFile("", "has no column “" + ENTRY + "”: this is not a log of Dapt’s");
            }
            List<LogEntry> entries = new ArrayList<>();
            List<Refused> refused = new ArrayList<>();
            for (CSVRecord record : parser) {
                if (record.getRecordNumber() > Spreadsheet.MOST_ROWS) {
                    throw new BadPlanFile("", "has more than " + Spreadsheet.MOST_ROWS + " rows");
                }
                try {
                    String cell = record.isSet(ENTRY) ? record.get(ENTRY) : "";
                    entries.add(LogJson.read(Spreadsheet.unguarded(cell)));
                } catch (BadPlanFile e) {
                    refused.add(new Refused(record.getRecordNumber(), e.where() + " " + e.problem()));
                }
            }
            return new Rows(entries, refused);
        } catch (IOException | IllegalArgumentException | UncheckedIOException | IllegalStateException e) {
            throw new BadPlanFile("", "is not comma-separated values");
        }
    }
}
