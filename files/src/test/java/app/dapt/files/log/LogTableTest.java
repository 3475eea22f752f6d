package app.dapt.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.log.LogTable.Changed;
import app.dapt.files.log.LogTable.Habits;
import app.dapt.files.log.LogTable.Rows;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables of covers, written here and elsewhere. */
class LogTableTest {

    private static final Habits METRIC = new Habits(Mark.MILLIMETRE, true);
    private static final Habits IMPERIAL = new Habits(Mark.EIGHTH, false);

    private static Rows read(String text, Habits habits) throws BadPlanFile {
        return LogTable.read(text.getBytes(StandardCharsets.UTF_8), habits);
    }

    private static Length finished(LogEntry entry, Axis axis) {
        return Reckoner.reckonWithoutRemedies(entry.plan(), entry.plan().mark()).finished(axis);
    }

    @Test
    void whatASpreadsheetKeepsWhereCentimetresAreUsedIsTakenIn() throws BadPlanFile {
        Rows rows = read("""
                \uFEFFName;Notes;Size (cm);Pad (cm);Date;Minutes;Cost of fabric
                Galley stool;sags a little;43,5 x 43,5;45 x 45;4.3.2025;1 h 30;12,50 €
                "Bunk; upper";;60 x 40 cm;;12/05/24;;
                """, METRIC);
        assertThat(rows.refused()).isEmpty();
        assertThat(rows.changed()).isEmpty();
        LogEntry stool = rows.entries().get(0);
        assertThat(stool.plan().name()).isEqualTo("Galley stool");
        assertThat(stool.note()).isEqualTo("sags a little");
        assertThat(stool.made()).isEqualTo(LocalDate.of(2025, 3, 4));
        assertThat(finished(stool, Axis.ACROSS)).isEqualTo(Length.mm(435));
        assertThat(stool.spent().minutes()).contains(90);
        assertThat(stool.spent().fabric()).contains(1250);
        LogEntry bunk = rows.entries().get(1);
        assertThat(bunk.plan().name()).isEqualTo("Bunk; upper");
        assertThat(bunk.made()).isEqualTo(LocalDate.of(2024, 5, 12));
        assertThat(finished(bunk, Axis.ACROSS)).isEqualTo(Length.cm(60));
        assertThat(finished(bunk, Axis.UP_DOWN)).isEqualTo(Length.cm(40));
    }

    @ParameterizedTest
    @CsvSource({
        "2025-03-04, true, 2025-03-04",
        "3/4/2025, true, 2025-04-03",
        "3/4/2025, false, 2025-03-04",
        "13/4/2025, false, 2025-04-13",
        "3/14/2025, true, 2025-03-14",
        "3.4.25, false, 2025-04-03"
    })
    void aDayIsReadAsItsWriterWritesIt(String text, boolean dayFirst, LocalDate day) throws BadPlanFile {
        Rows rows = read("cover,made,form\nBench," + text + ",18\n", new Habits(Mark.EIGHTH, dayFirst));
        assertThat(rows.entries()).extracting(LogEntry::made).containsExactly(day);
    }

    @Test
    void aRowWithoutWhatIsNeededIsSaidAndTheOthersAreTaken() throws BadPlanFile {
        Rows rows = read("""
                made,cover,form
                2025-01-02,,18
                ,Batch,18
                2025-01-02,Batch,
                31.2.2025,Batch,18
                2025-01-02,Settee,18 x 14
                """, IMPERIAL);
        assertThat(rows.refused())
                .extracting(LogTable.Refused::why)
                .extracting(Phrase::code)
                .containsExactly("log.row.name", "log.row.day", "log.row.size", "log.row.day");
        assertThat(rows.entries()).extracting(entry -> entry.plan().name()).containsExactly("Settee");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "\n\n", "made,cover\n2025-01-01,Bench\n", "cover;size\nBench;18\n", "\"made,cover"})
    void whatIsNoTableOfCoversIsRefused(String text) {
        assertThatThrownBy(() -> read(text, IMPERIAL)).isInstanceOf(BadPlanFile.class);
    }

    @Test
    void aLogThatCameBackAsItWasHasNothingChangedInIt() throws BadPlanFile {
        List<LogEntry> entries = IntStream.range(0, 60)
                .mapToObj(i -> LogFilesTest.entry(new Random(i)))
                .toList();
        Rows rows = read(LogCsv.write(entries), METRIC);
        assertThat(rows.changed()).isEmpty();
        assertThat(rows.refused()).isEmpty();
        assertThat(rows.entries()).isEqualTo(entries);
    }

    @Test
    void whatWasChangedInASpreadsheetIsNoticed() throws BadPlanFile {
        LogEntry entry = LogFilesTest.entry(new Random(2))
                .withNote("as it was")
                .withSpent(Spent.NOTHING)
                .withMade(LocalDate.of(2026, 2, 7))
                .judged(Optional.of(Verdict.GOOD));
        String csv = LogCsv.write(List.of(entry)).replace(",as it was,", ",\"as it is, now\",");
        Rows rows = read(csv.replaceFirst("2026-02-07", "2/9/2026"), IMPERIAL);
        assertThat(rows.entries()).isEmpty();
        Changed changed = rows.changed().get(0);
        assertThat(changed.was()).isEqualTo(entry);
        assertThat(changed.now()).isEqualTo(entry.withNote("as it is, now").withMade(LocalDate.of(2026, 2, 9)));
        Rows sat = read(csv.replace(",smooth,", ",ripple,"), IMPERIAL);
        assertThat(sat.changed().get(0).now().fitting().orElseThrow().verdict().edges())
                .isEqualTo(Verdict.Edges.RIPPLE);
    }
}
