package app.dapt.web.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What stands in the list besides the sizes of pieces. */
class CutListTest {

    private static List<String> strips(Edging edging) {
        CoverPlan plan = DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)))
                .withEdging(edging);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Words words = new Words(Wordbook.load(English.US, "craft", "pages"), plan.mark());
        CutList list = new CutList(reckoned, words, new ClothNeeds());
        return reckoned.pieces().stream()
                .map(list::strips)
                .flatMap(Optional::stream)
                .toList();
    }

    /** Piping beside a trim that is bought by length has no figures of its own there, and the list says none. */
    @Test
    void aBlockSaysItsStripsWhereTheEdgeHasFiguresOfThem() {
        assertThat(strips(EdgingKind.PIPING.usual(Unit.INCH))).singleElement().satisfies(said -> assertThat(said)
                .contains("bias strips"));
        Edging piped = EdgingKind.BY_LENGTH.with(
                EdgingKind.BY_LENGTH.usual(Unit.INCH).decided().with("pipedToo", true));
        assertThat(strips(piped)).isEmpty();
    }
}
