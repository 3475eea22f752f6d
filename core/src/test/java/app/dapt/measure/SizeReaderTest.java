package app.dapt.measure;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.measure.SizeReader.Size;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sizes and times as people write them. */
class SizeReaderTest {

    private static final SizeReader CM =
            new SizeReader(new LengthReader(Unit.CENTIMETRE, Length.cm(10), Length.cm(300)));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "45 x 45 cm | 450 | 450",
                "45x60 | 450 | 600",
                "45,5 × 60,5 cm | 455 | 605",
                "50 cm x 700 mm | 500 | 700",
                "20 in x 50 cm | 508 | 500",
                "20 x 10 in | 508 | 254",
                "20\" by 10\" | 508 | 254",
                "45 | 450 | 450",
                "20 in | 508 | 508",
                "500 mm * 40 cm | 500 | 400"
            })
    void aSizeIsReadEitherWay(String text, int across, int upDown) {
        assertThat(CM.read(text)).contains(new Size(Length.mm(across), Length.mm(upDown)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "x", "45 x", "x 45", "45 x 45 x 10", "2 x 45", "round", "45 x ten"})
    void whatIsNoSizeIsNone(String text) {
        assertThat(CM.read(text)).isEmpty();
    }

    @Test
    void aTextThatGoesOnAndOnIsNoSizeAndIsNotLookedThrough() {
        String endless = "45" + " ".repeat(2_000_000) + "!";
        assertThat(CM.read(endless)).isEmpty();
        assertThat(SizeReader.isSize(endless)).isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "90 | 90",
                "90 min | 90",
                "1 h 30 | 90",
                "1h30 | 90",
                "1 h 30 min | 90",
                "2h | 120",
                "2 hours | 120",
                "1:30 | 90",
                "1.5 h | 90",
                "1,5 h | 90",
                "1½ h | 90",
                "½ h | 30",
                "half an hour | ",
                "1 h 75 | ",
                "-5 | ",
                "1:75 | ",
                "h | "
            })
    void aTimeIsReadInMinutes(String text, Integer minutes) {
        assertThat(DurationReader.minutes(text)).isEqualTo(Optional.ofNullable(minutes));
    }
}
