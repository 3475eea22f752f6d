package app.dapt.cover.filled;

import app.dapt.cover.Reckoned;
import app.dapt.filling.Casing;
import app.dapt.filling.sheet.FilledSheet;
import app.dapt.filling.sheet.Mesh;
import app.dapt.filling.sheet.SheetSolver;
import app.dapt.filling.sheet.SheetSolver.Stiffness;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.Optional;

/**
 * The shape of a cover once its form is in: of one chamber of it, where it has several.
 *
 * @param sheet    in units of the chamber's narrowest flat width
 * @param width    that width, in millimetres
 * @param onSide   whether the chamber lies on its side in the sheet: its height is its narrowest width
 * @param chambers how many there are
 * @param fullness the form's volume over the greatest volume of the cover
 * @param greatest volume of one chamber, as much as this mesh ever holds
 */
public record FilledCover(
        FilledSheet sheet, double width, boolean onSide, int chambers, double fullness, double greatest) {

    /** Cells along half the narrowest width, for figures. */
    public static final int FINE = 24;

    private static final double MM3_TO_CM3 = 1000;

    /**
     * Fills a cover.
     *
     * @param cells along half its narrowest width, at least 2
     * @return nothing where the outline of the cover is none that is filled yet: neither rectangle nor circle
     */
    public static Optional<FilledCover> of(Reckoned cover, int cells) {
        Length flange = cover.plan().edging().flange().times(2);
        double across = cover.finished(Axis.ACROSS).minus(flange).toMm();
        double upDown = cover.finished(Axis.UP_DOWN).minus(flange).toMm();
        boolean round = !cover.dimensions().shape().isRectangular();
        if (round && !isCircle(cover) || !round && cover.outline().isPresent() || Math.min(across, upDown) <= 0) {
            return Optional.empty();
        }
        int chambers = cover.plan().shape().forms();
        double chamber = across / chambers;
        double width = Math.min(chamber, upDown);
        Mesh mesh = round ? Mesh.disc(cells) : Mesh.rectangle(Math.max(chamber, upDown) / width, cells);
        double greatest = SheetSolver.greatest(mesh).volume();
        double fullness = cover.fullness().ratio();
        double fill = Math.min(fullness, Casing.FULLEST_DRAWN);
        FilledSheet sheet = SheetSolver.filled(mesh, fill * greatest, Stiffness.ofCover(fill));
        return Optional.of(new FilledCover(sheet, width, upDown < chamber, chambers, fullness, greatest));
    }

    /** Whether an outline keeps the same distance from its middle all round. */
    private static boolean isCircle(Reckoned cover) {
        double radius = cover.finished(Axis.ACROSS).toMm() / 2;
        return cover.outline()
                .filter(outline -> outline.points().stream()
                        .allMatch(point -> Math.abs(Math.hypot(point.x() - radius, point.y() - radius) - radius) < 1))
                .isPresent();
    }

    /** Of all chambers. */
    public double cubicCentimetres() {
        return volume(sheet.volume());
    }

    /** As much as all chambers ever hold. */
    public double greatestCubicCentimetres() {
        return volume(greatest);
    }

    private double volume(double ofOne) {
        return chambers * ofOne * width * width * width / MM3_TO_CM3;
    }

    /** At the middle of a chamber, in millimetres. */
    public double thickness() {
        return sheet.thickness() * width;
    }

    /** Straight across a chamber in one direction, in millimetres. */
    public double straight(Axis axis) {
        boolean along = axis == Axis.ACROSS != onSide;
        return (along ? sheet.across() : sheet.upDown()) * width;
    }

    /** How far the corners stand out beyond the middles of the sides, in millimetres; nothing on a circle. */
    public double ears() {
        double widest = 0;
        for (int i = 0; i < sheet.mesh().vertices(); i++) {
            widest = Math.max(widest, 2 * sheet.x()[i]);
        }
        return (widest - sheet.across()) / 2 * width;
    }
}
