package app.dapt.filling;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.filling.Fullness.Band;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FullnessTest {

    @ParameterizedTest
    @CsvSource({
        "0.5499, SAGGY",
        "0.55, SOFT",
        "0.7499, SOFT",
        "0.75, PLUMP",
        "1.0, PLUMP",
        "1.0001, DRUM_TIGHT",
        "1.2, DRUM_TIGHT",
        "1.2001, SEAMS_AT_RISK"
    })
    void aBoundBelongsToOneBand(double ratio, Band band) {
        assertThat(new Fullness(ratio).band()).isEqualTo(band);
    }
}
