package app.dapt.cover.filled;

import app.dapt.piece.Contour.Point;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The parts of a triangulated picture where values at its points, straight between them, are large enough: each
 * triangle is clipped at the limit (Sutherland and Hodgman, 1974), and what its neighbour shares with it falls away.
 */
final class Regions {

    /** Points closer than this are one, in millimetres. */
    private static final double SAME = 0.01;

    /** A corner of a triangle: where it is seen, and the values that count. */
    record Corner(double x, double y, double[] values) {

        private Corner between(Corner other, int value, double limit) {
            double share = (limit - values[value]) / (other.values[value] - values[value]);
            double[] mixed = new double[values.length];
            for (int i = 0; i < mixed.length; i++) {
                mixed[i] = values[i] + share * (other.values[i] - values[i]);
            }
            return new Corner(x + share * (other.x - x), y + share * (other.y - y), mixed);
        }
    }

    private record Key(long x, long y) {

        static Key of(Corner corner) {
            return new Key(Math.round(corner.x / SAME), Math.round(corner.y / SAME));
        }

        Point point() {
            return new Point(x * SAME, y * SAME);
        }
    }

    private final Map<Key, Map<Key, Integer>> open = new LinkedHashMap<>();

    private Regions() {}

    /**
     * The outlines of where every value is at least its limit.
     *
     * @param triangles three corners each
     */
    static List<List<Point>> where(List<Corner[]> triangles, double... limits) {
        Regions regions = new Regions();
        for (Corner[] triangle : triangles) {
            List<Corner> kept = List.of(triangle);
            for (int value = 0; value < limits.length && !kept.isEmpty(); value++) {
                kept = clipped(kept, value, limits[value]);
            }
            regions.add(kept);
        }
        return regions.outlines();
    }

    /** What of a polygon has a value of at least so much. */
    static List<Corner> clipped(List<Corner> polygon, int value, double limit) {
        List<Corner> kept = new ArrayList<>();
        for (int i = 0; i < polygon.size(); i++) {
            Corner from = polygon.get(i);
            Corner to = polygon.get((i + 1) % polygon.size());
            boolean inside = from.values[value] >= limit;
            if (inside) {
                kept.add(from);
            }
            if (inside != to.values[value] >= limit) {
                // From the same end in both triangles that share the edge, so that both find the same point.
                boolean ordered = from.x < to.x || from.x == to.x && from.y < to.y;
                kept.add(ordered ? from.between(to, value, limit) : to.between(from, value, limit));
            }
        }
        return kept;
    }

    private void add(List<Corner> polygon) {
        for (int i = 0; i < polygon.size(); i++) {
            Key from = Key.of(polygon.get(i));
            Key to = Key.of(polygon.get((i + 1) % polygon.size()));
            if (!from.equals(to) && !take(to, from)) {
                open.computeIfAbsent(from, any -> new LinkedHashMap<>()).merge(to, 1, Integer::sum);
            }
        }
    }

    /** Takes an edge away where it is there. */
    private boolean take(Key from, Key to) {
        Map<Key, Integer> edges = open.get(from);
        Integer count = edges == null ? null : edges.get(to);
        if (edges == null || count == null) {
            return false;
        }
        if (count > 1) {
            edges.put(to, count - 1);
        } else {
            edges.remove(to);
        }
        if (edges.isEmpty()) {
            open.remove(from);
        }
        return true;
    }

    private List<List<Point>> outlines() {
        List<List<Point>> outlines = new ArrayList<>();
        while (!open.isEmpty()) {
            Deque<Key> line = new ArrayDeque<>();
            Key at = open.keySet().iterator().next();
            Key start = at;
            do {
                line.add(at);
                Map<Key, Integer> ways = open.get(at);
                if (ways == null) {
                    break;
                }
                Key next = ways.keySet().iterator().next();
                take(at, next);
                at = next;
            } while (!at.equals(start));
            if (line.size() > 2) {
                outlines.add(line.stream().map(Key::point).toList());
            }
        }
        return outlines;
    }
}
