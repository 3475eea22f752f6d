package app.dapt.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.ExactLength;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Later;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.step.Place;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The log in files: what is written reads back, whatever a spreadsheet makes of it. */
class LogFilesTest {

    static Stream<Arguments> entries() {
        return Cases.of(60, LogFilesTest::entry);
    }

    static LogEntry entry(Random random) {
        CoverPlan plan = RandomPlans.plan(random);
        LogEntry entry = LogEntry.of(LocalDate.of(2025, 11, 3).plusDays(random.nextInt(900)), plan);
        if (random.nextBoolean()) {
            Verdict verdict = new Verdict(
                    Cases.pick(random, Corners.values()),
                    Cases.pick(random, Middle.values()),
                    Cases.pick(random, Edges.values()),
                    Cases.pick(random, Opening.values()),
                    random.nextBoolean() ? Optional.of(RandomPlans.between(random, 1, 3)) : Optional.empty(),
                    random.nextInt(4) == 0 ? Optional.of(RandomPlans.between(random, -2, 2)) : Optional.empty());
            entry = entry.tried(verdict);
            entry = entry.corrected(entry.correction().orElseThrow().done());
        }
        Optional<Integer> paid = random.nextBoolean() ? Optional.of(random.nextInt(90_000)) : Optional.empty();
        return entry.withSpent(new Spent(
                        random.nextBoolean() ? Map.of(Place.MACHINE, random.nextInt(200), Place.TABLE, 0) : Map.of(),
                        random.nextBoolean() ? Optional.of(random.nextInt(600)) : Optional.empty(),
                        paid,
                        paid.map(hundredths -> hundredths / 7)))
                .withPicture(random.nextBoolean() ? Optional.of(1L + random.nextInt(900)) : Optional.empty())
                .withLater(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(
                                        new Later(
                                                LocalDate.of(2026, 4, 2),
                                                Later.After.WASHED,
                                                Optional.of(Length.mm(431)),
                                                Optional.empty(),
                                                EnumSet.of(Later.Gave.SEAM, Later.Gave.FRAYED),
                                                "=hot"),
                                        new Later(
                                                LocalDate.of(2027, 2, 1),
                                                Later.After.YEAR,
                                                Optional.empty(),
                                                Optional.empty(),
                                                Set.of(),
                                                "")))
                .withNote(random.nextBoolean() ? "=1+1, “quoted”, and 'so on\"" : "");
    }

    @ParameterizedTest
    @MethodSource("entries")
    void anEntryReadsBack(LogEntry entry) throws BadPlanFile {
        assertThat(LogJson.read(LogJson.kept(entry))).isEqualTo(entry);
    }

    @Test
    void aWholeLogReadsBackFromCommaSeparatedValues() throws BadPlanFile {
        List<LogEntry> entries =
                IntStream.range(0, 40).mapToObj(i -> entry(new Random(i))).toList();
        LogCsv.Rows rows = LogCsv.read("\uFEFF" + LogCsv.write(entries));
        assertThat(rows.entries()).isEqualTo(entries);
        assertThat(rows.refused()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"=HYPERLINK(1)", "+1+1", "-2+3", "@SUM(A1)", "'quoted", "-5"})
    void noCellIsAFormula(String note) throws BadPlanFile {
        CoverPlan plan = RandomPlans.plan(new Random(3)).withName(note);
        LogEntry entry = LogEntry.of(LocalDate.of(2026, 3, 1), plan).withNote(note);
        String csv = LogCsv.write(List.of(entry));
        boolean isNumber = note.equals("-5");
        assertThat(csv.lines().skip(1).findFirst().orElseThrow())
                .contains(isNumber ? ",-5," : ",'" + note)
                .doesNotContain(isNumber ? "'-5" : "," + note);
        assertThat(LogCsv.read(csv).entries()).containsExactly(entry);
    }

