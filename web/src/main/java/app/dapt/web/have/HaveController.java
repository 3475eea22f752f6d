package app.dapt.web.have;

import app.dapt.cover.CoverFromPieces;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.OwnFit;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Axis;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.step.Milestone;
import app.dapt.web.Redirect;
import app.dapt.web.entry.Entries;
import app.dapt.web.have.Pieces.Way;
import app.dapt.web.wording.Reader;
import app.dapt.web.wording.Wording;
import app.dapt.web.workroom.CannotKeep;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.LearningStore;
import app.dapt.web.workroom.WorkStore;
import app.dapt.words.Words;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What have I got? From pieces already cut to the cover they make. Everything asked stands in the address. */
@Controller
class HaveController {

    private static final double UNITS = 300;

    /** A line of a sum. */
    public record Line(String label, String amount) {}

    /** A form that would go in, and what would come of it. */
    public record Row(String school, String form, String full, String wanted, String verdict, boolean bad) {}

    private final CoverStore store;
    private final WorkStore work;
    private final LearningStore learning;
    private final Wording wording;

    HaveController(CoverStore store, WorkStore work, LearningStore learning, Wording wording) {
        this.store = store;
        this.work = work;
        this.learning = learning;
        this.wording = wording;
    }

    @GetMapping("/have")
    String have(Reader reader, @RequestParam Map<String, String> typed, Model model) {
        Words words = wording.words(reader);
        Mark mark = reader.mark();
        Entries entries = new Entries(typed, words);
        Pieces cut = pieces(entries, typed, mark);
        boolean otherUnit = typed.containsKey("in") && typedIn(typed, mark) != mark;
        if (otherUnit) {
            // The numbers in the address are of the other unit: read there, and shown in this one.
            cut = pieces(new Entries(typed, wording.words(reader, typedIn(typed, mark))), typed, mark);
            entries = new Entries(Map.of(), words);
        }
        show(cut, mark, entries, words, model);
        return "have/page";
    }

    private void show(Pieces cut, Mark mark, Entries entries, Words words, Model model) {
        CoverFromPieces back = cut.made(mark, words.say("have.name"));
        Reckoned reckoned = back.reckoned(mark);
        model.addAttribute("fields", cut.fields(entries, words));
        model.addAttribute("ways", Way.values());
        model.addAttribute("way", cut.way());
        model.addAttribute("back", back);
        model.addAttribute(
                "finished",
                back.overlap()
                        .map(Sum::total)
                        .map(overlap -> words.say(
                                overlap.isNegative() ? "have.finished-apart" : "have.finished",
                                back.finished(Axis.ACROSS),
                                back.finished(Axis.UP_DOWN),
                                overlap.abs()))
                        .orElseGet(() -> words.say(
                                "have.finished-whole", back.finished(Axis.ACROSS), back.finished(Axis.UP_DOWN))));
        List<Sum> sums = Stream.concat(Stream.of(back.across(), back.upDown()), back.overlap().stream())
                .toList();
        model.addAttribute(
                "sums",
                sums.stream()
                        .map(sum -> sum.terms().stream()
                                .map(term -> new Line(
                                        words.say(term.label()), words.lengths().fine(term.amount())))
                                .toList())
                        .toList());
        model.addAttribute(
                "totals",
                sums.stream().map(sum -> words.lengths().withUnit(sum.total())).toList());
        model.addAttribute(
                "rows",
                back.forms().stream().map(fitting -> row(fitting, words)).toList());
        Pen pen = Pen.fitting(reckoned.finished(Axis.ACROSS), reckoned.finished(Axis.UP_DOWN), UNITS);
        model.addAttribute(
                "drawing",
                new SvgDrawing(reckoned.plan().cloths(), words, pen, "have").write(CoverDrawing.back(reckoned)));
        model.addAttribute("press", UUID.randomUUID().toString());
    }

    /** Makes a plan of it, where a plan can hold it. */
    @PostMapping("/have")
    String plan(
            Reader reader,
            @RequestParam Map<String, String> typed,
            @RequestParam(defaultValue = "") String press,
            Model model) {
        Mark mark = typedIn(typed, reader.mark());
        Words words = wording.words(reader, mark);
        Entries entries = new Entries(typed, words);
        Pieces cut = pieces(entries, typed, mark);
        if (entries.isClean()) {
            try {
                CoverPlan plan = cut.made(mark, words.say("have.name")).plan();
                long id = store.create(plan, press);
                // What is cut is cut: there is nothing to buy, to wash or to cut.
                work.reach(id, CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, mark)), Milestone.CUT);
                return Redirect.to("/covers/" + id);
            } catch (CannotKeep refused) {
                entries.refuse(
                        fieldAt(refused.where()),
                        refused.where().startsWith("form") ? "have.no-form" : "have.no-plan",
                        LengthRange.SIDE.least(mark.unit()),
                        LengthRange.SIDE.most(mark.unit()));
            }
        }
        model.addAttribute("w", words);
        show(cut, mark, entries, words, model);
        return "have/page";
    }

    /** The field that most of a place in the plan comes from. */
    private static String fieldAt(String where) {
        String last = where.substring(where.lastIndexOf('.') + 1);
        return where.startsWith("form.across")
                ? "frontAcross"
                : where.startsWith("form.upDown")
                        ? "frontUpDown"
                        : last.equals("allowance")
                                ? last
                                : last.startsWith("first")
                                        ? "firstHem"
                                        : last.startsWith("second") ? "secondHem" : "firstDepth";
    }

    /** The unit that the numbers in a form were typed in, which the form says itself. */
    private static Mark typedIn(Map<String, String> typed, Mark readers) {
        return switch (typed.getOrDefault("in", "")) {
            case "cm" -> Mark.MILLIMETRE;
            case "in" -> Mark.EIGHTH;
            default -> readers;
        };
    }

    private static Pieces pieces(Entries entries, Map<String, String> typed, Mark mark) {
        return Pieces.read(entries, typed, mark.unit());
    }

    private Row row(CoverFromPieces.Fitting fitting, Words words) {
        Reckoned there = fitting.reckoned();
        List<Finding> against = there.findings().stream()
                .filter(finding -> finding.weight() != Weight.WORTH_KNOWING)
                .toList();
        return new Row(
                words.say(Phrase.choice("school", fitting.school())),
                words.lengths().size(fitting.across(), fitting.upDown()) + " "
                        + words.lengths().unitWord(),
                words.say(
                        "fullness",
                        there.fullness().percent(),
                        OwnFit.feels(there, learning.used().tastes())),
                there.back()
                        .lap()
                        .map(lap -> words.lengths().withUnit(lap.wanted()))
                        .orElse(""),
                against.isEmpty()
                        ? words.say("have.good")
                        : words.say(against.get(0).what()),
                !against.isEmpty());
    }
}
