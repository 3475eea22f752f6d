package app.dapt.fit;

/** A school of how large a cover should be for its form. */
public enum FitSchool {
    /** Cut at the form's size: finished is the form less both seam allowances. */
    CUT_TO_FORM,
    /** Finished at the form's size. */
    FINISH_TO_FORM,
    /** Finished a size below the form. */
    SIZE_DOWN,
    /** Finished at what the form measures straight across. */
    STRAIGHT_ACROSS,
    /** Finished at the form's size and this sewist's own ease. */
    MY_OWN,
    /** Finished at what the label says, where that names the cover it suits. */
    LABEL
}
