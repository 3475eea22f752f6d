package app.dapt.web.plan;

import app.dapt.cover.Brief;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.Recommendation;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.filled.FilledDrawing;
import app.dapt.cover.filled.View;
import app.dapt.files.drawing.FilledObj;
import app.dapt.files.drawing.FilledScene;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.PlainText;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.wording.Papers;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The filled cover as a part of its plan page: once more and finer than at first sight. */
@Controller
class FilledController {

    /** A page waits for a first look for so long. */
    private static final Duration FIRST = Duration.ofMillis(1500);

    private static final MediaType OBJ = MediaType.parseMediaType("model/obj");
    private static final Duration FINER = Duration.ofSeconds(4);

    private static final int MOST_DRAWINGS = 240;

    /** What a drawing follows from, besides what it shows. */
    private record Drawn(CoverPlan plan, Mark mark, English english, int cells, String name) {}

    private final Cache<Drawn, String> drawings =
            Caffeine.newBuilder().maximumSize(MOST_DRAWINGS).build();
    private final CoverStore store;
    private final Wording wording;
    private final Fillings fillings;
    private final LearningStore learning;

    FilledController(CoverStore store, Wording wording, Fillings fillings, LearningStore learning) {
        this.store = store;
        this.learning = learning;
        this.wording = wording;
        this.fillings = fillings;
    }

    /** A first look at a cover with its form in. */
    FilledPage first(Cover cover, Reckoned reckoned, Reader reader) {
        return page(cover, reckoned, reader, FilledCover.COARSE, FIRST);
    }

    private FilledPage page(Cover cover, Reckoned reckoned, Reader reader, int cells, Duration wait) {
        Optional<Phrase> whyNot = FilledCover.whyNot(reckoned).or(() -> fillings.brokeOff(reckoned, cells));
        Optional<Fillings.Solved> solved =
                whyNot.isPresent() ? Optional.empty() : fillings.of(cover.id(), "plan", reckoned, cells, wait);
        return new FilledPage(
                cover,
                reckoned,
                wording.words(reader, reckoned.mark()),
                solved,
                solved.filter(there -> there.cover().form().isEmpty())
                        .flatMap(there -> otherCorners(cover, reckoned, cells)),
                whyNot,
                cells == FilledCover.SHOWN,
                (name, drawn) -> drawings.get(
                        new Drawn(cover.plan(), reckoned.mark(), reader.english(), cells, name), any -> drawn.get()));
    }

    /** The same cover with its corners tapered, or as they come where they are. */
    private Optional<FilledPage.Corners> otherCorners(Cover cover, Reckoned reckoned, int cells) {
        CoverPlan plan = reckoned.plan();
        return plan.shape()
                .withOtherCorners()
                .filter(shape -> !plan.border().isPositive())
                .map(shape -> Reckoner.reckonWithoutRemedies(plan.withShape(shape), reckoned.mark()))
                .flatMap(other -> fillings.of(cover.id(), "corners", other, cells, FIRST)
                        .map(solved -> new FilledPage.Corners(other, solved.cover())));
    }

    /** The filled cover by itself, for paper. */
    @GetMapping("/covers/{id}/picture")
    String picture(@PathVariable long id, @RequestParam(defaultValue = "") String paper, Reader reader, Model model) {
        Cover cover = store.find(id);
        Mark mark = reader.mark(cover.plan());
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), mark);
        model.addAttribute("w", wording.words(reader, mark));
        model.addAttribute("id", id);
        model.addAttribute("brief", Brief.of(reckoned));
        model.addAttribute("filled", page(cover, reckoned, reader, FilledCover.SHOWN, FINER));
        model.addAttribute("paper", Papers.code(paper, mark));
        return "plan/picture";
    }

    /** Every school's cover with the form in, side by side at one scale. */
    @GetMapping("/covers/{id}/filled/fits")
    String fits(@PathVariable long id, Reader reader, Model model) {
        Cover cover = store.find(id);
        Words words = wording.words(reader, reader.mark(cover.plan()));
        Recommendation fits = Recommendation.of(
                cover.plan(), reader.mark(cover.plan()), learning.used().tastes());
        Pen pen = Fits.pen(fits);
        List<String> drawings = Fits.schools(cover.plan()).stream()
                .map(school -> fitted(id, fits.by(school), words, reader.english(), pen, Phrase.code(school)))
                .toList();
        model.addAttribute("w", words);
        model.addAttribute("drawings", drawings);
        return "plan/fits :: filled";
    }

    /** A filled cover, small; nothing where it cannot be filled. */
    private String fitted(long id, Reckoned reckoned, Words words, English english, Pen pen, String code) {
        CoverPlan plan = reckoned.plan();
        Optional<FilledCover> filled = FilledCover.whyNot(reckoned).isPresent()
                ? Optional.empty()
                : fillings.of(id, code, reckoned, FilledCover.COARSE, FINER).map(Fillings.Solved::cover);
        return filled.map(cover -> drawings.get(
                        new Drawn(plan, reckoned.mark(), english, FilledCover.COARSE, code + " at " + pen.scale()),
                        any -> new SvgDrawing(plan.cloths(), words, pen, "filled-" + code)
                                .write(FilledDrawing.of(reckoned, cover, View.STANDING, List.of()))))
                .orElse("");
    }

    /** The shape itself, for a canvas that can be turned, or for whoever wants to check it. */
    @GetMapping("/covers/{id}/filled.{form:json|obj}")
    ResponseEntity<byte[]> shape(@PathVariable long id, @PathVariable String form, Reader reader) {
        Cover cover = store.find(id);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), reader.mark(cover.plan()));
        if (FilledCover.whyNot(reckoned).isPresent()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        FilledCover filled = fillings.of(id, "plan", reckoned, FilledCover.SHOWN, FINER)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.SERVICE_UNAVAILABLE))
                .cover();
        return form.equals("obj")
                ? Download.file("filled.obj", OBJ, FilledObj.write(filled).getBytes(StandardCharsets.UTF_8))
                : ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_JSON)
                        .body(FilledScene.write(reckoned, filled).getBytes(StandardCharsets.UTF_8));
    }

    /** The casing of its form becomes a cover of its own, for somebody who stuffs the form herself. */
    @PostMapping("/covers/{id}/casing")
    String casing(@PathVariable long id, @RequestParam(defaultValue = "") String press, Reader reader) {
        CoverPlan plan = store.find(id).plan();
        String name = wording.words(reader).say("filled.casing-of", plan.name());
        return DefaultPlan.casing(plan, PlainText.shortened(name, CoverPlan.LONGEST_NAME))
                .map(casing -> Redirect.to("/covers/" + store.create(casing, press)))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    /** The cover as it is to look with its form in, and nothing else. */
    @GetMapping("/covers/{id}/filled/standing")
    String standing(@PathVariable long id, Reader reader, Model model) {
        Cover cover = store.find(id);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), reader.mark(cover.plan()));
        model.addAttribute("w", wording.words(reader, reckoned.mark()));
        model.addAttribute("id", id);
        model.addAttribute("filled", page(cover, reckoned, reader, FilledCover.COARSE, FINER));
        return "plan/filled :: standing";
    }

    @GetMapping("/covers/{id}/filled")
    String filled(@PathVariable long id, Reader reader, Model model) {
        Cover cover = store.find(id);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(cover.plan(), reader.mark(cover.plan()));
        model.addAttribute("w", wording.words(reader, reckoned.mark()));
        model.addAttribute("id", id);
        model.addAttribute("filled", page(cover, reckoned, reader, FilledCover.SHOWN, FINER));
        return "plan/filled :: filled";
    }
}
