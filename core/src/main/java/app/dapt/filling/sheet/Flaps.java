package app.dapt.filling.sheet;

import app.dapt.filling.sheet.Mesh.Part;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import java.util.ArrayList;
import java.util.List;

/**
 * Two panels that lie over each other, pulled apart by what is inside. Both are sewn to the front all round and, where
 * they overlap, to each other at the sides; between the sides nothing holds them. Each bears the pressure of the closed
 * front, half of it where there are two of them. Cloth does not rub on cloth here, so they slide no further than this.
 *
 * @param sheet   both panels, what lies right of the middle
 * @param overlap flat, in units
 * @param upper   the vertices of the free edge of the upper panel, from the middle to the side
 * @param lower   those of the lower one
 */
public record Flaps(FilledSheet sheet, double overlap, int[] upper, int[] lower) {

    /** As of a full cover, however little is in it: of less, free edges flutter. */
    private static final Stiffness STIFFNESS = Stiffness.TOUCHING;

    /**
     * Pulls them apart.
     *
     * @param width    along the opening, in units; it or the height is one, the other at least one
     * @param height   across the opening
     * @param middle   of the overlap, from the lower edge
     * @param overlap  nought or more
     * @param perHalf  cells along half a unit
     * @param pressure inside, as the closed cover was found to have
     * @throws IllegalArgumentException where a panel ends beyond the cover
     */
    public static Flaps of(double width, double height, double middle, double overlap, int perHalf, double pressure) {
        if (!(overlap >= 0 && middle - overlap / 2 > 0 && middle + overlap / 2 < height)) {
            throw new IllegalArgumentException("panels end on the cover");
        }
        Grid grid = new Grid(width, height, middle, overlap, perHalf);
        Mesh mesh = grid.mesh();
        FilledSheet sheet = SheetSolver.pressed(mesh, pressure, grid.shares(), STIFFNESS);
        return new Flaps(sheet, overlap, grid.edge(true), grid.edge(false));
    }

    /** How far they slide apart at one place of the edge, in units: nought is the middle. */
    public double slip(int place) {
        return overlap - (sheet.y()[lower[place]] - sheet.y()[upper[place]]);
    }

    /** The cells of both panels: rows of the lower panel alone, rows where both lie, rows of the upper one alone. */
    private static final class Grid {

        private final double width;
        private final double[] rows;
        private final int firstBoth;
        private final int lastBoth;
        private final int columns;
        private final List<double[]> points = new ArrayList<>();
        private final List<Boolean> seam = new ArrayList<>();
        private final List<int[]> triangles = new ArrayList<>();
        private final List<Double> shares = new ArrayList<>();
        private final int[][] lower;
        private final int[][] upper;

        Grid(double width, double height, double middle, double overlap, int perHalf) {
            this.width = width;
            this.columns = Math.max(2, Math.toIntExact(Math.round(perHalf * width)));
            double cells = 2.0 * perHalf;
            int below = Math.max(1, Math.toIntExact(Math.round(cells * (middle - overlap / 2))));
            int both = overlap == 0 ? 0 : Math.max(1, Math.toIntExact(Math.round(cells * overlap)));
            int above = Math.max(1, Math.toIntExact(Math.round(cells * (height - middle - overlap / 2))));
            this.firstBoth = below;
            this.lastBoth = below + both;
            this.rows = new double[below + both + above + 1];
            spread(0, -middle, firstBoth, -overlap / 2);
            spread(firstBoth, -overlap / 2, lastBoth, overlap / 2);
            spread(lastBoth, overlap / 2, rows.length - 1, height - middle);
            this.lower = panel(0, lastBoth, new int[0][]);
            this.upper = panel(firstBoth, rows.length - 1, lower);
        }

        /** Rows between two, evenly; nought is the middle of the overlap. */
        private void spread(int first, double from, int last, double to) {
            for (int row = first; row <= last; row++) {
                rows[row] = row == first ? from : from + (to - from) * (row - first) / (last - first);
            }
        }

        /** The vertices of a panel by row and column; where both lie, those at the side are the other panel's. */
        private int[][] panel(int from, int to, int[][] sewnTo) {
            boolean isUpper = sewnTo.length > 0;
            int[][] panel = new int[rows.length][];
            for (int row = from; row <= to; row++) {
                panel[row] = new int[columns + 1];
                for (int column = 0; column <= columns; column++) {
                    boolean side = column == columns;
                    if (side && isUpper && row <= lastBoth) {
                        panel[row][column] = sewnTo[row][column];
                    } else {
                        panel[row][column] = points.size();
                        points.add(new double[] {width / 2 * column / columns, rows[row]});
                        seam.add(side || row == 0 || row == rows.length - 1);
                    }
                }
            }
            for (int row = from; row < to; row++) {
                for (int column = 0; column < columns; column++) {
                    cell(panel[row], panel[row + 1], row, column, isUpper);
                }
            }
            return panel;
        }

        private void cell(int[] below, int[] above, int row, int column, boolean isUpper) {
            // Counted from the panel's seam corner, whose own cell is cut from the corner inwards.
            int fromSeam = columns - 1 - column + (isUpper ? rows.length - 2 - row : row);
            boolean rising = (fromSeam % 2 == 0) == isUpper;
            int a = below[column];
            int b = below[column + 1];
            int c = above[column + 1];
            int d = above[column];
            triangles.add(rising ? new int[] {a, b, c} : new int[] {a, b, d});
            triangles.add(rising ? new int[] {a, c, d} : new int[] {b, c, d});
            double share = row >= firstBoth && row < lastBoth ? 0.5 : 1;
            shares.add(share);
            shares.add(share);
        }

        Mesh mesh() {
            double[] x = points.stream().mapToDouble(point -> point[0]).toArray();
            double[] y = points.stream().mapToDouble(point -> point[1]).toArray();
            boolean[] sewn = new boolean[x.length];
            boolean[] held = new boolean[x.length];
            for (int i = 0; i < sewn.length; i++) {
                sewn[i] = seam.get(i);
            }
            held[lower[(firstBoth + lastBoth) / 2][columns]] = true;
            return new Mesh(x, y, Mesh.flat(triangles), sewn, Mesh.nought(x), held, Part.HALF);
        }

        double[] shares() {
            return shares.stream().mapToDouble(Double::doubleValue).toArray();
        }

        int[] edge(boolean ofUpper) {
            return (ofUpper ? upper[firstBoth] : lower[lastBoth]).clone();
        }
    }
}
