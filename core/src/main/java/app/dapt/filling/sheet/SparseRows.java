package app.dapt.filling.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A sparse symmetric matrix that is being summed up, row by row. */
final class SparseRows {

    private final List<TreeMap<Integer, Double>> rows = new ArrayList<>();

    SparseRows(int size) {
        for (int i = 0; i < size; i++) {
            rows.add(new TreeMap<>());
        }
    }

    void add(int row, int column, double value) {
        rows.get(row).merge(column, value, Double::sum);
    }

    int size() {
        return rows.size();
    }

    /** A row's entries, by column. */
    Map<Integer, Double> row(int row) {
        return rows.get(row);
    }

    int entries() {
        return rows.stream().mapToInt(Map::size).sum();
    }
}
