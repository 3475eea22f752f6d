package app.dapt.web.shop;

import app.dapt.shelf.CostSheet.Beside;
import app.dapt.shelf.Thing;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.progress.Sourcing;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CostStore;
import app.dapt.web.workroom.PriceStore;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What a cover or a set comes to before it is cut, beside a bought one. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id:\\d+}/cost")
class CostController {

    private static final int DEAREST_HOUR = 1_000_00;

    private final Batches batches;
    private final ClothNeeds needs;
    private final Sourcing sourcing;
    private final PriceStore prices;
    private final CostStore costs;
    private final AskedShop shop;
    private final Wording wording;

    CostController(
            Batches batches,
            ClothNeeds needs,
            Sourcing sourcing,
            PriceStore prices,
            CostStore costs,
            AskedShop shop,
            Wording wording) {
        this.batches = batches;
        this.needs = needs;
        this.sourcing = sourcing;
        this.prices = prices;
        this.costs = costs;
        this.shop = shop;
        this.wording = wording;
    }

    @GetMapping
    String cost(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        shop.askWhereOld(reader);
        Batch batch = batches.find(whose, id, reader);
        return shown(batch, new Entries(Map.of(), batch.words(wording, reader)), model);
    }

    @PostMapping
    String beside(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model) {
        Batch batch = batches.find(whose, id, reader);
        Entries entries = new Entries(typed, batch.words(wording, reader));
        Beside standing = costs.beside(batch.owner());
        costs.put(
                batch.owner(),
                new Beside(
                        entries.maybeHundredths("form", Thing.DEAREST, standing.form()),
                        entries.maybeHundredths("bought", Thing.DEAREST, standing.bought()),
                        entries.hundredths("hourly", DEAREST_HOUR, standing.hourly())));
        return entries.isClean() ? Redirect.to(batch.owner().path() + "/cost") : shown(batch, entries, model);
    }

    private String shown(Batch batch, Entries entries, Model model) {
        model.addAttribute("w", entries.words());
        model.addAttribute("here", batch.owner().path() + "/cost");
        model.addAttribute(
                "cost",
                new CostPage(
                        batch,
                        BuyList.all(batch, sourcing.with(prices.all()), needs, entries.words()),
                        costs.beside(batch.owner()),
                        entries,
                        new PriceWords(entries.words())));
        return "shop/cost";
    }
}
