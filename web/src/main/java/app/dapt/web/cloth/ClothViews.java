package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Laid.Known;
import app.dapt.cloth.Laid;
import app.dapt.cloth.Lay;
import app.dapt.cloth.LayPlan;
import app.dapt.cloth.Task;
import app.dapt.cloth.Wanted;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.WhatWouldDo.Offer;
import app.dapt.cover.WhatWouldDo;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.web.Entries;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.workroom.LayStore;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Puts what is on the cutting table to the searches, and what they have found so far on the page. */
@Component
class ClothViews {

    private static final double SECONDS = 5;
    /** For doing with edge-to-edge cuts what is done already. */
    private static final double EASIER_SECONDS = 2;
    /** For each of the other widths. */
    private static final double WIDTH_SECONDS = 1;

    /** Milliseconds that a page waits for a search that may be over at once. */
    private static final long AT_ONCE = 60;

    private final Searches searches;
    private final LayStore lays;

    ClothViews(Searches searches, LayStore lays) {
        this.searches = searches;
        this.lays = lays;
    }

    /**
     * What a search has so far.
     *
     * @param done whether that is all it will have
     */
    record Found(Laid laid, Search search, boolean done) {
    }

    private Found found(Cloth cloth, List<Wanted> wanted, LayPlan plan, Table table, double seconds) {
        Lay lay = Lay.of(cloth, wanted, plan, table.mark().unit());
        Search search = searches.of(lay.asTask(), seconds);
        // Asked before the layout is: what is done then will not change.
        boolean done = search.isDone();
        Laid laid = lay.laid(search.best(), search.least());
        return new Found(laid, search, done || laid.verdict().known() == Known.NO_LESS_TO_BUY);
    }

    /** How a cloth lies; once there is nothing shorter to find, with edge-to-edge cuts only if that costs nothing. */
    private Found shown(Table table, ClothUse use, LayPlan plan) {
        Found found = found(use.cloth(), use.wanted(), plan, table, SECONDS);
        boolean mayBeEasier = found.done() && !plan.onRemnants() && !plan.edgeToEdge() && !found.laid().isEdgeToEdge();
        if (!mayBeEasier) {
            return found;
        }
        Found easier = found(use.cloth(), use.wanted(), plan.cutting(true, plan.matched(), plan.cutAtRepeat()), table, EASIER_SECONDS);
        boolean asShort = easier.laid().isEdgeToEdge() && easier.laid().toBuy().total().equals(found.laid().toBuy().total());
        return new Found(asShort ? easier.laid() : found.laid(), easier.search(), easier.done() || asShort);
    }

    private Found found(Table table, int cloth) {
        ClothUse use = table.uses().get(cloth);
        return shown(table, use, lays.find(table.owner(), use.cloth(), table.unit()).plan());
    }

    /** How one cloth lies now. */
    Laid laid(Table table, int cloth) {
        return found(table, cloth).laid();
    }

    /** Lets the search for a shorter layout of one cloth go on for so long from now. */
    void longer(Table table, int cloth, double seconds) {
        ClothUse use = table.uses().get(cloth);
        Search search = found(use.cloth(), use.wanted(), lays.find(table.owner(), use.cloth(), table.unit()).plan(), table, SECONDS).search();
        search.allow((long) (seconds * 1e9));
        searches.goOn(search);
    }

    /** Ends whatever is being searched for one cloth. */
    void enough(Table table, int cloth) {
        found(table, cloth).search().allow(0);
    }

    ClothPage page(Table table, int cloth, String piece, Words words, Entries entries) {
        if (table.uses().isEmpty() || table.uses().get(cloth).count() > Task.MOST_PIECES) {
            return ClothPage.without(table, cloth, words, entries);
        }
        ClothUse use = table.uses().get(cloth);
        LayStore.Stored stored = lays.find(table.owner(), use.cloth(), table.unit());
        Found found = shown(table, use, stored.plan());
        if (!found.done() && found.search().isFresh()) {
            // Small ones are done before anybody could have seen them begin.
            found.search().await(AT_ONCE);
            found = shown(table, use, stored.plan());
        }
        return new ClothPage(table, cloth, found.laid(), found.done() ? 100 : found.search().percent(), stored, widths(table, use, stored.plan(), found), shopping(table),
                offers(table, use, stored.plan(), found), piece, words, entries);
    }

