package app.dapt.cover.edging;

import app.dapt.measure.Length;

/**
 * How a long bias strip is got out of a piece of cloth: single strips cut side by side from a block, or one continuous
 * strip from a square sewn into a tube.
 *
 * @param width  of the block
 * @param height of the block
 * @param strips how many single strips are joined; one from a tube
 * @param usable what each gives once its slanting ends are off
 */
public record BiasCut(Length width, Length height, int strips, Length usable) {

    private static final double SLANT = Math.sqrt(2);
    /** Lost at each slanting end of a strip. */
    private static final Length END = Length.inches(0, 1, 2);

    /** What is usable of a strip across a block so high: h·√2 less half an inch at each end. */
    static Length usable(Length height) {
        return Length.nearInches(height.toInches() * SLANT).minus(END.times(2));
    }

    /** Strips side by side, all leaning alike: the block is as wide as it is high, and w·√2 more for each. */
    static BiasCut strips(Length total, Length strip, Length height) {
        Length usable = Length.max(END, usable(height));
        int count = Math.toIntExact(total.countOf(usable));
        Length width = Length.nearInches(height.toInches() + count * strip.toInches() * SLANT);
        return new BiasCut(width, height, count, usable);
    }

    /** A square whose area is the strip's: length ≈ side² ÷ width, and its two seams besides. */
    static BiasCut tube(Length total, Length strip, Length step) {
        double side = Math.sqrt(total.toInches() * strip.toInches()) + 2 * END.toInches();
        Length rounded = new Length((long) Math.ceil(side * Length.PER_INCH / step.grains()) * step.grains());
        return new BiasCut(rounded, rounded, 1, total);
    }

    /** Square inches. */
    double area() {
        return width.toInches() * height.toInches();
    }
}
