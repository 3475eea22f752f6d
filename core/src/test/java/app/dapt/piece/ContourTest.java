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

    private static final Contour TRIANGLE = new Contour(List.of(new Point(0, 0), new Point(100, 0), new Point(0, 100)));

    private static final Contour BOX = Contour.rectangle(10, 20, 110, 70);

    /** Positive where its corners run clockwise, as seen. */
    private static double turning(Contour contour) {
        double twice = 0;
        for (int i = 0; i < contour.points().size(); i++) {
            Point a = contour.points().get(i);
            Point b = contour.points().get((i + 1) % contour.points().size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice;
    }

    @Test
    void aQuarterOfACircleIsAQuarterOfItsStraightLines() {
        List<Point> quarter = new ArrayList<>();
        Contour.arc(quarter, 0, 0, 50, 0, Math.PI / 2);
        assertThat(CIRCLE.points()).hasSize(144);
        assertThat(quarter).hasSize(37);
    }

    @Test
    void mirroredItRunsTheSameWayRoundAndMirroredTwiceItIsItself() {
        Contour mirrored = TRIANGLE.mirrored(60);
        assertThat(mirrored.points()).contains(new Point(120, 0), new Point(20, 0), new Point(120, 100));
        assertThat(turning(mirrored)).isEqualTo(turning(TRIANGLE));
        assertThat(mirrored.mirrored(60).points()).containsExactlyElementsOf(TRIANGLE.points());
        Contour over = TRIANGLE.upsideDown(60);
        assertThat(over.points()).contains(new Point(0, 120), new Point(100, 120), new Point(0, 20));
        assertThat(turning(over)).isEqualTo(turning(TRIANGLE));
    }

    @Test
    void clippedToARectangleAsMuchIsLeftAsLiesInIt() {
        assertThat(BOX.areaWithin(0, 0, 60, 200)).isCloseTo(50 * 50, within(1e-9));
        assertThat(BOX.areaWithin(0, 0, 200, 30)).isCloseTo(100 * 10, within(1e-9));
        assertThat(BOX.areaWithin(100, 60, 300, 300)).isCloseTo(10 * 10, within(1e-9));
        assertThat(BOX.areaWithin(-50, -50, 5, 5)).isZero();
        assertThat(TRIANGLE.areaWithin(50, 0, 100, 100)).isCloseTo(50 * 50 / 2.0, within(1e-9));
        assertThat(TRIANGLE.clippedTo(0, 0, 50, 50).area()).isCloseTo(50 * 50, within(1e-9));
        assertThat(CIRCLE.areaWithin(0, 0, 200, 200)).isCloseTo(CIRCLE.area() / 4, within(1e-6));
    }

    @Test
    void whatTwoShareAndWhatIsInEither() {
        Contour other = BOX.moved(80, 30);
        assertThat(BOX.shared(other)).isCloseTo(20 * 20, within(1e-6));
        assertThat(BOX.with(other).area()).isCloseTo(2 * 100 * 50 - 20 * 20, within(1e-6));
        assertThat(BOX.shared(BOX.moved(500, 0))).isZero();
        assertThat(BOX.with(Contour.rectangle(500, 0, 510, 10)).area())
                .as("the larger of two that are apart")
                .isCloseTo(5000, within(1e-6));
        assertThat(BOX.scaled(2).area()).isCloseTo(4 * BOX.area(), within(1e-9));
        assertThat(BOX.scaled(2).bottom()).isEqualTo(140);
    }

    @Test
    void whatCrossesItselfIsItsLargestPart() {
        // A bow tie whose right wing is larger.
        Contour bow = new Contour(List.of(new Point(0, 0), new Point(0, 40), new Point(100, -40), new Point(100, 80)));
        assertThat(bow.sound().area()).isGreaterThan(bow.sound().areaWithin(0, -100, 34, 100) + 1000);
        assertThat(BOX.sound()).isSameAs(BOX);
    }

    @Test
    void cornersAreWhereItTurns() {
        assertThat(CIRCLE.corners()).isEmpty();
        assertThat(BOX.corners()).hasSize(4);
        assertThat(TRIANGLE.corners()).containsExactlyElementsOf(TRIANGLE.points());
        Contour octagon = new Contour(List.of(
                new Point(1, 0),
                new Point(2, 0),
                new Point(3, 1),
                new Point(3, 2),
                new Point(2, 3),
                new Point(1, 3),
                new Point(0, 2),
                new Point(0, 1)));
        assertThat(octagon.corners()).as("an eighth of a turn is none").isEmpty();
    }

    @Test
    void whatLiesApartFromAnotherOutline() {
        Contour lower = Contour.rectangle(10, 20, 110, 90);
        double apart = 0;
        for (List<Point> stretch : BOX.apartFrom(lower, 1)) {
            for (int i = 1; i < stretch.size(); i++) {
                apart += Math.hypot(
                        stretch.get(i).x() - stretch.get(i - 1).x(),
                        stretch.get(i).y() - stretch.get(i - 1).y());
            }
        }
        assertThat(apart).as("its lower edge but for both ends").isCloseTo(98, within(0.1));
        assertThat(BOX.apartFrom(BOX, 1)).isEmpty();
    }

    @Test
    void aStripReachesAsFarAsTheSlantLetsIt() {
        Contour.Reach low = TRIANGLE.reach(Axis.ACROSS, 40, 60);
        assertThat(low.least()).isCloseTo(0, within(1e-9));
        assertThat(low.most()).isCloseTo(60, within(1e-9));
        Contour.Reach right = TRIANGLE.reach(Axis.UP_DOWN, 75, 200);
        assertThat(right.length()).isCloseTo(25, within(1e-9));
        assertThat(BOX.reach(Axis.ACROSS, 70, 90).length())
                .as("along its own edge")
                .isCloseTo(100, within(1e-9));
        assertThat(BOX.reach(Axis.ACROSS, 71, 90).length()).as("past it").isZero();
    }

    @Test
    void aStretchGoesOnWhereTheOutlineBegins() {
        List<Point> aboutTheCorner = BOX.stretch(new Point(10, 20), 30);
        assertThat(aboutTheCorner).contains(new Point(10, 20));
        assertThat(aboutTheCorner.get(0).x()
                        + aboutTheCorner.get(aboutTheCorner.size() - 1).x())
                .isCloseTo(10 + 25, within(1e-6));
    }
}
