package app.dapt.web.log;

import app.dapt.advice.Advice;
import app.dapt.advice.Drawer;
import app.dapt.advice.PlanFacts;
import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Verdict;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.step.Place;
import app.dapt.web.entry.Entries;
import app.dapt.web.progress.ClothNeeds;
import app.dapt.web.wording.FittingWords;
import app.dapt.web.wording.Minutes;
import app.dapt.web.workroom.LearningStore.Terms;
import app.dapt.web.workroom.Logged;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One entry of the log, for its template.
 *
 * @param terms what an hour is worth and what is added
 */
public record EntryPage(Logged logged, Terms terms, Entries entries, ClothNeeds needs, Words w, Locale locale) {

    private static final double LARGE = 210;

    /** A field of minutes, with what was estimated. */
    public record Timed(String name, String label, String value, String estimate) {}

    /** A question with its answers. */
    public record Asked(String name, String label, String chosen, List<String> answers) {}

    /** A line of the price. */
    public record Line(String label, String amount) {}

    private LogEntry entry() {
        return logged.entry();
    }

    private Reckoned cover() {
        return reckoned(entry().plan());
    }

    private Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, w.mark());
    }

    public String name() {
        return entry().plan().name();
    }

    public String drawing() {
        return LogLine.drawing(cover(), w, "entry", LARGE);
    }

    public String brief() {
        return w.say(Brief.of(cover()));
    }

    /** How it is washed, dried and ironed. */
    public String care() {
        return String.join(
                " ",
                Advice.of(PlanFacts.of(cover(), Drawer.NOT_SAID)).care().says().stream()
                        .map(w::say)
                        .toList());
    }

    public String form() {
        return LogLine.form(cover(), w);
    }

    /** What it was first planned to be, where it is otherwise. */
    public Optional<String> planned() {
        return entry().planned().map(plan -> w.say(Brief.of(reckoned(plan))));
    }

    /** What was sewn after it was tried on. */
    public String sewn() {
        return new FittingWords(w).sewn(entry());
    }

    public String made() {
        return entries.value("made", entry().made().toString());
    }

    public List<Asked> questions() {
        Optional<Verdict> verdict = entry().fitting().map(LogEntry.Fitting::verdict);
        return List.of(
                asked("corners", Verdict.Corners.values(), verdict.map(Verdict::corners)),
                asked("middle", Verdict.Middle.values(), verdict.map(Verdict::middle)),
                asked("edges", Verdict.Edges.values(), verdict.map(Verdict::edges)),
                asked("opening", Verdict.Opening.values(), verdict.map(Verdict::opening)));
    }

    private Asked asked(String name, Enum<?>[] answers, Optional<? extends Enum<?>> standing) {
        return new Asked(
                name,
                w.say("try.ask." + name),
                entries.raw(name).orElseGet(() -> standing.map(Phrase::code).orElse("")),
                Stream.of(answers).map(Phrase::code).toList());
    }

    public String gape() {
        return length("gape", entry().fitting().flatMap(sat -> sat.verdict().gape()));
    }

    public String narrower() {
        return length("narrower", entry().fitting().flatMap(sat -> sat.verdict().narrower()));
    }

    private String length(String name, Optional<Length> standing) {
        return entries.value(name, standing);
    }

    /** Minutes at each place the cover has work at. */
    public List<Timed> minutes() {
        Map<Place, Double> estimated = entry().estimated();
        List<Timed> fields = new ArrayList<>();
        for (Place place : LogEntry.timedPlaces()) {
            Optional<Integer> noted =
                    Optional.ofNullable(entry().spent().byPlace().get(place));
            double estimate = estimated.getOrDefault(place, 0.0);
            if (estimate > 0 || noted.isPresent()) {
                fields.add(
                        timed("minutes-" + Phrase.code(place), w.say(Phrase.choice("place", place)), noted, estimate));
            }
        }
        fields.add(timed(
                "minutes-whole",
                w.say("log.whole"),
                entry().spent().whole(),
                estimated.values().stream().mapToDouble(Double::doubleValue).sum()));
        return fields;
    }

    private Timed timed(String name, String label, Optional<Integer> noted, double estimate) {
        return new Timed(
                name,
                label,
                entries.value(name, noted.map(String::valueOf).orElse("")),
                w.say("log.estimate", w.say("time.minutes", Math.round(estimate))));
    }

    public String fabric() {
        return money("fabric", entry().spent().fabric());
    }

    public String notions() {
        return money("notions", entry().spent().notions());
    }

    private String money(String name, Optional<Integer> standing) {
        return entries.value(name, standing.map(Money::plain).orElse(""));
    }

    /** What the fabric would cost at the prices in the plan. */
    public Optional<String> fabricByPlan() {
        return ClothToBuy.of(cover(), needs)
                .cost()
                .filter(cost -> cost > 0)
                .map(cost -> w.say("log.by-plan", w.money().shown(cost)));
    }

    public String note() {
        return entries.value("note", entry().note());
    }

    public String refusal(String name) {
        return entries.refusal(name).orElse("");
    }

    public String hourly() {
        return entries.value("hourly", terms.hourly() == 0 ? "" : Money.plain(terms.hourly()));
    }

    public String margin() {
        return entries.value("margin", terms.margin() == 0 ? "" : String.valueOf(terms.margin()));
    }

    /** What it comes to, and what to ask for it; as far as anything is known. */
    public List<Line> price() {
        Spent.Price price = entry().spent().price(terms.hourly(), terms.margin());
        List<Line> lines = new ArrayList<>();
        if (price.cost() == 0) {
            return lines;
        }
        lines.add(new Line(w.say("price.material"), w.money().shown(price.material())));
        if (price.work() > 0) {
            lines.add(new Line(
                    w.say(
                            "price.work",
                            Minutes.exactly(entry().spent().minutes().orElse(0), w),
                            w.money().shown(terms.hourly())),
                    w.money().shown(price.work())));
        }
        lines.add(new Line(w.say("price.cost"), w.money().shown(price.cost())));
        if (price.margin() > 0) {
            lines.add(new Line(w.say("price.margin", terms.margin()), w.money().shown(price.margin())));
            lines.add(new Line(w.say("price.asked"), w.money().shown(price.asked())));
        }
        return lines;
    }
}
