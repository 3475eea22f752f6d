package app.dapt.advice;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How what is recommended is taken into a plan, as far as a plan decides it. */
public final class Taking {

    private static final Length WIDE = Length.inches(0, 5, 8);
    private static final Length WIDE_METRIC = Length.mm(15);

    private Taking() {}

    /** The plan with it; nothing where no plan decides it, or where it cannot be had of this cover. */
    public static Optional<CoverPlan> of(CoverPlan plan, Advised advised) {
        return switch (advised.choice()) {
            case FINISH ->
                finish(advised).map(finish -> plan.withSeam(plan.seam().withFinish(finish)));
            case ALLOWANCE ->
                Optional.of(plan.withSeam(plan.seam()
                        .withChosen(Length.max(plan.seam().chosen(), plan.unit().pick(WIDE_METRIC, WIDE)))));
            case OPENING -> opening(plan, advised);
            case OVERLAP -> overlap(plan, advised);
            case HEM -> hem(plan, advised);
            default -> Optional.empty();
        };
    }

    private static Optional<SeamFinish> finish(Advised advised) {
        return Stream.of(SeamFinish.values())
                .filter(finish -> Phrase.code(finish).equals(advised.done()))
                .findFirst();
    }

    private static Optional<CoverPlan> opening(CoverPlan plan, Advised advised) {
        if (plan.opening().kind().code().equals(advised.value())) {
            return Optional.of(plan);
        }
        Optional<Kind<Opening>> kind = OpeningKind.ALL.stream()
                .filter(each -> each.code().equals(advised.value()))
                .findFirst();
        Set<String> already = unfit(plan);
        return kind.map(each -> DefaultPlan.closing(plan, each.insteadOf(plan.opening(), plan.unit())))
                .filter(taken -> already.containsAll(unfit(taken)));
    }

    /** At least as wide as is recommended; one that is wider stays. */
    private static Optional<CoverPlan> overlap(CoverPlan plan, Advised advised) {
        Optional<Length> wide = advised.sizes().stream().findFirst();
        Optional<Length> has =
                Reckoner.reckonWithoutRemedies(plan, plan.mark()).back().overlap();
        if (wide.isEmpty() || has.isEmpty() || !(plan.opening() instanceof Lapped lapped)) {
            return Optional.empty();
        }
        return Optional.of(has.get().atLeast(wide.get()) ? plan : plan.withOpening(lapped.withOverlap(wide.get())));
    }

    private static Optional<CoverPlan> hem(CoverPlan plan, Advised advised) {
        Optional<Hem.Kind> kind = Stream.of(Hem.Kind.values())
                .filter(each -> Phrase.code(each).equals(advised.done()))
                .findFirst();
        return kind.filter(each -> plan.opening() instanceof Lapped)
                .map(each -> plan.withOpening(((Lapped) plan.opening()).hemmed(each, plan.unit())));
    }

    private static Set<String> unfit(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark()).findings().stream()
                .filter(Finding::unfit)
                .map(Finding::code)
                .collect(Collectors.toSet());
    }

    /** The plan with all of it that can be had together. */
    public static CoverPlan all(CoverPlan plan, Advice advice) {
        CoverPlan taken = plan;
        for (Advised advised : advice.choices()) {
            taken = of(taken, advised).orElse(taken);
        }
        return taken;
    }
}
