package app.dapt.cover.decision;

/** What keeps the raw edges inside a cover from fraying. */
public enum SeamFinish {
    LEFT,
    PINKED,
    ZIGZAG,
    OVERLOCKED,
    /** Sewn and finished in one go on the overlocker, which cuts off what lies outside. */
    SERGED,
    FRENCH,
    /** Turned and stitched round once more on the outside, where that row shows, so that the raw edges are shut in. */
    ENCLOSED,
    HEAT_SEALED;

    /** Whether something is done to the raw edges once the seam is sewn, with the cover wrong side out. */
    public boolean isSewnInside() {
        return this == PINKED || this == ZIGZAG || this == OVERLOCKED;
    }
}
