package app.dapt.files.drawing;

import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Draws lengths and outlines at a scale, as the paths of SVG.
 *
 * @param scale user units to the inch
 */
public record Pen(double scale) {

    private static final double MM_TO_THE_INCH = 25.4;

    /** A point that lies no farther than this from the line between its neighbours, in user units, is not missed. */
    private static final double UNSEEN = .2;

    private static final int TENTHS = 10;

    /** Outlines with fewer corners are drawn as they are. */
    private static final int FEW = 8;

    /** The scale at which the longer of two sides takes so many user units. */
    public static Pen fitting(Length width, Length height, double units) {
        return new Pen(units / Length.max(width, height).toInches());
    }

    /**
     * The one scale at which all of several fit.
     *
     * @throws IllegalArgumentException where there are none
     */
    public static Pen finest(Stream<Pen> pens) {
        return pens.min(Comparator.comparingDouble(Pen::scale))
                .orElseThrow(() -> new IllegalArgumentException("nothing to draw"));
    }

    public double px(Length length) {
        return length.toInches() * scale;
    }

    public double mm(double millimetres) {
        return millimetres / MM_TO_THE_INCH * scale;
    }

    /** An outline in millimetres. */
    public String path(Contour contour) {
        return path(contour.points(), true);
    }

    /** A line through points in millimetres, but for those that nobody would miss at this scale. */
    String path(List<Point> points, boolean closed) {
        StringBuilder path = new StringBuilder();
        for (Point point : seen(points, closed)) {
            path.append(path.isEmpty() ? "M" : "L").append(at(mm(point.x()), mm(point.y())));
        }
        return path.isEmpty() ? "M0 0" : path + (closed ? "Z" : "");
    }

    private List<Point> seen(List<Point> points, boolean closed) {
        return closed && points.size() > FEW
                ? new Contour(points)
                        .simplified(UNSEEN * MM_TO_THE_INCH / scale)
                        .points()
                : points;
    }

    /** A line through points in millimetres, to a tenth of a user unit and each from the one before, to be short. */
    String drawn(List<Point> points, boolean closed) {
        StringBuilder path = new StringBuilder();
        long x = 0;
        long y = 0;
        for (Point point : seen(points, closed)) {
            long toX = Math.round(mm(point.x()) * TENTHS);
            long toY = Math.round(mm(point.y()) * TENTHS);
            if (path.isEmpty()) {
                path.append('M').append(tenths(toX)).append(' ').append(tenths(toY));
            } else if (toX != x || toY != y) {
                path.append('l').append(tenths(toX - x)).append(' ').append(tenths(toY - y));
            }
            x = toX;
            y = toY;
        }
        return closed ? path.append('Z').toString() : path.toString();
    }

    private static String tenths(long count) {
        return count % TENTHS == 0 ? String.valueOf(count / TENTHS) : Markup.number((double) count / TENTHS);
    }

    /** A straight line, its ends in user units. */
    public static String line(double x1, double y1, double x2, double y2) {
        return "M" + at(x1, y1) + "L" + at(x2, y2);
    }

    /** A transformation that moves by so many user units. */
    public static String moved(double x, double y) {
        return "translate(" + at(x, y) + ")";
    }

    private static String at(double x, double y) {
        return Markup.number(x) + " " + Markup.number(y);
    }

    /**
     * The ticks of a tape along a length in user units, at every so many of these, longer at every so-manieth.
     *
     * @param across whether the tape runs across
     * @param edge   where they begin: nought, or the tape's other edge, from which they grow back
     */
    public static String ticks(boolean across, double length, double every, int longEvery, double edge) {
        StringBuilder path = new StringBuilder();
        for (int i = 1; i * every < length - .5; i++) {
            double deep = i % longEvery == 0 ? 7.5 : 4;
            double to = edge == 0 ? deep : edge - deep;
            double at = i * every;
            path.append(
                    across
                            ? "M" + at(at, edge) + "V" + Markup.number(to)
                            : "M" + at(edge, at) + "H" + Markup.number(to));
        }
        return path.isEmpty() ? "M0 0" : path.toString();
    }
}
