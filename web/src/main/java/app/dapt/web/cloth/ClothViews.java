package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.FitSuggestions;
import app.dapt.cover.FitSuggestions.Offer;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Known;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.Wanted;
import app.dapt.layout.WidthOffer;
import app.dapt.layout.search.Task;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.wording.Amounts;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.web.workroom.TableStore;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Puts what is on the cutting table to the searches, and what they have found so far on the page. */
@Component
class ClothViews {

    private static final double SECONDS = 5;
    /** For doing with edge-to-edge cuts what is done already. */
    private static final double EASIER_SECONDS = 2;
    /** For each of the other widths. */
    private static final double WIDTH_SECONDS = 1;

    private static final int MOST_THERE = 12;

    /** Milliseconds that a page waits for a search that may be over at once. */
    private static final long AT_ONCE = 60;

    private final Searches searches;
    private final LayoutStore lays;
    private final ShelfChoices known;
    private final ClothNeeds needs;
    private final TableStore history;

    ClothViews(Searches searches, LayoutStore lays, ShelfChoices known, ClothNeeds needs, TableStore history) {
        this.history = history;
        this.known = known;
        this.needs = needs;
        this.searches = searches;
        this.lays = lays;
    }

    /**
     * What a search has so far.
     *
     * @param done whether that is all it will have
     */
    record Found(Layout laid, Search search, boolean done) {}

    private Found found(Cloth cloth, List<Wanted> wanted, LayoutChoices choices, Table table, double seconds) {
        LayoutProblem lay =
                LayoutProblem.of(cloth, wanted, choices, table.mark().unit());
        Search search = searches.of(lay.asTask(), seconds);
        search.begin();
        return found(lay, search);
    }

    /** The same for what is shown in passing: nothing as long as it is not begun, which the background sees to. */
    private Optional<Found> inPassing(
            Cloth cloth, List<Wanted> wanted, LayoutChoices choices, Table table, Watch watch) {
        LayoutProblem lay =
                LayoutProblem.of(cloth, wanted, choices, table.mark().unit());
        Search search = searches.of(lay.asTask(), WIDTH_SECONDS);
        watch.on(search);
        return search.isBegun() ? Optional.of(found(lay, search)) : Optional.empty();
    }

    private Found found(LayoutProblem lay, Search search) {
        // Asked before the layout is: what is done then will not change.
        boolean done = search.isDone();
        Layout laid = lay.laid(search.best(), search.least());
        return new Found(laid, search, done || laid.verdict().known() == Known.NO_LESS_TO_BUY);
    }

    /** How a cloth lies; once there is nothing shorter to find, with edge-to-edge cuts only if that costs nothing. */
    private Found shown(Table table, ClothUse use, LayoutChoices choices) {
        Found found = found(use.cloth(), use.wanted(), choices, table, SECONDS);
        boolean mayBeEasier = found.done()
                && !choices.onRemnants()
                && !choices.edgeToEdge()
                && !found.laid().isEdgeToEdge();
        if (!mayBeEasier) {
            return found;
        }
        Found easier = found(
                use.cloth(),
                use.wanted(),
                choices.cutting(true, choices.matched(), choices.cutAtRepeat()),
                table,
                EASIER_SECONDS);
        boolean asGood = easier.laid().isEasierThan(found.laid());
        return new Found(asGood ? easier.laid() : found.laid(), easier.search(), easier.done() || asGood);
    }

    private Found found(Table table, int cloth) {
        ClothUse use = table.uses().get(cloth);
        return shown(table, use, lays.find(table.place(use)).choices());
    }

    /** How one cloth lies now. */
    Layout laid(Table table, int cloth) {
        return found(table, cloth).laid();
    }

    /** Lets the search for a shorter layout of one cloth go on for so long from now. */
    void longer(Table table, int cloth, double seconds) {
        ClothUse use = table.uses().get(cloth);
        Search search = found(
                        use.cloth(), use.wanted(), lays.find(table.place(use)).choices(), table, SECONDS)
                .search();
        search.allow((long) (seconds * 1e9));
        searches.goOn(search);
    }

    /** Ends whatever is being searched for one cloth. */
    void enough(Table table, int cloth) {
        found(table, cloth).search().allow(0);
    }

