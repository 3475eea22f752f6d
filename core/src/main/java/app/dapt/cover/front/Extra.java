package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Need;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;

/** One thing that is added to the front. What was decided about it is kept while it is not there. */
interface Extra {

    /** Whether it is there. */
    boolean there();

    /** What is decided about it, by names of its own. */
    List<Detail<?>> details();

    /** How the brief puts it. */
    Phrase brief();

    /** What of it is sewn into the seams of this front or on it, where it lies there. */
    default List<Marking> marks(Front made, CoverDimensions sizes) {
        return List.of();
    }

    /** What is cut for it. */
    default List<Piece> pieces(CoverDimensions sizes, Back back) {
        return List.of();
    }

    /** What is bought for it. */
    default List<Need> needs(CoverDimensions sizes, Back back) {
        return List.of();
    }

    /**
     * What can go wrong with it.
     *
     * @param standing the details of everything that is added; a remedy changes those of this one
     */
    default List<FindingCandidate<Details>> concerns(CoverDimensions sizes, Details standing) {
        return List.of();
    }

    /** So far above the finished lower edge, counted from the cut edge at the top. */
    static Length above(Length height, Front made, CoverDimensions sizes) {
        return made.piece().cutHeight().minus(sizes.allowance()).minus(height);
    }
}
