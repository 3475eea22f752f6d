package app.dapt.filling.sheet;

import app.dapt.filling.sheet.Mesh.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The whole front of a filled casing, put together from its mirrored parts; the back is its mirror image, the seam
 * the mirror. Lengths as large as asked for, the middle of the flat sheet at nought, x to the right, y upwards, z out
 * of the front.
 */
public final class Surface {

    /** Cells of the grid in which points of the flat sheet are looked up, along its longer side. */
    private static final int GRID = 48;

    /** A part of a cell of that grid by which a point may lie outside the seam's straight lines and be on the seam. */
    private static final double ON_THE_SEAM = 0.2;

    private static final double HAIR = 1e-9;

    private final List<double[]> flat = new ArrayList<>();
    private final List<double[]> places = new ArrayList<>();
    private final List<int[]> triangles = new ArrayList<>();
    private final double[][] normals;
    private final List<Integer> seam;
    private final Map<Long, List<Integer>> grid = new HashMap<>();
    private final double left;
    private final double low;
    private final double cell;

    /**
     * A place on a sheet.
     *
     * @param place  where it is
     * @param normal of the front there, one long
     * @param inside whether it lies on the seam or inside it
     */
    public record On(double[] place, double[] normal, boolean inside) {}

    /** The front of a sheet, a unit of its being so long. */
    public Surface(FilledSheet sheet, double unit) {
        Mesh mesh = sheet.mesh();
        Map<String, Integer> known = new HashMap<>();
        int copies = mesh.part() == Part.QUARTER ? 4 : 2;
        for (int copy = 0; copy < copies; copy++) {
            int right = copy % 2 == 0 ? 1 : -1;
            int up = copy < 2 ? 1 : -1;
            int[] number = new int[mesh.vertices()];
            for (int v = 0; v < mesh.vertices(); v++) {
                boolean mirroredUp = mesh.part() == Part.QUARTER && mesh.mirrorY()[v];
                String key = v + (mesh.mirrorX()[v] ? " 0" : " " + right) + (mirroredUp ? " 0" : " " + up);
                Integer before = known.get(key);
                number[v] = before == null ? flat.size() : before;
                if (before == null) {
                    known.put(key, number[v]);
                    flat.add(new double[] {right * mesh.x()[v] * unit, up * mesh.y()[v] * unit});
                    places.add(new double[] {
                        right * sheet.x()[v] * unit, up * sheet.y()[v] * unit, Math.max(0, sheet.z()[v]) * unit
                    });
                }
            }
            for (int t = 0; t < mesh.triangles(); t++) {
                int[] corners = mesh.corners();
                boolean asItIs = right * up > 0;
                triangles.add(new int[] {
                    number[corners[3 * t]],
                    number[corners[3 * t + (asItIs ? 1 : 2)]],
                    number[corners[3 * t + (asItIs ? 2 : 1)]]
                });
            }
        }
        normals = normals();
        seam = outerSeam();
        left = flat.stream().mapToDouble(p -> p[0]).min().orElseThrow();
        low = flat.stream().mapToDouble(p -> p[1]).min().orElseThrow();
        double wide = -2 * left;
        double high = flat.stream().mapToDouble(p -> p[1]).max().orElseThrow() - low;
        cell = Math.max(wide, high) / GRID;
        for (int t = 0; t < triangles.size(); t++) {
            index(t);
        }
    }

    /** How many points it has. */
    public int size() {
        return places.size();
    }

    /** Where a point lay in the flat sheet: millimetres rightwards and upwards. */
    public double[] flat(int point) {
        return flat.get(point);
    }

    /** A point of the front and the way its cloth faces. */
    public On on(int point) {
        return new On(places.get(point), normals[point], true);
    }

    /** The triangles of the front, counter-clockwise as seen from before it. */
    public List<int[]> triangles() {
        return triangles;
    }

    /** The points of the outer seam, counter-clockwise. */
    public List<Integer> seam() {
        return seam;
    }

