package app.dapt.layout.search;

import app.dapt.layout.search.Placements.Placed;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Lays pieces out on the least length of cloth, or on what is at hand. A layout can be had at any time, from any
 * thread; it only gets better. The same seed and the same steps give the same layout.
 */
public final class LayoutSearch {

    /** The beam is doubled after so many rounds. */
    private static final int ROUNDS = 6;

    private static final int FIRST_BEAM = 8;
    private static final int WIDEST_BEAM = 8192;
    /** With more kinds of pieces, bars say little more than the area does and take long. */
    private static final int MOST_BOUNDED = 22;
    /**
     * Rounds that the search for a layout has before that for a bound, and what that may take; less where each takes
     * longer.
     */
    private static final int BOUND_AFTER = 5;

    private static final int BOUND_ROUNDS = 300;
    private static final int FEW = 10;
    /** What growing one beginning costs, of laying out a whole order. */
    private static final double GROWING = .1;
    /** The same of filling a cloth with rectangles in flat arrays. */
    private static final double FILLING = .33;
    /** Askings of the budget that one turn of the annealing may take before the beam has its turn. */
    private static final int TURN = 400;
    /** The same for laying by outlines, which takes longer. */
    private static final int OUTLINE_TURN = 150;
    /** The same on remnants, where the annealing is alone. */
    private static final int LONG_TURN = 20_000;
    /** Askings that trying to do with one remnant less may take. */
    private static final int FEWER_TURN = 4_000;

    /** What a search begins with, the first at once. */
    private static final List<ToLongFunction<Task.Item>> PLAIN_ORDERS =
            List.of(item -> (long) item.across() * item.along(), Task.Item::along, Task.Item::across);

    private final Task task;
    private final SplittableRandom random;
    private int plainTried = 1;
    /** Nothing until a search begins: the first layout is wanted far more often. */
    private @Nullable Means means;
    /** Nothing until it is needed. */
    private @Nullable RectanglesAnnealing rectangles;
    /** How long the cloth is that is filled with it. */
    private int cap = -1;

    private volatile int least;
    private volatile Placements best;
    /** The rectangles within each remnant, once they were asked for. */
    private final Map<Integer, List<Patch>> within = new HashMap<>();

    private double beamTime;
    private double annealingTime;
    private double outlineTime;
    private int rounds;
    /** How many ways to do with one remnant less were tried, and whether that was all of them. */
    private int fewerTried;

    private boolean fewestTried;
    private boolean bounded;

    /**
     * Begins with a plain layout, so that there is always one.
     *
     * @throws IllegalArgumentException where a piece is wider than the cloth
     */
    public LayoutSearch(Task task, long seed) {
        this.task = task;
        this.random = new SplittableRandom(seed);
        if (isOnTheBolt()) {
            if (task.tooWide().isPresent()) {
                throw new IllegalArgumentException("a piece is wider than the cloth: "
                        + task.tooWide().get().id());
            }
            this.least = LeastLength.of(task);
        } else {
            this.least = 0;
        }
        this.best = plain(PLAIN_ORDERS.get(0));
    }

    /**
     * What a cloth off the bolt is searched with.
     *
     * @param outlines where outlines make a difference
     */
    private record Means(
            OrderAnnealing annealing, SkylineBeam skylines, StackBeam stacks, Optional<OutlineAnnealing> outlines) {

        static Means of(Task task, SplittableRandom random) {
            return new Means(
                    new OrderAnnealing(task, random),
                    new SkylineBeam(task, random),
                    new StackBeam(task, random),
                    OutlineAnnealing.helps(task) ? Optional.of(new OutlineAnnealing(task, random)) : Optional.empty());
        }
    }

    public Placements best() {
        return best;
    }

    /** A length that no layout can do without. */
    public int least() {
        return least;
    }

    private boolean isOnTheBolt() {
        return task.remnants().isEmpty();
    }

    /** Whether nothing shorter is possible; on remnants, whether nothing more or on fewer of them. */
    public boolean isProvedBest() {
        return isOnTheBolt() ? best.length() <= least : isAllLaid() && best.remnantsUsed() <= fewestThinkable();
    }

    private boolean isAllLaid() {
        return best.placed().size() == task.count();
    }

