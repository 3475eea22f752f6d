package app.dapt.cover.filled;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.Back;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.filled.Regions.Corner;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Look;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Sheet;
import app.dapt.filling.sheet.Surface;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A cover with its form in, in its own cloth, as it is seen from somewhere. */
public final class FilledDrawing {

    /** How many steps of light and shade are told apart, and how strong each is. */
    private static final int TONES = 16;

    private static final double DARK = 0.045;
    private static final double BRIGHT = 0.045;
    private static final double MM_TO_THE_INCH = 25.4;
    /** How far cells of a picture reach over each other, in millimetres. */
    private static final double OVER = 0.4;

    private final Reckoned reckoned;
    private final FilledCover filled;
    private final View view;
    private final Surface surface;
    private final double width;
    private final double height;
    private final double step;
    private final List<Element> elements = new ArrayList<>();

    private FilledDrawing(Reckoned reckoned, FilledCover filled, View view) {
        this.reckoned = reckoned;
        this.filled = filled;
        this.view = view;
        this.surface = filled.surface();
        this.width = reckoned.finished(Axis.ACROSS).toMm();
        this.height = reckoned.finished(Axis.UP_DOWN).toMm();
        this.step = filled.width() / 14;
    }

    /**
     * A filled cover.
     *
     * @param others the same cover fuller and less full, drawn as outlines
     */
    public static Sheet of(Reckoned reckoned, FilledCover filled, View view, List<FilledCover> others) {
        return new FilledDrawing(reckoned, filled, view).sheet(others);
    }

    private Sheet sheet(List<FilledCover> others) {
        List<Boolean> sides =
                switch (view) {
                    case FRONT -> List.of(false);
                    case BACK -> List.of(true);
                    case EDGE_ON, STANDING -> List.of(true, false);
                };
        List<Contour> outlines = new ArrayList<>();
        for (boolean back : sides) {
            Draping draping = draping(surface, back);
            List<Corner[]> triangles = draping.triangles(Light.LAMP);
            List<List<Point>> ground = Regions.where(triangles, 0);
            if (!ground.isEmpty()) {
                side(draping, triangles, ground);
                ground.forEach(outline -> outlines.add(new Contour(outline)));
            }
        }
        Contour whole = view == View.EDGE_ON ? around(outlines) : withFlange(joined(outlines));
        if (!isSquare()) {
            elements.add(0, new Area(List.of(shadow(whole)), new Paint.Cast()));
        }
        for (FilledCover other : others) {
            silhouette(other).forEach(outline -> elements.add(new Path(Role.HIDDEN_EDGE, outline.points(), true)));
        }
        double left = whole.left();
        double top = whole.top();
        return new Sheet(
                length(whole.right() - left),
                length(whole.bottom() - top),
                Stream.concat(elements.stream().map(element -> moved(element, -left, -top)), tapes(whole).stream())
                        .toList(),
                // Seen along its seam nothing lies outside it.
                view == View.EDGE_ON ? Optional.empty() : Optional.of(whole.moved(-left, -top)),
                CoverDrawing.outline(reckoned).around(),
                false,
                Phrase.of(
                        "drawing.filled." + Phrase.code(view),
                        reckoned.finished(Axis.ACROSS),
                        reckoned.finished(Axis.UP_DOWN),
                        length(filled.thickness())));
    }

    private Draping draping(Surface of, boolean back) {
        boolean flanged = reckoned.plan().edging().flange().isPositive();
        return new Draping(of, view, back, width, height, flanged, step);
    }

    /** The outlines of another shape of this cover. */
    private List<Contour> silhouette(FilledCover other) {
        Surface shape = other.surface();
        List<Contour> outlines = new ArrayList<>();
        for (boolean back : new boolean[] {true, false}) {
            Regions.where(draping(shape, back).triangles(Light.LAMP), 0)
                    .forEach(outline -> outlines.add(new Contour(outline)));
        }
        return view == View.EDGE_ON ? outlines : List.of(joined(outlines));
    }

    /** Several outlines as one; the largest where they do not meet. */
    private static Contour joined(List<Contour> outlines) {
        return outlines.stream().map(Contour::sound).reduce(Contour::with).orElseThrow();
    }

    /** The rectangle round several outlines. */
    private static Contour around(List<Contour> outlines) {
        List<Point> all =
                outlines.stream().flatMap(outline -> outline.points().stream()).toList();
        Contour together = new Contour(all);
        return Contour.rectangle(together.left(), together.top(), together.right(), together.bottom());
    }

