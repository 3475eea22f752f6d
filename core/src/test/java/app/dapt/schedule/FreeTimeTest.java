package app.dapt.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.dapt.schedule.FreeTime.Slot;
import app.dapt.schedule.FreeTime.Window;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The times there are, one after the other. */
class FreeTimeTest {

    private static final Slot TUESDAY = new Slot(DayOfWeek.TUESDAY, LocalTime.of(20, 0), 60);

    @ParameterizedTest
    @CsvSource({
        "2026-03-03T19:00, 2026-03-03T20:00, 60",
        "2026-03-03T20:00, 2026-03-03T20:00, 60",
        "2026-03-03T20:45, 2026-03-03T20:45, 15",
        "2026-03-03T21:00, 2026-03-10T20:00, 60",
        "2026-03-04T20:30, 2026-03-10T20:00, 60"
    })
    void aTimeThatHasBegunGoesOnForWhatIsLeftOfIt(LocalDateTime now, LocalDateTime next, int minutes) {
        List<Window> windows = new FreeTime(now, List.of(TUESDAY), Set.of()).windows(2);
        assertThat(windows.get(0)).isEqualTo(new Window(next, minutes));
        assertThat(windows.get(1).day()).isEqualTo(next.toLocalDate().plusDays(7));
    }

    @Test
    void whatOverlapsCountsOnceAlsoPastMidnight() {
        Slot late = new Slot(DayOfWeek.TUESDAY, LocalTime.of(20, 30), 240);
        Slot early = new Slot(DayOfWeek.WEDNESDAY, LocalTime.of(0, 15), 30);
        LocalDateTime monday = LocalDate.of(2026, 3, 2).atStartOfDay();
        assertThat(new FreeTime(monday, List.of(early, late, TUESDAY), Set.of()).windows(3))
                .containsExactly(
                        new Window(monday.plusDays(1).plusHours(20), 60),
                        new Window(monday.plusDays(1).plusHours(21), 210),
                        new Window(monday.plusDays(2).plusMinutes(30), 15));
    }

    @Test
    void daysOffAreLeftOut() {
        LocalDateTime monday = LocalDate.of(2026, 3, 2).atStartOfDay();
        assertThat(new FreeTime(monday, List.of(TUESDAY), Set.of(LocalDate.of(2026, 3, 3))).windows(1))
                .extracting(Window::day)
                .containsExactly(LocalDate.of(2026, 3, 10));
        assertThat(FreeTime.everyDay(monday.toLocalDate(), 40).windows()).hasSize(FreeTime.MOST_WINDOWS);
        assertThatIllegalArgumentException().isThrownBy(() -> new Slot(DayOfWeek.MONDAY, LocalTime.NOON, 0));
    }
}
