package app.dapt.web;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothToBuy;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Component;

/** What to buy of a cloth for some pieces, remembered: the same pieces on the same cloth are laid out once. */
@Component
public class ClothNeeds implements ClothToBuy.Laying {

    private static final int MOST = 2_000;

    /** What the answer follows from: neither the cloth's name nor its price. */
    private record Asked(Cloth cloth, List<Piece> pieces, Unit unit) {}

    private final Cache<Asked, ClothNeed> known =
            Caffeine.newBuilder().maximumSize(MOST).build();

    @Override
    public ClothNeed need(Cloth cloth, List<Piece> pieces, Unit unit) {
        Asked asked = new Asked(cloth.withId(0).withPrice(0).withName("any"), pieces, unit);
        ClothNeed need = known.get(asked, any -> ClothNeed.of(cloth, pieces, unit));
        return new ClothNeed(cloth, need.area(), need.toBuy());
    }
}
