package app.dapt.files.drawing;

import app.dapt.cloth.Cloth;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Ring;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Element.Turning;
import app.dapt.drawing.Element.Zone;
import app.dapt.drawing.Look.Mark;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.words.Words;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Writes drawings as SVG for a page. Cloth is filled with its own print; lines carry their role as a class and the
 * page's one legend says how each role looks.
 *
 * @param pen at what scale
 * @param id    begins the names of patterns, so that many drawings can stand in one page
 */
public record SvgDrawing(Cloths cloths, Words words, Pen pen, String id) {

    private static final double PATCH_SCALE = 6;
    /** What lies nearer together than so many user units runs into one. */
    private static final double CLOSEST = 3.2;

    private static final double TAPE = 17;
    private static final double TAPE_OFF = 5;
    private static final double BESIDE = TAPE + TAPE_OFF + 3;

    /** Room left round the cloth for tapes. */
    private record Margins(double left, double top, double right, double bottom) {}

    /** A small patch of a cloth, for choosing it. */
    public static String patch(Cloth cloth, String id) {
        Markup svg = new Markup();
        svg.open("svg", "class", "patch", "viewBox", "0 0 72 44", "width", 72, "height", 44, "aria-hidden", "true")
                .open("defs");
        new Swatch(cloth, PATCH_SCALE).write(svg, id, false);
        return svg.close("defs")
                .empty("rect", "width", 72, "height", 44, "fill", "url(#" + id + ")")
                .close("svg")
                .toString();
    }

    /** A drawing with its tapes. */
    public String write(Sheet sheet) {
        boolean tapes = sheet.elements().stream().anyMatch(Tape.class::isInstance);
        boolean beside = hasTape(sheet, Axis.UP_DOWN, false);
        boolean below = hasTape(sheet, Axis.ACROSS, false);
        double around = px(sheet.around());
        Margins margins = tapes
                ? new Margins(
                        (hasTape(sheet, Axis.UP_DOWN, true) ? BESIDE : 2) + around,
                        BESIDE + around,
                        (beside ? BESIDE + besideLabel(sheet) : 4) + around,
                        (below ? BESIDE + 20 : 4) + around)
                : new Margins(2 + around, 2 + around, 2 + around, 2 + around);
        double width = px(sheet.width()) + margins.left() + margins.right();
        double height = px(sheet.height()) + margins.top() + margins.bottom();
        Markup svg = begin(width, height, "sheet", sheet.described());
        svg.open("defs");
        for (String use : patternsUsed(sheet)) {
            String[] parts = use.split(" ");
            Swatch swatch = new Swatch(cloths.of(Material.valueOf(parts[0])), pen.scale());
            if (sheet.centred() && parts[0].equals(Material.FRONT.name())) {
                swatch.writeCentred(svg, pattern(parts[0], parts[1]), px(sheet.width()) / 2, px(sheet.height()) / 2);
            } else {
                swatch.write(svg, pattern(parts[0], parts[1]), parts[1].equals("turned"));
            }
        }
        sheet.clip().ifPresent(clip -> svg.open("clipPath", "id", id + "-clip")
                .empty("path", "d", pen.path(clip))
                .close("clipPath"));
        svg.close("defs");
        svg.open("g", "transform", Pen.moved(margins.left(), margins.top()));
        if (sheet.clip().isPresent()) {
            svg.open("g", "clip-path", "url(#" + id + "-clip)");
            sheet.elements().stream().filter(Element::isWithin).forEach(element -> element(svg, element, around));
            svg.close("g");
        }
        sheet.elements().stream()
                .filter(element -> sheet.clip().isEmpty() || !element.isWithin())
                .forEach(element -> element(svg, element, around));
        return svg.close("g").close("svg").toString();
    }

    /** The cover edge on. */
    public String write(EdgeOn edgeOn) {
        return new SvgEdgeOn(this).write(edgeOn);
    }

    Markup begin(double width, double height, String kind, Phrase described) {
        Markup svg = new Markup();
        return svg.open(
                "svg",
                "class",
                "drawing " + kind,
                "viewBox",
                "0 0 " + Markup.number(width) + " " + Markup.number(height),
                "width",
                width,
                "height",
                height,
                "role",
                "img",
                "aria-label",
                words.say(described));
    }

