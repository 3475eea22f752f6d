package app.dapt.form;

import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.Optional;

/**
 * What is known of the thing that goes inside.
 *
 * @param across     readings across; never empty
 * @param upDown     readings up and down; empty on a square means the same as across
 * @param loft       thickness at the middle
 * @param labelMeans what the maker's label gives
 * @param filling    what it is stuffed with
 * @param round      whether it is round, whatever its cover is
 */
public record Form(
        Readings across,
        Readings upDown,
        Optional<Length> loft,
        LabelMeans labelMeans,
        Filling filling,
        boolean round) {

    /** @throws IllegalArgumentException where nothing is read across */
    public Form {
        if (across.isEmpty()) {
            throw new IllegalArgumentException("a form is measured across, at least");
        }
    }

    /** A form of its cover's shape. */
    public Form(Readings across, Readings upDown, Optional<Length> loft, LabelMeans labelMeans, Filling filling) {
        this(across, upDown, loft, labelMeans, filling, false);
    }

    /** A form measured over the crown and nothing else. */
    public static Form overCrown(Length across, Length upDown) {
        return new Form(
                Readings.overCrown(across),
                Readings.overCrown(upDown),
                Optional.empty(),
                LabelMeans.FORM,
                Filling.UNKNOWN);
    }

    public Form withAcross(Readings changed) {
        return new Form(changed, upDown, loft, labelMeans, filling, round);
    }

    public Form withUpDown(Readings changed) {
        return new Form(across, changed, loft, labelMeans, filling, round);
    }

    /**
     * A form in the same proportions, larger or smaller.
     *
     * @param to   what {@code from} of this one is to be
     * @param mark to which its sizes are rounded up
     */
    public Form scaled(Length to, Length from, Mark mark) {
        return withAcross(across.scaled(to, from, mark)).withUpDown(upDown.scaled(to, from, mark));
    }

    public Form withFilling(Filling changed) {
        return new Form(across, upDown, loft, labelMeans, changed, round);
    }

    public Form withRound(boolean changed) {
        return new Form(across, upDown, loft, labelMeans, filling, changed);
    }
}
