package app.dapt.step;

import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Turning;
import app.dapt.drawing.PieceDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Pieces as they lie on the table, looked at from above: the first lies lowest. Places are counted from the top left
 * corner of the lowest piece.
 *
 * @param laid the pieces, at least one
 * @param over pins, stitching and arrows on them
 */
public record Pile(List<Laid> laid, List<Element> over) {

    /**
     * One piece where it lies. Wrong side up it is turned over like a page: its right edge lies at the left.
     *
     * @param name      what to call it here
     * @param turn      when it is laid down, counted from one; nought where that is all the same
     * @param rightSide whether its right side is up
     * @param made      its edges that are hemmed or sewn by now, seen upright and right side up
     */
    public record Laid(Piece piece, Phrase name, int turn, Box box, boolean rightSide, Set<Side> made) {

        public Laid {
            made = Set.copyOf(made);
        }

        /** A piece alone, in the top left corner. */
        public static Laid alone(Piece piece, boolean rightSide, Set<Side> made) {
            Box box = Box.of(left(piece, Axis.ACROSS, made), left(piece, Axis.UP_DOWN, made));
            return new Laid(piece, piece.name(), 0, box, rightSide, made);
        }

        /** This piece by another name. */
        public Laid named(Phrase other) {
            return new Laid(piece, other, turn, box, rightSide, made);
        }

        /** What is left of it in one direction once the edges that are made have taken theirs. */
        private static Length left(Piece piece, Axis way, Set<Side> made) {
            Length size = piece.cut(way).total();
            for (Side side : made) {
                size = side.runs() == way ? size : size.minus(piece.edge(side).allowance());
            }
            return Length.max(Length.sixtyFourths(1), size);
        }

        /** This piece, laid down as the first, or the second. */
        public Laid inTurn(int number) {
            return new Laid(piece, name, number, box, rightSide, made);
        }

        /** This piece with one more edge made. */
        public Laid having(Side side) {
            Set<Side> more = EnumSet.of(side);
            more.addAll(made);
            return alone(piece, rightSide, more).at(box.left(), box.top());
        }

        /** This piece, its top left corner so far in and down. */
        public Laid at(Length left, Length top) {
            return new Laid(piece, name, turn, new Box(left, top, box.width(), box.height()), rightSide, made);
        }

        /** This piece as large as it is by now, however it was cut. */
        public Laid sized(Length width, Length height) {
            return new Laid(piece, name, turn, new Box(box.left(), box.top(), width, height), rightSide, made);
        }

        /** Where an edge of the piece lies now. */
        Side seen(Side side) {
            return rightSide || side.runs() == Axis.ACROSS ? side : side.opposite();
        }

        /** What lies outside its stitching at an edge, as far as it is not made yet. */
        Length allowance(Side side) {
            return made.contains(side) ? Length.ZERO : piece.edge(side).allowance();
        }

        /** The same at an edge as it is seen now. */
        Length rawAt(Side seen) {
            return allowance(seen(seen));
        }

        Optional<Contour> outline() {
            return piece.outline().map(Outline::cut).map(this::turned);
        }

        Optional<Contour> seam() {
            return piece.outline().map(Outline::seam).map(this::turned);
        }

        private Contour turned(Contour lines) {
            Contour lying = rightSide ? lines : lines.mirrored(piece.cutWidth().toMm() / 2);
            return lying.moved(box.left().toMm(), box.top().toMm());
        }

        Phrase says() {
            return Phrase.of(rightSide ? "pile.right-side" : "pile.wrong-side", name);
        }
    }

    /** Pins stand so far in from the edge, and are so long. */
    private static final Length PIN_IN = Length.inches(0, 1, 4);

    private static final Length PIN = Length.inches(1, 1, 4);
    private static final Length MARK = Length.inches(0, 1, 2);
    private static final Length PIN_APART = Length.inches(4);
    private static final double ARROW = 9;

    /** A corner that is turned back is at most this share of what it is turned back from. */
    private static final double CORNER = 0.08;

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

