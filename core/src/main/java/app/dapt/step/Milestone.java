package app.dapt.step;

/** How far a cover has come once a step is done. */
public enum Milestone {
    BOUGHT,
    CUT,
    SEWN,
    TRIED_ON,
    FILLED
}
