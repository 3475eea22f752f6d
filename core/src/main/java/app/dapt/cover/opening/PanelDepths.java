package app.dapt.cover.opening;

import app.dapt.cover.decision.PanelRole;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import java.util.Optional;

/**
 * How deep the two panels of a back are that lap: both by one rule of thumb, or by the overlap that is asked for about
 * its middle.
 *
 * @param rule    the rule of thumb, or none
 * @param overlap asked for where there is no rule
 * @param centre  the middle of the overlap from the edge where the back starts; none is the middle of the cover
 */
record PanelDepths(RuleOfThumb rule, Length overlap, Optional<Length> centre) {

    /** The depth of a panel: finished, and as a sum to cut by. */
    record Depth(Length finished, Sum cut) {}

    boolean isByRule() {
        return rule != RuleOfThumb.NONE;
    }

    /** What the rule has both panels cut to, their free edges taking so much. */
    Sum ruled(Frame.Sized back, Edge free) {
        return rule.depth(back.cutDepth(), free.allowance(), back.sizes().unit())
                .roundedUpTo(back.sizes().mark());
    }

    /** How deep a panel is once finished that is not cut by a rule. */
    Sum finished(Frame.Sized back, PanelRole role) {
        boolean first = role == PanelRole.FIRST;
        Length depth = back.depth();
        Length middle =
                centre.map(c -> Length.max(Length.ZERO, Length.min(c, depth))).orElse(depth.half());
        return Sum.of(
                Sum.term(
                        centre.isEmpty() ? back.frame().ofDeep("term.half") : "term.edge-to-middle",
                        first ? middle : depth.minus(middle)),
                Sum.term("term.half-overlap", first ? overlap.half() : overlap.minus(overlap.half())));
    }

    /** The depth of a panel whose free edge is hemmed. */
    Depth of(Frame.Sized back, PanelRole role, Hem hem) {
        Edge free = hem.edge(back.sizes().innerAllowance(), back.sizes().ownUnit());
        if (isByRule()) {
            Sum cut = ruled(back, free);
            return new Depth(
                    cut.total().minus(free.allowance()).minus(back.sizes().allowance()), cut);
        }
        Sum finished = finished(back, role);
        return new Depth(finished.total(), hem.added(finished, free).plus(back.allowance()));
    }
}
