/**
 * What goes round the edge: one class a kind, which knows its strips, what is bought for it and what can go wrong with
 * it.
 *
 * <p>Start at {@link app.dapt.cover.edging.Edging} and {@link app.dapt.cover.edging.Piping}; {@code SeamedEdge} is the
 * edge as far as it is really sewn, {@code BiasCut} the two ways of cutting bias. Uses {@code cover.decision} and what
 * that uses.
 */
@NullMarked
package app.dapt.cover.edging;

import org.jspecify.annotations.NullMarked;
