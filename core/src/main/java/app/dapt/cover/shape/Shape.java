package app.dapt.cover.shape;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.workpiece.Move;
import java.util.List;
import java.util.Optional;

/** The outline of a cover, and what follows from it however it opens. */
public interface Shape extends Detailed, CoverShape {

    /** A corner is clipped so many millimetres from its seam. */
    int CLIPPED = 3;

    @Override
    Kind<Shape> kind();

    /** The same with one question answered otherwise. */
    default <V> Shape with(Question<V> question, V answer) {
        return kind().with(decided().with(question, answer));
    }

    /** How the brief puts it. */
    default Phrase brief() {
        return kind().phrase("shape");
    }

    /** A plain front with what this shape marks on it. */
    default Piece marked(Piece piece, CoverDimensions sizes) {
        return piece;
    }

    /** What this shape marks on a panel of the back, every one of them, whether or not it lies under another. */
    default List<Marking> onBack(Back back, Back.Panel panel, CoverDimensions sizes) {
        return List.of();
    }

    /** Pieces beyond front and back. */
    default List<Piece> extras(CoverDimensions sizes) {
        return List.of();
    }

    /** What is done to its pieces before anything is sewn to them. */
    default void prepare(Making making) {}

    /** Whether anything is clipped for it, where the seam turns so many corners. */
    default boolean isClipped(int corners) {
        return corners > 0;
    }

    /** What is clipped for it so that it turns well, where anything is: the corners that the seam turns. */
    default void clip(Making making, int corners) {
        making.at(Place.TABLE, "clip-corners", making.front())
                .onAll()
                .saying(corners)
                .because()
                .moves(new Move.ClipCorners(making.front().id(), Length.mm(CLIPPED)))
                .times(Effort.CLIP, corners)
                .shows(Pile.of(making.lyingFront(false)).seamed(Role.SEAM, making.seamed(making.front())))
                .add();
    }

    /** What turning it right side out is called in words. */
    default String turnedOut() {
        return "turn-out";
    }

    /** The same where it lies right side out already. */
    default String pushedOut() {
        return "push-out";
    }

    /** What trying it on is called in words. */
    default String triedOn() {
        return "try-on";
    }

    /** What filling it is called in words. */
    default String filledBy() {
        return "fill";
    }

    /** Whether it can be tried on only once all of it is sewn. */
    default boolean isTriedOnLast() {
        return false;
    }

    /** What is left to do once the cover is turned and pressed. */
    default void finish(Making making) {}

    /** What can go wrong with it. */
    default List<Concern<Shape>> concerns(CoverDimensions sizes, Back back) {
        return List.of();
    }

    /** The same where the seams are sewn so much deeper: what is measured from an edge is nearer to it. */
    default Shape nearer(Length by) {
        return this;
    }

    /** The same shape with its corners tapered in, or as they come; nothing where it has none to taper. */
    default Optional<Shape> withOtherCorners() {
        return Optional.empty();
    }
}
