package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;

/**
 * The lines of a piece that is no rectangle: where it is sewn and where it is cut, both measured from the top left
 * corner of the rectangle it is cut out of. Worked out when asked for.
 */
public sealed interface Outline {

    /** Beyond any cover, in millimetres. */
    double FAR = 1e5;

    /** Where it is cut, in the place it has on the whole that it is a part of. */
    Contour cutInPlace();

    /** Where it is sewn, folded or ends, in the same place. */
    Contour seamInPlace();

    /** Where it is cut. */
    default Contour cut() {
        return placed(cutInPlace());
    }

    /** Where it is sewn, folded or ends. */
    default Contour seam() {
        return placed(seamInPlace());
    }

    /** Whether nothing of it is left: a part that lies off its cover. */
    default boolean isNothing() {
        return cutInPlace().points().size() < 3 || seamInPlace().points().size() < 3;
    }

    private Contour placed(Contour line) {
        Contour cut = cutInPlace();
        return line.moved(-cut.left(), -cut.top());
    }

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

        /** Seen from where it begins and ends, without working its lines out. */
        @Override
        public boolean isNothing() {
            boolean stacked = deep == Axis.UP_DOWN;
            double start = stacked ? cover.top() : cover.left();
            double end = stacked ? cover.bottom() : cover.right();
            return to.toMm() <= start || from.toMm() >= end || to.toMm() <= from.toMm();
        }

        @Override
        public Contour seamInPlace() {
            return strip(cover, from.toMm(), to.toMm());
        }

        @Override
        public Contour cutInPlace() {
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

        @Override
        public Contour seamInPlace() {
            return panel.seam().within(from.toMm(), -FAR, to.toMm(), FAR);
        }

        @Override
        public Contour cutInPlace() {
            return panel.cut()
                    .within(
                            from.minus(allowance).toMm(),
                            -FAR,
                            to.plus(allowance).toMm(),
                            FAR);
        }
    }

    /** Lines already drawn, the seam in the place it has within the cut. */
    record Traced(Contour cutInPlace, Contour seamInPlace) implements Outline {}
}
