package app.dapt.cloth;

import app.dapt.measure.Length;

/**
 * A picture of the cloth itself.
 *
 * @param number which picture of the workroom's
 * @param wide   how much of the cloth it shows from left to right
 * @param high   how much from top to bottom
 */
public record Photo(long number, Length wide, Length high) {}
