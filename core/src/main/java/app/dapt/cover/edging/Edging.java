package app.dapt.cover.edging;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Figure;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Need;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import java.util.List;

/** What goes round the edge of a cover. */
public interface Edging extends Detailed {

    @Override
    EdgingKind kind();

    /** What is cut for it. */
    default List<Piece> pieces(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What is bought for it that is no cloth. */
    default List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What can go wrong with it. */
    default List<FindingCandidate<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        return List.of();
    }

    /** What is worth knowing while choosing it, one sentence each. */
    default List<Phrase> about(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** Its figures, for whoever reckons on with them. */
    default List<Figure> figures(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What is stitched for it besides the seam: once round the edge. */
    default Length stitched(SeamedEdge edge) {
        return edge.length().total();
    }

    /** How far it stands out beyond the edge once sewn. */
    default Length standsOut() {
        return Length.ZERO;
    }

    /** How much wider the cover is made all round. */
    default Length flange() {
        return Length.ZERO;
    }

    /** Whether something on it comes off in small hands. */
    default boolean hasSmallParts() {
        return false;
    }

    /** How the brief puts it. */
    Phrase brief();

    /** Nothing but the seam. */
    record None() implements Edging {

        @Override
        public EdgingKind kind() {
            return EdgingKind.NONE;
        }

        @Override
        public List<Detail<?>> details() {
            return List.of();
        }

        @Override
        public Phrase brief() {
            return Phrase.of("brief.edging.none");
        }

        @Override
        public Length stitched(SeamedEdge edge) {
            return Length.ZERO;
        }
    }
}
