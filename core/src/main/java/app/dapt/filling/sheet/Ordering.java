package app.dapt.filling.sheet;

import java.util.BitSet;

/**
 * The order in which the unknowns of a sparse symmetric system are taken so that its factor stays small: always the one
 * that depends on the fewest others comes next, and those then depend on each other (minimum degree, Tinney and Walker
 * 1967).
 */
final class Ordering {

    private Ordering() {}

    static int[] of(SparseRows matrix) {
        int size = matrix.size();
        BitSet[] others = new BitSet[size];
        int[] degree = new int[size];
        for (int i = 0; i < size; i++) {
            others[i] = new BitSet(size);
            for (int entry = 0; entry < matrix.count(i); entry++) {
                others[i].set(matrix.column(i, entry));
            }
            others[i].clear(i);
            degree[i] = others[i].cardinality();
        }
        int[] order = new int[size];
        for (int taken = 0; taken < size; taken++) {
            int next = least(degree);
            order[taken] = next;
            degree[next] = Integer.MAX_VALUE;
            for (int i = others[next].nextSetBit(0); i >= 0; i = others[next].nextSetBit(i + 1)) {
                others[i].or(others[next]);
                others[i].clear(i);
                others[i].clear(next);
                degree[i] = others[i].cardinality();
            }
        }
        return order;
    }

    private static int least(int[] degree) {
        int least = 0;
        for (int i = 1; i < degree.length; i++) {
            if (degree[i] < degree[least]) {
                least = i;
            }
        }
        return least;
    }
}