    private Markup trim(Markup svg, Trim trim) {
        String colour = cloths.of(trim.material()).colour();
        String kind = "trim trim-" + trim.look().code();
        for (Mark mark : trim.marks(CLOSEST / pen.mm(1))) {
            String d = mark.shapes().stream()
                    .map(shape -> pen.drawn(shape, mark.thick() == 0))
                    .collect(Collectors.joining());
            switch (mark.make()) {
                case CLOTH -> {
                    String print = "url(#" + pattern(trim.material().name(), "upright") + ")";
                    svg.empty("path", "class", kind, "fill", print, "d", d);
                }
                case SOLID -> svg.empty("path", "class", kind + " trim-solid", "fill", colour, "d", d);
                case SHADOW -> svg.empty("path", "class", "shade", "d", d);
                case THREAD -> line(svg, kind, colour, Math.max(0.8, pen.mm(mark.thick())), d);
                case BRAID -> line(svg, kind, colour, Math.max(2, pen.mm(mark.thick())), d);
                case CORD -> {
                    double thick = Math.max(2.2, pen.mm(mark.thick()));
                    svg.empty("path", "class", "cord-edge", "stroke-width", thick + 1.6, "d", d);
                    svg.empty("path", "class", "cord", "stroke", colour, "stroke-width", thick, "d", d);
                    svg.empty("path", "class", "cord-twist", "stroke-width", thick * .8, "d", d);
                }
            }
        }
        return svg;
    }

    private static void line(Markup svg, String kind, String colour, double thick, String d) {
        svg.empty("path", "class", kind, "fill", "none", "stroke", colour, "stroke-width", thick, "d", d);
    }

    /** Room for the words beside a tape. */
    private double besideLabel(Sheet sheet) {
        return sheet.elements().stream()
                .filter(Tape.class::isInstance)
                .map(Tape.class::cast)
                .filter(tape -> tape.axis() == Axis.UP_DOWN && !tape.before())
                .mapToDouble(tape -> breadth(words.say(tape.label())) * 6.5 + 7)
                .reduce(58, Math::max);
    }

    private static boolean hasTape(Sheet sheet, Axis axis, boolean before) {
        return sheet.elements().stream()
                .anyMatch(e -> e instanceof Tape tape && tape.axis() == axis && tape.before() == before);
    }

    private static Set<String> patternsUsed(Sheet sheet) {
        Set<String> used = new LinkedHashSet<>();
        for (Element element : sheet.elements()) {
            if (element instanceof Stuff stuff) {
                used.add(stuff.material() + (stuff.turned() ? " turned" : " upright"));
            } else if (element instanceof Patch patch) {
                used.add(patch.material() + (patch.turned() ? " turned" : " upright"));
            } else if (element instanceof Trim trim && trim.look().isOfCloth()) {
                used.add(trim.material() + " upright");
            }
        }
        return used;
    }

    private String pattern(String material, String way) {
        return id + "-" + material.toLowerCase(Locale.ROOT) + "-" + way;
    }

    double px(Length length) {
        return pen.px(length);
    }

    private void element(Markup svg, Element element, double around) {
        element.match(new Writer(this, svg, around));
    }

    /**
     * Writes an element as it looks.
     *
     * @param around how far what goes round the edge stands out
     */
    private record Writer(SvgDrawing drawing, Markup svg, double around) implements Element.Cases<Markup> {

        @Override
        public Markup stuff(Stuff stuff) {
            return drawing.stuff(svg, stuff);
        }

        @Override
        public Markup patch(Patch patch) {
            return drawing.patch(svg, patch);
        }

        @Override
        public Markup area(Area area) {
            return new SvgAreas(drawing.cloths, drawing.pen, drawing.id).write(svg, area);
        }

        @Override
        public Markup turning(Turning turning) {
            return drawing.box(svg, turning.box(), "class", turned(turning.part()), "data-piece", turning.piece());
        }

        @Override
        public Markup ring(Ring ring) {
            return svg.empty(
                    "path",
                    "class",
                    turned(ring.part()),
                    "data-piece",
                    ring.piece(),
                    "fill-rule",
                    "evenodd",
                    "d",
                    drawing.pen.path(ring.cut()) + drawing.pen.path(ring.seam()));
        }

