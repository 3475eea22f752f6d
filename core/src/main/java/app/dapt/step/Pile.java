package app.dapt.step;

import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Pieces as they lie on the table, looked at from above: the first lies lowest. Places are counted from the top left
 * corner of the lowest piece.
 *
 * @param laid the pieces, at least one
 * @param over pins, stitching and arrows on them
 */
public record Pile(List<Laid> laid, List<Element> over) {

    private static final double ARROW = 9;

    /** @throws IllegalArgumentException where nothing lies there */
    public Pile {
        laid = List.copyOf(laid);
        over = List.copyOf(over);
        if (laid.isEmpty()) {
            throw new IllegalArgumentException("something lies on the table");
        }
    }

    /** One piece. */
    public static Pile of(Laid piece) {
        return new Pile(List.of(piece), List.of());
    }

    /** One more piece on top. */
    public Pile on(Laid piece) {
        List<Laid> more = new ArrayList<>(laid);
        more.add(piece);
        return new Pile(more, over);
    }

    /** With more shown on it. */
    public Pile with(List<? extends Element> more) {
        List<Element> all = new ArrayList<>(over);
        all.addAll(more);
        return new Pile(laid, all);
    }

    /** What lies on top. */
    public Laid top() {
        return laid.get(laid.size() - 1);
    }

    /** A line along one edge of the uppermost piece, so far in from where that edge is now. */
    public Pile along(Role role, Side side, Length in) {
        return with(List.of(top().inset(role, side, in)));
    }

    /** A zip along one edge of the uppermost piece, so far in from it and so far from the edge's beginning. */
    public Pile zipped(Side side, Length in, Length from, Length length) {
        Line whole = top().inset(Role.TEETH, side, in);
        double startX = whole.x1().toMm();
        double startY = whole.y1().toMm();
        boolean level = side.runs() == Axis.ACROSS;
        Point begin = level ? new Point(startX + from.toMm(), startY) : new Point(startX, startY + from.toMm());
        Point end = level ? new Point(begin.x() + length.toMm(), startY) : new Point(startX, begin.y() + length.toMm());
        return with(List.of(new Path(Role.TEETH, List.of(begin, end), false)));
    }

    /** Stitching round a stretch of an edge of the uppermost piece, so far from the edge on both sides of it. */
    public Pile stitchedRound(Side side, Length from, Length length, Length away) {
        Line edge = top().inset(Role.SEW, side, Length.ZERO);
        double out = away.toMm();
        double begin = from.toMm();
        double end = from.plus(length).toMm();
        double x = edge.x1().toMm();
        double y = edge.y1().toMm();
        List<Point> round = side.runs() == Axis.ACROSS
                ? List.of(
                        new Point(x + begin, y - out),
                        new Point(x + end, y - out),
                        new Point(x + end, y + out),
                        new Point(x + begin, y + out))
                : List.of(
                        new Point(x - out, y + begin),
                        new Point(x + out, y + begin),
                        new Point(x + out, y + end),
                        new Point(x - out, y + end));
        return with(List.of(new Path(Role.SEW, round, true)));
    }

    /** An edge of the uppermost piece that is folded in by so much, and again: the folds, and which way. */
    public Pile folding(Side side, List<Length> turns) {
        Pile folded = this;
        Length in = Length.ZERO;
        for (Length turn : turns) {
            in = in.plus(turn);
            folded = folded.along(Role.FOLD, side, in);
        }
        return folded.arrow(side, in);
    }

    /** An arrow from an edge of the uppermost piece inwards. */
    public Pile arrow(Side side, Length in) {
        Box box = top().box();
        Side seen = top().seen(side);
        boolean upright = seen.runs() == Axis.ACROSS;
        double reach = Math.max(
                in.toMm() * 2, Math.min(box.width().toMm(), box.height().toMm()) / 8);
        double edge =
                switch (seen) {
                    case TOP -> box.top().toMm();
                    case BOTTOM -> box.bottom().toMm();
                    case LEFT -> box.left().toMm();
                    case RIGHT -> box.right().toMm();
                };
        double to = seen == Side.TOP || seen == Side.LEFT ? edge + reach : edge - reach;
        double middle = upright
                ? box.left().toMm() + box.width().toMm() / 2
                : box.top().toMm() + box.height().toMm() / 2;
        Point from = upright ? new Point(middle, edge) : new Point(edge, middle);
        Point tip = upright ? new Point(middle, to) : new Point(to, middle);
        return with(List.of(new Path(Role.MOVE, pointed(List.of(from, tip)), false)));
    }

