package app.dapt.cover.edging;

import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Look;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;

/**
 * The edge of a cover as far as it is really seamed: nothing can be caught in a fold or in an open end.
 *
 * @param length  of all of it
 * @param sides   its straight sides, or the whole curve
 * @param corners how many corners it turns
 * @param whole   whether it goes all the way round
 * @param curved  whether it curves, so that only bias lies well in it
 * @param paths   where it lies, in millimetres from the top left of the finished cover
 */
public record SeamedEdge(
        Sum length, List<Length> sides, int corners, boolean whole, boolean curved, List<List<Point>> paths) {

    public SeamedEdge {
        sides = List.copyOf(sides);
        paths = List.copyOf(paths);
    }

    /** The edge as it is sewn. */
    public static SeamedEdge of(CoverDimensions sizes, Back back) {
        return of(sizes, back, Length.ZERO);
    }

    /** The edge as it was cut for, whatever a try-on has changed since: what goes round it is cut and bought by it. */
    public static SeamedEdge cutFor(CoverDimensions sizes, Back back) {
        return of(sizes, back, sizes.basis().seam().altered().deeper());
    }

    private static SeamedEdge of(CoverDimensions sizes, Back back, Length outside) {
        if (sizes.outline().isPresent()) {
            return outlined(sizes, back, sizes.outline().get(), outside);
        }
        Axis runs = sizes.opens();
        boolean start = back.ends().isSewn(back.ends().start());
        boolean end = back.ends().isSewn(back.ends().end());
        int along = (start ? 1 : 0) + (end ? 1 : 0);
        boolean stacked = runs == Axis.ACROSS;
        int ofWidth = stacked ? along : 2;
        int ofHeight = stacked ? 2 : along;
        // A side reaches further by what lies outside each seam it runs into.
        Length across = sizes.finished(Axis.ACROSS).plus(outside.times(ofHeight));
        Length upDown = sizes.finished(Axis.UP_DOWN).plus(outside.times(ofWidth));
        List<Length> sides = new ArrayList<>();
        Sum length = Sum.of();
        if (ofWidth > 0) {
            length = length.plus(Sum.term("term.sides-across", across.times(ofWidth), ofWidth));
        }
        if (ofHeight > 0) {
            length = length.plus(Sum.term("term.sides-up-down", upDown.times(ofHeight), ofHeight));
        }
        for (int i = 0; i < 2; i++) {
            if (i < ofWidth) {
                sides.add(across);
            }
            if (i < ofHeight) {
                sides.add(upDown);
            }
        }
        // Two sides that do not meet turn no corner; three turn two.
        int corners = along == 2 ? 4 : along * 2;
        List<List<Point>> paths = paths(across, upDown, stacked, start, end);
        double left = stacked || start ? outside.toMm() : 0;
        double top = !stacked || start ? outside.toMm() : 0;
        return new SeamedEdge(length, sides, corners, along == 2, false, moved(paths, -left, -top));
    }

    private static List<List<Point>> paths(Length across, Length upDown, boolean stacked, boolean start, boolean end) {
        double w = across.toMm();
        double h = upDown.toMm();
        List<List<Point>> paths = new ArrayList<>();
        if (start && end) {
            paths.add(List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h), new Point(0, 0)));
            return paths;
        }
        boolean top = !stacked || start;
        boolean bottom = !stacked || end;
        boolean left = stacked || start;
        boolean right = stacked || end;
        if (top) {
            paths.add(List.of(new Point(0, 0), new Point(w, 0)));
        }
        if (right) {
            paths.add(List.of(new Point(w, 0), new Point(w, h)));
        }
        if (bottom) {
            paths.add(List.of(new Point(w, h), new Point(0, h)));
        }
        if (left) {
            paths.add(List.of(new Point(0, h), new Point(0, 0)));
        }
        return paths;
    }

    private static SeamedEdge outlined(CoverDimensions sizes, Back back, Contour sewn, Length outside) {
        Contour outline = outside.isZero() ? sewn : sewn.grown(outside);
        boolean open = back.ends().isTucked();
        double round =
                sizes.shape().perimeter(outline, sizes.finished(Axis.ACROSS).plus(outside.times(2)));
        Sum length = Sum.of(Sum.term("term.round-the-edge", Length.nearMm(round)));
        List<Point> path = new ArrayList<>(outline.points());
        path.add(path.get(0));
        if (open && back.mouth().isPresent()) {
            length = length.plus(Sum.term("term.less-open-end", back.length().negated()));
            Point mouth = back.mouth().get();
            // The rest of the outline, about the point opposite the open end.
            path = outline.stretchOpposite(
                    mouth, outline.perimeter() - back.length().toMm());
        }
        // The two at an end left open are not sewn.
        int corners = Math.max(0, sizes.shape().cornersTurned() - (open ? 2 : 0));
        return new SeamedEdge(
                length, List.of(length.total()), corners, !open, !sizes.shape().isRectangular(), List.of(path));
    }

    private static List<List<Point>> moved(List<List<Point>> paths, double right, double down) {
        return paths.stream()
                .map(path -> path.stream()
                        .map(point -> new Point(point.x() + right, point.y() + down))
                        .toList())
                .toList();
    }

    /** What is caught in it on a front that is not sewn yet, where what hangs points to the middle. */
    List<Trim> onFront(Look look, Length deep, Material material, Length allowance) {
        double by = allowance.toMm();
        return moved(paths, by, by).stream()
                .map(path -> new Trim(look, path, deep, material, true))
                .toList();
    }

    /** Length of cord or strip for it: the edge, and four inches to join the ends. */
    Sum withJoin(Unit unit) {
        return length.plus(Sum.term("term.to-join", unit.pick(Length.cm(10), Length.inches(4))));
    }
}
