package app.dapt.workpiece;

import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A part of one cut piece that lies flat.
 *
 * @param piece  the piece's id
 * @param number which of several alike, counted from one
 * @param shape  on the table
 * @param place  from the piece to the table; what is printed and marked on the piece goes with it
 */
public record Facet(String piece, int number, List<Point> shape, Placement place) {

    /** Less than this many square millimetres is nothing. */
    private static final double NOTHING = 1e-6;

    public Facet {
        shape = List.copyOf(shape);
    }

    public boolean isRightSideUp() {
        return place.isRightSideUp();
    }

    /** The middle of its corners. */
    public Point middle() {
        return new Point(
                shape.stream().mapToDouble(Point::x).average().orElse(0),
                shape.stream().mapToDouble(Point::y).average().orElse(0));
    }

    /** On the table, in square millimetres. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < shape.size(); i++) {
            Point one = shape.get(i);
            Point next = shape.get((i + 1) % shape.size());
            twice += one.x() * next.y() - next.x() * one.y();
        }
        return Math.abs(twice) / 2;
    }

    /** Of the cloth in it, in square millimetres: more than it takes on the table where it is gathered. */
    public double clothArea() {
        return area() / Math.abs(place.determinant());
    }

    /** Carried along. */
    Facet moved(Placement move) {
        return new Facet(piece, number, shape.stream().map(move::of).toList(), place.then(move));
    }

    /** What of it lies beyond a line. */
    Optional<Facet> beyond(Crease crease) {
        List<Point> part = new ArrayList<>();
        for (int i = 0; i < shape.size(); i++) {
            Point from = shape.get(i);
            Point to = shape.get((i + 1) % shape.size());
            double before = crease.beyond(from);
            double after = crease.beyond(to);
            if (before >= 0) {
                part.add(from);
            }
            if (before > 0 && after < 0 || before < 0 && after > 0) {
                double share = before / (before - after);
                part.add(new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
            }
        }
        return shaped(part);
    }

    /** What of it does not. */
    Optional<Facet> within(Crease crease) {
        return beyond(crease.reversed());
    }

    /** The same with another shape; nothing where that is none. */
    Optional<Facet> shaped(List<Point> other) {
        if (other.size() < 3) {
            return Optional.empty();
        }
        Facet part = new Facet(piece, number, other, place);
        return part.area() < NOTHING ? Optional.empty() : Optional.of(part);
    }

    /** Whether a place on the table is covered by it. */
    public boolean covers(Point point) {
        boolean inside = false;
        for (int i = 0, j = shape.size() - 1; i < shape.size(); j = i++) {
            Point one = shape.get(i);
            Point other = shape.get(j);
            if (one.y() > point.y() != other.y() > point.y()
                    && point.x() < (other.x() - one.x()) * (point.y() - one.y()) / (other.y() - one.y()) + one.x()) {
                inside = !inside;
            }
        }
        return inside;
    }
}
