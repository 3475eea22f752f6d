package app.dapt.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Outlines against what geometry says of circles and rectangles. */
class ContourTest {

    private static final Contour CIRCLE = Contour.circle(Length.mm(400));

    static Stream<Arguments> boxes() {
        return Cases.of(
                20,
                random -> Contour.rectangle(
                        random.nextInt(50), random.nextInt(50), 100 + random.nextInt(400), 100 + random.nextInt(400)));
    }

    @Test
    void aCircleIsAsLargeAsItIs() {
        assertThat(CIRCLE.area()).isCloseTo(Math.PI * 200 * 200, within(60.0));
        assertThat(CIRCLE.perimeter()).isCloseTo(Math.PI * 400, within(.5));
        assertThat(CIRCLE.left()).isCloseTo(0, within(1e-6));
        assertThat(CIRCLE.bottom()).isCloseTo(400, within(1e-6));
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void grownByASeamItHasThatMuchMoreOnEverySideAndSharpCorners(Contour box) {
        Contour grown = box.grown(Length.mm(15));
        assertThat(grown.left()).isCloseTo(box.left() - 15, within(1e-6));
        assertThat(grown.bottom()).isCloseTo(box.bottom() + 15, within(1e-6));
        double wide = box.right() - box.left() + 30;
        double high = box.bottom() - box.top() + 30;
        assertThat(grown.area()).isCloseTo(wide * high, within(1e-3));
        assertThat(grown.perimeter()).isCloseTo(2 * (wide + high), within(1e-3));
    }

    @ParameterizedTest
    @MethodSource("boxes")
    void movingChangesWhereAndNothingElse(Contour box) {
        Contour moved = box.moved(31, -17);
        assertThat(moved.left()).isCloseTo(box.left() + 31, within(1e-9));
        assertThat(moved.top()).isCloseTo(box.top() - 17, within(1e-9));
        assertThat(moved.area()).isCloseTo(box.area(), within(1e-6));
    }

    @Test
    void halvesOfACircleMakeTheCircle() {
        Contour upper = CIRCLE.within(-10, -10, 410, 200);
        Contour lower = CIRCLE.within(-10, 200, 410, 410);
        assertThat(upper.area() + lower.area()).isCloseTo(CIRCLE.area(), within(1e-3));
        assertThat(upper.bottom()).isCloseTo(200, within(1e-6));
        assertThat(CIRCLE.within(1000, 1000, 1100, 1100).area())
                .as("where nothing lies")
                .isLessThan(5);
    }

    @Test
    void simplifiedItLeavesOutWhatNobodyWouldMiss() {
        Contour few = CIRCLE.simplified(1);
        assertThat(few.points()).hasSizeLessThan(CIRCLE.points().size() / 2).hasSizeGreaterThan(8);
        assertThat(few.area()).isCloseTo(CIRCLE.area(), within(CIRCLE.area() * .01));
        Contour triangle = new Contour(List.of(new Point(0, 0), new Point(100, 0), new Point(0, 100)));
        assertThat(triangle.simplified(1).points()).containsExactlyInAnyOrderElementsOf(triangle.points());
    }

    @Test
    void aStretchIsAsLongAsAskedAndLiesWhereItWasAsked() {
        List<Point> above = CIRCLE.stretch(new Point(200, -50), 100);
        assertThat(above).allSatisfy(point -> assertThat(point.y()).isLessThan(20));
        double length = 0;
        for (int i = 1; i < above.size(); i++) {
            length += Math.hypot(
                    above.get(i).x() - above.get(i - 1).x(),
                    above.get(i).y() - above.get(i - 1).y());
        }
        assertThat(length).isCloseTo(100, within(.1));
        assertThat(CIRCLE.stretchOpposite(new Point(200, -50), 100))
                .allSatisfy(point -> assertThat(point.y()).isGreaterThan(380));
    }

    @Test
    void itReachesAsFarAsItIsWideThere() {
        Contour.Reach middle = CIRCLE.reach(Axis.ACROSS, 190, 210);
        assertThat(middle.length()).isCloseTo(400, within(.5));
        Contour.Reach low = CIRCLE.reach(Axis.ACROSS, 380, 400);
        assertThat(low.length()).isCloseTo(2 * Math.sqrt(200 * 200 - 180 * 180), within(1.0));
        assertThat(low.least()).isCloseTo(400 - low.most(), within(.5));
    }

    @Test
    void anArcEndsWhereItShould() {
        Random random = new Random(3);
        for (int i = 0; i < 20; i++) {
            double from = random.nextDouble() * 6;
            double to = from + random.nextDouble() * 3 - 1.5;
            List<Point> points = new ArrayList<>();
            Contour.arc(points, 10, 20, 50, from, to);
            assertThat(points).allSatisfy(p -> assertThat(Math.hypot(p.x() - 10, p.y() - 20))
                    .isCloseTo(50, within(1e-9)));
            Point last = points.get(points.size() - 1);
            assertThat(Math.atan2(last.y() - 20, last.x() - 10) - to)
                    .satisfies(off -> assertThat(Math.abs(Math.sin(off))).isLessThan(1e-9));
        }
    }
}
