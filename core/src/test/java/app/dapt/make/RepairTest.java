package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What it takes to put right what went wrong. */
class RepairTest {

    private static final Reckoned ENVELOPE = Reckoner.reckonWithoutRemedies(
            DefaultPlan.plan(
                    "Settee", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20))),
            Mark.EIGHTH);
    private static final List<Step> STEPS = CoverSteps.of(ENVELOPE);
    private static final Set<String> ALL = STEPS.stream().map(Step::id).collect(Collectors.toSet());

    private static Step step(String does) {
        return STEPS.stream()
                .filter(each -> each.does().equals(does))
                .findFirst()
                .orElseThrow();
    }

    private static Set<String> doneUpTo(Step last) {
        return STEPS.subList(0, STEPS.indexOf(last) + 1).stream().map(Step::id).collect(Collectors.toSet());
    }

    private static Repair repair(Mishap.Kind kind, Step at, Set<String> done) {
        return Repair.of(kind, ENVELOPE, STEPS, done, at);
    }

    @Test
    void backsTheOtherWayRoundOpenBothSidesOverTheLap() {
        Step laid = step("lay-lapped");
        Length overlap = ENVELOPE.back().overlap().orElseThrow();

        Repair repair = repair(Mishap.Kind.WRONG_ORDER, laid, ALL);

        assertThat(repair.unpicked()).isEqualTo(overlap.plus(Length.inches(1)).times(2));
        assertThat(repair.again()).containsExactly(laid);
        assertThat(repair.ways()).extracting(Phrase::code).containsExactly("mishap.way.swap-edges");
        // A row of 2.5 mm stitches at a minute and a half for ten centimetres, pressed once, and sewn again.
        double metres = repair.unpicked().toMm() / 1000;
        assertThat(repair.unpicking()).isCloseTo(1 + 15 * metres + 3 * metres, within(1e-9));
    }

    @Test
    void whatIsOnlyPinnedIsSwapped() {
        Step laid = step("lay-lapped");

        Repair repair = repair(Mishap.Kind.WRONG_ORDER, laid, doneUpTo(laid));

        assertThat(repair.unpicked()).isEqualTo(Length.ZERO);
        assertThat(repair.ways()).extracting(Phrase::code).containsExactly("mishap.way.swap-pins");
    }

    @Test
    void aHemOnTheWrongSideTakesWithItAllThatRestsOnIt() {
        Step hem = step("hem-stitch");

        Repair atOnce = repair(Mishap.Kind.WRONG_SIDE, hem, doneUpTo(hem));
        Repair late = repair(Mishap.Kind.WRONG_SIDE, hem, ALL);

        assertThat(atOnce.again()).containsExactly(hem);
        assertThat(repair(Mishap.Kind.WRONG_SIDE, hem, Set.of()).again()).containsExactly(hem);
        assertThat(atOnce.unpicked()).isEqualTo(hem.labour().stitched());
        assertThat(late.again())
                .contains(hem, step("lay-lapped"))
                .anyMatch(step -> step.milestone().equals(Optional.of(Milestone.SEWN)))
                .noneMatch(step -> step.effort().isCutting());
        assertThat(late.minutes()).isGreaterThan(atOnce.minutes());
    }

    @Test
    void aPieceThatIsSmallTakesNarrowerSeamsAsFarAsTheyHold() {
        Repair repair = repair(Mishap.Kind.CUT_SMALL, step("check"), ALL);

        // Half an inch of allowance can give an eighth at either edge, not more.
        assertThat(repair.ways())
                .contains(Phrase.of(
                        "mishap.way.narrower", Length.inches(0, 1, 4), Length.inches(0, 3, 8), ENVELOPE.allowance()));
        assertThat(repair.again()).isEmpty();
    }

    @Test
    void theOrderOfWorkTakesItUpBeforeTheStepComesAgain() {
        Step laid = step("lay-lapped");
        Mishap mishap = new Mishap("1a2b3c4d", Mishap.Kind.WRONG_ORDER, laid.id(), Length.inches(10), 4);

        Together with = Together.of(List.of(ENVELOPE), OptionalInt.empty(), number -> List.of(mishap));

        List<String> order =
                with.order().jobs().stream().map(job -> job.step().id()).toList();
        assertThat(order).hasSize(STEPS.size() + 1);
        assertThat(order.indexOf(mishap.stepId())).isLessThan(order.indexOf(laid.id()));
        assertThat(PaperSewing.of(ENVELOPE, with.steps().get(0))
                        .orElseThrow()
                        .comesTo()
                        .isAsPlanned())
                .isTrue();
    }

    @Test
    void aMishapAtAStepThatIsPlannedNoMoreIsNoMatter() {
        Mishap mishap = new Mishap("1a2b3c4d", Mishap.Kind.RAN_OFF, "back/zip-row", Length.ZERO, 4);

        assertThat(Mishap.into(STEPS, List.of(mishap))).isEqualTo(STEPS);
    }

    @Test
    void whatCanGoWrongDependsOnTheStep() {
        assertThat(Repair.kinds(ENVELOPE, step("lay-lapped"))).contains(Mishap.Kind.WRONG_ORDER);
        assertThat(Repair.kinds(ENVELOPE, step("hem-press"))).containsExactly(Mishap.Kind.TURNED_WRONG);
        assertThat(Repair.kinds(ENVELOPE, step("hem-stitch")))
                .containsExactlyInAnyOrder(Mishap.Kind.WRONG_SIDE, Mishap.Kind.RAN_OFF);
        assertThat(Repair.kinds(ENVELOPE, step("press-cloth"))).isEmpty();
    }
}