        private static String turned(Part part) {
            return "turning part-" + Phrase.code(part);
        }

        @Override
        public Markup zone(Zone zone) {
            return drawing.box(svg, zone.box(), "class", "zone part-" + Phrase.code(zone.part()));
        }

        @Override
        public Markup shade(Shade shade) {
            return drawing.box(svg, shade.box(), "class", "shade");
        }

        @Override
        public Markup line(Line line) {
            return svg.empty(
                    "line",
                    "class",
                    "l-" + Phrase.code(line.role()),
                    "x1",
                    drawing.px(line.x1()),
                    "y1",
                    drawing.px(line.y1()),
                    "x2",
                    drawing.px(line.x2()),
                    "y2",
                    drawing.px(line.y2()));
        }

        @Override
        public Markup path(Path path) {
            return drawing.path(svg, path);
        }

        @Override
        public Markup trim(Trim trim) {
            return drawing.trim(svg, trim);
        }

        @Override
        public Markup spot(Spot spot) {
            return drawing.spot(svg, spot);
        }

        @Override
        public Markup tape(Tape tape) {
            return drawing.tape(svg, tape, around);
        }

        @Override
        public Markup note(Note note) {
            return drawing.note(svg, note);
        }

        @Override
        public Markup label(Label label) {
            return drawing.label(svg, label);
        }
    }

    private Markup box(Markup svg, Box box, Object... attributes) {
        Object[] all = new Object[attributes.length + 8];
        Object[] place = {"x", px(box.left()), "y", px(box.top()), "width", px(box.width()), "height", px(box.height())
        };
        System.arraycopy(place, 0, all, 0, 8);
        System.arraycopy(attributes, 0, all, 8, attributes.length);
        return svg.empty("rect", all);
    }

    private Markup path(Markup svg, Path path) {
        String d = pen.path(path.points(), path.closed());
        if (path.role() == Role.TEETH) {
            svg.empty("path", "class", "zip-tape", "d", d);
        }
        return svg.empty("path", "class", "l-" + Phrase.code(path.role()) + " outline", "d", d);
    }

    /** Buttons and ties as they look; places to mark as the mark one would chalk. */
    private Markup spot(Markup svg, Spot spot) {
        double x = px(spot.x());
        double y = px(spot.y());
        double half = Math.max(3, px(spot.size()) / 2);
        boolean upright = spot.along() == Axis.UP_DOWN;
        svg.open("g", "class", "spot spot-" + Phrase.code(spot.sort()), "transform", Pen.moved(x, y));
        switch (spot.sort()) {
            case BUTTON -> {
                svg.empty("circle", "class", "button", "r", half);
                svg.empty(
                        "path",
                        "class",
                        "button-holes",
                        "d",
                        "M" + Markup.number(-half / 3) + " 0h.01M" + Markup.number(half / 3) + " 0h.01");
            }
            case TIE ->
                svg.empty(
                        "path",
                        "class",
                        "tie-loose",
                        "d",
                        upright
                                ? "M0 0c-3 4 -6 7 -3 14M0 0c4 5 2 9 5 13M-3 -1c0 -4 6 -4 6 0z"
                                : "M0 0c4 -3 7 -6 14 -3M0 0c5 4 9 2 13 5M-1 -3c-4 0 -4 6 0 6z");
            default ->
                svg.empty(
                        "path",
                        "class",
                        "chalk",
                        "d",
                        upright
                                ? "M0 " + Markup.number(-half) + "V" + Markup.number(half) + "M-3 0H3"
                                : "M" + Markup.number(-half) + " 0H" + Markup.number(half) + "M0 -3V3");
        }
        return svg.close("g");
    }

    private Markup stuff(Markup svg, Stuff stuff) {
        String way = stuff.turned() ? "turned" : "upright";
        box(svg, stuff.box(), "fill", "url(#" + pattern(stuff.material().name(), way) + ")");
        if (!stuff.rightSide()) {
            box(svg, stuff.box(), "class", "wrong-side");
        }
        if (stuff.part() != Part.NONE) {
            box(svg, stuff.box(), "class", "zone part-" + Phrase.code(stuff.part()), "data-piece", stuff.piece());
        }
        return svg;
    }

