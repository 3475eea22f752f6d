package app.dapt.cover;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/** Centres, and notches on the front where the backs end, by which the pieces are laid on each other. */
final class Notches {

    private Notches() {
    }

    static Back on(Back back, CoverDimensions setting) {
        Piece front = back.pieces().get(0);
        if (setting.plan().opening().takesInFront()) {
            return back;
        }
        Piece marked = front.marked(centres(front, setting));
        if (setting.shape().isRectangular()) {
            marked = setting.onFront(marked, panelEnds(back, setting));
        }
        return back.replacing(front, marked);
    }

    private static List<Marking> centres(Piece piece, CoverDimensions setting) {
        Length middle = setting.plan().face().middle(piece, setting);
        return List.of(Marking.spot(Sort.CENTRE, middle, Length.ZERO), Marking.spot(Sort.CENTRE, middle, piece.cutHeight()));
    }

    /** At both sides of a plain front, where the finished edge of each panel comes to lie; two that meet there are notched once. */
    private static List<Marking> panelEnds(Back back, CoverDimensions setting) {
        Axis runs = setting.plan().opening().runs();
        Length depth = setting.finished(runs.other());
        Length far = setting.whole("front", Piece.Material.FRONT).cut(runs).total();
        List<Marking> marks = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            panel.free().map(side -> panel.from().isZero() ? panel.to() : panel.from()).filter(end -> end.isPositive() && end.under(depth))
                    .ifPresent(end -> {
                        Length deep = setting.allowance().plus(end);
                        marks.add(Marking.spot(Sort.NOTCH, runs, Length.ZERO, deep));
                        marks.add(Marking.spot(Sort.NOTCH, runs, far, deep));
                    });
        }
        return marks.stream().distinct().toList();
    }
}
