package app.dapt.cover;

import app.dapt.cover.edging.SeamedEdge;
import app.dapt.cover.parts.Back;
import app.dapt.cover.parts.CoverDimensions;
import app.dapt.cover.parts.Need;
import app.dapt.measure.Phrase;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Ware;
import java.util.ArrayList;
import java.util.List;

/** What the kinds of a cover want that is no cloth. Thread is counted by what is sewn, which the steps tell. */
final class NotionsNeeded {

    private NotionsNeeded() {}

    static List<Need> needs(CoverPlan plan, CoverDimensions sizes, Back back, SeamedEdge edge) {
        List<Need> needs = new ArrayList<>();
        back.zip().ifPresent(zip -> needs.add(Need.of(Phrase.of("need.zip"), zip.why(), Ware.of(Kind.ZIP, zip.buy()))));
        needs.addAll(plan.opening().needs(back));
        if (!plan.opening().takesInFront()) {
            needs.addAll(plan.face().needs());
        }
        needs.addAll(plan.extras().needs(sizes, back));
        needs.addAll(plan.edging().needs(edge, sizes));
        return needs;
    }
}
