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
import app.dapt.drawing.Look;
import app.dapt.drawing.Stand;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import app.dapt.step.Effort;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.ArrayList;
import java.util.List;

/** A tape folded over the raw edges, in the scallops it is sold with; the cover under it is never turned out. */
record Binding(Details decided) implements Edging {

    /** Scallops that lie on the cloth, inside its edge. */
    private static final Look SCALLOPED = new Look() {

        @Override
        public String code() {
            return "binding";
        }

        @Override
        public List<Mark> marks(Course course) {
            List<List<Point>> scallops = new ArrayList<>();
            for (Stand stand : course.stands(course.deep())) {
                scallops.add(Look.dot(stand.out(-course.deep() / 2), course.deep() / 2));
            }
            return List.of(Mark.of(Make.SOLID, scallops));
        }
    };

    private static final Question<Length> WIDTH =
            Question.length("bindingWidth", LengthRange.HANGS, Length.mm(12), Length.inches(0, 1, 2));

    static final List<Question<?>> ASKED = List.of(WIDTH);

    @Override
    public Kind<Edging> kind() {
        return MadeUp.BINDING;
    }

    @Override
    public boolean isSewnOutsideOut() {
        return true;
    }

    @Override
    public List<Need> needs(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(Need.length(Phrase.of("need.binding"), edge.length(), sizes.unit()));
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return Element.Trim.along(edge.paths(), SCALLOPED, get(WIDTH), Material.TRIM);
    }

    @Override
    public void finish(SeamedEdge edge, Making making) {
        making.at(Place.MACHINE, "bind", making.front())
                .onAll()
                .along(Effort.STITCH_HEM, edge.length().total())
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .add();
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.binding", get(WIDTH));
    }
}
