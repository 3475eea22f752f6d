package app.dapt.cover.front;

import app.dapt.cloth.Cloth;
import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.measure.Phrase;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import java.util.List;

/** A motif of the print, set in the middle of the front. */
record Motif(Details decided) implements Extra {

    private static final Question<Boolean> THERE = Question.tick("motif");

    static final List<Question<?>> ASKED = List.of(THERE);

    @Override
    public boolean there() {
        return get(THERE);
    }

    @Override
    public Kind<Extra> kind() {
        return ExtraKind.MOTIF;
    }

    @Override
    public Phrase brief() {
        return Phrase.of("brief.extra.motif");
    }

    @Override
    public boolean centresPrint() {
        return true;
    }

    @Override
    public List<Marking> marks(Front made, CoverDimensions sizes) {
        return List.of(
                Marking.spot(Sort.MOTIF, made.middle(), made.piece().cutHeight().half()));
    }

    @Override
    public List<Concern<Extra>> concerns(CoverDimensions sizes) {
        Cloth cloth = sizes.cloths().front();
        // What a photo shows is for the eye to judge.
        if (cloth.print().hasUp() || cloth.photo().isPresent()) {
            return List.of();
        }
        return List.of(Concern.<Extra>of("motif-none", Weight.WORTH_KNOWING, "motif-none", cloth.name())
                .orTry(() -> with(THERE, false), "leave-off"));
    }
}
