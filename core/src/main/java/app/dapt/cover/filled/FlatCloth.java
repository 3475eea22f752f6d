package app.dapt.cover.filled;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Motif;
import app.dapt.cloth.Repeat;
import app.dapt.cover.Reckoned;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Sheet;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The cloth of a finished cover as it lies flat, its print as shapes, in millimetres from its top left corner. */
public final class FlatCloth {

    private FlatCloth() {}

    /** What one side of a cover shows, the lowest first. */
    public static List<Area> of(Reckoned reckoned, boolean back) {
        Sheet flat = back ? CoverDrawing.backOutline(reckoned) : CoverDrawing.outline(reckoned);
        List<Area> areas = new ArrayList<>();
        flat.elements().stream()
                .filter(Stuff.class::isInstance)
                .map(Stuff.class::cast)
                .forEach(stuff -> {
                    areas.add(new Area(
                            List.of(contour(stuff.box()).points()),
                            new Paint.Ground(stuff.material(), stuff.rightSide())));
                    areas.addAll(printed(reckoned, flat, stuff));
                });
        return areas;
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
