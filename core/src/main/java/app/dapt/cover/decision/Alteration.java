package app.dapt.cover.decision;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;

/**
 * What a try-on has changed of the size that was planned. Negative where the cover was made larger.
 *
 * @param across how much narrower it is finished
 * @param upDown how much lower
 * @param deeper how much deeper its seams are sewn than planned; nought where it is cut to the changed size
 */
public record Alteration(Length across, Length upDown, Length deeper) {

    /** As planned. */
    public static final Alteration NONE = new Alteration(Length.ZERO, Length.ZERO, Length.ZERO);

    public boolean isNone() {
        return equals(NONE);
    }

    /** How much smaller the cover is finished in one direction. */
    public Length smaller(Axis axis) {
        return axis == Axis.ACROSS ? across : upDown;
    }

    /** This and one more. */
    public Alteration plus(Alteration more) {
        return new Alteration(across.plus(more.across), upDown.plus(more.upDown), deeper.plus(more.deeper));
    }

    /** The same size, cut to it with the seam allowance that was planned. */
    public Alteration whenCut() {
        return new Alteration(across, upDown, Length.ZERO);
    }
}
