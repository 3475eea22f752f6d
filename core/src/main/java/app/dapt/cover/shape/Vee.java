package app.dapt.cover.shape;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Role;
import app.dapt.filling.Bisection;
import app.dapt.filling.Casing;
import app.dapt.filling.Chambers;
import app.dapt.filling.Pillow;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * A V standing on its point, the same at the left as at the right.
 */
public record Vee(Details decided) implements Shape {

    /** Cut square across the arm, or round. */
    public enum End {
        SQUARE,
        ROUND
    }

    /** What gives the width. */
    public enum By {
        WIDTH,
        ANGLE
    }

    /** Where the point would be thinner than this share of an arm, a curve is too much. */
    private static final double THINNEST = 0.25;

    private static final int LEAST_RISE = 20;
    private static final int MOST_RISE = 70;

    /** Steeper than this the arms would touch, and flatter than nothing is no V. */
    private static final double STEEPEST = Math.toRadians(80);

    /** A cut within this of 45° to the grain stretches as a bias does. */
    private static final double BIAS_REACH = Math.toRadians(25);

    /** How wide an arm is. */
    private static final Question<Length> ARM =
            Question.length("arm", LengthRange.SIDE, Length.cm(33), Length.inches(13));

    private static final Question<End> END = Question.oneOf("armEnd", End.SQUARE, "arm-end");
    /** Radius of the curve between the arms. */
    private static final Question<Length> INNER =
            Question.length("inner", LengthRange.CURVE, Length.cm(5), Length.inches(2));
    /** Radius of the curve at the point. */
    private static final Question<Length> OUTER =
            Question.length("outer", LengthRange.CURVE, Length.cm(10), Length.inches(4));
    /** Whether its arms come out as they must for the width that was measured, or rise at a given angle. */
    private static final Question<By> BY = Question.oneOf("veeBy", By.WIDTH, "vee-by");
    /** That angle, in degrees above the level. */
    private static final Question<Integer> RISE =
            Question.count("rise", LEAST_RISE, MOST_RISE, 45).where(BY, By.ANGLE);

    static final List<Question<?>> ASKED = List.of(ARM, END, INNER, OUTER, BY, RISE);

    private boolean isByAngle() {
        return get(BY) == By.ANGLE;
    }

    private boolean isRound() {
        return get(END) == End.ROUND;
    }

    private Length arm() {
        return get(ARM);
    }

    @Override
    public boolean isBentEdgeOn() {
        return true;
    }

    @Override
    public Kind<Shape> kind() {
        return ShapeKind.VEE;
    }

    @Override
    public boolean isRectangular() {
        return false;
    }

    @Override
    public Axis easeBy() {
        return isByAngle() ? Axis.UP_DOWN : Axis.ACROSS;
    }

    @Override
    public Optional<Sum> acrossFrom(Length upDown, Length ease) {
        return !isByAngle()
                ? Optional.empty()
                : Optional.of(Sum.of(Sum.term(
                        "term.vee-at-angle",
                        Length.nearMm(lines(Length.ZERO, upDown, ease).width()),
                        get(RISE))));
    }

    private Vee curved(Length inside, Length outside) {
        return new Vee(decided.with(INNER, inside).with(OUTER, outside));
    }

    /** The lines of a V in millimetres, its point at the bottom middle. */
    private record Lines(double width, double height, double arm, double inner, double outer, boolean round) {

        /** How steeply the arms rise: where the height comes to what was measured. */
        double angle() {
            return Bisection.rootOf(angle -> heightAt(angle) - height, 0, STEEPEST);
        }

        /**
         * Whether it can be drawn so: no curve takes more than the edge it rounds, and something is left of the point.
         */
        boolean isSound() {
            double a = angle();
            double least = arm / Math.cos(a) - (outer - inner) * (1 / Math.cos(a) - 1);
            return Math.abs(heightAt(a) - height) < 1
                    && outer * Math.tan(a) <= length(a)
                    && (arm + inner) * Math.tan(a) <= length(a)
                    && least >= arm * THINNEST;
        }

        Lines curved(double inside, double outside) {
            return new Lines(width, height, arm, inside, outside, round);
        }

