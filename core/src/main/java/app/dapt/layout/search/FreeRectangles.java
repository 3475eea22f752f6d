package app.dapt.layout.search;

import app.dapt.piece.GridPolygon.Corner;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What is left free of a cloth, as the largest upright rectangles that fit in it; they may overlap each other.
 */
public final class FreeRectangles implements Room {

    /** A slanting side is looked at in so many parts, and all of an outline on about so many lines. */
    private static final int MOST_PARTS = 12;

    private static final int MOST_LINES = 96;
    /**
     * Of a remnant with more lines than this only so many are looked at, evenly, and no more rectangles than this are
     * kept: the largest.
     */
    private static final int MOST_BANDS = 80;

    private static final int MOST_FREE = 500;
    private static final double HAIR = 1e-9;

    /** By remnant, since what is taken from one leaves the others as they are. */
    private final SortedMap<Integer, List<Patch>> free = new TreeMap<>();

    public FreeRectangles(List<Patch> whole) {
        whole.forEach(one -> free.computeIfAbsent(one.remnant(), remnant -> new ArrayList<>())
                .add(one));
    }

    /** The free rectangles of a cloth so wide and so long. */
    public static List<Patch> strip(int width, int length) {
        return List.of(new Patch(0, 0, 0, width, length));
    }

    /**
     * The largest rectangles in a remnant that begin and end on its corners' lines, and on some between where sides
     * slant: of every band between two such lines, whatever lies between the sides that pass through it.
     */
    public static List<Patch> of(Task.Remnant remnant, int index) {
        int[] ys = fewer(lines(remnant));
        List<Patch> found = new ArrayList<>();
        for (int top = 0; top < ys.length; top++) {
            for (int bottom = top + 1; bottom < ys.length; bottom++) {
                band(remnant, index, ys[top], ys[bottom], found);
            }
        }
        return largest(found);
    }

    private static int[] fewer(int[] lines) {
        return lines.length <= MOST_BANDS
                ? lines
                : IntStream.range(0, MOST_BANDS)
                        .map(i -> lines[(int) ((long) i * (lines.length - 1) / (MOST_BANDS - 1))])
                        .toArray();
    }

    /** The corners' own lines along the cloth; where sides slant, lines between as well, fewer where there are many. */
    private static int[] lines(Task.Remnant remnant) {
        List<Corner> corners = remnant.corners();
        int parts = Math.max(1, Math.min(MOST_PARTS, MOST_LINES / corners.size()));
        TreeSet<Integer> lines = new TreeSet<>();
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            lines.add(a.y());
            boolean slants = a.x() != b.x() && a.y() != b.y();
            for (int part = 1; slants && part < parts; part++) {
                lines.add(a.y() + (int) ((long) (b.y() - a.y()) * part / parts));
            }
        }
        return lines.stream().mapToInt(Integer::intValue).toArray();
    }

    /**
     * A side as it passes through a band: from where to where across, and whether it crosses the band's middle line.
     */
    private record Passing(double from, double to, boolean crosses) {}

    /**
     * What lies free in a band from side to side: within, where an odd number of sides at its left cross the middle
     * line.
     */
    private static void band(Task.Remnant remnant, int index, int top, int bottom, List<Patch> found) {
        List<Passing> sides = new ArrayList<>();
        List<Corner> corners = remnant.corners();
        double middle = (top + (double) bottom) / 2;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            if (Math.min(a.y(), b.y()) < bottom && Math.max(a.y(), b.y()) > top) {
                double one = at(a, b, Math.max(top, Math.min(bottom, a.y())), a.x());
                double other = at(a, b, Math.max(top, Math.min(bottom, b.y())), b.x());
                sides.add(new Passing(Math.min(one, other), Math.max(one, other), a.y() > middle != b.y() > middle));
            }
        }
        sides.sort(Comparator.comparingDouble(Passing::from));
        double reached = Double.NEGATIVE_INFINITY;
        boolean inside = false;
        for (Passing side : sides) {
            int left = reached == Double.NEGATIVE_INFINITY ? Integer.MAX_VALUE : (int) Math.ceil(reached - HAIR);
            int right = (int) Math.floor(side.from() + HAIR);
            if (left < right && inside) {
                found.add(new Patch(index, left, top, right, bottom));
            }
            reached = Math.max(reached, side.to());
            inside ^= side.crosses();
        }
    }

    /** Where a side is at a height; a level one where it begins or ends. */
    private static double at(Corner a, Corner b, int y, int level) {
        return a.y() == b.y() ? level : a.x() + (double) (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y());
    }

    /** Those that lie in no other, the largest first, so that each has to be held against those before it only. */
    private static List<Patch> largest(List<Patch> rectangles) {
        List<Patch> sorted = new ArrayList<>(rectangles);
        sorted.sort(Comparator.comparingLong(Patch::area).reversed());
        List<Patch> kept = new ArrayList<>();
        for (Patch one : sorted) {
            if (kept.size() == MOST_FREE) {
                break;
            }
            boolean within = false;
            for (int i = 0; i < kept.size() && !within; i++) {
                within = kept.get(i).holds(one);
            }
            if (!within) {
                kept.add(one);
            }
        }
        return kept;
    }

    @Override
    public @Nullable Patch place(Task.Item item, boolean turned) {
        Patch best = null;
        for (List<Patch> remnant : free.values()) {
            for (Patch one : remnant) {
                Patch place = item.placeIn(one, turned);
                if (place != null && (best == null || isNearer(place, best))) {
                    best = place;
                }
            }
            if (best != null) {
                return best;
            }
        }
        return null;
    }

    /** Nearer the cut end, then nearer the left edge. */
    static boolean isNearer(Patch one, Patch other) {
        return one.remnant() < other.remnant()
                || one.remnant() == other.remnant()
                        && (one.top() < other.top() || one.top() == other.top() && one.left() < other.left());
    }

    @Override
    public void take(Patch taken, boolean acrossFirst) {
        take(taken);
    }

    /** What is free, as rectangles that may overlap each other. */
    public List<Patch> free() {
        return free.values().stream().flatMap(List::stream).toList();
    }

    /** Takes a rectangle away from what is free. */
    public void take(Patch taken) {
        List<Patch> before = free.getOrDefault(taken.remnant(), List.of());
        List<Patch> whole = new ArrayList<>(before.size() + 4);
        List<Patch> cut = new ArrayList<>();
        for (Patch one : before) {
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
        free.put(taken.remnant(), whole);
    }
}
