package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.drawing.Element.Look;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What goes round an edge, in user units, along a straight edge from left to right: out is up. */
class TrimMarksTest {

    private static final List<Point> EDGE = List.of(new Point(0, 0), new Point(210, 0));
    private static final Pattern PAIR = Pattern.compile("([-\\d.]+) ([-\\d.]+)");
    private static final double DEEP = 21;

    private static TrimMarks marks(boolean inward) {
        return new TrimMarks(EDGE, DEEP, inward);
    }

    /** The steps of a path: a letter and its numbers. */
    private record Move(char letter, List<Point> points) {}

    private static List<Move> moves(String d) {
        List<Move> moves = new ArrayList<>();
        for (String step : d.split("(?=[MLCaZ])")) {
            List<Point> points = new ArrayList<>();
            Matcher pair = PAIR.matcher(step.substring(1));
            while (pair.find()) {
                points.add(new Point(Double.parseDouble(pair.group(1)), Double.parseDouble(pair.group(2))));
            }
            moves.add(new Move(step.charAt(0), points));
        }
        return moves;
    }

    private static List<Move> of(Look look) {
        return moves(marks(false).of(look));
    }

    private static Stream<Point> ends(List<Move> moves, char letter) {
        return moves.stream()
                .filter(move -> move.letter == letter)
                .map(move -> move.points.get(move.points.size() - 1));
    }

    /** Threads and beads, pom-poms, scallops and gathers stand out as far as they hang, and none lies inside. */
    @ParameterizedTest
    @CsvSource({"FRINGE, 1", "BEADS, 1", "POM_POMS, 1", "RUFFLE, 1", "LACE, 1.6"})
    void itStandsOutAsFarAsItHangs(Look look, double most) {
        List<Double> out = of(look).stream()
                .filter(move -> move.letter != 'a')
                .flatMap(move -> move.points.stream())
                .map(point -> -point.y())
                .toList();
        assertThat(out).allSatisfy(far -> assertThat(far).isBetween(-.01, most * DEEP + .01));
        assertThat(out).anySatisfy(far -> assertThat(far).isCloseTo(most * DEEP, within(.01)));
    }

