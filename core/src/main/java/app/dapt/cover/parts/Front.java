package app.dapt.cover.parts;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The front as it is cut.
 *
 * @param middle where its middle is once it is made, from the cut edge at the left
 * @param place  from a place so far across a plain front to where on this one it is cut, both from the cut edge at the
 *               left
 */
public record Front(Piece piece, Length middle, UnaryOperator<Length> place) {

    /** This front with its piece changed. */
    public Front with(Piece changed) {
        return new Front(changed, middle, place);
    }

    /**
     * What is marked on it where it is a part of a longer strip; nothing of what would be caught in an edge that is a
     * fold there.
     *
     * @param runs  the direction the strip's ends run in
     * @param begin how far from the strip's beginning the front's cut edge would be
     */
    public List<Marking> inStrip(Axis runs, Length begin) {
        boolean stacked = runs == Axis.ACROSS;
        Length whole = piece.cut(runs.other()).total();
        return piece.marks().stream()
                .filter(mark -> (stacked ? mark.fromTop() : mark.fromLeft())
                        .filter(at -> at.isZero() || at.equals(whole))
                        .isEmpty())
                .map(mark -> new Marking(
                        mark.sort(),
                        stacked ? mark.fromLeft() : mark.fromLeft().map(begin::plus),
                        stacked ? mark.fromTop().map(begin::plus) : mark.fromTop()))
                .toList();
    }

    /** This front with more marked on it, where those marks are on a plain one. */
    public Front marked(List<Marking> plain) {
        // A plain front that was rounded up may reach a hair further than this one.
        return with(piece.marked(plain.stream()
                .map(mark -> new Marking(
                        mark.sort(),
                        mark.fromLeft().map(place).map(at -> Length.min(at, piece.cutWidth())),
                        mark.fromTop()))
                .toList()));
    }
}
