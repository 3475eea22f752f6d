package app.dapt.cover.opening;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Back.End;
import app.dapt.cover.decision.Back.Ends;
import app.dapt.cover.decision.Back.Lap;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.Back.Spot;
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
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.Fastening.By;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One strip wrapped round front and back; its sides are sewn, the ends lie over each other on the back. Length 2H + O +
 * both hems, folds at hem₁ + y₁ and H further on. The end folded in first shows.
 *
 * @param overlap asked for
 * @param centre  the middle of the overlap from the top (left) finished edge; none is the middle of the cover
 * @param outside the end that shows
 */
public record WrapOpening(
        Axis runs,
        Length overlap,
        Optional<Length> centre,
        EnvelopeOpening.Outside outside,
        Hem first,
        Hem second,
        Fastening fastening)
        implements Lapped {

    static WrapOpening usual(Unit unit) {
        Hem hem = Hem.Kind.ORDINARY.usual(unit);
        return new WrapOpening(
                Axis.ACROSS,
                unit.pick(Length.cm(10), Length.inches(4)),
                Optional.empty(),
                EnvelopeOpening.Outside.FIRST,
                hem,
                hem,
                Fastening.none(unit));
    }

    static WrapOpening from(Details details) {
        return new WrapOpening(
                details.oneOf("runs", Axis.class),
                details.measure("overlap"),
                details.maybe("centre"),
                details.oneOf("outside", EnvelopeOpening.Outside.class),
                Hem.from("first", details),
                Hem.from("second", details),
                Fastening.from(details));
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.WRAP;
    }

    @Override
    public List<Detail<?>> details() {
        List<Detail<?>> details = new ArrayList<>(List.of(
                Detail.measure("overlap", LengthRange.OVERLAP, overlap, true),
                Detail.oneOf("runs", runs, "way"),
                Detail.maybe("centre", LengthRange.CENTRE, centre),
                Detail.oneOf("outside", outside, stacked() ? "wrap-outside" : "wrap-outside-upright")));
        details.addAll(first.details("first", Phrase.of(stacked() ? "panel.end-upper" : "panel.end-left")));
        details.addAll(second.details("second", Phrase.of(stacked() ? "panel.end-lower" : "panel.end-right")));
        details.addAll(fastening.details());
        return details;
    }

    @Override
    public WrapOpening narrowlyHemmed(Unit unit) {
        Hem narrow = Hem.Kind.NARROW.usual(unit);
        return new WrapOpening(runs, overlap, centre, outside, narrow, narrow, fastening);
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitToFold();
    }

    @Override
    public boolean takesInFront() {
        return true;
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Length depth = sizes.finished(runs.other());
        Length one = Lapped.half(depth, overlap, centre, true, stacked()).total();
        Length two = Lapped.half(depth, overlap, centre, false, stacked()).total();
        Piece strip = strip(sizes, depth, one);
        Length fold =
                first.edge(sizes.innerAllowance(), sizes.ownUnit()).allowance().plus(one);
        strip = strip.marked(front.inStrip(runs, fold.minus(sizes.allowance())));
        Side before = CoverDimensions.before(runs);
        // The ends come over the folds, so that on the back they hang the other way round.
        Panel upper = Panel.of(strip, Length.ZERO, one)
                .named(stacked() ? "panel.end-upper" : "panel.end-left")
                .free(before)
                .outside(outside == EnvelopeOpening.Outside.FIRST)
                .turned(stacked());
        Panel lower = Panel.of(strip, depth.minus(two), depth)
                .named(stacked() ? "panel.end-lower" : "panel.end-right")
                .free(before.opposite())
                .outside(!upper.outside())
                .turned(stacked());
        Back back = Back.of(
                        List.of(strip),
                        upper.outside() ? List.of(lower, upper) : List.of(upper, lower),
                        sizes.finished(runs))
                .lapping(Lap.of(overlap, runs, sizes))
                .ending(Ends.of(End.FOLD, End.FOLD));
        return fastened(back, upper.outside() ? one : depth.minus(two), upper.outside(), strip, sizes);
    }

    /** Marks buttons or ties on both ends of the strip, each counted from its fold. */
    private Back fastened(Back back, Length edge, boolean firstOutside, Piece strip, CoverDimensions sizes) {
        Length depth = sizes.finished(runs.other());
        Length fold = runs == Axis.ACROSS
                ? strip.marks().get(0).fromTop().orElseThrow()
                : strip.marks().get(0).fromLeft().orElseThrow();
        Hem outer = firstOutside ? first : second;
        List<Spot> spots = fastening.spots(
                sizes.cutFor(runs),
                edge,
                firstOutside,
                outer.edge(sizes.innerAllowance(), sizes.ownUnit()).hemDepth(),
                sizes);
        List<Marking> marks = new ArrayList<>(fastening.marks(spots, firstOutside, fold::minus, runs, sizes));
        marks.addAll(fastening.marks(
                spots, !firstOutside, at -> fold.plus(depth.times(2)).minus(at), runs, sizes));
        return back.spotted(spots).replacing(strip, strip.marked(marks)).with(fastening.pieces(sizes));
    }

    private Piece strip(CoverDimensions sizes, Length depth, Length one) {
        Edge start = first.edge(sizes.innerAllowance(), sizes.ownUnit());
        Edge end = second.edge(sizes.innerAllowance(), sizes.ownUnit());
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(sizes.allowance()));
        edges.put(CoverDimensions.before(runs), start);
        edges.put(CoverDimensions.before(runs).opposite(), end);
        Sum length = second.added(
                first.added(
                        Sum.of(
                                Sum.term(stacked() ? "term.twice-height" : "term.twice-width", depth.times(2)),
                                Sum.term("term.overlap", overlap)),
                        start),
                end);
        Sum along = sizes.cut(runs);
        Length fold = start.allowance().plus(one);
        return sizes.panel("wrap", Material.FRONT, stacked() ? along : length, stacked() ? length : along, edges)
                .marked(List.of(Marking.line(Sort.FOLD, runs, fold), Marking.line(Sort.FOLD, runs, fold.plus(depth))));
    }

    @Override
    public void make(Making making) {
        fastening.onStrip(making, runs);
    }

    @Override
    public void lay(Making making) {
        Piece strip = making.front();
        Side before = CoverDimensions.before(runs);
        Panel outer = making.back().outer();
        Panel inner = making.back().panels().get(0);
        Laying laying = new Laying(making, runs);
        Panel one = laying.isFrench() ? inner : outer;
        Side cut = one.from().isZero() ? before : before.opposite();
        // Wrong side up, what is the piece's left edge lies at the right.
        Side folded = laying.isFrench() && runs == Axis.UP_DOWN ? cut.opposite() : cut;
        making.at(Place.TABLE, laying.worded("lay-wrap"), strip)
                .onAll()
                .saying(outer.name(), Phrase.choice("which-edge", folded))
                .figure("overlap", overlap)
                .figure("fold-to-fold", making.sizes().finished(runs.other()))
                .because()
                .trap()
                .loose()
                .times(Effort.LAY, 2)
                .shows(laying.foldedFront()
                        .on(laying.end(one).inTurn(1))
                        .on(laying.end(laying.isFrench() ? outer : inner).inTurn(2))
                        .pinnedAround())
                .add();
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-sides", edge);
    }

    @Override
    public List<FindingCandidate<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<FindingCandidate<Opening>> found =
                new ArrayList<>(new LapConcerns(this, sizes, back, back.lap().orElseThrow()).all());
        found.addAll(fastening.concerns(
                sizes,
                overlap,
                "button-overlap",
                withOverlap(fastening.roomForButton()),
                new WrapOpening(runs, overlap, centre, outside, first, second, fastening.withBy(By.NOTHING))));
        if (stacked() && sizes.cloths().front().hasUp()) {
            found.add(FindingCandidate.<Opening>of(
                            "fold-turns",
                            Weight.BETTER_NOT,
                            "wrap-turns",
                            sizes.cloths().front().name())
                    .orTry(() -> crosswise(), "run-up-down")
                    .orTry(() -> OpeningKind.ENVELOPE.insteadOf(this, sizes.ownUnit()), "envelope")
                    .orNote());
        }
        return found;
    }

    @Override
    public List<Need> needs(Back back) {
        return fastening.needs(back);
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(stacked() ? "brief.wrap" : "brief.wrap-upright", overlap, fastening.brief());
    }
}