    /** Puts the page on the model. */
    void show(At at, Entries entries, Model model) {
        model.addAttribute("w", at.words());
        model.addAttribute("here", at.redirect().replaceFirst("^redirect:", ""));
        model.addAttribute(
                "picks",
                at.table().uses().isEmpty()
                        ? List.of()
                        : ClothEntry.picks(
                                known.cloths(),
                                at.table().uses().get(at.cloth()).cloth(),
                                at.words()));
        model.addAttribute("there", there(at));
        Optional<LayoutStore.Place> place = at.table().place(at.cloth());
        model.addAttribute(
                "canUndo", history.canUndo(at.table().owner(), at.table().covers(), place));
        model.addAttribute(
                "canRedo", history.canRedo(at.table().owner(), at.table().covers(), place));
        model.addAttribute("page", page(at.table(), at.cloth(), at.piece(), at.words(), entries));
    }

    /** A piece of cloth on the shelf to lay it on. */
    public record There(long id, String name, String like) {}

    /** What is on the shelf to lay the cloth on, that of its name first; nothing that lies here already. */
    private List<There> there(At at) {
        if (at.table().uses().isEmpty()) {
            return List.of();
        }
        ClothUse use = at.table().uses().get(at.cloth());
        List<Scrap> here = lays.find(at.table().place(use)).choices().remnants();
        return Stream.of(Kind.REMNANT, Kind.CLOTH)
                .flatMap(kind -> known.things(kind).stream())
                .filter(kept -> Collections.disjoint(kept.thing().asScraps(kept.stock()), here))
                .sorted(Comparator.comparing(kept ->
                        !kept.thing().name().equalsIgnoreCase(use.cloth().name())))
                .limit(MOST_THERE)
                .map(kept -> new There(
                        kept.id(),
                        kept.thing().name(),
                        kept.thing().kind() == Kind.REMNANT
                                ? Amounts.like(kept.thing(), at.words())
                                : Amounts.said(kept.stock(), kept.thing().kind().counted(), at.words())))
                .toList();
    }

    ClothPage page(Table table, int cloth, String piece, Words words, Entries entries) {
        if (table.uses().isEmpty() || table.uses().get(cloth).count() > Task.MOST_PIECES) {
            return ClothPage.without(table, cloth, words, entries);
        }
        ClothUse use = table.uses().get(cloth);
        LayoutStore.Stored stored = lays.find(table.place(use));
        Found found = shown(table, use, stored.choices());
        if (!found.done() && found.search().isFresh()) {
            // Small ones are done before anybody could have seen them begin.
            found.search().await(AT_ONCE);
            found = shown(table, use, stored.choices());
        }
        takeNote(table, use, stored.choices(), found.laid(), !found.done());
        Watch watch = new Watch();
        watch.on(found.search());
        ToBuy toBuy = new ToBuy(
                use.cloth(),
                found.laid(),
                stored.choices(),
                widths(table, use, stored.choices(), found, watch),
                shopping(table, watch),
                words,
                entries);
        Optional<List<Offer>> offers = offers(table, use, stored.choices(), found, watch);
        return new ClothPage(
                table,
                cloth,
                found.laid(),
                found.done() ? 100 : found.search().percent(),
                stored,
                toBuy,
                offers,
                searches.keep(watch),
                piece,
                words,
                entries);
    }

    /** What is found here is what every other page says. */
    private void takeNote(Table table, ClothUse use, LayoutChoices choices, Layout laid, boolean about) {
        if (!choices.onRemnants() && laid.isComplete()) {
            needs.found(use.cloth(), use.pieces(), table.mark().unit(), laid.toBuy(), about);
        }
    }

    /** Whether no search will find that less will do. */
    private static boolean isLeast(Layout laid) {
        return laid.verdict().known() == Known.LEAST || laid.verdict().known() == Known.NO_LESS_TO_BUY;
    }

