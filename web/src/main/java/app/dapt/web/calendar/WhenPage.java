package app.dapt.web.calendar;

import app.dapt.files.log.CalendarFile;
import app.dapt.make.Job;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.web.calendar.WorkPlan.Part;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.progress.Batch;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;

/**
 * When a cover or a set is made, among all that is in work, ready for its template.
 *
 * @param more so many minutes more each time would keep all days
 */
public record WhenPage(Batch batch, WorkPlan plan, Optional<Integer> more, TimesForm times, Locale locale, Words w) {

    /**
     * One sitting.
     *
     * @param also what else is done in it
     */
    public record Shown(String when, String minutes, boolean late, List<String> steps, String also) {}

    public String path() {
        return batch.owner().path();
    }

    public String name() {
        return batch.name();
    }

    private OptionalInt number() {
        return plan.number(batch.owner());
    }

    /** The sittings in which something of it is done: of a cover that is made with others not all of theirs. */
    private List<Sitting> own() {
        return number().isPresent()
                ? plan.of(number().getAsInt()).stream()
                        .filter(sitting -> plan.parts(sitting).stream().anyMatch(this::isOwn))
                        .toList()
                : List.of();
    }

    private boolean isOwn(Part part) {
        return !own(part).isEmpty();
    }

    private List<Job> own(Part part) {
        Batch of = part.work().batch();
        return !part.work().makes(batch.owner())
                ? List.of()
                : part.jobs().stream()
                        .filter(job -> of.owner().equals(batch.owner())
                                || of.made(job).id() == batch.owner().id())
                        .toList();
    }

    private Optional<LocalDate> due() {
        return times.times().due();
    }

    /** The sittings in order. */
    public List<Shown> sittings() {
        SittingWords words = new SittingWords(plan, w, locale);
        return own().stream().map(sitting -> shown(sitting, words)).toList();
    }

    private Shown shown(Sitting sitting, SittingWords words) {
        List<Part> parts = plan.parts(sitting);
        List<String> also = parts.stream()
                .filter(part -> !isOwn(part))
                .map(part -> part.work().batch().name())
                .distinct()
                .toList();
        return new Shown(
                words.when(sitting),
                words.length(sitting),
                plan.isDated() && due().filter(sitting.day()::isAfter).isPresent(),
                parts.stream()
                        .filter(this::isOwn)
                        .map(part -> words.place(part.place()) + ": " + words.steps(own(part)))
                        .toList(),
                also.isEmpty() ? "" : w.say("when.also", w.list(also)));
    }

    /** How long it all takes, as making says it, and how long the sittings it is done in are set up for. */
    public String total() {
        double settingUp = own().stream().mapToDouble(Sitting::settingUp).sum();
        double work = new Work(batch, due(), false).minutes();
        return w.say("when.total", Minutes.about(work, w), Minutes.exactly(Math.round(settingUp), w));
    }

    /** Whether there is nothing left to do. */
    public boolean isAllDone() {
        return own().isEmpty()
                && number().stream().allMatch(number -> plan.left(number).isEmpty());
    }

    /** Whether the day can be kept, and what would help if not. */
    public List<String> verdict() {
        if (isAllDone()) {
            return List.of(w.say("when.done"));
        }
        int number = number().orElseThrow();
        if (!plan.left(number).isEmpty()) {
            return List.of(w.say(
                    "when.left",
                    new SittingWords(plan, w, locale).steps(plan.left(number).subList(0, 1))));
        }
        if (!plan.isDated()) {
            return List.of(w.say("when.sittings", own().size()));
        }
        String finished = finished().map(day -> Days.day(day, locale)).orElse("");
        if (due().isEmpty()) {
            return List.of(w.say("when.finished", finished));
        }
        String by = Days.day(due().get(), locale);
        return isLate()
                ? Stream.of(
                                Optional.of(w.say("when.late", by, late(), finished)),
                                more.map(minutes -> w.say("when.more-minutes", minutes)),
                                Optional.of(w.say("when.more-days")))
                        .flatMap(Optional::stream)
                        .toList()
                : List.of(w.say("when.kept", by, finished));
    }

    private Optional<LocalDate> finished() {
        return own().stream().map(Sitting::day).max(LocalDate::compareTo).filter(any -> plan.isDated());
    }

    private long late() {
        return plan.isDated()
                ? own().stream()
                        .filter(sitting -> due().filter(sitting.day()::isAfter).isPresent())
                        .count()
                : 0;
    }

    /** Whether the day cannot be kept. */
    public boolean isLate() {
        return late() > 0
                || number().stream().anyMatch(number -> !plan.left(number).isEmpty());
    }

    /** What must be there before the first sitting. */
    public Optional<String> before() {
        return own().stream()
                .findFirst()
                .filter(any -> plan.isDated())
                .map(first -> w.say("when.before", Days.at(first.start(), locale)));
    }

    /** The sittings for a calendar; none where no day of the week was said. */
    List<CalendarFile.Event> events() {
        return new SittingEvents(plan, w, locale).of(own());
    }
}
