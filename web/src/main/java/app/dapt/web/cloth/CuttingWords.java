package app.dapt.web.cloth;

import app.dapt.files.ClothFiles.Listing;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Offcut;
import app.dapt.layout.Layout.OnFold;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Axis;
import app.dapt.measure.Phrase;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** How a cloth is folded and cut, and what is left of it, in words for the page and for paper. */
public record CuttingWords(Layout laid, Words w) {

    /** The cuts, in their order. */
    public List<String> cuts() {
        return laid.cuts().stream()
                .map(cut -> laid.remnantsUsed() > 1
                        ? w.say(
                                "cloth.cut.of",
                                laid.plan().remnants().get(cut.remnant()).name(),
                                cut(cut))
                        : cut(cut))
                .toList();
    }

    private String cut(Layout.Cut cut) {
        String straight = cut.runs() == Axis.ACROSS
                ? "cloth.cut.across"
                : laid.plan().onRemnants() ? "cloth.cut.along-scrap" : "cloth.cut.along";
        return cut.round()
                .map(spot -> w.say(
                        "cloth.cut.round", number(spot), spot.wanted().piece().name()))
                .orElseGet(() -> w.say(straight, cut.at(), cut.from(), cut.to()));
    }

    private int number(Spot spot) {
        return laid.spots().indexOf(spot) + 1;
    }

    /** How to fold it to fit the table, and what is cut double. */
    public List<String> folds() {
        List<String> lines = new ArrayList<>();
        if (!laid.plan().onRemnants() && !laid.spots().isEmpty()) {
            lines.add(laid.folding()
                    .map(folding -> folding.overLength() * folding.overWidth() == 1
                            ? w.say(
                                    "cloth.fold.flat",
                                    laid.plan().tableWide(),
                                    laid.plan().tableDeep())
                            : w.say(
                                    "cloth.fold.over",
                                    Phrase.of("cloth.fold.layers." + folding.overLength() + "." + folding.overWidth()),
                                    folding.wide(),
                                    folding.deep()))
                    .orElseGet(() -> w.say(
                            "cloth.fold.too-long",
                            laid.plan().tableWide(),
                            laid.plan().tableDeep())));
        }
        if (laid.isEdgeToEdge() && laid.cuts().size() > 1) {
            lines.add(w.say("cloth.parted"));
        }
        for (OnFold pair : laid.onFold()) {
            lines.add(w.say(
                    pair.runs() == Axis.UP_DOWN ? "cloth.fold.lengthwise" : "cloth.fold.crosswise",
                    number(pair.one()),
                    number(pair.other()),
                    pair.at()));
        }
        return lines;
    }

    public List<String> offcuts() {
        return laid.offcuts().stream().map(this::offcut).toList();
    }

    private String offcut(Offcut offcut) {
        return laid.plan().onRemnants()
                ? w.say(
                        "cloth.offcut-of",
                        offcut.wide(),
                        offcut.deep(),
                        laid.plan().remnants().get(offcut.remnant()).name())
                : w.say("cloth.offcut", offcut.wide(), offcut.deep());
    }

    /** The folds and the cuts, for paper; a heading without lines is left out. */
    List<Listing> listings() {
        List<String> cuts = cuts();
        List<String> numbered = IntStream.range(0, cuts.size())
                .mapToObj(i -> i + 1 + "  " + cuts.get(i))
                .toList();
        return List.of(new Listing(w.say("cloth.folding"), folds()), new Listing(w.say("cloth.cutting"), numbered))
                .stream()
                .filter(listing -> !listing.lines().isEmpty())
                .toList();
    }
}
