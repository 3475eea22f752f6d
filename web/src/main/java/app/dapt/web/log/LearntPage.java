package app.dapt.web.log;

import app.dapt.files.drawing.SvgPlot;
import app.dapt.files.drawing.SvgPlot.Band;
import app.dapt.files.drawing.SvgPlot.Look;
import app.dapt.files.drawing.SvgPlot.Row;
import app.dapt.files.drawing.SvgPlot.Scale;
import app.dapt.files.drawing.SvgPlot.Stitch;
import app.dapt.form.Filling;
import app.dapt.learning.Estimate;
import app.dapt.learning.Overlaps;
import app.dapt.learning.Pace;
import app.dapt.learning.Tastes;
import app.dapt.log.Learnt;
import app.dapt.log.Learnt.Subject;
import app.dapt.log.Learnt.Told;
import app.dapt.log.LogEntry;
import app.dapt.measure.Phrase;
import app.dapt.step.Place;
import app.dapt.web.wording.OwnWords;
import app.dapt.web.workroom.LearningStore.Choice;
import app.dapt.web.workroom.MishapStore.Remembered;
import app.dapt.web.workroom.WashTest;
import app.dapt.words.Words;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * What has been learnt, for its template.
 *
 * @param mishaps what went wrong, the latest first
 * @param counted the entries that count, by what is learnt from them
 */
