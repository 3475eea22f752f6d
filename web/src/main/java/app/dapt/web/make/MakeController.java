package app.dapt.web.make;

import app.dapt.make.Job;
import app.dapt.web.Reader;
import app.dapt.web.Redirect;
import app.dapt.web.Wording;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** Making a cover or a set: the order of work, and what is done of it. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/make")
class MakeController {

    private static final String NO_DEVICE = "page";
    private static final int MOST_TICKS = 2000;

    /** What a device sends of a step. */
    record Said(String id, String key, boolean done, boolean passed, long at, String device) {
        Said {
            Objects.requireNonNull(id, "a tick has an id");
            Objects.requireNonNull(key, "a tick is of a step");
            Objects.requireNonNull(device, "a tick comes from a device");
        }
    }

    private final Benches benches;
    private final WorkStore work;
    private final Wording wording;

    MakeController(Benches benches, WorkStore work, Wording wording) {
        this.benches = benches;
        this.work = work;
        this.wording = wording;
    }

    @GetMapping
    String make(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String step,
            @RequestParam(defaultValue = "") String unasked,
            Reader reader,
            Model model) {
        show(benches.find(whose, id, reader), step, !unasked.isEmpty(), reader, model);
        return "make/page";
    }

    /** Every step large, to go on with where there is no network. */
    @GetMapping("/steps")
    String steps(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        show(benches.find(whose, id, reader), "", false, reader, model);
        return "make/steps";
    }

    /** The order of work to take along on paper. */
    @GetMapping("/print")
    String print(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String paper,
            Reader reader,
            Model model) {
        Bench bench = benches.find(whose, id, reader);
        Words words = show(bench, "", false, reader, model);
        boolean metric = words.mark().unit().metric();
        model.addAttribute("paper", paper.equals("a4") || paper.isEmpty() && metric ? "a4" : "letter");
        return "make/print";
    }

    private Words show(Bench bench, String step, boolean unasked, Reader reader, Model model) {
        Words words = bench.covers().stream()
                .findFirst()
                .map(made -> wording.words(reader, made.reckoned().mark()))
                .orElseGet(() -> wording.words(reader));
        model.addAttribute("w", words);
        model.addAttribute("page", new MakePage(bench, bench.job(step).or(bench::next), unasked, words));
        return words;
    }

    /** A step is done, or is not after all; said without a script. */
    @PostMapping("/tick")
    String tick(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam String step,
            @RequestParam(defaultValue = "") String checked,
            @RequestParam(defaultValue = "done") String act,
            Reader reader) {
        Bench bench = benches.find(whose, id, reader);
        Job job = bench.job(step).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        String make = bench.owner().path() + "/make";
        boolean asked = job.step().trap() && checked.isEmpty();
        if (act.equals("done") && asked) {
            return Redirect.to(make, "step", step, "unasked", "1");
        }
        boolean done = !act.equals("undo");
        keep(
                bench,
                job,
                List.of(new Tick(UUID.randomUUID(), job.step().id(), done, done && asked, Instant.now(), NO_DEVICE)));
        return done ? Redirect.to(make) : Redirect.to(make, "step", step);
    }

    /** A cover whose plan was changed after the cut is cut anew. */
    @PostMapping("/recut")
    String recut(@PathVariable String whose, @PathVariable long id, @RequestParam long cover, Reader reader) {
        Bench bench = benches.find(whose, id, reader);
        if (bench.covers().stream().anyMatch(made -> made.id() == cover)) {
            work.cutAnew(cover);
        }
        return Redirect.to(bench.owner().path() + "/make");
    }

    /** One cover of a set is made for trial: no other is cut before that has been on its form. */
    @PostMapping("/trial")
    String trial(@PathVariable String whose, @PathVariable long id, @RequestParam long cover, Reader reader) {
        Bench bench = benches.find(whose, id, reader);
        if (bench.owner().isSet()) {
            work.tryFirst(id, cover);
        }
        return Redirect.to(bench.owner().path() + "/make");
    }

    /** What a device has to say, perhaps since long; it is told what stands then. */
    @PostMapping(path = "/ticks", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, Map<String, Boolean>> ticks(
            @PathVariable String whose, @PathVariable long id, @RequestBody List<Said> said, Reader reader) {
        if (said.size() > MOST_TICKS) {
            throw new ResponseStatusException(HttpStatus.CONTENT_TOO_LARGE);
        }
        Bench bench = benches.find(whose, id, reader);
        Map<Long, List<Tick>> byCover = new LinkedHashMap<>();
        for (Said each : said) {
            // A step that a changed plan no longer has is noted all the same: what was done is done.
            int slash = each.key().indexOf('/');
            Optional<Long> cover = bench.covers().stream()
                    .map(Bench.Made::id)
                    .filter(known -> slash > 0 && each.key().startsWith(known + "/"))
                    .findFirst();
            cover.ifPresent(known -> byCover.computeIfAbsent(known, k -> new ArrayList<>())
                    .add(tick(each, each.key().substring(slash + 1))));
        }
        byCover.forEach((cover, ticks) -> work.tick(cover, ticks, bench.isCut(cover)));
        return state(whose, id, reader);
    }

    /** What stands of each step. */
    @GetMapping("/ticks")
    @ResponseBody
    Map<String, Map<String, Boolean>> state(@PathVariable String whose, @PathVariable long id, Reader reader) {
        return new MakePage(benches.find(whose, id, reader), Optional.empty(), false, wording.words(reader)).state();
    }

    private static Tick tick(Said said, String step) {
        try {
            return new Tick(
                    UUID.fromString(said.id()),
                    step,
                    said.done(),
                    said.passed(),
                    Instant.ofEpochMilli(said.at()),
                    said.device());
        } catch (IllegalArgumentException | DateTimeException nonsense) {
            throw new ResponseStatusException(HttpStatus.BAD_REQUEST, nonsense.getMessage(), nonsense);
        }
    }

    private void keep(Bench bench, Job job, List<Tick> said) {
        long cover = bench.made(job).id();
        work.tick(cover, said, bench.isCut(cover));
    }
}
