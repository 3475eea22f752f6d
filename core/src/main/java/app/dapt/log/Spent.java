package app.dapt.log;

import app.dapt.step.Place;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a cover took: time and money.
 *
 * @param byPlace minutes at each place, where they were noted; 0 to 6,000
 * @param whole   minutes of all of it, for somebody who looked at the clock only twice
 * @param fabric  paid for it, in hundredths; nothing where that was not noted
 * @param notions likewise
 */
public record Spent(
        Map<Place, Integer> byPlace, Optional<Integer> whole, Optional<Integer> fabric, Optional<Integer> notions) {

    public static final Spent NOTHING = new Spent(Map.of(), Optional.empty(), Optional.empty(), Optional.empty());
    public static final int MOST_MINUTES = 6_000;
    public static final int DEAREST = 100_000_00;

    private static final int MINUTES_AN_HOUR = 60;
    private static final int WHOLE = 100;

    public Spent {
        byPlace = byPlace.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(byPlace));
        byPlace.values().forEach(minutes -> within(minutes, MOST_MINUTES));
        whole.ifPresent(minutes -> within(minutes, MOST_MINUTES));
        fabric.ifPresent(paid -> within(paid, DEAREST));
        notions.ifPresent(paid -> within(paid, DEAREST));
    }

    private static void within(int number, int most) {
        if (number < 0 || number > most) {
            throw new IllegalArgumentException(number + " is not between 0 and " + most);
        }
    }

    /** All minutes; nothing where none were noted. */
    public Optional<Integer> minutes() {
        return byPlace.isEmpty()
                ? whole
                : Optional.of(
                        byPlace.values().stream().mapToInt(Integer::intValue).sum());
    }

    /**
     * What a cover comes to and what to ask for it.
     *
     * @param material fabric and notions, in hundredths
     * @param work     minutes at the hourly rate
     * @param margin   what is added to both
     */
    public record Price(int material, int work, int margin) {

        public int cost() {
            return material + work;
        }

        public int asked() {
            return cost() + margin;
        }
    }

    /**
     * What it comes to: (fabric + notions + minutes ÷ 60 × rate) × (1 + margin), each rounded to the hundredth.
     *
     * @param rate    of an hour, in hundredths
     * @param percent added on top
     */
    public Price price(int rate, int percent) {
        int material = fabric.orElse(0) + notions.orElse(0);
        int work = (int) Math.round((double) minutes().orElse(0) * rate / MINUTES_AN_HOUR);
        return new Price(material, work, (int) Math.round((double) (material + work) * percent / WHOLE));
    }
}
