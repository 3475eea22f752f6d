package app.dapt.layout.search;

import app.dapt.layout.search.Placements.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;

/**
 * Annealing on the order in which pieces are laid and on which way round each lies. Every order is laid piece by piece
 * as near the cut end as it goes, on no more cloth than there is; what does not fit is left out, and as little as
 * possible is to be left out.
 */
final class OrderAnnealing {

    private final Task task;
    private final SplittableRandom random;
    private final int[] order;
    private final boolean[] turned;
    /** Which way the cloth beyond each piece is cut first, where only edge-to-edge cuts are made. */
    private final boolean[] acrossFirst;

    private List<Placed> placed = List.of();

    /** Begins with the largest. */
    OrderAnnealing(Task task, SplittableRandom random) {
        this(task, random, item -> (long) item.across() * item.along());
    }

    /** Begins with what comes to most. */
    OrderAnnealing(Task task, SplittableRandom random, ToLongFunction<Task.Item> size) {
        this.task = task;
        this.random = random;
        List<Task.Item> items = task.items();
        this.order = IntStream.range(0, items.size())
                .boxed()
                .sorted(Comparator.comparingLong((Integer kind) -> -size.applyAsLong(items.get(kind))))
                .flatMapToInt(
                        kind -> IntStream.range(0, items.get(kind).count()).map(i -> kind))
                .toArray();
        this.turned = new boolean[order.length];
        this.acrossFirst = new boolean[order.length];
        Arrays.fill(acrossFirst, true);
    }

    /** Where the pieces lie in the best order met last. */
    List<Placed> placed() {
        return placed;
    }

    /**
     * Searches on this cloth until everything is laid or the budget is spent.
     *
     * @return the area left out of the best order
     */
    long search(List<Patch> cloth, Budget budget) {
        List<Placed> now = lay(cloth);
        long leftOut = leftOut(now);
        long best = leftOut;
        placed = now;
        double heat = task.area() * .02;
        while (best > 0 && !budget.isSpent()) {
            int[] undo = change();
            List<Placed> tried = lay(cloth);
            long cost = leftOut(tried);
            if (cost <= leftOut || random.nextDouble() < Math.exp((leftOut - cost) / heat)) {
                leftOut = cost;
                if (cost < best) {
                    best = cost;
                    placed = tried;
                }
            } else {
                revert(undo);
            }
            heat = Math.max(task.area() * .0005, heat * .9995);
        }
        return best;
    }

    private long leftOut(List<Placed> laid) {
        return task.area() - new Placements(laid, 0).area(task);
    }

    /** Swaps two, moves one, or turns one. */
    private int[] change() {
        int a = random.nextInt(order.length);
        int b = random.nextInt(order.length);
        int what = random.nextInt(task.edgeToEdge() ? 4 : 3);
        if (what == 3) {
            acrossFirst[a] = !acrossFirst[a];
        } else if (what == 2) {
            turned[a] = !turned[a];
        } else if (what == 1) {
            move(a, b);
        } else {
            swap(a, b);
        }
        return new int[] {what, a, b};
    }

    private void revert(int[] undo) {
        switch (undo[0]) {
            case 3 -> acrossFirst[undo[1]] = !acrossFirst[undo[1]];
            case 2 -> turned[undo[1]] = !turned[undo[1]];
            case 1 -> move(undo[2], undo[1]);
            default -> swap(undo[1], undo[2]);
        }
    }

    private void swap(int a, int b) {
        int kind = order[a];
        order[a] = order[b];
        order[b] = kind;
        boolean turn = turned[a];
        turned[a] = turned[b];
        turned[b] = turn;
        boolean first = acrossFirst[a];
        acrossFirst[a] = acrossFirst[b];
        acrossFirst[b] = first;
    }

    private void move(int from, int to) {
        int step = from < to ? 1 : -1;
        for (int i = from; i != to; i += step) {
            swap(i, i + step);
        }
    }

    private List<Placed> lay(List<Patch> cloth) {
        Room room = task.edgeToEdge() ? new EdgeToEdge(cloth) : new FreeRectangles(cloth);
        List<Placed> laid = new ArrayList<>(order.length);
        for (int i = 0; i < order.length; i++) {
            Task.Item item = task.items().get(order[i]);
            boolean turn = item.mayTurn() && turned[i];
            Patch place = room.place(item, turn);
            if (place == null && item.mayTurn()) {
                turn = !turn;
                place = room.place(item, turn);
            }
            if (place != null) {
                room.take(place, acrossFirst[i]);
                laid.add(new Placed(order[i], place.left(), place.top(), turn, place.remnant()));
            }
        }
        return laid;
    }
}
