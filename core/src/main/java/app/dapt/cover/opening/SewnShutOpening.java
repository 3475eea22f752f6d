package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.End;
import app.dapt.cover.parts.Back.Ends;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Sewn round but for an opening that is closed once the form is in, by hand or by machine.
 */
public record SewnShutOpening(Details decided) implements Opening {

    /** By hand with a ladder stitch, which does not show, or by machine close to the edge. */
    public enum Closing {
        HAND,
        MACHINE
    }

    /** One piece with a fold, or two. */
    public enum Cut {
        ONE,
        TWO
    }

    /** In one piece folded over, opposite the opening, or in two. */
    private static final Question<Cut> CUT = Question.oneOf("cutIn", Cut.TWO, "cut-in");
    /** How far the seam goes on round each corner. */
    private static final Question<Length> RETURNS =
            Question.length("returns", LengthRange.TURN, Length.cm(5), Length.inches(2));
    /** How the opening is closed once the form is in. */
    private static final Question<Closing> CLOSING = Question.oneOf("closing", Closing.HAND, "closing");

    static final List<Question<?>> ASKED = List.of(CUT, RETURNS, CLOSING, Frame.EDGE_RUNS);

    /** The seam goes on so far round a corner at the least, or the corner gives when the form goes in. */
    private static final Length LEAST_RETURNS = Length.inches(0, 1, 2);

    private static final Length LEAST_RETURNS_METRIC = Length.mm(15);
    private static final Length STEP = Length.inches(0, 1, 8);
    private static final Length STEP_METRIC = Length.mm(5);

    @Override
    public Optional<Opening> longerBy(Length more, Unit unit) {
        Length shorter = get(RETURNS).minus(more.half().roundedUp(unit.pick(STEP_METRIC, STEP)));
        return shorter.under(unit.pick(LEAST_RETURNS_METRIC, LEAST_RETURNS))
                ? Optional.empty()
                : Optional.of(with(RETURNS, shorter));
    }

    /** A stitch by hand takes so many times as long as one by machine. */
    private static final long HAND_SLOWER = 5;

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.SEWN_SHUT;
    }

    private boolean isFolded() {
        return get(CUT) == Cut.ONE;
    }

    private boolean isByHand() {
        return get(CLOSING) == Closing.HAND;
    }

    @Override
    public boolean takesInFront() {
        return isFolded();
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return (isFolded() ? shape.unfitToFold() : Optional.<Phrase>empty()).or(() -> shape.unfitAtEdge(runs()));
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Length depth = frame().of(sizes).depth();
        Length seam = sizes.edgeToOpen(runs());
        Length opening = Length.max(Length.ZERO, seam.minus(get(RETURNS).times(2)));
        List<Piece> pieces = isFolded() ? List.of(folded(sizes, front)) : List.of(front.piece(), sizes.wholeBack());
        Piece shown = pieces.get(pieces.size() - 1);
        return Back.of(
                        pieces,
                        List.of(Panel.of(PanelRole.WHOLE, shown, Length.ZERO, depth)
                                .turned(turnsPrint())),
                        opening)
                .openAt(sizes.edgeMiddle(runs()))
                .ending(Ends.of(isFolded() ? End.FOLD : End.SEAM, End.OPEN));
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-shut", edge.minus(back.length()), back.length(), get(RETURNS));
    }

    @Override
    public void close(Making making) {
        boolean byHand = isByHand();
        Work.Draft shut = making.at(
                        byHand ? Place.HAND : Place.MACHINE, byHand ? "ladder" : "edge-close", making.front())
                .onAll()
                .saying(making.back().length())
                .along(Effort.SEW, making.back().length().times(byHand ? HAND_SLOWER : 1))
                .sewing(making.back().length())
                .rightSide();
        (byHand ? shut : shut.set(Stitch.SEAM, Foot.PLAIN)).add();
    }

    /** Folded at the top, the back hangs upside down from the front; folded at a side it stays upright. */
    private boolean turnsPrint() {
        return isFolded() && frame().isStacked();
    }

    private Piece folded(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Sum twice = Sum.of(
                Sum.term(frame().ofDeep("term.twice"), laid.depth().times(2)),
                Sum.term("term.both-allowances", sizes.allowance().times(2)));
        Length fold = twice.total().half();
        Edge seam = Edge.seam(sizes.allowance());
        return laid.strip("whole", twice, seam, seam)
                .marked(List.of(Marking.line(Sort.FOLD, runs(), fold)))
                // Folded at the top the front is the lower half; folded at a side, the left one.
                .marked(front.inStrip(runs(), frame().isStacked() ? fold.minus(sizes.allowance()) : Length.ZERO));
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> concerns = new ArrayList<>();
        concerns.add(
                Concern.<Opening>of("sewn-shut", Weight.WORTH_KNOWING, isByHand() ? "sewn-shut" : "sewn-shut-machine")
                        .orNote());
        if (turnsPrint() && sizes.cloths().front().hasUp()) {
            concerns.add(Concern.<Opening>of(
                            "fold-turns",
                            Weight.BETTER_NOT,
                            "fold-turns",
                            sizes.cloths().front().name())
                    .orTry(() -> with(CUT, Cut.TWO), "cut-two")
                    .orNote());
        }
        return concerns;
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(
                isFolded() ? "brief.sewn-shut-folded" : "brief.sewn-shut",
                back.length(),
                Phrase.choice("brief.closing", get(CLOSING)));
    }
}
