package app.dapt.web.calendar;

import app.dapt.files.log.CalendarFile;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.Batch;
import app.dapt.web.progress.Batches;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.WorkTimeStore;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.words.Words;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** When a cover or a set is made: the times there are, the sittings that come of them, and a calendar of those. */
@Controller
@RequestMapping("/{whose:covers|sets}/{id}/make/when")
class WhenController {

    private final Batches batches;
    private final WorkPlans plans;
    private final CalendarStore calendar;
    private final WorkTimeStore times;
    private final Wording wording;
    private final Clock clock;

    WhenController(
            Batches batches,
            WorkPlans plans,
            CalendarStore calendar,
            WorkTimeStore times,
            Wording wording,
            Clock clock) {
        this.clock = clock;
        this.batches = batches;
        this.plans = plans;
        this.calendar = calendar;
        this.times = times;
        this.wording = wording;
    }

    @GetMapping
    String when(@PathVariable String whose, @PathVariable long id, Reader reader, Model model) {
        Batch batch = batches.find(whose, id, reader);
        show(batch, times.find(batch.owner()), new Entries(Map.of(), words(batch, reader)), reader, model);
        return "calendar/when";
    }

    @PostMapping
    String change(
            @PathVariable String whose,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Reader reader,
            Model model) {
        Batch batch = batches.find(whose, id, reader);
        Entries entries = new Entries(typed, words(batch, reader));
        WorkTimes kept = TimesEntry.read(
                typed,
                entries,
                times.find(batch.owner()),
                LocalDateTime.now(clock).toLocalDate());
        times.keep(batch.owner(), kept);
        if (entries.isClean()) {
            return Redirect.to(batch.owner().path() + "/make/when");
        }
        show(batch, kept, entries, reader, model);
        return "calendar/when";
    }

    /** The sittings as a calendar file. */
    @GetMapping("/sittings.ics")
    ResponseEntity<byte[]> calendar(@PathVariable String whose, @PathVariable long id, Reader reader) {
        Batch batch = batches.find(whose, id, reader);
        WhenPage page = page(batch, times.find(batch.owner()), new Entries(Map.of(), words(batch, reader)), reader);
        return Download.file(
                "sittings.ics",
                MediaType.parseMediaType("text/calendar"),
                CalendarFile.write(page.events(), clock.instant()));
    }

    private Words words(Batch batch, Reader reader) {
        return batch.covers().stream()
                .findFirst()
                .map(made -> wording.words(reader, made.reckoned().mark()))
                .orElseGet(() -> wording.words(reader));
    }

    private void show(Batch batch, WorkTimes kept, Entries entries, Reader reader, Model model) {
        model.addAttribute("changed", batch.changed(words(batch, reader)));
        model.addAttribute("w", words(batch, reader));
        model.addAttribute("here", batch.owner().path() + "/make/when");
        model.addAttribute("page", page(batch, kept, entries, reader));
    }

    private WhenPage page(Batch batch, WorkTimes kept, Entries entries, Reader reader) {
        WorkPlan plan = plans.with(batch.owner(), reader);
        Optional<Integer> more = plans.minutesMore(
                plan, longer -> longer.number(batch.owner()).stream().noneMatch(longer::isLate));
        return new WhenPage(
                batch,
                plan,
                more,
                new TimesForm(kept, calendar.daysOff(), entries, reader.locale()),
                reader.locale(),
                words(batch, reader));
    }
}
