package app.dapt.madeup;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;

/** Left open at the lower edge, where the back turns up to a channel with a cord in it. */
record Drawstring(Details decided) implements Opening {

    private static final Question<Length> CHANNEL =
            Question.length("channel", LengthRange.TURN, Length.cm(3), Length.inches(1, 1, 4));

    static final List<Question<?>> ASKED = List.of(CHANNEL);

    @Override
    public Kind<Opening> kind() {
        return MadeUp.DRAWSTRING;
    }

    @Override
    public Axis runs() {
        return Axis.ACROSS;
    }

    @Override
    public Back back(CoverDimensions sizes, Front front) {
        Piece back = sizes.wholeBack().with(Side.BOTTOM, new Edge(Edge.Fate.SINGLE_TURN, List.of(get(CHANNEL))));
        Length deep = sizes.finished(Axis.UP_DOWN);
        return Back.of(
                        List.of(front.piece(), back),
                        List.of(Panel.of(PanelRole.WHOLE, back, Length.ZERO, deep)),
                        sizes.edgeToOpen(Axis.ACROSS))
                .openAt(sizes.edgeMiddle(Axis.ACROSS));
    }

    @Override
    public void make(Making making) {
        making.at(Place.MACHINE, "channel", making.piece("back").orElseThrow())
                .saying(get(CHANNEL))
                .along(Effort.STITCH_HEM, making.back().length())
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .takes(making.piece("back").orElseThrow(), Side.BOTTOM)
                .stitched(Side.BOTTOM, get(CHANNEL))
                .add();
    }

    @Override
    public List<Need> needs(Back back) {
        Sum cord = Sum.of(Sum.term("term.drawstring", back.length().times(2)));
        return List.of(Need.length(Phrase.of("need.drawstring"), cord, Unit.INCH));
    }

    @Override
    public List<Concern<Opening>> concerns(CoverDimensions sizes, Back back) {
        return List.of();
    }

    @Override
    public Phrase brief(Back back) {
        return Phrase.of("brief.drawstring", get(CHANNEL));
    }
}
