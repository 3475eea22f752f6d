package app.dapt.web.cloth;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.ClothUse;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Axis;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.CoverSet;
import app.dapt.words.Words;
import java.util.List;

/** The plan of a set: its covers side by side at one scale. */
public record SetPage(CoverSet set, Reader reader, Words w, ClothToBuy.Laying laying) {

    /** User units that the longest side of all takes. */
    private static final double UNITS = 300;

    /** A cover of the set. */
    public record Shown(long id, String name, int count, String size, String front, String back) {}

    private record Made(CoverSet.Member member, Reckoned reckoned) {}

    private List<Made> made() {
        return set.members().stream()
                .map(member -> new Made(
                        member,
                        Reckoner.reckonWithoutRemedies(
                                member.cover().plan(),
                                reader.mark(member.cover().plan()))))
                .toList();
    }

    public List<Shown> covers() {
        List<Made> all = made();
        if (all.isEmpty()) {
            return List.of();
        }
        Pen pen = Pen.finest(all.stream()
                .map(Made::reckoned)
                .map(each -> Pen.fitting(each.finished(Axis.ACROSS), each.finished(Axis.UP_DOWN), UNITS)));
        return all.stream().map(each -> shown(each, pen)).toList();
    }

    private Shown shown(Made made, Pen pen) {
        Reckoned reckoned = made.reckoned();
        long id = made.member().cover().id();
        return new Shown(
                id,
                reckoned.plan().name(),
                made.member().count(),
                w.lengths().bare(reckoned.finished(Axis.ACROSS)) + " × "
                        + w.lengths().withUnit(reckoned.finished(Axis.UP_DOWN)),
                new SvgDrawing(reckoned.plan().cloths(), w, pen, "f" + id).write(CoverDrawing.outline(reckoned)),
                new SvgDrawing(reckoned.plan().cloths(), w, pen, "b" + id).write(CoverDrawing.backOutline(reckoned)));
    }

    /** What to buy for all of them, one fabric a line. */
    public List<String> lines() {
        return needs().stream()
                .map(need -> need.length()
                        .map(length ->
                                w.say("set.buy-line", length, need.cloth().name()))
                        .orElseGet(() -> w.say("covers.join", need.cloth().name())))
                .toList();
    }

    /** Whether a search may yet find that less of something will do. */
    public boolean isAbout() {
        return needs().stream().anyMatch(ClothNeed::about);
    }

    private List<ClothNeed> needs() {
        List<ClothUse.Of> all = made().stream()
                .map(each -> new ClothUse.Of(
                        String.valueOf(each.member().cover().id()),
                        each.reckoned(),
                        each.member().count()))
                .toList();
        return ClothUse.of(all).stream()
                .map(use -> laying.need(use.cloth(), use.pieces(), w.mark().unit()))
                .toList();
    }
}
