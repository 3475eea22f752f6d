package app.dapt.workpiece;

import app.dapt.piece.Contour.Point;
import app.dapt.piece.Side;

/**
 * A line on the table: what lies beyond it is where x nx + y ny exceeds at.
 *
 * @param nx across, of the way out, which is one long
 * @param ny down
 */
public record Crease(double nx, double ny, double at) {

    /** A line along one side, beyond which lies what is nearer to that side. */
    public static Crease towards(Side side, double place) {
        return switch (side) {
            case LEFT -> new Crease(-1, 0, -place);
            case RIGHT -> new Crease(1, 0, place);
            case TOP -> new Crease(0, -1, -place);
            case BOTTOM -> new Crease(0, 1, place);
        };
    }

    /** A line through two points; beyond it is what lies to the left of somebody who goes from one to the other. */
    public static Crease through(Point from, Point to) {
        double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double nx = (to.y() - from.y()) / length;
        double ny = -(to.x() - from.x()) / length;
        return new Crease(nx, ny, nx * from.x() + ny * from.y());
    }

    /** The same line with the other side beyond it. */
    public Crease reversed() {
        return new Crease(-nx, -ny, -at);
    }

    /** The same line so much further out. */
    public Crease further(double by) {
        return new Crease(nx, ny, at + by);
    }

    /** The side that what lies beyond it is nearest to. */
    Side side() {
        if (Math.abs(nx) > Math.abs(ny)) {
            return nx > 0 ? Side.RIGHT : Side.LEFT;
        }
        return ny > 0 ? Side.BOTTOM : Side.TOP;
    }

    /** How far beyond it a point lies. */
    double beyond(Point point) {
        return nx * point.x() + ny * point.y() - at;
    }

    /** What cloth does that is folded along it. */
    public Placement mirror() {
        return new Placement(1 - 2 * nx * nx, -2 * nx * ny, -2 * nx * ny, 1 - 2 * ny * ny, 2 * at * nx, 2 * at * ny);
    }
}
