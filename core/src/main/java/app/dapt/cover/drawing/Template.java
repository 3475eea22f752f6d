package app.dapt.cover.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;

/**
 * What to trace a piece from at its true size: its cut and seam lines, half of it where it is the same on both sides,
 * or one corner where only the corners are shaped.
 *
 * @param name   what to call it
 * @param note   how it is laid on the cloth
 * @param paths  in millimetres from the top left, the line to cut along first
 * @param written what stands beside lines that need a name
 * @param width  millimetres
 * @param height millimetres
 */
public record Template(Phrase name, Phrase note, List<Path> paths, List<Written> written, double width, double height) {

    /**
     * A few words along a line, standing on it.
     *
     * @param at      the middle of the line, in millimetres from the top left
     * @param degrees how far it slopes, clockwise from level; never upside down
     */
    public record Written(Phrase words, Point at, double degrees) {

        /** The words along a line through these points. */
        static Written along(Phrase words, List<Point> line) {
            Point one = line.get((line.size() - 1) / 2);
            Point other = line.get((line.size() - 1) / 2 + 1);
            Point middle = new Point((one.x() + other.x()) / 2, (one.y() + other.y()) / 2);
            return new Written(words, middle, Math.toDegrees(Math.atan2(other.y() - one.y(), other.x() - one.x())));
        }

        public Written {
            degrees = Math.IEEEremainder(degrees, 180);
        }
    }

    /** A half is taken for the other half when their areas agree to this share. */
    private static final double SAME = 5e-4;
    /** What is drawn of a corner beyond its taper, so that the straight edges can be lined up. */
    private static final double BEYOND_TAPER = 30;
    /** The longest arrow that points to the top, and half its head's breadth. */
    private static final double ARROW = 80;

    private static final double BARB = 3;

    public Template {
        paths = List.copyOf(paths);
        written = List.copyOf(written);
    }

    private Template(Phrase name, Phrase note, List<Path> paths, double width, double height) {
        this(name, note, paths, List.of(), width, height);
    }

    /** The templates of everything that is cut along a line of its own, each shape once, half where both are alike. */
    public static List<Template> of(Reckoned reckoned) {
        return each(reckoned, false);
    }

    /** The same, each of them whole. */
    public static List<Template> whole(Reckoned reckoned) {
        return each(reckoned, true);
    }

    /** The same on the least paper: one half for all of them where they differ only in where they end. */
    public static List<Template> fewest(Reckoned reckoned) {
        List<Template> each = of(reckoned);
        if (each.size() == 1 && each.get(0).isFolded()
                || reckoned.plan().shape().isRectangular()) {
            return each;
        }
        return NestedTemplate.of(
                        curved(reckoned), reckoned.finished(Axis.ACROSS).half())
                .map(List::of)
                .orElse(each);
    }

    private static List<Piece> curved(Reckoned reckoned) {
        return reckoned.pieces().stream()
                .filter(piece ->
                        piece.outline().filter(lines -> !lines.isNothing()).isPresent())
                .toList();
    }

    private static List<Template> each(Reckoned reckoned, boolean whole) {
        List<Piece> curved = curved(reckoned);
        if (reckoned.plan().shape().isRectangular()) {
            return curved.stream()
                    .limit(1)
                    .map(piece -> corner(piece, reckoned.allowance()))
                    .toList();
        }
        return alike(curved, Template::isAlike).stream()
                .map(pieces -> of(pieces, whole))
                .toList();
    }

    /** Whether it is half of a piece, to be laid on a fold. */
    public boolean isFolded() {
        return paths.stream().anyMatch(path -> path.role() == Role.FOLD);
    }

    /** What is alike together, in the order in which the first of each comes. */
    static <T> List<List<T>> alike(List<T> all, BiPredicate<T, T> alike) {
        List<List<T>> groups = new ArrayList<>();
        for (T each : all) {
            groups.stream()
                    .filter(group -> alike.test(group.get(0), each))
                    .findFirst()
                    .ifPresentOrElse(group -> group.add(each), () -> groups.add(new ArrayList<>(List.of(each))));
        }
        return groups;
    }

    /** Two names as one. */
    static Phrase both(Phrase one, Phrase other) {
        return Phrase.of("template.both", one, other);
    }

    /** Whether two pieces are cut and sewn along the same lines, such as a front and a back in one. */
    private static boolean isAlike(Piece one, Piece other) {
        Outline first = one.outline().orElseThrow();
        Outline second = other.outline().orElseThrow();
        return isAlike(first.cut(), second.cut()) && isAlike(first.seam(), second.seam());
    }

    static boolean isAlike(Contour one, Contour other) {
        double larger = Math.max(one.area(), other.area());
        return one.shared(other) > larger * (1 - SAME);
    }

