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

/** What a cover can be made with: what is on the shelf, and the cloths of other covers. */
@Service
public class ShelfChoices {

    private static final int MOST = 60;
    private static final Length USUAL_WIDTH = Length.inches(54);

    private final CoverStore covers;
    private final ShelfStore shelf;

    ShelfChoices(CoverStore covers, ShelfStore shelf) {
        this.covers = covers;
        this.shelf = shelf;
    }

    /** What is on the shelf of a kind, as far as there is any. */
    @Transactional(readOnly = true)
    public List<Kept> things(Kind kind) {
        return shelf.list("", Optional.of(kind), MOST).stream()
                .filter(kept -> kept.stock() > 0)
                .toList();
    }

    /** One of each cloth, those on the shelf first; what a cover is cut from as well is as it is known there. */
    @Transactional(readOnly = true)
    public List<KnownCloth> cloths() {
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
