package app.dapt.files.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.DefaultPlan;
import app.dapt.cover.decision.Cloths;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Box;
import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Line;
import app.dapt.drawing.Element.Note;
import app.dapt.drawing.Element.Paint;
import app.dapt.drawing.Element.Part;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Ring;
import app.dapt.drawing.Element.Role;
import app.dapt.drawing.Element.Shade;
import app.dapt.drawing.Element.Spot;
import app.dapt.drawing.Element.Stuff;
import app.dapt.drawing.Element.Tape;
import app.dapt.drawing.Element.Trim;
import app.dapt.drawing.Element.Turning;
import app.dapt.drawing.Element.Zone;
import app.dapt.drawing.Looks;
import app.dapt.drawing.Sheet;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.w3c.dom.Element;

/** Each thing that can be drawn, alone on a sheet of 20 by 10 inches at ten user units to the inch. */
class SvgElementsTest {

    private static final Length WIDE = Length.inches(20);
    private static final Length HIGH = Length.inches(10);
    private static final Cloths CLOTHS = DefaultPlan.plan(
                    "Hatch", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(18), Length.inches(18)))
            .cloths();
    private static final Box BOX = new Box(Length.inches(2), Length.inches(3), Length.inches(7), Length.inches(5));

    private static Length in(int inches) {
        return Length.inches(inches);
    }

    private static Words words(Mark mark) {
        return new Words(Wordbook.load(English.US, "craft"), mark);
    }

    private static Element drawn(Mark mark, double scale, app.dapt.drawing.Element... elements) {
        return drawn(mark, scale, Optional.empty(), elements);
    }

    private static Element drawn(
            Mark mark, double scale, Optional<Contour> clip, app.dapt.drawing.Element... elements) {
        Sheet sheet = new Sheet(WIDE, HIGH, List.of(elements), clip, Length.ZERO, false, Phrase.of("piece.front"));
        return Drawn.read(new SvgDrawing(CLOTHS, words(mark), new Pen(scale), "d").write(sheet));
    }

    private static Element drawn(app.dapt.drawing.Element... elements) {
        return drawn(Mark.EIGHTH, 10, elements);
    }

    private static void isBox(Element rect) {
        assertThat(Drawn.number(rect, "x")).isEqualTo(20);
        assertThat(Drawn.number(rect, "y")).isEqualTo(30);
        assertThat(Drawn.number(rect, "width")).isEqualTo(70);
        assertThat(Drawn.number(rect, "height")).isEqualTo(50);
    }

    @Test
    void theSheetHasItsSizeAndAThinMargin() {
        Element svg = drawn();
        assertThat(svg.getAttribute("viewBox")).isEqualTo("0 0 204 104");
        assertThat(svg.getAttribute("aria-label")).isEqualTo("Front");
        assertThat(Drawn.all(svg, "g").get(0).getAttribute("transform")).isEqualTo("translate(2 2)");
    }

    /** Cloth in its print; its wrong side is dimmed, a part of it can be pointed at. */
    @Test
    void clothIsDrawnWhereItLies() {
        Element plain = drawn(new Stuff(BOX, Material.BACK, true, true, "front", Part.NONE));
        List<Element> rects = Drawn.classed(plain, "rect", "");
        assertThat(Drawn.all(plain, "pattern"))
                .singleElement()
                .satisfies(pattern -> assertThat(pattern.getAttribute("id")).isEqualTo("d-back-turned"));
        assertThat(rects)
                .filteredOn(rect -> rect.getAttribute("fill").equals("url(#d-back-turned)"))
                .singleElement()
                .satisfies(SvgElementsTest::isBox);
        assertThat(Drawn.classed(plain, "rect", "wrong-side")).isEmpty();
        assertThat(Drawn.classed(plain, "rect", "zone")).isEmpty();
        Element wrong = drawn(new Stuff(BOX, Material.BACK, false, false, "front", Part.OVERLAP));
        isBox(Drawn.classed(wrong, "rect", "wrong-side").get(0));
        Element zone = Drawn.classed(wrong, "rect", "part-overlap").get(0);
        isBox(zone);
        assertThat(zone.getAttribute("data-piece")).isEqualTo("front");
    }

    @Test
    void boxesAreDrawnByWhatTheyStandFor() {
        Element svg = drawn(new Turning(BOX, "back", Part.HEM), new Zone(BOX, Part.BODY), new Shade(BOX));
        Element turning = Drawn.classed(svg, "rect", "turning").get(0);
        assertThat(turning.getAttribute("class")).isEqualTo("turning part-hem");
        assertThat(turning.getAttribute("data-piece")).isEqualTo("back");
        isBox(turning);
        isBox(Drawn.classed(svg, "rect", "zone").get(0));
        isBox(Drawn.classed(svg, "rect", "shade").get(0));
    }

    private static List<Point> square(double from, double to) {
        return List.of(new Point(from, from), new Point(to, from), new Point(to, to), new Point(from, to));
    }

    @Test
    void linesPathsAndRingsRunWhereTheyAre() {
        Element svg = drawn(
                new Line(Role.FINISHED_EDGE, in(1), in(2), in(3), in(4)),
                new Path(Role.TEETH, List.of(new Point(0, 25.4), new Point(50.8, 25.4)), false),
                new Ring(new Contour(square(0, 254)), new Contour(square(25.4, 228.6)), "front", Part.ALLOWANCE));
        Element line = Drawn.classed(svg, "line", "l-finished-edge").get(0);
        assertThat(List.of("x1", "y1", "x2", "y2"))
                .extracting(line::getAttribute)
                .containsExactly("10", "20", "30", "40");
        Element teeth = Drawn.classed(svg, "path", "l-teeth").get(0);
        assertThat(teeth.getAttribute("d")).isEqualTo("M0 10L20 10");
        assertThat(Drawn.classed(svg, "path", "zip-tape"))
                .singleElement()
                .satisfies(tape -> assertThat(tape.getAttribute("d")).isEqualTo("M0 10L20 10"));
        Element ring = Drawn.classed(svg, "path", "part-allowance").get(0);
        assertThat(ring.getAttribute("d")).isEqualTo("M0 0L100 0L100 100L0 100ZM10 10L90 10L90 90L10 90Z");
        assertThat(ring.getAttribute("fill-rule")).isEqualTo("evenodd");
        Element other = drawn(new Path(Role.SEAM, square(0, 25.4), true));
        assertThat(Drawn.classed(other, "path", "zip-tape")).isEmpty();
        assertThat(Drawn.classed(other, "path", "l-seam").get(0).getAttribute("d"))
                .endsWith("Z");
    }

    @Test
    void aTurnedCornerIsAPatchOfItsCloth() {
        Element svg = drawn(new Patch(square(0, 25.4), Material.FRONT, false, false));
        assertThat(Drawn.all(svg, "path"))
                .filteredOn(path -> path.getAttribute("d").equals("M0 0L10 0L10 10L0 10Z"))
                .extracting(path -> path.getAttribute("fill") + path.getAttribute("class"))
                .containsExactly("url(#d-front-upright)", "patch-edge wrong-side");
        assertThat(Drawn.classed(drawn(new Patch(square(0, 9), Material.FRONT, true, true)), "path", "wrong-side"))
                .isEmpty();
    }

    /** Cloth and straight lines end at the outline; tapes, words and the outline itself do not. */
    @Test
    void clothEndsWhereItsOutlineDoes() {
        Element svg = drawn(
                Mark.EIGHTH,
                10,
                Optional.of(new Contour(square(0, 254))),
                new Stuff(BOX, Material.FRONT, true, false, "front", Part.NONE),
                new Line(Role.SEAM, in(0), in(1), in(9), in(1)),
                new Path(Role.CUT, square(0, 254), true),
                new Note(Phrase.of("piece.front"), in(1), in(1), Optional.empty()));
        Element clipped = Drawn.all(svg, "g").stream()
                .filter(g -> g.getAttribute("clip-path").equals("url(#d-clip)"))
                .findFirst()
                .orElseThrow();
        assertThat(Drawn.all(clipped, "rect")).hasSize(1);
        assertThat(Drawn.all(clipped, "line")).hasSize(1);
        assertThat(Drawn.all(clipped, "path")).isEmpty();
        assertThat(Drawn.all(clipped, "text")).isEmpty();
        assertThat(Drawn.classed(svg, "path", "l-cut")).hasSize(1);
        assertThat(Drawn.all(svg, "text")).hasSize(1);
        assertThat(Drawn.all(svg, "clipPath")).hasSize(1);
    }

    /** Words stand away from the edge that their place lies at. */
    @ParameterizedTest
    @CsvSource({"TOP, 50, 67, middle", "BOTTOM, 50, 43, middle", "LEFT, 57, 55, start", "RIGHT, 43, 55, end"})
    void aNoteStandsOnTheClothsSide(Side edge, double x, double y, String anchor) {
        Element text = Drawn.classed(
                        drawn(new Note(Phrase.of("piece.front"), in(5), in(5), Optional.of(edge))), "text", "t-mark")
                .get(0);
        assertThat(Drawn.number(text, "x")).isEqualTo(x);
        assertThat(Drawn.number(text, "y")).isEqualTo(y);
        assertThat(text.getAttribute("text-anchor")).isEqualTo(anchor);
        assertThat(text.getTextContent()).isEqualTo("Front");
    }

    @Test
    void aLabelHangsFromItsPlaceStandsOnItOrIsInTheMiddle() {
        Element hangs = drawn(new Label(Phrase.of("piece.front"), in(5), in(5), false, false));
        Element tag = Drawn.classed(hangs, "rect", "tag").get(0);
        assertThat(Drawn.number(tag, "x")).isEqualTo(58);
        assertThat(Drawn.number(tag, "y")).isEqualTo(58);
        assertThat(Drawn.number(tag, "width")).as("five letters").isEqualTo(44.75);
        Element words = Drawn.classed(hangs, "text", "t-label").get(0);
        assertThat(Drawn.number(words, "x")).isEqualTo(65);
        assertThat(Drawn.number(words, "y")).isEqualTo(73.5);
        Element stands = drawn(new Label(Phrase.of("piece.front"), in(5), in(5), true, false));
        assertThat(Drawn.number(Drawn.classed(stands, "rect", "tag").get(0), "y") + 22)
                .isLessThan(50);
        Element middle = Drawn.classed(
                        drawn(new Label(Phrase.of("piece.front"), in(5), in(5), false, true)), "rect", "tag")
                .get(0);
        assertThat(Drawn.number(middle, "x") + Drawn.number(middle, "width") / 2)
                .isCloseTo(50, within(.01));
        assertThat(Drawn.number(middle, "y") + Drawn.number(middle, "height") / 2)
                .isCloseTo(50, within(.01));
    }

    /** A button as large as it is, never too small to see; a buttonhole along the way it runs; a tie. */
    @Test
    void spotsLookLikeWhatTheyAre() {
        Element svg = drawn(
                new Spot(Marking.Sort.BUTTON, in(4), in(6), in(1), Axis.ACROSS),
                new Spot(Marking.Sort.BUTTON, in(4), in(6), Length.mm(2), Axis.ACROSS),
                new Spot(Marking.Sort.BUTTONHOLE, in(1), in(2), in(2), Axis.UP_DOWN),
                new Spot(Marking.Sort.BUTTONHOLE, in(1), in(2), in(2), Axis.ACROSS),
                new Spot(Marking.Sort.TIE, in(1), in(2), in(1), Axis.ACROSS),
                new Spot(Marking.Sort.TIE, in(1), in(2), in(1), Axis.UP_DOWN));
        assertThat(Drawn.classed(svg, "circle", "button"))
                .extracting(button -> button.getAttribute("r"))
                .containsExactly("5", "3");
        assertThat(Drawn.classed(svg, "path", "button-holes").get(0).getAttribute("d"))
                .isEqualTo("M-1.67 0h.01M1.67 0h.01");
        assertThat(Drawn.classed(svg, "g", "spot-button").get(0).getAttribute("transform"))
                .isEqualTo("translate(40 60)");
        assertThat(Drawn.classed(svg, "path", "chalk"))
                .extracting(chalk -> chalk.getAttribute("d"))
                .containsExactly("M0 -10V10M-3 0H3", "M-10 0H10M0 -3V3");
        assertThat(Drawn.classed(svg, "path", "tie-loose"))
                .extracting(tie -> tie.getAttribute("d"))
                .satisfiesExactly(
                        level -> assertThat(level).startsWith("M0 0c4 -3 7 -6 14 -3"),
                        upright -> assertThat(upright).startsWith("M0 0c-3 4 -6 7 -3 14"));
    }

    private static Tape tape(Axis axis, boolean before) {
        return new Tape(axis, in(2), in(1), in(8), before, Phrase.of("piece.front"));
    }

    /** Before the cloth with its figure on it, or beyond with its words beside it; the sheet has room for either. */
    @ParameterizedTest
    @CsvSource({
        "ACROSS, true, 20, -22, 80, 17", "ACROSS, false, 20, 15, 80, 17",
        "UP_DOWN, true, -2, 10, 17, 80", "UP_DOWN, false, 25, 10, 17, 80",
    })
    void aTapeLiesBesideWhatItMeasures(Axis axis, boolean before, double x, double y, double wide, double high) {
        Element svg = drawn(tape(axis, before));
        Element tape = Drawn.classed(svg, "rect", "tape").get(0);
        double top = axis == Axis.ACROSS && before ? y + 10 : y;
        assertThat(((Element) tape.getParentNode()).getAttribute("transform")).isEqualTo(Pen.moved(x, top));
        assertThat(Drawn.number(tape, "width")).isEqualTo(wide);
        assertThat(Drawn.number(tape, "height")).isEqualTo(high);
        List<Element> figures = Drawn.classed(svg, "text", before ? "t-tape" : "t-figure");
        assertThat(figures).singleElement().satisfies(figure -> assertThat(figure.getTextContent())
                .startsWith("8"));
        assertThat(Drawn.classed(svg, "text", "t-note")).hasSize(before ? 0 : 1);
        double room = axis == Axis.ACROSS ? Drawn.number(svg, "height") - 100 : Drawn.number(svg, "width") - 200;
        assertThat(room).as("for the tape and the other margin").isGreaterThan(25);
        if (before) {
            Element face = Drawn.classed(svg, "rect", "tape-figure").get(0);
            assertThat(Drawn.number(face, "x")).as("about the middle").isEqualTo(-Drawn.number(face, "width") / 2);
            assertThat(((Element) face.getParentNode()).getAttribute("transform"))
                    .isEqualTo(axis == Axis.ACROSS ? "translate(40 0)" : "translate(0 40) rotate(-90)");
        }
    }

    /** The sheet has room for a tape and its words at each side that has one, and a hair's breadth at the others. */
    @ParameterizedTest
    @CsvSource({
        "ACROSS, true, piece.front, 206, 129", "ACROSS, false, piece.front, 206, 170",
        "UP_DOWN, true, piece.front, 229, 129", "UP_DOWN, false, piece.front, 285, 129",
        "UP_DOWN, false, tape.width, 325, 129",
    })
    void theSheetIsAsLargeAsItsTapesAsk(Axis axis, boolean before, String words, double wide, double high) {
        Element svg = drawn(new Tape(axis, in(2), in(1), in(8), before, Phrase.of(words)));
        assertThat(Drawn.number(svg, "width")).isEqualTo(wide);
        assertThat(Drawn.number(svg, "height")).isEqualTo(high);
    }

    /** Words of a tape stand beyond it, its length after them. */
    @ParameterizedTest
    @CsvSource({"ACROSS, 40, 33, 96, 33, middle", "UP_DOWN, 24, 37, 24, 54, start"})
    void theWordsOfATapeStandBesideIt(Axis axis, double x, double y, double figureX, double figureY, String anchor) {
        Element svg = drawn(tape(axis, false));
        Element words = Drawn.classed(svg, "text", "t-note").get(0);
        Element figure = Drawn.classed(svg, "text", "t-figure").get(0);
        assertThat(Drawn.number(words, "x")).isEqualTo(x);
        assertThat(Drawn.number(words, "y")).isEqualTo(y);
        assertThat(Drawn.number(figure, "x")).isEqualTo(figureX);
        assertThat(Drawn.number(figure, "y")).isEqualTo(figureY);
        assertThat(List.of(words, figure))
                .extracting(text -> text.getAttribute("text-anchor"))
                .containsOnly(anchor);
        assertThat(words.getTextContent()).isEqualTo("Front");
    }

    /** What stands out makes room all round and moves the tapes out with it; a fraction is one character wide. */
    @Test
    void whatStandsOutMakesRoom() {
        Tape tape = tape(Axis.ACROSS, true);
        Sheet sheet = new Sheet(WIDE, HIGH, List.of(tape), Optional.empty(), in(1), false, Phrase.of("piece.front"));
        Element svg = Drawn.read(new SvgDrawing(CLOTHS, words(Mark.EIGHTH), new Pen(10), "d").write(sheet));
        assertThat(Drawn.number(svg, "width")).isEqualTo(206 + 20);
        assertThat(Drawn.number(svg, "height")).isEqualTo(129 + 20);
        assertThat(((Element) Drawn.classed(svg, "rect", "tape").get(0).getParentNode()).getAttribute("transform"))
                .isEqualTo("translate(20 -22)");
        Element odd =
                drawn(new Tape(Axis.ACROSS, in(0), in(0), Length.inches(12, 3, 8), true, Phrase.of("tape.width")));
        assertThat(Drawn.number(Drawn.classed(odd, "rect", "tape-figure").get(0), "width"))
                .as("12⅜: three characters")
                .isEqualTo(3 * 7 + 10);
    }

    /** A motif of the front's print lies in the middle where it is to; the back's is left as it falls. */
    @Test
    void thePrintIsCentredOnTheFront() {
        Sheet sheet = new Sheet(
                WIDE,
                HIGH,
                List.of(
                        new Stuff(BOX, Material.FRONT, true, false, "front", Part.NONE),
                        new Stuff(BOX, Material.BACK, true, false, "back", Part.NONE)),
                Optional.empty(),
                Length.ZERO,
                true,
                Phrase.of("piece.front"));
        Element svg = Drawn.read(new SvgDrawing(CLOTHS, words(Mark.EIGHTH), new Pen(10), "d").write(sheet));
        List<Element> patterns = Drawn.all(svg, "pattern");
        double tile = Drawn.number(patterns.get(0), "width");
        assertThat(patterns.get(0).getAttribute("patternTransform"))
                .isEqualTo(Pen.moved(100 - tile / 2, 50 - Drawn.number(patterns.get(0), "height") / 2));
        assertThat(patterns.get(1).getAttribute("patternTransform")).isEqualTo("rotate(0)");
    }

    @Test
    void aClothIsChosenByAPatchOfIt() {
        Element patch = Drawn.read(SvgDrawing.patch(CLOTHS.front(), "w-1"));
        assertThat(patch.getAttribute("viewBox")).isEqualTo("0 0 72 44");
        assertThat(Drawn.all(patch, "pattern").get(0).getAttribute("id")).isEqualTo("w-1");
        assertThat(Drawn.all(patch, "rect"))
                .filteredOn(rect -> rect.getAttribute("fill").equals("url(#w-1)"))
                .singleElement()
                .satisfies(rect -> assertThat(rect.getAttribute("width") + " " + rect.getAttribute("height"))
                        .isEqualTo("72 44"));
        assertThat(patch.getAttribute("aria-hidden")).isEqualTo("true");
    }

    /** An area that reaches beyond the outline is not cut off at it; a turned patch is in its cloth upside down. */
    @Test
    void whatReachesBeyondTheOutlineIsNotCutOff() {
        List<List<Point>> here = List.of(square(0, 25.4));
        Element svg = drawn(
                Mark.EIGHTH,
                10,
                Optional.of(new Contour(square(0, 254))),
                new app.dapt.drawing.Element.Area(here, new Paint.Tone(.5), false),
                new app.dapt.drawing.Element.Area(here, new Paint.Cast(), true),
                new Patch(square(0, 25.4), Material.BACK, true, true));
        Element clipped = Drawn.all(svg, "g").stream()
                .filter(g -> g.hasAttribute("clip-path"))
                .findFirst()
                .orElseThrow();
        assertThat(Drawn.classed(clipped, "path", "lit")).hasSize(1);
        assertThat(Drawn.classed(clipped, "path", "cast")).isEmpty();
        assertThat(Drawn.classed(svg, "path", "cast")).hasSize(1);
        assertThat(Drawn.all(svg, "pattern"))
                .extracting(pattern -> pattern.getAttribute("id"))
                .containsExactly("d-back-turned");
    }

    /** As many ticks as there is room for: inches, halves from twelve units to the inch, quarters from 28. */
    @ParameterizedTest
    @CsvSource({"EIGHTH, 11.9, 7", "EIGHTH, 12, 15", "EIGHTH, 28, 31", "MILLIMETRE, 25.4, 20"})
    void aTapeHasAsManyTicksAsThereIsRoomFor(Mark mark, double scale, int ticks) {
        Element svg = drawn(mark, scale, tape(Axis.ACROSS, false));
        String d = Drawn.classed(svg, "path", "ticks").get(0).getAttribute("d");
        assertThat(d.split("M")).hasSize(ticks + 1);
    }

    @Test
    void pipingIsACordWithATwistAndNeverTooThinToSee() {
        List<Point> edge = List.of(new Point(0, 0), new Point(254, 0));
        for (int tenths : List.of(1, 10)) {
            Element svg =
                    drawn(new Trim(Looks.PIPING, edge, Length.inches(tenths).times(1, 10), Material.TRIM));
            double thick = Math.max(2.2, tenths);
            assertThat(Drawn.number(Drawn.classed(svg, "path", "cord").get(0), "stroke-width"))
                    .isEqualTo(thick);
            assertThat(Drawn.number(Drawn.classed(svg, "path", "cord-edge").get(0), "stroke-width"))
                    .isCloseTo(thick + 1.6, within(.01));
            assertThat(Drawn.number(Drawn.classed(svg, "path", "cord-twist").get(0), "stroke-width"))
                    .isCloseTo(thick * .8, within(.01));
        }
        Element rickrack = drawn(new Trim(Looks.RICKRACK, edge, Length.inches(1), Material.TRIM));
        assertThat(Drawn.number(Drawn.classed(rickrack, "path", "trim-rickrack").get(0), "stroke-width"))
                .isCloseTo(10.0 / 3, within(.01));
    }

    /** Areas by their paint: ground, ink, light, shadow, a gap. */
    @Test
    void anAreaIsPaintedWithItsPaint() {
        List<List<Point>> here = List.of(square(0, 25.4));
        Element svg = drawn(
                new app.dapt.drawing.Element.Area(here, new Paint.Ground(Material.FRONT, true)),
                new app.dapt.drawing.Element.Area(here, new Paint.Ground(Material.BACK, false)),
                new app.dapt.drawing.Element.Area(here, new Paint.Tone(.3)),
                new app.dapt.drawing.Element.Area(here, new Paint.Tone(-.2)),
                new app.dapt.drawing.Element.Area(here, new Paint.Gap()),
                new app.dapt.drawing.Element.Area(here, new Paint.Cast()),
                new app.dapt.drawing.Element.Area(List.of(), new Paint.Cast()));
        assertThat(Drawn.all(svg, "path"))
                .allSatisfy(path -> assertThat(path.getAttribute("d")).isEqualTo("M0 0l10 0l0 10l-10 0Z"))
                .extracting(path -> path.getAttribute("class"))
                .containsExactly("", "", "wrong-side", "lit", "dim", "gap", "cast");
        assertThat(Drawn.all(svg, "path").get(0).getAttribute("fill"))
                .isEqualTo(CLOTHS.front().colour());
        assertThat(Drawn.classed(svg, "path", "lit").get(0).getAttribute("fill-opacity"))
                .isEqualTo("0.3");
        assertThat(Drawn.classed(svg, "path", "dim").get(0).getAttribute("fill-opacity"))
                .isEqualTo("0.2");
    }
}