    private static Template of(List<Piece> pieces, boolean whole) {
        Outline outline = pieces.get(0).outline().orElseThrow();
        Phrase name = pieces.stream().map(Piece::name).reduce(Template::both).orElseThrow();
        int quantity = pieces.stream().mapToInt(Piece::quantity).sum();
        Contour cut = outline.cut();
        Contour seam = outline.seam();
        double middle = cut.right() / 2;
        Contour half = cut.within(-1, -1, middle, cut.bottom() + 1);
        boolean same = Math.abs(2 * half.area() / cut.area() - 1) < SAME
                && Math.abs(half.bottom() - cut.bottom()) < 1
                && Math.abs(half.top()) < 1;
        if (whole || !same) {
            return new Template(
                    name,
                    Phrase.of("template.cut", quantity),
                    List.of(closed(Role.CUT, cut), closed(Role.SEAM, seam), up(cut)),
                    cut.right(),
                    cut.bottom());
        }
        Contour.Reach fold = half.reach(Axis.UP_DOWN, middle - 0.01, middle);
        Path line =
                new Path(Role.FOLD, List.of(new Point(middle, fold.least()), new Point(middle, fold.most())), false);
        return new Template(
                name,
                Phrase.of("template.fold", quantity),
                List.of(
                        openAt(middle, Role.CUT, half),
                        openAt(middle, Role.SEAM, seam.within(-1, -1, middle, cut.bottom() + 1)),
                        line,
                        up(half)),
                middle,
                cut.bottom());
    }

    /** A half's line without the stretch along the fold, which is not to be cut. */
    static Path openAt(double fold, Role role, Contour half) {
        List<Point> points = half.points();
        int count = points.size();
        for (int i = 0; i < count; i++) {
            if (Math.abs(points.get(i).x() - fold) < 0.01
                    && Math.abs(points.get((i + 1) % count).x() - fold) < 0.01) {
                List<Point> open = new ArrayList<>(points.subList(i + 1, count));
                open.addAll(points.subList(0, i + 1));
                return new Path(role, open, false);
            }
        }
        return closed(role, half);
    }

    /** One corner, for all four of every piece. */
    private static Template corner(Piece piece, Length allowance) {
        Outline outline = piece.outline().orElseThrow();
        double reach = Math.min(outline.cut().right(), outline.cut().bottom()) / 4 + allowance.toMm() + BEYOND_TAPER;
        Contour cut = outline.cut().within(-1, -1, reach, reach);
        Contour seam = outline.seam().within(-1, -1, reach, reach);
        return new Template(
                Phrase.of("template.corner"),
                Phrase.of("template.corner-note"),
                List.of(closed(Role.CUT, cut), closed(Role.SEAM, seam)),
                reach,
                reach);
    }

    /** An arrow to the piece's up, in the middle of the column that is tallest about its middle. */
    static Path up(Contour cut) {
        double x = (cut.left() + cut.right()) / 2;
        Contour.Reach column = cut.reach(Axis.UP_DOWN, x - 0.01, x + 0.01);
        double head = column.least() + column.length() / 3;
        double tail = head + Math.min(ARROW, column.length() / 3);
        Point tip = new Point(x, head);
        return new Path(
                Role.GRAIN,
                List.of(
                        new Point(x, tail),
                        tip,
                        new Point(x - BARB, head + 2 * BARB),
                        tip,
                        new Point(x + BARB, head + 2 * BARB)),
                false);
    }

    /**
     * The same turned clockwise about, its top left corner where it was: for laying it on paper.
     *
     * @param degrees how far
     */
    public Template turned(double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        UnaryOperator<Point> turn = p -> new Point(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos);
        return through(turn, degrees).atCorner();
    }

    private Template through(UnaryOperator<Point> mapping, double degrees) {
        return new Template(
                name,
                note,
                paths.stream().map(path -> path.through(mapping)).toList(),
                written.stream()
                        .map(each -> new Written(each.words(), mapping.apply(each.at()), each.degrees() + degrees))
                        .toList(),
                width,
                height);
    }

    /** The same moved so that it begins at the top left, and as large as it is. */
    Template atCorner() {
        Contour all = new Contour(
                paths.stream().flatMap(path -> path.points().stream()).toList());
        Template moved = through(p -> new Point(p.x() - all.left(), p.y() - all.top()), 0);
        return new Template(name, note, moved.paths, moved.written, all.right() - all.left(), all.bottom() - all.top());
    }

    /** The line to cut along, closed across the fold where there is one, in millimetres. */
    public Contour outline() {
        return new Contour(paths.get(0).points());
    }

    private static Path closed(Role role, Contour contour) {
        return new Path(role, contour.points(), true);
    }
}
