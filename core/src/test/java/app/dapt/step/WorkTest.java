package app.dapt.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.make.CoverSteps;
import app.dapt.make.WorkOrder;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What waits for what. */
class WorkTest {

    private static final Form FORM = Form.overCrown(Length.inches(28), Length.inches(20));

    private static final Piece STRIP = Reckoner.reckonWithoutRemedies(
                    DefaultPlan.plan("Bunk", Mark.EIGHTH, ShapeKind.OBLONG, FORM), Mark.EIGHTH)
            .pieces()
            .get(0);

    private final Work work = new Work();

    private Set<String> needs(Work.Draft told) {
        told.add();
        return work.steps().get(work.steps().size() - 1).needs();
    }

    private Work.Draft at(String does) {
        return work.at(Place.IRON, does, STRIP);
    }

    @Test
    void edgesOfOnePieceDoNotWaitForEachOtherAndWhatFollowsWaitsForBoth() {
        at("cut").add();
        assertThat(needs(at("press-left").atEdge(Side.LEFT))).containsExactly("front/cut");
        assertThat(needs(at("press-right").atEdge(Side.RIGHT))).containsExactly("front/cut");
        assertThat(needs(at("stitch-left").atEdge(Side.LEFT))).containsExactly("front/press-left");
        assertThat(needs(at("fold"))).containsExactlyInAnyOrder("front/cut", "front/stitch-left", "front/press-right");
        assertThat(needs(at("again-left").atEdge(Side.LEFT)))
                .as("all that came before is done by now")
                .containsExactly("front/fold");
        assertThat(needs(at("sew"))).containsExactlyInAnyOrder("front/fold", "front/again-left");
    }

    @Test
    void aStepIsToldOnce() {
        at("press").add();
        assertThatThrownBy(at("press")::add)
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("front/press");
    }

    /** One goes to the iron once for both ends of a strip, and to the machine once before and once after. */
    @Test
    void bothHemsOfAStripAreMadeTogether() {
        List<Step> steps = CoverSteps.of(Reckoner.reckonWithoutRemedies(
                DefaultPlan.plan("Bunk", Mark.EIGHTH, ShapeKind.OBLONG, FORM)
                        .withOpening(OpeningKind.PILLOWCASE.usual(Unit.INCH)),
                Mark.EIGHTH));
        for (String does : List.of("turn-finish", "turn-press", "turn-stitch")) {
            assertThat(WorkOrder.of(List.of(steps)).visits().stream()
                            .map(visit -> visit.jobs().stream()
                                    .filter(job -> job.step().does().equals(does))
                                    .count())
                            .filter(count -> count > 0))
                    .as(does)
                    .containsExactly(2L);
        }
    }
}
