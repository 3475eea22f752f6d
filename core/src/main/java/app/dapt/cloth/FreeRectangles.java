package app.dapt.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToIntFunction;

/**
 * What is left free of a cloth, as the largest upright rectangles that fit in it; they may overlap each other.
 */
final class FreeRectangles implements Room {

    private List<Patch> free;

    FreeRectangles(List<Patch> whole) {
        free = new ArrayList<>(whole);
    }

    /** The free rectangles of a cloth so wide and so long. */
    static List<Patch> strip(int width, int length) {
        return List.of(new Patch(0, 0, 0, width, length));
    }

    /** The largest rectangles in a remnant whose corners lie on its own corners' lines, and some between on slanting sides. */
    static List<Patch> of(Task.Remnant remnant, int index) {
        int[] xs = lines(remnant, Task.Corner::x);
        int[] ys = lines(remnant, Task.Corner::y);
        List<Patch> found = new ArrayList<>();
        for (int top = 0; top < ys.length; top++) {
            for (int bottom = top + 1; bottom < ys.length; bottom++) {
                for (int left = 0; left < xs.length; left++) {
                    // The widest to the right that still lies inside.
                    for (int right = xs.length - 1; right > left; right--) {
                        Patch rectangle = new Patch(index, xs[left], ys[top], xs[right], ys[bottom]);
                        if (Inside.lies(remnant.corners(), rectangle)) {
                            found.add(rectangle);
                            break;
                        }
                    }
                }
            }
        }
        return largest(found);
    }

    /** The corners' own lines; where sides slant, lines between as well. */
    private static int[] lines(Task.Remnant remnant, ToIntFunction<Task.Corner> axis) {
        List<Task.Corner> corners = remnant.corners();
        TreeSet<Integer> lines = new TreeSet<>();
        int size = corners.size();
        for (int i = 0; i < size; i++) {
            Task.Corner a = corners.get(i);
            Task.Corner b = corners.get((i + 1) % size);
            lines.add(axis.applyAsInt(a));
            boolean slants = a.x() != b.x() && a.y() != b.y();
            for (int part = 1; slants && part < 8; part++) {
                lines.add(axis.applyAsInt(a) + (axis.applyAsInt(b) - axis.applyAsInt(a)) * part / 8);
            }
        }
        return lines.stream().mapToInt(Integer::intValue).toArray();
    }

    private static List<Patch> largest(List<Patch> rectangles) {
        List<Patch> kept = new ArrayList<>();
        for (int i = 0; i < rectangles.size(); i++) {
            Patch one = rectangles.get(i);
            boolean within = false;
            for (int j = 0; j < rectangles.size() && !within; j++) {
                Patch other = rectangles.get(j);
                within = j != i && other.holds(one) && !(one.holds(other) && j > i);
            }
            if (!within) {
                kept.add(one);
            }
        }
        return kept;
    }

    @Override
    public Patch place(Task.Item item, boolean turned) {
        Patch best = null;
        for (Patch one : free) {
            Patch place = item.placeIn(one, turned);
            if (place != null && (best == null || isNearer(place, best))) {
                best = place;
            }
        }
        return best;
    }

    /** Nearer the cut end, then nearer the left edge. */
    static boolean isNearer(Patch one, Patch other) {
        return one.remnant() < other.remnant() || one.remnant() == other.remnant()
                && (one.top() < other.top() || one.top() == other.top() && one.left() < other.left());
    }

    @Override
    public void take(Patch taken, boolean acrossFirst) {
        take(taken);
    }

    /** What is free, as rectangles that may overlap each other. */
    List<Patch> free() {
        return free;
    }

    /** Takes a rectangle away from what is free. */
    void take(Patch taken) {
        List<Patch> whole = new ArrayList<>(free.size() + 4);
        List<Patch> cut = new ArrayList<>();
        for (Patch one : free) {
            if (one.isApartFrom(taken)) {
                whole.add(one);
                continue;
            }
            if (taken.left() > one.left()) {
                cut.add(new Patch(one.remnant(), one.left(), one.top(), taken.left(), one.bottom()));
            }
            if (taken.right() < one.right()) {
                cut.add(new Patch(one.remnant(), taken.right(), one.top(), one.right(), one.bottom()));
            }
            if (taken.top() > one.top()) {
                cut.add(new Patch(one.remnant(), one.left(), one.top(), one.right(), taken.top()));
            }
            if (taken.bottom() < one.bottom()) {
                cut.add(new Patch(one.remnant(), one.left(), taken.bottom(), one.right(), one.bottom()));
            }
        }
        for (Patch piece : largest(cut)) {
            if (whole.stream().noneMatch(other -> other.holds(piece))) {
                whole.add(piece);
            }
        }
        free = whole;
    }

    /** Whether an upright rectangle lies within a polygon, exactly. */
    private static final class Inside {

        private Inside() {
        }

        static boolean lies(List<Task.Corner> polygon, Patch r) {
            boolean inside = false;
            long middleX = (long) r.left() + r.right();
            long middleY = (long) r.top() + r.bottom();
            int size = polygon.size();
            for (int i = 0; i < size; i++) {
                Task.Corner a = polygon.get(i);
                Task.Corner b = polygon.get((i + 1) % size);
                if (crosses(a, b, r)) {
                    return false;
                }
                // Counts how often a ray from the doubled middle meets the outline.
                long ay = 2L * a.y();
                long by = 2L * b.y();
                if (ay > middleY != by > middleY) {
                    double at = 2.0 * a.x() + (2.0 * b.x() - 2.0 * a.x()) * (middleY - ay) / (by - ay);
                    inside ^= middleX < at;
                }
            }
            return inside;
        }

        private static boolean crosses(Task.Corner a, Task.Corner b, Patch r) {
            if (Math.max(a.x(), b.x()) <= r.left() || Math.min(a.x(), b.x()) >= r.right() || Math.max(a.y(), b.y()) <= r.top()
                    || Math.min(a.y(), b.y()) >= r.bottom()) {
                return false;
            }
            int least = 1;
            int most = -1;
            for (int[] c : new int[][] {{r.left(), r.top()}, {r.right(), r.top()}, {r.left(), r.bottom()}, {r.right(), r.bottom()}}) {
                long side = (long) (b.x() - a.x()) * (c[1] - a.y()) - (long) (b.y() - a.y()) * (c[0] - a.x());
                least = Math.min(least, Long.signum(side));
                most = Math.max(most, Long.signum(side));
            }
            return least < 0 && most > 0;
        }
    }
}
