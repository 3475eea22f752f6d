package app.dapt.measure;

/** The finest mark a sewist reads on the tape; cut sizes are rounded up to it. */
public enum Mark {
    EIGHTH(Unit.INCH, 8 * Length.PER_64TH, 8),
    SIXTEENTH(Unit.INCH, 4 * Length.PER_64TH, 16),
    MILLIMETRE(Unit.CENTIMETRE, Length.PER_MM, 10);

    private final Unit unit;
    private final long grains;
    private final int perUnit;

    Mark(Unit unit, long grains, int perUnit) {
        this.unit = unit;
        this.grains = grains;
        this.perUnit = perUnit;
    }

    /** The unit the tape is numbered in. */
    public Unit unit() {
        return unit;
    }

    /** How many marks there are to one unit. */
    public int perUnit() {
        return perUnit;
    }

    /** The length between two marks. */
    public Length step() {
        return new Length(grains);
    }

    /** The mark at this length or the next one above it. */
    public Length roundUp(Length length) {
        return length.roundedUp(step());
    }

    /** The mark nearest to this length. */
    public Length nearest(Length length) {
        return length.roundedTo(step());
    }
}
