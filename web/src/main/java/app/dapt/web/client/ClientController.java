package app.dapt.web.client;

import app.dapt.files.paper.PdfLetter;
import app.dapt.shelf.Thing;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.BuyList;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.progress.Sourcing;
import app.dapt.web.wording.Papers;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.ClientStore;
import app.dapt.web.workroom.ClientStore.Client;
import app.dapt.web.workroom.ClientStore.Quoted;
import app.dapt.web.workroom.CostStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.LearningStore.Terms;
import app.dapt.web.workroom.PriceStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** For whom a cover or a set is made, and what they are told it costs. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id:\\d+}/client")
class ClientController {

    private static final int DEAREST_HOUR = 1_000_00;
    private static final int MOST_MARGIN = 400;
    private static final int YEARS = 3;

    private final ClientStore clients;
    private final Batches batches;
    private final ClothNeeds needs;
    private final Sourcing sourcing;
    private final PriceStore prices;
    private final CostStore costs;
    private final LearningStore learning;
    private final Wording wording;
    private final Clock clock;

    ClientController(
            ClientStore clients,
            Batches batches,
            ClothNeeds needs,
            Sourcing sourcing,
            PriceStore prices,
            CostStore costs,
            LearningStore learning,
            Wording wording,
            Clock clock) {
        this.clients = clients;
        this.batches = batches;
        this.needs = needs;
        this.sourcing = sourcing;
        this.prices = prices;
        this.costs = costs;
        this.learning = learning;
        this.wording = wording;
        this.clock = clock;
    }

    @GetMapping
    String card(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        return shown(page(whose, id, reader), model);
    }

    @PostMapping
    String keep(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model) {
        Batch batch = batches.find(whose, id, reader);
        Entries entries = new Entries(typed, batch.words(wording, reader));
        Client standing = clients.find(batch.owner());
        clients.put(
                batch.owner(),
                new Client(
                        entries.maybeText("name", ClientStore.LONGEST_NAME, standing.name()),
                        entries.maybeText("reach", ClientStore.LONGEST_REACH, standing.reach()),
                        entries.ticked("own-cloth", standing.ownCloth()),
                        entries.ticked("own-form", standing.ownForm()),
                        until(entries, standing.until()),
                        entries.hundredths("extra", Thing.DEAREST, standing.extra()),
                        entries.hundredths("paid", Thing.DEAREST, standing.paid()),
                        entries.maybeText("note", ClientStore.LONGEST_NOTE, standing.note()),
                        standing.quoted()));
        Terms terms = learning.terms();
        Terms asked = new Terms(
                entries.hundredths("hourly", DEAREST_HOUR, terms.hourly()),
                entries.maybePercent("margin", MOST_MARGIN, Optional.of(terms.margin()))
                        .orElse(0));
        if (!asked.equals(terms)) {
            learning.setTerms(asked);
        }
        return entries.isClean()
                ? Redirect.to(batch.owner().path() + "/client")
                : shown(page(batch, entries, reader), model);
    }

    private Optional<LocalDate> until(Entries entries, Optional<LocalDate> standing) {
        LocalDate today = LocalDate.now(clock);
        boolean isEmpty = entries.raw("until").filter(String::isBlank).isPresent();
        return isEmpty || entries.raw("until").isEmpty()
                ? standing.filter(day -> !isEmpty)
                : Optional.of(
                        entries.day("until", today.minusYears(YEARS), today.plusYears(YEARS), standing.orElse(today)));
    }

    /** What they were told it costs holds from now on; or nothing does again. */
    @PostMapping("/quoted")
    String quoted(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "1") String told,
            Reader reader) {
        ClientPage page = page(whose, id, reader);
        Optional<Quoted> quoted = told.equals("1")
                ? Optional.of(new Quoted(page.quotation().total(), LocalDate.now(clock)))
                : Optional.empty();
        clients.put(page.batch().owner(), page.client().withQuoted(quoted));
        return Redirect.to(page.path() + "/client");
    }

    /** A quotation or a bill, for paper. */
    @GetMapping("/{kind:quotation|bill}")
    String letter(
            @PathVariable String whose,
            @PathVariable long id,
            @PathVariable String kind,
            @RequestParam(defaultValue = "") String paper,
            Reader reader,
            Model model) {
        ClientPage page = page(whose, id, reader);
        model.addAttribute("w", page.w());
        model.addAttribute("page", page);
        model.addAttribute("letter", page.letter(kind.equals("bill")));
        model.addAttribute("kind", kind);
        model.addAttribute("paper", Papers.code(paper, page.w().mark()));
        return "client/letter";
    }

    @GetMapping("/{kind:quotation|bill}.pdf")
    ResponseEntity<byte[]> pdf(
            @PathVariable String whose,
            @PathVariable long id,
            @PathVariable String kind,
            @RequestParam(defaultValue = "") String paper,
            Reader reader) {
        ClientPage page = page(whose, id, reader);
        return Download.file(
                kind + ".pdf",
                MediaType.APPLICATION_PDF,
                PdfLetter.write(
                        page.letter(kind.equals("bill")),
                        Papers.of(paper, page.w().mark())));
    }

    /** What to ask somebody whose form one does not have, with boxes to fill. */
    @GetMapping("/asking")
    String asking(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String paper,
            Reader reader,
            Model model) {
        ClientPage page = page(whose, id, reader);
        model.addAttribute("w", page.w());
        model.addAttribute("page", page);
        model.addAttribute("paper", Papers.code(paper, page.w().mark()));
        return "client/asking";
    }

    private ClientPage page(String whose, long id, Reader reader) {
        Batch batch = batches.find(whose, id, reader);
        return page(batch, new Entries(Map.of(), batch.words(wording, reader)), reader);
    }

    private ClientPage page(Batch batch, Entries entries, Reader reader) {
        return new ClientPage(
                batch,
                clients.find(batch.owner()),
                BuyList.all(batch, sourcing.with(prices.all()), needs, entries.words()),
                costs.beside(batch.owner()),
                learning.terms(),
                entries,
                LocalDate.now(clock),
                reader.locale());
    }

    private static String shown(ClientPage page, Model model) {
        model.addAttribute("w", page.w());
        model.addAttribute("here", page.path() + "/client");
        model.addAttribute("client", page);
        return "client/card";
    }
}
