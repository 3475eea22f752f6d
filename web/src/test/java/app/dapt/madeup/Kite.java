package app.dapt.madeup;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.shape.Shape;
import app.dapt.filling.Casing;
import app.dapt.filling.Pillow;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import java.util.List;
import java.util.Optional;

/** Four straight edges, pointed above and below. */
record Kite(Details decided) implements Shape {

    @Override
    public Kind<Shape> kind() {
        return MadeUp.KITE;
    }

    @Override
    public boolean isRectangular() {
        return false;
    }

    @Override
    public int cornersTurned() {
        return 4;
    }

    @Override
    public Casing casing(Length across, Length upDown) {
        return new Pillow(across, upDown);
    }

    @Override
    public Optional<Contour> outline(Length across, Length upDown, Length ease, double fullness) {
        double w = across.toMm();
        double h = upDown.toMm();
        return Optional.of(new Contour(
                List.of(new Point(w / 2, 0), new Point(w, h / 3), new Point(w / 2, h), new Point(0, h / 3))));
    }
}
