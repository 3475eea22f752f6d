package app.dapt.web.progress;

import app.dapt.cloth.Cloth;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.parts.Need;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Notions;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * What to buy of a cloth for some pieces, remembered: the same pieces on the same cloth are laid out once, and what was
 * found since on the cutting table is what every page says.
 */
@Component
public class ClothNeeds implements ClothToBuy.Laying {

    private static final int MOST = 2_000;

    /** What the answer follows from: neither the cloth's name nor its price. */
    private record Asked(Cloth cloth, List<Piece> pieces, Unit unit) {

        static Asked of(Cloth cloth, List<Piece> pieces, Unit unit) {
            return new Asked(cloth.withId(0).withPrice(0).withName("any"), List.copyOf(pieces), unit);
        }
    }

    private final Cache<Asked, ClothNeed> known =
            Caffeine.newBuilder().maximumSize(MOST).build();
    /** Notions follow from this. */
    private record Sewn(CoverPlan plan, Mark mark) {}

    private final Cache<Sewn, List<Need>> notions =
            Caffeine.newBuilder().maximumSize(500).build();
    private final AtomicLong changes = new AtomicLong();

    /** What is bought besides cloth. Thread is counted step by step: not again for a cover that has not changed. */
    public List<Need> notions(Reckoned reckoned) {
        return notions.get(new Sewn(reckoned.plan(), reckoned.mark()), asked -> Notions.of(reckoned));
    }

    @Override
    public ClothNeed need(Cloth cloth, List<Piece> pieces, Unit unit) {
        ClothNeed need = known.get(Asked.of(cloth, pieces, unit), any -> ClothNeed.of(cloth, pieces, unit));
        return new ClothNeed(cloth, need.area(), need.toBuy(), need.about());
    }

    /**
     * Takes note of what was found on the cutting table; what is known for good is not given up for more that a search
     * begun again has so far.
     *
     * @param about whether the search goes on
     */
    public void found(Cloth cloth, List<Piece> pieces, Unit unit, Sum toBuy, boolean about) {
        ClothNeed was = need(cloth, pieces, unit);
        ClothNeed now = new ClothNeed(cloth, was.area(), Optional.of(toBuy), about);
        boolean begunAgain = about
                && !was.about()
                && was.length().filter(toBuy.total()::atLeast).isPresent();
        if (!begunAgain && !now.equals(was)) {
            known.put(Asked.of(cloth, pieces, unit), now);
            changes.incrementAndGet();
        }
    }

    /** Goes up whenever an answer has become another. */
    public long version() {
        return changes.get();
    }
}
