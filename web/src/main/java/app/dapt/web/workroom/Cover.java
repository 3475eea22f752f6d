package app.dapt.web.workroom;

import app.dapt.cover.CoverPlan;

/**
 * A cover as it stands in the store.
 *
 * @param version goes up with every change, undo and redo; a page sends back the one it was made from
 * @param canUndo whether there is a revision before this one
 * @param canRedo whether there is one after it
 */
public record Cover(long id, long version, CoverPlan plan, boolean canUndo, boolean canRedo) {}
