package app.dapt.workpiece;

import app.dapt.piece.Contour.Point;

/**
 * Where a piece of cloth lies: (u, v) of the piece, seen from its right side from its top left corner, lies at
 * (a u + b v + x, c u + d v + y). Rigid, but where cloth is gathered or taken up.
 */
public record Placement(double a, double b, double c, double d, double x, double y) {

    /** As it was cut, right side up. */
    public static final Placement AS_CUT = new Placement(1, 0, 0, 1, 0, 0);

    /** What lies there moved by so much. */
    public static Placement moved(double x, double y) {
        return new Placement(1, 0, 0, 1, x, y);
    }

    /** What lies there made so much wider and higher, about the top left corner. */
    public static Placement scaled(double across, double upDown) {
        return new Placement(across, 0, 0, upDown, 0, 0);
    }

    /** Whether the right side is up. */
    public boolean isRightSideUp() {
        return determinant() > 0;
    }

    /** Whether the piece's up points down. */
    public boolean isUpsideDown() {
        return d < 0;
    }

    /** By how much an area grows: less than one where cloth is taken up. */
    public double determinant() {
        return a * d - b * c;
    }

    /** This one, and then another. */
    public Placement then(Placement next) {
        return new Placement(
                next.a * a + next.b * c,
                next.a * b + next.b * d,
                next.c * a + next.d * c,
                next.c * b + next.d * d,
                next.a * x + next.b * y + next.x,
                next.c * x + next.d * y + next.y);
    }

    public Point of(Point point) {
        return new Point(a * point.x() + b * point.y() + x, c * point.x() + d * point.y() + y);
    }

    /** Where on the piece a place on the table is. */
    public Point back(Point point) {
        double u = point.x() - x;
        double v = point.y() - y;
        return new Point((d * u - b * v) / determinant(), (a * v - c * u) / determinant());
    }
}
