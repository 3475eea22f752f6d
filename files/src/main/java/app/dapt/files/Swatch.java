package app.dapt.files;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Repeat;
import app.dapt.measure.Length;

/**
 * A cloth as an SVG pattern, its print at the scale of the drawing.
 *
 * @param scale user units to the inch
 */
public record Swatch(Cloth cloth, double scale) {

    private static final String CHALK = "#f4f5f1";
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

    private void write(Markup svg, String id, String placed) {
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
        switch (cloth.print()) {
            case PLAIN -> plain(svg, wide);
            case STRIPE -> stripe(svg, wide);
            case CHECK -> check(svg, wide);
            case SPRIG -> sprig(svg, wide / 24);
            case SAIL -> sail(svg, wide / 64);
        }
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

    private void plain(Markup svg, double r) {
        svg.empty("path", "d", "M0 .5H" + Markup.number(r), "stroke", accent(), "stroke-opacity", ".07");
    }

    private void stripe(Markup svg, double r) {
        svg.empty("rect", "x", r * .62, "width", r * .2, "height", r, "fill", accent());
        svg.empty("rect", "x", r * .9, "width", r * .035, "height", r, "fill", WELD);
    }

    private void check(Markup svg, double r) {
        for (String band : new String[] {"x", "y"}) {
            svg.empty(
                    "rect",
                    band,
                    r / 2,
                    band.equals("x") ? "width" : "height",
                    r / 2,
                    band.equals("x") ? "height" : "width",
                    r,
                    "fill",
                    accent(),
                    "fill-opacity",
                    ".45");
        }
    }

    /** A leafy stalk, growing upwards. */
    private void sprig(Markup svg, double u) {
        svg.open("g", "transform", "scale(" + Markup.number(u) + ")", "fill", accent());
        for (String at : new String[] {"translate(0 0)", "translate(12 12)", "translate(-12 12)"}) {
            svg.empty(
                    "path",
                    "transform",
                    at,
                    "d",
                    "M11.6 11V5h.8v6zM12 6.5C9 6.500 8.500 4 8.500 3 11 3 12 4.500 12 6.500zM12 5"
                            + "C12 3 13 1.500 15.500 1.500 15.500 4 14 5 12 5zM12 9.500C9.500 9.500 9 8 9 7 11 7 12 8 "
                            + "12 9.500z");
        }
        svg.close("g");
    }

    /** A lugger under sail, afloat. */
    private void sail(Markup svg, double u) {
        svg.open("g", "transform", "scale(" + Markup.number(u) + ")");
        svg.empty(
                "path",
                "fill",
                CHALK,
                "fill-opacity",
                luminance() > .6 ? "1" : ".92",
                "stroke",
                accent(),
                "stroke-width",
                "1",
                "d",
                "M30 10 L30 40 L12 40 Q26 28 30 10z M34 6 L52 40 L34 40z");
        svg.empty("path", "fill", WELD, "d", "M34 6 L34 1 L42 3.500z");
        svg.empty("path", "fill", accent(), "d", "M8 44 H56 Q52 54 44 54 H20 Q11 53 8 44z");
        svg.empty(
                "path",
                "fill",
                "none",
                "stroke",
                accent(),
                "stroke-width",
                "1.5",
                "d",
                "M2 58 q5 -3 10 0 t10 0 t10 0 t10 0 t10 0 t10 0");
        svg.close("g");
    }

    /** Light on a dark ground, dark on a light one. */
    private String accent() {
        return luminance() > .45 ? "#1e3355" : CHALK;
    }

    private double luminance() {
        int rgb = Integer.parseInt(cloth.colour().substring(1), 16);
        return (.2126 * (rgb >> 16) + .7152 * (rgb >> 8 & 255) + .0722 * (rgb & 255)) / 255;
    }
}
