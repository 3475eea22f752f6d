package app.dapt.step;

import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Pins in what lies on the table. */
final class Pins {

    /** Pins stand so far in from the edge, and are so long. */
    private static final Length PIN_IN = Length.inches(0, 1, 4);

    private static final Length PIN = Length.inches(1, 1, 4);
    private static final Length PIN_APART = Length.inches(4);

    private Pins() {}

    /** Along these edges of a piece, their heads outward. */
    static List<Line> along(Laid piece, Set<Side> sides) {
        List<Line> pins = new ArrayList<>();
        for (Side side : sides) {
            Side seen = piece.seen(side);
            boolean level = seen.runs() == Axis.ACROSS;
            Length whole = level ? piece.box().width() : piece.box().height();
            int count = Math.max(2, (int) Math.min(12, whole.over(PIN_APART)));
            for (int i = 0; i < count; i++) {
                pins.add(pin(piece.box(), seen, whole.times(2 * i + 1, 2 * count)));
            }
        }
        return pins;
    }

    /** Pins across a curved seam, from outside it inwards. */
    static List<Path> across(List<Point> seam) {
        List<Path> pins = new ArrayList<>();
        double next = PIN_APART.toMm() / 2;
        for (int i = 0; i < seam.size(); i++) {
            Point from = seam.get(i);
            Point to = seam.get((i + 1) % seam.size());
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            for (; next < length; next += PIN_APART.toMm()) {
                double x = from.x() + (to.x() - from.x()) * next / length;
                double y = from.y() + (to.y() - from.y()) * next / length;
                double across = (to.y() - from.y()) / length * PIN.toMm() / 2;
                double down = (from.x() - to.x()) / length * PIN.toMm() / 2;
                pins.add(new Path(
                        Role.PIN, List.of(new Point(x - across, y - down), new Point(x + across, y + down)), false));
            }
            next -= length;
        }
        return pins;
    }

    private static Line pin(Box box, Side seen, Length along) {
        Length x = box.left().plus(along);
        Length y = box.top().plus(along);
        return switch (seen) {
            case TOP ->
                new Line(
                        Role.PIN,
                        x,
                        box.top().plus(PIN_IN),
                        x,
                        box.top().plus(PIN_IN).plus(PIN));
            case BOTTOM ->
                new Line(
                        Role.PIN,
                        x,
                        box.bottom().minus(PIN_IN),
                        x,
                        box.bottom().minus(PIN_IN).minus(PIN));
            case LEFT ->
                new Line(
                        Role.PIN,
                        box.left().plus(PIN_IN),
                        y,
                        box.left().plus(PIN_IN).plus(PIN),
                        y);
            case RIGHT ->
                new Line(
                        Role.PIN,
                        box.right().minus(PIN_IN),
                        y,
                        box.right().minus(PIN_IN).minus(PIN),
                        y);
        };
    }
}
