package app.dapt.cloth;

import app.dapt.cloth.Laying.Placed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A beam search over skylines: the cloth is filled from its cut end, always at the lowest place, by every piece that
 * still fits there; of all the beginnings only the most promising are carried on. Rounds follow each other with other
 * notions of promise and with wider beams.
 */
final class SkylineBeam {

    private static final double[] POWERS = {1, 1.5, 2, 3};

    /** A beginning: the skyline it has come to and what is left to lay. */
    private static final class Node {
        private final Node parent;
        private final Placed placed;
        /** Where each step of the skyline begins, from the left. */
        private final int[] x;
        private final int[] y;
        private int steps;
        private final int[] left;
        private long waste;
        private final long laid;
        private final int top;

        private Node(Node parent, Placed placed, int[] x, int[] y, int steps, int[] left, long waste, long laid, int top) {
            this.parent = parent;
            this.placed = placed;
            this.x = x;
            this.y = y;
            this.steps = steps;
            this.left = left;
            this.waste = waste;
            this.laid = laid;
            this.top = top;
        }

        private long hash() {
            long hash = 1;
            for (int i = 0; i < steps; i++) {
                hash = hash * 1_000_003 + x[i];
                hash = hash * 1_000_003 + y[i];
            }
            for (int count : left) {
                hash = hash * 31 + count;
            }
            return hash * 0x9E3779B97F4A7C15L;
        }
    }

    /** One piece that could be laid next; only the most promising of these become beginnings. */
    private record Move(Node node, int kind, boolean turned, int low, int gap, int at, boolean leftwards, long waste, double rank) {
    }

    private final Task task;
    private final int width;
    private final int[] across;
    private final int[] along;
    private final boolean[] turns;
    private final Task.Repeat[] repeats;
    private final long area;
    private final Dice dice;
    private int best;
    private Laying laying;

    SkylineBeam(Task task, Laying known, Dice dice) {
        this.task = task;
        this.width = task.width();
        int kinds = task.items().size();
        across = task.items().stream().mapToInt(Task.Item::across).toArray();
        along = task.items().stream().mapToInt(Task.Item::along).toArray();
        turns = new boolean[kinds];
        repeats = new Task.Repeat[kinds];
        for (int i = 0; i < kinds; i++) {
            Task.Item item = task.items().get(i);
            repeats[i] = item.repeat().orElse(null);
            turns[i] = item.mayTurn() && across[i] != along[i];
        }
        this.area = task.area();
        this.dice = dice;
        this.laying = known;
        this.best = known.length();
    }

    Laying best() {
        return laying;
    }

    /** One round; better layouts found on the way are kept. */
    void round(int beam, Budget budget) {
        double power = POWERS[dice.below(POWERS.length)];
        double weight = dice.between(.003, .045);
        double ragged = dice.between(0, .08);
        int[] counts = task.items().stream().mapToInt(Task.Item::count).toArray();
        List<Node> level = List.of(new Node(null, null, new int[] {0}, new int[] {0}, 1, counts, 0, 0, 0));
        for (int laid = 0; laid < task.count() && !level.isEmpty(); laid++) {
            List<Move> moves = new ArrayList<>(level.size() * 4);
            for (Node node : level) {
                if (budget.isSpent()) {
                    return;
                }
                grow(node, moves, power, weight, ragged);
            }
            level = keep(moves, beam);
        }
        for (Node node : level) {
            finish(node);
        }
    }

    private void finish(Node node) {
        if (node.top < best) {
            best = node.top;
            List<Placed> placed = new ArrayList<>();
            for (Node at = node; at.placed != null; at = at.parent) {
                placed.add(at.placed);
            }
            laying = Laying.of(placed, task);
        }
    }

    private List<Node> keep(List<Move> moves, int beam) {
        moves.sort(Comparator.comparingDouble(Move::rank));
        List<Node> kept = new ArrayList<>(Math.min(beam, moves.size()));
        Set<Long> seen = new HashSet<>();
        for (Move move : moves) {
            if (kept.size() == beam) {
                break;
            }
            Node node = lay(move);
            if (seen.add(node.hash())) {
                kept.add(node);
            }
        }
        return kept;
    }

