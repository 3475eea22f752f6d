package app.dapt.cover.decision;

/** What a cover is for. */
public enum Use {
    /** For show, changed with the season. */
    SHOW,
    /** Lived with, washed often. */
    LIVED,
    /** Pulled about by children or animals. */
    PULLED,
    OUTDOORS,
    /** For sale or as a gift. */
    GIVEN
}
