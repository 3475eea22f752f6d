package app.dapt.files.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Words on paper: in the fonts that have their letters, fractions as fractions, lines no longer than they may be. */
class PdfTextTest {

    private final PDDocument document = new PDDocument();
    private final PdfFonts fonts = new PdfFonts(document);

    @AfterEach
    void close() throws IOException {
        document.close();
    }

    private List<String> runs(String text) {
        return fonts.runs(text).stream()
                .map(run -> run.text() + (run.scale() == 1 ? "" : run.raised() > 0 ? "^" : "_"))
                .toList();
    }

    /** Numerator small and raised, denominator small, the whole number a thin space before them. */
    @ParameterizedTest
    @CsvSource({
        "'21\u20442 in', '21^|\u2044|2_| in'",
        "9¼ in, '9\u2009|1^|\u2044|4_| in'",
        "½, '1^|\u2044|2_'",
        "'7\u20448 × 15\u204416', '7^|\u2044|8_| × |15^|\u2044|16_'",
        "no fraction, no fraction",
        "'a\u2060b\u00a0c', 'ab c'",
    })
    void fractionsAreSmallFiguresEitherSideOfAStroke(String text, String runs) {
        assertThat(String.join("|", runs(text))).isEqualTo(runs);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Kissen Ærø", "Подушка", "ოთახი", "枕カバー", "베개"})
    void aWordInOneScriptIsInOneFontThatHasIt(String word) {
        assertThat(runs(word)).containsExactly(word);
    }

    @Test
    void aLetterThatNoFontHasIsShownAsMissing() {
        assertThat(runs("a\ud83e\uddf5b")).last().asString().doesNotContain("\ud83e\uddf5");
        assertThat(String.join("", runs("a\ud83e\uddf5b")))
                .contains("\ufffd")
                .startsWith("a")
                .endsWith("b");
    }

    /** What is written from the right is set in the order in which it is seen. */
    @Test
    void hebrewRunsFromTheRight() {
        assertThat(String.join("", runs("כרית"))).isEqualTo("תירכ");
        assertThat(String.join("", runs("plain"))).isEqualTo("plain");
    }

    @Test
    void aTextIsAsWideAsItsRunsTogether() throws IOException {
        float whole = fonts.width("3 ½ in", 10);
        float sum = 0;
        for (PdfFonts.Run run : fonts.runs("3 ½ in")) {
            sum += run.width(10);
        }
        assertThat(whole).isEqualTo(sum).isPositive();
        assertThat(fonts.width("3 ½ in", 20)).isCloseTo(2 * whole, within(.01f));
        assertThat(fonts.width("figure", 10)).isGreaterThan(fonts.width("fig", 10));
        assertThat(fonts.width("1111", 10)).as("figures of one breadth").isEqualTo(fonts.width("8888", 10));
    }

    private Printed printed(Writing writing) throws IOException {
        try (PdfDocument pdf = new PdfDocument()) {
            try (PdfSheet sheet = pdf.sheet(PDRectangle.A4)) {
                writing.on(sheet);
            }
            return Printed.pages(pdf.bytes("Test")).get(0);
        }
    }

    private interface Writing {
        void on(PdfSheet sheet) throws IOException;
    }

    /** Broken between words where the next would reach beyond; each line 1.4 of its size below the one before. */
    @Test
    void aParagraphIsBrokenBeforeItIsTooLong() throws IOException {
        String text = "Lay the second panel over the first so that both hems point the same way and pin them";
        double[] last = new double[1];
        Printed page = printed(sheet -> last[0] = sheet.paragraph(text, 20, 30, 11, 50));
        List<Printed.Words> lines = page.words();
        assertThat(lines).hasSizeGreaterThan(2);
        assertThat(String.join(
                        " ", lines.stream().map(line -> line.text().strip()).toList()))
                .isEqualTo(text);
        double step = 11 * 25.4 / 72 * 1.4;
        for (int i = 0; i < lines.size(); i++) {
            assertThat(lines.get(i).left()).isCloseTo(20, within(.6));
            assertThat(lines.get(i).right()).isLessThanOrEqualTo(70.6);
            assertThat(lines.get(i).baseline()).isCloseTo(30 + i * step, within(.05));
            if (i + 1 < lines.size()) {
                String next = lines.get(i + 1).text().strip().split(" ")[0];
                assertThat(lines.get(i).right() + fonts.width(" " + next, 11) * 25.4 / 72)
                        .as("%s would have fitted", next)
                        .isGreaterThan(70);
            }
        }
        assertThat(last[0]).as("where the last one stands").isCloseTo(30 + (lines.size() - 1) * step, within(.05));
        Printed one = printed(sheet -> last[0] = sheet.paragraph("short", 20, 30, 11, 50));
        assertThat(one.words()).singleElement().satisfies(line -> assertThat(line.baseline())
                .isCloseTo(30, within(.05)));
        assertThat(last[0]).isEqualTo(30);
    }

    /** Level words have their middle on the place; upright ones too, read from above. */
    @ParameterizedTest
    @CsvSource({"0, 100, 60", "90, 100, 60"})
    void wordsAlongALineStandAboutItsMiddle(double degrees, double middle, double down) throws IOException {
        Printed page = printed(sheet -> sheet.along("on the fold", middle, down, degrees, 10));
        Printed.Words words = page.words().get(0);
        double wide = fonts.width("on the fold", 10) * 25.4 / 72;
        assertThat(words.right() - words.left()).isCloseTo(wide, within(.3));
        double centre = (words.left() + words.right()) / 2;
        double lift = 10 * 25.4 / 72 / 4;
        if (degrees == 0) {
            assertThat(centre).isCloseTo(middle, within(.3));
            assertThat(words.baseline()).as("just above the line").isCloseTo(down - lift, within(.05));
        } else {
            // Read with the page turned: what was down is now along.
            assertThat(centre).isCloseTo(down, within(.3));
            assertThat(page.wide() - words.baseline()).isCloseTo(middle + lift, within(.05));
        }
    }
}
