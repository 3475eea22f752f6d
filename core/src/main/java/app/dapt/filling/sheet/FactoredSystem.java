package app.dapt.filling.sheet;

import java.util.function.IntPredicate;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.interfaces.linsol.LinearSolverSparse;
import org.ejml.sparse.FillReducing;
import org.ejml.sparse.csc.factory.LinearSolverFactory_DSCC;

/**
 * A symmetric positive definite system with some unknowns fixed at nought, factored once (Cholesky) and solved often.
 */
final class FactoredSystem {

    private final int[] number;
    private final DMatrixRMaj right;
    private final DMatrixRMaj solved;
    private final LinearSolverSparse<DMatrixSparseCSC, DMatrixRMaj> solver =
            LinearSolverFactory_DSCC.cholesky(FillReducing.NONE);

    /**
     * Factors a matrix.
     *
     * @param fixed which unknowns are nought
     * @throws IllegalArgumentException where the rest is not positive definite
     */
    FactoredSystem(SparseRows matrix, IntPredicate fixed) {
        number = Ordering.of(matrix, fixed);
        int[] unknowns = new int[number.length];
        int free = 0;
        for (int i = 0; i < number.length; i++) {
            if (number[i] >= 0) {
                unknowns[number[i]] = i;
                free++;
            }
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
        right = new DMatrixRMaj(free, 1);
        solved = new DMatrixRMaj(free, 1);
        if (!solver.setA(columns)) {
            throw new IllegalArgumentException("not positive definite");
        }
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
        for (int i = 0; i < number.length; i++) {
            if (number[i] >= 0) {
                right.data[number[i]] = side[i];
            }
        }
        solver.solve(right, solved);
        double[] all = new double[number.length];
        for (int i = 0; i < number.length; i++) {
            all[i] = number[i] < 0 ? 0 : solved.data[number[i]];
        }
        return all;
    }
}
