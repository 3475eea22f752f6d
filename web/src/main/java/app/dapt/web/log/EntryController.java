package app.dapt.web.log;

import app.dapt.log.Later;
import app.dapt.log.LogEntry;
import app.dapt.piece.Piece;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Conflict;
import app.dapt.web.entry.Entries;
import app.dapt.web.entry.Snapshot;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.LearningStore.Terms;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.Logged;
import app.dapt.web.workroom.PictureStore;
import app.dapt.web.workroom.Stale;
import app.dapt.web.workroom.WashStore;
import app.dapt.web.workroom.WashTest;
import app.dapt.words.Words;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** One entry of the log: what is noted of it, its picture, what it cost. */
@Controller
@RequestMapping("/log/{id:\\d+}")
class EntryController {

    private static final int MOST_MARGIN = 1000;

    private final LogStore log;
    private final PictureStore pictures;
    private final LearningStore learning;
    private final ClothNeeds needs;
    private final WentWrong wrong;
    private final WashStore washes;
    private final Wording wording;
    private final Clock clock;

    EntryController(
            LogStore log,
            PictureStore pictures,
            LearningStore learning,
            ClothNeeds needs,
            WentWrong wrong,
            WashStore washes,
            Wording wording,
            Clock clock) {
        this.wrong = wrong;
        this.washes = washes;
        this.clock = clock;
        this.log = log;
        this.pictures = pictures;
        this.learning = learning;
        this.needs = needs;
        this.wording = wording;
    }

    @GetMapping
    String entry(@PathVariable long id, Reader reader, Model model) {
        Logged logged = log.find(id);
        return shown(logged, new Entries(Map.of(), words(logged, reader)), reader, model);
    }

    @PostMapping
    String change(@PathVariable long id, @RequestParam Map<String, String> typed, Reader reader, Model model) {
        Logged before = log.find(id);
        Entries entries = new Entries(typed, words(before, reader));
        LogEntry read = EntryForm.read(before.entry(), entries, LocalDate.now(clock));
        try {
            Logged after = log.change(id, version(typed), standing -> read);
            return entries.isClean() ? Redirect.to("/log/" + id) : shown(after, entries, reader, model);
        } catch (Stale stale) {
            Conflict.show(model, "/log/" + id, "log", typed);
            return shown(log.find(id), new Entries(Map.of(), words(before, reader)), reader, model);
        }
    }

    private static long version(Map<String, String> typed) {
        String version = typed.getOrDefault("version", "");
        return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
    }

    /** A picture of the finished cover; it is read with the same care as one of a cloth. */
    @PostMapping("/picture")
    String picture(
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            @RequestParam MultipartFile file,
            Reader reader,
            Model model)
            throws IOException {
        Logged logged = log.find(id);
        Entries entries = new Entries(Map.of(), words(logged, reader));
        try {
            Snapshot taken = Snapshot.of(file.getBytes());
            long number = pictures.keep(taken.jpeg(), taken.wide(), taken.high())
                    .orElseThrow(() -> new Snapshot.Refused("picture.too-many"));
            return changed(id, typed, entry -> entry.withPicture(Optional.of(number)), reader, model);
        } catch (Snapshot.Refused refused) {
            entries.refuse("picture", refused.code(), refused.args());
            return shown(logged, entries, reader, model);
        }
    }

    @PostMapping("/picture/remove")
    String withoutPicture(@PathVariable long id, @RequestParam Map<String, String> typed, Reader reader, Model model) {
        return changed(id, typed, entry -> entry.withPicture(Optional.empty()), reader, model);
    }

