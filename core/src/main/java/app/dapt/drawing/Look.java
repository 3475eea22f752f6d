package app.dapt.drawing;

import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * How something that goes round an edge looks, as one would know it without words. Its marks are the same whether they
 * are drawn flat or bent over a filled cover. All measures in millimetres.
 */
public interface Look {

    /** What styles call it, in small letters. */
    String code();

    /** What it is made of along an edge, the lowest first. */
    List<Mark> marks(Course course);

    /** Whether it lies along the edge instead of standing out from it. */
    default boolean isCord() {
        return false;
    }

    /** Whether it is cut from cloth, whose print it shows. */
    default boolean isOfCloth() {
        return false;
    }

    /**
     * Where it goes.
     *
     * @param path   along the edge, its first point again at its end where it goes all round; of a tassel, the way it
     *               points
     * @param deep   how far it stands out; how thick a cord is
     * @param inward whether it hangs inwards, as it does until it is turned
     * @param least  what lies nearer together than this runs into one
     */
    record Course(List<Point> path, double deep, boolean inward, double least) {

        /** Places along it so far apart, or as near as can be told apart. */
        public List<Stand> stands(double spacing) {
            return Stand.along(path, Math.max(spacing, least), deep, inward);
        }
    }

    /** What a mark is made of. */
    enum Make {
        /** Areas of cloth with its print. */
        CLOTH,
        /** Areas of one colour. */
        SOLID,
        /** Areas that lie in shadow. */
        SHADOW,
        /** Lines, each as thick as a thread is. */
        THREAD,
        /** A line that is a flat braid. */
        BRAID,
        /** A line that is a round cord. */
        CORD
    }

    /**
     * Areas or lines of one make.
     *
     * @param thick of a line
     */
    record Mark(Make make, List<List<Point>> shapes, double thick) {

        public Mark {
            shapes = List.copyOf(shapes);
        }

        /** Areas. */
        public static Mark of(Make make, List<List<Point>> areas) {
            return new Mark(make, areas, 0);
        }

        /** Its shapes as areas: a line is so thick. */
        public List<List<Point>> areas() {
            return thick > 0
                    ? shapes.stream().map(line -> ribbon(line, thick / 2)).toList()
                    : shapes;
        }

        /** A straight line as an area. */
        private static List<Point> ribbon(List<Point> line, double half) {
            Point from = line.get(0);
            Point to = line.get(line.size() - 1);
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            double x = -(to.y() - from.y()) / length * half;
            double y = (to.x() - from.x()) / length * half;
            return List.of(
                    new Point(from.x() - x, from.y() - y),
                    new Point(from.x() + x, from.y() + y),
                    new Point(to.x() + x, to.y() + y),
                    new Point(to.x() - x, to.y() - y));
        }
    }

    /** A thread from each place to as far out as it hangs. */
    static Mark threads(List<Stand> stands, double deep, double thick) {
        return new Mark(
                Make.THREAD,
                stands.stream()
                        .distinct()
                        .map(stand -> List.of(stand.at(), stand.out(deep)))
                        .toList(),
                thick);
    }

    /** Something round at each place, its middle so far out. */
    static Mark dots(List<Stand> stands, double out, double radius) {
        return Mark.of(
                Make.SOLID,
                stands.stream()
                        .distinct()
                        .map(stand -> dot(stand.out(out), radius))
                        .toList());
    }

    /** Something round. */
    static List<Point> dot(Point middle, double radius) {
        int corners = 16;
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            round.add(new Point(middle.x() + radius * Math.cos(angle), middle.y() + radius * Math.sin(angle)));
        }
        return round;
    }
}
