package app.dapt.files.drawing;

import app.dapt.cover.drawing.EdgeOn;
import app.dapt.cover.edging.Edging.Caught;
import app.dapt.cover.parts.Back.End;

/** Writes a cover edge on as SVG: its layers pulled apart, what holds them together at the ends. */
record SvgEdgeOn(SvgDrawing drawing) {

    /** The cover edge on: lengths true along, layers pulled apart. */
    String write(EdgeOn edgeOn) {
        double gap = 30;
        double top = 26;
        double bottom = top + gap * edgeOn.levels();
        double depth = drawing.px(edgeOn.depth());
        Markup svg = drawing.begin(depth + 40, bottom + 26, "edge-on", edgeOn.described());
        svg.open("g", "transform", "translate(20 0)");
        for (EdgeOn.Layer layer : edgeOn.layers()) {
            layer(svg, layer, bottom - gap * layer.level());
        }
        end(svg, edgeOn.start(), 0, top, bottom, -1);
        end(svg, edgeOn.end(), depth, top, bottom, 1);
        caught(svg, edgeOn, 0, (top + bottom) / 2, -1);
        caught(svg, edgeOn, depth, (top + bottom) / 2, 1);
        edgeOn.zipAt()
                .ifPresent(at ->
                        svg.empty("circle", "class", "zip-end", "cx", drawing.px(at), "cy", bottom - gap, "r", 6d));
        return svg.close("g").close("svg").toString();
    }

    /** What is caught in a seam: its lip inside, itself outside. */
    private static void caught(Markup svg, EdgeOn edgeOn, double x, double y, int outwards) {
        if ((outwards < 0 ? edgeOn.start() : edgeOn.end()) != End.SEAM || edgeOn.caught() == Caught.NOTHING) {
            return;
        }
        svg.empty(
                "path",
                "class",
                "caught",
                "d",
                "M" + Markup.number(x - outwards * 10) + " " + Markup.number(y) + "H"
                        + Markup.number(x + outwards * 4));
        if (edgeOn.caught() == Caught.CORD) {
            svg.empty("circle", "class", "caught", "cx", x + outwards * 8, "cy", y, "r", 4.5);
        } else {
            svg.empty(
                    "path",
                    "class",
                    "caught",
                    "d",
                    "M" + Markup.number(x + outwards * 4) + " " + Markup.number(y) + "q" + outwards * 3 + " -7 "
                            + outwards * 6 + " 0t" + outwards * 6 + " 0");
        }
    }

    /** A seam is stitched through; a fold goes round; an opening stays open. */
    private static void end(Markup svg, End end, double x, double top, double bottom, int outwards) {
        String from = "M" + Markup.number(x) + " ";
        switch (end) {
            case SEAM ->
                svg.empty(
                        "path",
                        "class",
                        "l-stitch",
                        "d",
                        from + Markup.number(top - 4) + "V" + Markup.number(bottom + 4));
            case FOLD ->
                svg.empty(
                        "path",
                        "class",
                        "fold-round",
                        "d",
                        from + Markup.number(top) + "C" + Markup.number(x + 16 * outwards) + " "
                                + Markup.number(top) + " " + Markup.number(x + 16 * outwards) + " "
                                + Markup.number(bottom) + " " + Markup.number(x) + " "
                                + Markup.number(bottom));
            case OPEN ->
                svg.empty(
                        "path",
                        "class",
                        "l-hidden-edge outline",
                        "d",
                        from + Markup.number(top - 4) + "V" + Markup.number(bottom + 4));
        }
    }

    private void layer(Markup svg, EdgeOn.Layer layer, double y) {
        double from = drawing.px(layer.from());
        double to = drawing.px(layer.to());
        String colour = drawing.cloths().of(layer.material()).colour();
        svg.empty("path", "class", "layer-edge", "d", layerPath(layer, from, to, y));
        svg.empty("path", "class", "layer", "stroke", colour, "d", layerPath(layer, from, to, y));
        boolean left = layer.free().isEmpty() ? from < 1 : layer.freeAtTo();
        svg.saying(
                "text",
                drawing.words().say(layer.name()),
                "class",
                "t-note",
                "x",
                left ? from + 10 : to - 10,
                "y",
                layer.level() == 0 ? y + 18 : y - 7,
                "text-anchor",
                left ? "start" : "end");
    }

    /** The layer from its seam to its free edge, there turned under as its hem is. */
    private String layerPath(EdgeOn.Layer layer, double from, double to, double y) {
        double seam = layer.freeAtTo() ? from : to;
        double end = layer.freeAtTo() ? to : from;
        double back = layer.freeAtTo() ? -1 : 1;
        StringBuilder path =
                new StringBuilder("M" + Markup.number(seam) + " " + Markup.number(y) + "H" + Markup.number(end));
        if (layer.tuck().isPositive()) {
            // Folded in at the open end, towards the other layer.
            boolean front = layer.level() == 0;
            path.append(front ? " a5 5 0 0 0 0 -10" : " a5 5 0 0 1 0 10")
                    .append("h")
                    .append(Markup.number(-drawing.px(layer.tuck())));
        }
        layer.free().ifPresent(edge -> {
            String sweep = layer.freeAtTo() ? "1" : "0";
            String bend = " a5 5 0 0 " + sweep + " 0 10";
            switch (edge.fate()) {
                case HEM ->
                    path.append(bend)
                            .append("h")
                            .append(Markup.number(
                                    back * Math.max(4, drawing.px(edge.turns().get(1)))))
                            .append(" a2.5 2.5 0 0 ")
                            .append(layer.freeAtTo() ? "0" : "1")
                            .append(" 0 -5h")
                            .append(Markup.number(-back
                                    * Math.max(3, .8 * drawing.px(edge.turns().get(0)))));
                case SINGLE_TURN, HEMMED ->
                    path.append(bend)
                            .append("h")
                            .append(Markup.number(
                                    back * Math.max(4, drawing.px(edge.turns().get(0)))));
                case LINED -> path.append(bend).append("H").append(Markup.number(seam));
                case SELVAGE ->
                    path.append("m0 -4v8m").append(Markup.number(back * 4)).append(" 0v-8");
                case BAND -> path.append(bend).append("H").append(Markup.number(seam));
                case SEAM, ZIP, JOIN, FOLD -> {}
            }
        });
        return path.toString();
    }
}
