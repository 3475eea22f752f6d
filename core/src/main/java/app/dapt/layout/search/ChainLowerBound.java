package app.dapt.layout.search;

import java.util.stream.IntStream;

/**
 * A length that no layout can do without, by chains: where no line across the cloth meets more than so many pieces, the
 * pieces can be told off into so many chains, each of which lies one after another along the cloth (pieces met by lines
 * make an interval graph, and those are perfect). A chain of pieces that have to meet the print takes a length that is
 * easily found, so it is seen whether all pieces go into so many chains of a length.
 */
final class ChainLowerBound {

    private static final int MOST_STATES = 6_000;
    private static final double MOST_TRIED = 3e6;
    private static final int MOST_CHAINS = 3;

    private final Task task;
    private final int[] counts;
    /** The least length of a chain of so many of each kind. */
    private final int[] shortest;

    private ChainLowerBound(Task task, int states) {
        this.task = task;
        this.counts = task.items().stream().mapToInt(Task.Item::count).toArray();
        this.shortest = new int[states];
        for (int state = 1; state < states; state++) {
            shortest[state] = shortest(state);
        }
    }

    /** The least length; nought where there are too many pieces to tell, or too many go side by side. */
    static int of(Task task) {
        long states = task.items().stream()
                .mapToLong(item -> item.count() + 1L)
                .reduce(1, (a, b) -> Math.min(MOST_STATES + 1L, a * b));
        int chains = sideBySide(task);
        if (states > MOST_STATES || chains > MOST_CHAINS || Math.pow((double) states, chains - 1) > MOST_TRIED) {
            return 0;
        }
        ChainLowerBound bound = new ChainLowerBound(task, (int) states);
        int impossible = 0;
        int possible = bound.shortest[(int) states - 1];
        while (impossible + 1 < possible) {
            int middle = impossible + (possible - impossible) / 2;
            if (bound.goes((int) states - 1, chains, middle)) {
                possible = middle;
            } else {
                impossible = middle;
            }
        }
        return possible;
    }

    /** How many pieces, the narrowest, lie side by side on the cloth. */
    private static int sideBySide(Task task) {
        int[] widths = task.items().stream()
                .flatMapToInt(item -> IntStream.generate(() -> least(item)).limit(item.count()))
                .sorted()
                .toArray();
        int room = task.width();
        int count = 0;
        while (count < widths.length && widths[count] <= room) {
            room -= widths[count++];
        }
        return Math.max(1, count);
    }

    private static int least(Task.Item item) {
        return item.mayTurn() ? Math.min(item.across(), item.along()) : item.across();
    }

    /** Whichever piece is the last of a chain, what is before it is as short as can be. */
    private int shortest(int state) {
        int[] of = counts(state);
        int best = Integer.MAX_VALUE;
        int step = 1;
        for (int kind = 0; kind < counts.length; kind++) {
            if (of[kind] > 0) {
                Task.Item item = task.items().get(kind);
                int from = shortest[state - step];
                int begins = item.repeat().map(repeat -> repeat.after(from)).orElse(from);
                best = Math.min(best, begins + (item.mayTurn() ? least(item) : item.along()));
            }
            step *= counts[kind] + 1;
        }
        return best;
    }

    private int[] counts(int state) {
        int[] of = new int[counts.length];
        int rest = state;
        for (int kind = 0; kind < counts.length; kind++) {
            of[kind] = rest % (counts[kind] + 1);
            rest /= counts[kind] + 1;
        }
        return of;
    }

    /** Whether these pieces go into so many chains of a length. */
    private boolean goes(int state, int chains, int length) {
        if (shortest[state] <= length) {
            return true;
        }
        if (chains == 1) {
            return false;
        }
        int[] of = counts(state);
        for (int chain = 1; chain <= state; chain++) {
            if (shortest[chain] <= length && isWithin(chain, of) && goes(state - chain, chains - 1, length)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a chain takes no more of any kind than there is. */
    private boolean isWithin(int chain, int[] of) {
        int rest = chain;
        for (int kind = 0; kind < of.length; kind++) {
            if (rest % (counts[kind] + 1) > of[kind]) {
                return false;
            }
            rest /= counts[kind] + 1;
        }
        return true;
    }
}
