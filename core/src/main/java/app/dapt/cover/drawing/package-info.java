/**
 * A reckoned cover as one would see it: front, back, edge on, over its form, its bias strips, its templates.
 *
 * <p>Uses all of {@code cover}; what a kind looks like, the kind itself says. Start with
 * {@link app.dapt.cover.drawing.CoverDrawing}.
 */
@NullMarked
package app.dapt.cover.drawing;

import org.jspecify.annotations.NullMarked;
