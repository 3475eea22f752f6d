package app.dapt.web.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.Brief;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.OwnFit;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Recommendation;
import app.dapt.cover.decision.Alteration;
import app.dapt.cover.decision.Detail;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.drawing.BiasDrawing;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.PieceDrawing;
import app.dapt.files.Pen;
import app.dapt.files.SvgDrawing;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.layout.ClothNeed;
import app.dapt.learning.Estimate;
import app.dapt.learning.Overlaps;
import app.dapt.log.Learnt;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.web.ClothEntry;
import app.dapt.web.Entries;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Money;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * The plan view of one cover, ready for its template.
 *
 * @param toBuy   what to buy of each cloth
 * @param slip    the one that is open, or nothing
 * @param entries what stands in its fields
 * @param gesture names what is done while that slip is open
 * @param before  the cover as it was when the slip was opened; nothing while nothing was changed in it
 * @param view    what lies on the table: {@code sewn}, {@code filled}, {@code pieces} or {@code fits}
 */
public record PlanPage(
        Cover cover,
        Reckoned reckoned,
        Words w,
        ClothToBuy.Laying laying,
        ClothToBuy toBuy,
        Slip slip,
        Entries entries,
        String gesture,
        String view,
        Optional<Reckoned> before,
        Supplier<Learnt> learnt) {

    /** User units that the longer side takes in the large drawings, in the small ones, and in a row of fits. */
    private static final double LARGE = 296;

    /** A cover wider for its height than this lies alone in its row. */
    static final double WIDE = 1.9;

    private static final double SMALL = 46;
    private static final double OPENED = 170;
    private static final double IN_SIGHT = 178;
    private static final double FITS = 92;
    private static final double CHOICE = 58;
    private static final double BIAS = 300;

    /** The views of the table. */
    static final List<String> VIEWS = List.of("sewn", "filled", "pieces", "fits");

    /** One line of a sum, and what it lights up. */
    public record Line(String label, String amount, String part) {}

    /** A colour to choose. */
    public record Dye(String code, String colour, String name) {}

    private static final String[][] DYES = {
        {"indigo", "#31507e"},
        {"night", "#1e2f4d"},
        {"slate", "#66788a"},
        {"verdigris", "#2f7f74"},
        {"bracken", "#7d9c93"},
        {"moss", "#7a8450"},
        {"weld", "#e2b93b"},
        {"rust", "#b5622f"},
        {"madder", "#b23a48"},
        {"plum", "#6d3b5e"},
        {"oat", "#d9cfb8"},
        {"chalk", "#f4f5f1"}
    };

    /** The list to carry to the scissors. */
    public CutList list() {
        return new CutList(reckoned, w);
    }

    /** Whether a reading up and down, left empty, is taken to be the one across. */
    public boolean borrows(String reading) {
        return cover.plan().form().upDown().isEmpty()
                && reading("across", reading).isPresent();
    }

    /** What a cloth costs, as far as its price is known. */
    public Optional<String> cost(ClothNeed need) {
        return toBuy.cost(need).map(w.money()::shown);
    }

    /** What all the cloth costs, where every price is known. */
    public Optional<String> costOfAll() {
        return toBuy.cost().map(w.money()::shown);
    }

    public Brief brief() {
        return Brief.of(reckoned);
    }

    /** What could still be added to the cover. */
    public List<Brief.Part> invitations() {
        return Brief.invitations(cover.plan());
    }

    private Pen scale() {
        Length around = cover.plan().edging().standsOut().times(2);
        Length across = reckoned.finished(Axis.ACROSS).plus(around);
        Length upDown = reckoned.finished(Axis.UP_DOWN).plus(around);
        // A cover so wide that front and back cannot lie side by side has the table to itself.
        return Pen.fitting(across, upDown, across.over(upDown) > WIDE ? LARGE * 2 : LARGE);
    }

    private SvgDrawing svg(Pen pen, String id) {
        return new SvgDrawing(cover.plan().cloths(), w, pen, id);
    }

    public String front() {
        return svg(scale(), "f").write(CoverDrawing.front(reckoned));
    }

    public String back() {
        return svg(scale(), "b").write(CoverDrawing.back(reckoned));
    }

    private InSight inSight() {
        return new InSight(reckoned, before, w, laying);
    }

    /** The cut sizes beside an open slip. */
    public List<InSight.Line> cutsInSight() {
        return inSight().lines();
    }

    public InSight.Line fabricInSight() {
        return inSight().fabric();
    }

    /** The front beside an open slip. */
    public String frontInSight() {
        return svg(sightScale(), "f").write(CoverDrawing.outline(reckoned));
    }

    public String backInSight() {
        return svg(sightScale(), "b").write(CoverDrawing.backOutline(reckoned));
    }

    private Pen sightScale() {
        Length around = cover.plan().edging().standsOut().times(2);
        return Pen.fitting(
                reckoned.finished(Axis.ACROSS).plus(around),
                reckoned.finished(Axis.UP_DOWN).plus(around),
                IN_SIGHT);
    }

    public String edgeOn() {
        double units = 620;
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        return svg(Pen.fitting(edgeOn.depth(), edgeOn.depth(), units), "e").write(edgeOn);
    }

    /** A piece as cut, small beside its figure. */
    public String thumb(Piece piece) {
        return svg(pieceScale(SMALL), "t-" + piece.id()).write(PieceDrawing.of(piece));
    }

    /** A piece as cut, larger, beside its sum. */
    public String drawn(Piece piece) {
        return svg(pieceScale(OPENED), "p-" + piece.id()).write(PieceDrawing.of(piece));
    }

    /** A piece as cut, on the table. */
    public String laid(Piece piece) {
        return svg(Pen.fitting(piece.cutWidth(), piece.cutHeight(), LARGE), "l-" + piece.id())
                .write(PieceDrawing.measured(piece));
    }

    /** All pieces at one scale, so that they can be told apart by size. */
    private Pen pieceScale(double units) {
        return Pen.finest(
                reckoned.pieces().stream().map(piece -> Pen.fitting(piece.cutWidth(), piece.cutHeight(), units)));
    }

    /** {@code 21¼ × 14⅛}, across first. */
    public String size(Piece piece) {
        return w.lengths().bare(piece.cutWidth()) + " × " + w.lengths().bare(piece.cutHeight());
    }

    public String clothName(Piece piece) {
        return cover.plan().cloths().of(piece.material()).name();
    }

    public List<Line> lines(Sum sum) {
        return sum.terms().stream()
                .map(term -> new Line(w.say(term.label()), w.lengths().fine(term.amount()), Phrase.code(Part.of(term))))
                .toList();
    }

    /** A sum on one line, as it is said over the cutting table. */
    public String spoken(Sum sum) {
        StringBuilder spoken = new StringBuilder();
        for (Sum.Term term : sum.terms()) {
            boolean less = term.amount().isNegative();
            spoken.append(spoken.isEmpty() ? (less ? "−" : "") : less ? " − " : " + ")
                    .append(w.lengths().fine(term.amount().abs()))
                    .append(' ')
                    .append(w.say(term.label()));
        }
        return spoken + " = " + total(sum);
    }

    public String total(Sum sum) {
        return w.lengths().withUnit(sum.total());
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

    public String fullness(Reckoned of) {
        return w.say(
                "fullness",
                of.fullness().percent(),
                Phrase.choice("band", of.fullness().band()));
    }

    public List<Finding> findings() {
        return reckoned.findings();
    }

    public Recommendation fits() {
        return Recommendation.of(cover.plan(), reckoned.mark(), learnt.get().tastes());
    }

    /** What her own ease would be: as it was decided, or, where it is not in use, as her own covers say. */
    public String ownEase(Recommendation fits) {
        boolean decided =
                Stream.of(Axis.values()).anyMatch(axis -> cover.plan().fit().school(axis) == FitSchool.MY_OWN);
        Length standing = cover.plan().fit().ownEase();
        Length ease = decided ? standing : fits.own().map(OwnFit::ease).orElse(standing);
        return entries.value("own-ease", ease);
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

    /** What a try-on has changed of the size; nothing where it did not. */
    public Optional<String> altered() {
        Alteration altered = cover.plan().seam().altered();
        return altered.isNone()
                ? Optional.empty()
                : Optional.of(w.say(
                        "slip.fit.altered",
                        altered.across().negated(),
                        altered.upDown().negated()));
    }

    /** The schools to choose from; that of the label only where the label names a cover. */
    public List<FitSchool> schools() {
        return schools(cover.plan());
    }

    static List<FitSchool> schools(CoverPlan plan) {
        boolean labelled = plan.form().labelMeans() == LabelMeans.COVER
                || Stream.of(Axis.values()).anyMatch(axis -> plan.fit().school(axis) == FitSchool.LABEL);
        return Stream.of(FitSchool.values())
                .filter(school -> school != FitSchool.LABEL || labelled)
                .toList();
    }

    /** Every school's front at one scale. */
    public String fitDrawing(Recommendation fits, FitSchool school) {
        return svg(fitsPen(fits), "s-" + Phrase.code(school)).write(CoverDrawing.overForm(fits.by(school)));
    }

    /** The scale at which every school's front is drawn. */
    static Pen fitsPen(Recommendation fits) {
        return Pen.finest(fits.bySchool().values().stream()
                .map(each -> Pen.fitting(each.finished(Axis.ACROSS), each.finished(Axis.UP_DOWN), FITS)));
    }

    /** A fit as it would be, small, over its form. */
    public String fitChoice(Recommendation fits, FitSchool school) {
        Reckoned of = fits.by(school);
        Pen pen = Pen.fitting(
                reckoned.form().across().flat(), reckoned.form().upDown().flat(), CHOICE);
        return svg(pen, "o-" + Phrase.code(school)).write(CoverDrawing.overForm(of));
    }

    /** What the opening wants of a cover fitted like this: an overlap, or a zip, or nothing. */
    public String wanted(Reckoned of) {
        return of.back()
                .lap()
                .map(lap -> w.lengths().withUnit(lap.wanted()))
                .or(() -> of.back().zip().map(zip -> w.lengths().withUnit(zip.buy())))
                .orElse("—");
    }

    public String finishedSize(Reckoned of) {
        return w.lengths().bare(of.finished(Axis.ACROSS)) + " × " + w.lengths().bare(of.finished(Axis.UP_DOWN));
    }

    private Choices choices() {
        return new Choices(cover.plan(), reckoned.mark(), w, laying);
    }

    public List<Choices.Choice> openings() {
        return choices().openings();
    }

    public List<Choices.Choice> shapes() {
        return choices().shapes();
    }

    public List<Choices.Choice> faces() {
        return choices().faces();
    }

    public List<Choices.Choice> edgings() {
        return choices().edgings();
    }

    /** Whether the edge takes cloth that is neither the front's nor the back's. */
    public boolean trimmed() {
        return reckoned.pieces().stream().anyMatch(piece -> piece.material() == Material.TRIM)
                || cover.plan().edging().isBoughtByLength();
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

    public String price(Cloth cloth) {
        return cloth.price() == 0 ? "" : Money.plain(cloth.price());
    }

    public Optional<Length> repeat(Cloth cloth, String way) {
        return ClothEntry.repeat(cloth, way);
    }

    public String percent(int tenths) {
        return ClothEntry.percent(tenths);
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
        return cover.plan().opening().details().stream()
                .filter(detail -> detail instanceof Detail.OneOf && detail.isDrawn())
                .map(detail -> choices().of((Detail.OneOf<?>) detail))
                .toList();
    }

    /** So many fields of a choice are shown at once; the rest fold under a link. */
    private static final int USUAL_FIELDS = 4;

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

    /** The first words of what folds under a link. */
    public String named(List<Field> fields) {
        String first = String.join(
                ", ", fields.stream().map(Field::label).distinct().limit(3).toList());
        return fields.stream().map(Field::label).distinct().count() > 3 ? first + " …" : first;
    }

    /** Whether one of these fields was refused, so that it has to be seen. */
    public boolean anyRefused(List<Field> fields) {
        return fields.stream().anyMatch(field -> refusal(field.name()).isPresent());
    }

    /** Whether a field of a fabric that folds under a link was refused, so that it has to be seen. */
    public boolean clothRefused(String prefix) {
        return Stream.of("name", "width", "price", "repeat-across", "repeat-along", "shrinks-across", "shrinks-along")
                .anyMatch(field -> refusal(prefix + "-" + field).isPresent());
    }

    /** The details of a choice that have a say, as fields. */
    public List<Field> fields(Detailed choice) {
        return choice.details().stream()
                .filter(detail -> detail.applies() && !detail.isDrawn())
                .map(detail -> Field.of(detail, entries, w))
                .toList();
    }

    /** What is worth saying of the opening as it stands, one sentence each. */
    public List<String> aboutOpening() {
        String code = "opening." + cover.plan().opening().kind().code();
        List<String> sentences =
                new ArrayList<>(List.of(w.say("slip.opening.about", Phrase.of(code), Phrase.of(code + ".says"))));
        w.find(code + ".rules-out")
                .ifPresent(rules -> sentences.add(w.say("slip.opening.rules-out", Phrase.of(code + ".rules-out"))));
        reckoned.back().zip().ifPresent(zip -> sentences.add(w.say("slip.opening.zip-why", zip.why())));
        reckoned.back().lap().ifPresent(lap -> sentences.add(w.say("slip.opening.wanted", lap.wanted())));
        return sentences;
    }

    /** Whether anything has to be cut along a line of its own, for which there are templates. */
    public boolean hasTemplates() {
        return reckoned.outline().isPresent();
    }

    public String edgeOnNote() {
        return w.say(EdgeOn.of(reckoned).bent() ? "plan.edge-on-bent" : "plan.edge-on-note");
    }

    public String code(Enum<?> value) {
        return Phrase.code(value);
    }

    public Axis acrossAxis() {
        return Axis.ACROSS;
    }

    public Axis upDownAxis() {
        return Axis.UP_DOWN;
    }

    /** Whether a school has the reading it goes by. */
    public boolean measuredFor(FitSchool school) {
        return cover.plan().fit().withSchool(school).measuredFor(cover.plan().form());
    }

    /** What was read off the form one way, for the field that shows it. */
    public Optional<Length> reading(String axis, String reading) {
        Form form = cover.plan().form();
        Readings readings = axis.equals("across") ? form.across() : form.upDown();
        return Stream.of(Reading.values())
                .filter(each -> Phrase.code(each).equals(reading))
                .findFirst()
                .flatMap(readings::get);
    }

    public Mark[] tapeMarks() {
        return Mark.values();
    }

    public Length frenchFirst() {
        return Seam.frenchFirst(cover.plan().unit());
    }

    /** Whose cloth a place may be cut from: its own, or another's; nothing to choose for the front. */
    public List<Field.Option> clothsOf(String prefix) {
        Material own = material(prefix);
        if (own == Material.FRONT) {
            return List.of();
        }
        Optional<Material> shared = SlipChanges.sharedWith(cover.plan().cloths(), own);
        List<Field.Option> options =
                new ArrayList<>(List.of(new Field.Option("own", w.say("slip.cloth.of.own"), shared.isEmpty())));
        Stream.of(Material.FRONT, Material.BACK)
                .filter(each -> each != own)
                .forEach(each -> options.add(new Field.Option(
                        Phrase.code(each),
                        w.say(
                                "slip.cloth.of." + Phrase.code(each),
                                cover.plan().cloths().of(each).name()),
                        shared.filter(each::equals).isPresent())));
        return options;
    }

    public boolean isOwnCloth(String prefix) {
        return SlipChanges.sharedWith(cover.plan().cloths(), material(prefix)).isEmpty();
    }

    private static Material material(String prefix) {
        return Stream.of(Material.values())
                .filter(each -> Phrase.code(each).equals(prefix))
                .findFirst()
                .orElseThrow();
    }

    public Print[] prints() {
        return Print.values();
    }

    /** A cloth in another print, as a patch. */
    public String swatch(Cloth cloth, Print print) {
        return SvgDrawing.patch(
                cloth.withPrint(print).withPhoto(Optional.empty()),
                "w-" + Phrase.code(print) + cloth.colour().substring(1));
    }

    public boolean lined() {
        return reckoned.back().pieces().stream().anyMatch(piece -> piece.material() == Material.LINING);
    }

    /** The grounds to choose from, and the present one where it is not among them. */
    public List<Dye> dyes(Cloth cloth) {
        List<Dye> dyes = new ArrayList<>();
        for (String[] dye : DYES) {
            dyes.add(new Dye(dye[0], dye[1], w.say("colour." + dye[0])));
        }
        if (dyes.stream().noneMatch(dye -> dye.colour().equals(cloth.colour()))) {
            dyes.add(new Dye("own", cloth.colour(), cloth.colour()));
        }
        return dyes;
    }

    public Optional<String> refusal(String field) {
        return Optional.ofNullable(entries.refusal(field));
    }
}
