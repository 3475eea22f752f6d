package app.dapt.cover.edging;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.RemedyElsewhere;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** What can go wrong with anything that is caught in the seam. */
final class EdgeConcerns {

    private EdgeConcerns() {}

    static List<Concern<Edging>> ofAnything(SeamedEdge edge, CoverDimensions sizes, String what) {
        List<Concern<Edging>> found = new ArrayList<>();
        if (!edge.whole()) {
            found.add(Concern.<Edging>of(
                            "trim-fold",
                            Weight.WORTH_KNOWING,
                            "trim-fold",
                            Phrase.of("trim." + what),
                            edge.length().total())
                    .orTry(RemedyElsewhere.ENVELOPE, "envelope")
                    .orNote());
        }
        SeamFinish finish = sizes.finish();
        if (finish == SeamFinish.FRENCH || finish == SeamFinish.ENCLOSED) {
            found.add(Concern.<Edging>of(
                            "french-trim",
                            Weight.BETTER_NOT,
                            finish == SeamFinish.FRENCH ? "french-trim" : "enclosed-trim",
                            Phrase.of("trim." + what))
                    .orTry(RemedyElsewhere.SEAM_OVERLOCKED, "overlock")
                    .orNote());
        }
        return found;
    }
}
