package app.dapt.web.progress;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.make.CoverSteps;
import app.dapt.make.SinceCut;
import app.dapt.web.workroom.Tick;
import app.dapt.words.Words;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How far a cover is cut, and whether it is planned otherwise since.
 *
 * @param now    the cover as it is planned
 * @param before the cover as it was cut; nothing where it is not
 * @param since  what has to be done again; nothing where nothing has
 */
public record CutState(Reckoned now, Optional<Reckoned> before, Optional<SinceCut> since) {

    /**
     * A cover that is planned otherwise since it was cut.
     *
     * @param anew   what has to be cut anew
     * @param lapsed what is done and does not hold any more
     */
    public record Changed(long cover, String name, List<String> anew, List<String> lapsed) {}

    /**
     * What stands of a cover.
     *
     * @param atCut the plan it was cut by
     * @param said  of its steps
     */
    public static CutState of(Reckoned now, Optional<CoverPlan> atCut, Collection<Tick> said) {
        Optional<Reckoned> before =
                atCut.map(plan -> plan.equals(now.plan()) ? now : Reckoner.reckonWithoutRemedies(plan, now.mark()));
        return new CutState(
                now,
                before,
                before.filter(then -> !then.plan().equals(now.plan()))
                        .map(then -> SinceCut.of(then, now, Tick.said(said, true)))
                        .filter(changed -> !changed.isNothing()));
    }

    /** Whether it is cut, and as it is planned now. */
    public boolean isCutAsPlanned() {
        return before.isPresent() && since.isEmpty();
    }

    /** What is different since it was cut, in words; nothing where nothing is. */
    public Optional<Changed> changed(long cover, Words w) {
        return since.map(changes -> new Changed(
                cover,
                now.plan().name(),
                changes.anew().stream()
                        .map(piece -> w.say(
                                "figure.cut", piece.name(), piece.cutWidth(), piece.cutHeight(), piece.quantity()))
                        .toList(),
                CoverSteps.of(now).stream()
                        .filter(step -> changes.lapsed().contains(step.id()))
                        .map(step -> w.say(step.briefly()))
                        .toList()));
    }
}
