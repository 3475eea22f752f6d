package app.dapt.cover.decision;

/** A change to another decision than the one a finding is about, where that may help. */
public enum RemedyElsewhere {
    /** The cover finished as large as the form. */
    FIT_TO_FORM,
    /** The same allowance, its edges overlocked. */
    SEAM_OVERLOCKED,
    /** An envelope with what it has in common with the opening there is. */
    ENVELOPE,
    /** An envelope as most people would have it. */
    ENVELOPE_USUAL,
    /** The same, running up and down. */
    ENVELOPE_UP_DOWN,
    /** A zip across the back with what it has in common with the opening there is. */
    BACK_ZIP
}
