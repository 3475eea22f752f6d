/**
 * The shape of a cover: one class a kind, which knows its outline, its casing, what it marks on its pieces and what can
 * go wrong with it.
 *
 * <p>Start at {@link app.dapt.cover.shape.Shape}; what openings and edgings ask of it stands in
 * {@link app.dapt.cover.parts.CoverShape}. Uses {@code cover.decision} and what that uses.
 */
@NullMarked
package app.dapt.cover.shape;

import org.jspecify.annotations.NullMarked;
