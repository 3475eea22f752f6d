package app.dapt.web.entry;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Scrap;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Remnants as they are typed. */
class ScrapEntryTest {

    private static final Words INCHES = words(Mark.EIGHTH);
    private static final Words CENTIMETRES = words(Mark.MILLIMETRE);

    private static Words words(Mark mark) {
        return new Words(Wordbook.load(English.US, "craft", "pages"), mark);
    }

    private static Optional<Scrap> read(Words words, Map<String, String> typed) {
        return ScrapEntry.read(new Entries(typed, words), words, 4);
    }

    @Test
    void twoSidesMakeARectangleAndANameIsFoundForIt() {
        assertThat(read(
                        INCHES,
                        Map.of(
                                "scrap-name",
                                " ",
                                "scrap-wide",
                                "18",
                                "scrap-deep",
                                "22 1/2",
                                "corners",
                                "",
                                "spots",
                                "")))
                .contains(Scrap.rectangle("Remnant 4", Length.inches(18), Length.inches(22, 1, 2)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0; 0\n30; 0\n12 1/2; 20", "0,0\n30, 0\n12 1/2, 20", "0 × 0\n\n 30 x 0 \n12½ × 20"})
    void cornersStandOneALine(String corners) {
        Scrap scrap = read(INCHES, Map.of("scrap-name", "torn", "corners", corners, "spots", ""))
                .orElseThrow();
        assertThat(scrap.corners())
                .containsExactly(
                        new Scrap.Corner(Length.ZERO, Length.ZERO),
                        new Scrap.Corner(Length.inches(30), Length.ZERO),
                        new Scrap.Corner(Length.inches(12, 1, 2), Length.inches(20)));
    }

    @Test
    void aDecimalCommaIsNoSeparator() {
        Scrap scrap = read(
                        CENTIMETRES,
                        Map.of("scrap-name", "torn", "corners", "0; 0\n37,5; 0\n37,5; 20", "spots", "3,5; 4; 2"))
                .orElseThrow();
        assertThat(scrap.corners().get(1).across()).isEqualTo(Length.mm(375));
        assertThat(scrap.spots())
                .containsExactly(new Scrap.Spoilt(Length.mm(35), Length.mm(40), Length.mm(20), Length.mm(20)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "corners | 0; 0 / 9 | is not two lengths",
                "corners | 0; 0 / 30; 30 / 30; 0 / 0; 30 | crosses itself",
                "corners | 0; 0 / 30; 30 | at least three corners",
                "corners | 0; 0 / 10; 0 / 30; 0 | all on one line",
                "corners | here; there / 1; 2 / 3; 4 | is not two lengths",
                "spots | 5; 6 | is not three or four lengths",
                "spots | 5; 6; 0 | is not three or four lengths",
                "spots | 5; 6; 2; 2; 2 | is not three or four lengths"
            })
    void nonsenseIsRefusedWithTheLine(String field, String lines, String refusal) {
        Map<String, String> typed = Map.of(
                "scrap-name",
                "torn",
                "scrap-wide",
                "20",
                "scrap-deep",
                "20",
                "corners",
                field.equals("corners") ? lines.replace(" / ", "\n") : "",
                "spots",
                field.equals("spots") ? lines : "");
        Entries entries = new Entries(typed, INCHES);
        assertThat(ScrapEntry.read(entries, INCHES, 1)).isEmpty();
        assertThat(entries.refusal(field).orElse("")).contains(refusal);
    }

    @Test
    void sidesThatAreMissingAreAskedFor() {
        Entries entries = new Entries(
                Map.of("scrap-name", "", "scrap-wide", "18", "scrap-deep", "", "corners", "", "spots", ""), INCHES);
        assertThat(ScrapEntry.read(entries, INCHES, 1)).isEmpty();
        assertThat(entries.refusal("scrap-deep").orElse("")).contains("Enter a width or length");
    }

    @Test
    void moreCornersThanAnyRemnantHasAreRefused() {
        Entries entries = new Entries(Map.of("corners", "1; 1\n".repeat(Scrap.MOST_CORNERS + 1), "spots", ""), INCHES);
        assertThat(ScrapEntry.read(entries, INCHES, 1)).isEmpty();
        assertThat(entries.refusal("corners").orElse("")).contains("At most 40 lines");
    }

    @Test
    void whatIsShownReadsBackAsItIs() {
        Scrap scrap = read(
                        INCHES,
                        Map.of(
                                "scrap-name",
                                "torn",
                                "corners",
                                "0; 0\n30 5/8; 0\n12 1/2; 20 1/16",
                                "spots",
                                "3; 4 3/4; 2; 1"))
                .orElseThrow();
        assertThat(read(
                        INCHES,
                        Map.of(
                                "scrap-name",
                                "torn",
                                "corners",
                                ScrapEntry.corners(scrap, INCHES),
                                "spots",
                                ScrapEntry.spots(scrap, INCHES))))
                .contains(scrap);
    }
}
