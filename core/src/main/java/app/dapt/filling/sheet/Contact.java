package app.dapt.filling.sheet;

import java.util.Arrays;

/**
 * What two sheets, one in the other, do to each other where the inner one would come through the outer one: a force
 * square to the outer one, kept from step to step and made larger until nothing comes through (augmented Lagrangian,
 * Hestenes 1969). They slide on each other without rubbing.
 */
final class Contact {

    /**
     * Pressure for each unit by which one comes through, to begin with: nearly all covers settle in about two hundred
     * steps. Four times as much is quicker where sheets are about as long as wide, but others never come to rest.
     */
    static final double HARD = 2.5;
    /** How much more softly sheets touch, once they break up or do not come to rest. */
    static final double SOFTER = 4;
    /** As much harder where the inner one comes out past the outer one's seam, which is a line and not an area. */
    private static final double SEAM = 10;
    /** The part of it that is kept. */
    private static final double KEPT = 0.05;

    private static final double HAIR = 1e-12;

    private final Elements elements;
    private final double[][] inner;
    private final double[][] onInner;
    private final Mesh around;
    private final double[][] outer;
    private final double[][] onOuter;
    private double hard;
    private final double[] kept;
    /** The triangle that each vertex of the inner sheet was last found under. */
    private final int[] under;
    /** How much each corner of it counts where the vertex is. */
    private final double[] weights = new double[3];

    /**
     * Of two sheets as they are now and as they move.
     *
     * @param hard    pressure for each unit by which one comes through
     * @param onInner where the forces on the vertices of the inner one are put
     * @param onOuter and those on the outer one
     */
    Contact(
            double hard,
            Elements elements,
            double[][] inner,
            double[][] onInner,
            Mesh around,
            double[][] outer,
            double[][] onOuter) {
        this.elements = elements;
        this.inner = inner;
        this.onInner = onInner;
        this.around = around;
        this.outer = outer;
        this.onOuter = onOuter;
        this.hard = hard;
        this.kept = new double[elements.mesh().vertices()];
        this.under = new int[kept.length];
    }

    /** Gives way more softly from now on, as the sheets shake. */
    void soften() {
        hard /= SOFTER;
    }

    /** Puts the forces of this step in their places. */
    void act() {
        for (int c = 0; c < 3; c++) {
            Arrays.fill(onInner[c], 0);
            Arrays.fill(onOuter[c], 0);
        }
        for (int vertex = 0; vertex < kept.length; vertex++) {
            if (isUnder(under[vertex], vertex) || find(vertex)) {
                hold(vertex);
            } else {
                holdAtSeam(vertex);
            }
        }
    }

    private boolean find(int vertex) {
        for (int triangle = 0; triangle < around.triangles(); triangle++) {
            if (isUnder(triangle, vertex)) {
                under[vertex] = triangle;
                return true;
            }
        }
        return false;
    }

    /** Whether a vertex lies under a triangle, looked at from above; its weights are known then. */
    private boolean isUnder(int triangle, int vertex) {
        int a = around.corners()[3 * triangle];
        int b = around.corners()[3 * triangle + 1];
        int c = around.corners()[3 * triangle + 2];
        double[] x = outer[0];
        double[] y = outer[1];
        double area = (x[b] - x[a]) * (y[c] - y[a]) - (x[c] - x[a]) * (y[b] - y[a]);
        double right = inner[0][vertex] - x[a];
        double up = inner[1][vertex] - y[a];
        weights[1] = (right * (y[c] - y[a]) - (x[c] - x[a]) * up) / area;
        weights[2] = ((x[b] - x[a]) * up - right * (y[b] - y[a])) / area;
        weights[0] = 1 - weights[1] - weights[2];
        return area > HAIR && weights[0] >= -HAIR && weights[1] >= -HAIR && weights[2] >= -HAIR;
    }

    /** Holds a vertex below the triangle that it lies under. */
    private void hold(int vertex) {
        int[] corners = Arrays.copyOfRange(around.corners(), 3 * under[vertex], 3 * under[vertex] + 3);
        double[] normal = normal(corners);
        double above = inner[2][vertex];
        for (int k = 0; k < 3; k++) {
            above -= weights[k] * outer[2][corners[k]];
        }
        double more = hard * elements.mass()[vertex] * above * normal[2];
        double force = Math.max(0, kept[vertex] + more);
        kept[vertex] = Math.max(0, kept[vertex] + KEPT * more);
        for (int c = 0; c < 3; c++) {
            onInner[c][vertex] -= force * normal[c];
            for (int k = 0; k < 3; k++) {
                onOuter[c][corners[k]] += weights[k] * force * normal[c];
            }
        }
    }

    private double[] normal(int[] corners) {
        double[] normal = new double[3];
        for (int c = 0; c < 3; c++) {
            double[] u = outer[(c + 1) % 3];
            double[] v = outer[(c + 2) % 3];
            normal[c] = (u[corners[1]] - u[corners[0]]) * (v[corners[2]] - v[corners[0]])
                    - (v[corners[1]] - v[corners[0]]) * (u[corners[2]] - u[corners[0]]);
        }
        double length = Math.sqrt(normal[0] * normal[0] + normal[1] * normal[1] + normal[2] * normal[2]);
        for (int c = 0; c < 3; c++) {
            normal[c] /= length;
        }
        return normal;
    }

    /** Holds a vertex that is out past the seam back to the nearest of it. */
    private void holdAtSeam(int vertex) {
        int nearest = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int other = 0; other < around.vertices(); other++) {
            double apart = Math.hypot(outer[0][other] - inner[0][vertex], outer[1][other] - inner[1][vertex]);
            if (around.seam()[other] && apart < least) {
                least = apart;
                nearest = other;
            }
        }
        for (int c = 0; c < 2 && nearest >= 0; c++) {
            double force = SEAM * hard * elements.mass()[vertex] * (inner[c][vertex] - outer[c][nearest]);
            onInner[c][vertex] -= force;
            onOuter[c][nearest] += force;
        }
    }
}
