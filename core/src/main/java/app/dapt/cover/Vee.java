package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Contour;
import app.dapt.stuffed.Casing;
import app.dapt.stuffed.Chambers;
import app.dapt.stuffed.Halving;
import app.dapt.stuffed.Pillow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A V standing on its point, the same at the left as at the right.
 *
 * @param arm   how wide an arm is
 * @param end   how the arms end
 * @param inner radius of the curve between the arms
 * @param outer radius of the curve at the point
 */
public record Vee(Length arm, End end, Length inner, Length outer) implements Shape {

    /** Cut square across the arm, or round. */
    public enum End { SQUARE, ROUND }

    /** Steeper than this the arms would touch, and flatter than nothing is no V. */
    private static final double STEEPEST = Math.toRadians(80);
    /** A cut within this of 45° to the grain stretches as a bias does. */
    private static final double BIAS_REACH = Math.toRadians(25);

    static Vee usual(Unit unit) {
        return new Vee(unit.pick(Length.cm(33), Length.inches(13)), End.SQUARE, unit.pick(Length.cm(5), Length.inches(2)),
                unit.pick(Length.cm(10), Length.inches(4)));
    }

    static Vee from(Details details) {
        return new Vee(details.measure("arm"), details.oneOf("armEnd", End.class), details.measure("inner"), details.measure("outer"));
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.VEE;
    }

    @Override
    public List<Detail> details() {
        return List.of(Detail.measure("arm", Limits.SIDE, arm, true), Detail.oneOf("armEnd", end, "arm-end"),
                Detail.measure("inner", Limits.CURVE, inner, true), Detail.measure("outer", Limits.CURVE, outer, true));
    }

    @Override
    public boolean isRectangular() {
        return false;
    }

    /** The lines of a V in millimetres, its point at the bottom middle. */
    private record Lines(double width, double height, double arm, double inner, double outer, boolean round) {

        /** How steeply the arms rise: where the height comes to what was measured. */
        double angle() {
            return Halving.rootOf(angle -> heightAt(angle) - height, 0, STEEPEST);
        }

        /** From the point, were it sharp, to the end of the arm's outer edge. */
        double length(double angle) {
            double bulge = round ? arm / 2 * (1 - Math.sin(angle)) : 0;
            return Math.max(arm / 4, (width / 2 - bulge) / Math.cos(angle));
        }

        private double heightAt(double angle) {
            double top = round ? arm / 2 * (1 + Math.cos(angle)) : arm * Math.cos(angle);
            return length(angle) * Math.sin(angle) + top - outer * (1 / Math.cos(angle) - 1);
        }

        /** The longest straight stretch of its edge, along the outside of an arm. */
        double straight() {
            double angle = angle();
            return Math.max(0, length(angle) - outer * Math.tan(angle));
        }

        /** Along the middle of both arms. */
        double middle() {
            double angle = angle();
            return 2 * (length(angle) + (round ? arm / 4 : 0)) - arm * Math.tan(angle);
        }

        /** The middle of the right arm's straight outer edge. */
        Point outerMiddle() {
            double a = angle();
            double along = (length(a) + outer * Math.tan(a)) / 2;
            double up = along * Math.sin(a) - outer * (1 / Math.cos(a) - 1);
            return new Point(width / 2 + along * Math.cos(a), height - up);
        }

        Point endMiddle() {
            double a = angle();
            double x = length(a) * Math.cos(a) - arm / 2 * Math.sin(a);
            double up = length(a) * Math.sin(a) + arm / 2 * Math.cos(a) - outer * (1 / Math.cos(a) - 1);
            return new Point(width / 2 + x, height - up);
        }

        /** The outline, the right arm so many millimetres longer. */
        Contour contour(double longer) {
            double a = angle();
            double point = outer * (1 / Math.cos(a) - 1);
            List<Point> right = new ArrayList<>();
            // From the point, counted upwards from its rounded tip, along the outside of the right arm and back inside.
            Contour.arc(right, 0, outer / Math.cos(a) - point, outer, -Math.PI / 2, -Math.PI / 2 + a);
            double endX = (length(a) + longer) * Math.cos(a);
            double endY = (length(a) + longer) * Math.sin(a) - point;
            if (round) {
                Contour.arc(right, endX - arm / 2 * Math.sin(a), endY + arm / 2 * Math.cos(a), arm / 2, a - Math.PI / 2, a + Math.PI / 2);
            } else {
                right.add(new Point(endX, endY));
                right.add(new Point(endX - arm * Math.sin(a), endY + arm * Math.cos(a)));
            }
            Contour.arc(right, 0, (arm + inner) / Math.cos(a) - point, inner, -Math.PI / 2 + a, -Math.PI / 2);
            return joined(right, longer == 0 ? right : contourOfRight());
        }

