/**
 * Making covers: all steps of one cover, and the order of the steps of several that takes the fewest trips from place
 * to place.
 *
 * <p>Uses {@code cover} and {@code step}. Start with {@link app.dapt.make.CoverSteps} and
 * {@link app.dapt.make.WorkOrder}.
 */
@NullMarked
package app.dapt.make;

import org.jspecify.annotations.NullMarked;
