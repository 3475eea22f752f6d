package app.dapt.web.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** What is asked to be filled is filled, or it is said that it cannot be. */
class FillingsTest {

    private static final Duration LONG = Duration.ofSeconds(20);
    private static final int CELLS = 6;

    private static Reckoned square(int inches) {
        return reckoned(DefaultPlan.plan(
                "Locker lid",
                Mark.EIGHTH,
                ShapeKind.SQUARE,
                Form.overCrown(Length.inches(inches), Length.inches(inches))));
    }

    private static Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    @Test
    void whatCannotBeWorkedOutIsNotAskedForForEver() {
        // Its flange leaves no room between the seams, which a page would have said beforehand.
        Reckoned vee = reckoned(DefaultPlan.plan(
                        "Bow corner", Mark.EIGHTH, ShapeKind.VEE, Form.overCrown(Length.inches(40), Length.inches(40)))
                .withEdging(EdgingKind.FLANGE.with(
                        EdgingKind.FLANGE.usual(Unit.INCH).decided().with("flange", Length.inches(19)))));
        Fillings fillings = new Fillings();
        assertThat(fillings.brokeOff(vee, CELLS)).as("not tried yet").isEmpty();
        assertThat(fillings.of(1, "plan", vee, CELLS, LONG)).isEmpty();
        assertThat(fillings.brokeOff(vee, CELLS)).get().returns("filled.broke-off", Phrase::code);
        assertThat(fillings.of(2, "plan", square(18), CELLS, LONG))
                .as("others are filled after it")
                .isPresent();
        assertThat(fillings.brokeOff(square(18), CELLS)).isEmpty();
        fillings.destroy();
    }

    @Test
    void aRoundFormIsAnotherQuestion() {
        Reckoned square = square(18);
        Reckoned round = reckoned(square.plan().withForm(square.plan().form().withRound(true)));
        Fillings fillings = new Fillings();
        assertThat(fillings.of(1, "plan", square, CELLS, LONG)
                        .orElseThrow()
                        .cover()
                        .form())
                .isEmpty();
        assertThat(fillings.of(1, "plan", round, CELLS, LONG)
                        .orElseThrow()
                        .cover()
                        .form())
                .isPresent();
        fillings.destroy();
    }
}
