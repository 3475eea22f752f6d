package app.dapt.cover.filled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.filled.Regions.Corner;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RegionsTest {

    private static final int CELLS = 40;

    /** A square a hundred wide in triangles, with a value at each of their corners. */
    private static List<Corner[]> square(DoubleBinaryOperator value) {
        List<Corner[]> triangles = new ArrayList<>();
        double step = 100.0 / CELLS;
        for (int row = 0; row < CELLS; row++) {
            for (int column = 0; column < CELLS; column++) {
                Corner a = corner(column * step, row * step, value);
                Corner b = corner((column + 1) * step, row * step, value);
                Corner c = corner((column + 1) * step, (row + 1) * step, value);
                Corner d = corner(column * step, (row + 1) * step, value);
                triangles.add(new Corner[] {a, b, c});
                triangles.add(new Corner[] {a, c, d});
            }
        }
        return triangles;
    }

    private static Corner corner(double x, double y, DoubleBinaryOperator value) {
        return new Corner(x, y, new double[] {value.applyAsDouble(x, y)});
    }

    private static double area(List<List<Point>> outlines) {
        return outlines.stream().mapToDouble(each -> new Contour(each).area()).sum();
    }

    @Test
    void whatTrianglesShareFallsAway() {
        List<List<Point>> outlines = Regions.where(square((x, y) -> 1), 0);
        assertThat(outlines).hasSize(1);
        assertThat(outlines.get(0)).hasSize(4 * CELLS);
        assertThat(area(outlines)).isCloseTo(10_000, within(1.0));
    }

    @ParameterizedTest
    @CsvSource({"0.25, 7500", "0.5, 5000", "0.333, 6670", "1.5, 0"})
    void aLimitCutsStraightThrough(double limit, double area) {
        assertThat(area(Regions.where(square((x, y) -> x / 100), limit))).isCloseTo(area, within(2.0));
    }

    @Test
    void anIslandIsRoundAndAHillWithAHollowHasTwoShores() {
        DoubleBinaryOperator hill = (x, y) -> 30 - Math.hypot(x - 50, y - 50);
        List<List<Point>> island = Regions.where(square(hill), 0);
        assertThat(island).hasSize(1);
        assertThat(area(island)).isCloseTo(Math.PI * 900, within(30.0));
        assertThat(Regions.where(square((x, y) -> 5 - Math.abs(hill.applyAsDouble(x, y))), 0))
                .hasSize(2);
    }
}
