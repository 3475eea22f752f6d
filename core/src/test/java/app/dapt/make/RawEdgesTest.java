package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.step.Place;
import app.dapt.step.Setting;
import app.dapt.step.Step;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Raw edges are finished with what the sewist has said she finishes them with. */
class RawEdgesTest {

    private static List<Step> steps(SeamFinish finish) {
        CoverPlan plan = DefaultPlan.plan(
                        "Bunk", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(28), Length.inches(20)))
                .withOpening(OpeningKind.PILLOWCASE.usual(Unit.INCH));
        CoverPlan finished = plan.withSeam(plan.seam().withFinish(finish));
        return CoverSteps.of(Reckoner.reckonWithoutRemedies(finished, Mark.EIGHTH));
    }

    /** A pillowcase has two edges turned once; a seam that is left raw needs nothing, the edge of a turn a zigzag. */
    @ParameterizedTest
    @CsvSource({
        "OVERLOCKED, turn-finish, OVERLOCKER, OVERLOCK, overlock",
        "ZIGZAG, turn-finish, MACHINE, ZIGZAG, zigzag",
        "PINKED, turn-pink, TABLE, , pink",
        "LEFT, turn-finish, MACHINE, ZIGZAG,",
        "FRENCH, turn-finish, MACHINE, ZIGZAG,",
    })
    void aTurnIsFinishedAsTheSeamsAre(
            SeamFinish finish, String does, Place place, Setting.Stitch stitch, String seamsDo) {
        List<Step> steps = steps(finish);
        List<Step> turned =
                steps.stream().filter(step -> step.does().equals(does)).toList();
        assertThat(turned).hasSize(2).allSatisfy(step -> {
            assertThat(step.place()).isEqualTo(place);
            assertThat(step.setting().map(Setting::stitch)).isEqualTo(Optional.ofNullable(stitch));
        });
        assertThat(steps.stream().map(Step::does).filter(List.of("overlock", "zigzag", "pink")::contains))
                .isEqualTo(seamsDo == null ? List.of() : List.of(seamsDo));
        assertThat(steps.stream().filter(step -> step.place() == Place.OVERLOCKER))
                .as("nobody is sent to a machine she has not got")
                .hasSize(finish == SeamFinish.OVERLOCKED ? 3 : 0);
    }

    @Test
    void whatWasSealedAtCuttingIsNotFinishedAgain() {
        assertThat(steps(SeamFinish.HEAT_SEALED))
                .extracting(Step::does)
                .contains("turn-press", "turn-stitch")
                .doesNotContain("turn-finish", "turn-pink", "zigzag", "overlock");
    }
}
