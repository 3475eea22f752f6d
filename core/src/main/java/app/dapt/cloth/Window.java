package app.dapt.cloth;

import app.dapt.measure.Length;

/**
 * The point of the print that lies under the middle of a piece, from where a repeat begins.
 *
 * @param across towards the right selvage
 * @param along  away from the cut end
 */
public record Window(Length across, Length along) {

    /** The same point, counted within one repeat. */
    public Window within(Repeat repeat) {
        return new Window(new Length(Math.floorMod(across.grains(), repeat.across().grains())),
                new Length(Math.floorMod(along.grains(), repeat.along().grains())));
    }
}
