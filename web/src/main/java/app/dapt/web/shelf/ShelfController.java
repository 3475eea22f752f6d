package app.dapt.web.shelf;

import app.dapt.cloth.Scrap;
import app.dapt.measure.Phrase;
import app.dapt.shelf.Movement.Why;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Counted;
import app.dapt.shelf.Thing.Kind;
import app.dapt.shelf.Turn;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.progress.CutState;
import app.dapt.web.progress.Sourcing;
import app.dapt.web.wording.Amounts;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.ShelfStore.Kept;
import app.dapt.web.workroom.ShelfStore.Outcome;
import app.dapt.web.workroom.TurnStore;
import app.dapt.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What is on the shelf: put on it, taken off it, told otherwise. */
@Controller
@RequestMapping("/shelf")
class ShelfController {

    private static final int LONGEST_FIND = 80;
    private static final int YEARS = 5;

    private final ShelfStore shelf;
    private final CalendarStore calendar;
    private final Batches batches;
    private final ClothNeeds needs;
    private final Sourcing sourcing;
    private final LayoutStore lays;
    private final TurnStore turns;
    private final CoverStore covers;
    private final Wording wording;
    private final Clock clock;

    ShelfController(
            ShelfStore shelf,
            CalendarStore calendar,
            Batches batches,
            ClothNeeds needs,
            Sourcing sourcing,
            LayoutStore lays,
            TurnStore turns,
            CoverStore covers,
            Wording wording,
            Clock clock) {
        this.calendar = calendar;
        this.batches = batches;
        this.needs = needs;
        this.sourcing = sourcing;
        this.lays = lays;
        this.turns = turns;
        this.covers = covers;
        this.shelf = shelf;
        this.wording = wording;
        this.clock = clock;
    }

    @GetMapping
    String shelf(Reader reader, @RequestParam Map<String, String> asked, Model model) {
        return shown(new Entries(Map.of(), wording.words(reader)), asked, open(asked), reader, model);
    }

    private Optional<Kept> open(Map<String, String> asked) {
        String thing = asked.getOrDefault("thing", "");
        return thing.matches("\\d{1,18}") ? shelf.find(Long.parseLong(thing)) : Optional.empty();
    }

    /** Puts something new on it. */
    @PostMapping
    String put(Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        if (typed.getOrDefault("name", "").isBlank()) {
            entries.refuse("name", "entry.name", Thing.LONGEST_NAME);
        }
        Thing thing = ThingEntry.thing(entries.choice("kind", Kind.class, Kind.CLOTH), entries, empty());
        Optional<Long> amount = ThingEntry.amount("amount", thing.kind().counted(), entries);
        if (!entries.isClean()) {
            return shown(entries, typed, Optional.empty(), reader, model);
        }
        Optional<Long> id = shelf.put(
                thing, amount.orElse(thing.kind() == Kind.REMNANT ? 1L : 0L), typed.getOrDefault("press", ""));
        if (id.isEmpty()) {
            entries.refuse("name", "shelf.full", ShelfStore.MOST);
            return shown(entries, typed, Optional.empty(), reader, model);
        }
        return Redirect.to("/shelf", "thing", String.valueOf(id.get()));
    }

    /** Says otherwise what something is. */
    @PostMapping("/{id}")
    String change(@PathVariable long id, Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Optional<Kept> kept = shelf.find(id);
        if (kept.isEmpty()) {
            return Redirect.to("/shelf");
        }
        Entries entries = new Entries(typed, wording.words(reader));
        Thing thing =
                ThingEntry.thing(kept.get().thing().kind(), entries, kept.get().thing());
        shelf.change(id, thing);
        return entries.isClean()
                ? Redirect.to("/shelf", "thing", String.valueOf(id))
                : shown(entries, typed, shelf.find(id), reader, model);
    }

    /** Puts some of it on, or takes some off. */
    @PostMapping("/{id}/move")
    String move(@PathVariable long id, Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Optional<Kept> kept = shelf.find(id);
        if (kept.isEmpty()) {
            return Redirect.to("/shelf");
        }
        Entries entries = new Entries(typed, wording.words(reader));
        Counted counted = kept.get().thing().kind().counted();
        Why why = entries.choice("why", Why.class, Why.BOUGHT);
        Optional<Long> amount = ThingEntry.amount("amount", counted, entries);
        if (amount.isPresent() && why != Why.UNDONE) {
            long moved = why == Why.CORRECTED ? amount.get() - kept.get().stock() : why.signed(amount.get());
            if (moved != 0 && shelf.move(id, why, moved) != Outcome.MOVED) {
                String there = Amounts.said(shelf.find(id).map(Kept::stock).orElse(0L), counted, entries.words());
                entries.refuse("amount", "shelf.not-so-much", there);
            }
        } else if (entries.isClean()) {
            entries.refuse("amount", "shelf.how-much");
        }
        return entries.isClean()
                ? Redirect.to("/shelf", "thing", String.valueOf(id))
                : shown(entries, typed, shelf.find(id), reader, model);
    }

    /** Undoes a movement. */
    @PostMapping("/{id}/undo")
    String undo(@PathVariable long id, @RequestParam(defaultValue = "0") long movement, Reader reader, Model model) {
        Entries entries = new Entries(Map.of(), wording.words(reader));
        if (shelf.undo(id, movement) != Outcome.MOVED) {
            entries.refuse("amount", "shelf.not-undone");
        }
        return entries.isClean()
                ? Redirect.to("/shelf", "thing", String.valueOf(id))
                : shown(entries, Map.of(), shelf.find(id), reader, model);
    }

