package app.dapt.form;

/** A way of measuring a form in one direction. */
public enum Reading {
    /** Tape laid on the form from seam to seam: follows the casing, so gives its flat size. */
    OVER_CROWN,
    /** Tape held level in the air: gives the stuffed size, less than the flat one. */
    STRAIGHT_ACROSS,
    /** What the maker prints; often half an inch or more out. */
    LABEL
}
