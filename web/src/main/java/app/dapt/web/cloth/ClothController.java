package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Laid.Spot;
import app.dapt.cloth.LayPlan;
import app.dapt.cloth.Scrap;
import app.dapt.cover.Limits;
import app.dapt.measure.Length;
import app.dapt.web.ClothEntry;
import app.dapt.web.Entries;
import app.dapt.web.Reader;
import app.dapt.web.Wording;
import app.dapt.web.cloth.Cutting.Table;
import app.dapt.web.workroom.LayStore;
import app.dapt.web.workroom.Owner;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The cloth of one cover or of a set: what to buy, how the pieces lie, and whether what is at hand will do. Every change
 * says what is different and answers with the view afresh.
 */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/cloth")
class ClothController {

    private static final String HTMX = "HX-Request";
    private static final double LONGER_SECONDS = 30;

    private final Cutting cutting;
    private final LayStore lays;
    private final ClothViews views;
    private final Wording wording;

    ClothController(Cutting cutting, LayStore lays, ClothViews views, Wording wording) {
        this.cutting = cutting;
        this.lays = lays;
        this.views = views;
        this.wording = wording;
    }

    /** Where a request comes from: whose cloth, which, and which piece is looked at. */
    private record At(Table table, int cloth, String piece, Words words) {

        Cloth use() {
            return table.uses().get(cloth).cloth();
        }

        String address() {
            return table.owner().path() + "/cloth?cloth=" + cloth;
        }
    }

    private At at(String whose, long id, int cloth, String piece, Reader reader) {
        Table table = cutting.table(new Owner(whose.equals("sets"), id), reader);
        return new At(table, table.known(cloth), piece, wording.words(reader, table.mark()));
    }

