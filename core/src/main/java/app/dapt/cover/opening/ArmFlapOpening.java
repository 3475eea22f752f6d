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
import app.dapt.cover.parts.CoverShape.Arm;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.workpiece.Move;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A V left open at the end of one arm: the front is cut longer there and tucks in over the form while the back ends in
 * a hem, or both are cut longer and tucked in together.
 */
public record ArmFlapOpening(Details decided) implements Opening {

    /** What is cut longer. */
    public enum Layers {
        FRONT,
        BOTH
    }

    private static final Question<Layers> LAYERS = Question.oneOf("flapLayers", Layers.FRONT, "flap-layers");
    /** How deep the flap tucks in. */
    private static final Question<Length> TUCK =
            Question.length("flap", LengthRange.BAND, Length.cm(15), Length.inches(6));
    /** What becomes of the flap's end and of the back's. */
    private static final HemQuestions HEM = new HemQuestions(
            "end", Hem.Kind.SINGLE, unit -> unit.pick(Length.mm(25), Length.inches(1)), all -> Phrase.of("panel.end"));

    static final List<Question<?>> ASKED = Question.all(List.of(LAYERS, TUCK), HEM.all());

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.ARM_FLAP;
    }

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    private boolean tucksBoth() {
        return get(LAYERS) == Layers.BOTH;
    }

    @Override
    public Axis runs() {
        return Axis.UP_DOWN;
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        if (shape.openArm().isEmpty()) {
            return Optional.of(Phrase.of("unfit.no-arm"));
        }
        return shape.openArm().get().isSquare() ? Optional.empty() : Optional.of(Phrase.of("unfit.round-arm"));
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        if (sizes.shape().openArm().isEmpty()) {
            Piece back = sizes.wholeBack();
            return Back.of(List.of(front.piece(), back), List.of(panel(back, sizes)), sizes.finished(runs()));
        }
        Arm arm = sizes.shape().openArm().get();
        Edge end = HEM.of(decided).edge(sizes.innerAllowance(), sizes.ownUnit());
        Length tuck = get(TUCK);
        Piece longer = lengthened(Side.LEFT, arm, sizes, end, tuck);
        Length tuckBack = tucksBoth() ? tuck : Length.ZERO;
        Piece back = lengthened(Side.RIGHT, arm, sizes, end, tuckBack);
        return Back.of(List.of(longer, back), List.of(panel(back, sizes)), arm.finishedWidth(sizes))
                .openAt(arm.end(sizes))
                .ending(new Ends(End.SEAM, End.OPEN, tuck, tuckBack));
    }

    private static Panel panel(Piece back, CoverDimensions sizes) {
        return Panel.of(PanelRole.WHOLE, back, Length.ZERO, sizes.finished(Axis.ACROSS));
    }

    /**
     * A V whose open arm is cut longer, its end hemmed instead of sewn.
     *
     * @param side the open arm's as the piece lies right side up: the back's right one lies behind the front's left one
     */
    private static Piece lengthened(Side side, Arm arm, CoverDimensions sizes, Edge end, Length finishedLonger) {
        boolean front = side == Side.LEFT;
        Length cutLonger = finishedLonger.plus(end.allowance());
        Length allowance = sizes.allowance();
        double middle = sizes.finished(Axis.ACROSS).toMm() / 2;
        Contour cut =
                onSide(side, arm.lengthened(sizes, cutLonger.minus(allowance)).grown(allowance), middle);
        Contour seam = onSide(side, arm.lengthened(sizes, finishedLonger), middle);
        Outline.Traced outline = new Outline.Traced(cut, seam);
        if (outline.isNothing()) {
            // A V so small that nothing of its arm is left; what is wrong with it is said elsewhere.
            return front ? sizes.plainFront() : sizes.wholeBack();
        }
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(allowance));
        edges.put(side, end);
        Sum width = Sum.of(Sum.term("term.widest-there", Length.nearMm(cut.right() - cut.left())));
        Sum height = Sum.of(Sum.term("term.widest-there", Length.nearMm(cut.bottom() - cut.top())));
        return sizes.panel(front ? "front" : "back", front ? Material.FRONT : Material.BACK, width, height, edges)
                .outlined(Optional.of(outline))
                .as(front ? PieceRole.Whole.FRONT : PieceRole.Whole.BACK);
    }

    /** Both ends of the open arm are hemmed and the flap is folded in before front and back meet. */
    @Override
    public void make(Making making) {
        if (making.sizes().shape().openArm().isEmpty()) {
            return;
        }
        Piece back = making.back().panel(PanelRole.WHOLE).piece();
        // The back's right arm lies behind the front's left one.
        Point right = making.sizes().shape().openArm().get().points(making.sizes());
        Point left = new Point(-right.x(), right.y());
        HemSteps.make(
                HemSteps.at(making, making.front(), Side.LEFT, making.front().id())
                        .aslant(left),
                HemSteps.at(making, back, Side.RIGHT, back.id()).aslant(right));
        Length tuck = get(TUCK);
        making.at(Place.IRON, "flap-fold", making.front())
                .saying(tuck)
                .along(Effort.PRESS_HEM, making.back().length())
                .shows(pile -> pile.arrow(Side.LEFT, tuck))
                .moves(new Move.TurnEnd(making.front().id(), left.x(), left.y(), tuck))
                .add();
        if (tucksBoth()) {
            making.at(Place.IRON, "flap-fold", back)
                    .saying(tuck)
                    .along(Effort.PRESS_HEM, making.back().length())
                    .shows(pile -> pile.arrow(Side.RIGHT, tuck))
                    .moves(new Move.TurnEnd(back.id(), right.x(), right.y(), tuck))
                    .add();
        }
    }

    /** The finished outline on a front whose arm is cut longer. */
    @Override
    public Optional<SewnRound> sewnOn(Piece front, CoverDimensions sizes) {
        if (front.edge(Side.LEFT).isSeam()) {
            return Optional.empty();
        }
        double middle = sizes.finished(Axis.ACROSS).toMm() / 2;
        return front.outline().flatMap(cut -> sizes.shape().openArm().map(arm -> {
            Contour longer = onSide(Side.LEFT, arm.lengthened(sizes, get(TUCK)), middle);
            Contour finished = onSide(Side.LEFT, arm.lengthened(sizes, Length.ZERO), middle);
            double across = cut.seam().left() - longer.left();
            double down = cut.seam().top() - longer.top();
            Point end = arm.end(sizes);
            return new SewnRound(
                    finished.moved(across, down), new Point(2 * middle - end.x() + across, end.y() + down));
        }));
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return back.mouth().isPresent()
                ? ClosingSeam.along("seam-past-fold", edge)
                : Opening.super.closingSeam(back, edge);
    }

    private static Contour onSide(Side side, Contour line, double middle) {
        return side == Side.LEFT ? line.mirrored(middle) : line;
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        Length tuck = get(TUCK);
        Length usual = kind().usual(sizes.ownUnit()).get(TUCK);
        return tuck.atLeast(usual.times(2, 3))
                ? List.of()
                : List.of(Concern.<Opening>of("flap-short", Weight.BETTER_NOT, "flap-short", tuck, usual)
                        .orTry(() -> with(TUCK, usual), "flap", usual)
                        .orNote());
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(tucksBoth() ? "brief.arm-flap-both" : "brief.arm-flap", get(TUCK));
    }
}
