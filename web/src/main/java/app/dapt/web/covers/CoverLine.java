package app.dapt.web.covers;

import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.SvgDrawing;
import app.dapt.measure.Phrase;
import app.dapt.web.Reader;
import app.dapt.web.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;

/**
 * A cover in the list: what it looks like, what it is, what comes next.
 *
 * @param front   drawn at the scale of the whole list, as is its back
 * @param brief   the sentence
 * @param blocked what has to be put right before the cut, where something has
 * @param buy     what to buy of each cloth
 */
public record CoverLine(
        long id, String name, String front, String back, String brief, Optional<String> blocked, List<String> buy) {

    /** Every cover of the list is drawn at this many units to the inch, so that sizes compare. */
    private static final double SCALE = 3.1;

    static CoverLine of(Cover cover, Reader reader, Wording wording, ClothToBuy.Laying laying) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), reader.mark(cover.plan()));
        Words words = wording.words(reader, reckoned.mark());
        SvgDrawing svg = new SvgDrawing(cover.plan().cloths(), words, SCALE, "c" + cover.id());
        List<String> buy = ClothToBuy.of(reckoned, laying).needs().stream()
                .map(need -> need.length()
                        .map(length ->
                                words.say("covers.buy", length, need.cloth().name()))
                        .orElseGet(() -> words.say("covers.join", need.cloth().name())))
                .toList();
        return new CoverLine(
                cover.id(),
                cover.plan().name(),
                svg.write(CoverDrawing.outline(reckoned)),
                new SvgDrawing(cover.plan().cloths(), words, SCALE, "d" + cover.id())
                        .write(CoverDrawing.backOutline(reckoned)),
                words.say(Brief.of(reckoned)),
                reckoned.findings().stream()
                        .filter(finding -> finding.weight() == Weight.WILL_NOT_WORK)
                        .findFirst()
                        .map(Finding::what)
                        .map((Phrase what) -> words.say(what)),
                buy);
    }
}
