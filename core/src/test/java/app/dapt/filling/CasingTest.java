package app.dapt.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is known of casings without solving them. */
class CasingTest {

    private static final Length TWENTY = Length.inches(20);
    private static final Disc DISC = new Disc(TWENTY);
    private static final Pillow SQUARE = new Pillow(TWENTY, TWENTY);

    @Test
    void aQuiteFullDiscIsTheMylarBalloon() {
        assertThat(DISC.greatestVolume()).isCloseTo(1218.52, within(0.01));
        assertThat(DISC.straightShareAcross(1)).isCloseTo(0.76276, within(1e-9));
        assertThat(DISC.straightShareUpDown(1)).isCloseTo(0.76276, within(1e-9));
        assertThat(DISC.loft(1).toInches()).isCloseTo(9.1389, within(1e-4));
        assertThat(DISC.shortSide()).isEqualTo(TWENTY);
    }

    @Test
    void onTheWayThereADiscDrawsInAndRisesAsASquareDoes() {
        assertThat(DISC.straightShareAcross(0)).isEqualTo(1);
        assertThat(DISC.straightShareAcross(0.5)).isCloseTo(1 - 0.036 * 0.23724 / 0.288, within(1e-9));
        assertThat(DISC.loft(0.5).toInches()).isCloseTo(0.215 / 0.502 * 9.1389, within(1e-4));
        assertThat(DISC.fillFromShareAcross(DISC.straightShareAcross(0.65))).isCloseTo(0.65, within(1e-6));
        assertThat(DISC.fillFromShareUpDown(DISC.straightShareUpDown(0.85))).isCloseTo(0.85, within(1e-6));
        assertThat(DISC.fillFromLoft(DISC.loft(0.7))).isCloseTo(0.7, within(1e-4));
    }

    @ParameterizedTest
    @CsvSource({
        "18, 24, 0.5, .9575, .97151, 4.329",
        "24, 18, 0.5, .97151, .9575, 4.329",
        "20, 60, 0.5, .951, .97900, 5.32",
        "20, 20, 0.55, .9555, .9555, 4.7",
        "20, 20, 0, 1, 1, 0",
        "20, 20, -1, 1, 1, 0",
        "20, 20, 2, .712, .712, 10.04",
        "20, 20, 0.3, .987, .987, 2.7"
    })
    void drawsInAndRisesByTheTable(int width, int height, double fill, double across, double upDown, double loft) {
        Pillow pillow = new Pillow(Length.inches(width), Length.inches(height));
        assertThat(pillow.straightShareAcross(fill)).isCloseTo(across, within(1e-4));
        assertThat(pillow.straightShareUpDown(fill)).isCloseTo(upDown, within(1e-4));
        assertThat(pillow.loft(fill).toInches()).isCloseTo(loft, within(1e-3));
    }

    @Test
    void theGreatestVolumeOfASquareAndOfItsEars() {
        assertThat(SQUARE.greatestVolume()).isCloseTo(1620.7, within(0.1));
        assertThat(SQUARE.ear(0.75).toInches()).isCloseTo(0.535, within(1e-3));
        assertThat(SQUARE.ear(1).toInches()).as("no fuller than can be drawn").isCloseTo(1.5775, within(1e-3));
        assertThat(new Pillow(TWENTY, Length.inches(40)).ear(0.75)).isEqualTo(SQUARE.ear(0.75));
    }

    @Test
    void chambersAreTheirPillowsSideBySide() {
        Chambers three = new Chambers(3, SQUARE, false);
        assertThat(three.greatestVolume()).isCloseTo(3 * SQUARE.greatestVolume(), within(1e-9));
        assertThat(three.straightShareAcross(0.9)).isCloseTo(0.841, within(1e-9));
        assertThat(three.straightShareUpDown(0.9)).isCloseTo(0.841, within(1e-9));
        assertThat(three.loft(0.9)).isEqualTo(SQUARE.loft(0.9));
        Chambers bent = new Chambers(2, SQUARE, true);
        assertThat(bent.straightShareAcross(0.9)).isEqualTo(1);
        assertThat(bent.straightShareUpDown(0.9)).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        ".5499, SAGGY",
        ".55, SOFT",
        ".7499, SOFT",
        ".75, PLUMP",
        "1, PLUMP",
        "1.0001, DRUM_TIGHT",
        "1.2, DRUM_TIGHT",
        "1.2001, SEAMS_AT_RISK"
    })
    void aFullnessIsCalledWhatItIs(double ratio, Fullness.Band band) {
        assertThat(new Fullness(ratio).band()).isEqualTo(band);
    }

    @Test
    void lessClothIsFuller() {
        assertThat(new Fullness(0.75).inSmaller(0.81).ratio()).isCloseTo(0.75 / 0.729, within(1e-9));
        assertThat(new Fullness(0.916).percent()).isEqualTo(92);
        assertThat(Fullness.of(SQUARE, 0.78, new Pillow(Length.inches(18), Length.inches(18)))
                        .ratio())
                .isCloseTo(0.78 * Math.pow(20 / 18.0, 3), within(1e-9));
    }
}