    /** Adds how the cover is some time after it was made. */
    @PostMapping("/later")
    String later(@PathVariable long id, @RequestParam Map<String, String> typed, Reader reader, Model model) {
        Logged logged = log.find(id);
        Entries entries = new Entries(typed, words(logged, reader));
        Later said = LaterForm.read(logged.entry(), entries, LocalDate.now(clock));
        if (logged.entry().later().size() >= LogEntry.MOST_LATER) {
            entries.refuse("later-day", "log.later.full", LogEntry.MOST_LATER);
        }
        return entries.isClean()
                ? changed(id, typed, entry -> entry.withLater(added(entry.later(), said)), reader, model)
                : shown(logged, entries, reader, model);
    }

    private static List<Later> added(List<Later> before, Later said) {
        return Stream.concat(before.stream(), Stream.of(said))
                .sorted(Comparator.comparing(Later::day))
                .toList();
    }

    /** Takes back what was said, by its place. */
    @PostMapping("/later/remove")
    String withoutLater(@PathVariable long id, @RequestParam Map<String, String> typed, Reader reader, Model model) {
        String place = typed.getOrDefault("place", "");
        return changed(
                id,
                typed,
                entry -> entry.withLater(IntStream.range(0, entry.later().size())
                        .filter(i -> !place.equals(String.valueOf(i)))
                        .mapToObj(entry.later()::get)
                        .toList()),
                reader,
                model);
    }

    /** Keeps what the cover has shrunk by as a wash test of its fabric. */
    @PostMapping("/later/shrinkage")
    String shrinkage(@PathVariable long id) {
        LogEntry entry = log.find(id).entry();
        entry.shrunk()
                .ifPresent(shrunk -> washes.keep(new WashTest(
                        0,
                        entry.plan().cloths().of(Piece.Material.FRONT).name(),
                        shrunk.beforeAcross(),
                        shrunk.across(),
                        shrunk.beforeUpDown(),
                        shrunk.upDown())));
        return Redirect.to("/learned");
    }

    private String changed(
            long id, Map<String, String> typed, UnaryOperator<LogEntry> change, Reader reader, Model model) {
        try {
            log.change(id, version(typed), change);
        } catch (Stale stale) {
            Conflict.show(model, "/log/" + id, "log", Map.of());
            Logged logged = log.find(id);
            return shown(logged, new Entries(Map.of(), words(logged, reader)), reader, model);
        }
        return Redirect.to("/log/" + id);
    }

    @PostMapping("/undo")
    String undo(@PathVariable long id, @RequestParam Map<String, String> typed) {
        try {
            log.undo(id, version(typed));
        } catch (Stale seenAnew) {
            return Redirect.to("/log/" + id);
        }
        return Redirect.to("/log/" + id);
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id) {
        log.delete(id);
        return Redirect.to("/log", "removed", String.valueOf(id));
    }

    @PostMapping("/restore")
    String restore(@PathVariable long id) {
        log.restore(id);
        return Redirect.to("/log");
    }

    /** What an hour is worth and what is added, for every entry. */
    @PostMapping("/terms")
    String terms(@PathVariable long id, @RequestParam Map<String, String> typed, Reader reader, Model model) {
        Logged logged = log.find(id);
        Entries entries = new Entries(typed, words(logged, reader));
        Terms before = learning.terms();
        learning.setTerms(new Terms(
                entries.maybeHundredths("hourly", 1_000_00, Optional.of(before.hourly()))
                        .orElse(0),
                entries.maybePercent("margin", MOST_MARGIN, Optional.of(before.margin()))
                        .orElse(0)));
        return entries.isClean() ? Redirect.to("/log/" + id) : shown(logged, entries, reader, model);
    }

    private Words words(Logged logged, Reader reader) {
        return wording.words(reader, reader.mark(logged.entry().plan()));
    }

    private String shown(Logged logged, Entries entries, Reader reader, Model model) {
        Words words = words(logged, reader);
        model.addAttribute("w", words);
        model.addAttribute("here", "/log/" + logged.id());
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("wrong", wrong.of(logged, words));
        model.addAttribute("page", new EntryPage(logged, learning.terms(), entries, needs, words, reader.locale()));
        return "log/entry";
    }
}
