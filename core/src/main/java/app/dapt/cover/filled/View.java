package app.dapt.cover.filled;

import java.util.List;

/** Where a filled cover is looked at from, and how it lies or stands there. All without perspective. */
public enum View {
    FRONT(0, 0),
    /** From behind, as it hangs. */
    BACK(180, 0),
    /** Lying on its back, looked at from its lower edge. */
    EDGE_ON(0, 90),
    /** Standing on its lower edge and leaning back a little, looked at from its left and from above. */
    STANDING(-33, 14);

    private final double[] right;
    private final double[] up;
    private final double[] near;

    /**
     * Turned about its own upright by so many degrees, then its front brought up from facing us by so many.
     */
    View(double turned, double tipped) {
        double turn = Math.toRadians(turned);
        double tip = Math.toRadians(tipped);
        // The rows of the rotation: what of each of its own axes lies along ours.
        right = new double[] {Math.cos(turn), 0, Math.sin(turn)};
        up = new double[] {-Math.sin(turn) * Math.sin(tip), Math.cos(tip), Math.cos(turn) * Math.sin(tip)};
        near = new double[] {-Math.sin(turn) * Math.cos(tip), -Math.sin(tip), Math.cos(turn) * Math.cos(tip)};
    }

    /** Whether one side is seen squarely, and nothing of the other. */
    boolean isSquare() {
        return this == FRONT || this == BACK;
    }

    /** The sides that may be seen, whether each is the back; the farther one first. */
    List<Boolean> sides() {
        return isSquare() ? List.of(this == BACK) : List.of(true, false);
    }

    /** A vector as it is seen: rightwards, upwards and towards us. */
    double[] seen(double[] vector) {
        return new double[] {dot(right, vector), dot(up, vector), dot(near, vector)};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
}
