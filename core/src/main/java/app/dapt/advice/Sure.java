package app.dapt.advice;

/** How sure a rule is. */
public enum Sure {
    /** Nearly all agree. */
    NEARLY_ALL,
    /** Schools differ; this one comes first here. */
    SCHOOLS,
    /** Of our own. */
    OWN
}
