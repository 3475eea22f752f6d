package app.dapt.web.plan;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.drawing.BiasDrawing;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.SvgDrawing;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.learning.Estimate;
import app.dapt.learning.Overlaps;
import app.dapt.log.Learnt;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Piece.Material;
import app.dapt.shelf.Thing.Kind;
import app.dapt.web.entry.Entries;
import app.dapt.web.workroom.ShelfChoices;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * The slip that is open, ready for its template.
 *
 * @param laying  how it is known what to buy
 * @param entries what stands in its fields
 * @param shelf   what the cover can be made with
 */
public record OpenSlip(
        Slip slip,
        Reckoned reckoned,
        Words w,
        ClothToBuy.Laying laying,
        Entries entries,
        Supplier<Learnt> learnt,
        ShelfChoices shelf) {

    /** User units that the longer side takes in the drawing of bias. */
    private static final double BIAS = 300;

    /** So many fields of a choice are shown at once; the rest fold under a link. */
    private static final int USUAL_FIELDS = 4;

    /** The cover as it stands. */
    public CoverPlan plan() {
        return reckoned.plan();
    }

    public String code() {
        return slip.code();
    }

    /** The fields of a fabric. */
    public ClothFields cloth(String prefix) {
        return new ClothFields(prefix, plan().cloths(), shelf.cloths(), learnt, w, entries);
    }

    /** The forms on the shelf, for whoever measures one. */
    public List<ShelfPicks.Pick> forms() {
        return new ShelfPicks(reckoned, w).forms(shelf.things(Kind.FORM));
    }

    /** The zips on the shelf, where the opening has one. */
    public List<ShelfPicks.Pick> zips() {
        return reckoned.back().zip().isEmpty() ? List.of() : new ShelfPicks(reckoned, w).zips(shelf.things(Kind.ZIP));
    }

    /** Whether a reading up and down, left empty, is taken to be the one across. */
    public boolean borrows(String reading) {
        return plan().form().upDown().isEmpty() && reading("across", reading).isPresent();
    }

    /** What was read off the form one way, for the field that shows it. */
    public Optional<Length> reading(String axis, String reading) {
        Form form = plan().form();
        Readings readings = axis.equals("across") ? form.across() : form.upDown();
        return Stream.of(Reading.values())
                .filter(each -> Phrase.code(each).equals(reading))
                .findFirst()
                .flatMap(readings::get);
    }

    /** How the form's flat size was come by, in one line. */
    public String settled() {
        return w.say(
                "measure.settled",
                reckoned.form().across().flat(),
                reckoned.form().upDown().flat(),
                Phrase.of("measure.because."
                        + Phrase.code(reckoned.form().across().taken())));
    }

    public String filled() {
        return w.say(
                "measure.filled",
                (int) Math.round(100 * reckoned.form().fill()),
                Phrase.choice("fill-from", reckoned.form().fillFrom()));
    }

    /** Whether the form may be of another shape than its cover. */
    public boolean mayHoldRoundForm() {
        return plan().shape().mayHoldRound();
    }

    /** What a try-on has changed of the size; nothing where it did not. */
    public Optional<String> altered() {
        Alteration altered = plan().seam().altered();
        return altered.isNone()
                ? Optional.empty()
                : Optional.of(w.say(
                        "slip.fit.altered",
                        altered.across().negated(),
                        altered.upDown().negated()));
    }

    /** How overlaps have fared on her own covers, where this one has one and there are enough of those. */
    public Optional<String> ownOverlaps() {
        if (reckoned.back().lap().isEmpty()) {
            return Optional.empty();
        }
        Overlaps own = learnt.get().overlaps();
        return own.seen().size() < Estimate.ENOUGH
                ? Optional.empty()
                : Optional.of(own.needed()
                        .map(share -> w.say(
                                "own-overlaps.gaped", own.gaped(), own.seen().size(), Math.round(100 * share)))
                        .orElseGet(() -> w.say("own-overlaps.held", own.seen().size())));
    }

    private Choices choices() {
        return new Choices(plan(), reckoned.mark(), w, laying);
    }

    public List<Choices.Choice> shapes() {
        return choices().shapes();
    }

    public List<Choices.Choice> openings() {
        return choices().openings();
    }

    public List<Choices.Choice> faces() {
        return choices().faces();
    }

    public List<Choices.Choice> edgings() {
        return choices().edgings();
    }

    public List<Choices.Choice> joinings() {
        return choices().joinings();
    }

    /** What the chosen one of these is called. */
    public String chosen(List<Choices.Choice> choices) {
        return choices.stream()
                .filter(Choices.Choice::chosen)
                .findFirst()
                .map(Choices.Choice::title)
                .orElse("");
    }

    /** The choices of each detail of the opening that is worth drawing. */
    public List<List<Choices.Choice>> drawnDetails() {
        return plan().opening().details().stream()
                .filter(detail -> detail instanceof Detail.OneOf && detail.isDrawn())
                .map(detail -> choices().of((Detail.OneOf<?>) detail))
                .toList();
    }

    /** The details of a choice that have a say and matter most, as fields. */
    public List<Field> usualFields(Detailed choice) {
        List<Field> all = fields(choice);
        return all.size() <= USUAL_FIELDS + 1 ? all : all.subList(0, USUAL_FIELDS);
    }

    /** Those that are seldom changed. */
    public List<Field> moreFields(Detailed choice) {
        List<Field> all = fields(choice);
        return all.subList(usualFields(choice).size(), all.size());
    }

    /** The details of a choice that have a say, as fields. */
    public List<Field> fields(Detailed choice) {
        return choice.details().stream()
                .filter(detail -> detail.applies() && !detail.isDrawn())
                .map(detail -> Field.of(detail, entries, w))
                .toList();
    }

    /** The first words of what folds under a link. */
    public String named(List<Field> fields) {
        String first = String.join(
                ", ", fields.stream().map(Field::label).distinct().limit(3).toList());
        return fields.stream().map(Field::label).distinct().count() > 3 ? first + " …" : first;
    }

    /** Whether what is seldom changed has to be seen: something of it is decided, or was refused. */
    public boolean showsMore(Detailed choice) {
        List<Field> more = moreFields(choice);
        List<Detail<?>> usual = choice.kind().usual(plan().unit()).details();
        return anyRefused(more)
                || choice.details().stream()
                        .filter(detail ->
                                more.stream().anyMatch(field -> field.name().equals(detail.name())))
                        .anyMatch(detail -> !usual.contains(detail));
    }

    /** Whether one of these fields was refused, so that it has to be seen. */
    public boolean anyRefused(List<Field> fields) {
        return fields.stream().anyMatch(field -> refusal(field.name()).isPresent());
    }

    /** What is worth saying of the opening as it stands, one sentence each. */
    public List<String> aboutOpening() {
        String code = "opening." + plan().opening().kind().code();
        List<String> sentences =
                new ArrayList<>(List.of(w.say("slip.opening.about", Phrase.of(code), Phrase.of(code + ".says"))));
        w.find(code + ".rules-out")
                .ifPresent(rules -> sentences.add(w.say("slip.opening.rules-out", Phrase.of(code + ".rules-out"))));
        reckoned.back().zip().ifPresent(zip -> sentences.add(w.say("slip.opening.zip-why", zip.why())));
        reckoned.back().lap().ifPresent(lap -> sentences.add(w.say("slip.opening.wanted", lap.wanted())));
        return sentences;
    }

    /** Whether the edge takes cloth that is neither the front's nor the back's. */
    public boolean trimmed() {
        return reckoned.pieces().stream().anyMatch(piece -> piece.material() == Material.TRIM)
                || plan().edging().isBoughtByLength();
    }

    public boolean lined() {
        return reckoned.back().pieces().stream().anyMatch(piece -> piece.material() == Material.LINING);
    }

    /** How bias is cut for this cover, drawn; nothing where none is. */
    public Optional<String> biasDrawing() {
        return BiasDrawing.of(reckoned).map(sheet -> svg(Pen.fitting(sheet.width(), sheet.height(), BIAS), "bias")
                .write(sheet));
    }

    /** One join of two strips, drawn. */
    public Optional<String> joinDrawing() {
        return BiasDrawing.join(reckoned).map(sheet -> svg(Pen.fitting(sheet.width(), sheet.height(), BIAS / 2), "join")
                .write(sheet));
    }

    private SvgDrawing svg(Pen pen, String id) {
        return new SvgDrawing(plan().cloths(), w, pen, id);
    }

    public Mark[] tapeMarks() {
        return Mark.values();
    }

    public Length frenchFirst() {
        return Seam.frenchFirst(plan().unit());
    }

    public Optional<String> refusal(String field) {
        return entries.refusal(field);
    }
}
