package app.dapt.piece;

import java.util.List;

/**
 * A closed polygon whose corners are whole numbers, so that what is asked of it is answered exactly.
 *
 * @param corners one after another, either way round; at least three of them enclose something
 */
public record GridPolygon(List<Corner> corners) {

    /** A corner, x to the right and y down. */
    public record Corner(int x, int y) {}

    public GridPolygon {
        corners = List.copyOf(corners);
    }

    /** Whether two of its sides that are no neighbours cross each other. */
    public boolean crossesItself() {
        int size = corners.size();
        for (int i = 0; i < size; i++) {
            for (int j = i + 2; j < size; j++) {
                boolean neighbours = i == 0 && j == size - 1;
                if (!neighbours
                        && cross(corners.get(i), corners.get(i + 1), corners.get(j), corners.get((j + 1) % size))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean cross(Corner a, Corner b, Corner c, Corner d) {
        return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
    }

    private static int side(Corner a, Corner b, Corner p) {
        return Long.signum((long) (b.x() - a.x()) * (p.y() - a.y()) - (long) (b.y() - a.y()) * (p.x() - a.x()));
    }

    /** Twice the area within it (the shoelace formula), whichever way round its corners run. */
    public long twiceArea() {
        long twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Corner a = corners.get(i);
            Corner b = corners.get((i + 1) % corners.size());
            twice += (long) a.x() * b.y() - (long) b.x() * a.y();
        }
        return Math.abs(twice);
    }
}
