package app.dapt.cover.decision;

/** What keeps the raw edges inside a cover from fraying. */
public enum SeamFinish {
    LEFT,
    PINKED,
    ZIGZAG,
    OVERLOCKED,
    FRENCH,
    HEAT_SEALED
}
