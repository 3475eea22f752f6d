package app.dapt.cover;

import app.dapt.cover.Finding.Remedy;
import app.dapt.cover.Finding.Weight;
import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A finding before its remedy has been tried: the {@link Reckoner} keeps the first candidate that really removes it.
 *
 * @param args       what goes into both of its sentences
 * @param candidates changes that may help, the best first
 */
record FindingCandidate(String code, Weight weight, String wording, List<Object> args, List<Remedy> candidates) {

    FindingCandidate {
        args = List.copyOf(args);
        candidates = List.copyOf(candidates);
    }

    /** A concern whose two sentences are worded {@code finding.WORDING.what} and {@code finding.WORDING.why}. */
    static FindingCandidate of(String code, Weight weight, String wording, Object... args) {
        return new FindingCandidate(code, weight, wording, Arrays.asList(args), List.of());
    }

    /** This concern with one more change to try. */
    FindingCandidate orTry(CoverPlan plan, String label, Object... labelArgs) {
        List<Remedy> more = new ArrayList<>(candidates);
        more.add(new Remedy(Phrase.of("remedy." + label, labelArgs), plan));
        return new FindingCandidate(code, weight, wording, args, more);
    }

    /** This concern, to be set aside by whoever has read it. */
    FindingCandidate orNote(CoverPlan plan) {
        return orNote(plan, "noted");
    }

    /** This concern, to be set aside by whoever sees to it in another way, said in the label. */
    FindingCandidate orNote(CoverPlan plan, String label) {
        return orTry(plan.noting(noteKey()), label);
    }

    /** What a sewist who sets this aside has noted; should it grow worse, it is said again. */
    String noteKey() {
        return weight == Weight.WILL_NOT_WORK ? code + "!" : code;
    }

    Phrase what() {
        return new Phrase("finding." + wording + ".what", args);
    }

    Phrase why() {
        return new Phrase("finding." + wording + ".why", args);
    }
}