    /** Whether there is nothing more to try. */
    public boolean isDone() {
        return task.count() == 0 || isProvedBest() || !isOnTheBolt() && isAllLaid() && fewestTried;
    }

    /** Goes on until the budget is spent or there is nothing more to try. */
    public Placements improve(Budget budget) {
        while (!isDone() && !budget.isSpent()) {
            if (plainTried < PLAIN_ORDERS.size()) {
                keep(plain(PLAIN_ORDERS.get(plainTried++)));
            } else if (isOnTheBolt()) {
                onTheBolt(budget);
            } else if (isAllLaid()) {
                onFewerRemnants(budget);
            } else {
                onRemnants(budget);
            }
        }
        if (means != null) {
            means.skylines().rest();
        }
        return best;
    }

    private void keep(Placements found) {
        best = isBetter(found, best) ? found : best;
    }

    private Means means() {
        if (means == null) {
            means = Means.of(task, random);
        }
        return means;
    }

    private void onRemnants(Budget budget) {
        if (!task.edgeToEdge()) {
            RectanglesAnnealing filling = rectangles(0);
            filling.search(budget);
            keep(new Placements(filling.best(), 0));
            return;
        }
        OrderAnnealing again = new OrderAnnealing(task, random);
        again.search(cloth(0, remnants()), turn(LONG_TURN, budget));
        keep(new Placements(again.placed(), 0));
    }

    /** On the remnants, or on so much cloth. */
    private RectanglesAnnealing rectangles(int length) {
        if (rectangles == null) {
            rectangles = new RectanglesAnnealing(task, cloth(length, remnants()), random);
        } else if (cap != length) {
            rectangles.on(cloth(length, remnants()));
        }
        cap = length;
        return rectangles;
    }

    private List<Integer> remnants() {
        return IntStream.range(0, task.remnants().size()).boxed().toList();
    }

    /**
     * Everything is laid: tries to do with one remnant less, on the largest there are or on those used but one, as long
     * as that goes.
     */
    private void onFewerRemnants(Budget budget) {
        List<List<Integer>> fewer = fewerRemnants();
        if (fewerTried == fewer.size()) {
            fewestTried = true;
            return;
        }
        OrderAnnealing again = new OrderAnnealing(task, random);
        if (again.search(cloth(0, fewer.get(fewerTried++)), turn(FEWER_TURN, budget)) == 0) {
            best = new Placements(again.placed(), 0);
            fewerTried = 0;
        }
    }

    private List<List<Integer>> fewerRemnants() {
        Comparator<Integer> largest = Comparator.comparingLong(
                remnant -> -task.remnants().get(remnant).outline().twiceArea());
        List<Integer> used = best.placed().stream()
                .map(Placed::remnant)
                .distinct()
                .sorted(largest.reversed())
                .toList();
        List<List<Integer>> fewer = new ArrayList<>();
        fewer.add(remnants().stream().sorted(largest).limit(used.size() - 1L).toList());
        used.forEach(without -> fewer.add(
                used.stream().filter(remnant -> !remnant.equals(without)).toList()));
        return fewer;
    }

    /** So many remnants, the largest, are needed for the pieces' area alone. */
    private int fewestThinkable() {
        long[] areas = task.remnants().stream()
                .mapToLong(remnant -> remnant.outline().twiceArea())
                .sorted()
                .toArray();
        long left = 2 * task.area();
        int count = 0;
        while (left > 0 && count < areas.length) {
            left -= areas[areas.length - ++count];
        }
        return count;
    }

    /**
     * The beam and the annealing take turns: repeats are the annealing's, many pieces the beam's. Once both had theirs,
     * it is seen what cannot be.
     */
    private void onTheBolt(Budget budget) {
        Means with = means();
        double beamShare = beamShare();
        if (with.outlines().isPresent() && outlineTime <= beamTime + annealingTime) {
            best = with.outlines().get().search(best, turn(OUTLINE_TURN, budget));
            outlineTime += 2 * TURN;
        } else if (!bounded && rounds >= BOUND_AFTER) {
            bounded = true;
            bound();
        } else if (beamShare > 0 && beamTime * (1 - beamShare) <= annealingTime * beamShare) {
            int beam = Math.min(WIDEST_BEAM, FIRST_BEAM << Math.min(10, rounds++ / ROUNDS));
            long[] asked = {0};
            Budget counted = () -> {
                asked[0]++;
                return budget.isSpent();
            };
            best = task.edgeToEdge()
                    ? with.stacks().round(best, beam, counted)
                    : with.skylines().round(best, beam, counted);
            beamTime += asked[0] * GROWING + 1;
        } else {
            annealingTime += anneal(with, budget);
            rounds += beamShare == 0 ? 1 : 0;
        }
    }

