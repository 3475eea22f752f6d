package app.dapt.cover.drawing;

import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * A cutting line for those without a printer: straight reference lines to draw on the cloth, and how far the line to
 * cut is from them, step by step. Good to half a millimetre, like the template it is read from.
 *
 * @param name what it is the line of
 * @param how  the reference lines, and where the distances are taken
 */
public record Offsets(Phrase name, Phrase how, List<Row> rows) {

    /**
     * One step.
     *
     * @param at   how far along the first reference line
     * @param from how far the line to cut is from there, nearest first; more than one where it is met again
     */
    public record Row(Length at, List<Length> from) {}

    private static final double HAIR = 0.01;

    public Offsets {
        rows = List.copyOf(rows);
    }

    /** The offsets of a template, every inch or every two centimetres, and at its end. */
    public static Offsets of(Template template, Unit unit) {
        Path cut = template.paths().get(0);
        boolean corner = template.name().code().equals("template.corner");
        boolean folded = template.paths().stream().anyMatch(path -> path.role() == Role.FOLD);
        double end = corner ? straightFrom(cut) : template.height();
        double step = unit.pick(Length.cm(2), Length.inches(1)).toMm();
        List<Row> rows = new ArrayList<>();
        for (double at = 0; at < end - HAIR; at += step) {
            rows.add(row(cut, at, end, corner, folded ? template.width() : 0));
        }
        rows.add(row(cut, end, end, corner, folded ? template.width() : 0));
        return new Offsets(
                template.name(), Phrase.of(corner ? "offsets.corner" : folded ? "offsets.fold" : "offsets.edge"), rows);
    }

    private static Row row(Path cut, double at, double end, boolean corner, double fold) {
        double inside = Math.max(HAIR, Math.min(end - HAIR, at));
        DoubleStream met = crossings(cut, inside, corner)
                .map(place -> Math.abs(place - fold))
                .sorted();
        // Of a corner only the edge that runs along the reference line.
        return new Row(
                near(at), (corner ? met.limit(1) : met).mapToObj(Offsets::near).toList());
    }

    private static Length near(double millimetres) {
        return Length.nearMm(millimetres);
    }

    /** Where a corner's edge has come back to its straight line: the farthest corner along the top that lies on it. */
    private static double straightFrom(Path cut) {
        double top = cut.points().stream().mapToDouble(Point::y).min().orElse(0);
        return cut.points().stream()
                .filter(point -> point.y() - top < HAIR)
                .mapToDouble(Point::x)
                .min()
                .orElse(0);
    }

    /**
     * Where a path is met by a level line at a height, from the left; or by an upright one so far along, from the top.
     */
    private static DoubleStream crossings(Path path, double at, boolean upright) {
        DoubleStream.Builder met = DoubleStream.builder();
        int count = path.points().size();
        for (int i = 0; i < (path.closed() ? count : count - 1); i++) {
            Point a = path.points().get(i);
            Point b = path.points().get((i + 1) % count);
            double from = upright ? a.x() : a.y();
            double to = upright ? b.x() : b.y();
            if (from > at != to > at) {
                double share = (at - from) / (to - from);
                met.add(upright ? a.y() + share * (b.y() - a.y()) : a.x() + share * (b.x() - a.x()));
            }
        }
        return met.build();
    }
}
