package app.dapt.learning;

/**
 * What is known of a figure of somebody's own.
 *
 * @param mean   the best guess, in the unit of what is estimated
 * @param spread the standard deviation of what it may be
 * @param covers how many covers it rests on
 */
public record Estimate(double mean, double spread, int covers) {

    /** Under so many covers nothing is claimed. */
    public static final int ENOUGH = 3;

    /** Nine in ten lie within so many standard deviations. */
    public static final double NINE_IN_TEN = 1.645;

    /** Whether it rests on enough to go by. */
    public boolean isKnown() {
        return covers >= ENOUGH;
    }

    /** Where nine in ten would put its lower end. */
    public double low() {
        return mean - NINE_IN_TEN * spread;
    }

    /** Where nine in ten would put its upper end. */
    public double high() {
        return mean + NINE_IN_TEN * spread;
    }
}
