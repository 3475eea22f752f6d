package app.dapt.layout.search;

import app.dapt.layout.search.Placements.Placed;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Lays pieces by their outlines rather than by the rectangles about them, so that round ones stagger and slanting ones
 * nest: annealing on the order and on which way round each lies. The cloth is seen as narrow columns; a piece moves on
 * from the cut end until all of its columns are free. Within a column a piece counts from its first to its last thread,
 * so that nothing ever overlaps.
 */
final class OutlineAnnealing {

    private static final int MOST_COLUMNS = 400;
    private static final double HAIR = 1e-6;
    private static final boolean[] STRAIGHT = {false};
    private static final boolean[] BOTH = {false, true};

    /** A piece lying one way: how far its cloth begins and ends below its top, column by column. */
    private record Profile(int wide, int[] begins, int[] ends) {}

    /** One way in which a piece may lie. */
    private record Way(int kind, boolean turned, boolean about, Profile profile) {}

    private final Task task;
    private final SplittableRandom random;
    private final int column;
    private final int columns;
    private final List<List<Way>> ways = new ArrayList<>();
    /** What is taken of the bare cloth, and with the pieces laid so far. */
    private final Columns bare;

    private final Columns filled;
    /** The column that kept a piece from its place last. */
    private int inTheWay;

    private final int[] order;
    private final int[] way;

    OutlineAnnealing(Task task, SplittableRandom random) {
        this.task = task;
        this.random = random;
        this.column = Math.max(1, (task.width() + MOST_COLUMNS - 1) / MOST_COLUMNS);
        this.columns = (task.width() + column - 1) / column;
        this.bare = new Columns(columns, task.count() + task.taken().size() + 1);
        this.filled = new Columns(columns, task.count() + task.taken().size() + 1);
        for (Task.Taken taken : task.taken()) {
            Profile whole = profile(taken.outline(), task.width(), taken.patch().bottom());
            take(bare, whole, 0, 0);
        }
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
        return task.items().stream().anyMatch(item -> item.outline().isPresent())
                && task.remnants().isEmpty()
                && !task.edgeToEdge()
                && task.items().stream().allMatch(item -> item.repeatAcross().isEmpty());
    }

    private List<Way> ways(int kind) {
        Task.Item item = task.items().get(kind);
        List<Way> found = new ArrayList<>();
        for (boolean quarter : item.mayTurn() ? BOTH : STRAIGHT) {
            for (boolean about : item.turnsAbout() && item.outline().isPresent() ? BOTH : STRAIGHT) {
                int wide = quarter ? item.along() : item.across();
                int deep = quarter ? item.across() : item.along();
                if (wide <= task.width()) {
                    Contour lying = item.lying(quarter, about).orElse(Contour.rectangle(0, 0, wide, deep));
                    found.add(new Way(kind, quarter, about, profile(lying, wide, deep)));
                }
            }
        }
        return found;
    }

    private Profile profile(Contour outline, int wide, int deep) {
        int[] begins = new int[(wide + column - 1) / column];
        int[] ends = new int[begins.length];
        Arrays.fill(begins, deep);
        List<Point> points = outline.points();
        for (int i = 0; i < points.size(); i++) {
            side(points.get(i), points.get((i + 1) % points.size()), begins, ends, deep);
        }
        return new Profile(wide, begins, ends);
    }

    /**
     * Takes one side of an outline into every column it passes; what runs along a column is between the sides that lead
     * to it.
     */
    private void side(Point a, Point b, int[] begins, int[] ends, int deep) {
        double left = Math.min(a.x(), b.x());
        double right = Math.max(a.x(), b.x());
        int first = Math.max(0, (int) Math.floor(left / column));
        int last = Math.min(begins.length - 1, (int) Math.floor(right / column));
        for (int i = first; i <= last; i++) {
            double from = Math.max(left, (double) i * column);
            double to = Math.min(right, (double) (i + 1) * column);
            if (to - from > HAIR) {
                double one = at(a, b, from);
                double other = at(a, b, to);
                begins[i] = Math.max(0, Math.min(begins[i], (int) Math.floor(Math.min(one, other) + HAIR)));
                ends[i] = Math.min(deep, Math.max(ends[i], (int) Math.ceil(Math.max(one, other) - HAIR)));
            }
        }
    }

    private static double at(Point a, Point b, double x) {
        return a.x() == b.x() ? a.y() : a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x());
    }

    /** Searches on until the budget is spent; the shorter of what is known and what it finds. */
    Placements search(Placements known, Budget budget) {
        Placements best = known;
        Placements now = lay();
        double heat = now.length() * .03;
        while (true) {
            if (now.length() < best.length()) {
                best = now;
            }
            if (budget.isSpent()) {
                return best;
            }
            int a = random.nextInt(order.length);
            int b = random.nextInt(order.length);
            int before = way[a];
            boolean swaps = random.nextInt(2) == 0;
            if (swaps) {
                swap(a, b);
            } else {
                way[a] = random.nextInt(1 << 16);
            }
            Placements tried = lay();
            if (tried.length() <= now.length()
                    || random.nextDouble() < Math.exp((now.length() - tried.length()) / heat)) {
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

    private Placements lay() {
        filled.copy(bare);
        List<Placed> placed = new ArrayList<>(order.length);
        for (int i = 0; i < order.length; i++) {
            List<Way> choice = ways.get(order[i]);
            placed.add(lay(choice.get(way[i] % choice.size())));
        }
        return Placements.of(placed, task);
    }

    /** As near the cut end as it goes, and then as near the left edge. */
    private Placed lay(Way way) {
        Profile piece = way.profile();
        Task.Repeat repeat = task.items().get(way.kind()).repeat().orElse(null);
        int best = Integer.MAX_VALUE;
        int at = 0;
        for (int from = 0; from * column + piece.wide() <= task.width(); from++) {
            int y = place(piece, from, repeat, best);
            if (y < best) {
                best = y;
                at = from;
            }
        }
        take(filled, piece, at, best);
        return new Placed(way.kind(), at * column, best, way.turned(), way.about(), 0);
    }

    private static void take(Columns from, Profile piece, int at, int y) {
        for (int i = 0; i < piece.ends().length; i++) {
            if (piece.begins()[i] < piece.ends()[i]) {
                from.take(at + i, y + piece.begins()[i], y + piece.ends()[i]);
            }
        }
    }

    /**
     * The first place along these columns where all of the piece is free; where there is none before the known one, any
     * that is no better.
     */
    private int place(Profile piece, int from, Task.@Nullable Repeat repeat, int known) {
        int y = repeat == null ? 0 : repeat.after(0);
        int settled = 0;
        int count = piece.begins().length;
        // The column that was in the way last is most likely in the way again.
        for (int i = Math.max(0, Math.min(count - 1, inTheWay - from));
                settled < count && y < known;
                i = i + 1 < count ? i + 1 : 0) {
            int begins = piece.begins()[i];
            int length = piece.ends()[i] - begins;
            int free = length <= 0 ? y : filled.free(from + i, y + begins, length) - begins;
            if (free > y) {
                inTheWay = from + i;
                settled = 0;
            } else {
                settled++;
            }
            y = free == y || repeat == null ? free : repeat.after(free);
        }
        return y;
    }
}
