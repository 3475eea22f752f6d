package app.dapt.web.progress;

import app.dapt.cover.ClothUse;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.shelf.Prices;
import app.dapt.shelf.Prices.Offer;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Ware;
import app.dapt.web.workroom.LayoutStore.CutFromRemnants;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.ShelfStore.Kept;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** Where what is wanted comes from: what lies on the shelf is given out once, the rest is bought. */
public final class Sources {

    private static final double GRAMS_A_POUND = 453.59237;

    private final List<Kept> shelf;
    private final Prices prices;
    private final List<CutFromRemnants> fromRemnants;
    private final Map<Long, Long> givenOut = new HashMap<>();

    Sources(List<Kept> shelf, Prices prices, List<CutFromRemnants> fromRemnants) {
        this.shelf = shelf;
        this.prices = prices;
        this.fromRemnants = fromRemnants;
    }

    /** Whether a cloth of a cover or a set is cut from remnants, so that none is bought. */
    boolean isFromRemnants(Owner owner, ClothUse use) {
        return fromRemnants.stream()
                .anyMatch(each ->
                        each.owner().equals(owner) && use.members().stream().anyMatch(each.members()::contains));
    }

    /**
     * Where something comes from.
     *
     * @param there   what of it is on the shelf and not wanted for another line
     * @param has     how much of that there is
     * @param lacking how much has to be bought
     * @param offer   where it is sold
     * @param soldOut whether shops sell it, and none has as much
     */
    public record Found(Optional<Kept> there, long has, long lacking, Optional<Offer> offer, boolean soldOut) {

        static Found nowhere(long lacking) {
            return new Found(Optional.empty(), 0, lacking, Optional.empty(), false);
        }

        /** What so much of what is there was paid for, in hundredths; nothing where that is not known. */
        public Optional<Long> worth(Counted counted, long amount, Unit unit) {
            return there.map(kept -> kept.thing().price())
                    .filter(price -> isThere() && price > 0)
                    .map(price -> switch (counted) {
                        case LENGTH ->
                            Math.round((double) amount * price / shopUnit(unit).grains());
                        case PIECES -> amount * price;
                        case GRAMS -> Math.round(amount * price / GRAMS_A_POUND);
                    });
        }

        private static Unit shopUnit(Unit unit) {
            return unit.metric() ? Unit.METRE : Unit.YARD;
        }

        /** Whether what is there is enough. */
        public boolean isThere() {
            return there.isPresent() && lacking == 0;
        }
    }

    /**
     * Looks for a ware.
     *
     * @param isCalled whether a thing of that name is meant
     */
    Found find(Ware ware, Predicate<String> isCalled) {
        Optional<Kept> there = shelf.stream()
                .filter(kept -> left(kept) > 0 && serves(ware, kept.thing(), isCalled))
                // What is enough in one piece, then the zip that is shortened least.
                .min(Comparator.comparing((Kept kept) -> left(kept) < ware.amount())
                        .thenComparing(kept -> kept.thing().size().orElse(Length.ZERO)));
        long has = there.map(this::left).orElse(0L);
        long lacking = lacking(ware, has);
        there.ifPresent(kept -> givenOut.merge(kept.id(), ware.amount() - lacking, Long::sum));
        Ware bought = ware.amounting(lacking);
        return new Found(
                there,
                has,
                lacking,
                lacking == 0 ? Optional.empty() : prices.of(bought, isCalled),
                lacking > 0 && prices.isSoldOut(bought, isCalled));
    }

    /** Of pieces some may be there; a length is needed whole. */
    private static long lacking(Ware ware, long has) {
        return ware.kind().counted() != Counted.LENGTH
                ? Math.max(0, ware.amount() - has)
                : has >= ware.amount() ? 0 : ware.amount();
    }

    private long left(Kept kept) {
        return kept.stock() - givenOut.getOrDefault(kept.id(), 0L);
    }

    private static boolean serves(Ware ware, Thing thing, Predicate<String> isCalled) {
        return ware.isServedBy(thing.kind(), thing.size(), thing.width()) && isCalled.test(thing.name());
    }
}
