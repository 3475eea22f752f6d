package app.dapt.cover;

import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.List;

/** What can go wrong with anything that is caught in the seam. */
final class EdgeConcerns {

    private EdgeConcerns() {
    }

    static List<FindingCandidate> ofAnything(SeamedEdge edge, CoverDimensions setting, String what) {
        CoverPlan plan = setting.plan();
        List<FindingCandidate> found = new ArrayList<>();
        if (!edge.whole()) {
            found.add(FindingCandidate.of("trim-fold", Weight.WORTH_KNOWING, "trim-fold", Phrase.of("trim." + what), edge.length().total())
                    .orTry(plan.withOpening(OpeningKind.ENVELOPE.insteadOf(plan.opening(), plan.unit())), "envelope")
                    .orNote(plan));
        }
        if (plan.seam().finish() == SeamFinish.FRENCH) {
            found.add(FindingCandidate.of("french-trim", Weight.BETTER_NOT, "french-trim", Phrase.of("trim." + what))
                    .orTry(plan.withSeam(new Seam(plan.seam().chosen(), SeamFinish.OVERLOCKED)), "overlock")
                    .orNote(plan));
        }
        return found;
    }
}
