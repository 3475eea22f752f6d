package app.dapt.web.shop;

import app.dapt.files.shop.ShoppingCsv;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.progress.Sources;
import app.dapt.web.progress.Sourcing;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.BoughtStore;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.PriceStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One list of what is to be bought for all that is in work; what is ticked off it lies on the shelf. */
@Controller
class ToBuyController {

    /** What may have to be said after a press. */
    private static final Set<String> SAID = Set.of("used", "changed");

    private final CalendarStore calendar;
    private final Batches batches;
    private final ClothNeeds needs;
    private final ShelfStore shelf;
    private final Sourcing sourcing;
    private final BoughtStore bought;
    private final PriceStore prices;
    private final AskedShop shop;
    private final WorkStore work;
    private final Wording wording;

    ToBuyController(
            CalendarStore calendar,
            Batches batches,
            ClothNeeds needs,
            ShelfStore shelf,
            Sourcing sourcing,
            BoughtStore bought,
            PriceStore prices,
            AskedShop shop,
            WorkStore work,
            Wording wording) {
        this.work = work;
        this.calendar = calendar;
        this.batches = batches;
        this.needs = needs;
        this.shelf = shelf;
        this.sourcing = sourcing;
        this.bought = bought;
        this.prices = prices;
        this.shop = shop;
        this.wording = wording;
    }

    @GetMapping("/to-buy")
    String toBuy(
            Reader reader,
            @RequestParam(defaultValue = "") String said,
            @RequestParam(defaultValue = "") String by,
            Model model) {
        shop.askWhereOld(reader);
        model.addAttribute("said", SAID.contains(said) ? wording.words(reader).say("buy.said." + said) : "");
        model.addAttribute("w", wording.words(reader));
        model.addAttribute("here", by(by).isEmpty() ? "/to-buy" : "/to-buy?by=" + by(by));
        model.addAttribute("by", by(by));
        model.addAttribute("workroom", work.workroom());
        model.addAttribute("age", shop.age(wording.words(reader)));
        model.addAttribute("buy", page(reader, BuyBy.of(by)));
        return "shop/to-buy";
    }

    private static String by(String asked) {
        return BuyBy.of(asked).code();
    }

    /** Ticks a line, or takes its tick back; what it says goes on the shelf with it, and off it again. */
    @PostMapping("/to-buy")
    String tick(
            Reader reader,
            @RequestParam(defaultValue = "") String line,
            @RequestParam(defaultValue = "true") String got,
            @RequestParam(defaultValue = "") String by) {
        ToBuyPage page = page(reader, BuyBy.KIND);
        boolean isGot = page.got().contains(line);
        if (isGot && !got.equals("false")) {
            // Said before, perhaps from another tab or by a phone that was without a network.
            return Redirect.to("/to-buy", "by", by(by));
        }
        if (isGot) {
            boolean stays = bought.untick(line)
                    .filter(moved -> shelf.undo(moved.thing(), moved.movement()) != ShelfStore.Outcome.MOVED)
                    .isPresent();
            return Redirect.to("/to-buy", "by", by(by), "said", stays ? "used" : "");
        }
        if (page.has(line) && !got.equals("false")) {
            bought.tick(line, () -> page.found(line)
                    .filter(found -> found.lacking() > 0)
                    .flatMap(found -> page.thing(line).flatMap(thing -> onTheShelf(thing, found))));
            return Redirect.to("/to-buy", "by", by(by));
        }
        return Redirect.to("/to-buy", "by", by(by), "said", page.has(line) ? "" : "changed");
    }

    /** Puts something on the shelf as bought, to what is there of it. */
    private Optional<BoughtStore.Moved> onTheShelf(Thing thing, Sources.Found found) {
        Optional<Long> id = found.there()
                .map(Kept::id)
                .or(() -> shelf.put(thing, 0, UUID.randomUUID().toString()));
        return id.filter(known -> shelf.move(known, Why.BOUGHT, found.lacking()) == ShelfStore.Outcome.MOVED)
                .map(known -> new BoughtStore.Moved(
                        known, shelf.movements(known).get(0).movement().id()));
    }

    @GetMapping("/to-buy.csv")
    ResponseEntity<byte[]> csv(Reader reader) {
        return Download.file(
                "to-buy.csv",
                MediaType.parseMediaType("text/csv;charset=utf-8"),
                ShoppingCsv.write(page(reader, BuyBy.SHOP).rows()).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/to-buy.txt")
    ResponseEntity<byte[]> text(Reader reader, @RequestParam(defaultValue = "") String by) {
        return Download.file(
                "to-buy.txt",
                MediaType.parseMediaType("text/plain;charset=utf-8"),
                page(reader, BuyBy.of(by)).text().getBytes(StandardCharsets.UTF_8));
    }

    private ToBuyPage page(Reader reader, BuyBy by) {
        Words words = wording.words(reader);
        Sources sources = sourcing.with(prices.all());
        return new ToBuyPage(
                BuyList.open(
                        calendar.inWork().stream()
                                .flatMap(each -> batches.findAny(each.owner(), reader).stream())
                                .toList(),
                        sources,
                        needs,
                        words),
                bought.lines(),
                by,
                new PriceWords(words),
                words);
    }
}
