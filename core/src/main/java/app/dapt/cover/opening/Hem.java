package app.dapt.cover.opening;

import app.dapt.cover.decision.Back.Panel;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Making;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Edge.Fate;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Pile;
import app.dapt.step.Place;
import app.dapt.step.Setting.Foot;
import app.dapt.step.Setting.Stitch;
import java.util.List;
import java.util.Optional;

/**
 * How the free edge of a back panel is finished.
 *
 * @param kind   the way of doing it
 * @param first  the first turn of a double hem of one's own; kept while another kind is tried
 * @param second its second turn, or the only turn of a single hem
 */
public record Hem(Kind kind, Length first, Length second) {

    /** The ways of finishing a free edge; the named hems are turned twice, the same amount both times. */
    public enum Kind {
        ORDINARY(Length.mm(15), Length.inches(0, 1, 2)),
        NARROW(Length.mm(7), Length.inches(0, 1, 4)),
        WIDE(Length.mm(25), Length.inches(1)),
        /** Turned twice by one's own amounts. */
        OWN(Length.mm(15), Length.inches(0, 1, 2)),
        SINGLE(Length.mm(15), Length.inches(0, 1, 2)),
        SELVAGE(Length.ZERO, Length.ZERO),
        LINED(Length.ZERO, Length.ZERO);

        private final Length metric;
        private final Length imperial;

        Kind(Length metric, Length imperial) {
            this.metric = metric;
            this.imperial = imperial;
        }

        private Length turn(Unit unit) {
            return unit.pick(metric, imperial);
        }

        /** A hem of this kind with the usual turns. */
        public Hem usual(Unit unit) {
            Length turn = turn(unit).isZero() ? OWN.turn(unit) : turn(unit);
            return new Hem(this, turn, turn);
        }
    }

    /** Topstitching and the last stitching of a hem keep so far from a fold. */
    static final Length FROM_FOLD = Length.mm(2);

    public Hem {
        if (first.isNegative() || second.isNegative()) {
            throw new IllegalArgumentException("a hem's turns are not negative");
        }
    }

    public Hem withKind(Kind changed) {
        return new Hem(changed, first, second);
    }

    /**
     * What becomes of the edge.
     *
     * @param allowance the seam allowance, with which a lined edge is sewn to its lining
     * @param unit      the cover's, for the usual turns
     */
    public Edge edge(Length allowance, Unit unit) {
        return switch (kind) {
            case ORDINARY, NARROW, WIDE -> new Edge(Fate.HEM, List.of(kind.turn(unit), kind.turn(unit)));
            case OWN -> new Edge(Fate.HEM, List.of(first, second));
            case SINGLE -> new Edge(Fate.SINGLE_TURN, List.of(second));
            case SELVAGE -> new Edge(Fate.SELVAGE, List.of());
            case LINED -> new Edge(Fate.LINED, List.of(allowance));
        };
    }

    static Hem from(String which, Details details) {
        return new Hem(
                details.oneOf(which + "Hem", Kind.class),
                details.measure(which + "TurnOne"),
                details.measure(which + "TurnTwo"));
    }

    /** What is decided about the hem of the panel that is called this. */
    List<Detail<?>> details(String which, Phrase panel) {
        boolean own = kind == Kind.OWN;
        return List.of(
                new Detail.OneOf<>(which + "Hem", Phrase.of("detail.hem", panel), kind, "hem", false, true),
                new Detail.Measure(
                        which + "TurnOne", Phrase.of("detail.turn-one", panel), LengthRange.TURN, first, own),
                new Detail.Measure(
                        which + "TurnTwo",
                        Phrase.of(own ? "detail.turn-two" : "detail.turn", panel),
                        LengthRange.TURN,
                        second,
                        own || kind == Kind.SINGLE));
    }

    /**
     * The steps that take the free edge of a panel from raw to finished.
     *
     * @param lining what it is lined with, where it is
     * @param name   what the steps are named after
     */
    void make(Making making, Piece panel, Side side, Optional<Piece> lining, String name) {
        Edge edge = panel.edge(side);
        Length along = panel.cut(side.runs()).total();
        Phrase where = Phrase.choice("which-edge", side);
        switch (edge.fate()) {
            case HEM -> {
                making.at(Place.IRON, "hem-press", panel)
                        .called(name)
                        .atEdge(side)
                        .saying(where, edge.turns().get(0), edge.turns().get(1))
                        .because()
                        .along(Effort.PRESS_HEM, along)
                        .shows(pile -> pile.folding(side, edge.turns()))
                        .add();
                stitched(making, "hem-stitch", panel, side, name);
            }
            case SINGLE_TURN -> {
                rawEdge(making, panel, side, name);
                making.at(Place.IRON, "turn-press", panel)
                        .called(name)
                        .atEdge(side)
                        .saying(where, edge.allowance())
                        .along(Effort.PRESS_HEM, along)
                        .shows(pile -> pile.folding(side, edge.turns()))
                        .add();
                stitched(making, "turn-stitch", panel, side, name);
            }
            case LINED ->
                lining.ifPresentOrElse(
                        lined -> lined(making, panel, lined, side, name), () -> faced(making, panel, side, name));
            default -> {}
        }
    }

