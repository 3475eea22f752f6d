package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.BiasDrawing;
import app.dapt.cover.drawing.CoverDrawing;
import app.dapt.cover.drawing.EdgeOn;
import app.dapt.cover.edging.Edging;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.TrimByLength.Sort;
import app.dapt.cover.filled.FilledCover;
import app.dapt.cover.filled.FilledDrawing;
import app.dapt.cover.filled.View;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.PieceDrawing;
import app.dapt.drawing.Sheet;
import app.dapt.form.Form;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;

/** Drawings as a page gets them: whole, to scale, and said in words. */
class SvgDrawingTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
    /** User units to the inch. */
    private static final double SCALE = 12;

    private static final Pen PEN = new Pen(SCALE);
    private static final Pattern REFERRED = Pattern.compile("url\\(#([^)]+)\\)");

    static Stream<CoverPlan> plans() {
        return IntStream.range(0, 6).mapToObj(seed -> RandomPlans.plan(new Random(1000 + seed)));
    }

    private static SvgDrawing drawing(CoverPlan plan) {
        return new SvgDrawing(plan.cloths(), WORDS, PEN, "drawn");
    }

    private static Stream<Sheet> sheets(Reckoned reckoned) {
        Stream<Sheet> flat =
                Stream.of(CoverDrawing.front(reckoned), CoverDrawing.back(reckoned), CoverDrawing.overForm(reckoned));
        Stream<Sheet> pieces = reckoned.pieces().stream().map(PieceDrawing::measured);
        Stream<Sheet> bias =
                Stream.of(BiasDrawing.of(reckoned), BiasDrawing.join(reckoned)).flatMap(sheet -> sheet.stream());
        Stream<Sheet> filled = FilledCover.of(reckoned, 4).stream().flatMap(cover -> Stream.of(View.values())
                .map(view -> FilledDrawing.of(reckoned, cover, view, List.of(cover.refilled(0.6)))));
        Stream<Sheet> piles = CoverSteps.of(reckoned).stream()
                .flatMap(step -> step.pile().stream().map(pile -> pile.sheet()));
        return Stream.of(flat, pieces, bias, filled, piles).flatMap(each -> each);
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyDrawingIsWholeAndRefersToWhatItDefines(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        sheets(reckoned).forEach(sheet -> isSound(drawing(plan).write(sheet)));
        isSound(drawing(plan).write(EdgeOn.of(reckoned)));
        CoverSteps.of(reckoned).stream()
                .flatMap(step -> step.pile().stream())
                .flatMap(pile -> EdgeOn.of(pile).stream())
                .forEach(edge -> isSound(drawing(plan).write(edge)));
    }

    private static void isSound(String svg) {
        assertThat(svg).doesNotContain("NaN", "Infinity", "style=", "<script");
        Element root = Drawn.read(svg);
        assertThat(root.getAttribute("role")).isEqualTo("img");
        assertThat(root.getAttribute("aria-label")).isNotBlank().doesNotContain("{", "drawing.");
        String[] box = root.getAttribute("viewBox").split(" ");
        assertThat(Double.parseDouble(box[2])).isPositive();
        assertThat(Double.parseDouble(box[3])).isPositive();
        Set<String> defined = new HashSet<>();
        Drawn.all(root, "*").forEach(each -> {
            if (each.hasAttribute("id")) {
                assertThat(defined.add(each.getAttribute("id")))
                        .as("once: %s", each.getAttribute("id"))
                        .isTrue();
            }
        });
        Matcher referred = REFERRED.matcher(svg);
        while (referred.find()) {
            assertThat(defined).contains(referred.group(1));
        }
    }

    private static CoverPlan square(Kind<Edging> kind, Object... changes) {
        return DefaultPlan.plan(
                        "Skylight", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(20), Length.inches(20)))
                .withEdging(Cases.changed(kind, Unit.INCH, changes));
    }

    private static Element front(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        return Drawn.read(drawing(plan).write(CoverDrawing.front(reckoned)));
    }

    /** How far something stands out makes room for itself round the cover. */
    @ParameterizedTest
    @CsvSource({"FRINGE, trim-fringe", "POM_POMS, trim-pom-poms", "LACE, trim-lace", "BEADS, trim-beads"})
    void aTrimIsKnownByItsLookAndTakesItsRoom(Sort sort, String kind) {
        Element plain = front(square(EdgingKind.NONE));
        Element trimmed = front(square(EdgingKind.BY_LENGTH, "trimSort", sort, "hangs", Length.inches(3)));
        assertThat(Drawn.classed(trimmed, "path", kind)).isNotEmpty();
        assertThat(Drawn.classed(plain, "path", kind)).isEmpty();
        double more = Double.parseDouble(trimmed.getAttribute("width")) - width(plain);
        assertThat(more).isCloseTo(2 * 3 * SCALE, within(0.2));
    }

    private static double width(Element svg) {
        return Double.parseDouble(svg.getAttribute("width"));
    }

    /** A thread for about each eighth of its depth, and none longer than that. */
    @Test
    void fringeHangsInThreadsAsLongAsItIs() {
        Element trimmed = front(square(EdgingKind.BY_LENGTH, "trimSort", Sort.FRINGE, "hangs", Length.inches(2)));
        String d = Drawn.classed(trimmed, "path", "trim-fringe").get(0).getAttribute("d");
        Matcher thread =
                Pattern.compile("M([-\\d.]+) ([-\\d.]+)l([-\\d.]+) ([-\\d.]+)").matcher(d);
        int threads = 0;
        while (thread.find()) {
            double x = Double.parseDouble(thread.group(3));
            double y = Double.parseDouble(thread.group(4));
            assertThat(Math.hypot(x, y)).isCloseTo(2 * SCALE, within(0.3));
            threads++;
        }
        assertThat(threads).isGreaterThan((int) (4 * 20 / (2.0 / 8)) - 4);
    }

    /** A tassel at each corner; piping all round in one line; a ruffle in its own cloth's print. */
    @Test
    void whatGoesRoundIsDrawnOfItsOwnCloth() {
        assertThat(Drawn.classed(front(square(EdgingKind.CORNERS)), "path", "trim-tassel"))
                .as("threads and a knot at each corner")
                .hasSize(8);
        List<Element> cord = Drawn.classed(front(square(EdgingKind.PIPING)), "path", "cord");
        assertThat(cord).hasSize(1);
        assertThat(Double.parseDouble(cord.get(0).getAttribute("stroke-width"))).isPositive();
        Element ruffle = Drawn.classed(front(square(EdgingKind.RUFFLE)), "path", "trim-ruffle")
                .get(0);
        assertThat(ruffle.getAttribute("fill")).startsWith("url(#drawn-");
    }

    /** Tapes say what they measure, and are as long as it is. */
    @Test
    void tapesAreToScale() {
        CoverPlan plan = square(EdgingKind.NONE);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Element svg = Drawn.read(drawing(plan).write(PieceDrawing.measured(reckoned.front())));
        List<Element> tapes = Drawn.classed(svg, "rect", "tape");
        assertThat(tapes).hasSize(2);
        double cut = reckoned.front().cutWidth().toInches() * SCALE;
        assertThat(Stream.of("width", "height").mapToDouble(side -> longest(tapes, side)))
                .allSatisfy(side -> assertThat(side).isCloseTo(cut, within(0.1)));
        assertThat(svg.getTextContent()).contains("20");
    }

    private static double longest(List<Element> tapes, String side) {
        return tapes.stream()
                .mapToDouble(tape -> Double.parseDouble(tape.getAttribute(side)))
                .max()
                .orElseThrow();
    }

    /** What somebody typed is words, never markup. */
    @Test
    void aClothsNameCannotBreakOut() {
        CoverPlan plan = square(EdgingKind.NONE);
        CoverPlan named = plan.withCloths(plan.cloths()
                .changing(plan.cloths().front().id(), cloth -> cloth.withName("\"><b>linen</b> & 'silk'")));
        Element svg = front(named);
        assertThat(Drawn.all(svg, "b")).isEmpty();
        assertThat(svg.getAttribute("aria-label")).contains("\"><b>linen</b> & 'silk'");
    }
}
