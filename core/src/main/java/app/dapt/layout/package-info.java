/**
 * Laying pieces on cloth.
 *
 * <p>Start at {@link app.dapt.layout.LayoutProblem}: it puts the pieces, and what was decided of them
 * ({@link app.dapt.layout.LayoutChoices}), as a task of whole steps for {@code app.dapt.layout.search};
 * {@link app.dapt.layout.Layout} is what comes of it in lengths, {@code LayoutFigures} what follows from it (what to
 * buy, offcuts, the proof), and {@link app.dapt.layout.CuttingOrder} the order of cuts. Uses {@code measure},
 * {@code piece} and {@code cloth}.
 */
@NullMarked
package app.dapt.layout;

import org.jspecify.annotations.NullMarked;
