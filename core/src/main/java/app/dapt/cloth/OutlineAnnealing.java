package app.dapt.cloth;

import app.dapt.cloth.Laying.Placed;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Lays pieces by their outlines rather than by the rectangles about them, so that round ones stagger and slanting ones
 * nest: annealing on the order and on which way round each lies. The cloth is seen as narrow columns; a piece slides down
 * its columns until one of them meets what lies there already. Within a column a piece counts from its first to its last
 * thread, so that nothing ever overlaps.
 */
final class OutlineAnnealing {

    private static final int MOST_COLUMNS = 400;

    /** A piece lying one way: how far its cloth begins and ends below its top, column by column. */
    private record Profile(int kind, boolean turned, boolean about, int wide, int deep, int[] begins, int[] ends) {
    }

    private final Task task;
    private final Dice dice;
    private final int column;
    private final int columns;
    private final List<List<Profile>> ways = new ArrayList<>();
    private final int[] order;
    private final int[] way;

    OutlineAnnealing(Task task, Dice dice) {
        this.task = task;
        this.dice = dice;
        this.column = Math.max(1, (task.width() + MOST_COLUMNS - 1) / MOST_COLUMNS);
        this.columns = (task.width() + column - 1) / column;
        order = new int[task.count()];
        way = new int[order.length];
        int at = 0;
        for (int kind = 0; kind < task.items().size(); kind++) {
            ways.add(ways(kind));
            for (int i = 0; i < task.items().get(kind).count(); i++) {
                order[at++] = kind;
            }
        }
    }

    /** Whether outlines can make a difference, and nothing else is asked that they know nothing of. */
    static boolean helps(Task task) {
        return task.items().stream().anyMatch(item -> item.outline().isPresent()) && task.remnants().isEmpty() && task.taken().isEmpty() && !task.edgeToEdge()
                && task.items().stream().allMatch(item -> item.repeatAcross().isEmpty());
    }

    private List<Profile> ways(int kind) {
        Task.Item item = task.items().get(kind);
        List<Profile> found = new ArrayList<>();
        for (int quarter = 0; quarter < (item.mayTurn() ? 2 : 1); quarter++) {
            for (int about = 0; about < (item.turnsAbout() && item.outline().isPresent() ? 2 : 1); about++) {
                if ((quarter == 1 ? item.along() : item.across()) <= task.width()) {
                    found.add(profile(item, kind, quarter == 1, about == 1));
                }
            }
        }
        return found;
    }

    /** A quarter turn is to the left; a piece turned about is turned first. */
    private Profile profile(Task.Item item, int kind, boolean quarter, boolean about) {
        int wide = quarter ? item.along() : item.across();
        int deep = quarter ? item.across() : item.along();
        int[] begins = new int[(wide + column - 1) / column];
        int[] ends = new int[begins.length];
        Arrays.fill(ends, deep);
        item.outline().ifPresent(outline -> {
            Arrays.fill(begins, deep);
            Arrays.fill(ends, 0);
            List<Point> points = outline.points().stream().map(p -> about ? new Point(item.across() - p.x(), item.along() - p.y()) : p)
                    .map(p -> quarter ? new Point(p.y(), item.across() - p.x()) : p).toList();
            for (int i = 0; i < points.size(); i++) {
                side(points.get(i), points.get((i + 1) % points.size()), begins, ends, deep);
            }
        });
        return new Profile(kind, quarter, about, wide, deep, begins, ends);
    }

    /** Takes one side of an outline into every column it passes. */
    private void side(Point a, Point b, int[] begins, int[] ends, int deep) {
        double left = Math.min(a.x(), b.x());
        double right = Math.max(a.x(), b.x());
        int first = Math.max(0, (int) Math.floor(left / column) - 1);
        int last = Math.min(begins.length - 1, (int) Math.floor(right / column) + 1);
        for (int i = first; i <= last; i++) {
            double from = Math.max(left, (double) i * column);
            double to = Math.min(right, (double) (i + 1) * column);
            if (from > to) {
                continue;
            }
            double one = at(a, b, from);
            double other = at(a, b, to);
            begins[i] = Math.max(0, Math.min(begins[i], (int) Math.floor(Math.min(one, other) + 1e-6)));
            ends[i] = Math.min(deep, Math.max(ends[i], (int) Math.ceil(Math.max(one, other) - 1e-6)));
            if (left == right) {
                begins[i] = Math.max(0, Math.min(begins[i], (int) Math.floor(Math.min(a.y(), b.y()) + 1e-6)));
                ends[i] = Math.min(deep, Math.max(ends[i], (int) Math.ceil(Math.max(a.y(), b.y()) - 1e-6)));
            }
        }
    }

    private static double at(Point a, Point b, double x) {
        return a.x() == b.x() ? a.y() : a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x());
    }

    /** Searches on until the budget is spent; the shorter of what is known and what it finds. */
    Laying search(Laying known, Budget budget) {
        Laying best = known;
        Laying now = lay();
        double heat = now.length() * .03;
        while (true) {
            if (now.length() < best.length()) {
                best = now;
            }
            if (budget.isSpent()) {
                return best;
            }
            int a = dice.below(order.length);
            int b = dice.below(order.length);
            int before = way[a];
            boolean swaps = dice.below(2) == 0;
            if (swaps) {
                swap(a, b);
            } else {
                way[a] = dice.below(1 << 16);
            }
            Laying tried = lay();
            if (tried.length() <= now.length() || dice.share() < Math.exp((now.length() - tried.length()) / heat)) {
                now = tried;
            } else if (swaps) {
                swap(a, b);
            } else {
                way[a] = before;
            }
            heat = Math.max(now.length() * .001, heat * .999);
        }
    }

    private void swap(int a, int b) {
        int kind = order[a];
        order[a] = order[b];
        order[b] = kind;
        int turn = way[a];
        way[a] = way[b];
        way[b] = turn;
    }

    private Laying lay() {
        int[] filled = new int[columns];
        List<Placed> placed = new ArrayList<>(order.length);
        for (int i = 0; i < order.length; i++) {
            List<Profile> choice = ways.get(order[i]);
            placed.add(lay(choice.get(way[i] % choice.size()), filled));
        }
        return Laying.of(placed, task);
    }

    /** As near the cut end as it goes, and then as near the left edge. */
    private Placed lay(Profile piece, int[] filled) {
        Task.Repeat repeat = task.items().get(piece.kind()).repeat().orElse(null);
        int best = Integer.MAX_VALUE;
        int at = 0;
        for (int from = 0; from * column + piece.wide() <= task.width(); from++) {
            int y = 0;
            for (int i = 0; i < piece.begins().length && y < best; i++) {
                y = Math.max(y, filled[from + i] - piece.begins()[i]);
            }
            y = repeat == null ? y : repeat.after(y);
            if (y < best) {
                best = y;
                at = from;
            }
        }
        for (int i = 0; i < piece.ends().length; i++) {
            filled[at + i] = Math.max(filled[at + i], best + piece.ends()[i]);
        }
        return new Placed(piece.kind(), at * column, best, piece.turned(), piece.about(), 0);
    }
}
