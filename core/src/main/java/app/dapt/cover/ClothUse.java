package app.dapt.cover;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Wanted.Hidden;
import app.dapt.cloth.Wanted;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A cloth and all that covers need of it.
 *
 * @param wanted every piece, the covers in their order
 */
public record ClothUse(Cloth cloth, List<Wanted> wanted) {

    /**
     * A cover that is to be made so many times.
     *
     * @param key begins the keys of its pieces
     */
    public record Of(String key, Reckoned cover, int count) {
    }

    public ClothUse {
        wanted = List.copyOf(wanted);
    }

    /** The cloths of covers that are cut together; cloths that are alike in everything are one. */
    public static List<ClothUse> of(List<Of> covers) {
        Map<Cloth, List<Wanted>> uses = new LinkedHashMap<>();
        for (Of of : covers) {
            CoverPlan plan = of.cover().plan();
            for (Piece piece : of.cover().pieces()) {
                uses.computeIfAbsent(plan.cloths().of(piece.material()), cloth -> new ArrayList<>())
                        .add(new Wanted(of.key() + "/" + piece.id(), plan.name(), piece, piece.quantity() * of.count(), hidden(of.cover(), piece)));
            }
        }
        return uses.entrySet().stream().map(use -> new ClothUse(use.getKey(), use.getValue())).toList();
    }

    /** What of a piece lies under the flap of an opening that laps. */
    private static Optional<Hidden> hidden(Reckoned cover, Piece piece) {
        Back.Panel inner = cover.back().panels().get(0);
        boolean under = cover.back().lap().isPresent() && inner.piece().id().equals(piece.id()) && !piece.id().equals("front");
        return inner.free().filter(side -> under).flatMap(side -> cover.back().overlap().filter(Length::isPositive)
                .map(overlap -> new Hidden(side, piece.edge(side).eats().plus(overlap), cover.allowance())));
    }

    /** How many pieces there are in all. */
    public int count() {
        return wanted.stream().mapToInt(Wanted::copies).sum();
    }

    /** Square inches of all pieces. */
    public double area() {
        return wanted.stream().mapToDouble(each -> each.piece().area() / each.piece().quantity() * each.copies()).sum();
    }
}