    /** What to buy of every cloth on the table. */
    private List<ClothPage.Shopping> shopping(Table table) {
        List<ClothPage.Shopping> list = new ArrayList<>();
        for (ClothUse use : table.uses()) {
            if (use.count() <= Task.MOST_PIECES) {
                LayPlan plan = lays.find(table.owner(), use.cloth(), table.unit()).plan();
                Found found = found(use.cloth(), use.wanted(), plan, table, WIDTH_SECONDS);
                Length buy = found.laid().toBuy().total();
                list.add(new ClothPage.Shopping(use.cloth().name(), plan.onRemnants(), buy, use.cloth().cost(buy, table.unit()), !found.done()));
            }
        }
        return list;
    }

    /** A question for what would do: what the answer hangs on. */
    private record Question(CoverPlan plan, Mark mark, Cloth cloth, LayPlan lay) {
    }

    /** What would do where a cover does not go on what is at hand; empty while it is being worked out. */
    private Optional<List<Offer>> offers(Table table, ClothUse use, LayPlan lay, Found found) {
        if (!lay.onRemnants() || lay.remnants().isEmpty() || found.laid().isComplete() || table.owner().isSet()) {
            return Optional.of(List.of());
        }
        CoverPlan plan = table.members().get(0).cover().plan();
        String key = String.valueOf(table.owner().id());
        return found.done() ? searches.once(new Question(plan, table.mark(), use.cloth(), lay),
                () -> WhatWouldDo.offers(plan, table.mark(), key, use.cloth(), lay), List.<Offer>of()) : Optional.empty();
    }

    /** The offer by this name as the page shows it. */
    Optional<Offer> offer(Table table, int cloth, String code) {
        ClothUse use = table.uses().get(cloth);
        LayPlan lay = lays.find(table.owner(), use.cloth(), table.unit()).plan();
        return offers(table, use, lay, found(table, cloth)).stream().flatMap(List::stream).filter(offer -> offer.code().equals(code)).findFirst();
    }

    /** What buying comes to in every width sold, the cheapest marked. */
    private List<ClothPage.WidthRow> widths(Table table, ClothUse use, LayPlan plan, Found chosen) {
        if (plan.onRemnants()) {
            return List.of();
        }
        List<ClothPage.WidthRow> rows = new ArrayList<>();
        for (Length width : widths(use.cloth(), table.unit())) {
            boolean own = width.equals(use.cloth().width());
            Cloth cloth = own ? use.cloth() : use.cloth().withWidth(width).withPrice(plan.prices().getOrDefault(width, use.cloth().price()));
            Optional<ClothUse> there = own ? Optional.of(use) : table.instead(use.cloth(), cloth).filter(each -> each.count() <= Task.MOST_PIECES);
            Found found = own || there.isEmpty() ? chosen : found(cloth, there.get().wanted(), plan.unpinned(), table, WIDTH_SECONDS);
            Optional<Length> buy = there.isPresent() && found.laid().isComplete() ? Optional.of(found.laid().toBuy().total()) : Optional.empty();
            rows.add(new ClothPage.WidthRow(width, buy, buy.flatMap(length -> cloth.cost(length, table.unit())), own, !found.done(), false));
        }
        Optional<ClothPage.WidthRow> cheapest = rows.stream().filter(row -> row.cost().isPresent())
                .min(Comparator.comparing((ClothPage.WidthRow row) -> row.cost().get()).thenComparing(row -> row.isChosen() ? 0 : 1));
        return rows.stream().map(row -> cheapest.filter(row::equals).isPresent() ? row.asCheapest() : row).toList();
    }

    /** The widths a cloth is sold in, and its own. */
    static List<Length> widths(Cloth cloth, Unit unit) {
        TreeSet<Length> widths = new TreeSet<>(Cloth.widthsSold(unit));
        widths.add(cloth.width());
        return List.copyOf(widths);
    }

    /** The name of the field that a width's price is typed into. */
    static String priceName(Length width) {
        return "price-" + width.grains();
    }
}
