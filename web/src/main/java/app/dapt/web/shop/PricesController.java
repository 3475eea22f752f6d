package app.dapt.web.shop;

import app.dapt.files.BadPlanFile;
import app.dapt.files.shop.PriceTable;
import app.dapt.measure.Phrase;
import app.dapt.shelf.Thing;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.PriceStore;
import app.dapt.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** What shops ask: taken in from a table, asked of a shop, taken away again. */
@Controller
@RequestMapping("/prices")
class PricesController {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final int MOST_SAID = 20;

    /** What may have to be said after a press. */
    private static final Set<String> SAID = Set.of("taken", "back", "kept", "late", "nonsense", "none");

    private final PriceStore prices;
    private final AskedShop shop;
    private final Wording wording;

    PricesController(PriceStore prices, AskedShop shop, Wording wording) {
        this.prices = prices;
        this.shop = shop;
        this.wording = wording;
    }

    @GetMapping
    String prices(Reader reader, @RequestParam Map<String, String> asked, Model model) {
        shop.askWhereOld(reader);
        return shown(new Entries(asked, wording.words(reader)), asked, List.of(), model);
    }

    /** Takes in a table; rows that are no price are said, the others are taken. */
    @PostMapping
    String take(@RequestParam MultipartFile file, @RequestParam Map<String, String> typed, Reader reader, Model model)
            throws IOException {
        Words words = wording.words(reader);
        Entries entries = new Entries(typed, words);
        String noted = words.say("shop.noted");
        String whose =
                typed.getOrDefault("shop", "").isBlank() ? noted : entries.text("shop", Thing.LONGEST_NAME, noted);
        if (!entries.isClean()) {
            return shown(entries, typed, List.of(), model);
        }
        try {
            PriceTable.Rows rows = PriceTable.read(file.getBytes(), shop.habits(whose, reader));
            if (!prices.keep(rows.prices())) {
                entries.refuse("file", "shop.full", PriceStore.MOST);
            } else if (rows.refused().isEmpty()) {
                return Redirect.to(
                        "/prices",
                        "said",
                        "taken",
                        "count",
                        String.valueOf(rows.prices().size()));
            }
            return shown(entries, Map.of(), refused(rows, words), model);
        } catch (BadPlanFile e) {
            entries.refuse("file", "shop.not-one", e.problem());
            return shown(entries, typed, List.of(), model);
        }
    }

    private static List<String> refused(PriceTable.Rows rows, Words w) {
        return rows.refused().stream()
                .limit(MOST_SAID)
                .map(row -> w.say("log.row", row.row(), w.say(row.why())))
                .toList();
    }

    /** Asks the shop that can be asked, and waits no longer than a page may take. */
    @PostMapping("/ask")
    String ask(Reader reader) {
        return Redirect.to("/prices", "said", Phrase.code(shop.ask(reader)));
    }

    /** Takes away what a shop asks. */
    @PostMapping("/away")
    String away(@RequestParam(defaultValue = "") String shop) {
        return Redirect.to("/prices", "gone", prices.takeAway(shop) > 0 ? shop : "");
    }

    @PostMapping("/back")
    String bringBack(@RequestParam(defaultValue = "") String shop) {
        return Redirect.to("/prices", "said", "back", "count", String.valueOf(prices.bringBack(shop)));
    }

    @GetMapping("/prices.csv")
    ResponseEntity<byte[]> csv(Reader reader) {
        String currency = wording.words(reader).money().currency().getCurrencyCode();
        return Download.file(
                "prices.csv",
                CSV,
                PriceTable.write(prices.all(), reader.mark().unit(), currency).getBytes(StandardCharsets.UTF_8));
    }

    private String shown(Entries entries, Map<String, String> asked, List<String> refused, Model model) {
        Words words = entries.words();
        String said = asked.getOrDefault("said", "");
        String count = asked.getOrDefault("count", "");
        model.addAttribute("w", words);
        model.addAttribute("here", "/prices");
        model.addAttribute("gone", asked.getOrDefault("gone", ""));
        model.addAttribute(
                "said",
                SAID.contains(said)
                        ? words.say("shop.said." + said, count.matches("\\d{1,5}") ? Integer.parseInt(count) : 0)
                        : "");
        model.addAttribute("refused", refused);
        model.addAttribute(
                "prices", new PricesPage(prices.all(), shop.name(), shop.age(words), entries, new PriceWords(words)));
        return "shop/prices";
    }
}
