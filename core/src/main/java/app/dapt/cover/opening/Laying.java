package app.dapt.cover.opening;

import app.dapt.cover.decision.Back.Lap;
import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Making;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Work.Draft;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How front and back are laid on each other for the seam round the cover. */
final class Laying {

    private Laying() {}

    /** The front right side up, the back face down on it; a back that is one with the front is folded over it. */
    static Draft plainly(Making making, Axis runs) {
        return making.isOnePiece() ? folded(making, runs) : on(making, "lay", asOneBack(making), false, runs);
    }

    /** A back that was put together lies face down: what shows of it lies under the rest. */
    private static List<Panel> asOneBack(Making making) {
        List<Panel> outerFirst = making.back().outerFirst();
        Panel last = outerFirst.get(outerFirst.size() - 1);
        boolean atEnd = outerFirst.stream().noneMatch(panel -> last.to().under(panel.to()));
        return atEnd ? outerFirst : making.back().panels();
    }

    /** Two panels: what goes down first shows once the cover is turned. */
    static void lapped(Making making, Axis runs) {
        holdAgainst(making, runs);
        List<Panel> panels = making.back().outerFirst();
        Lap lap = making.back().lap().orElseThrow();
        Length from =
                making.sizes().allowance().plus(panels.stream().map(Panel::from).reduce(Length.ZERO, Length::max));
        Draft laid = on(making, "lay-lapped", panels, true, runs)
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
                .shows(making.laidOnFront(making.back().panels(), false, runs))
                .add();
    }

    private static Draft on(Making making, String does, List<Panel> panels, boolean inTurn, Axis runs) {
        List<Piece> pieces = new ArrayList<>(List.of(making.front()));
        panels.forEach(panel -> pieces.add(panel.piece()));
        return making.work()
                .at(Place.TABLE, does, pieces)
                .onAll()
                .figure("raw-edges-level")
                .figure("pins", making.sizes().ownUnit().pick(Length.cm(10), Length.inches(4)))
                .times(Effort.LAY, pieces.size() - 1)
                .loose()
                .shows(making.laidOnFront(panels, inTurn, runs).pinnedAround());
    }

    /** One strip folded right sides together, its raw sides level. */
    private static Draft folded(Making making, Axis runs) {
        Piece strip = making.front();
        Panel back = making.back().outer();
        return making.at(Place.TABLE, "lay-folded", strip)
                .onAll()
                .figure("raw-edges-level")
                .times(Effort.LAY, 1)
                .loose()
                .shows(foldedFront(making, runs)
                        .on(part(making, runs, Length.ZERO, back.to(), false).named(back.name()))
                        .pinnedAround());
    }

    /** The part of a folded strip that is the front, right side up. */
    static Pile foldedFront(Making making, Axis runs) {
        return Pile.of(part(making, runs, Length.ZERO, making.sizes().finished(runs.other()), true)
                .named(Phrase.of("piece.front")));
    }

    /** A part of a folded strip where it lies, as deep as from one place to another. */
    static Laid part(Making making, Axis runs, Length from, Length to, boolean rightSide) {
        return part(making, runs, from, to, rightSide, Optional.empty());
    }

    /** An end of a folded strip where it lies, its hem towards the middle. */
    static Laid end(Making making, Axis runs, Panel panel) {
        Side before = CoverDimensions.before(runs);
        Side free = panel.from().isZero() ? before.opposite() : before;
        Edge hem = panel.freeEdge().orElseThrow();
        return part(making, runs, panel.from(), panel.to(), false, Optional.of(Map.entry(free, hem)))
                .named(panel.name());
    }

    private static Laid part(
            Making making, Axis runs, Length from, Length to, boolean rightSide, Optional<Map.Entry<Side, Edge>> hem) {
        Piece strip = making.front();
        Side before = CoverDimensions.before(runs);
        Map<Side, Edge> edges = new EnumMap<>(Piece.sewnAllRound(making.sizes().allowance()));
        edges.put(before, Edge.fold());
        edges.put(before.opposite(), Edge.fold());
        hem.ifPresent(each -> edges.put(each.getKey(), each.getValue()));
        Length hemmed = hem.map(each -> each.getValue().allowance()).orElse(Length.ZERO);
        Sum along = strip.cut(runs);
        Sum deep = Sum.of(Sum.term("term.of-panel", to.minus(from).plus(hemmed)));
        boolean stacked = runs == Axis.ACROSS;
        Piece piece =
                Piece.rectangle(strip.id(), strip.material(), stacked ? along : deep, stacked ? deep : along, edges);
        Laid lying = Laid.alone(
                piece, rightSide, hem.map(each -> Set.of(each.getKey())).orElse(Set.of()));
        Length whole = making.sizes().finished(runs.other());
        return stacked ? lying.at(Length.ZERO, from) : lying.at(whole.minus(to), Length.ZERO);
    }
}
