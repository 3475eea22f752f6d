package app.dapt.layout;

import app.dapt.layout.search.FreeRectangles;
import app.dapt.layout.search.Patch;
import app.dapt.layout.search.Task;
import app.dapt.measure.Axis;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The order in which a layout is cut: straight cuts from edge to edge first, across the cloth and then along it, from
 * the cut end on; what no such cut can part is cut round, the largest first.
 */
final class CuttingOrder {

    /**
     * One cut.
     *
     * @param runs  the direction of a straight one; across the cloth or along it
     * @param at    how far along (or across) it lies
     * @param from  where it begins
     * @param to    where it ends
     * @param round which piece is cut round instead; below nought for a straight cut
     */
    record Cut(int remnant, Axis runs, int at, int from, int to, int round) {}

    /** Two equal pieces side by side that can be cut as one on the fold between them. */
    record OnFold(int one, int other, Axis runs, int at) {}

    /**
     * How one cloth is cut.
     *
     * @param left the parts that no straight cut goes through and that are not a piece; what is cut round lies on them
     */
    record Cutting(List<Cut> cuts, List<Patch> left) {}

    private final List<Patch> pieces;
    private final List<Cut> cuts = new ArrayList<>();
    private final List<Patch> left = new ArrayList<>();

    private CuttingOrder(List<Patch> pieces) {
        this.pieces = pieces;
    }

    /**
     * How to cut these pieces out of what was bought of a bolt.
     *
     * @param cloth all of it; it goes on beyond the last piece
     * @param end   of the last piece
     * @param kept  how wide and long a part must be to be worth keeping
     */
    static Cutting ofBought(List<Patch> pieces, Patch cloth, int end, int kept) {
        CuttingOrder endFirst = new CuttingOrder(pieces);
        endFirst.cut(cloth, on(pieces, cloth.remnant()), Axis.ACROSS, List.of(end));
        return best(
                pieces,
                kept,
                List.of(
                        of(pieces, cloth, Axis.ACROSS),
                        new Cutting(endFirst.cuts, endFirst.left),
                        of(pieces, cloth, Axis.UP_DOWN)));
    }

    /** How to cut these pieces, all that lie on it, out of a rectangle of cloth. */
    static Cutting of(List<Patch> pieces, Patch cloth, int kept) {
        return best(pieces, kept, List.of(of(pieces, cloth, Axis.ACROSS), of(pieces, cloth, Axis.UP_DOWN)));
    }

    private static Cutting of(List<Patch> pieces, Patch cloth, Axis first) {
        CuttingOrder order = new CuttingOrder(pieces);
        order.part(cloth, on(pieces, cloth.remnant()), first);
        return new Cutting(order.cuts, order.left);
    }

    /** What leaves the largest part worth keeping; of those that leave as much that with the fewest cuts. */
    private static Cutting best(List<Patch> pieces, int kept, List<Cutting> ways) {
        return ways.stream()
                .min(Comparator.<Cutting>comparingLong(way -> -largestLeft(pieces, kept, way))
                        .thenComparingInt(way -> way.cuts().size()))
                .orElseThrow();
    }

    private static long largestLeft(List<Patch> pieces, int kept, Cutting way) {
        return way.left().stream()
                .filter(part -> part.across() >= kept && part.along() >= kept)
                .filter(part -> pieces.stream().allMatch(part::isApartFrom))
                .mapToLong(Patch::area)
                .max()
                .orElse(0);
    }

    /**
     * How to cut out what lies on a remnant: where its own edges are not straight each piece is cut round, and what is
     * left hangs together.
     */
    static Cutting on(Task.Remnant remnant, int index, List<Patch> pieces, int kept) {
        return remnant.asRectangle(index)
                .map(rectangle -> of(pieces, rectangle, kept))
                .orElseGet(() -> {
                    CuttingOrder order = new CuttingOrder(pieces);
                    order.round(on(pieces, index));
                    return new Cutting(order.cuts, FreeRectangles.of(remnant, index));
                });
    }

    private static List<Integer> on(List<Patch> pieces, int remnant) {
        return IntStream.range(0, pieces.size())
                .filter(i -> pieces.get(i).remnant() == remnant)
                .boxed()
                .toList();
    }

