package app.dapt.web.shelf;

import app.dapt.files.shop.ShoppingCsv;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.shelf.BuyList.ClothLine;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.BoughtStore;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.ShelfStore.Kept;
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
    private final BoughtStore bought;
    private final Wording wording;

    ToBuyController(
            CalendarStore calendar,
            Batches batches,
            ClothNeeds needs,
            ShelfStore shelf,
            BoughtStore bought,
            Wording wording) {
        this.calendar = calendar;
        this.batches = batches;
        this.needs = needs;
        this.shelf = shelf;
        this.bought = bought;
        this.wording = wording;
    }

    @GetMapping("/to-buy")
    String toBuy(Reader reader, @RequestParam(defaultValue = "") String said, Model model) {
        model.addAttribute("said", SAID.contains(said) ? wording.words(reader).say("buy.said." + said) : "");
        model.addAttribute("w", wording.words(reader));
        model.addAttribute("here", "/to-buy");
        model.addAttribute("buy", page(reader));
        return "shelf/to-buy";
    }

    /** Ticks a line, or takes its tick back; cloth goes on the shelf with it, and off it again. */
    @PostMapping("/to-buy")
    String tick(Reader reader, @RequestParam(defaultValue = "") String line) {
        ToBuyPage page = page(reader);
        if (page.got().contains(line)) {
            boolean stays = bought.untick(line)
                    .filter(moved -> shelf.undo(moved.thing(), moved.movement()) != ShelfStore.Outcome.MOVED)
                    .isPresent();
            return Redirect.to("/to-buy", "said", stays ? "used" : "");
        }
        if (page.has(line)) {
            bought.tick(
                    line,
                    () -> page.cloth(line).filter(cloth -> !cloth.isThere()).flatMap(this::onTheShelf));
            return Redirect.to("/to-buy");
        }
        return Redirect.to("/to-buy", "said", "changed");
    }

    /** Puts a cloth on the shelf as bought. */
    private Optional<BoughtStore.Moved> onTheShelf(ClothLine cloth) {
        Thing thing = new Thing(
                Kind.CLOTH,
                cloth.cloth().name(),
                cloth.cloth().colour(),
                Optional.empty(),
                Optional.of(cloth.cloth().width()),
                cloth.cloth().price());
        Optional<Long> id = cloth.there()
                .map(Kept::id)
                .or(() -> shelf.put(thing, 0, UUID.randomUUID().toString()));
        return id.filter(known -> shelf.move(known, Why.BOUGHT, ToBuyPage.bought(cloth)) == ShelfStore.Outcome.MOVED)
                .map(known -> new BoughtStore.Moved(
                        known, shelf.movements(known).get(0).movement().id()));
    }

    @GetMapping("/to-buy.csv")
    ResponseEntity<byte[]> csv(Reader reader) {
        return Download.file(
                "to-buy.csv",
                MediaType.parseMediaType("text/csv;charset=utf-8"),
                ShoppingCsv.write(page(reader).rows()).getBytes(StandardCharsets.UTF_8));
    }

    private ToBuyPage page(Reader reader) {
        Words words = wording.words(reader);
        return new ToBuyPage(
                BuyList.of(
                        calendar.inWork().stream()
                                .flatMap(each -> batches.findAny(each.owner(), reader).stream())
                                .toList(),
                        shelf.list("", Optional.of(Kind.CLOTH), ShelfStore.MOST),
                        needs,
                        words.mark().unit()),
                bought.lines(),
                words);
    }
}
