package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;

/** Something applied to the front. */
record Decoration(Details decided) implements Extra {

    private static final Question<Boolean> THERE = Question.tick("decoration");
    /** How far it keeps from the seams. */
    private static final Question<Length> CLEAR = Question.length(
                    "decorationClear", LengthRange.TURN, Length.cm(4), Length.inches(1, 1, 2))
            .where(THERE);

    static final List<Question<?>> ASKED = List.of(THERE, CLEAR);

    @Override
    public boolean there() {
        return get(THERE);
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.DECORATION;
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        return List.of(new Path(
                Role.HIDDEN_EDGE, sizes.contour().grown(get(CLEAR).negated()).points(), true));
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        return new Decoration(decided.less(CLEAR, upDown));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.decoration");
    }

    @Override
    public void make(Making making) {
        making.at(Place.MACHINE, "decorate", making.front())
                .saying(making.fromCutEdge(Side.BOTTOM, get(CLEAR)), Making.finished(get(CLEAR)))
                .because()
                .times(Effort.LAY, 5)
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)))
                .add();
    }

    @Override
    public List<Need> needs(CoverDimensions sizes, Back back) {
        Length clear = get(CLEAR);
        Length across = sizes.finished(Axis.ACROSS).minus(clear.times(2));
        Length upDown = sizes.finished(Axis.UP_DOWN).minus(clear.times(2));
        return List.of(Need.of(Phrase.of("need.decoration"), Phrase.of("need.within", across, upDown, clear)));
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        Length clear = get(CLEAR);
        Length side = Length.min(sizes.finished(Axis.ACROSS), sizes.finished(Axis.UP_DOWN));
        if (clear.times(2).under(side)) {
            return List.of();
        }
        Length less = side.times(1, 10);
        return List.of(Concern.<Extra>of("decoration-none", Weight.WILL_NOT_WORK, "decoration-none", clear)
                .orTry(() -> with(CLEAR, less), "clear", less));
    }
}