        private List<Point> contourOfRight() {
            List<Point> points = contour(0).points();
            return points.subList(0, points.size() / 2 + 1).stream()
                    .map(p -> new Point(p.x() - width / 2, height - p.y())).toList();
        }

        /** Both halves, each from the point upwards on the outside and down the inside, the left one mirrored. */
        private Contour joined(List<Point> right, List<Point> left) {
            List<Point> all = new ArrayList<>();
            right.forEach(p -> all.add(new Point(width / 2 + p.x(), height - p.y())));
            for (int i = left.size() - 2; i > 0; i--) {
                all.add(new Point(width / 2 - left.get(i).x(), height - left.get(i).y()));
            }
            return new Contour(all).sound();
        }
    }

    private Lines lines(Length across, Length upDown, Length ease) {
        // Kept to what can be drawn; what was really asked for is judged by concerns().
        double width = across.toMm();
        double height = upDown.toMm();
        double wide = Math.max(10, Math.min(arm.plus(ease).toMm(), Math.min(0.45 * width, 0.9 * height)));
        double most = Math.min(width, height) / 3;
        return new Lines(width, height, wide, Math.min(inner.toMm(), most), Math.min(outer.toMm(), most), end == End.ROUND);
    }

    @Override
    public Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        return Optional.of(lines(across, upDown, ease).contour(0));
    }

    /** The outline with the right arm made longer by so much, or shorter by a negative length; square at its end. */
    Contour lengthened(Setting setting, Length by) {
        Lines lines = lines(setting.finished(Axis.ACROSS), setting.finished(Axis.UP_DOWN), setting.ease());
        return new Lines(lines.width(), lines.height(), lines.arm(), lines.inner(), lines.outer(), false).contour(by.toMm());
    }

    /** The middle of the right arm's square end. */
    Point armEnd(Setting setting) {
        return lines(setting.finished(Axis.ACROSS), setting.finished(Axis.UP_DOWN), setting.ease()).endMiddle();
    }

    /** How far apart the two edges of the finished arm are. */
    Length finishedArm(Setting setting) {
        return arm.plus(setting.ease());
    }

    /** The straight outer edge of one arm. */
    @Override
    public Length edgeToOpen(Axis runs, Length across, Length upDown, Length ease) {
        return Length.nearInches(lines(across, upDown, ease).straight() / 25.4);
    }

    @Override
    public Point edgeMiddle(Axis runs, Length across, Length upDown, Length ease) {
        return lines(across, upDown, ease).outerMiddle();
    }

    /** Taken as a pillow as wide as an arm and as long as both, bent. */
    @Override
    public Casing casing(Length across, Length upDown) {
        double middle = lines(across, upDown, Length.ZERO).middle();
        Length longSide = Length.max(arm, Length.mm(Math.round(middle)));
        return new Chambers(1, new Pillow(arm, longSide), true);
    }

    @Override
    public List<Concern> concerns(Setting setting, Back back) {
        List<Concern> found = new ArrayList<>();
        Length across = setting.form().across().flat();
        Length upDown = setting.form().upDown().flat();
        if (Length.min(across.half(), upDown).times(95, 100).under(arm)) {
            Length slimmer = setting.mark().nearest(Length.min(across.half(), upDown).times(2, 3));
            found.add(Concern.of("vee-arms", Weight.WILL_NOT_WORK, "vee-arms", arm, across, upDown)
                    .orTry(setting.plan().withShape(new Vee(slimmer, end, inner, outer)), "arm", slimmer));
        }
        double angle = lines(across, upDown, Length.ZERO).angle();
        if (Math.abs(angle - Math.PI / 4) < BIAS_REACH) {
            found.add(Concern.of("bias-edges", Weight.WORTH_KNOWING, "bias-edges", (int) Math.round(Math.toDegrees(angle)))
                    .orNote(setting.plan(), "will-stay-stitch"));
        }
        return found;
    }
}