    @ParameterizedTest
    @EnumSource(
            value = Look.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"TASSEL", "RICKRACK", "PIPING"})
    void inwardItStandsTheOtherWay(Look look) {
        List<Move> moves = moves(marks(true).of(look));
        assertThat(moves.stream().filter(move -> move.letter != 'a').flatMap(move -> move.points.stream()))
                .allSatisfy(point -> assertThat(point.y()).isGreaterThanOrEqualTo(0));
    }

    @Test
    void threadsAreAsFarApartAsTheirDepthAsks() {
        List<Point> feet = ends(of(Look.FRINGE), 'M').toList();
        assertThat(feet).hasSize(66);
        assertThat(feet.get(1).x() - feet.get(0).x())
                .as("near threads, but never a solid band")
                .isCloseTo(3.2, within(.01));
        List<Point> long_ =
                ends(moves(new TrimMarks(EDGE, 70, false).of(Look.FRINGE)), 'M').toList();
        assertThat(long_.get(1).x() - long_.get(0).x()).isCloseTo(10, within(.01));
    }

    /** A bead at the end of each thread, a ball short of it by a third. */
    @ParameterizedTest
    @CsvSource({"BEADS, 1, 2.33, 7", "POM_POMS, .66, 7.56, 22.05"})
    void roundThingsHangOnTheirThreads(Look look, double share, double radius, double apart) {
        List<Move> moves = of(look);
        List<Move> arcs = moves.stream().filter(move -> move.letter == 'a').toList();
        List<Point> hung = new ArrayList<>();
        for (int i = 0; i + 1 < moves.size(); i++) {
            if (moves.get(i + 1).letter == 'a' && moves.get(i).letter == 'M') {
                hung.add(moves.get(i).points.get(0));
            }
        }
        assertThat(arcs).hasSize(2 * hung.size());
        assertThat(hung).hasSize((int) (210 / apart) + 1);
        assertThat(hung.get(1).x() - hung.get(0).x()).isCloseTo(apart, within(.02));
        assertThat(hung).allSatisfy(left -> assertThat(-left.y()).isCloseTo(share * DEEP, within(.02)));
        assertThat(hung.get(0).x()).as("its left, its middle on the thread").isCloseTo(-radius, within(.02));
        assertThat(arcs.get(0).points.get(0)).isEqualTo(new Point(shown(radius), shown(radius)));
        assertThat(arcs.get(0).points.get(2).y()).as("half round, and back").isCloseTo(2 * radius, within(.02));
        assertThat(arcs.get(1).points.get(2).y()).isCloseTo(-2 * radius, within(.02));
    }

    private static double shown(double value) {
        return Double.parseDouble(Markup.number(value));
    }

    @Test
    void rickrackSwingsToEitherSide() {
        List<Point> bends =
                of(Look.RICKRACK).stream().map(move -> move.points.get(0)).toList();
        for (int i = 0; i < bends.size(); i++) {
            assertThat(bends.get(i).y()).isCloseTo((i % 2 == 0 ? -1 : 1) * DEEP / 2, within(.01));
            assertThat(bends.get(i).x()).isCloseTo(i * 7.35, within(.01));
        }
        assertThat(bends).hasSize(29);
        assertThat(marks(false).of(Look.PIPING))
                .isEqualTo("M0 0L210 0")
                .isEqualTo(marks(false).along());
    }

    /** The outer edge waves by a tenth; a gather runs out from the seam at every second place, and the strip closes. */
    @Test
    void aRuffleWavesAndItsGathersRunOut() {
        String d = marks(false).of(Look.RUFFLE);
        List<Move> moves = moves(d);
        int closed = 0;
        while (moves.get(closed).letter != 'Z') {
            closed++;
        }
        List<Point> outline = moves.subList(0, closed).stream()
                .map(move -> move.points.get(0))
                .toList();
        int stands = outline.size() / 2;
        assertThat(stands).isEqualTo((int) (210 / (DEEP * .28)) + 1);
        for (int i = 0; i < stands; i++) {
            assertThat(-outline.get(i).y()).isCloseTo(DEEP * (i % 2 == 0 ? 1 : .9), within(.01));
            assertThat(outline.get(outline.size() - 1 - i).y()).as("the seam").isZero();
            assertThat(outline.get(outline.size() - 1 - i).x())
                    .isEqualTo(outline.get(i).x());
        }
        List<Move> gathers = moves.subList(closed + 1, moves.size());
        assertThat(gathers).hasSize(2 * (stands / 2));
        assertThat(ends(gathers, 'L')).allSatisfy(end -> assertThat(-end.y()).isCloseTo(DEEP * .72, within(.01)));
        assertThat(ends(gathers, 'M')).allSatisfy(foot -> assertThat(foot.y()).isZero());
    }

    @Test
    void laceIsScallopedFromStandToStand() {
        List<Move> moves = of(Look.LACE);
        List<Point> feet = Stream.concat(ends(moves, 'M'), ends(moves, 'C')).toList();
        assertThat(feet).allSatisfy(foot -> assertThat(foot.y()).isZero());
        for (int i = 1; i < feet.size(); i++) {
            assertThat(feet.get(i).x() - feet.get(i - 1).x()).isCloseTo(DEEP * .8, within(.02));
            assertThat(moves.get(i).points.get(0).x())
                    .as("it leaves straight out")
                    .isEqualTo(feet.get(i - 1).x());
            assertThat(moves.get(i).points.get(1).x()).isEqualTo(feet.get(i).x());
        }
    }

    /** A tassel hangs on in the direction of its cord: seven threads that spread, and a knot before them. */
    @ParameterizedTest
    @CsvSource({"0, 10", "10, 0", "-6, 8", "0, -10"})
    void aTasselHangsOnInItsDirection(double x, double y) {
        TrimMarks tassel = new TrimMarks(List.of(new Point(5, 5), new Point(5 + x, 5 + y)), DEEP, false);
        List<Move> moves = moves(tassel.of(Look.TASSEL));
        List<Point> starts = ends(moves, 'M').limit(7).toList();
        List<Point> ends = ends(moves, 'L').toList();
        assertThat(ends).hasSize(7);
        for (int i = 0; i < 7; i++) {
            assertThat(along(ends.get(i), x, y)).as("as long as it hangs").isCloseTo(10 + DEEP, within(.02));
            assertThat(along(starts.get(i), x, y)).isCloseTo(10 + .2 * DEEP, within(.02));
            assertThat(aside(ends.get(i), x, y)).isCloseTo((i - 3) * .06 * DEEP, within(.02));
            assertThat(aside(starts.get(i), x, y)).isCloseTo((i - 3) * .03 * DEEP, within(.02));
        }
        Point knot = ends(moves, 'M').skip(7).findFirst().orElseThrow();
        assertThat(along(new Point(knot.x() + .1 * DEEP, knot.y()), x, y)).isCloseTo(10 + .14 * DEEP, within(.02));
    }

    private static double along(Point point, double x, double y) {
        return ((point.x() - 5) * x + (point.y() - 5) * y) / 10;
    }

    private static double aside(Point point, double x, double y) {
        return ((point.y() - 5) * x - (point.x() - 5) * y) / 10;
    }
}
