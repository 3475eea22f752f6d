package app.dapt.cloth;

/** The prints that Dapt draws itself. */
public enum Print {
    PLAIN(true, false),
    STRIPE(false, false),
    CHECK(true, false),
    /** A small motif with an up. */
    SPRIG(false, true),
    /** A large motif with an up. */
    SAIL(false, true);

    private final boolean turns;
    private final boolean hasUp;

    Print(boolean turns, boolean hasUp) {
        this.turns = turns;
        this.hasUp = hasUp;
    }

    /** Whether a piece may be cut a quarter turn round without anybody seeing it. */
    public boolean turns() {
        return turns;
    }

    /** Whether it has a top that must stay at the top. */
    public boolean hasUp() {
        return hasUp;
    }
}
