package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;

/**
 * Where the form goes in. Each kind of opening is one class, which knows what is decided about it, the pieces of the
 * cover, how they lie, and what can go wrong with it.
 */
public interface Opening extends Detailed {

    @Override
    Kind<Opening> kind();

    /** The direction the opening runs in. */
    default Axis runs() {
        return decided().oneOf("runs", Axis.class);
    }

    /** The same with one question answered otherwise. */
    default <V> Opening with(Question<V> question, V answer) {
        return kind().with(decided().with(question, answer));
    }

    /** The same with a zip of one's own that is so long; nothing where it has no zip. */
    default Optional<Opening> withZip(Length length) {
        return decided().has(ZipLength.STOCK.name())
                ? Optional.of(with(ZipLength.STOCK, ZipLength.Stock.OWN).with(ZipLength.OWN, length))
                : Optional.empty();
    }

    /** The back as the opening sees it. */
    default Frame frame() {
        return new Frame(runs());
    }

    /** The back this opening makes of a cover of these sizes. */
    Back back(CoverDimensions sizes, Front front);

    /** What can go wrong with it. */
    List<Concern<Opening>> concerns(CoverDimensions sizes, Back back);

    /** What is bought for it that is no cloth, besides a zip. */
    default List<Need> needs(Back back) {
        return List.of();
    }

    /** How its back is made of its pieces, before it is laid on the front. */
    default void make(Making making) {}

    /** Whether its steps say in moves what becomes of the cloth, so that it can be sewn on paper. */
    default boolean isToldInMoves() {
        return false;
    }

    /**
     * What is sewn round on a front that is cut as more than its cover.
     *
     * @param outline on the front as it was cut
     * @param open    the middle of the stretch that is left open
     */
    record SewnRound(Contour outline, Point open) {}

    /** What is sewn round on the front as it was cut, where the front is more than its cover. */
    default Optional<SewnRound> sewnOn(Piece front, CoverDimensions sizes) {
        return Optional.empty();
    }

    /** How front and back are laid on each other for the seam. */
    default void lay(Making making) {
        new Laying(making, frame()).plainly().add();
    }

    /**
     * The seam round the cover as this opening has it sewn.
     *
     * @param edge how long the seamed edge is, whatever of it is left open
     */
    default ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.around(back, edge);
    }

    /** What is left to do at it once the cover is turned and pressed. */
    default void finish(Making making) {}

    /** What closes it for good once the cover is filled. */
    default void close(Making making) {}

    /** How the brief puts it, once reckoned. */
    Phrase brief(Back back);

    /** The same opening where the seams are sewn so much deeper: what is measured from an edge is nearer to it. */
    default Opening nearer(Length by) {
        return this;
    }

    /** Why it does not go with a shape; nothing where it does. */
    default Optional<Phrase> unfitFor(CoverShape shape) {
        return Optional.empty();
    }

    /** Whether the front is part of a larger piece, which then cannot be anything but plain. */
    default boolean takesInFront() {
        return false;
    }

    /** How many strips one of its pieces is put together from along its width. */
    default int stripsOf(Piece piece) {
        return 1;
    }

    /** What it adds to the finished size along the opening. */
    default Length easeAlong() {
        return Length.ZERO;
    }

    /** The same, running the other way, where it can. */
    default Opening turned() {
        return decided().has("runs") ? kind().with(decided().with("runs", runs().other())) : this;
    }

    /** The same the way it goes with a shape, where only turned it does. */
    default Opening suitedTo(CoverShape shape) {
        boolean turn = unfitFor(shape).isPresent() && turned().unfitFor(shape).isEmpty();
        return turn ? turned() : this;
    }

    /**
     * The same, open for so much more where it can be without becoming another opening.
     *
     * @param more how much longer it has to be, positive
     * @param unit in whose marks
     */
    default Optional<Opening> longerBy(Length more, Unit unit) {
        return Optional.empty();
    }

    /** The same with a longer way in, where there is one. */
    default Optional<Opening> longer() {
        return Optional.empty();
    }
}
