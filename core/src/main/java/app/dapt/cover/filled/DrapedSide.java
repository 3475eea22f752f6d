package app.dapt.cover.filled;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.filled.Regions.Corner;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** One side of a filled cover as it is seen: all that is drawn on it flat, where it is once the cover is filled. */
final class DrapedSide {

    /** How many steps of light and shade are told apart, and how strong each is. */
    private static final int TONES = 16;

    private static final double DARK = 0.045;
    private static final double BRIGHT = 0.045;
    /** How dark it is where no lamp reaches. */
    private static final double DARKEST = 0.2;
    /** How far cells of a picture reach over each other, in millimetres. */
    private static final double OVER = 0.4;

    private final Reckoned reckoned;
    private final Draping draping;
    private final Sheet flat;
    private final List<Element> elements = new ArrayList<>();

    private DrapedSide(Reckoned reckoned, Draping draping) {
        this.reckoned = reckoned;
        this.draping = draping;
        this.flat = draping.back() ? CoverDrawing.backOutline(reckoned) : CoverDrawing.outline(reckoned);
    }

    /** What is seen of a side, the lowest first. */
    static List<Element> of(Reckoned reckoned, Draping draping) {
        DrapedSide side = new DrapedSide(reckoned, draping);
        side.drape();
        return side.elements;
    }

    /** Its cloth, what is sewn on it, light and shade, and what goes round its edge. */
    private void drape() {
        List<Element> over = new ArrayList<>();
        boolean first = true;
        for (Element element : flat.elements()) {
            if (element instanceof Stuff stuff) {
                stuff(stuff);
                first = false;
            } else if (element instanceof Trim trim) {
                List<Element> draped = trim(trim);
                (first ? elements : over).addAll(draped);
            } else if (element instanceof Shade shade) {
                elements.add(new Area(boxed(shade.box()), FlatCloth.HEM_SHADE));
            } else if (element instanceof Spot spot) {
                Corner seen = draping.seen(new Point(spot.x().toMm(), spot.y().toMm()));
                if (seen.values()[0] > 0) {
                    over.add(new Spot(
                            spot.sort(), Length.nearMm(seen.x()), Length.nearMm(seen.y()), spot.size(), spot.along()));
                }
            } else {
                FlatCloth.line(element).ifPresent(path -> lines(path.role(), path.points(), path.closed()));
            }
        }
        if (draping.back()) {
            FlatCloth.gap(reckoned).ifPresent(gap -> elements.add(new Area(draped(gap.outlines()), gap.paint())));
        }
        tones();
        seam();
        elements.addAll(over);
    }

    private List<List<Point>> draped(List<List<Point>> shapes) {
        return shapes.stream().flatMap(shape -> draping.area(shape).stream()).toList();
    }

    private List<List<Point>> boxed(Box box) {
        return draping.box(FlatCloth.contour(box));
    }

    private void lines(Role role, List<Point> points, boolean closed) {
        draping.line(points, closed).forEach(stretch -> elements.add(new Path(role, stretch, false)));
    }

    private void stuff(Stuff stuff) {
        boolean whole =
                stuff.box().width().equals(flat.width()) && stuff.box().height().equals(flat.height());
        Paint ground = new Paint.Ground(stuff.material(), stuff.rightSide());
        if (whole && draping.flanged()) {
            elements.add(new Area(draping.area(reckoned.dimensions().contour().points()), ground));
        }
        elements.add(new Area(whole ? draping.ground() : boxed(stuff.box()), ground));
        if (stuff.rightSide()) {
            printed(stuff);
            pictured(stuff);
        }
    }

    /** The print of a cloth on a stretch of it: every motif, bent with the cloth. */
    private void printed(Stuff stuff) {
        for (Area area : FlatCloth.printed(reckoned, flat, stuff)) {
            boolean line = FlatCloth.isLine(area);
            List<List<Point>> draped = new ArrayList<>();
            for (List<Point> outline : area.outlines()) {
                draped.addAll(line ? draping.line(outline, false) : draping.area(outline));
            }
            elements.add(new Area(draped, area.paint()));
        }
    }

    /** The picture of a cloth in small cells, each of which lies nearly plane. */
    private void pictured(Stuff stuff) {
        Cloth cloth = reckoned.plan().cloths().of(stuff.material());
        if (cloth.photo().isEmpty()) {
            return;
        }
        double turned = (cloth.sideways() ? 90 : 0) + (stuff.turned() ? 180 : 0);
        Box box = stuff.box();
        int columns = (int) Math.ceil(box.width().toMm() / (2 * draping.step()));
        int rows = (int) Math.ceil(box.height().toMm() / (2 * draping.step()));
        double wide = box.width().toMm() / columns;
        double high = box.height().toMm() / rows;
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < rows; row++) {
                double left = box.left().toMm() + column * wide;
                double top = box.top().toMm() + row * high;
                // A little larger than it is, so that no ground shows between it and the next.
                List<List<Point>> cell =
                        draping.area(Contour.rectangle(left - OVER, top - OVER, left + wide + OVER, top + high + OVER)
                                .points());
                if (!cell.isEmpty()) {
                    List<Double> mapping = draping.linear(new Point(left, top), wide, high);
                    elements.add(new Area(cell, new Paint.Pictured(stuff.material(), turned, mapping)));
                }
            }
        }
    }

    /** Light and shade in steps, each of which lies on the one before. */
    private void tones() {
        List<Corner[]> triangles = draping.triangles(Light.LAMP);
        double even = Light.LAMP.flat();
        List<Corner[]> dark = triangles.stream()
                .map(triangle -> Stream.of(triangle)
                        .map(corner -> new Corner(
                                corner.x(), corner.y(), new double[] {corner.values()[0], -corner.values()[1]}))
                        .toArray(Corner[]::new))
                .toList();
        for (int i = 1; i <= TONES; i++) {
            double limit = even - (even - DARKEST) * i / (TONES + 1);
            List<List<Point>> areas = Regions.where(dark, 0, -limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(-DARK)));
            }
        }
        for (int i = 1; i <= TONES / 2; i++) {
            double limit = even + (1 - even) * i / (TONES / 2 + 1);
            List<List<Point>> areas = Regions.where(triangles, 0, limit);
            if (!areas.isEmpty()) {
                elements.add(new Area(areas, new Paint.Tone(BRIGHT)));
            }
        }
    }

    /** The seam, as far as this side shows it. */
    private void seam() {
        draping.seam().forEach(stretch -> elements.add(new Path(Role.FINISHED_EDGE, stretch, false)));
    }

    /** What goes round the edge: as it is drawn flat where it is seen squarely, else aslant. */
    private List<Element> trim(Trim trim) {
        if (draping.view().isSquare() || trim.look().isCord()) {
            boolean closed = trim.look().isCord() && trim.path().size() > 2;
            return draping.line(trim.path(), closed).stream()
                    .<Element>map(path -> new Trim(trim.look(), path, trim.deep(), trim.material(), trim.inward()))
                    .toList();
        }
        return FlatTrim.of(reckoned, flat, trim).stream()
                .<Element>map(area -> new Area(draped(area.outlines()), area.paint(), area.beyond()))
                .toList();
    }
}
