package app.dapt.files.drawing;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Motif;
import app.dapt.cloth.Motif.Ink;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.measure.Length;

/**
 * A cloth as an SVG pattern, its print at the scale of the drawing.
 *
 * @param scale user units to the inch
 */
public record Swatch(Cloth cloth, double scale) {

    private static final String CHALK = "#f4f5f1";
    private static final String NAVY = "#1e3355";
    private static final String WELD = "#e2b93b";

    /** Writes the pattern under this name as it lies on the cloth. */
    public void write(Markup svg, String id) {
        write(svg, id, "rotate(0)");
    }

    /**
     * Writes the pattern as it lies on an upright piece, or on one cut upside down: of a cloth used sideways a quarter
     * turn round.
     */
    public void write(Markup svg, String id, boolean turned) {
        write(svg, id, "rotate(" + ((turned ? 180 : 0) + (cloth.sideways() ? 90 : 0)) + ")");
    }

    /** Writes the pattern so that the middle of a repeat, where the motif is, falls on a place. */
    public void writeCentred(Markup svg, String id, double x, double y) {
        write(
                svg,
                id,
                "translate(" + Markup.number(x - px(tile().across()) / 2) + " "
                        + Markup.number(y - px(tile().along()) / 2) + ")" + (cloth.sideways() ? " rotate(90)" : ""));
    }

    /** Writes the pattern so that a point of the print falls on a place of an upright piece. */
    public void writeAt(Markup svg, String id, double x, double y, double across, double along) {
        write(
                svg,
                id,
                "translate(" + Markup.number(x) + " " + Markup.number(y) + ")" + (cloth.sideways() ? " rotate(90)" : "")
                        + " translate(" + Markup.number(-across) + " " + Markup.number(-along) + ")");
    }

    /** Writes the pattern placed by a transformation. */
    void write(Markup svg, String id, String placed) {
        if (cloth.photo().isPresent()) {
            photo(svg, id, placed, cloth.photo().get());
            return;
        }
        double wide = px(tile().across());
        double high = px(tile().along());
        svg.open(
                "pattern",
                "id",
                id,
                "patternUnits",
                "userSpaceOnUse",
                "width",
                wide,
                "height",
                high,
                "patternTransform",
                placed);
        svg.empty("rect", "width", wide, "height", high, "fill", cloth.colour());
        // Prints are drawn on a square and stretched to the cloth's own repeat.
        svg.open("g", "transform", "scale(1 " + Markup.number(high / wide) + ")");
        if (cloth.print() == Print.PLAIN) {
            svg.empty("path", "d", "M0 .5H" + Markup.number(wide), "stroke", ink(Ink.ACCENT), "stroke-opacity", ".07");
        }
        cloth.print().motifs().forEach(motif -> motif(svg, motif, wide));
        svg.close("g").close("pattern");
    }

    /** The picture of the cloth, laid edge to edge. */
    private void photo(Markup svg, String id, String placed, Photo photo) {
        svg.open(
                "pattern",
                "id",
                id,
                "patternUnits",
                "userSpaceOnUse",
                "width",
                px(photo.wide()),
                "height",
                px(photo.high()),
                "patternTransform",
                placed);
        svg.empty("rect", "width", px(photo.wide()), "height", px(photo.high()), "fill", cloth.colour());
        svg.empty(
                "image",
                "href",
                "/pictures/" + photo.number(),
                "width",
                px(photo.wide()),
                "height",
                px(photo.high()),
                "preserveAspectRatio",
                "none");
        svg.close("pattern");
    }

    private double px(Length length) {
        return length.toInches() * scale;
    }

    /** What is drawn once and comes again: the repeat, or a thread or two of a plain cloth. */
    private Repeat tile() {
        return cloth.repeat().orElseGet(() -> new Repeat(Length.nearInches(4 / scale), Length.nearInches(4 / scale)));
    }

    private void motif(Markup svg, Motif motif, double wide) {
        StringBuilder path = new StringBuilder();
        motif.points().forEach(point -> path.append(path.isEmpty() ? "M" : "L")
                .append(Markup.number(point[0] * wide))
                .append(' ')
                .append(Markup.number(point[1] * wide)));
        if (motif.stroke() > 0) {
            svg.empty(
                    "path",
                    "d",
                    path,
                    "fill",
                    "none",
                    "stroke",
                    ink(motif.ink()),
                    "stroke-width",
                    motif.stroke() * wide);
        } else {
            svg.empty("path", "d", path + "Z", "fill", ink(motif.ink()), "fill-opacity", motif.opacity());
        }
    }

    /** The colour of an ink on this cloth: what is to be told from the ground is light on dark, dark on light. */
    String ink(Ink ink) {
        return switch (ink) {
            case ACCENT -> luminance() > .45 ? NAVY : CHALK;
            case YELLOW -> WELD;
            case CHALK -> CHALK;
        };
    }

    private double luminance() {
        int rgb = Integer.parseInt(cloth.colour().substring(1), 16);
        return (.2126 * (rgb >> 16) + .7152 * (rgb >> 8 & 255) + .0722 * (rgb & 255)) / 255;
    }
}
