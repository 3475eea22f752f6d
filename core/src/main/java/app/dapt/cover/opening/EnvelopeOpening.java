package app.dapt.cover.opening;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Back.Lap;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.CoverShape;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Need;
import app.dapt.cover.opening.Fastening.By;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two back panels that lie over each other. The first panel is the upper one, or, where the opening runs up and down,
 * the left one seen from behind.
 *
 * @param runs    the direction the opening runs in
 * @param rule    the rule of thumb the panels are cut by, or none
 * @param overlap asked for where there is no rule: y₁ + y₂ = H + O; not negative
 * @param centre  the middle of the overlap from the top (left) finished edge; none is the middle of the cover
 * @param outside the panel that shows
 * @param fastening what holds it shut besides
 */
public record EnvelopeOpening(
        Axis runs,
        RuleOfThumb rule,
        Length overlap,
        Optional<Length> centre,
        Outside outside,
        PanelChoice first,
        PanelChoice second,
        Fastening fastening)
        implements Lapped {

    /** The panel that shows. */
    public enum Outside {
        FIRST,
        SECOND
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

    /** @throws IllegalArgumentException where the overlap is less than nothing */
    public EnvelopeOpening {
        if (overlap.isNegative()) {
            throw new IllegalArgumentException("an overlap asked for is not negative");
        }
    }

    static EnvelopeOpening usual(Unit unit) {
        PanelChoice panel = new PanelChoice(Hem.Kind.ORDINARY.usual(unit), false);
        return new EnvelopeOpening(
                Axis.ACROSS,
                RuleOfThumb.NONE,
                unit.pick(Length.cm(10), Length.inches(4)),
                Optional.empty(),
                Outside.FIRST,
                panel,
                panel,
                Fastening.none(unit));
    }

    static EnvelopeOpening from(Details details) {
        return new EnvelopeOpening(
                details.oneOf("runs", Axis.class),
                details.oneOf("rule", RuleOfThumb.class),
                details.measure("overlap"),
                details.maybe("centre"),
                details.oneOf("outside", Outside.class),
                panel("first", details),
                panel("second", details),
                Fastening.from(details));
    }

    private static PanelChoice panel(String which, Details details) {
        return new PanelChoice(Hem.from(which, details), details.tick(which + "Turned"));
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.ENVELOPE;
    }

    @Override
    public List<Detail<?>> details() {
        List<Detail<?>> details = new ArrayList<>();
        details.add(new Detail.OneOf<>("rule", Phrase.of("detail.rule"), rule, "rule", true, true));
        details.add(Detail.measure("overlap", LengthRange.OVERLAP, overlap, rule == RuleOfThumb.NONE));
        details.add(Detail.oneOf("runs", runs, "way"));
        details.add(Detail.maybe("centre", LengthRange.CENTRE, centre));
        details.add(Detail.oneOf("outside", outside, stacked() ? "outside" : "outside-upright"));
        details.addAll(panelDetails("first", first, true));
        details.addAll(panelDetails("second", second, false));
        details.addAll(fastening.details());
        return details;
    }

    private List<Detail<?>> panelDetails(String which, PanelChoice choice, boolean isFirst) {
        List<Detail<?>> details = new ArrayList<>(choice.hem().details(which, panelName(isFirst)));
        details.add(new Detail.Tick(
                which + "Turned", Phrase.of("detail.turned", panelName(isFirst)), choice.turned(), true));
        return details;
    }

    /** One panel's depth: finished, and as a sum to cut by. */
    private record Reckoning(Length finished, Sum cut) {}

    @Override
    public EnvelopeOpening withOverlap(Length asked) {
        return new EnvelopeOpening(runs, RuleOfThumb.NONE, asked, centre, outside, first, second, fastening);
    }

    public EnvelopeOpening withRule(RuleOfThumb changed) {
        return new EnvelopeOpening(runs, changed, overlap, centre, outside, first, second, fastening);
    }

    public EnvelopeOpening withCentre(Optional<Length> changed) {
        return new EnvelopeOpening(runs, rule, overlap, changed, outside, first, second, fastening);
    }

    public EnvelopeOpening withPanels(PanelChoice changedFirst, PanelChoice changedSecond) {
        return new EnvelopeOpening(runs, rule, overlap, centre, outside, changedFirst, changedSecond, fastening);
    }

    public EnvelopeOpening withFastening(Fastening changed) {
        return new EnvelopeOpening(runs, rule, overlap, centre, outside, first, second, changed);
    }

    @Override
    public EnvelopeOpening narrowlyHemmed(Unit unit) {
        Hem narrow = Hem.Kind.NARROW.usual(unit);
        return withPanels(first.withHem(narrow), second.withHem(narrow));
    }

    @Override
    public boolean isByRule() {
        return rule != RuleOfThumb.NONE;
    }

    private boolean firstOutside() {
        return outside == Outside.FIRST;
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitToLap(runs);
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Length depth = sizes.finished(runs.other());
        Reckoning one = panel(sizes, first, true);
        Reckoning two = panel(sizes, second, false);
        Length overlap = one.finished().plus(two.finished()).minus(depth);
        List<Piece> pieces = new ArrayList<>(List.of(front.piece()));
        Panel onePanel = panel(sizes, first, one, true, pieces);
        Panel twoPanel = panel(sizes, second, two, false, pieces);
        Panel outer = firstOutside() ? onePanel : twoPanel;
        Panel inner = firstOutside() ? twoPanel : onePanel;
        Back back = Back.of(pieces, List.of(inner, outer), sizes.finished(runs)).lapping(Lap.of(overlap, runs, sizes));
        return fastening.fasten(back, outer, firstOutside(), inner, runs, sizes);
    }

    @Override
    public void make(Making making) {
        Panel outer = making.back().outer();
        Panel inner = making.back().panels().get(0);
        fastening.stiffen(making, outer.piece(), inner.piece());
        HemSteps.choose(making, List.of(inner, outer));
        for (Panel panel : List.of(outer, inner)) {
            HemSteps.make(new HemSteps(
                    making,
                    panel.piece(),
                    panel.free().orElseThrow(),
                    making.piece("lining-" + place(panel.outside() == firstOutside())),
                    panel.piece().id()));
        }
        fastening.hold(making, outer.piece(), inner.piece());
    }

    private Panel panel(
            CoverDimensions sizes, PanelChoice choice, Reckoning reckoning, boolean isFirst, List<Piece> pieces) {
        Length depth = sizes.finished(runs.other());
        Length from = isFirst ? Length.ZERO : depth.minus(reckoning.finished());
        Length to = isFirst ? reckoning.finished() : depth;
        Edge seam = Edge.seam(sizes.allowance());
        Edge free = choice.hem().edge(sizes.innerAllowance(), sizes.ownUnit());
        Piece piece = sizes.part(
                        "back-" + place(isFirst),
                        Material.BACK,
                        runs,
                        from,
                        to,
                        reckoning.cut(),
                        isFirst ? seam : free,
                        isFirst ? free : seam)
                .turned(choice.turned());
        pieces.add(piece);
        if (choice.hem().isLined()) {
            pieces.add(sizes.part(
                    "lining-" + place(isFirst),
                    Material.LINING,
                    runs,
                    from,
                    to,
                    reckoning.cut(),
                    isFirst ? seam : free,
                    isFirst ? free : seam));
        }
        Side before = CoverDimensions.before(runs);
        return Panel.of(piece, from, to)
                .free(isFirst ? before.opposite() : before)
                .outside(isFirst == firstOutside())
                .turned(choice.turned());
    }

    @Override
    public List<FindingCandidate<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<FindingCandidate<Opening>> found = new ArrayList<>(new EnvelopeConcerns(this, sizes, back).all());
        Length overlap = back.overlap().orElseThrow();
        found.addAll(fastening.concerns(
                sizes,
                overlap,
                "button-overlap",
                withOverlap(fastening.roomForButton()),
                withFastening(fastening.withBy(By.NOTHING))));
        return found;
    }

    @Override
    public List<Need> needs(Back back) {
        return fastening.needs(back);
    }

    @Override
    public Phrase brief(Back back) {
        String kind = stacked() ? "brief.envelope" : "brief.envelope-upright";
        Length left = back.overlap().orElseThrow();
        Phrase held = fastening.brief();
        return rule == RuleOfThumb.NONE
                ? Phrase.of(kind, left, held)
                : Phrase.of(kind + "-by-rule", left, held, Phrase.choice("brief.rule", rule));
    }

    /** What the first or the second back is called. */
    public Phrase panelName(boolean isFirst) {
        return Phrase.of("panel.back-" + place(isFirst));
    }

    private String place(boolean isFirst) {
        return stacked() ? (isFirst ? "upper" : "lower") : (isFirst ? "left" : "right");
    }

    private Reckoning panel(CoverDimensions sizes, PanelChoice choice, boolean isFirst) {
        Edge free = choice.hem().edge(sizes.innerAllowance(), sizes.ownUnit());
        if (rule != RuleOfThumb.NONE) {
            Sum cut = rule.depth(sizes.cut(runs.other()).total(), free.allowance(), sizes.unit())
                    .roundedUpTo(sizes.mark());
            return new Reckoning(cut.total().minus(free.allowance()).minus(sizes.allowance()), cut);
        }
        Sum finished = Lapped.half(sizes.finished(runs.other()), overlap, centre, isFirst, stacked());
        Sum cut = choice.hem()
                .added(finished, free)
                .plus(Sum.term("term.allowance", sizes.allowance()))
                .roundedUpTo(sizes.mark());
        return new Reckoning(finished.total(), cut);
    }
}
