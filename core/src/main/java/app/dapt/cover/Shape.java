package app.dapt.cover;

/** The outline of a cover. */
public enum Shape { SQUARE, OBLONG }
