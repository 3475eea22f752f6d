package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Repeat;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.PieceRole;
import java.util.Optional;

/** Sliding the print under a piece. */
public final class PieceWindow {

    private PieceWindow() {}

    /**
     * The point of the print under the middle of a piece as it lies; nothing where the cloth is plain, or the piece
     * lies another way round.
     */
    public static Optional<Window> under(Spot spot, Cloth cloth) {
        return cloth.repeat().filter(repeat -> !spot.turned()).map(repeat -> new Window(
                        spot.across().plus(spot.wide().half()),
                        spot.along().plus(spot.deep().half()))
                .within(repeat));
    }

    /**
     * The point that lies there once the print is slid so far.
     *
     * @param right towards the right of the piece as it is worn
     * @param down  towards its lower edge
     */
    public static Window slid(Window from, Cloth cloth, Length right, Length down, Unit unit) {
        // Used sideways, the piece's right is back towards the cut end and its lower edge to the right of the cloth.
        Window slid = cloth.sideways()
                ? new Window(from.across().minus(down), from.along().plus(right))
                : new Window(from.across().minus(right), from.along().minus(down));
        return rounded(slid, cloth.repeat().orElseThrow(), unit);
    }

    /** To a sixteenth of an inch, or to a millimetre, within one repeat. */
    private static Window rounded(Window window, Repeat repeat, Unit unit) {
        Length step = unit.pick(Length.mm(1), Length.inches(0, 1, 16));
        return new Window(window.across().roundedTo(step), window.along().roundedTo(step)).within(repeat);
    }

    /**
     * The plan with this point under a piece: under every matched front where it is one of them, else under itself
     * alone.
     */
    public static LayoutChoices shown(LayoutChoices choices, Spot spot, Window window) {
        return choices.matched() && spot.wanted().piece().role() == PieceRole.Whole.FRONT
                ? choices.showing(window)
                : choices.showing(spot.wanted().key(), Optional.of(window));
    }
}
