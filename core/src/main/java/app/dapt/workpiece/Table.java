package app.dapt.workpiece;

import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All there is of one cover while it is sewn, each stack by its name.
 *
 * @param trimmed what was cut off each piece, in square millimetres, by its name
 */
public record Table(Map<String, Stack> stacks, Map<String, Double> trimmed) {

    public Table {
        stacks = new LinkedHashMap<>(stacks);
        trimmed = new LinkedHashMap<>(trimmed);
    }

    /** The pieces as they were cut, each by itself and right side up; of several alike the first goes by its id. */
    public static Table of(List<Piece> pieces) {
        Map<String, Stack> stacks = new LinkedHashMap<>();
        for (Piece piece : pieces) {
            for (int number = 1; number <= piece.quantity(); number++) {
                stacks.put(named(piece.id(), number), Stack.of(List.of(cut(piece, number))));
            }
        }
        return new Table(stacks, Map.of());
    }

    private static Facet cut(Piece piece, int number) {
        List<Point> shape = piece.outline()
                .map(Outline::cut)
                .map(Contour::points)
                .orElseGet(() -> Contour.rectangle(
                                0, 0, piece.cutWidth().toMm(), piece.cutHeight().toMm())
                        .points());
        return new Facet(piece.id(), number, shape, Placement.AS_CUT);
    }

    /** What one of several pieces alike goes by. */
    public static String named(String piece, int number) {
        return number == 1 ? piece : piece + "#" + number;
    }

    public Optional<Stack> find(String name) {
        return Optional.ofNullable(stacks.get(name));
    }

    /**
     * What lies there by this name.
     *
     * @throws IllegalStateException where nothing does
     */
    Stack get(String name) {
        return find(name).orElseThrow(() -> new IllegalStateException("nothing lies there by the name of " + name));
    }

    Table with(String name, Stack stack) {
        Map<String, Stack> other = new LinkedHashMap<>(stacks);
        other.put(name, stack);
        return new Table(other, trimmed);
    }

    Table without(String name) {
        Map<String, Stack> other = new LinkedHashMap<>(stacks);
        other.remove(name);
        return new Table(other, trimmed);
    }

    /** With a stack that was cut down: what it has lost is remembered. */
    Table cutTo(String name, Stack left) {
        Map<String, Double> lost = new LinkedHashMap<>(trimmed);
        get(name).facets().forEach(facet -> lost.merge(of(facet), facet.clothArea(), Double::sum));
        left.facets().forEach(facet -> lost.merge(of(facet), -facet.clothArea(), Double::sum));
        return new Table(with(name, left).stacks, lost);
    }

    private static String of(Facet facet) {
        return named(facet.piece(), facet.number());
    }

    /** The cloth there is of each piece, in square millimetres, what was trimmed off it with it. */
    public Map<String, Double> areas() {
        Map<String, Double> areas = new LinkedHashMap<>(trimmed);
        stacks.values().stream()
                .flatMap(Stack::facets)
                .forEach(facet -> areas.merge(of(facet), facet.clothArea(), Double::sum));
        return areas;
    }
}
