package app.dapt.cover;

import app.dapt.fit.FitSchool;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The schools of fit side by side for one cover, and the one to take.
 *
 * @param bySchool the cover reckoned in each school
 * @param school   the one recommended
 * @param reason   why
 */
public record Recommendation(Map<FitSchool, Reckoned> bySchool, FitSchool school, Phrase reason) {

    /** Plump without strain: where an envelope both looks full and stays shut (judgement). */
    private static final double BEST_FULLNESS = 0.9;
    /** Only schools that need nothing beyond the form's size can be recommended unasked. */
    private static final List<FitSchool> CANDIDATES =
            List.of(FitSchool.CUT_TO_FORM, FitSchool.FINISH_TO_FORM, FitSchool.SIZE_DOWN);

    public static Recommendation of(CoverPlan plan, Mark mark) {
        Map<FitSchool, Reckoned> bySchool = new EnumMap<>(FitSchool.class);
        for (FitSchool school : FitSchool.values()) {
            bySchool.put(school, Reckoner.reckon(plan.withFit(plan.fit().withSchool(school)), mark));
        }
        FitSchool best = CANDIDATES.get(0);
        for (FitSchool school : CANDIDATES) {
            if (off(bySchool.get(school)) < off(bySchool.get(best))) {
                best = school;
            }
        }
        Reckoned chosen = bySchool.get(best);
        return new Recommendation(
                bySchool,
                best,
                Phrase.of(
                        "recommend." + Phrase.code(chosen.fullness().band()),
                        chosen.fullness().percent()));
    }

    private static double off(Reckoned reckoned) {
        return Math.abs(reckoned.fullness().ratio() - BEST_FULLNESS);
    }
}
