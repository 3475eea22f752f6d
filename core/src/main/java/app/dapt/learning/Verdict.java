package app.dapt.learning;

import app.dapt.measure.Length;
import java.util.Optional;

/**
 * How a cover sat when its form was in.
 *
 * @param corners  whether they are filled
 * @param middle   how it feels under the hand
 * @param edges    how they lie
 * @param opening  whether it stays shut
 * @param gape     how far it gapes, where that was measured; positive
 * @param narrower how much narrower the cover should have been, negative for wider, from somebody who would rather say
 *                 that; then it is this that counts, not corners, middle and edges
 */
public record Verdict(
        Corners corners,
        Middle middle,
        Edges edges,
        Opening opening,
        Optional<Length> gape,
        Optional<Length> narrower) {

    /** A cover that needs nothing. */
    public static final Verdict GOOD =
            new Verdict(Corners.FILLED, Middle.FIRM, Edges.SMOOTH, Opening.CLOSED, Optional.empty(), Optional.empty());

    private static final double ONE_SIGN = 0.1;
    private static final double BOTH_SIGNS = 0.15;
    private static final double EMPTY_CORNERS = 0.1;
    private static final double MOST = 0.2;

    public enum Corners {
        /** Two of them or more. */
        EMPTY,
        FILLED,
        STRAINING
    }

    public enum Middle {
        SAGS,
        FIRM,
        DRUM
    }

    public enum Edges {
        RIPPLE,
        SMOOTH,
        PULLED_IN
    }

    public enum Opening {
        CLOSED,
        /** A little of the form can be seen. */
        SHOWS,
        GAPES
    }

    /** @throws IllegalArgumentException where it gapes by nothing or less */
    public Verdict {
        if (gape.filter(by -> !by.isPositive()).isPresent()) {
            throw new IllegalArgumentException("what gapes, gapes by something");
        }
    }

    /**
     * How much fuller the cover is wished, as a share of its greatest volume; negative for less full. Judgement: a sign
     * of slack is worth a tenth, two of them half as much again, empty corners a tenth more, two tenths at most; a sign
     * of strain takes the same away. Edges that draw in say nothing: any full cover's do.
     */
    public double wished() {
        int slack = (middle == Middle.SAGS ? 1 : 0) + (edges == Edges.RIPPLE ? 1 : 0);
        int strain = (middle == Middle.DRUM ? 1 : 0) + (corners == Corners.STRAINING ? 1 : 0);
        double more = signs(slack) + (corners == Corners.EMPTY ? EMPTY_CORNERS : 0);
        return Math.min(MOST, more) - signs(strain);
    }

    private static double signs(int count) {
        return count == 0 ? 0 : count == 1 ? ONE_SIGN : BOTH_SIGNS;
    }

    /** Whether it needs nothing. */
    public boolean isGood() {
        return corners == Corners.FILLED
                && middle == Middle.FIRM
                && edges != Edges.RIPPLE
                && opening == Opening.CLOSED
                && narrower.isEmpty();
    }

    /** Whether some of it speaks for a smaller cover and some for a larger one, so that its size is not to blame. */
    public boolean isContradictory() {
        boolean slack = middle == Middle.SAGS || edges == Edges.RIPPLE || corners == Corners.EMPTY;
        boolean strain = middle == Middle.DRUM || corners == Corners.STRAINING;
        return narrower.isEmpty() && slack && strain;
    }
}
