package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.make.WorkOrder.Visit;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.step.Place;
import app.dapt.step.Step;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The order of work: what is needed comes first, and nobody walks more than she must. */
class WorkOrderTest {

    /** Few steps at few places, each needing some of those before it. */
    record Small(List<Place> places, List<BitSet> needs) {

        static Small any(Random random) {
            int count = 3 + random.nextInt(5);
            List<Place> places = new ArrayList<>();
            List<BitSet> needs = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                places.add(Cases.pick(random, List.of(Place.TABLE, Place.IRON, Place.MACHINE)));
                BitSet before = new BitSet();
                IntStream.range(0, i).filter(each -> random.nextInt(3) == 0).forEach(before::set);
                needs.add(before);
            }
            return new Small(places, needs);
        }

        /** The fewest visits of all orders there are. */
        int fewest(BitSet done, Place at) {
            if (done.cardinality() == places.size()) {
                return 0;
            }
            int fewest = Integer.MAX_VALUE;
            for (int step = done.nextClearBit(0); step < places.size(); step = done.nextClearBit(step + 1)) {
                BitSet missing = (BitSet) needs.get(step).clone();
                missing.andNot(done);
                if (missing.isEmpty()) {
                    BitSet after = (BitSet) done.clone();
                    after.set(step);
                    int going = places.get(step) == at ? 0 : 1;
                    fewest = Math.min(fewest, going + fewest(after, places.get(step)));
                }
            }
            return fewest;
        }
    }

    static Stream<Arguments> small() {
        return Cases.of(200, Small::any);
    }

    static Stream<Arguments> sets() {
        return Cases.of(40, random -> IntStream.range(0, 1 + random.nextInt(6))
                .mapToObj(i -> RandomPlans.fitting(
                        random, Cases.pick(random, ShapeKind.ALL.all()), Cases.pick(random, OpeningKind.ALL.all())))
                .map(plan -> CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark())))
                .toList());
    }

    @ParameterizedTest
    @MethodSource("small")
    void noOrderHasFewerTripsThanTheOneFound(Small small) {
        TripSearch.Found found = TripSearch.fewest(List.of(new StepGraph(small.places(), small.needs())));
        assertThat(found.isProved()).isTrue();
        assertThat(found.visits()).hasSize(small.fewest(new BitSet(), Place.WASH));
    }

    @ParameterizedTest
    @MethodSource("sets")
    void everyStepIsThereOnceAfterWhatItNeeds(List<List<Step>> covers) {
        WorkOrder order = WorkOrder.of(covers);
        Set<String> done = new HashSet<>();
        for (Job job : order.jobs()) {
            assertThat(done).as("before %s", job.id()).containsAll(job.needs());
            assertThat(done.add(job.id())).as(job.id()).isTrue();
        }
        assertThat(done).hasSize(covers.stream().mapToInt(List::size).sum());
        assertThat(order.visits()).allSatisfy(visit -> assertThat(visit.jobs())
                .isNotEmpty()
                .extracting(job -> job.step().place())
                .containsOnly(visit.place()));
        assertThat(order.trips()).isGreaterThanOrEqualTo(order.least());
    }

    @ParameterizedTest
    @MethodSource("sets")
    void coversMadeTogetherTakeNoMoreTripsThanOneAfterAnother(List<List<Step>> covers) {
        int together = WorkOrder.of(covers).trips();
        int apart = covers.stream()
                .mapToInt(cover -> WorkOrder.of(List.of(cover)).visits().size())
                .sum();
        assertThat(together).isLessThan(apart);
        assertThat(covers)
                .allSatisfy(cover ->
                        assertThat(WorkOrder.of(List.of(cover)).least()).isLessThanOrEqualTo(together));
        assertThat(WorkOrder.of(List.of(covers.get(0), covers.get(0))).trips())
                .as("a second one just like it costs no trip")
                .isEqualTo(WorkOrder.of(List.of(covers.get(0))).trips());
    }

    @ParameterizedTest
    @MethodSource("sets")
    void nothingElseIsCutBeforeTheTrialCoverHasBeenOnItsForm(List<List<Step>> covers) {
        int trial = covers.size();
        List<Job> jobs = WorkOrder.of(covers, OptionalInt.of(trial)).jobs();
        int tried = IntStream.range(0, jobs.size())
                .filter(i -> jobs.get(i).cover() == trial && jobs.get(i).step().place() == Place.FORM)
                .findFirst()
                .orElseThrow();
        assertThat(jobs.subList(0, tried))
                .filteredOn(job -> job.step().effort().isCutting())
                .extracting(Job::cover)
                .containsOnly(trial);
        assertThat(jobs).hasSize(covers.stream().mapToInt(List::size).sum());
    }

    @Test
    void aFabricOfSeveralCoversIsPreparedOnceAndCutAfterwards() {
        Reckoned cover = Reckoner.reckon(DefaultPlan.plan(
                "Settee", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18))));
        WorkOrder order =
                Together.of(List.of(cover, cover), OptionalInt.empty()).order();
        assertThat(order.jobs())
                .filteredOn(job -> job.step().place() == Place.WASH)
                .extracting(Job::cover)
                .containsOnly(1);
        assertThat(order.jobs())
                .filteredOn(job -> job.cover() == 2 && job.step().effort().isCutting())
                .isNotEmpty()
                .allSatisfy(job -> assertThat(job.needs()).anyMatch(need -> need.matches("c1/cloth-\\d/flaws")));
    }

    @Test
    void likeIsDoneWithLike() {
        List<Step> steps = CoverSteps.of(Reckoner.reckon(DefaultPlan.plan(
                "Settee", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18)))));
        for (Visit visit : WorkOrder.of(List.of(steps, steps, steps)).visits()) {
            List<String> runs = new ArrayList<>();
            visit.jobs().stream()
                    .map(job -> job.step().does())
                    .filter(does -> runs.isEmpty() || !does.equals(runs.get(runs.size() - 1)))
                    .forEach(runs::add);
            assertThat(runs).as("at the %s", visit.place()).doesNotHaveDuplicates();
        }
    }
}
