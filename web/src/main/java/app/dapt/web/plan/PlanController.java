package app.dapt.web.plan;

import app.dapt.advice.Advice;
import app.dapt.advice.PlanFacts;
import app.dapt.advice.Taking;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.plan.PlanJson;
import app.dapt.measure.Phrase;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Conflict;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.progress.CutState;
import app.dapt.web.progress.SewnOnPaper;
import app.dapt.web.wording.Papers;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CannotKeep;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.DrawerStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.web.workroom.Stale;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The plan of one cover. Every change answers with the plan afresh: to a script the part that changes, to a browser
 * without one a redirect or the whole page.
 */
@Controller
@RequestMapping("/covers/{id}")
class PlanController {

    private final CoverStore store;
    private final Wording wording;
    private final ClothNeeds needs;
    private final SewnOnPaper sewn;
    private final FilledController filled;
    private final LearningStore learning;
    private final WorkStore work;

    private final DrawerStore drawer;
    private final ShelfChoices known;

    PlanController(
            CoverStore store,
            Wording wording,
            ClothNeeds needs,
            SewnOnPaper sewn,
            FilledController filled,
            LearningStore learning,
            WorkStore work,
            DrawerStore drawer,
            ShelfChoices known) {
        this.known = known;
        this.drawer = drawer;
        this.store = store;
        this.learning = learning;
        this.work = work;
        this.filled = filled;
        this.wording = wording;
        this.needs = needs;
        this.sewn = sewn;
    }

    @GetMapping
    String plan(PlanRequest asked, @RequestParam(defaultValue = "") String slip, Model model) {
        show(store.find(asked.id()), asked, Slip.named(slip), model);
        return asked.template();
    }

    /** A change in a slip. Fields that cannot be read keep their text; the others are taken. */
    @PostMapping("/slip/{code}")
    String change(PlanRequest asked, @PathVariable String code, Model model, HtmxResponse htmx) {
        Slip slip = Slip.named(code).orElse(Slip.NAME);
        return unlessStale(asked, "slip/" + slip.code(), slip.code(), model, () -> {
            Entries entries = new Entries(asked.typed(), words(asked));
            Cover cover = kept(asked, slip, entries);
            if (!asked.typed().containsKey("keep") || !entries.isClean()) {
                show(cover, asked, Optional.of(slip), Optional.of(entries), asked.gesture(), model);
                return asked.template();
            }
            htmx.setPushUrl(asked.address(""));
            return answer(cover, asked, model);
        });
    }

    /** The cover with a slip's fields taken; as it stands, with the field refused, where it would not read back. */
    private Cover kept(PlanRequest asked, Slip slip, Entries entries) {
        try {
            return store.change(asked.id(), asked.version(), asked.gesture(), plan -> slip.changed(plan, entries));
        } catch (CannotKeep refused) {
            String field = SlipChanges.fieldAt(refused.where(), asked.typed());
            entries.refuse(field, "entry.cannot-keep", refused.getMessage());
            return store.find(asked.id());
        }
    }

    /** The reader's words for the cover as it stands: typed figures are read by its mark. */
    private Words words(PlanRequest asked) {
        return wording.words(
                asked.reader(), asked.reader().mark(store.find(asked.id()).plan()));
    }

    /** SubmittedForms the button of a finding. */
    @PostMapping("/remedy")
    String remedy(PlanRequest asked, @RequestParam String code, Model model) {
        return unlessStale(asked, "remedy", "remedy", model, () -> {
            Cover cover = store.change(asked.id(), asked.version(), "", plan -> remedied(plan, code, asked.reader()));
            return answer(cover, asked, model);
        });
    }

    /** Takes what is recommended of one choice, or all of it. */
    @PostMapping("/advice")
    String advice(PlanRequest asked, @RequestParam(defaultValue = "") String choice, Model model) {
        return unlessStale(asked, "advice", "advice", model, () -> {
            Cover cover = store.change(asked.id(), asked.version(), "", plan -> advised(plan, choice));
            return answer(cover, asked, model);
        });
    }