    private Markup patch(Markup svg, Patch patch) {
        String way = patch.turned() ? "turned" : "upright";
        String d = pen.path(patch.points(), true);
        svg.empty("path", "fill", "url(#" + pattern(patch.material().name(), way) + ")", "d", d);
        return svg.empty("path", "class", patch.rightSide() ? "patch-edge" : "patch-edge wrong-side", "d", d);
    }

    /** Words beside a place, on the side where the cloth is. */
    private Markup note(Markup svg, Note note) {
        Side edge = note.edge().orElse(Side.TOP);
        double dx = edge == Side.LEFT ? 7 : edge == Side.RIGHT ? -7 : 0;
        double dy = edge == Side.TOP ? 17 : edge == Side.BOTTOM ? -7 : 5;
        return svg.saying(
                "text",
                words.say(note.words()),
                "class",
                "t-mark",
                "x",
                px(note.x()) + dx,
                "y",
                px(note.y()) + dy,
                "text-anchor",
                edge == Side.LEFT ? "start" : edge == Side.RIGHT ? "end" : "middle");
    }

    private Markup label(Markup svg, Label label) {
        String said = words.say(label.words());
        double width = breadth(said) * 6.15 + 14;
        double x = px(label.x()) + (label.centred() ? -width / 2 : 8);
        double y = px(label.y()) + (label.centred() ? -11 : label.above() ? -30 : 8);
        svg.empty("rect", "class", "tag", "x", x, "y", y, "width", width, "height", 22d, "rx", 2d);
        return svg.saying("text", said, "class", "t-label", "x", x + 7, "y", y + 15.5);
    }

    private Markup tape(Markup svg, Tape tape, double around) {
        boolean across = tape.axis() == Axis.ACROSS;
        double length = px(tape.length());
        double off = tape.before() ? -TAPE - TAPE_OFF - around : TAPE_OFF + around;
        double x = px(tape.x()) + (across ? 0 : off);
        double y = px(tape.y()) + (across ? off : 0);
        svg.open("g", "transform", Pen.moved(x, y));
        svg.empty("rect", "class", "tape", "width", across ? length : TAPE, "height", across ? TAPE : length);
        svg.empty("path", "class", "ticks", "d", ticks(across, length, tape.before()));
        if (tape.before()) {
            figure(svg, words.lengths().bare(tape.length()), across, length);
        } else {
            double tx = across ? length / 2 : TAPE + 7;
            double ty = across ? TAPE + 16 : length / 2 - 3;
            svg.saying(
                    "text",
                    words.say(tape.label()),
                    "class",
                    "t-note",
                    "x",
                    tx,
                    "y",
                    ty,
                    "text-anchor",
                    across ? "middle" : "start");
            svg.saying(
                    "text",
                    words.lengths().withUnit(tape.length()),
                    "class",
                    "t-figure",
                    "x",
                    across ? tx + 56 : tx,
                    "y",
                    across ? ty : ty + 17,
                    "text-anchor",
                    across ? "middle" : "start");
        }
        return svg.close("g");
    }

    /** About how many characters wide a text is; a fraction with a slash is drawn as one. */
    private static double breadth(String text) {
        return text.replaceAll("[\u2060\u200a]*\\d+\u2044\\d+", "#").length();
    }

    private void figure(Markup svg, String figure, boolean across, double length) {
        double width = breadth(figure) * 7 + 10;
        double middle = length / 2;
        svg.open(
                "g",
                "transform",
                across
                        ? "translate(" + Markup.number(middle) + " 0)"
                        : "translate(0 " + Markup.number(middle) + ") rotate(-90)");
        svg.empty("rect", "class", "tape-figure", "x", -width / 2, "y", 1d, "width", width, "height", TAPE - 2);
        svg.saying("text", figure, "class", "t-tape", "x", 0d, "y", 13d, "text-anchor", "middle");
        svg.close("g");
    }

    /** Ticks at true scale: every inch or centimetre, the half where there is room, the fifth or tenth longer. */
    private String ticks(boolean across, double length, boolean before) {
        boolean metric = words.mark().unit().metric();
        double unit = metric ? pen.px(Length.cm(1)) : pen.scale();
        int parts = metric ? 1 : unit >= 28 ? 4 : unit >= 12 ? 2 : 1;
        return Pen.ticks(across, length, unit / parts, metric ? 5 * parts : parts, before ? TAPE : 0);
    }
}
