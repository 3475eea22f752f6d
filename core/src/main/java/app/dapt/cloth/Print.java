package app.dapt.cloth;

import app.dapt.measure.Length;
import java.util.Optional;

/** The prints that Dapt draws itself. */
public enum Print {
    PLAIN(true, false, Length.ZERO),
    STRIPE(false, false, Length.inches(2, 1, 2)),
    CHECK(true, false, Length.inches(2)),
    /** A small motif with an up. */
    SPRIG(false, true, Length.inches(2, 1, 4)),
    /** A large motif with an up. */
    SAIL(false, true, Length.inches(8));

    private final boolean turns;
    private final boolean hasUp;
    private final Length repeat;

    Print(boolean turns, boolean hasUp, Length repeat) {
        this.turns = turns;
        this.hasUp = hasUp;
        this.repeat = repeat;
    }

    /** How far apart it usually comes again, both ways; nothing where there is nothing to come again. */
    public Optional<Repeat> usualRepeat() {
        return Optional.of(repeat).filter(Length::isPositive).map(each -> new Repeat(each, each));
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
