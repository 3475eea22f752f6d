package app.dapt.web.calendar;

import app.dapt.files.drawing.SvgDrawing;
import app.dapt.files.log.CalendarFile;
import app.dapt.schedule.Schedule.Sitting;
import app.dapt.step.Milestone;
import app.dapt.step.Place;
import app.dapt.web.calendar.CalendarTape.Flag;
import app.dapt.web.calendar.WorkPlan.Part;
import app.dapt.web.calendar.Workload.Work;
import app.dapt.web.wording.Minutes;
import app.dapt.words.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * All that is in work, ready for its template.
 *
 * @param more   so many minutes more each time would keep all days
 * @param missed the day of a sitting that went by
 * @param others covers and sets that could be put in work
 * @param view   which days are shown
 */
public record CalendarPage(
        WorkPlan plan,
        Optional<Integer> more,
        Optional<LocalDate> missed,
        List<Other> others,
        View view,
        TimesForm times,
        Locale locale,
        Words w) {

    /** A cover or a set that is not in work. */
    public record Other(String code, String name) {}

    /**
     * The days that are shown.
     *
     * @param today the day it is
     * @param first the first of them
     * @param days  seven or twenty-eight
     */
    public record View(LocalDate today, LocalDate first, int days) {

        public static final int WEEK = 7;
        public static final int MONTH = 28;

        boolean shows(LocalDate day) {
            return !day.isBefore(first) && day.isBefore(first.plusDays(days));
        }

        public LocalDate earlier() {
            return first.minusDays(days);
        }

        public LocalDate later() {
            return first.plusDays(days);
        }

        /** The first of them as an address has it; nothing where it is today. */
        public String from() {
            return isFromToday() ? "" : first.toString();
        }

        public boolean isFromToday() {
            return first.equals(today);
        }
    }

    /**
     * A cover or a set in work.
     *
     * @param code     what it goes by in forms
     * @param due      its day, as a form has it
     * @param canGoUp  whether it can be made before the one above it
     * @param canLeave whether it can be taken out of work
     */
    public record Line(
            String code,
            String name,
            String path,
            String patch,
            String due,
            String refusal,
            String says,
            boolean late,
            boolean canGoUp,
            boolean canGoDown,
            boolean canLeave) {}

    /** A sitting; and what is done in it. */
    public record Shown(String when, String minutes, boolean late, List<Doing> doing, String path) {}

    /** What is done of one thing at one place. */
    public record Doing(String place, String steps, String name, String minutes, String patch) {}

    public boolean isEmpty() {
        return plan.works().isEmpty();
    }

    public boolean isDated() {
        return plan.isDated();
    }

    /** How many things are in work. */
    public String sum() {
        long sets = plan.works().stream()
                .filter(work -> work.batch().owner().isSet())
                .count();
        return w.say("calendar.sum", plan.works().size() - sets, sets);
    }

    /** Whether all days are kept. */
    public String verdict() {
        long dated = plan.schedule().due().size();
        if (!plan.isDated() || dated == 0) {
            return "";
        }
        return plan.late() == 0 ? w.say("calendar.kept", dated) : w.say("calendar.late", plan.late());
    }

    public boolean isLate() {
        return plan.late() > 0;
    }

    /** What is proven, what would help, what went by. */
    public List<String> notes() {
        boolean isProved = plan.schedule().isProved();
        boolean anyDue = plan.isDated() && !plan.schedule().due().isEmpty();
        return Stream.of(
                        missed.map(day -> w.say("calendar.missed", Days.day(day, locale))),
                        Optional.of(w.say(
                                        isProved ? "calendar.proved" : "calendar.found",
                                        plan.schedule().kept(),
                                        plan.schedule().keptBound()))
                                .filter(any -> anyDue && isLate()),
                        more.map(minutes -> w.say("when.more-minutes", minutes)),
                        left().stream().findFirst())
                .flatMap(Optional::stream)
                .toList();
    }

    private List<String> left() {
        SittingWords words = words();
        return IntStream.range(0, plan.works().size())
                .filter(work -> !plan.left(work).isEmpty())
                .mapToObj(work -> w.say(
                        "calendar.left",
                        plan.works().get(work).batch().name(),
                        words.steps(plan.left(work).subList(0, 1))))
                .toList();
    }

    private SittingWords words() {
        return new SittingWords(plan, w, locale);
    }

    /** What is in work, in its order. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (int at = 0; at < plan.works().size(); at++) {
            Work work = plan.works().get(at);
            lines.add(new Line(
                    CalendarController.code(work.batch().owner()),
                    work.batch().name(),
                    work.batch().owner().path() + "/make",
                    patch(at, "l"),
                    times.value("due-" + CalendarController.code(work.batch().owner()), day(work.due())),
                    times.refusal("due-" + CalendarController.code(work.batch().owner())),
                    says(at),
                    plan.isLate(at),
                    at > 0 && isBeside(at, at - 1),
                    at + 1 < plan.works().size() && isBeside(at, at + 1),
                    work.isPlaced()));
        }
        return lines;
    }

    /** Of two with the same day, or with none, one can go before the other. */
    private boolean isBeside(int one, int other) {
        return plan.works().get(one).due().equals(plan.works().get(other).due());
    }

    private static String day(Optional<LocalDate> day) {
        return day.map(LocalDate::toString).orElse("");
    }

    private String says(int work) {
        String minutes = Minutes.about(plan.works().get(work).minutes(), w);
        return plan.finished(work)
                .map(day -> w.say("calendar.line", minutes, Days.day(day, locale)))
                .orElseGet(() -> w.say("calendar.line-undated", minutes));
    }

    private String patch(int work, String id) {
        return SvgDrawing.patch(
                plan.works()
                        .get(work)
                        .batch()
                        .covers()
                        .get(0)
                        .reckoned()
                        .plan()
                        .cloths()
                        .front(),
                id + work);
    }

    /** The tape of days. */
    public String tape() {
        return new CalendarTape(view.first(), view.days(), times.daysOff(), locale)
                .draw(plan, flags(), w.say("calendar.tape", sittings().size()));
    }

    private List<Flag> flags() {
        List<Flag> flags = new ArrayList<>();
        for (int at = 0; at < plan.works().size(); at++) {
            int work = at;
            Work made = plan.works().get(at);
            made.due().ifPresent(day -> flags.add(new Flag(day, made.batch().name(), work, plan.isLate(work))));
            plan.of(work).stream()
                    .findFirst()
                    .filter(any -> isToBuy(made))
                    .ifPresent(first -> flags.add(new Flag(
                            first.day(), w.say("calendar.buy", made.batch().name()), -1, false)));
        }
        plan.schedule().sittings().stream()
                .filter(sitting -> sitting.work().stream()
                        .anyMatch(each -> each.job().step().place() == Place.WASH))
                .forEach(sitting -> flags.add(new Flag(sitting.day(), w.say("calendar.wash"), -1, false)));
        return flags;
    }

    /** Whether nothing of it is bought yet. */
    private static boolean isToBuy(Work work) {
        return work.batch().order().jobs().stream()
                .filter(job -> job.step().milestone().equals(Optional.of(Milestone.BOUGHT)))
                .anyMatch(job -> !work.batch().isDone(job));
    }

    /** The sittings of the days that are shown; all of them where they have no days. */
    public List<Shown> sittings() {
        SittingWords words = words();
        return plan.schedule().sittings().stream()
                .filter(sitting -> !plan.isDated() || view.shows(sitting.day()))
                .map(sitting -> shown(sitting, words))
                .toList();
    }

    private Shown shown(Sitting sitting, SittingWords words) {
        List<Part> parts = plan.parts(sitting);
        return new Shown(
                words.when(sitting),
                words.length(sitting),
                plan.shares(sitting).keySet().stream()
                        .anyMatch(work -> plan.isDated()
                                && plan.works()
                                        .get(work)
                                        .due()
                                        .filter(sitting.day()::isAfter)
                                        .isPresent()),
                parts.stream()
                        .map(part -> new Doing(
                                words.place(part.place()),
                                words.steps(part.jobs()),
                                part.work().batch().name(),
                                Minutes.exactly(Math.max(1, Math.round(part.minutes())), w),
                                patch(plan.works().indexOf(part.work()), "s")))
                        .toList(),
                parts.get(0).work().batch().owner().path() + "/make");
    }

    /** How many sittings come after the days that are shown. */
    public long later() {
        return plan.isDated()
                ? plan.schedule().sittings().stream()
                        .filter(sitting -> !sitting.day().isBefore(view.later()))
                        .count()
                : 0;
    }

    /** The sittings for a calendar. */
    List<CalendarFile.Event> events() {
        return new SittingEvents(plan, w, locale).of(plan.schedule().sittings());
    }

    /** Where the same days are shown otherwise. */
    public String showing(int days, LocalDate first) {
        return "/calendar?days=" + days + (first.equals(view.today()) ? "" : "&from=" + first);
    }
}
