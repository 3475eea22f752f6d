package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Two back panels that lie over each other. The first panel is the upper one, or, where the opening runs up and down,
 * the left one seen from behind.
 */
public record EnvelopeOpening(Details decided) implements Lapped {

    /** The panel that shows. */
    public enum Outside {
        FIRST,
        SECOND
    }

    private static final Question<Outside> OUTSIDE =
            Question.oneOf("outside", Outside.FIRST, all -> Frame.of(all).worded("outside"));

    /** What is asked about one panel. */
    private static final HemQuestions FIRST =
            HemQuestions.ofPanel("first", Frame.calling("panel.back", PanelRole.FIRST));

    private static final HemQuestions SECOND =
            HemQuestions.ofPanel("second", Frame.calling("panel.back", PanelRole.SECOND));
    /** Cut with the cloth's up pointing down. */
    private static final Question<Boolean> FIRST_TURNED = turned("firstTurned", PanelRole.FIRST);

    private static final Question<Boolean> SECOND_TURNED = turned("secondTurned", PanelRole.SECOND);

    static final List<Question<?>> ASKED = Question.all(
            List.of(PanelDepths.RULE, PanelDepths.OVERLAP, Frame.RUNS, PanelDepths.CENTRE, OUTSIDE),
            FIRST.all(),
            List.of(FIRST_TURNED),
            SECOND.all(),
            List.of(SECOND_TURNED),
            Fastening.ASKED);

    private static Question<Boolean> turned(String name, PanelRole role) {
        Function<Details, Phrase> panel = Frame.calling("panel.back", role);
        return Question.tick(name).called(all -> Phrase.of("detail.turned", panel.apply(all)));
    }

    /** @throws IllegalArgumentException where the overlap is less than nothing */
    public EnvelopeOpening {
        if (decided.get(PanelDepths.OVERLAP).isNegative()) {
            throw new IllegalArgumentException("an overlap asked for is not negative");
        }
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.ENVELOPE;
    }

    @Override
    public List<HemQuestions> hems() {
        return List.of(FIRST, SECOND);
    }

    private static HemQuestions hem(PanelRole role) {
        return role == PanelRole.FIRST ? FIRST : SECOND;
    }

    private static Question<Boolean> turned(PanelRole role) {
        return role == PanelRole.FIRST ? FIRST_TURNED : SECOND_TURNED;
    }

    /** How the free edge of a panel is finished. */
    Hem hemOf(PanelRole role) {
        return hem(role).of(decided);
    }

    /** The same with another hem at one panel. */
    EnvelopeOpening withHem(PanelRole role, Hem changed) {
        return new EnvelopeOpening(hem(role).with(decided, changed));
    }

    boolean isTurned(PanelRole role) {
        return get(turned(role));
    }

    /** The same with one panel cut upright. */
    EnvelopeOpening upright(PanelRole role) {
        return new EnvelopeOpening(decided.with(turned(role), false));
    }

    private boolean firstOutside() {
        return get(OUTSIDE) == Outside.FIRST;
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitToLap(runs());
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Laid one = laid(laid, PanelRole.FIRST);
        Laid two = laid(laid, PanelRole.SECOND);
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

    private Laid laid(Frame.Sized back, PanelRole role) {
        Hem hem = hemOf(role);
        PanelDepths.Depth depth = depths().of(back, role, hem);
        Edge free = hem.edge(back.sizes().innerAllowance(), back.sizes().ownUnit());
        Piece piece = back.panel(role, depth.finished(), depth.cut(), free).turned(isTurned(role));
        Panel panel = back.lying(role, piece, depth.finished())
                .outside(role == PanelRole.FIRST == firstOutside())
                .turned(isTurned(role));
        return new Laid(
                panel,
                hem.isLined()
                        ? List.of(piece, back.lining(role, depth.finished(), depth.cut(), free))
                        : List.of(piece));
    }

    @Override
    public void make(Making making) {
        Panel outer = making.back().outer();
        Panel inner = making.back().inner();
        Fastening fastening = fastening();
        fastening.stiffen(making, outer.piece(), inner.piece());
        HemSteps.choose(making, List.of(inner, outer));
        for (Panel panel : List.of(outer, inner)) {
            HemSteps.make(new HemSteps(
                    making,
                    panel.piece(),
                    panel.free().orElseThrow(),
                    making.piece(frame().named("lining", panel.role())),
                    panel.piece().id(),
                    Optional.empty()));
        }
        fastening.hold(making, outer.piece(), inner.piece());
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found = new ArrayList<>(new EnvelopeConcerns(this, sizes, back).all());
        found.addAll(buttonConcerns(sizes, back.overlap().orElseThrow()));
        return found;
    }

    @Override
    public Phrase brief(Back back) {
        String kind = frame().worded("brief.envelope");
        Length left = back.overlap().orElseThrow();
        Phrase held = fastening().brief();
        return isByRule()
                ? Phrase.of(kind + "-by-rule", left, held, Phrase.choice("brief.rule", get(PanelDepths.RULE)))
                : Phrase.of(kind, left, held);
    }

    /** What the first or the second back is called. */
    public Phrase panelName(PanelRole role) {
        return Phrase.of(frame().named("panel.back", role));
    }
}