    /** What to buy of every cloth on the table. */
    private List<ToBuy.Shopping> shopping(Table table, Watch watch) {
        List<ToBuy.Shopping> list = new ArrayList<>();
        for (ClothUse use : table.uses()) {
            if (use.count() <= Task.MOST_PIECES) {
                LayoutChoices choices = lays.find(table.place(use)).choices();
                Optional<Found> found = inPassing(use.cloth(), use.wanted(), choices, table, watch);
                // A glance in passing is over sooner than a search on the cloth's own page.
                found.map(Found::laid).ifPresent(laid -> takeNote(table, use, choices, laid, !isLeast(laid)));
                Optional<Length> buy = found.map(each -> each.laid().toBuy().total());
                list.add(new ToBuy.Shopping(
                        use.cloth().name(),
                        choices.onRemnants(),
                        buy,
                        buy.flatMap(length -> use.cloth().cost(length, table.unit())),
                        found.filter(Found::done).isEmpty()));
            }
        }
        return list;
    }

    /** A question for what would do: what the answer hangs on. */
    private record Question(CoverPlan plan, Mark mark, Cloth cloth, LayoutChoices lay) {}

    /** What would do where a cover does not go on what is at hand; empty while it is being worked out. */
    private Optional<List<Offer>> offers(Table table, ClothUse use, LayoutChoices lay, Found found, Watch watch) {
        if (!lay.onRemnants()
                || lay.remnants().isEmpty()
                || found.laid().isComplete()
                || table.owner().isSet()) {
            return Optional.of(List.of());
        }
        CoverPlan plan = table.members().get(0).cover().plan();
        String key = String.valueOf(table.owner().id());
        if (!found.done()) {
            return Optional.empty();
        }
        Question question = new Question(plan, table.mark(), use.cloth(), lay);
        Optional<List<Offer>> offers = searches.once(
                question, () -> FitSuggestions.offers(plan, table.mark(), key, use.cloth(), lay), List.<Offer>of());
        if (offers.isEmpty()) {
            watch.on(() -> searches.isAnswered(question));
        }
        return offers;
    }

    /** The offer by this name as the page shows it. */
    Optional<Offer> offer(Table table, int cloth, String code) {
        ClothUse use = table.uses().get(cloth);
        LayoutChoices lay = lays.find(table.place(use)).choices();
        return offers(table, use, lay, found(table, cloth), new Watch()).stream()
                .flatMap(List::stream)
                .filter(offer -> offer.code().equals(code))
                .findFirst();
    }

    /** What is known of a width so far. */
    private record Priced(WidthOffer offer, boolean isStillLooking) {

        static Priced of(Cloth cloth, Optional<Found> found, Table table, boolean chosen) {
            return new Priced(
                    WidthOffer.of(cloth, found.map(Found::laid), table.unit(), chosen),
                    found.filter(Found::done).isEmpty());
        }
    }

    /** What buying comes to in every width sold, the cheapest marked. */
    private List<ToBuy.WidthRow> widths(Table table, ClothUse use, LayoutChoices choices, Found chosen, Watch watch) {
        if (choices.onRemnants()) {
            return List.of();
        }
        List<Priced> priced = WidthOffer.widths(use.cloth(), table.unit()).stream()
                .map(width -> width.equals(use.cloth().width())
                        ? Priced.of(use.cloth(), Optional.of(chosen), table, true)
                        : elsewhere(table, use, choices, width, watch))
                .toList();
        Optional<WidthOffer> cheapest =
                WidthOffer.cheapest(priced.stream().map(Priced::offer).toList());
        return priced.stream()
                .map(each -> new ToBuy.WidthRow(
                        each.offer(),
                        each.isStillLooking(),
                        cheapest.filter(each.offer()::equals).isPresent()))
                .toList();
    }

    private Priced elsewhere(Table table, ClothUse use, LayoutChoices choices, Length width, Watch watch) {
        Cloth cloth = use.cloth()
                .withWidth(width)
                .withPrice(choices.prices().getOrDefault(width, use.cloth().price()));
        Optional<ClothUse> there = table.instead(use, cloth).filter(each -> each.count() <= Task.MOST_PIECES);
        if (there.isEmpty()) {
            return new Priced(WidthOffer.of(cloth, Optional.empty(), table.unit(), false), false);
        }
        return Priced.of(cloth, inPassing(cloth, there.get().wanted(), choices.unpinned(), table, watch), table, false);
    }
}
