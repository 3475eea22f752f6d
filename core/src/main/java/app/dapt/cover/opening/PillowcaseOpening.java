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
import app.dapt.cover.parts.Back.Spot;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * One strip folded at the closed end, whose ends tuck in over the form at the open one: length 2 (L + t + hem), or with
 * a flap on the under layer only 2L + t + both hems.
 */
public record PillowcaseOpening(Details decided) implements Opening {

    /** Which layers tuck in. */
    public enum Flaps {
        BOTH,
        UNDER
    }

    /** Both layers tuck in, or only the one underneath. */
    private static final Question<Flaps> FLAPS = Question.oneOf("flaps", Flaps.UNDER, "flaps");
    /** How deep a flap is, t. */
    private static final Question<Length> FLAP =
            Question.length("flap", LengthRange.BAND, Length.cm(14), Length.inches(5, 1, 2));
    /** What is added along the open end, for a form that slides in. */
    private static final Question<Length> EASE =
            Question.length("ease", LengthRange.ALLOWANCE, Length.ZERO, Length.ZERO);
    /** It opens at a short end. */
    private static final Question<Axis> RUNS = Question.oneOf("runs", Axis.UP_DOWN, "open-end");
    /** What each end turns in. */
    private static final HemQuestions HEM = new HemQuestions(
            "end",
            Hem.Kind.SINGLE,
            unit -> unit.pick(Length.cm(2), Length.inches(0, 3, 4)),
            all -> Phrase.of("panel.end"));

    static final List<Question<?>> ASKED = Question.all(List.of(FLAPS, FLAP, EASE, RUNS), HEM.all(), Fastening.ASKED);

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.PILLOWCASE;
    }

    private boolean tucksBoth() {
        return get(FLAPS) == Flaps.BOTH;
    }

    /** What holds the open end shut: buttons inside the front with holes in the back, or ties. */
    private Fastening fastening() {
        return Fastening.of(decided);
    }

    @Override
    public Length easeAlong() {
        return get(EASE);
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
        Length flap = get(FLAP);
        Hem hem = HEM.of(decided);
        Fastening fastening = fastening();
        Edge end = hem.edge(sizes.innerAllowance(), sizes.ownUnit());
        Length tuckFront = tucksBoth() ? flap : Length.ZERO;
        Sum length = Sum.of(
                Sum.term(frame().ofDeep("term.twice"), depth.times(2)),
                Sum.term(tucksBoth() ? "term.two-flaps" : "term.flap", tuckFront.plus(flap)));
        Length begins = end.allowance().plus(isBackFirst() ? flap : tuckFront);
        Length middle = begins.plus(depth);
        List<Marking> marks = folds(begins, depth);
        marks.addAll(front.inStrip(runs(), (isBackFirst() ? middle : begins).minus(sizes.allowance())));
        List<Spot> spots = fastening.spots(laid, depth, true, Length.ZERO);
        // Both layers run from the fold in the middle of the strip.
        marks.addAll(fastening.marks(spots, isBackFirst(), middle::minus, laid));
        marks.addAll(fastening.marks(spots, !isBackFirst(), middle::plus, laid));
        Piece strip = laid.strip("pillowcase", hem.added(hem.added(length, end), end), end, end)
                .marked(marks);
        List<Piece> pieces = new ArrayList<>(List.of(strip));
        pieces.addAll(fastening.pieces(sizes));
        Panel whole = Panel.of(PanelRole.WHOLE, strip, Length.ZERO, depth).turned(frame().isStacked());
        return Back.of(pieces, List.of(whole), laid.along())
                .openAt(sizes.edgeMiddle(runs()))
                .ending(new Ends(End.FOLD, End.OPEN, tuckFront, flap))
                .spotted(spots);
    }

    /**
     * Whether the strip begins with the back. It opens below, or, seen from behind, at the right: that is the front's
     * left edge, and the front comes first.
     */
    private boolean isBackFirst() {
        return frame().isStacked();
    }

    /** The folds of the strip, one after another: where a flap begins, and in the middle. */
    private List<Marking> folds(Length begins, Length depth) {
        Stream<Length> flaps = tucksBoth()
                ? Stream.of(begins, begins.plus(depth.times(2)))
                : Stream.of(isBackFirst() ? begins : begins.plus(depth.times(2)));
        return Stream.concat(flaps, Stream.of(begins.plus(depth)))
                .sorted()
                .map(fold -> Marking.line(Sort.FOLD, runs(), fold))
                .collect(Collectors.toCollection(ArrayList::new));
    }

    @Override
    public void make(Making making) {
        fastening().onStrip(making, frame());
    }

    /**
     * A flap is folded to the wrong side of its own layer first. With right sides together it then lies outside, on the
     * back; turned, it lies inside between back and form. For a French seam it lies inside from the start.
     */
    @Override
    public void lay(Making making) {
        Length depth = frame().of(making.sizes()).depth();
        Length flap = get(FLAP);
        Laying laying = new Laying(making, frame());
        Laid folded = laying.part(depth.minus(flap), depth, true).named(Phrase.of("piece.flap"));
        Laid layer = laying.part(Length.ZERO, depth, laying.isOutsideOut())
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
                .shows((laying.isOutsideOut()
                                ? front.on(folded).on(layer)
                                : front.on(layer).on(folded))
                        .pinnedAround())
                .moves(folding(laying).toArray(Move[]::new))
                .add();
    }

    /** Each flap to the wrong side of its own layer, and then the back over the front. */
    private List<Move> folding(Laying laying) {
        String strip = laying.making().front().id();
        List<Length> folds = laying.folds();
        List<Move> moves = new ArrayList<>(laying.stripDown());
        int middle = tucksBoth() || isBackFirst() ? 1 : 0;
        for (int i = 0; i < folds.size(); i++) {
            if (i != middle) {
                Side side = i < middle ? frame().start() : frame().end();
                moves.add(new Move.FoldAt(strip, side, folds.get(i), laying.isOutsideOut()));
            }
        }
        moves.add(new Move.Beyond(strip));
        moves.add(new Move.FoldAt(strip, isBackFirst() ? frame().start() : frame().end(), folds.get(middle), true));
        return moves;
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-sides", edge);
    }

    @Override
    public void finish(Making making) {
        fastening().finish(making, making.front());
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found = new ArrayList<>();
        Length depth = frame().of(sizes).depth();
        if (depth.under(sizes.finished(runs()))) {
            found.add(Concern.<Opening>of("long-end", Weight.BETTER_NOT, "long-end", sizes.finished(runs()), depth)
                    .orTry(() -> turned(), "short-end")
                    .orNote());
        }
        Length flap = get(FLAP);
        if (depth.half().under(flap)) {
            Length shallow = sizes.mark().roundUp(depth.times(1, 4));
            found.add(Concern.<Opening>of("flap-deep", Weight.BETTER_NOT, "flap-deep", flap, depth)
                    .orTry(() -> with(FLAP, shallow), "flap", shallow));
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
        return fastening().needs(back);
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(
                tucksBoth() ? "brief.pillowcase-both" : "brief.pillowcase",
                get(FLAP),
                fastening().brief());
    }
}
