package app.dapt.files;

import app.dapt.cover.decision.Cloths;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Writes areas as SVG paths, each in its paint.
 *
 * @param id begins the names of patterns
 */
record SvgAreas(Cloths cloths, Pen pen, String id) {

    /** A line of a print thinner than this is not seen, in user units. */
    private static final double THINNEST = .4;

    void write(Markup svg, Area area) {
        StringBuilder path = new StringBuilder();
        area.outlines().forEach(outline -> path.append(pen.drawn(outline, !isLine(area.paint()))));
        if (path.isEmpty()) {
            return;
        }
        Paint paint = area.paint();
        if (paint instanceof Paint.Ground ground) {
            svg.empty("path", "fill", cloths.of(ground.material()).colour(), "d", path);
            if (!ground.rightSide()) {
                svg.empty("path", "class", "wrong-side", "d", path);
            }
        } else if (paint instanceof Paint.Trimming trimming) {
            svg.empty(
                    "path",
                    "class",
                    "trim-band",
                    "fill",
                    cloths.of(trimming.material()).colour(),
                    "d",
                    path);
        } else if (paint instanceof Paint.Printed printed) {
            String ink = new Swatch(cloths.of(printed.material()), pen.scale()).ink(printed.ink());
            if (isLine(paint)) {
                double thick = Math.max(THINNEST, pen.mm(printed.stroke()));
                svg.empty("path", "fill", "none", "stroke", ink, "stroke-width", thick, "d", path);
            } else {
                svg.empty("path", "fill", ink, "fill-opacity", printed.opacity(), "d", path);
            }
        } else if (paint instanceof Paint.Pictured picture) {
            String name = svg.name(id + "-cell");
            new Swatch(cloths.of(picture.material()), pen.scale()).write(svg, name, placed(picture));
            svg.empty("path", "fill", "url(#" + name + ")", "d", path);
        } else if (paint instanceof Paint.Tone tone) {
            svg.empty(
                    "path",
                    "class",
                    tone.light() > 0 ? "lit" : "dim",
                    "fill-opacity",
                    Math.abs(tone.light()),
                    "d",
                    path);
        } else {
            svg.empty("path", "class", paint instanceof Paint.Gap ? "gap" : "cast", "d", path);
        }
    }

    private String placed(Paint.Pictured picture) {
        List<Double> matrix = new ArrayList<>(picture.mapping());
        matrix.set(4, pen.mm(matrix.get(4)));
        matrix.set(5, pen.mm(matrix.get(5)));
        return matrix.stream()
                .map(value -> String.format(Locale.ROOT, "%.3f", value))
                .collect(Collectors.joining(" ", "matrix(", ") rotate(" + Markup.number(picture.turned()) + ")"));
    }

    private static boolean isLine(Paint paint) {
        return paint instanceof Paint.Printed printed && printed.stroke() > 0;
    }
}
