package app.dapt.filling;

import java.util.function.DoubleUnaryOperator;

/** Finds where a rising function crosses nought, by halving. */
public final class Bisection {

    private Bisection() {}

    /** Between 0 and 1; an end of that where it does not cross. */
    static double rootOf(DoubleUnaryOperator rising) {
        return rootOf(rising, 0, 1);
    }

    /** Between two ends, in whatever unit those have; an end where it does not cross. */
    public static double rootOf(DoubleUnaryOperator rising, double from, double to) {
        double low = from;
        double high = to;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (rising.applyAsDouble(middle) < 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