    private CoverPlan advised(CoverPlan plan, String choice) {
        Advice advice = Advice.of(PlanFacts.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()), drawer.find()));
        return choice.equals("all")
                ? Taking.all(plan, advice)
                : advice.choices().stream()
                        .filter(each -> Phrase.code(each.choice()).equals(choice))
                        .findFirst()
                        .flatMap(each -> Taking.of(plan, each))
                        .orElse(plan);
    }

    private static CoverPlan remedied(CoverPlan plan, String code, Reader reader) {
        return Reckoner.reckon(plan, reader.mark(plan))
                .finding(code)
                .flatMap(Finding::remedy)
                .map(Finding.Remedy::plan)
                .orElse(plan);
    }

    /** Leaves a slip as if nothing had been touched in it. */
    @PostMapping("/put-back")
    String putBack(PlanRequest asked, Model model, HtmxResponse htmx) {
        htmx.setPushUrl(asked.address(""));
        return answer(store.putBack(asked.id(), asked.gesture()), asked, model);
    }

    @PostMapping("/{step:undo|redo}")
    String step(PlanRequest asked, @PathVariable String step, Model model) {
        return unlessStale(asked, step, step, model, () -> {
            Cover cover = step.equals("undo")
                    ? store.undo(asked.id(), asked.version())
                    : store.redo(asked.id(), asked.version());
            return answer(cover, asked, model);
        });
    }

    /** One page to take to the cutting table. */
    @GetMapping("/card")
    String card(PlanRequest asked, @RequestParam(defaultValue = "") String paper, Model model) {
        Reckoned reckoned = show(store.find(asked.id()), asked, Optional.empty(), model);
        model.addAttribute("paper", Papers.code(paper, reckoned.mark()));
        return "plan/card";
    }

    /** How it is washed, as labels to sew in. */
    @GetMapping("/label")
    String label(PlanRequest asked, @RequestParam(defaultValue = "") String paper, Model model) {
        card(asked, paper, model);
        return "plan/label";
    }

    /** The plan as a file, the same as is stored, even where that does not read. */
    @GetMapping("/plan.json")
    ResponseEntity<byte[]> file(@PathVariable long id) {
        String text = store.text(id);
        String name = PlanJson.name(text)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return Download.file(
                (name.isEmpty() ? "cover" : name) + ".json",
                MediaType.APPLICATION_JSON,
                text.getBytes(StandardCharsets.UTF_8));
    }

    private String answer(Cover cover, PlanRequest asked, Model model) {
        if (!asked.part()) {
            return Redirect.to(asked.address(""), "view", asked.view().equals("sewn") ? "" : asked.view());
        }
        show(cover, asked, Optional.empty(), model);
        return "plan/plan";
    }

    /** What is answered; to a page that has fallen behind the cover as it now is, with what it asked for kept. */
    private String unlessStale(PlanRequest asked, String below, String what, Model model, Supplier<String> answered) {
        try {
            return answered.get();
        } catch (Stale stale) {
            show(store.find(asked.id()), asked, Optional.empty(), model);
            Conflict.show(model, asked.address("/" + below), what, asked.typed());
            return asked.template();
        }
    }

    private Reckoned show(Cover cover, PlanRequest asked, Optional<Slip> slip, Model model) {
        return show(cover, asked, slip, Optional.empty(), UUID.randomUUID().toString(), model);
    }

    private Reckoned show(
            Cover cover,
            PlanRequest asked,
            Optional<Slip> slip,
            Optional<Entries> entries,
            String gesture,
            Model model) {
        Reckoned reckoned = Reckoner.reckon(cover.plan(), asked.reader().mark(cover.plan()));
        Words words = wording.words(asked.reader(), reckoned.mark());
        model.addAttribute("w", words);
        model.addAttribute("here", asked.address(""));
        Entries shown = entries.orElseGet(() -> new Entries(Map.of(), words));
        Optional<Reckoned> before = slip.flatMap(open -> store.before(cover.id(), gesture))
                .map(plan -> Reckoner.reckonWithoutRemedies(plan, asked.reader().mark(plan)));
        model.addAttribute(
                "page",
                new PlanPage(
                        cover,
                        reckoned,
                        words,
                        needs,
                        ClothToBuy.of(reckoned, needs),
                        slip.orElse(null),
                        shown,
                        gesture,
                        asked.view(),
                        before,
                        sewn.of(reckoned),
                        SingletonSupplier.of(learning::used),
                        known,
                        drawer.find()));
        CutState cut = cut(cover, reckoned);
        model.addAttribute("cut", cut.isCutAsPlanned());
        model.addAttribute("changed", cut.changed(cover.id(), words).stream().toList());
        if (asked.view().equals("filled") && slip.isEmpty()) {
            model.addAttribute("filled", filled.first(cover, reckoned, asked.reader()));
        }
        model.addAttribute("id", cover.id());
        return reckoned;
    }

    private CutState cut(Cover cover, Reckoned now) {
        Optional<CoverPlan> atCut =
                Optional.ofNullable(work.plansAtCut(List.of(cover.id())).get(cover.id()));
        return CutState.of(
                now,
                atCut,
                atCut.isEmpty()
                        ? List.of()
                        : work.ticks(List.of(cover.id()))
                                .getOrDefault(cover.id(), Map.of())
                                .values());
    }
}
