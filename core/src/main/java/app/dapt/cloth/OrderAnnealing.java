package app.dapt.cloth;

import app.dapt.cloth.FreeRectangles.Free;
import app.dapt.cloth.Laying.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Annealing on the order in which pieces are laid and on which way round each lies. Every order is laid piece by piece as
 * near the cut end as it goes, on no more cloth than there is; what does not fit is left out, and as little as possible
 * is to be left out.
 */
final class OrderAnnealing {

    private final Task task;
    private final Dice dice;
    private final int[] order;
    private final boolean[] turned;
    private List<Placed> placed = List.of();

    OrderAnnealing(Task task, Dice dice) {
        this.task = task;
        this.dice = dice;
        this.order = new int[task.count()];
        this.turned = new boolean[order.length];
        int at = 0;
        for (int kind = 0; kind < task.items().size(); kind++) {
            for (int i = 0; i < task.items().get(kind).count(); i++) {
                order[at++] = kind;
            }
        }
        sortByArea();
    }

    private void sortByArea() {
        Integer[] kinds = new Integer[order.length];
        for (int i = 0; i < order.length; i++) {
            kinds[i] = order[i];
        }
        Arrays.sort(kinds, (a, b) -> Long.compare(size(b), size(a)));
        for (int i = 0; i < order.length; i++) {
            order[i] = kinds[i];
        }
    }

    private long size(int kind) {
        return (long) task.items().get(kind).across() * task.items().get(kind).along();
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
    long search(List<Free> cloth, Budget budget) {
        List<Placed> now = lay(cloth);
        long leftOut = leftOut(now);
        long best = leftOut;
        placed = now;
        double heat = task.area() * .02;
        while (best > 0 && !budget.isSpent()) {
            int[] undo = change();
            List<Placed> tried = lay(cloth);
            long cost = leftOut(tried);
            if (cost <= leftOut || dice.share() < Math.exp((leftOut - cost) / heat)) {
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
        return task.area() - new Laying(laid, 0).area(task);
    }

    /** Swaps two, moves one, or turns one. */
    private int[] change() {
        int a = dice.below(order.length);
        int b = dice.below(order.length);
        int what = dice.below(3);
        if (what == 2) {
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
    }

    private void move(int from, int to) {
        int step = from < to ? 1 : -1;
        for (int i = from; i != to; i += step) {
            swap(i, i + step);
        }
    }

    private List<Placed> lay(List<Free> cloth) {
        FreeRectangles free = new FreeRectangles(cloth);
        List<Placed> laid = new ArrayList<>(order.length);
        for (int i = 0; i < order.length; i++) {
            Task.Item item = task.items().get(order[i]);
            boolean mayTurn = item.turns() && item.repeat().isEmpty();
            boolean turn = mayTurn && turned[i];
            Free place = place(free, item, turn);
            if (place == null && mayTurn) {
                turn = !turn;
                place = place(free, item, turn);
            }
            if (place != null) {
                free.take(place);
                laid.add(new Placed(order[i], place.left(), place.top(), turn, place.remnant()));
            }
        }
        return laid;
    }

    private static Free place(FreeRectangles free, Task.Item item, boolean turn) {
        return free.place(turn ? item.along() : item.across(), turn ? item.across() : item.along(), item.repeat().orElse(null));
    }
}
