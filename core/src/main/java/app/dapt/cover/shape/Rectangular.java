package app.dapt.cover.shape;

import app.dapt.cover.decision.Concern;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Question;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Role;
import app.dapt.filling.Casing;
import app.dapt.filling.Pillow;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Square or oblong.
 *
 * @param oblong measured each way on its own
 */
public record Rectangular(boolean oblong, Details decided) implements Shape {

    /** As they come, or the seam tapered in so that they do not stand out as ears. */
    private static final Question<Corners> CORNERS = Question.oneOf("corners", Corners.PLAIN, "corners");

    static final List<Question<?>> ASKED = List.of(CORNERS);

    /**
     * How the seam is tapered in towards a corner.
     *
     * @param inset how far in the corner comes, from both its edges
     * @param reach how far from the corner the taper begins
     */
    public record Taper(Length inset, Length reach) {}

    /** Below this a cover has no ears to speak of. */
    private static final double NO_EARS = 0.5;
    /** Above this no taper makes a square of it. */
    private static final double NO_SQUARE = 0.9;

    private static final Length EIGHTH = Length.inches(0, 1, 8);

    private Corners corners() {
        return get(CORNERS);
    }

    @Override
    public Optional<Shape> withOtherCorners() {
        return Optional.of(with(CORNERS, corners() == Corners.PLAIN ? Corners.TAPERED : Corners.PLAIN));
    }

    @Override
    public Phrase brief() {
        return kind().phrase(corners() == Corners.TAPERED ? "brief.tapered" : "shape");
    }

    @Override
    public Kind<Shape> kind() {
        return oblong ? ShapeKind.OBLONG : ShapeKind.SQUARE;
    }

    @Override
    public boolean isSameBothWays() {
        return !oblong;
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Pillow(across, upDown);
    }

    /**
     * The taper for a cover of this size and fullness: inset by the ear, to the eighth of an inch, at most 0.04 of the
     * short side, beginning a quarter of it from the corner. None where nothing would stand out.
     */
    public Optional<Taper> taper(Length across, Length upDown, double fullness) {
        if (corners() == Corners.PLAIN || fullness < NO_EARS) {
            return Optional.empty();
        }
        Length side = Length.min(across, upDown);
        Length inset = Length.min(new Pillow(across, upDown).ear(fullness), deepest(across, upDown));
        Length rounded = inset.roundedTo(EIGHTH);
        Length reach = side.times(1, 4).roundedDown(EIGHTH);
        return rounded.isPositive() ? Optional.of(new Taper(rounded, reach)) : Optional.empty();
    }

    /** More than this no taper takes in without its corner looking cut off. */
    private static Length deepest(Length across, Length upDown) {
        return Length.min(across, upDown).times(4, 100);
    }

    /** The taper that an outline was drawn with. */
    public static Taper taperOf(Contour tapered) {
        Point begins = tapered.points().get(0);
        Point tip = tapered.points().get(1);
        return new Taper(Length.nearMm(tip.x()), Length.nearMm(begins.y()));
    }

    @Override
    public Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        return taper(across, upDown, fullness).map(taper -> tapered(across.toMm(), upDown.toMm(), taper));
    }

    private static Contour tapered(double w, double h, Taper taper) {
        double in = taper.inset().toMm();
        double reach = taper.reach().toMm();
        List<Point> points = new ArrayList<>();
        for (double[] corner : new double[][] {{0, 0, 1, 1}, {w, 0, -1, 1}, {w, h, -1, -1}, {0, h, 1, -1}}) {
            Point along = new Point(corner[0] + corner[2] * reach, corner[1]);
            Point tip = new Point(corner[0] + corner[2] * in, corner[1] + corner[3] * in);
            Point down = new Point(corner[0], corner[1] + corner[3] * reach);
            boolean arrivesDown = corner[2] * corner[3] > 0;
            points.addAll(arrivesDown ? List.of(down, tip, along) : List.of(along, tip, down));
        }
        return new Contour(points);
    }

    /** The tapered seam is drawn before the pieces lie on each other. */
    @Override
    public void prepare(Making making) {
        making.sizes().outline().ifPresent(outline -> {
            Taper taper = taperOf(outline);
            making.at(Place.TABLE, "taper-draw", making.front())
                    .saying(taper.inset(), taper.reach())
                    .because()
                    .times(Effort.LAY, 2)
                    .shows(pile -> pile.seamed(Role.SEAM, Pile.allSides()))
                    .add();
        });
    }

    @Override
    public List<Concern<Shape>> concerns(CoverDimensions sizes, Back back) {
        if (corners() == Corners.PLAIN
                || sizes.fullness().ratio() >= NO_EARS && sizes.fullness().ratio() <= NO_SQUARE) {
            return List.of();
        }
        String wording = sizes.fullness().ratio() < NO_EARS ? "taper-needless" : "taper-short";
        return List.of(Concern.<Shape>of(
                        "taper",
                        Weight.WORTH_KNOWING,
                        wording,
                        sizes.fullness().percent(),
                        new Pillow(sizes.finished(Axis.ACROSS), sizes.finished(Axis.UP_DOWN))
                                .ear(sizes.fullness().ratio()),
                        deepest(sizes.finished(Axis.ACROSS), sizes.finished(Axis.UP_DOWN)))
                .orTry(() -> with(CORNERS, Corners.PLAIN), "plain-corners")
                .orNote());
    }
}
