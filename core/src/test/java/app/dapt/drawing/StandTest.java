package app.dapt.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where something is sewn along an edge. */
class StandTest {

    private static final List<Point> ROUND =
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 60), new Point(0, 60), new Point(0, 0));

    private static boolean isIn(Point point) {
        return point.x() > 0 && point.x() < 100 && point.y() > 0 && point.y() < 60;
    }

    @ParameterizedTest
    @CsvSource({"false, false", "false, true", "true, false", "true, true"})
    void allStandTheSameWayWhicheverWayThePathRuns(boolean back, boolean inward) {
        List<Point> path = new ArrayList<>(ROUND);
        if (back) {
            Collections.reverse(path);
        }
        // So that none stands in a corner, from where inwards is along a side.
        List<Stand> stands = Stand.along(path, 7, 20, inward);
        assertThat(stands).allSatisfy(stand -> {
            assertThat(Math.hypot(stand.outX(), stand.outY())).isCloseTo(1, within(1e-9));
            assertThat(isIn(stand.at())).as("on the edge").isFalse();
        });
        assertThat(stands.stream().filter(stand -> !isCorner(stand.at())))
                .hasSizeGreaterThan(35)
                .allSatisfy(stand -> assertThat(isIn(stand.out(3))).isEqualTo(inward));
    }

    private static boolean isCorner(Point point) {
        return (point.x() == 0 || point.x() == 100) && (point.y() == 0 || point.y() == 60);
    }

    @Test
    void theyAreEvenlyApartAndFanOutRoundCorners() {
        List<Stand> stands = Stand.along(ROUND, 5, 20, false);
        // A quarter of a circle of 20 is 31 long: the end of the side, and five steps of more than 5.
        assertThat(stands.stream().filter(stand -> stand.at().equals(new Point(100, 0))))
                .hasSize(6)
                .allSatisfy(stand ->
                        assertThat(stand.outX() >= 0 && stand.outY() <= 0).isTrue());
        assertThat(stands.subList(0, 21))
                .extracting(stand -> stand.at().x())
                .startsWith(0.0, 5.0, 10.0)
                .endsWith(100.0);
        assertThat(stands.get(stands.size() - 1)).as("closed").isEqualTo(stands.get(0));
        assertThat(Stand.along(ROUND, 5, 20, true).stream()
                        .filter(stand -> stand.at().equals(new Point(100, 0))))
                .as("nothing fans inwards")
                .hasSizeLessThan(3);
    }

    @Test
    void oneSideAloneIsTakenToRunClockwise() {
        assertThat(Stand.along(List.of(new Point(0, 0), new Point(50, 0)), 10, 5, false))
                .hasSize(6)
                .allSatisfy(stand ->
                        assertThat(stand.out(5)).isEqualTo(new Point(stand.at().x(), -5)));
    }
}
