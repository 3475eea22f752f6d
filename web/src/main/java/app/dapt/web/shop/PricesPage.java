package app.dapt.web.shop;

import app.dapt.measure.Phrase;
import app.dapt.shelf.Price;
import app.dapt.shelf.Prices;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Amounts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What shops ask, ready for its template.
 *
 * @param asked which shop can be asked
 * @param age   how old what it said is
 */
public record PricesPage(Prices prices, Optional<String> asked, String age, Entries entries, PriceWords words) {

    private static final int MOST_LINES = 400;

    /** A price. */
    public record Line(String kind, String name, String like, String asks, String stock, boolean soldOut, String day) {}

    /** A shop and what it asks; the one that can be asked also says when it answered. */
    public record Shop(String name, boolean canBeAsked, List<Line> lines) {}

    public boolean isEmpty() {
        return prices.all().isEmpty();
    }

    public List<Shop> shops() {
        Map<String, List<Line>> by = new LinkedHashMap<>();
        asked.ifPresent(name -> by.put(name, new ArrayList<>()));
        prices.all().stream().limit(MOST_LINES).forEach(price -> by.computeIfAbsent(
                        price.shop(), any -> new ArrayList<>())
                .add(line(price)));
        return by.entrySet().stream()
                .map(shop -> new Shop(
                        shop.getKey(), asked.filter(shop.getKey()::equals).isPresent(), shop.getValue()))
                .toList();
    }

    /** Whether there are more than are shown. */
    public boolean hasMore() {
        return prices.all().size() > MOST_LINES;
    }

    private Line line(Price price) {
        return new Line(
                words.w().say(Phrase.choice("thing", price.kind())),
                price.name(),
                Amounts.like(price.kind(), price.size(), price.width(), words.w()),
                words.per(price),
                price.stock()
                        .map(there -> there == 0
                                ? words.w().say("shop.sold-out")
                                : words.w()
                                        .say(
                                                "shop.has",
                                                Amounts.said(there, price.kind().counted(), words.w())))
                        .orElse(""),
                price.isSoldOut(1),
                words.day(price));
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }

    public String value(String field) {
        return entries.raw(field).orElse("");
    }
}
