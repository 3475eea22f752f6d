package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What to buy of each cloth of a cover. Reckoning a cover lays nothing out; this lays every piece out once, so it is
 * asked for where it is shown.
 *
 * @param needs  of each cloth that is used, the front's first
 * @param priced the unit that prices go by: the plan's own yard or metre
 */
public record ClothToBuy(List<ClothNeed> needs, Unit priced) {

    /** How a cloth's need is come by: laid out afresh, as by {@link ClothNeed#of}, or remembered. */
    @FunctionalInterface
    public interface Laying {

        /** What to buy of a cloth for these pieces, in the steps of the unit's shops. */
        ClothNeed need(Cloth cloth, List<Piece> pieces, Unit unit);
    }

    public ClothToBuy {
        needs = List.copyOf(needs);
    }

    /** For a cover; front and back of one cloth are laid together. */
    public static ClothToBuy of(Reckoned cover, Laying laying) {
        Map<Cloth, List<Piece>> byCloth = cover.pieces().stream()
                .collect(Collectors.groupingBy(
                        piece -> cover.plan().cloths().of(piece.material()), LinkedHashMap::new, Collectors.toList()));
        Unit unit = cover.mark().unit();
        return new ClothToBuy(
                byCloth.entrySet().stream()
                        .map(use -> laying.need(use.getKey(), use.getValue(), unit))
                        .toList(),
                cover.plan().unit());
    }

    /** Whether a search may yet find that less of something will do. */
    public boolean isAbout() {
        return needs.stream().anyMatch(ClothNeed::about);
    }

    /** All of it together; nothing where a piece is wider than its cloth. */
    public Optional<Length> length() {
        return needs.stream()
                .map(ClothNeed::length)
                .reduce(Optional.of(Length.ZERO), (sum, length) -> sum.flatMap(s -> length.map(s::plus)));
    }

    /** What to pay for a cloth, in hundredths; none where its price or its length is not known. */
    public Optional<Long> cost(ClothNeed need) {
        return need.length().flatMap(length -> need.cloth().cost(length, priced));
    }

    /** What to pay for all the cloth; none where not every price is known. */
    public Optional<Long> cost() {
        return needs.stream()
                .map(this::cost)
                .reduce(Optional.of(0L), (sum, cost) -> sum.flatMap(s -> cost.map(c -> s + c)));
    }
}
