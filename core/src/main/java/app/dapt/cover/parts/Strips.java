package app.dapt.cover.parts;

import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Map;

/** Long strips that are cut across the cloth and joined end to end. */
public final class Strips {

    private Strips() {}

    /**
     * As many strips as it takes.
     *
     * @param total  how long they must be together, joined
     * @param depth  how wide to cut each
     * @param usable the width of cloth between its selvages
     * @param lost   what every join takes
     */
    public static List<Piece> across(
            String id, Material material, Sum total, Sum depth, Length usable, Length lost, CoverDimensions sizes) {
        Map<Side, Edge> edges = Piece.foldedAllRound();
        int count = count(total.total(), usable, lost);
        if (count == 1) {
            return List.of(sizes.panel(id, material, total, depth, edges));
        }
        Sum each = Sum.of(
                Sum.term("term.share-of-strip", total.total().times(1, count)), Sum.term("term.strip-joins", lost));
        return List.of(
                sizes.panel(id, material, each, depth, edges).times(count).as(PieceRole.Whole.STRIP));
    }

    /** How many strips joined reach a length. */
    static int count(Length total, Length usable, Length lost) {
        Length gained = Length.max(Length.inches(1), usable.minus(lost));
        return usable.under(total) ? Math.toIntExact(total.countOf(gained)) : 1;
    }
}
