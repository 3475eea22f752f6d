package app.dapt.files.template;

import app.dapt.cover.drawing.Template;
import app.dapt.piece.Contour;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A template on sheets of paper that overlap, turned and shifted so that as few as possible are printed, and among
 * those so that none holds a mere sliver.
 *
 * @param template as it is turned
 * @param left     where the first column of sheets begins, in millimetres from the template's left
 * @param top      the same of the first row
 * @param sheets   those that show something
 * @param least    square millimetres of the template on the sheet that has least
 */
record Tiling(Template template, double left, double top, List<Place> sheets, double least) {

    /** A sheet's column and row. */
    record Place(int column, int row) {}

    /**
     * What is printed of a sheet.
     *
     * @param overlap how far each shows what the next one shows too
     */
    record Frame(double wide, double high, double overlap) {

        double acrossStep() {
            return wide - overlap;
        }

        double downStep() {
            return high - overlap;
        }
    }

    private static final int TURN = 15;
    private static final int SHIFTS = 6;
    /** Square millimetres: less than this is only the edge of a line. */
    private static final double NOTHING = 1;

    Tiling {
        sheets = List.copyOf(sheets);
    }

    /** The best of all turns and shifts tried. */
    static Tiling of(Template template, Frame frame) {
        return IntStream.range(0, 180 / TURN)
                .mapToObj(turn -> template.turned(turn * TURN))
                .flatMap(turned -> shifted(turned, frame))
                .min(Comparator.<Tiling>comparingInt(tiling -> tiling.sheets.size())
                        .thenComparing(Comparator.comparingDouble(Tiling::least).reversed()))
                .orElseThrow();
    }

    /** Where as many columns and rows as its size needs leave room, a template can be shifted within them. */
    private static Stream<Tiling> shifted(Template template, Frame frame) {
        double across = count(template.width(), frame.wide, frame.overlap) * frame.acrossStep()
                + frame.overlap
                - template.width();
        double down = count(template.height(), frame.high, frame.overlap) * frame.downStep()
                + frame.overlap
                - template.height();
        return IntStream.rangeClosed(0, SHIFTS).boxed().flatMap(right -> IntStream.rangeClosed(0, SHIFTS)
                .mapToObj(below -> at(template, -across * right / SHIFTS, -down * below / SHIFTS, frame)));
    }

    private static Tiling at(Template template, double left, double top, Frame frame) {
        Contour outline = template.outline();
        int columns = count(template.width() - left, frame.wide, frame.overlap);
        int rows = count(template.height() - top, frame.high, frame.overlap);
        List<Place> sheets = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double x = left + column * frame.acrossStep();
                double y = top + row * frame.downStep();
                // What the sheets before it show already needs no sheet of its own.
                double beside = sheets.contains(new Place(column - 1, row)) ? frame.overlap : 0;
                double above = sheets.contains(new Place(column, row - 1)) ? frame.overlap : 0;
                double shown = outline.areaWithin(x + beside, y + above, x + frame.wide, y + frame.high);
                if (shown > NOTHING) {
                    sheets.add(new Place(column, row));
                    least = Math.min(least, shown);
                }
            }
        }
        return new Tiling(template, left, top, sheets, least);
    }

    /** How many sheets a length takes, each but the first adding what does not overlap. */
    private static int count(double length, double sheet, double overlap) {
        return Math.max(1, (int) Math.ceil((length - overlap) / (sheet - overlap) - 1e-9));
    }

    boolean has(int column, int row) {
        return sheets.contains(new Place(column, row));
    }

    int rows() {
        return sheets.stream().mapToInt(Place::row).max().orElse(0) + 1;
    }
}
