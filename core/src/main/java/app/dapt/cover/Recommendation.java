package app.dapt.cover;

import app.dapt.fit.FitSchool;
import app.dapt.learning.Estimate;
import app.dapt.learning.Tastes;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * The schools of fit side by side for one cover, and the one to take.
 *
 * @param bySchool the cover reckoned in each school
 * @param school   the one recommended
 * @param reason   why
 * @param own      what this sewist's own covers say of this form, once there are enough of them
 */
public record Recommendation(Map<FitSchool, Reckoned> bySchool, FitSchool school, Phrase reason, Optional<OwnFit> own) {

    /** Plump without strain: where an envelope both looks full and stays shut (judgement). */
    private static final double BEST_FULLNESS = 0.9;
    /** Only schools that need nothing beyond the form's size can be recommended unasked. */
    private static final List<FitSchool> CANDIDATES =
            List.of(FitSchool.CUT_TO_FORM, FitSchool.FINISH_TO_FORM, FitSchool.SIZE_DOWN);

    /**
     * The schools for a plan.
     *
     * @param tastes what is known of how its sewist likes her covers
     */
    public static Recommendation of(CoverPlan plan, Mark mark, Tastes tastes) {
        Optional<OwnFit> own = OwnFit.of(plan, mark, tastes);
        Map<FitSchool, Reckoned> bySchool = new EnumMap<>(FitSchool.class);
        for (FitSchool school : FitSchool.values()) {
            bySchool.put(school, Reckoner.reckon(by(school, plan, own), mark));
        }
        double wanted = own.map(OwnFit::taste).map(Estimate::mean).orElse(BEST_FULLNESS);
        FitSchool best = CANDIDATES.stream()
                .min(Comparator.comparingDouble(school -> off(reckoned(bySchool, school), wanted)))
                .orElseThrow();
        Reckoned chosen = reckoned(bySchool, best);
        boolean ownIsNearer = own.map(fit -> off(Reckoner.reckonWithoutRemedies(fit.taken(plan), mark), wanted))
                .filter(off -> off < off(chosen, wanted))
                .isPresent();
        int percent = chosen.fullness().percent();
        Phrase reason = own.map(OwnFit::taste)
                .map(taste -> Phrase.of("recommend.own", percent, OwnFit.percent(taste.mean())))
                .orElseGet(() ->
                        Phrase.of("recommend." + Phrase.code(chosen.fullness().band()), percent));
        return new Recommendation(
                bySchool,
                ownIsNearer ? FitSchool.MY_OWN : best,
                own.filter(fit -> ownIsNearer).map(OwnFit::says).orElse(reason),
                own);
    }

    /** By my own rule as it was decided, where it was; else as own covers say, once they do. */
    private static CoverPlan by(FitSchool school, CoverPlan plan, Optional<OwnFit> own) {
        boolean decided = plan.fit().school() == FitSchool.MY_OWN;
        return school == FitSchool.MY_OWN && own.isPresent() && !decided
                ? own.get().taken(plan)
                : plan.withFit(plan.fit().withSchool(school));
    }

    /** The cover as it would come out by a school. */
    public Reckoned by(FitSchool school) {
        return reckoned(bySchool, school);
    }

    private static Reckoned reckoned(Map<FitSchool, Reckoned> bySchool, FitSchool school) {
        return Objects.requireNonNull(bySchool.get(school), "every school was reckoned");
    }

    private static double off(Reckoned reckoned, double wanted) {
        return Math.abs(reckoned.fullness().ratio() - wanted);
    }
}
