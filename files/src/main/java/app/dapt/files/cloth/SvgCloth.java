package app.dapt.files.cloth;

import app.dapt.files.drawing.Markup;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.Swatch;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.ClothSheet.PlacedPiece;
import app.dapt.layout.ClothSheet.Spare;
import app.dapt.layout.ClothSheet.Stroke;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Words;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Writes cloth with pieces on it as SVG for a page: unrolled from left to right, the cut end at the left, the left
 * selvage below, so that the right side is seen. Pieces lie in their print, what is left is bare.
 *
 * @param pen at what scale
 * @param id    begins the names of patterns
 * @param link  the attributes of the link round a piece, by its key, such as where it leads; none for a mere picture
 * @param current the key of the copy that is looked at; blank for none
 */
public record SvgCloth(
        Words words, Pen pen, String id, Optional<Function<String, Map<String, String>>> link, String current) {

    private static final double TAPE = 17;
    /** How far apart the figures on a tape may be, by what there is room for. */
    private static final int[] FIGURED_INCHES = {9, 18, 36, 72};

    private static final int[] FIGURED_CM = {10, 20, 50, 100};
    private static final int FARTHEST = 200;
    private static final double CLOSEST = 56;
    private static final double MARGIN = 12;
    private static final double CHARACTER = 6.4;
    /** Half of the arrow that shows a piece's up. */
    private static final double ARROW = 5;

    public String write(ClothSheet sheet) {
        double length = pen.mm(sheet.along());
        double across = pen.mm(sheet.across());
        double selvage = pen.mm(sheet.selvage());
        double left = sheet.outline().left();
        double top = sheet.outline().top();
        Markup svg = new Markup();
        double width = length + 2 * MARGIN + 4;
        double height = across + 2 * selvage + TAPE + 2 * MARGIN;
        svg.open(
                "svg",
                "class",
                "drawing bolt",
                "viewBox",
                "0 0 " + Markup.number(width) + " " + Markup.number(height),
                "width",
                width,
                "height",
                height,
                "role",
                link.isPresent() ? "group" : "img",
                "aria-label",
                words.say(described(sheet)));
        svg.open("defs");
        new Swatch(sheet.cloth(), pen.scale()).write(svg, id + "-cloth");
        svg.close("defs");
        svg.open("g", "transform", Pen.moved(MARGIN, MARGIN));
        tape(svg, length);
        svg.open("g", "transform", Pen.moved(0, TAPE + 4));
        if (selvage > 0) {
            svg.empty("rect", "class", "selvage", "width", length, "height", across + 2 * selvage);
        }
        // The cloth's own axes, seen from its right side: along to the right, across upwards.
        svg.open(
                "g",
                "transform",
                "matrix(0 -1 1 0 " + Markup.number(-pen.mm(top)) + " " + Markup.number(selvage + across + pen.mm(left))
                        + ")");
        svg.empty("path", "class", "bare", "d", pen.path(sheet.outline()));
        sheet.spoilt().forEach(spot -> svg.empty("path", "class", "spoilt", "d", pen.path(spot)));
        sheet.offcuts().forEach(spare -> svg.empty("path", "class", "offcut", "d", pen.path(spare.box())));
        sheet.pieces().forEach(lain -> piece(svg, lain));
        sheet.cuts()
                .forEach(cut -> svg.empty(
                        "path",
                        "class",
                        "cut-stroke",
                        "data-lights",
                        "cut-" + cut.number(),
                        "d",
                        Pen.line(pen.mm(cut.x1()), pen.mm(cut.y1()), pen.mm(cut.x2()), pen.mm(cut.y2()))));
        svg.close("g");
        Place at = new Place(left, top, selvage + across);
        sheet.offcuts().forEach(spare -> spare(svg, spare, at));
        sheet.pieces().forEach(lain -> tag(svg, lain, at));
        sheet.cuts().forEach(cut -> number(svg, cut, at, length, across + 2 * selvage));
        return svg.close("g").close("g").close("svg").toString();
    }

    /** From the cloth's millimetres to the drawing's units. */
    private final class Place {
        private final double left;
        private final double top;
        private final double bottom;

        private Place(double left, double top, double bottom) {
            this.left = left;
            this.top = top;
            this.bottom = bottom;
        }

        double x(double along) {
            return pen.mm(along - top);
        }

        double y(double across) {
            return bottom - pen.mm(across - left);
        }
    }

    private Phrase described(ClothSheet sheet) {
        Object what = sheet.name().orElse(sheet.cloth().name());
        return Phrase.of("drawing.cloth", what, sheet.pieces().size());
    }

    private void piece(Markup svg, PlacedPiece lain) {
        String key = lain.spot().copy();
        String looks =
                "lain" + (key.equals(current) ? " current" : "") + (lain.spot().pinned() ? " pinned" : "");
        if (link.isPresent()) {
            Map<String, String> attributes = new LinkedHashMap<>(link.get().apply(key));
            attributes.put("class", looks);
            attributes.put("id", "lain-" + key.replaceAll("[^A-Za-z0-9]", "-"));
            attributes.put("data-lights", "piece-" + lain.number());
            attributes.put(
                    "aria-label",
                    words.say(
                            "drawing.lain",
                            lain.number(),
                            lain.spot().wanted().piece().name(),
                            lain.spot().wanted().cover()));
            svg.open("a", attributes);
        } else {
            svg.open("g", "class", looks);
        }
        svg.empty("path", "fill", "url(#" + id + "-cloth)", "d", pen.path(lain.cut()));
        lain.seam().ifPresent(seam -> svg.empty("path", "class", "l-seam outline", "d", pen.path(seam)));
        svg.empty("path", "class", "lain-edge", "d", pen.path(lain.cut()));
        svg.close(link.isPresent() ? "a" : "g");
    }

    /** Its number, its name where there is room, and an arrow that points to its up. */
    private void tag(Markup svg, PlacedPiece lain, Place at) {
        Contour cut = lain.cut();
        double wide = pen.mm(cut.bottom() - cut.top());
        double high = pen.mm(cut.right() - cut.left());
        double x = at.x((cut.top() + cut.bottom()) / 2);
        double y = at.y((cut.left() + cut.right()) / 2);
        String name = words.say(lain.spot().wanted().piece().name());
        String said = lain.number() + (name.length() * CHARACTER + 44 < wide && high > 20 ? " " + name : "");
        double width = said.length() * CHARACTER + 10;
        if (wide < 16 || high < 11) {
            return;
        }
        svg.open("g", "class", "lain-tag", "aria-hidden", "true");
        svg.empty("rect", "class", "tag", "x", x - width / 2, "y", y - 9, "width", width, "height", 18d, "rx", 2d);
        svg.saying("text", said, "class", "t-lain", "x", x, "y", y + 4.5, "text-anchor", "middle");
        upArrow(svg, lain, new Point(x, y), new Point(width / 2 + 9, 17), new Point(wide / 2, high / 2));
        svg.close("g");
    }

    /**
     * An arrow on the side of the number that it points to; where that would lie off the piece, beside it; where that
     * would too, none.
     *
     * @param off  how far from the number it is, to the side and up or down
     * @param room how far from there the piece reaches
     */
    private static void upArrow(Markup svg, PlacedPiece lain, Point number, Point off, Point room) {
        // Along the cloth is rightwards, across is upwards.
        int toRight = lain.upY();
        int down = -lain.upX();
        Point ahead = new Point(toRight * off.x(), down * off.y());
        Point aside = new Point(Math.abs(down) * off.x(), Math.abs(toRight) * off.y());
        Stream.of(ahead, aside)
                .filter(at -> Math.abs(at.x()) + ARROW < room.x() && Math.abs(at.y()) + ARROW < room.y())
                .findFirst()
                .ifPresent(at -> svg.empty(
                        "path",
                        "class",
                        "up-arrow",
                        "transform",
                        Pen.moved(number.x() + at.x(), number.y() + at.y()) + " rotate("
                                + Markup.number(Math.toDegrees(Math.atan2(down, toRight))) + ")",
                        "d",
                        "M-5 -3.5L5 0L-5 3.5Z"));
    }

    private void spare(Markup svg, Spare spare, Place at) {
        Contour box = spare.box();
        String size = words.lengths().size(spare.offcut().wide(), spare.offcut().deep());
        if (pen.mm(box.bottom() - box.top()) > size.length() * CHARACTER && pen.mm(box.right() - box.left()) > 14) {
            svg.saying(
                    "text",
                    size,
                    "class",
                    "t-offcut",
                    "x",
                    at.x((box.top() + box.bottom()) / 2),
                    "y",
                    at.y((box.left() + box.right()) / 2) + 4.5,
                    "text-anchor",
                    "middle");
        }
    }

    /** The number of a cut, where its line begins. */
    private void number(Markup svg, Stroke cut, Place at, double length, double height) {
        boolean across = cut.y1() == cut.y2();
        double x = Math.min(length, across ? at.x(cut.y1()) : at.x(Math.min(cut.y1(), cut.y2())) + 11);
        double y = Math.min(height - 2, across ? at.y(Math.min(cut.x1(), cut.x2())) : at.y(cut.x1()));
        String lights = "cut-" + cut.number();
        svg.empty("circle", "class", "cut-number", "data-lights", lights, "cx", x, "cy", y, "r", 8d);
        svg.saying(
                "text", String.valueOf(cut.number()), "class", "t-cut", "x", x, "y", y + 4d, "text-anchor", "middle");
    }

    /** A tape along the cloth, with figures as close as they can be read. */
    private void tape(Markup svg, double length) {
        boolean metric = words.mark().unit().metric();
        double unit = pen.px(metric ? Length.cm(1) : Length.inches(1));
        svg.empty("rect", "class", "tape", "width", length, "height", TAPE);
        int small = unit > 4 ? 1 : metric ? 10 : 3;
        int figured = IntStream.of(metric ? FIGURED_CM : FIGURED_INCHES)
                .filter(every -> every * unit > CLOSEST)
                .findFirst()
                .orElse(FARTHEST);
        int longEvery = (metric ? 10 : 9) / small;
        svg.empty("path", "class", "ticks", "d", Pen.ticks(true, length, small * unit, longEvery, TAPE));
        for (int i = figured; i * unit < length - 4; i += figured) {
            String figure = words.lengths().bare(metric ? Length.cm(i) : Length.inches(i));
            double breadth = figure.length() * 7 + 6;
            if (i * unit + breadth / 2 < length) {
                svg.empty(
                        "rect",
                        "class",
                        "tape-figure",
                        "x",
                        i * unit - breadth / 2,
                        "y",
                        1d,
                        "width",
                        breadth,
                        "height",
                        TAPE - 2);
                svg.saying("text", figure, "class", "t-tape", "x", i * unit, "y", 13d, "text-anchor", "middle");
            }
        }
    }

    /** The scale at which so much cloth fits into so many user units. */
    public static Pen fitting(ClothSheet sheet, double wide, double high) {
        return new Pen(Math.min(
                (wide - 2 * MARGIN - 4) * 25.4 / sheet.along(),
                (high - TAPE - 2 * MARGIN) * 25.4 / (sheet.across() + 2 * sheet.selvage())));
    }
}
