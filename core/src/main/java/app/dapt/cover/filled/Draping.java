package app.dapt.cover.filled;

import app.dapt.cover.filled.Regions.Corner;
import app.dapt.filling.sheet.Surface;
import app.dapt.filling.sheet.Surface.On;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Takes what is drawn on one side of a flat cover to where it is seen once the cover is filled. Drawn in millimetres
 * from the top left corner of the finished cover, the back as seen from behind; seen in millimetres, downwards.
 *
 * @param back   whether it is the back that is drawn on
 * @param width  of the finished cover, with its flange
 * @param height of it
 * @param flanged whether there is cloth outside the seam
 * @param step   how long a straight line may be and still be drawn with its ends alone
 * @param left   where on the picture nought is, from the cover's middle
 * @param top    the same, downwards
 */
record Draping(
        Surface surface,
        View view,
        boolean back,
        double width,
        double height,
        boolean flanged,
        double step,
        double left,
        double top) {

    /** What turns away by so little is still seen at the cover's edge. */
    private static final double HORIZON = -0.02;

    /** A line so close to turning away would show as specks. */
    private static final double LINE_HORIZON = 0.05;

    private static final int FACING = 0;
    private static final int INSIDE = 1;

    /** A place of the cloth. */
    private Corner seen(On on) {
        double[] place = view.seen(turned(on.place()));
        return new Corner(place[0] - left, -place[1] - top, new double[] {facing(on), on.inside() ? 1 : 0});
    }

    /** How much the cloth faces us: one where it does squarely, below nought where it faces away. */
    private double facing(On on) {
        return view.seen(turned(on.normal()))[2];
    }

    private double[] turned(double[] vector) {
        return back ? new double[] {vector[0], vector[1], -vector[2]} : vector;
    }

    private On on(Point flat) {
        double across = flat.x() - width / 2;
        return surface.at(back ? -across : across, height / 2 - flat.y());
    }

    /** Where a point is seen; its value says how much it faces us. */
    Corner seen(Point flat) {
        return seen(on(flat));
    }

    /** The triangles of this side as they are seen: how much they face us, then how much light they have. */
    List<Corner[]> triangles(Light light) {
        Corner[] corners = new Corner[surface.size()];
        for (int i = 0; i < corners.length; i++) {
            On on = surface.on(i);
            double[] place = view.seen(turned(on.place()));
            double lit = light.on(view.seen(turned(on.normal())));
            corners[i] = new Corner(place[0] - left, -place[1] - top, new double[] {facing(on), lit});
        }
        return surface.triangles().stream()
                .map(triangle -> new Corner[] {corners[triangle[0]], corners[triangle[1]], corners[triangle[2]]})
                .toList();
    }

    /** The outlines of all of this side that is seen. */
    List<List<Point>> ground() {
        return Regions.where(triangles(Light.LAMP), 0);
    }

    /** The stretches of the seam round the cover that are seen. */
    List<List<Point>> seam() {
        List<Point> flat = new ArrayList<>();
        for (int point : surface.seam()) {
            double x = surface.flat(point)[0];
            flat.add(new Point((back ? -x : x) + width / 2, height / 2 - surface.flat(point)[1]));
        }
        return line(flat, true);
    }

    /** The outlines of an area as far as it is seen; in strips, as the far side of a wide one may face away. */
    List<List<Point>> box(Contour box) {
        int strips = view.isSquare() ? 1 : Math.max(1, (int) Math.ceil((box.right() - box.left()) / step));
        double wide = (box.right() - box.left()) / strips;
        List<List<Point>> areas = new ArrayList<>();
        for (int i = 0; i < strips; i++) {
            double from = box.left() + i * wide;
            areas.addAll(area(Contour.rectangle(from, box.top(), from + wide, box.bottom())
                    .points()));
        }
        return areas;
    }

    /** The outline of a small area as far as it is seen. */
    List<List<Point>> area(List<Point> polygon) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 0; i < polygon.size(); i++) {
            along(polygon.get(i), polygon.get((i + 1) % polygon.size()), corners);
        }
        List<Corner> kept = Regions.clipped(corners, FACING, HORIZON);
        return kept.size() < 3
                ? List.of()
                : List.of(kept.stream()
                        .map(corner -> new Point(corner.x(), corner.y()))
                        .toList());
    }

    /** The linear mapping that takes a cell of the flat cloth to about where it is seen: a, b, c, d, e, f. */
    List<Double> linear(Point from, double wide, double high) {
        Corner start = seen(from);
        Corner across = seen(new Point(from.x() + wide, from.y()));
        Corner down = seen(new Point(from.x(), from.y() + high));
        Corner far = seen(new Point(from.x() + wide, from.y() + high));
        // The mean of opposite edges, through the middle of the four corners.
        double a = (across.x() - start.x() + far.x() - down.x()) / (2 * wide);
        double b = (across.y() - start.y() + far.y() - down.y()) / (2 * wide);
        double c = (down.x() - start.x() + far.x() - across.x()) / (2 * high);
        double d = (down.y() - start.y() + far.y() - across.y()) / (2 * high);
        double middleX = (start.x() + across.x() + down.x() + far.x()) / 4;
        double middleY = (start.y() + across.y() + down.y() + far.y()) / 4;
        double atX = from.x() + wide / 2;
        double atY = from.y() + high / 2;
        return List.of(a, b, c, d, middleX - a * atX - c * atY, middleY - b * atX - d * atY);
    }

    /** The stretches of a line that are seen. */
    List<List<Point>> line(List<Point> line, boolean closed) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 0; i < line.size() - (closed ? 0 : 1); i++) {
            along(line.get(i), line.get((i + 1) % line.size()), corners);
        }
        corners.add(seen(line.get(closed ? 0 : line.size() - 1)));
        List<List<Point>> stretches = new ArrayList<>();
        List<Point> stretch = new ArrayList<>();
        for (Corner corner : corners) {
            if (corner.values()[FACING] >= LINE_HORIZON && (flanged || corner.values()[INSIDE] > 0)) {
                stretch.add(new Point(corner.x(), corner.y()));
            } else {
                keep(stretch, stretches);
                stretch = new ArrayList<>();
            }
        }
        keep(stretch, stretches);
        return stretches;
    }

    private static void keep(List<Point> stretch, List<List<Point>> stretches) {
        if (stretch.size() > 1) {
            stretches.add(List.copyOf(stretch));
        }
    }

    /** The points from one to the other, the other left out. */
    private void along(Point from, Point to, List<Corner> into) {
        double right = to.x() - from.x();
        double down = to.y() - from.y();
        int parts = Math.max(1, (int) Math.ceil(Math.sqrt(right * right + down * down) / step));
        for (int i = 0; i < parts; i++) {
            double share = (double) i / parts;
            into.add(seen(new Point(from.x() + share * right, from.y() + share * down)));
        }
    }
}
