package app.dapt.filling.sheet;

import app.dapt.filling.sheet.Mesh.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import org.locationtech.jts.triangulate.DelaunayTriangulationBuilder;
import org.locationtech.jts.triangulate.quadedge.LocateFailureException;

/**
 * Meshes an outline that is alike on both sides of its upright middle: what lies right of the middle, or a quarter
 * where top and bottom are alike too. Points lie evenly along the outline and in rows of equal triangles within it;
 * they are joined as Delaunay does.
 */
public final class OutlineMesh {

    /** A part of its area by which an outline may differ from its mirror image. */
    private static final double ALIKE = 1e-3;
    /** What turns by more than this is a corner, which keeps its vertex. */
    private static final double CORNER = Math.toRadians(25);
    /** How near to the outline rows of points end, in spacings. */
    private static final double APART = 0.6;

    private static final double HAIR = 1e-7;
    private static final double ROW = Math.sqrt(3) / 2;
    /** So little, in millimetres, may a point of an outline lie off the line between its neighbours and be left out. */
    private static final double SAME = 1e-6;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final Polygon domain;
    private final Geometry whole;
    private final double spacing;
    private final Part part;
    private final List<Coordinate> points = new ArrayList<>();
    private final Map<Coordinate, Integer> numbers = new TreeMap<>();

    private OutlineMesh(Polygon whole, Polygon domain, double spacing, Part part) {
        this.whole = whole.getBoundary();
        this.domain = domain;
        this.spacing = spacing;
        this.part = part;
    }

    /**
     * How wide an outline is at its narrowest, as far as that matters: the widest circle that lies within it; in
     * the unit of its corners.
     */
    public static double width(List<double[]> outline) {
        Polygon drawn = polygon(outline);
        return 2
                * MaximumInscribedCircle.getRadiusLine(drawn, drawn.getLength() / 4000)
                        .getLength();
    }

    /** The outline without the points that lie where others do, which would be edges of no length. */
    private static Polygon polygon(List<double[]> outline) {
        CoordinateList ring = new CoordinateList();
        outline.forEach(corner -> ring.add(new Coordinate(corner[0], corner[1])));
        ring.closeRing();
        return (Polygon) DouglasPeuckerSimplifier.simplify(GEOMETRY.createPolygon(ring.toCoordinateArray()), SAME);
    }

    /**
     * Meshes an outline, its middle at nought.
     *
     * @param outline its corners, y upwards
     * @param unit    how long in it a unit of the mesh is
     * @param perHalf cells along half a unit, at least two
     * @return nothing where its two sides are not alike, or it is too narrow somewhere to be meshed like that
     */
    public static Optional<Mesh> of(List<double[]> outline, double unit, int perHalf) {
        Polygon drawn = polygon(outline);
        Envelope around = drawn.getEnvelopeInternal();
        AffineTransformation middle = AffineTransformation.translationInstance(-around.centre().x, -around.centre().y);
        middle.scale(1 / unit, 1 / unit);
        Polygon whole = (Polygon) middle.transform(drawn);
        if (!isAlike(whole, -1, 1)) {
            return Optional.empty();
        }
        boolean quarter = isAlike(whole, 1, -1);
        double far = 2 * whole.getLength();
        Geometry window = GEOMETRY.toGeometry(new Envelope(0, far, quarter ? 0 : -far, far));
        Geometry cut = OverlayNGRobust.overlay(whole, window, OverlayNG.INTERSECTION);
        Geometry domain = IntStream.range(0, cut.getNumGeometries())
                .mapToObj(cut::getGeometryN)
                .max(Comparator.comparingDouble(Geometry::getArea))
                .orElse(cut);
        Part part = quarter ? Part.QUARTER : Part.HALF;
        return domain instanceof Polygon half && half.getArea() * (quarter ? 4 : 2) > whole.getArea() * (1 - ALIKE)
                ? new OutlineMesh(whole, half, 0.5 / perHalf, part).mesh()
                : Optional.empty();
    }

    private static boolean isAlike(Polygon whole, double across, double up) {
        Geometry mirrored = AffineTransformation.scaleInstance(across, up).transform(whole);
        return OverlayNGRobust.overlay(whole, mirrored, OverlayNG.SYMDIFFERENCE).getArea() < ALIKE * whole.getArea();
    }

    private Optional<Mesh> mesh() {
        along();
        within();
        return triangulated().flatMap(this::mesh);
    }

    /** Nothing where points lie so close that they cannot be told apart. */
    private Optional<Geometry> triangulated() {
        DelaunayTriangulationBuilder builder = new DelaunayTriangulationBuilder();
        builder.setSites(GEOMETRY.createMultiPointFromCoords(points.toArray(Coordinate[]::new)));
        try {
            return Optional.of(builder.getTriangles(GEOMETRY));
        } catch (LocateFailureException tooClose) {
            return Optional.empty();
        }
    }

