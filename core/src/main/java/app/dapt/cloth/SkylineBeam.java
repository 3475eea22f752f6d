package app.dapt.cloth;

import app.dapt.cloth.Laying.Placed;
import java.util.ArrayList;
import java.util.List;

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
        /** The place that is filled next: which step, how wide, and whether from its left wall on. */
        private int low;
        private int gap;
        private boolean leftwards;

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

    private final Task task;
    private final int width;
    private final int[] across;
    private final int[] along;
    private final boolean[] turns;
    private final Task.Repeat[] repeats;
    private final long area;
    private final Dice dice;
    private BeamMoves moves = new BeamMoves();
    private BeamHashes seen = new BeamHashes();
    private int best;
    private Laying laying;

    SkylineBeam(Task task, Dice dice) {
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
    }

    /** Gives back the room that rounds have taken. */
    void rest() {
        moves = new BeamMoves();
        seen = new BeamHashes();
    }

    /** One round; the shorter of what is known and what it finds. */
    Laying round(Laying known, int beam, Budget budget) {
        laying = known;
        best = known.length();
        double power = POWERS[dice.below(POWERS.length)];
        double weight = dice.between(.003, .045);
        double ragged = dice.between(0, .08);
        int[] counts = task.items().stream().mapToInt(Task.Item::count).toArray();
        List<Node> level = List.of(new Node(null, null, new int[] {0}, new int[] {0}, 1, counts, 0, 0, 0));
        for (int laid = 0; laid < task.count() && !level.isEmpty(); laid++) {
            moves.clear();
            for (int i = 0; i < level.size(); i++) {
                if (budget.isSpent()) {
                    return laying;
                }
                grow(level.get(i), i, power, weight, ragged);
            }
            level = keep(level, beam);
        }
        for (Node node : level) {
            finish(node);
        }
        return laying;
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

    private List<Node> keep(List<Node> level, int beam) {
        int found = moves.best(beam + beam / 4 + 4);
        List<Node> kept = new ArrayList<>(Math.min(beam, found));
        seen.clear(found);
        for (int i = 0; i < found && kept.size() < beam; i++) {
            Node node = lay(level.get(moves.node(i)), moves.kind(i), moves.turned(i), moves.waste(i));
            if (seen.add(node.hash())) {
                kept.add(node);
            }
        }
        return kept;
    }

    /** Everything that can be laid at the lowest place; where nothing can, the place is raised to its lower neighbour. */
    private void grow(Node node, int number, double power, double weight, double ragged) {
        long room = (long) width * (best - 1) - area;
        int[] x = node.x;
        int[] y = node.y;
        while (node.waste <= room) {
            int low = lowest(y, node.steps);
            int gap = (low + 1 < node.steps ? x[low + 1] : width) - x[low];
            int wallLeft = low > 0 ? y[low - 1] : Integer.MAX_VALUE;
            int wallRight = low + 1 < node.steps ? y[low + 1] : Integer.MAX_VALUE;
            boolean leftwards = wallLeft >= wallRight;
            node.low = low;
            node.gap = gap;
            node.leftwards = leftwards;
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
                        moves.add(number, kind, turn == 1, waste, rank);
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

    private Node lay(Node node, int kind, boolean turned, long waste) {
        int w = turned ? along[kind] : across[kind];
        int h = turned ? across[kind] : along[kind];
        int low = node.low;
        int at = repeats[kind] == null ? node.y[low] : repeats[kind].after(node.y[low]);
        int end = node.x[low] + node.gap;
        int[] newX = new int[node.steps + 1];
        int[] newY = new int[node.steps + 1];
        System.arraycopy(node.x, 0, newX, 0, low + 1);
        System.arraycopy(node.y, 0, newY, 0, low + 1);
        int placedX = node.leftwards ? node.x[low] : end - w;
        int count = low + 1;
        if (w == node.gap || node.leftwards) {
            newY[low] = at + h;
        }
        if (w < node.gap) {
            newX[count] = node.leftwards ? placedX + w : placedX;
            newY[count++] = node.leftwards ? node.y[low] : at + h;
        }
        System.arraycopy(node.x, low + 1, newX, count, node.steps - low - 1);
        System.arraycopy(node.y, low + 1, newY, count, node.steps - low - 1);
        count += node.steps - low - 1;
        int[] left = node.left.clone();
        left[kind]--;
        return new Node(node, new Placed(kind, placedX, at, turned, 0), newX, newY, merged(newX, newY, count), left,
                waste, node.laid + (long) w * h, Math.max(node.top, at + h));
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
