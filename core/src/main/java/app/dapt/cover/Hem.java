package app.dapt.cover;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Edge;
import app.dapt.piece.Edge.Fate;
import java.util.List;

/**
 * How the free edge of a back panel is finished.
 *
 * @param kind   the way of doing it
 * @param first  the first turn of a double hem, kept while another kind is tried
 * @param second the second turn of a double hem, or the only turn of a single one
 */
public record Hem(Kind kind, Length first, Length second) {

    /** The ways of finishing a free edge. */
    public enum Kind { DOUBLE, SINGLE, SELVAGE, LINED }

    /** Hems that have names; a double hem of other turns is the sewist's own. */
    public enum Usual {
        ORDINARY(Length.mm(15), Length.inches(0, 1, 2)),
        NARROW(Length.mm(7), Length.inches(0, 1, 4)),
        WIDE(Length.mm(25), Length.inches(1));

        private final Length metric;
        private final Length imperial;

        Usual(Length metric, Length imperial) {
            this.metric = metric;
            this.imperial = imperial;
        }

        /** Turned twice, the same amount both times. */
        public Hem hem(Unit unit) {
            Length turn = unit.pick(metric, imperial);
            return new Hem(Kind.DOUBLE, turn, turn);
        }
    }

    public Hem {
        if (first.isNegative() || second.isNegative()) {
            throw new IllegalArgumentException("a hem's turns are not negative");
        }
    }

    public Hem withKind(Kind changed) {
        return new Hem(changed, first, second);
    }

    /** What becomes of the edge; a lined one is sewn to its lining with the seam allowance. */
    public Edge edge(Length allowance) {
        return switch (kind) {
            case DOUBLE -> new Edge(Fate.HEM, List.of(first, second));
            case SINGLE -> new Edge(Fate.SINGLE_TURN, List.of(second));
            case SELVAGE -> new Edge(Fate.SELVAGE, List.of());
            case LINED -> new Edge(Fate.LINED, List.of(allowance));
        };
    }

    public boolean isLined() {
        return kind == Kind.LINED;
    }
}
