package app.dapt.cover.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.parts.CoverShape.Arm;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The lines of a V, by where its outline really runs. */
class VeeTest {

    private static Arguments vee(String name, Object... changes) {
        CoverPlan plan = DefaultPlan.plan(
                "Reading V", Mark.EIGHTH, ShapeKind.VEE, Form.overCrown(Length.inches(32), Length.inches(22)));
        return Arguments.of(name, plan.withShape(Cases.changed(ShapeKind.VEE, Unit.INCH, changes)));
    }

    static Stream<Arguments> vees() {
        return Stream.of(
                vee("square ends", "arm", Length.inches(8)),
                vee("wide arms", "arm", Length.inches(10), "inner", Length.inches(1), "outer", Length.inches(2)),
                vee("no curves", "arm", Length.inches(7), "inner", Length.ZERO, "outer", Length.ZERO),
                vee("steep", "arm", Length.inches(7), "veeBy", Vee.By.ANGLE, "rise", 50));
    }

    private static double off(Contour outline, Point point) {
        double least = Double.POSITIVE_INFINITY;
        List<Point> corners = outline.points();
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            double along = (point.x() - a.x()) * (b.x() - a.x()) + (point.y() - a.y()) * (b.y() - a.y());
            double square = Math.pow(b.x() - a.x(), 2) + Math.pow(b.y() - a.y(), 2);
            double share = square == 0 ? 0 : Math.max(0, Math.min(1, along / square));
            least = Math.min(
                    least,
                    Math.hypot(
                            point.x() - a.x() - share * (b.x() - a.x()), point.y() - a.y() - share * (b.y() - a.y())));
        }
        return least;
    }

    /** A stretch of the outline about a point runs straight when it is as long as from its one end to its other. */
    private static double bent(Contour outline, Point middle, double length) {
        List<Point> stretch = outline.stretch(middle, length);
        Point first = stretch.get(0);
        Point last = stretch.get(stretch.size() - 1);
        return length - Math.hypot(last.x() - first.x(), last.y() - first.y());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("vees")
    void anOpeningIsInTheMiddleOfAStraightEdge(String name, CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH);
        Contour outline = reckoned.outline().orElseThrow();
        for (Axis runs : Axis.values()) {
            Point middle = reckoned.dimensions().edgeMiddle(runs);
            double straight = reckoned.dimensions().edgeToOpen(runs).toMm();
            assertThat(off(outline, middle)).as("%s, %s", name, runs).isLessThan(0.2);
            assertThat(straight).isPositive();
            assertThat(bent(outline, middle, straight * 0.99))
                    .as("%s, %s", name, runs)
                    .isCloseTo(0, within(0.3));
            assertThat(bent(outline, middle, straight * 1.2))
                    .as("past its ends")
                    .isGreaterThan(0.5);
        }
    }

    /** A flap is cut on to the end of the right arm: as wide as the arm, and every inch adds so much cloth. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("vees")
    void theArmEndsStraightAcross(String name, CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH);
        Contour outline = reckoned.outline().orElseThrow();
        Arm arm = plan.shape().openArm().orElseThrow();
        double wide = arm.finishedWidth(reckoned.dimensions()).toMm();
        Point end = arm.end(reckoned.dimensions());
        assertThat(arm.isSquare()).isTrue();
        assertThat(end.x()).isGreaterThan(outline.right() / 2);
        assertThat(off(outline, end)).as(name).isLessThan(0.2);
        assertThat(bent(outline, end, wide * 0.99)).as(name).isCloseTo(0, within(0.3));
        assertThat(bent(outline, end, wide * 1.2)).as("past its corners").isGreaterThan(0.5);
        assertThat(arm.lengthened(reckoned.dimensions(), Length.mm(50)).area() - outline.area())
                .isCloseTo(50 * wide, within(wide * 0.5));
    }
}
