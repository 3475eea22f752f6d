package app.dapt.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.cover.front.Extras;
import app.dapt.cover.front.Face;
import app.dapt.cover.front.Handle;
import app.dapt.cover.front.Pocket;
import app.dapt.cover.front.Rows;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;

/** What is on a front besides its cloth: a button band, a pocket, a handle, a label, the room for decoration. */
final class FrontDrawing {

    /** Lace and ribbon are drawn so wide, and a ruffle's folds so far apart. */
    private static final Length BRAID = Length.inches(0, 3, 4);

    private static final Length FOLDS = Length.inches(0, 5, 8);

    private final Reckoned reckoned;
    private final Length width;
    private final Length height;

    private FrontDrawing(Reckoned reckoned) {
        this.reckoned = reckoned;
        this.width = reckoned.finished(Axis.ACROSS);
        this.height = reckoned.finished(Axis.UP_DOWN);
    }

    static List<Element> on(Reckoned reckoned) {
        FrontDrawing front = new FrontDrawing(reckoned);
        List<Element> elements = new ArrayList<>();
        if (reckoned.plan().face() instanceof Face.ButtonBand band
                && !reckoned.plan().opening().takesInFront()) {
            elements.addAll(front.buttonBand(band));
        }
        elements.addAll(front.extras());
        return elements;
    }

    /** How far a handle rises above the edge. */
    static Length rise(Reckoned reckoned) {
        Handle handle = reckoned.plan().extras().handle();
        return handle.there()
                ? Length.min(
                        handle.reach().times(1, 5),
                        reckoned.finished(Axis.UP_DOWN).times(1, 6))
                : Length.ZERO;
    }

    private List<Element> buttonBand(Face.ButtonBand band) {
        List<Element> elements = new ArrayList<>();
        Length fold = width.half().plus(band.pleat().half());
        elements.add(
                new Shade(new Box(fold, Length.ZERO, Length.min(width, height).times(1, 50), height)));
        elements.add(new Line(Role.FINISHED_EDGE, fold, Length.ZERO, fold, height));
        Length stitched = width.half().minus(band.pleat().half());
        elements.add(new Line(Role.TOPSTITCH, stitched, Length.ZERO, stitched, height));
        reckoned.front().marks().stream()
                .filter(mark -> mark.sort() == Marking.Sort.BUTTON)
                .forEach(mark -> elements.add(new Spot(
                        Marking.Sort.BUTTON,
                        width.half(),
                        mark.fromTop().orElseThrow().minus(reckoned.allowance()),
                        band.size(),
                        Axis.ACROSS)));
        return elements;
    }

    /** Pocket, handle, label and the room for decoration. */
    private List<Element> extras() {
        Extras extras = reckoned.plan().extras();
        List<Element> elements = new ArrayList<>();
        if (extras.pocket().there()) {
            elements.addAll(pocket(extras.pocket()));
        }
        if (extras.rows().there()) {
            extras.rows().heights().stream()
                    .filter(above -> above.under(height))
                    .forEach(above -> elements.addAll(row(extras.rows(), height.minus(above))));
        }
        if (extras.decoration().there()) {
            elements.add(new Path(
                    Role.HIDDEN_EDGE,
                    Trimmings.contour(reckoned)
                            .grown(extras.decoration().clear().negated())
                            .points(),
                    true));
        }
        if (extras.handle().there()) {
            double left = extras.handle().from().toMm();
            double right = width.toMm() - left;
            double rise = rise(reckoned).toMm();
            double wide = extras.handle().wide().toMm();
            elements.add(new Path(Role.FINISHED_EDGE, arch(left, right, rise), false));
            elements.add(
                    new Path(Role.FINISHED_EDGE, arch(left + wide, right - wide, Math.max(3, rise - wide)), false));
        }
        if (extras.label().there()) {
            double y = height.toMm() - extras.label().from().toMm();
            elements.add(new Path(
                    Role.FINISHED_EDGE,
                    List.of(
                            new Point(width.toMm(), y - 8),
                            new Point(width.toMm() + 16, y - 8),
                            new Point(width.toMm() + 16, y + 8),
                            new Point(width.toMm(), y + 8)),
                    false));
        }
        return elements;
    }

    /** A row sewn on along its upper edge, or a ribbon along both; a ruffle shows its folds. */
    private List<Element> row(Rows rows, Length top) {
        Length deep = rows.of() == Rows.Of.RUFFLE ? rows.deep() : BRAID;
        Length bottom = Length.min(height, top.plus(deep));
        List<Element> elements = new ArrayList<>(List.of(
                new Shade(new Box(Length.ZERO, top, width, bottom.minus(top))),
                new Line(Role.TOPSTITCH, Length.ZERO, top, width, top),
                new Line(Role.FINISHED_EDGE, Length.ZERO, bottom, width, bottom)));
        if (rows.of() == Rows.Of.RIBBON) {
            elements.add(new Line(Role.FINISHED_EDGE, Length.ZERO, top, width, top));
        }
        for (Length x = FOLDS; rows.of() == Rows.Of.RUFFLE && x.under(width); x = x.plus(FOLDS)) {
            elements.add(new Line(Role.FINISHED_EDGE, x, top, x, bottom));
        }
        return elements;
    }

    private static List<Point> arch(double left, double right, double rise) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= 24; i++) {
            double t = i / 24.0;
            points.add(
                    new Point(left + (right - left) * t, -rise * Math.sqrt(Math.max(0, 1 - Math.pow(2 * t - 1, 4)))));
        }
        return points;
    }

    private List<Element> pocket(Pocket pocket) {
        Length top = height.minus(Length.min(height, pocket.deep()));
        List<Element> elements = new ArrayList<>();
        Length shade = Length.min(width, height).times(1, 60);
        elements.add(new Shade(new Box(Length.ZERO, top.minus(shade), width, shade)));
        elements.add(new Stuff(
                new Box(Length.ZERO, top, width, height.minus(top)), Material.FRONT, true, false, "pocket", Part.NONE));
        if (pocket.make() == Pocket.Make.CONTRAST_BAND) {
            elements.add(new Stuff(
                    new Box(Length.ZERO, top, width, pocket.band()),
                    Material.TRIM,
                    true,
                    false,
                    "pocket-lining",
                    Part.NONE));
            elements.add(
                    new Line(Role.TOPSTITCH, Length.ZERO, top.plus(pocket.band()), width, top.plus(pocket.band())));
        }
        elements.add(new Line(Role.FINISHED_EDGE, Length.ZERO, top, width, top));
        return elements;
    }
}
