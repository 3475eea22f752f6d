package app.dapt.web.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.learning.Pace;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.step.Place;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkTimes;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which evening is the next one. */
class CalendarTest {

    private static Batch batch() {
        CoverPlan plan = DefaultPlan.plan(
                "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)));
        Batch.Wanted wanted = new Batch.Wanted(
                List.of(new Batch.Asked(1, 1, plan, Mark.EIGHTH, List.of())), Optional.empty(), Pace.USUAL);
        return Batch.of(
                Owner.cover(1), plan.name(), wanted, Batch.Planned.of(wanted), Map.of(1L, washed(plan)), Map.of());
    }

    private static Map<String, Tick> washed(CoverPlan plan) {
        return CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH)).stream()
                .filter(step -> step.place() == Place.WASH)
                .map(step -> new Tick(UUID.randomUUID(), step.id(), true, false, Instant.EPOCH, "phone"))
                .collect(Collectors.toMap(Tick::step, Function.identity()));
    }

    @ParameterizedTest
    @CsvSource({
        "2026-03-03T19:00, 2026-03-03T20:00, 60",
        "2026-03-03T20:00, 2026-03-03T20:00, 60",
        "2026-03-03T20:45, 2026-03-03T20:00, 15",
        "2026-03-03T21:00, 2026-03-10T20:00, 60",
        "2026-03-04T20:30, 2026-03-10T20:00, 60"
    })
    void aSittingThatHasBegunGoesOnForWhatIsLeftOfIt(LocalDateTime now, LocalDateTime next, int minutes) {
        WorkTimes times = new WorkTimes(
                Map.of(DayOfWeek.TUESDAY, new WorkTimes.Slot(LocalTime.of(20, 0), 60)), 30, Optional.empty());
        Calendar calendar = Calendar.of(batch(), times, now);
        assertThat(calendar.starts().get(0)).isEqualTo(next);
        assertThat(calendar.sittings().get(0).minutes())
                .as("no more is done than there is time for")
                .isBetween(minutes / 3.0, (double) minutes);
        assertThat(calendar.starts().get(1)).isEqualTo(next.plusDays(7));
    }
}
