package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Look.Mark;
import app.dapt.drawing.Sheet;
import app.dapt.measure.Length;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What stands out beyond the seam of a cover, as shapes: it stays flat, and so is seen aslant where the cover is not
 * seen squarely. All measures in millimetres of the flat cover, from its top left corner.
 */
public final class FlatTrim {

    /** What lies nearer together than so many millimetres runs into one. */
    private static final double LEAST = 3;
    /** How dark the shadow of a gather is. */
    private static final double SHADE = -0.16;

    private final Reckoned reckoned;
    private final Sheet flat;
    private final Trim trim;
    private final List<Area> areas = new ArrayList<>();

    /**
     * What is as thick as it is wide and lies along the seam.
     *
     * @param path  its first point again at its end where it goes all round
     * @param thick in millimetres
     */
    public record Cord(List<Point> path, double thick, Material material) {

        public Cord {
            path = List.copyOf(path);
        }
    }

    private FlatTrim(Reckoned reckoned, Sheet flat, Trim trim) {
        this.reckoned = reckoned;
        this.flat = flat;
        this.trim = trim;
    }

    /** All that stands out round a cover, the lowest first; none of it a cord. */
    public static List<Area> of(Reckoned reckoned) {
        Sheet flat = CoverDrawing.outline(reckoned);
        return trims(flat)
                .filter(trim -> !trim.look().isCord())
                .flatMap(trim -> of(reckoned, flat, trim).stream())
                .toList();
    }

    /** The cords and braids that lie along its seam. */
    public static List<Cord> cords(Reckoned reckoned) {
        return trims(CoverDrawing.outline(reckoned))
                .filter(trim -> trim.look().isCord())
                .flatMap(trim -> trim.marks(LEAST).stream().flatMap(mark -> mark.shapes().stream()
                        .map(line -> new Cord(line, mark.thick(), trim.material()))))
                .toList();
    }

    /** The shapes of one trim, the lowest first. */
    static List<Area> of(Reckoned reckoned, Sheet flat, Trim trim) {
        FlatTrim shapes = new FlatTrim(reckoned, flat, trim);
        shapes.draw();
        return shapes.areas;
    }

    private static Stream<Trim> trims(Sheet flat) {
        return flat.elements().stream().filter(Trim.class::isInstance).map(Trim.class::cast);
    }

    private void draw() {
        for (Mark mark : trim.marks(LEAST)) {
            switch (mark.make()) {
                case CLOTH -> {
                    add(mark.shapes());
                    printed();
                }
                case SOLID, THREAD -> add(mark.areas());
                case SHADOW -> paint(mark.shapes(), new Paint.Tone(SHADE));
                case BRAID, CORD -> throw new IllegalArgumentException("lies on the seam");
            }
        }
    }

    private void add(List<List<Point>> shapes) {
        paint(shapes, new Paint.Trimming(trim.material()));
    }

    private void paint(List<List<Point>> outlines, Paint paint) {
        areas.add(new Area(outlines, paint, true));
    }

    /** The print of its cloth along each straight side. */
    private void printed() {
        for (int i = 0; i + 1 < trim.path().size(); i++) {
            Point from = trim.path().get(i);
            Point to = trim.path().get(i + 1);
            if (from.x() == to.x() || from.y() == to.y()) {
                Stuff stuff = new Stuff(beside(from, to), trim.material(), true, false, "", Part.NONE);
                FlatCloth.printed(reckoned, flat, stuff).stream()
                        .filter(area -> !FlatCloth.isLine(area))
                        .forEach(area -> paint(area.outlines(), area.paint()));
            }
        }
    }

    /** The rectangle that a ruffle fills beside a side of a path that runs clockwise. */
    private Box beside(Point from, Point to) {
        Length left = Length.nearMm(Math.min(from.x(), to.x()));
        Length top = Length.nearMm(Math.min(from.y(), to.y()));
        Length far = trim.deep().times(9, 10);
        return from.y() == to.y()
                ? new Box(
                        left, to.x() > from.x() ? top.minus(far) : top, Length.nearMm(Math.abs(to.x() - from.x())), far)
                : new Box(
                        to.y() > from.y() ? left : left.minus(far),
                        top,
                        far,
                        Length.nearMm(Math.abs(to.y() - from.y())));
    }
}