    /** Nothing where a point is left out, or all are on the seam. */
    private Optional<Mesh> mesh(Geometry triangulated) {
        for (int i = 0; i < points.size(); i++) {
            numbers.put(points.get(i), i);
        }
        List<int[]> triangles = new ArrayList<>();
        for (int i = 0; i < triangulated.getNumGeometries(); i++) {
            Geometry triangle = triangulated.getGeometryN(i);
            if (domain.contains(triangle.getCentroid()) && triangle.getArea() > HAIR * spacing) {
                add(triangle, triangles);
            }
        }
        double[] x = points.stream().mapToDouble(Coordinate::getX).toArray();
        double[] y = points.stream().mapToDouble(Coordinate::getY).toArray();
        boolean[] seam = new boolean[x.length];
        for (int i = 0; i < x.length; i++) {
            seam[i] = isSeam(points.get(i));
        }
        int[] corners = Mesh.flat(triangles);
        OptionalInt highest = highestInside(y, seam);
        if (highest.isEmpty() || Arrays.stream(corners).distinct().count() < x.length) {
            return Optional.empty();
        }
        boolean[] heldUp = part == Part.QUARTER ? Mesh.nought(y) : new boolean[x.length];
        heldUp[highest.getAsInt()] |= part == Part.HALF;
        return Optional.of(new Mesh(x, y, corners, seam, Mesh.nought(x), heldUp, part));
    }

    private boolean isSeam(Coordinate point) {
        return whole.distance(GEOMETRY.createPoint(point)) < HAIR;
    }

    private static OptionalInt highestInside(double[] y, boolean[] seam) {
        return IntStream.range(0, y.length).filter(i -> !seam[i]).reduce((best, i) -> y[i] > y[best] ? i : best);
    }

    /** Adds a triangle; one with all its corners on the seam in three, round a vertex of its own that can rise. */
    private void add(Geometry triangle, List<int[]> triangles) {
        Coordinate[] ring = triangle.getCoordinates();
        int a = number(ring[0]);
        int b = number(ring[1]);
        int c = number(ring[2]);
        double twice =
                (ring[1].x - ring[0].x) * (ring[2].y - ring[0].y) - (ring[2].x - ring[0].x) * (ring[1].y - ring[0].y);
        int second = twice > 0 ? b : c;
        int third = twice > 0 ? c : b;
        if (isSeam(ring[0]) && isSeam(ring[1]) && isSeam(ring[2])) {
            Point middle = triangle.getCentroid();
            points.add(middle.getCoordinate());
            int own = points.size() - 1;
            triangles.add(new int[] {a, second, own});
            triangles.add(new int[] {second, third, own});
            triangles.add(new int[] {third, a, own});
        } else {
            triangles.add(new int[] {a, second, third});
        }
    }

    private int number(Coordinate corner) {
        return Objects.requireNonNull(numbers.get(corner), "a triangle has no corners but the points");
    }

    /** Points along the outline, evenly between its corners. */
    private void along() {
        Coordinate[] ring = domain.getExteriorRing().getCoordinates();
        int corners = ring.length - 1;
        int start = 0;
        while (start < corners && !isCorner(ring, start)) {
            start++;
        }
        List<Coordinate> stretch = new ArrayList<>();
        for (int i = 0; i <= corners; i++) {
            Coordinate at = ring[(start + i) % corners];
            stretch.add(at);
            if (i > 0 && (i == corners || isCorner(ring, (start + i) % corners))) {
                spread(stretch);
                stretch.clear();
                stretch.add(at);
            }
        }
    }

    private static boolean isCorner(Coordinate[] ring, int at) {
        int count = ring.length - 1;
        Coordinate before = ring[(at + count - 1) % count];
        Coordinate after = ring[(at + 1) % count];
        double in = Math.atan2(ring[at].y - before.y, ring[at].x - before.x);
        double out = Math.atan2(after.y - ring[at].y, after.x - ring[at].x);
        return Math.abs(Math.IEEEremainder(out - in, 2 * Math.PI)) > CORNER;
    }

    /** Points along a stretch but for its last, as far apart as fits. */
    private void spread(List<Coordinate> stretch) {
        double length = 0;
        for (int i = 1; i < stretch.size(); i++) {
            length += stretch.get(i).distance(stretch.get(i - 1));
        }
        int count = Math.max(1, (int) Math.round(length / spacing));
        int edge = 1;
        double passed = 0;
        for (int n = 0; n < count; n++) {
            double wanted = length * n / count;
            double step = stretch.get(edge).distance(stretch.get(edge - 1));
            while (passed + step < wanted && edge < stretch.size() - 1) {
                passed += step;
                edge++;
                step = stretch.get(edge).distance(stretch.get(edge - 1));
            }
            double share = step == 0 ? 0 : (wanted - passed) / step;
            Coordinate from = stretch.get(edge - 1);
            Coordinate to = stretch.get(edge);
            points.add(new Coordinate(from.x + share * (to.x - from.x), from.y + share * (to.y - from.y)));
        }
    }

    /** Rows of points within, every other one half a spacing on; none close to the outline. */
    private void within() {
        Envelope around = domain.getEnvelopeInternal();
        IndexedFacetDistance edge = new IndexedFacetDistance(domain.getBoundary());
        int row = 0;
        for (double y = around.getMinY(); y < around.getMaxY(); y += spacing * ROW) {
            for (double x = row % 2 == 0 ? 0 : spacing / 2; x < around.getMaxX(); x += spacing) {
                Point point = GEOMETRY.createPoint(new Coordinate(x, y));
                if (domain.contains(point) && edge.distance(point) > APART * spacing) {
                    points.add(point.getCoordinate());
                }
            }
            row++;
        }
    }
}
