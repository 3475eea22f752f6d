package app.dapt.layout;

import app.dapt.cloth.Repeat;
import app.dapt.measure.Length;

/**
 * The point of the print that lies under the middle of a piece, from where a repeat begins.
 *
 * @param across towards the right selvage
 * @param along  away from the cut end
 */
public record Window(Length across, Length along) {

    /** The point in the middle of a repeat, where its motif is. */
    public static Window middleOf(Repeat repeat) {
        return new Window(repeat.across().half(), repeat.along().half());
    }

    /** The same point, counted within one repeat. */
    public Window within(Repeat repeat) {
        return new Window(
                new Length(Math.floorMod(across.grains(), repeat.across().grains())),
                new Length(Math.floorMod(along.grains(), repeat.along().grains())));
    }
}
