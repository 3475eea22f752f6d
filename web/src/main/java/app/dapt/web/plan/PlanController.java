package app.dapt.web.plan;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.files.PlanJson;
import app.dapt.web.ClothNeeds;
import app.dapt.web.Conflict;
import app.dapt.web.Download;
import app.dapt.web.Entries;
import app.dapt.web.Reader;
import app.dapt.web.Redirect;
import app.dapt.web.Wording;
import app.dapt.web.workroom.CannotKeep;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.Stale;
import app.dapt.words.Words;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The plan of one cover. Every change answers with the plan afresh: to a script the part that changes, to a browser
 * without one a redirect or the whole page.
 */
@Controller
@RequestMapping("/covers/{id}")
class PlanController {

    private static final String HTMX = "HX-Request";

    private final CoverStore store;
    private final Wording wording;
    private final ClothNeeds needs;

    PlanController(CoverStore store, Wording wording, ClothNeeds needs) {
        this.store = store;
        this.wording = wording;
        this.needs = needs;
    }

    @GetMapping
    String plan(
            @PathVariable long id,
            Reader reader,
            @RequestParam(defaultValue = "") String slip,
            @RequestParam(defaultValue = "sewn") String view,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            @RequestHeader(name = "HX-History-Restore-Request", defaultValue = "false") boolean restored,
            Model model) {
        Cover cover = store.find(id);
        show(
                cover,
                reader,
                Slip.named(slip),
                Optional.empty(),
                UUID.randomUUID().toString(),
                view,
                model);
        return part && !restored ? "plan/plan" : "plan/page";
    }

    /** A change in a slip. Fields that cannot be read keep their text; the others are taken. */
    @PostMapping("/slip/{code}")
    String change(
            @PathVariable long id,
            @PathVariable String code,
            Reader reader,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "sewn") String view,
            @RequestParam(defaultValue = "-1") long version,
            @RequestParam(defaultValue = "") String gesture,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            Model model,
            HttpServletResponse response) {
        Slip slip = Slip.named(code).orElse(Slip.NAME);
        AtomicReference<Entries> entries = new AtomicReference<>();
        Cover cover;
        try {
            cover = store.change(id, version, gesture, plan -> {
                entries.set(new Entries(typed, wording.words(reader, reader.mark(plan))));
                return slip.changed(plan, entries.get());
            });
        } catch (Stale stale) {
            return conflict(id, "slip/" + slip.code(), slip.code(), typed, reader, view, part, model);
        } catch (CannotKeep refused) {
            entries.get()
                    .refuse(SlipChanges.fieldAt(refused.where(), typed), "entry.cannot-keep", refused.getMessage());
            cover = store.find(id);
        }
        boolean kept = typed.containsKey("keep") && entries.get().isClean();
        if (kept && !part) {
            return Redirect.to("/covers/" + id);
        }
        if (kept) {
            response.setHeader("HX-Push-Url", "/covers/" + id);
        }
        show(
                cover,
                reader,
                kept ? Optional.empty() : Optional.of(slip),
                Optional.of(entries.get()),
                gesture,
                view,
                model);
        return part ? "plan/plan" : "plan/page";
    }

    /** Presses the button of a finding. */
    @PostMapping("/remedy")
    String remedy(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Reader reader,
            @RequestParam String code,
            @RequestParam long version,
            @RequestParam(defaultValue = "sewn") String view,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            Model model) {
        try {
            Cover cover = store.change(id, version, "", plan -> remedied(plan, code, reader));
            return answer(cover, reader, view, part, model);
        } catch (Stale stale) {
            return conflict(id, "remedy", "remedy", typed, reader, view, part, model);
        }
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
    String putBack(
            @PathVariable long id,
            Reader reader,
            @RequestParam(defaultValue = "") String gesture,
            @RequestParam(defaultValue = "sewn") String view,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            Model model,
            HttpServletResponse response) {
        response.setHeader("HX-Push-Url", "/covers/" + id);
        return answer(store.putBack(id, gesture), reader, view, part, model);
    }

    @PostMapping("/{step:undo|redo}")
    String step(
            @PathVariable long id,
            @PathVariable String step,
            @RequestParam Map<String, String> typed,
            Reader reader,
            @RequestParam(defaultValue = "" + CoverStore.ANY_VERSION) long version,
            @RequestParam(defaultValue = "sewn") String view,
            @RequestHeader(name = HTMX, defaultValue = "false") boolean part,
            Model model) {
        try {
            return answer(
                    step.equals("undo") ? store.undo(id, version) : store.redo(id, version), reader, view, part, model);
        } catch (Stale stale) {
            return conflict(id, step, step, typed, reader, view, part, model);
        }
    }

    /** One page to take to the cutting table. */
    @GetMapping("/card")
    String card(@PathVariable long id, Reader reader, @RequestParam(defaultValue = "") String paper, Model model) {
        show(store.find(id), reader, Optional.empty(), Optional.empty(), "", "sewn", model);
        boolean metric =
                ((PlanPage) model.getAttribute("page")).reckoned().mark().unit().metric();
        model.addAttribute("paper", paper.equals("a4") || paper.isEmpty() && metric ? "a4" : "letter");
        return "plan/card";
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

    private String answer(Cover cover, Reader reader, String view, boolean part, Model model) {
        if (!part) {
            return Redirect.to(
                    "/covers/" + cover.id(), "view", view.equals("sewn") || !PlanPage.VIEWS.contains(view) ? "" : view);
        }
        show(
                cover,
                reader,
                Optional.empty(),
                Optional.empty(),
                UUID.randomUUID().toString(),
                view,
                model);
        return "plan/plan";
    }

    /** The cover as it now is, with what was asked for kept and offered again. */
    private String conflict(
            long id,
            String address,
            String what,
            Map<String, String> typed,
            Reader reader,
            String view,
            boolean part,
            Model model) {
        show(
                store.find(id),
                reader,
                Optional.empty(),
                Optional.empty(),
                UUID.randomUUID().toString(),
                view,
                model);
        Conflict.show(model, "/covers/" + id + "/" + address, what, typed);
        return part ? "plan/plan" : "plan/page";
    }

    private void show(
            Cover cover,
            Reader reader,
            Optional<Slip> slip,
            Optional<Entries> entries,
            String gesture,
            String view,
            Model model) {
        Reckoned reckoned = Reckoner.reckon(cover.plan(), reader.mark(cover.plan()));
        Words words = wording.words(reader, reckoned.mark());
        model.addAttribute("w", words);
        model.addAttribute("here", "/covers/" + cover.id());
        model.addAttribute(
                "page",
                new PlanPage(
                        cover,
                        reckoned,
                        words,
                        needs,
                        slip.orElse(null),
                        entries.orElseGet(() -> new Entries(Map.of(), words)),
                        gesture,
                        PlanPage.VIEWS.contains(view) ? view : "sewn"));
    }
}
