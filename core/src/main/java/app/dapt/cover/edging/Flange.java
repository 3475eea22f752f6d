package app.dapt.cover.edging;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.Weight;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;
import java.util.Optional;

/**
 * A flat border: front and back are made larger all round, and stitched through where the form ends.
 *
 * @param width of the border
 */
public record Flange(Length width) implements Edging {

    static Flange usual(Unit unit) {
        return new Flange(unit.pick(Length.cm(5), Length.inches(2)));
    }

    static Flange from(Details details) {
        return new Flange(details.measure("flange"));
    }

    @Override
    public Kind<Edging> kind() {
        return EdgingKind.FLANGE;
    }

    @Override
    public List<Detail<?>> details() {
        return List.of(Detail.measure("flange", LengthRange.HANGS, width, true));
    }

    @Override
    public List<Element> over(SeamedEdge edge, CoverDimensions sizes) {
        return List.of(
                new Path(Role.TOPSTITCH, sizes.contour().grown(width.negated()).points(), true));
    }

    @Override
    public void finish(SeamedEdge edge, Making making) {
        making.at(Place.MACHINE, "flange-stitch", making.front())
                .onAll()
                .saying(width)
                .because()
                .along(Effort.STITCH_HEM, edge.length().total().minus(width.times(8)))
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .shows(Pile.of(making.lyingFront(true)).with(over(edge, making.sizes())))
                .add();
    }

    @Override
    public Length flange() {
        return width;
    }

    @Override
    public Optional<Edging> widened(Length by) {
        return Optional.of(new Flange(Length.max(Length.ZERO, width.plus(by))));
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
                    .orTry(() -> new None(), "no-flange"));
        }
        boolean opensAtEdge = back.mouth().isPresent();
        return opensAtEdge
                ? List.of(Concern.<Edging>of("flange-opening", Weight.BETTER_NOT, "flange-opening", width)
                        .orTry(RemedyElsewhere.ENVELOPE, "envelope")
                        .orTry(RemedyElsewhere.ENVELOPE_USUAL, "envelope")
                        .orNote())
                : List.of();
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.flange", width);
    }
}
