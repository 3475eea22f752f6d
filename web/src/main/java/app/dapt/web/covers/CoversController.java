package app.dapt.web.covers;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.learning.Pace;
import app.dapt.make.CoverSteps;
import app.dapt.make.Mishap;
import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.measure.SizeReader.Size;
import app.dapt.step.Milestone;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.NextSitting;
import app.dapt.web.progress.Progress;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.Cover;
import app.dapt.web.workroom.CoverSet;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LayoutStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.MishapStore;
import app.dapt.web.workroom.NoSuchCover;
import app.dapt.web.workroom.SetStore;
import app.dapt.web.workroom.Tick;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** What is on the go: start, find, copy, delete, bring back, open. */
@Controller
class CoversController {

    private static final long LARGEST_PLAN = 64 * 1024;

    private final CoverStore store;
    private final SetStore sets;
    private final Wording wording;
    private final CoverLines lines;
    private final WorkStore work;
    private final Progress progress;
    private final NextSitting next;
    private final LearningStore learning;
    private final LayoutStore lays;
    private final MishapStore mishaps;

    CoversController(
            CoverStore store,
            SetStore sets,
            Wording wording,
            CoverLines lines,
            WorkStore work,
            Progress progress,
            NextSitting next,
            LearningStore learning,
            LayoutStore lays,
            MishapStore mishaps) {
        this.store = store;
        this.mishaps = mishaps;
        this.lays = lays;
        this.learning = learning;
        this.sets = sets;
        this.wording = wording;
        this.lines = lines;
        this.work = work;
        this.progress = progress;
        this.next = next;
    }

    @GetMapping("/")
    String covers(Reader reader, @RequestParam Map<String, String> typed, HtmxRequest htmx, Model model) {
        ListRequest asked = ListRequest.of(typed);
        list(reader, asked, model);
        model.addAttribute("entries", new Entries(Map.of(), wording.words(reader)));
        model.addAttribute(
                "deleted",
                store.deleted().stream()
                        .filter(cover -> asked.deleted().contains(cover.id()))
                        .toList());
        model.addAttribute(
                "left",
                sets.list().stream()
                        .filter(set -> asked.left().filter(id -> id == set.id()).isPresent())
                        .findFirst()
                        .map(set -> sets.find(set.id()))
                        .orElse(null));
        return htmx.isHtmxRequest() ? "covers/list" : "covers/page";
    }

    /** Starts a cover from the completed sentence. */
    @PostMapping("/covers")
    String start(Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Words words = wording.words(reader);
        Entries entries = new Entries(typed, words);
        Kind<Shape> shape = ShapeKind.ALL.coded(typed.getOrDefault("shape", "")).orElse(ShapeKind.SQUARE);
        if (typed.getOrDefault("across", "").isBlank()) {
            entries.refuse("across", "entry.one-reading");
        }
        Optional<Size> size = entries.sizeIn("across");
        Optional<Length> across =
                size.map(Size::across).or(() -> entries.maybeLength("across", LengthRange.SIDE, Optional.empty()));
        Optional<Length> upDown =
                size.map(Size::upDown).or(() -> entries.maybeLength("up-down", LengthRange.SIDE, Optional.empty()));
        String fallback = words.say("covers.unnamed");
        String name = typed.getOrDefault("name", "").isBlank()
                ? fallback
                : entries.text("name", CoverPlan.LONGEST_NAME, fallback);
        if (!entries.isClean() || across.isEmpty()) {
            return refused(reader, entries, typed, List.of(), model);
        }
        Readings upDownReadings = upDown.map(Readings::overCrown).orElse(Readings.NONE);
        Form form = new Form(
                Readings.NONE.with(Reading.OVER_CROWN, across),
                upDownReadings,
                Optional.empty(),
                LabelMeans.FORM,
                Filling.UNKNOWN);
        return Redirect.to("/covers/"
                + store.create(
                        DefaultPlan.plan(name, words.mark(), DefaultPlan.suited(shape, form), form),
                        typed.getOrDefault("press", "")));
    }