    /** The outline with the flange round it, which stays flat. */
    private Contour withFlange(Contour outline) {
        Length flange = reckoned.plan().edging().flange();
        return flange.isPositive() ? outline.with(new Contour(flangeSeen()).sound()) : outline;
    }

    private List<Point> flangeSeen() {
        Draping draping = draping(surface, view == View.BACK);
        List<Point> seen = new ArrayList<>();
        List<Point> around = reckoned.dimensions().contour().points();
        for (int i = 0; i < around.size(); i++) {
            Point from = around.get(i);
            Point to = around.get((i + 1) % around.size());
            int parts = Math.max(1, (int) Math.ceil(Math.hypot(to.x() - from.x(), to.y() - from.y()) / step));
            for (int part = 0; part < parts; part++) {
                double share = (double) part / parts;
                Corner corner = draping.seen(
                        new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
                seen.add(new Point(corner.x(), corner.y()));
            }
        }
        return seen;
    }

    /** One side of the cover: its cloth, what is sewn on it, light and shade, and what goes round its edge. */
    private void side(Draping draping, List<Corner[]> triangles, List<List<Point>> ground) {
        Sheet flat = draping.back() ? CoverDrawing.backOutline(reckoned) : CoverDrawing.outline(reckoned);
        List<Element> over = new ArrayList<>();
        boolean first = true;
        for (Element element : flat.elements()) {
            if (element instanceof Stuff stuff) {
                stuff(draping, stuff, flat, ground);
                first = false;
            } else if (element instanceof Trim trim) {
                List<Element> draped = trim(draping, trim);
                (first ? elements : over).addAll(draped);
            } else if (element instanceof Shade shade) {
                elements.add(new Area(boxed(draping, shade.box()), new Paint.Tone(-0.25)));
            } else if (element instanceof Line line) {
                lines(
                        draping,
                        line.role(),
                        List.of(
                                new Point(line.x1().toMm(), line.y1().toMm()),
                                new Point(line.x2().toMm(), line.y2().toMm())),
                        false);
            } else if (element instanceof Path path && path.role() != Role.SEAM) {
                lines(draping, path.role(), path.points(), path.closed());
            } else if (element instanceof Spot spot) {
                Corner seen = draping.seen(new Point(spot.x().toMm(), spot.y().toMm()));
                if (seen.values()[0] > 0) {
                    over.add(new Spot(spot.sort(), length(seen.x()), length(seen.y()), spot.size(), spot.along()));
                }
            }
        }
        gap(draping);
        tones(triangles);
        elements.addAll(seam(draping));
        elements.addAll(over);
    }

    private static List<List<Point>> boxed(Draping draping, Box box) {
        return draping.box(
                box.left().toMm(),
                box.top().toMm(),
                box.right().toMm(),
                box.bottom().toMm());
    }

    private void lines(Draping draping, Role role, List<Point> points, boolean closed) {
        draping.line(points, closed).forEach(stretch -> elements.add(new Path(role, stretch, false)));
    }

    private void stuff(Draping draping, Stuff stuff, Sheet flat, List<List<Point>> ground) {
        boolean whole =
                stuff.box().width().equals(flat.width()) && stuff.box().height().equals(flat.height());
        if (whole && reckoned.plan().edging().flange().isPositive()) {
            elements.add(new Area(List.of(flangeSeen()), new Paint.Ground(stuff.material(), stuff.rightSide())));
        }
        elements.add(new Area(
                whole ? ground : boxed(draping, stuff.box()), new Paint.Ground(stuff.material(), stuff.rightSide())));
        if (stuff.rightSide()) {
            printed(draping, stuff, flat);
            pictured(draping, stuff);
        }
    }

    /** The print of a cloth on a stretch of it: every motif, bent with the cloth. */
    private void printed(Draping draping, Stuff stuff, Sheet flat) {
        for (Area area : FlatCloth.printed(reckoned, flat, stuff)) {
            boolean line = FlatCloth.isLine(area);
            List<List<Point>> draped = new ArrayList<>();
            for (List<Point> outline : area.outlines()) {
                draped.addAll(line ? draping.line(outline, false) : draping.area(outline));
            }
            elements.add(new Area(draped, area.paint()));
        }
    }

    /** The picture of a cloth in small cells, each of which lies nearly plane. */
    private void pictured(Draping draping, Stuff stuff) {
        Cloth cloth = reckoned.plan().cloths().of(stuff.material());
        if (cloth.photo().isEmpty()) {
            return;
        }
        double turned = (cloth.sideways() ? 90 : 0) + (stuff.turned() ? 180 : 0);
        Box box = stuff.box();
        int columns = (int) Math.ceil(box.width().toMm() / (2 * step));
        int rows = (int) Math.ceil(box.height().toMm() / (2 * step));
        double wide = box.width().toMm() / columns;
        double high = box.height().toMm() / rows;
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < rows; row++) {
                double left = box.left().toMm() + column * wide;
                double top = box.top().toMm() + row * high;
                // A little larger than it is, so that no ground shows between it and the next.
                List<List<Point>> cell =
                        draping.area(Contour.rectangle(left - OVER, top - OVER, left + wide + OVER, top + high + OVER)
                                .points());
                if (!cell.isEmpty()) {
                    List<Double> mapping = draping.linear(new Point(left, top), wide, high);
                    elements.add(new Area(cell, new Paint.Pictured(stuff.material(), turned, mapping)));
                }
            }
        }
    }

    /** An opening that gapes: a lens along it, as wide in the middle as the panels slide apart. */
    private void gap(Draping draping) {
        Back back = reckoned.back();
        if (!draping.back()
                || back.lap().filter(Back.Lap::gapes).isEmpty()
                || !back.spots().isEmpty()) {
            return;
        }
        Back.Lap lap = back.lap().get();
        double open = lap.slip().minus(Length.max(Length.ZERO, lap.overlap())).toMm();
        boolean stacked = reckoned.plan().opening().runs() == Axis.ACROSS;
        Back.Panel outer = back.outer();
        Length at = outer.from().isZero() ? outer.to() : outer.from();
        double middle = at.toMm();
        double whole = stacked ? width : height;
        List<Point> lens = new ArrayList<>();
        for (int half = 0; half < 2; half++) {
            for (int i = 0; i <= 24; i++) {
                double along = whole * (half == 0 ? i : 24 - i) / 24;
                double bow = open / 2 * Math.sin(Math.PI * along / whole) * (half == 0 ? -1 : 1);
                lens.add(stacked ? new Point(along, middle + bow) : new Point(middle + bow, along));
            }
        }
        elements.add(new Area(draping.area(lens), new Paint.Gap()));
    }

    /** Light and shade in steps, each of which lies on the one before. */
    private void tones(List<Corner[]> triangles) {
        double flat = Light.LAMP.flat();
        List<Corner[]> dark = triangles.stream()
                .map(triangle -> Stream.of(triangle)
                        .map(corner -> new Corner(
                                corner.x(), corner.y(), new double[] {corner.values()[0], -corner.values()[1]}))
                        .toArray(Corner[]::new))
                .toList();
        for (int i = 1; i <= TONES; i++) {
            double limit = flat - (flat - 0.2) * i / (TONES + 1);
            List<List<Point>> areas = Regions.where(dark, 0, -limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(-DARK)));
            }
        }
        for (int i = 1; i <= TONES / 2; i++) {
            double limit = flat + (1 - flat) * i / (TONES / 2 + 1);
            List<List<Point>> areas = Regions.where(triangles, 0, limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(BRIGHT)));
            }
        }
    }

    /** The seam, as far as this side shows it. */
    private List<Element> seam(Draping draping) {
        List<Point> flat = new ArrayList<>();
        for (int point : surface.seam()) {
            double x = surface.flat(point)[0];
            flat.add(new Point((draping.back() ? -x : x) + width / 2, height / 2 - surface.flat(point)[1]));
        }
        return draping.line(flat, true).stream()
                .<Element>map(stretch -> new Path(Role.FINISHED_EDGE, stretch, false))
                .toList();
    }

    /** What goes round the edge: as it is drawn flat where it is seen squarely, else as the band that it fills. */
    private List<Element> trim(Draping draping, Trim trim) {
        boolean cord = trim.look() == Look.PIPING || trim.look() == Look.RICKRACK;
        if (trim.look() == Look.TASSEL && !isSquare()) {
            return List.of();
        }
        if (isSquare() || cord) {
            boolean closed = trim.look() == Look.PIPING && trim.path().size() > 2;
            return draping.line(trim.path(), closed).stream()
                    .<Element>map(path -> new Trim(trim.look(), path, trim.deep(), trim.material(), trim.inward()))
                    .toList();
        }
        double deep = trim.deep().toMm();
        List<List<Point>> bands = new ArrayList<>();
        for (int i = 0; i + 1 < trim.path().size(); i++) {
            Point from = trim.path().get(i);
            Point to = trim.path().get(i + 1);
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            if (length > 0) {
                // Along a straight side it reaches beyond the corner, where the next side's meets it.
                double on = length > 2 * deep ? deep : 0;
                Point a = beyond(to, from, on);
                Point b = beyond(from, to, on);
                double outX = (b.y() - a.y()) / (length + 2 * on) * deep;
                double outY = -(b.x() - a.x()) / (length + 2 * on) * deep;
                bands.addAll(draping.area(
                        List.of(a, b, new Point(b.x() + outX, b.y() + outY), new Point(a.x() + outX, a.y() + outY))));
            }
        }
        return List.of(new Area(bands, new Paint.Trimming(trim.material())));
    }

    private static Point beyond(Point from, Point to, double by) {
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double share = 1 + by / length;
        return new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y()));
    }

    /** A soft shadow on what it stands or lies on: standing, behind its lower edge. */
    private List<Point> shadow(Contour whole) {
        if (view == View.EDGE_ON) {
            double middle = (whole.left() + whole.right()) / 2;
            return ellipse(middle, whole.bottom(), (whole.right() - whole.left()) * .46, filled.thickness() * .13);
        }
        Draping draping = draping(surface, false);
        Corner left = draping.seen(new Point(0, height));
        Corner right = draping.seen(new Point(width, height));
        double deep = filled.thickness();
        return List.of(
                new Point(left.x(), left.y()),
                new Point(right.x(), right.y()),
                new Point(right.x() + deep * 1.1, right.y() - deep * .1),
                new Point(left.x() + deep * 1.5, left.y() + deep * .05));
    }

    private static List<Point> ellipse(double x, double y, double wide, double high) {
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < 32; i++) {
            double angle = 2 * Math.PI * i / 32;
            round.add(new Point(x + wide * Math.cos(angle), y + high * Math.sin(angle)));
        }
        return round;
    }

    private boolean isSquare() {
        return view == View.FRONT || view == View.BACK;
    }

    private List<Element> tapes(Contour whole) {
        return switch (view) {
            case FRONT ->
                List.of(
                        tape(Axis.ACROSS, filled.straight(Axis.ACROSS), whole.right() - whole.left()),
                        tape(Axis.UP_DOWN, filled.straight(Axis.UP_DOWN), whole.bottom() - whole.top()));
            case EDGE_ON -> List.of(tape(Axis.UP_DOWN, filled.thickness(), whole.bottom() - whole.top()));
            case BACK, STANDING -> List.of();
        };
    }

    private static Tape tape(Axis way, double long_, double of) {
        Length from = length((of - long_) / 2);
        return new Tape(
                way,
                way == Axis.ACROSS ? from : Length.ZERO,
                way == Axis.ACROSS ? Length.ZERO : from,
                length(long_),
                true,
                Phrase.of("tape.filled"));
    }

    private static Length length(double millimetres) {
        return Length.nearInches(millimetres / MM_TO_THE_INCH);
    }

    private static Element moved(Element element, double right, double down) {
        if (element instanceof Area area) {
            return new Area(
                    area.outlines().stream()
                            .map(outline -> moved(outline, right, down))
                            .toList(),
                    area.paint() instanceof Paint.Pictured picture ? picture.moved(right, down) : area.paint());
        }
        if (element instanceof Path path) {
            return new Path(path.role(), moved(path.points(), right, down), path.closed());
        }
        if (element instanceof Trim trim) {
            return new Trim(trim.look(), moved(trim.path(), right, down), trim.deep(), trim.material(), trim.inward());
        }
        if (element instanceof Spot spot) {
            return new Spot(
                    spot.sort(), spot.x().plus(length(right)), spot.y().plus(length(down)), spot.size(), spot.along());
        }
        throw new IllegalArgumentException("cannot be moved: " + element);
    }

    private static List<Point> moved(List<Point> points, double right, double down) {
        return points.stream().map(p -> new Point(p.x() + right, p.y() + down)).toList();
    }
}
