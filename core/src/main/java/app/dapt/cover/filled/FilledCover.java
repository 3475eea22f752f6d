package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.filling.Casing;
import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.OutlineMesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import app.dapt.filling.sheet.Surface;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The shape of a cover once its form is in.
 *
 * @param sheet    in units of its narrowest flat width
 * @param width    that width, in millimetres
 * @param chambers how many it is sewn into
 * @param fullness the form's volume over the greatest volume of the cover
 * @param greatest volume, as much as this mesh ever holds, in the sheet's units
 */
public record FilledCover(FilledSheet sheet, double width, int chambers, double fullness, double greatest) {

    /** Cells along half the narrowest width for a first look. */
    public static final int COARSE = 8;
    /** For a page: its figures are within four thousandths of those of the finest. */
    public static final int SHOWN = 16;
    /** For figures that are handed on. */
    public static final int FINE = 24;

    /** Fewer along half a width show no shape. */
    private static final int FEWEST = 4;

    /** A form that is longer for its width than its cover by more than this lies in it as nobody reckons. */
    private static final double OTHER_PROPORTIONS = 1.15;

    private static final double MOST_VERTICES = 1500;
    private static final double MM3_TO_CM3 = 1000;

    /** A cover that is not filled yet: its flat mesh, and how wide a unit of it is in millimetres. */
    public record Empty(Mesh mesh, double width, int chambers) {

        /** As much as it holds. */
        public double greatest() {
            return SheetSolver.greatest(mesh).volume();
        }

        /** With so much of that in it; more than can be drawn is drawn as full as can be. */
        public FilledCover filled(double fullness, double greatest) {
            double fill = drawn(fullness);
            return new FilledCover(
                    SheetSolver.filled(mesh, fill * greatest, Stiffness.ofCover(fill)),
                    width,
                    chambers,
                    fullness,
                    greatest);
        }
    }

    /**
     * The flat mesh of a cover, without its flange.
     *
     * @param cells along half its narrowest width, at least 2
     * @return nothing where its two sides are not alike, it is many times as long as wide, or nothing of it lies within
     *     its flange
     */
    public static Optional<Empty> empty(Reckoned cover, int cells) {
        Length flange = cover.plan().edging().flange();
        double across = cover.finished(Axis.ACROSS).minus(flange.times(2)).toMm();
        double upDown = cover.finished(Axis.UP_DOWN).minus(flange.times(2)).toMm();
        if (Math.min(across, upDown) <= 0) {
            return Optional.empty();
        }
        if (isCircle(cover)) {
            return Optional.of(new Empty(Mesh.disc(cells), across, 1));
        }
        if (cover.outline().isPresent()) {
            Contour inner = cover.outline().get().grown(flange.negated());
            List<double[]> outline = upwards(inner);
            double width = OutlineMesh.width(outline);
            return fitting(inner.area() / (width * width) / 2, cells)
                    .flatMap(fit -> OutlineMesh.of(outline, width, fit))
                    .map(mesh -> new Empty(mesh, width, 1));
        }
        int chambers = cover.plan().shape().forms();
        double chamber = across / chambers;
        double width = Math.min(chamber, upDown);
        return fitting(across * upDown / (width * width) / 4, cells)
                .map(fit -> Mesh.chambers(chamber / width, upDown / width, chambers, fit))
                .map(mesh -> new Empty(mesh, width, chambers));
    }

    /**
     * As many cells as were asked for, or as many as can be solved while one waits.
     *
     * @param area of what is meshed, in units
     * @return nothing where it is so long and narrow that too few are left
     */
    private static Optional<Integer> fitting(double area, int cells) {
        int most = (int) Math.floor(Math.sqrt(MOST_VERTICES / area) / 2);
        return Optional.of(Math.min(cells, most)).filter(fit -> fit >= FEWEST);
    }

    /** Why a cover cannot be filled truly; nothing where it can. */
    public static Optional<Phrase> whyNot(Reckoned cover) {
        Length across = cover.form().across().flat();
        Length upDown = cover.form().upDown().flat();
        double form = across.over(upDown);
        double outer = cover.finished(Axis.ACROSS).over(cover.finished(Axis.UP_DOWN));
        boolean alike = Math.max(form / outer, outer / form) < OTHER_PROPORTIONS;
        if (cover.plan().shape().isRectangular() && !alike) {
            return Optional.of(Phrase.of(
                    "filled.other-proportions",
                    across,
                    upDown,
                    cover.finished(Axis.ACROSS),
                    cover.finished(Axis.UP_DOWN)));
        }
        return empty(cover, FEWEST).isPresent() ? Optional.empty() : Optional.of(Phrase.of("filled.not-drawn"));
    }

    /** A cover with its form in it. */
    public static Optional<FilledCover> of(Reckoned cover, int cells) {
        return empty(cover, cells).map(empty -> empty.filled(cover.fullness().ratio(), empty.greatest()));
    }

    /** This cover, fuller or less full: begun from this shape, which is quicker. */
    public FilledCover refilled(double other) {
        double fill = drawn(other);
        return new FilledCover(
                SheetSolver.filled(sheet, fill * greatest, Stiffness.ofCover(fill)), width, chambers, other, greatest);
    }

    private static double drawn(double fullness) {
        return Math.min(fullness, Casing.FULLEST_DRAWN);
    }

    /** Corners counter-clockwise, upwards. */
    private static List<double[]> upwards(Contour outline) {
        List<double[]> corners = new ArrayList<>();
        outline.points().forEach(point -> corners.add(new double[] {point.x(), -point.y()}));
        return corners;
    }

    /** Whether an outline keeps the same distance from its middle all round. */
    private static boolean isCircle(Reckoned cover) {
        double radius = cover.finished(Axis.ACROSS).toMm() / 2;
        return cover.outline()
                .filter(outline -> outline.points().stream()
                        .allMatch(point -> Math.abs(Math.hypot(point.x() - radius, point.y() - radius) - radius) < 1))
                .isPresent();
    }

    public double cubicCentimetres() {
        return volume(sheet.volume());
    }

    /** As much as it ever holds. */
    public double greatestCubicCentimetres() {
        return volume(greatest);
    }

    private double volume(double inUnits) {
        return inUnits * width * width * width / MM3_TO_CM3;
    }

    /** At its thickest, in millimetres. */
    public double thickness() {
        return sheet.thickness() * width;
    }

    /** Straight across its middle in one direction, in millimetres; of a V from end to end. */
    public double straight(Axis axis) {
        return (axis == Axis.ACROSS ? sheet.across() : sheet.upDown()) * width;
    }

    /** How far the corners stand out beyond the middles of the sides, in millimetres; nothing on a circle. */
    public double ears() {
        double widest = 0;
        for (int i = 0; i < sheet.mesh().vertices(); i++) {
            widest = Math.max(widest, 2 * sheet.x()[i]);
        }
        return (widest - sheet.across()) / 2 * width;
    }

    /** From corner to corner of a rectangle, in millimetres; of another outline, twice as far as it reaches. */
    public double diagonal() {
        double farthest = 0;
        for (int i = 0; i < sheet.mesh().vertices(); i++) {
            farthest = Math.max(farthest, Math.hypot(sheet.x()[i], sheet.y()[i]));
        }
        return 2 * farthest * width;
    }

    /** All of its front, in millimetres. */
    public Surface surface() {
        return new Surface(sheet, width);
    }
}
