package app.dapt.cloth;

import java.util.Arrays;

/** Every piece that could be laid next on any beginning, in arrays, since there are a great many; only the most promising become beginnings. */
final class BeamMoves {
    private double[] rank = new double[1024];
    private long[] waste = new long[1024];
    private int[] node = new int[1024];
    /** Twice the kind, and one more where it is turned. */
    private int[] piece = new int[1024];
    private int[] order = new int[1024];
    private int count;

    void clear() {
        count = 0;
    }

    void add(int from, int kind, boolean turned, long wasted, double promise) {
        if (count == rank.length) {
            rank = Arrays.copyOf(rank, 2 * count);
            waste = Arrays.copyOf(waste, 2 * count);
            node = Arrays.copyOf(node, 2 * count);
            piece = Arrays.copyOf(piece, 2 * count);
            order = new int[2 * count];
        }
        rank[count] = promise;
        waste[count] = wasted;
        node[count] = from;
        piece[count++] = 2 * kind + (turned ? 1 : 0);
    }

    /** Puts so many of the most promising in front, the best first, and says how many those are. */
    int best(int wanted) {
        for (int i = 0; i < count; i++) {
            order[i] = i;
        }
        if (wanted < count) {
            select(wanted);
        }
        int found = Math.min(wanted, count);
        sort(0, found - 1);
        return found;
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

    int kind(int place) {
        return piece[order[place]] >> 1;
    }

    boolean turned(int place) {
        return (piece[order[place]] & 1) == 1;
    }

    long waste(int place) {
        return waste[order[place]];
    }
}
