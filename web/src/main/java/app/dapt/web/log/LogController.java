package app.dapt.web.log;

import app.dapt.cover.CoverPlan;
import app.dapt.files.BadPlanFile;
import app.dapt.files.log.LogCsv;
import app.dapt.files.log.LogJson;
import app.dapt.files.log.LogTable;
import app.dapt.form.Filling;
import app.dapt.log.EarlierCover;
import app.dapt.log.LogEntry;
import app.dapt.measure.PlainText;
import app.dapt.measure.SizeReader.Size;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LogStore;
import app.dapt.web.workroom.Logged;
import app.dapt.web.workroom.SetStore;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The log as a whole: found, filtered, taken out and in as a file, and what is made from it again. */
@Controller
class LogController {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");

    private final LogStore log;
    private final CoverStore covers;
    private final SetStore sets;
    private final Wording wording;
    private final Clock clock;

    LogController(LogStore log, CoverStore covers, SetStore sets, Wording wording, Clock clock) {
        this.clock = clock;
        this.log = log;
        this.covers = covers;
        this.sets = sets;
        this.wording = wording;
    }

    @GetMapping("/log")
    String list(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        show(typed, new Entries(Map.of(), wording.words(reader)), reader, model);
        return "log/page";
    }

    private void show(Map<String, String> typed, Entries entries, Reader reader, Model model) {
        Words words = wording.words(reader);
        LogRequest asked = new LogRequest(
                PlainText.line(typed.getOrDefault("find", "")),
                typed.getOrDefault("filling", ""),
                typed.getOrDefault("how", ""),
                typed.getOrDefault("year", ""));
        model.addAttribute("w", words);
        model.addAttribute("here", "/log");
        model.addAttribute("asked", asked);
        model.addAttribute("entries", entries);
        model.addAttribute("press", UUID.randomUUID().toString());
        model.addAttribute("removed", typed.getOrDefault("removed", ""));
        List<Logged> all = log.list();
        model.addAttribute("unreadable", Math.max(0, log.count() - all.size()));
        model.addAttribute("taken", typed.getOrDefault("taken", ""));
        model.addAttribute("changed", typed.getOrDefault("changed", ""));
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute(
                "page",
                new LogPage(
                        asked,
                        number(typed.getOrDefault("page", "")),
                        all,
                        sets.list(),
                        sets.members(),
                        words,
                        reader.locale()));
    }

    private static int number(String text) {
        return text.matches("\\d{1,5}") ? Integer.parseInt(text) : 1;
    }

    /** The whole log as a file. */
    @GetMapping("/log.csv")
    ResponseEntity<byte[]> file() {
        String csv = LogCsv.write(log.list().stream().map(Logged::entry).toList());
        return Download.file("log.csv", CSV, csv.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Takes in covers from a file: a log that was written here, or what somebody has kept in a spreadsheet. What stands
     * in the log already is not taken twice; what was changed in the file is shown, and taken if it is wanted.
     */
    @PostMapping("/log/take")
    String take(
            @RequestParam MultipartFile file, @RequestParam(defaultValue = "") String press, Reader reader, Model model)
            throws IOException {
        Words words = wording.words(reader);
        Entries entries = new Entries(Map.of(), words);
        try {
            boolean dayFirst = reader.english() == English.UK;
            LogTable.Rows rows = LogTable.read(file.getBytes(), new LogTable.Habits(reader.mark(), dayFirst));
            // What was written here and never came in comes in as it was written, then it can be changed.
            List<LogEntry> written = Stream.concat(
                            rows.entries().stream(), rows.changed().stream().map(LogTable.Changed::was))
                    .toList();
            if (written.size() <= log.room()) {
                int taken = log.take(written, press, LogJson::withoutPictures);
                TakenIn in = new TakenIn(taken, log.withoutTaken(rows), words, reader.locale());
                if (in.rows().changed().isEmpty() && in.rows().refused().isEmpty()) {
                    return Redirect.to("/log", "taken", String.valueOf(taken));
                }
                model.addAttribute("in", in);
            } else {
                entries.refuse("file", "log.full", LogStore.MOST);
            }
        } catch (BadPlanFile e) {
            entries.refuse("file", "log.not-one", e.problem());
        }
        show(Map.of(), entries, reader, model);
        return "log/page";
    }

    /** Takes what was changed in a file, entry by entry as it is wanted. */
    @PostMapping("/log/take-changed")
    String takeChanged(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        List<LogTable.Changed> wanted = new ArrayList<>();
        Entries entries = new Entries(Map.of(), wording.words(reader));
        try {
            for (int i = 0; typed.containsKey("now-" + i); i++) {
                if (typed.containsKey("take-" + i)) {
                    wanted.add(new LogTable.Changed(
                            LogJson.read(typed.getOrDefault("was-" + i, "")),
                            LogJson.read(typed.getOrDefault("now-" + i, ""))));
                }
            }
            log.amend(wanted);
            return Redirect.to("/log", "changed", String.valueOf(wanted.size()));
        } catch (BadPlanFile e) {
            entries.refuse("file", "log.not-one", e.problem());
        }
        show(Map.of(), entries, reader, model);
        return "log/page";
    }

    /** One cover that was made before there was a log. */
    @PostMapping("/log/earlier")
    String earlier(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        LocalDate today = LocalDate.now(clock);
        String name = entries.text("name", CoverPlan.LONGEST_NAME, "");
        LocalDate made = entries.day("made", LogEntry.EARLIEST, today, today);
        Optional<Size> form = entries.maybeSize("form");
        Optional<Size> size = entries.maybeSize("size");
        String note = entries.maybeText("note", LogEntry.LONGEST_NOTE, "");
        if (form.isEmpty() && size.isEmpty() && entries.refusal("form").isEmpty()) {
            entries.refuse("form", "log.row.size");
        }
        if (log.room() <= 0) {
            entries.refuse("name", "log.full", LogStore.MOST);
        }
        if (entries.isClean()) {
            Filling filling = entries.choice("filling", Filling.class, Filling.UNKNOWN);
            CoverPlan plan = new EarlierCover(name, form, size, filling).plan(reader.mark());
            return Redirect.to(
                    "/log/" + log.add(LogEntry.of(made, plan).withNote(note), typed.getOrDefault("press", "")));
        }
        model.addAttribute("earlier", typed);
        show(Map.of(), entries, reader, model);
        return "log/page";
    }

    /** Another cover like one that was made, with all in it that was learnt from that. */
    @PostMapping("/log/{id}/again")
    String again(@PathVariable long id, @RequestParam(defaultValue = "") String press, Reader reader) {
        CoverPlan plan = log.find(id).entry().again();
        String name = wording.words(reader).say("covers.copy-of", plan.name());
        return Redirect.to(
                "/covers/" + covers.create(plan.withName(PlainText.shortened(name, CoverPlan.LONGEST_NAME)), press));
    }

    /** Logs a cover that nobody tried on. */
    @PostMapping("/covers/{id}/log")
    String of(@PathVariable long id) {
        CoverPlan plan = covers.find(id).plan();
        Logged logged = log.putOfCover(id, LogEntry.of(LocalDate.now(clock), plan), entry -> entry);
        return Redirect.to("/log/" + logged.id());
    }
}
