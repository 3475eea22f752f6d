package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Zip;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.drawing.Element.Role;
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
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A zip in a seam across the back: lower cut d + s + s_z, upper (H − d) + s + s_z.
 */
record BackZipOpening(Details decided) implements Opening {

    /** The zip's line above the finished bottom edge, or from the right one seen from behind, d. */
    private static final Question<Length> AT = ZipLength.at(Length.cm(5), Length.inches(2));
    /** What each panel gives up to the seam with the zip, s_z. */
    private static final Question<Length> ZIP_SEAM =
            Question.length("zipSeam", LengthRange.ALLOWANCE, Length.mm(15), Length.inches(0, 1, 2));

    static final List<Question<?>> ASKED = Question.all(ZipLength.ASKED, List.of(AT, ZIP_SEAM, Frame.RUNS));

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.BACK_ZIP;
    }

    @Override
    public Opening nearer(Length by) {
        return with(AT, Length.max(Length.ZERO, get(AT).minus(by)));
    }

    @Override
    public Optional<Opening> longer() {
        return Optional.of(with(ZipLength.STOCK, ZipLength.Stock.CHAIN));
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitForZip();
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Frame.Sized laid = frame().of(sizes);
        Length depth = laid.depth();
        Length below = Length.max(Length.ZERO, Length.min(get(AT), depth));
        Length line = depth.minus(below);
        Edge zipped = Edge.zip(get(ZIP_SEAM));
        Sum above =
                Sum.of(Sum.term(frame().ofDeep("term.finished"), depth), Sum.term("term.less-to-zip", below.negated()));
        Piece far = laid.panel(PanelRole.FIRST, line, cut(laid, above), zipped);
        Piece near = laid.panel(PanelRole.SECOND, below, cut(laid, Sum.of(Sum.term("term.to-zip", below))), zipped);
        Length cutFor = narrower(far, near, sizes).plus(sizes.cutFor(runs())).minus(laid.along());
        ZipLength.Choice choice = ZipLength.of(decided).pick(cutFor, sizes.ownUnit());
        Length from = laid.along().minus(choice.teeth()).half();
        far = far.marked(ends(far, from, choice.teeth(), far.cut(frame().deep()).total(), sizes));
        near = near.marked(ends(near, from, choice.teeth(), Length.ZERO, sizes));
        return Back.of(
                        List.of(front.piece(), far, near),
                        List.of(laid.lying(PanelRole.FIRST, far, line), laid.lying(PanelRole.SECOND, near, below)),
                        choice.teeth())
                .zipped(new Zip(choice.teeth(), choice.buy(), line, from, choice.why()));
    }

    @Override
    public void make(Making making) {
        Piece far = making.back().panel(PanelRole.FIRST).piece();
        Piece near = making.back().panel(PanelRole.SECOND).piece();
        Length zipSeam = get(ZIP_SEAM);
        ZipSteps zip = new ZipSteps(making, true);
        Length along = making.sizes().finished(runs());
        for (Piece panel : List.of(far, near)) {
            Side side = panel.equals(far) ? frame().end() : frame().start();
            making.at(Place.IRON, "zip-press", panel)
                    .saying(Phrase.choice("which-edge", side), zipSeam)
                    .along(Effort.PRESS_HEM, along)
                    .shows(pile -> pile.folding(side, List.of(zipSeam)))
                    .add();
        }
        Length closed = narrower(far, near, making.sizes())
                .minus(making.back().length())
                .half();
        Pile together = Pile.of(making.work().lying(near, true))
                .on(making.work().lying(far, false).swapping(frame().deep()))
                .along(Role.SEW, frame().end(), zipSeam);
        making.at(Place.MACHINE, "zip-close", far, near)
                .moves(
                        new Move.Flip(far.id(), !frame().isStacked()),
                        new Move.PutOn(far.id(), near.id(), frame().start()))
                .saying(making.fromCutEdge(frame().alongFrom(), closed), Making.finished(closed), zipSeam)
                .along(Effort.SEW, closed.times(2))
                .set(Stitch.SEAM, Foot.PLAIN)
                .shows(together)
                .add();
        making.at(Place.MACHINE, "zip-tack", far, near)
                .saying(making.back().length())
                .along(Effort.BASTE, making.back().length())
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(together)
                .add();
        zip.sewn("zip-centred", far, frame().end())
                .saying(zip.fromTeeth())
                .shows(zip.centred(joined(making, far, near, false), frame().end()))
                .moves(new Move.Open(near.id(), frame().start(), zipSeam), new Move.Call(near.id(), Laying.BACK))
                .also(near.id())
                .also("zip")
                .takes(near, frame().start())
                .times(Effort.ZIP, 1)
                .sewing(making.back().length().plus(zip.fromTeeth().times(2)).times(2))
                .add();
        making.at(Place.HAND, "unpick", far, near)
                .along(Effort.BASTE, making.back().length())
                .sewing(Length.ZERO)
                .shows(joined(making, far, near, true))
                .add();
    }

    /** Both panels side by side, the seam between them sewn and pressed open. */
    private Pile joined(Making making, Piece far, Piece near, boolean rightSide) {
        Laid one = making.work().lying(far, rightSide).having(frame().end());
        Laid other = making.work().lying(near, rightSide).having(frame().start());
        if (frame().isStacked()) {
            return Pile.of(other.at(Length.ZERO, one.box().height())).on(one);
        }
        return rightSide
                ? Pile.of(other.at(one.box().width(), Length.ZERO)).on(one)
                : Pile.of(other).on(one.at(other.box().width(), Length.ZERO));
    }

    @Override
    public void lay(Making making) {
        ZipSteps.held(making, frame());
        ZipSteps.lay(making, frame());
    }

    /** How long the seam with the zip is, finished: on a round back the smaller part's own width. */
    private Length narrower(Piece far, Piece near, CoverDimensions sizes) {
        return Length.min(Length.min(far.finished(runs()), near.finished(runs())), sizes.finished(runs()));
    }

    private Sum cut(Frame.Sized laid, Sum finished) {
        return finished.plus(Sum.term("term.zip-seam", get(ZIP_SEAM))).plus(laid.allowance());
    }

    private List<Marking> ends(Piece piece, Length from, Length teeth, Length deep, CoverDimensions sizes) {
        // Counted from the piece's own middle, which a part of a round back may have elsewhere than the cover.
        Length start = piece.cut(runs())
                .total()
                .minus(sizes.cut(runs()).total())
                .half()
                .plus(sizes.allowance())
                .plus(from);
        return List.of(
                Marking.spot(Sort.ZIP_END, runs(), start, deep),
                Marking.spot(Sort.ZIP_END, runs(), start.plus(teeth), deep));
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        Length seam = narrower(
                back.panel(PanelRole.FIRST).piece(),
                back.panel(PanelRole.SECOND).piece(),
                sizes);
        List<Concern<Opening>> concerns = new ArrayList<>(new ZipConcerns(this, sizes, back, seam).all());
        Length depth = frame().of(sizes).depth();
        Length at = get(AT);
        if (!at.isPositive() || at.atLeast(depth)) {
            concerns.add(Concern.<Opening>of("zip-placed", Weight.WILL_NOT_WORK, "zip-placed", at, depth)
                    .orTry(() -> with(AT, depth.half()), "zip-middle"));
        }
        return concerns;
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(frame().worded("brief.back-zip"), back.length(), get(AT));
    }
}