    /** A path with an arrow's head at its end. */
    static List<Point> pointed(List<Point> path) {
        Point tip = path.get(path.size() - 1);
        Point before = path.get(path.size() - 2);
        double along = Math.atan2(tip.y() - before.y(), tip.x() - before.x());
        List<Point> points = new ArrayList<>(path);
        for (double turn : new double[] {0.8 * Math.PI, -0.8 * Math.PI}) {
            points.add(new Point(tip.x() + ARROW * Math.cos(along + turn), tip.y() + ARROW * Math.sin(along + turn)));
            points.add(tip);
        }
        return points;
    }

    /**
     * The seam through all that lies here, along these edges of the lowest piece, as far in as its allowances; where it
     * goes all round it starts in the middle of the bottom edge.
     */
    public Pile seamed(Role role, Set<Side> sides) {
        Laid lowest = laid.get(0);
        if (lowest.seam().isPresent()) {
            return with(List.of(new Path(role, lowest.seam().get().points(), true)));
        }
        if (sides.size() < Side.values().length) {
            return with(sides.stream()
                    .map(side -> lowest.inset(role, side, lowest.allowance(side)))
                    .toList());
        }
        Box box = lowest.box();
        double left = box.left().plus(lowest.rawAt(Side.LEFT)).toMm();
        double right = box.right().minus(lowest.rawAt(Side.RIGHT)).toMm();
        double top = box.top().plus(lowest.rawAt(Side.TOP)).toMm();
        double bottom = box.bottom().minus(lowest.rawAt(Side.BOTTOM)).toMm();
        double middle = (left + right) / 2;
        List<Point> round = List.of(
                new Point(middle, bottom),
                new Point(right, bottom),
                new Point(right, top),
                new Point(left, top),
                new Point(left, bottom),
                new Point(middle - ARROW, bottom));
        Length startX = box.left().plus(box.width().half());
        return with(List.of(
                new Path(role, pointed(round), false),
                new Note(
                        Phrase.of("pile.start"),
                        startX,
                        box.bottom().minus(lowest.rawAt(Side.BOTTOM)),
                        Optional.of(Side.BOTTOM))));
    }

    /** A seam along a line through all that lies here, from its first point, which lies at this side, to its last. */
    public Pile seamed(Role role, List<Point> line, Side start) {
        Point first = line.get(0);
        return with(List.of(
                new Path(role, pointed(line), false),
                new Note(
                        Phrase.of("pile.start"),
                        Length.nearMm(first.x()),
                        Length.nearMm(first.y()),
                        Optional.of(start))));
    }

    /** Pins along these edges of the uppermost piece, their heads outward. */
    public Pile pinned(Set<Side> sides) {
        return with(Pins.along(top(), sides));
    }

    /** Pins through all that lies on the lowest piece, along the edges that end in the seam round the cover. */
    public Pile pinnedAround() {
        Optional<Contour> seam = laid.get(0).seam();
        if (seam.isPresent()) {
            return with(Pins.across(seam.get().points()));
        }
        List<Line> pins = new ArrayList<>();
        laid.stream().skip(1).forEach(piece -> pins.addAll(Pins.along(piece, seams(piece.piece()))));
        return with(pins);
    }

    /** The edges of a piece that end in the seam round the cover. */
    public static Set<Side> seams(Piece piece) {
        Set<Side> seams = EnumSet.noneOf(Side.class);
        for (Side side : Side.values()) {
            if (piece.edge(side).isSeam()) {
                seams.add(side);
            }
        }
        return seams;
    }

    /** A tape beside it from one place to another. */
    public Pile measured(Axis way, Length from, Length length, Phrase label) {
        Box lowest = laid.get(0).box();
        Tape tape = way == Axis.UP_DOWN
                ? new Tape(way, lowest.right(), from, length, false, label)
                : new Tape(way, from, lowest.bottom(), length, false, label);
        return length.isPositive() ? with(List.of(tape)) : this;
    }

    /** What it looks like. */
    public Sheet sheet() {
        return new PileDrawing(this, laid).sheet();
    }

    /** How the pieces lie, for somebody who does not see it. */
    public Phrase described() {
        List<Object> lies = new ArrayList<>(laid.stream().map(Laid::says).toList());
        return new Phrase("pile." + Math.min(lies.size(), 4), lies);
    }

    /** All four. */
    public static Set<Side> allSides() {
        return EnumSet.allOf(Side.class);
    }
}
