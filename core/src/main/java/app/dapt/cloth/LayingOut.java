package app.dapt.cloth;

import app.dapt.cloth.FreeRectangles.Free;
import app.dapt.cloth.Laying.Placed;
import java.util.ArrayList;
import java.util.List;

/**
 * Lays pieces out on the least length of cloth, or on what is at hand. A layout can be had at any time; it only gets
 * better. The same seed and the same steps give the same layout.
 */
public final class LayingOut {

    /** The beam is doubled after so many rounds. */
    private static final int ROUNDS = 4;
    private static final int FIRST_BEAM = 8;
    private static final int WIDEST_BEAM = 8192;
    /** Askings of the budget that one turn of the annealing may take before the beam has its turn. */
    private static final int TURN = 400;

    private final Task task;
    private final Dice dice;
    private final int least;
    private Laying best;

    /** Begins with a plain layout, so that there is always one. */
    public LayingOut(Task task, long seed) {
        this.task = task;
        this.dice = new Dice(seed);
        if (task.remnants().isEmpty()) {
            if (task.tooWide().isPresent()) {
                throw new IllegalArgumentException("a piece is wider than the cloth: " + task.tooWide().get().id());
            }
            this.least = LeastLength.of(task);
            this.best = plain();
        } else {
            this.least = 0;
            this.best = new Laying(List.of(), 0);
        }
    }

    public Laying best() {
        return best;
    }

    /** A length that no layout can do without. */
    public int least() {
        return least;
    }

    /** Whether nothing shorter, or on remnants nothing more, is possible. */
    public boolean isProvedBest() {
        return task.remnants().isEmpty() ? best.length() <= least : best.placed().size() == task.count();
    }

    /** Goes on until the budget is spent or the layout is proved best. */
    public Laying improve(Budget budget) {
        if (task.count() == 0) {
            return best;
        }
        if (!task.remnants().isEmpty()) {
            onRemnants(budget);
        } else {
            onTheBolt(budget);
        }
        return best;
    }

    private void onRemnants(Budget budget) {
        List<Free> cloth = new ArrayList<>();
        for (int i = 0; i < task.remnants().size(); i++) {
            cloth.addAll(FreeRectangles.of(task.remnants().get(i), i));
        }
        while (!isProvedBest() && !budget.isSpent()) {
            OrderAnnealing annealing = new OrderAnnealing(task, dice);
            long[] turns = {20_000};
            annealing.search(cloth, () -> turns[0]-- <= 0 || budget.isSpent());
            Laying found = new Laying(annealing.placed(), 0);
            if (found.area(task) > best.area(task)) {
                best = found;
            }
        }
    }

    /** The beam and the annealing take turns: repeats are the annealing's, many pieces the beam's. */
    private void onTheBolt(Budget budget) {
        boolean repeats = task.items().stream().anyMatch(item -> item.repeat().isPresent());
        double beamShare = repeats ? .3 : task.count() <= 20 ? .6 : task.count() <= 45 ? .8 : .93;
        OrderAnnealing annealing = new OrderAnnealing(task, dice);
        double beamTime = 0;
        double annealingTime = 0;
        int rounds = 0;
        while (!isProvedBest() && !budget.isSpent()) {
            if (beamTime * (1 - beamShare) <= annealingTime * beamShare) {
                int beam = Math.min(WIDEST_BEAM, FIRST_BEAM << Math.min(10, rounds++ / ROUNDS));
                SkylineBeam search = new SkylineBeam(task, best, dice);
                long[] asked = {0};
                search.round(beam, () -> {
                    asked[0]++;
                    return budget.isSpent();
                });
                best = search.best();
                // One growing of a beginning costs about as much as a tenth of laying out a whole order.
                beamTime += asked[0] * .1 + 1;
            } else {
                long[] turns = {TURN};
                long left = annealing.search(FreeRectangles.strip(task.width(), best.length() - 1), () -> turns[0]-- <= 0 || budget.isSpent());
                if (left == 0) {
                    best = Laying.of(annealing.placed(), task);
                }
                annealingTime += TURN - Math.max(0, turns[0]);
            }
        }
    }

    /** Deepest first, each as near the cut end as it goes: never longer than all of them one after another. */
    private Laying plain() {
        int whole = 0;
        for (Task.Item item : task.items()) {
            int repeat = item.repeat().map(Task.Repeat::every).orElse(0);
            whole += item.count() * (Math.max(item.across(), item.along()) + repeat);
        }
        OrderAnnealing once = new OrderAnnealing(task, dice);
        once.search(FreeRectangles.strip(task.width(), whole), () -> true);
        List<Placed> placed = once.placed();
        return Laying.of(placed, task);
    }
}
