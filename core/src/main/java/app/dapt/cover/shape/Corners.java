package app.dapt.cover.shape;

/** What is done about corners that would stand out as ears: nothing, or the seam tapered in. */
public enum Corners {
    PLAIN,
    TAPERED
}
