package app.dapt.cover;

import app.dapt.cover.decision.Weight;
import app.dapt.measure.Phrase;
import java.util.Optional;

/**
 * What would go wrong, said before the cut.
 *
 * @param code   stable: tests, files and a sewist's "noted" go by it
 * @param what   one line
 * @param why    one line with the numbers
 * @param remedy a change that was tried and makes this finding go away
 * @param unfit  whether the choice it is about does not go with the rest of the cover at all
 */
public record Finding(String code, Weight weight, Phrase what, Phrase why, Optional<Remedy> remedy, boolean unfit) {

    /**
     * One press that puts it right.
     *
     * @param label what the press will do
     * @param plan  the plan afterwards
     */
    public record Remedy(Phrase label, CoverPlan plan) {}
}
