package app.dapt.cover.opening;

import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.parts.Back.Panel;
import app.dapt.cover.parts.Making;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Edge;
import app.dapt.piece.Edge.Fate;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Work.Draft;
import app.dapt.workpiece.Move;
import java.util.List;
import java.util.Optional;

/**
 * The steps that take the free edge of a panel from raw to finished.
 *
 * @param side   which of its edges
 * @param lining what it is lined with, where it is
 * @param name   what the steps are named after
 * @param points which way the edge faces, one long, where it lies aslant
 */
record HemSteps(Making making, Piece panel, Side side, Optional<Piece> lining, String name, Optional<Point> points) {

    /** A single turn is stitched so far inside its finished edge. */
    private static final Length INSIDE_EDGE = Length.mm(3);

    /** The steps at an edge without a lining of its own. */
    static HemSteps at(Making making, Piece panel, Side side, String name) {
        return new HemSteps(making, panel, side, Optional.empty(), name, Optional.empty());
    }

    /** The same of an end that lies aslant. */
    HemSteps aslant(Point way) {
        return new HemSteps(making, panel, side, lining, name, Optional.of(way));
    }

    /** Panels are told apart and the edge to hem is chosen while they lie as they will be worn. */
    static void choose(Making making, List<Panel> panels) {
        List<Piece> hemmed = panels.stream()
                .filter(panel -> panel.freeEdge()
                        .filter(edge -> edge.hemDepth().isPositive() && !edge.isLeft())
                        .isPresent())
                .map(Panel::piece)
                .toList();
        if (!hemmed.isEmpty()) {
            making.work()
                    .at(Place.TABLE, "hem-edges", hemmed)
                    .because()
                    .trap()
                    .times(Effort.LAY, 1)
                    .add();
        }
    }

    /** Tells them; those of several edges of one piece stage by stage, as they are done. */
    static void make(HemSteps... edges) {
        List<HemSteps> all = List.of(edges);
        all.forEach(HemSteps::finishRaw);
        all.forEach(HemSteps::press);
        all.forEach(HemSteps::sew);
    }

    private Edge edge() {
        return panel.edge(side);
    }

    private Length along() {
        return panel.cut(side.runs()).total();
    }

    private Phrase where() {
        return Phrase.choice("which-edge", side);
    }

    private Draft step(Place place, String does, Piece... pieces) {
        return making.at(place, does, pieces).called(name).atEdge(side);
    }

    /**
     * A single turn leaves a raw edge on the wrong side, finished as the seams are, and zigzagged where nothing is done
     * to those: it frays sooner than they do. Heat-sealed edges were sealed when they were cut.
     */
    private void finishRaw() {
        SeamFinish finish = making.sizes().finish();
        if (edge().fate() != Fate.SINGLE_TURN || finish == SeamFinish.HEAT_SEALED) {
            return;
        }
        if (finish == SeamFinish.PINKED) {
            step(Place.TABLE, "turn-pink", panel)
                    .saying(where())
                    .along(Effort.PRESS_HEM, along())
                    .add();
            return;
        }
        boolean overlocked = finish == SeamFinish.OVERLOCKED || finish == SeamFinish.SERGED;
        step(overlocked ? Place.OVERLOCKER : Place.MACHINE, "turn-finish", panel)
                .saying(where())
                .along(Effort.STITCH_HEM, along())
                .set(overlocked ? Stitch.OVERLOCK : Stitch.ZIGZAG, overlocked ? Foot.OVERLOCKER : Foot.PLAIN)
                .stitched(side, Length.ZERO)
                .add();
    }

    private void press() {
        List<Length> turns = edge().turns();
        switch (edge().fate()) {
            case HEM ->
                step(Place.IRON, "hem-press", panel)
                        .saying(where(), turns.get(0), turns.get(1))
                        .because()
                        .along(Effort.PRESS_HEM, along())
                        .shows(pile -> pile.folding(side, turns))
                        .moves(turnedUnder(turns.get(0)), turnedUnder(turns.get(1)))
                        .add();
            case SINGLE_TURN ->
                step(Place.IRON, "turn-press", panel)
                        .saying(where(), edge().allowance())
                        .along(Effort.PRESS_HEM, along())
                        .shows(pile -> pile.folding(side, turns))
                        .moves(turnedUnder(edge().allowance()))
                        .add();
            default -> {}
        }
    }

    private Move turnedUnder(Length by) {
        return points.<Move>map(way -> new Move.TurnEnd(panel.id(), way.x(), way.y(), by))
                .orElseGet(() -> new Move.TurnUnder(panel.id(), side, by));
    }

    private void sew() {
        switch (edge().fate()) {
            case HEM -> stitch("hem-stitch");
            case SINGLE_TURN -> stitch("turn-stitch");
            case LINED -> lining.ifPresentOrElse(this::line, this::face);
            default -> {}
        }
    }

    /** Just inside the fold, or the finished edge, that lies on the wrong side. */
    private void stitch(String does) {
        Length deep = edge().hemDepth();
        Length inside = edge().fate() == Fate.SINGLE_TURN ? INSIDE_EDGE : Hem.FROM_FOLD;
        Length row = Length.max(deep.half(), deep.minus(inside));
        step(Place.MACHINE, does, panel)
                .saying(where(), row, deep)
                .along(Effort.STITCH_HEM, along())
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .takes(panel, side)
                .shows(Pile.of(making.work().lying(panel, false).having(side)).along(Role.SEW, side, row))
                .add();
    }

    /** A strip has no lining that is cut with it; a facing of one's own does the same. */
    private void face() {
        Length allowance = edge().allowance();
        step(Place.MACHINE, "edge-face", panel)
                .saying(where(), allowance)
                .along(Effort.SEW, along())
                .set(Stitch.SEAM, Foot.PLAIN)
                .takes(panel, side)
                .moves(turnedUnder(allowance))
                .rightSide()
                .stitched(side, allowance)
                .add();
    }

    /** Panel and lining are sewn right sides together along one edge, and turned. */
    private void line(Piece with) {
        Length allowance = edge().allowance();
        step(Place.MACHINE, "lining-sew", panel, with)
                .saying(where(), allowance)
                .trap()
                .along(Effort.SEW, along())
                .set(Stitch.SEAM, Foot.PLAIN)
                .takes(panel, side)
                .takes(with, side)
                .shows(Pile.of(making.work().lying(panel, true))
                        .on(making.work().lying(with, false))
                        .along(Role.SEW, side, allowance))
                .moves(
                        new Move.Flip(with.id(), side.runs() == Axis.UP_DOWN),
                        new Move.PutOn(with.id(), panel.id(), side))
                .add();
        step(Place.IRON, "lining-press", panel, with)
                .saying(where())
                .along(Effort.PRESS_HEM, along())
                .shows(Pile.of(making.work().lying(panel, false)).arrow(side, allowance))
                .moves(new Move.Line(panel.id(), side, allowance))
                .add();
    }
}
