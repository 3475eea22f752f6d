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
 * @param mirrorY which lie on the mirror y = 0; on a half, the one vertex that is held so that it does not drift
 * @param part    of the top
 */
public record Mesh(
        double[] x, double[] y, int[] corners, boolean[] seam, boolean[] mirrorX, boolean[] mirrorY, Part part) {

    /** How much of the top a mesh is. */
    public enum Part {
        /** What lies right of x = 0. */
        HALF(4),
        /** What lies right of x = 0 and above y = 0. */
        QUARTER(8);

        private final int copies;

        Part(int copies) {
            this.copies = copies;
        }
    }

    private static final double HAIR = 1e-9;

    /** How many vertices it has. */
    public int vertices() {
        return x.length;
    }

    /** How many such parts make the casing, top and bottom. */
    public int copies() {
        return part.copies;
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
        return chambers(1, height, 1, perHalf);
    }

    /**
     * A quarter of a rectangle that is sewn through along upright lines, which lie evenly.
     *
     * @param width    of one chamber; it or the height is one, the other at least one
     * @param chambers how many lie beside each other
     * @param perHalf  cells along half a length of one
     * @throws IllegalArgumentException where there are fewer than two cells to the half width
     */
    public static Mesh chambers(double width, double height, int chambers, int perHalf) {
        if (perHalf < 2 || chambers < 1 || !(Math.min(width, height) >= 1 - HAIR)) {
            throw new IllegalArgumentException("a rectangle has at least two cells to its half width");
        }
        int half = Math.toIntExact(Math.round(perHalf * width));
        int rows = Math.toIntExact(Math.round(perHalf * height));
        int columns = chambers * half;
        int wide = columns + 1;
        int count = wide * (rows + 1);
        // Counted from the mirror, a chamber ends after every two halves; of an odd number one lies across the mirror.
        int first = chambers % 2 == 0 ? 0 : half;
        double[] x = new double[count];
        double[] y = new double[count];
        boolean[] seam = new boolean[count];
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column < wide; column++) {
                int at = row * wide + column;
                x[at] = 0.5 * width * column / half;
                y[at] = 0.5 * height * row / rows;
                seam[at] = row == rows || column >= first && (column - first) % (2 * half) == 0;
            }
        }
        List<int[]> triangles = new ArrayList<>();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                int at = row * wide + column;
                int above = at + wide;
                int fromLeft = Math.floorMod(column - first, 2 * half);
                boolean seamAtRight = fromLeft >= half;
                int fromSeam = seamAtRight ? 2 * half - 1 - fromLeft : fromLeft;
                // Counted from the chamber's seam corner, whose own cell is cut from the corner inwards.
                boolean towardsCorner = (fromSeam + rows - 1 - row) % 2 == 0;
                boolean rising = towardsCorner == seamAtRight;
                triangles.add(rising ? new int[] {at, at + 1, above + 1} : new int[] {at, at + 1, above});
                triangles.add(rising ? new int[] {at, above + 1, above} : new int[] {at + 1, above + 1, above});
            }
        }
        return quarter(x, y, triangles, seam);
    }

    /** The same mesh so many times as large. */
    public Mesh scaled(double factor) {
        return new Mesh(
                Arrays.stream(x).map(at -> at * factor).toArray(),
                Arrays.stream(y).map(at -> at * factor).toArray(),
                corners,
                seam,
                mirrorX,
                mirrorY,
                part);
    }

    /**
     * A quarter of a disc of diameter one: ring i has 2i segments.
     *
     * @throws IllegalArgumentException where there are fewer than two rings
     */
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
        return quarter(x, y, triangles, seam);
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

    private static Mesh quarter(double[] x, double[] y, List<int[]> triangles, boolean[] seam) {
        return new Mesh(x, y, flat(triangles), seam, nought(x), nought(y), Part.QUARTER);
    }

    static int[] flat(List<int[]> triangles) {
        return triangles.stream().flatMapToInt(Arrays::stream).toArray();
    }

    /** Which of these are nought. */
    static boolean[] nought(double[] values) {
        boolean[] nought = new boolean[values.length];
        for (int i = 0; i < values.length; i++) {
            nought[i] = Math.abs(values[i]) < HAIR;
        }
        return nought;
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
