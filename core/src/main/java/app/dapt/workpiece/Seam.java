package app.dapt.workpiece;

import app.dapt.measure.Axis;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A line sewn round a bag: straight ones, beyond which lie the allowances, or an outline of its own.
 *
 * @param creases the straight ones
 * @param outline clockwise as seen; with it there are no straight ones
 * @param open    near the middle of the stretch of an outline that is left open, where one is
 * @param outside how far cloth may lie outside an outline, in millimetres
 */
public record Seam(List<Crease> creases, Optional<Contour> outline, double outside, Optional<Point> open) {

    /** Nothing sewn. */
    static final Seam NONE = new Seam(List.of(), Optional.empty(), 0, Optional.empty());

    private static final double ANYWHERE = 1e5;
    private static final double FLAT = 1e-6;

    /** The cosine of how far a line turns at a corner that is more than a bend. */
    private static final double SHARP = 0.9;

    public Seam {
        creases = List.copyOf(creases);
    }

    /** Straight lines. */
    public static Seam of(List<Crease> creases) {
        return new Seam(creases, Optional.empty(), 0, Optional.empty());
    }

    /** An outline; where it bends inwards cloth is not looked for farther outside it than this, in millimetres. */
    public static Seam of(Contour outline, double nearBends) {
        return of(outline, nearBends, Optional.empty());
    }

    /** The same that leaves the stretch open whose middle is nearest to a point. */
    public static Seam of(Contour outline, double nearBends, Optional<Point> open) {
        Contour line = clockwise(outline);
        return new Seam(List.of(), Optional.of(line), isConvex(line.points()) ? ANYWHERE : nearBends, open);
    }

    /** Which stretch of the outline is left open; none where it is sewn all round. */
    private int openStretch() {
        List<Point> line = outline.orElseThrow().points();
        return open.map(at -> IntStream.range(0, line.size())
                        .boxed()
                        .min(Comparator.comparingDouble(
                                i -> distance(at, line.get(i), line.get((i + 1) % line.size()))))
                        .orElseThrow())
                .orElse(-1);
    }

    private static double distance(Point at, Point from, Point to) {
        return Math.hypot((from.x() + to.x()) / 2 - at.x(), (from.y() + to.y()) / 2 - at.y());
    }

    private static boolean isConvex(List<Point> points) {
        int count = points.size();
        for (int i = 0; i < count; i++) {
            Crease out = Crease.through(points.get(i), points.get((i + 1) % count));
            if (out.beyond(points.get((i + 2) % count)) > FLAT) {
                return false;
            }
        }
        return true;
    }

    private static Contour clockwise(Contour outline) {
        double twice = 0;
        List<Point> points = outline.points();
        for (int i = 0; i < points.size(); i++) {
            Point one = points.get(i);
            Point next = points.get((i + 1) % points.size());
            twice += one.x() * next.y() - next.x() * one.y();
        }
        if (twice > 0) {
            return outline;
        }
        List<Point> other = new ArrayList<>(points);
        Collections.reverse(other);
        return new Contour(other);
    }

    /** Each stretch of it on something that reaches so far. */
    public List<List<Point>> on(Reach reach) {
        Reach within = reach.within(creases);
        return outline.map(line -> List.of(sewn(line.points()))).orElseGet(() -> creases.stream()
                .map(crease -> within.side(crease.side()))
                .toList());
    }

    /** From one end of the open stretch round to the other, or all round. */
    private List<Point> sewn(List<Point> points) {
        int start = openStretch() + 1;
        List<Point> sewn = new ArrayList<>(points.subList(start, points.size()));
        sewn.addAll(points.subList(0, start));
        if (open.isEmpty()) {
            sewn.add(points.get(0));
        }
        return sewn;
    }

