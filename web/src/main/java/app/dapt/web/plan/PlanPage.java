package app.dapt.web.plan;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.Brief;
import app.dapt.cover.EnvelopeOpening;
import app.dapt.cover.EnvelopeOpening.ByRule;
import app.dapt.cover.Finding;
import app.dapt.cover.Hem;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.Recommendation;
import app.dapt.cover.RuleOfThumb;
import app.dapt.cover.Seam;
import app.dapt.drawing.CoverDrawing;
import app.dapt.drawing.EdgeOn;
import app.dapt.drawing.Element.Part;
import app.dapt.files.SvgDrawing;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import app.dapt.web.Entries;
import app.dapt.web.workroom.Cover;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The plan view of one cover, ready for its template.
 *
 * @param slip    the one that is open, or nothing
 * @param entries what stands in its fields
 * @param gesture names what is done while that slip is open
 * @param view    what lies on the table: {@code sewn}, {@code pieces} or {@code fits}
 */
public record PlanPage(Cover cover, Reckoned reckoned, Words w, Slip slip, Entries entries, String gesture, String view) {

    /** User units that the longer side takes in the large drawings, in the small ones, and in a row of fits. */
    private static final double LARGE = 300;
    private static final double SMALL = 46;
    private static final double OPENED = 170;
    private static final double FITS = 92;
    private static final double CHOICE = 58;

    /** Which part of a drawing each term of a sum stands for. */
    private static final Map<String, Part> PARTS = Map.ofEntries(
            Map.entry("term.allowance", Part.ALLOWANCE), Map.entry("term.both-allowances", Part.ALLOWANCE),
            Map.entry("term.hem-twice", Part.HEM), Map.entry("term.hem-once", Part.HEM),
            Map.entry("term.lining-seam", Part.HEM), Map.entry("term.half-overlap", Part.OVERLAP),
            Map.entry("term.half-height", Part.BODY), Map.entry("term.half-width", Part.BODY),
            Map.entry("term.edge-to-middle", Part.BODY), Map.entry("term.finished-width", Part.BODY),
            Map.entry("term.finished-height", Part.BODY));

    /** The views of the table. */
    static final List<String> VIEWS = List.of("sewn", "pieces", "fits");

    /** One line of a sum, and what it lights up. */
    public record Line(String label, String amount, String part) {
    }

    /** A colour to choose. */
    public record Dye(String code, String colour, String name) {
    }

    private static final String[][] DYES = {{"indigo", "#31507e"}, {"night", "#1e2f4d"}, {"slate", "#66788a"},
        {"verdigris", "#2f7f74"}, {"bracken", "#7d9c93"}, {"moss", "#7a8450"}, {"weld", "#e2b93b"}, {"rust", "#b5622f"},
        {"madder", "#b23a48"}, {"plum", "#6d3b5e"}, {"oat", "#d9cfb8"}, {"chalk", "#f4f5f1"}};

    /** A rule of thumb with what it would come to here. */
    public record Rule(RuleOfThumb rule, String code, Reckoned reckoned, boolean chosen) {
    }

    public Brief brief() {
        return Brief.of(reckoned);
    }

    public boolean isOpen(Slip asked) {
        return slip == asked;
    }

    private double scale() {
        return SvgDrawing.fitting(reckoned.finished(Axis.ACROSS), reckoned.finished(Axis.UP_DOWN), LARGE);
    }

    private SvgDrawing svg(double scale, String id) {
        return new SvgDrawing(cover.plan().cloths(), w, scale, id);
    }

    public String front() {
        return svg(scale(), "f").write(CoverDrawing.front(reckoned));
    }

    public String back() {
        return svg(scale(), "b").write(CoverDrawing.back(reckoned));
    }

    public String edgeOn() {
        double units = 620;
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        return svg(units / edgeOn.depth().toInches(), "e").write(edgeOn);
    }

    /** A piece as cut, small beside its figure. */
    public String thumb(Piece piece) {
        return svg(pieceScale(SMALL), "t-" + piece.id()).write(CoverDrawing.piece(piece));
    }

    /** A piece as cut, larger, beside its sum. */
    public String drawn(Piece piece) {
        return svg(pieceScale(OPENED), "p-" + piece.id()).write(CoverDrawing.piece(piece));
    }

    /** A piece as cut, on the table. */
    public String laid(Piece piece) {
        return svg(pieceScale(LARGE * .72), "l-" + piece.id()).write(CoverDrawing.piece(piece));
    }

    /** All pieces at one scale, so that they can be told apart by size. */
    private double pieceScale(double units) {
        return reckoned.pieces().stream()
                .mapToDouble(piece -> SvgDrawing.fitting(piece.cutWidth(), piece.cutHeight(), units)).min().orElseThrow();
    }

    /** {@code 21¼ × 14⅛}, across first. */
    public String size(Piece piece) {
        return w.lengths().bare(piece.cutWidth()) + " × " + w.lengths().bare(piece.cutHeight());
    }

    /** What is done with the edges that are not sewn into the seam: {@code hem below}. */
    public String edges(Piece piece) {
        return String.join(", ", piece.openSides().stream()
                .map(side -> w.say("edge." + Phrase.code(piece.edge(side).fate()), Phrase.choice("side", side))).toList());
    }

    public String clothName(Piece piece) {
        return cover.plan().cloths().of(piece.material()).name();
    }

    public List<Line> lines(Sum sum) {
        return sum.terms().stream().map(term -> new Line(w.say(term.label()), w.lengths().fine(term.amount()),
                Phrase.code(PARTS.getOrDefault(term.label().code(), Part.NONE)))).toList();
    }

