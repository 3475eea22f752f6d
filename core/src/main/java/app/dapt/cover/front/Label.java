package app.dapt.cover.front;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;

/** A folded label in the side seam. */
record Label(Details decided) implements Extra {

    private static final Length FROM_CORNER = Length.inches(1);

    /** Millimetres of a label as it is drawn. */
    private static final double DRAWN = 16;

    private static final Question<Boolean> THERE = Question.tick("label");
    /** How far above the lower corner it is caught. */
    private static final Question<Length> FROM = Question.length(
                    "labelFrom", LengthRange.CENTRE, Length.cm(5), Length.inches(2))
            .where(THERE);

    static final List<Question<?>> ASKED = List.of(THERE, FROM);

    @Override
    public boolean there() {
        return get(THERE);
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.LABEL;
    }

    /** The label stands out beyond the right edge, on the place where it is caught. */
    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        double edge = sizes.finished(Axis.ACROSS).toMm();
        double middle = sizes.finished(Axis.UP_DOWN).minus(get(FROM)).toMm();
        return List.of(new Path(
                Role.FINISHED_EDGE,
                List.of(
                        new Point(edge, middle - DRAWN / 2),
                        new Point(edge + DRAWN, middle - DRAWN / 2),
                        new Point(edge + DRAWN, middle + DRAWN / 2),
                        new Point(edge, middle + DRAWN / 2)),
                false));
    }

    @Override
    public Extra nearer(Length across, Length upDown) {
        return new Label(decided.less(FROM, upDown));
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.label");
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return List.of(Marking.spot(Sort.LABEL, made.piece().cutWidth(), Extra.above(get(FROM), made, sizes)));
    }

    @Override
    public void make(Making making) {
        making.at(Place.MACHINE, making.isOnePiece() ? "label-baste-marked" : "label-baste", making.front())
                .saying(making.fromCutEdge(Side.BOTTOM, get(FROM)), Making.finished(get(FROM)))
                .marks(making.front(), Sort.LABEL)
                .because()
                .times(Effort.LAY, 1)
                .set(Stitch.BASTE, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)))
                .add();
    }

    @Override
    public List<Need> needs(CoverDimensions sizes, Back back) {
        return List.of(Need.of(Phrase.of("need.label"), Phrase.of("need.one")));
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        Length from = get(FROM);
        Length height = sizes.finished(Axis.UP_DOWN);
        if (from.atLeast(FROM_CORNER) && height.minus(FROM_CORNER).atLeast(from)) {
            return List.of();
        }
        Length clear = Length.max(FROM_CORNER, Length.min(height.half(), FROM_CORNER.times(2)));
        return List.of(Concern.<Extra>of("label-corner", Weight.BETTER_NOT, "label-corner", from, FROM_CORNER)
                .orTry(() -> with(FROM, clear), "label")
                .orNote());
    }
}
