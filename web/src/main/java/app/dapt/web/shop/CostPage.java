package app.dapt.web.shop;

import app.dapt.measure.Unit;
import app.dapt.shelf.CostSheet;
import app.dapt.shelf.CostSheet.Beside;
import app.dapt.shelf.CostSheet.Part;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.BuyList.ClothLine;
import app.dapt.web.progress.BuyList.NotionLine;
import app.dapt.web.progress.Sources.Found;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a cover or a set comes to, ready for its template.
 *
 * @param list   all that goes into it
 * @param beside what is set beside it
 */
public record CostPage(Batch batch, BuyList list, Beside beside, Entries entries, PriceWords prices) {

    /**
     * Something that goes into it.
     *
     * @param from where it comes from and what is asked for it there
     * @param pay  what is paid for it; empty where no price is known
     * @param part what of that goes in
     */
    public record Line(String what, String amount, String from, String pay, String part) {}

    public String name() {
        return batch.name();
    }

    public String path() {
        return batch.owner().path();
    }

    public List<Line> lines() {
        return Stream.concat(
                        list.cloths().stream().map(this::line),
                        list.notions().stream().map(this::line))
                .toList();
    }

    private Line line(ClothLine cloth) {
        boolean own = cloth.cloth().price() > 0;
        String from = own && !cloth.found().isThere()
                ? w().say(
                                "cost.own-price",
                                w().say(
                                                cloth.uses().get(0).priced().metric()
                                                        ? "shop.per.metre"
                                                        : "shop.per.yard",
                                                w().money().shown(cloth.cloth().price())))
                : from(cloth.found());
        return line(
                w().say("buy.cloth", cloth.cloth().name(), cloth.cloth().width()),
                cloth.needed().map(w().lengths()::toBuy).orElseGet(() -> w().say(
                                "covers.join", cloth.cloth().name())),
                from,
                part(cloth));
    }

    private Line line(NotionLine notion) {
        return line(w().say(notion.bought().what()), notion.amount(w()), from(notion.found()), part(notion));
    }

    private Line line(String what, String amount, String from, Part part) {
        return new Line(what, amount, from, shown(part.pay()), shown(part.worth()));
    }

    private String from(Found found) {
        if (found.isThere()) {
            return w().say("cost.there", found.there().orElseThrow().thing().name());
        }
        return found.offer()
                .map(offer -> prices.asks(offer.price()))
                .orElse(w().say(found.soldOut() ? "buy.sold-out" : "cost.no-price"));
    }

    private Part part(ClothLine cloth) {
        return Part.of(cloth.cost(unit()), cloth.found().isThere(), cloth.part());
    }

    private Part part(NotionLine notion) {
        return Part.of(
                notion.cost(unit()), notion.found().isThere(), notion.bought().part());
    }

    private CostSheet sheet() {
        return new CostSheet(
                Stream.concat(
                                list.cloths().stream().map(this::part),
                                list.notions().stream().map(this::part))
                        .toList(),
                covers(),
                batch.minutesOfWork(),
                beside);
    }

    public int covers() {
        return batch.copies();
    }

    public Optional<String> form() {
        return beside.form().map(one -> shown(Optional.of((long) one * covers())));
    }

    public String toPay() {
        return w().money().shown(sheet().toPay());
    }

    public String worth() {
        return w().money().shown(sheet().worth());
    }

    public long unknown() {
        return sheet().unknown();
    }

    public String time() {
        return Minutes.about(batch.minutesOfWork(), w());
    }

    /** One's own time at its rate, and with it all that it comes to. */
    public Optional<String> work() {
        CostSheet sheet = sheet();
        return sheet.work().map(work -> w().say(
                        "cost.work",
                        w().money().shown(beside.hourly()),
                        w().money().shown(work),
                        w().money().shown(sheet.toPay() + work)));
    }

    /** How it stands beside a bought one. */
    public Optional<String> verdict() {
        return sheet().dearer().map(more -> w().say(
                        more > 0 ? "cost.dearer" : more < 0 ? "cost.cheaper" : "cost.same",
                        w().money().shown(Math.abs(more)),
                        covers()));
    }

    public String value(String field) {
        Optional<Integer> standing =
                switch (field) {
                    case "form" -> beside.form();
                    case "bought" -> beside.bought();
                    default -> Optional.of(beside.hourly()).filter(rate -> rate > 0);
                };
        return entries.value(field, standing.map(Money::plain).orElse(""));
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }

    private String shown(Optional<Long> hundredths) {
        return hundredths.map(w().money()::shown).orElse("");
    }

    private Unit unit() {
        return w().mark().unit();
    }

    private Words w() {
        return entries.words();
    }
}
