package app.dapt.web.cloth;

import app.dapt.cover.CoverFromCloth.Answer;
import app.dapt.cover.CoverFromCloth.AtHand;
import app.dapt.cover.CoverFromCloth.Offer;
import app.dapt.layout.LayoutChoices;
import app.dapt.web.Redirect;
import app.dapt.web.cloth.FromClothEntry.Question;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Which cover from this cloth? Everything asked stands in the address. */
@Controller
@RequestMapping("/from-cloth")
class FromClothController {

    private final ShelfChoices shelf;
    private final CoverStore covers;
    private final LayoutStore lays;
    private final Cutting cutting;
    private final Searches searches;
    private final Wording wording;

    FromClothController(
            ShelfChoices shelf,
            CoverStore covers,
            LayoutStore lays,
            Cutting cutting,
            Searches searches,
            Wording wording) {
        this.shelf = shelf;
        this.covers = covers;
        this.lays = lays;
        this.cutting = cutting;
        this.searches = searches;
        this.wording = wording;
    }

    @GetMapping
    String ask(Reader reader, @RequestParam MultiValueMap<String, String> asked, Model model) {
        return shown(FromClothEntry.read(asked, shelf, wording.words(reader)), false, model);
    }

    private String shown(FromClothEntry entry, boolean isGone, Model model) {
        Words words = entry.words();
        Optional<Answer> answer = answer(entry);
        model.addAttribute("w", words);
        model.addAttribute("here", "/from-cloth" + entry.query());
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("from", new FromClothPage(entry, answer, isGone, words));
        return "cloth/from";
    }

    /** What was found; nothing while it is looked for, or where nothing was asked. */
    private Optional<Answer> answer(FromClothEntry entry) {
        return entry.question()
                .flatMap(
                        question -> searches.once(question, question::answer, new Answer(List.of(), List.of(), false)));
    }

    /** Plans a cover that was offered, with its cloth laid as it was found. */
    @PostMapping
    String plan(
            Reader reader,
            @RequestParam MultiValueMap<String, String> asked,
            @RequestParam(defaultValue = "") String press,
            Model model) {
        FromClothEntry entry = FromClothEntry.read(asked, shelf, wording.words(reader));
        // Reckoned again where it was forgotten since the page was made: the same comes of it.
        Optional<Offer> taken = answer(entry).or(() -> entry.question().map(Question::answer)).stream()
                .flatMap(answer -> answer.offers().stream())
                .filter(offer -> FromClothPage.code(offer).equals(asked.getFirst("offer")))
                .findFirst();
        if (taken.isEmpty()) {
            return shown(entry, true, model);
        }
        long id = covers.create(taken.get().plan(), press);
        lay(id, taken.get(), entry.question().orElseThrow().cloths(), reader);
        return Redirect.to("/covers/" + id + "/cloth");
    }

    /** Lays the cover's cloths on what is at hand. */
    private void lay(long id, Offer offer, List<AtHand> cloths, Reader reader) {
        Cutting.Table table = cutting.table(Owner.cover(id), reader);
        int front = offer.plan().cloths().front().id();
        table.uses()
                .forEach(use -> lays.change(table.place(use), LayoutStore.ANY_VERSION, usual -> {
                    AtHand from = cloths.get(use.cloth().id() == front ? offer.front() : offer.back());
                    LayoutChoices laid = usual.at(true, from.pieces());
                    for (String panel : offer.joined()) {
                        laid = laid.joining(id + "/" + panel, true);
                    }
                    return laid;
                }));
    }
}
