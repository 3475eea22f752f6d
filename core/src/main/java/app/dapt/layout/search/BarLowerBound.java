package app.dapt.layout.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A length that no layout can do without, by bars: every line across the cloth meets pieces that together are no wider
 * than the cloth, so a piece counts as many bars as it is long, and the bars of all pieces have to be cut from lines so
 * wide. How many lines that takes at the least is bounded by pricing the bars: prices at which no line is worth more
 * than one make every layout as long as all bars are worth (cutting stock by column generation, Gilmore and Gomory
 * 1961, with Farley's bound 1990).
 */
final class BarLowerBound {

    private static final int MOST_ROUNDS = 160;
    private static final double SURE = 1e-7;
    private static final int NODES = 60_000;

    /** How wide a bar of each kind is, and how many of them one piece gives. */
    private final int[] size;

    private final int[] bars;
    /** Which piece a kind of bar is of; a piece that may turn has two kinds. */
    private final int[] item;

    private final int[] count;
    private final int room;
    private final List<int[]> patterns = new ArrayList<>();

    private BarLowerBound(int[] size, int[] bars, int[] item, int[] count, int room) {
        this.size = size;
        this.bars = bars;
        this.item = item;
        this.count = count;
        this.room = room;
    }

    /** The least length by lines across the cloth. */
    static int across(Task task, Budget budget) {
        return of(task, task.width(), false).least(budget);
    }

    /** Whether no layout so long is possible, by lines along the cloth: they would have to be more than it is wide. */
    static boolean isTooShort(Task task, int length, Budget budget) {
        return of(task, length, true).least(budget) > task.width();
    }

    private static BarLowerBound of(Task task, int room, boolean along) {
        List<int[]> kinds = new ArrayList<>();
        int items = task.items().size();
        int[] count = new int[items];
        for (int i = 0; i < items; i++) {
            Task.Item piece = task.items().get(i);
            count[i] = piece.count();
            int upright = along ? piece.along() : piece.across();
            int other = along ? piece.across() : piece.along();
            if (upright <= room && piece.across() <= task.width()) {
                kinds.add(new int[] {upright, other, i});
            }
            if (piece.mayTurn() && other != upright && other <= room && piece.along() <= task.width()) {
                kinds.add(new int[] {other, upright, i});
            }
        }
        return new BarLowerBound(
                kinds.stream().mapToInt(k -> k[0]).toArray(),
                kinds.stream().mapToInt(k -> k[1]).toArray(),
                kinds.stream().mapToInt(k -> k[2]).toArray(),
                count,
                room);
    }

    /** So many lines are needed; more than there are where a piece fits none. */
    private int least(Budget budget) {
        if (Arrays.stream(item).distinct().count() < count.length) {
            return Integer.MAX_VALUE;
        }
        for (int kind = 0; kind < size.length; kind++) {
            int[] alone = new int[size.length];
            alone[kind] = Math.min(room / size[kind], count[item[kind]]);
            patterns.add(alone);
        }
        double best = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double[] price = prices();
            Knapsack line = new Knapsack(price);
            double dearest = line.dearest();
            best = Math.max(best, worth(price) / Math.max(dearest, 1e-12));
            if (dearest <= 1 + SURE || budget.isSpent()) {
                break;
            }
            patterns.add(line.pattern);
        }
        return (int) Math.ceil(best * (1 - SURE) - SURE);
    }

    /** What all bars are worth together; a piece that may turn is worth no more than its cheaper way. */
    private double worth(double[] price) {
        double[] cheapest = new double[count.length];
        Arrays.fill(cheapest, Double.POSITIVE_INFINITY);
        for (int kind = 0; kind < size.length; kind++) {
            cheapest[item[kind]] = Math.min(cheapest[item[kind]], bars[kind] * price[kind]);
        }
        double worth = 0;
        for (int i = 0; i < count.length; i++) {
            worth += count[i] * cheapest[i];
        }
        return worth;
    }

    /** Prices at which no line known so far is worth more than one and all bars are worth most. */
    private double[] prices() {
        int kinds = size.length;
        int rows = patterns.size() + kinds;
        double[][] at = new double[rows][kinds + count.length];
        double[] most = new double[rows];
        double[] gain = new double[kinds + count.length];
        for (int i = 0; i < count.length; i++) {
            gain[kinds + i] = count[i];
        }
        for (int row = 0; row < patterns.size(); row++) {
            most[row] = 1;
            for (int kind = 0; kind < kinds; kind++) {
                at[row][kind] = patterns.get(row)[kind];
            }
        }
        for (int kind = 0; kind < kinds; kind++) {
            // What a piece is worth is no more than the bars it gives, whichever way it lies.
            at[patterns.size() + kind][kind] = -bars[kind];
            at[patterns.size() + kind][kinds + item[kind]] = 1;
        }
        double[] solved = Simplex.maximise(at, most, gain);
        double[] price = new double[kinds];
        for (int kind = 0; kind < kinds; kind++) {
            price[kind] = Math.max(0, solved[kind]);
        }
        return price;
    }

    /** The dearest line: bars side by side that fit it, no more of a piece than there are. */
    private final class Knapsack {

        private final double[] price;
        private final Integer[] order;
        private final int[] left = count.clone();
        private final int[] taken = new int[size.length];
        private int[] pattern = new int[size.length];
        private double best;
        private int nodes;
        /** What a part not looked into could be worth at the most. */
        private double unseen;

        private Knapsack(double[] price) {
            this.price = price;
            order = new Integer[size.length];
            for (int i = 0; i < order.length; i++) {
                order[i] = i;
            }
            Arrays.sort(order, (a, b) -> Double.compare(price[b] / size[b], price[a] / size[a]));
        }

        /** What it is worth, or more where looking on would take too long. */
        private double dearest() {
            fill(0, room, 0);
            return Math.max(best, unseen);
        }

        private void fill(int from, int space, double worth) {
            if (worth > best) {
                best = worth;
                pattern = taken.clone();
            }
            if (from == order.length) {
                return;
            }
            double hope = worth + hope(from, space);
            if (hope <= best + 1e-12) {
                return;
            }
            if (nodes++ > NODES) {
                unseen = Math.max(unseen, hope);
                return;
            }
            int kind = order[from];
            int most = Math.min(space / size[kind], left[item[kind]]);
            for (int n = most; n >= 0; n--) {
                taken[kind] = n;
                left[item[kind]] -= n;
                fill(from + 1, space - n * size[kind], worth + n * price[kind]);
                left[item[kind]] += n;
            }
            taken[kind] = 0;
        }

        /** What the space could be worth if bars could be cut up. */
        private double hope(int from, int space) {
            double hope = 0;
            int rest = space;
            for (int i = from; i < order.length && rest > 0; i++) {
                int kind = order[i];
                int takes = (int) Math.min(rest, (long) left[item[kind]] * size[kind]);
                hope += price[kind] / size[kind] * takes;
                rest -= takes;
            }
            return hope;
        }
    }
}
