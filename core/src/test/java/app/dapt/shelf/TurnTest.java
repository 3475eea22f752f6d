package app.dapt.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TurnTest {

    private static final List<Turn> TURNS = List.of(
            new Turn("Spring stripes", MonthDay.of(3, 20), "linen chest"),
            new Turn("Madder twill", MonthDay.of(10, 1), ""),
            new Turn("Leap day", MonthDay.of(2, 29), ""));

    @ParameterizedTest
    @CsvSource({
        "2027-03-19, Leap day", "2027-03-20, Spring stripes", "2027-09-30, Spring stripes",
        "2027-10-01, Madder twill", "2027-01-15, Madder twill", "2027-02-28, Leap day",
        "2028-02-28, Madder twill", "2028-02-29, Leap day",
    })
    void theOneWhoseDayCameLastIsOn(LocalDate day, String cover) {
        assertThat(Turn.on(TURNS, day).orElseThrow().cover()).isEqualTo(cover);
    }

    @Test
    void itsNextDayIsNeverPastAndItsLastNeverToCome() {
        for (LocalDate day = LocalDate.of(2027, 1, 1); day.getYear() < 2029; day = day.plusDays(1)) {
            for (Turn turn : TURNS) {
                assertThat(turn.next(day)).isBetween(day, day.plusDays(366));
                assertThat(turn.last(day)).isBetween(day.minusDays(366), day);
            }
        }
    }

    @Test
    void nothingIsOnWhereThereAreNone() {
        assertThat(Turn.on(List.of(), LocalDate.of(2027, 1, 1))).isEmpty();
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> new Turn(" ", MonthDay.of(1, 1), ""));
    }
}
