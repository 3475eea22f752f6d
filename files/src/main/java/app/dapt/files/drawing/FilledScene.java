package app.dapt.files.drawing;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Reckoned;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.filled.FlatCloth;
import app.dapt.cover.filled.FlatTrim;
import app.dapt.cover.filled.FlatTrim.Cord;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Spot;
import app.dapt.filling.sheet.Surface;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A filled cover for a canvas that can be turned, in millimetres: the points of its front, flat and filled, their
 * triangles, the seam, what is painted on either side as it lies flat, and what goes round it. The back is the mirror
 * image of the front; what stands out beyond the seam lies in the plane between them.
 */
public final class FilledScene {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** How long a straight line may be round the edge, which bends with the seam. */
    private static final double STEP = 15;

    private static final String THREAD = "#4a4a48";
    private static final String STITCH = "#ffffff";
    private static final String SHADOW = "#000000";
    private static final String BUTTON = "#f2ead8";

    private static final Length SMALLEST_BUTTON = Length.cm(1);
    /** How thick a tie is, in millimetres. */
    private static final double TIE = 5;

    private final Reckoned reckoned;
    private final Surface surface;
    private final ObjectNode scene = JSON.createObjectNode();

    private FilledScene(Reckoned reckoned, Surface surface) {
        this.reckoned = reckoned;
        this.surface = surface;
    }

    /** The scene as JSON. */
    public static String write(Reckoned reckoned, FilledCover cover) {
        FilledScene scene = new FilledScene(reckoned, cover.surface());
        scene.sheet();
        scene.side("front", false);
        scene.side("back", true);
        scene.edge();
        return JSON.writeValueAsString(scene.scene);
    }

    private void sheet() {
        scene.put("width", reckoned.finished(Axis.ACROSS).toMm());
        scene.put("height", reckoned.finished(Axis.UP_DOWN).toMm());
        ArrayNode flat = scene.putArray("flat");
        ArrayNode filled = scene.putArray("filled");
        for (int i = 0; i < surface.size(); i++) {
            add(flat, surface.flat(i));
            add(filled, surface.on(i).place());
        }
        ArrayNode triangles = scene.putArray("triangles");
        surface.triangles().forEach(triangle -> {
            for (int corner : triangle) {
                triangles.add(corner);
            }
        });
        ArrayNode seam = scene.putArray("seam");
        surface.seam().forEach(seam::add);
    }

    private static void add(ArrayNode into, double... values) {
        for (double value : values) {
            into.add(Math.round(value * 100) / 100.0);
        }
    }

    private void side(String name, boolean back) {
        ArrayNode areas = scene.putArray(name);
        for (Area area : FlatCloth.of(reckoned, back)) {
            outlines(painted(areas.addObject(), area.paint()), area.outlines());
        }
        for (Path path : FlatCloth.lines(reckoned, back)) {
            boolean stitched = path.role() == Role.TOPSTITCH;
            ObjectNode line = areas.addObject()
                    .put("stroke", stitched ? STITCH : THREAD)
                    .put("thick", 1.2)
                    .put("opacity", 0.8)
                    .put("broken", stitched || path.role() == Role.FOLD || path.role() == Role.HIDDEN_EDGE);
            outlines(line, List.of(path.closed() ? closed(path.points()) : path.points()));
        }
        FlatCloth.spots(reckoned, back).forEach(spot -> spot(areas, spot));
    }

    private static void spot(ArrayNode areas, Spot spot) {
        double x = spot.x().toMm();
        double y = spot.y().toMm();
        if (spot.sort() == Marking.Sort.BUTTON) {
            Length wide = Length.max(SMALLEST_BUTTON, spot.size());
            double half = wide.toMm() / 2;
            List<Point> round = Contour.circle(wide).moved(x - half, y - half).points();
            outlines(areas.addObject().put("fill", BUTTON), List.of(round));
            outlines(line(areas), List.of(closed(round)));
        } else if (spot.sort() == Marking.Sort.TIE) {
            Point knot = new Point(x, y);
            outlines(
                    line(areas).put("thick", TIE),
                    List.of(
                            List.of(knot, new Point(x - 2 * TIE, y + 6 * TIE)),
                            List.of(knot, new Point(x + 3 * TIE, y + 5 * TIE))));
        }
    }

    private static ObjectNode line(ArrayNode areas) {
        return areas.addObject().put("stroke", THREAD).put("thick", 0.8);
    }

    private static List<Point> closed(List<Point> points) {
        return Stream.concat(points.stream(), Stream.of(points.get(0))).toList();
    }

