package app.dapt.layout.search;

import app.dapt.layout.search.Placements.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * A beam search for layouts that edge-to-edge cuts part: beginnings are stacks of rectangles still to be filled, the
 * last one first. A block of equal pieces, side by side or one after another, is laid in its corner, and what is beside
 * and beyond it goes on the stack, cut one way or the other; a rectangle that nothing fits is waste.
 */
final class StackBeam {

    private static final double[] POWERS = {1, 1.5, 2, 3};
    private static final int MOST_IN_BLOCK = 6;

    /** A beginning. */
    private record Node(
            @Nullable Node parent, @Nullable Block block, Patch[] stack, int[] left, long waste, long laid) {

        private long hash() {
            long hash = 7;
            for (Patch patch : stack) {
                hash = hash * 1_000_003 + patch.left() * 31L + patch.right();
                hash = hash * 1_000_003 + patch.top() * 31L + patch.bottom();
            }
            for (int count : left) {
                hash = hash * 31 + count;
            }
            return hash * 0x9E3779B97F4A7C15L;
        }
    }

    /** Equal pieces laid together, so many across and so many along. */
    private record Block(int kind, boolean turned, int across, int along, int x, int y) {}

    private record Move(Node node, Block block, boolean acrossFirst, long waste, double rank) {}

    private final Task task;
    private final SplittableRandom random;
    private final long area;
    private Placements laying = new Placements(List.of(), 0);
    private int best;
    private double power;
    private double weight;
    private boolean smallFirst;

    StackBeam(Task task, SplittableRandom random) {
        this.task = task;
        this.random = random;
        this.area = task.area();
    }

    /** One round; the shorter of what is known and what it finds. */
    Placements round(Placements known, int beam, Budget budget) {
        laying = known;
        best = known.length();
        power = POWERS[random.nextInt(POWERS.length)];
        weight = random.nextDouble(.003, .045);
        smallFirst = random.nextInt(2) == 0;
        int[] counts = task.items().stream().mapToInt(Task.Item::count).toArray();
        List<Node> level =
                List.of(new Node(null, null, new Patch[] {new Patch(0, 0, 0, task.width(), best - 1)}, counts, 0, 0));
        while (!level.isEmpty()) {
            List<Move> moves = new ArrayList<>(level.size() * 8);
            for (Node node : level) {
                if (budget.isSpent()) {
                    return laying;
                }
                if (node.laid() == area) {
                    finish(node);
                    return laying;
                }
                grow(node, moves);
            }
            level = keep(moves, beam);
        }
        return laying;
    }

    private void finish(Node node) {
        List<Placed> placed = new ArrayList<>();
        for (Node at = node; at != null && at.block() != null; at = at.parent()) {
            Block block = at.block();
            for (int i = 0; i < block.across() * block.along(); i++) {
                placed.add(new Placed(
                        block.kind(),
                        block.x() + i % block.across() * wide(block),
                        block.y() + i / block.across() * deep(block),
                        block.turned(),
                        0));
            }
        }
        Placements found = Placements.of(placed, task);
        if (found.length() < laying.length()) {
            laying = found;
            best = found.length();
        }
    }

    private int wide(Block block) {
        Task.Item item = task.items().get(block.kind());
        return block.turned() ? item.along() : item.across();
    }

