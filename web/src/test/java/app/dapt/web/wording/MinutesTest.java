package app.dapt.web.wording;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.measure.Mark;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long something takes, as it is said. */
class MinutesTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft", "pages"), Mark.EIGHTH);

    @ParameterizedTest
    @CsvSource({
        "0, 1 min",
        "1.4, 1 min",
        "42.5, 43 min",
        "59.4, 59 min",
        "59.6, 1 h 0 min",
        "62, 1 h 0 min",
        "63, 1 h 5 min",
        "117, 1 h 55 min",
        "118, 2 h 0 min",
        "119, 2 h 0 min"
    })
    void anHourIsFullAtItsEnd(double minutes, String said) {
        assertThat(Minutes.about(minutes, WORDS).replace('\u00a0', ' ')).isEqualTo(said);
    }
}