    private ObjectNode painted(ObjectNode node, Paint paint) {
        return paint.match(new Painter(this, node));
    }

    /** Says how an area is painted. */
    private record Painter(FilledScene scene, ObjectNode node) implements Paint.Paints<ObjectNode> {

        @Override
        public ObjectNode ground(Paint.Ground ground) {
            Cloth cloth = scene.cloth(ground.material());
            cloth.photo().filter(photo -> ground.rightSide()).ifPresent(photo -> node.putObject("picture")
                    .put("href", "/pictures/" + photo.number())
                    .put("wide", photo.wide().toMm())
                    .put("high", photo.high().toMm())
                    .put("turned", cloth.sideways() ? 90 : 0));
            return node.put("fill", cloth.colour());
        }

        @Override
        public ObjectNode printed(Paint.Printed printed) {
            Swatch swatch = new Swatch(scene.cloth(printed.material()), 1);
            return node.put(printed.stroke() > 0 ? "stroke" : "fill", swatch.ink(printed.ink()))
                    .put("opacity", printed.opacity())
                    .put("thick", printed.stroke());
        }

        @Override
        public ObjectNode trimming(Paint.Trimming trimming) {
            return node.put("fill", scene.cloth(trimming.material()).colour());
        }

        @Override
        public ObjectNode tone(Paint.Tone tone) {
            return node.put("fill", tone.light() > 0 ? STITCH : SHADOW).put("opacity", Math.abs(tone.light()));
        }

        /** The scene pictures a whole cloth by its ground. */
        @Override
        public ObjectNode pictured(Paint.Pictured picture) {
            return dark();
        }

        @Override
        public ObjectNode gap(Paint.Gap gap) {
            return dark();
        }

        @Override
        public ObjectNode cast(Paint.Cast shadow) {
            return dark();
        }

        private ObjectNode dark() {
            return node.put("fill", SHADOW).put("opacity", 0.6);
        }
    }

    private Cloth cloth(Material material) {
        return reckoned.plan().cloths().of(material);
    }

    private static void outlines(ObjectNode node, List<List<Point>> outlines) {
        ArrayNode all = node.putArray("outlines");
        outlines.forEach(outline -> {
            ArrayNode points = all.addArray();
            outline.forEach(point -> add(points, point.x(), point.y()));
        });
    }

    /** What goes round: a flange, trims that stand out, cords on the seam. */
    private void edge() {
        if (reckoned.plan().border().isPositive()) {
            List<Point> outer = closed(reckoned.dimensions().contour().points());
            ObjectNode flange = scene.putObject("flange");
            ArrayNode flat = flange.putArray("flat");
            List<Point> points = inSteps(outer);
            points.subList(0, points.size() - 1).forEach(point -> add(flat, across(point), up(point)));
            places(flange.putArray("filled"), points.subList(0, points.size() - 1));
        }
        ArrayNode rim = scene.putArray("rim");
        for (Area area : FlatTrim.of(reckoned)) {
            if (!FlatCloth.isLine(area)) {
                ArrayNode polygons = painted(rim.addObject(), area.paint()).putArray("polygons");
                area.outlines().forEach(outline -> places(polygons.addArray(), outline));
            }
        }
        ArrayNode cords = scene.putArray("cords");
        for (Cord cord : FlatTrim.cords(reckoned)) {
            ObjectNode node = cords.addObject()
                    .put("fill", cloth(cord.material()).colour())
                    .put("thick", cord.thick());
            places(node.putArray("path"), inSteps(cord.path()));
        }
    }

    private static List<Point> inSteps(List<Point> line) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < line.size(); i++) {
            Point from = line.get(i);
            double right = line.get(i + 1).x() - from.x();
            double down = line.get(i + 1).y() - from.y();
            int parts = Math.max(1, (int) Math.ceil(Math.hypot(right, down) / STEP));
            for (int part = 0; part < parts; part++) {
                points.add(new Point(from.x() + right * part / parts, from.y() + down * part / parts));
            }
        }
        points.add(line.get(line.size() - 1));
        return points;
    }

    /** Where points on the edge or outside it are; what lies within it is sewn into the seam. */
    private void places(ArrayNode into, List<Point> points) {
        for (Point point : points) {
            double[] place = surface.at(across(point), up(point)).place();
            add(into, place[0], place[1], 0);
        }
    }

    /** From the middle, to the right. */
    private double across(Point point) {
        return point.x() - reckoned.finished(Axis.ACROSS).toMm() / 2;
    }

    /** From the middle, upwards. */
    private double up(Point point) {
        return reckoned.finished(Axis.UP_DOWN).toMm() / 2 - point.y();
    }
}
