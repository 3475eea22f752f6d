package app.dapt.files;

import app.dapt.cover.filled.FilledCover;
import app.dapt.filling.sheet.Mesh;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/**
 * A filled cover as Wavefront OBJ, in millimetres: {@code v} filled, {@code vt} flat on its panel, a group a panel,
 * closed all round. Of several chambers it is one.
 */
final class FilledObj {

    private static final int QUARTERS = 4;

    private final FilledCover cover;
    private final Mesh mesh;
    private final StringBuilder vertices = new StringBuilder();
    private final StringBuilder flat = new StringBuilder();
    private final Map<String, Integer> numbers = new HashMap<>();
    private int flats;

    private FilledObj(FilledCover cover) {
        this.cover = cover;
        this.mesh = cover.sheet().mesh();
    }

    static String write(FilledCover cover) {
        FilledObj obj = new FilledObj(cover);
        String front = obj.panel(1);
        String back = obj.panel(-1);
        return "# a filled cover, an estimate; millimetres\n" + obj.vertices + obj.flat + "g front\n" + front
                + "g back\n" + back;
    }

    /** One side of the cover, mirrored together from its quarters. */
    private String panel(int up) {
        StringBuilder faces = new StringBuilder();
        for (int quarter = 0; quarter < QUARTERS; quarter++) {
            int right = quarter % 2 == 0 ? 1 : -1;
            int top = quarter < 2 ? 1 : -1;
            int[] number = new int[mesh.vertices()];
            int[] spread = new int[mesh.vertices()];
            for (int v = 0; v < mesh.vertices(); v++) {
                number[v] = vertex(v, right, top, up);
                spread[v] = ++flats;
                flat.append(line("vt", right * mesh.x()[v], top * mesh.y()[v]));
            }
            boolean asItIs = right * top * up > 0;
            for (int t = 0; t < mesh.triangles(); t++) {
                int a = mesh.corners()[3 * t];
                int b = mesh.corners()[3 * t + (asItIs ? 1 : 2)];
                int c = mesh.corners()[3 * t + (asItIs ? 2 : 1)];
                faces.append(String.format(
                        Locale.ROOT,
                        "f %d/%d %d/%d %d/%d\n",
                        number[a],
                        spread[a],
                        number[b],
                        spread[b],
                        number[c],
                        spread[c]));
            }
        }
        return faces.toString();
    }

    /** The number of a vertex; those on a mirror or on the seam are the same for both sides of it. */
    private int vertex(int v, int right, int top, int up) {
        String key = v
                + (mesh.mirrorX()[v] ? " 0" : " " + right)
                + (mesh.mirrorY()[v] ? " 0" : " " + top)
                + (mesh.seam()[v] ? " 0" : " " + up);
        Integer known = numbers.get(key);
        if (known != null) {
            return known;
        }
        vertices.append(line(
                "v",
                mesh.mirrorX()[v] ? 0 : right * cover.sheet().x()[v],
                mesh.mirrorY()[v] ? 0 : top * cover.sheet().y()[v],
                mesh.seam()[v] ? 0 : up * cover.sheet().z()[v]));
        numbers.put(key, numbers.size() + 1);
        return numbers.size();
    }

    private String line(String what, double... values) {
        StringBuilder line = new StringBuilder(what);
        for (double value : values) {
            line.append(String.format(Locale.ROOT, " %.4f", value * cover.width()));
        }
        return line.append('\n').toString();
    }
}
