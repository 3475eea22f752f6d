package app.dapt.log;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Alteration;
import app.dapt.learning.Overlaps;
import app.dapt.learning.Pace;
import app.dapt.learning.Tastes;
import app.dapt.learning.Verdict;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.step.Place;
import app.dapt.step.Step;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * One cover that was made, as it was made: later changes of its plan are no matter here.
 *
 * @param made    the day it was done, or tried on
 * @param plan    the cover as it is
 * @param planned what it was to be, where a try-on has changed it since
 * @param fitting how it sat
 * @param spent   what it took
 * @param picture the number of its picture
 * @param note    one line, up to 500 characters; empty for none
 * @param later   how it was some time after, the first first
 */
public record LogEntry(
        LocalDate made,
        CoverPlan plan,
        Optional<CoverPlan> planned,
        Optional<Fitting> fitting,
        Spent spent,
        Optional<Long> picture,
        String note,
        List<Later> later) {

    public static final int LONGEST_NOTE = 500;
    /** So often it is said how one is later. */
    public static final int MOST_LATER = 50;

    /** Nobody logs a cover of before. */
    public static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);

    /**
     * How a cover sat.
     *
     * @param tried the cover as it was then, before anything was done about it
     */
    public record Fitting(CoverPlan tried, Verdict verdict) {}

    /** @throws IllegalArgumentException where the note is no line, or the day is before {@link #EARLIEST} */
    public LogEntry {
        boolean isPlain = note.isEmpty() || PlainText.isLine(note);
        if (!isPlain || note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException("a note is one line of up to " + LONGEST_NOTE + " characters");
        }
        if (made.isBefore(EARLIEST)) {
            throw new IllegalArgumentException("nobody logs a cover of before " + EARLIEST);
        }
        if (later.size() > MOST_LATER) {
            throw new IllegalArgumentException("how a cover is later is said up to " + MOST_LATER + " times");
        }
        later = List.copyOf(later);
    }

    /** A cover of which nothing is known yet but that it was made. */
    public static LogEntry of(LocalDate made, CoverPlan plan) {
        return new LogEntry(
                made, plan, Optional.empty(), Optional.empty(), Spent.NOTHING, Optional.empty(), "", List.of());
    }

    /** This cover tried on, and left as it was. */
    public LogEntry tried(Verdict verdict) {
        return new LogEntry(made, plan, planned, Optional.of(new Fitting(plan, verdict)), spent, picture, note, later);
    }

    /** What was said of it when it was tried on, said otherwise. */
    public LogEntry judged(Optional<Verdict> verdict) {
        CoverPlan then = fitting.map(Fitting::tried).orElse(plan);
        return new LogEntry(
                made, plan, planned, verdict.map(said -> new Fitting(then, said)), spent, picture, note, later);
    }

    /** This cover as it is after a correction; what it was first planned to be stays. */
    public LogEntry corrected(CoverPlan now) {
        Optional<CoverPlan> first = planned.or(() -> Optional.of(plan));
        return new LogEntry(made, now, first.filter(then -> !then.equals(now)), fitting, spent, picture, note, later);
    }

    /** The entry of a cover that was planned otherwise since. */
    public LogEntry withPlan(CoverPlan changed) {
        return new LogEntry(made, changed, planned, fitting, spent, picture, note, later);
    }

    /** The same entry, each of its plans changed alike. */
    public LogEntry withPlans(UnaryOperator<CoverPlan> change) {
        return new LogEntry(
                made,
                change.apply(plan),
                planned.map(change),
                fitting.map(sat -> new Fitting(change.apply(sat.tried()), sat.verdict())),
                spent,
                picture,
                note,
                later);
    }

    public LogEntry withMade(LocalDate day) {
        return new LogEntry(day, plan, planned, fitting, spent, picture, note, later);
    }

    public LogEntry withSpent(Spent changed) {
        return new LogEntry(made, plan, planned, fitting, changed, picture, note, later);
    }

    public LogEntry withPicture(Optional<Long> number) {
        return new LogEntry(made, plan, planned, fitting, spent, number, note, later);
    }

    public LogEntry withNote(String line) {
        return new LogEntry(made, plan, planned, fitting, spent, picture, line, later);
    }

    /** The same with what is said of it some time after. */
    public LogEntry withLater(List<Later> said) {
        return new LogEntry(made, plan, planned, fitting, spent, picture, note, said);
    }

    /**
     * What its cloth has lost across and up and down since it was finished, as it was measured last after a wash, as
     * parts of one; less than nothing where it has grown. Nothing where nobody measured both.
     */
    public Optional<Shrunk> shrunk() {
        return later.stream()
                .filter(said -> said.after() == Later.After.WASHED)
                .filter(said -> said.across().isPresent() && said.upDown().isPresent())
                .reduce((one, other) -> other)
                .map(said -> new Shrunk(
                        reckoned(plan).finished(Axis.ACROSS),
                        said.across().orElseThrow(),
                        reckoned(plan).finished(Axis.UP_DOWN),
                        said.upDown().orElseThrow()));
    }

    /** A cover's size as it was finished and as it is after a wash. */
    public record Shrunk(Length beforeAcross, Length across, Length beforeUpDown, Length upDown) {}

    /** What was done about it, as it follows from how it sat. */
    public Optional<Correction> correction() {
        return fitting.map(sat -> Correction.of(reckoned(sat.tried()), sat.verdict()));
    }

    /** How much deeper its seams were sewn since it was tried on, negative where they were let out. */
    public Length deeper() {
        return fitting.map(Fitting::tried)
                .map(tried -> {
                    Alteration before = tried.seam().altered();
                    Alteration now = plan.seam().altered();
                    Length deeper = now.deeper().minus(before.deeper());
                    // A flange is stitched further in, and the seam outside it stays.
                    return deeper.isZero() ? now.across().minus(before.across()).half() : deeper;
                })
                .orElse(Length.ZERO);
    }

    /** The plan for another one like it, with all in it that this one taught. */
    public CoverPlan again() {
        return Correction.again(
                reckoned(plan), fitting.flatMap(sat -> sat.verdict().gape()));
    }

    /**
     * The fullness that would have been right: what it had, and what was still wished then. Nothing where nobody tried
     * it on, or its size was not what was wrong.
     */
    public Optional<Tastes.Seen> fullness() {
        return fitting.filter(sat -> !sat.verdict().isContradictory())
                .map(sat -> new Tastes.Seen(
                        plan.form().filling(), Correction.wanted(reckoned(sat.tried()), sat.verdict())));
    }

    /** How its overlap fared then and since, where nothing but its overlap kept it shut. */
    public Optional<Overlaps.Seen> overlap() {
        return fitting.flatMap(sat -> {
            Reckoned cover = reckoned(sat.tried());
            return cover.back()
                    .lap()
                    .filter(lap ->
                            cover.back().spots().isEmpty() && lap.overlap().isPositive())
                    .map(lap -> new Overlaps.Seen(lap.overlap(), lap.estimated(), gape(sat.verdict())));
        });
    }

    /** One that shows a little and was not measured gapes by a little. */
    private Length gape(Verdict verdict) {
        boolean gapesSince = later.stream().anyMatch(said -> said.gave().contains(Later.Gave.GAPES));
        return verdict.opening() == Verdict.Opening.CLOSED && !gapesSince
                ? Length.ZERO
                : verdict.gape().orElse(plan.unit().pick(Length.mm(5), Length.inches(0, 1, 4)));
    }

    /** What it was estimated to take and what it took, where that was noted. */
    public Optional<Pace.Timed> timed() {
        if (!spent.byPlace().isEmpty()) {
            Map<Place, Double> actual = new EnumMap<>(Place.class);
            spent.byPlace().forEach((place, minutes) -> actual.put(place, (double) minutes));
            return Optional.of(new Pace.Timed(estimated(), actual));
        }
        return spent.whole().map(minutes -> Pace.Timed.whole(estimated(), minutes));
    }

    /** Minutes by place as they are usual; a wash goes by itself. */
    public Map<Place, Double> estimated() {
        Map<Place, Double> minutes = new EnumMap<>(Place.class);
        for (Step step : CoverSteps.of(reckoned(planned.orElse(plan)))) {
            if (timedPlaces().contains(step.place())) {
                minutes.merge(step.place(), step.minutes(), Double::sum);
            }
        }
        return minutes;
    }

    /** The places whose minutes are noted. */
    public static Set<Place> timedPlaces() {
        return EnumSet.complementOf(EnumSet.of(Place.WASH));
    }

    private static Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }
}
