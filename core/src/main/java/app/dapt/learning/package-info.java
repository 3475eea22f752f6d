/**
 * What a sewist's own covers tell of how she likes them and how she works: the fullness she likes, her pace, overlaps
 * that held. Pure sums over what was seen; who saw it is no matter here.
 *
 * <p>Uses {@code measure}, {@code form} and {@code step}. Start with {@link app.dapt.learning.Tastes}. The normal model
 * with shrinkage between groups is that of any textbook on hierarchical models; weights after Huber, 1964, keep one
 * absurd answer from moving it far.
 */
@NullMarked
package app.dapt.learning;

import org.jspecify.annotations.NullMarked;
