package app.dapt.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PillowTest {

    private static Pillow square(int inches) {
        return new Pillow(Length.inches(inches), Length.inches(inches));
    }

    private static Fullness fullness(int form, int cover) {
        return Fullness.of(square(form), 0.78, square(cover));
    }

    @Test
    void holdsTheGreatestVolumeTheSheetWasCalculatedToHold() {
        assertThat(square(1).greatestVolume()).isCloseTo(0.2026, within(0.0005));
        assertThat(new Pillow(Length.inches(10), Length.inches(20)).greatestVolume() / 1000)
                .isCloseTo(0.5176, within(0.001));
        assertThat(new Pillow(Length.inches(5), Length.inches(3)).greatestVolume() / 27)
                .isCloseTo(0.4116, within(0.001));
    }

    @ParameterizedTest
    @CsvSource({"20, 20, 0.78", "19, 18, 0.92", "24, 22, 1.01", "16, 18, 0.55"})
    void tellsHowFullOrdinaryPairsOfFormAndCoverAre(int form, int cover, double ratio) {
        assertThat(fullness(form, cover).ratio()).isCloseTo(ratio, within(0.01));
    }

    /**
     * 20 × (0.02 + 0.18 × 0.78) + 0.02 × 20 = 3.61; over 1, 0.8 × 20 × 0.04 more; a small one wants less, a deep one
     * more, by its size alone.
     */
    @ParameterizedTest
    @CsvSource({"0.78, 20, 20, 3.61", "1.04, 20, 20, 5.04", "1.1, 20, 20, 6.0", "0.78, 27, 82, 5.97", "0.78, 6, 6, 1.08"
    })
    void asksForTheOverlapThatHoldsAnOpeningShut(double ratio, int depth, int length, double wanted) {
        assertThat(new Fullness(ratio)
                        .overlapWanted(Length.inches(depth), Length.inches(length))
                        .toInches())
                .isCloseTo(wanted, within(0.01));
    }

    /** As solved, between what was solved, and beyond it as at the nearest. */
    @ParameterizedTest
    @CsvSource({
        "0.75, 4, 20, 2.36",
        "0.9, 2.5, 20, 3.78",
        "0.675, 4, 20, 1.85",
        "0.75, 3.25, 20, 2.72",
        "0.75, 10, 20, 1.18",
        "0.3, 8, 20, 0.7",
        "1.3, 4, 20, 3.68",
        "0.75, 4, 15, 1.28",
        "0.75, 4, 12.5, 0.86",
        "0.75, 4, 5, 0.44",
        "0.75, 4, 60, 2.36"
    })
    void flapsSlideApartTheLessTheMoreTheyOverlap(double ratio, double overlap, double length, double slip) {
        assertThat(new Fullness(ratio)
                        .slip(Length.nearInches(overlap), Length.inches(20), Length.nearInches(length))
                        .toInches())
                .isCloseTo(slip, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.45, 0.6, 0.75, 0.9})
    void readsTheFillBackFromWhatItMeasuresStraightAcross(double fill) {
        for (int height : new int[] {20, 24, 30, 40}) {
            Pillow pillow = new Pillow(Length.inches(20), Length.inches(height));
            assertThat(pillow.fillFromShareAcross(pillow.straightShareAcross(fill)))
                    .as("across 20 × %s", height)
                    .isCloseTo(fill, within(0.04));
            assertThat(pillow.fillFromShareUpDown(pillow.straightShareUpDown(fill)))
                    .as("up and down 20 × %s", height)
                    .isCloseTo(fill, within(0.04));
            assertThat(pillow.fillFromLoft(pillow.loft(fill))).isCloseTo(fill, within(0.01));
        }
    }

    @Test
    void isFullerTheLargerTheFormAndSlipsFurtherTheFullerItIs() {
        assertThat(fullness(21, 20).ratio()).isGreaterThan(fullness(20, 20).ratio());
        Length overlap = Length.inches(4);
        assertThat(new Fullness(1.2).slip(overlap, Length.inches(20), Length.inches(20)))
                .isGreaterThan(new Fullness(0.8).slip(overlap, Length.inches(20), Length.inches(20)));
        assertThat(new Fullness(0.5).band()).isEqualTo(Fullness.Band.SAGGY);
        assertThat(new Fullness(1.3).band()).isEqualTo(Fullness.Band.SEAMS_AT_RISK);
    }
}
