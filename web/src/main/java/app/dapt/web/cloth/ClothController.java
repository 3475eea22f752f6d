package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.decision.LengthRange;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.PieceWindow;
import app.dapt.layout.WidthOffer;
import app.dapt.layout.Window;
import app.dapt.measure.Length;
import app.dapt.web.Redirect;
import app.dapt.web.entry.ClothEntry;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.ScrapEntry;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.ShelfChoices;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The cloth of one cover or of a set: what to buy, how the pieces lie, and whether what is at hand will do. Every
 * change says what is different and answers with the view afresh.
 */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/cloth")
class ClothController {

    private static final double LONGER_SECONDS = 30;
    /** Inches that a print is slid at the most. */
    private static final double FARTHEST = 1000;

    private static final int NO_PRICE = -1;

    private final Cutting cutting;
    private final LayoutStore lays;
    private final ClothViews views;
    private final ShelfChoices shelf;

    ClothController(Cutting cutting, LayoutStore lays, ClothViews views, ShelfChoices shelf) {
        this.shelf = shelf;
        this.cutting = cutting;
        this.lays = lays;
        this.views = views;
    }

    @GetMapping
    String cloth(@ModelAttribute(name = "at", binding = false) At at, Model model) {
        views.show(at, at.nothing(), model);
        return at.template();
    }

    /** One of the choices that are either so or not. */
    @PostMapping("/choose")
    String choose(
            @ModelAttribute(name = "at", binding = false) At at,
            @RequestParam String what,
            @RequestParam(defaultValue = "false") boolean on,
            Model model) {
        return change(
                at,
                plan -> switch (what) {
                    case "edge-to-edge" -> plan.cutting(on, plan.matched(), plan.cutAtRepeat());
                    case "matched" -> plan.cutting(plan.edgeToEdge(), on, plan.cutAtRepeat());
                    case "cut-at-repeat" -> plan.cutting(plan.edgeToEdge(), plan.matched(), on);
                    case "reserve" -> plan.reserving(on);
                    case "at-hand" -> plan.at(on, plan.remnants());
                    default -> plan;
                },
                model);
    }

    /** How the cloth itself is used, repeats and shrinks: in every cover cut from it. */
    @PostMapping("/stuff")
    String stuff(
            @ModelAttribute(name = "at", binding = false) At at,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model) {
        Cloth use = AtTable.needed(at).stuff();
        Entries entries = new Entries(typed, at.words());
        boolean sideways = typed.containsKey("sideways") ? typed.get("sideways").equals("true") : use.sideways();
        Cloth used = ClothEntry.used(use.used(sideways, use.ownRepeat(), use.shrinkage()), "cloth", entries)
                .withPrice(entries.hundredths("cloth-price", Cloth.DEAREST, use.price()));
        cutting.change(at, each -> used);
        return answer(at.on(cutting.table(at.table().owner(), reader)), entries, model);
    }

    /** Another cloth instead of this one, in every cover on the table. */
    @PostMapping("/instead")
    String instead(
            @ModelAttribute(name = "at", binding = false) At at,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model) {
        Entries entries = new Entries(typed, at.words());
        Optional<Cloth> picked = ClothEntry.picked("pick", entries);
        if (picked.isEmpty()) {
            return answer(at, entries, model);
        }
        AtTable.needed(at);
        cutting.change(at, each -> picked.get());
        return Redirect.to(at.table().owner().path() + "/cloth");
    }

    /** The table it is cut on, and what other widths cost: fields that may be refused. */
    @PostMapping("/figures")
    String figures(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam Map<String, String> typed, Model model) {
        Entries entries = new Entries(typed, at.words());
        lay(
                at,
                plan -> priced(
                        plan.onTable(
                                entries.length(
                                        "table-wide",
                                        LengthRange.PIECE,
                                        plan.table().wide()),
                                entries.length(
                                        "table-deep",
                                        LengthRange.PIECE,
                                        plan.table().deep())),
                        entries,
                        at));
        return answer(at, entries, model);
    }

