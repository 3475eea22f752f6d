package app.dapt.web.make;

import app.dapt.advice.Advice;
import app.dapt.advice.PlanFacts;
import app.dapt.cover.Reckoned;
import app.dapt.cover.SizeChart;
import app.dapt.make.CoverSteps;
import app.dapt.make.Job;
import app.dapt.step.Milestone;
import app.dapt.web.Redirect;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.progress.CutOrder;
import app.dapt.web.wording.LaidOutWords;
import app.dapt.web.wording.Papers;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.DrawerStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.NoSuchCover;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.server.ResponseStatusException;

/** Making a cover or a set: the order of work, and what is done of it. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/make")
class MakeController {

    private static final String NO_DEVICE = "page";
    private static final int LARGEST_BODY = 2 * 1024 * 1024;

    private final Clock clock;
    private final Batches batches;
    private final WorkStore work;
    private final Wording wording;
    private final CutOrder cuts;
    private final LearningStore learning;
    private final DrawerStore drawer;

    MakeController(
            Batches batches,
            WorkStore work,
            LearningStore learning,
            DrawerStore drawer,
            Wording wording,
            CutOrder cuts,
            Clock clock) {
        this.drawer = drawer;
        this.learning = learning;
        this.clock = clock;
        this.cuts = cuts;
        this.batches = batches;
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
        show(batches.find(whose, id, reader), step, !unasked.isEmpty(), reader, model);
        return "make/page";
    }

    /** Every step large, to go on with where there is no network. */
    @GetMapping("/steps")
    String steps(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        show(batches.find(whose, id, reader), "", false, reader, model);
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
        Batch batch = batches.find(whose, id, reader);
        Words words = show(batch, "", false, reader, model);
        model.addAttribute("paper", Papers.code(paper, words.mark()));
        return "make/print";
    }

    /** The cover for a class: its sizes as one chart, and the steps a page a sitting. */
    @GetMapping("/handout")
    String handout(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String paper,
            Reader reader,
            Model model) {
        Batch batch = batches.find(whose, id, reader);
        if (batch.owner().isSet()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Reckoned own = batch.covers().get(0).reckoned();
        Words words = wording.words(reader, own.mark());
        // Everybody cuts a size of their own, from a cloth of their own.
        MakePage steps = new MakePage(
                batch, Optional.empty(), false, job -> Optional.empty(), job -> laidOut(own, words), List.of(), words);
        model.addAttribute("w", words);
        model.addAttribute("handout", new HandoutPage(batch, steps, SizeChart.of(own.plan(), own.mark()), words));
        model.addAttribute("paper", Papers.code(paper, words.mark()));
        return "make/handout";
    }

    private Words show(Batch batch, String step, boolean unasked, Reader reader, Model model) {
        Words words = batch.covers().stream()
                .findFirst()
                .map(made -> wording.words(reader, made.reckoned().mark()))
                .orElseGet(() -> wording.words(reader));
        model.addAttribute("w", words);
        model.addAttribute("workroom", work.workroom());
        model.addAttribute(
                "page",
                new MakePage(
                        batch,
                        batch.job(step).or(batch::next),
                        unasked,
                        job -> cuts(batch, job, reader),
                        job -> laidOut(batch.made(job).reckoned(), words),
                        learning.lessons(),
                        words));
        return words;
    }

    private List<String> laidOut(Reckoned reckoned, Words words) {
        return LaidOutWords.of(Advice.of(PlanFacts.of(reckoned, drawer.find())), words).stream()
                .map(ready -> words.say("make.laid-out", ready.place(), ready.things()))
                .toList();
    }

    private Optional<CutOrder.Shown> cuts(Batch batch, Job job, Reader reader) {
        Batch.Made made = batch.made(job);
        return CoverSteps.cutBy(made.reckoned().plan(), job.step())
                .flatMap(cloth -> cuts.of(batch.owner(), made.id(), cloth, reader));
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
        Batch batch = batches.find(whose, id, reader);
        Job job = batch.job(step).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        String make = batch.owner().path() + "/make";
        boolean asked = job.step().trap() && checked.isEmpty();
        if (act.equals("done") && asked) {
            return Redirect.to(make, "step", step, "unasked", "1");
        }
        boolean done = !act.equals("undo");
        keep(
                batch,
                job,
                List.of(new Tick(UUID.randomUUID(), job.step().id(), done, done && asked, clock.instant(), NO_DEVICE)));
        return done ? Redirect.to(make) : Redirect.to(make, "step", step);
    }

    /** A cover whose plan was changed after the cut is cut anew. */
    @PostMapping("/recut")
    String recut(@PathVariable String whose, @PathVariable long id, @RequestParam long cover, Reader reader) {
        Batch batch = batches.find(whose, id, reader);
        // What was done to pieces that are replaced is to be done to the new ones; those are cut now.
        Map<Boolean, List<Job>> lapsed = batch.order().jobs().stream()
                .filter(job -> batch.made(job).id() == cover && batch.hasLapsed(job))
                .collect(Collectors.partitioningBy(job -> job.step().milestone().equals(Optional.of(Milestone.CUT))));
        List<Tick> undone = lapsed.get(false).stream()
                .map(job -> new Tick(UUID.randomUUID(), job.step().id(), false, false, clock.instant(), NO_DEVICE))
                .toList();
        if (batch.covers().stream().anyMatch(made -> made.id() == cover)) {
            work.tick(cover, undone, batch.isCut(cover));
            work.cutAnew(cover);
        }
        return Redirect.to(batch.owner().path() + "/make");
    }

    /** One cover of a set is made for trial: no other is cut before that has been on its form. */
    @PostMapping("/trial")
    String trial(@PathVariable String whose, @PathVariable long id, @RequestParam long cover, Reader reader) {
        Batch batch = batches.find(whose, id, reader);
        if (batch.owner().isSet()) {
            work.tryFirst(id, cover);
        }
        return Redirect.to(batch.owner().path() + "/make");
    }

    /**
     * What a device has to say, perhaps since long; it is told what stands then, and what of it was refused. Of a set
     * this may be of a cover that has left it since or was deleted, or the set itself is gone: that is kept with the
     * cover.
     */
    @PostMapping(path = "/ticks", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<Map<String, Map<String, ?>>> ticks(
            @PathVariable String whose, @PathVariable long id, InputStream body, Reader reader) throws IOException {
        SaidTicks said = said(body.readNBytes(LARGEST_BODY + 1));
        boolean ofSet = whose.equals("sets");
        Optional<Batch> batch =
                ofSet ? batches.findAny(whose, id, reader) : Optional.of(batches.find(whose, id, reader));
        for (long cover : List.copyOf(said.heard().keySet())) {
            List<Tick> ticks = said.heard().get(cover);
            if (!ofSet && cover != id || !work.isThere(cover)) {
                said.refuse(cover, "gone");
            } else {
                work.tick(cover, ticks, isCut(batch, cover, reader))
                        .forEach(tick -> said.refused().put(tick.id().toString(), "too-many"));
            }
        }
        if (batch.isEmpty() && said.heard().isEmpty()) {
            throw new NoSuchCover(id);
        }
        Map<String, Map<String, ?>> answer = new HashMap<>(batch.isPresent() ? state(whose, id, reader) : Map.of());
        if (!said.refused().isEmpty()) {
            answer.put("refused", said.refused());
        }
        return ResponseEntity.status(said.isAllRefused() ? HttpStatus.UNPROCESSABLE_CONTENT : HttpStatus.OK)
                .body(answer);
    }

    private SaidTicks said(byte[] body) {
        try {
            if (body.length > LARGEST_BODY) {
                throw new SaidTicks.Refused(true);
            }
            return SaidTicks.read(body, clock.instant());
        } catch (SaidTicks.Refused nonsense) {
            throw new ResponseStatusException(
                    nonsense.isTooMany() ? HttpStatus.CONTENT_TOO_LARGE : HttpStatus.BAD_REQUEST, "", nonsense);
        }
    }

    /** Of a cover that is on the table no more, by itself; of one that was deleted it is not asked. */
    private Predicate<Map<String, Tick>> isCut(Optional<Batch> batch, long cover, Reader reader) {
        return batch.filter(at -> at.covers().stream().anyMatch(made -> made.id() == cover))
                .or(() -> batches.findAny("covers", cover, reader))
                .map(at -> at.isCut(cover))
                .orElse(ticks -> false);
    }

    /** What stands of each step. */
    @GetMapping("/ticks")
    @ResponseBody
    Map<String, Map<String, Boolean>> state(@PathVariable String whose, @PathVariable long id, Reader reader) {
        return new MakePage(
                        batches.find(whose, id, reader),
                        Optional.empty(),
                        false,
                        job -> Optional.empty(),
                        job -> List.of(),
                        List.of(),
                        wording.words(reader))
                .state();
    }

    private void keep(Batch batch, Job job, List<Tick> said) {
        long cover = batch.made(job).id();
        work.tick(cover, said, batch.isCut(cover));
    }
}
