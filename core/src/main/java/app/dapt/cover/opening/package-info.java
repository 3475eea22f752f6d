/**
 * Where the form goes in: one class a kind of opening, which knows its pieces, how they lie, its sums, what is bought
 * for it and what can go wrong with it.
 *
 * <p>Start at {@link app.dapt.cover.opening.Opening} and {@link app.dapt.cover.opening.EnvelopeOpening}. What it needs
 * to know of the shape it asks of {@link app.dapt.cover.parts.CoverShape}. Uses {@code cover.decision} and what that
 * uses.
 */
@NullMarked
package app.dapt.cover.opening;

import org.jspecify.annotations.NullMarked;
