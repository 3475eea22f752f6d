package app.dapt.cover.filled;

import app.dapt.cloth.Motif;
import app.dapt.cloth.Repeat;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the motifs of a print lie on a flat piece, in millimetres from its top left corner.
 *
 * @param degrees by which the print is turned
 * @param middle  where the middle of a repeat lies, where that was asked for
 */
record PrintLattice(Repeat repeat, double degrees, Optional<Point> middle) {

    /** Every copy of a motif that lies in a box, cut off at its edges; a line from end to end. */
    List<List<Point>> printed(Motif motif, Contour box) {
        double wide = repeat.across().toMm();
        double high = repeat.along().toMm();
        double turn = Math.toRadians(degrees);
        double fromX = middle.map(point -> point.x() - wide / 2).orElse(0.0);
        double fromY = middle.map(point -> point.y() - high / 2).orElse(0.0);
        List<List<Point>> printed = new ArrayList<>();
        double reach = Math.abs(box.left()) + Math.abs(box.right()) + Math.abs(box.top()) + Math.abs(box.bottom());
        int columns = (int) Math.ceil(reach / wide) + 1;
        int rows = (int) Math.ceil(reach / high) + 1;
        for (int column = -columns; column <= columns; column++) {
            for (int row = -rows; row <= rows; row++) {
                List<Point> points = new ArrayList<>();
                for (double[] corner : motif.points()) {
                    double x = (column + corner[0]) * wide;
                    double y = (row + corner[1]) * high;
                    points.add(new Point(
                            fromX + x * Math.cos(turn) - y * Math.sin(turn),
                            fromY + x * Math.sin(turn) + y * Math.cos(turn)));
                }
                add(new Contour(points), box, motif.stroke() > 0, printed);
            }
        }
        return printed;
    }

    private static void add(Contour motif, Contour box, boolean line, List<List<Point>> printed) {
        boolean outside = motif.right() <= box.left()
                || motif.left() >= box.right()
                || motif.bottom() <= box.top()
                || motif.top() >= box.bottom();
        boolean within = motif.left() >= box.left()
                && motif.right() <= box.right()
                && motif.top() >= box.top()
                && motif.bottom() <= box.bottom();
        if (within) {
            printed.add(motif.points());
        } else if (!outside && !line) {
            printed.add(motif.clippedTo(box.left(), box.top(), box.right(), box.bottom())
                    .points());
        }
    }
}
