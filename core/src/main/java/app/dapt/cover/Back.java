package app.dapt.cover;

import app.dapt.measure.Length;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.List;

/**
 * The back of a cover: its pieces and how they lie over each other, seen from behind.
 *
 * @param pieces   to cut, linings among them
 * @param panels   as they lie, the inner one first
 * @param length   of the opening, seam to seam
 * @param overlap  how far the panels really lie over each other after the hems; negative where they do not meet
 * @param wanted   the overlap this size and fullness want; an estimate
 * @param slip     how far the panels slide apart with the form in; an estimate
 */
public record Back(List<Piece> pieces, List<Panel> panels, Length length, Length overlap, Length wanted, Length slip) {

    /**
     * One panel where it lies, measured across the opening from the top edge, or from the left one.
     *
     * @param from    where it begins
     * @param to      where it ends
     * @param free    the side that is not caught in the seam
     * @param outside whether it is the one that shows where they overlap
     */
    public record Panel(Piece piece, Length from, Length to, Side free, boolean outside) {

        public Edge freeEdge() {
            return piece.edge(free);
        }

        /** How much of the cover's depth it covers, finished. */
        public Length depth() {
            return to.minus(from);
        }
    }

    public Back {
        pieces = List.copyOf(pieces);
        panels = List.copyOf(panels);
    }

    /** Whether the opening stands open with the form in. */
    public boolean gapes() {
        return overlap.under(slip) || !overlap.isPositive();
    }
}
