package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;

/**
 * One thing that is added to the front. What was decided about it is kept while it is not there. The details of all of
 * them stand side by side, so each has names of its own.
 */
public interface Extra extends Detailed {

    /** Whether it is there. */
    boolean there();

    @Override
    Kind<Extra> kind();

    /** The same with one question answered otherwise. */
    default <V> Extra with(Question<V> question, V answer) {
        return kind().with(decided().with(question, answer));
    }

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

    /** What is seen of it on the finished front. */
    default List<Element> drawn(CoverDimensions sizes) {
        return List.of();
    }

    /** How far it rises above the edge. */
    default Length standsOut(CoverDimensions sizes) {
        return Length.ZERO;
    }

    /** Whether a motif of the print is set in the middle of the front for it. */
    default boolean centresPrint() {
        return false;
    }

    /** Whether it lies behind front or back, and so comes before all else. */
    default boolean liesBehind() {
        return false;
    }

    /** How it is made and sewn to the front. */
    default void make(Making making) {}

    /**
     * The same where seams are sewn deeper: what is measured from an edge is nearer to it.
     *
     * @param across by how much at the sides, nought where they are no seams
     * @param upDown by how much above and below
     */
    default Extra nearer(Length across, Length upDown) {
        return this;
    }

    /** What can go wrong with it. */
    default List<Concern<Extra>> concerns(CoverDimensions sizes) {
        return List.of();
    }

    /** So far above the finished lower edge, counted from the cut edge at the top. */
    static Length above(Length height, Front made, CoverDimensions sizes) {
        return made.piece().cutHeight().minus(sizes.allowance()).minus(height);
    }
}
