/**
 * A cover: what was decided ({@link app.dapt.cover.CoverPlan}), and what follows from it
 * ({@link app.dapt.cover.Reckoned}).
 *
 * <p>Start at {@link app.dapt.cover.Reckoner}: it settles the sizes, lets each decision's kind make its pieces, marks
 * and concerns ({@code cover.opening}, {@code .shape}, {@code .edging}, {@code .front}), and tries each
 * remedy before it is offered. {@link app.dapt.cover.Brief} says a plan in one sentence, {@link
 * app.dapt.cover.CoverFromPieces} goes the other way, from pieces already cut.
 *
 * <p>Uses all rooms of the core but {@code drawing}.
 */
@NullMarked
package app.dapt.cover;

import org.jspecify.annotations.NullMarked;
