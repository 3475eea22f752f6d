package app.dapt.cover.decision;

/** How much a finding matters, the worst first. */
public enum Weight {
    WILL_NOT_WORK,
    BETTER_NOT,
    WORTH_KNOWING
}
