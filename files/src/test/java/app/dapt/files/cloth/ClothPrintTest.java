package app.dapt.files.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cloth.Scrap;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.cloth.ClothFiles.Listing;
import app.dapt.files.drawing.Drawn;
import app.dapt.files.drawing.Markup;
import app.dapt.files.paper.Paper;
import app.dapt.files.paper.Printed;
import app.dapt.files.paper.Printed.Line;
import app.dapt.form.Form;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.w3c.dom.Element;

/** A layout on paper and as vectors, measured: along the cloth runs to the right, across it from the bottom up. */
class ClothPrintTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
    private static final double MARGIN = 12;
    private static final double GAP = 60;
    private static final Pattern NUMBERS = Pattern.compile("-?\\d+(\\.\\d+)?");

    private static ClothUse use() {
        CoverPlan plan = DefaultPlan.plan(
                        "Galley stool",
                        Mark.EIGHTH,
                        ShapeKind.OBLONG,
                        Form.overCrown(Length.inches(24), Length.inches(14)))
                .withOpening(OpeningKind.ENVELOPE.usual(Unit.INCH));
        return ClothUse.of(List.of(new ClothUse.Of("1", Reckoner.reckon(plan), 2))).stream()
                .filter(each -> each.wanted().size() > 1)
                .findFirst()
                .orElseThrow();
    }

    private static Layout onBolt() {
        ClothUse use = use();
        return LayoutProblem.of(use.cloth(), use.wanted(), LayoutChoices.usual(use.cloth(), Unit.INCH), Unit.INCH)
                .atOnce();
    }

    private static Layout onRemnants() {
        ClothUse use = use();
        Scrap.Spoilt stain = new Scrap.Spoilt(Length.cm(90), Length.cm(3), Length.cm(8), Length.cm(6));
        Scrap large = new Scrap(
                "long end",
                Stream.of(new int[] {0, 0}, new int[] {100, 0}, new int[] {100, 120}, new int[] {0, 120})
                        .map(at -> new Scrap.Corner(Length.cm(at[0]), Length.cm(at[1])))
                        .toList(),
                List.of(stain));
        LayoutChoices choices = LayoutChoices.usual(use.cloth(), Unit.INCH)
                .at(true, List.of(large, Scrap.rectangle("offcut", Length.cm(70), Length.cm(80))));
        return LayoutProblem.of(use.cloth(), use.wanted(), choices, Unit.INCH).atOnce();
    }

    private static List<Double> numbers(String text) {
        List<Double> numbers = new ArrayList<>();
        Matcher number = NUMBERS.matcher(text);
        while (number.find()) {
            numbers.add(Double.parseDouble(number.group()));
        }
        return numbers;
    }

    /** A path of SVG as a line. */
    private static Line line(Element path) {
        List<Double> numbers = numbers(path.getAttribute("d"));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i + 1 < numbers.size(); i += 2) {
            points.add(new Point(numbers.get(i), numbers.get(i + 1)));
        }
        return new Line(points, false, 0);
    }

    private static double down(ClothSheet sheet, Spot spot) {
        return sheet.across() - spot.across().toMm() - spot.wide().toMm();
    }

    private static void isWhereItLies(Line cut, ClothSheet sheet, Spot spot, double scale) {
        assertThat(cut.left()).isCloseTo(spot.along().toMm() * scale, within(.02));
        assertThat(cut.top()).isCloseTo(down(sheet, spot) * scale, within(.02));
        assertThat(cut.right() - cut.left()).isCloseTo(spot.deep().toMm() * scale, within(.02));
        assertThat(cut.bottom() - cut.top()).isCloseTo(spot.wide().toMm() * scale, within(.02));
    }

    @Test
    void theSvgHasEveryPieceAtItsPlaceWithItsNumberInItsMiddle() {
        Layout laid = onBolt();
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Element svg = Drawn.read(new ClothFiles(WORDS, "Wren").svg(List.of(sheet)));
        List<Element> cuts = Drawn.classed(svg, "path", "cut");
        List<Element> numbers = Drawn.all(svg, "text");
        assertThat(cuts).hasSameSizeAs(laid.spots()).hasSizeGreaterThan(2);
        for (int i = 0; i < cuts.size(); i++) {
            Line cut = line(cuts.get(i));
            isWhereItLies(cut, sheet, laid.spots().get(i), 1);
            assertThat(cuts.get(i).getAttribute("d")).endsWith("Z");
            assertThat(numbers.get(i).getTextContent()).startsWith(i + 1 + " ");
            assertThat(Drawn.number(numbers.get(i), "x")).isCloseTo((cut.left() + cut.right()) / 2, within(.02));
            assertThat(Drawn.number(numbers.get(i), "y")).isCloseTo((cut.top() + cut.bottom()) / 2, within(.02));
        }
        assertThat(svg.getAttribute("height"))
                .as("the cloth, and room below it")
                .isEqualTo(Markup.number(sheet.across() + GAP) + "mm");
        assertThat(svg.getAttribute("viewBox"))
                .isEqualTo("0 0 " + Markup.number(sheet.along()) + " " + Markup.number(sheet.across() + GAP));
        Line cloth = line(Drawn.classed(svg, "path", "cloth").get(0));
        assertThat(cloth.right() - cloth.left()).isCloseTo(sheet.along(), within(.02));
        assertThat(cloth.bottom() - cloth.top()).isCloseTo(sheet.across(), within(.02));
        assertThat(Drawn.classed(svg, "path", "cut").get(0).getAttribute("stroke-dasharray"))
                .isEqualTo("none");
        assertThat(Drawn.classed(svg, "path", "cloth").get(0).getAttribute("stroke-dasharray"))
                .isEqualTo("6.0 4.0");
        assertThat(Drawn.classed(svg, "path", "straight"))
                .hasSameSizeAs(sheet.cuts())
                .allSatisfy(cut -> assertThat(cut.getAttribute("d")).doesNotContain("Z"));
    }

    /** By the edge that is the piece's up, a fifth of its narrower side high, its tip towards that edge. */
    @Test
    void anArrowPointsToWhereThePieceIsUp() {
        Layout laid = onBolt();
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Element svg = Drawn.read(new ClothFiles(WORDS, "Wren").svg(List.of(sheet)));
        List<Element> arrows = Drawn.classed(svg, "path", "up");
        assertThat(arrows).hasSameSizeAs(laid.spots());
        for (int i = 0; i < arrows.size(); i++) {
            Line cut = line(Drawn.classed(svg, "path", "cut").get(i));
            List<Point> arrow = line(arrows.get(i)).points();
            ClothSheet.PlacedPiece piece = sheet.pieces().get(i);
            double size = .18 * Math.min(cut.right() - cut.left(), cut.bottom() - cut.top());
            // Along is to the right, across upwards.
            double upX = piece.upY();
            double upY = -piece.upX();
            Point tip = arrow.get(0);
            Point base = new Point(
                    (arrow.get(1).x() + arrow.get(2).x()) / 2,
                    (arrow.get(1).y() + arrow.get(2).y()) / 2);
            assertThat(tip.x() - base.x()).isCloseTo(upX * size, within(.05));
            assertThat(tip.y() - base.y()).isCloseTo(upY * size, within(.05));
            assertThat(Math.hypot(
                            arrow.get(1).x() - arrow.get(2).x(),
                            arrow.get(1).y() - arrow.get(2).y()))
                    .isCloseTo(size * 2 / 3, within(.05));
            double middleX = (cut.left() + cut.right()) / 2;
            double middleY = (cut.top() + cut.bottom()) / 2;
            double half = (upX == 0 ? cut.bottom() - cut.top() : cut.right() - cut.left()) / 2;
            assertThat((tip.x() - middleX) * upX + (tip.y() - middleY) * upY).isCloseTo(.92 * half, within(.05));
            assertThat((tip.x() - middleX) * upY + (tip.y() - middleY) * upX).isCloseTo(0, within(.05));
        }
    }

    /** One remnant below the other, each with its name under it, in SVG as in DXF. */
    @Test
    void remnantsLieBelowEachOther() {
        Layout laid = onRemnants();
        List<ClothSheet> sheets = ClothSheet.of(laid);
        assertThat(sheets).hasSize(2);
        assertThat(sheets.get(0).pieces()).isNotEmpty();
        Element svg = Drawn.read(new ClothFiles(WORDS, "Wren").svg(sheets));
        List<Element> groups = Drawn.all(svg, "g");
        assertThat(groups)
                .extracting(g -> g.getAttribute("transform"))
                .containsExactly(
                        "translate(0 0)",
                        "translate(0 " + Markup.number(sheets.get(0).across() + GAP) + ")");
        for (int i = 0; i < 2; i++) {
            Element name = Drawn.all(groups.get(i), "text").stream()
                    .reduce((one, other) -> other)
                    .orElseThrow();
            assertThat(name.getTextContent()).isEqualTo(sheets.get(i).name().orElseThrow());
            assertThat(Drawn.number(name, "y")).isCloseTo(sheets.get(i).across() + GAP / 3, within(.02));
            assertThat(Drawn.number(name, "x")).isZero();
        }
        Line stain = line(Drawn.classed(svg, "path", "spoilt").get(0));
        assertThat(List.of(stain.left(), stain.right())).containsExactly(30.0, 90.0);
        assertThat(List.of(stain.top(), stain.bottom()))
                .as("from the far selvage")
                .containsExactly(20.0, 100.0);
        String dxf = new ClothFiles(WORDS, "Wren").dxf(sheets);
        List<Double> downs = new ArrayList<>();
        Matcher y = Pattern.compile("VERTEX\r\n  8\r\nCLOTH\r\n 10\r\n([-.\\d]+)\r\n 20\r\n([-.\\d]+)")
                .matcher(dxf);
        while (y.find()) {
            downs.add(-Double.parseDouble(y.group(2)));
        }
        assertThat(downs.subList(0, 4))
                .allSatisfy(at -> assertThat(at).isBetween(-.01, sheets.get(0).across() + .01));
        assertThat(downs.subList(4, 8).stream().mapToDouble(at -> at).min().orElseThrow())
                .isCloseTo(sheets.get(0).across() + GAP, within(.01));
        assertThat(dxf).containsSubsequence("long end", "offcut");
        Matcher words = Pattern.compile("TEXT\r\n  8\r\nWORDS\r\n 10\r\n0.0000\r\n 20\r\n([-.\\d]+)")
                .matcher(dxf);
        List<Double> names = new ArrayList<>();
        while (words.find()) {
            names.add(-Double.parseDouble(words.group(1)));
        }
        assertThat(names.get(0)).isCloseTo(sheets.get(0).across() + GAP / 3, within(.01));
        assertThat(names.get(1))
                .isCloseTo(sheets.get(0).across() + GAP + sheets.get(1).across() + GAP / 3, within(.01));
    }

    /** As large as the paper lets, one way or the other, below its title. */
    @ParameterizedTest
    @EnumSource
    void aPageShowsItsClothAsLargeAsItGoes(Paper paper) {
        Layout laid = onBolt();
        List<ClothSheet> sheets = ClothSheet.of(laid);
        Printed page = Printed.pages(new ClothFiles(WORDS, "Wren").pdf(laid, sheets, paper, List.of()))
                .get(0);
        assertThat(page.wide()).as("landscape").isGreaterThan(page.high());
        Line cloth = page.lines().get(0);
        double scale = (cloth.right() - cloth.left()) / sheets.get(0).along();
        assertThat((cloth.bottom() - cloth.top()) / sheets.get(0).across()).isCloseTo(scale, within(1e-3));
        assertThat(cloth.left()).isCloseTo(MARGIN, within(.02));
        assertThat(cloth.top()).isCloseTo(MARGIN + 12, within(.02));
        boolean wide = Math.abs(cloth.right() - (page.wide() - MARGIN)) < .1;
        boolean high = Math.abs(cloth.bottom() - (page.high() - MARGIN - 2)) < .1;
        assertThat(wide || high)
                .as("%s on %s by %s", cloth, page.wide(), page.high())
                .isTrue();
        assertThat(cloth.right()).isLessThan(page.wide() - MARGIN + .1);
        assertThat(cloth.bottom()).isLessThan(page.high() - MARGIN + .1);
        for (Spot spot : laid.spots()) {
            double left = MARGIN + spot.along().toMm() * scale;
            double top = MARGIN + 12 + down(sheets.get(0), spot) * scale;
            assertThat(page.lines())
                    .filteredOn(line ->
                            line.isBox(spot.deep().toMm() * scale, spot.wide().toMm() * scale))
                    .anySatisfy(line -> {
                        assertThat(line.left()).isCloseTo(left, within(.05));
                        assertThat(line.top()).isCloseTo(top, within(.05));
                        assertThat(line.thick()).isCloseTo(1.2 / 72 * 25.4, within(.01));
                    });
        }
        for (int i = 0; i < laid.spots().size(); i++) {
            Spot spot = laid.spots().get(i);
            double left = MARGIN + spot.along().toMm() * scale;
            double top = MARGIN + 12 + down(sheets.get(0), spot) * scale;
            assertThat(page.saying(String.valueOf(i + 1))).anySatisfy(number -> {
                assertThat(number.left()).isBetween(left, left + spot.deep().toMm() * scale);
                assertThat(number.baseline()).isCloseTo(top + spot.wide().toMm() * scale / 2, within(.1));
            });
        }
        assertThat(page.saying("Wren: " + laid.cloth().name())).hasSize(1);
        assertThat(page.lines().stream().anyMatch(Line::dashed))
                .as("the cloth's edge")
                .isTrue();
    }

    /** All lines in their order, down one column and then the next, each but a heading with its box to tick. */
    @ParameterizedTest
    @EnumSource
    void whatIsToBeDoneIsListedInColumns(Paper paper) {
        Layout laid = onBolt();
        List<String> pieces = IntStream.range(0, 70).mapToObj(i -> "piece " + i).toList();
        List<String> cuts = IntStream.range(0, 9).mapToObj(i -> "cut " + i).toList();
        List<Printed> pages = Printed.pages(new ClothFiles(WORDS, "Wren")
                .pdf(laid, List.of(), paper, List.of(new Listing("Pieces", pieces), new Listing("Cutting", cuts))));
        List<String> wanted = Stream.of(Stream.of("Pieces"), pieces.stream(), Stream.of("Cutting"), cuts.stream())
                .flatMap(each -> each)
                .toList();
        int perColumn = (int) ((pages.get(0).high() - 2 * MARGIN) / 7.5);
        assertThat(pages)
                .hasSize((wanted.size() + 2 * perColumn - 1) / (2 * perColumn))
                .hasSizeGreaterThan(1);
        for (int i = 0; i < wanted.size(); i++) {
            Printed page = pages.get(i / (2 * perColumn));
            int column = i % (2 * perColumn) / perColumn;
            String line = wanted.get(i);
            boolean heading = !line.contains(" ");
            Printed.Words said = page.words().stream()
                    .filter(words -> words.text().strip().equals(line))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(line));
            double left = MARGIN + column * (page.wide() / 2 - MARGIN);
            double baseline = MARGIN + i % perColumn * 7.5 + 5;
            assertThat(said.left()).as(line).isCloseTo(left + (heading ? 0 : 6), within(.6));
            assertThat(said.baseline()).as(line).isCloseTo(baseline, within(.05));
            assertThat(page.lines().stream()
                            .filter(box -> box.isBox(3.8, 3.8))
                            .filter(box ->
                                    Math.abs(box.left() - left) < .05 && Math.abs(box.top() - baseline + 3.4) < .05))
                    .as(line)
                    .hasSize(heading ? 0 : 1);
        }
    }
}
