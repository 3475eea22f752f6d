/**
 * What is done to make a cover: steps, where each is done, what it needs, and how the pieces lie at that moment.
 * Whoever knows a part of the work tells it to a {@link app.dapt.step.Work}, in the order in which one piece meets it;
 * what must be done before what follows from the pieces the steps have in common. Start at {@link app.dapt.step.Step}.
 */
@NullMarked
package app.dapt.step;

import org.jspecify.annotations.NullMarked;