    /** Everything that can be laid at the lowest place; where nothing can, the place is raised to its lower neighbour. */
    private void grow(Node node, List<Move> moves, double power, double weight, double ragged) {
        long room = (long) width * (best - 1) - area;
        int[] x = node.x;
        int[] y = node.y;
        while (node.waste <= room) {
            int low = lowest(y, node.steps);
            int gap = (low + 1 < node.steps ? x[low + 1] : width) - x[low];
            int wallLeft = low > 0 ? y[low - 1] : Integer.MAX_VALUE;
            int wallRight = low + 1 < node.steps ? y[low + 1] : Integer.MAX_VALUE;
            boolean leftwards = wallLeft >= wallRight;
            boolean any = false;
            for (int kind = 0; kind < across.length; kind++) {
                if (node.left[kind] == 0) {
                    continue;
                }
                for (int turn = 0; turn < (turns[kind] ? 2 : 1); turn++) {
                    int w = turn == 0 ? across[kind] : along[kind];
                    int h = turn == 0 ? along[kind] : across[kind];
                    if (w > gap) {
                        continue;
                    }
                    any = true;
                    int at = repeats[kind] == null ? y[low] : repeats[kind].after(y[low]);
                    long waste = node.waste + (long) (at - y[low]) * w;
                    if (at + h < best && waste <= room) {
                        boolean meetsLeft = at + h == wallLeft && (leftwards || w == gap);
                        boolean meetsRight = at + h == wallRight && (!leftwards || w == gap);
                        int steps = node.steps + (w == gap ? 0 : 1) - (meetsLeft ? 1 : 0) - (meetsRight ? 1 : 0);
                        double rank = (waste + weight * area) / power(node.laid + (long) w * h, power) * (1 + ragged * steps);
                        moves.add(new Move(node, kind, turn == 1, low, gap, at, leftwards, waste, rank));
                    }
                }
            }
            if (any || node.steps == 1) {
                // Nothing but a repeat may keep what fits from being laid; then the place is given up as well.
                return;
            }
            int rise = Math.min(wallLeft, wallRight);
            node.waste += (long) (rise - y[low]) * gap;
            y[low] = rise;
            node.steps = merged(x, y, node.steps);
        }
    }

    private static double power(double base, double power) {
        return power == 1 ? base : power == 2 ? base * base : power == 3 ? base * base * base : base * Math.sqrt(base);
    }

    private static int lowest(int[] y, int steps) {
        int low = 0;
        for (int i = 1; i < steps; i++) {
            if (y[i] < y[low]) {
                low = i;
            }
        }
        return low;
    }

    private Node lay(Move move) {
        Node node = move.node();
        int w = move.turned() ? along[move.kind()] : across[move.kind()];
        int h = move.turned() ? across[move.kind()] : along[move.kind()];
        int low = move.low();
        int end = node.x[low] + move.gap();
        int[] newX = new int[node.steps + 1];
        int[] newY = new int[node.steps + 1];
        System.arraycopy(node.x, 0, newX, 0, low + 1);
        System.arraycopy(node.y, 0, newY, 0, low + 1);
        int placedX = move.leftwards() ? node.x[low] : end - w;
        int count = low + 1;
        if (w == move.gap() || move.leftwards()) {
            newY[low] = move.at() + h;
        }
        if (w < move.gap()) {
            newX[count] = move.leftwards() ? placedX + w : placedX;
            newY[count++] = move.leftwards() ? node.y[low] : move.at() + h;
        }
        System.arraycopy(node.x, low + 1, newX, count, node.steps - low - 1);
        System.arraycopy(node.y, low + 1, newY, count, node.steps - low - 1);
        count += node.steps - low - 1;
        int[] left = node.left.clone();
        left[move.kind()]--;
        return new Node(node, new Placed(move.kind(), placedX, move.at(), move.turned(), 0), newX, newY, merged(newX, newY, count), left,
                move.waste(), node.laid + (long) w * h, Math.max(node.top, move.at() + h));
    }

    /** Neighbouring steps of the same height are one. */
    private static int merged(int[] x, int[] y, int steps) {
        int count = 1;
        for (int i = 1; i < steps; i++) {
            if (y[i] != y[count - 1]) {
                x[count] = x[i];
                y[count++] = y[i];
            }
        }
        return count;
    }
}
