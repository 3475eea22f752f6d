package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Look;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Sheet;
import app.dapt.drawing.Stand;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What stands out beyond the seam of a cover, as shapes: it stays flat, and so is seen aslant where the cover is not
 * seen squarely. All measures in millimetres of the flat cover, from its top left corner.
 */
public final class FlatTrim {

    /** Between two gathers of a ruffle, for each millimetre of its depth, and at least. */
    private static final double GATHER = 0.16;

    private static final double CLOSEST_GATHERS = 6;
    /** Between gathers a ruffle's edge falls back to so much of its depth. */
    private static final double FALLS_BACK = 0.9;
    /** How far out the shadow of a gather runs, and how dark it is. */
    private static final double SHADOW = 0.74;

    private static final double SHADE = -0.16;
    /** Between two turns of a rickrack, for each millimetre of its depth, and how thick it is. */
    private static final double TURN = 0.35;

    private static final double BRAID = 0.33;
    /** The threads of a tassel to either side of the middle one, and how far apart their ends are. */
    private static final int THREADS = 3;

    private static final double SPREAD = 0.06;

    private final Reckoned reckoned;
    private final Sheet flat;
    private final Trim trim;
    private final double deep;
    private final List<Area> areas = new ArrayList<>();

    /**
     * What is as thick as it is wide and lies along the seam.
     *
     * @param path  its first point again at its end where it goes all round
     * @param thick in millimetres
     */
    public record Cord(List<Point> path, double thick, Material material) {

        public Cord {
            path = List.copyOf(path);
        }
    }

    private FlatTrim(Reckoned reckoned, Sheet flat, Trim trim) {
        this.reckoned = reckoned;
        this.flat = flat;
        this.trim = trim;
        this.deep = trim.deep().toMm();
    }

    /** All that stands out round a cover, the lowest first; none of it a cord. */
    public static List<Area> of(Reckoned reckoned) {
        Sheet flat = CoverDrawing.outline(reckoned);
        return trims(flat)
                .filter(trim -> !isCord(trim))
                .flatMap(trim -> of(reckoned, flat, trim).stream())
                .toList();
    }

    /** The cords and braids that lie along its seam. */
    public static List<Cord> cords(Reckoned reckoned) {
        return trims(CoverDrawing.outline(reckoned))
                .filter(FlatTrim::isCord)
                .map(trim -> trim.look() == Look.PIPING
                        ? new Cord(trim.path(), trim.deep().toMm(), trim.material())
                        : new Cord(turns(trim), trim.deep().toMm() * BRAID, trim.material()))
                .toList();
    }

    /** The shapes of one trim, the lowest first. */
    static List<Area> of(Reckoned reckoned, Sheet flat, Trim trim) {
        FlatTrim shapes = new FlatTrim(reckoned, flat, trim);
        shapes.draw();
        return shapes.areas;
    }

    /** Whether it lies on the seam instead of standing out from it. */
    static boolean isCord(Trim trim) {
        return trim.look() == Look.PIPING || trim.look() == Look.RICKRACK;
    }

    private static Stream<Trim> trims(Sheet flat) {
        return flat.elements().stream().filter(Trim.class::isInstance).map(Trim.class::cast);
    }

    /** A braid that goes to and fro across the seam. */
    private static List<Point> turns(Trim trim) {
        double deep = trim.deep().toMm();
        List<Point> turns = new ArrayList<>();
        for (Stand stand : Stand.along(trim.path(), Math.max(2.5, TURN * deep), deep, trim.inward())) {
            turns.add(stand.out(turns.size() % 2 == 0 ? deep / 2 : -deep / 2));
        }
        return turns;
    }

    private void draw() {
        switch (trim.look()) {
            case RUFFLE -> ruffle();
            case FRINGE -> add(threads(Math.max(3, deep / 9), 0.6));
            case BEADS -> {
                double spacing = Math.max(6, deep / 3);
                add(threads(spacing, 0.12));
                add(dots(spacing, 0.88, deep * 0.12));
            }
            case POM_POMS -> add(dots(deep * 1.05, 0.6, deep * 0.42));
            case LACE -> add(dots(Math.max(6, deep * 0.9), 0.5, deep * 0.5));
            case TASSEL -> tassel();
            case PIPING, RICKRACK -> throw new IllegalArgumentException("lies on the seam");
        }
    }