    private static LayoutChoices priced(LayoutChoices choices, Entries entries, At at) {
        LayoutChoices priced = choices;
        for (Length width : WidthOffer.widths(at.stuff(), at.table().unit())) {
            String name = ToBuy.priceName(width);
            if (entries.raw(name).filter(String::isBlank).isPresent()) {
                priced = priced.priced(width, Optional.empty());
            } else if (entries.raw(name).isPresent()) {
                int price =
                        entries.hundredths(name, Cloth.DEAREST, choices.prices().getOrDefault(width, NO_PRICE));
                priced = price == NO_PRICE ? priced : priced.priced(width, Optional.of(price));
            }
        }
        return priced;
    }

    /** Buys it in another width: every cover cut from it is planned with that. */
    @PostMapping("/width")
    String width(@ModelAttribute(name = "at", binding = false) At at, @RequestParam long grains) {
        Cloth use = AtTable.needed(at).stuff();
        Length width = new Length(grains);
        if (WidthOffer.widths(use, at.table().unit()).contains(width)) {
            int price = lays.find(at.place()).choices().prices().getOrDefault(width, use.price());
            cutting.change(at, each -> each.withWidth(width).withPrice(price));
        }
        return at.redirect();
    }

    /** Something to do with one copy of a piece. */
    @PostMapping("/piece")
    String piece(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam(name = "do") String what, Model model) {
        Optional<Spot> spot = views.laid(AtTable.needed(at).table(), at.cloth()).spot(at.piece());
        return !at.knowsPiece()
                ? answer(at, at.nothing(), model)
                : change(
                        at,
                        plan -> switch (what) {
                            case "pin" ->
                                spot.map(s -> plan.pinned(
                                                at.piece(),
                                                Optional.of(new LayoutChoices.Pin(
                                                        s.across(), s.along(), s.turned(), s.about(), s.remnant()))))
                                        .orElse(plan);
                            case "unpin" -> plan.pinned(at.piece(), Optional.empty());
                            case "turn" ->
                                plan.turning(at.piece(), !spot.map(Spot::turned).orElse(false));
                            case "out" -> plan.without(at.piece(), true);
                            case "in" -> plan.without(at.piece(), false);
                            default -> plan;
                        },
                        model);
    }

    /**
     * How a print is slid.
     *
     * @param right inches, as is down
     * @param to    a place by name, where it is slid to one
     */
    private record Slide(double right, double down, String to) {

        /** What of it can be read; nowhere where none can. */
        static Slide of(Map<String, String> typed) {
            return new Slide(inches(typed, "right"), inches(typed, "down"), typed.getOrDefault("to", ""));
        }

        private static double inches(Map<String, String> typed, String name) {
            String text = typed.getOrDefault(name, "0");
            double inches = text.matches("-?\\d{1,5}(\\.\\d{1,9})?") ? Double.parseDouble(text) : 0;
            return Math.abs(inches) < FARTHEST ? inches : 0;
        }
    }

    /** Slides the print under a piece, in inches, centres its motif, or lets it lie wherever it goes. */
    @PostMapping("/slide")
    String slide(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam Map<String, String> typed, Model model) {
        Cloth use = AtTable.needed(at).stuff();
        Optional<Spot> spot = views.laid(at.table(), at.cloth()).spot(at.piece());
        Slide slide = Slide.of(typed);
        if (spot.isEmpty() || use.repeat().isEmpty()) {
            return change(at, plan -> plan, model);
        }
        return change(
                at,
                plan -> switch (slide.to()) {
                    case "middle" ->
                        PieceWindow.shown(
                                plan, spot.get(), Window.middleOf(use.repeat().get()));
                    case "anywhere" -> plan.showing(spot.get().wanted().key(), Optional.empty());
                    default ->
                        PieceWindow.under(spot.get(), use)
                                .map(window -> PieceWindow.shown(
                                        plan,
                                        spot.get(),
                                        PieceWindow.slid(
                                                window,
                                                use,
                                                Length.nearInches(slide.right()),
                                                Length.nearInches(slide.down()),
                                                at.table().unit())))
                                .orElse(plan);
                },
                model);
    }

