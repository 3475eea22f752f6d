package app.dapt.files.drawing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;

/** A plot along a number line as SVG: one row a thing, bands for what it may be, a stitch for each that was seen. */
public final class SvgPlot {

    private static final double LABELS = 132;
    private static final double WIDE = 400;
    private static final double MARGIN = 18;
    private static final double ROW = 40;
    private static final double TICKS = 26;
    private static final double STITCH = 11;
    private static final double NEAR = 5;
    private static final int STACKED = 3;

    /**
     * The line.
     *
     * @param step between two figures on it
     * @param says what stands at a figure
     */
    public record Scale(double least, double most, double step, DoubleFunction<String> says) {

        double at(double value) {
            double share = (Math.max(least, Math.min(most, value)) - least) / (most - least);
            return LABELS + MARGIN + share * (WIDE - 2 * MARGIN);
        }
    }

    /** How a band or a stitch is drawn. */
    public enum Look {
        /** What is usual. */
        USUAL,
        /** Somebody's own. */
        OWN,
        /** What went wrong. */
        WRONG;

        private String styled() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** From one value to another. */
    public record Band(double from, double to, Look look) {}

    /** One that was seen, and what to say of it. */
    public record Stitch(double at, Look look, String says) {}

    /** One row. */
    public record Row(String label, List<Band> bands, Optional<Double> mean, List<Stitch> stitches) {
        public Row {
            bands = List.copyOf(bands);
            stitches = stitches.stream()
                    .sorted((a, b) -> Double.compare(a.at(), b.at()))
                    .toList();
        }
    }

    private SvgPlot() {}

    /** @param described what it shows, for somebody who does not see it */
    public static String write(Scale scale, List<Row> rows, String described) {
        double high = rows.size() * ROW + TICKS;
        Markup svg = new Markup();
        svg.open(
                "svg",
                "class",
                "plot",
                "viewBox",
                "0 0 " + shown(LABELS + WIDE) + " " + shown(high),
                "width",
                shown(LABELS + WIDE),
                "height",
                shown(high),
                "role",
                "img",
                "aria-label",
                described);
        for (double value = scale.least(); value <= scale.most() + scale.step() / 2; value += scale.step()) {
            double x = scale.at(value);
            line(svg, "plot-tick", x, 0, x, high - TICKS + 4);
            label(svg, "plot-figure", x, high - 8, "middle", scale.says().apply(value));
        }
        for (int i = 0; i < rows.size(); i++) {
            row(svg, scale, rows.get(i), i * ROW);
        }
        return svg.close("svg").toString();
    }

    private static void row(Markup svg, Scale scale, Row row, double top) {
        double middle = top + ROW / 2;
        label(svg, "plot-label", 0, middle + 5, "start", row.label());
        for (Band band : row.bands()) {
            double from = scale.at(band.from());
            svg.empty(
                    "rect",
                    "class",
                    "plot-band " + band.look().styled(),
                    "x",
                    shown(from),
                    "y",
                    shown(top + (band.look() == Look.USUAL ? 3 : 9)),
                    "width",
                    shown(Math.max(1, scale.at(band.to()) - from)),
                    "height",
                    shown(ROW - (band.look() == Look.USUAL ? 6 : 18)));
        }
        line(svg, "plot-line", LABELS, middle, LABELS + WIDE, middle);
        row.mean().ifPresent(mean -> line(svg, "plot-mean", scale.at(mean), top + 4, scale.at(mean), top + ROW - 4));
        double before = Double.NEGATIVE_INFINITY;
        int stacked = 0;
        for (Stitch stitch : row.stitches()) {
            double x = scale.at(stitch.at());
            stacked = x - before < NEAR ? (stacked + 1) % STACKED : 0;
            before = x;
            // One beside the other where they would lie on each other.
            double y = middle + (stacked == 0 ? 0 : stacked == 1 ? -STITCH : STITCH);
            svg.open(
                    "line",
                    "class",
                    "plot-stitch " + stitch.look().styled(),
                    "x1",
                    shown(x - 1.5),
                    "y1",
                    shown(y + STITCH / 2),
                    "x2",
                    shown(x + 1.5),
                    "y2",
                    shown(y - STITCH / 2));
            svg.open("title").words(stitch.says()).close("title").close("line");
        }
    }

    private static void line(Markup svg, String look, double x1, double y1, double x2, double y2) {
        svg.empty("line", "class", look, "x1", shown(x1), "y1", shown(y1), "x2", shown(x2), "y2", shown(y2));
    }

    private static void label(Markup svg, String look, double x, double y, String anchor, String words) {
        svg.open("text", "class", look, "x", shown(x), "y", shown(y), "text-anchor", anchor)
                .words(words)
                .close("text");
    }

    private static String shown(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
