package app.dapt.web.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.learning.Pace;
import app.dapt.make.Job;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.schedule.FreeTime;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.schedule.Scheduler;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.progress.Batch;
import app.dapt.web.workroom.Owner;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** All that is in work in one plan, several copies of a cover shared out between sittings. */
class WorkPlanTest {

    private static Batch batch(long id, int copies) {
        CoverPlan plan = DefaultPlan.plan(
                "Bench " + id, Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)));
        Batch.Wanted wanted = new Batch.Wanted(
                List.of(new Batch.Asked(id, copies, plan, Mark.EIGHTH, List.of())), Optional.empty(), Pace.USUAL);
        return Batch.of(Owner.cover(id), plan.name(), wanted, Batch.Planned.of(wanted), Map.of(), Map.of());
    }

    @Test
    void copiesAreSharedOutAndEveryMinuteOfWorkIsPlannedOnce() {
        List<Work> works = List.of(
                new Work(batch(1, 6), Optional.of(LocalDate.of(2027, 3, 20)), false),
                new Work(batch(2, 1), Optional.empty(), true));
        Workload load = Workload.of(works);
        WorkPlan plan =
                new WorkPlan(load, Scheduler.plan(load.load(), FreeTime.everyDay(LocalDate.of(2027, 3, 1), 45)), true);
        assertThat(plan.schedule().left()).isEmpty();
        assertThat(plan.schedule().sittings())
                .allSatisfy(sitting -> assertThat(sitting.minutes()).isLessThanOrEqualTo(45 + 1e-9));
        assertThat(plan.schedule().sittings().stream()
                        .mapToDouble(Sitting::handsOn)
                        .sum())
                .as("what making says is left of both")
                .isCloseTo(works.get(0).minutes() + works.get(1).minutes(), within(1e-6));
        assertThat(plan.of(0).size() + plan.of(1).size())
                .as("the second cover does the same places beside the first")
                .isGreaterThan(plan.schedule().sittings().size());
        assertThat(plan.isLate(0)).isFalse();
        assertThat(plan.finished(0)).isPresent();
        Set<String> ids = new HashSet<>();
        for (Job job : load.jobs()) {
            assertThat(ids).containsAll(job.needs());
            assertThat(ids.add(job.id())).isTrue();
        }
        assertThat(plan.parts(plan.schedule().sittings().get(0)))
                .as("what is done to the fabric as a whole is done once")
                .allSatisfy(part -> assertThat(part.jobs()).doesNotHaveDuplicates());
    }

    @Test
    void twoLoadsAreAlikeOnlyWhereTheyArePlannedAlike() {
        Workload load = Workload.of(List.of(new Work(batch(1, 2), Optional.empty(), false)));
        assertThat(Workload.of(List.of(new Work(batch(1, 2), Optional.empty(), true)))
                        .key())
                .isEqualTo(load.key());
        assertThat(Workload.of(List.of(new Work(batch(1, 3), Optional.empty(), false)))
                        .key())
                .isNotEqualTo(load.key());
        assertThat(Workload.of(List.of(new Work(batch(1, 2), Optional.of(LocalDate.EPOCH), false)))
                        .key())
                .isNotEqualTo(load.key());
    }
}
