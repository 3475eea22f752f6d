package app.dapt.drawing;

import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * A place on an edge where something is sewn on, and the way it stands out from it, one long.
 *
 * @param at on the edge
 */
public record Stand(Point at, double outX, double outY) {

    /** So far outwards. */
    public Point out(double far) {
        return new Point(at.x() + outX * far, at.y() + outY * far);
    }

    /**
     * Places evenly along a path, fanning out round its corners.
     *
     * @param path    its last point the first again where it is closed; one that is not runs clockwise
     * @param spacing between them, more than nought
     * @param deep    how far out they stand, which says how many are needed round a corner
     * @param inward  whether they stand inwards
     */
    public static List<Stand> along(List<Point> path, double spacing, double deep, boolean inward) {
        return new Along(path, spacing, deep, inward).stands();
    }

    private record Along(List<Point> path, double spacing, double deep, boolean inward) {

        List<Stand> stands() {
            double turn = clockwise() == inward ? -1 : 1;
            List<Stand> stands = new ArrayList<>();
            double left = 0;
            for (int i = 0; i + 1 < path.size(); i++) {
                Point a = path.get(i);
                Point b = path.get(i + 1);
                double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
                if (length == 0) {
                    continue;
                }
                double outX = turn * (b.y() - a.y()) / length;
                double outY = -turn * (b.x() - a.x()) / length;
                if (!stands.isEmpty()) {
                    fan(stands, a, outX, outY);
                }
                double at = left;
                for (; at <= length; at += spacing) {
                    stands.add(new Stand(
                            new Point(a.x() + (b.x() - a.x()) * at / length, a.y() + (b.y() - a.y()) * at / length),
                            outX,
                            outY));
                }
                left = at - length;
            }
            boolean closed = path.get(0).equals(path.get(path.size() - 1));
            if (closed && stands.size() > 2) {
                fan(stands, path.get(0), stands.get(0).outX(), stands.get(0).outY());
                stands.add(stands.get(0));
            }
            return stands;
        }

        /** Turns from the way out of the last place to another at a corner that stands out, a step at a time. */
        private void fan(List<Stand> stands, Point corner, double outX, double outY) {
            Stand last = stands.get(stands.size() - 1);
            double from = Math.atan2(last.outY(), last.outX());
            double to = Math.atan2(outY, outX);
            double turned = Math.IEEEremainder(to - from, 2 * Math.PI);
            boolean standsOut = turned * (clockwise() ? 1 : -1) > 0 && !inward;
            int steps = standsOut ? (int) (Math.abs(turned) * deep / spacing) : 0;
            for (int i = 1; i < steps; i++) {
                double angle = from + turned * i / steps;
                stands.add(new Stand(corner, Math.cos(angle), Math.sin(angle)));
            }
        }

        /** As seen; a path that does not close runs clockwise. */
        private boolean clockwise() {
            double twice = 0;
            for (int i = 0; i + 1 < path.size(); i++) {
                twice += path.get(i).x() * path.get(i + 1).y()
                        - path.get(i + 1).x() * path.get(i).y();
            }
            return !path.get(0).equals(path.get(path.size() - 1)) && path.size() == 2 || twice >= 0;
        }
    }
}
