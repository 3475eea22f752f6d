package app.dapt.files;

import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Template;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Words;
import java.util.List;
import java.util.Locale;

/**
 * Templates as DXF, release 12, in ASCII: one drawing unit is a millimetre, every role a layer of its own.
 *
 * @param words to name them with
 */
public record TemplateDxf(Words words) {

    private static final double GAP = 20;
    private static final List<String> LAYERS = List.of("CUT", "SEAM", "FOLD", "WORDS", "TEST");

    public String write(List<Template> templates) {
        StringBuilder out = new StringBuilder();
        pairs(out, 0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 0, "ENDSEC");
        pairs(out, 0, "SECTION", 2, "TABLES", 0, "TABLE", 2, "LTYPE", 70, 1, 0, "LTYPE", 2, "CONTINUOUS", 70, 0, 3, "Solid line", 72, 65, 73, 0, 40, "0.0", 0, "ENDTAB");
        pairs(out, 0, "TABLE", 2, "LAYER", 70, LAYERS.size());
        for (int i = 0; i < LAYERS.size(); i++) {
            pairs(out, 0, "LAYER", 2, LAYERS.get(i), 70, 0, 62, i + 1, 6, "CONTINUOUS");
        }
        pairs(out, 0, "ENDTAB", 0, "ENDSEC", 0, "SECTION", 2, "ENTITIES");
        polyline(out, "TEST", List.of(new Point(0, 0), new Point(50, 0), new Point(50, -50), new Point(0, -50)), true, 0, 0);
        double x = 50 + GAP;
        for (Template template : templates) {
            for (Path path : template.paths()) {
                polyline(out, layer(path.role()), path.points(), path.closed(), x, 0);
            }
            text(out, words.say(template.name()), x + template.width() / 3, template.height() / 2);
            x += template.width() + GAP;
        }
        pairs(out, 0, "ENDSEC", 0, "EOF");
        return out.toString();
    }

    private static String layer(Role role) {
        return role == Role.CUT || role == Role.SEAM ? role.name() : "FOLD";
    }

    private static void polyline(StringBuilder out, String layer, List<Point> points, boolean closed, double right, double down) {
        pairs(out, 0, "POLYLINE", 8, layer, 66, 1, 70, closed ? 1 : 0);
        for (Point point : points) {
            pairs(out, 0, "VERTEX", 8, layer, 10, number(point.x() + right), 20, number(-point.y() - down));
        }
        pairs(out, 0, "SEQEND", 8, layer);
    }

    private static void text(StringBuilder out, String words, double x, double y) {
        String plain = words.replaceAll("[^\\x20-\\x7e]", " ");
        pairs(out, 0, "TEXT", 8, "WORDS", 10, number(x), 20, number(-y), 40, "8.0", 1, plain);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    /** A group code and its value, each on a line of its own. */
    private static void pairs(StringBuilder out, Object... codesAndValues) {
        for (int i = 0; i < codesAndValues.length; i += 2) {
            out.append(String.format(Locale.ROOT, "%3d", (Integer) codesAndValues[i])).append("\r\n").append(codesAndValues[i + 1]).append("\r\n");
        }
    }
}
