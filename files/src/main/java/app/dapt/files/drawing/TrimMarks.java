package app.dapt.files.drawing;

import app.dapt.drawing.Element.Look;
import app.dapt.drawing.Stand;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * How what goes round an edge is drawn, in user units: threads, bobbles, scallops and gathers standing out from a path.
 *
 * @param path in user units
 * @param deep how far it stands out
 */
record TrimMarks(List<Point> path, double deep, boolean inward) {

    /** The path as SVG data. */
    String along() {
        return line(path, false);
    }

    String of(Look look) {
        return switch (look) {
            case PIPING -> along();
            case FRINGE -> threads(Math.max(3.2, deep / 7));
            case BEADS -> threads(Math.max(6, deep / 3)) + dots(Math.max(6, deep / 3), Math.max(1.2, deep / 9), 1);
            case POM_POMS ->
                threads(Math.max(7, deep * 1.05)) + dots(Math.max(7, deep * 1.05), Math.max(2, deep * .36), .66);
            case LACE -> scallops(Math.max(7, deep * .8));
            case RICKRACK -> zigzag(Math.max(5, deep * .7));
            case TASSEL -> tassel();
            case RUFFLE -> gathers(Math.max(5, deep * .28));
        };
    }

    private String threads(double spacing) {
        StringBuilder d = new StringBuilder();
        for (Stand stand : stands(spacing)) {
            d.append(move(stand.at())).append(to(stand.out(deep)));
        }
        return d.toString();
    }

    private String dots(double spacing, double radius, double share) {
        StringBuilder d = new StringBuilder();
        String r = Markup.number(radius);
        for (Stand stand : stands(spacing)) {
            Point middle = stand.out(deep * share);
            d.append(move(new Point(middle.x() - radius, middle.y())))
                    .append("a")
                    .append(r)
                    .append(' ')
                    .append(r)
                    .append(" 0 1 0 ")
                    .append(Markup.number(2 * radius))
                    .append(" 0a")
                    .append(r)
                    .append(' ')
                    .append(r)
                    .append(" 0 1 0 ")
                    .append(Markup.number(-2 * radius))
                    .append(" 0");
        }
        return d.toString();
    }

    private String scallops(double spacing) {
        List<Stand> stands = stands(spacing);
        StringBuilder d = new StringBuilder(move(stands.get(0).at()));
        for (int i = 1; i < stands.size(); i++) {
            Point out = stands.get(i - 1).out(deep * 1.6);
            Point further = stands.get(i).out(deep * 1.6);
            d.append("C")
                    .append(pair(out))
                    .append(' ')
                    .append(pair(further))
                    .append(' ')
                    .append(pair(stands.get(i).at()));
        }
        return d.toString();
    }

    private String zigzag(double spacing) {
        List<Stand> stands = stands(spacing / 2);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < stands.size(); i++) {
            points.add(stands.get(i).out(i % 2 == 0 ? deep / 2 : -deep / 2));
        }
        return line(points, false);
    }

    /** The strip's outer edge waves, and its gathers run out from the seam. */
    private String gathers(double spacing) {
        List<Stand> stands = stands(spacing);
        List<Point> outline = new ArrayList<>();
        StringBuilder folds = new StringBuilder();
        for (int i = 0; i < stands.size(); i++) {
            outline.add(stands.get(i).out(deep * (i % 2 == 0 ? 1 : .9)));
            if (i % 2 == 1) {
                folds.append(move(stands.get(i).at())).append(to(stands.get(i).out(deep * .72)));
            }
        }
        for (int i = stands.size() - 1; i >= 0; i--) {
            outline.add(stands.get(i).at());
        }
        return line(outline, true) + folds;
    }

    /** A knot at the end of the path and threads hanging on in its direction. */
    private String tassel() {
        Point from = path.get(0);
        Point at = path.get(path.size() - 1);
        double length = Math.max(1, Math.hypot(at.x() - from.x(), at.y() - from.y()));
        double x = (at.x() - from.x()) / length;
        double y = (at.y() - from.y()) / length;
        double knot = Math.max(1.6, deep * .1);
        StringBuilder d = new StringBuilder();
        for (int i = -3; i <= 3; i++) {
            double aside = i * deep * .06;
            Point start = new Point(at.x() + x * deep * .2 - y * aside * .5, at.y() + y * deep * .2 + x * aside * .5);
            d.append(move(start)).append(to(new Point(at.x() + x * deep - y * aside, at.y() + y * deep + x * aside)));
        }
        String r = Markup.number(knot);
        Point middle = new Point(at.x() + x * deep * .14, at.y() + y * deep * .14);
        return d + move(new Point(middle.x() - knot, middle.y())) + "a" + r + " " + r + " 0 1 0 "
                + Markup.number(2 * knot) + " 0a" + r + " " + r + " 0 1 0 " + Markup.number(-2 * knot) + " 0";
    }

    private List<Stand> stands(double spacing) {
        return Stand.along(path, spacing, deep, inward);
    }

    private static String line(List<Point> points, boolean closed) {
        StringBuilder d = new StringBuilder();
        for (Point point : points) {
            d.append(d.isEmpty() ? move(point) : to(point));
        }
        return d + (closed ? "Z" : "");
    }

    private static String move(Point point) {
        return "M" + pair(point);
    }

    private static String to(Point point) {
        return "L" + pair(point);
    }

    private static String pair(Point point) {
        return Markup.number(point.x()) + " " + Markup.number(point.y());
    }
}
