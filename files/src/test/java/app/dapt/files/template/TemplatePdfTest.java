package app.dapt.files.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Paths;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.files.paper.Paper;
import app.dapt.files.paper.Printed;
import app.dapt.files.paper.Printed.Line;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.words.OffsetWords;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Templates on paper: sheets that are cut out, laid on each other and glued. */
class TemplatePdfTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);
    private static final double MARGIN = TemplatePdf.MARGIN;

    private static List<Template> templates(Kind<Shape> shape, int across, int upDown) {
        CoverPlan plan = DefaultPlan.plan(
                        "Engineer’s V ⅞ ☃",
                        Mark.EIGHTH,
                        shape,
                        Form.overCrown(Length.inches(across), Length.inches(upDown)))
                .withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH));
        return Template.whole(Reckoner.reckon(plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM))));
    }

    /** What is printed, and how it lies on its sheets. */
    private record Print(Paper paper, List<Template> templates, List<Tiling> tilings, List<Printed> pages) {

        static Print of(Paper paper, List<Template> templates) {
            TemplatePdf pdf = new TemplatePdf(WORDS, paper);
            return new Print(
                    paper,
                    templates,
                    pdf.tilings(templates),
                    Printed.pages(pdf.write("Engineer’s V ⅞ ☃", templates, templates)));
        }

        Tiling.Frame frame() {
            return new TemplatePdf(WORDS, paper).frame();
        }

        List<Tile> tiles() {
            List<Tile> tiles = new ArrayList<>();
            for (Tiling tiling : tilings) {
                tiling.sheets().forEach(place -> tiles.add(new Tile(tiling, place, pages.get(tiles.size() + 1))));
            }
            return tiles;
        }

        /** The pages of distances, after everything else. */
        List<Printed> tables() {
            return pages.subList(1 + tiles().size(), pages.size());
        }
    }

    /** A tile of a tiling, and the page it is printed on. */
    private record Tile(Tiling tiling, Tiling.Place place, Printed page) {

        boolean hasNext(int columns, int rows) {
            return tiling.sheets().contains(new Tiling.Place(place.column() + columns, place.row() + rows));
        }
    }

    /** What is printed on which paper. */
    private enum Of {
        VEE_ON_A4(Paper.A4, ShapeKind.VEE, 34, 25),
        VEE_ON_LETTER(Paper.LETTER, ShapeKind.VEE, 30, 22),
        ROUND_ON_LETTER(Paper.LETTER, ShapeKind.ROUND, 16, 16);

        private final Paper paper;
        private final Kind<Shape> shape;
        private final int across;
        private final int upDown;

        Of(Paper paper, Kind<Shape> shape, int across, int upDown) {
            this.paper = paper;
            this.shape = shape;
            this.across = across;
            this.upDown = upDown;
        }

        Print printed() {
            return Print.of(paper, templates(shape, across, upDown));
        }
    }

    @ParameterizedTest
    @EnumSource
    void wordsStayOnThePaperAndNoneLieOnOthers(Of what) {
        Print print = what.printed();
        for (Printed page : print.pages()) {
            assertThat(page.wide()).isCloseTo(print.paper().size().getWidth() / 72 * 25.4, within(.01));
            assertThat(page.words()).isNotEmpty().allSatisfy(said -> {
                assertThat(said.left()).as(said.text()).isGreaterThanOrEqualTo(MARGIN - .1);
                assertThat(said.right()).as(said.text()).isLessThanOrEqualTo(page.wide() - MARGIN + .1);
                assertThat(said.baseline()).as(said.text()).isBetween(MARGIN, page.high() - MARGIN + .1);
            });
            for (int i = 0; i < page.words().size(); i++) {
                for (int k = 0; k < i; k++) {
                    Printed.Words one = page.words().get(i);
                    Printed.Words other = page.words().get(k);
                    assertThat(one.touches(other)).as("%s and %s", one, other).isFalse();
                }
            }
        }
    }

    /** Two squares to hold a ruler to, and a map of each template on which every sheet has its place and page. */
    @ParameterizedTest
    @EnumSource
    void theFirstPageTellsWhatGoesWhere(Of what) {
        Print print = what.printed();
        Printed first = print.pages().get(0);
        assertThat(first.lines().get(0).isBox(50, 50)).isTrue();
        assertThat(first.lines().get(1).isBox(50.8, 50.8)).isTrue();
        assertThat(first.lines().get(0).right()).isLessThan(first.lines().get(1).left());
        for (String size : List.of("5 cm", "2 in")) {
            assertThat(first.saying(size)).hasSize(1);
        }
        Tiling.Frame frame = print.frame();
        int page = 2;
        double above = first.lines().get(1).bottom();
        for (Tiling tiling : print.tilings()) {
            double scale = Math.min(.08, 45 / tiling.template().height());
            List<Line> boxes = new ArrayList<>();
            for (Tiling.Place place : tiling.sheets()) {
                String said = (char) ('A' + place.column()) + "" + (place.row() + 1) + ": " + page++;
                Printed.Words number = first.saying(said).get(0);
                List<Line> round = first.lines().stream()
                        .filter(line -> line.isBox(frame.wide() * scale, frame.high() * scale))
                        .filter(line -> Math.abs(line.left() + 1.5 - number.left()) < .1
                                && Math.abs(line.top() + 4.5 - number.baseline()) < .1)
                        .toList();
                assertThat(round).as(said).hasSize(1);
                boxes.add(round.get(0));
                Tiling.Place origin = tiling.sheets().get(0);
                assertThat(round.get(0).left() - boxes.get(0).left())
                        .isCloseTo((place.column() - origin.column()) * frame.acrossStep() * scale, within(.05));
                assertThat(round.get(0).top() - boxes.get(0).top())
                        .isCloseTo((place.row() - origin.row()) * frame.downStep() * scale, within(.05));
            }
            double top = boxes.stream().mapToDouble(Line::top).min().orElseThrow();
            assertThat(top).as("below the one before").isGreaterThan(above);
            above = boxes.stream().mapToDouble(Line::bottom).max().orElseThrow();
            assertThat(above).isLessThan(first.high() - MARGIN / 2);
            Line cut = drawnAt(first, tiling, scale);
            assertThat(cut.left())
                    .as("the template behind its numbers")
                    .isCloseTo(
                            boxes.get(0).left()
                                    - (tiling.left() + tiling.sheets().get(0).column() * frame.acrossStep()) * scale,
                            within(.1));
        }
    }

    private static Line drawnAt(Printed page, Tiling tiling, double scale) {
        double cut = Paths.length(tiling.template().paths().get(0).points());
        return page.lines().stream()
                .filter(line -> Math.abs(line.length() - cut * scale) < .02 * cut * scale)
                .findFirst()
                .orElseThrow();
    }

    /** Cut, laid on its neighbours' lines and glued, a tile shows its part of the template at its true size. */
    @ParameterizedTest
    @EnumSource
    void everyTileShowsTheTemplateAtItsTrueSizeAndPlace(Of what) {
        Print print = what.printed();
        Tiling.Frame frame = print.frame();
        for (Tile tile : print.tiles()) {
            Point start = tile.tiling().template().paths().get(0).points().get(0);
            Line cut = tile.page().lines().get(0);
            double whole = Paths.length(tile.tiling().template().paths().get(0).points());
            assertThat(cut.thick()).as("the heaviest line").isCloseTo(1.6 / 72 * 25.4, within(.01));
            assertThat(cut.dashed()).isFalse();
            assertThat(tile.page().lines().get(1).thick()).isLessThan(cut.thick());
            assertThat(tile.page().lines().get(1).dashed())
                    .as("where it is sewn")
                    .isTrue();
            assertThat(cut.points().get(0).x() + tile.place().column() * frame.acrossStep())
                    .isCloseTo(MARGIN - tile.tiling().left() + start.x(), within(.1));
            assertThat(cut.points().get(0).y() + tile.place().row() * frame.downStep())
                    .isCloseTo(MARGIN - tile.tiling().top() + start.y(), within(.1));
            assertThat(cut.length())
                    .isBetween(whole - .5, whole + tile.tiling().template().height() * 2);
        }
    }

    /** Diamonds stand where two sheets meet, half of each of them on either. */
    @ParameterizedTest
    @EnumSource
    void theMarksOfNeighboursMeet(Of what) {
        Print print = what.printed();
        Tiling.Frame frame = print.frame();
        List<Point> met = new ArrayList<>();
        int neighbours = 0;
        for (Tile tile : print.tiles()) {
            Printed page = tile.page();
            assertThat(page.lines().stream().filter(line -> line.isBox(frame.wide(), frame.high())))
                    .as("its frame")
                    .singleElement()
                    .satisfies(box -> assertThat(List.of(box.left(), box.top()))
                            .allSatisfy(edge -> assertThat(edge).isCloseTo(MARGIN, within(.05))));
            boolean right = tile.hasNext(1, 0);
            boolean below = tile.hasNext(0, 1);
            assertThat(page.lines().stream().filter(line -> isLaidOn(line, frame, true)))
                    .as("the line the next is laid on")
                    .hasSize(right ? 1 : 0);
            assertThat(page.lines().stream().filter(line -> isLaidOn(line, frame, false)))
                    .hasSize(below ? 1 : 0);
            neighbours += (right ? 1 : 0) + (below ? 1 : 0);
            int tilings = print.tilings().indexOf(tile.tiling());
            page.lines().stream()
                    .filter(line -> line.isBox(8, 8)
                            && line.points().get(0).x() < line.points().get(1).x() - 1)
                    .map(line -> new Point(
                            (line.left() + line.right()) / 2
                                    + tile.place().column() * frame.acrossStep()
                                    + tilings * 10_000,
                            (line.top() + line.bottom()) / 2 + tile.place().row() * frame.downStep()))
                    .forEach(met::add);
        }
        assertThat(neighbours).isPositive();
        assertThat(met).hasSize(2 * neighbours);
        for (Point mark : met) {
            assertThat(met.stream().filter(other -> Math.hypot(other.x() - mark.x(), other.y() - mark.y()) < .1))
                    .as("%s, and the one that meets it", mark)
                    .hasSize(2);
        }
    }

    private static boolean isLaidOn(Line line, Tiling.Frame frame, boolean upright) {
        double at = upright ? line.left() : line.top();
        double size = upright ? frame.wide() : frame.high();
        double long_ = upright ? line.bottom() - line.top() : line.right() - line.left();
        return line.points().size() == 2
                && line.dashed()
                && Math.abs(at - (MARGIN + size - TemplatePdf.OVERLAP)) < .05
                && Math.abs(long_ - (upright ? frame.high() : frame.wide())) < .05;
    }

    /** Every distance of every piece stands in its table, in columns from the top, on as many pages as that takes. */
    @ParameterizedTest
    @EnumSource
    void theFiguresAreAllThereInColumns(Of what) {
        Print print = what.printed();
        List<String> wanted = print.templates().stream()
                .flatMap(template -> Offsets.of(template, Unit.INCH).rows().stream())
                .map(row -> read(OffsetWords.row(row, WORDS)))
                .toList();
        double column = (print.pages().get(0).wide() - 2 * MARGIN) / 4;
        List<String> told = new ArrayList<>();
        for (Printed table : print.tables()) {
            double before = 0;
            int in = 0;
            for (Printed.Words words : table.words()) {
                if (!wanted.contains(read(words.text()))) {
                    continue;
                }
                told.add(read(words.text()));
                int now = (int) Math.round((words.left() - MARGIN) / column);
                assertThat(words.left()).as(words.text()).isCloseTo(MARGIN + now * column, within(.5));
                assertThat(now).isBetween(0, 3);
                if (now == in) {
                    assertThat(words.baseline()).as(words.text()).isGreaterThan(before + 5);
                }
                in = now;
                before = words.baseline();
            }
        }
        assertThat(told).isEqualTo(wanted);
        assertThat(new TemplatePdf(WORDS, print.paper()).sheets(print.templates()))
                .isEqualTo(print.tiles().size());
    }

    /** As it is extracted: fractions by their characters, without what only joins. */
    private static String read(String said) {
        return Normalizer.normalize(said, Normalizer.Form.NFKC).replaceAll("[\\s\u2060\u200a]+", "");
    }
}
