package app.dapt.drawing;

import app.dapt.cover.Reckoned;
import app.dapt.cover.edging.CornerTrim;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.Flange;
import app.dapt.cover.edging.Piping;
import app.dapt.cover.edging.Ruffle;
import app.dapt.cover.edging.TrimByLength;
import app.dapt.drawing.Element.Look;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Trim;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** What goes round the edge of a cover, as one would see it. */
final class Trimmings {

    private final Reckoned reckoned;
    private final Length width;
    private final Length height;

    private Trimmings(Reckoned reckoned) {
        this.reckoned = reckoned;
        this.width = reckoned.finished(Axis.ACROSS);
        this.height = reckoned.finished(Axis.UP_DOWN);
    }

    /** What hangs out from under the cloth. */
    static List<Element> under(Reckoned reckoned) {
        return new Trimmings(reckoned).elements(false);
    }

    /** What lies over its edge. */
    static List<Element> over(Reckoned reckoned) {
        return new Trimmings(reckoned).elements(true);
    }

    /** The finished outline of a cover, whether it is a plain rectangle or not. */
    static Contour contour(Reckoned reckoned) {
        return reckoned.outline()
                .orElseGet(() -> Contour.rectangle(
                        0,
                        0,
                        reckoned.finished(Axis.ACROSS).toMm(),
                        reckoned.finished(Axis.UP_DOWN).toMm()));
    }

    private List<Element> elements(boolean over) {
        Edging edging = reckoned.plan().edging();
        List<Element> elements = new ArrayList<>();
        if (over && edging instanceof CornerTrim corner) {
            corners().forEach(path -> elements.add(new Trim(Look.TASSEL, path, corner.hangs(), Material.TRIM)));
        }
        if (over && edging instanceof Flange flange) {
            elements.add(new Path(
                    Role.TOPSTITCH,
                    contour(reckoned).grown(flange.width().negated()).points(),
                    true));
        }
        looks(edging).forEach((look, deep) -> {
            if (over == (look == Look.PIPING || look == Look.RICKRACK)) {
                reckoned.edge()
                        .paths()
                        .forEach(path -> elements.add(new Trim(look, path, deep, material(edging, look))));
            }
        });
        return elements;
    }

    /** From a little inside to each corner, pointing out. */
    private List<List<Point>> corners() {
        double w = width.toMm();
        double h = height.toMm();
        Point middle = new Point(w / 2, h / 2);
        List<Point> at = reckoned.plan().shape().isRectangular()
                ? List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h))
                : sharp(contour(reckoned).points());
        return at.stream().map(corner -> List.of(middle, corner)).toList();
    }

    /** Where an outline turns sharply. */
    private static List<Point> sharp(List<Point> points) {
        List<Point> found = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            Point before = points.get((i + points.size() - 1) % points.size());
            Point at = points.get(i);
            Point after = points.get((i + 1) % points.size());
            double turn = Math.atan2(after.y() - at.y(), after.x() - at.x())
                    - Math.atan2(at.y() - before.y(), at.x() - before.x());
            if (Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)) > 1) {
                found.add(at);
            }
        }
        return found;
    }

    private static Map<Look, Length> looks(Edging edging) {
        Map<Look, Length> looks = new EnumMap<>(Look.class);
        Length fine = Piping.Cord.SMALL.across(Unit.INCH);
        if (edging instanceof Piping piping) {
            looks.put(Look.PIPING, piping.standsOut());
        } else if (edging instanceof TrimByLength trim) {
            looks.put(Look.valueOf(trim.sort().name()), trim.hangs());
            if (trim.pipedToo()) {
                looks.put(Look.PIPING, fine);
            }
        } else if (edging instanceof Ruffle ruffle) {
            looks.put(Look.RUFFLE, ruffle.depth());
            if (ruffle.isPiped()) {
                looks.put(Look.PIPING, fine);
            }
        }
        return looks;
    }

    private static Material material(Edging edging, Look look) {
        if (look == Look.RUFFLE && edging instanceof Ruffle ruffle) {
            return ruffle.from().material();
        }
        return edging instanceof Piping piping ? piping.from().material() : Material.TRIM;
    }
}