        /**
         * The same with its curves as large as they go, each up to what was asked for; the inner one first, as its
         * notch is sharp without.
         */
        Lines sound() {
            if (isSound()) {
                return this;
            }
            Lines sharp = curved(0, 0);
            double inside = sharp.largest(share -> curved(inner * share, 0)) * inner;
            double outside = sharp.largest(share -> curved(inside, outer * share)) * outer;
            return curved(inside, outside);
        }

        private double largest(DoubleFunction<Lines> curved) {
            return curved.apply(1).isSound()
                    ? 1
                    : Bisection.rootOf(share -> curved.apply(share).isSound() ? -1 : 1, 0, 1);
        }

        /** These lines with arms that rise at an angle, as wide as that makes them. */
        Lines risingAt(double angle) {
            double top = round ? arm / 2 * (1 + Math.cos(angle)) : arm * Math.cos(angle);
            double along = Math.max(arm / 4, (height - top + outer * (1 / Math.cos(angle) - 1)) / Math.sin(angle));
            double bulge = round ? arm / 2 * (1 - Math.sin(angle)) : 0;
            return new Lines(2 * (along * Math.cos(angle) + bulge), height, arm, inner, outer, round);
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
                Contour.arc(
                        right,
                        endX - arm / 2 * Math.sin(a),
                        endY + arm / 2 * Math.cos(a),
                        arm / 2,
                        a - Math.PI / 2,
                        a + Math.PI / 2);
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
                    .map(p -> new Point(p.x() - width / 2, height - p.y()))
                    .toList();
        }

        /** Both halves, each from the point upwards on the outside and down the inside, the left one mirrored. */
        private Contour joined(List<Point> right, List<Point> left) {
            List<Point> all = new ArrayList<>();
            right.forEach(p -> all.add(new Point(width / 2 + p.x(), height - p.y())));
            for (int i = left.size() - 2; i > 0; i--) {
                all.add(new Point(
                        width / 2 - left.get(i).x(), height - left.get(i).y()));
            }
            return new Contour(all).sound();
        }
    }

    /** As asked for as far as geometry allows; what it does not allow is said by concerns(). */
    private Lines lines(Length across, Length upDown, Length ease) {
        double height = upDown.toMm();
        double width = isByAngle()
                ? asked(height, height, ease)
                        .risingAt(Math.toRadians(get(RISE)))
                        .width()
                : across.toMm();
        return asked(width, height, ease).sound();
    }

    private Lines asked(double width, double height, Length ease) {
        double most = isByAngle() ? 0.9 * height : Math.min(0.45 * width, 0.9 * height);
        double wide = Math.max(10, Math.min(arm().plus(ease).toMm(), most));
        return new Lines(width, height, wide, get(INNER).toMm(), get(OUTER).toMm(), isRound());
    }

