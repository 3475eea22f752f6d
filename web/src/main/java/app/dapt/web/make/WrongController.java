package app.dapt.web.make;

import app.dapt.make.Job;
import app.dapt.make.Mishap;
import app.dapt.make.Repair;
import app.dapt.measure.Phrase;
import app.dapt.web.Redirect;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.MishapStore;
import app.dapt.words.Words;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Something went wrong at a step: what it takes to put it right, and how the order of work takes that up. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/make/wrong")
class WrongController {

    private final Batches batches;
    private final MishapStore mishaps;
    private final Wording wording;

    WrongController(Batches batches, MishapStore mishaps, Wording wording) {
        this.batches = batches;
        this.mishaps = mishaps;
        this.wording = wording;
    }

    /** What can be wrong at a step, each with what it takes. */
    @GetMapping
    String wrong(
            @PathVariable String whose, @PathVariable long id, @RequestParam String step, Reader reader, Model model) {
        Batch batch = batches.find(whose, id, reader);
        Job job = job(batch, step);
        Words words = wording.words(reader, batch.made(job).reckoned().mark());
        model.addAttribute("w", words);
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("longestNote", MishapStore.LONGEST_NOTE);
        model.addAttribute("page", new WrongPage(batch, job, words));
        return "make/wrong";
    }

    private static Job job(Batch batch, String step) {
        return batch.job(step).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** It is put right: what rests on it comes again. */
    @PostMapping
    String happened(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam String step,
            @RequestParam String kind,
            @RequestParam(defaultValue = "") String note,
            @RequestParam(defaultValue = "") String press,
            Reader reader) {
        Batch batch = batches.find(whose, id, reader);
        Job job = job(batch, step);
        Mishap.Kind what = batch.mayGoWrong(job).stream()
                .filter(each -> Phrase.code(each).equals(kind))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.BAD_REQUEST));
        Repair repair = batch.repair(what, job);
        String name = UUID.randomUUID().toString().substring(0, 8);
        long cover = batch.made(job).id();
        mishaps.happened(
                cover,
                new Mishap(name, what, job.step().id(), repair.unpicked(), repair.unpicking()),
                note,
                repair.again().stream().map(again -> again.id()).toList(),
                batch.isCut(cover),
                press);
        return Redirect.to(batch.owner().path() + "/make");
    }
}
