package app.dapt.cover.shape;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Role;
import app.dapt.filling.Casing;
import app.dapt.filling.Disc;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import java.util.Optional;

/** A circle; its diameter is the size across. */
record Round(Details decided) implements Shape {

    private static final Length CLIP_EVERY = Length.inches(0, 1, 2);

    @Override
    public Kind<Shape> kind() {
        return ShapeKind.ROUND;
    }

    @Override
    public boolean isSameBothWays() {
        return true;
    }

    @Override
    public boolean isRectangular() {
        return false;
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Disc(across);
    }

    @Override
    public Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        return Optional.of(Contour.circle(across));
    }

    @Override
    public double perimeter(Contour outline, Length across) {
        return Math.PI * across.toMm();
    }

    @Override
    public String turnedOut() {
        return "turn-out-round";
    }

    @Override
    public String pushedOut() {
        return "push-out-round";
    }

    @Override
    public String filledBy() {
        return "fill-round";
    }

    @Override
    public boolean isClipped(int corners) {
        return true;
    }

    @Override
    public void clip(Making making, int corners) {
        Length round =
                Length.nearInches(Math.PI * making.sizes().finished(Axis.ACROSS).toInches());
        making.at(Place.TABLE, "clip-curve", making.front())
                .onAll()
                .saying(CLIP_EVERY)
                .because()
                .times(Effort.CLIP, round.over(CLIP_EVERY) / 10)
                .shows(Pile.of(making.lyingFront(false)).seamed(Role.SEAM, Pile.allSides()))
                .add();
    }

    /** More than a third of the way round cannot lie open flat: π D / 3. */
    @Override
    public Length edgeToOpen(Axis runs, Length across, Length upDown, Length ease) {
        return Length.nearInches(Math.PI / 3 * across.toInches());
    }

    @Override
    public Point edgeMiddle(Axis runs, Length across, Length upDown, Length ease) {
        return new Point(across.toMm() / 2, across.toMm());
    }
}
