package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.decision.Kind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The centre is notched where the cut edge is. */
class NotchesTest {

    private static List<Length> centres(Piece front) {
        return front.marks().stream()
                .filter(mark -> mark.sort() == Sort.CENTRE)
                .map(Marking::fromTop)
                .map(at -> at.orElseThrow())
                .toList();
    }

    private static Piece front(Kind<Shape> shape) {
        return Reckoner.reckon(DefaultPlan.plan(
                        "Rest", Mark.EIGHTH, shape, Form.overCrown(Length.inches(30), Length.inches(24))))
                .front();
    }

    @Test
    void ofASquareAtItsEdges() {
        Piece front = front(ShapeKind.OBLONG);
        assertThat(centres(front)).containsExactly(Length.ZERO, front.cutHeight());
    }

    /** Between its arms a V begins far below the top of what it is cut from; its point is at the bottom of it. */
    @Test
    void ofAVeeBetweenItsArmsAndAtItsPoint() {
        Piece front = front(ShapeKind.VEE);
        List<Length> centres = centres(front);
        assertThat(centres.get(0))
                .isGreaterThan(Length.inches(4))
                .isLessThan(front.cutHeight().half());
        assertThat(centres.get(1)).isBetween(front.cutHeight().minus(Length.inches(0, 1, 8)), front.cutHeight());
    }
}
