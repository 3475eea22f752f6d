package app.dapt.step;

import app.dapt.measure.Length;

/**
 * How much work a step is.
 *
 * @param minutes  hands on; an estimate
 * @param stitched how much is sewn in it, all rows together, which is what thread is bought for
 */
public record Labour(Effort effort, double minutes, Length stitched) {

    /** @throws IllegalArgumentException where it takes less than no time */
    public Labour {
        if (minutes < 0) {
            throw new IllegalArgumentException("nothing takes less than no time");
        }
    }
}
