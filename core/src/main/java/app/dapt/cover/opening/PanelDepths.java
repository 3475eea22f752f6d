package app.dapt.cover.opening;

import app.dapt.cover.decision.Details;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Question;
import app.dapt.cover.parts.PanelRole;
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

    static final Question<RuleOfThumb> RULE = Question.drawn("rule", RuleOfThumb.NONE, "rule");
    static final Question<Length> OVERLAP = Question.length(
                    "overlap", LengthRange.OVERLAP, Length.cm(10), Length.inches(4))
            .where(all -> !isByRule(all));
    static final Question<Optional<Length>> CENTRE = Question.maybe("centre", LengthRange.CENTRE);

    /** As they were decided; not every opening that laps is cut by a rule. */
    static PanelDepths of(Details details) {
        return new PanelDepths(rule(details), details.get(OVERLAP), details.get(CENTRE));
    }

    private static RuleOfThumb rule(Details details) {
        return details.has(RULE.name()) ? details.get(RULE) : RuleOfThumb.NONE;
    }

    /** Whether a rule of thumb rather than an overlap was asked for. */
    static boolean isByRule(Details details) {
        return rule(details) != RuleOfThumb.NONE;
    }

    /** The same with an overlap asked for, and no rule. */
    static Details lappingBy(Length overlap, Details details) {
        Details free = isByRule(details) ? details.with(RULE, RuleOfThumb.NONE) : details;
        return free.with(OVERLAP, overlap);
    }

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
