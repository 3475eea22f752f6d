package app.dapt.web;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothToBuy;
import app.dapt.layout.ClothNeed;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** What to buy of a cloth for some pieces, remembered: the same pieces on the same cloth are laid out once. */
@Component
public class ClothNeeds implements ClothToBuy.Laying {

    private static final int MOST = 2_000;

    /** What the answer follows from: neither the cloth's name nor its price. */
    private record Asked(Cloth cloth, List<Piece> pieces, Unit unit) {}

    private final Map<Asked, ClothNeed> known = new LinkedHashMap<>(16, .75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, ClothNeed> eldest) {
            return size() > MOST;
        }
    };

    @Override
    public ClothNeed need(Cloth cloth, List<Piece> pieces, Unit unit) {
        Asked asked = new Asked(cloth.withId(0).withPrice(0).withName("any"), pieces, unit);
        ClothNeed need;
        synchronized (known) {
            need = known.get(asked);
        }
        if (need == null) {
            // Two who ask at once both lay it out: they come to the same.
            need = ClothNeed.of(cloth, pieces, unit);
            synchronized (known) {
                known.put(asked, need);
            }
        }
        return new ClothNeed(cloth, need.area(), need.toBuy());
    }
}
