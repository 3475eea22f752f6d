package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;
import java.util.Optional;

/**
 * A flat border: front and back are made larger all round, and stitched through where the form ends.
 */
record Flange(Details decided) implements Edging {

    /** Of the border. */
    private static final Question<Length> WIDTH =
            Question.length("flange", LengthRange.HANGS, Length.cm(5), Length.inches(2));

    static final List<Question<?>> ASKED = List.of(WIDTH);

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.FLANGE;
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(new Path(
                Role.TOPSTITCH, sizes.contour().grown(get(WIDTH).negated()).points(), true));
    }

    @Override
    public void finish(SeamedEdge edge, Making making) {
        making.at(Place.MACHINE, "flange-stitch", making.front())
                .onAll()
                .saying(get(WIDTH))
                .because()
                .along(Effort.STITCH_HEM, edge.length().total().minus(get(WIDTH).times(8)))
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)).with(over(edge, making.sizes())))
                .add();
    }

    @Override
    public Length flange() {
        return get(WIDTH);
    }

    @Override
    public Optional<Edging> widened(Length by) {
        return Optional.of(with(WIDTH, Length.max(Length.ZERO, get(WIDTH).plus(by))));
    }

    @Override
    public List<Concern<Edging>> concerns(SeamedEdge edge, CoverDimensions sizes, Back back) {
        if (!sizes.shape().takesFlange() || !edge.whole()) {
            return List.of(Concern.<Edging>of(
                            "flange-unfit",
                            Weight.WILL_NOT_WORK,
                            "flange-unfit",
                            Phrase.of(edge.whole() ? "unfit.flange-shape" : "unfit.flange-fold"))
                    .asUnfit()
                    .orTry(() -> EdgingKind.NONE.usual(sizes.ownUnit()), "no-flange"));
        }
        boolean opensAtEdge = back.mouth().isPresent();
        return opensAtEdge
                ? List.of(Concern.<Edging>of("flange-opening", Weight.BETTER_NOT, "flange-opening", get(WIDTH))
                        .orTry(RemedyElsewhere.ENVELOPE, "envelope")
                        .orTry(RemedyElsewhere.ENVELOPE_USUAL, "envelope")
                        .orNote())
                : List.of();
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.flange", get(WIDTH));
    }
}
