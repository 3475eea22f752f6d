package app.dapt.files.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.RandomPlans;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.ClothUse;
import app.dapt.cover.Reckoner;
import app.dapt.files.drawing.Drawn;
import app.dapt.files.drawing.Pen;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** The bolt as drawn is the layout, to scale. */
class SvgClothTest {

    private static final double SCALE = 6;
    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    private static final List<Layout> LAYOUTS = IntStream.range(40, 47)
            .mapToObj(seed -> RandomPlans.plan(new Random(seed)))
            .flatMap(plan ->
                    ClothUse.of(List.of(new ClothUse.Of("3", Reckoner.reckonWithoutRemedies(plan, plan.mark()), 2)))
                            .stream())
            .map(use -> LayoutProblem.of(
                            use.cloth(), use.wanted(), LayoutChoices.usual(use.cloth(), Unit.INCH), Unit.INCH)
                    .atOnce())
            .filter(laid -> !laid.spots().isEmpty())
            .toList();

    static Stream<Layout> layouts() {
        return LAYOUTS.stream();
    }

    private static Rectangle2D bounds(String d) {
        Path2D path = new Path2D.Double();
        for (String step : d.replace("Z", "").split("(?=[ML])")) {
            String[] at = step.substring(1).trim().split(" ");
            if (step.charAt(0) == 'M') {
                path.moveTo(Double.parseDouble(at[0]), Double.parseDouble(at[1]));
            } else {
                path.lineTo(Double.parseDouble(at[0]), Double.parseDouble(at[1]));
            }
        }
        return path.getBounds2D();
    }

    @ParameterizedTest
    @MethodSource("layouts")
    void everyPieceIsDrawnWhereItLiesAndLeadsToItself(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        String svg = new SvgCloth(
                        WORDS,
                        new Pen(SCALE),
                        "b",
                        Optional.of(copy -> Map.of("href", "/to?piece=" + copy)),
                        laid.spots().get(0).copy())
                .write(sheet);
        Element drawn = Drawn.read(svg);
        List<Element> pieces = Drawn.classed(drawn, "a", "lain");
        assertThat(pieces).hasSameSizeAs(laid.spots());
        for (int i = 0; i < pieces.size(); i++) {
            Spot spot = laid.spots().get(i);
            assertThat(pieces.get(i).getAttribute("href")).isEqualTo("/to?piece=" + spot.copy());
            assertThat(pieces.get(i).getAttribute("aria-label")).startsWith(i + 1 + ":");
            Rectangle2D cut =
                    bounds(Drawn.classed(drawn, "path", "lain-edge").get(i).getAttribute("d"));
            if (spot.wanted().piece().outline().isEmpty()) {
                assertThat(cut.getMinX()).isCloseTo(spot.across().toInches() * SCALE, within(.02));
                assertThat(cut.getMinY()).isCloseTo(spot.along().toInches() * SCALE, within(.02));
                assertThat(cut.getWidth()).isCloseTo(spot.wide().toInches() * SCALE, within(.02));
                assertThat(cut.getHeight()).isCloseTo(spot.deep().toInches() * SCALE, within(.02));
            } else {
                assertThat(cut.getWidth()).isLessThanOrEqualTo(spot.wide().toInches() * SCALE + .1);
            }
        }
        assertThat(Drawn.classed(drawn, "a", "current")).hasSize(1);
        long straight =
                laid.cuts().stream().filter(cut -> cut.round().isEmpty()).count();
        assertThat(Drawn.classed(drawn, "path", "cut-stroke")).hasSize((int) straight);
        assertThat(Drawn.classed(drawn, "path", "offcut")).hasSameSizeAs(laid.offcuts());
        assertThat(drawn.getAttribute("aria-label")).contains(laid.spots().size() + " piece");
        assertThat(svg).doesNotContain("‹");
    }

    /** What a place of a drawing comes to on the page, through whatever moves and turns it lies in. */
    private static Point2D onPage(Element element, double x, double y) {
        Point2D at = new Point2D.Double(x, y);
        for (Node each = element; each instanceof Element of; each = each.getParentNode()) {
            if (of.hasAttribute("transform")) {
                at = transform(of.getAttribute("transform")).transform(at, null);
            }
        }
        return at;
    }

