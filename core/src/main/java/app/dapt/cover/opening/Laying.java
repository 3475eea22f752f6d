package app.dapt.cover.opening;

import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Making;
import app.dapt.cover.parts.PanelRole;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How front and back are laid on each other for the seam round the cover: right sides together; for a French seam wrong
 * sides together, as the cover is worn, so that what shows is laid down last.
 *
 * @param frame of the opening
 */
record Laying(Making making, Frame frame) {

    /** What a back goes by that lies there in one. */
    static final String BACK = "back";

    /** Whether wrong sides come together: for the first pass of a French seam, or for good. */
    boolean isOutsideOut() {
        return making.outsideOut();
    }

    /** What a step is called in words, by which sides come together. */
    String worded(String does) {
        return isOutsideOut() ? does + "-french" : does;
    }

    /** The front, and the back on it; a back that is one with the front is folded over it. */
    Draft plainly() {
        List<Panel> panels = making.back().panels();
        return plainly(panels.stream()
                .map(panel -> Map.entry(panel.piece().id(), making.onTable(frame.outer(panel.role()))))
                .toList());
    }

    /** The same with a back that was put together and goes by one name. */
    Draft asOne() {
        return plainly(List.of(Map.entry(BACK, Side.TOP)));
    }

    private Draft plainly(List<Map.Entry<String, Side>> backs) {
        return making.isOnePiece()
                ? folded()
                : on(worded("lay"), asOneBack(), false).moves(put(backs));
    }

    /** A back that was put together lies on the front as it is: what shows of it lies under the rest, or over it. */
    private List<Panel> asOneBack() {
        List<Panel> outerFirst = making.back().outerFirst();
        Panel last = outerFirst.get(outerFirst.size() - 1);
        boolean atEnd = outerFirst.stream().noneMatch(panel -> last.to().under(panel.to()));
        return atEnd != isOutsideOut() ? outerFirst : making.back().panels();
    }

    /** Two panels: with right sides together what goes down first shows once the cover is turned. */
    void lapped() {
        holdAgainst("hold-against-lapped");
        Back back = making.back();
        List<Panel> panels = isOutsideOut() ? back.panels() : back.outerFirst();
        Lap lap = back.lap().orElseThrow();
        Length from =
                making.sizes().allowance().plus(panels.stream().map(Panel::from).reduce(Length.ZERO, Length::max));
        Draft laid = on(worded("lay-lapped"), panels, true)
                .saying(
                        isOutsideOut() ? back.inner().name() : back.outer().name(),
                        isOutsideOut() ? back.outer().name() : back.inner().name())
                .figure("overlap", lap.overlap())
                .how("pins-hems")
                .moves(put(panels.stream()
                        .filter(panel -> panel.role() != PanelRole.BAND)
                        .map(panel -> Map.entry(panel.piece().id(), making.onTable(frame.outer(panel.role()))))
                        .toList()));
        if (frame.isStacked()) {
            laid.shows(pile -> pile.measured(Axis.UP_DOWN, from, lap.overlap(), Phrase.of("pile.must-measure")));
        }
        laid.because().trap().add();
    }

    /** The back as it was put together is held against the front before it is laid. */
    void holdAgainst(String does) {
        List<Piece> pieces = new ArrayList<>(List.of(making.front()));
        making.back().panels().forEach(panel -> pieces.add(panel.piece()));
        making.work()
                .at(Place.TABLE, does, pieces)
                .figure("cut-wide", making.sizes().cut(Axis.ACROSS).total())
                .figure("cut-high", making.sizes().cut(Axis.UP_DOWN).total())
                .trap()
                .times(Effort.LAY, 1)
                .shows(making.laidOnFront(making.back().panels(), false, frame.runs(), true))
                .add();
    }

    /** The front laid down, and on it each of these with one of its edges level with the front's. */
    private Move[] put(List<Map.Entry<String, Side>> backs) {
        String front = making.front().id();
        List<Move> moves = new ArrayList<>();
        if (isOutsideOut()) {
            moves.add(new Move.Flip(front, true));
        }
        moves.add(new Move.Beyond(front));
        backs.forEach(back -> {
            if (!isOutsideOut()) {
                moves.add(new Move.Flip(back.getKey(), true));
            }
            moves.add(new Move.PutOn(back.getKey(), front, back.getValue()));
        });
        return moves.toArray(Move[]::new);
    }