    private Laid top() {
        return laid.get(laid.size() - 1);
    }

    /** A line along one edge of the uppermost piece, so far in from where that edge is now. */
    public Pile along(Role role, Side side, Length in) {
        return with(List.of(inset(role, top(), side, in)));
    }

    private static Line inset(Role role, Laid piece, Side side, Length in) {
        Box box = piece.box();
        return switch (piece.seen(side)) {
            case TOP ->
                new Line(
                        role,
                        box.left(),
                        box.top().plus(in),
                        box.right(),
                        box.top().plus(in));
            case BOTTOM ->
                new Line(
                        role,
                        box.left(),
                        box.bottom().minus(in),
                        box.right(),
                        box.bottom().minus(in));
            case LEFT ->
                new Line(role, box.left().plus(in), box.top(), box.left().plus(in), box.bottom());
            case RIGHT ->
                new Line(role, box.right().minus(in), box.top(), box.right().minus(in), box.bottom());
        };
    }

    /** A zip along one edge of the uppermost piece, so far in from it and so far from the edge's beginning. */
    public Pile zipped(Side side, Length in, Length from, Length length) {
        Line whole = inset(Role.TEETH, top(), side, in);
        double startX = whole.x1().toMm();
        double startY = whole.y1().toMm();
        boolean level = side.runs() == Axis.ACROSS;
        Point begin = level ? new Point(startX + from.toMm(), startY) : new Point(startX, startY + from.toMm());
        Point end = level ? new Point(begin.x() + length.toMm(), startY) : new Point(startX, begin.y() + length.toMm());
        return with(List.of(new Path(Role.TEETH, List.of(begin, end), false)));
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
                    .map(side -> inset(role, lowest, side, lowest.allowance(side)))
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

    /** Pins along these edges of the uppermost piece, their heads outward. */
    public Pile pinned(Set<Side> sides) {
        return with(pins(top(), sides));
    }

    /** Pins through all that lies on the lowest piece, along the edges that end in the seam round the cover. */
    public Pile pinnedAround() {
        Optional<Contour> seam = laid.get(0).seam();
        if (seam.isPresent()) {
            return with(pinsAlong(seam.get().points()));
        }
        List<Line> pins = new ArrayList<>();
        laid.stream().skip(1).forEach(piece -> pins.addAll(pins(piece, seams(piece.piece()))));
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

    private static List<Line> pins(Laid piece, Set<Side> sides) {
        List<Line> pins = new ArrayList<>();
        for (Side side : sides) {
            Side seen = piece.seen(side);
            boolean level = seen.runs() == Axis.ACROSS;
            Length whole = level ? piece.box().width() : piece.box().height();
            int count = Math.max(2, (int) Math.min(12, whole.over(PIN_APART)));
            for (int i = 0; i < count; i++) {
                pins.add(pin(piece.box(), seen, whole.times(2 * i + 1, 2 * count)));
            }
        }
        return pins;
    }

    /** Pins across a curved seam, from outside it inwards. */
    private static List<Path> pinsAlong(List<Point> seam) {
        List<Path> pins = new ArrayList<>();
        double next = PIN_APART.toMm() / 2;
        for (int i = 0; i < seam.size(); i++) {
            Point from = seam.get(i);
            Point to = seam.get((i + 1) % seam.size());
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            for (; next < length; next += PIN_APART.toMm()) {
                double x = from.x() + (to.x() - from.x()) * next / length;
                double y = from.y() + (to.y() - from.y()) * next / length;
                double across = (to.y() - from.y()) / length * PIN.toMm() / 2;
                double down = (from.x() - to.x()) / length * PIN.toMm() / 2;
                pins.add(new Path(
                        Role.PIN, List.of(new Point(x - across, y - down), new Point(x + across, y + down)), false));
            }
            next -= length;
        }
        return pins;
    }

    private static Line pin(Box box, Side seen, Length along) {
        Length x = box.left().plus(along);
        Length y = box.top().plus(along);
        return switch (seen) {
            case TOP ->
                new Line(
                        Role.PIN,
                        x,
                        box.top().plus(PIN_IN),
                        x,
                        box.top().plus(PIN_IN).plus(PIN));
            case BOTTOM ->
                new Line(
                        Role.PIN,
                        x,
                        box.bottom().minus(PIN_IN),
                        x,
                        box.bottom().minus(PIN_IN).minus(PIN));
            case LEFT ->
                new Line(
                        Role.PIN,
                        box.left().plus(PIN_IN),
                        y,
                        box.left().plus(PIN_IN).plus(PIN),
                        y);
            case RIGHT ->
                new Line(
                        Role.PIN,
                        box.right().minus(PIN_IN),
                        y,
                        box.right().minus(PIN_IN).minus(PIN),
                        y);
        };
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
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            lay(laid.get(i), i, laid.size() == 1, elements);
        }
        elements.addAll(over);
        turnedBack().forEach(elements::add);
        for (int i = 0; i < laid.size(); i++) {
            elements.add(label(i));
        }
        Length width = laid.stream().map(each -> each.box().right()).reduce(Length.ZERO, Length::max);
        Length height = laid.stream().map(each -> each.box().bottom()).reduce(Length.ZERO, Length::max);
        Length below = laid.size() > 1 ? Length.max(width, height).times(1, 9) : Length.ZERO;
        return new Sheet(width, height.plus(below), elements, laid.get(0).outline(), Length.ZERO, false, described());
    }

    /**
     * The lower right corner of what lies on top, turned back so that one sees which side of the lowest piece is up and
     * which sides meet.
     */
    private List<Patch> turnedBack() {
        Box under = laid.get(0).box();
        Box over = top().box();
        boolean reaches = laid.size() > 1
                && over.right().equals(under.right())
                && over.bottom().equals(under.bottom());
        if (!reaches) {
            return List.of();
        }
        List<Point> outline = laid.get(0).outline().map(Contour::points).orElseGet(() -> Contour.rectangle(
                        under.left().toMm(),
                        under.top().toMm(),
                        under.right().toMm(),
                        under.bottom().toMm())
                .points());
        double in = Stream.of(over.width(), over.height(), under.width(), under.height())
                        .mapToDouble(Length::toMm)
                        .min()
                        .orElseThrow()
                / 3;
        double farthest = outline.stream()
                .mapToDouble(point -> point.x() + point.y())
                .max()
                .orElseThrow();
        double most = new Contour(outline).area() * CORNER;
        while (new Contour(beyond(outline, farthest - in)).area() > most) {
            in /= 2;
        }
        double fold = farthest - in;
        List<Point> corner = beyond(outline, fold);
        List<Point> mirrored = corner.stream()
                .map(point -> new Point(fold - point.y(), fold - point.x()))
                .toList();
        return List.of(patch(laid.get(0), true, corner), patch(top(), false, mirrored));
    }

    /** What of an outline lies to the lower right of a slanting line, where across and down add up to so much. */
    private static List<Point> beyond(List<Point> outline, double line) {
        List<Point> beyond = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point from = outline.get(i);
            Point to = outline.get((i + 1) % outline.size());
            double before = from.x() + from.y() - line;
            double after = to.x() + to.y() - line;
            if (before >= 0) {
                beyond.add(from);
            }
            if (before >= 0 != after >= 0) {
                double share = before / (before - after);
                beyond.add(new Point(from.x() + share * (to.x() - from.x()), from.y() + share * (to.y() - from.y())));
            }
        }
        return beyond;
    }

