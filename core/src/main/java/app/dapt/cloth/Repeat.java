package app.dapt.cloth;

import app.dapt.measure.Length;

/**
 * The distances at which a print comes again.
 *
 * @param across from selvage to selvage
 * @param along  down the length of the cloth
 */
public record Repeat(Length across, Length along) {

    public Repeat {
        if (!across.isPositive() || !along.isPositive()) {
            throw new IllegalArgumentException("a print comes again some way on");
        }
    }

    /** The point of the print in the middle of a repeat, where its motif is. */
    public Window middle() {
        return new Window(across.half(), along.half());
    }
}