    /** The columns of a cover that was made and tried on, each by its heading. */
    @Test
    void everyColumnSaysWhatItsHeadingPromises() throws IOException {
        CoverPlan plan = DefaultPlan.plan(
                "Wheelhouse stool",
                Mark.EIGHTH,
                ShapeKind.SQUARE,
                Form.overCrown(Length.inches(18), Length.inches(18)));
        Reckoned cover = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Verdict verdict = new Verdict(
                Corners.EMPTY,
                Middle.SAGS,
                Edges.RIPPLE,
                Opening.GAPES,
                Optional.of(Length.inches(1, 1, 2)),
                Optional.empty());
        LogEntry tried = LogEntry.of(LocalDate.of(2026, 4, 9), plan).tried(verdict);
        LogEntry entry = tried.corrected(tried.correction().orElseThrow().done())
                .withNote("for the mate")
                .withSpent(new Spent(Map.of(), Optional.of(95), Optional.of(1_805), Optional.of(7)));
        Map<String, String> row = row(entry);
        assertThat(row)
                .containsEntry("made", "2026-04-09")
                .containsEntry("cover", "Wheelhouse stool")
                .containsEntry("shape", "square")
                .containsEntry("filling", "unknown")
                .containsEntry("form across", "18 in")
                .containsEntry("form up and down", "18 in")
                .containsEntry("corners", "empty")
                .containsEntry("middle", "sags")
                .containsEntry("edges", "ripple")
                .containsEntry("opening", "gapes")
                .containsEntry("gape", "1 1/2 in")
                .containsEntry("minutes", "95")
                .containsEntry("fabric cost", "18.05")
                .containsEntry("notions cost", "0.07")
                .containsEntry("note", "for the mate");
        Reckoned taken = Reckoner.reckonWithoutRemedies(entry.plan(), plan.mark());
        assertThat(row.get("finished across"))
                .as("as it is now, taken in from %s", cover.finished(Axis.ACROSS))
                .isEqualTo(ExactLength.write(taken.finished(Axis.ACROSS), Unit.INCH));
        assertThat(taken.finished(Axis.ACROSS)).isLessThan(cover.finished(Axis.ACROSS));
        assertThat(row.get("seams deeper")).isEqualTo(ExactLength.write(entry.deeper(), Unit.INCH));
        assertThat(Double.parseDouble(row.get("fullness")) * 100)
                .isEqualTo(taken.fullness().percent(), within(0.5));
        assertThat(row(LogEntry.of(LocalDate.of(2026, 4, 9), plan)))
                .as("nothing said, nothing written")
                .containsEntry("corners", "")
                .containsEntry("gape", "")
                .containsEntry("minutes", "")
                .containsEntry("fabric cost", "")
                .containsEntry("seams deeper", "0 in");
    }

    private static Map<String, String> row(LogEntry entry) throws IOException {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(LogCsv.write(List.of(entry))), format)) {
            return parser.getRecords().get(0).toMap();
        }
    }

    @Test
    void aFileOfMoreRowsThanAnybodySewsIsRefused() throws BadPlanFile {
        String header = "made,entry\r\n";
        LogCsv.Rows rows = LogCsv.read(header + "2026-01-01,\r\n".repeat(5_000));
        assertThat(rows.entries()).isEmpty();
        assertThat(rows.refused()).hasSize(5_000);
        assertThatThrownBy(() -> LogCsv.read(header + "2026-01-01,\r\n".repeat(5_001)))
                .isInstanceOf(BadPlanFile.class)
                .hasMessageContaining("more than 5000 rows");
    }

    @Test
    void aBrokenRowIsNamedAndTheOthersAreRead() throws BadPlanFile {
        List<LogEntry> entries = new ArrayList<>(
                IntStream.range(0, 3).mapToObj(i -> entry(new Random(i))).toList());
        String csv = LogCsv.write(entries) + "2026-01-01,short row\r\n";
        LogCsv.Rows rows = LogCsv.read(csv);
        assertThat(rows.entries()).isEqualTo(entries);
        assertThat(rows.refused()).extracting(LogCsv.Refused::row).containsExactly(4L);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a,b\n1,2\n", "\"entry", "{}", "PK\u0003\u0004"})
    void whatIsNoLogIsRefused(String text) {
        assertThatThrownBy(() -> LogCsv.read(text)).isInstanceOf(BadPlanFile.class);
    }

    @ParameterizedTest
    @CsvSource({
        "1066-10-14, made",
        "someday, made",
        "2026-02-30, made",
    })
    void aDayThatIsNoneIsRefused(String day, String where) throws BadPlanFile {
        String text = LogJson.kept(LogEntry.of(LocalDate.of(2026, 3, 1), RandomPlans.plan(new Random(3))));
        assertThatThrownBy(() -> LogJson.read(text.replace("2026-03-01", day)))
                .isInstanceOfSatisfying(
                        BadPlanFile.class, bad -> assertThat(bad.where()).isEqualTo(where));
    }

    @Test
    void minutesBelowNoughtAreRefused() throws BadPlanFile {
        String text = LogJson.kept(LogEntry.of(LocalDate.of(2026, 3, 1), RandomPlans.plan(new Random(3)))
                .withSpent(new Spent(Map.of(Place.IRON, 12), Optional.empty(), Optional.empty(), Optional.empty())));
        assertThatThrownBy(() -> LogJson.read(text.replace("\"iron\" : 12", "\"iron\" : -12")))
                .isInstanceOfSatisfying(
                        BadPlanFile.class, bad -> assertThat(bad.where()).isEqualTo("minutes.iron"));
    }
}
