package app.dapt.drawing;

import app.dapt.measure.Length;

/** A rectangle in real lengths, its top left corner measured rightwards and downwards from the sheet's own. */
public record Box(Length left, Length top, Length width, Length height) {

    public static Box of(Length width, Length height) {
        return new Box(Length.ZERO, Length.ZERO, width, height);
    }

    public Length right() {
        return left.plus(width);
    }

    public Length bottom() {
        return top.plus(height);
    }
}
