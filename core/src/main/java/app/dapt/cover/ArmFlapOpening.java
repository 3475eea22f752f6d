package app.dapt.cover;

import app.dapt.cover.Back.End;
import app.dapt.cover.Back.Ends;
import app.dapt.cover.Back.Panel;
import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Edge;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A V left open at the end of one arm: the front is cut longer there and tucks in over the form while the back ends in a
 * hem, or both are cut longer and tucked in together.
 *
 * @param layers the front alone, or both
 * @param tuck how deep the flap tucks in
 * @param hem  what the flap and the back turn in at their ends, once
 */
public record ArmFlapOpening(Layers layers, Length tuck, Length hem) implements Opening {

    /** What is cut longer. */
    public enum Layers { FRONT, BOTH }

    static ArmFlapOpening usual(Unit unit) {
        return new ArmFlapOpening(Layers.FRONT, unit.pick(Length.cm(15), Length.inches(6)), unit.pick(Length.mm(25), Length.inches(1)));
    }

    static ArmFlapOpening from(Details details) {
        return new ArmFlapOpening(details.oneOf("flapLayers", Layers.class), details.measure("flap"), details.measure("flapHem"));
    }

    @Override
    public OpeningKind kind() {
        return OpeningKind.ARM_FLAP;
    }

    @Override
    public List<Detail> details() {
        return List.of(Detail.oneOf("flapLayers", layers, "flap-layers"), Detail.measure("flap", LengthRange.BAND, tuck, true), Detail.measure("flapHem", LengthRange.TURN, hem, true));
    }

    @Override
    public Axis runs() {
        return Axis.UP_DOWN;
    }

    @Override
    public Optional<Phrase> unfitFor(Shape shape) {
        if (!(shape instanceof Vee vee)) {
            return Optional.of(Phrase.of("unfit.no-arm"));
        }
        return vee.end() == Vee.End.ROUND ? Optional.of(Phrase.of("unfit.round-arm")) : Optional.empty();
    }

    @Override
    public Back back(CoverDimensions setting) {
        if (!(setting.shape() instanceof Vee vee)) {
            Piece back = setting.whole("back", Material.BACK);
            return Back.of(List.of(setting.front(), back), List.of(panel(back, setting)), setting.finished(runs()));
        }
        Piece front = lengthened("front", Material.FRONT, vee, setting, tuck.plus(hem), tuck);
        Length tuckBack = layers == Layers.BOTH ? tuck : Length.ZERO;
        Piece back = lengthened("back", Material.BACK, vee, setting, tuckBack.plus(hem), tuckBack);
        return Back.of(List.of(front, back), List.of(panel(back, setting)), vee.finishedArm(setting))
                .openAt(vee.armEnd(setting)).ending(new Ends(End.SEAM, End.OPEN, tuck, tuckBack));
    }

    private static Panel panel(Piece back, CoverDimensions setting) {
        return Panel.of(back, Length.ZERO, setting.finished(Axis.ACROSS));
    }

    /** A V whose right arm is cut longer, its end hemmed instead of sewn. */
    private Piece lengthened(String id, Material material, Vee vee, CoverDimensions setting, Length cutLonger, Length finishedLonger) {
        Length allowance = setting.allowance();
        Contour cut = vee.lengthened(setting, cutLonger.minus(allowance)).grown(allowance);
        Contour seam = vee.lengthened(setting, finishedLonger);
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(allowance));
        edges.put(Side.RIGHT, new Edge(Edge.Fate.SINGLE_TURN, List.of(hem)));
        Sum width = Sum.of(Sum.term("term.widest-there", Length.nearInches((cut.right() - cut.left()) / 25.4)));
        Sum height = Sum.of(Sum.term("term.widest-there", Length.nearInches((cut.bottom() - cut.top()) / 25.4)));
        return setting.panel(id, material, width, height, edges).outlined(Optional.of(new Outline.Traced(cut, seam)));
    }

    @Override
    public List<FindingCandidate> concerns(CoverDimensions setting, Back back) {
        Length usual = usual(setting.plan().unit()).tuck();
        return tuck.atLeast(usual.times(2, 3)) ? List.of() : List.of(FindingCandidate.of("flap-short", Weight.BETTER_NOT, "flap-short", tuck, usual)
                .orTry(setting.plan().withOpening(new ArmFlapOpening(layers, usual, hem)), "flap", usual)
                .orNote(setting.plan()));
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(layers == Layers.BOTH ? "brief.arm-flap-both" : "brief.arm-flap", tuck);
    }
}
