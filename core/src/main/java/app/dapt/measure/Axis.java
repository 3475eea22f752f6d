package app.dapt.measure;

/** One of the two directions of a flat thing that lies upright before you. */
public enum Axis {
    ACROSS,
    UP_DOWN;

    public Axis other() {
        return this == ACROSS ? UP_DOWN : ACROSS;
    }
}