    private double[][] normals() {
        double[][] sums = new double[places.size()][3];
        for (int[] triangle : triangles) {
            double[] a = places.get(triangle[0]);
            double[] b = places.get(triangle[1]);
            double[] c = places.get(triangle[2]);
            double[] n = cross(minus(b, a), minus(c, a));
            for (int corner : triangle) {
                for (int i = 0; i < 3; i++) {
                    sums[corner][i] += n[i];
                }
            }
        }
        for (double[] sum : sums) {
            scale(sum);
        }
        return sums;
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    private static void scale(double[] vector) {
        double length = Math.sqrt(vector[0] * vector[0] + vector[1] * vector[1] + vector[2] * vector[2]);
        for (int i = 0; i < 3; i++) {
            vector[i] = length < HAIR ? (i == 2 ? 1 : 0) : vector[i] / length;
        }
    }

    /** Edges that only one triangle has, one after the other. */
    private List<Integer> outerSeam() {
        Map<Long, int[]> open = new LinkedHashMap<>();
        for (int[] triangle : triangles) {
            for (int i = 0; i < 3; i++) {
                int from = triangle[i];
                int to = triangle[(i + 1) % 3];
                if (open.remove(key(to, from)) == null) {
                    open.put(key(from, to), new int[] {from, to});
                }
            }
        }
        Map<Integer, Integer> next = new LinkedHashMap<>();
        open.values().forEach(edge -> next.put(edge[0], edge[1]));
        List<Integer> loop = new ArrayList<>();
        int start = next.keySet().iterator().next();
        int at = start;
        do {
            loop.add(at);
            at = Objects.requireNonNull(next.get(at), "the seam goes all round");
        } while (at != start);
        return loop;
    }

    private static long key(int one, int other) {
        return (long) one << 32 | other;
    }

    private void index(int triangle) {
        double[] a = flat.get(triangles.get(triangle)[0]);
        double[] b = flat.get(triangles.get(triangle)[1]);
        double[] c = flat.get(triangles.get(triangle)[2]);
        int fromX = column(Math.min(a[0], Math.min(b[0], c[0])), left);
        int toX = column(Math.max(a[0], Math.max(b[0], c[0])), left);
        int fromY = column(Math.min(a[1], Math.min(b[1], c[1])), low);
        int toY = column(Math.max(a[1], Math.max(b[1], c[1])), low);
        for (int x = fromX; x <= toX; x++) {
            for (int y = fromY; y <= toY; y++) {
                grid.computeIfAbsent(key(x, y), any -> new ArrayList<>()).add(triangle);
            }
        }
    }

    private int column(double at, double from) {
        return (int) Math.floor((at - from) / cell + HAIR);
    }

    /**
     * Where a point of the flat sheet is once it is filled. What lies outside the seam stays flat, as far outside it as
     * before.
     */
    public On at(double x, double y) {
        for (int t : grid.getOrDefault(key(column(x, left), column(y, low)), List.of())) {
            double[] shares = shares(triangles.get(t), x, y);
            if (shares[0] > -1e-6 && shares[1] > -1e-6 && shares[2] > -1e-6) {
                return blended(triangles.get(t), shares);
            }
        }
        return outside(x, y);
    }

    private double[] shares(int[] triangle, double x, double y) {
        double[] a = flat.get(triangle[0]);
        double[] b = flat.get(triangle[1]);
        double[] c = flat.get(triangle[2]);
        double whole = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
        double second = ((x - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (y - a[1])) / whole;
        double third = ((b[0] - a[0]) * (y - a[1]) - (x - a[0]) * (b[1] - a[1])) / whole;
        return new double[] {1 - second - third, second, third};
    }

    private On blended(int[] triangle, double[] shares) {
        double[] place = new double[3];
        double[] normal = new double[3];
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < 3; i++) {
                place[i] += shares[k] * places.get(triangle[k])[i];
                normal[i] += shares[k] * normals[triangle[k]][i];
            }
        }
        scale(normal);
        return new On(place, normal, true);
    }

    private On outside(double x, double y) {
        double least = Double.MAX_VALUE;
        int nearest = 0;
        for (int i = 0; i < seam.size(); i++) {
            double[] off = off(i, x, y);
            double squared = off[1] * off[1] + off[2] * off[2];
            if (squared < least) {
                least = squared;
                nearest = i;
            }
        }
        double[] off = off(nearest, x, y);
        int from = seam.get(nearest);
        int to = seam.get((nearest + 1) % seam.size());
        return beside(from, to, off[0], off[1], off[2], Math.sqrt(least) < ON_THE_SEAM * cell);
    }

    /** How far along a stretch of the seam the place nearest to a point is, and how far off it the point lies. */
    private double[] off(int stretch, double x, double y) {
        double[] a = flat.get(seam.get(stretch));
        double[] b = flat.get(seam.get((stretch + 1) % seam.size()));
        double alongX = b[0] - a[0];
        double alongY = b[1] - a[1];
        double share = ((x - a[0]) * alongX + (y - a[1]) * alongY) / (alongX * alongX + alongY * alongY);
        double held = Math.max(0, Math.min(1, share));
        return new double[] {held, x - a[0] - held * alongX, y - a[1] - held * alongY};
    }

    /** A place beside the seam, turned as its edge has turned. */
    private On beside(int from, int to, double share, double offX, double offY, boolean onSeam) {
        double[] a = places.get(from);
        double[] b = places.get(to);
        double[] turned = turned(flat.get(from), flat.get(to), a, b);
        double cos = turned[0];
        double sin = turned[1];
        double x = a[0] + share * (b[0] - a[0]) + cos * offX - sin * offY;
        double y = a[1] + share * (b[1] - a[1]) + sin * offX + cos * offY;
        return new On(new double[] {x, y, 0}, new double[] {0, 0, 1}, onSeam);
    }

    /** The cosine and the sine of the angle by which a stretch has turned; none where it has shrunk to nothing. */
    private static double[] turned(double[] wasFrom, double[] wasTo, double[] from, double[] to) {
        double wasX = wasTo[0] - wasFrom[0];
        double wasY = wasTo[1] - wasFrom[1];
        double x = to[0] - from[0];
        double y = to[1] - from[1];
        double length = Math.sqrt((wasX * wasX + wasY * wasY) * (x * x + y * y));
        return length < HAIR
                ? new double[] {1, 0}
                : new double[] {(wasX * x + wasY * y) / length, (wasX * y - wasY * x) / length};
    }
}
