package app.dapt.web.log;

import app.dapt.advice.Advice;
import app.dapt.advice.Drawer;
import app.dapt.advice.PlanFacts;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.learning.Verdict;
import app.dapt.log.Later;
import app.dapt.log.Later.Gave;
import app.dapt.log.LogEntry;
import app.dapt.log.Spent;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
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
import java.util.stream.Collectors;
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

    /** How it was some time after, as it is said. */
    public List<String> later() {
        return entry().later().stream()
                .map(said -> Stream.of(
                                Optional.of(w.say(
                                        "log.later.said",
                                        LogLine.day(said.day(), locale),
                                        w.say(Phrase.choice("log.after", said.after())))),
                                size(said),
                                Optional.of(
                                        said.gave().isEmpty()
                                                ? w.say("log.later.held")
                                                : w.list(said.gave().stream()
                                                        .map(gave -> w.say(Phrase.choice("log.gave", gave)))
                                                        .toList())),
                                Optional.of(said.note()).filter(note -> !note.isEmpty()))
                        .flatMap(Optional::stream)
                        .collect(Collectors.joining("; ")))
                .toList();
    }

    private Optional<String> size(Later said) {
        return said.across()
                .map(across -> w.lengths().size(across, said.upDown().orElse(across)))
                .or(() -> said.upDown().map(w.lengths()::withUnit));
    }

    /** What it has lost since it was finished, where it was measured after a wash. */
    public Optional<String> shrunk() {
        return entry().shrunk()
                .map(size -> w.say(
                        "log.later.shrunk",
                        Shrinkage.tenths(size.beforeAcross(), size.across()) / 10.0,
                        Shrinkage.tenths(size.beforeUpDown(), size.upDown()) / 10.0));
    }

    /** Whether that can be what its fabric loses in a wash. */
    public boolean isShrinkage() {
        return entry().shrunk()
                .filter(size -> mayBe(Shrinkage.tenths(size.beforeAcross(), size.across()))
                        && mayBe(Shrinkage.tenths(size.beforeUpDown(), size.upDown())))
                .isPresent();
    }

    private static boolean mayBe(int tenths) {
        return tenths >= 0 && tenths <= Shrinkage.MOST;
    }

    /** What it is cut from. */
    public String cloth() {
        return entry().plan().cloths().of(Material.FRONT).name();
    }

    /** Whether something is ticked in the form for what is later. */
    public boolean ticked(String gave) {
        return entries.raw("gave-" + gave).isPresent();
    }

    public List<String> gaves() {
        return Stream.of(Gave.values()).map(Phrase::code).toList();
    }

    public String typed(String field) {
        return entries.raw(field).orElse("");
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