    @Override
    public Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        return Optional.of(lines(across, upDown, ease).contour(0));
    }

    @Override
    public int cornersTurned() {
        return isRound() ? 0 : 4;
    }

    @Override
    public Optional<Phrase> unfitToLap(Axis runs) {
        return runs == Axis.ACROSS ? Optional.of(Phrase.of("unfit.vee-across")) : Optional.empty();
    }

    @Override
    public Optional<Phrase> unfitForZip() {
        return Optional.of(Phrase.of("unfit.vee-zip"));
    }

    @Override
    public boolean takesFlange() {
        return false;
    }

    @Override
    public Optional<Arm> openArm() {
        return Optional.of(new RightArm());
    }

    /** The right one, which is the one left open. */
    private final class RightArm implements Arm {

        @Override
        public boolean isSquare() {
            return !isRound();
        }

        @Override
        public Length finishedWidth(CoverDimensions sizes) {
            return arm().plus(sizes.ease());
        }

        @Override
        public Point points(CoverDimensions sizes) {
            double angle = drawn(sizes).angle();
            return new Point(Math.cos(angle), -Math.sin(angle));
        }

        @Override
        public Point end(CoverDimensions sizes) {
            return drawn(sizes).endMiddle();
        }

        @Override
        public Contour lengthened(CoverDimensions sizes, Length by) {
            Lines lines = drawn(sizes);
            return new Lines(lines.width(), lines.height(), lines.arm(), lines.inner(), lines.outer(), false)
                    .contour(by.toMm());
        }

        private Lines drawn(CoverDimensions sizes) {
            return lines(sizes.finished(Axis.ACROSS), sizes.finished(Axis.UP_DOWN), sizes.ease());
        }
    }

    /** The straight outer edge of one arm. */
    @Override
    public Length edgeToOpen(Axis runs, Length across, Length upDown, Length ease) {
        return Length.nearMm(lines(across, upDown, ease).straight());
    }

    @Override
    public Point edgeMiddle(Axis runs, Length across, Length upDown, Length ease) {
        return lines(across, upDown, ease).outerMiddle();
    }

    /** Taken as a pillow as wide as an arm and as long as both, bent. */
    @Override
    public Casing casing(Length across, Length upDown) {
        double middle = lines(across, upDown, Length.ZERO).middle();
        Length longSide = Length.max(arm(), Length.mm(Math.round(middle)));
        return new Chambers(1, new Pillow(arm(), longSide), true);
    }

    @Override
    public void prepare(Making making) {
        List<Piece> both = new ArrayList<>(List.of(making.front()));
        making.back().panels().stream()
                .map(Back.Panel::piece)
                .distinct()
                .filter(p -> !both.contains(p))
                .forEach(both::add);
        both.forEach(piece -> making.at(Place.MACHINE, "stay-stitch", piece)
                .because()
                .along(
                        Effort.BASTE,
                        Length.max(piece.cutWidth(), piece.cutHeight()).times(2))
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(pile -> pile.seamed(Role.SEW, Pile.allSides()))
                .add());
    }

    @Override
    public String turnedOut() {
        return isRound() ? "turn-out-round" : "turn-out";
    }

    @Override
    public String pushedOut() {
        return isRound() ? "push-out-round" : "push-out";
    }

    @Override
    public String filledBy() {
        return "fill-vee";
    }

    @Override
    public boolean isClipped(int corners) {
        return true;
    }

    @Override
    public void clip(Making making, int corners) {
        making.at(Place.TABLE, "snip-notch", making.front())
                .onAll()
                .because()
                .times(Effort.CLIP, 8)
                .shows(Pile.of(making.lyingFront(false)).seamed(Role.SEAM, Pile.allSides()))
                .add();
        if (corners > 0) {
            Shape.super.clip(making, corners);
        }
    }

    @Override
    public List<Concern<Shape>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Shape>> found = new ArrayList<>();
        Length upDown = sizes.form().upDown().flat();
        Length across = isByAngle()
                ? sizes.finished(Axis.ACROSS)
                : sizes.form().across().flat();
        if (Length.min(across.half(), upDown).times(95, 100).under(arm())) {
            Length slimmer =
                    sizes.mark().nearest(Length.min(across.half(), upDown).times(2, 3));
            found.add(Concern.<Shape>of("vee-arms", Weight.WILL_NOT_WORK, "vee-arms", arm(), across, upDown)
                    .orTry(() -> with(ARM, slimmer), "arm", slimmer));
        }
        Lines drawn = lines(sizes.finished(Axis.ACROSS), sizes.finished(Axis.UP_DOWN), sizes.ease());
        Length inner = get(INNER);
        Length outer = get(OUTER);
        if (drawn.outer() + 1 < outer.toMm() || drawn.inner() + 1 < inner.toMm()) {
            Length inside = roundedDown(drawn.inner(), inner, sizes);
            Length outside = roundedDown(drawn.outer(), outer, sizes);
            found.add(Concern.<Shape>of("vee-curve", Weight.BETTER_NOT, "vee-curve", outer, inner, outside, inside)
                    .orTry(() -> curved(inside, outside), "vee-curve", outside, inside));
        }
        double angle = drawn.angle();
        if (Math.abs(angle - Math.PI / 4) < BIAS_REACH) {
            found.add(Concern.<Shape>of(
                            "bias-edges", Weight.WORTH_KNOWING, "bias-edges", (int) Math.round(Math.toDegrees(angle)))
                    .orNote("will-stay-stitch"));
        }
        return found;
    }

    private static Length roundedDown(double millimetres, Length asked, CoverDimensions sizes) {
        long step = sizes.mark().step().grains();
        return Length.min(asked, new Length((long) (millimetres * Length.PER_MM) / step * step));
    }
}