    private static Patch patch(Laid piece, boolean asItLies, List<Point> corner) {
        return new Patch(
                corner,
                piece.piece().material(),
                piece.rightSide() == asItLies,
                piece.piece().turned());
    }

    private static void lay(Laid piece, int number, boolean alone, List<Element> elements) {
        Box box = piece.box();
        if (number > 0) {
            elements.add(new Shade(new Box(box.left(), box.bottom(), box.width(), Length.inches(0, 1, 8))));
        }
        elements.add(new Stuff(
                box,
                piece.piece().material(),
                piece.rightSide(),
                piece.piece().turned(),
                piece.piece().id(),
                Part.NONE));
        for (Side side : Side.values()) {
            edge(piece, side, elements);
        }
        if (number == 0) {
            piece.outline().ifPresent(lines -> elements.add(new Path(Role.CUT, lines.points(), true)));
        }
        piece.piece().marks().stream()
                .filter(mark -> alone || mark.sort() == Marking.Sort.FOLD)
                .forEach(mark -> elements.add(marked(piece, mark)));
    }

    /** A mark where it is on the piece as it lies. */
    private static Element marked(Laid piece, Marking mark) {
        Box box = piece.box();
        Length x = mark.fromLeft().map(at -> across(piece, at)).orElse(box.left());
        Length y = mark.fromTop()
                .map(at -> box.top().plus(at).minus(gone(piece, Side.TOP)))
                .orElse(box.top());
        if (!mark.isLine()) {
            Axis along = x.equals(box.left()) || x.equals(box.right()) ? Axis.ACROSS : Axis.UP_DOWN;
            return new Spot(mark.sort(), x, y, MARK, along);
        }
        Role role = PieceDrawing.role(mark.sort());
        return mark.fromTop().isPresent()
                ? new Line(role, box.left(), y, box.right(), y)
                : new Line(role, x, box.top(), x, box.bottom());
    }

