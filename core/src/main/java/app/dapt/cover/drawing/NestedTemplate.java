package app.dapt.cover.drawing;

import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One half for several pieces of a cover that differ only in where they end, such as the front and the backs of a round
 * one: the outermost line of all, and inside it, by name, where each of the others is cut. Each piece is traced from it
 * on one side of the middle, then on the other with the template turned over.
 */
final class NestedTemplate {

    /** Together the halves may be so much larger than the largest of them; else they are no nest. */
    private static final double MOST = 1.25;
    /** Lines that lie no farther apart than this are one line, in millimetres. */
    private static final double ONE_LINE = .4;
    /** A stretch shorter than this needs no line of its own. */
    private static final double SHORTEST = 3;

    /** A half of a piece, mirrored where it is the right one, the middle at its right. */
    private record Half(Piece piece, Side side, Contour cut, Contour seam) {

        static Half of(Piece piece, Side side, double middle) {
            Outline outline = piece.outline().orElseThrow();
            return new Half(
                    piece, side, half(outline.cutInPlace(), side, middle), half(outline.seamInPlace(), side, middle));
        }

        private static Contour half(Contour line, Side side, double middle) {
            Contour left = side == Side.LEFT ? line : line.mirrored(middle);
            return left.within(-Outline.FAR, -Outline.FAR, middle, Outline.FAR);
        }

        boolean isNothing() {
            return cut.points().size() < 3 || seam.points().size() < 3;
        }

        boolean isLike(Half other) {
            return Template.isAlike(cut, other.cut) && Template.isAlike(seam, other.seam);
        }
    }

    private final List<List<Half>> groups;
    private final Contour outermost;
    private final double middle;

    private NestedTemplate(List<List<Half>> groups, Contour outermost, double middle) {
        this.groups = groups;
        this.outermost = outermost;
        this.middle = middle;
    }

    /**
     * The one half for all these pieces; nothing where they do not nest.
     *
     * @param middle where the cover's middle is, from its left
     */
    static Optional<Template> of(List<Piece> pieces, Length middle) {
        boolean placed = pieces.stream()
                .noneMatch(piece ->
                        piece.outline().filter(Outline.Drop.class::isInstance).isPresent());
        List<Half> halves = pieces.stream()
                .flatMap(piece -> Stream.of(Side.LEFT, Side.RIGHT).map(side -> Half.of(piece, side, middle.toMm())))
                .filter(half -> !half.isNothing())
                .toList();
        if (!placed || halves.isEmpty()) {
            return Optional.empty();
        }
        Contour outermost = halves.stream().map(Half::cut).reduce(Contour::with).orElseThrow();
        double largest =
                halves.stream().mapToDouble(half -> half.cut().area()).max().orElseThrow();
        return outermost.area() > MOST * largest
                ? Optional.empty()
                : Optional.of(
                        new NestedTemplate(Template.alike(halves, Half::isLike), outermost, middle.toMm()).drawn());
    }

    private Template drawn() {
        List<Path> paths = new ArrayList<>(List.of(Template.openAt(middle, Role.CUT, outermost)));
        List<Template.Written> written = new ArrayList<>();
        List<Phrase> whole = new ArrayList<>();
        List<Contour> seams = new ArrayList<>();
        for (List<Half> group : groups) {
            Half half = group.get(0);
            List<List<Point>> inside = stretches(half.cut(), List.of(outermost));
            inside.forEach(line -> paths.add(new Path(Role.CUT, line, false)));
            stretches(half.seam(), seams).forEach(line -> paths.add(new Path(Role.SEAM, line, false)));
            seams.add(half.seam());
            inside.stream()
                    .max(Comparator.comparingInt(List::size))
                    .ifPresentOrElse(
                            line -> written.add(Template.Written.along(named(group), line)),
                            () -> whole.add(named(group)));
        }
        Contour.Reach fold = outermost.reach(Axis.UP_DOWN, middle - .01, middle);
        paths.add(new Path(Role.FOLD, List.of(new Point(middle, fold.least()), new Point(middle, fold.most())), false));
        paths.add(Template.up(outermost));
        Phrase names = groups.stream()
                .flatMap(List::stream)
                .map(half -> half.piece().name())
                .distinct()
                .reduce(Template::both)
                .orElseThrow();
        Phrase note = whole.stream()
                .reduce(Template::both)
                .map(outer -> Phrase.of("template.nested", outer))
                .orElse(Phrase.of("template.nested-all"));
        return new Template(names, note, paths, written, 0, 0).atCorner();
    }

    /** What of a line is not on any of several others, the fold left out. */
    private List<List<Point>> stretches(Contour line, List<Contour> others) {
        if (others.isEmpty()) {
            return List.of(Template.openAt(middle, Role.SEAM, line).points());
        }
        return others.stream()
                .map(other -> line.apartFrom(other, ONE_LINE))
                .reduce((one, other) -> length(one) < length(other) ? one : other)
                .orElseThrow()
                .stream()
                .filter(stretch -> length(List.of(stretch)) > SHORTEST)
                .filter(stretch -> stretch.stream().anyMatch(point -> middle - point.x() > ONE_LINE))
                .toList();
    }

    private static double length(List<List<Point>> stretches) {
        double length = 0;
        for (List<Point> line : stretches) {
            for (int i = 1; i < line.size(); i++) {
                length += Math.hypot(
                        line.get(i).x() - line.get(i - 1).x(),
                        line.get(i).y() - line.get(i - 1).y());
            }
        }
        return length;
    }

    /** A piece by its name where both its halves are alike, else its halves by their sides. */
    private static Phrase named(List<Half> group) {
        return group.stream()
                .filter(half -> half.side() == Side.LEFT || !hasBoth(group, half.piece()))
                .map(half -> hasBoth(group, half.piece())
                        ? half.piece().name()
                        : Phrase.of(
                                half.side() == Side.LEFT ? "template.left" : "template.right",
                                half.piece().name()))
                .reduce(Template::both)
                .orElseThrow();
    }

    private static boolean hasBoth(List<Half> group, Piece piece) {
        return group.stream().filter(half -> half.piece().equals(piece)).count() == 2;
    }
}
