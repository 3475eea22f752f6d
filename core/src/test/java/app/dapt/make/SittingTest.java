package app.dapt.make;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Sittings end where one can leave things lying. */
@ExtendWith(Reaches.Count.class)
class SittingTest {

    private static double minutes(Job job) {
        return job.step().minutes();
    }

    record Evening(List<Job> jobs, int minutes) {}

    static Stream<Arguments> evenings() {
        return Cases.of(80, SittingTest::evening);
    }

    private static Evening evening(Random random) {
        CoverPlan plan = RandomPlans.fitting(
                random, Cases.pick(random, ShapeKind.ALL.all()), Cases.pick(random, OpeningKind.ALL.all()));
        return new Evening(
                WorkOrder.of(List.of(CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()))))
                        .jobs(),
                10 + random.nextInt(90));
    }

    @ParameterizedTest
    @MethodSource("evenings")
    @Reaches({"several", "too long"})
    void everythingIsDoneInOrderAndNothingIsLeftPinned(Evening evening) {
        List<Sitting> sittings = Sitting.cut(evening.jobs(), SittingTest::minutes, number -> evening.minutes());
        assertThat(sittings.stream().flatMap(sitting -> sitting.jobs().stream()))
                .containsExactlyElementsOf(evening.jobs());
        Set<String> done = new HashSet<>();
        for (Sitting sitting : sittings) {
            sitting.jobs().forEach(job -> done.add(job.id()));
            assertThat(evening.jobs())
                    .filteredOn(job -> job.step().loose() && done.contains(job.id()))
                    .allSatisfy(pinned -> assertThat(evening.jobs())
                            .filteredOn(later -> later.needs().contains(pinned.id()))
                            .allSatisfy(later -> assertThat(done).contains(later.id())));
            assertThat(sitting.tooLong()).isEqualTo(sitting.minutes() > evening.minutes());
            if (sitting.tooLong() && sitting.jobs().size() > 1) {
                reached("too long");
                assertThat(sitting.jobs().subList(0, sitting.jobs().size() - 1).stream()
                                .filter(job -> job.step().loose())
                                .count())
                        .as("longer than there is time only to finish what is pinned")
                        .isPositive();
            }
        }
        if (sittings.size() > 2) {
            reached("several");
        }
        for (Sitting sitting : sittings) {
            List<Place> visited = new ArrayList<>();
            sitting.jobs().stream().map(job -> job.step().place()).forEach(place -> {
                if (visited.isEmpty() || visited.get(visited.size() - 1) != place) {
                    visited.add(place);
                }
            });
            assertThat(sitting.settingUp()).as("two minutes a place").isEqualTo(2.0 * visited.size());
            assertThat(sitting.minutes())
                    .isCloseTo(
                            sitting.jobs().stream()
                                            .mapToDouble(SittingTest::minutes)
                                            .sum()
                                    + sitting.settingUp(),
                            within(1e-6));
        }
    }

    @ParameterizedTest
    @MethodSource("evenings")
    void aWashDriesBeforeAnythingElse(Evening evening) {
        List<Sitting> sittings = Sitting.cut(evening.jobs(), SittingTest::minutes, number -> 600);
        assertThat(sittings.get(0).jobs()).extracting(job -> job.step().place()).containsOnly(Place.WASH);
        assertThat(sittings).hasSizeLessThan(6);
    }
}
