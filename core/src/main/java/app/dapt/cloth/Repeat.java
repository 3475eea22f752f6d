package app.dapt.cloth;

import app.dapt.measure.Length;

/**
 * The distances at which a print comes again.
 *
 * @param across from selvage to selvage
 * @param along  down the length of the cloth
 */
public record Repeat(Length across, Length along) {

    /** @throws IllegalArgumentException where a distance is nothing or less */
    public Repeat {
        if (!across.isPositive() || !along.isPositive()) {
            throw new IllegalArgumentException("a print comes again some way on");
        }
    }
}
