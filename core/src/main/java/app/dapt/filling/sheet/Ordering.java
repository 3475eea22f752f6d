package app.dapt.filling.sheet;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * Numbers the unknowns of a sparse symmetric system so that those that depend on each other have numbers close to each
 * other, which keeps its factor small: Cuthill and McKee 1969, reversed as by George 1971.
 */
final class Ordering {

    private final SparseRows matrix;
    private final boolean[] fixed;
    private final int[] order;
    private int count;

    private Ordering(SparseRows matrix, IntPredicate isFixed) {
        this.matrix = matrix;
        this.fixed = new boolean[matrix.size()];
        for (int i = 0; i < fixed.length; i++) {
            fixed[i] = isFixed.test(i);
        }
        this.order = new int[fixed.length];
    }

    /** The number of each unknown, from nought; minus one for those that are fixed. */
    static int[] of(SparseRows matrix, IntPredicate isFixed) {
        Ordering ordering = new Ordering(matrix, isFixed);
        boolean[] seen = ordering.fixed.clone();
        for (int i = 0; i < seen.length; i++) {
            if (!seen[i]) {
                ordering.spread(ordering.farthest(ordering.farthest(i)), seen);
            }
        }
        int[] number = new int[seen.length];
        Arrays.fill(number, -1);
        for (int i = 0; i < ordering.count; i++) {
            number[ordering.order[i]] = ordering.count - 1 - i;
        }
        return number;
    }

    /** One of those that lie the most steps away. */
    private int farthest(int start) {
        int before = count;
        spread(start, fixed.clone());
        int last = order[count - 1];
        count = before;
        return last;
    }

    /** Adds all that hangs together with one, nearest first, those with fewest neighbours before others. */
    private void spread(int start, boolean[] seen) {
        Deque<Integer> waiting = new ArrayDeque<>();
        waiting.add(start);
        seen[start] = true;
        while (!waiting.isEmpty()) {
            int at = waiting.remove();
            order[count++] = at;
            IntStream.range(0, matrix.count(at))
                    .map(entry -> matrix.column(at, entry))
                    .filter(next -> !seen[next])
                    .boxed()
                    .sorted(Comparator.comparingInt(matrix::count))
                    .forEach(next -> {
                        seen[next] = true;
                        waiting.add(next);
                    });
        }
    }
}
