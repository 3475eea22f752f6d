package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A piece of cloth to cut, upright as it will sit on the cover, seen from the cover's outside: a rectangle, or what an
 * outline leaves of one.
 *
 * @param id       stable within the cover, {@code back-upper}
 * @param role     what it is in its cover
 * @param name     what to call it
 * @param material which of the plan's cloths it is cut from
 * @param quantity how many of it
 * @param width    cut size across, rounded up to a mark
 * @param height   cut size up and down, rounded up to a mark
 * @param edges    the fate of all four edges
 * @param turned   cut with the cloth's up pointing down
 * @param marks    what to mark before sewing
 * @param outline  its own lines, where it is no rectangle
 */
public record Piece(
        String id,
        PieceRole role,
        Phrase name,
        Material material,
        int quantity,
        Sum width,
        Sum height,
        Map<Side, Edge> edges,
        boolean turned,
        List<Marking> marks,
        Optional<Outline> outline) {

    /** The cloths that a plan names. */
    public enum Material {
        FRONT,
        BACK,
        LINING,
        TRIM
    }

    /** @throws IllegalArgumentException where an edge has no fate */
    public Piece {
        edges = Map.copyOf(edges);
        marks = List.copyOf(marks);
        if (edges.size() != Side.values().length) {
            throw new IllegalArgumentException("every edge of a piece has a fate");
        }
    }

    /** A rectangle with nothing to mark on it. */
    public static Piece rectangle(String id, Material material, Sum width, Sum height, Map<Side, Edge> edges) {
        return new Piece(
                id,
                PieceRole.Whole.OTHER,
                Phrase.of("piece." + id),
                material,
                1,
                width,
                height,
                edges,
                false,
                List.of(),
                Optional.empty());
    }

    /** This piece in another role. */
    public Piece as(PieceRole other) {
        return new Piece(id, other, name, material, quantity, width, height, edges, turned, marks, outline);
    }

    /** This piece by another name. */
    public Piece named(Phrase other) {
        return new Piece(id, role, other, material, quantity, width, height, edges, turned, marks, outline);
    }

    /** This piece with more to mark. */
    public Piece marked(List<Marking> more) {
        List<Marking> all = new ArrayList<>(marks);
        all.addAll(more);
        return new Piece(id, role, name, material, quantity, width, height, edges, turned, all, outline);
    }

    /** This piece with these marks alone. */
    public Piece marking(List<Marking> only) {
        return new Piece(id, role, name, material, quantity, width, height, edges, turned, only, outline);
    }

    /** This piece with one edge coming to something else. */
    public Piece with(Side side, Edge edge) {
        Map<Side, Edge> changed = new EnumMap<>(edges);
        changed.put(side, edge);
        return new Piece(id, role, name, material, quantity, width, height, changed, turned, marks, outline);
    }

    /** This piece so many times. */
    public Piece times(int count) {
        return new Piece(id, role, name, material, count, width, height, edges, turned, marks, outline);
    }

    /** This piece cut along lines of its own. */
    public Piece outlined(Optional<Outline> lines) {
        return new Piece(id, role, name, material, quantity, width, height, edges, turned, marks, lines);
    }

    /** This piece cut upside down, or not. */
    public Piece turned(boolean upsideDown) {
        return new Piece(id, role, name, material, quantity, width, height, edges, upsideDown, marks, outline);
    }

    public Edge edge(Side side) {
        return Objects.requireNonNull(edges.get(side), "a piece has an edge at every side");
    }

    public Length cutWidth() {
        return width.total();
    }

    public Length cutHeight() {
        return height.total();
    }

    /** The edges that are not caught in the seam round the cover. */
    public List<Side> openSides() {
        return Stream.of(Side.values()).filter(side -> !edge(side).isSeam()).toList();
    }

    /** How deep it is cut in one direction. */
    public Sum cut(Axis axis) {
        return axis == Axis.ACROSS ? width : height;
    }

    /** Square inches of cloth in all of them, for an estimate of what to buy. */
    public double area() {
        return cutWidth().toInches() * cutHeight().toInches() * quantity;
    }

    /** What is left of the cut size in one direction once both edges have eaten theirs: the size sewn. */
    public Length finished(Axis axis) {
        return axis == Axis.ACROSS
                ? cutWidth()
                        .minus(edge(Side.LEFT).allowance())
                        .minus(edge(Side.RIGHT).allowance())
                : cutHeight()
                        .minus(edge(Side.TOP).allowance())
                        .minus(edge(Side.BOTTOM).allowance());
    }

    /** Four edges that are all folds, as a strip that is folded to its middle has them. */
    public static Map<Side, Edge> foldedAllRound() {
        Map<Side, Edge> edges = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            edges.put(side, Edge.fold());
        }
        return edges;
    }

    /** Folded along its length, both ends caught in a seam, as a strap has them. */
    public static Map<Side, Edge> foldedAlong(Length allowance) {
        Map<Side, Edge> edges = foldedAllRound();
        edges.put(Side.LEFT, Edge.seam(allowance));
        edges.put(Side.RIGHT, Edge.seam(allowance));
        return edges;
    }

    /** Four edges that are all seams. */
    public static Map<Side, Edge> sewnAllRound(Length allowance) {
        Map<Side, Edge> edges = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            edges.put(side, Edge.seam(allowance));
        }
        return edges;
    }
}
