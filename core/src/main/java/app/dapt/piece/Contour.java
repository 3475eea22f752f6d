package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.linemerge.LineMerger;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * A closed outline in millimetres, rightwards and downwards, curves drawn as many short straight lines. What a template
 * is traced along, so floating numbers serve; a cut size never comes from here unless nothing exact can be said.
 *
 * @param points the corners, the first not repeated at the end
 */
public record Contour(List<Point> points) {

    /** A corner, millimetres from the top left. */
    public record Point(double x, double y) {}

    /** A full circle's straight lines: they leave a pillow's curve by a tenth of a millimetre at most. */
    private static final int ROUND = 144;

    /** Millimetres that no cloth knows of. */
    private static final double HAIR = 1e-6;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Contour {
        points = List.copyOf(points);
    }

    public static Contour rectangle(double left, double top, double right, double bottom) {
        return new Contour(List.of(
                new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom)));
    }

    /** A circle that touches both axes. */
    public static Contour circle(Length diameter) {
        double r = diameter.toMm() / 2;
        List<Point> points = new ArrayList<>();
        arc(points, r, r, r, 0, 2 * Math.PI);
        points.remove(points.size() - 1);
        return new Contour(points);
    }

    /** Adds an arc about a middle, both its ends included; angles run clockwise from the right, as seen. */
    public static void arc(List<Point> points, double x, double y, double radius, double from, double to) {
        int steps = Math.max(1, (int) Math.ceil(Math.abs(to - from) / (2 * Math.PI) * ROUND));
        for (int i = 0; i <= steps; i++) {
            double angle = from + (to - from) * i / steps;
            points.add(new Point(x + radius * Math.cos(angle), y + radius * Math.sin(angle)));
        }
    }

    /** The outline so far outside this one, corners kept sharp: a cut line from a seam line. */
    public Contour grown(Length by) {
        BufferParameters sharp =
                new BufferParameters(ROUND / 4, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 6);
        return of(BufferOp.bufferOp(polygon(), by.toMm(), sharp));
    }

    /** What of it lies in a rectangle; the largest part where it falls apart, a thin strip where nothing does. */
    public Contour within(double left, double top, double right, double bottom) {
        if (left() >= left - HAIR && top() >= top - HAIR && right() <= right + HAIR && bottom() <= bottom + HAIR) {
            return this;
        }
        return of(OverlayNGRobust.overlay(
                polygon(), rectangle(left, top, right, bottom).polygon(), OverlayNG.INTERSECTION));
    }

    /**
     * How much of it lies in a rectangle, in square millimetres, by clipping it at one side after the other (Sutherland
     * and Hodgman, 1974): what falls apart stays joined by lines that enclose nothing.
     */
    public double areaWithin(double left, double top, double right, double bottom) {
        return clippedTo(left, top, right, bottom).area();
    }

    /** What of it lies in a rectangle, clipped as for {@link #areaWithin}. */
    public Contour clippedTo(double left, double top, double right, double bottom) {
        return clipped(p -> p.x() - left)
                .clipped(p -> right - p.x())
                .clipped(p -> p.y() - top)
                .clipped(p -> bottom - p.y());
    }

    /** What lies on the side of a line where a distance from it is not negative. */
    private Contour clipped(ToDoubleFunction<Point> inside) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            double from = inside.applyAsDouble(a);
            double to = inside.applyAsDouble(b);
            if (from >= 0) {
                kept.add(a);
            }
            if (from >= 0 != to >= 0) {
                double share = from / (from - to);
                kept.add(new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
            }
        }
        return new Contour(kept);
    }

    /** The area that lies within both, in square millimetres. */
    public double shared(Contour other) {
        return OverlayNGRobust.overlay(sound().polygon(), other.sound().polygon(), OverlayNG.INTERSECTION)
                .getArea();
    }

    /** What lies within both, each part by itself. */
    public List<List<Point>> common(Contour other) {
        Geometry within = OverlayNGRobust.overlay(polygon(), other.polygon(), OverlayNG.INTERSECTION);
        List<List<Point>> parts = new ArrayList<>();
        for (int i = 0; i < within.getNumGeometries(); i++) {
            if (within.getGeometryN(i) instanceof Polygon part) {
                parts.add(of(part).points());
            }
        }
        return parts;
    }

    public Contour scaled(double factor) {
        return new Contour(points.stream()
                .map(p -> new Point(p.x() * factor, p.y() * factor))
                .toList());
    }

    public Contour moved(double right, double down) {
        return new Contour(
                points.stream().map(p -> new Point(p.x() + right, p.y() + down)).toList());
    }

    /** The same outline seen in a mirror that stands upright so far from the left. */
    public Contour mirrored(double at) {
        return turnedOver(p -> new Point(2 * at - p.x(), p.y()));
    }

    /** This outline turned over so that top and bottom change places, about a height. */
    public Contour upsideDown(double at) {
        return turnedOver(p -> new Point(p.x(), 2 * at - p.y()));
    }

    /** Every point mirrored, the corners still running the same way round. */
    private Contour turnedOver(UnaryOperator<Point> mirror) {
        List<Point> turned = new ArrayList<>(points.stream().map(mirror).toList());
        Collections.reverse(turned);
        return new Contour(turned);
    }

    /** What lies in either, as one outline; the larger part where they do not meet. */
    public Contour with(Contour other) {
        return of(OverlayNGRobust.overlay(polygon(), other.polygon(), OverlayNG.UNION));
    }

    /** The stretches of this outline that lie farther from another one than this. */
    public List<List<Point>> apartFrom(Contour other, double millimetres) {
        LineMerger merger = new LineMerger();
        merger.add(polygon()
                .getExteriorRing()
                .difference(other.polygon().getExteriorRing().buffer(millimetres)));
        List<List<Point>> stretches = new ArrayList<>();
        for (Object merged : merger.getMergedLineStrings()) {
            stretches.add(Stream.of(((Geometry) merged).getCoordinates())
                    .map(c -> new Point(c.x, c.y))
                    .toList());
        }
        return stretches;
    }

    /** The same outline without the corners that lie no further than this off the line past them. */
    public Contour simplified(double millimetres) {
        List<Point> kept = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < points.size(); i++) {
            if (kept.isEmpty()) {
                kept.add(points.get(0));
            }
            Point end = points.get((i + 1) % points.size());
            boolean off = false;
            for (int between = from + 1; between <= i && !off; between++) {
                off = distance(points.get(between), points.get(from), end) > millimetres;
            }
            if (off) {
                kept.add(points.get(i));
                from = i;
            }
        }
        return kept.size() < 3 ? this : new Contour(kept);
    }

    private static double distance(Point p, Point a, Point b) {
        double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
        return length == 0
                ? Math.hypot(p.x() - a.x(), p.y() - a.y())
                : Math.abs((b.x() - a.x()) * (a.y() - p.y()) - (a.x() - p.x()) * (b.y() - a.y())) / length;
    }

    /** A stretch of the outline so many millimetres long, about the point that lies half way round from a given one. */
    public List<Point> stretchOpposite(Point near, double length) {
        return stretch(near, length, perimeter() / 2);
    }

    /** A stretch of the outline so many millimetres long, about the point of it that lies nearest to a given one. */
    public List<Point> stretch(Point near, double length) {
        return stretch(near, length, 0);
    }

    private List<Point> stretch(Point near, double length, double further) {
        Coordinate[] ring = polygon().getExteriorRing().getCoordinates();
        // Twice round, so that no stretch is cut by where the ring begins.
        Coordinate[] twice = Arrays.copyOf(ring, 2 * ring.length - 1);
        System.arraycopy(ring, 1, twice, ring.length, ring.length - 1);
        LengthIndexedLine line = new LengthIndexedLine(GEOMETRY.createLineString(twice));
        double middle = (line.project(new Coordinate(near.x(), near.y())) + further) % perimeter();
        double start = middle < length / 2 ? middle + perimeter() : middle;
        return Stream.of(
                        line.extractLine(start - length / 2, start + length / 2).getCoordinates())
                .map(c -> new Point(c.x, c.y))
                .toList();
    }

    /** Millimetres from the top left to where it reaches farthest. */
    public double left() {
        return least(Point::x);
    }

    public double right() {
        return -least(p -> -p.x());
    }

    public double top() {
        return least(Point::y);
    }

    public double bottom() {
        return -least(p -> -p.y());
    }

    /** The least of all points; nought where there are none. */
    private double least(ToDoubleFunction<Point> of) {
        double least = points.isEmpty() ? 0 : Double.POSITIVE_INFINITY;
        for (Point point : points) {
            least = Math.min(least, of.applyAsDouble(point));
        }
        return least;
    }

    /** Square millimetres. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }

    /** Where it turns by more than a radian. */
    public List<Point> corners() {
        List<Point> points = points();
        int count = points.size();
        return IntStream.range(0, count)
                .filter(i -> turns(points.get((i + count - 1) % count), points.get(i), points.get((i + 1) % count)))
                .mapToObj(points::get)
                .toList();
    }

    private static boolean turns(Point before, Point at, Point after) {
        double turn = Math.atan2(after.y() - at.y(), after.x() - at.x())
                - Math.atan2(at.y() - before.y(), at.x() - before.x());
        return Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)) > 1;
    }

    /** Millimetres all round. */
    public double perimeter() {
        double length = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            length += Math.hypot(b.x() - a.x(), b.y() - a.y());
        }
        return length;
    }

    /** The least and the greatest of something. */
    public record Reach(double least, double most) {
        /** In the unit of its ends. */
        public double length() {
            return Math.max(0, most - least);
        }
    }

    /**
     * How far it reaches one way, looking only at a strip of it.
     *
     * @param along the way
     * @param from  where the strip begins, counted the other way
     * @param to    where it ends
     */
    public Reach reach(Axis along, double from, double to) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            double start = along == Axis.ACROSS ? a.y() : a.x();
            double end = along == Axis.ACROSS ? b.y() : b.x();
            // Both ends of what lies in the strip of this stretch of the outline.
            for (double cut : new double[] {Math.max(from, Math.min(start, end)), Math.min(to, Math.max(start, end))}) {
                if (cut < Math.min(start, end) || cut > Math.max(start, end) || cut < from || cut > to) {
                    continue;
                }
                double share = start == end ? 0 : (cut - start) / (end - start);
                double at = along == Axis.ACROSS ? a.x() + share * (b.x() - a.x()) : a.y() + share * (b.y() - a.y());
                double other = start != end ? at : along == Axis.ACROSS ? b.x() : b.y();
                least = Math.min(least, Math.min(at, other));
                most = Math.max(most, Math.max(at, other));
            }
        }
        return new Reach(least, most);
    }

    /** The same outline where it is one; where it crosses itself, the largest part of what it encloses. */
    public Contour sound() {
        Polygon polygon = polygon();
        return polygon.isValid() ? this : of(GeometryFixer.fix(polygon));
    }

    private Polygon polygon() {
        if (points.size() < 3) {
            return GEOMETRY.createPolygon();
        }
        Coordinate[] ring = new Coordinate[points.size() + 1];
        for (int i = 0; i < points.size(); i++) {
            ring[i] = new Coordinate(points.get(i).x(), points.get(i).y());
        }
        ring[points.size()] = ring[0];
        return GEOMETRY.createPolygon(ring);
    }

    private static Contour of(Geometry geometry) {
        Geometry largest = geometry;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            Geometry part = geometry.getGeometryN(i);
            if (!(largest instanceof Polygon) || part.getArea() > largest.getArea()) {
                largest = part;
            }
        }
        if (!(largest instanceof Polygon polygon) || polygon.isEmpty()) {
            return new Contour(List.of());
        }
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ring.length - 1; i++) {
            points.add(new Point(ring[i].x, ring[i].y));
        }
        return new Contour(points);
    }
}
