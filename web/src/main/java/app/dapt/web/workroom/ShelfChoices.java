package app.dapt.web.workroom;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.workroom.ShelfStore.Kept;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a cover can be made with: what is on the shelf, and the cloths of other covers. */
@Service
public class ShelfChoices {

    private static final int MOST = 60;

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
                        .filter(each -> isCalled(each, kept.thing()))
                        .findFirst()
                        .orElseGet(kept.thing()::asCloth);
                used.remove(cloth);
                known.add(new KnownCloth(cloth, kept.stock()));
            }
        }
        for (Kept kept : things(Kind.REMNANT)) {
            boolean isKnown = Stream.concat(used.stream(), known.stream().map(KnownCloth::cloth))
                    .anyMatch(cloth -> isCalled(cloth, kept.thing()));
            if (!isKnown) {
                known.add(new KnownCloth(kept.thing().asCloth(), 0));
            }
        }
        used.forEach(cloth -> known.add(new KnownCloth(cloth, 0)));
        return known;
    }

    /** The pieces of cloth that a thing is, called by its id; none where it is no fabric, or gone. */
    @Transactional(readOnly = true)
    public List<Scrap> scraps(String id) {
        return !id.matches("\\d{1,18}")
                ? List.of()
                : shelf.find(Long.parseLong(id)).stream()
                        .filter(kept -> kept.thing().kind().isFabric())
                        .flatMap(kept -> kept.thing().asScraps(kept.stock()).stream())
                        .toList();
    }

    private static boolean isCalled(Cloth cloth, Thing thing) {
        return cloth.name().equalsIgnoreCase(thing.name());
    }

    /** A thing as a cloth: as it is known where a cover is cut from it, else as the shelf has it. */
    @Transactional(readOnly = true)
    public Cloth cloth(Thing thing) {
        return covers.cloths().stream()
                .filter(each -> thing.fabric().isEmpty() && isCalled(each, thing))
                .findFirst()
                .orElseGet(thing::asCloth);
    }
}
