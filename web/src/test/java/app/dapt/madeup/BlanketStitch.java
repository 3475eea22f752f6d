package app.dapt.madeup;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.Need;
import app.dapt.drawing.Element;
import app.dapt.drawing.Looks;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Place;
import java.util.List;

/** Yarn stitched over the edge by hand. */
record BlanketStitch(Details decided) implements Edging {

    private static final Question<Length> DEPTH =
            Question.length("stitchDepth", LengthRange.HANGS, Length.mm(12), Length.inches(0, 1, 2));

    static final List<Question<?>> ASKED = List.of(DEPTH);

    @Override
    public Kind<Edging> kind() {
        return MadeUp.BLANKET;
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Need.length(Phrase.of("need.yarn"), edge.length(), sizes.unit()));
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return Element.Trim.along(edge.paths(), Looks.BEADS, get(DEPTH), Material.TRIM);
    }

    @Override
    public void finish(SeamedEdge edge, Making making) {
        making.at(Place.HAND, "blanket", making.front()).onAll().add();
    }

    @Override
    public Length standsOut(Unit unit) {
        return get(DEPTH);
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.blanket", get(DEPTH));
    }
}
