package app.dapt.cloth;

import java.util.List;
import java.util.Optional;

/**
 * What is to be laid out: pieces, all of them upright rectangles in whole units, and the cloth they are laid on. x runs
 * across the cloth from its left usable edge, y along it from the cut end.
 *
 * @param width    usable, of a cloth off the bolt; nought where only remnants are at hand
 * @param remnants what is at hand instead; empty for a cloth off the bolt
 */
public record Task(int width, List<Item> items, List<Remnant> remnants) {

    /**
     * A piece, so many times.
     *
     * @param across size across the cloth
     * @param along  size along it
     * @param turns  whether it may lie a quarter turn round
     * @param repeat where in the print it has to begin, where it has to
     */
    public record Item(String id, int across, int along, int count, boolean turns, Optional<Repeat> repeat) {

        public Item {
            if (across <= 0 || along <= 0 || count <= 0) {
                throw new IllegalArgumentException("a piece has two sides and is cut at least once");
            }
        }
    }

    /**
     * A print that comes again.
     *
     * @param every  how far apart
     * @param offset how far from where it begins a piece has to begin
     */
    public record Repeat(int every, int offset) {

        public Repeat {
            if (every <= 0 || offset < 0 || offset >= every) {
                throw new IllegalArgumentException("an offset lies within its repeat");
            }
        }

        /** The next place at or after y where a piece may begin. */
        int after(int y) {
            return y + Math.floorMod(offset - y, every);
        }
    }

    /**
     * A piece of cloth at hand, as its corners one after another.
     *
     * @param corners x and y of each
     */
    public record Remnant(String id, List<int[]> corners) {
    }

    /** The most pieces that are laid; more than this nobody cuts for one set. */
    public static final int MOST_PIECES = 500;

    public Task {
        items = List.copyOf(items);
        remnants = List.copyOf(remnants);
        if (items.stream().mapToInt(Item::count).sum() > MOST_PIECES) {
            throw new IllegalArgumentException("more than " + MOST_PIECES + " pieces");
        }
    }

    public long area() {
        return items.stream().mapToLong(item -> (long) item.across() * item.along() * item.count()).sum();
    }

    public int count() {
        return items.stream().mapToInt(Item::count).sum();
    }

    /** Whether a piece is too wide to lie on the cloth in any way; such a task has no layout. */
    public Optional<Item> tooWide() {
        return items.stream().filter(item -> item.across() > width && !(item.turns() && item.repeat().isEmpty() && item.along() <= width)).findFirst();
    }
}
