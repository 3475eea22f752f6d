package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.PillowcaseOpening;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;

/** The cover edge on, its layers as long as they are. */
class SvgEdgeOnTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
    private static final Pen PEN = new Pen(20);
    private static final Pattern RUNS = Pattern.compile("M([-\\d.]+) ([-\\d.]+)H([-\\d.]+)(.*)");

    private static Reckoned reckoned(Kind<Opening> opening, Kind<Edging> edging) {
        return reckoned(opening.usual(Unit.INCH), edging);
    }

    private static Reckoned reckoned(Opening opening, Kind<Edging> edging) {
        CoverPlan plan = DefaultPlan.plan(
                        "Berth", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18)))
                .withOpening(opening)
                .withEdging(edging.usual(Unit.INCH));
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    private static Element drawn(Reckoned reckoned) {
        return Drawn.read(new SvgDrawing(reckoned.plan().cloths(), WORDS, PEN, "e").write(EdgeOn.of(reckoned)));
    }

    static Stream<Kind<Opening>> openings() {
        return Stream.of(
                OpeningKind.ENVELOPE,
                OpeningKind.BANDED,
                OpeningKind.WRAP,
                OpeningKind.PILLOWCASE,
                OpeningKind.EDGE_ZIP,
                OpeningKind.BACK_ZIP,
                OpeningKind.SEWN_SHUT);
    }

    /** Every layer runs from where it is sewn to where it ends, those that lie further out drawn further up. */
    @ParameterizedTest
    @MethodSource("openings")
    void layersAreAsLongAsTheyAre(Kind<Opening> kind) {
        Reckoned reckoned = reckoned(kind, EdgingKind.NONE);
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        List<Element> layers = Drawn.classed(drawn(reckoned), "path", "layer");
        assertThat(layers).hasSameSizeAs(edgeOn.layers()).hasSizeGreaterThan(1);
        double bottom = y(layers.get(0));
        for (int i = 0; i < layers.size(); i++) {
            EdgeOn.Layer layer = edgeOn.layers().get(i);
            Matcher run = RUNS.matcher(layers.get(i).getAttribute("d"));
            assertThat(run.matches()).isTrue();
            double from = Double.parseDouble(run.group(1));
            double to = Double.parseDouble(run.group(3));
            assertThat(Math.min(from, to)).isCloseTo(layer.from().toInches() * 20, within(.01));
            assertThat(Math.max(from, to)).isCloseTo(layer.to().toInches() * 20, within(.01));
            assertThat(from < to).as("it begins where it is sewn").isEqualTo(layer.freeAtTo());
            assertThat(y(layers.get(i))).isEqualTo(bottom - 30 * layer.level());
            assertThat(layers.get(i).getAttribute("stroke"))
                    .isEqualTo(reckoned.plan().cloths().of(layer.material()).colour());
        }
    }

    private static double y(Element layer) {
        Matcher run = RUNS.matcher(layer.getAttribute("d"));
        assertThat(run.matches()).isTrue();
        return Double.parseDouble(run.group(2));
    }

    private static Opening envelope(Hem.Kind upper) {
        return Cases.changed(OpeningKind.ENVELOPE, Unit.INCH, "firstHem", upper);
    }

    /** Half an inch is ten units: a hem is turned twice, the inner turn shorter; what is bent goes back over itself. */
    @ParameterizedTest
    @CsvSource({
        "ORDINARY, ' a5 5 0 0 1 0 10h-10 a2.5 2.5 0 0 0 0 -5h8'",
        "NARROW, ' a5 5 0 0 1 0 10h-5 a2.5 2.5 0 0 0 0 -5h4'",
        "WIDE, ' a5 5 0 0 1 0 10h-20 a2.5 2.5 0 0 0 0 -5h16'",
        "SINGLE, ' a5 5 0 0 1 0 10h-10'",
        "SELVAGE, 'm0 -4v8m-4 0v-8'",
        "LINED, ' a5 5 0 0 1 0 10H0'",
    })
    void anEdgeIsTurnedAsItsHemIs(Hem.Kind hem, String turned) {
        Reckoned reckoned = reckoned(envelope(hem), EdgingKind.NONE);
        List<Element> layers = Drawn.classed(drawn(reckoned), "path", "layer");
        assertThat(layers)
                .extracting(layer -> layer.getAttribute("d"))
                .anySatisfy(d -> assertThat(d).startsWith("M0 ").endsWith(turned));
        assertThat(layers.get(0).getAttribute("d"))
                .as("the front ends in its seams")
                .doesNotContain("a");
        assertThat(layers.get(1).getAttribute("d"))
                .as("the lower back's is turned the other way")
                .endsWith(" a5 5 0 0 0 0 10h10 a2.5 2.5 0 0 1 0 -5h-8");
    }

    /** A hem too narrow to see is drawn as wide as can be seen. */
    @Test
    void aHemOfNothingIsSeenAllTheSame() {
        Reckoned reckoned = reckoned(envelope(Hem.Kind.NARROW), EdgingKind.NONE);
        SvgDrawing small = new SvgDrawing(reckoned.plan().cloths(), WORDS, new Pen(4), "e");
        assertThat(Drawn.classed(Drawn.read(small.write(EdgeOn.of(reckoned))), "path", "layer"))
                .extracting(layer -> layer.getAttribute("d"))
                .anySatisfy(d -> assertThat(d).endsWith("10h-4 a2.5 2.5 0 0 0 0 -5h3"));
    }

    /** Both flaps folded in lie towards each other. */
    @Test
    void aFlapThatIsTuckedInLiesBetweenTheLayers() {
        Opening both = Cases.changed(OpeningKind.PILLOWCASE, Unit.INCH, "flaps", PillowcaseOpening.Flaps.BOTH);
        Reckoned reckoned = reckoned(both, EdgingKind.NONE);
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        List<String> layers = Drawn.classed(drawn(reckoned), "path", "layer").stream()
                .map(layer -> layer.getAttribute("d"))
                .toList();
        String deep = Markup.number(edgeOn.layers().get(0).tuck().toInches() * 20);
        assertThat(edgeOn.layers().get(0).tuck())
                .isEqualTo(edgeOn.layers().get(1).tuck());
        assertThat(layers.get(0)).endsWith(" a5 5 0 0 0 0 -10h-" + deep);
        assertThat(layers.get(1)).endsWith(" a5 5 0 0 1 0 10h-" + deep);
    }

    @Test
    void theLayersHaveRoomOnTheirSheet() {
        Reckoned reckoned = reckoned(OpeningKind.ENVELOPE, EdgingKind.NONE);
        EdgeOn edgeOn = EdgeOn.of(reckoned);
        Element svg = drawn(reckoned);
        double depth = edgeOn.depth().toInches() * 20;
        assertThat(edgeOn.levels()).isEqualTo(2);
        assertThat(Drawn.number(svg, "width")).isCloseTo(depth + 40, within(.01));
        assertThat(Drawn.number(svg, "height")).isEqualTo(26 + 2 * 30 + 26);
        assertThat(Drawn.classed(svg, "path", "l-stitch"))
                .extracting(stitch -> stitch.getAttribute("d"))
                .containsExactly("M0 22V90", "M" + Markup.number(depth) + " 22V90");
        Element open = drawn(reckoned(OpeningKind.PILLOWCASE, EdgingKind.NONE));
        assertThat(Drawn.classed(open, "path", "fold-round").get(0).getAttribute("d"))
                .isEqualTo("M0 26C-16 26 -16 56 0 56");
        assertThat(Drawn.classed(open, "path", "l-hidden-edge").get(0).getAttribute("d"))
                .endsWith(" 22V60");
    }

    @ParameterizedTest
    @CsvSource({"ENVELOPE, 2, 0, 0", "PILLOWCASE, 0, 1, 1", "SEWN_SHUT, 1, 0, 1"})
    void theEndsAreSewnFoldedOrOpen(String opening, int sewn, int folded, int open) {
        Element svg = drawn(reckoned(kind(opening), EdgingKind.NONE));
        assertThat(Drawn.classed(svg, "path", "l-stitch")).hasSize(sewn);
        assertThat(Drawn.classed(svg, "path", "fold-round")).hasSize(folded);
        assertThat(Drawn.classed(svg, "path", "l-hidden-edge")).hasSize(open);
        assertThat(Drawn.classed(svg, "path", "fold-round"))
                .allSatisfy(fold ->
                        assertThat(fold.getAttribute("d")).startsWith("M0 ").contains("C-16 "));
    }

    private static Kind<Opening> kind(String code) {
        return openings()
                .filter(each -> each.code().equals(code.toLowerCase(Locale.ROOT).replace('_', '-')))
                .findFirst()
                .orElseThrow();
    }

    /** A cord is round and lies outside both seams; a flat trim waves there; what is not sewn catches nothing. */
    @Test
    void whatIsCaughtInTheSeamsStandsOutOfThem() {
        Reckoned piped = reckoned(OpeningKind.ENVELOPE, EdgingKind.PIPING);
        Element svg = drawn(piped);
        double depth = EdgeOn.of(piped).depth().toInches() * 20;
        assertThat(Drawn.classed(svg, "circle", "caught"))
                .extracting(cord -> Drawn.number(cord, "cx"))
                .satisfiesExactly(left -> assertThat(left).isEqualTo(-8), right -> assertThat(right)
                        .isCloseTo(depth + 8, within(.01)));
        assertThat(Drawn.classed(svg, "path", "caught"))
                .extracting(lip -> lip.getAttribute("d"))
                .satisfiesExactly(left -> assertThat(left).isEqualTo("M10 56H-4"), right -> assertThat(right)
                        .isEqualTo(
                                "M" + Markup.number(depth - 10) + " " + middle(svg) + "H" + Markup.number(depth + 4)));
        Element ruffled = drawn(reckoned(OpeningKind.ENVELOPE, EdgingKind.RUFFLE));
        assertThat(Drawn.classed(ruffled, "circle", "caught")).isEmpty();
        assertThat(Drawn.classed(ruffled, "path", "caught")).hasSize(4);
        assertThat(Drawn.classed(drawn(reckoned(OpeningKind.ENVELOPE, EdgingKind.NONE)), "path", "caught"))
                .isEmpty();
        assertThat(Drawn.classed(drawn(reckoned(OpeningKind.PILLOWCASE, EdgingKind.PIPING)), "circle", "caught"))
                .as("neither in a fold nor in an opening")
                .isEmpty();
    }

    private static String middle(Element svg) {
        return Drawn.classed(svg, "circle", "caught").get(0).getAttribute("cy");
    }

    @Test
    void aZipIsCutThroughWhereItIs() {
        Reckoned zipped = reckoned(OpeningKind.BACK_ZIP, EdgingKind.NONE);
        EdgeOn edgeOn = EdgeOn.of(zipped);
        Element zip = Drawn.classed(drawn(zipped), "circle", "zip-end").get(0);
        assertThat(Drawn.number(zip, "cx"))
                .isCloseTo(edgeOn.zipAt().orElseThrow().toInches() * 20, within(.01));
        List<Element> layers = Drawn.classed(drawn(zipped), "path", "layer");
        assertThat(Drawn.number(zip, "cy")).as("in the back").isEqualTo(y(layers.get(1)));
        assertThat(Drawn.classed(drawn(reckoned(OpeningKind.ENVELOPE, EdgingKind.NONE)), "circle", "zip-end"))
                .isEmpty();
    }

    /** Each layer is named at its sewn end, the front below it. */
    @Test
    void layersAreNamed() {
        Reckoned reckoned = reckoned(OpeningKind.ENVELOPE, EdgingKind.NONE);
        Element svg = drawn(reckoned);
        List<Element> names = Drawn.classed(svg, "text", "t-note");
        assertThat(names).extracting(Element::getTextContent).containsExactly("Front", "lower back", "upper back");
        List<Element> layers = Drawn.classed(svg, "path", "layer");
        double depth = EdgeOn.of(reckoned).depth().toInches() * 20;
        assertThat(Drawn.number(names.get(0), "y")).isGreaterThan(y(layers.get(0)));
        assertThat(Drawn.number(names.get(1), "y")).isLessThan(y(layers.get(1)));
        assertThat(names).extracting(name -> name.getAttribute("text-anchor")).containsExactly("start", "end", "start");
        assertThat(Drawn.number(names.get(2), "x")).isEqualTo(10);
        assertThat(Drawn.number(names.get(1), "x")).isCloseTo(depth - 10, within(.01));
    }
}