    /** A strip laid down for folding, so that its folds lie where they are marked. */
    List<Move> stripDown() {
        return isOutsideOut() ? List.of(new Move.Flip(making.front().id(), frame.isStacked())) : List.of();
    }

    /** The folds marked on a strip, from where it begins. */
    List<Length> folds() {
        return making.front().marks().stream()
                .filter(mark -> mark.sort() == Marking.Sort.FOLD)
                .map(mark -> mark.fromTop().or(mark::fromLeft).orElseThrow())
                .sorted()
                .toList();
    }

    private Draft on(String does, List<Panel> panels, boolean inTurn) {
        List<Piece> pieces = new ArrayList<>(List.of(making.front()));
        panels.forEach(panel -> pieces.add(panel.piece()));
        return making.work()
                .at(Place.TABLE, does, pieces)
                .onAll()
                .how("raw-edges-level")
                .how("pins", making.sizes().ownUnit().pick(Length.cm(10), Length.inches(4)))
                .times(Effort.LAY, pieces.size() - 1)
                .loose()
                .shows(making.laidOnFront(panels, inTurn, frame.runs(), !isOutsideOut())
                        .pinnedAround());
    }

    /** One strip folded over itself, its raw edges level. */
    private Draft folded() {
        Panel back = making.back().outer();
        return making.at(Place.TABLE, worded("lay-folded"), making.front())
                .onAll()
                .how("raw-edges-level")
                .times(Effort.LAY, 1)
                .loose()
                .shows(foldedFront()
                        .on(part(Length.ZERO, back.to(), isOutsideOut()).named(back.name()))
                        .pinnedAround())
                .moves(stripDown().toArray(Move[]::new))
                .moves(
                        new Move.Beyond(making.front().id()),
                        new Move.FoldAt(
                                making.front().id(), frame.isStacked() ? Side.TOP : Side.RIGHT, folds().get(0), true));
    }

    /** The part of a folded strip that is the front, on the table with its right side up, or down for a French seam. */
    Pile foldedFront() {
        return Pile.of(part(Length.ZERO, frame.of(making.sizes()).depth(), !isOutsideOut())
                .named(Phrase.of("piece.front")));
    }

    /** A part of a folded strip where it lies, as deep as from one place to another. */
    Laid part(Length from, Length to, boolean rightSide) {
        return part(from, to, rightSide, Optional.empty());
    }

    /** An end of a folded strip where it lies, its hem towards the middle. */
    Laid end(Panel panel) {
        Side free = panel.role() == PanelRole.FIRST ? frame.end() : frame.start();
        Edge hem = panel.freeEdge().orElseThrow();
        return part(panel.from(), panel.to(), isOutsideOut(), Optional.of(Map.entry(free, hem)))
                .named(panel.name());
    }

    private Laid part(Length from, Length to, boolean rightSide, Optional<Map.Entry<Side, Edge>> hem) {
        Piece strip = making.front();
        Map<Side, Edge> edges = new EnumMap<>(frame.edges(making.sizes().allowance(), Edge.fold(), Edge.fold()));
        hem.ifPresent(each -> edges.put(each.getKey(), each.getValue()));
        Length hemmed = hem.map(each -> each.getValue().allowance()).orElse(Length.ZERO);
        Sum along = strip.cut(frame.runs());
        Sum deep = Sum.of(Sum.term("term.of-panel", to.minus(from).plus(hemmed)));
        Piece piece = frame.isStacked()
                ? Piece.rectangle(strip.id(), strip.material(), along, deep, edges)
                : Piece.rectangle(strip.id(), strip.material(), deep, along, edges);
        Laid lying = Laid.alone(
                piece, rightSide, hem.map(each -> Set.of(each.getKey())).orElse(Set.of()));
        boolean fromBehind = !frame.isStacked() && !isOutsideOut();
        // Side by side and seen from the front, what is left from behind lies at the right.
        return frame.moved(lying, fromBehind ? frame.of(making.sizes()).depth().minus(to) : from);
    }
}
