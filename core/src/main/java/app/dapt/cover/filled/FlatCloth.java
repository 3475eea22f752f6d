package app.dapt.cover.filled;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Motif;
import app.dapt.cloth.Repeat;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.parts.Back;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The cloth of a finished cover as it lies flat, its print as shapes, in millimetres from its top left corner; the back
 * as seen from behind.
 */
public final class FlatCloth {

    /** The shadow of a hem on what lies below it. */
    static final Paint HEM_SHADE = new Paint.Tone(-0.25);
    /** Straight lines for each of the two edges of a gap. */
    private static final int BOW = 24;

    private FlatCloth() {}

    /** What one side of a cover shows, the lowest first. */
    public static List<Area> of(Reckoned reckoned, boolean back) {
        Sheet flat = flat(reckoned, back);
        List<Area> areas = new ArrayList<>();
        for (Element element : flat.elements()) {
            if (element instanceof Stuff stuff) {
                areas.add(new Area(
                        List.of(contour(stuff.box()).points()), new Paint.Ground(stuff.material(), stuff.rightSide())));
                areas.addAll(printed(reckoned, flat, stuff));
            } else if (element instanceof Shade shade) {
                areas.add(new Area(List.of(contour(shade.box()).points()), HEM_SHADE));
            }
        }
        if (back) {
            gap(reckoned).ifPresent(areas::add);
        }
        return areas;
    }

    /** The edges and stitching on one side of a cover, apart from the seam round it. */
    public static List<Path> lines(Reckoned reckoned, boolean back) {
        return flat(reckoned, back).elements().stream()
                .flatMap(element -> line(element).stream())
                .toList();
    }

    /** The buttons and ties on one side of a cover. */
    public static List<Spot> spots(Reckoned reckoned, boolean back) {
        return flat(reckoned, back).elements().stream()
                .filter(Spot.class::isInstance)
                .map(Spot.class::cast)
                .toList();
    }

    private static Sheet flat(Reckoned reckoned, boolean back) {
        return back ? CoverDrawing.backOutline(reckoned) : CoverDrawing.outline(reckoned);
    }

    /** An element as a line to be drawn on the cloth; nothing where it is none, or the seam. */
    static Optional<Path> line(Element element) {
        if (element instanceof Line line) {
            Point from = new Point(line.x1().toMm(), line.y1().toMm());
            Point to = new Point(line.x2().toMm(), line.y2().toMm());
            return Optional.of(new Path(line.role(), List.of(from, to), false));
        }
        return element instanceof Path path && path.role() != Role.SEAM ? Optional.of(path) : Optional.empty();
    }

    /**
     * An opening that gapes: a lens where its panels slide further apart than they overlap. How far they slide falls
     * from the middle to the sides, which are sewn, as a cosine does; solved panels follow it within a tenth.
     */
    static Optional<Area> gap(Reckoned reckoned) {
        Back back = reckoned.back();
        Length widest = back.lap().map(Back.Lap::gape).orElse(Length.ZERO);
        if (!widest.isPositive() || !back.spots().isEmpty()) {
            return Optional.empty();
        }
        double slip = back.lap().orElseThrow().slip().toMm();
        double overlap = slip - widest.toMm();
        Axis runs = reckoned.plan().opening().runs();
        Back.Panel outer = back.outer();
        double middle = (outer.from().isZero() ? outer.to() : outer.from()).toMm();
        double whole = reckoned.finished(runs).toMm();
        double reach = whole / Math.PI * Math.acos(overlap / slip);
        List<Point> lens = new ArrayList<>();
        for (int half = 0; half < 2; half++) {
            for (int i = 0; i <= BOW; i++) {
                double off = reach * (half == 0 ? 2.0 * i / BOW - 1 : 1 - 2.0 * i / BOW);
                double along = whole / 2 + off;
                double open = Math.max(0, slip * Math.cos(Math.PI * off / whole) - overlap);
                double across = middle + open / 2 * (half == 0 ? -1 : 1);
                lens.add(runs == Axis.ACROSS ? new Point(along, across) : new Point(across, along));
            }
        }
        return Optional.of(new Area(List.of(lens), new Paint.Gap()));
    }

    /** Whether what is printed is a line rather than a shape. */
    public static boolean isLine(Area area) {
        return area.paint() instanceof Paint.Printed printed && printed.stroke() > 0;
    }

    /** What is printed on a stretch of cloth; nothing on its wrong side, or where a picture stands for the print. */
    static List<Area> printed(Reckoned reckoned, Sheet flat, Stuff stuff) {
        Cloth cloth = reckoned.plan().cloths().of(stuff.material());
        Optional<Repeat> repeat = cloth.repeat();
        if (!stuff.rightSide() || cloth.photo().isPresent() || repeat.isEmpty()) {
            return List.of();
        }
        PrintLattice lattice = new PrintLattice(
                repeat.get(),
                (cloth.sideways() ? 90 : 0) + (stuff.turned() ? 180 : 0),
                flat.centred() && stuff.material() == Material.FRONT
                        ? Optional.of(
                                new Point(flat.width().toMm() / 2, flat.height().toMm() / 2))
                        : Optional.empty());
        Map<Paint, List<List<Point>>> areas = new LinkedHashMap<>();
        for (Motif motif : cloth.print().motifs()) {
            double stroke = motif.stroke() * repeat.get().across().toMm();
            areas.computeIfAbsent(
                            new Paint.Printed(stuff.material(), motif.ink(), motif.opacity(), stroke),
                            any -> new ArrayList<>())
                    .addAll(lattice.printed(motif, contour(stuff.box())));
        }
        return areas.entrySet().stream()
                .map(each -> new Area(each.getValue(), each.getKey()))
                .toList();
    }

    static Contour contour(Box box) {
        return Contour.rectangle(
                box.left().toMm(),
                box.top().toMm(),
                box.right().toMm(),
                box.bottom().toMm());
    }
}
