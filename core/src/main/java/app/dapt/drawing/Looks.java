package app.dapt.drawing;

import app.dapt.drawing.Look.Course;
import app.dapt.drawing.Look.Make;
import app.dapt.drawing.Look.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** The looks there are. */
public enum Looks implements Look {
    PIPING(course -> List.of(new Mark(Make.CORD, List.of(course.path()), course.deep()))),
    RICKRACK(course -> List.of(new Mark(Make.BRAID, List.of(zigzag(course)), course.deep() / 3))),
    FRINGE(course -> {
        double spacing = course.deep() / 8;
        return List.of(Look.threads(course.stands(spacing), course.deep(), spacing / 2));
    }),
    BEADS(course -> {
        List<Stand> stands = course.stands(Math.max(6, course.deep() / 3));
        return List.of(
                Look.threads(stands, course.deep(), course.deep() / 24),
                Look.dots(stands, course.deep() * 0.9, course.deep() * 0.1));
    }),
    POM_POMS(course -> {
        List<Stand> stands = course.stands(course.deep() * 1.05);
        return List.of(
                Look.threads(stands, course.deep() * 0.3, course.deep() / 24),
                Look.dots(stands, course.deep() * 0.64, course.deep() * 0.36));
    }),
    LACE(course -> List.of(Mark.of(Make.SOLID, scallops(course)))),
    RUFFLE(Looks::ruffle),
    TASSEL(Looks::tassel);

    /** A scallop is drawn with so many corners. */
    private static final int SCALLOP = 12;
    /** Between two gathers of a ruffle, for each millimetre of its depth, and at least. */
    private static final double GATHER = 0.2;

    private static final double CLOSEST_GATHERS = 6;
    /** Between gathers a ruffle's edge falls back to so much of its depth. */
    private static final double FALLS_BACK = 0.9;
    /** How far out the shadow of a gather runs. */
    private static final double SHADOW = 0.74;
    /** The threads of a tassel to either side of the middle one, and how far apart their ends are. */
    private static final int THREADS = 3;

    private static final double SPREAD = 0.06;

    private final Function<Course, List<Mark>> marks;

    Looks(Function<Course, List<Mark>> marks) {
        this.marks = marks;
    }

    @Override
    public String code() {
        return Phrase.code(this);
    }

    @Override
    public List<Mark> marks(Course course) {
        return marks.apply(course);
    }

    @Override
    public boolean isCord() {
        return this == PIPING || this == RICKRACK;
    }

    @Override
    public boolean isOfCloth() {
        return this == RUFFLE;
    }

    /** To and fro across the edge. */
    private static List<Point> zigzag(Course course) {
        List<Point> turns = new ArrayList<>();
        for (Stand stand : course.stands(Math.max(2.5, course.deep() * 0.35))) {
            turns.add(stand.out(turns.size() % 2 == 0 ? course.deep() / 2 : -course.deep() / 2));
        }
        return turns;
    }

    /** Half an ellipse from each place to the next. */
    private static List<List<Point>> scallops(Course course) {
        List<Stand> stands = course.stands(Math.max(6, course.deep() * 0.9));
        List<List<Point>> scallops = new ArrayList<>();
        for (int i = 0; i + 1 < stands.size(); i++) {
            List<Point> scallop = new ArrayList<>();
            for (int k = 0; k <= SCALLOP; k++) {
                double angle = Math.PI * k / SCALLOP;
                Stand between = between(stands.get(i), stands.get(i + 1), (1 - Math.cos(angle)) / 2);
                scallop.add(between.out(course.deep() * Math.sin(angle)));
            }
            scallops.add(scallop);
        }
        return scallops;
    }

    private static Stand between(Stand one, Stand next, double share) {
        return new Stand(
                new Point(
                        one.at().x() + (next.at().x() - one.at().x()) * share,
                        one.at().y() + (next.at().y() - one.at().y()) * share),
                one.outX() + (next.outX() - one.outX()) * share,
                one.outY() + (next.outY() - one.outY()) * share);
    }

    /** A band whose edge waves, and a shadow where each gather begins. */
    private static List<Mark> ruffle(Course course) {
        double deep = course.deep();
        List<Stand> stands = course.stands(Math.max(CLOSEST_GATHERS, GATHER * deep));
        List<List<Point>> band = new ArrayList<>();
        List<List<Point>> shadows = new ArrayList<>();
        for (int i = 0; i + 1 < stands.size(); i++) {
            Stand one = stands.get(i);
            Stand next = stands.get(i + 1);
            double far = deep * (i % 2 == 0 ? 1 : FALLS_BACK);
            double nextFar = deep * (i % 2 == 0 ? FALLS_BACK : 1);
            band.add(List.of(one.at(), next.at(), next.out(nextFar), one.out(far)));
            if (i % 2 == 1) {
                shadows.add(List.of(one.at(), next.at(), one.out(deep * SHADOW)));
            }
        }
        return List.of(Mark.of(Make.CLOTH, band), Mark.of(Make.SHADOW, shadows));
    }

    /** A knot at the end of the path, and threads that fan out from it the same way on. */
    private static List<Mark> tassel(Course course) {
        double deep = course.deep();
        Point from = course.path().get(0);
        Point at = course.path().get(course.path().size() - 1);
        double length = Math.hypot(at.x() - from.x(), at.y() - from.y());
        Stand way = new Stand(at, (at.x() - from.x()) / length, (at.y() - from.y()) / length);
        List<List<Point>> threads = new ArrayList<>();
        for (int i = -THREADS; i <= THREADS; i++) {
            Point end = way.out(deep);
            double aside = i * deep * SPREAD;
            threads.add(List.of(
                    way.out(deep * 0.2), new Point(end.x() - way.outY() * aside, end.y() + way.outX() * aside)));
        }
        return List.of(
                new Mark(Make.THREAD, threads, deep * SPREAD * 2 / 3),
                Mark.of(Make.SOLID, List.of(Look.dot(way.out(deep * 0.14), deep * 0.1))));
    }
}
