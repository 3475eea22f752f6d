package app.dapt.web.workroom;

import app.dapt.measure.Length;
import app.dapt.shelf.Price;
import app.dapt.shelf.Price.Per;
import app.dapt.shelf.Prices;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.workroom.PriceMapper.PriceRow;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What shops ask for things: taken in from tables and from shops that answer. */
@Service
@Transactional
public class PriceStore {

    /** So many prices are kept. */
    public static final int MOST = 10_000;

    private final PriceMapper prices;
    private final CoverStore covers;

    PriceStore(PriceMapper prices, CoverStore covers) {
        this.prices = prices;
        this.covers = covers;
    }

    /**
     * When a shop was asked.
     *
     * @param answered when it answered last; nothing where it never did
     */
    public record Asked(Instant at, Optional<Instant> answered) {}

    /** All of them, by shop, kind and name. */
    @Transactional(readOnly = true)
    public Prices all() {
        return new Prices(prices.list(covers.workroom(), MOST).stream()
                .flatMap(row -> price(row).stream())
                .toList());
    }

    /** A row; nothing where it is of a kind that is not known here. */
    private static Optional<Price> price(PriceRow row) {
        return Stream.of(Kind.values())
                .filter(kind -> kind.name().equals(row.kind()))
                .findFirst()
                .map(kind -> new Price(
                        row.shop(),
                        kind,
                        row.name(),
                        length(row.size()),
                        length(row.width()),
                        row.cents(),
                        Per.valueOf(row.per()),
                        row.day(),
                        row.stock() < 0 ? Optional.empty() : Optional.of(row.stock())));
    }

    private static Optional<Length> length(long grains) {
        return grains > 0 ? Optional.of(new Length(grains)) : Optional.empty();
    }

    private static PriceRow row(Price price) {
        return new PriceRow(
                price.shop(),
                price.kind().name(),
                price.name(),
                price.size().map(Length::grains).orElse(0L),
                price.width().map(Length::grains).orElse(0L),
                price.cents(),
                price.per().name(),
                price.day(),
                price.stock().orElse(-1L));
    }

    /** Takes in prices; what was asked for the same thing before gives way. False where there is no room for them. */
    public boolean keep(List<Price> all) {
        long workroom = covers.workroom();
        if (prices.count(workroom) + all.size() > MOST) {
            return false;
        }
        prices.forgetGone(workroom);
        all.forEach(price -> prices.keep(workroom, row(price)));
        return true;
    }

    /** Takes in those of which nothing is known yet, as far as there is room. */
    public void add(List<Price> all) {
        long workroom = covers.workroom();
        int room = Math.max(0, MOST - prices.count(workroom));
        all.stream().limit(room).forEach(price -> prices.add(workroom, row(price)));
    }

    /** Notes what a shop that was asked answered: all that it sells now. */
    public void answered(String shop, List<Price> all, Instant at) {
        long workroom = covers.workroom();
        prices.clear(workroom, shop);
        keep(all);
        prices.asked(workroom, shop, at, true);
    }

    /** Notes that a shop was asked and gave no answer. */
    public void unanswered(String shop, Instant at) {
        prices.asked(covers.workroom(), shop, at, false);
    }

    /** When a shop was asked last; nothing where it never was. */
    @Transactional(readOnly = true)
    public Optional<Asked> whenAsked(String shop) {
        return prices.whenAsked(covers.workroom(), shop)
                .map(row -> new Asked(row.asked(), Optional.of(row.answered()).filter(at -> at.getEpochSecond() > 0)));
    }

    /** Takes away what a shop asks; how many prices. */
    public int takeAway(String shop) {
        return prices.takeAway(covers.workroom(), shop);
    }

    /** Brings back what was taken away of it last. */
    public int bringBack(String shop) {
        return prices.bringBack(covers.workroom(), shop);
    }
}
