package app.dapt.layout.search;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What {@link FreeRectangles} are, kept in flat arrays for a search that lays the same pieces out many thousand times:
 * the largest upright rectangles that are free, those that no piece fits into left out.
 */
final class FreeRectangleArrays {

    /** Which corner a piece is laid into: the one that is best in this. */
    enum Rule {
        /** Begins nearest the cut end. */
        TOP,
        /** Ends nearest the cut end. */
        BOTTOM,
        /** Leaves the least beside it. */
        SHORT_SIDE
    }

    /** Bits of a score: what is across takes the lowest, then what is along, then the remnant. */
    private static final int ACROSS = 24;

    private static final int REMNANT = 50;
    /** Left, top, right, bottom, and which remnant it is on. */
    private static final int FIELDS = 5;

    private final int[] start;
    private final int narrowest;
    private int[] free;
    private int[] next;
    private int count;

    /** Where the piece that was asked for last would lie. */
    private int left;

    private int top;
    private int remnant;

    /**
     * What is free at first.
     *
     * @param narrowest the narrowest side of any piece
     */
    FreeRectangleArrays(List<Patch> whole, int narrowest) {
        this.narrowest = narrowest;
        this.start = whole.stream()
                .filter(patch -> patch.across() >= narrowest && patch.along() >= narrowest)
                .flatMapToInt(patch ->
                        IntStream.of(patch.left(), patch.top(), patch.right(), patch.bottom(), patch.remnant()))
                .toArray();
        this.free = new int[start.length + 64 * FIELDS];
        this.next = new int[free.length];
        clear();
    }

    /** Everything is free again. */
    void clear() {
        System.arraycopy(start, 0, free, 0, start.length);
        count = start.length;
    }

    int left() {
        return left;
    }

    int top() {
        return top;
    }

    int remnant() {
        return remnant;
    }

    /** Finds a place for a piece; false where it fits nowhere. */
    boolean place(Task.Item item, boolean turned, Rule rule) {
        int across = turned ? item.along() : item.across();
        int along = turned ? item.across() : item.along();
        boolean meets = item.repeat().isPresent() || item.repeatAcross().isPresent();
        long best = Long.MAX_VALUE;
        for (int at = 0; at < count; at += FIELDS) {
            int x = free[at];
            int y = free[at + 1];
            if (meets) {
                int from = x;
                int down = y;
                x = item.repeatAcross().map(repeat -> repeat.after(from)).orElse(x);
                y = item.repeat().map(repeat -> repeat.after(down)).orElse(y);
            }
            int spareAcross = free[at + 2] - x - across;
            int spareAlong = free[at + 3] - y - along;
            long score = spareAcross < 0 || spareAlong < 0
                    ? Long.MAX_VALUE
                    : score(rule, free[at + 4], x, rule == Rule.TOP ? y : y + along, spareAcross, spareAlong);
            if (score < best) {
                best = score;
                left = x;
                top = y;
                remnant = free[at + 4];
            }
        }
        return best != Long.MAX_VALUE;
    }

    /** The first remnant first; the corner that fits best is looked for on all of them. */
    private static long score(Rule rule, int remnant, int x, int y, int spareAcross, int spareAlong) {
        return rule == Rule.SHORT_SIDE
                ? ((long) Math.min(spareAcross, spareAlong) << ACROSS) + Math.max(spareAcross, spareAlong)
                : ((long) remnant << REMNANT) + ((long) y << ACROSS) + x;
    }

    /** Takes a rectangle away from what is free. */
    void take(int on, int x, int y, int right, int bottom) {
        int kept = 0;
        int cut = 0;
        // What stays whole comes first, so that what is cut off has to be held against it and against itself.
        int room = count + FIELDS;
        ensure(count * 5 + FIELDS * 8);
        for (int at = 0; at < count; at += FIELDS) {
            int l = free[at];
            int t = free[at + 1];
            int r = free[at + 2];
            int b = free[at + 3];
            if (free[at + 4] != on || x >= r || right <= l || y >= b || bottom <= t) {
                System.arraycopy(free, at, next, kept, FIELDS);
                kept += FIELDS;
                continue;
            }
            cut = piece(room, cut, l, t, x, b, on);
            cut = piece(room, cut, right, t, r, b, on);
            cut = piece(room, cut, l, t, r, y, on);
            cut = piece(room, cut, l, bottom, r, b, on);
        }
        count = merged(room, kept, cut);
        int[] swap = free;
        free = next;
        next = swap;
    }

    private void ensure(int length) {
        if (next.length < length) {
            next = Arrays.copyOf(next, length * 2);
        }
        if (free.length < length) {
            free = Arrays.copyOf(free, length * 2);
        }
    }

    private int piece(int room, int cut, int l, int t, int r, int b, int on) {
        if (r - l < narrowest || b - t < narrowest) {
            return cut;
        }
        int at = room + cut;
        next[at] = l;
        next[at + 1] = t;
        next[at + 2] = r;
        next[at + 3] = b;
        next[at + 4] = on;
        return cut + FIELDS;
    }

    /** Moves what was cut off behind what stays whole, but for what lies in another. */
    private int merged(int room, int kept, int cut) {
        int end = kept;
        for (int one = room; one < room + cut; one += FIELDS) {
            boolean within = false;
            for (int other = 0; other < kept && !within; other += FIELDS) {
                within = holds(other, one);
            }
            for (int other = room; other < room + cut && !within; other += FIELDS) {
                // Of two alike the first stays.
                within = other != one && holds(other, one) && (other < one || !holds(one, other));
            }
            if (!within) {
                System.arraycopy(next, one, free, end, FIELDS);
                end += FIELDS;
            }
        }
        System.arraycopy(free, kept, next, kept, end - kept);
        return end;
    }

    private boolean holds(int one, int other) {
        return next[one + 4] == next[other + 4]
                && next[one] <= next[other]
                && next[one + 1] <= next[other + 1]
                && next[one + 2] >= next[other + 2]
                && next[one + 3] >= next[other + 3];
    }
}
