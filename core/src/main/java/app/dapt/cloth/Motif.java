package app.dapt.cloth;

import java.util.ArrayList;
import java.util.List;

/**
 * One shape of a print within its repeat, which is one wide and one high; rightwards and downwards. Curves are drawn as
 * short straight lines.
 *
 * @param points  its corners, two numbers each
 * @param ink     what it is printed in
 * @param opacity how much of the ground it hides, up to one
 * @param stroke  how wide it is drawn where it is a line; nought for a shape that is filled
 */
public record Motif(List<double[]> points, Ink ink, double opacity, double stroke) {

    /** What a print is printed in. */
    public enum Ink {
        /** Light on a dark ground, dark on a light one. */
        ACCENT,
        YELLOW,
        CHALK
    }

    /** Straight lines for each curve. */
    private static final int STEPS = 4;

    static Motif box(double left, double top, double right, double bottom, Ink ink, double opacity) {
        return new Motif(
                List.of(
                        new double[] {left, top},
                        new double[] {right, top},
                        new double[] {right, bottom},
                        new double[] {left, bottom}),
                ink,
                opacity,
                0);
    }

    /** A shape while it is drawn, on a square so many units wide. */
    static final class Outline {

        private final double units;
        private final double right;
        private final double down;
        private final List<double[]> points = new ArrayList<>();

        Outline(double units, double right, double down) {
            this.units = units;
            this.right = right;
            this.down = down;
        }

        Outline to(double x, double y) {
            points.add(new double[] {(x + right) / units, (y + down) / units});
            return this;
        }

        /** A parabola (a quadratic Bézier curve) by way of a point. */
        Outline bent(double viaX, double viaY, double x, double y) {
            double[] from = last();
            return curved(
                    from[0] + 2 * (viaX - from[0]) / 3,
                    from[1] + 2 * (viaY - from[1]) / 3,
                    x + 2 * (viaX - x) / 3,
                    y + 2 * (viaY - y) / 3,
                    x,
                    y);
        }

        /** A cubic Bézier curve by way of two points. */
        Outline curved(double x1, double y1, double x2, double y2, double x, double y) {
            double[] from = last();
            for (int i = 1; i <= STEPS; i++) {
                double t = (double) i / STEPS;
                double s = 1 - t;
                to(
                        s * s * s * from[0] + 3 * s * s * t * x1 + 3 * s * t * t * x2 + t * t * t * x,
                        s * s * s * from[1] + 3 * s * s * t * y1 + 3 * s * t * t * y2 + t * t * t * y);
            }
            return this;
        }

        private double[] last() {
            double[] last = points.get(points.size() - 1);
            return new double[] {last[0] * units - right, last[1] * units - down};
        }

        Motif filled(Ink ink, double opacity) {
            return new Motif(List.copyOf(points), ink, opacity, 0);
        }

        Motif drawn(Ink ink, double width) {
            return new Motif(List.copyOf(points), ink, 1, width / units);
        }
    }
}
