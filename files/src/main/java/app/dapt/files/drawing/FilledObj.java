package app.dapt.files.drawing;

import app.dapt.cover.filled.FilledCover;
import app.dapt.filling.sheet.Surface;
import java.util.Locale;

/**
 * A filled cover as Wavefront OBJ, in millimetres: {@code v} filled, {@code vt} flat on its panel, a group a panel,
 * closed all round.
 */
public final class FilledObj {

    private final Surface surface;
    private final StringBuilder vertices = new StringBuilder();
    private final StringBuilder flat = new StringBuilder();
    private int count;

    private FilledObj(Surface surface) {
        this.surface = surface;
    }

    /** The whole surface. */
    public static String write(FilledCover cover) {
        FilledObj obj = new FilledObj(cover.surface());
        int[] front = new int[obj.surface.size()];
        int[] back = new int[obj.surface.size()];
        for (int point = 0; point < obj.surface.size(); point++) {
            double[] place = obj.surface.on(point).place();
            double[] lay = obj.surface.flat(point);
            front[point] = obj.vertex(place[0], place[1], place[2]);
            // Front and back are one where they are sewn to each other.
            back[point] = place[2] == 0 ? front[point] : obj.vertex(place[0], place[1], -place[2]);
            line(obj.flat, "vt", lay[0], lay[1]);
        }
        return "# a filled cover, an estimate; millimetres\n" + obj.vertices + obj.flat + "g front\n"
                + obj.faces(front, false) + "g back\n" + obj.faces(back, true);
    }

    private int vertex(double x, double y, double z) {
        line(vertices, "v", x, y, z);
        return ++count;
    }

    private StringBuilder faces(int[] numbers, boolean turned) {
        StringBuilder faces = new StringBuilder();
        for (int[] triangle : surface.triangles()) {
            faces.append('f');
            for (int i = 0; i < triangle.length; i++) {
                int corner = triangle[turned ? triangle.length - 1 - i : i];
                faces.append(' ').append(numbers[corner]).append('/').append(corner + 1);
            }
            faces.append('\n');
        }
        return faces;
    }

    private static void line(StringBuilder into, String what, double... values) {
        into.append(what);
        for (double value : values) {
            into.append(String.format(Locale.ROOT, " %.4f", value));
        }
        into.append('\n');
    }
}
