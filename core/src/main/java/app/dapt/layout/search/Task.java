package app.dapt.layout.search;

import app.dapt.cloth.Repeat;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.GridPolygon;
import app.dapt.piece.GridPolygon.Corner;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is to be laid out: pieces, all of them upright rectangles in whole units, and the cloth they are laid on. x runs
 * across the cloth from its left usable edge, y along it from the cut end.
 *
 * @param width    usable, of a cloth off the bolt; nought where only remnants are at hand
 * @param remnants what is at hand instead; empty for a cloth off the bolt
 * @param taken    where nothing may lie: bad spots, and pieces that stay where they are
 * @param used     how much of the length is needed in any case
 * @param edgeToEdge whether every cut has to run from edge to edge of what it cuts
 */
public record Task(
        int width, List<Item> items, List<Remnant> remnants, List<Taken> taken, int used, boolean edgeToEdge) {

    /**
     * A piece, so many times.
     *
     * @param across size across the cloth
     * @param along  size along it
     * @param turns  whether it may lie a quarter turn round
     * @param repeat where in the print, along the cloth, it has to begin, where it has to
     * @param repeatAcross the same across the cloth
     * @param outline its own, within the rectangle of its two sides, where it is not all of that
     * @param turnsAbout whether it may lie upside down
     */
    public record Item(
            String id,
            int across,
            int along,
            int count,
            boolean turns,
            Optional<Repeat> repeat,
            Optional<Repeat> repeatAcross,
            Optional<Contour> outline,
            boolean turnsAbout) {

        /** @throws IllegalArgumentException where a side is nothing or less, or it is cut not even once */
        public Item {
            if (across <= 0 || along <= 0 || count <= 0) {
                throw new IllegalArgumentException("a piece has two sides and is cut at least once");
            }
        }

        public Item(String id, int across, int along, int count, boolean turns, Optional<Repeat> repeat) {
            this(id, across, along, count, turns, repeat, Optional.empty(), Optional.empty(), turns);
        }

        /** What one of it takes of the cloth at the least. */
        long least() {
            return outline.map(own -> (long) Math.floor(own.area())).orElse((long) across * along);
        }

        /** Its outline as it lies, turned about first and then a quarter turn to the left. */
        Optional<Contour> lying(boolean quarter, boolean about) {
            return outline.map(own -> new Contour(own.points().stream()
                    .map(p -> about ? new Point(across - p.x(), along - p.y()) : p)
                    .map(p -> quarter ? new Point(p.y(), across - p.x()) : p)
                    .toList()));
        }

        /** Whether it may lie a quarter turn round: a piece that has to meet the print never may. */
        boolean mayTurn() {
            return turns && repeat.isEmpty() && repeatAcross.isEmpty();
        }

        /** Where it would lie in the top left corner of what is free; nothing where it does not fit. */
        @Nullable
        Patch placeIn(Patch free, boolean turned) {
            int left = repeatAcross.isEmpty() ? free.left() : repeatAcross.get().after(free.left());
            int top = repeat.isEmpty() ? free.top() : repeat.get().after(free.top());
            int right = left + (turned ? along : across);
            int bottom = top + (turned ? across : along);
            return right > free.right() || bottom > free.bottom()
                    ? null
                    : new Patch(free.remnant(), left, top, right, bottom);
        }
    }

    /**
     * A print that comes again.
     *
     * @param every  how far apart
     * @param offset how far from where it begins a piece has to begin
     */
    public record Repeat(int every, int offset) {

        /** @throws IllegalArgumentException where an offset lies beyond its repeat */
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
     * A place where nothing may lie.
     *
     * @param outline what of it is taken
     */
    public record Taken(Patch patch, Contour outline) {

        public static Taken box(Patch patch) {
            return new Taken(patch, Contour.rectangle(patch.left(), patch.top(), patch.right(), patch.bottom()));
        }
    }

    /**
     * A piece of cloth at hand, as its corners one after another.
     */
    public record Remnant(String id, List<Corner> corners) {

        /** Its outline, for what can be asked of it exactly. */
        public GridPolygon outline() {
            return new GridPolygon(corners);
        }

        /** The upright rectangle it is, if it is one. */
        public Optional<Patch> asRectangle(int index) {
            int left = corners.stream().mapToInt(Corner::x).min().orElse(0);
            int right = corners.stream().mapToInt(Corner::x).max().orElse(0);
            int top = corners.stream().mapToInt(Corner::y).min().orElse(0);
            int bottom = corners.stream().mapToInt(Corner::y).max().orElse(0);
            boolean whole = outline().twiceArea() == 2L * (right - left) * (bottom - top);
            return whole ? Optional.of(new Patch(index, left, top, right, bottom)) : Optional.empty();
        }
    }

    /** The most pieces that are laid; more than this nobody cuts for one set. */
    public static final int MOST_PIECES = 500;

    /** @throws IllegalArgumentException where there are more pieces than are laid out */
    public Task {
        items = List.copyOf(items);
        remnants = List.copyOf(remnants);
        taken = List.copyOf(taken);
        if (items.stream().mapToLong(Item::count).sum() > MOST_PIECES) {
            throw new IllegalArgumentException("more than " + MOST_PIECES + " pieces");
        }
    }

    /** Nothing but pieces and cloth. */
    public Task(int width, List<Item> items, List<Remnant> remnants) {
        this(width, items, remnants, List.of(), 0, false);
    }

    /** This task cut only from edge to edge, or not. */
    public Task edgeToEdge(boolean only) {
        return new Task(width, items, remnants, taken, used, only);
    }

    public long area() {
        return items.stream()
                .mapToLong(item -> (long) item.across() * item.along() * item.count())
                .sum();
    }

    public int count() {
        return items.stream().mapToInt(Item::count).sum();
    }

    /** A piece that finds no place across the cloth in any way, where there is one; such a task has no layout. */
    public Optional<Item> tooWide() {
        Patch whole = new Patch(0, 0, 0, width, Integer.MAX_VALUE);
        return items.stream()
                .filter(item ->
                        item.placeIn(whole, false) == null && !(item.mayTurn() && item.placeIn(whole, true) != null))
                .findFirst();
    }
}
