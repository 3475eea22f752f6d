package app.dapt.workpiece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One thing done to what lies on the table. A kind tells its steps as moves; what comes of them is not told by anybody.
 * Sides are those seen on the table as it lies.
 */
public sealed interface Move {

    /** A corner that tapers in leaves cloth so many allowances outside its seam. */
    double REACH = 3;

    /** And at least so many millimetres. */
    double LEAST_REACH = 60;

    /**
     * What lies there after it.
     *
     * @throws IllegalStateException where what it is done to does not lie there
     */
    Table on(Table table);

    /** The name of what it is done to. */
    String stack();

    /** The name that what comes of it goes by. */
    default String leaves() {
        return stack();
    }

    /** An edge turned under by so much. */
    record TurnUnder(String stack, Side side, Length by) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            return table.with(stack, lying.foldedUnder(lying.reach().in(side, by.toMm())));
        }
    }

    /**
     * The end of something that lies aslant turned under by so much.
     *
     * @param x across, of the way that the end points, which is one long
     * @param y down
     */
    record TurnEnd(String stack, double x, double y, Length by) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            double farthest = lying.facets()
                    .flatMap(facet -> facet.shape().stream())
                    .mapToDouble(point -> x * point.x() + y * point.y())
                    .max()
                    .orElseThrow();
            return table.with(stack, lying.foldedUnder(new Crease(x, y, farthest - by.toMm())));
        }
    }

    /**
     * Folded along a mark: what is nearer to one side comes over the rest, or under its own ply.
     *
     * @param at from the cut edge at the left, or at the top, of the piece as it was cut
     */
    record FoldAt(String stack, Side side, Length at, boolean over) implements Move {

        @Override
        public Table on(Table table) {
            Crease crease = Crease.towards(side, at.toMm());
            Stack lying = table.get(stack);
            return table.with(stack, over ? lying.foldedOver(crease) : lying.foldedUnder(crease));
        }
    }

    /** A pleat so deep down a piece, its first fold so far from the cut edge at the left. */
    record Pleat(String stack, Length at, Length depth) implements Move {

        @Override
        public Table on(Table table) {
            return table.with(stack, table.get(stack).pleated(Crease.towards(Side.RIGHT, at.toMm()), depth.toMm()));
        }
    }

    /** Turned over, like a page or like a calendar's leaf. */
    record Flip(String stack, boolean likeAPage) implements Move {

        @Override
        public Table on(Table table) {
            return table.with(stack, table.get(stack).flipped(likeAPage));
        }
    }

    /**
     * Put on another stack, one edge of both level, the other way in the middle.
     *
     * @param level which edge
     */
    record PutOn(String stack, String onto, Side level) implements Move {

        @Override
        public Table on(Table table) {
            Stack upper = table.get(stack).asOne();
            Stack lower = table.get(onto);
            Reach from = upper.reach();
            Reach to = lower.reach();
            double x = to.left() + to.width() / 2 - from.left() - from.width() / 2;
            double y = to.top() + to.height() / 2 - from.top() - from.height() / 2;
            boolean sideways = level.runs() == Axis.UP_DOWN;
            double along = to.at(level) - from.at(level);
            Placement move = sideways ? Placement.moved(along, y) : Placement.moved(x, along);
            return table.without(stack).with(onto, lower.under(upper.moved(move)));
        }

        @Override
        public String leaves() {
            return onto;
        }
    }

    /** What comes on top from here on lies beyond the room that the form goes into. */
    record Beyond(String stack) implements Move {

        @Override
        public Table on(Table table) {
            return table.with(stack, table.get(stack).withCavity());
        }
    }

    /** Sewn along one edge, so far in, and laid open: the uppermost ply beyond it. */
    record Open(String stack, Side side, Length in) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            return table.with(stack, lying.opened(lying.reach().in(side, in.toMm())));
        }
    }

    /** Sewn along one edge, so far in, and turned: the uppermost ply lines the rest. */
    record Line(String stack, Side side, Length in) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            return table.with(stack, lying.lined(lying.reach().in(side, in.toMm())));
        }
    }

    /**
     * A strip folded along its middle round the edge of what lies on it, sewn so far in and turned right side out.
     *
     * @param side where all edges are level
     */
    record Bind(String strip, Side side, Length in) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(strip);
            Reach reach = Reach.of(lying.plies().get(0).stream());
            double deep = side.runs() == Axis.ACROSS ? reach.height() : reach.width();
            Crease middle = reach.in(side, deep / 2).reversed();
            return table.with(strip, lying.bound(reach.in(side, in.toMm()), middle));
        }

        @Override
        public String stack() {
            return strip;
        }
    }

    /** What was put together goes by another name. */
    record Call(String stack, String name) implements Move {

        @Override
        public Table on(Table table) {
            return table.without(stack).with(name, table.get(stack).asOne());
        }

        @Override
        public String leaves() {
            return name;
        }
    }

    /** Something that is no cloth comes to it, a zip: its tape, right side up. */
    record Bring(String name, Length wide, Length high) implements Move {

        @Override
        public Table on(Table table) {
            List<Point> shape =
                    Contour.rectangle(0, 0, wide.toMm(), high.toMm()).points();
            return table.with(name, Stack.of(List.of(new Facet(name, 1, shape, Placement.AS_CUT))));
        }

        @Override
        public String stack() {
            return name;
        }
    }

    /** Made so large by what its layers or its stitching take up: the one move in which cloth does not stay rigid. */
    record TakeUp(String stack, Length wide, Length high) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            Reach reach = lying.reach();
            Placement scaled = Placement.moved(-reach.left(), -reach.top())
                    .then(Placement.scaled(wide.toMm() / reach.width(), high.toMm() / reach.height()))
                    .then(Placement.moved(reach.left(), reach.top()));
            return table.with(stack, lying.moved(scaled));
        }
    }

    /** Cut down at one side to so wide, or so high. */
    record CutDown(String stack, Side side, Length to) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            Reach reach = lying.reach();
            double whole = side.runs() == Axis.UP_DOWN ? reach.width() : reach.height();
            return table.cutTo(stack, lying.trimmed(List.of(reach.in(side, whole - to.toMm()))));
        }
    }

    /** Sewn through everything along these sides, so far in from each. */
    record SewSides(String stack, List<Side> sides, Length in) implements Move {

        public SewSides {
            sides = List.copyOf(sides);
        }

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            List<Crease> lines = new ArrayList<>();
            sides.forEach(side -> lines.add(lying.reach().in(side, in.toMm())));
            return table.with(stack, lying.sewn(Seam.of(lines)));
        }
    }

    /**
     * Sewn through everything along an outline.
     *
     * @param outline on the piece that the stack goes by, as it was cut
     * @param open    near the middle of the stretch that is left open, where one is
     * @param in      how far from what is cut
     */
    record SewOutline(String stack, Contour outline, Optional<Point> open, Length in) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            Placement place = lying.facets()
                    .filter(facet -> facet.piece().equals(stack))
                    .max(Comparator.comparingDouble(Facet::area))
                    .orElseThrow()
                    .place();
            Contour there = new Contour(outline.points().stream().map(place::of).toList());
            return table.with(
                    stack, lying.sewn(Seam.of(there, Math.max(LEAST_REACH, in.toMm() * REACH), open.map(place::of))));
        }
    }

    /** Trimmed along the seam on these sides, so much left outside it. */
    record TrimSeam(String stack, Length left) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            List<Crease> lines = lying.seam().orElse(Seam.NONE).creases().stream()
                    .map(crease -> crease.further(left.toMm()))
                    .toList();
            return table.cutTo(stack, lying.trimmed(lines));
        }
    }

    /** The corners of a seam cut off outside it, so far from it. */
    record ClipCorners(String stack, Length left) implements Move {

        @Override
        public Table on(Table table) {
            Stack lying = table.get(stack);
            return table.cutTo(
                    stack, lying.trimmed(lying.seam().orElse(Seam.NONE).corners(left.toMm())));
        }
    }

    /** A bag turned inside out; once more, and it is as before. */
    record Turn(String stack) implements Move {

        @Override
        public Table on(Table table) {
            return table.with(stack, table.get(stack).turned());
        }
    }
}
