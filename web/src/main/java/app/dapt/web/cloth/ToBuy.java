package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.layout.Layout;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.WidthOffer;
import app.dapt.measure.Length;
import app.dapt.web.entry.Entries;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.Currency;
import java.util.List;
import java.util.Optional;

/**
 * What to buy of a cloth, what it would come to in other widths, and what is bought of all cloths on the table.
 *
 * @param widths   every width sold; none where nothing is bought
 * @param shopping a line for each cloth on the table
 */
public record ToBuy(
        Cloth cloth,
        Layout laid,
        LayoutChoices choices,
        List<WidthRow> widths,
        List<Shopping> shopping,
        Words w,
        Entries entries) {

    /**
     * What a width comes to.
     *
     * @param isStillLooking whether it may yet be less
     */
    public record WidthRow(WidthOffer offer, boolean isStillLooking, boolean isCheapest) {

        public Length width() {
            return offer.width();
        }

        public Optional<Length> buy() {
            return offer.buy();
        }

        public Optional<Long> cost() {
            return offer.cost();
        }

        public boolean isChosen() {
            return offer.isChosen();
        }

        /** Its price's field. */
        public String priceName() {
            return ToBuy.priceName(width());
        }

        public long grains() {
            return width().grains();
        }
    }

    /**
     * A line of the list for the shop.
     *
     * @param atHand nothing is bought: it is cut from what is at hand
     */
    public record Shopping(
            String cloth, boolean atHand, Optional<Length> buy, Optional<Long> cost, boolean isStillLooking) {}

    /** A line of a sum. */
    public record Line(String label, String amount) {}

    /** The name of the field that a width's price is typed into. */
    static String priceName(Length width) {
        return "price-" + width.grains();
    }

    /** Whether any of these figures may yet become less. */
    public boolean isStillLooking() {
        return widths.stream().anyMatch(WidthRow::isStillLooking)
                || shopping.stream().anyMatch(Shopping::isStillLooking);
    }

    /** The sum of the length to buy, line by line. */
    public List<Line> sum() {
        return laid.toBuy().terms().stream()
                .map(term -> new Line(w.say(term.label()), w.lengths().fine(term.amount())))
                .toList();
    }

    public String total() {
        return w.say("cloth.bought", laid.toBuy().total());
    }

    /** What everything to buy costs; nothing where a price is not known. */
    public Optional<String> costOfAll() {
        List<Shopping> bought = shopping.stream().filter(line -> !line.atHand()).toList();
        boolean known = !bought.isEmpty()
                && bought.stream().allMatch(line -> line.cost().isPresent());
        return known
                ? Optional.of(money(
                        bought.stream().mapToLong(line -> line.cost().get()).sum()))
                : Optional.empty();
    }

    public String money(long hundredths) {
        return w.money().shown(hundredths);
    }

    /** The price of a width as its field shows it. */
    public String price(WidthRow row) {
        String standing = Optional.ofNullable(choices.prices().get(row.width()))
                .map(Money::plain)
                .orElse("");
        return entries.value(row.priceName(), standing);
    }

    /** The cloth's own price, as typed. */
    public String ownPrice() {
        return entries.value("cloth-price", usualPrice());
    }

    /** What the other widths' prices are taken to be, where none is given. */
    public String usualPrice() {
        return cloth.price() == 0 ? "" : Money.plain(cloth.price());
    }

    /** Whether some width costs something else than the cloth's own, or is being given a price. */
    public boolean hasPricesByWidth() {
        return !choices.prices().isEmpty()
                || widths.stream()
                        .anyMatch(row -> entries.refusal(row.priceName()).isPresent());
    }

    /** The currencies to choose from, the one in use among them. */
    public List<Currency> currencies() {
        return Money.all(w.money().locale());
    }
}
