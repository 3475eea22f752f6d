package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cover.opening.Lapped;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.Wanted;
import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Stream;

/**
 * What would do where a cover does not go on the cloth at hand: each offer is laid out before it is made. Takes a
 * moment, so it is not for the thread that answers a page.
 */
public final class FitSuggestions {

    /** Askings of one try; a few hundredths of a second for a cover. */
    private static final int STEPS = 1_200;

    private static final long SEED = 3;
    private static final Length LEAST_OVERLAP = Length.inches(1);
    /** A form is taken smaller by halves of an inch, or by centimetres. */
    private static final int MOST_SMALLER = 200;

    /**
     * Something that would do.
     *
     * @param code  {@code overlap}, {@code joined} or {@code smaller}
     * @param words what it is and what it means
     * @param plan  the cover so changed, where it is the cover that changes
     * @param lay   the lay so changed, where it is only that
     */
    public record Offer(String code, Phrase words, Optional<CoverPlan> plan, Optional<LayoutChoices> lay) {}

    private final CoverPlan plan;
    private final Mark mark;
    private final String key;
    private final int cloth;
    private final LayoutChoices lay;
    private final Reckoned reckoned;

    private FitSuggestions(CoverPlan plan, Mark mark, String key, Cloth cloth, LayoutChoices lay) {
        this.plan = plan;
        this.mark = mark;
        this.key = key;
        this.cloth = cloth.id();
        this.lay = lay;
        this.reckoned = Reckoner.reckonWithoutRemedies(plan, mark);
    }

    /** @param key begins the keys of the cover's pieces */
    public static List<Offer> offers(CoverPlan plan, Mark mark, String key, Cloth cloth, LayoutChoices lay) {
        FitSuggestions would = new FitSuggestions(plan, mark, key, cloth, lay);
        List<Offer> offers = new ArrayList<>();
        would.smallerOverlap().ifPresent(offers::add);
        would.joined().ifPresent(offers::add);
        if (offers.isEmpty()) {
            would.smallerCover().ifPresent(offers::add);
        }
        return offers;
    }

    private boolean fits(CoverPlan changed, LayoutChoices laid) {
        return uses(Reckoner.reckonWithoutRemedies(changed, mark)).allMatch(use -> {
            LayoutProblem tried = LayoutProblem.of(use.cloth(), use.wanted(), laid, mark.unit());
            LayoutSearch search = new LayoutSearch(tried.asTask(), SEED);
            return search.improve(Budget.steps(STEPS)).placed().size()
                    == tried.asTask().count();
        });
    }

    /** What a cover needs of the cloth in question. */
    private Stream<ClothUse> uses(Reckoned cover) {
        return ClothUse.of(List.of(new ClothUse.Of(key, cover, 1))).stream()
                .filter(use -> use.cloth().id() == cloth);
    }

    /** The largest overlap, by halves of an inch or by centimetres, with which everything lies on it. */
    private Optional<Offer> smallerOverlap() {
        if (reckoned.back().lap().isEmpty() || !(plan.opening() instanceof Lapped opening)) {
            return Optional.empty();
        }
        Length now = reckoned.back().overlap().orElseThrow();
        Length step = plan.unit().pick(Length.cm(1), Length.inches(0, 1, 2));
        int steps = Math.max(0, (int) now.minus(LEAST_OVERLAP).over(step));
        // What a smaller overlap gives, a still smaller one gives too.
        int most = firstThat(
                steps, taken -> fits(plan.withOpening(opening.withOverlap(now.minus(step.times(taken)))), lay));
        if (most < 1) {
            return Optional.empty();
        }
        Length left = now.minus(step.times(most));
        Length wanted = reckoned.back().lap().orElseThrow().wanted();
        return Optional.of(new Offer(
                "overlap",
                left.under(wanted)
                        ? Phrase.of("would.overlap-little", left, now, wanted)
                        : Phrase.of("would.overlap", left, now),
                Optional.of(plan.withOpening(opening.withOverlap(left))),
                Optional.empty()));
    }

    private Optional<Offer> joined() {
        Stream<Wanted> flaps = uses(reckoned)
                .flatMap(use -> use.wanted().stream())
                .filter(wanted -> wanted.joinAt().isPresent() && !lay.joined().contains(wanted.key()));
        return flaps.flatMap(wanted -> {
                    LayoutChoices fromTwo = lay.joining(wanted.key(), true);
                    List<Wanted> parts = wanted.joinedUnderFlap();
                    boolean fits = fits(plan, fromTwo);
                    boolean upDown = parts.get(0)
                            .piece()
                            .cutWidth()
                            .equals(wanted.piece().cutWidth());
                    return fits
                            ? Stream.of(new Offer(
                                    "joined",
                                    Phrase.of(
                                            "would.joined",
                                            wanted.piece().name(),
                                            deep(parts.get(0), upDown),
                                            deep(parts.get(1), upDown)),
                                    Optional.empty(),
                                    Optional.of(fromTwo)))
                            : Stream.empty();
                })
                .findFirst();
    }

    private static Length deep(Wanted part, boolean upDown) {
        return upDown ? part.piece().cutHeight() : part.piece().cutWidth();
    }

    /** The same cover for the largest form, in the same proportions, with which everything lies on it. */
    private Optional<Offer> smallerCover() {
        Length step = plan.unit().pick(Length.cm(1), Length.inches(0, 1, 2));
        Length across = reckoned.form().across().flat();
        int steps = Math.min(MOST_SMALLER, (int) across.over(step) - 4);
        int least = firstThat(steps, taken -> fits(smaller(across.minus(step.times(taken)), across), lay));
        if (least < 1) {
            return Optional.empty();
        }
        CoverPlan small = smaller(across.minus(step.times(least)), across);
        Reckoned then = Reckoner.reckonWithoutRemedies(small, mark);
        return Optional.of(new Offer(
                "smaller",
                Phrase.of(
                        "would.smaller",
                        then.finished(Axis.ACROSS),
                        then.finished(Axis.UP_DOWN),
                        then.form().across().flat(),
                        then.form().upDown().flat()),
                Optional.of(small),
                Optional.empty()));
    }

    private CoverPlan smaller(Length to, Length from) {
        return plan.withForm(plan.form().scaled(to, from, mark));
    }

    /** The least number from one on that will do, if every larger one does too; nought where none does. */
    private static int firstThat(int most, IntPredicate does) {
        if (most < 1 || !does.test(most)) {
            return 0;
        }
        int no = 0;
        int yes = most;
        while (yes - no > 1) {
            int middle = (yes + no) / 2;
            if (does.test(middle)) {
                yes = middle;
            } else {
                no = middle;
            }
        }
        return yes;
    }
}
