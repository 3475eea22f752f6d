package app.dapt.files;

import app.dapt.cloth.Cloth;
import app.dapt.cover.Reckoned;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.filled.FlatCloth;
import app.dapt.drawing.Element.Area;
import app.dapt.drawing.Element.Paint;
import app.dapt.filling.sheet.Surface;
import app.dapt.measure.Axis;
import app.dapt.piece.Contour.Point;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A filled cover for a canvas that can be turned: the points of its front in millimetres, flat and filled, their
 * triangles, the seam, and what is painted on either side as it lies flat. The back is the mirror image of the front.
 */
public final class FilledScene {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private FilledScene() {}

    /** The scene as JSON. */
    public static String write(Reckoned reckoned, FilledCover cover) {
        Surface surface = cover.surface();
        ObjectNode scene = JSON.createObjectNode();
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
        paint(scene.putArray("front"), reckoned, false);
        paint(scene.putArray("back"), reckoned, true);
        return JSON.writeValueAsString(scene);
    }

    private static void add(ArrayNode into, double[] values) {
        for (double value : values) {
            into.add(Math.round(value * 100) / 100.0);
        }
    }

    private static void paint(ArrayNode into, Reckoned reckoned, boolean back) {
        for (Area area : FlatCloth.of(reckoned, back)) {
            ObjectNode node = into.addObject();
            if (area.paint() instanceof Paint.Ground ground) {
                Cloth cloth = reckoned.plan().cloths().of(ground.material());
                node.put("fill", cloth.colour());
                cloth.photo().filter(photo -> ground.rightSide()).ifPresent(photo -> node.putObject("picture")
                        .put("href", "/pictures/" + photo.number())
                        .put("wide", photo.wide().toMm())
                        .put("high", photo.high().toMm())
                        .put("turned", cloth.sideways() ? 90 : 0));
            } else if (area.paint() instanceof Paint.Printed printed) {
                Swatch swatch = new Swatch(reckoned.plan().cloths().of(printed.material()), 1);
                node.put(printed.stroke() > 0 ? "stroke" : "fill", swatch.ink(printed.ink()))
                        .put("opacity", printed.opacity())
                        .put("thick", printed.stroke());
            }
            ArrayNode outlines = node.putArray("outlines");
            area.outlines().forEach(outline -> {
                ArrayNode points = outlines.addArray();
                for (Point point : outline) {
                    add(points, new double[] {point.x(), point.y()});
                }
            });
        }
    }
}
