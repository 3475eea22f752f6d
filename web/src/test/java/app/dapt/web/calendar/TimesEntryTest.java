package app.dapt.web.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.measure.Mark;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.web.workroom.WorkTimes.Slot;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When there is time, as it is typed. */
class TimesEntryTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft", "pages"), Mark.EIGHTH);
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Slot EIGHT = new Slot(LocalTime.of(20, 0), 60);
    private static final WorkTimes STANDING =
            new WorkTimes(Map.of(DayOfWeek.TUESDAY, EIGHT), 60, Optional.of(LocalDate.of(2026, 11, 20)));

    private static Entries entries(Map<String, String> typed) {
        return new Entries(typed, WORDS);
    }

    private static WorkTimes read(Map<String, String> typed, Entries entries) {
        return TimesEntry.read(typed, entries, STANDING, TODAY);
    }

    @ParameterizedTest
    @CsvSource({
        "8 pm, 20:00",
        "8:30pm, 20:30",
        "8.15 p.m., 20:15",
        "20:15, 20:15",
        "20, 20:00",
        "12 am, 00:00",
        "12 pm, 12:00",
        "12:05 AM, 00:05",
        "0:00, 00:00",
        "23:59, 23:59",
    })
    void aTimeIsReadHoweverOneWritesIt(String typed, String meant) {
        Map<String, String> fields = Map.of("starts-4", typed, "minutes-4", "45");
        Entries entries = entries(fields);
        assertThat(read(fields, entries).week())
                .containsOnly(Map.entry(DayOfWeek.THURSDAY, new Slot(LocalTime.parse(meant), 45)));
        assertThat(entries.isClean()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "24:00, 60, starts-2",
        "13 pm, 60, starts-2",
        "0 am, 60, starts-2",
        "8:60, 60, starts-2",
        "evening, 60, starts-2",
        "'', 60, starts-2",
        "20:00, -5, minutes-2",
        "20:00, 4, minutes-2",
        "20:00, 1441, minutes-2",
        "20:00, an hour, minutes-2",
        "20:00, '', minutes-2",
    })
    void whatIsNoTimeIsRefusedBesideItsFieldAndWhatStoodStays(String starts, String minutes, String field) {
        Map<String, String> fields = Map.of("starts-2", starts, "minutes-2", minutes);
        Entries entries = entries(fields);
        assertThat(read(fields, entries).week()).containsOnly(Map.entry(DayOfWeek.TUESDAY, EIGHT));
        assertThat(entries.refusal(field)).isPresent();
    }

    @Test
    void aDayLeftEmptyIsADayWithoutTime() {
        Map<String, String> fields = Map.of("starts-2", " ", "minutes-2", "");
        Entries entries = entries(fields);
        assertThat(read(fields, entries).week()).isEmpty();
        assertThat(entries.isClean()).isTrue();
    }

    /** The day that stood may be past: it was to come when it was said. */
    @ParameterizedTest
    @CsvSource({
        "2026-11-27, 2026-11-27, true",
        "2026-12-24, 2026-12-24, true",
        "2026-11-20, 2026-11-20, true",
        "2026-11-26, 2026-11-20, false",
        "1066-10-14, 2026-11-20, false",
        "2200-01-01, 2026-11-20, false",
        "2026-02-30, 2026-11-20, false",
        "soon,       2026-11-20, false",
    })
    void aDayToBeDoneByIsStillToCome(String typed, LocalDate kept, boolean clean) {
        Map<String, String> fields = new HashMap<>(Map.of("due", typed));
        Entries entries = entries(fields);
        assertThat(read(fields, entries).due()).contains(kept);
        assertThat(entries.isClean()).isEqualTo(clean);
    }

    @Test
    void noDayIsNoDay() {
        Map<String, String> fields = Map.of("due", "", "at-a-time", "90");
        WorkTimes read = read(fields, entries(fields));
        assertThat(read.due()).isEmpty();
        assertThat(read.atATime()).isEqualTo(90);
    }
}
