package app.dapt.piece;

import app.dapt.measure.Length;
import java.util.List;

/**
 * What becomes of one edge of a piece.
 *
 * @param fate  what is done with it
 * @param turns what lies outside the finished edge, in the order it is turned or sewn; none for a selvage
 */
public record Edge(Fate fate, List<Length> turns) {

    /** The ends an edge can come to. */
    public enum Fate {
        /** Sewn to another piece round the cover. */
        SEAM,
        /** Turned under twice and stitched. */
        HEM,
        /** Finished against fraying, turned under once and stitched. */
        SINGLE_TURN,
        /** The woven edge, left as it is. */
        SELVAGE,
        /** Sewn to a lining and turned. */
        LINED
    }

    public Edge {
        turns = List.copyOf(turns);
    }

    public static Edge seam(Length allowance) {
        return new Edge(Fate.SEAM, List.of(allowance));
    }

    /** What the edge eats of the cut size. */
    public Length eats() {
        return turns.stream().reduce(Length.ZERO, Length::plus);
    }

    /** How deep the finished hem shows: its last turn. */
    public Length depth() {
        return turns.isEmpty() ? Length.ZERO : turns.get(turns.size() - 1);
    }

    /** Whether it is caught in the seam round the cover. */
    public boolean isSeam() {
        return fate == Fate.SEAM;
    }
}
