package app.dapt.cover.decision;

import app.dapt.measure.Length;
import app.dapt.measure.LengthReader;
import app.dapt.measure.Unit;
import app.dapt.shelf.Thing.Kind;

/** How small and how large each length of a plan may be, whoever gives it: a person in a field or a file. */
public enum LengthRange {
    SIDE(Length.cm(10), Length.cm(300), Length.inches(4), Length.inches(120)),
    LOFT(Length.cm(1), Length.cm(100), Length.inches(0, 1, 2), Length.inches(40)),
    SIZE_DOWN(Length.ZERO, Length.cm(30), Length.ZERO, Length.inches(12)),
    OWN_EASE(Length.cm(-15), Length.cm(15), Length.inches(-6), Length.inches(6)),
    ALTERED(Length.cm(-15), Length.cm(15), Length.inches(-6), Length.inches(6)),
    GAPE(Length.mm(1), Length.cm(30), Length.inches(0, 1, 16), Length.inches(12)),
    ALLOWANCE(Length.ZERO, Length.cm(5), Length.ZERO, Length.inches(2)),
    TURN(Length.ZERO, Length.cm(10), Length.ZERO, Length.inches(4)),
    HEM(Length.ZERO, Length.cm(20), Length.ZERO, Length.inches(8)),
    OVERLAP(Length.ZERO, Length.cm(150), Length.ZERO, Length.inches(60)),
    CENTRE(Length.ZERO, Length.cm(300), Length.ZERO, Length.inches(120)),
    HANGS(Length.mm(3), Length.cm(30), Length.inches(0, 1, 8), Length.inches(12)),
    STEP(Length.cm(1), Length.cm(300), Length.inches(0, 1, 2), Length.inches(120)),
    BY_LENGTH(Length.cm(1), Length.cm(5000), Length.inches(1), Length.inches(2000)),
    BLOCK(Length.cm(5), Length.cm(200), Length.inches(2), Length.inches(80)),
    CURVE(Length.ZERO, Length.cm(60), Length.ZERO, Length.inches(24)),
    BAND(Length.cm(4), Length.cm(40), Length.inches(1, 1, 2), Length.inches(16)),
    PLEAT(Length.cm(1), Length.cm(15), Length.inches(0, 1, 2), Length.inches(6)),
    BUTTON(Length.mm(6), Length.cm(8), Length.inches(0, 1, 4), Length.inches(3)),
    TIE(Length.cm(5), Length.cm(100), Length.inches(2), Length.inches(40)),
    POCKET_BAND(Length.mm(5), Length.cm(15), Length.inches(0, 1, 4), Length.inches(6)),
    THICKNESS(Length.ZERO, Length.cm(3), Length.ZERO, Length.inches(1)),
    PIECE(Length.cm(2), Length.cm(600), Length.inches(1), Length.inches(240)),
    ZIP(Length.cm(5), Length.cm(300), Length.inches(2), Length.inches(120)),
    REPEAT(Length.mm(5), Length.cm(150), Length.inches(0, 1, 4), Length.inches(60)),
    PICTURED(Length.mm(5), Length.cm(500), Length.inches(0, 1, 4), Length.inches(200)),
    LAID(Length.cm(-300), Length.cm(100_000), Length.inches(-120), Length.inches(40_000)),
    AT_HAND(Length.cm(-300), Length.cm(600), Length.inches(-120), Length.inches(240)),
    CLOTH_WIDTH(Length.cm(20), Length.cm(500), Length.inches(8), Length.inches(200));

    private final Length leastMetric;
    private final Length mostMetric;
    private final Length leastImperial;
    private final Length mostImperial;

    LengthRange(Length leastMetric, Length mostMetric, Length leastImperial, Length mostImperial) {
        this.leastMetric = leastMetric;
        this.mostMetric = mostMetric;
        this.leastImperial = leastImperial;
        this.mostImperial = mostImperial;
    }

    /** What sizes things of a kind come in, on a shelf or in a shop. */
    public static LengthRange sizeOf(Kind kind) {
        return switch (kind) {
            case FORM -> SIDE;
            case REMNANT -> PIECE;
            case ZIP -> ZIP;
            case BUTTON -> BUTTON;
            case CORD, TRIM, CLOTH, INTERFACING, THREAD, FILLING -> HANGS;
        };
    }

    /** How wide they are. */
    public static LengthRange widthOf(Kind kind) {
        return switch (kind) {
            case FORM -> SIDE;
            case REMNANT -> PIECE;
            default -> CLOTH_WIDTH;
        };
    }

    /** The least, in the round figures of this unit. */
    public Length least(Unit unit) {
        return unit.pick(leastMetric, leastImperial);
    }

    /** The most, in the round figures of this unit. */
    public Length most(Unit unit) {
        return unit.pick(mostMetric, mostImperial);
    }

    /** Reads what a person types, in round limits of that person's unit. */
    public LengthReader reader(Unit unit) {
        return new LengthReader(unit, least(unit), most(unit));
    }

    /** Whether it lies within the limits of either unit, so that what one reader entered no other refuses. */
    public boolean allows(Length length) {
        return length.atLeast(Length.min(leastMetric, leastImperial))
                && Length.max(mostMetric, mostImperial).atLeast(length);
    }
}
