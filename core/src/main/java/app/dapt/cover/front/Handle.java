package app.dapt.cover.front;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.FindingCandidate;
import app.dapt.cover.decision.Front;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Weight;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import java.util.List;

/**
 * A strap caught in the top seam, folded to the middle twice.
 *
 * @param wide  finished
 * @param reach from end to end, beyond the seam
 * @param from  how far from each side its ends are caught
 */
public record Handle(boolean there, Length wide, Length reach, Length from) implements Extra {

    static Handle none(Unit unit) {
        return new Handle(
                false,
                unit.pick(Length.mm(25), Length.inches(1)),
                unit.pick(Length.cm(28), Length.inches(11)),
                unit.pick(Length.cm(15), Length.inches(6)));
    }

    static Handle from(Details details) {
        return new Handle(
                details.tick("handle"),
                details.measure("handleWide"),
                details.measure("handleLong"),
                details.measure("handleFrom"));
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(
                Detail.tick("handle", there, true),
                Detail.measure("handleWide", LengthRange.BUTTON, wide, there),
                Detail.measure("handleLong", LengthRange.BAND, reach, there),
                Detail.measure("handleFrom", LengthRange.CENTRE, from, there));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.handle");
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        Length in = sizes.allowance().plus(from);
        return List.of(
                Marking.spot(Sort.STRAP, in, Length.ZERO),
                Marking.spot(Sort.STRAP, made.piece().cutWidth().minus(in), Length.ZERO));
    }

    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        Sum length = Sum.of(
                Sum.term("term.handle-long", reach),
                Sum.term("term.both-allowances", sizes.allowance().times(2)));
        Sum width = Sum.of(Sum.term("term.four-times", wide.times(4)));
        return List.of(sizes.panel("handle", Material.FRONT, length, width, Piece.foldedAlong(sizes.allowance())));
    }

    @Override
    public List<FindingCandidate<Details>> concerns(CoverDimensions sizes, Details standing) {
        Length width = sizes.finished(Axis.ACROSS);
        if (from.times(2).under(width)) {
            return List.of();
        }
        Length in = width.times(1, 4);
        return List.of(
                FindingCandidate.<Details>of("handle-crosses", Weight.WILL_NOT_WORK, "handle-crosses", from, width)
                        .orTry(standing.with("handleFrom", in), "handle", in));
    }
}
