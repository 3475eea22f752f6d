package app.dapt.workpiece;

import app.dapt.piece.Contour.Point;
import app.dapt.piece.Side;
import java.util.List;
import java.util.stream.Stream;

/** How far something reaches on the table, in millimetres. */
public record Reach(double left, double top, double right, double bottom) {

    public static Reach of(Stream<Facet> facets) {
        double[] reach = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        facets.flatMap(facet -> facet.shape().stream()).forEach(point -> {
            reach[0] = Math.min(reach[0], point.x());
            reach[1] = Math.min(reach[1], point.y());
            reach[2] = Math.max(reach[2], point.x());
            reach[3] = Math.max(reach[3], point.y());
        });
        return new Reach(reach[0], reach[1], reach[2], reach[3]);
    }

    public double width() {
        return right - left;
    }

    public double height() {
        return bottom - top;
    }

    /** The place of one of its sides. */
    public double at(Side side) {
        return switch (side) {
            case LEFT -> left;
            case RIGHT -> right;
            case TOP -> top;
            case BOTTOM -> bottom;
        };
    }

    /** What of it lies within straight lines near its sides. */
    public Reach within(List<Crease> lines) {
        Reach within = this;
        for (Crease line : lines) {
            within = within.upTo(line);
        }
        return within;
    }

    private Reach upTo(Crease line) {
        return switch (line.side()) {
            case LEFT -> new Reach(-line.at(), top, right, bottom);
            case RIGHT -> new Reach(left, top, line.at(), bottom);
            case TOP -> new Reach(left, -line.at(), right, bottom);
            case BOTTOM -> new Reach(left, top, right, line.at());
        };
    }

    /** One of its sides, from end to end. */
    public List<Point> side(Side side) {
        return switch (side) {
            case LEFT -> List.of(new Point(left, top), new Point(left, bottom));
            case RIGHT -> List.of(new Point(right, top), new Point(right, bottom));
            case TOP -> List.of(new Point(left, top), new Point(right, top));
            case BOTTOM -> List.of(new Point(left, bottom), new Point(right, bottom));
        };
    }

    /** A line so far in from one side. */
    public Crease in(Side side, double by) {
        return Crease.towards(side, at(side)).further(-by);
    }
}
