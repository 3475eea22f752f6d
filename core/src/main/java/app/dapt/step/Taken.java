package app.dapt.step;

import app.dapt.piece.Side;

/**
 * An edge of a piece that a step sews, hems or otherwise brings to what was reckoned for it.
 *
 * @param piece its id
 */
public record Taken(String piece, Side side) {}
