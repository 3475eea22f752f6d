package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.filling.Casing;
import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.OutlineMesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Nested;
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
 * @param form     the form within it, where the form's own casing is the smaller one somewhere
 * @param width    that width, in millimetres
 * @param chambers how many it is sewn into
 * @param fullness the form's volume over the greatest volume of the cover
 * @param greatest volume, as much as this mesh ever holds, in the sheet's units
 */
public record FilledCover(
        FilledSheet sheet, Optional<FilledSheet> form, double width, int chambers, double fullness, double greatest) {

    /** Cells along half the narrowest width for a first look. */
    public static final int COARSE = 8;
    /** For a page: its figures are within four thousandths of those of the finest. */
    public static final int SHOWN = 16;
    /** For figures that are handed on. */
    public static final int FINE = 24;

    /** Fewer along half a width show no shape. */
    private static final int FEWEST = 4;

    /** A form smaller than its cover by less than this fills it as if it had no casing of its own. */
    private static final double LOOSE = 0.97;

    /** A cover so many times as long as its form is wide takes too long to solve with the form in it. */
    private static final double LONGEST = 4;

    /** What a form that is folded in to go into its cover may have in it, of what there is room for. */
    private static final double TOO_MUCH = 1.2;

    private static final double MOST_VERTICES = 1500;
    private static final double MM3_TO_CM3 = 1000;

    /**
     * A cover that is not filled yet.
     *
     * @param mesh  flat
     * @param width how wide a unit of it is, in millimetres
     * @param form  what of the form's casing has room in it, where that is smaller than the cover
     */
    public record Empty(Mesh mesh, double width, int chambers, Optional<Mesh> form) {

        /** As much as it holds, in cubed units of the mesh. */
        public double greatest() {
            return SheetSolver.greatest(mesh).volume();
        }

        /** With so much of that in it; more than can be drawn is drawn as full as can be. */
        public FilledCover filled(double fullness, double greatest) {
            if (form.isPresent()) {
                double most =
                        Casing.FULLEST_DRAWN * SheetSolver.greatest(form.get()).volume();
                Nested nested = SheetSolver.nested(form.get(), mesh, Math.min(most, fullness * greatest));
                return new FilledCover(
                        nested.outer(), Optional.of(nested.inner()), width, chambers, fullness, greatest);
            }
            double fill = drawn(fullness);
            return new FilledCover(
                    SheetSolver.filled(mesh, fill * greatest, Stiffness.ofCover(fill)),
                    Optional.empty(),
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
        Length flange = cover.plan().border();
        double across = cover.dimensions().withinFlange(Axis.ACROSS).toMm();
        double upDown = cover.dimensions().withinFlange(Axis.UP_DOWN).toMm();
        if (Math.min(across, upDown) <= 0) {
            return Optional.empty();
        }
        if (isCircle(cover)) {
            return Optional.of(new Empty(Mesh.disc(cells), across, 1, Optional.empty()));
        }
        if (cover.outline().isPresent()) {
            Contour inner = cover.outline().get().grown(flange.negated());
            if (inner.points().isEmpty()) {
                return Optional.empty();
            }
            List<double[]> outline = upwards(inner);
            double width = OutlineMesh.width(outline);
            return fitting(inner.area() / (width * width) / 2, cells)
                    .flatMap(
                            fit -> OutlineMesh.of(outline, width, fit).or(() -> OutlineMesh.of(outline, width, FEWEST)))
                    .map(mesh -> new Empty(mesh, width, 1, Optional.empty()));
        }
        int chambers = cover.plan().shape().forms();
        double chamber = across / chambers;
        double width = Math.min(chamber, upDown);
        return fitting(across * upDown / (width * width) / 4, cells)
                .map(fit -> new Empty(
                        Mesh.chambers(chamber / width, upDown / width, chambers, fit),
                        width,
                        chambers,
                        formIn(cover, across, upDown, fit / width)));
    }

    /**
     * The casing of the form, as far as the cover has room for it; nothing where it is as large as the cover.
     *
     * @param cells along half a millimetre
     */
    private static Optional<Mesh> formIn(Reckoned cover, double across, double upDown, double cells) {
        double width = Math.min(across, cover.form().across().flat().toMm());
        double height = Math.min(upDown, cover.form().upDown().flat().toMm());
        boolean round = isRound(cover);
        double narrow = Math.min(width, height);
        int perHalf = Math.max(FEWEST, (int) Math.round(cells * narrow));
        return (round || !pressesEverywhere(cover))
                        && isPlain(cover)
                        && LONGEST * Math.min(narrow, Math.min(across, upDown)) >= Math.max(across, upDown)
                ? Optional.of((round ? Mesh.disc(perHalf) : Mesh.chambers(width / narrow, height / narrow, 1, perHalf))
                        .scaled(narrow / Math.min(across, upDown)))
                : Optional.empty();
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
        Optional<Empty> empty = empty(cover, FEWEST);
        if (empty.isEmpty()) {
            return Optional.of(Phrase.of("filled.not-drawn"));
        }
        if (empty.get().form().isPresent() || isPlain(cover) && pressesEverywhere(cover) && !isRound(cover)) {
            return isTooMuch(cover) ? Optional.of(proportions("filled.too-much", cover)) : Optional.empty();
        }
        if (isRound(cover)) {
            return Optional.of(Phrase.of("filled.round-form"));
        }
        return cover.plan().shape().isRectangular() && cover.dimensions().isUneven()
                ? Optional.of(proportions("filled.other-proportions", cover))
                : Optional.empty();
    }

    /** Whether it is a plain rectangle with one form in it. */
    private static boolean isPlain(Reckoned cover) {
        return cover.outline().isEmpty() && cover.plan().shape().forms() == 1;
    }

    /** Whether its form is as large as the cover in both directions, so that no part of the cover is empty. */
    private static boolean pressesEverywhere(Reckoned cover) {
        CoverDimensions sizes = cover.dimensions();
        return Math.max(sizes.room(Axis.ACROSS), sizes.room(Axis.UP_DOWN)) <= 1 / LOOSE;
    }

    /** Whether its form is round, though it is not. */
    private static boolean isRound(Reckoned cover) {
        return cover.plan().shape().leavesCorners(cover.plan().form());
    }

    private static Phrase proportions(String code, Reckoned cover) {
        return Phrase.of(
                code,
                cover.form().across().flat(),
                cover.form().upDown().flat(),
                cover.finished(Axis.ACROSS),
                cover.finished(Axis.UP_DOWN));
    }

    /** Whether what is in the form has no room where the form is folded in at two of its sides. */
    private static boolean isTooMuch(Reckoned cover) {
        CoverDimensions sizes = cover.dimensions();
        Length across = cover.form().across().flat();
        Length upDown = cover.form().upDown().flat();
        Casing room = cover.plan()
                .shape()
                .shaping(cover.plan().form())
                .casing(
                        Length.min(across, sizes.withinFlange(Axis.ACROSS)),
                        Length.min(upDown, sizes.withinFlange(Axis.UP_DOWN)));
        Casing form = cover.form().casing();
        return sizes.isUneven() && cover.form().fill() * form.greatestVolume() > TOO_MUCH * room.greatestVolume();
    }

    /** A cover with its form in it. */
    public static Optional<FilledCover> of(Reckoned cover, int cells) {
        return empty(cover, cells).map(empty -> empty.filled(cover.fullness().ratio(), empty.greatest()));
    }

    /** This cover, fuller or less full: begun from this shape where nothing is in it but filling, which is quicker. */
    public FilledCover refilled(double other) {
        double fill = drawn(other);
        return form.map(inner ->
                        new Empty(sheet.mesh(), width, chambers, Optional.of(inner.mesh())).filled(other, greatest))
                .orElseGet(() -> new FilledCover(
                        SheetSolver.filled(sheet, fill * greatest, Stiffness.ofCover(fill)),
                        Optional.empty(),
                        width,
                        chambers,
                        other,
                        greatest));
    }

    /** How far the form ends short of the seam at each side of one direction, in millimetres. */
    public double empty(Axis axis) {
        return form.map(inner -> (straight(sheet, axis) - straight(inner, axis)) / 2)
                .filter(gap -> gap > 0)
                .orElse(0.0);
    }

    /** How far the form ends short of each corner, in millimetres. */
    public double emptyCorners() {
        return form.map(inner -> (diagonal(sheet) - diagonal(inner)) / 2).orElse(0.0);
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

    /** All that is within the cover, the empty corners beside a smaller form too. */
    public double cubicCentimetres() {
        return volume(sheet.volume());
    }

    /** What the form within it takes of that, in cubic centimetres, where it does not fill it all. */
    public Optional<Double> formCubicCentimetres() {
        return form.map(inner -> volume(inner.volume()));
    }

    /** As much as it ever holds, in cubic centimetres. */
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
        return straight(sheet, axis);
    }

    private double straight(FilledSheet of, Axis axis) {
        return (axis == Axis.ACROSS ? of.across() : of.upDown()) * width;
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
        return diagonal(sheet);
    }

    private double diagonal(FilledSheet of) {
        double farthest = 0;
        for (int i = 0; i < of.mesh().vertices(); i++) {
            farthest = Math.max(farthest, Math.hypot(of.x()[i], of.y()[i]));
        }
        return 2 * farthest * width;
    }

    /** Where the form within it ends, seen from the front, downwards from the middle of the cover. */
    Optional<Contour> formSeam() {
        return form.map(inner -> {
            Surface surface = new Surface(inner, width);
            return new Contour(surface.seam().stream()
                    .map(point -> surface.on(point).place())
                    .map(place -> new Contour.Point(place[0], -place[1]))
                    .toList());
        });
    }

    /** All of its front, in millimetres. */
    public Surface surface() {
        return new Surface(sheet, width);
    }
}
