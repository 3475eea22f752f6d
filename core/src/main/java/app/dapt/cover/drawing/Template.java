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

/**
 * What to trace a piece from at its true size: its cut and seam lines, half of it where it is the same on both sides,
 * or one corner where only the corners are shaped.
 *
 * @param name   what to call it
 * @param note   how it is laid on the cloth
 * @param paths  in millimetres from the top left
 * @param width  millimetres
 * @param height millimetres
 */
public record Template(Phrase name, Phrase note, List<Path> paths, double width, double height) {

    /** A half is taken for the other half when their areas agree to this share. */
    private static final double SAME = 5e-4;
    /** What is drawn of a corner beyond its taper, so that the straight edges can be lined up. */
    private static final double BEYOND_TAPER = 30;

    public Template {
        paths = List.copyOf(paths);
    }

    /** The templates of everything that is cut along a line of its own, each shape once. */
    public static List<Template> of(Reckoned reckoned) {
        List<Template> templates = new ArrayList<>();
        List<Piece> curved = reckoned.pieces().stream()
                .filter(piece ->
                        piece.outline().filter(lines -> !lines.isNothing()).isPresent())
                .toList();
        if (reckoned.plan().shape().isRectangular()) {
            curved.stream().findFirst().ifPresent(piece -> templates.add(corner(piece, reckoned.allowance())));
            return templates;
        }
        curved.forEach(piece -> templates.add(of(piece, piece.outline().orElseThrow())));
        return templates;
    }

    private static Template of(Piece piece, Outline outline) {
        Contour cut = outline.cut();
        Contour seam = outline.seam();
        double middle = cut.right() / 2;
        Contour half = cut.within(-1, -1, middle, cut.bottom() + 1);
        boolean same = Math.abs(2 * half.area() / cut.area() - 1) < SAME
                && Math.abs(half.bottom() - cut.bottom()) < 1
                && Math.abs(half.top()) < 1;
        if (!same) {
            return new Template(
                    piece.name(),
                    Phrase.of("template.cut", piece.quantity()),
                    List.of(closed(Role.CUT, cut), closed(Role.SEAM, seam)),
                    cut.right(),
                    cut.bottom());
        }
        Contour.Reach fold = half.reach(Axis.UP_DOWN, middle - 0.01, middle);
        Path line =
                new Path(Role.FOLD, List.of(new Point(middle, fold.least()), new Point(middle, fold.most())), false);
        return new Template(
                piece.name(),
                Phrase.of("template.fold", piece.quantity()),
                List.of(
                        openAt(middle, Role.CUT, half),
                        openAt(middle, Role.SEAM, seam.within(-1, -1, middle, cut.bottom() + 1)),
                        line),
                middle,
                cut.bottom());
    }

    /** A half's line without the stretch along the fold, which is not to be cut. */
    private static Path openAt(double fold, Role role, Contour half) {
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

    private static Path closed(Role role, Contour contour) {
        return new Path(role, contour.points(), true);
    }
}
