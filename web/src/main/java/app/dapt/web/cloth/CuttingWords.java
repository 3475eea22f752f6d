package app.dapt.web.cloth;

import app.dapt.files.cloth.ClothFiles.Listing;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Cut;
import app.dapt.layout.Layout.Offcut;
import app.dapt.layout.Layout.OnFold;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How a cloth is folded and cut, and what is left of it, in words for the page and for paper. */
public record CuttingWords(Layout laid, Words w) {

    /**
     * A line of the cutting: one cut, or several that are alike but for where they are.
     *
     * @param lights what it lights on the cloth: the numbers of its cuts
     */
    public record Line(int first, int last, String words, List<Integer> lights) {

        /** Such as {@code 3} or {@code 3–6}. */
        public String numbers() {
            return first == last ? String.valueOf(first) : first + "–" + last;
        }
    }

    /** The cuts, in their order; those that follow one another and are alike make one line. */
    public List<Line> cuts() {
        List<Line> lines = new ArrayList<>();
        List<Cut> all = laid.cuts();
        int first = 0;
        for (int i = 1; i <= all.size(); i++) {
            if (i == all.size() || !areAlike(all.get(first), all.get(i))) {
                lines.add(new Line(
                        first + 1,
                        i,
                        saidOf(all.subList(first, i)),
                        IntStream.rangeClosed(first + 1, i).boxed().toList()));
                first = i;
            }
        }
        return lines;
    }

    private static boolean areAlike(Cut one, Cut other) {
        return one.round().isEmpty()
                && other.round().isEmpty()
                && one.remnant() == other.remnant()
                && one.runs() == other.runs()
                && one.from().equals(other.from())
                && one.to().equals(other.to());
    }

    private String saidOf(List<Cut> alike) {
        String said = said(alike);
        return laid.remnantsUsed() > 1
                ? w.say(
                        "cloth.cut.of",
                        laid.choices().remnants().get(alike.get(0).remnant()).name(),
                        said)
                : said;
    }

    private String said(List<Cut> alike) {
        Cut cut = alike.get(0);
        String straight = cut.runs() == Axis.ACROSS
                ? "cloth.cut.across"
                : laid.choices().onRemnants() ? "cloth.cut.along-scrap" : "cloth.cut.along";
        List<String> places = IntStream.range(0, alike.size())
                .mapToObj(i -> i < alike.size() - 1
                        ? w.lengths().bare(alike.get(i).at())
                        : w.lengths().withUnit(alike.get(i).at()))
                .toList();
        return cut.round()
                .map(spot -> w.say(
                        "cloth.cut.round", number(spot), spot.wanted().piece().name()))
                .orElseGet(() -> w.say(straight, w.list(places), cut.from(), cut.to()));
    }

    private int number(Spot spot) {
        return laid.spots().indexOf(spot) + 1;
    }

    /** A fold on which one or more pairs are cut as one. */
    private record Fold(Axis runs, Length at) {}

    /** How to fold it to fit the table, and what is cut double. */
    public List<String> folds() {
        List<String> lines = new ArrayList<>();
        if (!laid.choices().onRemnants() && !laid.spots().isEmpty()) {
            lines.add(laid.folding()
                    .map(folding -> folding.overLength() * folding.overWidth() == 1
                            ? w.say(
                                    "cloth.fold.flat",
                                    laid.choices().table().wide(),
                                    laid.choices().table().deep())
                            : w.say(
                                    "cloth.fold.over",
                                    Phrase.of("cloth.fold.layers." + folding.overLength() + "." + folding.overWidth()),
                                    folding.wide(),
                                    folding.deep()))
                    .orElseGet(() -> w.say(
                            "cloth.fold.too-long",
                            laid.choices().table().wide(),
                            laid.choices().table().deep())));
        }
        if (laid.isEdgeToEdge() && laid.cuts().size() > 1) {
            lines.add(w.say("cloth.parted"));
        }
        Map<Fold, List<String>> pairs = new LinkedHashMap<>();
        for (OnFold pair : laid.onFold()) {
            pairs.computeIfAbsent(new Fold(pair.runs(), pair.at()), fold -> new ArrayList<>())
                    .add(w.say("cloth.fold.pair", number(pair.one()), number(pair.other())));
        }
        pairs.forEach((fold, together) -> lines.add(w.say(
                fold.runs() == Axis.UP_DOWN ? "cloth.fold.lengthwise" : "cloth.fold.crosswise",
                fold.at(),
                w.list(together),
                together.size())));
        return lines;
    }

    /** What is worth keeping; pieces of the same size make one line. */
    public List<String> offcuts() {
        Map<String, Long> alike = laid.offcuts().stream()
                .map(this::offcut)
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
        return alike.entrySet().stream()
                .map(each -> each.getValue() == 1
                        ? each.getKey()
                        : w.say("cloth.offcuts-of", each.getValue(), each.getKey()))
                .toList();
    }

    private String offcut(Offcut offcut) {
        return laid.choices().onRemnants()
                ? w.say(
                        "cloth.offcut-of",
                        offcut.wide(),
                        offcut.deep(),
                        laid.choices().remnants().get(offcut.remnant()).name())
                : w.say("cloth.offcut", offcut.wide(), offcut.deep());
    }

    /** The folds and the cuts, for paper; a heading without lines is left out. */
    List<Listing> listings() {
        List<String> numbered = cuts().stream()
                .map(line -> line.numbers() + "  " + line.words())
                .toList();
        return List.of(new Listing(w.say("cloth.folding"), folds()), new Listing(w.say("cloth.cutting"), numbered))
                .stream()
                .filter(listing -> !listing.lines().isEmpty())
                .toList();
    }
}
