/**
 * What a cloth is: its width, price, print and repeat, what the wash takes, and remnants of it at hand.
 *
 * <p>Start at {@link app.dapt.cloth.Cloth}. Uses {@code measure} and {@code piece}; pieces are laid on it in
 * {@code app.dapt.layout}.
 */
@NullMarked
package app.dapt.cloth;

import org.jspecify.annotations.NullMarked;
