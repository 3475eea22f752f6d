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
    /** Marked where the cloth beyond a piece is cut across first, where only edge-to-edge cuts are made. */
    private final LayingOrder order;

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
        this.order = LayingOrder.of(IntStream.range(0, items.size())
                .boxed()
                .sorted(Comparator.comparingLong((Integer kind) -> -size.applyAsLong(items.get(kind))))
                .flatMapToInt(
                        kind -> IntStream.range(0, items.get(kind).count()).map(i -> kind))
                .toArray());
        Arrays.fill(order.marked(), true);
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
        int a = random.nextInt(order.size());
        int b = random.nextInt(order.size());
        int what = random.nextInt(task.edgeToEdge() ? 4 : 3);
        if (what == 3) {
            order.marked()[a] = !order.marked()[a];
        } else if (what == 2) {
            order.turned()[a] = !order.turned()[a];
        } else if (what == 1) {
            order.move(a, b);
        } else {
            order.swap(a, b);
        }
        return new int[] {what, a, b};
    }

    private void revert(int[] undo) {
        switch (undo[0]) {
            case 3 -> order.marked()[undo[1]] = !order.marked()[undo[1]];
            case 2 -> order.turned()[undo[1]] = !order.turned()[undo[1]];
            case 1 -> order.move(undo[2], undo[1]);
            default -> order.swap(undo[1], undo[2]);
        }
    }

    private List<Placed> lay(List<Patch> cloth) {
        Room room = task.edgeToEdge() ? new EdgeToEdge(cloth) : new FreeRectangles(cloth);
        List<Placed> laid = new ArrayList<>(order.size());
        for (int i = 0; i < order.size(); i++) {
            Task.Item item = task.items().get(order.kinds()[i]);
            boolean turn = item.mayTurn() && order.turned()[i];
            Patch place = room.place(item, turn);
            if (place == null && item.mayTurn()) {
                turn = !turn;
                place = room.place(item, turn);
            }
            if (place != null) {
                room.take(place, order.marked()[i]);
                laid.add(new Placed(order.kinds()[i], place.left(), place.top(), turn, place.remnant()));
            }
        }
        return laid;
    }
}
