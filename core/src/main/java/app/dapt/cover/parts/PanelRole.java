package app.dapt.cover.parts;

/** What a panel is to the back it is a part of. */
public enum PanelRole {
    /** All of the back. */
    WHOLE,
    /** The one that starts at the top, or at the left. */
    FIRST,
    /** The one that ends at the bottom, or at the right. */
    SECOND,
    /** A band between two of them. */
    BAND
}
