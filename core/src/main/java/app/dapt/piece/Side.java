package app.dapt.piece;

import app.dapt.measure.Axis;

/** An edge of a piece that lies upright before you, right side up. */
public enum Side {
    TOP(Axis.ACROSS),
    RIGHT(Axis.UP_DOWN),
    BOTTOM(Axis.ACROSS),
    LEFT(Axis.UP_DOWN);

    private final Axis runs;

    Side(Axis runs) {
        this.runs = runs;
    }

    /** The direction the edge itself runs in. */
    public Axis runs() {
        return runs;
    }

    public Side opposite() {
        return switch (this) {
            case TOP -> BOTTOM;
            case RIGHT -> LEFT;
            case BOTTOM -> TOP;
            case LEFT -> RIGHT;
        };
    }
}
