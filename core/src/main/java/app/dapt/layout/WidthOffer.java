package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * What buying a cloth comes to in one of the widths it is sold in.
 *
 * @param buy      nothing where a piece is wider, or where it is not worked out yet
 * @param cost     in hundredths; nothing where the price is not known
 * @param isChosen whether the cover is planned in this width
 */
public record WidthOffer(Length width, Optional<Length> buy, Optional<Long> cost, boolean isChosen) {

    /** What a layout on cloth of a width comes to; only a complete one can be bought. */
    public static WidthOffer of(Cloth cloth, Optional<Layout> laid, Unit unit, boolean isChosen) {
        Optional<Length> buy =
                laid.filter(Layout::isComplete).map(each -> each.toBuy().total());
        return new WidthOffer(cloth.width(), buy, buy.flatMap(length -> cloth.cost(length, unit)), isChosen);
    }

    /** The widths a cloth is sold in, and its own, the narrowest first. */
    public static List<Length> widths(Cloth cloth, Unit unit) {
        TreeSet<Length> widths = new TreeSet<>(Cloth.widthsSold(unit));
        widths.add(cloth.width());
        return List.copyOf(widths);
    }

    /** The one that costs least, the chosen one where several do; nothing where none costs more. */
    public static Optional<WidthOffer> cheapest(List<WidthOffer> offers) {
        List<Long> costs = offers.stream()
                .flatMap(offer -> offer.cost().stream())
                .distinct()
                .sorted()
                .toList();
        return offers.stream()
                .filter(offer -> costs.size() > 1 && offer.cost().equals(Optional.of(costs.get(0))))
                .min(Comparator.comparing(offer -> !offer.isChosen()));
    }
}