    /** Puts the covers that were picked together: in a set there is, or in a new one. */
    @PostMapping("/sets")
    String together(
            Reader reader,
            @RequestParam(name = "cover", defaultValue = "") List<String> ticked,
            @RequestParam Map<String, String> typed,
            Model model) {
        Words words = wording.words(reader);
        Entries entries = new Entries(typed, words);
        List<Long> picked = picked(ticked, entries);
        if (picked.size() > CoverSet.MOST_COVERS) {
            entries.refuse("cover", "set.full", CoverSet.MOST_COVERS);
        }
        String fallback = words.say("set.unnamed");
        String name = typed.getOrDefault("called", "").isBlank()
                ? fallback
                : entries.text("called", CoverSet.LONGEST_NAME, fallback);
        String into = typed.getOrDefault("into", "");
        if (entries.isClean() && !into.isEmpty()) {
            putInto(into, typed.getOrDefault("from", ""), picked, entries);
        }
        if (!entries.isClean()) {
            return refused(reader, entries, typed, picked, model);
        }
        return Redirect.to(
                into.isEmpty()
                        ? "/sets/" + sets.create(name, picked, typed.getOrDefault("press", "")) + "/cloth"
                        : "/");
    }

    private void putInto(String set, String from, List<Long> picked, Entries entries) {
        try {
            long into = Long.parseLong(set);
            boolean room = from.isEmpty() ? sets.add(into, picked) : sets.move(Long.parseLong(from), into, picked);
            if (!room) {
                entries.refuse("cover", "set.full", CoverSet.MOST_COVERS);
            }
        } catch (NumberFormatException | NoSuchCover gone) {
            entries.refuse("cover", "set.gone");
        }
    }

    /** The covers that were ticked; refused where there are none. */
    private static List<Long> picked(List<String> ticked, Entries entries) {
        List<Long> picked = ticked.stream()
                .filter(id -> id.matches("\\d{1,18}"))
                .map(Long::valueOf)
                .distinct()
                .toList();
        if (picked.isEmpty()) {
            entries.refuse("cover", "covers.together-none");
        }
        return picked;
    }

    /** The list with what was refused, what was typed and what was ticked. */
    private String refused(Reader reader, Entries entries, Map<String, String> typed, List<Long> picked, Model model) {
        list(reader, ListRequest.EVERYTHING, model);
        model.addAttribute("entries", entries);
        model.addAttribute("typed", typed);
        model.addAttribute("picked", picked);
        return "covers/page";
    }

    @PostMapping("/covers/{id}/copy")
    String copy(Reader reader, @PathVariable long id, @RequestParam(defaultValue = "") String press) {
        CoverPlan plan = store.find(id).plan();
        String name = wording.words(reader).say("covers.copy-of", plan.name());
        CoverPlan copy = plan.withName(PlainText.shortened(name, CoverPlan.LONGEST_NAME));
        return Redirect.to("/covers/" + store.create(copy, press));
    }

    @PostMapping("/covers/{id}/delete")
    String delete(@PathVariable long id) {
        store.delete(id);
        return Redirect.to("/", "deleted", String.valueOf(id));
    }

    /** Deletes all that were picked; one press brings all of them back. */
    @PostMapping("/covers/delete")
    String deletePicked(
            Reader reader,
            @RequestParam(name = "cover", defaultValue = "") List<String> ticked,
            @RequestParam Map<String, String> typed,
            Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        List<Long> picked = picked(ticked, entries);
        if (!entries.isClean()) {
            return refused(reader, entries, typed, picked, model);
        }
        store.deleteAll(picked);
        return Redirect.to("/", "deleted", picked.stream().map(String::valueOf).collect(Collectors.joining(",")));
    }

