package app.dapt.cover;

import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Front;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Centres, and notches on the front where the backs end, by which the pieces are laid on each other. */
final class Notches {

    /** Half the width, in millimetres, of the strip in which an outline is looked at. */
    private static final double HAIR = 0.1;

    private Notches() {}

    static Back on(Back back, Front made, CoverDimensions sizes) {
        Piece front = back.pieces().get(0);
        Piece marked = front.marked(centres(front, made));
        if (sizes.shape().isRectangular()) {
            marked = made.with(marked).marked(panelEnds(back, sizes)).piece();
        }
        return back.replacing(front, marked);
    }

    /** Where the middle meets the cut edge above and below: on an outline that is seldom its highest place. */
    private static List<Marking> centres(Piece piece, Front made) {
        double middle = made.middle().toMm();
        // A cover too small for its own curves may have nothing left in its middle.
        Optional<Contour.Reach> edge = piece.outline()
                .map(outline -> outline.cut().reach(Axis.UP_DOWN, middle - HAIR, middle + HAIR))
                .filter(reach -> reach.least() <= reach.most());
        Length top = edge.map(reach -> Length.nearMm(reach.least())).orElse(Length.ZERO);
        Length bottom = edge.map(reach -> Length.nearMm(reach.most())).orElse(piece.cutHeight());
        return List.of(
                Marking.spot(Sort.CENTRE, made.middle(), top),
                Marking.spot(Sort.CENTRE, made.middle(), Length.min(bottom, piece.cutHeight())));
    }

    /**
     * At both sides of a plain front, where the finished edge of each panel comes to lie; two that meet there are
     * notched once.
     */
    private static List<Marking> panelEnds(Back back, CoverDimensions sizes) {
        Axis runs = sizes.opens();
        Length depth = sizes.finished(runs.other());
        Length far = sizes.plainFront().cut(runs).total();
        List<Marking> marks = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            panel.free()
                    .map(side -> panel.from().isZero() ? panel.to() : panel.from())
                    .filter(end -> end.isPositive() && end.under(depth))
                    .ifPresent(end -> {
                        Length deep = sizes.allowance().plus(end);
                        marks.add(Marking.spot(Sort.NOTCH, runs, Length.ZERO, deep));
                        marks.add(Marking.spot(Sort.NOTCH, runs, far, deep));
                    });
        }
        return marks.stream().distinct().toList();
    }
}
