package app.dapt.layout;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Optional;

/**
 * A piece that is to be cut from a cloth.
 *
 * @param key    stable within what is laid together: the cover's number and the piece's id
 * @param cover  the name of the cover it is for
 * @param piece  what it is; its own quantity is counted in {@code copies}
 * @param copies how many of it
 * @param hidden the part of it that a flap hides, where one does
 */
public record Wanted(String key, String cover, Piece piece, int copies, Optional<Hidden> hidden) {

    /**
     * The part of a panel that lies under a flap.
     *
     * @param side      the panel's free edge
     * @param deep      how far the flap reaches over it, from where that edge is cut
     * @param allowance of a seam that would join it
     */
    public record Hidden(Side side, Length deep, Length allowance) {}

    /** A piece no part of which is hidden. */
    public Wanted(String key, String cover, Piece piece, int copies) {
        this(key, cover, piece, copies, Optional.empty());
    }

    /** The key of one of them, counted from one. */
    public String copy(int number) {
        return key + "." + number;
    }

    /** Square inches of one of them, within its own outline where it has one. */
    double area() {
        double squareMm = Math.pow(Length.inches(1).toMm(), 2);
        return piece.outline()
                .map(outline -> outline.cut().area() / squareMm)
                .orElse(piece.cutWidth().toInches() * piece.cutHeight().toInches());
    }

    Wanted times(int count) {
        return new Wanted(key, cover, piece, count, hidden);
    }

    /**
     * Where the join would lie, from the free edge as cut: in the middle of what is hidden; nothing where both seam
     * allowances would not be.
     */
    public Optional<Length> joinAt() {
        return hidden.filter(part ->
                        piece.outline().isEmpty() && part.allowance().times(2).under(part.deep()))
                .map(part -> part.deep().half());
    }

    /** This panel joined from two, the join under the flap; itself where that cannot be. */
    public List<Wanted> joinedUnderFlap() {
        if (joinAt().isEmpty()) {
            return List.of(this);
        }
        Side free = hidden.orElseThrow().side();
        return List.of(
                part(1, free, joinAt().get()),
                part(2, free.opposite(), (upDown(free) ? piece.cutHeight() : piece.cutWidth()).minus(joinAt().get())));
    }

    private static boolean upDown(Side free) {
        return free == Side.TOP || free == Side.BOTTOM;
    }

    /** The part along one side of the panel, with the allowance of the seam that joins it. */
    private Wanted part(int number, Side along, Length deep) {
        Length allowance = hidden.orElseThrow().allowance();
        Sum cut = Sum.of(Sum.term("term.of-panel", deep), Sum.term("term.join", allowance));
        Piece part = new Piece(
                        piece.id() + "~" + number,
                        PieceRole.Whole.OTHER,
                        Phrase.of("piece.part", piece.name(), number),
                        piece.material(),
                        piece.quantity(),
                        upDown(along) ? piece.width() : cut,
                        upDown(along) ? cut : piece.height(),
                        piece.edges(),
                        piece.turned(),
                        List.of(),
                        Optional.empty())
                .with(along.opposite(), Edge.join(allowance));
        return new Wanted(key + "~" + number, cover, part, copies);
    }
}
