package app.dapt.madeup;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.front.Extra;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Place;
import java.util.List;

/** A bow in the middle of the front. */
record Bow(Details decided) implements Extra {

    private static final Question<Boolean> THERE = Question.tick("bow");
    private static final Question<Length> ACROSS = Question.length(
                    "bowAcross", LengthRange.HANGS, Length.cm(10), Length.inches(4))
            .where(THERE);

    static final List<Question<?>> ASKED = List.of(THERE, ACROSS);

    @Override
    public boolean there() {
        return get(THERE);
    }

    @Override
    public Kind<Extra> kind() {
        return MadeUp.BOW;
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.bow");
    }

    @Override
    public List<Piece> pieces(CoverDimensions sizes, Back back) {
        Sum twice = Sum.of(Sum.term("term.bow-twice", get(ACROSS).times(2)));
        return List.of(sizes.panel("bow", Material.FRONT, twice, twice, Piece.foldedAllRound()));
    }

    @Override
    public void make(Making making) {
        Piece bow = pieces(making.sizes(), making.back()).get(0);
        making.at(Place.HAND, "bow-tie", bow, making.front()).add();
    }

    @Override
    public List<Element> drawn(CoverDimensions sizes) {
        double x = sizes.finished(Axis.ACROSS).toMm() / 2;
        double y = sizes.finished(Axis.UP_DOWN).toMm() / 2;
        double half = get(ACROSS).toMm() / 2;
        List<Point> bow = List.of(
                new Point(x - half, y - half / 2),
                new Point(x + half, y + half / 2),
                new Point(x + half, y - half / 2),
                new Point(x - half, y + half / 2));
        return List.of(new Element.Path(Element.Role.FINISHED_EDGE, bow, true));
    }
}
