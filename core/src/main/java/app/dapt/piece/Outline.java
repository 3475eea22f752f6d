package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;

/**
 * The lines of a piece that is no rectangle: where it is sewn and where it is cut, both measured from the top left
 * corner of the rectangle it is cut out of. Worked out when asked for.
 */
public sealed interface Outline {

    /** Where it is cut. */
    Contour cut();

    /** Where it is sewn, folded or ends. */
    Contour seam();

    /**
     * A part of the cover, or all of it.
     *
     * @param cover  the finished cover's outline
     * @param grown  the same with the seam allowance round it
     * @param deep   the direction in which the piece is only a part of the cover
     * @param from   where the part begins, from the top (left) of the finished cover
     * @param to     where it ends
     * @param before what lies outside {@code from}: an allowance, a hem
     * @param after  what lies outside {@code to}
     */
    record Part(Contour cover, Contour grown, Axis deep, Length from, Length to, Length before, Length after)
            implements Outline {

        /** Beyond any cover. */
        private static final double FAR = 1e5;

        /** How long it is cut one way, in millimetres. */
        public double cutLength(Axis way) {
            double start = from.minus(before).toMm();
            double end = to.plus(after).toMm();
            if (way != deep) {
                return grown.reach(way, start, end).length();
            }
            Contour.Reach whole = grown.reach(way, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
            return Math.max(0, Math.min(end, whole.most()) - Math.max(start, whole.least()));
        }

        @Override
        public Contour cut() {
            Contour cut = cutInPlace();
            return cut.moved(-cut.left(), -cut.top());
        }

        @Override
        public Contour seam() {
            Contour cut = cutInPlace();
            return strip(cover, from.toMm(), to.toMm()).moved(-cut.left(), -cut.top());
        }

        private Contour cutInPlace() {
            return strip(grown, from.minus(before).toMm(), to.plus(after).toMm());
        }

        private Contour strip(Contour contour, double start, double end) {
            return deep == Axis.UP_DOWN ? contour.within(-FAR, start, FAR, end) : contour.within(start, -FAR, end, FAR);
        }
    }

    /**
     * A drop of a panel that is joined from several.
     *
     * @param panel     the lines of the whole
     * @param from      where the drop begins, from the panel's cut left edge
     * @param to        where it ends
     * @param allowance of the seams that join
     */
    record Drop(Outline panel, Length from, Length to, Length allowance) implements Outline {

        private static final double FAR = 1e5;

        @Override
        public Contour cut() {
            Contour cut = cutInPlace();
            return cut.moved(-cut.left(), -cut.top());
        }

        @Override
        public Contour seam() {
            Contour cut = cutInPlace();
            return panel.seam().within(from.toMm(), -FAR, to.toMm(), FAR).moved(-cut.left(), -cut.top());
        }

        private Contour cutInPlace() {
            return panel.cut().within(from.minus(allowance).toMm(), -FAR, to.plus(allowance).toMm(), FAR);
        }
    }

    /** Lines already drawn, {@code seam} in the place it has within {@code cut}. */
    record Traced(Contour cut, Contour seam) implements Outline {

        /** Both lines moved so that the cut one begins at the corner. */
        public static Traced of(Contour cut, Contour seam) {
            return new Traced(cut.moved(-cut.left(), -cut.top()), seam.moved(-cut.left(), -cut.top()));
        }
    }
}
