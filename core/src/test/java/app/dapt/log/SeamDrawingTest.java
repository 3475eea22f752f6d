package app.dapt.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Sheet;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where to sew now is drawn where it is. */
class SeamDrawingTest {

    private static final Verdict SLACK =
            new Verdict(Corners.FILLED, Middle.SAGS, Edges.RIPPLE, Opening.CLOSED, Optional.empty(), Optional.empty());

    private static CoverPlan plan(Kind<Shape> shape) {
        CoverPlan plan =
                DefaultPlan.plan("Settee", Mark.EIGHTH, shape, Form.overCrown(Length.inches(18), Length.inches(18)));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static Correction slack(CoverPlan plan) {
        return Correction.of(Reckoner.reckon(plan), SLACK);
    }

    private static <T extends Element> Stream<T> drawn(Sheet sheet, Class<T> kind) {
        return sheet.elements().stream().filter(kind::isInstance).map(kind::cast);
    }

    private static Line line(Sheet sheet, Role role, Side side) {
        boolean across = side == Side.TOP || side == Side.BOTTOM;
        boolean first = side == Side.TOP || side == Side.LEFT;
        return drawn(sheet, Line.class)
                .filter(each -> each.role() == role && across == each.y1().equals(each.y2()))
                .filter(each -> first
                        == (across ? each.y1() : each.x1()).under(sheet.height().half()))
                .findFirst()
                .orElseThrow();
    }

    /** Cut 19, sewn ½ in; half an inch deeper all round is 1 in from each edge. */
    @ParameterizedTest
    @EnumSource(Side.class)
    void aStraightSeamIsDrawnAsFarInAsItIsSewn(Side side) {
        Sheet sheet = SeamDrawing.of(slack(plan(ShapeKind.SQUARE)));
        assertThat(sheet.width()).isEqualTo(Length.inches(19));
        Length was = Length.inches(0, 1, 2);
        Length now = Length.inches(1);
        assertThat(in(line(sheet, Role.SEAM, side), side)).isEqualTo(was);
        assertThat(in(line(sheet, Role.SEW, side), side)).isEqualTo(now);
        assertThat(drawn(sheet, Note.class).filter(note -> note.edge().equals(Optional.of(side))))
                .singleElement()
                .satisfies(note -> {
                    assertThat(note.words().code()).isEqualTo("note.in");
                    assertThat(note.words().args()).isEqualTo(List.of(was));
                });
    }

    private static Length in(Line line, Side side) {
        Length far = Length.inches(19);
        return switch (side) {
            case TOP -> line.y1();
            case LEFT -> line.x1();
            case BOTTOM -> far.minus(line.y1());
            case RIGHT -> far.minus(line.x1());
        };
    }

    @Test
    void theEdgeOfAZipHasNoOtherSeam() {
        Sheet sheet = SeamDrawing.of(slack(plan(ShapeKind.SQUARE).withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH))));
        assertThat(drawn(sheet, Line.class).filter(line -> line.role() == Role.SEW))
                .hasSize(3);
        assertThat(drawn(sheet, Note.class).map(Note::edge)).doesNotContain(Optional.of(Side.BOTTOM));
    }

    @Test
    void aRoundSeamIsDrawnInsideTheOneBefore() {
        Correction correction = slack(plan(ShapeKind.ROUND));
        Sheet sheet = SeamDrawing.of(correction);
        Contour was = round(sheet, Role.SEAM);
        Contour now = round(sheet, Role.SEW);
        double deeper = correction.deeper().toMm();
        assertThat(deeper).isPositive();
        assertThat(was.right() - was.left()).isCloseTo(18 * 25.4, within(0.5));
        assertThat(now.left() - was.left()).isCloseTo(deeper, within(0.3));
        assertThat(was.bottom() - now.bottom()).isCloseTo(deeper, within(0.3));
        assertThat(sheet.clip().orElseThrow().right())
                .as("the cut edge")
                .isCloseTo(sheet.width().toMm(), within(0.1));
        assertThat(drawn(sheet, Note.class)).singleElement().satisfies(note -> assertThat(note.edge())
                .contains(Side.BOTTOM));
    }

    private static Contour round(Sheet sheet, Role role) {
        return new Contour(drawn(sheet, Path.class)
                .filter(path -> path.role() == role)
                .findFirst()
                .orElseThrow()
                .points());
    }
}