    /** Adds a remnant, changes one, or takes one away. */
    @PostMapping("/remnant")
    String remnant(
            @ModelAttribute(name = "at", binding = false) At at, @RequestParam Map<String, String> typed, Model model) {
        Entries entries = new Entries(typed, at.words());
        String which = typed.getOrDefault("number", "");
        int number = which.matches("\\d{1,3}") ? Integer.parseInt(which) : -1;
        lay(at, plan -> {
            List<Scrap> scraps = new ArrayList<>(plan.remnants());
            boolean known = number >= 0 && number < scraps.size();
            if (!typed.getOrDefault("remove", "").isEmpty() && known) {
                scraps.remove(number);
                return plan.at(plan.onRemnants(), scraps);
            }
            List<Scrap> there = shelf.scraps(typed.getOrDefault("there", ""));
            if (!there.isEmpty() && scraps.size() < LayoutChoices.MOST_REMNANTS) {
                scraps.add(there.get(0));
                return plan.at(true, scraps);
            }
            if (!known && scraps.size() >= LayoutChoices.MOST_REMNANTS) {
                entries.refuse("corners", "scrap.too-many", LayoutChoices.MOST_REMNANTS);
                return plan;
            }
            ScrapEntry.read(entries, at.words(), scraps.size() + 1).ifPresent(scrap -> {
                if (known) {
                    scraps.set(number, scrap);
                } else {
                    scraps.add(scrap);
                }
            });
            return plan.at(plan.onRemnants() || !scraps.equals(plan.remnants()), scraps);
        });
        return answer(at, entries, model);
    }

    /** Takes what was offered where it does not fit: the cover is planned so, or the panel is joined. */
    @PostMapping("/would")
    String would(@ModelAttribute(name = "at", binding = false) At at, @RequestParam String offer) {
        views.offer(AtTable.needed(at).table(), at.cloth(), offer).ifPresent(taken -> {
            taken.plan().ifPresent(plan -> cutting.plan(at, plan));
            taken.lay().ifPresent(lay -> lay(at, before -> lay));
        });
        return at.redirect();
    }

    /** Joins a panel from two under its flap, or cuts it whole again. */
    @PostMapping("/join")
    String join(
            @ModelAttribute(name = "at", binding = false) At at,
            @RequestParam String key,
            @RequestParam boolean on,
            Model model) {
        boolean known = AtTable.needed(at).use().wanted().stream()
                .anyMatch(wanted -> wanted.key().equals(key));
        return change(at, plan -> known ? plan.joining(key, on) : plan, model);
    }

    /** Lets the search go on for longer, or ends it. */
    @PostMapping("/search")
    String search(@ModelAttribute(name = "at", binding = false) At at, @RequestParam boolean longer, Model model) {
        if (longer) {
            views.longer(AtTable.needed(at).table(), at.cloth(), LONGER_SECONDS);
        } else {
            views.enough(AtTable.needed(at).table(), at.cloth());
        }
        return answer(at, at.nothing(), model);
    }

    @PostMapping("/undo")
    String undo(@ModelAttribute(name = "at", binding = false) At at, Reader reader, Model model) {
        return stepped(at, true, reader, model);
    }

    @PostMapping("/redo")
    String redo(@ModelAttribute(name = "at", binding = false) At at, Reader reader, Model model) {
        return stepped(at, false, reader, model);
    }

    private String stepped(At at, boolean back, Reader reader, Model model) {
        cutting.step(at, back);
        return answer(at.on(cutting.table(at.table().owner(), reader)), at.nothing(), model);
    }

    private void lay(At at, UnaryOperator<LayoutChoices> change) {
        lays.change(AtTable.needed(at).place(), at.asked().lay(), change);
    }

    private String change(At at, UnaryOperator<LayoutChoices> change, Model model) {
        lay(at, change);
        return answer(at, at.nothing(), model);
    }

    private String answer(At at, Entries entries, Model model) {
        if (!at.part() && entries.isClean()) {
            return at.redirect();
        }
        views.show(at, entries, model);
        return at.template();
    }
}
