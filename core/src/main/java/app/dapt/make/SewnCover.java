package app.dapt.make;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.workpiece.Facet;
import app.dapt.workpiece.Reach;
import app.dapt.workpiece.Stack;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a cover that was sewn on paper has come to, seen from behind, in millimetres.
 *
 * @param across  from edge to edge
 * @param upDown  the same the other way
 * @param overlap of two panels; nothing where none lie over each other
 * @param before  what shows on the front
 * @param outside what shows on the back
 * @param faults  where it is not what was planned
 */
public record SewnCover(
        double across,
        double upDown,
        Optional<Double> overlap,
        Set<String> before,
        Set<String> outside,
        List<Fault> faults) {

    /** How far it may be from what was planned, in millimetres. */
    public static final double CLOSE = 0.1;

    private static final int SAMPLES = 9;
    private static final double HAIR = 0.2;
    private static final double FOLDED = 1;

    /** What may be wrong with it. */
    public enum Fault {
        WIDTH,
        HEIGHT,
        OVERLAP,
        /** Another panel shows, or one that is as deep as it should not be. */
        PANELS,
        WRONG_SIDE_OUT,
        /** A fold lies at another edge than was planned. */
        FOLD,
        RAW_EDGE
    }

    public SewnCover {
        faults = List.copyOf(faults);
    }

    /** Whether it is what was planned. */
    public boolean isAsPlanned() {
        return faults.isEmpty();
    }

    static SewnCover of(Stack cover, Reckoned reckoned) {
        return new Look(upright(cover), reckoned).taken();
    }

    /** So that its front stands upright, however it came to lie. */
    private static Stack upright(Stack cover) {
        boolean standsOnItsHead = cover.plies().get(0).stream()
                .max(Comparator.comparingDouble(Facet::area))
                .filter(facet -> facet.place().isUpsideDown())
                .isPresent();
        return standsOnItsHead ? cover.turnedRound() : cover;
    }

    /** A look at it from both sides. */
    private static final class Look {

        private final Stack cover;
        private final Reckoned reckoned;
        private final Reach reach;
        private final List<Facet> facets;
        private final List<Fault> faults = new ArrayList<>();

        Look(Stack cover, Reckoned reckoned) {
            this.cover = cover;
            this.reckoned = reckoned;
            this.reach = cover.reach();
            this.facets = cover.facets().toList();
        }

        SewnCover taken() {
            compare(reach.width(), reckoned.finished(Axis.ACROSS), Fault.WIDTH);
            compare(reach.height(), reckoned.finished(Axis.UP_DOWN), Fault.HEIGHT);
            Optional<Double> overlap = reckoned.back().lap().map(lap -> overlap(lap.overlap()));
            Set<String> before = new LinkedHashSet<>();
            Set<String> outside = new LinkedHashSet<>();
            bothSides(before, outside);
            if (!foldsAsPlanned()) {
                faults.add(Fault.FOLD);
            }
            if (rawEdges()) {
                faults.add(Fault.RAW_EDGE);
            }
            return new SewnCover(
                    reach.width(),
                    reach.height(),
                    overlap,
                    before,
                    outside,
                    faults.stream().distinct().toList());
        }

        /** Pieces are cut on the next mark, and so may come to a little more than was reckoned. */
        private void compare(double is, Length planned, Fault fault) {
            double more = is - planned.toMm();
            double mark = reckoned.mark().step().toMm();
            boolean isClose = fault == Fault.OVERLAP || fault == Fault.PANELS
                    ? Math.abs(more) <= 2 * mark + CLOSE
                    : more >= -CLOSE && more <= 2 * mark + CLOSE;
            if (!isClose) {
                faults.add(fault);
            }
        }

        /** The two plies that lie uppermost are the panels. */
        private double overlap(Length planned) {
            List<List<Facet>> plies = cover.plies();
            List<Facet> top = plies.get(plies.size() - 1);
            double[] outer = deep(Reach.of(top.stream()));
            double[] inner = deep(Reach.of(plies.get(plies.size() - 2).stream()));
            double overlap = Math.min(outer[1], inner[1]) - Math.max(outer[0], inner[0]);
            compare(overlap, planned, Fault.OVERLAP);
            Back back = reckoned.back();
            // A band and the panel above it are one.
            List<Panel> one = back.panels().stream()
                    .filter(panel -> panel.outside() && panel.role() != PanelRole.SECOND || panel.equals(back.outer()))
                    .toList();
            compare(outer[0], one.stream().map(Panel::from).reduce(Length::min).orElseThrow(), Fault.PANELS);
            compare(outer[1], one.stream().map(Panel::to).reduce(Length::max).orElseThrow(), Fault.PANELS);
            Set<String> shown = drops(back.outer().piece());
            if (top.stream().noneMatch(facet -> shown.contains(facet.piece()))) {
                faults.add(Fault.PANELS);
            }
            return overlap;
        }

        /** A piece, or the drops that it is joined from. */
        private Set<String> drops(Piece piece) {
            Set<String> ids = new LinkedHashSet<>(Set.of(piece.id()));
            reckoned.pieces().stream()
                    .filter(each -> each.role() instanceof PieceRole.Drop drop
                            && drop.panel().equals(piece.id()))
                    .forEach(drop -> ids.add(drop.id()));
            return ids;
        }

        /** From where to where across the opening, from the edge where the back starts. */
        private double[] deep(Reach of) {
            boolean stacked = reckoned.dimensions().opens() == Axis.ACROSS;
            return stacked
                    ? new double[] {of.top() - reach.top(), of.bottom() - reach.top()}
                    : new double[] {of.left() - reach.left(), of.right() - reach.left()};
        }

        /** Right sides are out, before and behind. */
        private void bothSides(Set<String> front, Set<String> outside) {
            boolean wrong = false;
            for (int i = 0; i < SAMPLES * SAMPLES; i++) {
                int row = i / SAMPLES;
                Point at = new Point(
                        reach.left() + reach.width() * (i % SAMPLES + 0.437) / SAMPLES,
                        reach.top() + reach.height() * (row + 0.561) / SAMPLES);
                Optional<Facet> behind = cover.seenAt(at);
                Optional<Facet> before = cover.seenFromBelowAt(at);
                behind.ifPresent(facet -> outside.add(facet.piece()));
                before.ifPresent(facet -> front.add(facet.piece()));
                wrong |= behind.filter(facet -> !facet.isRightSideUp()).isPresent()
                        || before.filter(Facet::isRightSideUp).isPresent();
            }
            if (wrong) {
                faults.add(Fault.WRONG_SIDE_OUT);
            }
        }

        /** At a planned fold the same place of the same piece is seen from both sides. */
        private boolean foldsAsPlanned() {
            Back.Ends ends = reckoned.back().ends();
            Side start = CoverDimensions.before(reckoned.dimensions().opens());
            return (ends.start() != Back.End.FOLD || isFoldedAt(start))
                    && (ends.end() != Back.End.FOLD || isFoldedAt(start.opposite()));
        }

        private boolean isFoldedAt(Side side) {
            boolean upright = side.runs() == Axis.UP_DOWN;
            double in = side == Side.LEFT || side == Side.TOP ? HAIR : -HAIR;
            Point near = upright
                    ? new Point(reach.at(side) + in, reach.top() + reach.height() * 0.437)
                    : new Point(reach.left() + reach.width() * 0.437, reach.at(side) + in);
            Optional<Facet> behind = cover.seenAt(near);
            Optional<Facet> before = cover.seenFromBelowAt(near);
            if (behind.isEmpty() || before.isEmpty()) {
                return false;
            }
            Point one = behind.get().place().back(near);
            Point other = before.get().place().back(near);
            return behind.get().piece().equals(before.get().piece())
                    && Math.hypot(one.x() - other.x(), one.y() - other.y()) < FOLDED;
        }

        /** Whether a cut edge that frays lies where it is not covered from above and from below. */
        private boolean rawEdges() {
            Map<String, Piece> pieces = new LinkedHashMap<>();
            reckoned.pieces().forEach(piece -> pieces.put(piece.id(), piece));
            for (int i = 0; i < facets.size(); i++) {
                Piece piece = pieces.get(facets.get(i).piece());
                if (piece != null && piece.outline().isEmpty() && isRawSeen(i, piece)) {
                    return true;
                }
            }
            return false;
        }

        private boolean isRawSeen(int index, Piece piece) {
            Facet facet = facets.get(index);
            List<Point> shape = facet.shape();
            Point inside = middle(shape);
            for (int i = 0; i < shape.size(); i++) {
                Point one = shape.get(i);
                Point next = shape.get((i + 1) % shape.size());
                // A hair inside it: what lies just at a fold is covered by it.
                Point edge = middle(List.of(one, next));
                double far = Math.hypot(inside.x() - edge.x(), inside.y() - edge.y());
                Point middle = new Point(
                        edge.x() + (inside.x() - edge.x()) * HAIR / far,
                        edge.y() + (inside.y() - edge.y()) * HAIR / far);
                boolean frays = cutEdge(facet.place().back(one), facet.place().back(next), piece)
                        .filter(fate -> !fate.isLeft())
                        .isPresent();
                if (frays && !(isCovered(middle, index + 1, facets.size()) && isCovered(middle, 0, index))) {
                    return true;
                }
            }
            return false;
        }

        private static Point middle(List<Point> points) {
            return new Point(
                    points.stream().mapToDouble(Point::x).average().orElseThrow(),
                    points.stream().mapToDouble(Point::y).average().orElseThrow());
        }

        /** What becomes of the cut edge that lies between two points of a piece, where one does. */
        private static Optional<Edge> cutEdge(Point one, Point next, Piece piece) {
            double wide = piece.cutWidth().toMm();
            double high = piece.cutHeight().toMm();
            if (is(one.x(), 0) && is(next.x(), 0)) {
                return Optional.of(piece.edge(Side.LEFT));
            }
            if (is(one.x(), wide) && is(next.x(), wide)) {
                return Optional.of(piece.edge(Side.RIGHT));
            }
            if (is(one.y(), 0) && is(next.y(), 0)) {
                return Optional.of(piece.edge(Side.TOP));
            }
            return is(one.y(), high) && is(next.y(), high) ? Optional.of(piece.edge(Side.BOTTOM)) : Optional.empty();
        }

        private static boolean is(double value, double other) {
            return Math.abs(value - other) < 1e-3;
        }

        private boolean isCovered(Point point, int from, int to) {
            return facets.subList(from, to).stream().anyMatch(facet -> facet.covers(point));
        }
    }
}