    /** All that were picked are bought for, or cut. */
    @PostMapping("/covers/reach")
    String reach(
            Reader reader,
            @RequestParam(name = "cover", defaultValue = "") List<String> ticked,
            @RequestParam(defaultValue = "") String reached,
            @RequestParam Map<String, String> typed,
            Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        List<Long> picked = picked(ticked, entries);
        if (!entries.isClean()) {
            return refused(reader, entries, typed, picked, model);
        }
        Milestone milestone = reached.equals("cut") ? Milestone.CUT : Milestone.BOUGHT;
        for (long id : picked) {
            CoverPlan plan = store.find(id).plan();
            work.reach(id, CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, reader.mark(plan))), milestone);
        }
        return Redirect.to("/");
    }

    /** Brings back what was deleted with one press. */
    @PostMapping("/covers/restore")
    String restoreAll(@RequestParam Map<String, String> typed) {
        store.restoreAll(ListRequest.of(typed).deleted());
        return Redirect.to("/");
    }

    @PostMapping("/covers/{id}/restore")
    String restore(@PathVariable long id) {
        store.restore(id);
        return Redirect.to("/");
    }

    /** Opens a plan file that somebody saved. */
    @PostMapping("/open")
    String open(
            Reader reader,
            @RequestParam Optional<MultipartFile> file,
            @RequestParam(defaultValue = "") String press,
            Model model)
            throws IOException {
        if (file.isEmpty() || file.get().isEmpty()) {
            return refused(reader, wording.words(reader).say("open.nothing"), model);
        }
        try {
            if (file.get().getSize() > LARGEST_PLAN) {
                return refused(reader, wording.words(reader).say("open.too-large"), model);
            }
            CoverPlan plan = PlanJson.read(StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.get().getBytes()))
                    .toString());
            return Redirect.to("/covers/" + store.create(plan, press));
        } catch (BadPlanFile bad) {
            return refused(reader, bad.getMessage(), model);
        } catch (CharacterCodingException e) {
            return refused(reader, wording.words(reader).say("open.not-text"), model);
        }
    }

    private String refused(Reader reader, String why, Model model) {
        list(reader, ListRequest.EVERYTHING, model);
        model.addAttribute("entries", new Entries(Map.of(), wording.words(reader)));
        model.addAttribute("notOpened", why);
        return "covers/page";
    }

    private static boolean isUncut(Progress.At at) {
        return at == null || at.stage() < List.of(Milestone.values()).indexOf(Milestone.CUT) + 1;
    }

    private void list(Reader reader, ListRequest asked, Model model) {
        CoverStore.Page page = store.list(asked.find(), asked.page());
        Sorting sorting = asked.sort();
        Map<Long, Map<String, Tick>> ticks =
                work.ticks(page.covers().stream().map(Cover::id).toList());
        Map<Long, Progress.At> begun = new HashMap<>();
        Pace pace = learning.used().pace();
        Map<Long, CoverPlan> atCut =
                work.plansAtCut(page.covers().stream().map(Cover::id).toList());
        Map<Long, List<Mishap>> wrong =
                mishaps.of(page.covers().stream().map(Cover::id).toList());
        page.covers().forEach(cover -> progress.of(
                        cover,
                        ticks.getOrDefault(cover.id(), Map.of()),
                        Optional.ofNullable(atCut.get(cover.id())),
                        wrong.getOrDefault(cover.id(), List.of()),
                        pace,
                        reader)
                .ifPresent(at -> begun.put(cover.id(), at)));
        model.addAttribute("begun", begun);
        Map<Long, Set<Integer>> atHand = lays.atHand();
        List<CoverLine> shown = sorting.sorted(
                page.covers().stream()
                        .map(cover -> lines.of(cover, reader, atHand.getOrDefault(cover.id(), Set.of())))
                        .filter(line -> !asked.wrong() || line.wrong().isPresent())
                        .filter(line -> !asked.uncut() || isUncut(begun.get(line.id())))
                        .toList(),
                line -> Optional.ofNullable(begun.get(line.id()))
                        .map(Progress.At::stage)
                        .orElse(0));
        List<CoverSet.Line> all = sets.list();
        boolean bySet = sorting == Sorting.SET && asked.isPlain();
        model.addAttribute(
                "groups",
                bySet
                        ? CoverGroup.bySet(shown, all, sets.members())
                        : List.of(new CoverGroup(Optional.empty(), shown)));
        model.addAttribute("sitting", asked.isPlain() ? next.of(reader).orElse(null) : null);
        model.addAttribute("nothingYet", page.all() == 0 && asked.find().isBlank());
        model.addAttribute("empty", shown.isEmpty() && page.broken().isEmpty());
        model.addAttribute("listed", page);
        model.addAttribute("picked", List.of());
        model.addAttribute("deleted", List.of());
        model.addAttribute("left", null);
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("bin", store.deleted());
        model.addAttribute("sets", all);
        model.addAttribute("shapes", ShapeKind.ALL.all());
        model.addAttribute("sorting", sorting);
        model.addAttribute("sortings", Sorting.values());
        model.addAttribute("asked", asked);
        model.addAttribute("here", "/");
    }
}
