package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is chosen for somebody who has not chosen yet. */
class DefaultPlanTest {

    @ParameterizedTest
    @CsvSource({
        // Finished an inch under the form; a firm one wants 0.8 of its width, a feather one 0.65.
        "20, 20, FIRM, 1.5",
        "16, 16, FIRM, 1",
        "16, 16, FEATHER, 2",
        "14, 14, FIRM, 0.875",
        "18, 12, FEATHER, 2",
        "9, 9, FIRM, 2"
    })
    void aCoverSewnShutLeavesTheFormAWayInAsFarAsItsCornersAllow(
            int across, int upDown, Filling filling, double returns) {
        Form form = Form.overCrown(Length.inches(across), Length.inches(upDown)).withFilling(filling);
        CoverPlan plan = DefaultPlan.plan("Bench", Mark.EIGHTH, DefaultPlan.suited(ShapeKind.SQUARE, form), form);
        CoverPlan shut = DefaultPlan.closing(plan, OpeningKind.SEWN_SHUT.usual(Mark.EIGHTH.unit()));
        assertThat(shut.opening().decided().measure("returns").toInches()).isEqualTo(returns);
        assertThat(Reckoner.reckon(shut, Mark.EIGHTH).finding("opening-short").isPresent())
                .as("under half an inch the corners would give")
                .isEqualTo(across == 9);
        assertThat(shut.withOpening(plan.opening())).isEqualTo(plan);
    }
}
