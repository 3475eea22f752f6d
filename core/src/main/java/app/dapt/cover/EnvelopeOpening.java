package app.dapt.cover;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Two back panels that lie over each other. The first panel is the upper one, or, where the opening runs up and down,
 * the left one seen from behind.
 *
 * @param runs         the direction the opening runs in
 * @param depth        how the depth of the panels is come by
 * @param centre       the middle of the overlap from the top (left) finished edge; none is the middle of the cover
 * @param firstOutside whether the first panel is the one that shows
 */
public record EnvelopeOpening(Axis runs, Depth depth, Optional<Length> centre, boolean firstOutside,
                              PanelChoice first, PanelChoice second) implements Opening {

    /** How the depth of the panels is come by. */
    public sealed interface Depth {
    }

    /** From the overlap asked for: y₁ + y₂ = H + O. */
    public record Asked(Length overlap) implements Depth {
        public Asked {
            if (overlap.isNegative()) {
                throw new IllegalArgumentException("an overlap asked for is not negative");
            }
        }
    }

    /** By a rule of thumb, the overlap being what is left of it after the hems. */
    public record ByRule(RuleOfThumb rule) implements Depth {
    }

    /**
     * What is decided about one panel.
     *
     * @param turned cut with the cloth's up pointing down
     */
    public record PanelChoice(Hem hem, boolean turned) {
        public PanelChoice withHem(Hem changed) {
            return new PanelChoice(changed, turned);
        }

        public PanelChoice upright() {
            return new PanelChoice(hem, false);
        }
    }

    /** One panel's depth: finished, and as a sum to cut by. */
    private record Reckoning(Length finished, Sum cut) {
    }

    public EnvelopeOpening withRuns(Axis changed) {
        return new EnvelopeOpening(changed, depth, centre, firstOutside, first, second);
    }

    public EnvelopeOpening withOverlap(Length overlap) {
        return new EnvelopeOpening(runs, new Asked(overlap), centre, firstOutside, first, second);
    }

    public EnvelopeOpening withDepth(Depth changed) {
        return new EnvelopeOpening(runs, changed, centre, firstOutside, first, second);
    }

    public EnvelopeOpening withCentre(Optional<Length> changed) {
        return new EnvelopeOpening(runs, depth, changed, firstOutside, first, second);
    }

    public EnvelopeOpening withPanels(PanelChoice changedFirst, PanelChoice changedSecond) {
        return new EnvelopeOpening(runs, depth, centre, firstOutside, changedFirst, changedSecond);
    }

    /** Whether the panels lie one above the other rather than side by side. */
    public boolean stacked() {
        return runs == Axis.ACROSS;
    }

    @Override
    public Back back(Setting setting) {
        Length coverDepth = setting.finished(runs.other());
        Length opening = setting.finished(runs);
        Reckoning one = panel(setting, first, true);
        Reckoning two = panel(setting, second, false);
        Length overlap = one.finished().plus(two.finished()).minus(coverDepth);

        Piece onePiece = piece(setting, first, one, true, false);
        Piece twoPiece = piece(setting, second, two, false, false);
        List<Piece> pieces = new ArrayList<>(List.of(onePiece));
        if (first.hem().isLined()) {
            pieces.add(piece(setting, first, one, true, true));
        }
        pieces.add(twoPiece);
        if (second.hem().isLined()) {
            pieces.add(piece(setting, second, two, false, true));
        }
        Back.Panel onePanel = new Back.Panel(onePiece, Length.ZERO, one.finished(), freeSide(true), firstOutside);
        Back.Panel twoPanel = new Back.Panel(twoPiece, coverDepth.minus(two.finished()), coverDepth,
                freeSide(false), !firstOutside);
        return new Back(pieces, firstOutside ? List.of(twoPanel, onePanel) : List.of(onePanel, twoPanel), opening,
                overlap, setting.fullness().overlapWanted(coverDepth, opening),
                setting.fullness().slip(Length.max(Length.ZERO, overlap), coverDepth));
    }

    @Override
    public List<Concern> concerns(Setting setting, Back back) {
        return new EnvelopeConcerns(this, setting, back).all();
    }

    @Override
    public Phrase brief(Back back) {
        String kind = stacked() ? "brief.envelope" : "brief.envelope-upright";
        return depth instanceof ByRule byRule
                ? Phrase.of(kind + "-by-rule", back.overlap(), Phrase.choice("brief.rule", byRule.rule()))
                : Phrase.of(kind, back.overlap());
    }

    /** What the first or the second back is called. */
    public Phrase panelName(boolean isFirst) {
        return Phrase.of("panel.back-" + place(isFirst));
    }

    private String place(boolean isFirst) {
        return stacked() ? (isFirst ? "upper" : "lower") : (isFirst ? "left" : "right");
    }

    /** The middle of the overlap, kept on the cover. */
    Length middle(Length coverDepth) {
        return centre.map(c -> Length.max(Length.ZERO, Length.min(c, coverDepth))).orElse(coverDepth.half());
    }

    private Reckoning panel(Setting setting, PanelChoice choice, boolean isFirst) {
        Edge free = choice.hem().edge(setting.allowance());
        if (depth instanceof ByRule byRule) {
            Sum cut = byRule.rule().depth(setting.cut(runs.other()).total(), setting.unit()).roundedUpTo(setting.mark());
            return new Reckoning(cut.total().minus(free.eats()).minus(setting.allowance()), cut);
        }
        Length overlap = ((Asked) depth).overlap();
        Sum finished = asked(setting.finished(runs.other()), overlap, isFirst);
        Sum cut = withEdges(finished, free, setting.allowance()).roundedUpTo(setting.mark());
        return new Reckoning(finished.total(), cut);
    }

    /** The first panel's finished depth and the second's, which together make the cover's depth and the overlap. */
    private Sum asked(Length coverDepth, Length overlap, boolean isFirst) {
        Length toMiddle = middle(coverDepth);
        Length share = isFirst ? toMiddle : coverDepth.minus(toMiddle);
        Length lap = isFirst ? overlap.half() : overlap.minus(overlap.half());
        String half = stacked() ? "term.half-height" : "term.half-width";
        return Sum.of(Sum.term(centre.isEmpty() ? half : "term.edge-to-middle", share), Sum.term("term.half-overlap", lap));
    }

    private static Sum withEdges(Sum finished, Edge free, Length allowance) {
        Sum sum = finished;
        switch (free.fate()) {
            case HEM -> sum = sum.plus(Sum.term("term.hem-twice", free.eats(), free.turns().get(0), free.turns().get(1)));
            case SINGLE_TURN -> sum = sum.plus(Sum.term("term.hem-once", free.eats()));
            case SELVAGE -> sum = sum.plus(Sum.term("term.selvage", Length.ZERO));
            case LINED -> sum = sum.plus(Sum.term("term.lining-seam", free.eats()));
            case SEAM -> throw new IllegalStateException("a free edge is not a seam");
        }
        return sum.plus(Sum.term("term.allowance", allowance));
    }

    private Piece piece(Setting setting, PanelChoice choice, Reckoning reckoning, boolean isFirst, boolean lining) {
        String place = place(isFirst);
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(setting.allowance()));
        edges.put(freeSide(isFirst), choice.hem().edge(setting.allowance()));
        Sum along = setting.cut(runs).roundedUpTo(setting.mark());
        String kind = lining ? "lining" : "back";
        return new Piece(kind + "-" + place, Phrase.of("piece." + kind + "-" + place),
                lining ? Material.LINING : Material.BACK, 1,
                stacked() ? along : reckoning.cut(), stacked() ? reckoning.cut() : along, edges, !lining && choice.turned());
    }

    private Side freeSide(boolean isFirst) {
        if (stacked()) {
            return isFirst ? Side.BOTTOM : Side.TOP;
        }
        return isFirst ? Side.RIGHT : Side.LEFT;
    }
}
