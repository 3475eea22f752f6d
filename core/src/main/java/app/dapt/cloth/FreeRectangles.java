package app.dapt.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * What is left free of a cloth, as the largest upright rectangles that fit in it; they may overlap each other.
 */
final class FreeRectangles {

    /** An upright rectangle on one remnant. */
    record Free(int remnant, int left, int top, int right, int bottom) {

        boolean holds(Free other) {
            return remnant == other.remnant && left <= other.left && top <= other.top && right >= other.right && bottom >= other.bottom;
        }
    }

    private List<Free> free;

    FreeRectangles(List<Free> whole) {
        free = new ArrayList<>(whole);
    }

    /** The free rectangles of a cloth so wide and so long. */
    static List<Free> strip(int width, int length) {
        return List.of(new Free(0, 0, 0, width, length));
    }

    /** The largest rectangles in a remnant whose corners lie on its own corners' lines, and some between on slanting sides. */
    static List<Free> of(Task.Remnant remnant, int index) {
        int[] xs = lines(remnant, 0);
        int[] ys = lines(remnant, 1);
        List<Free> found = new ArrayList<>();
        for (int top = 0; top < ys.length; top++) {
            for (int bottom = top + 1; bottom < ys.length; bottom++) {
                for (int left = 0; left < xs.length; left++) {
                    // The widest to the right that still lies inside.
                    for (int right = xs.length - 1; right > left; right--) {
                        Free rectangle = new Free(index, xs[left], ys[top], xs[right], ys[bottom]);
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
    private static int[] lines(Task.Remnant remnant, int axis) {
        List<int[]> corners = remnant.corners();
        TreeSet<Integer> lines = new TreeSet<>();
        int size = corners.size();
        for (int i = 0; i < size; i++) {
            int[] a = corners.get(i);
            int[] b = corners.get((i + 1) % size);
            lines.add(a[axis]);
            boolean slants = a[0] != b[0] && a[1] != b[1];
            for (int part = 1; slants && part < 8; part++) {
                lines.add(a[axis] + (b[axis] - a[axis]) * part / 8);
            }
        }
        return lines.stream().mapToInt(Integer::intValue).toArray();
    }

    private static List<Free> largest(List<Free> rectangles) {
        List<Free> kept = new ArrayList<>();
        for (int i = 0; i < rectangles.size(); i++) {
            Free one = rectangles.get(i);
            boolean within = false;
            for (int j = 0; j < rectangles.size() && !within; j++) {
                Free other = rectangles.get(j);
                within = j != i && other.holds(one) && !(one.holds(other) && j > i);
            }
            if (!within) {
                kept.add(one);
            }
        }
        return kept;
    }

    /** The place nearest the cut end, and then nearest the left edge, where a piece can lie; nothing where it cannot. */
    Free place(int w, int h, Task.Repeat repeat) {
        Free best = null;
        for (Free rectangle : free) {
            int top = repeat == null ? rectangle.top() : repeat.after(rectangle.top());
            if (rectangle.right() - rectangle.left() < w || rectangle.bottom() - top < h) {
                continue;
            }
            boolean nearer = best == null || rectangle.remnant() < best.remnant()
                    || rectangle.remnant() == best.remnant() && (top < best.top() || top == best.top() && rectangle.left() < best.left());
            if (nearer) {
                best = new Free(rectangle.remnant(), rectangle.left(), top, rectangle.left() + w, top + h);
            }
        }
        return best;
    }

    /** Takes a rectangle away from what is free. */
    void take(Free taken) {
        List<Free> whole = new ArrayList<>(free.size() + 4);
        List<Free> cut = new ArrayList<>();
        for (Free one : free) {
            boolean apart = one.remnant() != taken.remnant() || taken.left() >= one.right() || taken.right() <= one.left()
                    || taken.top() >= one.bottom() || taken.bottom() <= one.top();
            if (apart) {
                whole.add(one);
                continue;
            }
            if (taken.left() > one.left()) {
                cut.add(new Free(one.remnant(), one.left(), one.top(), taken.left(), one.bottom()));
            }
            if (taken.right() < one.right()) {
                cut.add(new Free(one.remnant(), taken.right(), one.top(), one.right(), one.bottom()));
            }
            if (taken.top() > one.top()) {
                cut.add(new Free(one.remnant(), one.left(), one.top(), one.right(), taken.top()));
            }
            if (taken.bottom() < one.bottom()) {
                cut.add(new Free(one.remnant(), one.left(), taken.bottom(), one.right(), one.bottom()));
            }
        }
        for (Free piece : largest(cut)) {
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

        static boolean lies(List<int[]> polygon, Free r) {
            boolean inside = false;
            long middleX = (long) r.left() + r.right();
            long middleY = (long) r.top() + r.bottom();
            int size = polygon.size();
            for (int i = 0; i < size; i++) {
                int[] a = polygon.get(i);
                int[] b = polygon.get((i + 1) % size);
                if (crosses(a, b, r)) {
                    return false;
                }
                // Counts how often a ray from the doubled middle meets the outline.
                long ay = 2L * a[1];
                long by = 2L * b[1];
                if (ay > middleY != by > middleY) {
                    double at = 2.0 * a[0] + (2.0 * b[0] - 2.0 * a[0]) * (middleY - ay) / (by - ay);
                    inside ^= middleX < at;
                }
            }
            return inside;
        }

        private static boolean crosses(int[] a, int[] b, Free r) {
            if (Math.max(a[0], b[0]) <= r.left() || Math.min(a[0], b[0]) >= r.right() || Math.max(a[1], b[1]) <= r.top()
                    || Math.min(a[1], b[1]) >= r.bottom()) {
                return false;
            }
            int least = 1;
            int most = -1;
            for (int[] c : new int[][] {{r.left(), r.top()}, {r.right(), r.top()}, {r.left(), r.bottom()}, {r.right(), r.bottom()}}) {
                long side = (long) (b[0] - a[0]) * (c[1] - a[1]) - (long) (b[1] - a[1]) * (c[0] - a[0]);
                least = Math.min(least, Long.signum(side));
                most = Math.max(most, Long.signum(side));
            }
            return least < 0 && most > 0;
        }
    }
}
