package app.dapt.cover.opening;

import app.dapt.cover.decision.Back.Lap;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.Making;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.List;

/** How front and back are laid on each other for the seam round the cover. */
final class Laying {

    private Laying() {}

    /** The front right side up, the back face down on it; a back that is one with the front is folded over it. */
    static Draft plainly(Making making, Axis runs) {
        return making.isOnePiece()
                ? folded(making, runs)
                : on(making, "lay", making.back().outerFirst(), runs);
    }

    /** Two panels: what goes down first shows once the cover is turned. */
    static void lapped(Making making, Axis runs) {
        holdAgainst(making, runs);
        List<Panel> panels = making.back().outerFirst();
        Lap lap = making.back().lap().orElseThrow();
        Length from =
                making.sizes().allowance().plus(panels.stream().map(Panel::from).reduce(Length.ZERO, Length::max));
        Draft laid = on(making, "lay-lapped", panels, runs)
                .saying(panels.get(0).name(), panels.get(panels.size() - 1).name())
                .figure("overlap", lap.overlap());
        if (runs == Axis.ACROSS) {
            laid.shows(pile -> pile.measured(Axis.UP_DOWN, from, lap.overlap(), Phrase.of("pile.must-measure")));
        }
        laid.because().trap().add();
    }

    /** The back as it was put together is held against the front before it is laid. */
    static void holdAgainst(Making making, Axis runs) {
        List<Piece> pieces = new ArrayList<>(List.of(making.front()));
        making.back().panels().forEach(panel -> pieces.add(panel.piece()));
        making.work()
                .at(Place.TABLE, "hold-against", pieces)
                .figure("cut-wide", making.sizes().cut(Axis.ACROSS).total())
                .figure("cut-high", making.sizes().cut(Axis.UP_DOWN).total())
                .trap()
                .times(Effort.LAY, 1)
                .shows(making.laidOnFront(making.back().panels(), runs))
                .add();
    }

    private static Draft on(Making making, String does, List<Panel> panels, Axis runs) {
        List<Piece> pieces = new ArrayList<>(List.of(making.front()));
        panels.forEach(panel -> pieces.add(panel.piece()));
        return making.work()
                .at(Place.TABLE, does, pieces)
                .onAll()
                .figure("raw-edges-level")
                .figure("pins", making.sizes().ownUnit().pick(Length.cm(10), Length.inches(4)))
                .times(Effort.LAY, pieces.size() - 1)
                .loose()
                .shows(making.laidOnFront(panels, runs).pinned(Pile.allSides()));
    }

    /** One strip folded right sides together, its raw sides level. */
    private static Draft folded(Making making, Axis runs) {
        Piece strip = making.front();
        return making.at(Place.TABLE, "lay-folded", strip)
                .onAll()
                .figure("raw-edges-level")
                .times(Effort.LAY, 1)
                .loose()
                .rightSide()
                .shows(pile -> pile.arrow(runs == Axis.ACROSS ? Side.TOP : Side.LEFT, Length.ZERO));
    }
}
