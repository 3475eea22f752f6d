package app.dapt;

import app.dapt.piece.Contour.Point;
import java.util.List;

/** Lines through points, measured. */
public final class Paths {

    private Paths() {}

    /** From the first point to the last, by way of all others. */
    public static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += Math.hypot(
                    points.get(i).x() - points.get(i - 1).x(),
                    points.get(i).y() - points.get(i - 1).y());
        }
        return length;
    }
}
