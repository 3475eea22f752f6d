package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A rectangle of cloth to cut, upright as it will sit on the cover, seen from the cover's outside.
 *
 * @param id       stable within the cover, {@code back-upper}
 * @param name     what to call it
 * @param material which of the plan's cloths it is cut from
 * @param quantity how many of it
 * @param width    cut size across, rounded up to a mark
 * @param height   cut size up and down, rounded up to a mark
 * @param edges    the fate of all four edges
 * @param turned   cut with the cloth's up pointing down
 */
public record Piece(String id, Phrase name, Material material, int quantity, Sum width, Sum height,
                    Map<Side, Edge> edges, boolean turned) {

    /** The cloths that a plan names. */
    public enum Material { FRONT, BACK, LINING }

    public Piece {
        edges = Map.copyOf(edges);
        if (edges.size() != Side.values().length) {
            throw new IllegalArgumentException("every edge of a piece has a fate");
        }
    }

    public Edge edge(Side side) {
        return edges.get(side);
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

    /** Square inches of cloth in all of them, for an estimate of what to buy. */
    public double area() {
        return cutWidth().toInches() * cutHeight().toInches() * quantity;
    }

    /** What is left of the cut size in one direction once both edges have eaten theirs: the size sewn. */
    public Length finished(Axis axis) {
        return axis == Axis.ACROSS
                ? cutWidth().minus(edge(Side.LEFT).eats()).minus(edge(Side.RIGHT).eats())
                : cutHeight().minus(edge(Side.TOP).eats()).minus(edge(Side.BOTTOM).eats());
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
