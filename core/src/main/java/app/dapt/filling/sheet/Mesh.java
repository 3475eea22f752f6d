package app.dapt.filling.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A flat sheet in triangles: the top of a casing, or the part of it that its mirrors repeat. Triangles run
 * counter-clockwise, and none has all its corners on the seam, as such a triangle could not rise.
 *
 * @param x       of each vertex across
 * @param y       of each vertex up
 * @param corners of each triangle, three vertices
 * @param seam    which vertices lie on the seam, whose height is nought
 * @param mirrorX which lie on the mirror x = 0
 * @param mirrorY which lie on the mirror y = 0
 * @param copies  how many such parts make the casing, top and bottom
 */
public record Mesh(
        double[] x, double[] y, int[] corners, boolean[] seam, boolean[] mirrorX, boolean[] mirrorY, int copies) {

    private static final double HAIR = 1e-9;

    /** How many vertices it has. */
    public int vertices() {
        return x.length;
    }

    /** How many triangles. */
    public int triangles() {
        return corners.length / 3;
    }

    /**
     * A quarter of a rectangle one wide, its seam corner at the upper right.
     *
     * @param height  of the rectangle, at least one
     * @param perHalf cells along half its width
     */
    public static Mesh rectangle(double height, int perHalf) {
        if (perHalf < 2 || !(height >= 1)) {
            throw new IllegalArgumentException("a rectangle has at least two cells to its half width");
        }
        int rows = Math.toIntExact(Math.round(perHalf * height));
        int wide = perHalf + 1;
        int count = wide * (rows + 1);
        double[] x = new double[count];
        double[] y = new double[count];
        boolean[] seam = new boolean[count];
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column < wide; column++) {
                int at = row * wide + column;
                x[at] = 0.5 * column / perHalf;
                y[at] = 0.5 * height * row / rows;
                seam[at] = column == perHalf || row == rows;
            }
        }
        List<int[]> triangles = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < perHalf; column++) {
                int at = row * wide + column;
                int above = at + wide;
                // Counted from the seam corner, whose own cell is cut from the corner inwards.
                boolean towardsCorner = (perHalf - column + rows - row) % 2 == 0;
                triangles.add(towardsCorner ? new int[] {at, at + 1, above + 1} : new int[] {at, at + 1, above});
                triangles.add(towardsCorner ? new int[] {at, above + 1, above} : new int[] {at + 1, above + 1, above});
            }
        }
        return mirrored(x, y, triangles, seam);
    }

    /** A quarter of a disc of diameter one: ring i has 2i segments. */
    public static Mesh disc(int rings) {
        if (rings < 2) {
            throw new IllegalArgumentException("a disc has at least two rings");
        }
        int count = 1;
        for (int ring = 1; ring <= rings; ring++) {
            count += 2 * ring + 1;
        }
        double[] x = new double[count];
        double[] y = new double[count];
        boolean[] seam = new boolean[count];
        List<int[]> triangles = new ArrayList<>();
        int inner = 0;
        int next = 1;
        for (int ring = 1; ring <= rings; ring++) {
            int segments = 2 * ring;
            for (int step = 0; step <= segments; step++) {
                double angle = Math.PI / 2 * step / segments;
                x[next + step] = 0.5 * ring / rings * Math.cos(angle);
                y[next + step] = 0.5 * ring / rings * Math.sin(angle);
                seam[next + step] = ring == rings;
            }
            between(inner, 2 * (ring - 1), next, segments, triangles);
            inner = next;
            next += segments + 1;
        }
        return mirrored(x, y, triangles, seam);
    }

    /** Triangles between two rings, the one with the shorter way to go on going on. */
    private static void between(int inner, int innerSegments, int outer, int outerSegments, List<int[]> triangles) {
        int in = 0;
        int out = 0;
        while (in < innerSegments || out < outerSegments) {
            boolean outward = in == innerSegments
                    || out < outerSegments && (long) (out + 1) * innerSegments < (long) (in + 1) * outerSegments;
            if (outward) {
                triangles.add(new int[] {inner + in, outer + out, outer + out + 1});
                out++;
            } else {
                triangles.add(new int[] {inner + in, outer + out, inner + in + 1});
                in++;
            }
        }
    }

    private static Mesh mirrored(double[] x, double[] y, List<int[]> triangles, boolean[] seam) {
        boolean[] mirrorX = new boolean[x.length];
        boolean[] mirrorY = new boolean[x.length];
        for (int i = 0; i < x.length; i++) {
            mirrorX[i] = Math.abs(x[i]) < HAIR;
            mirrorY[i] = Math.abs(y[i]) < HAIR;
        }
        int[] corners = triangles.stream().flatMapToInt(Arrays::stream).toArray();
        return new Mesh(x, y, corners, seam, mirrorX, mirrorY, 8);
    }

    /** Whether a coordinate of a vertex cannot move: nought for x, one for y, two for z. */
    boolean isFixed(int vertex, int coordinate) {
        return switch (coordinate) {
            case 0 -> mirrorX[vertex];
            case 1 -> mirrorY[vertex];
            default -> seam[vertex];
        };
    }
}
