package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.filled.Regions.Corner;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Sheet;
import app.dapt.filling.sheet.Surface;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A cover with its form in, in its own cloth, as it is seen from somewhere. */
public final class FilledDrawing {

    /** Straight lines along a cover's width, so that what is bent looks bent. */
    private static final double STEPS = 14;

    private final Reckoned reckoned;
    private final FilledCover filled;
    private final View view;

    private FilledDrawing(Reckoned reckoned, FilledCover filled, View view) {
        this.reckoned = reckoned;
        this.filled = filled;
        this.view = view;
    }

    /**
     * A filled cover.
     *
     * @param others the same cover fuller and less full, drawn as outlines
     */
    public static Sheet of(Reckoned reckoned, FilledCover filled, View view, List<FilledCover> others) {
        return new FilledDrawing(reckoned, filled, view).sheet(others);
    }

    private Sheet sheet(List<FilledCover> others) {
        List<Draping> sides = sides(filled, 0, 0);
        Contour whole = withFlange(
                sides.get(sides.size() - 1), view == View.EDGE_ON ? around(outlines(sides)) : joined(outlines(sides)));
        List<Element> elements = new ArrayList<>();
        sides = sides(filled, whole.left(), whole.top());
        if (!view.isSquare()) {
            elements.add(new Area(List.of(shadow(whole, sides.get(1))), new Paint.Cast(), true));
        }
        sides.stream()
                .filter(side -> !side.ground().isEmpty())
                .forEach(side -> elements.addAll(DrapedSide.of(reckoned, side)));
        for (FilledCover other : others) {
            List<Contour> outlines = outlines(sides(other, whole.left(), whole.top()));
            (view == View.EDGE_ON ? outlines : List.of(joined(outlines)))
                    .forEach(outline -> elements.add(new Path(Role.HIDDEN_EDGE, outline.points(), true)));
        }
        if (view == View.FRONT) {
            filled.formSeam()
                    .ifPresent(seam -> elements.add(new Path(
                            Role.FORM, seam.moved(-whole.left(), -whole.top()).points(), true)));
        }
        elements.addAll(tapes(whole));
        return new Sheet(
                Length.nearMm(whole.right() - whole.left()),
                Length.nearMm(whole.bottom() - whole.top()),
                elements,
                // Seen along its seam nothing lies outside it.
                view == View.EDGE_ON ? Optional.empty() : Optional.of(whole.moved(-whole.left(), -whole.top())),
                CoverDrawing.outline(reckoned).around(),
                false,
                Phrase.of(
                        "drawing.filled." + Phrase.code(view),
                        reckoned.finished(Axis.ACROSS),
                        reckoned.finished(Axis.UP_DOWN),
                        Length.nearMm(filled.thickness())));
    }

    /** The sides that may be seen, the farther one first, drawn from so far left and down. */
    private List<Draping> sides(FilledCover cover, double left, double top) {
        Surface surface = cover.surface();
        return view.sides().stream()
                .map(back -> new Draping(
                        surface,
                        view,
                        back,
                        reckoned.finished(Axis.ACROSS).toMm(),
                        reckoned.finished(Axis.UP_DOWN).toMm(),
                        reckoned.plan().border().isPositive(),
                        cover.width() / STEPS,
                        left,
                        top))
                .toList();
    }

    private static List<Contour> outlines(List<Draping> sides) {
        return sides.stream()
                .flatMap(side -> side.ground().stream())
                .map(Contour::new)
                .toList();
    }

    /** Several outlines as one; the largest where they do not meet. */
    private static Contour joined(List<Contour> outlines) {
        return outlines.stream().map(Contour::sound).reduce(Contour::with).orElseThrow();
    }

    /** The rectangle round several outlines. */
    private static Contour around(List<Contour> outlines) {
        List<Point> all =
                outlines.stream().flatMap(outline -> outline.points().stream()).toList();
        Contour together = new Contour(all);
        return Contour.rectangle(together.left(), together.top(), together.right(), together.bottom());
    }

    /** The outline with the flange round it, which stays flat. */
    private Contour withFlange(Draping side, Contour outline) {
        return side.flanged()
                ? outline.with(
                        new Contour(side.area(reckoned.dimensions().contour().points())
                                        .get(0))
                                .sound())
                : outline;
    }

    /** A soft shadow on what it stands or lies on: standing, behind its lower edge. */
    private List<Point> shadow(Contour whole, Draping front) {
        double deep = filled.thickness();
        if (view == View.EDGE_ON) {
            double wide = whole.right() - whole.left();
            return ellipse(new Point(wide / 2, whole.bottom() - whole.top()), wide * .46, deep * .13);
        }
        Corner left = front.seen(new Point(0, front.height()));
        Corner right = front.seen(new Point(front.width(), front.height()));
        return List.of(
                new Point(left.x(), left.y()),
                new Point(right.x(), right.y()),
                new Point(right.x() + deep * 1.1, right.y() - deep * .1),
                new Point(left.x() + deep * 1.5, left.y() + deep * .05));
    }

    static List<Point> ellipse(Point middle, double wide, double high) {
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < 32; i++) {
            double angle = 2 * Math.PI * i / 32;
            round.add(new Point(middle.x() + wide * Math.cos(angle), middle.y() + high * Math.sin(angle)));
        }
        return round;
    }

    private List<Element> tapes(Contour whole) {
        return switch (view) {
            case FRONT ->
                List.of(
                        tape(Axis.ACROSS, filled.straight(Axis.ACROSS), whole.right() - whole.left()),
                        tape(Axis.UP_DOWN, filled.straight(Axis.UP_DOWN), whole.bottom() - whole.top()));
            case EDGE_ON -> List.of(tape(Axis.UP_DOWN, filled.thickness(), whole.bottom() - whole.top()));
            case BACK, STANDING -> List.of();
        };
    }

    private static Tape tape(Axis way, double size, double of) {
        Length from = Length.nearMm((of - size) / 2);
        return new Tape(
                way,
                way == Axis.ACROSS ? from : Length.ZERO,
                way == Axis.ACROSS ? Length.ZERO : from,
                Length.nearMm(size),
                true,
                Phrase.of("tape.filled"));
    }
}
