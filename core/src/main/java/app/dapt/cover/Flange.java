package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import java.util.List;

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
    public EdgingKind kind() {
        return EdgingKind.FLANGE;
    }

    @Override
    public List<Detail> details() {
        return List.of(Detail.measure("flange", LengthRange.HANGS, width, true));
    }

    @Override
    public Length flange() {
        return width;
    }

    @Override
    public List<FindingCandidate> concerns(SeamedEdge edge, CoverDimensions setting, Back back) {
        if (setting.shape() instanceof Vee || setting.shape() instanceof Run || !edge.whole()) {
            return List.of(FindingCandidate.of("flange-unfit", Weight.WILL_NOT_WORK, "flange-unfit", Phrase.of(edge.whole() ? "unfit.flange-shape" : "unfit.flange-fold"))
                    .orTry(setting.plan().withEdging(new None()), "no-flange"));
        }
        boolean opensAtEdge = back.mouth().isPresent();
        return opensAtEdge ? List.of(FindingCandidate.of("flange-opening", Weight.BETTER_NOT, "flange-opening", width)
                .orTry(setting.plan().withOpening(OpeningKind.ENVELOPE.insteadOf(setting.plan().opening(), setting.plan().unit())), "envelope")
                .orTry(setting.plan().withOpening(OpeningKind.ENVELOPE.usual(setting.plan().unit())), "envelope")
                .orNote(setting.plan())) : List.of();
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.edging.flange", width);
    }
}
