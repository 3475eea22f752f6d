package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How SVG is put into text, and lengths into user units. */
class MarkupTest {

    @ParameterizedTest
    @CsvSource({
        "0, 0",
        "3, 3",
        "-3, -3",
        "2.5, 2.5",
        "-0.004, 0",
        "0.005, 0.01",
        "0.04, 0.04",
        "-0.05, -0.05",
        "12.345, 12.35",
        "12.301, 12.3",
        "-12.999, -13",
        "1234567, 1234567",
        "0.1, 0.1",
        "0.99, 0.99",
    })
    void numbersAreShortAndToAHundredth(double value, String shown) {
        assertThat(Markup.number(value)).isEqualTo(shown);
    }

    @Test
    void whateverIsWrittenReadsBackAndNothingOfItIsMarkup() {
        String words = "1 < 2 & \"three\" > 'two' ⅞ </text>";
        Markup markup = new Markup().open("g", Map.of("id", words)).saying("text", words, "x", 1.25, "y", 7);
        String svg = markup.empty("path", "d", "M0 0").close("g").toString();
        assertThat(Drawn.read(svg).getAttribute("id")).isEqualTo(words);
        assertThat(Drawn.all(Drawn.read(svg), "text")).singleElement().satisfies(text -> {
            assertThat(text.getTextContent()).isEqualTo(words);
            assertThat(text.getAttribute("x")).isEqualTo("1.25");
            assertThat(text.getAttribute("y")).isEqualTo("7");
        });
        assertThat(Drawn.all(Drawn.read(svg), "path")).hasSize(1);
        assertThat(markup.name("cell")).isNotEqualTo(markup.name("cell")).startsWith("cell");
    }

    @Test
    void theLongerSideTakesWhatItIsGiven() {
        Pen wide = Pen.fitting(Length.inches(40), Length.inches(20), 300);
        assertThat(wide.px(Length.inches(40))).isCloseTo(300, within(1e-9));
        Pen high = Pen.fitting(Length.inches(20), Length.inches(60), 300);
        assertThat(high.px(Length.inches(60))).isCloseTo(300, within(1e-9));
        assertThat(high.mm(254)).isCloseTo(50, within(1e-9));
        assertThat(Pen.finest(Stream.of(wide, high, wide)))
                .as("the one at which both fit")
                .isEqualTo(high);
        assertThatThrownBy(() -> Pen.finest(Stream.of())).hasMessageContaining("nothing to draw");
    }

    private static List<Point> star(int points) {
        List<Point> star = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double r = i % 2 == 0 ? 100 : 70;
            star.add(new Point(r * Math.cos(2 * Math.PI * i / points), r * Math.sin(2 * Math.PI * i / points)));
        }
        return star;
    }

    /** Steps that are rounded each from the one before would drift; these are rounded where they stand. */
    @Test
    void aShortenedPathEndsWhereItShould() {
        List<Point> walk = new ArrayList<>();
        for (int i = 0; i <= 400; i++) {
            walk.add(new Point(i * 1.2345, i * i * .0123));
        }
        Pen pen = new Pen(12);
        String drawn = pen.drawn(walk, false);
        Matcher step = Pattern.compile("[Ml](-?[\\d.]+) (-?[\\d.]+)").matcher(drawn);
        double x = 0;
        double y = 0;
        int steps = 0;
        while (step.find()) {
            x += Double.parseDouble(step.group(1));
            y += Double.parseDouble(step.group(2));
            steps++;
        }
        Point last = walk.get(400);
        assertThat(steps).isEqualTo(401);
        assertThat(x).isCloseTo(pen.mm(last.x()), within(.051));
        assertThat(y).isCloseTo(pen.mm(last.y()), within(.051));
        assertThat(drawn).doesNotEndWith("Z");
        assertThat(pen.drawn(star(6), true)).endsWith("Z");
        assertThat(pen.drawn(List.of(walk.get(0), walk.get(0), walk.get(9)), false))
                .as("a step of nothing is none")
                .containsOnlyOnce("l");
    }

    /** A polygon loses the corners that nobody would miss, a line and a shape of few corners none. */
    @Test
    void onlyWhatNobodyWouldMissIsLeftOut() {
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < 2_000; i++) {
            round.add(new Point(100 * Math.cos(Math.PI * i / 1_000), 100 * Math.sin(Math.PI * i / 1_000)));
        }
        Pen pen = new Pen(12);
        String path = pen.path(new Contour(round));
        assertThat(path.split("L")).hasSizeBetween(20, 200);
        assertThat(pen.path(round, false).split("L")).hasSize(2_000);
        assertThat(pen.path(star(8), true).split("L")).hasSize(8);
        assertThat(pen.path(star(20), true).split("L")).hasSize(20);
        assertThat(pen.path(List.of(), true)).isEqualTo("M0 0");
        assertThat(pen.path(star(6), true)).endsWith("Z");
        assertThat(pen.path(star(6), false)).doesNotEndWith("Z");
    }

    /** A tick at each unit but the ends, the long ones deeper, growing from the tape's edge. */
    @Test
    void aTapeIsTickedFromEitherEdge() {
        assertThat(Pen.ticks(true, 40, 10, 2, 0)).isEqualTo("M10 0V4M20 0V7.5M30 0V4");
        assertThat(Pen.ticks(true, 40, 10, 2, 16)).isEqualTo("M10 16V12M20 16V8.5M30 16V12");
        assertThat(Pen.ticks(false, 25, 10, 4, 0)).isEqualTo("M0 10H4M0 20H4");
        assertThat(Pen.ticks(true, 10, 10, 2, 0)).as("too short for any").isEqualTo("M0 0");
        assertThat(Pen.line(1, 2.5, -3, 4)).isEqualTo("M1 2.5L-3 4");
        assertThat(Pen.moved(1.005, -2)).isEqualTo("translate(1 -2)");
    }
}