    private static Length across(Laid piece, Length fromLeft) {
        Length at = fromLeft.minus(gone(piece, Side.LEFT));
        return piece.rightSide()
                ? piece.box().left().plus(at)
                : piece.box().right().minus(at);
    }

    /** What a made edge has taken of the piece. */
    private static Length gone(Laid piece, Side side) {
        return piece.made().contains(side) ? piece.piece().edge(side).allowance() : Length.ZERO;
    }

    /** A raw edge; or the fold of a made one, its hem hatched where the wrong side is up. */
    private static void edge(Laid piece, Side side, List<Element> elements) {
        Edge edge = piece.piece().edge(side);
        boolean made = piece.made().contains(side);
        if (made && edge.hemDepth().isPositive()) {
            if (!piece.rightSide()) {
                elements.add(new Turning(
                        strip(piece, side, edge.hemDepth()), piece.piece().id(), Part.HEM));
            }
            elements.add(inset(Role.TOPSTITCH, piece, side, edge.hemDepth()));
        }
        if (piece.piece().outline().isEmpty() || made) {
            Role role = made ? Role.FINISHED_EDGE : Role.CUT;
            elements.add(inset(role, piece, side, Length.ZERO));
        }
    }

    private static Box strip(Laid piece, Side side, Length deep) {
        Box box = piece.box();
        return switch (piece.seen(side)) {
            case TOP -> new Box(box.left(), box.top(), box.width(), deep);
            case BOTTOM -> new Box(box.left(), box.bottom().minus(deep), box.width(), deep);
            case LEFT -> new Box(box.left(), box.top(), deep, box.height());
            case RIGHT -> new Box(box.right().minus(deep), box.top(), deep, box.height());
        };
    }

    /** Words on a piece where nothing lies on it, the lowest at its foot or head, whichever is bare. */
    private Label label(int index) {
        Laid piece = laid.get(index);
        String side = piece.rightSide() ? "right-side" : "wrong-side";
        Phrase words = piece.turn() > 0
                ? Phrase.of("pile.numbered." + side, piece.turn(), piece.name())
                : Phrase.of("pile." + side, piece.name());
        Box box = piece.box();
        if (index == 0 && laid.size() > 1) {
            return new Label(words, box.left(), box.bottom(), false, false);
        }
        Length in = Length.max(box.width(), box.height()).times(1, 12);
        return index > 1
                ? new Label(words, box.left().plus(in), box.bottom().minus(in), true, false)
                : new Label(words, box.left().plus(in), box.top().plus(in), false, false);
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