    private int deep(Block block) {
        Task.Item item = task.items().get(block.kind());
        return block.turned() ? item.across() : item.along();
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

    /** Every block that fits the last rectangle of the stack; rectangles that nothing fits are given up first. */
    private void grow(Node node, List<Move> moves) {
        long room = (long) task.width() * (best - 1) - area;
        Patch[] stack = node.stack();
        int size = stack.length;
        long waste = node.waste();
        while (size > 0 && waste <= room) {
            Patch patch = stack[size - 1];
            boolean any = false;
            for (int kind = 0; kind < node.left().length; kind++) {
                Task.Item item = task.items().get(kind);
                if (node.left()[kind] == 0) {
                    continue;
                }
                for (int turn = 0; turn < (item.mayTurn() && item.across() != item.along() ? 2 : 1); turn++) {
                    Patch place = item.placeIn(patch, turn == 1);
                    if (place != null) {
                        any = true;
                        blocks(node, size, patch, place, kind, turn == 1, waste, room, moves);
                    }
                }
            }
            if (any) {
                return;
            }
            waste += (long) patch.across() * patch.along();
            size--;
        }
    }

    private void blocks(
            Node node,
            int size,
            Patch patch,
            Patch place,
            int kind,
            boolean turned,
            long waste,
            long room,
            List<Move> moves) {
        boolean fixed = task.items().get(kind).repeat().isPresent()
                || task.items().get(kind).repeatAcross().isPresent();
        long before = (long) (place.top() - patch.top()) * patch.across()
                + (long) (place.left() - patch.left()) * (patch.bottom() - place.top());
        if (waste + before > room) {
            return;
        }
        int most = fixed ? 1 : Math.min(MOST_IN_BLOCK, node.left()[kind]);
        int across = Math.min(most, (patch.right() - place.left()) / place.across());
        int along = Math.min(most, (patch.bottom() - place.top()) / place.along());
        for (int n = 1; n <= Math.max(across, along); n++) {
            if (n <= across) {
                move(
                        node,
                        size,
                        patch,
                        place,
                        new Block(kind, turned, n, 1, place.left(), place.top()),
                        waste + before,
                        moves);
            }
            if (n > 1 && n <= along) {
                move(
                        node,
                        size,
                        patch,
                        place,
                        new Block(kind, turned, 1, n, place.left(), place.top()),
                        waste + before,
                        moves);
            }
        }
    }

    private void move(Node node, int size, Patch patch, Patch place, Block block, long waste, List<Move> moves) {
        long laid = node.laid() + (long) place.across() * place.along() * block.across() * block.along();
        // The fewer rectangles are left to fill, and the better one side is filled, the better.
        boolean flush = place.left() + block.across() * place.across() == patch.right()
                || place.top() + block.along() * place.along() == patch.bottom();
        double rank = (waste + weight * area) / Math.pow((double) laid, power) * (1 + .02 * size);
        moves.add(new Move(trimmed(node, size), block, true, waste, rank));
        if (!flush) {
            moves.add(new Move(trimmed(node, size), block, false, waste, rank * (1 + random.nextDouble() * .01)));
        }
    }

    /** The node with the stack as high as this. */
    private static Node trimmed(Node node, int size) {
        return node.stack().length == size
                ? node
                : new Node(
                        node.parent(),
                        node.block(),
                        Arrays.copyOf(node.stack(), size),
                        node.left(),
                        node.waste(),
                        node.laid());
    }

    private Node lay(Move move) {
        Node node = move.node();
        Block block = move.block();
        Patch[] stack = node.stack();
        Patch patch = stack[stack.length - 1];
        int right = block.x() + block.across() * wide(block);
        int bottom = block.y() + block.along() * deep(block);
        Patch beyond = new Patch(0, block.x(), bottom, move.acrossFirst() ? patch.right() : right, patch.bottom());
        Patch beside = new Patch(0, right, block.y(), patch.right(), move.acrossFirst() ? bottom : patch.bottom());
        List<Patch> grown = new ArrayList<>(List.of(stack).subList(0, stack.length - 1));
        boolean besideLast = smallFirst ? size(beside) <= size(beyond) : move.acrossFirst();
        Patch first = besideLast ? beyond : beside;
        Patch last = besideLast ? beside : beyond;
        if (size(first) > 0) {
            grown.add(first);
        }
        if (size(last) > 0) {
            grown.add(last);
        }
        int[] left = node.left().clone();
        left[block.kind()] -= block.across() * block.along();
        return new Node(
                node,
                block,
                grown.toArray(Patch[]::new),
                left,
                move.waste(),
                node.laid() + (long) wide(block) * deep(block) * block.across() * block.along());
    }

    private static long size(Patch patch) {
        return (long) Math.max(0, patch.across()) * Math.max(0, patch.along());
    }
}
