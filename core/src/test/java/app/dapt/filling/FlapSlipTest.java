package app.dapt.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Flaps;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two panels that slide apart: what is solved, and the table it is read off. */
class FlapSlipTest {

    private static final int CELLS = 12;

    private static Flaps solved(double fill, double overlap, double length) {
        double unit = Math.min(1, length);
        Mesh mesh = Mesh.chambers(length / unit, 1 / unit, 1, CELLS);
        double volume = fill * SheetSolver.greatest(mesh).volume();
        FilledSheet front = SheetSolver.filled(mesh, volume, Stiffness.ofCover(fill));
        return Flaps.of(length / unit, 1 / unit, 0.5 / unit, overlap / unit, CELLS, front.pressure());
    }

    @ParameterizedTest
    @CsvSource({"0.6, 0.3, 1", "0.75, 0.2, 1", "0.9, 0.125, 1", "0.98, 0.2, 1", "0.9, 0.2, 0.75", "0.75, 0.3, 0.5"})
    void theTableSaysWhatIsSolved(double fill, double overlap, double length) {
        Flaps flaps = solved(fill, overlap, length);
        assertThat(flaps.slip(0) * Math.min(1, length)).isCloseTo(FlapSlip.share(fill, overlap, length), within(0.015));
    }

    @Test
    void theSidesHoldAndTheMiddleRises() {
        Flaps flaps = solved(0.9, 0.125, 1);
        int side = flaps.upper().length - 1;
        assertThat(flaps.slip(side)).as("only as the seam shortens").isCloseTo(0, within(0.01));
        assertThat(flaps.slip(0)).isGreaterThan(flaps.slip(side / 2)).isGreaterThan(0.125);
        assertThat(Arrays.stream(flaps.sheet().z()).min().orElseThrow()).isGreaterThanOrEqualTo(-1e-3);
        assertThat(flaps.sheet().largestStretch()).isLessThan(1.002);
        assertThat(flaps.sheet().settled()).isTrue();
    }

    /** The lens of a gap is drawn as a cosine. */
    @Test
    void itFallsToTheSidesAsACosineDoes() {
        Flaps flaps = solved(0.9, 0.125, 1);
        int side = flaps.upper().length - 1;
        for (int place = 0; place <= side; place++) {
            assertThat(flaps.slip(place) / flaps.slip(0))
                    .as("at %s of %s", place, side)
                    .isCloseTo(Math.cos(Math.PI / 2 * place / side), within(0.16));
        }
    }

    @Test
    void panelsThatEndBeyondTheCoverAreRefused() {
        assertThatThrownBy(() -> Flaps.of(1, 1, 0.2, 0.4, CELLS, 0.1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Flaps.of(1, 1, 0.8, 0.4, CELLS, 0.1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Flaps.of(1, 1, 0.5, -0.1, CELLS, 0.1)).isInstanceOf(IllegalArgumentException.class);
    }
}