    private static AffineTransform transform(String text) {
        AffineTransform all = new AffineTransform();
        Matcher each = Pattern.compile("(\\w+)\\(([^)]*)\\)").matcher(text);
        while (each.find()) {
            double[] n = Stream.of(each.group(2).split("[ ,]+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            all.concatenate(
                    switch (each.group(1)) {
                        case "translate" -> AffineTransform.getTranslateInstance(n[0], n[1]);
                        case "rotate" -> AffineTransform.getRotateInstance(Math.toRadians(n[0]));
                        case "matrix" -> new AffineTransform(n);
                        default -> throw new AssertionError(text);
                    });
        }
        return all;
    }

    /** The bounds on the page of a path or a rectangle. */
    private static Rectangle2D box(Element element) {
        Rectangle2D own = element.hasAttribute("d")
                ? bounds(element.getAttribute("d"))
                : new Rectangle2D.Double(
                        attribute(element, "x"), attribute(element, "y"),
                        attribute(element, "width"), attribute(element, "height"));
        Rectangle2D box = new Rectangle2D.Double();
        box.setFrameFromDiagonal(
                onPage(element, own.getMinX(), own.getMinY()), onPage(element, own.getMaxX(), own.getMaxY()));
        return box;
    }

    private static double attribute(Element element, String name) {
        return element.hasAttribute(name) ? Drawn.number(element, name) : 0;
    }

    private static Point2D place(Element text) {
        return onPage(text, Drawn.number(text, "x"), Drawn.number(text, "y"));
    }

    private static Element only(Element drawn, String name, String kind) {
        List<Element> found = Drawn.classed(drawn, name, kind);
        assertThat(found).as(kind).hasSize(1);
        return found.get(0);
    }

    private static Element drawn(ClothSheet sheet, Words words, double scale) {
        return Drawn.read(new SvgCloth(words, new Pen(scale), "b", Optional.empty(), "").write(sheet));
    }

    private static final Offset<Double> HAIR = within(.05);

    /** Unrolled from left to right, the left selvage below: all that lies on it is where the tape says. */
    @ParameterizedTest
    @MethodSource("layouts")
    void onThePageItIsUnrolledFromLeftToRight(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Element drawn = drawn(sheet, WORDS, SCALE);
        assertThat(drawn.getAttribute("role")).isEqualTo("img");
        assertThat(Drawn.all(drawn, "a")).isEmpty();
        Rectangle2D bare = box(only(drawn, "path", "bare"));
        Rectangle2D tape = box(only(drawn, "rect", "tape"));
        Rectangle2D selvages = box(only(drawn, "rect", "selvage"));
        double mm = SCALE / 25.4;
        assertThat(bare.getWidth()).isCloseTo(sheet.along() * mm, HAIR);
        assertThat(bare.getHeight()).isCloseTo(sheet.across() * mm, HAIR);
        assertThat(tape.getMinX()).isCloseTo(bare.getMinX(), HAIR);
        assertThat(tape.getMaxX()).isCloseTo(bare.getMaxX(), HAIR);
        assertThat(tape.getMaxY()).isLessThan(selvages.getMinY());
        assertThat(selvages.getMinX()).isCloseTo(bare.getMinX(), HAIR);
        assertThat(selvages.getMaxX()).isCloseTo(bare.getMaxX(), HAIR);
        assertThat(bare.getMinY() - selvages.getMinY()).isCloseTo(sheet.selvage() * mm, HAIR);
        assertThat(selvages.getMaxY() - bare.getMaxY()).isCloseTo(sheet.selvage() * mm, HAIR);
        Rectangle2D page = new Rectangle2D.Double(0, 0, Drawn.number(drawn, "width"), Drawn.number(drawn, "height"));
        assertThat(page.contains(selvages)).isTrue();
        assertThat(page.contains(tape)).isTrue();
        assertThat(page.getMaxX() - selvages.getMaxX()).as("no empty margin").isLessThan(20);
        assertThat(page.getMaxY() - selvages.getMaxY()).isLessThan(20);

        List<Element> edges = Drawn.classed(drawn, "path", "lain-edge");
        for (int i = 0; i < sheet.pieces().size(); i++) {
            Contour cut = sheet.pieces().get(i).cut();
            Rectangle2D edge = box(edges.get(i));
            assertThat(edge.getMinX() - bare.getMinX()).isCloseTo(cut.top() * mm, within(1.5));
            assertThat(bare.getMaxY() - edge.getMaxY()).isCloseTo(cut.left() * mm, within(1.5));
        }
        List<Element> strokes = Drawn.classed(drawn, "path", "cut-stroke");
        List<Element> numbers = Drawn.classed(drawn, "circle", "cut-number");
        List<Element> figures = Drawn.classed(drawn, "text", "t-cut");
        for (int i = 0; i < sheet.cuts().size(); i++) {
            ClothSheet.Stroke cut = sheet.cuts().get(i);
            String lights = "cut-" + cut.number();
            Rectangle2D line = box(strokes.get(i));
            assertThat(line.getMinX() - bare.getMinX()).isCloseTo(Math.min(cut.y1(), cut.y2()) * mm, HAIR);
            assertThat(bare.getMaxY() - line.getMaxY()).isCloseTo(Math.min(cut.x1(), cut.x2()) * mm, HAIR);
            assertThat(strokes.get(i).getAttribute("data-lights")).isEqualTo(lights);
            assertThat(numbers.get(i).getAttribute("data-lights")).isEqualTo(lights);
            assertThat(figures.get(i).getTextContent()).isEqualTo(String.valueOf(cut.number()));
            Point2D dot =
                    onPage(numbers.get(i), Drawn.number(numbers.get(i), "cx"), Drawn.number(numbers.get(i), "cy"));
            assertThat(page.contains(dot)).isTrue();
            boolean across = cut.y1() == cut.y2();
            assertThat(dot.getX() - line.getMinX())
                    .as("where its line begins")
                    .isBetween(across ? -.05 : 8, across ? .05 : 11.05);
            assertThat(line.getMaxY() - dot.getY()).isBetween(-.05, 2.05);
            assertThat(place(figures.get(i)).getX()).isCloseTo(dot.getX(), HAIR);
            assertThat(place(figures.get(i)).getY() - dot.getY()).isBetween(3.0, 5.0);
        }
    }

    /** Each says its number; its name too where there is room; an arrow beside it points up as the piece does. */
    @ParameterizedTest
    @MethodSource("layouts")
    void aPieceIsToldInItsMiddle(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Element drawn = drawn(sheet, WORDS, 12);
        List<Element> edges = Drawn.classed(drawn, "path", "lain-edge");
        List<Element> tags = Drawn.classed(drawn, "g", "lain-tag");
        int told = 0;
        for (int i = 0; i < sheet.pieces().size(); i++) {
            ClothSheet.PlacedPiece piece = sheet.pieces().get(i);
            Rectangle2D edge = box(edges.get(i));
            if (edge.getWidth() < 15.5 || edge.getHeight() < 10.5) {
                continue;
            }
            Element tag = tags.get(told++);
            Element text = only(tag, "text", "t-lain");
            Rectangle2D ground = box(only(tag, "rect", "tag"));
            assertThat(ground.getCenterX()).isCloseTo(edge.getCenterX(), within(1.0));
            assertThat(ground.getCenterY()).isCloseTo(edge.getCenterY(), within(1.0));
            assertThat(ground.contains(place(text))).isTrue();
            String name = WORDS.say(piece.spot().wanted().piece().name());
            boolean roomy = edge.getWidth() > 220 && edge.getHeight() > 22;
            assertThat(text.getTextContent()).startsWith(String.valueOf(piece.number()));
            if (roomy) {
                assertThat(text.getTextContent()).isEqualTo(piece.number() + " " + name);
                assertThat(ground.getWidth()).isLessThan(edge.getWidth());
            }
            List<Element> arrows = Drawn.classed(tag, "path", "up-arrow");
            assertThat(arrows).hasSizeBetween(roomy ? 1 : 0, 1);
            for (Element arrow : arrows) {
                Point2D tip = onPage(arrow, 5, 0);
                Point2D tail = onPage(arrow, -5, 0);
                assertThat(tip.getX() - tail.getX()).isCloseTo(10 * piece.upY(), HAIR);
                assertThat(tip.getY() - tail.getY()).isCloseTo(-10 * piece.upX(), HAIR);
                assertThat(ground.contains(tail)).as("beside its number").isFalse();
                assertThat(edge.contains(tip) && edge.contains(tail))
                        .as("on its own piece")
                        .isTrue();
            }
        }
        assertThat(tags).hasSize(told);
    }

    /** Figures stand where they say, as close as they can be read. */
    @ParameterizedTest
    @CsvSource({
        "EIGHTH, 1, 72", "EIGHTH, 2, 36", "EIGHTH, 4, 18", "EIGHTH, 8, 9", "EIGHTH, .5, 200",
        "MILLIMETRE, 1, 200", "MILLIMETRE, 2, 100", "MILLIMETRE, 3, 50", "MILLIMETRE, 8, 20", "MILLIMETRE, 16, 10"
    })
    void theTapeIsFiguredAsCloseAsItCanBeRead(Mark mark, double scale, int every) {
        Cloth cloth = new Cloth("Harbour", "#31507e", Print.PLAIN, Length.inches(54), false, 1200);
        // A remnant may be drawn from anywhere.
        Contour outline = Contour.rectangle(50, 80, 1050, 15080);
        ClothSheet sheet = new ClothSheet(
                cloth,
                Optional.of("Awning"),
                1000,
                15000,
                0,
                outline,
                List.of(),
                List.of(),
                List.of(),
                List.of(Contour.rectangle(60, 100, 80, 120)));
        Words words = new Words(Wordbook.load(English.US, "craft"), mark);
        Element drawn = drawn(sheet, words, scale);
        assertThat(drawn.getAttribute("aria-label")).startsWith("Awning");
        assertThat(Drawn.classed(drawn, "rect", "selvage"))
                .as("a remnant has none")
                .isEmpty();
        Rectangle2D tape = box(only(drawn, "rect", "tape"));
        Rectangle2D spoilt = box(only(drawn, "path", "spoilt"));
        Rectangle2D bare = box(only(drawn, "path", "bare"));
        double mm = scale / 25.4;
        assertThat(bare.getMinX()).isCloseTo(tape.getMinX(), HAIR);
        assertThat(bare.getMinY()).isGreaterThan(tape.getMaxY());
        assertThat(Drawn.number(drawn, "height") - bare.getMaxY()).isBetween(5.0, 20.0);
        assertThat(spoilt.getMinX() - bare.getMinX()).isCloseTo(20 * mm, HAIR);
        assertThat(bare.getMaxY() - spoilt.getMaxY()).isCloseTo(10 * mm, HAIR);
        double unit = mark.unit().metric() ? 10 * mm : scale;
        List<Element> figures = Drawn.classed(drawn, "text", "t-tape");
        List<Element> grounds = Drawn.classed(drawn, "rect", "tape-figure");
        assertThat(figures).isNotEmpty().hasSameSizeAs(grounds);
        for (int i = 0; i < figures.size(); i++) {
            assertThat(figures.get(i).getTextContent()).isEqualTo(String.valueOf((i + 1) * every));
            Point2D at = place(figures.get(i));
            assertThat(at.getX() - tape.getMinX()).isCloseTo((i + 1) * every * unit, HAIR);
            Rectangle2D ground = box(grounds.get(i));
            assertThat(ground.getCenterX()).isCloseTo(at.getX(), HAIR);
            assertThat(tape.contains(ground)).isTrue();
            int digits = figures.get(i).getTextContent().length();
            assertThat(ground.getWidth()).isBetween(7.0 * digits, 7.0 * digits + 8);
        }
        double left = tape.getWidth() - figures.size() * every * unit;
        assertThat(left).as("all that fit").isBetween(0.0, every * unit + 20);
        String ticks = only(drawn, "path", "ticks").getAttribute("d");
        double apart = Double.parseDouble(ticks.substring(1, ticks.indexOf(' ')));
        int small = unit > 4 ? 1 : mark.unit().metric() ? 10 : 3;
        assertThat(apart).isCloseTo(small * unit, HAIR);
    }

    /** What is worth keeping says how large it is, if that can be read there. */
    @ParameterizedTest
    @MethodSource("layouts")
    void anOffcutSaysItsSize(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Element drawn = drawn(sheet, WORDS, 20);
        List<Element> boxes = Drawn.classed(drawn, "path", "offcut");
        List<Element> sizes = Drawn.classed(drawn, "text", "t-offcut");
        int said = 0;
        for (int i = 0; i < sheet.offcuts().size(); i++) {
            String size = WORDS.lengths()
                    .size(
                            sheet.offcuts().get(i).offcut().wide(),
                            sheet.offcuts().get(i).offcut().deep());
            Rectangle2D box = box(boxes.get(i));
            if (said < sizes.size() && sizes.get(said).getTextContent().equals(size)) {
                Point2D at = place(sizes.get(said));
                assertThat(at.getX()).isCloseTo(box.getCenterX(), HAIR);
                assertThat(at.getY()).isCloseTo(box.getCenterY(), within(5.0));
                said++;
            } else {
                assertThat(box.getWidth() < size.length() * 8 || box.getHeight() < 16)
                        .isTrue();
            }
        }
        assertThat(sizes).hasSize(said);
    }

    @ParameterizedTest
    @MethodSource("layouts")
    void itFitsTheTableItIsDrawnOn(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Pen scale = SvgCloth.fitting(sheet, 800, 540);
        String svg = new SvgCloth(WORDS, scale, "b", Optional.empty(), "").write(sheet);
        String[] box = svg.replaceAll("(?s).*?viewBox=\"([^\"]*)\".*", "$1").split(" ");
        double wide = Double.parseDouble(box[2]);
        double high = Double.parseDouble(box[3]);
        assertThat(wide).isLessThanOrEqualTo(800.1);
        assertThat(high).isLessThanOrEqualTo(540.1);
        assertThat(Math.max(wide / 800, high / 540)).as("as large as goes").isGreaterThan(.99);
    }
}
