package app.dapt.learning;

import app.dapt.form.Filling;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How full a sewist likes her covers. What she likes is a fullness, not an ease: the same taste means an inch less on a
 * soft large form and half an inch on a firm small one.
 *
 * <p>Model: her taste is normal, 0.88 ± 0.12; for each filling it differs from that by ± 0.05; each cover shows it but
 * for ± 0.10. Given the covers of each filling all of this has a closed form. A cover that lies far from what is
 * thought of its filling counts the less the further off it is (Huber's weights).
 *
 * @param overall   of all fillings together
 * @param byFilling of each filling that there was a cover of
 */
public record Tastes(Estimate overall, Map<Filling, Estimate> byFilling) {

    /** What most like, before anything is known of somebody. */
    public static final Estimate PRIOR = new Estimate(0.88, 0.12, 0);

    /** Of somebody of whom there is no cover yet. */
    public static final Tastes NOTHING = new Tastes(PRIOR, Map.of());

    private static final double BETWEEN_FILLINGS = 0.05;
    private static final double NOISE = 0.10;
    /** From here on an answer counts less: Huber's constant, where honest ones lose a twentieth of what they tell. */
    private static final double ODD = 1.345 * NOISE;

    private static final int ROUNDS = 30;

    /**
     * One cover: the fullness it had when it was left as it is, and what was still wished, together.
     *
     * @param filling  of its form
     * @param fullness as a share of the cover's greatest volume
     */
    public record Seen(Filling filling, double fullness) {}

    /** The covers of one filling: how much they weigh together, and their mean. */
    private record Group(Filling filling, double weight, double mean, int covers) {

        /** How far their mean may be from her taste overall. */
        double variance() {
            return square(BETWEEN_FILLINGS) + square(NOISE) / weight;
        }
    }

    public Tastes {
        byFilling = Map.copyOf(byFilling);
    }

    /** What these covers tell. */
    public static Tastes of(Collection<Seen> seen) {
        Tastes tastes = NOTHING;
        for (int round = 0; round < ROUNDS; round++) {
            tastes = given(groups(seen, tastes), seen.size());
        }
        return tastes;
    }

    /** Her taste for forms of a filling; what is known overall where there was no cover of that. */
    public Estimate forFilling(Filling filling) {
        return byFilling.getOrDefault(
                filling,
                new Estimate(overall.mean(), Math.hypot(overall.spread(), BETWEEN_FILLINGS), overall.covers()));
    }

    private static List<Group> groups(Collection<Seen> seen, Tastes thought) {
        List<Group> groups = new ArrayList<>();
        for (Filling filling : Filling.values()) {
            double centre =
                    thought.byFilling.getOrDefault(filling, thought.overall).mean();
            double weight = 0;
            double sum = 0;
            int covers = 0;
            for (Seen each : seen) {
                if (each.filling() == filling) {
                    double counts = Math.min(1, ODD / Math.max(ODD, Math.abs(each.fullness() - centre)));
                    weight += counts;
                    sum += counts * each.fullness();
                    covers++;
                }
            }
            if (covers > 0) {
                groups.add(new Group(filling, weight, sum / weight, covers));
            }
        }
        return groups;
    }

    private static Tastes given(List<Group> groups, int covers) {
        double precision = 1 / square(PRIOR.spread());
        double sum = PRIOR.mean() * precision;
        for (Group group : groups) {
            precision += 1 / group.variance();
            sum += group.mean() / group.variance();
        }
        Estimate overall = new Estimate(sum / precision, Math.sqrt(1 / precision), covers);
        Map<Filling, Estimate> byFilling = new EnumMap<>(Filling.class);
        groups.forEach(group -> byFilling.put(group.filling(), shrunk(group, overall)));
        return new Tastes(overall, byFilling);
    }

    /** What is thought of one filling lies between its own covers and all of them. */
    private static Estimate shrunk(Group group, Estimate overall) {
        double own = square(BETWEEN_FILLINGS) / group.variance();
        double variance = square((1 - own) * overall.spread()) + own * square(NOISE) / group.weight();
        return new Estimate(
                overall.mean() + own * (group.mean() - overall.mean()), Math.sqrt(variance), group.covers());
    }

    private static double square(double value) {
        return value * value;
    }
}
