package app.dapt.web.tryon;

import app.dapt.cover.Brief;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.parts.Back.Lap;
import app.dapt.drawing.Sheet;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.learning.Verdict;
import app.dapt.log.Correction;
import app.dapt.log.Correction.OtherForm;
import app.dapt.log.LogEntry;
import app.dapt.log.SeamDrawing;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.step.Step;
import app.dapt.web.entry.Entries;
import app.dapt.web.tryon.TryOnEntry.Question;
import app.dapt.web.wording.FittingWords;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A cover that is tried on, for its template.
 *
 * @param entry   what the log says of the cover as it is planned now
 * @param moved   steps that a correction has moved and that are to be done again
 * @param again   whether it is being asked about once more
 * @param entries what was typed and could not be kept yet
 */
public record TryOnPage(
        Cover cover,
        Reckoned reckoned,
        Optional<LogEntry> entry,
        List<Step> moved,
        boolean again,
        Entries entries,
        Words w) {

    private static final double LARGE = 190;
    /** So full no cover sags, and less than so full none is tight. */
    private static final int FULL = 100;

    private static final int SOFT = 75;

    /** One answer to press. */
    public record Answer(String code, String says, boolean chosen) {}

    /** A question and its answers. */
    public record Asked(String code, String says, List<Answer> answers) {}

    /** A figure of the cover before and after. */
    public record Change(String label, String before, String after) {}

    public String path() {
        return "/covers/" + cover.id();
    }

    public List<Asked> questions() {
        Map<String, String> given = verdict().map(TryOnEntry::answered).orElse(Map.of());
        return TryOnEntry.questions(reckoned).stream()
                .map(question -> asked(question, given))
                .toList();
    }

    private Asked asked(Question question, Map<String, String> given) {
        String code = question.code();
        String chosen = entries.raw(code).orElse(given.getOrDefault(code, ""));
        return new Asked(
                code,
                w.say("try.ask." + code),
                question.answers().stream()
                        .map(answer -> new Answer(answer, w.say("try." + code + "." + answer), answer.equals(chosen)))
                        .toList());
    }

    /** What a field of lengths shows. */
    public String value(String field) {
        Optional<Length> standing =
                verdict().flatMap(said -> field.equals(TryOnEntry.GAPE) ? said.gape() : said.narrower());
        return entries.raw(field).orElseGet(() -> entries.value(field, standing));
    }

    public String refusal(String field) {
        return entries.refusal(field).orElse("");
    }

    /** Whether the opening is said to gape, so that it is asked how far. */
    public boolean gapes() {
        return questions().stream()
                .flatMap(asked -> asked.answers().stream())
                .anyMatch(answer -> answer.chosen() && answer.code().equals("gapes"));
    }

    /** How many questions are still open. */
    public String open() {
        long open = questions().stream()
                .filter(asked -> asked.answers().stream().noneMatch(Answer::chosen))
                .count();
        return open == 0 ? "" : w.say("try.open", open);
    }

    private Optional<Verdict> verdict() {
        return again ? Optional.empty() : sat().map(LogEntry.Fitting::verdict);
    }

    /** How the cover sat as it is planned now, before anything was done about that. */
    private Optional<LogEntry.Fitting> sat() {
        return entry.flatMap(LogEntry::fitting)
                .filter(fitting -> fitting.tried().equals(cover.plan()));
    }

    /** Whether the cover is as it is because something was done about how it sat. */
    public boolean corrected() {
        return !again && entry.flatMap(LogEntry::fitting).isPresent() && sat().isEmpty();
    }

    /** What to do about it, just as it is kept once it is done; nothing until it is said how it sits. */
    public Optional<Correction> correction() {
        return verdict().flatMap(said -> entry.flatMap(LogEntry::correction));
    }

    /** What was sewn, seam by seam as long as what was said then still stands. */
    public List<String> sewn() {
        return entry.flatMap(LogEntry::correction)
                .filter(correction -> correction.done().equals(cover.plan()))
                .map(this::sentences)
                .or(() -> entry.map(logged -> List.of(new FittingWords(w).sewn(logged))))
                .orElse(List.of());
    }

    /** What has to be done again because the seams have moved. */
    public Optional<String> toDoAgain() {
        List<String> steps = moved.stream().map(step -> w.say(step.briefly())).toList();
        return steps.isEmpty() ? Optional.empty() : Optional.of(w.say("try.do-again", w.list(steps)));
    }

    /** What to sew, a sentence for seams alike. */
    public List<String> sentences(Correction of) {
        // A size that is right is not all there is to a cover whose opening gapes.
        return !of.isToSew() && gaping().isPresent()
                ? List.of(w.say("correct.not-sewn"))
                : new FittingWords(w).toSew(of);
    }

    /** Why it does not come to what is wished, where it does not. */
    public Optional<String> hindrance(Correction of) {
        return of.hindrance()
                .map(why ->
                        w.say("correct.hindered." + Phrase.code(why), of.asked().abs()));
    }

    /** The form that would. */
    public Optional<String> form(Correction of) {
        return of.form().map(form -> w.say(formWords(form), form.across(), form.upDown(), percent(form)));
    }

    private String formWords(OtherForm form) {
        if (reckoned.plan().shape().forms() > 1) {
            return "correct.form-run";
        }
        return form.across().equals(form.upDown()) ? "correct.form-square" : "correct.form";
    }

    private static long percent(OtherForm form) {
        return Math.round(100 * form.fullness());
    }

    /** What to look into where it sat quite otherwise than was to be expected. */
    public Optional<String> surprise(Correction of) {
        int percent = of.before().fullness().percent();
        double wished = verdict().map(Verdict::wished).orElse(0.0);
        if (wished > 0 && percent >= FULL) {
            return Optional.of(w.say("correct.surprise-slack", percent));
        }
        return wished < 0 && percent < SOFT ? Optional.of(w.say("correct.surprise-strain", percent)) : Optional.empty();
    }

    /** What changes with it. */
    public List<Change> changes(Correction of) {
        List<Change> changes = new ArrayList<>();
        changes.add(new Change(
                w.say("correct.full"),
                w.say("filled.percent", of.before().fullness().percent()),
                w.say("filled.percent", of.after().fullness().percent())));
        changes.add(new Change(w.say("correct.finished"), size(of.before()), size(of.after())));
        of.before().back().lap().ifPresent(lap -> of.after()
                .back()
                .lap()
                .ifPresent(then -> changes.add(new Change(w.say("correct.overlap"), lapped(lap), lapped(then)))));
        if (!of.before().plan().edging().isNothing()) {
            changes.add(new Change(w.say("correct.edge"), around(of.before()), around(of.after())));
        }
        changes.add(new Change(
                w.say("correct.seam"),
                w.lengths().fineWithUnit(of.before().allowance()),
                w.lengths().fineWithUnit(of.after().allowance())));
        changes.add(new Change(
                w.say("correct.can-let-out"),
                w.lengths().fineWithUnit(Correction.canLetOut(of.before())),
                w.lengths().fineWithUnit(Correction.canLetOut(of.after()))));
        return changes;
    }

    private String around(Reckoned of) {
        return w.lengths().withUnit(of.edge().length().total());
    }

    private String lapped(Lap lap) {
        return w.say(lap.isEnough() ? "correct.lap-enough" : "correct.lap", lap.overlap(), lap.wanted());
    }

    private String size(Reckoned of) {
        return w.say("figure.size", of.finished(Axis.ACROSS), of.finished(Axis.UP_DOWN));
    }

    /** How the finished sizes come about, one line each. */
    public List<String> sums(Correction of) {
        List<String> sums = new ArrayList<>(
                List.of(w.say("correct.wished", of.before().fullness().percent(), Math.round(100 * of.wanted()))));
        sums.add(sum(of.after().across()));
        if (!of.after().upDown().equals(of.after().across())) {
            sums.add(sum(of.after().upDown()));
        }
        return sums;
    }

    private String sum(Sum sum) {
        return sum.terms().stream()
                        .map(term -> w.say(term.label()) + " " + w.lengths().fineWithUnit(term.amount()))
                        .collect(Collectors.joining(", "))
                + " = "
                + w.lengths().fineWithUnit(sum.total());
    }

    /** What to do about an opening that gapes. */
    public Optional<String> gaping() {
        return entry.flatMap(LogEntry::fitting)
                .map(LogEntry.Fitting::verdict)
                .filter(said -> said.opening() != Verdict.Opening.CLOSED)
                .map(said -> said.gape()
                        .map(gape -> w.say("correct.gapes-by", gape))
                        .orElseGet(() -> w.say("correct.gapes")));
    }

    /** The same, or what to do about one that would gape then. */
    public Optional<String> opening(Correction of) {
        return gaping().or(() -> of.after().back().lap().filter(Lap::gapes).map(lap -> w.say("correct.would-gape")));
    }

    /** The seam as it was and as it is to be. */
    public String drawing(Correction of) {
        Sheet sheet = SeamDrawing.of(of);
        return new SvgDrawing(of.before().plan().cloths(), w, Pen.fitting(sheet.width(), sheet.height(), LARGE), "seam")
                .write(sheet);
    }

    /** The cover as it was first planned, where it is otherwise now: its sentence and its finished size. */
    public Optional<String> planned() {
        return entry.flatMap(LogEntry::planned)
                .map(plan -> Reckoner.reckonWithoutRemedies(plan, reckoned.mark()))
                .map(first -> w.say("correct.was-planned", w.say(Brief.of(first)), size(first)));
    }
}
