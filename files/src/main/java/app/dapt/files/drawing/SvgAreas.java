package app.dapt.files.drawing;

import app.dapt.cover.decision.Cloths;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.piece.Piece.Material;
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

    Markup write(Markup svg, Area area) {
        StringBuilder path = new StringBuilder();
        area.outlines().forEach(outline -> path.append(pen.drawn(outline, !isLine(area.paint()))));
        return path.isEmpty() ? svg : area.paint().match(new Painter(this, svg, path.toString()));
    }

    /** Fills or strokes a path with a paint. */
    private record Painter(SvgAreas areas, Markup svg, String path) implements Paint.Paints<Markup> {

        @Override
        public Markup ground(Paint.Ground ground) {
            svg.empty("path", "fill", areas.cloths.of(ground.material()).colour(), "d", path);
            return ground.rightSide() ? svg : svg.empty("path", "class", "wrong-side", "d", path);
        }

        @Override
        public Markup trimming(Paint.Trimming trimming) {
            String colour = areas.cloths.of(trimming.material()).colour();
            return svg.empty("path", "class", "trim-band", "fill", colour, "d", path);
        }

        @Override
        public Markup printed(Paint.Printed printed) {
            String ink = areas.swatch(printed.material()).ink(printed.ink());
            double thick = Math.max(THINNEST, areas.pen.mm(printed.stroke()));
            return isLine(printed)
                    ? svg.empty("path", "fill", "none", "stroke", ink, "stroke-width", thick, "d", path)
                    : svg.empty("path", "fill", ink, "fill-opacity", printed.opacity(), "d", path);
        }

        @Override
        public Markup pictured(Paint.Pictured picture) {
            String name = svg.name(areas.id + "-cell");
            areas.swatch(picture.material()).write(svg, name, areas.placed(picture));
            return svg.empty("path", "fill", "url(#" + name + ")", "d", path);
        }

        @Override
        public Markup tone(Paint.Tone tone) {
            String light = tone.light() > 0 ? "lit" : "dim";
            return svg.empty("path", "class", light, "fill-opacity", Math.abs(tone.light()), "d", path);
        }

        @Override
        public Markup gap(Paint.Gap gap) {
            return svg.empty("path", "class", "gap", "d", path);
        }

        @Override
        public Markup cast(Paint.Cast shadow) {
            return svg.empty("path", "class", "cast", "d", path);
        }
    }

    private Swatch swatch(Material material) {
        return new Swatch(cloths.of(material), pen.scale());
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