public record LearntPage(
        Learnt learnt,
        Map<Subject, List<Told>> counted,
        Map<Subject, Choice> choices,
        List<WashTest> washes,
        List<Remembered> mishaps,
        Words w,
        Locale locale) {

    private static final int ALL = 100;

    /** What was learnt of one thing, whether it is used, and since when. */
    public record Part(String code, boolean active, Optional<String> since) {}

    /** How fast at one place. */
    public record Speed(String place, String factor, String covers) {}

    public Part part(String code) {
        Subject subject = Subject.valueOf(code.toUpperCase(Locale.ROOT));
        Choice choice = Objects.requireNonNull(choices.get(subject), code);
        return new Part(
                code, choice.active(), choice.since().map(since -> DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                        .withLocale(locale)
                        .format(since.atZone(ZoneId.systemDefault()))));
    }

    /** What suits her, in a sentence. */
    public String fullness() {
        Estimate overall = learnt.tastes().overall();
        return overall.isKnown()
                ? w.say(
                        "learnt.fullness",
                        overall.covers(),
                        percent(overall.mean()),
                        percent(overall.low()),
                        percent(overall.high()))
                : w.say("learnt.fullness-unknown", overall.covers());
    }

    /** What suits her of each filling, a sentence each. */
    public List<String> byFilling() {
        List<String> said = new ArrayList<>();
        for (Filling filling : Filling.values()) {
            Optional.ofNullable(learnt.tastes().byFilling().get(filling))
                    .ifPresent(taste -> said.add(w.say(
                            "learnt.by-filling",
                            w.say("log.filling." + Phrase.code(filling)),
                            taste.covers(),
                            percent(taste.mean()),
                            percent(taste.low()),
                            percent(taste.high()))));
        }
        return said;
    }

    private static long percent(double share) {
        return Math.round(ALL * share);
    }

    /** Every cover a stitch on the line, what is usual pale, her own strong; all together and by filling. */
    public String fullnessPlot() {
        Tastes tastes = learnt.tastes();
        List<Row> rows = new ArrayList<>();
        rows.add(row(w.say("learnt.all"), tastes.overall(), Optional.empty()));
        for (Filling filling : Filling.values()) {
            Optional.ofNullable(tastes.byFilling().get(filling))
                    .ifPresent(taste ->
                            rows.add(row(w.say("filling." + Phrase.code(filling)), taste, Optional.of(filling))));
        }
        return SvgPlot.write(
                new Scale(0.5, 1.2, 0.1, value -> w.say("filled.percent", percent(value))),
                rows,
                w.say("learnt.fullness-plot", rows.get(0).stitches().size()));
    }

    private Row row(String label, Estimate taste, Optional<Filling> filling) {
        List<Band> bands = new ArrayList<>();
        bands.add(new Band(Tastes.PRIOR.low(), Tastes.PRIOR.high(), Look.USUAL));
        if (taste.covers() > 0) {
            bands.add(new Band(taste.low(), taste.high(), Look.OWN));
        }
        return new Row(
                label,
                bands,
                Optional.of(taste).filter(known -> known.covers() > 0).map(Estimate::mean),
                stitches(filling));
    }

    private List<Stitch> stitches(Optional<Filling> filling) {
        List<Stitch> stitches = new ArrayList<>();
        for (Told told : counted.getOrDefault(Subject.FULLNESS, List.of())) {
            told.fullness()
                    .filter(seen -> filling.isEmpty() || filling.get() == seen.filling())
                    .ifPresent(seen -> stitches.add(new Stitch(
                            seen.fullness(),
                            Look.OWN,
                            told.entry().plan().name() + ", " + w.say("filled.percent", percent(seen.fullness())))));
        }
        return stitches;
    }

    /** How many covers the pace rests on. */
    public String pace() {
        return w.say(
                learnt.pace().covers() < Estimate.ENOUGH ? "learnt.pace-unknown" : "learnt.pace",
                learnt.pace().covers());
    }

    public List<Speed> speeds() {
        List<Speed> speeds = new ArrayList<>();
        for (Place place : LogEntry.timedPlaces()) {
            learnt.pace()
                    .at(place)
                    .ifPresent(factor -> speeds.add(new Speed(
                            w.say(Phrase.choice("place", place)),
                            speed(factor.factor()),
                            w.say("log.covers", factor.covers()))));
        }
        return speeds;
    }

    private String speed(double factor) {
        long percent = Math.round(ALL * Math.abs(factor - 1));
        if (percent == 0) {
            return w.say("learnt.speed-usual");
        }
        return w.say(factor > 1 ? "learnt.speed-more" : "learnt.speed-less", percent);
    }

    public String pacePlot() {
        List<Row> rows = new ArrayList<>();
        List<Taken> taken = counted.getOrDefault(Subject.PACE, List.of()).stream()
                .flatMap(told ->
                        told.timed().map(timed -> new Taken(told.entry().plan().name(), timed)).stream())
                .toList();
        for (Place place : LogEntry.timedPlaces()) {
            learnt.pace()
                    .at(place)
                    .ifPresent(factor -> rows.add(new Row(
                            w.say(Phrase.choice("place", place)),
                            List.of(new Band(Math.min(1, factor.factor()), Math.max(1, factor.factor()), Look.OWN)),
                            Optional.of(factor.factor()),
                            paces(place, taken))));
        }
        return SvgPlot.write(
                new Scale(0.25, 2.25, 0.25, value -> w.say("learnt.times", String.format(Locale.ROOT, "%.2f", value))),
                rows,
                w.say("learnt.pace-plot", learnt.pace().covers()));
    }

    /** A cover and how long it took. */
    private record Taken(String name, Pace.Timed timed) {}

    private static List<Stitch> paces(Place place, List<Taken> taken) {
        List<Stitch> stitches = new ArrayList<>();
        for (Taken each : taken) {
            double estimated = each.timed().estimated().getOrDefault(place, 0.0);
            Optional.ofNullable(each.timed().actual().get(place))
                    .filter(minutes -> estimated > 0)
                    .ifPresent(minutes -> stitches.add(new Stitch(minutes / estimated, Look.OWN, each.name())));
        }
        return stitches;
    }

    /** Which overlaps held. */
    public String overlaps() {
        Overlaps overlaps = learnt.overlaps();
        return overlaps.seen().isEmpty()
                ? w.say("learnt.overlaps-none")
                : w.say("learnt.overlaps", overlaps.seen().size(), overlaps.held(), overlaps.gaped());
    }

    public Optional<String> overlapNeeded() {
        return learnt.overlaps().needed().map(share -> w.say("learnt.overlap-needed", percent(share)));
    }

    public String overlapPlot() {
        List<Stitch> stitches = new ArrayList<>();
        for (Told told : counted.getOrDefault(Subject.OVERLAP, List.of())) {
            told.overlap()
                    .ifPresent(seen -> stitches.add(new Stitch(
                            seen.share(),
                            seen.held() ? Look.OWN : Look.WRONG,
                            told.entry().plan().name() + ", "
                                    + w.say(seen.held() ? "learnt.held" : "verdict.opening.gapes"))));
        }
        return SvgPlot.write(
                new Scale(0.4, 2, 0.2, value -> w.say("filled.percent", percent(value))),
                List.of(new Row(
                        w.say("learnt.overlap-row"), List.of(new Band(1, 2, Look.USUAL)), Optional.empty(), stitches)),
                w.say("learnt.overlap-plot", stitches.size()));
    }

    public String wash(WashTest test) {
        return w.say("learnt.wash", test.cloth(), shown(test.across()), shown(test.along()));
    }

    /** What went wrong, of which cover, and how often it went well since. */
    public String mishap(Remembered mishap) {
        return OwnWords.after(
                w.say("learnt.mishap", mishap.name(), mishap.kind().says(), mishap.wellSince()), mishap.note(), w);
    }

    private static String shown(int tenths) {
        return tenths / 10 + (tenths % 10 == 0 ? "" : "." + tenths % 10);
    }
}
