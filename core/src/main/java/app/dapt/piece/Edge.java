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
        /** Sewn to a zip's tape, and beyond its ends to the edge opposite. */
        ZIP,
        /** Turned under twice and stitched. */
        HEM,
        /** Finished against fraying, turned under once and stitched. */
        SINGLE_TURN,
        /** Hemmed when it comes to hand, and left so; its depth lies within what is cut. */
        HEMMED,
        /** The woven edge, left as it is. */
        SELVAGE,
        /** Sewn to a lining and turned. */
        LINED,
        /** Sewn into a band. */
        BAND,
        /** Sewn to another part of the same panel. */
        JOIN,
        /** A fold rather than a cut. */
        FOLD
    }

    public Edge {
        turns = List.copyOf(turns);
    }

    /** Sewn into a band with this allowance. */
    public static Edge band(Length allowance) {
        return new Edge(Fate.BAND, List.of(allowance));
    }

    /** Sewn to another part of its panel. */
    public static Edge join(Length allowance) {
        return new Edge(Fate.JOIN, List.of(allowance));
    }

    /** A fold, which takes nothing. */
    public static Edge fold() {
        return new Edge(Fate.FOLD, List.of());
    }

    /** Sewn to a zip's tape with this allowance. */
    public static Edge zip(Length allowance) {
        return new Edge(Fate.ZIP, List.of(allowance));
    }

    public static Edge seam(Length allowance) {
        return new Edge(Fate.SEAM, List.of(allowance));
    }

    /** What the edge takes of the cut size. */
    public Length allowance() {
        return fate == Fate.HEMMED ? Length.ZERO : all();
    }

    private Length all() {
        return turns.stream().reduce(Length.ZERO, Length::plus);
    }

    /** How deep a hem shows once it is stitched, its last turn; nothing where none is stitched down. */
    public Length hemDepth() {
        return fate == Fate.HEM || fate == Fate.SINGLE_TURN || fate == Fate.HEMMED
                ? turns.get(turns.size() - 1)
                : Length.ZERO;
    }

    /** Whether it is stitched to another edge, rather than turned or left. */
    public boolean isSewn() {
        return switch (fate) {
            case SEAM, ZIP, LINED, BAND, JOIN -> true;
            case HEM, SINGLE_TURN, HEMMED, SELVAGE, FOLD -> false;
        };
    }

    /** Whether nothing is done to it: it lies folded, or is finished as it comes. */
    public boolean isLeft() {
        return fate == Fate.FOLD || fate == Fate.SELVAGE || fate == Fate.HEMMED;
    }

    /** Whether it is caught in the seam round the cover. */
    public boolean isSeam() {
        return fate == Fate.SEAM;
    }
}
