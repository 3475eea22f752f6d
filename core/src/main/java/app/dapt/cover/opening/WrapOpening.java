package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.opening.EnvelopeOpening.Outside;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.End;
import app.dapt.cover.parts.Back.Ends;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Back.Spot;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One strip wrapped round front and back; its sides are sewn, the ends lie over each other on the back. Length 2H + O +
 * both hems, folds at hem₁ + y₁ and H further on. The end folded in first shows.
 */
record WrapOpening(Details decided) implements Lapped {

    /** The end that shows. */
    private static final Question<Outside> OUTSIDE =
            Question.oneOf("outside", Outside.FIRST, all -> Frame.of(all).worded("wrap-outside"));

    private static final HemQuestions FIRST =
            HemQuestions.ofPanel("first", Frame.calling("panel.end", PanelRole.FIRST));
    private static final HemQuestions SECOND =
            HemQuestions.ofPanel("second", Frame.calling("panel.end", PanelRole.SECOND));

    static final List<Question<?>> ASKED = Question.all(
            List.of(PanelDepths.OVERLAP, Frame.RUNS, PanelDepths.CENTRE, OUTSIDE),
            FIRST.all(),
            SECOND.all(),
            Fastening.ASKED);

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.WRAP;
    }

    @Override
    public List<HemQuestions> hems() {
        return List.of(FIRST, SECOND);
    }

    private boolean firstOutside() {
        return get(OUTSIDE) == Outside.FIRST;
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
        Frame.Sized laid = frame().of(sizes);
        PanelDepths depths = depths();
        Length one = depths.finished(laid, PanelRole.FIRST).total();
        Length two = depths.finished(laid, PanelRole.SECOND).total();
        Length fold = edge(leading(), sizes).allowance().plus(leading() == PanelRole.FIRST ? one : two);
        Piece strip = strip(laid)
                .marked(List.of(
                        Marking.line(Sort.FOLD, runs(), fold),
                        Marking.line(Sort.FOLD, runs(), fold.plus(laid.depth()))))
                .marked(front.inStrip(runs(), fold.minus(sizes.allowance())));
        Panel upper = end(laid, PanelRole.FIRST, strip, one);
        Panel lower = end(laid, PanelRole.SECOND, strip, two);
        Back back = Back.of(
                        List.of(strip), upper.outside() ? List.of(lower, upper) : List.of(upper, lower), laid.along())
                .lapping(Lap.of(depths.overlap(), runs(), sizes))
                .ending(Ends.of(End.FOLD, End.FOLD));
        return fastened(back, fold, laid);
    }

    /** An end comes over a fold, so that on the back it hangs the other way round. */
    private Panel end(Frame.Sized laid, PanelRole role, Piece strip, Length finished) {
        return laid.lying(role, strip, finished)
                .named(frame().named("panel.end", role))
                .free(edgeOf(role))
                .outside(role == PanelRole.FIRST == firstOutside())
                .turned(frame().isStacked());
    }

    /** Marks buttons or ties on both ends of the strip, each counted from its fold. */
    private Back fastened(Back back, Length fold, Frame.Sized laid) {
        Panel outer = back.outer();
        boolean firstOutside = outer.role() == PanelRole.FIRST;
        Hem hem = hem(outer.role());
        Fastening fastening = fastening();
        List<Spot> spots = fastening.spots(
                laid,
                firstOutside ? outer.to() : outer.from(),
                firstOutside,
                hem.edge(laid.sizes().innerAllowance(), laid.sizes().ownUnit()).hemDepth());
        List<Marking> marks = new ArrayList<>(
                fastening.marks(spots, firstOutside, at -> onStrip(PanelRole.FIRST, at, fold, laid), laid));
        marks.addAll(fastening.marks(spots, !firstOutside, at -> onStrip(PanelRole.SECOND, at, fold, laid), laid));
        Piece strip = outer.piece();
        return back.spotted(spots).replacing(strip, strip.marked(marks)).with(fastening.pieces(laid.sizes()));
    }

    /** Where on the strip a place lies that is so far on the back from where that starts, its first fold so far in. */
    private Length onStrip(PanelRole role, Length at, Length fold, Frame.Sized laid) {
        Length depth = laid.depth();
        Length fromFold = role == PanelRole.FIRST ? at : depth.minus(at);
        return role == leading() ? fold.minus(fromFold) : fold.plus(depth).plus(fromFold);
    }

    /**
     * The end that the strip begins with, seen from its right side. Round the left edge of the front it comes to lie at
     * the right of the back, seen from behind.
     */
    private PanelRole leading() {
        return frame().isStacked() ? PanelRole.FIRST : PanelRole.SECOND;
    }

    /** The edge of the strip that an end has. */
    private Side edgeOf(PanelRole role) {
        return role == leading() ? frame().start() : frame().end();
    }

    private Edge edge(PanelRole role, CoverDimensions sizes) {
        return hem(role).edge(sizes.innerAllowance(), sizes.ownUnit());
    }

    private Hem hem(PanelRole role) {
        return (role == PanelRole.FIRST ? FIRST : SECOND).of(decided);
    }

    private Piece strip(Frame.Sized laid) {
        Hem first = hem(leading());
        Hem second = hem(other(leading()));
        Edge start = edge(leading(), laid.sizes());
        Edge end = edge(other(leading()), laid.sizes());
        Sum twice = Sum.of(
                Sum.term(frame().ofDeep("term.twice"), laid.depth().times(2)),
                Sum.term("term.overlap", get(PanelDepths.OVERLAP)));
        return laid.strip("wrap", second.added(first.added(twice, start), end), start, end);
    }

    @Override
    public void make(Making making) {
        fastening().onStrip(making, frame());
    }

    @Override
    public void lay(Making making) {
        Piece strip = making.front();
        Panel outer = making.back().outer();
        Panel inner = making.back().inner();
        Laying laying = new Laying(making, frame());
        Panel one = laying.isOutsideOut() ? inner : outer;
        Side cut = edgeOf(one.role());
        // Wrong side up, what is the piece's left edge lies at the right.
        Side folded = laying.isOutsideOut() && !frame().isStacked() ? cut.opposite() : cut;
        making.at(Place.TABLE, laying.worded("lay-wrap"), strip)
                .onAll()
                .saying(outer.name(), Phrase.choice("which-edge", folded))
                .figure("overlap", get(PanelDepths.OVERLAP))
                .figure("fold-to-fold", frame().of(making.sizes()).depth())
                .because()
                .trap()
                .loose()
                .times(Effort.LAY, 2)
                .shows(laying.foldedFront()
                        .on(laying.end(one).inTurn(1))
                        .on(laying.end(laying.isOutsideOut() ? outer : inner).inTurn(2))
                        .pinnedAround())
                .moves(laying.stripDown().toArray(Move[]::new))
                .moves(new Move.Beyond(strip.id()), fold(one.role(), laying), fold(other(one.role()), laying))
                .add();
    }

    private static PanelRole other(PanelRole role) {
        return role == PanelRole.FIRST ? PanelRole.SECOND : PanelRole.FIRST;
    }

    /** One end brought over the fold that is marked for it. */
    private Move fold(PanelRole role, Laying laying) {
        return new Move.FoldAt(
                laying.making().front().id(), edgeOf(role), laying.folds().get(role == leading() ? 0 : 1), true);
    }

    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-sides", edge);
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        List<Concern<Opening>> found =
                new ArrayList<>(new LapConcerns(this, sizes, back, back.lap().orElseThrow()).all());
        found.addAll(buttonConcerns(sizes, get(PanelDepths.OVERLAP)));
        if (frame().isStacked() && sizes.cloths().front().hasUp()) {
            found.add(Concern.<Opening>of(
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
    public Phrase brief(Back back) {
        return Phrase.of(
                frame().worded("brief.wrap"),
                get(PanelDepths.OVERLAP),
                fastening().brief());
    }
}
