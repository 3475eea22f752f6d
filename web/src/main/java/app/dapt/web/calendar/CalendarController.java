package app.dapt.web.calendar;

import app.dapt.files.log.CalendarFile;
import app.dapt.web.Download;
import app.dapt.web.Redirect;
import app.dapt.web.calendar.CalendarPage.Other;
import app.dapt.web.calendar.CalendarPage.View;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.entry.Entries;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CalendarStore;
import app.dapt.web.workroom.Owner;
import app.dapt.web.workroom.TurnStore;
import app.dapt.web.workroom.WorkTimeStore;
import app.dapt.words.Words;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One calendar for all that is in work: its order, its days, when there is time. */
@Controller
@RequestMapping("/calendar")
class CalendarController {

    private static final Pattern CODE = Pattern.compile("([cs])(\\d{1,18})");
    private static final int MOST_DAYS_AHEAD = 3_660;
    private static final int LONGEST_REST = 100;

    private final WorkPlans plans;
    private final CalendarStore calendar;
    private final WorkTimeStore times;
    private final TurnStore turns;
    private final Wording wording;
    private final Clock clock;

    CalendarController(
            WorkPlans plans,
            CalendarStore calendar,
            WorkTimeStore times,
            TurnStore turns,
            Wording wording,
            Clock clock) {
        this.turns = turns;
        this.plans = plans;
        this.calendar = calendar;
        this.times = times;
        this.wording = wording;
        this.clock = clock;
    }

    /** What a cover or a set goes by in forms. */
    static String code(Owner owner) {
        return (owner.isSet() ? "s" : "c") + owner.id();
    }

    private static Optional<Owner> owner(String code) {
        Matcher matcher = CODE.matcher(code);
        return matcher.matches()
                ? Optional.of(new Owner(matcher.group(1).equals("s"), Long.parseLong(matcher.group(2))))
                : Optional.empty();
    }

    @GetMapping
    String calendar(Reader reader, @RequestParam Map<String, String> asked, Model model) {
        return shown(new Entries(Map.of(), wording.words(reader)), asked, reader, model);
    }

    /** When there is time, and when there is none. */
    @PostMapping("/times")
    String keepTimes(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        times.keepWeek(TimesEntry.read(typed, entries, times.week(), today()));
        TreeSet<LocalDate> off = new TreeSet<>(calendar.daysOff());
        off.removeIf(day -> typed.containsKey("works-" + day) || day.isBefore(today()));
        off.addAll(rest(typed, entries));
        calendar.keepDaysOff(off.stream().limit(CalendarStore.MOST_DAYS_OFF).toList());
        return answered(entries, typed, reader, model);
    }

    /** The days from one to another on which nobody sews. */
    private List<LocalDate> rest(Map<String, String> typed, Entries entries) {
        Optional<LocalDate> from = TimesEntry.day("off-from", typed, entries, Optional.empty(), today());
        Optional<LocalDate> until = TimesEntry.day("off-until", typed, entries, Optional.empty(), today());
        LocalDate first = from.or(() -> until).orElse(today());
        LocalDate last = until.or(() -> from).orElse(today().minusDays(1));
        if (!entries.isClean() || last.isBefore(first) && until.isEmpty()) {
            return List.of();
        }
        if (last.isBefore(first) || last.isAfter(first.plusDays(LONGEST_REST))) {
            entries.refuse("off-until", "calendar.off-too-long", LONGEST_REST);
            return List.of();
        }
        return first.datesUntil(last.plusDays(1)).toList();
    }

    /** By when a cover or a set is to be done. */
    @PostMapping("/due")
    String due(@RequestParam Map<String, String> typed, Reader reader, Model model) {
        Entries entries = new Entries(typed, wording.words(reader));
        owner(typed.getOrDefault("what", "")).ifPresent(owner -> {
            String field = "due-" + code(owner);
            Optional<LocalDate> standing = times.find(owner).due();
            Optional<LocalDate> wanted = TimesEntry.day(field, typed, entries, standing, today());
            times.keepDue(owner, wanted);
            earlier(owner, wanted)
                    .filter(any -> entries.isClean())
                    .ifPresent(day -> entries.refuse(field, "calendar.cover-due", Days.day(day, reader.locale())));
        });
        return answered(entries, typed, reader, model);
    }

