package app.dapt.shelf;

import app.dapt.measure.Length;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What shops ask for things. */
public record Prices(List<Price> all) {

    public Prices {
        all = List.copyOf(all);
    }

    /**
     * What something costs somewhere.
     *
     * @param cost in hundredths, for as much as was asked for
     */
    public record Offer(Price price, long cost) {}

    /**
     * Where to buy a ware: where it is not sold out, of zips the one that has to be shortened least, then what costs
     * least.
     *
     * @param isCalled whether a thing of that name is meant
     */
    public Optional<Offer> of(Ware ware, Predicate<String> isCalled) {
        return serving(ware, isCalled)
                .filter(price -> !price.isSoldOut(ware.amount()))
                .map(price -> new Offer(price, price.cost(ware.amount())))
                .min(Comparator.comparing((Offer offer) -> offer.price().size().orElse(Length.ZERO))
                        .thenComparingLong(Offer::cost)
                        .thenComparing(offer -> offer.price().shop()));
    }

    /** Whether there are shops that sell it, and none has as much of it. */
    public boolean isSoldOut(Ware ware, Predicate<String> isCalled) {
        return serving(ware, isCalled).findAny().isPresent()
                && serving(ware, isCalled).allMatch(price -> price.isSoldOut(ware.amount()));
    }

    private Stream<Price> serving(Ware ware, Predicate<String> isCalled) {
        return all.stream()
                .filter(price -> ware.isServedBy(price.kind(), price.size(), price.width()))
                .filter(price -> isCalled.test(price.name()));
    }
}
