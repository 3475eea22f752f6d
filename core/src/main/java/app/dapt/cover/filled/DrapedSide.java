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
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** One side of a filled cover as it is seen: all that is drawn on it flat, where it is once the cover is filled. */
final class DrapedSide {

    /** How many steps of light and shade are told apart, and how strong each is. */
    private static final int TONES = 16;

    private static final double DARK = 0.045;
    private static final double BRIGHT = 0.045;
    /** How dark it is where no lamp reaches. */
    private static final double DARKEST = 0.2;
    /** The shadow of a hem on what lies below it. */
    private static final double HEM_SHADE = -0.25;
    /** How far cells of a picture reach over each other, in millimetres. */
    private static final double OVER = 0.4;
    /** Straight lines for each of the two edges of a gap. */
    private static final int BOW = 24;

    private final Reckoned reckoned;
    private final Draping draping;
    private final Sheet flat;
    private final List<Element> elements = new ArrayList<>();

    private DrapedSide(Reckoned reckoned, Draping draping) {
        this.reckoned = reckoned;
        this.draping = draping;
        this.flat = draping.back() ? CoverDrawing.backOutline(reckoned) : CoverDrawing.outline(reckoned);
    }

    /** What is seen of a side, the lowest first. */
    static List<Element> of(Reckoned reckoned, Draping draping) {
        DrapedSide side = new DrapedSide(reckoned, draping);
        side.drape();
        return side.elements;
    }

    /** Its cloth, what is sewn on it, light and shade, and what goes round its edge. */
    private void drape() {
        List<Element> over = new ArrayList<>();
        boolean first = true;
        for (Element element : flat.elements()) {
            if (element instanceof Stuff stuff) {
                stuff(stuff);
                first = false;
            } else if (element instanceof Trim trim) {
                List<Element> draped = trim(trim);
                (first ? elements : over).addAll(draped);
            } else if (element instanceof Shade shade) {
                elements.add(new Area(boxed(shade.box()), new Paint.Tone(HEM_SHADE)));
            } else if (element instanceof Line line) {
                lines(
                        line.role(),
                        List.of(
                                new Point(line.x1().toMm(), line.y1().toMm()),
                                new Point(line.x2().toMm(), line.y2().toMm())),
                        false);
            } else if (element instanceof Path path && path.role() != Role.SEAM) {
                lines(path.role(), path.points(), path.closed());
            } else if (element instanceof Spot spot) {
                Corner seen = draping.seen(new Point(spot.x().toMm(), spot.y().toMm()));
                if (seen.values()[0] > 0) {
                    over.add(new Spot(
                            spot.sort(), Length.nearMm(seen.x()), Length.nearMm(seen.y()), spot.size(), spot.along()));
                }
            }
        }
        gap();
        tones();
        seam();
        elements.addAll(over);
    }

    private List<List<Point>> boxed(Box box) {
        return draping.box(FlatCloth.contour(box));
    }

    private void lines(Role role, List<Point> points, boolean closed) {
        draping.line(points, closed).forEach(stretch -> elements.add(new Path(role, stretch, false)));
    }

    private void stuff(Stuff stuff) {
        boolean whole =
                stuff.box().width().equals(flat.width()) && stuff.box().height().equals(flat.height());
        Paint ground = new Paint.Ground(stuff.material(), stuff.rightSide());
        if (whole && draping.flanged()) {
            elements.add(new Area(draping.area(reckoned.dimensions().contour().points()), ground));
        }
        elements.add(new Area(whole ? draping.ground() : boxed(stuff.box()), ground));
        if (stuff.rightSide()) {
            printed(stuff);
            pictured(stuff);
        }
    }

    /** The print of a cloth on a stretch of it: every motif, bent with the cloth. */
    private void printed(Stuff stuff) {
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
    private void pictured(Stuff stuff) {
        Cloth cloth = reckoned.plan().cloths().of(stuff.material());
        if (cloth.photo().isEmpty()) {
            return;
        }
        double turned = (cloth.sideways() ? 90 : 0) + (stuff.turned() ? 180 : 0);
        Box box = stuff.box();
        int columns = (int) Math.ceil(box.width().toMm() / (2 * draping.step()));
        int rows = (int) Math.ceil(box.height().toMm() / (2 * draping.step()));
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

    /**
     * An opening that gapes: a lens where its panels slide further apart than they overlap. How far they slide falls
     * from the middle to the sides, which are sewn, as a cosine does; solved panels follow it within a tenth.
     */
    private void gap() {
        Back back = reckoned.back();
        Length widest = back.lap().map(Back.Lap::gape).orElse(Length.ZERO);
        if (!draping.back() || !widest.isPositive() || !back.spots().isEmpty()) {
            return;
        }
        double slip = back.lap().orElseThrow().slip().toMm();
        double overlap = slip - widest.toMm();
        boolean stacked = reckoned.plan().opening().runs() == Axis.ACROSS;
        Back.Panel outer = back.outer();
        double middle = (outer.from().isZero() ? outer.to() : outer.from()).toMm();
        double whole = stacked ? draping.width() : draping.height();
        double reach = whole / Math.PI * Math.acos(overlap / slip);
        List<Point> lens = new ArrayList<>();
        for (int half = 0; half < 2; half++) {
            for (int i = 0; i <= BOW; i++) {
                double off = reach * (half == 0 ? 2.0 * i / BOW - 1 : 1 - 2.0 * i / BOW);
                double along = whole / 2 + off;
                double open = Math.max(0, slip * Math.cos(Math.PI * off / whole) - overlap);
                double bow = open / 2 * (half == 0 ? -1 : 1);
                lens.add(stacked ? new Point(along, middle + bow) : new Point(middle + bow, along));
            }
        }
        elements.add(new Area(draping.area(lens), new Paint.Gap()));
    }

    /** Light and shade in steps, each of which lies on the one before. */
    private void tones() {
        List<Corner[]> triangles = draping.triangles(Light.LAMP);
        double even = Light.LAMP.flat();
        List<Corner[]> dark = triangles.stream()
                .map(triangle -> Stream.of(triangle)
                        .map(corner -> new Corner(
                                corner.x(), corner.y(), new double[] {corner.values()[0], -corner.values()[1]}))
                        .toArray(Corner[]::new))
                .toList();
        for (int i = 1; i <= TONES; i++) {
            double limit = even - (even - DARKEST) * i / (TONES + 1);
            List<List<Point>> areas = Regions.where(dark, 0, -limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(-DARK)));
            }
        }
        for (int i = 1; i <= TONES / 2; i++) {
            double limit = even + (1 - even) * i / (TONES / 2 + 1);
            List<List<Point>> areas = Regions.where(triangles, 0, limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(BRIGHT)));
            }
        }
    }

    /** The seam, as far as this side shows it. */
    private void seam() {
        draping.seam().forEach(stretch -> elements.add(new Path(Role.FINISHED_EDGE, stretch, false)));
    }

    /** What goes round the edge: as it is drawn flat where it is seen squarely, else as the band that it fills. */
    private List<Element> trim(Trim trim) {
        boolean cord = trim.look() == Look.PIPING || trim.look() == Look.RICKRACK;
        if (trim.look() == Look.TASSEL && !draping.view().isSquare()) {
            return List.of();
        }
        if (draping.view().isSquare() || cord) {
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
}