    private void add(List<List<Point>> shapes) {
        paint(shapes, new Paint.Trimming(trim.material()));
    }

    private void paint(List<List<Point>> outlines, Paint paint) {
        areas.add(new Area(outlines, paint, true));
    }

    private List<Stand> stands(double spacing) {
        return Stand.along(trim.path(), spacing, deep, trim.inward());
    }

    /** Threads side by side, each of which takes a share of the room it has. */
    private List<List<Point>> threads(double spacing, double share) {
        return stands(spacing).stream()
                .map(stand -> thread(stand.at(), stand.out(deep), spacing * share / 2))
                .toList();
    }

    private static List<Point> thread(Point from, Point to, double half) {
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double x = -(to.y() - from.y()) / length * half;
        double y = (to.x() - from.x()) / length * half;
        return List.of(
                new Point(from.x() - x, from.y() - y),
                new Point(from.x() + x, from.y() + y),
                new Point(to.x() + x, to.y() + y),
                new Point(to.x() - x, to.y() - y));
    }

    /** A knot at the end of the path, and threads that fan out from it the same way on. */
    private void tassel() {
        Point from = trim.path().get(0);
        Point at = trim.path().get(trim.path().size() - 1);
        double length = Math.hypot(at.x() - from.x(), at.y() - from.y());
        Stand way = new Stand(at, (at.x() - from.x()) / length, (at.y() - from.y()) / length);
        List<List<Point>> threads = new ArrayList<>();
        for (int i = -THREADS; i <= THREADS; i++) {
            Point end = way.out(deep);
            double aside = i * deep * SPREAD;
            threads.add(thread(
                    way.out(deep * 0.2),
                    new Point(end.x() - way.outY() * aside, end.y() + way.outX() * aside),
                    deep * SPREAD / 3));
        }
        add(threads);
        add(List.of(FilledDrawing.ellipse(way.out(deep * 0.14), deep * 0.1, deep * 0.1)));
    }

    /** Round ones, their middles so far out of the depth. */
    private List<List<Point>> dots(double spacing, double out, double radius) {
        return stands(spacing).stream()
                .map(stand -> FilledDrawing.ellipse(stand.out(deep * out), radius, radius))
                .toList();
    }

    /** A band whose edge waves, its print, and a shadow where each gather begins. */
    private void ruffle() {
        List<Stand> stands = stands(Math.max(CLOSEST_GATHERS, GATHER * deep));
        List<List<Point>> band = new ArrayList<>();
        List<List<Point>> shadows = new ArrayList<>();
        for (int i = 0; i + 1 < stands.size(); i++) {
            Stand one = stands.get(i);
            Stand next = stands.get(i + 1);
            double far = deep * (i % 2 == 0 ? 1 : FALLS_BACK);
            double nextFar = deep * (i % 2 == 0 ? FALLS_BACK : 1);
            band.add(List.of(one.at(), next.at(), next.out(nextFar), one.out(far)));
            if (i % 2 == 1) {
                shadows.add(List.of(one.at(), next.at(), one.out(deep * SHADOW)));
            }
        }
        add(band);
        printed();
        paint(shadows, new Paint.Tone(SHADE));
    }

    /** The print of its cloth along each straight side. */
    private void printed() {
        for (int i = 0; i + 1 < trim.path().size(); i++) {
            Point from = trim.path().get(i);
            Point to = trim.path().get(i + 1);
            if (from.x() == to.x() || from.y() == to.y()) {
                Stuff stuff = new Stuff(beside(from, to), trim.material(), true, false, "", Part.NONE);
                FlatCloth.printed(reckoned, flat, stuff).stream()
                        .filter(area -> !FlatCloth.isLine(area))
                        .forEach(area -> paint(area.outlines(), area.paint()));
            }
        }
    }

    /** The rectangle that a ruffle fills beside a side of a path that runs clockwise. */
    private Box beside(Point from, Point to) {
        Length left = Length.nearMm(Math.min(from.x(), to.x()));
        Length top = Length.nearMm(Math.min(from.y(), to.y()));
        Length far = trim.deep().times(9, 10);
        return from.y() == to.y()
                ? new Box(
                        left, to.x() > from.x() ? top.minus(far) : top, Length.nearMm(Math.abs(to.x() - from.x())), far)
                : new Box(
                        to.y() > from.y() ? left : left.minus(far),
                        top,
                        far,
                        Length.nearMm(Math.abs(to.y() - from.y())));
    }
}