    /** Tries to do with less cloth than the best layout takes; what that cost. */
    private double anneal(Means with, Budget budget) {
        if (task.edgeToEdge()) {
            if (with.annealing().search(cloth(best.length() - 1, List.of()), turn(TURN, budget)) == 0) {
                best = Placements.of(with.annealing().placed(), task);
            }
            return TURN;
        }
        RectanglesAnnealing filling = rectangles(best.length() - 1);
        filling.search(turn(TURN, budget));
        if (filling.isAllLaid()) {
            best = Placements.of(filling.best(), task);
        }
        return TURN * FILLING;
    }

    /** A beam fills a cloth from its cut end; it knows of nothing that lies there already. */
    private double beamShare() {
        boolean across =
                task.items().stream().anyMatch(item -> item.repeatAcross().isPresent());
        if (!task.taken().isEmpty() || across && !task.edgeToEdge()) {
            return 0;
        }
        boolean repeats = task.items().stream().anyMatch(item -> item.repeat().isPresent());
        return repeats ? .3 : task.edgeToEdge() ? .8 : task.count() <= 20 ? .6 : task.count() <= 45 ? .8 : .93;
    }

    /**
     * Raises the least length by chains of pieces and by their bars: across the cloth, and along it for as long as no
     * layout so long is possible.
     */
    private void bound() {
        if (task.items().size() > MOST_BOUNDED
                || task.items().stream().anyMatch(item -> item.outline().isPresent())) {
            return;
        }
        // Counted in its own rounds, so that it comes to the same however short the slices are that a search is cut
        // into.
        Budget rounds = Budget.steps(task.items().size() <= FEW ? BOUND_ROUNDS : BOUND_ROUNDS / 3);
        least = Math.max(Math.max(least, ChainLowerBound.of(task)), BarLowerBound.across(task, rounds));
        int possible = best.length();
        while (least < possible && !rounds.isSpent()) {
            int middle = least + (possible - least) / 2;
            if (BarLowerBound.isTooShort(task, middle, rounds)) {
                least = middle + 1;
            } else {
                possible = middle;
            }
        }
    }

    private static Budget turn(int most, Budget budget) {
        Budget turns = Budget.steps(most);
        return () -> turns.isSpent() || budget.isSpent();
    }

    /** The cloth free to lay on: so much off the bolt, or these remnants, less what is taken. */
    private List<Patch> cloth(int length, List<Integer> remnants) {
        List<Patch> whole = new ArrayList<>();
        if (isOnTheBolt()) {
            whole.addAll(FreeRectangles.strip(task.width(), length));
        }
        for (int remnant : remnants) {
            whole.addAll(within.computeIfAbsent(
                    remnant, index -> FreeRectangles.of(task.remnants().get(index), index)));
        }
        FreeRectangles free = new FreeRectangles(whole);
        task.taken().forEach(taken -> free.take(taken.patch()));
        return free.free();
    }

    /** A plain order, each piece as near the cut end as it goes: never longer than all one after another. */
    private Placements plain(ToLongFunction<Task.Item> size) {
        int whole = task.taken().stream()
                .mapToInt(taken -> taken.patch().bottom())
                .max()
                .orElse(0);
        for (Task.Item item : task.items()) {
            int repeat = item.repeat().map(Task.Repeat::every).orElse(0);
            whole += item.count() * (Math.max(item.across(), item.along()) + repeat);
        }
        OrderAnnealing once = new OrderAnnealing(task, random, size);
        once.search(cloth(whole, remnants()), () -> true);
        return isOnTheBolt() ? Placements.of(once.placed(), task) : new Placements(once.placed(), 0);
    }

    private boolean isBetter(Placements one, Placements other) {
        return isOnTheBolt() ? one.length() < other.length() : one.area(task) > other.area(task);
    }
}