    /**
     * A single turn leaves a raw edge on the wrong side, finished as the seams are, and zigzagged where nothing is done
     * to those: it frays sooner than they do. Heat-sealed edges were sealed when they were cut.
     */
    private static void rawEdge(Making making, Piece panel, Side side, String name) {
        SeamFinish finish = making.sizes().finish();
        Phrase where = Phrase.choice("which-edge", side);
        Length along = panel.cut(side.runs()).total();
        if (finish == SeamFinish.PINKED) {
            making.at(Place.TABLE, "turn-pink", panel)
                    .called(name)
                    .atEdge(side)
                    .saying(where)
                    .along(Effort.PRESS_HEM, along)
                    .add();
        } else if (finish != SeamFinish.HEAT_SEALED) {
            boolean overlocked = finish == SeamFinish.OVERLOCKED;
            making.at(overlocked ? Place.OVERLOCKER : Place.MACHINE, "turn-finish", panel)
                    .called(name)
                    .atEdge(side)
                    .saying(where)
                    .along(Effort.STITCH_HEM, along)
                    .set(overlocked ? Stitch.OVERLOCK : Stitch.ZIGZAG, overlocked ? Foot.OVERLOCKER : Foot.PLAIN)
                    .stitched(side, Length.ZERO)
                    .add();
        }
    }

    /** Panels are told apart and the edge to hem is chosen while they lie as they will be worn. */
    static void choose(Making making, List<Panel> panels) {
        List<Piece> hemmed = panels.stream()
                .filter(panel -> panel.freeEdge()
                        .filter(edge -> edge.hemDepth().isPositive())
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

    private static void stitched(Making making, String does, Piece panel, Side side, String name) {
        Edge edge = panel.edge(side);
        making.at(Place.MACHINE, does, panel)
                .called(name)
                .atEdge(side)
                .saying(Phrase.choice("which-edge", side), edge.hemDepth())
                .along(Effort.STITCH_HEM, panel.cut(side.runs()).total())
                .set(Stitch.TOPSTITCH, Foot.PLAIN)
                .takes(panel, side)
                .shows(Pile.of(making.work().lying(panel, false).having(side)).along(Role.SEW, side, edge.hemDepth()))
                .add();
    }

    /** A strip has no lining that is cut with it; a facing of one's own does the same. */
    private static void faced(Making making, Piece panel, Side side, String name) {
        Length allowance = panel.edge(side).allowance();
        making.at(Place.MACHINE, "edge-face", panel)
                .called(name)
                .atEdge(side)
                .saying(Phrase.choice("which-edge", side), allowance)
                .along(Effort.SEW, panel.cut(side.runs()).total())
                .set(Stitch.SEAM, Foot.PLAIN)
                .takes(panel, side)
                .rightSide()
                .stitched(side, allowance)
                .add();
    }

    /** Panel and lining are sewn right sides together along one edge, and turned. */
    private static void lined(Making making, Piece panel, Piece lining, Side side, String name) {
        Phrase where = Phrase.choice("which-edge", side);
        Length allowance = panel.edge(side).allowance();
        making.at(Place.MACHINE, "lining-sew", panel, lining)
                .called(name)
                .atEdge(side)
                .saying(where, allowance)
                .trap()
                .along(Effort.SEW, panel.cut(side.runs()).total())
                .set(Stitch.SEAM, Foot.PLAIN)
                .takes(panel, side)
                .takes(lining, side)
                .shows(Pile.of(making.work().lying(panel, true))
                        .on(making.work().lying(lining, false))
                        .along(Role.SEW, side, allowance))
                .add();
        making.at(Place.IRON, "lining-press", panel, lining)
                .called(name)
                .atEdge(side)
                .saying(where)
                .along(Effort.PRESS_HEM, panel.cut(side.runs()).total())
                .shows(Pile.of(making.work().lying(panel, false)).arrow(side, allowance))
                .add();
    }

    /** A finished depth with what this hem takes added, in the words for it. */
    Sum added(Sum finished, Edge free) {
        return switch (kind) {
            case ORDINARY, NARROW, WIDE, OWN ->
                finished.plus(Sum.term(
                        "term.hem-twice",
                        free.allowance(),
                        free.turns().get(0),
                        free.turns().get(1)));
            case SINGLE -> finished.plus(Sum.term("term.hem-once", free.allowance()));
            case SELVAGE -> finished.plus(Sum.term("term.selvage", Length.ZERO));
            case LINED -> finished.plus(Sum.term("term.lining-seam", free.allowance()));
        };
    }

    public boolean isLined() {
        return kind == Kind.LINED;
    }
}