    /** A sum on one line, as it is said over the cutting table. */
    public String spoken(Sum sum) {
        return String.join(" + ", lines(sum).stream().map(line -> line.amount() + " " + line.label()).toList()) + " = " + total(sum);
    }

    public String total(Sum sum) {
        return w.lengths().withUnit(sum.total());
    }

    /** How the form's flat size was come by, in one line. */
    public String settled() {
        return w.say("measure.settled", reckoned.form().across().flat(), reckoned.form().upDown().flat(),
                Phrase.of("measure.because." + Phrase.code(reckoned.form().across().taken())));
    }

    public String filled() {
        return w.say("measure.filled", (int) Math.round(100 * reckoned.form().fill()),
                Phrase.choice("fill-from", reckoned.form().fillFrom()));
    }

    public String fullness(Reckoned of) {
        return w.say("fullness", of.fullness().percent(), Phrase.choice("band", of.fullness().band()));
    }

    public List<Finding> findings() {
        return reckoned.findings();
    }

    public Recommendation fits() {
        return Recommendation.of(cover.plan(), reckoned.mark());
    }

    public FitSchool[] schools() {
        return FitSchool.values();
    }

    /** Every school's front at one scale. */
    public String fitDrawing(Recommendation fits, FitSchool school) {
        double scale = fits.bySchool().values().stream().mapToDouble(each ->
                SvgDrawing.fitting(each.finished(Axis.ACROSS), each.finished(Axis.UP_DOWN), FITS)).min().orElseThrow();
        return svg(scale, "s-" + Phrase.code(school)).write(CoverDrawing.overForm(fits.bySchool().get(school)));
    }

    /** A back as it would be, small, for choosing it. */
    public String backChoice(Reckoned of, String id) {
        double scale = SvgDrawing.fitting(of.finished(Axis.ACROSS), of.finished(Axis.UP_DOWN), CHOICE);
        return svg(scale, "o-" + id).write(CoverDrawing.backOutline(of));
    }

    /** A fit as it would be, small, over its form. */
    public String fitChoice(Recommendation fits, FitSchool school) {
        Reckoned of = fits.bySchool().get(school);
        double scale = SvgDrawing.fitting(reckoned.form().across().flat(), reckoned.form().upDown().flat(), CHOICE);
        return svg(scale, "o-" + Phrase.code(school)).write(CoverDrawing.overForm(of));
    }

    public String finishedSize(Reckoned of) {
        return w.lengths().bare(of.finished(Axis.ACROSS)) + " × " + w.lengths().bare(of.finished(Axis.UP_DOWN));
    }

    public EnvelopeOpening envelope() {
        return (EnvelopeOpening) cover.plan().opening();
    }

    public List<Rule> rules() {
        EnvelopeOpening opening = envelope();
        return Stream.of(RuleOfThumb.values()).map(rule -> new Rule(rule, Phrase.code(rule),
                Reckoner.reckon(cover.plan().withOpening(opening.withDepth(new ByRule(rule))), reckoned.mark()),
                opening.depth().equals(new ByRule(rule)))).toList();
    }

    /** The cover with its overlap as asked, or with the one a rule has left it. */
    public Reckoned asked() {
        return ownOverlap() ? reckoned
                : Reckoner.reckon(cover.plan().withOpening(envelope().withOverlap(shownOverlap())), reckoned.mark());
    }

    public boolean ownOverlap() {
        return !(envelope().depth() instanceof ByRule);
    }

    public String hemName(Hem hem) {
        return SlipChanges.hemName(hem, cover.plan().unit());
    }

    /** The hems to choose from, the present one among them. */
    public List<String> hemNames(Hem hem) {
        List<String> names = new ArrayList<>(List.of("ordinary", "narrow", "wide", "single", "selvage", "lined"));
        if (!names.contains(hemName(hem))) {
            names.add(0, "double");
        }
        return names;
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
        return Stream.of(Reading.values()).filter(each -> Phrase.code(each).equals(reading)).findFirst().flatMap(readings::get);
    }

    /** The overlap as it lies, for its field; none where the backs do not meet. */
    public Length shownOverlap() {
        return Length.max(Length.ZERO, reckoned.back().overlap());
    }

    /** How deep the first back is cut. */
    public Length backDepth(Reckoned of) {
        Piece piece = of.back().pieces().get(0);
        return envelope().stacked() ? piece.cutHeight() : piece.cutWidth();
    }

    /** What speaks against the overlap of a cover; nothing where nothing does. */
    public String overlapFinding(Reckoned of) {
        return Stream.of("overlap", "hems-eat-overlap", "blank-narrow").flatMap(code -> of.finding(code).stream())
                .findFirst().map(finding -> w.say(finding.what())).orElse(null);
    }

    public Phrase panelName(boolean first) {
        return envelope().panelName(first);
    }

    public Mark[] marks() {
        return Mark.values();
    }

    public Length frenchFirst() {
        return Seam.frenchFirst(cover.plan().unit());
    }

    public Print[] prints() {
        return Print.values();
    }

    /** A cloth in another print, as a patch. */
    public String swatch(Cloth cloth, Print print) {
        return SvgDrawing.patch(new Cloth(cloth.name(), cloth.colour(), print, cloth.width(), cloth.nap()),
                "w-" + Phrase.code(print) + cloth.colour().substring(1));
    }

    public boolean lined() {
        return envelope().first().hem().isLined() || envelope().second().hem().isLined();
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
