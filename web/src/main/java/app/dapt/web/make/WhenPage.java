package app.dapt.web.make;

import app.dapt.files.log.CalendarFile;
import app.dapt.make.Job;
import app.dapt.make.Sitting;
import app.dapt.measure.Phrase;
import app.dapt.step.Place;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Minutes;
import app.dapt.web.workroom.WorkTimes;
import app.dapt.web.workroom.WorkTimes.Slot;
import app.dapt.words.Words;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** When the work is done, ready for its template. */
public record WhenPage(
        Batch batch, Calendar calendar, Optional<Integer> minutesMore, Entries entries, Locale locale, Words w) {

    /** One sitting. */
    public record Shown(String when, String minutes, boolean late, boolean tooLong, List<String> steps) {}

    /** The time on one day of the week, as it stands in the form. */
    public record Day(int number, String name, String starts, String minutes) {}

    public String path() {
        return batch.owner().path();
    }

    public String name() {
        return batch.name();
    }

    /** The sittings in order. */
    public List<Shown> sittings() {
        List<Shown> shown = new ArrayList<>();
        for (int i = 0; i < calendar.sittings().size(); i++) {
            Sitting sitting = calendar.sittings().get(i);
            Optional<LocalDateTime> start = start(i);
            boolean late = start.flatMap(at -> calendar.times().due().map(at.toLocalDate()::isAfter))
                    .orElse(false);
            shown.add(new Shown(
                    start.map(at -> Days.at(at, locale)).orElse(w.say("when.sitting", i + 1)),
                    length(sitting, w),
                    late,
                    sitting.tooLong(),
                    steps(sitting)));
        }
        return shown;
    }

    private Optional<LocalDateTime> start(int number) {
        return number < calendar.starts().size() ? Optional.of(calendar.starts().get(number)) : Optional.empty();
    }

    /** What is done, place by place; the same work on several pieces or covers is said once. */
    private List<String> steps(Sitting sitting) {
        List<String> lines = new ArrayList<>();
        List<String> here = new ArrayList<>();
        Place at = sitting.jobs().get(0).step().place();
        for (Job job : sitting.jobs()) {
            if (job.step().place() != at) {
                lines.add(line(at, here));
                here.clear();
                at = job.step().place();
            }
            here.add(w.say(job.step().briefly()));
        }
        lines.add(line(at, here));
        return lines;
    }

    private String line(Place place, List<String> steps) {
        return w.say(Phrase.choice("place", place)) + ": "
                + String.join(", ", steps.stream().distinct().toList());
    }

    /** How long it all takes, as making says it, and what comes on top. */
    public String total() {
        List<Sitting> all = calendar.sittings();
        double settingUp = all.stream().mapToDouble(Sitting::settingUp).sum();
        double whole = all.stream().mapToDouble(Sitting::minutes).sum();
        return w.say("when.total", Minutes.about(whole - settingUp, w), Minutes.exactly(Math.round(settingUp), w));
    }

    /** Whether there is something left to do. */
    public boolean isAllDone() {
        return calendar.sittings().isEmpty();
    }

    /** Whether the day can be kept, and what would help if not. */
    public List<String> verdict() {
        if (calendar.sittings().isEmpty()) {
            return List.of(w.say("when.done"));
        }
        if (calendar.finished().isEmpty()) {
            return List.of(w.say("when.sittings", calendar.sittings().size()));
        }
        String finished = Days.day(calendar.finished().get(), locale);
        if (calendar.times().due().isEmpty()) {
            return List.of(w.say("when.finished", finished));
        }
        String due = Days.day(calendar.times().due().get(), locale);
        if (calendar.late() == 0) {
            return List.of(w.say("when.kept", due, finished));
        }
        return Stream.of(
                        Optional.of(w.say("when.late", due, calendar.late(), finished)),
                        minutesMore.map(more -> w.say("when.more-minutes", more)),
                        Optional.of(w.say("when.more-days")))
                .flatMap(Optional::stream)
                .toList();
    }

    /** Whether the day cannot be kept. */
    public boolean isLate() {
        return calendar.late() > 0;
    }

    /** What must be there before the first sitting. */
    public Optional<String> before() {
        return start(0).map(first -> w.say("when.before", Days.at(first, locale)));
    }

    /** The days of the week, as the form shows them. */
    public List<Day> days() {
        return Stream.of(DayOfWeek.values())
                .map(day -> {
                    Optional<Slot> slot =
                            Optional.ofNullable(calendar.times().week().get(day));
                    return new Day(
                            day.getValue(),
                            day.getDisplayName(TextStyle.FULL, locale),
                            typed(
                                    day,
                                    "starts-" + day.getValue(),
                                    slot.map(each -> each.starts().toString()).orElse("")),
                            typed(
                                    day,
                                    "minutes-" + day.getValue(),
                                    slot.map(each -> String.valueOf(each.minutes()))
                                            .orElse("")));
                })
                .toList();
    }

    /** A field of a day: as it was typed where one of the day's fields was refused, so that the other is not lost. */
    private String typed(DayOfWeek day, String field, String standing) {
        boolean refused = Stream.of("starts-", "minutes-")
                .anyMatch(each -> entries.refusal(each + day.getValue()).isPresent());
        return refused ? entries.raw(field).orElse(standing) : standing;
    }

    public String due() {
        return entries.value(
                "due", calendar.times().due().map(LocalDate::toString).orElse(""));
    }

    public String atATime() {
        return entries.value("at-a-time", String.valueOf(calendar.times().atATime()));
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }

    /** The sittings for a calendar; none where no day of the week was said. */
    List<CalendarFile.Event> events() {
        List<CalendarFile.Event> events = new ArrayList<>();
        for (int i = 0; i < calendar.starts().size(); i++) {
            Sitting sitting = calendar.sittings().get(i);
            LocalDateTime from = calendar.starts().get(i);
            events.add(new CalendarFile.Event(
                    path().replace('/', '-').substring(1) + "-" + (i + 1) + "@dapt",
                    from,
                    from.plusMinutes(Math.max(WorkTimes.LEAST_MINUTES, Math.round(sitting.minutes()))),
                    w.say("when.event", name()),
                    steps(sitting)));
        }
        return events;
    }

    /** How long a sitting takes, setting up said as such: {@code 52 min, 8 min of it setting up}. */
    static String length(Sitting sitting, Words words) {
        return words.say(
                "when.of-it", Minutes.exactly(Math.round(sitting.minutes()), words), Math.round(sitting.settingUp()));
    }
}
