package app.dapt.web.progress;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.PlainText;
import app.dapt.shelf.Fabric;
import app.dapt.shelf.Thing;
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
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Takes off the shelf what is cut up, with what belongs to it, lays there what is left of the cloth, and undoes both
 * where it turns out not to be cut. What is cut together is taken when the last of it is cut: all of
 * it is laid out as one.
 */
@Component
class ShelfUse {

    private static final Reader ANYBODY = new Reader(Optional.empty(), English.US, Light.SYSTEM);

    /** A spool and a bag of filling are used up little by little; a form stays what it is. */
    private static final Set<Kind> STAYS = EnumSet.of(Kind.THREAD, Kind.FILLING, Kind.FORM);

    /** So many pieces of a cloth are kept. */
    private static final int MOST_LEFT = 3;

    private final Batches batches;
    private final ClothNeeds needs;
    private final CutOrder order;
    private final SetStore sets;
    private final ShelfStore shelf;
    private final Sourcing sourcing;
    private final WorkStore work;
    private final Wording wording;

    ShelfUse(
            Batches batches,
            ClothNeeds needs,
            CutOrder order,
            SetStore sets,
            ShelfStore shelf,
            Sourcing sourcing,
            WorkStore work,
            Wording wording) {
        this.batches = batches;
        this.needs = needs;
        this.order = order;
        this.sets = sets;
        this.sourcing = sourcing;
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
        BuyList all = BuyList.all(batch, sourcing.atHome(), needs, words);
        List<Layout> layouts = order.layouts(batch.owner(), ANYBODY);
        all.cloths().forEach(line -> {
            boolean taken = line.needed()
                    .filter(length -> take(batch.owner(), line.found(), length.grains()))
                    .isPresent();
            layouts.stream()
                    .filter(layout -> taken && layout.cloth().isLike(line.cloth()))
                    .forEach(layout -> leave(batch.owner(), layout));
        });
        all.notions().forEach(line -> line.bought()
                .ware()
                .filter(ware -> !STAYS.contains(ware.kind()))
                .ifPresent(ware -> take(
                        batch.owner(),
                        line.found(),
                        ware.amount() - line.found().lacking())));
        layouts.stream().filter(layout -> layout.choices().onRemnants()).forEach(layout -> fromRemnants(batch, layout));
    }

    private boolean take(Owner owner, Found found, long amount) {
        return found.there()
                .filter(kept -> amount > 0 && amount <= kept.stock())
                .filter(kept -> shelf.takeFor(owner, kept.id(), amount))
                .isPresent();
    }

    /** Takes the remnants that something is cut from, as far as they are on the shelf. */
    private void fromRemnants(Batch batch, Layout layout) {
        boolean taken = layout.spots().stream()
                .map(Spot::remnant)
                // By its place: of two that are alike both are taken.
                .distinct()
                .map(place -> take(batch.owner(), layout.choices().remnants().get(place)))
                .reduce(false, Boolean::logicalOr);
        if (taken) {
            leave(batch.owner(), layout);
        }
    }

    private boolean take(Owner owner, Scrap scrap) {
        return Stream.of(Kind.REMNANT, Kind.CLOTH)
                .flatMap(kind -> shelf.list(scrap.name(), Optional.of(kind), ShelfStore.MOST).stream())
                .filter(kept ->
                        kept.stock() > 0 && kept.thing().asScraps(kept.stock()).contains(scrap))
                .findFirst()
                .filter(kept -> shelf.takeFor(owner, kept.id(), kept.thing().kind() == Kind.REMNANT ? 1 : kept.stock()))
                .isPresent();
    }

    /** Lays on the shelf what is left and worth keeping: as it comes off the cloth, washed. */
    private void leave(Owner owner, Layout layout) {
        Cloth cloth = layout.cloth();
        layout.offcuts().stream()
                .limit(MOST_LEFT)
                .map(offcut -> new Thing(
                        Kind.REMNANT,
                        PlainText.shortened(cloth.name(), Thing.LONGEST_NAME),
                        cloth.colour(),
                        Optional.of(offcut.wide()),
                        Optional.of(offcut.deep()),
                        0,
                        Optional.of(Fabric.of(cloth, true))))
                .forEach(remnant -> shelf.leaveFor(owner, remnant));
    }
}
