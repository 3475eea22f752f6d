package app.dapt.measure;

/** A unit that a sewist writes a length in. */
public enum Unit {
    INCH(Length.PER_INCH),
    CENTIMETRE(10 * Length.PER_MM),
    MILLIMETRE(Length.PER_MM),
    YARD(36 * Length.PER_INCH),
    METRE(1000 * Length.PER_MM);

    private final long grains;

    Unit(long grains) {
        this.grains = grains;
    }

    /** Grains of {@link Length} in one of this unit. */
    public long grains() {
        return grains;
    }

    /** Whether it belongs with centimetres rather than with inches. */
    public boolean metric() {
        return this == CENTIMETRE || this == MILLIMETRE || this == METRE;
    }

    /** What shops cut cloth and trim by: an eighth of a yard, or ten centimetres. */
    public Length shopStep() {
        return pick(Length.cm(10), Length.inches(4, 1, 2));
    }

    /** The first where this unit is metric, the second where it is not: for the usual value in each. */
    public Length pick(Length metric, Length imperial) {
        return metric() ? metric : imperial;
    }
}