    @GetMapping
    String cloth(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "") String piece,
            Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            @RequestHeader(name = "HX-History-Restore-Request", defaultValue = "false") boolean restored, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        show(at, new Entries(Map.of(), at.words()), model);
        return part && !restored ? "cloth/cloth" : "cloth/page";
    }

    /** One of the choices that are either so or not. */
    @PostMapping("/choose")
    String choose(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "") String piece,
            @RequestParam String what, @RequestParam(defaultValue = "false") boolean on, Reader reader,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        return change(at(whose, id, cloth, piece, reader), plan -> switch (what) {
            case "edge-to-edge" -> plan.cutting(on, plan.matched(), plan.cutAtRepeat());
            case "matched" -> plan.cutting(plan.edgeToEdge(), on, plan.cutAtRepeat());
            case "cut-at-repeat" -> plan.cutting(plan.edgeToEdge(), plan.matched(), on);
            case "at-hand" -> plan.at(on, plan.remnants());
            default -> plan;
        }, part, model);
    }

    /** How the cloth itself is used, repeats and shrinks: in every cover cut from it. */
    @PostMapping("/stuff")
    String stuff(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "") String piece,
            @RequestParam Map<String, String> typed, Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        Entries entries = new Entries(typed, at.words());
        boolean sideways = typed.containsKey("sideways") ? typed.get("sideways").equals("true") : at.use().sideways();
        Cloth used = ClothEntry.used(at.use().used(sideways, at.use().ownRepeat(), at.use().shrinkage()), "cloth", entries);
        cutting.change(at.table(), at.use(), each -> used);
        return answer(at(whose, id, cloth, piece, reader), entries, part, model);
    }

    /** The table it is cut on, and what other widths cost: fields that may be refused. */
    @PostMapping("/figures")
    String figures(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "") String piece,
            @RequestParam Map<String, String> typed, Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        Entries entries = new Entries(typed, at.words());
        lays.change(at.table().owner(), at.use(), at.table().unit(), plan -> priced(plan.onTable(entries.length("table-wide", Limits.PIECE, plan.tableWide()),
                entries.length("table-deep", Limits.PIECE, plan.tableDeep())), entries, at));
        return answer(at, entries, part, model);
    }

    private static LayPlan priced(LayPlan plan, Entries entries, At at) {
        LayPlan priced = plan;
        for (Length width : ClothViews.widths(at.use(), at.table().unit())) {
            String name = ClothViews.priceName(width);
            if (entries.raw(name).filter(String::isBlank).isPresent()) {
                priced = priced.priced(width, Optional.empty());
            } else if (entries.raw(name).isPresent()) {
                int standing = plan.prices().getOrDefault(width, -1);
                int price = entries.hundredths(name, Cloth.DEAREST, standing);
                priced = price < 0 ? priced : priced.priced(width, Optional.of(price));
            }
        }
        return priced;
    }

    /** Buys it in another width: every cover cut from it is planned with that. */
    @PostMapping("/width")
    String width(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam long grains, Reader reader) {
        At at = at(whose, id, cloth, "", reader);
        Length width = new Length(grains);
        if (ClothViews.widths(at.use(), at.table().unit()).contains(width)) {
            int price = lays.find(at.table().owner(), at.use(), at.table().unit()).plan().prices().getOrDefault(width, at.use().price());
            cutting.change(at.table(), at.use(), each -> each.withWidth(width).withPrice(price));
        }
        return "redirect:" + at.address();
    }

    /** Something to do with one copy of a piece. */
    @PostMapping("/piece")
    String piece(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam String piece,
            @RequestParam(name = "do") String what, Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        Optional<Spot> spot = views.laid(at.table(), at.cloth()).spot(piece);
        return change(at, plan -> switch (what) {
            case "pin" -> spot.map(s -> plan.pinned(piece, Optional.of(new LayPlan.Pin(s.across(), s.along(), s.turned())))).orElse(plan);
            case "unpin" -> plan.pinned(piece, Optional.empty());
            case "turn" -> plan.turning(piece, !spot.map(Spot::turned).orElse(false));
            case "out" -> plan.without(piece, true);
            case "in" -> plan.without(piece, false);
            default -> plan;
        }, part, model);
    }

    /** Slides the print under a piece, centres its motif, or lets it lie wherever it goes. */
    @PostMapping("/slide")
    String slide(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam String piece,
            @RequestParam(defaultValue = "0") double right, @RequestParam(defaultValue = "0") double down, @RequestParam(defaultValue = "") String to,
            Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        Cloth use = at.use();
        Optional<Spot> spot = views.laid(at.table(), at.cloth()).spot(piece);
        boolean sound = Math.abs(right) < 1000 && Math.abs(down) < 1000;
        if (spot.isEmpty() || use.repeat().isEmpty() || !sound) {
            return change(at, plan -> plan, part, model);
        }
        return change(at, plan -> switch (to) {
            case "middle" -> PieceWindow.shown(plan, spot.get(), use.repeat().get().middle());
            case "anywhere" -> plan.showing(spot.get().wanted().key(), Optional.empty());
            default -> PieceWindow.under(spot.get(), use).map(window -> PieceWindow.shown(plan, spot.get(),
                    PieceWindow.slid(window, use, Length.nearInches(right), Length.nearInches(down), at.table().unit()))).orElse(plan);
        }, part, model);
    }

    /** Adds a remnant, changes one, or takes one away. */
    @PostMapping("/remnant")
    String remnant(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "-1") int number,
            @RequestParam(defaultValue = "") String remove, @RequestParam Map<String, String> typed, Reader reader,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, "", reader);
        Entries entries = new Entries(typed, at.words());
        lays.change(at.table().owner(), at.use(), at.table().unit(), plan -> {
            List<Scrap> scraps = new ArrayList<>(plan.remnants());
            boolean known = number >= 0 && number < scraps.size();
            if (!remove.isEmpty() && known) {
                scraps.remove(number);
                return plan.at(plan.onRemnants(), scraps);
            }
            if (!known && scraps.size() >= LayPlan.MOST_REMNANTS) {
                entries.refuse("corners", "scrap.too-many", LayPlan.MOST_REMNANTS);
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
        return answer(at, entries, part, model);
    }

    /** Takes what was offered where it does not fit: the cover is planned so, or the panel is joined. */
    @PostMapping("/would")
    String would(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam String offer, Reader reader) {
        At at = at(whose, id, cloth, "", reader);
        views.offer(at.table(), at.cloth(), offer).ifPresent(taken -> {
            taken.plan().ifPresent(plan -> cutting.plan(at.table(), plan));
            taken.lay().ifPresent(lay -> lays.change(at.table().owner(), at.use(), at.table().unit(), before -> lay));
        });
        return "redirect:" + at.address();
    }

    /** Joins a panel from two under its flap, or cuts it whole again. */
    @PostMapping("/join")
    String join(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam String key, @RequestParam boolean on,
            Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        return change(at(whose, id, cloth, "", reader), plan -> plan.joining(key, on), part, model);
    }

    /** Lets the search go on for longer, or ends it. */
    @PostMapping("/search")
    String search(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, @RequestParam(defaultValue = "") String piece,
            @RequestParam boolean longer, Reader reader, @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, piece, reader);
        if (longer) {
            views.longer(at.table(), at.cloth(), LONGER_SECONDS);
        } else {
            views.enough(at.table(), at.cloth());
        }
        return answer(at, new Entries(Map.of(), at.words()), part, model);
    }

    @PostMapping("/undo")
    String undo(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, Reader reader,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, "", reader);
        lays.undo(at.table().owner(), at.use(), at.table().unit());
        return answer(at, new Entries(Map.of(), at.words()), part, model);
    }

    @PostMapping("/redo")
    String redo(@PathVariable String whose, @PathVariable long id, @RequestParam(defaultValue = "0") int cloth, Reader reader,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part, Model model) {
        At at = at(whose, id, cloth, "", reader);
        lays.redo(at.table().owner(), at.use(), at.table().unit());
        return answer(at, new Entries(Map.of(), at.words()), part, model);
    }

    private String change(At at, UnaryOperator<LayPlan> change, boolean part, Model model) {
        lays.change(at.table().owner(), at.use(), at.table().unit(), change);
        return answer(at, new Entries(Map.of(), at.words()), part, model);
    }

    private String answer(At at, Entries entries, boolean part, Model model) {
        if (!part && entries.isClean()) {
            return "redirect:" + at.address() + (at.piece().isEmpty() ? "" : "&piece=" + at.piece());
        }
        show(at, entries, model);
        return part ? "cloth/cloth" : "cloth/page";
    }

    private void show(At at, Entries entries, Model model) {
        model.addAttribute("w", at.words());
        model.addAttribute("here", at.address() + (at.piece().isEmpty() ? "" : "&piece=" + at.piece()));
        model.addAttribute("page", views.page(at.table(), at.cloth(), at.piece(), at.words(), entries));
    }
}
