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

    static Back on(Back back, Setting setting) {
        Piece front = back.pieces().get(0);
        if (setting.plan().opening().takesInFront()) {
            return back;
        }
        List<Marking> marks = new ArrayList<>(centres(front));
        if (setting.shape().isRectangular()) {
            marks.addAll(panelEnds(front, back, setting));
        }
        return back.replacing(front, front.marked(marks));
    }

    private static List<Marking> centres(Piece piece) {
        Length middle = piece.cutWidth().half();
        return List.of(Marking.spot(Sort.CENTRE, middle, Length.ZERO), Marking.spot(Sort.CENTRE, middle, piece.cutHeight()));
    }

    /** At both sides of the front, where the finished edge of each panel comes to lie. */
    private static List<Marking> panelEnds(Piece front, Back back, Setting setting) {
        Axis runs = setting.plan().opening().runs();
        Length depth = setting.finished(runs.other());
        Length far = front.cut(runs).total();
        List<Marking> marks = new ArrayList<>();
        for (Back.Panel panel : back.panels()) {
            panel.free().map(side -> panel.from().isZero() ? panel.to() : panel.from()).filter(end -> end.isPositive() && end.under(depth))
                    .ifPresent(end -> {
                        Length deep = setting.allowance().plus(end);
                        marks.add(Marking.spot(Sort.NOTCH, runs, Length.ZERO, deep));
                        marks.add(Marking.spot(Sort.NOTCH, runs, far, deep));
                    });
        }
        return marks;
    }
}
