package app.dapt.cover.opening;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.End;
import app.dapt.cover.parts.Back.Ends;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Back.Zip;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.CoverShape;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;
import java.util.Optional;

/**
 * A zip in the middle of a seam round the cover: the bottom one, or, running up and down, the right one seen from
 * behind. Front and back are both cut plain.
 */
public record EdgeZipOpening(Details decided) implements Opening {

    /** Ordinary, or one whose teeth do not show. */
    public enum Sorts {
        ORDINARY,
        INVISIBLE
    }

    private static final Question<Sorts> SORT = Question.oneOf("zipSort", Sorts.ORDINARY, "zip-sort");

    static final List<Question<?>> ASKED = Question.all(ZipLength.ASKED, List.of(SORT, Frame.EDGE_RUNS));

    @Override
    public boolean isToldInMoves() {
        return true;
    }

    @Override
    public Kind<Opening> kind() {
        return OpeningKind.EDGE_ZIP;
    }

    @Override
    public Optional<Opening> longer() {
        return Optional.of(with(ZipLength.STOCK, ZipLength.Stock.CHAIN));
    }

    private boolean isOrdinary() {
        return get(SORT) == Sorts.ORDINARY;
    }

    @Override
    public Optional<Phrase> unfitFor(CoverShape shape) {
        return shape.unfitAtEdge(runs());
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Length seam = sizes.edgeToOpen(runs());
        ZipLength.Choice choice = ZipLength.of(decided)
                .pick(seam.plus(sizes.cutFor(runs())).minus(sizes.finished(runs())), sizes.ownUnit());
        Length buy = isOrdinary() ? choice.buy() : longEnough(choice.buy(), sizes.ownUnit());
        Length from = seam.minus(choice.teeth()).half();
        Side side = side(false);
        Piece sewn = front.piece().with(side, Edge.zip(sizes.allowance()));
        Piece zipped = front.with(sewn)
                .marked(ends(sewn, side, from, choice.teeth(), sizes))
                .piece();
        Side behind = side(true);
        Piece plain = sizes.wholeBack().with(behind, Edge.zip(sizes.allowance()));
        Piece back = plain.marked(ends(plain, behind, from, choice.teeth(), sizes));
        Length depth = frame().of(sizes).depth();
        Phrase why = isOrdinary() ? choice.why() : Phrase.of("zip.why.invisible", choice.teeth(), buy);
        return Back.of(
                        List.of(zipped, back),
                        List.of(Panel.of(PanelRole.WHOLE, back, Length.ZERO, depth)),
                        choice.teeth())
                .openAt(sizes.edgeMiddle(runs()))
                .ending(Ends.of(End.SEAM, End.OPEN))
                .zipped(new Zip(choice.teeth(), buy, depth, from, why));
    }

    /** The edge it lies in; of the back, seen from behind, what is the front's left one lies at the right. */
    private Side side(boolean fromBehind) {
        return frame().isStacked() ? Side.BOTTOM : fromBehind ? Side.RIGHT : Side.LEFT;
    }

    /** The zip goes in before the other three sides are sewn. */
    @Override
    public void make(Making making) {
        Piece front = making.front();
        Piece back = making.back().panel(PanelRole.WHOLE).piece();
        Side side = side(false);
        Side behind = side(true);
        ZipSteps zip = new ZipSteps(making, isOrdinary());
        ZipSteps.held(making, frame());
        Length in = making.sizes().innerAllowance();
        zip.sewn("zip-front", front, side, in).flat().also("zip").add();
        zip.sewn("zip-back", back, behind, in).flat().also("zip").add();
        boolean straight = making.sizes().shape().isRectangular();
        Length closed =
                making.sizes().edgeToOpen(runs()).minus(making.back().length()).half();
        Length ends = straight ? closed : making.sizes().ownUnit().pick(Length.mm(25), Length.inches(1));
        making.at(Place.MACHINE, straight ? "zip-ends" : "zip-ends-curved", front, back)
                .saying(straight ? making.fromCutEdge(frame().alongFrom(), ends) : ends, Making.finished(ends))
                .also("zip")
                .along(Effort.SEW, ends.times(2))
                .set(Stitch.SEAM, Foot.ZIPPER)
                .shows(making.laidOnFront(making.back().panels(), false, runs(), true))
                .add();
    }

    @Override
    public void lay(Making making) {
        ZipSteps.lay(making, frame());
    }

    /** From one end of the zip round the other sides to its other end. */
    @Override
    public ClosingSeam closingSeam(Back back, Length edge) {
        return ClosingSeam.along("seam-past-zip", edge.minus(back.length()));
    }

    /** An invisible zip cannot be stitched right to its end, so it is bought longer than its opening. */
    private static Length longEnough(Length teeth, Unit unit) {
        Length least = teeth.plus(unit.pick(Length.mm(15), Length.inches(0, 1, 2)));
        return ZipLength.soldFor(least, unit).orElse(least);
    }

    /** Where the zip ends on a piece, where the edge it lies in is straight. */
    private static List<Marking> ends(Piece piece, Side side, Length from, Length teeth, CoverDimensions sizes) {
        if (!sizes.shape().isRectangular()) {
            return List.of();
        }
        Length start = sizes.allowance().plus(from);
        Length deep = side == Side.LEFT ? Length.ZERO : side == Side.RIGHT ? piece.cutWidth() : piece.cutHeight();
        return List.of(
                Marking.spot(Sort.ZIP_END, side.runs(), start, deep),
                Marking.spot(Sort.ZIP_END, side.runs(), start.plus(teeth), deep));
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        return new ZipConcerns(this, sizes, back, sizes.edgeToOpen(runs())).all();
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of(
                frame().isStacked() ? "brief.edge-zip" : "brief.edge-zip-side",
                back.length(),
                Phrase.choice("brief.zip", get(SORT)));
    }
}
