/**
 * What filling does to a flat casing: its size when filled, how full a form makes a cover, how much an overlap slips.
 * Lengths in and out are exact; what lies between is estimated in floating numbers, from curves fitted to a calculation
 * of the inextensible sheet, and said to be an estimate.
 *
 * <p>Uses {@code measure}. Start with {@link app.dapt.filling.Casing} and {@link app.dapt.filling.Fullness}.
 */
@NullMarked
package app.dapt.filling;

import org.jspecify.annotations.NullMarked;
