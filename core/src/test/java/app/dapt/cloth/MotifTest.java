package app.dapt.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Motif.Ink;
import app.dapt.cloth.Motif.Outline;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How the curves of a print are drawn, on a square 10 wide that lies 3 to the right and 1 down. */
class MotifTest {

    private static final double UNITS = 10;

    private static Outline from(double x, double y) {
        return new Outline(UNITS, 3, 1).to(x, y);
    }

    private static void assertAt(double[] point, double x, double y) {
        assertThat(point[0]).isCloseTo((x + 3) / UNITS, within(1e-12));
        assertThat(point[1]).isCloseTo((y + 1) / UNITS, within(1e-12));
    }

    /** From (1, 1) by way of (2, 3) to (3, 1): y − 1 = (x − 1)(3 − x). */
    @Test
    void aBentLineIsAParabola() {
        List<double[]> points =
                from(1, 1).bent(2, 3, 3, 1).filled(Ink.CHALK, .5).points();
        assertThat(points).hasSize(5);
        for (int i = 0; i < points.size(); i++) {
            double x = 1 + i / 2.0;
            assertAt(points.get(i), x, 1 + (x - 1) * (3 - x));
        }
    }

    /** By de Casteljau's halving: the middle of the middles of the middles. */
    @Test
    void aCurvedLineIsACubic() {
        List<double[]> points =
                from(2, 1).curved(3, 5, 7, 4, 6, 2).drawn(Ink.YELLOW, 2).points();
        assertThat(points).hasSize(5);
        assertAt(points.get(0), 2, 1);
        for (int i = 1; i <= 4; i++) {
            double t = i / 4.0;
            assertAt(points.get(i), casteljau(t, 2, 3, 7, 6), casteljau(t, 1, 5, 4, 2));
        }
    }

    private static double casteljau(double t, double... ends) {
        double[] between = ends.clone();
        for (int left = ends.length - 1; left > 0; left--) {
            for (int i = 0; i < left; i++) {
                between[i] += t * (between[i + 1] - between[i]);
            }
        }
        return between[0];
    }

    @Test
    void aDrawnLineIsAsWideAsItsSquareHasIt() {
        assertThat(from(0, 0).to(4, 4).drawn(Ink.YELLOW, 2))
                .returns(.2, Motif::stroke)
                .returns(1.0, Motif::opacity);
        assertThat(from(0, 0).to(4, 4).filled(Ink.CHALK, .5))
                .returns(0.0, Motif::stroke)
                .returns(.5, Motif::opacity);
    }
}
