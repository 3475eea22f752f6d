package app.dapt.web.tryon;

import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.CutState;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverStore;
import app.dapt.words.Words;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Trying a cover on: four questions, and what to do about the answers. */
@Controller
@RequestMapping("/covers/{id}/try-on")
class TryOnController {

    private final CoverStore covers;
    private final Fittings fittings;
    private final Wording wording;

    TryOnController(CoverStore covers, Fittings fittings, Wording wording) {
        this.covers = covers;
        this.fittings = fittings;
        this.wording = wording;
    }

    @GetMapping
    String tryOn(@PathVariable long id, @RequestParam(defaultValue = "") String again, Reader reader, Model model) {
        Cover cover = covers.find(id);
        show(cover, !again.isEmpty(), new Entries(Map.of(), words(cover, reader)), reader, model);
        return "tryon/page";
    }

    /** How it sits; kept as soon as every question has an answer. */
    @PostMapping
    String judge(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model,
            HtmxRequest htmx) {
        Cover cover = covers.find(id);
        Words words = words(cover, reader);
        Entries entries = new Entries(typed, words);
        Optional<Verdict> verdict = TryOnEntry.read(reckoned(cover, reader), typed, entries);
        verdict.ifPresent(said -> fittings.judge(id, said));
        boolean part = htmx.isHtmxRequest();
        if (verdict.isPresent() && !part) {
            return Redirect.to("/covers/" + id + "/try-on");
        }
        show(
                cover,
                verdict.isEmpty() && typed.containsKey("again"),
                verdict.isPresent() ? new Entries(Map.of(), words) : entries,
                reader,
                model);
        return part ? "tryon/tryon" : "tryon/page";
    }

    /** What was to be done is done, or the cover stays as it is; either way the steps after the trying on go on. */
    @PostMapping("/done")
    String done(@PathVariable long id, @RequestParam(defaultValue = "") String act) {
        if (act.equals("corrected") && !fittings.correct(id)) {
            return Redirect.to("/covers/" + id + "/try-on");
        }
        fittings.pass(id);
        return Redirect.to("/covers/" + id + (act.equals("corrected") ? "/try-on" : "/make"));
    }

    private Words words(Cover cover, Reader reader) {
        return wording.words(reader, reader.mark(cover.plan()));
    }

    private static Reckoned reckoned(Cover cover, Reader reader) {
        return Reckoner.reckonWithoutRemedies(cover.plan(), reader.mark(cover.plan()));
    }

    private void show(Cover cover, boolean again, Entries entries, Reader reader, Model model) {
        Words words = words(cover, reader);
        Optional<LogEntry> entry = fittings.of(cover);
        model.addAttribute("w", words);
        CutState cut = fittings.cut(cover, reckoned(cover, reader));
        model.addAttribute("cut", cut.before().isPresent());
        model.addAttribute("changed", cut.changed(cover.id(), words).stream().toList());
        model.addAttribute("here", "/covers/" + cover.id() + "/try-on");
        model.addAttribute(
                "page",
                new TryOnPage(cover, reckoned(cover, reader), entry, fittings.toDoAgain(cover), again, entries, words));
    }
}
