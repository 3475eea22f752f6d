package app.dapt.files.drawing;

import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.Locale;

/** Builds a drawing as DXF, release 12, in ASCII: one unit is a millimetre. Points come with y downwards. */
public final class Dxf {

    private final StringBuilder out = new StringBuilder();

    /** @param layers in the order of their colours */
    public Dxf(List<String> layers) {
        pairs(0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 0, "ENDSEC");
        pairs(
                0,
                "SECTION",
                2,
                "TABLES",
                0,
                "TABLE",
                2,
                "LTYPE",
                70,
                1,
                0,
                "LTYPE",
                2,
                "CONTINUOUS",
                70,
                0,
                3,
                "Solid line",
                72,
                65,
                73,
                0,
                40,
                "0.0",
                0,
                "ENDTAB");
        pairs(0, "TABLE", 2, "LAYER", 70, layers.size());
        for (int i = 0; i < layers.size(); i++) {
            pairs(0, "LAYER", 2, layers.get(i), 70, 0, 62, i + 1, 6, "CONTINUOUS");
        }
        pairs(0, "ENDTAB", 0, "ENDSEC", 0, "SECTION", 2, "ENTITIES");
    }

    public void polyline(String layer, List<Point> points, boolean closed, double right, double down) {
        pairs(0, "POLYLINE", 8, layer, 66, 1, 70, closed ? 1 : 0);
        for (Point point : points) {
            pairs(0, "VERTEX", 8, layer, 10, number(point.x() + right), 20, number(-point.y() - down));
        }
        pairs(0, "SEQEND", 8, layer);
    }

    public void text(String layer, String words, double x, double y, double high) {
        String plain = words.replaceAll("[^\\x20-\\x7e]", " ");
        pairs(
                0,
                "TEXT",
                8,
                layer,
                10,
                number(x),
                20,
                number(-y),
                40,
                String.format(Locale.ROOT, "%.1f", high),
                1,
                plain);
    }

    public String end() {
        pairs(0, "ENDSEC", 0, "EOF");
        return out.toString();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }

    /** A group code and its value, each on a line of its own. */
    private void pairs(Object... codesAndValues) {
        for (int i = 0; i < codesAndValues.length; i += 2) {
            out.append(String.format(Locale.ROOT, "%3d", (Integer) codesAndValues[i]))
                    .append("\r\n")
                    .append(codesAndValues[i + 1])
                    .append("\r\n");
        }
    }
}
