package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.measure.Length;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.workroom.ShelfStore.Kept;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cloths that a cover can be cut from: those on the shelf first, then those of other covers. */
@Service
public class KnownCloths {

    private static final int MOST = 60;
    private static final Length USUAL_WIDTH = Length.inches(54);

    private final CoverStore covers;
    private final ShelfStore shelf;

    KnownCloths(CoverStore covers, ShelfStore shelf) {
        this.covers = covers;
        this.shelf = shelf;
    }

    /** One of each; a cloth on the shelf that a cover is cut from as well is as it is known there. */
    @Transactional(readOnly = true)
    public List<KnownCloth> list() {
        List<Cloth> used = new ArrayList<>(covers.cloths());
        List<KnownCloth> known = new ArrayList<>();
        for (Kept kept : shelf.list("", Optional.of(Kind.CLOTH), MOST)) {
            if (kept.stock() > 0) {
                Cloth cloth = used.stream()
                        .filter(each ->
                                each.name().equalsIgnoreCase(kept.thing().name()))
                        .findFirst()
                        .orElseGet(() -> cloth(kept));
                used.remove(cloth);
                known.add(new KnownCloth(cloth, kept.stock()));
            }
        }
        used.forEach(cloth -> known.add(new KnownCloth(cloth, 0)));
        return known;
    }

    private static Cloth cloth(Kept kept) {
        return new Cloth(
                        kept.thing().name(),
                        kept.thing().colour(),
                        Print.PLAIN,
                        kept.thing().width().orElse(USUAL_WIDTH),
                        false)
                .withPrice(kept.thing().price());
    }
}
