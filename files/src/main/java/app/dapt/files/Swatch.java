package app.dapt.files;

import app.dapt.cloth.Cloth;

/**
 * A cloth as an SVG pattern, its print at the scale of the drawing.
 *
 * @param scale user units to the inch
 */
record Swatch(Cloth cloth, double scale) {

    private static final String CHALK = "#f4f5f1";
    private static final String WELD = "#e2b93b";

    /** Writes the pattern under this name; a turned piece gets it upside down. */
    void write(Markup svg, String id, boolean turned) {
        write(svg, id, turned ? "rotate(180)" : "rotate(0)");
    }

    /** Writes the pattern so that the middle of a repeat, where the motif is, falls on a place. */
    void writeCentred(Markup svg, String id, double x, double y) {
        write(svg, id, "translate(" + Markup.number(x - repeat() / 2) + " " + Markup.number(y - repeat() / 2) + ")");
    }

    private void write(Markup svg, String id, String placed) {
        double repeat = repeat();
        svg.open("pattern", "id", id, "patternUnits", "userSpaceOnUse", "width", repeat, "height", repeat, "patternTransform", placed);
        svg.empty("rect", "width", repeat, "height", repeat, "fill", cloth.colour());
        switch (cloth.print()) {
            case PLAIN -> plain(svg, repeat);
            case STRIPE -> stripe(svg, repeat);
            case CHECK -> check(svg, repeat);
            case SPRIG -> sprig(svg, repeat / 24);
            case SAIL -> sail(svg, repeat / 64);
        }
        svg.close("pattern");
    }

    private double repeat() {
        return switch (cloth.print()) {
            case PLAIN -> 4;
            case STRIPE -> 2.5 * scale;
            case CHECK -> 2 * scale;
            case SPRIG -> 2.25 * scale;
            case SAIL -> 8 * scale;
        };
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
            svg.empty("rect", band, r / 2, band.equals("x") ? "width" : "height", r / 2,
                    band.equals("x") ? "height" : "width", r, "fill", accent(), "fill-opacity", ".45");
        }
    }

    /** A leafy stalk, growing upwards. */
    private void sprig(Markup svg, double u) {
        svg.open("g", "transform", "scale(" + Markup.number(u) + ")", "fill", accent());
        for (String at : new String[] {"translate(0 0)", "translate(12 12)", "translate(-12 12)"}) {
            svg.empty("path", "transform", at, "d", "M11.6 11V5h.8v6zM12 6.5C9 6.500 8.500 4 8.500 3 11 3 12 4.500 12 6.500zM12 5"
                    + "C12 3 13 1.500 15.500 1.500 15.500 4 14 5 12 5zM12 9.500C9.500 9.500 9 8 9 7 11 7 12 8 12 9.500z");
        }
        svg.close("g");
    }

    /** A lugger under sail, afloat. */
    private void sail(Markup svg, double u) {
        svg.open("g", "transform", "scale(" + Markup.number(u) + ")");
        svg.empty("path", "fill", CHALK, "fill-opacity", luminance() > .6 ? "1" : ".92", "stroke", accent(), "stroke-width", "1",
                "d", "M30 10 L30 40 L12 40 Q26 28 30 10z M34 6 L52 40 L34 40z");
        svg.empty("path", "fill", WELD, "d", "M34 6 L34 1 L42 3.500z");
        svg.empty("path", "fill", accent(), "d", "M8 44 H56 Q52 54 44 54 H20 Q11 53 8 44z");
        svg.empty("path", "fill", "none", "stroke", accent(), "stroke-width", "1.5",
                "d", "M2 58 q5 -3 10 0 t10 0 t10 0 t10 0 t10 0 t10 0");
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
