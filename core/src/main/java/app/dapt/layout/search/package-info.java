/**
 * The search for a short layout of rectangles and outlines in whole numbers, which knows nothing of sewing.
 *
 * <p>Start at {@link app.dapt.layout.search.LayoutSearch}: it takes a {@link app.dapt.layout.search.Task} and searches
 * by beam search and simulated annealing over skylines, against lower bounds that prove a length when they meet it
 * ({@code BarLowerBound}: bar relaxation by linear programming; {@code ChainLowerBound}: pieces that cannot lie side by
 * side). Sources stand at each class. The same task, seed and budget give the same layout: there is no clock here.
 *
 * <p>Uses {@code measure} and {@code piece}; what is public but the task, its placements and the search is for
 * {@code app.dapt.layout}.
 */
@NullMarked
package app.dapt.layout.search;

import org.jspecify.annotations.NullMarked;
