package app.dapt.cover.opening;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.CoverShape;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.PanelRole;
import app.dapt.cover.opening.Fastening.By;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

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
        details.add(Detail.oneOf("outside", outside, frame().worded("outside")));
        details.addAll(panelDetails("first", first, PanelRole.FIRST));
        details.addAll(panelDetails("second", second, PanelRole.SECOND));
        details.addAll(fastening.details());
        return details;
    }

    private List<Detail<?>> panelDetails(String which, PanelChoice choice, PanelRole role) {
        List<Detail<?>> details = new ArrayList<>(choice.hem().details(which, panelName(role)));
        details.add(
                new Detail.Tick(which + "Turned", Phrase.of("detail.turned", panelName(role)), choice.turned(), true));
        return details;
    }

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
        Frame.Sized laid = frame().of(sizes);
        Laid one = laid(laid, PanelRole.FIRST, first);
        Laid two = laid(laid, PanelRole.SECOND, second);
        Length overlap = one.panel().depth().plus(two.panel().depth()).minus(laid.depth());
        List<Piece> pieces = Stream.of(List.of(front.piece()), one.pieces(), two.pieces())
                .flatMap(List::stream)
                .toList();
        return lapped(
                pieces,
                firstOutside() ? List.of(two.panel(), one.panel()) : List.of(one.panel(), two.panel()),
                overlap,
                laid);
    }

    /** A panel and the pieces it is made of. */
    private record Laid(Panel panel, List<Piece> pieces) {}

    private Laid laid(Frame.Sized back, PanelRole role, PanelChoice choice) {
        PanelDepths.Depth depth = new PanelDepths(rule, overlap, centre).of(back, role, choice.hem());
        Edge free =
                choice.hem().edge(back.sizes().innerAllowance(), back.sizes().ownUnit());
        Piece piece = back.panel(role, depth.finished(), depth.cut(), free).turned(choice.turned());
        Panel panel = back.lying(role, piece, depth.finished())
                .outside(role == PanelRole.FIRST == firstOutside())
                .turned(choice.turned());
        return new Laid(
                panel,
                choice.hem().isLined()
                        ? List.of(piece, back.lining(role, depth.finished(), depth.cut(), free))
                        : List.of(piece));
    }

    @Override
    public void make(Making making) {
        Panel outer = making.back().outer();
        Panel inner = making.back().inner();
        fastening.stiffen(making, outer.piece(), inner.piece());
        HemSteps.choose(making, List.of(inner, outer));
        for (Panel panel : List.of(outer, inner)) {
            HemSteps.make(new HemSteps(
                    making,
                    panel.piece(),
                    panel.free().orElseThrow(),
                    making.piece(frame().named("lining", panel.role())),
                    panel.piece().id()));
        }
        fastening.hold(making, outer.piece(), inner.piece());
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found = new ArrayList<>(new EnvelopeConcerns(this, sizes, back).all());
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
    public Phrase brief(Back back) {
        String kind = frame().worded("brief.envelope");
        Length left = back.overlap().orElseThrow();
        Phrase held = fastening.brief();
        return rule == RuleOfThumb.NONE
                ? Phrase.of(kind, left, held)
                : Phrase.of(kind + "-by-rule", left, held, Phrase.choice("brief.rule", rule));
    }

    /** What the first or the second back is called. */
    public Phrase panelName(PanelRole role) {
        return Phrase.of(frame().named("panel.back", role));
    }
}
