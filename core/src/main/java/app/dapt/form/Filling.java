package app.dapt.form;

/** What is known of the stuffing, and how full it usually leaves a form (judgement, until two tapes tell better). */
public enum Filling {
    UNKNOWN(0.78),
    FEATHER(0.68),
    FIBRE(0.78),
    FIRM(0.87);

    private final double usualFill;

    Filling(double usualFill) {
        this.usualFill = usualFill;
    }

    /** The form's volume as a share of the greatest its casing could hold. */
    public double usualFill() {
        return usualFill;
    }
}
