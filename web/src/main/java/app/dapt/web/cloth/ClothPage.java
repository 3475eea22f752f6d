package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.ClothUse;
import app.dapt.cover.FitSuggestions.Offer;
import app.dapt.files.cloth.ClothFiles.Listing;
import app.dapt.files.cloth.SvgCloth;
import app.dapt.files.drawing.Pen;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Known;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.Wanted;
import app.dapt.layout.search.Task;
import app.dapt.measure.Phrase;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.ScrapEntry;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.web.util.UriUtils;

/**
 * The cloth view, ready for its template.
 *
 * @param laid    how the cloth lies now; nothing where none can be laid
 * @param percent how much of its time the search for a better layout has used; a hundred where it is over
 * @param toBuy   what is bought of it, and of the others
 * @param watch   what to ask by whether anything has become better since
 * @param offers  what would do; nothing while it is being worked out
 */
public record ClothPage(
        Table table,
        int cloth,
        Layout laid,
        int percent,
        LayoutStore.Stored stored,
        ToBuy toBuy,
        Optional<List<Offer>> offers,
        String watch,
        String piece,
        Words w,
        Entries entries) {

    private static final double WIDE = 800;
    private static final double HIGH = 505;

    /** A tab: one of the cloths. */
    public record Tab(String key, String name, int pieces, boolean isCurrent) {}

    /** A remnant as its form shows it. */
    public record ScrapLine(int number, String name, String size, String corners, String spots) {}

    /** The view of a table on which nothing can be laid. */
    static ClothPage without(Table table, int cloth, Words words, Entries entries) {
        return new ClothPage(table, cloth, null, 100, null, null, Optional.of(List.of()), "", "", words, entries);
    }

    /** Whether there is nothing to lay: no cover in the set, or more pieces than one would cut at once. */
    public boolean isBare() {
        return laid == null;
    }

    public String bareWords() {
        return table.uses().isEmpty()
                ? w.say("cloth.nothing")
                : w.say("cloth.too-many", table.uses().get(cloth).count(), Task.MOST_PIECES);
    }

    public String path() {
        return table.owner().path();
    }

    public boolean isSet() {
        return table.owner().isSet();
    }

    /** What the cloth goes by. */
    public String clothKey() {
        return table.uses().isEmpty() ? "" : table.uses().get(cloth).key();
    }

    /** What this page was made from. */
    public Versions version() {
        return new Versions(stored == null ? 0 : stored.version(), table.version());
    }

    /** The same of a set's name and its covers. */
    public long setVersion() {
        return table.setVersion();
    }

    public Cloth use() {
        return table.uses().get(cloth).cloth();
    }

    public LayoutChoices choices() {
        return stored.choices();
    }

    public List<Tab> tabs() {
        return IntStream.range(0, table.uses().size())
                .mapToObj(i -> {
                    ClothUse use = table.uses().get(i);
                    return new Tab(use.key(), use.cloth().name(), use.count(), i == cloth);
                })
                .toList();
    }

    public boolean isLooking() {
        return percent < 100;
    }

    /** Whether any figure on the page may yet become better. */
    public boolean isAnyLooking() {
        return isLooking() || toBuy.isStillLooking() || offers.isEmpty();
    }

    /** The pieces that lie on it. */
    public PieceList pieces() {
        return new PieceList(table.uses().get(cloth), laid, choices(), piece, isSet(), w);
    }

    /** What to do, in one sentence: what to buy, or whether what is at hand will do. */
    public String sentence() {
        if (choices().onRemnants()) {
            return laid.spots().isEmpty() && choices().remnants().isEmpty()
                    ? w.say("cloth.hand-none")
                    : laid.leftOut().isEmpty()
                            ? w.say("cloth.hand-fits", laid.spots().size(), laid.remnantsUsed())
                            : w.say(
                                    "cloth.hand-short",
                                    laid.leftOut().stream()
                                            .mapToInt(Wanted::copies)
                                            .sum());
        }
        if (laid.spots().isEmpty()) {
            return w.say("cloth.none-fits", use().name());
        }
        String buy = w.say("cloth.buy", laid.toBuy().total(), use().name(), use().width());
        return use().cost(laid.toBuy().total(), table.unit())
                .map(cost -> w.say("cloth.buy-cost", buy, w.money().shown(cost)))
                .orElse(w.say("cloth.buy-plain", buy));
    }

    /** What is known of the layout. */
    public String verdict() {
        Layout.Verdict verdict = laid.verdict();
        String percent = verdict.tenths() / 10 + "." + verdict.tenths() % 10;
        boolean isOnTheFewest = verdict.known() == Known.ALL_PLACED && laid.remnantsUsed() > 1 && !isLooking();
        if (choices().onRemnants()) {
            return isOnTheFewest ? w.say("cloth.verdict.all-placed") : "";
        }
        return verdict.known() == Known.WITHIN
                ? w.say("cloth.verdict.within", percent)
                : w.say(Phrase.choice("cloth.verdict", verdict.known()));
    }

    public List<String> drawings() {
        List<ClothSheet> sheets = ClothSheet.of(laid);
        if (sheets.isEmpty()) {
            return List.of();
        }
        Pen pen = Pen.finest(
                sheets.stream().map(sheet -> SvgCloth.fitting(sheet, sheets.size() > 1 ? WIDE / 2 - 48 : WIDE, HIGH)));
        return IntStream.range(0, sheets.size())
                .mapToObj(i -> new SvgCloth(w, pen, "bolt" + i, Optional.of(this::link), piece).write(sheets.get(i)))
                .toList();
    }

    /** The link round a copy on the cloth. */
    private Map<String, String> link(String copy) {
        String to = address(copy);
        return Map.of("href", to, "hx-get", to, "hx-target", "#cloth", "hx-swap", "morph", "hx-push-url", "true");
    }

    /** Where looking at one copy leads. */
    private String address(String copy) {
        return path() + "/cloth?cloth=" + clothKey()
                + (copy.isEmpty() ? "" : "&piece=" + UriUtils.encodeQueryParam(copy, StandardCharsets.UTF_8));
    }

    public String here() {
        return address(piece);
    }

    /** The pieces, the folds and the cuts in words, for paper. */
    List<Listing> listings() {
        Listing pieces = new Listing(
                w.say("cloth.pieces-title"),
                pieces().lines().stream().map(PieceList.Line::printed).toList());
        return Stream.concat(Stream.of(pieces), cutting().listings().stream()).toList();
    }

    public boolean canMatch() {
        return use().repeat().isPresent();
    }

    public String repeat(String way) {
        return entries.value("cloth-repeat-" + way, ClothEntry.repeat(use(), way));
    }

    public String shrinks(String way) {
        return entries.value(
                "cloth-shrinks-" + way,
                ClothEntry.percent(
                        way.equals("across")
                                ? use().shrinkage().across()
                                : use().shrinkage().along()));
    }

    public String repeatWords() {
        return use().repeat()
                .map(repeat -> w.say("cloth.repeat", repeat.across(), repeat.along()))
                .orElse("");
    }

    /** How it is cut, in words. */
    public CuttingWords cutting() {
        return new CuttingWords(laid, w);
    }

    public List<ScrapLine> scraps() {
        List<Scrap> scraps = choices().remnants();
        return IntStream.range(0, scraps.size())
                .mapToObj(i -> {
                    Scrap scrap = scraps.get(i);
                    return new ScrapLine(
                            i,
                            scrap.name(),
                            w.lengths().size(scrap.across(), scrap.along()),
                            ScrapEntry.corners(scrap, w),
                            ScrapEntry.spots(scrap, w));
                })
                .toList();
    }

    public Optional<String> refusal(String field) {
        return entries.refusal(field);
    }

    /**
     * For the form with this field: whether something in it was just refused, so that it stays as it is until it is
     * sent again.
     */
    public String refused(String field) {
        return !entries.isClean() && entries.raw(field).isPresent() ? "yes" : null;
    }

    /** The same for the form of a remnant. */
    public String refusedScrap(int number) {
        return entries.raw("number").filter(String.valueOf(number)::equals).isPresent() ? refused("corners") : null;
    }

    /** What was typed and refused; nothing where nothing was. */
    public String typed(String field) {
        return entries.isClean() ? "" : entries.raw(field).orElse("");
    }

    /** The same for a remnant that is not there yet. */
    public String typedNew(String field) {
        return entries.raw("number").isPresent() ? "" : typed(field);
    }
}
