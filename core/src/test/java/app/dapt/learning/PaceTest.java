package app.dapt.learning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import app.dapt.learning.Pace.Timed;
import app.dapt.measure.Length;
import app.dapt.step.Place;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Own times and own overlaps. */
class PaceTest {

    private static Timed machine(double estimated, double actual) {
        return new Timed(Map.of(Place.MACHINE, estimated), Map.of(Place.MACHINE, actual));
    }

    /** (30·3 + n·45) / (30·3 + n·30). */
    @ParameterizedTest
    @CsvSource({"1, 1.125", "3, 1.25", "9, 1.375"})
    void movesFromTheUsualToOnesOwn(int covers, double factor) {
        Pace pace = Pace.of(Collections.nCopies(covers, machine(30, 45)));
        assertThat(pace.at(Place.MACHINE).orElseThrow().factor()).isCloseTo(factor, offset(1e-12));
        assertThat(pace.minutes(Place.MACHINE, 20)).isEqualTo(covers < 3 ? 20 : 20 * factor);
        assertThat(pace.minutes(Place.IRON, 20)).isEqualTo(20);
    }

    @Test
    void oneSlowEveningDoesNotTurnEverythingOver() {
        Pace pace = Pace.of(List.of(machine(30, 30), machine(30, 30), machine(30, 30), machine(30, 600)));
        assertThat(pace.at(Place.MACHINE).orElseThrow().factor()).isBetween(1.0, 1.5);
    }

    @Test
    void theMinutesOfAWholeCoverAreSharedOut() {
        Timed timed = Timed.whole(Map.of(Place.MACHINE, 30.0, Place.IRON, 10.0), 60);
        assertThat(timed.actual()).containsEntry(Place.MACHINE, 45.0).containsEntry(Place.IRON, 15.0);
        assertThat(Timed.whole(Map.of(), 60).actual()).isEmpty();
    }

    @Test
    void overlapsTellWhatWouldHaveHeld() {
        Length four = Length.inches(4);
        Overlaps overlaps = Overlaps.of(List.of(
                new Overlaps.Seen(Length.inches(5), four, Length.ZERO),
                new Overlaps.Seen(Length.inches(3), four, Length.inches(1, 1, 2)),
                new Overlaps.Seen(Length.inches(4), four, Length.ZERO)));
        assertThat(overlaps.seen()).extracting(Overlaps.Seen::share).containsExactly(0.75, 1.0, 1.25);
        assertThat(overlaps.held()).isEqualTo(2);
        assertThat(overlaps.gaped()).isEqualTo(1);
        assertThat(overlaps.needed()).contains(4.5 / 4);
        assertThat(Overlaps.of(List.of()).needed()).isEmpty();
    }
}
