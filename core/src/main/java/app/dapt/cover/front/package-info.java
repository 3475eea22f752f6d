/**
 * What the front is made of ({@link app.dapt.cover.front.Face}), and what is added to it, a class each
 * ({@link app.dapt.cover.front.Extras}): pocket, handle, label, rows, layers.
 *
 * <p>Uses {@code cover.decision} and what that uses.
 */
@NullMarked
package app.dapt.cover.front;

import org.jspecify.annotations.NullMarked;
