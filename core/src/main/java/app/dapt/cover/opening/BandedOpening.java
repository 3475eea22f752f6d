package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.PanelRole;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * An envelope whose outer panel, the upper or left one, ends in a folded band with its seam enclosed. A band cut B deep
 * is B/2 − s_b finished; the panel above it is that much shorter.
 */
public record BandedOpening(Details decided) implements Lapped {

    /** How a rule of thumb is read for a panel with a band. */
    public enum Reading {
        /** So deep with the band. */
        WITH_BAND,
        /** So deep, and the band on top of it. */
        BAND_ON_TOP
    }

    private static final int MOST_STRIPS = 24;

    /** What the band's seam takes of the band and of its panel. */
    private static final Length BAND_SEAM = Length.inches(0, 1, 4);

    /** Whether the outer panel is as deep as the rule says with its band, or without it. */
    private static final Question<Reading> READS =
            Question.oneOf("ruleBand", Reading.WITH_BAND, "rule-band").where(PanelDepths::isByRule);
    /** How deep the band is cut. */
    private static final Question<Length> BAND =
            Question.length("band", LengthRange.BAND, Length.cm(11), Length.inches(4, 1, 2));
    /** Whether the band is stiffened all over. */
    private static final Question<Boolean> INTERFACED = Question.tick("bandInterfaced");
    /** How many strips it is pieced from along its length. */
    private static final Question<Integer> STRIPS = Question.count("bandStrips", 1, MOST_STRIPS, 1)
            .where(all -> Frame.of(all).isStacked());
    /** Of the inner panel. */
    private static final HemQuestions HEM =
            HemQuestions.ofPanel("second", Frame.calling("panel.back", PanelRole.SECOND));

