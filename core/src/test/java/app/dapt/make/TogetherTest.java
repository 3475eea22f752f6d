package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.step.Place;
import app.dapt.step.Step;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Covers that are made together. */
class TogetherTest {

    private static CoverPlan plan(int inches) {
        return DefaultPlan.plan(
                "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(inches), Length.inches(inches)));
    }

    private static final Reckoned SMALL = Reckoner.reckon(plan(16));
    private static final Reckoned LARGE = Reckoner.reckon(plan(20));
    private static final Reckoned OTHER_FABRIC = Reckoner.reckon(plan(20).withCloths(plan(20).cloths()
            .changing(plan(20).cloths().front().id(), cloth -> cloth.withName("sailcloth"))
            .changing(plan(20).cloths().back().id(), cloth -> cloth.withName("ticking"))));

    private static long washes(List<Step> steps) {
        return steps.stream().filter(step -> step.place() == Place.WASH).count();
    }

    private static int at(WorkOrder order, String id) {
        List<String> ids = order.jobs().stream().map(Job::id).toList();
        return IntStream.range(0, ids.size())
                .filter(i -> ids.get(i).equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not among " + ids));
    }

    private static String cutting(int number, Reckoned cover) {
        return CoverSteps.of(cover).stream()
                .filter(step -> step.effort().isCutting() && step.pieces().contains("front"))
                .map(step -> "c" + number + "/" + step.id())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aFabricOfSeveralCoversIsWashedOnceAndEachWaitsForIt() {
        Together together = Together.of(List.of(SMALL, LARGE), OptionalInt.empty());
        assertThat(washes(together.steps().get(0))).isPositive();
        assertThat(washes(together.steps().get(1))).isZero();
        String washed = together.order().jobs().stream()
                .filter(job -> job.step().place() == Place.WASH)
                .map(Job::id)
                .findFirst()
                .orElseThrow();
        assertThat(at(together.order(), washed)).isLessThan(at(together.order(), cutting(2, LARGE)));
    }

    @Test
    void anotherFabricIsWashedForItself() {
        Together together = Together.of(List.of(SMALL, OTHER_FABRIC), OptionalInt.empty());
        assertThat(washes(together.steps().get(1))).isEqualTo(washes(CoverSteps.of(OTHER_FABRIC)));
    }

    /** Made together, two covers take fewer trips than one after the other, and no step is lost or done twice. */
    @Test
    void togetherTakesFewerTripsThanOneAfterTheOther() {
        Together together = Together.of(List.of(SMALL, LARGE), OptionalInt.empty());
        int apart = WorkOrder.of(List.of(CoverSteps.of(SMALL))).trips()
                + WorkOrder.of(List.of(CoverSteps.of(LARGE))).trips();
        assertThat(together.order().trips()).isLessThan(apart);
        assertThat(together.order().jobs())
                .extracting(Job::id)
                .doesNotHaveDuplicates()
                .hasSize(
                        together.steps().get(0).size() + together.steps().get(1).size());
    }

    @Test
    void nothingElseIsCutBeforeTheTrialHasBeenOnItsForm() {
        Together together = Together.of(List.of(SMALL, LARGE), OptionalInt.of(2));
        assertThat(at(together.order(), "c2/cover/try-on")).isLessThan(at(together.order(), cutting(1, SMALL)));
        assertThatThrownBy(() -> Together.of(List.of(SMALL), OptionalInt.of(3)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
