package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.files.drawing.SvgPlot.Band;
import app.dapt.files.drawing.SvgPlot.Look;
import app.dapt.files.drawing.SvgPlot.Row;
import app.dapt.files.drawing.SvgPlot.Scale;
import app.dapt.files.drawing.SvgPlot.Stitch;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;

/** What one's own covers have taught, drawn along a line. */
class SvgPlotTest {

    private static final Scale SCALE = new Scale(50, 100, 10, value -> Math.round(value) + " %");

    private static Element plot(Row... rows) {
        return Drawn.read(SvgPlot.write(SCALE, List.of(rows), "How full <she> likes them"));
    }

    private static Row row(List<Band> bands, Optional<Double> mean, Stitch... stitches) {
        return new Row("feather", bands, mean, List.of(stitches));
    }

    private static double middle(Element stitch) {
        return (Drawn.number(stitch, "y1") + Drawn.number(stitch, "y2")) / 2;
    }

    @Test
    void theLineHasAFigureAtEachStepEvenlySpaced() {
        Element plot = plot(row(List.of(), Optional.empty()));
        assertThat(plot.getAttribute("aria-label")).isEqualTo("How full <she> likes them");
        List<Element> figures = Drawn.classed(plot, "text", "plot-figure");
        assertThat(figures)
                .extracting(Element::getTextContent)
                .containsExactly("50 %", "60 %", "70 %", "80 %", "90 %", "100 %");
        double step = Drawn.number(figures.get(1), "x") - Drawn.number(figures.get(0), "x");
        List<Element> ticks = Drawn.classed(plot, "line", "plot-tick");
        for (int i = 0; i < figures.size(); i++) {
            assertThat(Drawn.number(figures.get(i), "x"))
                    .isCloseTo(Drawn.number(figures.get(0), "x") + i * step, within(.11))
                    .isEqualTo(Drawn.number(ticks.get(i), "x1"))
                    .isEqualTo(Drawn.number(ticks.get(i), "x2"));
        }
        assertThat(Drawn.number(figures.get(5), "x") + 10).as("inside the plot").isLessThan(width(plot));
    }

    private static double width(Element plot) {
        return Drawn.number(plot, "width");
    }

    @Test
    void aBandReachesFromValueToValueAndAMeanStandsAtItsOwn() {
        Element plot = plot(row(List.of(new Band(60, 80, Look.USUAL), new Band(70, 70, Look.OWN)), Optional.of(90.0)));
        List<Element> figures = Drawn.classed(plot, "text", "plot-figure");
        Element usual = Drawn.classed(plot, "rect", "usual").get(0);
        assertThat(Drawn.number(usual, "x")).isEqualTo(Drawn.number(figures.get(1), "x"));
        assertThat(Drawn.number(usual, "x") + Drawn.number(usual, "width"))
                .isCloseTo(Drawn.number(figures.get(3), "x"), within(.11));
        Element own = Drawn.classed(plot, "rect", "own").get(0);
        assertThat(Drawn.number(own, "width"))
                .as("nothing wide is seen all the same")
                .isEqualTo(1);
        assertThat(Drawn.number(own, "height")).as("one's own inside the usual").isLessThan(height(usual));
        assertThat(Drawn.number(own, "y") + Drawn.number(own, "height") / 2)
                .isEqualTo(Drawn.number(usual, "y") + height(usual) / 2);
        Element mean = Drawn.classed(plot, "line", "plot-mean").get(0);
        assertThat(Drawn.number(mean, "x1"))
                .isEqualTo(Drawn.number(figures.get(4), "x"))
                .isEqualTo(Drawn.number(mean, "x2"));
        assertThat(Drawn.classed(plot(row(List.of(), Optional.empty())), "line", "plot-mean"))
                .isEmpty();
    }

    private static double height(Element rect) {
        return Drawn.number(rect, "height");
    }

    /** What lies beyond the line stands at its end; what would lie on another stands above or below it. */
    @Test
    void stitchesAreInOrderInsideTheLineAndNoneHidesAnother() {
        Element plot = plot(row(
                List.of(),
                Optional.empty(),
                new Stitch(140, Look.WRONG, "drum"),
                new Stitch(75, Look.OWN, "one"),
                new Stitch(75.2, Look.OWN, "two"),
                new Stitch(75.1, Look.OWN, "three & more"),
                new Stitch(75.3, Look.OWN, "four"),
                new Stitch(10, Look.OWN, "flat")));
        List<Element> stitches = Drawn.classed(plot, "line", "plot-stitch");
        assertThat(stitches)
                .extracting(Element::getTextContent)
                .containsExactly("flat", "one", "three & more", "two", "four", "drum");
        assertThat(Drawn.classed(plot, "line", "wrong")).hasSize(1);
        List<Element> figures = Drawn.classed(plot, "text", "plot-figure");
        assertThat(Drawn.number(stitches.get(0), "x1") + 1.5).isCloseTo(Drawn.number(figures.get(0), "x"), within(.11));
        assertThat(Drawn.number(stitches.get(5), "x1") + 1.5).isCloseTo(Drawn.number(figures.get(5), "x"), within(.11));
        double line = Drawn.number(Drawn.classed(plot, "line", "plot-line").get(0), "y1");
        assertThat(middle(stitches.get(1))).isCloseTo(line, within(.11));
        assertThat(middle(stitches.get(2))).isLessThan(line - 10);
        assertThat(middle(stitches.get(3))).isGreaterThan(line + 10);
        assertThat(middle(stitches.get(4))).as("round again").isCloseTo(line, within(.11));
    }

    @Test
    void rowsStandBelowEachOtherAndTheFiguresBelowThemAll() {
        Element plot = plot(row(List.of(), Optional.empty()), row(List.of(), Optional.empty()));
        List<Element> labels = Drawn.classed(plot, "text", "plot-label");
        assertThat(labels).hasSize(2);
        double row = Drawn.number(labels.get(1), "y") - Drawn.number(labels.get(0), "y");
        assertThat(row).isGreaterThanOrEqualTo(30);
        double figures = Drawn.number(Drawn.classed(plot, "text", "plot-figure").get(0), "y");
        assertThat(figures).isGreaterThan(Drawn.number(labels.get(1), "y") + 10).isLessThan(height(plot));
        assertThat(plot.getAttribute("viewBox"))
                .isEqualTo("0 0 " + plot.getAttribute("width") + " " + plot.getAttribute("height"));
    }
}
