package app.dapt.web.covers;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.web.wording.CoverSummary;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A cover in the list: what it looks like, what it is, what comes next.
 *
 * @param front  drawn small, as is its back
 * @param what   its size, shape, opening and edge in a few words
 * @param area   of the finished cover in square inches, to sort by
 * @param wrong  what will not work, where something will not
 * @param next   what to do next: what to buy, then what to cut from remnants, one fabric a line
 */
public record CoverLine(
        long id,
        String name,
        String front,
        String back,
        String what,
        double area,
        Optional<String> wrong,
        List<String> next) {

    /** User units that the longer side of a drawing takes. */
    private static final double UNITS = 40;

    static CoverLine of(Cover cover, Mark mark, Words words, ClothToBuy.Laying laying, Set<Integer> atHand) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), mark);
        Length across = reckoned.finished(Axis.ACROSS);
        Length upDown = reckoned.finished(Axis.UP_DOWN);
        ClothToBuy toBuy = ClothToBuy.of(reckoned, laying);
        return new CoverLine(
                cover.id(),
                cover.plan().name(),
                drawn(CoverDrawing.outline(reckoned), reckoned, words, "c" + cover.id()),
                drawn(CoverDrawing.backOutline(reckoned), reckoned, words, "d" + cover.id()),
                CoverSummary.of(reckoned, words),
                across.toInches() * upDown.toInches(),
                reckoned.findings().stream()
                        .filter(finding -> finding.weight() == Weight.WILL_NOT_WORK)
                        .findFirst()
                        .map(Finding::what)
                        .map(words::say),
                next(toBuy, atHand, words));
    }

    private static List<String> next(ClothToBuy toBuy, Set<Integer> atHand, Words words) {
        List<String> bought = toBuy.needs().stream()
                .filter(need -> !atHand.contains(need.cloth().id()))
                .map(need -> need.length()
                        .map(length ->
                                words.say("covers.buy", length, need.cloth().name()))
                        .orElseGet(() -> words.say("covers.join", need.cloth().name())))
                .toList();
        Stream<String> first = bought.stream()
                .limit(1)
                .map(what -> words.say(toBuy.isAbout() ? "covers.next-buy" : "covers.next-buy-found", what));
        Stream<String> remnants = toBuy.needs().stream()
                .filter(need -> atHand.contains(need.cloth().id()))
                .map(need -> words.say("covers.at-hand", need.cloth().name()));
        return Stream.of(first, bought.stream().skip(1), remnants)
                .flatMap(each -> each)
                .toList();
    }

    private static String drawn(Sheet sheet, Reckoned reckoned, Words words, String id) {
        Length around =
                reckoned.plan().edging().standsOut(reckoned.plan().unit()).times(2);
        Pen pen = Pen.fitting(
                reckoned.finished(Axis.ACROSS).plus(around),
                reckoned.finished(Axis.UP_DOWN).plus(around),
                UNITS);
        return new SvgDrawing(reckoned.plan().cloths(), words, pen, id).write(sheet);
    }
}
