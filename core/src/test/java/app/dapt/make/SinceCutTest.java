package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.piece.Piece;
import app.dapt.step.Step;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A plan that changes after the cut. */
class SinceCutTest {

    private static final CoverPlan PLAN = DefaultPlan.plan(
            "Settee", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18)));
    private static final Reckoned BEFORE = Reckoner.reckon(PLAN);
    private static final Reckoned WIDER_LAP =
            Reckoner.reckon(PLAN.withOpening(((Lapped) PLAN.opening()).withOverlap(Length.inches(8))));

    static Stream<Arguments> plans() {
        return Cases.of(60, RandomPlans::plan);
    }

    private static Set<String> cutting(Reckoned cover, String piece) {
        return CoverSteps.of(cover).stream()
                .filter(step -> step.effort().isCutting() && step.pieces().contains(piece))
                .map(Step::id)
                .collect(Collectors.toSet());
    }

    private static Set<String> with(Set<String> done, String... more) {
        return Stream.concat(done.stream(), Stream.of(more)).collect(Collectors.toSet());
    }

    @Test
    void whatIsCutOtherwiseIsCutAnewAndWhatWasDoneToItLapses() {
        Set<String> done = with(cutting(BEFORE, "back-upper"), "back-upper/hem-press", "front/check", "cover/ready");
        SinceCut since = SinceCut.of(BEFORE, WIDER_LAP, done);
        assertThat(since.anew()).extracting(Piece::id).containsExactly("back-upper", "back-lower");
        assertThat(since.lapsed()).contains("back-upper/hem-press").doesNotContain("cover/ready");
    }

    @Test
    void whatWasNotCutYetIsNotCutAnew() {
        CoverPlan larger = PLAN.withForm(Form.overCrown(Length.inches(22), Length.inches(22)));
        SinceCut since = SinceCut.of(BEFORE, Reckoner.reckon(larger), cutting(BEFORE, "front"));
        assertThat(since.anew()).extracting(Piece::id).contains("front").allMatch(id -> cutting(BEFORE, "front")
                .equals(cutting(BEFORE, id)));
        assertThat(SinceCut.of(BEFORE, Reckoner.reckon(larger), Set.of()).anew())
                .isEmpty();
    }

    @Test
    void aPieceThatWasNotPlannedAtTheCutIsCutAsWell() {
        CoverPlan pocket = PLAN.withExtras(
                PLAN.extras().kind().with(PLAN.extras().decided().with("pocket", true)));
        SinceCut since = SinceCut.of(BEFORE, Reckoner.reckon(pocket), cutting(BEFORE, "front"));
        assertThat(since.anew()).extracting(Piece::id).containsExactly("pocket");
    }

    @Test
    void anotherNameChangesNothingThatIsDone() {
        Set<String> all = CoverSteps.of(BEFORE).stream().map(Step::id).collect(Collectors.toSet());
        assertThat(SinceCut.of(BEFORE, Reckoner.reckon(PLAN.withName("Bench")), all)
                        .isNothing())
                .isTrue();
    }

    /** A fabric that was washed with another cover is not to be washed again. */
    @Test
    void whatIsCutWasPreparedUnlessSomebodySaysOtherwise() {
        List<Step> steps = CoverSteps.of(BEFORE);
        Set<String> cut = cutting(BEFORE, "front");
        String cloth = cut.iterator().next().replaceAll("/.*", "");
        assertThat(DoneSteps.of(steps, cut, Set.of()))
                .containsAll(cut)
                .contains(cloth + "/wash", cloth + "/press-cloth", cloth + "/square", cloth + "/flaws")
                .doesNotContain("front/check", "cover/ready");
        assertThat(DoneSteps.of(steps, cut, Set.of(cloth + "/square")))
                .contains(cloth + "/flaws")
                .doesNotContain(cloth + "/square", cloth + "/wash");
        assertThat(DoneSteps.of(steps, Set.of("cover/seam"), Set.of()))
                .as("what is done to a piece has to be said")
                .containsExactly("cover/seam");
    }

    @ParameterizedTest
    @MethodSource("plans")
    void ofAPlanThatIsTheSameNothingLapses(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        List<Step> steps = CoverSteps.of(reckoned);
        Set<String> all = steps.stream().map(Step::id).collect(Collectors.toSet());
        assertThat(SinceCut.of(reckoned, reckoned, all).isNothing()).isTrue();
        assertThat(steps)
                .filteredOn(
                        step -> step.milestone().isPresent() && step.effort().isCutting())
                .flatExtracting(Step::pieces)
                .containsExactlyInAnyOrderElementsOf(
                        reckoned.pieces().stream().map(Piece::id).toList());
    }
}