    static final List<Question<?>> ASKED = Question.all(
            List.of(
                    PanelDepths.RULE,
                    READS,
                    PanelDepths.OVERLAP,
                    BAND,
                    Frame.RUNS,
                    INTERFACED,
                    STRIPS,
                    PanelDepths.CENTRE),
            HEM.all(),
            Fastening.ASKED);

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.BANDED;
    }

    @Override
    public List<HemQuestions> hems() {
        return List.of(HEM);
    }

    private boolean isBandOnTop() {
        return isByRule() && get(READS) == Reading.BAND_ON_TOP;
    }

    /** How deep the band is once folded and sewn. */
    private Length finishedBand() {
        return get(BAND).half().minus(BAND_SEAM);
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitForBand().or(() -> shape.unfitToLap(runs()));
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        PanelDepths depths = depths();
        Hem hem = HEM.of(decided);
        Edge free = hem.edge(sizes.innerAllowance(), sizes.ownUnit());
        PanelDepths.Depth second = depths.of(laid, PanelRole.SECOND, hem);
        Sum finished = withBand(depths, laid, free);
        Length bandFrom = finished.total().minus(finishedBand());
        Edge banded = Edge.band(BAND_SEAM);
        Piece upper = laid.panel(PanelRole.FIRST, bandFrom, aboveBand(depths, laid, free, finished), banded);
        Piece banding = laid.band(bandFrom, finished.total(), Sum.of(Sum.term("term.band", get(BAND))), banded)
                .marked(List.of(Marking.line(Sort.FOLD, runs(), get(BAND).half())));
        Piece lower = laid.panel(PanelRole.SECOND, second.finished(), second.cut(), free);
        List<Piece> pieces = new ArrayList<>(List.of(front.piece(), upper, banding, lower));
        if (hem.isLined()) {
            pieces.add(laid.lining(PanelRole.SECOND, second.finished(), second.cut(), free));
        }
        Panel inner = laid.lying(PanelRole.SECOND, lower, second.finished()).outside(false);
        Panel above = Panel.of(PanelRole.FIRST, upper, Length.ZERO, bandFrom);
        Panel outer =
                Panel.of(PanelRole.BAND, banding, bandFrom, finished.total()).free(frame().end());
        Length overlapping = finished.total().plus(second.finished()).minus(laid.depth());
        return lapped(pieces, List.of(inner, above, outer), overlapping, laid);
    }

    /** How deep the outer panel is once finished, its band with it. */
    private Sum withBand(PanelDepths depths, Frame.Sized laid, Edge free) {
        if (!isByRule()) {
            return depths.finished(laid, PanelRole.FIRST);
        }
        Sum ruled = depths.ruled(laid, free)
                .plus(Sum.term("term.less-allowance", laid.sizes().allowance().negated()));
        return isBandOnTop()
                ? ruled.plus(Sum.term("term.band-on-top", finishedBand().minus(BAND_SEAM)))
                : ruled;
    }

    /** How deep the panel above the band is cut; with the band on top of it just as the rule says. */
    private Sum aboveBand(PanelDepths depths, Frame.Sized laid, Edge free, Sum finished) {
        Sum whole = isByRule() ? depths.ruled(laid, free) : finished;
        if (isBandOnTop()) {
            return whole;
        }
        Sum lessBand = whole.plus(Sum.term("term.less-band", finishedBand().negated()))
                .plus(Sum.term("term.band-seam", BAND_SEAM));
        return isByRule() ? lessBand : lessBand.plus(laid.allowance());
    }

    @Override
    public void make(Making making) {
        Panel lower = making.back().panel(PanelRole.SECOND);
        Piece upper = making.back().panel(PanelRole.FIRST).piece();
        Piece banding = making.back().panel(PanelRole.BAND).piece();
        Side edge = frame().end();
        HemSteps.choose(making, List.of(lower));
        HemSteps.make(new HemSteps(
                making,
                lower.piece(),
                lower.free().orElseThrow(),
                making.piece(frame().named("lining", PanelRole.SECOND)),
                lower.piece().id(),
                Optional.empty()));
        if (get(INTERFACED)) {
            making.at(Place.IRON, "interface", banding)
                    .figure("layer-size", banding.finished(Axis.ACROSS), banding.finished(Axis.UP_DOWN))
                    .because()
                    .along(Effort.PRESS_HEM, banding.cut(runs()).total())
                    .add();
        }
        fastening().stiffen(making, banding, lower.piece());
        Length along = banding.cut(runs()).total();
        making.at(Place.TABLE, "band-lay", banding, upper)
                .saying(upper.name())
                .saying(Phrase.choice("which-edge", edge), Phrase.choice("which-edge", edge.opposite()))
                .because()
                .loose()
                .shows(rolled(making, banding, upper))
                .moves(
                        new Move.Flip(upper.id(), !frame().isStacked()),
                        new Move.PutOn(upper.id(), banding.id(), edge.opposite()))
                .add();
        making.at(Place.MACHINE, "band-sew", banding, upper)
                .saying(BAND_SEAM)
                .trap()
                .along(Effort.SEW, along)
                .set(Stitch.SEAM, Foot.PLAIN)
                .takes(upper, edge)
                .takes(banding, edge)
                .takes(banding, edge.opposite())
                .shows(foldedOver(making, banding).along(Role.SEW, edge.opposite(), BAND_SEAM))
                .add();
        making.at(Place.IRON, "band-press", banding, upper)
                .along(Effort.PRESS, along)
                .shows(Pile.of(making.work().lying(banding, true)))
                .moves(
                        new Move.Bind(banding.id(), edge.opposite(), BAND_SEAM),
                        new Move.Flip(banding.id(), !frame().isStacked()),
                        new Move.Call(banding.id(), upper.id()))
                .add();
        making.at(Place.MACHINE, "band-topstitch", banding, upper)
                .along(Effort.STITCH_HEM, along)
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(Pile.of(making.work().lying(banding, true)).along(Role.SEW, edge.opposite(), Hem.FROM_FOLD))
                .add();
        fastening().hold(making, banding, lower.piece());
    }

    /**
     * The band right side up; the panel face down on it, its free edge level with the band's own beginning, so that the
     * half that faces out hangs upright; and all of the panel but a strip rolled up. The arrow takes the band's other
     * edge over the roll.
     */
    private Pile rolled(Making making, Piece banding, Piece upper) {
        Side edge = frame().end();
        Laid band = making.work().lying(banding, true);
        Length strip = get(BAND).times(1, 4);
        Laid flat = frame().madeDeep(making.work().lying(upper, false).swapping(runs().other()), strip);
        Laid roll =
                frame().madeDeep(making.work().lying(upper, true), strip).named(Phrase.of("pile.rolled", upper.name()));
        return Pile.of(band)
                .arrow(edge, strip.times(3, 2))
                .on(flat.at(Length.ZERO, Length.ZERO))
                .pinned(Set.of(edge))
                .on(frame().moved(roll, strip));
    }

    /** As the band lies once its other edge is brought over the roll, raw edges level. */
    private Pile foldedOver(Making making, Piece banding) {
        return Pile.of(frame().madeDeep(
                        making.work().lying(banding, false).swapping(runs()),
                        get(BAND).half()));
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found =
                new ArrayList<>(new LapConcerns(this, sizes, back, back.lap().orElseThrow()).all());
        Length band = get(BAND);
        Fastening fastening = fastening();
        Length wider =
                sizes.mark().roundUp(fastening.roomForButton().plus(BAND_SEAM).times(2));
        found.addAll(fastening.concerns(
                sizes,
                Length.min(finishedBand(), back.overlap().orElseThrow()),
                "button-band",
                ((Lapped) with(BAND, Length.max(band, wider)))
                        .withOverlap(Length.max(back.overlap().orElseThrow(), fastening.roomForButton())),
                unfastened()));
        if (!finishedBand().isPositive()
                || back.overlap().orElseThrow().plus(Length.inches(1)).under(finishedBand())) {
            Length usual = kind().usual(sizes.ownUnit()).get(BAND);
            found.add(Concern.<Opening>of(
                            "band-depth",
                            Weight.BETTER_NOT,
                            finishedBand().isPositive() ? "band-deep" : "band-nothing",
                            band,
                            finishedBand(),
                            back.overlap().orElseThrow())
                    .orTry(() -> with(BAND, usual), "band", usual)
                    .orTry(() -> withOverlap(finishedBand()), "overlap", finishedBand())
                    .orNote());
        }
        return found;
    }

    @Override
    public List<Need> needs(Back back) {
        List<Need> needs = new ArrayList<>(Lapped.super.needs(back));
        if (get(INTERFACED)) {
            Piece piece = back.panel(PanelRole.BAND).piece();
            needs.add(Need.of(
                    Phrase.of("need.interfacing-of", piece.name()),
                    Phrase.of("need.one-piece", piece.finished(Axis.ACROSS), piece.finished(Axis.UP_DOWN))));
        }
        return needs;
    }

    @Override
    public int stripsOf(Piece piece) {
        return frame().isStacked() && piece.role() == PieceRole.Whole.BAND ? get(STRIPS) : 1;
    }

    @Override
    public Phrase brief(Back back) {
        String kind = frame().worded("brief.banded");
        Length left = back.overlap().orElseThrow();
        Phrase held = fastening().brief();
        return isByRule()
                ? Phrase.of(kind + "-by-rule", left, held, Phrase.choice("brief.rule", get(PanelDepths.RULE)))
                : Phrase.of(kind, left, held);
    }
}
