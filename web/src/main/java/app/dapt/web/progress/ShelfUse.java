package app.dapt.web.progress;

import app.dapt.shelf.Prices;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.progress.Sources.Found;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Reader.Light;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Takes off the shelf what is cut up, with what belongs to it, and puts it back where it turns out not to be cut. What
 * is cut together is taken when the last of it is cut: all of it is laid out as one.
 */
@Component
class ShelfUse {

    private static final Reader ANYBODY = new Reader(Optional.empty(), English.US, Light.SYSTEM);

    /** A spool and a bag of filling are used up little by little; a form stays what it is. */
    private static final Set<Kind> STAYS = EnumSet.of(Kind.THREAD, Kind.FILLING, Kind.FORM);

    private final Batches batches;
    private final ClothNeeds needs;
    private final SetStore sets;
    private final ShelfStore shelf;
    private final WorkStore work;
    private final Wording wording;

    ShelfUse(Batches batches, ClothNeeds needs, SetStore sets, ShelfStore shelf, WorkStore work, Wording wording) {
        this.batches = batches;
        this.needs = needs;
        this.sets = sets;
        this.shelf = shelf;
        this.work = work;
        this.wording = wording;
    }

    @EventListener
    void cut(WorkStore.Cut cut) {
        Owner owner = owner(cut.cover());
        if (!cut.isCut()) {
            shelf.giveBack(owner);
        } else if (isAllCut(owner) && !shelf.hasTakenFor(owner)) {
            batches.findAny(owner, ANYBODY).ifPresent(this::take);
        }
    }

    /** The set that a cover is made with, or the cover by itself. */
    private Owner owner(long cover) {
        return sets.members().entrySet().stream()
                .filter(set -> set.getValue().contains(cover))
                .map(Map.Entry::getKey)
                .sorted()
                .filter(set -> made(set).contains(cover))
                .findFirst()
                .map(Owner::set)
                .orElse(Owner.cover(cover));
    }

    private boolean isAllCut(Owner owner) {
        List<Long> covers = owner.isSet() ? made(owner.id()) : List.of(owner.id());
        return work.plansAtCut(covers).keySet().containsAll(covers);
    }

    /** The covers of a set that are made. */
    private List<Long> made(long set) {
        return sets.find(set).members().stream()
                .filter(member -> member.count() > 0)
                .map(member -> member.cover().id())
                .toList();
    }

    private void take(Batch batch) {
        Words words = wording.words(ANYBODY, batch.covers().get(0).reckoned().mark());
        BuyList all = BuyList.all(batch, new Sources(shelf.list(""), new Prices(List.of())), needs, words);
        all.cloths()
                .forEach(line -> line.needed().ifPresent(length -> take(batch.owner(), line.found(), length.grains())));
        all.notions().forEach(line -> line.bought()
                .ware()
                .filter(ware -> !STAYS.contains(ware.kind()))
                .ifPresent(ware -> take(
                        batch.owner(),
                        line.found(),
                        ware.amount() - line.found().lacking())));
    }

    private void take(Owner owner, Found found, long amount) {
        found.there()
                .filter(kept -> amount > 0 && amount <= kept.stock())
                .ifPresent(kept -> shelf.takeFor(owner, kept.id(), amount));
    }
}
