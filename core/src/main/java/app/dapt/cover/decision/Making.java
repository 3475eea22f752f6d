package app.dapt.cover.decision;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Step;
import app.dapt.step.Work;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A cover while its steps are told.
 *
 * @param work what they are told to
 */
public record Making(Work work, CoverDimensions sizes, Back back) {

    /** A step at one place, done to these pieces. */
    public Work.Draft at(Place place, String does, Piece... pieces) {
        return work.at(place, does, pieces);
    }

    /** The steps told so far. */
    public List<Step> steps() {
        return work.steps();
    }

    /** The front, or what the front is a part of. */
    public Piece front() {
        return back.pieces().get(0);
    }

    /** One of the pieces that front and back are made of. */
    public Optional<Piece> piece(String id) {
        return back.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    /** The front on the table, as large as it is by now. */
    public Laid lyingFront(boolean rightSide) {
        Laid lying = work.lying(front(), rightSide);
        return sizes.shape().isRectangular() && !isOnePiece()
                ? lying.sized(
                        sizes.cut(Axis.ACROSS).total(), sizes.cut(Axis.UP_DOWN).total())
                : lying;
    }

    /** Whether front and back are one piece. */
    public boolean isOnePiece() {
        return back.panels().stream().anyMatch(panel -> panel.piece().equals(front()));
    }

    /**
     * A panel of the back wrong side up where it belongs on the front, raw edges level. It is seen from its other side
     * there, so that what is left from behind lies at the right.
     */
    public Laid lyingOnFront(Back.Panel panel, Axis runs) {
        Laid lying = work.lying(panel.piece(), false).named(panel.name());
        if (panel.piece().outline().isPresent() && back.panels().size() == 1) {
            // Both have the same outline, but for an arm that is cut longer, which lies at the left.
            Laid front = lyingFront(true);
            return lying.at(
                    front.box().right().minus(lying.box().width()),
                    front.box().bottom().minus(lying.box().height()));
        }
        Side before = CoverDimensions.before(runs);
        Length from = sizes.allowance().plus(panel.from()).minus(raw(lying, before));
        if (runs == Axis.ACROSS) {
            return lying.at(Length.ZERO, from);
        }
        Length whole = sizes.cut(Axis.ACROSS).total();
        return lying.at(whole.minus(from).minus(lying.box().width()), Length.ZERO);
    }

    private static Length raw(Laid lying, Side side) {
        return lying.made().contains(side)
                ? Length.ZERO
                : lying.piece().edge(side).allowance();
    }

    /**
     * The front right side up and the panels face down on it, the first to lie first.
     *
     * @param inTurn whether they are laid down one after another, rather than as one back
     */
    public Pile laidOnFront(List<Back.Panel> panels, boolean inTurn, Axis runs) {
        Pile pile = Pile.of(lyingFront(true));
        for (Back.Panel panel : panels) {
            Laid lying = lyingOnFront(panel, runs);
            pile = pile.on(inTurn ? lying.inTurn(pile.laid().size()) : lying);
        }
        return pile;
    }

    /** The edges of the lowest piece that end in the seam round the cover. */
    public Set<Side> seamed(Piece piece) {
        return Pile.seams(piece);
    }
}
