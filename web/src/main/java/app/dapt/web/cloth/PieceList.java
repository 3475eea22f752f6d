package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothUse;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.PieceWindow;
import app.dapt.layout.Wanted;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The pieces that lie on a cloth, those that were left out or do not fit, and the one that is looked at.
 *
 * @param piece   the copy that is looked at; empty where none is
 * @param isOfSet whether pieces of several covers lie there, so that each says whose it is
 */
public record PieceList(ClothUse use, Layout laid, LayoutChoices choices, String piece, boolean isOfSet, Words w) {

    /** A piece in the list. */
    public record Line(
            int number, String copy, String name, String cover, String size, String state, boolean isCurrent) {

        /** As it is printed. */
        String printed() {
            return number + "  " + name + "  " + size + "  " + cover + "  " + state;
        }
    }

    /** A panel that can be joined from two under its flap. */
    public record Join(String key, String words, boolean on) {}

    /** What lies on the cloth, in the order of its numbers there. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < laid.spots().size(); i++) {
            Spot spot = laid.spots().get(i);
            lines.add(line(i + 1, spot.copy(), spot.wanted(), state(spot)));
        }
        return lines;
    }

    private String state(Spot spot) {
        return spot.pinned()
                ? w.say("cloth.pinned")
                : laid.loose().contains(spot.copy())
                        ? w.say("cloth.loose")
                        : laid.offPrint().contains(spot.wanted()) ? w.say("cloth.off-print") : "";
    }

    private Line line(int number, String copy, Wanted wanted, String state) {
        String size = w.lengths().size(wanted.piece().cutWidth(), wanted.piece().cutHeight());
        return new Line(
                number,
                copy,
                w.say(wanted.piece().name()),
                isOfSet ? wanted.cover() : "",
                size,
                state,
                copy.equals(piece));
    }

    /** What was taken out by hand. */
    public List<Line> out() {
        return use.wanted().stream()
                .flatMap(wanted -> IntStream.rangeClosed(1, wanted.copies())
                        .mapToObj(wanted::copy)
                        .filter(choices.out()::contains)
                        .map(copy -> line(0, copy, wanted, "")))
                .toList();
    }

    public List<Join> joins() {
        return use.wanted().stream()
                .filter(wanted -> wanted.joinAt().isPresent())
                .map(wanted -> new Join(
                        wanted.key(),
                        w.say(
                                isOfSet ? "cloth.join-of" : "cloth.join",
                                wanted.piece().name(),
                                wanted.cover()),
                        choices.joined().contains(wanted.key())))
                .toList();
    }

    /** What does not lie on the cloth although it should. */
    public List<String> missing() {
        Cloth cloth = use.cloth();
        List<String> lines = new ArrayList<>();
        laid.tooWide()
                .forEach(wanted -> lines.add(w.say(
                        "cloth.too-wide",
                        wanted.piece().name(),
                        cloth.leastAcross(wanted.piece()),
                        cloth.usableWidth(),
                        wanted.cover())));
        laid.leftOut()
                .forEach(wanted -> lines.add(w.say(
                                "cloth.left-out",
                                wanted.piece().name(),
                                wanted.piece().cutWidth(),
                                wanted.piece().cutHeight())
                        + laid.shortfall(wanted).map(this::shortBy).orElse("")));
        return lines;
    }

    private String shortBy(Layout.Shortfall by) {
        String which = by.across().isZero()
                ? by.along().isZero() ? "cloth.short-together" : "cloth.short-along"
                : by.along().isZero() ? "cloth.short-across" : "cloth.short-both";
        return " " + w.say(which, by.place().wide(), by.place().deep(), by.across(), by.along());
    }

    /** The one that is looked at. */
    public Optional<Line> current() {
        return lines().stream().filter(Line::isCurrent).findFirst();
    }

    private Optional<Spot> spot() {
        return laid.spot(piece);
    }

    public boolean isPinned() {
        return spot().filter(Spot::pinned).isPresent();
    }

    /** Whether a quarter turn is allowed: neither print nor nap forbids it, and the piece has not to meet the print. */
    public boolean canTurn() {
        return use.cloth().turns() && !isPinned();
    }

    /** The piece that is looked at over its print; nothing where there is no print to slide. */
    public Optional<PrintPane> pane() {
        return spot().flatMap(spot -> PieceWindow.under(spot, use.cloth())
                .map(window -> new PrintPane(spot, use.cloth(), choices, window, w)));
    }
}
