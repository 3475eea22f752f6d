package app.dapt.filling.sheet;

import java.util.Arrays;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.sparse.csc.decomposition.chol.CholeskyUpLooking_DSCC;

/**
 * A symmetric positive definite system with some unknowns fixed at nought, factored once (Cholesky) and solved often.
 */
final class FactoredSystem {

    private final int[] number;
    /** What the matrix is the square of: lower, each column from its diagonal down. */
    private final DMatrixSparseCSC factor;
    /** Two right sides, then what solves them, an entry of one beside an entry of the other. */
    private final double[] both;

    /**
     * Factors a matrix.
     *
     * @param order the unknowns as they are taken, which decides how large the factor is
     * @param fixed which unknowns are nought
     * @throws IllegalArgumentException where the rest is not positive definite
     */
    FactoredSystem(SparseRows matrix, int[] order, IntPredicate fixed) {
        number = new int[order.length];
        Arrays.fill(number, -1);
        int[] unknowns = IntStream.of(order).filter(fixed.negate()).toArray();
        int free = unknowns.length;
        for (int i = 0; i < free; i++) {
            number[unknowns[i]] = i;
        }
        DMatrixSparseCSC columns = new DMatrixSparseCSC(free, free, matrix.entries());
        int at = 0;
        for (int column = 0; column < free; column++) {
            // Symmetric: what stands in a row stands in the column of the same number.
            int row = unknowns[column];
            int start = at;
            for (int entry = 0; entry < matrix.count(row); entry++) {
                int other = number[matrix.column(row, entry)];
                if (other >= 0) {
                    insert(columns, start, at++, other, matrix.value(row, entry));
                }
            }
            columns.col_idx[column + 1] = at;
        }
        columns.nz_length = at;
        columns.indicesSorted = true;
        CholeskyUpLooking_DSCC cholesky = new CholeskyUpLooking_DSCC();
        if (!cholesky.decompose(columns)) {
            throw new IllegalArgumentException("not positive definite");
        }
        factor = cholesky.getL();
        both = new double[2 * free];
    }

    /** Puts an entry in its place among those of a column that are there. */
    private static void insert(DMatrixSparseCSC columns, int start, int end, int row, double value) {
        int at = end;
        while (at > start && columns.nz_rows[at - 1] > row) {
            columns.nz_rows[at] = columns.nz_rows[at - 1];
            columns.nz_values[at] = columns.nz_values[at - 1];
            at--;
        }
        columns.nz_rows[at] = row;
        columns.nz_values[at] = value;
    }

    /** The solution for a right side; nought where it is fixed. */
    double[] solve(double[] side) {
        return solve(side, side)[0];
    }

    /** The solutions for two right sides at once: what takes the time is to read the factor. */
    double[][] solve(double[] one, double[] other) {
        for (int i = 0; i < number.length; i++) {
            if (number[i] >= 0) {
                both[2 * number[i]] = one[i];
                both[2 * number[i] + 1] = other[i];
            }
        }
        down(both);
        up(both);
        double[][] solved = new double[2][number.length];
        for (int i = 0; i < number.length; i++) {
            if (number[i] >= 0) {
                solved[0][i] = both[2 * number[i]];
                solved[1][i] = both[2 * number[i] + 1];
            }
        }
        return solved;
    }

    private void down(double[] both) {
        int[] rows = factor.nz_rows;
        double[] values = factor.nz_values;
        for (int column = 0; column < factor.numCols; column++) {
            int start = factor.col_idx[column];
            double one = both[2 * column] / values[start];
            double other = both[2 * column + 1] / values[start];
            both[2 * column] = one;
            both[2 * column + 1] = other;
            for (int entry = start + 1; entry < factor.col_idx[column + 1]; entry++) {
                int row = 2 * rows[entry];
                both[row] -= values[entry] * one;
                both[row + 1] -= values[entry] * other;
            }
        }
    }

    private void up(double[] both) {
        int[] rows = factor.nz_rows;
        double[] values = factor.nz_values;
        for (int column = factor.numCols - 1; column >= 0; column--) {
            int start = factor.col_idx[column];
            double one = both[2 * column];
            double other = both[2 * column + 1];
            for (int entry = start + 1; entry < factor.col_idx[column + 1]; entry++) {
                int row = 2 * rows[entry];
                one -= values[entry] * both[row];
                other -= values[entry] * both[row + 1];
            }
            both[2 * column] = one / values[start];
            both[2 * column + 1] = other / values[start];
        }
    }
}
