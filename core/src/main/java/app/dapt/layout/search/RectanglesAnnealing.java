package app.dapt.layout.search;

import app.dapt.layout.search.FreeRectangleArrays.Rule;
import app.dapt.layout.search.Placements.Placed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Lays as much as possible on a cloth, or on what is at hand: annealing on the order in which pieces are laid and on
 * which way round each lies, in rounds that begin anew and get longer. As little as possible is to be left out; what is
 * left out is moved more often than the rest. Where cloth is cut from edge to edge {@link OrderAnnealing} does this.
 */
final class RectanglesAnnealing {

    private static final List<Rule> RULES = List.of(Rule.values());
    private static final double HOT = .02;
    private static final double COLD = .0003;
    private static final int FIRST_ROUND = 4_000;
    private static final double LONGER = 1.15;
    private static final double NOISE = .1;
    private static final int IN_TEN = 10;
    private static final List<ToDoubleFunction<Task.Item>> STARTS = List.of(
            item -> (double) item.across() * item.along(),
            Task.Item::along,
            item -> Math.max(item.across(), item.along()),
            Task.Item::across);

    private final Task task;
    private final SplittableRandom random;
    private final int narrowest;
    private final int count;
    /** Marked where a piece found no place. */
    private final LayingOrder order;

    private final LayingOrder before;
    private int rounds;
    private double length = FIRST_ROUND;

    private FreeRectangleArrays free;
    private List<Placed> best = List.of();
    private long leftOut;

    /** Of the round that is on, nought where none is. */
    private int step;

    private double now;
    private double heat;

    RectanglesAnnealing(Task task, List<Patch> cloth, SplittableRandom random) {
        this.task = task;
        this.random = random;
        this.count = task.count();
        this.order = LayingOrder.of(new int[count]);
        this.before = LayingOrder.of(new int[count]);
        this.narrowest = task.items().stream()
                .mapToInt(item -> Math.min(item.across(), item.along()))
                .min()
                .orElse(1);
        this.leftOut = task.area();
        this.free = new FreeRectangleArrays(cloth, narrowest);
    }

    /** Goes on with other cloth; what was laid counts no more. */
    void on(List<Patch> cloth) {
        free = new FreeRectangleArrays(cloth, narrowest);
        best = List.of();
        leftOut = task.area();
        step = 0;
    }

    /** The most that was laid so far. */
    List<Placed> best() {
        return best;
    }

    /** Whether everything is laid. */
    boolean isAllLaid() {
        return leftOut == 0;
    }

    /** Goes on with a round until its end, or until the budget is spent or everything is laid. */
    void search(Budget budget) {
        Rule rule = RULES.get(rounds % RULES.size());
        if (step == 0) {
            begin();
            now = lay(rule, Double.MAX_VALUE);
            heat = task.area() * HOT;
            before.become(order);
        }
        double cooling = Math.pow(COLD / HOT, 1 / length);
        for (; step < length && !isAllLaid() && !budget.isSpent(); step++) {
            change();
            // So much may be left out for it to be taken; where more is, nobody need know how much.
            double most = now - heat * Math.log(1 - random.nextDouble());
            double tried = lay(rule, most);
            if (tried <= most) {
                now = tried;
                before.become(order);
            } else {
                order.become(before);
            }
            heat *= cooling;
        }
        if (step >= length) {
            rounds++;
            length *= LONGER;
            step = 0;
        }
    }

    /** Begins with what is largest in some way, more or less. */
    private void begin() {
        ToDoubleFunction<Task.Item> size = STARTS.get(rounds / RULES.size() % STARTS.size());
        List<Integer> pieces = new ArrayList<>();
        List<Double> by = new ArrayList<>();
        for (int item = 0; item < task.items().size(); item++) {
            for (int copy = 0; copy < task.items().get(item).count(); copy++) {
                pieces.add(item);
                by.add(size.applyAsDouble(task.items().get(item)) * (1 + NOISE * (2 * random.nextDouble() - 1)));
            }
        }
        List<Integer> sorted = IntStream.range(0, count)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> -by.get(i)))
                .toList();
        for (int at = 0; at < count; at++) {
            order.kinds()[at] = pieces.get(sorted.get(at));
        }
        Arrays.fill(order.turned(), false);
        Arrays.fill(order.marked(), false);
    }

    private void change() {
        int a = random.nextInt(3) == 0 ? leftOut() : random.nextInt(count);
        int what = random.nextInt(IN_TEN);
        if (what < 5) {
            order.swap(a, random.nextInt(count));
        } else if (what < 8) {
            order.move(a, random.nextInt(count));
        } else {
            order.turned()[a] = !order.turned()[a];
        }
    }

    /** One that found no place; any one where all did. */
    private int leftOut() {
        int from = random.nextInt(count);
        for (int ahead = 0; ahead < count; ahead++) {
            int at = (from + ahead) % count;
            if (order.marked()[at]) {
                return at;
            }
        }
        return from;
    }

    /** Lays all out in their order, until more is left out than may be; the area that is left out. */
    private long lay(Rule rule, double most) {
        free.clear();
        long missing = 0;
        for (int at = 0; at < count && missing <= most; at++) {
            Task.Item item = task.items().get(order.kinds()[at]);
            boolean turn = order.turned()[at];
            boolean out = !lay(item, turn, rule) && !(item.mayTurn() && lay(item, !turn, rule));
            order.marked()[at] = out;
            missing += out ? (long) item.across() * item.along() : 0;
        }
        if (missing < leftOut) {
            leftOut = missing;
            best = placed(rule);
        }
        return missing;
    }

    private boolean lay(Task.Item item, boolean asked, Rule rule) {
        boolean turn = asked && item.mayTurn();
        if (!free.place(item, turn, rule)) {
            return false;
        }
        free.take(
                free.remnant(),
                free.left(),
                free.top(),
                free.left() + (turn ? item.along() : item.across()),
                free.top() + (turn ? item.across() : item.along()));
        return true;
    }

    /** The same order once more, to see where everything lies. */
    private List<Placed> placed(Rule rule) {
        List<Placed> placed = new ArrayList<>();
        free.clear();
        for (int at = 0; at < count; at++) {
            Task.Item item = task.items().get(order.kinds()[at]);
            boolean turn = order.turned()[at] && item.mayTurn();
            boolean lies = lay(item, turn, rule);
            if (!lies && item.mayTurn()) {
                turn = !turn;
                lies = lay(item, turn, rule);
            }
            if (lies) {
                placed.add(new Placed(order.kinds()[at], free.left(), free.top(), turn, free.remnant()));
            }
        }
        return placed;
    }
}