    /** Gives a form one of the covers that take turns on it. */
    @PostMapping("/{id}/turns")
    String turn(@PathVariable long id, Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Optional<Kept> kept = shelf.find(id).filter(there -> there.thing().kind() == Kind.FORM);
        if (kept.isEmpty()) {
            return Redirect.to("/shelf");
        }
        Entries entries = new Entries(typed, wording.words(reader));
        LocalDate today = LocalDate.now(clock);
        String cover = entries.maybeText("turn-cover", Turn.LONGEST_NAME, "");
        if (cover.isBlank() && entries.isClean()) {
            entries.refuse("turn-cover", "entry.name", Turn.LONGEST_NAME);
        }
        String place = entries.maybeText("turn-kept", Turn.LONGEST_PLACE, "");
        // Any year will do: it is the day that comes again.
        LocalDate from = entries.day("turn-from", today.minusYears(YEARS), today.plusYears(YEARS), today);
        if (entries.isClean() && !turns.put(id, new Turn(cover, MonthDay.from(from), place))) {
            entries.refuse("turn-cover", "shelf.turns-full", TurnStore.MOST);
        }
        return entries.isClean()
                ? Redirect.to("/shelf", "thing", String.valueOf(id))
                : shown(entries, typed, kept, reader, model);
    }

    @PostMapping("/{id}/turns/{turn}/drop")
    String dropTurn(@PathVariable long id, @PathVariable long turn) {
        turns.drop(turn);
        return Redirect.to("/shelf", "thing", String.valueOf(id));
    }

    /** Takes it off the list, or puts it back. */
    @PostMapping("/{id}/away")
    String away(@PathVariable long id, @RequestParam(defaultValue = "1") String gone) {
        shelf.putAway(id, gone.equals("1"));
        return gone.equals("1")
                ? Redirect.to("/shelf", "gone", String.valueOf(id))
                : Redirect.to("/shelf", "thing", String.valueOf(id));
    }

    /** What is in work and wants some of it. */
    private List<String> wanting(Kept kept, Reader reader, Words words) {
        if (kept.thing().kind() == Kind.REMNANT) {
            return wantingRemnant(kept, reader, words);
        }
        List<Batch> inWork = calendar.inWork().stream()
                .flatMap(each -> batches.findAny(each.owner(), reader).stream())
                .toList();
        return BuyList.open(inWork, sourcing.atHome(), needs, words).wanting(kept.id(), words);
    }

    /** What is laid out on a remnant and not cut yet, whether it is in work or not. */
    private List<String> wantingRemnant(Kept kept, Reader reader, Words words) {
        List<Scrap> alike = kept.thing().asScraps(1);
        List<String> wanting = kept.stock() == 0
                ? List.of()
                : lays.fromRemnants().stream()
                        .filter(cut -> !Collections.disjoint(cut.remnants(), alike))
                        .flatMap(cut -> batches.findAny(cut.owner(), reader).stream())
                        .filter(batch -> batch.cut().values().stream().noneMatch(CutState::isCutAsPlanned))
                        .map(batch -> words.say("buy.for-it", batch.name()))
                        .toList();
        return wanting.size() > kept.stock()
                ? Stream.concat(wanting.stream(), Stream.of(words.say("shelf.more-want", kept.stock())))
                        .toList()
                : wanting;
    }

    private static Thing empty() {
        return new Thing(Kind.CLOTH, "…", "#31507e", Optional.empty(), Optional.empty(), 0);
    }

    private String shown(Entries entries, Map<String, String> asked, Optional<Kept> open, Reader reader, Model model) {
        String find = asked.getOrDefault("find", "").strip();
        String kind = asked.getOrDefault("only", "");
        ShelfOrder order = Stream.of(ShelfOrder.values())
                .filter(each -> Phrase.code(each).equals(asked.get("sort")))
                .findFirst()
                .orElse(ShelfOrder.NAME);
        List<Kept> things = shelf.list(
                find.substring(0, Math.min(find.length(), LONGEST_FIND)),
                Stream.of(Kind.values())
                        .filter(each -> Phrase.code(each).equals(kind))
                        .findFirst(),
                // All of them have to be there to be sorted; by name the store has sorted them.
                order == ShelfOrder.NAME ? ShelfPage.MOST_LINES + 1 : ShelfStore.MOST);
        List<Kept> lying = things.stream()
                // A remnant that was cut up is none any more.
                .filter(kept -> kept.thing().kind() != Kind.REMNANT || kept.stock() > 0)
                .toList();
        Thing fresh = new Thing(
                entries.choice("kind", Kind.class, Kind.CLOTH), "…", "#31507e", Optional.empty(), Optional.empty(), 0);
        model.addAttribute("w", entries.words());
        model.addAttribute("here", "/shelf");
        model.addAttribute("press", UUID.randomUUID().toString());
        boolean isForm = open.filter(kept -> kept.thing().kind() == Kind.FORM).isPresent();
        model.addAttribute(
                "turns",
                new TurnsPage(
                        isForm ? turns.list(open.orElseThrow().id()) : List.of(),
                        isForm ? covers.list("", 1).covers() : List.of(),
                        LocalDate.now(clock),
                        entries,
                        reader.locale()));
        model.addAttribute("gone", asked.getOrDefault("gone", "").replaceAll("\\D", ""));
        model.addAttribute(
                "shelf",
                new ShelfPage(
                        order == ShelfOrder.NAME ? lying : order.sorted(lying),
                        find,
                        kind,
                        order,
                        open,
                        open.map(kept -> shelf.movements(kept.id())).orElse(List.of()),
                        open.map(kept -> wanting(kept, reader, entries.words())).orElse(List.of()),
                        open.map(Kept::thing).orElse(fresh),
                        entries,
                        clock.getZone(),
                        reader.locale(),
                        entries.words()));
        return "shelf/page";
    }
}