    /** The day of a cover of a set, where that comes before what is wanted for all of it. */
    private Optional<LocalDate> earlier(Owner owner, Optional<LocalDate> wanted) {
        return calendar.inWork().stream()
                .filter(each -> each.owner().equals(owner))
                .flatMap(each -> each.due().stream())
                .filter(day -> !wanted.equals(Optional.of(day)))
                .findFirst();
    }

    /** One goes before or after others that have the same day, or none. */
    @PostMapping("/order")
    String order(@RequestParam Map<String, String> typed, Reader reader) {
        owner(typed.getOrDefault("what", "")).ifPresent(what -> {
            List<Owner> order = new ArrayList<>(plans.find(reader).works().stream()
                    .map(work -> work.batch().owner())
                    .toList());
            int from = order.indexOf(what);
            int to = to(typed, from);
            if (from >= 0 && to >= 0 && to < order.size()) {
                order.add(to, order.remove(from));
                calendar.order(order);
            }
        });
        return back(typed);
    }

    /** Where it goes: so many places on, or before another one. */
    private int to(Map<String, String> typed, int from) {
        String to = typed.getOrDefault("to", "");
        return switch (to) {
            case "up" -> from - 1;
            case "down" -> from + 1;
            default -> to.matches("\\d{1,3}") ? Integer.parseInt(to) : -1;
        };
    }

    /** Puts one more in work, after all others. */
    @PostMapping("/add")
    String add(@RequestParam Map<String, String> typed, Reader reader) {
        owner(typed.getOrDefault("what", "")).ifPresent(what -> {
            List<Owner> order = new ArrayList<>(plans.find(reader).works().stream()
                    .map(work -> work.batch().owner())
                    .filter(owner -> !owner.equals(what))
                    .toList());
            order.add(what);
            calendar.order(order);
        });
        return back(typed);
    }

    /** Takes one out of work again. */
    @PostMapping("/leave")
    String leave(@RequestParam Map<String, String> typed) {
        owner(typed.getOrDefault("what", "")).ifPresent(calendar::leave);
        return back(typed);
    }

    /** The sittings as a calendar file. */
    @GetMapping("/sittings.ics")
    ResponseEntity<byte[]> file(Reader reader) {
        WorkPlan plan = plans.find(reader);
        return Download.file(
                "sittings.ics",
                MediaType.parseMediaType("text/calendar"),
                CalendarFile.write(
                        new SittingEvents(plan, wording.words(reader), reader.locale())
                                .of(plan.schedule().sittings()),
                        swaps(reader, wording.words(reader)).events(),
                        clock.instant()));
    }

    private SwapDays swaps(Reader reader, Words words) {
        return new SwapDays(turns.all(), today(), words, reader.locale());
    }

    private String answered(Entries entries, Map<String, String> typed, Reader reader, Model model) {
        return entries.isClean() ? back(typed) : shown(entries, typed, reader, model);
    }

    private static String back(Map<String, String> typed) {
        return Redirect.to("/calendar", "days", typed.getOrDefault("days", ""), "from", typed.getOrDefault("from", ""));
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    private String shown(Entries entries, Map<String, String> asked, Reader reader, Model model) {
        Words words = entries.words();
        WorkPlan plan = plans.find(reader);
        model.addAttribute("w", words);
        model.addAttribute("here", "/calendar");
        model.addAttribute("swaps", swaps(reader, words).lines());
        model.addAttribute(
                "calendar",
                new CalendarPage(
                        plan,
                        plans.minutesMore(plan, longer -> longer.late() == 0),
                        plans.missed(plan),
                        others(plan),
                        view(asked),
                        new TimesForm(times.week(), calendar.daysOff(), entries, reader.locale()),
                        reader.locale(),
                        words));
        return "calendar/page";
    }

    private List<Other> others(WorkPlan plan) {
        List<Owner> in = plan.works().stream()
                .map(Work::batch)
                .map(batch -> batch.owner())
                .toList();
        return calendar.others().stream()
                .filter(other -> !in.contains(other.owner()))
                .map(other -> new Other(code(other.owner()), other.name()))
                .toList();
    }

    private View view(Map<String, String> asked) {
        int days = asked.getOrDefault("days", "").equals("7") ? View.WEEK : View.MONTH;
        LocalDate first = today();
        try {
            first = LocalDate.parse(asked.getOrDefault("from", ""));
        } catch (DateTimeParseException none) {
            // From today on.
        }
        boolean isNear = Math.abs(ChronoUnit.DAYS.between(today(), first)) < MOST_DAYS_AHEAD;
        return new View(today(), isNear ? first : today(), days);
    }
}
