package app.dapt.cover;

import app.dapt.fit.FitSchool;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

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
            if (off(reckoned(bySchool, school)) < off(reckoned(bySchool, best))) {
                best = school;
            }
        }
        Reckoned chosen = reckoned(bySchool, best);
        return new Recommendation(
                bySchool,
                best,
                Phrase.of(
                        "recommend." + Phrase.code(chosen.fullness().band()),
                        chosen.fullness().percent()));
    }

    /** The cover as it would come out by a school. */
    public Reckoned by(FitSchool school) {
        return reckoned(bySchool, school);
    }

    private static Reckoned reckoned(Map<FitSchool, Reckoned> bySchool, FitSchool school) {
        return Objects.requireNonNull(bySchool.get(school), "every school was reckoned");
    }

    private static double off(Reckoned reckoned) {
        return Math.abs(reckoned.fullness().ratio() - BEST_FULLNESS);
    }
}
