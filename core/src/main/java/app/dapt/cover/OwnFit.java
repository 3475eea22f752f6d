package app.dapt.cover;

import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.filling.Bisection;
import app.dapt.filling.Fullness;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.learning.Estimate;
import app.dapt.learning.Tastes;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.Optional;

/**
 * The size at which a cover is as full as its sewist has liked her covers so far: her own ease for the form in hand.
 *
 * @param taste   the fullness she likes
 * @param filling of which the covers it rests on were; of any where there were too few of this form's
 * @param ease    what that adds to this form, to the eighth of an inch or two millimetres
 * @param across  the finished size across that comes of it
 */
public record OwnFit(Estimate taste, Optional<Filling> filling, Length ease, Length across) {

    /** So far from what suits her nobody feels a difference: half of what one sign at the try-on is worth. */
    private static final double AS_LIKED = 0.05;

    private static final Length STEP = Length.inches(0, 1, 8);
    private static final Length STEP_METRIC = Length.mm(2);

    /** For the form of a plan; nothing as long as there are too few covers to tell. */
    public static Optional<OwnFit> of(CoverPlan plan, Mark mark, Tastes tastes) {
        if (!tastes.overall().isKnown()) {
            return Optional.empty();
        }
        Filling filling = plan.form().filling();
        boolean isOwn = restsOn(filling, tastes);
        Estimate taste = taste(filling, tastes);
        Length step = mark.unit().pick(STEP_METRIC, STEP);
        double least = LengthRange.OWN_EASE.least(mark.unit()).toInches();
        double most = LengthRange.OWN_EASE.most(mark.unit()).toInches();
        double exact = Bisection.rootOf(
                inches -> taste.mean()
                        - sized(plan, mark, Length.nearInches(inches))
                                .fullness()
                                .ratio(),
                least,
                most);
        Length ease = Length.nearInches(exact).roundedTo(step);
        return Optional.of(new OwnFit(
                taste,
                isOwn ? Optional.of(filling) : Optional.empty(),
                ease,
                sized(plan, mark, ease).finished(Axis.ACROSS)));
    }

    /** Whether there are covers enough with forms of this filling. */
    private static boolean restsOn(Filling filling, Tastes tastes) {
        return tastes.byFilling().containsKey(filling)
                && tastes.forFilling(filling).isKnown();
    }

    private static Estimate taste(Filling filling, Tastes tastes) {
        Estimate own = tastes.forFilling(filling);
        return restsOn(filling, tastes)
                ? own
                : new Estimate(own.mean(), own.spread(), tastes.overall().covers());
    }

    /**
     * What its sewist would say of a cover this full: against what suits her, once that is known; till then what most
     * would.
     */
    public static Phrase feels(Reckoned cover, Tastes tastes) {
        Fullness fullness = cover.fullness();
        if (!tastes.overall().isKnown()) {
            return Phrase.choice("band", fullness.band());
        }
        double more =
                fullness.ratio() - taste(cover.plan().form().filling(), tastes).mean();
        return Phrase.of("taste." + (Math.abs(more) <= AS_LIKED ? "as-liked" : more > 0 ? "fuller" : "less-full"));
    }

    private static CoverDimensions sized(CoverPlan plan, Mark mark, Length ease) {
        return CoverDimensions.of(fitted(plan, ease).basis(), mark);
    }

    private static CoverPlan fitted(CoverPlan plan, Length ease) {
        return plan.withFit(plan.fit().withSchool(FitSchool.MY_OWN).withOwnEase(ease));
    }

    /** The plan by this ease. */
    public CoverPlan taken(CoverPlan plan) {
        return fitted(plan, ease);
    }

    /** Why this size: what it rests on. */
    public Phrase says() {
        return Phrase.of(
                "own-fit." + filling.map(Phrase::code).orElse("any"),
                taste.covers(),
                percent(taste.mean()),
                percent(Estimate.NINE_IN_TEN * taste.spread()),
                across);
    }

    static int percent(double share) {
        return (int) Math.round(100 * share);
    }
}
