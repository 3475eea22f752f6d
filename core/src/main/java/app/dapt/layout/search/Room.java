package app.dapt.layout.search;

import org.jspecify.annotations.Nullable;

/** What is left of a cloth while pieces are laid on it one after another. */
interface Room {

    /**
     * The place nearest the cut end, and then nearest the left edge, where a piece can lie; nothing where it cannot.
     */
    @Nullable
    Patch place(Task.Item item, boolean turned);

    /**
     * Takes a place that was offered.
     *
     * @param acrossFirst whether the cloth beyond it is cut across first, where that makes a difference
     */
    void take(Patch taken, boolean acrossFirst);
}
