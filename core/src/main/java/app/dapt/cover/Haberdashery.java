package app.dapt.cover;

import app.dapt.cover.decision.Back;
import app.dapt.cover.decision.CoverDimensions;
import app.dapt.cover.decision.Need;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.edging.SeamedEdge;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Edge;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Everything to buy for a cover that is no cloth. */
final class Haberdashery {

    /** Of thread to a length of lock stitch, and of overlocking. */
    private static final int LOCK_STITCH = 3;

    private static final int OVERLOCKING = 12;
    private static final Length SPOOL = Length.mm(100_000);

    private static final Set<SeamFinish> NOT_STITCHED =
            EnumSet.of(SeamFinish.LEFT, SeamFinish.PINKED, SeamFinish.HEAT_SEALED);

    private Haberdashery() {}

    static List<Need> needs(CoverPlan plan, CoverDimensions sizes, Back back, SeamedEdge edge) {
        List<Need> needs = new ArrayList<>();
        back.zip().ifPresent(zip -> needs.add(Need.of(Phrase.of("need.zip"), zip.why())));
        needs.addAll(plan.opening().needs(back));
        if (!plan.opening().takesInFront()) {
            needs.addAll(plan.face().needs());
        }
        needs.addAll(plan.extras().needs(sizes, back));
        needs.addAll(plan.edging().needs(edge, sizes));
        needs.add(thread(plan, sizes, back, edge));
        return needs;
    }

    /** Three times what is stitched, twelve times what is overlocked; an estimate. */
    private static Need thread(CoverPlan plan, CoverDimensions sizes, Back back, SeamedEdge edge) {
        Length along = sizes.finished(sizes.opens());
        long turned = back.panels().stream()
                .filter(panel ->
                        panel.freeEdge().filter(Haberdashery::isStitched).isPresent())
                .count();
        Length stitched = edge.length()
                .total()
                .plus(along.times(turned))
                .plus(back.zip().map(zip -> zip.length().times(2)).orElse(Length.ZERO))
                .plus(plan.shape().stitched(sizes))
                .plus(plan.edging().stitched(edge));
        boolean overlocked = plan.seam().finish() == SeamFinish.OVERLOCKED;
        Length finishing = NOT_STITCHED.contains(plan.seam().finish())
                ? Length.ZERO
                : edge.length().total();
        Sum sum = Sum.of(
                Sum.term("term.lock-stitch", stitched.times(LOCK_STITCH)),
                Sum.term(
                        overlocked ? "term.overlocking" : "term.finishing",
                        finishing.times(overlocked ? OVERLOCKING : LOCK_STITCH)));
        int spools = Math.toIntExact(sum.total().countOf(SPOOL));
        return new Need(
                Phrase.of("need.thread"),
                Phrase.of("need.spool", spools, (int) Math.ceil(sum.total().toMm() / 1000)),
                Optional.of(sum));
    }

    private static boolean isStitched(Edge edge) {
        return edge.fate() == Edge.Fate.HEM || edge.fate() == Edge.Fate.SINGLE_TURN || edge.fate() == Edge.Fate.BAND;
    }
}
