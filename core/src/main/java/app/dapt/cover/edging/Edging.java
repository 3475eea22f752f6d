package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Figure;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Setting.Foot;
import java.util.List;
import java.util.Optional;

/** What goes round the edge of a cover. */
public interface Edging extends Detailed {

    @Override
    Kind<Edging> kind();

    /** The same with one question answered otherwise. */
    default <V> Edging with(Question<V> question, V answer) {
        return kind().with(decided().with(question, answer));
    }

    /** What is cut for it. */
    default List<Piece> pieces(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What is bought for it that is no cloth. */
    default List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What can go wrong with it. */
    default List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
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

    /**
     * How far it stands out beyond the edge once sewn.
     *
     * @param unit the cover's own, in whose sizes it is sold
     */
    default Length standsOut(Unit unit) {
        return Length.ZERO;
    }

    /** What of it hangs out from under the finished cloth. */
    default List<Element> under(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What of it is seen on the finished cloth or over its edge. */
    default List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return List.of();
    }

    /** What is caught in the seam, seen edge on. */
    default Caught caught() {
        return Caught.NOTHING;
    }

    /** The strip that goes round the edge joined from several, where there is one. */
    default Optional<Strip> strip(CoverDimensions sizes) {
        return Optional.empty();
    }

    /** Whether it takes cloth or trim of its own, which then is a cloth to choose. */
    default boolean isBoughtByLength() {
        return false;
    }

    /** Whether there is nothing round the edge but its seam. */
    default boolean isNothing() {
        return false;
    }

    /** How much wider the cover is made all round. */
    default Length flange() {
        return Length.ZERO;
    }

    /** The same where the cover is taken in by so much along a line inside its edge rather than at the edge. */
    default Optional<Edging> widened(Length by) {
        return Optional.empty();
    }

    /** Whether something on it comes off in small hands. */
    default boolean hasSmallParts() {
        return false;
    }

    /** How it is made up and sewn to the front, before the back comes on. */
    default void make(SeamedEdge edge, Making making) {}

    /** What is left to do at it once the cover is turned and pressed. */
    default void finish(SeamedEdge edge, Making making) {}

    /**
     * Whether the cover is sewn round with wrong sides together and lies as it will be worn from then on, because what
     * goes round shuts the raw edges in: it is not turned out, and nothing else is done to them.
     */
    default boolean isSewnOutsideOut() {
        return false;
    }

    /** The foot the seam round the cover is sewn with. */
    default Foot foot() {
        return Foot.PLAIN;
    }

    /** How the seam round the cover is sewn because of it: codes of what is said beside that step. */
    default List<String> closing() {
        return List.of();
    }

    /** How the brief puts it. */
    Phrase brief();

    /** What one sees caught in a seam that is cut through. */
    enum Caught {
        NOTHING,
        CORD,
        FLAT_TRIM
    }

    /**
     * A strip of cloth joined to go round.
     *
     * @param width how wide it is cut
     */
    record Strip(Length width, Material material) {}

    /** Nothing but the seam. */
    record None(Details decided) implements Edging {

        @Override
        public Kind<Edging> kind() {
            return EdgingKind.NONE;
        }

        @Override
        public Phrase brief() {
            return kind().phrase("edging");
        }

        @Override
        public boolean isNothing() {
            return true;
        }
    }
}