    /** The corners between its straight lines, each to be cut off so far outside it. */
    List<Crease> corners(double outside) {
        List<Crease> corners = new ArrayList<>();
        for (Crease one : creases) {
            for (Crease other : creases) {
                if (one.side().runs() == Axis.ACROSS && other.side().runs() == Axis.UP_DOWN) {
                    double half = Math.sqrt(0.5);
                    // Both lie at right angles: where they cross, each is as far out as it says.
                    corners.add(new Crease(
                            (one.nx() + other.nx()) * half,
                            (one.ny() + other.ny()) * half,
                            (one.at() + other.at()) * half + outside));
                }
            }
        }
        return corners;
    }

    Seam mirrored(Crease crease) {
        Placement mirror = crease.mirror();
        return outline.map(line -> Seam.of(
                        new Contour(line.points().stream().map(mirror::of).toList()), outside, open.map(mirror::of)))
                .orElseGet(() ->
                        of(creases.stream().map(each -> mirrored(each, mirror)).toList()));
    }

    private static Crease mirrored(Crease line, Placement mirror) {
        Point on = mirror.of(new Point(line.nx() * line.at(), line.ny() * line.at()));
        Point out = mirror.of(new Point(line.nx() * (line.at() + 1), line.ny() * (line.at() + 1)));
        double nx = out.x() - on.x();
        double ny = out.y() - on.y();
        return new Crease(nx, ny, nx * on.x() + ny * on.y());
    }

    /** What of a facet lies within its outline. */
    List<Facet> inner(Facet facet) {
        return new Contour(facet.shape())
                .common(outline.orElseThrow()).stream()
                        .flatMap(part -> facet.shaped(part).stream())
                        .toList();
    }

    /** What of a facet lies outside its outline, folded in along the stretch of it that it lies beside. */
    List<Facet> outer(Facet facet) {
        List<Facet> folded = new ArrayList<>();
        List<Point> line = outline.orElseThrow().points();
        int count = line.size();
        int left = openStretch();
        for (int i = 0; i < count; i++) {
            Point before = line.get((i + count - 1) % count);
            Point from = line.get(i);
            Point to = line.get((i + 1) % count);
            Point after = line.get((i + 2) % count);
            Crease out = Crease.through(from, to);
            // What lies beyond an open stretch hangs out of it.
            boolean isOpen = i == left;
            boolean opensBefore = (i + count - 1) % count == left;
            boolean opensAfter = (i + 1) % count == left;
            facet
                    .beyond(out)
                    .flatMap(part -> part.within(out.further(outside)))
                    .flatMap(part -> part.within(bisector(before, from, to)))
                    .flatMap(part -> part.beyond(bisector(from, to, after)))
                    .map(part -> isOpen ? part : part.moved(out.mirror()))
                    .stream()
                    .flatMap(part -> isOpen || opensBefore
                            ? Stream.of(part)
                            : aroundCorner(part, out, Crease.through(before, from), before))
                    .flatMap(part -> isOpen || opensAfter
                            ? Stream.of(part)
                            : aroundCorner(part, out, Crease.through(to, after), after))
                    .forEach(folded::add);
        }
        return folded;
    }

    /** What still lies beyond the neighbouring stretch at a sharp corner is folded in along that one too. */
    private static Stream<Facet> aroundCorner(Facet part, Crease out, Crease neighbour, Point beyondCorner) {
        boolean isSharp = out.nx() * neighbour.nx() + out.ny() * neighbour.ny() < SHARP;
        boolean bendsOut = out.beyond(beyondCorner) < 0;
        return isSharp && bendsOut
                ? Stream.concat(
                        part.within(neighbour).stream(),
                        part.beyond(neighbour).map(rest -> rest.moved(neighbour.mirror())).stream())
                : Stream.of(part);
    }

    /** Through a corner, halfway between its two stretches; beyond it is what lies beside the first. */
    private static Crease bisector(Point before, Point corner, Point after) {
        Crease one = Crease.through(before, corner);
        Crease next = Crease.through(corner, after);
        double outX = one.nx() + next.nx();
        double outY = one.ny() + next.ny();
        return Crease.through(corner, new Point(corner.x() + outX, corner.y() + outY));
    }
}
