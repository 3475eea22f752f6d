package app.dapt.filling.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.filling.sheet.SheetSolver.Stiffness;
import java.util.List;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Filled sheets against what is known of them: a disc exactly, rectangles by fine meshes. */
class SheetSolverTest {

    @ParameterizedTest
    @CsvSource({"12, 0.75, 0.2, 0.4", "24, 0.3, 0.2, 0.3"})
    void aDiscFillsToItsExactShape(int rings, double ofVolume, double ofRadius, double ofThickness) {
        FilledSheet disc = SheetSolver.greatest(Mesh.disc(rings));
        assertThat(disc.settled()).isTrue();
        assertThat(disc.volume()).isCloseTo(1.21852 / 8, Percentage.withPercentage(ofVolume));
        assertThat(disc.meanRadius()).isCloseTo(0.76276 / 2, Percentage.withPercentage(ofRadius));
        assertThat(disc.thickness()).isCloseTo(0.91389 / 2, Percentage.withPercentage(ofThickness));
        assertThat(disc.largestStretch()).isLessThan(1.001);
    }

    @ParameterizedTest
    @CsvSource({
        "1, 12, 0.20164",
        "1, 16, 0.20203",
        "1, 24, 0.20230",
        "1.6666667, 12, 0.41046",
        "1.6666667, 24, 0.41134",
        "2, 12, 0.51636",
        "2, 24, 0.51732"
    })
    void aRectangleHoldsSoMuch(double height, int perHalf, double volume) {
        FilledSheet full = SheetSolver.greatest(Mesh.rectangle(height, perHalf));
        assertThat(full.volume()).isCloseTo(volume, Percentage.withPercentage(0.2));
        assertThat(full.largestStretch()).isLessThan(1.001);
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0.216, 0.964", "0.75, 0.319, 0.909", "0.9, 0.397, 0.840", "0.95, 0.433, 0.795"})
    void aSquareWithAFormInItIsSoThickAndSoWide(double fullness, double thickness, double across) {
        FilledSheet square = SheetSolver.filled(Mesh.rectangle(1, 12), fullness * 0.2026, Stiffness.ofCover(fullness));
        assertThat(square.settled()).isTrue();
        assertThat(square.volume()).isCloseTo(fullness * 0.2026, Percentage.withPercentage(0.05));
        assertThat(square.thickness()).isCloseTo(thickness, Percentage.withPercentage(1));
        assertThat(square.across()).isCloseTo(across, Percentage.withPercentage(1));
        assertThat(square.upDown()).as("as high as wide").isCloseTo(square.across(), within(0.002));
    }

    @Test
    void aNeighbouringShapeIsReachedSooner() {
        Mesh mesh = Mesh.rectangle(1, 12);
        FilledSheet before = SheetSolver.filled(mesh, 0.75 * 0.2026, Stiffness.ofCover(0.75));
        FilledSheet cold = SheetSolver.filled(mesh, 0.8 * 0.2026, Stiffness.ofCover(0.8));
        FilledSheet warm = SheetSolver.filled(before, 0.8 * 0.2026, Stiffness.ofCover(0.8));
        assertThat(warm.steps()).isLessThan(cold.steps());
        assertThat(warm.thickness()).isCloseTo(cold.thickness(), Percentage.withPercentage(1));
    }

    /** A mesh of any outline is as good as one made for its shape, though coarser by its nature. */
    @Test
    void anyOutlineFillsAsItsOwnShapeDoes() {
        List<double[]> square =
                List.of(new double[] {0, 0}, new double[] {300, 0}, new double[] {300, 300}, new double[] {0, 300});
        assertThat(OutlineMesh.width(square)).isCloseTo(300, Percentage.withPercentage(0.2));
        FilledSheet asOutline =
                SheetSolver.greatest(OutlineMesh.of(square, 300, 12).orElseThrow());
        assertThat(asOutline.volume()).isCloseTo(0.2026, Percentage.withPercentage(1.5));
        assertThat(asOutline.largestStretch()).isLessThan(1.001);

        List<double[]> round = IntStream.range(0, 144)
                .mapToObj(i -> 2 * Math.PI * i / 144)
                .map(angle -> new double[] {Math.cos(angle), Math.sin(angle)})
                .toList();
        FilledSheet disc = SheetSolver.greatest(OutlineMesh.of(round, 2, 12).orElseThrow());
        assertThat(disc.volume()).isCloseTo(1.21852 / 8, Percentage.withPercentage(2));
        assertThat(disc.meanRadius()).isCloseTo(0.76276 / 2, Percentage.withPercentage(1));
    }

    @Test
    void anOutlineWhoseSidesDifferHasNoMesh() {
        List<double[]> leaning =
                List.of(new double[] {0, 0}, new double[] {300, 0}, new double[] {360, 300}, new double[] {60, 300});
        assertThat(OutlineMesh.of(leaning, 300, 8)).isEmpty();
    }

    /** Sewn through, a run holds as much as its chambers do, each for itself. */
    @ParameterizedTest
    @CsvSource({"2", "3", "4"})
    void aRunOfChambersHoldsNearlyAsMuchAsThemAlone(int chambers) {
        double alone = SheetSolver.greatest(Mesh.rectangle(1.5, 8)).volume();
        FilledSheet run = SheetSolver.greatest(Mesh.chambers(1, 1.5, chambers, 8));
        assertThat(run.volume() / chambers).isCloseTo(alone, Percentage.withPercentage(6));
        assertThat(run.largestStretch()).isLessThan(1.001);
    }
}
