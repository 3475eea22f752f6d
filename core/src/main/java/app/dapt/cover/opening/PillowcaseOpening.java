package app.dapt.cover.opening;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Back.End;
import app.dapt.cover.decision.Back.Ends;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.Back.Spot;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.CoverShape;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.PanelRole;
import app.dapt.cover.decision.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One strip folded at the closed end, whose ends tuck in over the form at the open one: length 2 (L + t + hem), or with
 * a flap on the under layer only 2L + t + both hems.
 *
 * @param runs  the direction the open end runs in; a pillowcase opens at a short end
 * @param flaps both layers tuck in, or only the one underneath
 * @param flap  how deep a flap is, t
 * @param hem   what each end turns in
 * @param ease  what is added along the open end, for a form that slides in
 * @param fastening what holds the open end shut: buttons inside the front with holes in the back, or ties
 */
public record PillowcaseOpening(Axis runs, Flaps flaps, Length flap, Hem hem, Length ease, Fastening fastening)
        implements Opening {

    /** Which layers tuck in. */
    public enum Flaps {
        BOTH,
        UNDER
    }

    static PillowcaseOpening usual(Unit unit) {
        return new PillowcaseOpening(
                Axis.UP_DOWN,
                Flaps.UNDER,
                unit.pick(Length.cm(14), Length.inches(5, 1, 2)),
                new Hem(
                        Hem.Kind.SINGLE,
                        unit.pick(Length.cm(2), Length.inches(0, 3, 4)),
                        unit.pick(Length.cm(2), Length.inches(0, 3, 4))),
                Length.ZERO,
                Fastening.none(unit));
    }

    static PillowcaseOpening from(Details details) {
        return new PillowcaseOpening(
                details.oneOf("runs", Axis.class),
                details.oneOf("flaps", Flaps.class),
                details.measure("flap"),
                Hem.from("end", details),
                details.measure("ease"),
                Fastening.from(details));
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.PILLOWCASE;
    }

    @Override
    public List<Detail<?>> details() {
        List<Detail<?>> details = new ArrayList<>(List.of(
                Detail.oneOf("flaps", flaps, "flaps"),
                Detail.measure("flap", LengthRange.BAND, flap, true),
                Detail.measure("ease", LengthRange.ALLOWANCE, ease, true),
                Detail.oneOf("runs", runs, "open-end")));
        details.addAll(hem.details("end", Phrase.of("panel.end")));
        details.addAll(fastening.details());
        return details;
    }

    private boolean tucksBoth() {
        return flaps == Flaps.BOTH;
    }

    @Override
    public Length easeAlong() {
        return ease;
    }

    @Override
    public boolean takesInFront() {
        return true;
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitToFold();
    }

    /** Opening below or at the right, seen from behind: the strip is cut front first from the open end. */
    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Length depth = laid.depth();
        Edge end = hem.edge(sizes.innerAllowance(), sizes.ownUnit());
        Length tuckFront = tucksBoth() ? flap : Length.ZERO;
        Sum length = Sum.of(
                Sum.term(frame().ofDeep("term.twice"), depth.times(2)),
                Sum.term(tucksBoth() ? "term.two-flaps" : "term.flap", tuckFront.plus(flap)));
        Length backFold = end.allowance().plus(flap);
        Length middle = backFold.plus(depth);
        List<Marking> marks = folds(backFold, depth);
        marks.addAll(front.inStrip(runs, middle.minus(sizes.allowance())));
        List<Spot> spots = fastening.spots(laid, depth, true, Length.ZERO);
        // Both layers run from the fold in the middle of the strip, the back towards its beginning.
        marks.addAll(fastening.marks(spots, true, middle::minus, laid));
        marks.addAll(fastening.marks(spots, false, middle::plus, laid));
        Piece strip = laid.strip("pillowcase", hem.added(hem.added(length, end), end), end, end)
                .marked(marks);
        List<Piece> pieces = new ArrayList<>(List.of(strip));
        pieces.addAll(fastening.pieces(sizes));
        Panel whole = Panel.of(PanelRole.WHOLE, strip, Length.ZERO, depth).turned(frame().isStacked());
        return Back.of(pieces, List.of(whole), laid.along())
                .openAt(sizes.edgeMiddle(runs))
                .ending(new Ends(End.FOLD, End.OPEN, tuckFront, flap))
                .spotted(spots);
    }

    /** The folds of the strip, one after another. */
    private List<Marking> folds(Length first, Length depth) {
        return Stream.iterate(first, fold -> fold.plus(depth))
                .limit(tucksBoth() ? 3 : 2)
                .map(fold -> Marking.line(Sort.FOLD, runs, fold))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    @Override
    public void make(Making making) {
        fastening.onStrip(making, frame());
    }

    /**
     * A flap is folded to the wrong side of its own layer first. With right sides together it then lies outside, on the
     * back; turned, it lies inside between back and form. For a French seam it lies inside from the start.
     */
    @Override
    public void lay(Making making) {
        Length depth = frame().of(making.sizes()).depth();
        Laying laying = new Laying(making, frame());
        Laid folded = laying.part(depth.minus(flap), depth, true).named(Phrase.of("piece.flap"));
        Laid layer = laying.part(Length.ZERO, depth, laying.isFrench())
                .named(making.back().outer().name());
        Pile front = laying.foldedFront();
        making.at(Place.TABLE, laying.worded(tucksBoth() ? "lay-pillowcase-both" : "lay-pillowcase"), making.front())
                .onAll()
                .saying(flap)
                .figure("flap", flap)
                .figure("fold-to-fold", depth)
                .because()
                .loose()
                .times(Effort.LAY, 2)
                .shows((laying.isFrench()
                                ? front.on(folded).on(layer)
                                : front.on(layer).on(folded))
                        .pinnedAround())
                .add();
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-sides", edge);
    }

    @Override
    public void finish(Making making) {
        fastening.finish(making, making.front());
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found = new ArrayList<>();
        Length depth = frame().of(sizes).depth();
        if (depth.under(sizes.finished(runs))) {
            found.add(Concern.<Opening>of("long-end", Weight.BETTER_NOT, "long-end", sizes.finished(runs), depth)
                    .orTry(() -> turned(), "short-end")
                    .orNote());
        }
        if (depth.half().under(flap)) {
            Length shallow = sizes.mark().roundUp(depth.times(1, 4));
            found.add(Concern.<Opening>of("flap-deep", Weight.BETTER_NOT, "flap-deep", flap, depth)
                    .orTry(() -> new PillowcaseOpening(runs, flaps, shallow, hem, ease, fastening), "flap", shallow));
        }
        if (frame().isStacked() && sizes.cloths().front().hasUp()) {
            found.add(Concern.<Opening>of(
                            "fold-turns",
                            Weight.BETTER_NOT,
                            "fold-turns",
                            sizes.cloths().front().name())
                    .orTry(() -> turned(), "open-at-side")
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
        return Phrase.of(tucksBoth() ? "brief.pillowcase-both" : "brief.pillowcase", flap, fastening.brief());
    }
}
