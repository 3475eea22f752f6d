package app.dapt.cover.decision;

import app.dapt.measure.Length;

/** Two schools of spacing buttons or ties evenly along an edge. */
public enum Spacing {
    /** A space between two, half a space at the finished ends: W/n apart. An odd number has one in the middle. */
    HALF_AT_ENDS {
        @Override
        public Length at(int number, int count, Length along) {
            return along.times(2 * number + 1, 2 * count);
        }
    },
    /** Equal spaces, the ends counted as well: W/(n + 1) apart. */
    EQUAL {
        @Override
        public Length at(int number, int count, Length along) {
            return along.times(number + 1, count + 1);
        }
    };

    /**
     * How far one of them lies from the finished end.
     *
     * @param number counted from nought
     */
    public abstract Length at(int number, int count, Length along);
}
