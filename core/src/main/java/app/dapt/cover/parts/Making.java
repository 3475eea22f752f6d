package app.dapt.cover.parts;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
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
import java.util.stream.Stream;

/**
 * A cover while its steps are told.
 *
 * @param work       what they are told to
 * @param outsideOut whether front and back are laid on each other with wrong sides together
 */
public record Making(Work work, CoverDimensions sizes, Back back, boolean outsideOut) {

    /** The words for a length once sewn; a try-on may change it while nothing is done otherwise. */
    public static final String FINISHED = "finished";

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

    /** A length as it is once sewn, beside the one from the cut edge that is in hand: {@code (4½ in finished)}. */
    public static Phrase finished(Length length) {
        return Phrase.of(FINISHED, length);
    }

    /** How far from the cut edge at one side of the front lies what is counted from the finished edge there. */
    public Length fromCutEdge(Side side, Length finished) {
        return back.outside(side, sizes).plus(finished);
    }

    /**
     * Where a side of the cover lies on the table while it is laid together, counted as seen from behind: with right
     * sides together one sees the front, and what is left from behind lies at the right.
     */
    public Side onTable(Side fromBehind) {
        boolean seenFromBehind = outsideOut && !isOnePiece();
        return fromBehind.runs() == Axis.ACROSS || seenFromBehind ? fromBehind : fromBehind.opposite();
    }

    /** The sides of the cover that are sewn, as they lie on the table. */
    public List<Side> sewnSides() {
        Side start = CoverDimensions.before(sizes.opens());
        return Stream.of(Side.values())
                .filter(side -> side.runs() != sizes.opens()
                        || back.ends()
                                .isSewn(
                                        side == start
                                                ? back.ends().start()
                                                : back.ends().end()))
                .map(this::onTable)
                .toList();
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
     * A panel of the back where it belongs on the front, raw edges level. With right sides together it is seen from its
     * other side, so that what is left from behind lies at the right.
     */
    private Laid lyingOnFront(Back.Panel panel, Axis runs, boolean rightsTogether) {
        Laid lying = work.lying(panel.piece(), !rightsTogether).named(panel.name());
        if (panel.piece().outline().isPresent() && back.panels().size() == 1) {
            // Both have the same outline, but for an arm that is cut longer, which lies at the left, or from behind at
            // the right.
            Laid front = lyingFront(rightsTogether);
            Length beside =
                    rightsTogether ? front.box().right().minus(lying.box().width()) : Length.ZERO;
            return lying.at(beside, front.box().bottom().minus(lying.box().height()));
        }
        Side before = CoverDimensions.before(runs);
        Length from = sizes.allowance().plus(panel.from()).minus(raw(lying, before));
        if (runs == Axis.ACROSS) {
            return lying.at(Length.ZERO, from);
        }
        Length whole = sizes.cut(Axis.ACROSS).total();
        return lying.at(rightsTogether ? whole.minus(from).minus(lying.box().width()) : from, Length.ZERO);
    }

    private static Length raw(Laid lying, Side side) {
        return lying.made().contains(side)
                ? Length.ZERO
                : lying.piece().edge(side).allowance();
    }

    /**
     * The front and the panels on it, the first to lie first.
     *
     * @param inTurn         whether they are laid down one after another, rather than as one back
     * @param rightsTogether whether right sides come together, or wrong ones
     */
    public Pile laidOnFront(List<Back.Panel> panels, boolean inTurn, Axis runs, boolean rightsTogether) {
        Pile pile = Pile.of(lyingFront(rightsTogether));
        for (Back.Panel panel : panels) {
            Laid lying = lyingOnFront(panel, runs, rightsTogether);
            pile = pile.on(inTurn ? lying.inTurn(pile.laid().size()) : lying);
        }
        return pile;
    }

    /** The edges of the lowest piece that end in the seam round the cover. */
    public Set<Side> seamed(Piece piece) {
        return Pile.seams(piece);
    }
}
