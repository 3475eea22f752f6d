package app.dapt.web.have;

import app.dapt.cover.CoverFromPieces;
import app.dapt.cover.CoverFromPieces.Cut;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.LengthRange;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.files.Pen;
import app.dapt.files.SvgDrawing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.web.Entries;
import app.dapt.web.Reader;
import app.dapt.web.Redirect;
import app.dapt.web.Wording;
import app.dapt.web.workroom.CannotKeep;
import app.dapt.web.workroom.CoverStore;
import app.dapt.words.Words;
import io.github.wimdeblauwe.htmx.spring.boot.mvc.HtmxRequest;
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

    /** A field and what stands in it. */
    public record Asked(String name, String label, String value, String refusal) {}

    private final CoverStore store;
    private final Wording wording;

    HaveController(CoverStore store, Wording wording) {
        this.store = store;
        this.wording = wording;
    }

    @GetMapping("/have")
    String have(Reader reader, @RequestParam Map<String, String> typed, HtmxRequest htmx, Model model) {
        Words words = wording.words(reader);
        Mark mark = reader.mark();
        Entries entries = new Entries(typed, words);
        Cut cut = cut(entries, typed, mark);
        boolean otherUnit = typed.containsKey("in") && typedIn(typed, mark) != mark;
        if (otherUnit) {
            // The numbers in the address are of the other unit: read there, and shown in this one.
            cut = cut(new Entries(typed, wording.words(reader, typedIn(typed, mark))), typed, mark);
            entries = new Entries(Map.of(), words);
        }
        show(cut, mark, entries, words, model);
        return htmx.isHtmxRequest() ? "have/result" : "have/page";
    }

    private static void show(Cut cut, Mark mark, Entries entries, Words words, Model model) {
        CoverFromPieces back = CoverFromPieces.of(cut, mark, words.say("have.name"));
        Reckoned reckoned = back.reckoned(mark);
        model.addAttribute("fields", fields(cut, entries, words));
        model.addAttribute("back", back);
        model.addAttribute(
                "finished",
                words.say(
                        back.overlap().total().isNegative() ? "have.finished-apart" : "have.finished",
                        back.finished(Axis.ACROSS),
                        back.finished(Axis.UP_DOWN),
                        back.overlap().total().abs()));
        model.addAttribute(
                "sums",
                Stream.of(back.across(), back.upDown(), back.overlap())
                        .map(sum -> sum.terms().stream()
                                .map(term -> new Line(
                                        words.say(term.label()), words.lengths().fine(term.amount())))
                                .toList())
                        .toList());
        model.addAttribute(
                "totals",
                Stream.of(back.across(), back.upDown(), back.overlap())
                        .map(sum -> words.lengths().withUnit(sum.total()))
                        .toList());
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
        Cut cut = cut(entries, typed, mark);
        if (entries.isClean()) {
            try {
                return Redirect.to("/covers/"
                        + store.create(
                                CoverFromPieces.of(cut, mark, words.say("have.name"))
                                        .plan(),
                                press));
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

    private static Cut cut(Entries entries, Map<String, String> typed, Mark mark) {
        Cut usual = Cut.usual(mark.unit());
        Cut standing = typed.containsKey("blank") ? usual.withBlankHalved() : usual;
        return new Cut(
                entries.length("frontAcross", LengthRange.PIECE, standing.frontAcross()),
                entries.length("frontUpDown", LengthRange.PIECE, standing.frontUpDown()),
                entries.length("backAcross", LengthRange.PIECE, standing.backAcross()),
                entries.length("firstDepth", LengthRange.PIECE, standing.firstDepth()),
                entries.length("secondDepth", LengthRange.PIECE, standing.secondDepth()),
                entries.length("allowance", LengthRange.ALLOWANCE, standing.allowance()),
                entries.length("firstHem", LengthRange.HEM, standing.firstHem()),
                entries.length("secondHem", LengthRange.HEM, standing.secondHem()));
    }

    private static List<Asked> fields(Cut cut, Entries entries, Words words) {
        Map<String, Length> standing = Map.of(
                "frontAcross",
                cut.frontAcross(),
                "frontUpDown",
                cut.frontUpDown(),
                "backAcross",
                cut.backAcross(),
                "firstDepth",
                cut.firstDepth(),
                "secondDepth",
                cut.secondDepth(),
                "allowance",
                cut.allowance(),
                "firstHem",
                cut.firstHem(),
                "secondHem",
                cut.secondHem());
        return Stream.of(
                        "frontAcross",
                        "frontUpDown",
                        "backAcross",
                        "firstDepth",
                        "firstHem",
                        "secondDepth",
                        "secondHem",
                        "allowance")
                .map(name -> new Asked(
                        name,
                        words.say("have." + name),
                        entries.value(name, standing.get(name)),
                        entries.refusal(name).orElse("")))
                .toList();
    }

    private static Row row(CoverFromPieces.Fitting fitting, Words words) {
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
                        Phrase.choice("band", there.fullness().band())),
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
