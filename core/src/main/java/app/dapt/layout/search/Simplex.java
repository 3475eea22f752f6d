package app.dapt.layout.search;

/**
 * Linear programmes whose beginning, everything nought, is allowed (Dantzig 1947; Bland's rule 1977 where it does not
 * get on).
 */
final class Simplex {

    private static final double NOUGHT = 1e-9;
    private static final int PATIENT = 60;

    private Simplex() {}

    /**
     * The greatest {@code gain · x} with {@code at · x ≤ most} and x not negative.
     *
     * @param most nowhere negative
     * @return x; nearly the best where it takes too long
     */
    static double[] maximise(double[][] at, double[] most, double[] gain) {
        int rows = at.length;
        int columns = gain.length;
        double[][] table = new double[rows + 1][columns + 1];
        for (int row = 0; row < rows; row++) {
            System.arraycopy(at[row], 0, table[row], 0, columns);
            table[row][columns] = most[row];
        }
        for (int column = 0; column < columns; column++) {
            table[rows][column] = -gain[column];
        }
        // What stands for each row and each column: variables below the number of columns, slacks above.
        int[] basis = new int[rows];
        int[] free = new int[columns];
        for (int row = 0; row < rows; row++) {
            basis[row] = columns + row;
        }
        for (int column = 0; column < columns; column++) {
            free[column] = column;
        }
        int still = 0;
        for (int turn = 0; turn < 50 * (rows + columns); turn++) {
            int in = entering(table[rows], free, columns, still > PATIENT);
            if (in < 0) {
                break;
            }
            int out = leaving(table, basis, in, rows, columns);
            if (out < 0) {
                break;
            }
            still = table[out][columns] < NOUGHT ? still + 1 : 0;
            pivot(table, out, in);
            int swap = basis[out];
            basis[out] = free[in];
            free[in] = swap;
        }
        double[] x = new double[columns];
        for (int row = 0; row < rows; row++) {
            if (basis[row] < columns) {
                x[basis[row]] = table[row][columns];
            }
        }
        return x;
    }

    private static int entering(double[] gains, int[] free, int columns, boolean first) {
        int in = -1;
        for (int column = 0; column < columns; column++) {
            boolean better = gains[column] < -NOUGHT
                    && (in < 0 || (first ? free[column] < free[in] : gains[column] < gains[in]));
            if (better) {
                in = column;
            }
        }
        return in;
    }

    private static int leaving(double[][] table, int[] basis, int in, int rows, int columns) {
        int out = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < rows; row++) {
            if (table[row][in] > NOUGHT) {
                double ratio = table[row][columns] / table[row][in];
                if (ratio < least - NOUGHT || ratio <= least + NOUGHT && out >= 0 && basis[row] < basis[out]) {
                    least = Math.min(least, ratio);
                    out = row;
                }
            }
        }
        return out;
    }

    /** Exchanges a row's variable for a column's. */
    private static void pivot(double[][] table, int out, int in) {
        double[] row = table[out];
        double by = 1 / row[in];
        for (int column = 0; column < row.length; column++) {
            row[column] *= by;
        }
        row[in] = by;
        for (int other = 0; other < table.length; other++) {
            double factor = table[other][in];
            if (other == out || factor == 0) {
                continue;
            }
            double[] changed = table[other];
            for (int column = 0; column < row.length; column++) {
                changed[column] -= factor * row[column];
            }
            changed[in] = -factor * by;
        }
    }
}
