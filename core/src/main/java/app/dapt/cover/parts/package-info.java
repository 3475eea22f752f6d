/**
 * What a cover is reckoned with and made of: its dimensions, front, back and panels, what is made of them and what they
 * need. Kinds know of the rest of the cover what is here, and no more.
 *
 * <p>Uses {@code cover.decision}. Start at {@link app.dapt.cover.parts.CoverDimensions} and {@link
 * app.dapt.cover.parts.Back}.
 */
@NullMarked
package app.dapt.cover.parts;

import org.jspecify.annotations.NullMarked;
