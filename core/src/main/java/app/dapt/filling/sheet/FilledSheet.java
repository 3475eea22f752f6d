package app.dapt.filling.sheet;

import app.dapt.filling.sheet.Mesh.Part;
import java.util.Arrays;

/**
 * A sheet once it is filled; every length and volume in units of its mesh.
 *
 * @param x        of each vertex across
 * @param y        of each vertex up
 * @param z        its height above the seam
 * @param volume   of the whole casing
 * @param pressure inside, in the solver's own units; nought where only the greatest volume was looked for
 * @param steps    how many the solver took
 * @param settled  whether it came to rest within them
 */
public record FilledSheet(
        Mesh mesh, double[] x, double[] y, double[] z, double volume, double pressure, int steps, boolean settled) {

    /** From top to bottom at its highest. */
    public double thickness() {
        double highest = 0;
        for (double height : z) {
            highest = Math.max(highest, height);
        }
        return 2 * highest;
    }

    /** Straight across from seam to seam along y = 0; of a half, from its farthest left to its farthest right. */
    public double across() {
        if (mesh.part() == Part.HALF) {
            return 2 * Arrays.stream(x).max().orElseThrow();
        }
        double widest = 0;
        for (int i = 0; i < mesh.vertices(); i++) {
            if (mesh.mirrorY()[i] && mesh.seam()[i]) {
                widest = Math.max(widest, 2 * Math.abs(x[i]));
            }
        }
        return widest;
    }

    /** Straight across from seam to seam along x = 0; of a half, from its lowest to its highest. */
    public double upDown() {
        if (mesh.part() == Part.HALF) {
            return Arrays.stream(y).max().orElseThrow() - Arrays.stream(y).min().orElseThrow();
        }
        double tallest = 0;
        for (int i = 0; i < mesh.vertices(); i++) {
            if (mesh.mirrorX()[i] && mesh.seam()[i]) {
                tallest = Math.max(tallest, 2 * Math.abs(y[i]));
            }
        }
        return tallest;
    }

    /** The mean distance of the seam from the middle. */
    public double meanRadius() {
        double sum = 0;
        int count = 0;
        for (int i = 0; i < mesh.vertices(); i++) {
            if (mesh.seam()[i]) {
                sum += Math.hypot(x[i], y[i]);
                count++;
            }
        }
        return sum / count;
    }

    /** The largest stretch of any triangle in any direction; one where nothing is stretched. */
    public double largestStretch() {
        Elements elements = Elements.of(mesh);
        double largest = 0;
        for (int t = 0; t < mesh.triangles(); t++) {
            double[] f = SheetSolver.gradient(elements, t, x, y, z);
            double a = f[0] * f[0] + f[2] * f[2] + f[4] * f[4];
            double b = f[0] * f[1] + f[2] * f[3] + f[4] * f[5];
            double d = f[1] * f[1] + f[3] * f[3] + f[5] * f[5];
            largest = Math.max(largest, (a + d) / 2 + Math.hypot((a - d) / 2, b));
        }
        return Math.sqrt(largest);
    }
}
