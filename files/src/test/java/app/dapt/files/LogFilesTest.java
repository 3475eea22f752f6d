package app.dapt.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.step.Place;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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

    private static LogEntry entry(Random random) {
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
