package app.dapt.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.drawing.Look.Course;
import app.dapt.drawing.Look.Make;
import app.dapt.drawing.Look.Mark;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What goes round an edge, along a straight edge from left to right: out is up. */
class LooksTest {

    private static final List<Point> EDGE = List.of(new Point(0, 0), new Point(210, 0));
    private static final double DEEP = 21;

    private static List<Mark> marks(Look look, boolean inward) {
        return look.marks(new Course(EDGE, DEEP, inward, 3));
    }

    private static Stream<Point> points(List<Mark> marks) {
        return marks.stream().flatMap(mark -> mark.shapes().stream()).flatMap(List::stream);
    }

    private static List<List<Point>> of(Look look, Make make) {
        return marks(look, false).stream()
                .filter(mark -> mark.make() == make)
                .flatMap(mark -> mark.shapes().stream())
                .toList();
    }

    /** What hangs stands out as far as it hangs, and none of it lies inside. */
    @ParameterizedTest
    @EnumSource(
            value = Looks.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"TASSEL", "RICKRACK", "PIPING"})
    void itStandsOutAsFarAsItHangsAndInwardTheOtherWay(Looks look) {
        assertThat(points(marks(look, false)).map(point -> -point.y()))
                .allSatisfy(far -> assertThat(far).isBetween(-.01, DEEP + .01))
                .anySatisfy(far -> assertThat(far).isCloseTo(DEEP, within(.01)));
        assertThat(points(marks(look, true)))
                .allSatisfy(point -> assertThat(point.y()).isBetween(-.01, DEEP + .01));
        assertThat(look.isCord()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"FRINGE, 3", "BEADS, 7", "POM_POMS, 22.05"})
    void whatHangsIsAsFarApartAsItsDepthAsks(Looks look, double apart) {
        List<List<Point>> threads = of(look, Make.THREAD);
        assertThat(threads).hasSize((int) (210 / apart) + 1);
        assertThat(threads.get(1).get(0).x() - threads.get(0).get(0).x()).isCloseTo(apart, within(.01));
    }

    @Test
    void nothingIsDrawnNearerTogetherThanCanBeToldApart() {
        List<Mark> coarse = Looks.FRINGE.marks(new Course(EDGE, DEEP, false, 30));
        assertThat(coarse.get(0).shapes()).hasSize(8);
    }

    /** A bead hides the end of its thread, a ball hangs from it. */
    @ParameterizedTest
    @CsvSource({"BEADS, .9, 2.1", "POM_POMS, .64, 7.56"})
    void roundThingsHangOnTheirThreads(Looks look, double out, double radius) {
        List<List<Point>> round = of(look, Make.SOLID);
        assertThat(round).hasSameSizeAs(of(look, Make.THREAD));
        Contour first = new Contour(round.get(0));
        assertThat(-(first.top() + first.bottom()) / 2).isCloseTo(out * DEEP, within(.01));
        assertThat((first.right() - first.left()) / 2).isCloseTo(radius, within(.01));
    }

    @Test
    void rickrackSwingsToEitherSideAndPipingRunsAlong() {
        List<Point> bends = of(Looks.RICKRACK, Make.BRAID).get(0);
        assertThat(bends).hasSize(29);
        for (int i = 0; i < bends.size(); i++) {
            assertThat(bends.get(i).y()).isCloseTo((i % 2 == 0 ? -1 : 1) * DEEP / 2, within(.01));
            assertThat(bends.get(i).x()).isCloseTo(i * 7.35, within(.01));
        }
        assertThat(marks(Looks.PIPING, false)).containsExactly(new Mark(Make.CORD, List.of(EDGE), DEEP));
        assertThat(Stream.of(Looks.PIPING, Looks.RICKRACK)).allMatch(Look::isCord);
    }

    /** The outer edge waves by a tenth; a shadow runs out from the seam at every second place. */
    @Test
    void aRuffleWavesAndItsGathersLieInShadow() {
        List<List<Point>> band = of(Looks.RUFFLE, Make.CLOTH);
        assertThat(band).hasSize(35);
        for (int i = 0; i < band.size(); i++) {
            assertThat(-band.get(i).get(3).y()).isCloseTo(DEEP * (i % 2 == 0 ? 1 : .9), within(.01));
            assertThat(band.get(i).get(0).y()).as("the seam").isZero();
        }
        assertThat(of(Looks.RUFFLE, Make.SHADOW))
                .hasSize(band.size() / 2)
                .allSatisfy(shadow -> assertThat(-shadow.get(2).y()).isCloseTo(DEEP * .74, within(.01)));
        assertThat(Looks.RUFFLE.isOfCloth()).isTrue();
        assertThat(Looks.LACE.isOfCloth()).isFalse();
    }

    @Test
    void laceIsScallopedFromPlaceToPlace() {
        List<List<Point>> scallops = of(Looks.LACE, Make.SOLID);
        double from = 0;
        for (List<Point> scallop : scallops) {
            assertThat(scallop.get(0).x()).isCloseTo(from, within(.01));
            from = scallop.get(scallop.size() - 1).x();
            assertThat(scallop.get(scallop.size() - 1).y()).isCloseTo(0, within(.01));
        }
        assertThat(scallops).hasSize((int) (210 / (DEEP * .9)));
    }

    /** It points on along its path: the knot near its end, the threads fanned out beyond. */
    @Test
    void aTasselHangsOnTheWayItsPathPoints() {
        List<Mark> tassel = Looks.TASSEL.marks(new Course(EDGE, DEEP, false, 3));
        assertThat(tassel).extracting(Mark::make).containsExactly(Make.THREAD, Make.SOLID);
        assertThat(tassel.get(0).shapes()).hasSize(7);
        assertThat(points(tassel)).allSatisfy(point -> {
            assertThat(point.x()).isBetween(210.0, 210 + DEEP + .01);
            assertThat(Math.abs(point.y())).isLessThan(DEEP * .2);
        });
    }

    @Test
    void aThreadIsAsWideAsItIsThick() {
        Mark thread = new Mark(Make.THREAD, List.of(List.of(new Point(0, 0), new Point(0, 10))), 2);
        Contour area = new Contour(thread.areas().get(0));
        assertThat(area.area()).isCloseTo(20, within(.01));
        assertThat(area.right()).isCloseTo(1, within(.01));
        Mark solid = Mark.of(Make.SOLID, List.of(EDGE));
        assertThat(solid.areas()).isEqualTo(solid.shapes());
    }
}
