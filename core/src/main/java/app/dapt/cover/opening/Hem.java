package app.dapt.cover.opening;

import app.dapt.cover.decision.Kind;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Edge.Fate;
import java.util.List;

/**
 * How the free edge of a back panel is finished.
 *
 * @param kind   the way of doing it
 * @param first  the first turn of a double hem of one's own; kept while another kind is tried
 * @param second its second turn, the only turn of a single hem, or how deep one is that is there
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
        /** The fabric was something before, and its own hem is kept. */
        THERE(Length.mm(15), Length.inches(0, 1, 2)),
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

    /** @throws IllegalArgumentException where a turn is less than nothing */
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
            case THERE -> new Edge(Fate.HEMMED, List.of(second));
            case SELVAGE -> new Edge(Fate.SELVAGE, List.of());
            case LINED -> new Edge(Fate.LINED, List.of(allowance));
        };
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
            case THERE -> finished.plus(Sum.term("term.hem-there", Length.ZERO));
            case SELVAGE -> finished.plus(Sum.term("term.selvage", Length.ZERO));
            case LINED -> finished.plus(Sum.term("term.lining-seam", free.allowance()));
        };
    }

    public boolean isLined() {
        return kind == Kind.LINED;
    }
}
