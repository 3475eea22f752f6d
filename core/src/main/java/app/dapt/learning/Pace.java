package app.dapt.learning;

import app.dapt.step.Place;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * How long somebody takes at each place, against what is usual: factor = (e·k + Σ actual) / (e·k + Σ estimate), where e
 * is what one cover was estimated at and k is worth three covers, so that one slow evening does not turn everything
 * over.
 *
 * @param byPlace the factor, for every place there was a time of; over one is slower
 * @param covers  how many covers it rests on
 */
public record Pace(Map<Place, Factor> byPlace, int covers) {

    /** As is usual. */
    public static final Pace USUAL = new Pace(Map.of(), 0);

    private static final double WORTH = 3;
    /** No evening counts as more than so many times the estimate, nor as less than a so-manieth of it. */
    private static final double ODD = 4;

    /**
     * The factor for one place.
     *
     * @param covers how many covers it rests on
     */
    public record Factor(double factor, int covers) {}

    /** Minutes that were estimated, and minutes that were really taken, for one cover; by place. */
    public record Timed(Map<Place, Double> estimated, Map<Place, Double> actual) {
        public Timed {
            estimated = Map.copyOf(estimated);
            actual = Map.copyOf(actual);
        }

        /** The same from the minutes of the whole cover, which all places share alike. */
        public static Timed whole(Map<Place, Double> estimated, double minutes) {
            double all =
                    estimated.values().stream().mapToDouble(Double::doubleValue).sum();
            Map<Place, Double> actual = new EnumMap<>(Place.class);
            estimated.forEach((place, part) -> actual.put(place, all > 0 ? part * minutes / all : 0));
            return new Timed(estimated, actual);
        }

        private boolean tells(Place place) {
            return actual.containsKey(place) && estimated.getOrDefault(place, 0.0) > 0;
        }
    }

    public Pace {
        byPlace = Map.copyOf(byPlace);
    }

    /** What these covers tell. */
    public static Pace of(Collection<Timed> covers) {
        Map<Place, Factor> byPlace = new EnumMap<>(Place.class);
        for (Place place : Place.values()) {
            double estimated = 0;
            double actual = 0;
            int told = 0;
            for (Timed cover : covers) {
                if (cover.tells(place)) {
                    double estimate = cover.estimated().getOrDefault(place, 0.0);
                    estimated += estimate;
                    actual += Math.max(
                            estimate / ODD,
                            Math.min(estimate * ODD, cover.actual().getOrDefault(place, 0.0)));
                    told++;
                }
            }
            if (told > 0) {
                double usual = WORTH * estimated / told;
                byPlace.put(place, new Factor((usual + actual) / (usual + estimated), told));
            }
        }
        return new Pace(byPlace, covers.size());
    }

    /** The factor for a place; nothing where there was no time of it. */
    public Optional<Factor> at(Place place) {
        return Optional.ofNullable(byPlace.get(place));
    }

    /** What minutes at a place come to for her; as is usual where there are too few covers to tell. */
    public double minutes(Place place, double usual) {
        return usual
                * at(place)
                        .filter(factor -> factor.covers() >= Estimate.ENOUGH)
                        .map(Factor::factor)
                        .orElse(1.0);
    }
}
