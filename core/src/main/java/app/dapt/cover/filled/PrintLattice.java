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
        double right = Math.cos(Math.toRadians(degrees));
        double down = Math.sin(Math.toRadians(degrees));
        double fromX = middle.map(point -> point.x() - wide / 2).orElse(0.0);
        double fromY = middle.map(point -> point.y() - high / 2).orElse(0.0);
        // The box as the lattice sees it, in repeats: turned back.
        Contour turnedBack = new Contour(box.points().stream()
                .map(corner -> new Point(
                        ((corner.x() - fromX) * right + (corner.y() - fromY) * down) / wide,
                        ((corner.y() - fromY) * right - (corner.x() - fromX) * down) / high))
                .toList());
        List<List<Point>> printed = new ArrayList<>();
        for (int column = before(turnedBack.left()); column <= turnedBack.right() + 1; column++) {
            for (int row = before(turnedBack.top()); row <= turnedBack.bottom() + 1; row++) {
                List<Point> points = new ArrayList<>();
                for (double[] corner : motif.points()) {
                    double x = (column + corner[0]) * wide;
                    double y = (row + corner[1]) * high;
                    points.add(new Point(fromX + x * right - y * down, fromY + x * down + y * right));
                }
                add(new Contour(points), box, motif.stroke() > 0, printed);
            }
        }
        return printed;
    }

    /** A motif may reach a repeat beyond its own. */
    private static int before(double repeats) {
        return (int) Math.floor(repeats) - 1;
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
