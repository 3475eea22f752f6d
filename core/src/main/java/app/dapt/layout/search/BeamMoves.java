package app.dapt.layout.search;

import java.util.Arrays;

/**
 * Every piece that could be laid next on any beginning, in arrays, since there are a great many; only the most
 * promising become beginnings.
 */
final class BeamMoves {

    /** So many times as many as are wanted are taken down before the least promising are struck out. */
    private static final int SPARE = 4;

    private double[] rank = {};
    private long[] waste = {};
    private int[] node = {};
    private int[] way = {};
    private int[] order = {};
    private int count;
    private int wanted;
    /** No move with this rank or a higher one is among those wanted. */
    private double limit;

    /** Begins anew, for so many of the most promising. */
    void clear(int most) {
        count = 0;
        wanted = most;
        limit = Double.POSITIVE_INFINITY;
        if (rank.length < SPARE * most) {
            rank = new double[SPARE * most];
            waste = new long[SPARE * most];
            node = new int[SPARE * most];
            way = new int[SPARE * most];
            order = new int[SPARE * most];
        }
    }

    /** @param laid which piece, and which way round */
    void add(int from, int laid, long wasted, double promise) {
        if (promise >= limit) {
            return;
        }
        rank[count] = promise;
        waste[count] = wasted;
        node[count] = from;
        way[count++] = laid;
        if (count == SPARE * wanted) {
            strike();
        }
    }

    /** Strikes out all but those wanted, each where it was among the others. */
    private void strike() {
        inOrder();
        select(wanted - 1);
        limit = rank[order[wanted - 1]];
        Arrays.sort(order, 0, wanted);
        for (int i = 0; i < wanted; i++) {
            rank[i] = rank[order[i]];
            waste[i] = waste[order[i]];
            node[i] = node[order[i]];
            way[i] = way[order[i]];
        }
        count = wanted;
    }

    /** Puts those wanted in front, the best first, and says how many there are. */
    int best() {
        inOrder();
        if (wanted < count) {
            select(wanted);
        }
        int found = Math.min(wanted, count);
        sort(0, found - 1);
        return found;
    }

    private void inOrder() {
        for (int i = 0; i < count; i++) {
            order[i] = i;
        }
    }

    /** Hoare's selection: no move before this place is worse than one after it. */
    private void select(int place) {
        int from = 0;
        int to = count - 1;
        while (from < to) {
            int cut = part(from, to);
            if (place <= cut) {
                to = cut;
            } else {
                from = cut + 1;
            }
        }
    }

    private void sort(int from, int to) {
        int left = from;
        int right = to;
        while (right - left > 12) {
            int cut = part(left, right);
            sort(left, cut);
            left = cut + 1;
        }
        for (int i = left + 1; i <= right; i++) {
            int move = order[i];
            int at = i;
            while (at > left && rank[order[at - 1]] > rank[move]) {
                order[at] = order[at - 1];
                at--;
            }
            order[at] = move;
        }
    }

    private int part(int from, int to) {
        double middle = rank[order[(from + to) >>> 1]];
        int i = from - 1;
        int j = to + 1;
        while (true) {
            do {
                i++;
            } while (rank[order[i]] < middle);
            do {
                j--;
            } while (rank[order[j]] > middle);
            if (i >= j) {
                return j;
            }
            int swap = order[i];
            order[i] = order[j];
            order[j] = swap;
        }
    }

    /** The beginning that a move in front goes on from. */
    int node(int place) {
        return node[order[place]];
    }

    int way(int place) {
        return way[order[place]];
    }

    long waste(int place) {
        return waste[order[place]];
    }
}