    private void part(Patch cloth, List<Integer> within, Axis first) {
        if (within.size() == 1 && pieces.get(within.get(0)).equals(cloth)) {
            return;
        }
        for (Axis runs : List.of(first, first.other())) {
            List<Integer> lines = linesBetween(cloth, within, runs);
            if (!lines.isEmpty()) {
                cut(cloth, within, runs, lines);
                return;
            }
        }
        left.add(cloth);
        round(within);
    }

    private void cut(Patch cloth, List<Integer> within, Axis runs, List<Integer> lines) {
        boolean across = runs == Axis.ACROSS;
        for (int line : lines) {
            cuts.add(new Cut(
                    cloth.remnant(),
                    runs,
                    line,
                    across ? cloth.left() : cloth.top(),
                    across ? cloth.right() : cloth.bottom(),
                    -1));
        }
        int from = across ? cloth.top() : cloth.left();
        int end = across ? cloth.bottom() : cloth.right();
        List<Integer> ends = new ArrayList<>(lines);
        ends.add(end);
        for (int to : ends) {
            Patch part = across
                    ? new Patch(cloth.remnant(), cloth.left(), from, cloth.right(), to)
                    : new Patch(cloth.remnant(), from, cloth.top(), to, cloth.bottom());
            part(part, within.stream().filter(i -> part.holds(pieces.get(i))).toList(), runs.other());
            from = to;
        }
    }

    /** Where pieces begin or end and no piece lies across. */
    private List<Integer> linesBetween(Patch cloth, List<Integer> within, Axis runs) {
        TreeSet<Integer> lines = new TreeSet<>();
        for (int i : within) {
            lines.add(least(pieces.get(i), runs));
            lines.add(most(pieces.get(i), runs));
        }
        lines.removeIf(line -> line <= least(cloth, runs)
                || line >= most(cloth, runs)
                || within.stream()
                        .anyMatch(i -> least(pieces.get(i), runs) < line && line < most(pieces.get(i), runs)));
        return List.copyOf(lines);
    }

    private static int least(Patch patch, Axis runs) {
        return runs == Axis.ACROSS ? patch.top() : patch.left();
    }

    private static int most(Patch patch, Axis runs) {
        return runs == Axis.ACROSS ? patch.bottom() : patch.right();
    }

    private void round(List<Integer> within) {
        within.stream()
                .sorted(Comparator.comparingLong(
                        i -> -(long) pieces.get(i).across() * pieces.get(i).along()))
                .forEach(i -> cuts.add(new Cut(pieces.get(i).remnant(), Axis.ACROSS, 0, 0, 0, i)));
    }

    /**
     * Pairs of equal pieces that lie side by side, each piece in one pair at the most.
     *
     * @param like   numbers that are the same for pieces that may lie on each other
     * @param anyWay whether the cloth may be folded across its length too, which turns its up about
     */
    static List<OnFold> onTheFold(List<Patch> pieces, List<Integer> like, boolean anyWay) {
        List<OnFold> pairs = new ArrayList<>();
        boolean[] paired = new boolean[pieces.size()];
        for (int i = 0; i < pieces.size(); i++) {
            for (int j = 0; j < pieces.size() && !paired[i]; j++) {
                Patch one = pieces.get(i);
                Patch other = pieces.get(j);
                if (i == j
                        || paired[j]
                        || like.get(i) < 0
                        || !like.get(i).equals(like.get(j))
                        || one.remnant() != other.remnant()) {
                    continue;
                }
                boolean beside = one.right() == other.left()
                        && one.top() == other.top()
                        && one.bottom() == other.bottom()
                        && one.across() == other.across();
                boolean beyond = anyWay
                        && one.bottom() == other.top()
                        && one.left() == other.left()
                        && one.right() == other.right()
                        && one.along() == other.along();
                if (beside || beyond) {
                    paired[i] = true;
                    paired[j] = true;
                    pairs.add(
                            new OnFold(i, j, beside ? Axis.UP_DOWN : Axis.ACROSS, beside ? one.right() : one.bottom()));
                }
            }
        }
        return pairs;
    }
}
