package app.dapt.filling.sheet;

import java.util.Arrays;

/** A sparse symmetric matrix that is being summed up, row by row; a row's entries stand in order of their columns. */
final class SparseRows {

    /** What most rows need: a vertex, its neighbours and theirs. */
    private static final int USUAL = 20;

    private final int[][] columns;
    private final double[][] values;
    private final int[] counts;

    SparseRows(int size) {
        columns = new int[size][USUAL];
        values = new double[size][USUAL];
        counts = new int[size];
    }

    void add(int row, int column, double value) {
        int at = Arrays.binarySearch(columns[row], 0, counts[row], column);
        if (at >= 0) {
            values[row][at] += value;
            return;
        }
        int before = -at - 1;
        if (counts[row] == columns[row].length) {
            columns[row] = Arrays.copyOf(columns[row], 2 * counts[row]);
            values[row] = Arrays.copyOf(values[row], 2 * counts[row]);
        }
        System.arraycopy(columns[row], before, columns[row], before + 1, counts[row] - before);
        System.arraycopy(values[row], before, values[row], before + 1, counts[row] - before);
        columns[row][before] = column;
        values[row][before] = value;
        counts[row]++;
    }

    int size() {
        return counts.length;
    }

    /** How many entries a row has. */
    int count(int row) {
        return counts[row];
    }

    /** The column of an entry of a row. */
    int column(int row, int entry) {
        return columns[row][entry];
    }

    double value(int row, int entry) {
        return values[row][entry];
    }

    int entries() {
        return Arrays.stream(counts).sum();
    }
}
