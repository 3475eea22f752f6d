/**
 * What a cloth is (width, print, repeat, shrinkage, remnants), and laying pieces out on it.
 *
 * <p>{@link app.dapt.cloth.LayoutProblem} puts the pieces and what was decided of them
 * ({@link app.dapt.cloth.LayoutChoices}) as a {@link app.dapt.cloth.Task} of whole steps; {@link app.dapt.cloth.LayoutSearch}
 * searches by beam search and simulated annealing over skylines, against lower bounds that prove a length when they meet it;
 * {@link app.dapt.cloth.Layout} is what comes of it, and {@link app.dapt.cloth.CuttingOrder} the order of cuts.
 *
 * <p>Uses {@code measure} and {@code piece}. A search takes no clock and no chance of its own: the same task and the same
 * budget give the same layout.
 */
package app.dapt.cloth;
