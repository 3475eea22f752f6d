package app.dapt.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Corners;
import app.dapt.cover.shape.Rectangular;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element.Role;
import app.dapt.files.TemplatePdf.Paper;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.StringReader;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** Templates read back by readers that know nothing of how they were written, and measured. */
class TemplateTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    private static CoverPlan cover(Kind<Shape> shape, int across, int upDown) {
        CoverPlan plan = DefaultPlan.plan(
                "Template", Mark.EIGHTH, shape, Form.overCrown(Length.inches(across), Length.inches(upDown)));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM))
                .withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH));
    }

    private static List<Template> round() {
        return Template.of(Reckoner.reckon(cover(ShapeKind.ROUND, 16, 16)));
    }

    private static List<Template> vee() {
        return Template.of(Reckoner.reckon(cover(ShapeKind.VEE, 34, 25)));
    }

    @Test
    void aHalfIsDrawnOnItsFoldAndNeverCutThere() {
        Template front = round().get(0);
        assertThat(front.width()).isCloseTo(17 * 25.4 / 2, within(0.1));
        assertThat(front.paths())
                .extracting(path -> path.role())
                .containsExactly(Role.CUT, Role.SEAM, Role.FOLD, Role.GRAIN);
        List<Point> cut = front.paths().get(0).points();
        assertThat(front.paths().get(0).closed()).isFalse();
        assertThat(cut.get(0).x()).isCloseTo(front.width(), within(0.02));
        assertThat(cut.get(cut.size() - 1).x()).isCloseTo(front.width(), within(0.02));
        assertThat(length(cut)).as("half the way round").isCloseTo(Math.PI * 17 * 25.4 / 2, within(1.0));
    }

    @Test
    void aTaperedCoverHasOneCornerForAllOfThem() {
        CoverPlan plan = cover(ShapeKind.SQUARE, 18, 18).withShape(new Rectangular(false, Corners.TAPERED));
        assertThat(Template.of(Reckoner.reckon(plan))).singleElement().satisfies(corner -> assertThat(corner.width())
                .isBetween(4.0 * 25.4, 8.0 * 25.4));
        assertThat(Template.of(Reckoner.reckon(cover(ShapeKind.SQUARE, 18, 18))))
                .isEmpty();
    }

    private static double length(List<Point> points) {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += Math.hypot(
                    points.get(i).x() - points.get(i - 1).x(),
                    points.get(i).y() - points.get(i - 1).y());
        }
        return length;
    }

    /** Collects the lines a page strokes, in millimetres from its top left corner. */
    private static final class Strokes extends PDFGraphicsStreamEngine {

        private final List<List<Point>> lines = new ArrayList<>();
        private List<Point> line = new ArrayList<>();
        private final double height;

        private Strokes(PDPage page) throws IOException {
            super(page);
            height = page.getMediaBox().getHeight();
            processPage(page);
        }

        private void at(double x, double y) {
            line.add(new Point(x / 72 * 25.4, (height - y) / 72 * 25.4));
        }

        @Override
        public void moveTo(float x, float y) {
            line = new ArrayList<>();
            at(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            at(x, y);
        }

        @Override
        public void closePath() {
            line.add(line.get(0));
        }

        @Override
        public void strokePath() {
            lines.add(line);
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Float(0, 0);
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int windingRule) {}

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

        @Override
        public void endPath() {}

        @Override
        public void fillPath(int windingRule) {}

        @Override
        public void fillAndStrokePath(int windingRule) {}

        @Override
        public void shadingFill(COSName shadingName) {}
    }

    /** How far to the right any words reach, in points. */
    private static float rightmost(PDDocument document) throws IOException {
        float[] most = {0};
        new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions) {
                positions.forEach(
                        position -> most[0] = Math.max(most[0], position.getXDirAdj() + position.getWidthDirAdj()));
            }
        }.getText(document);
        return most[0];
    }

    @ParameterizedTest
    @EnumSource
    void everyTileOfThePdfShowsTheTemplateAtItsTrueSizeAndPlace(Paper paper) throws IOException {
        try (PDDocument document =
                Loader.loadPDF(new TemplatePdf(WORDS, paper).write("Engineer’s V ⅞ ☃", vee(), vee()))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("A1: 2", "Front", "on the fold", "Engineer");
            assertThat(rightmost(document))
                    .as("no line runs off the paper")
                    .isLessThan(document.getPage(0).getMediaBox().getWidth() - 20);
            List<List<Point>> first = new Strokes(document.getPage(0)).lines;
            assertThat(first).anySatisfy(square -> assertThat(length(square)).isCloseTo(200, within(0.1)));
            assertThat(first).anySatisfy(square -> assertThat(length(square)).isCloseTo(8 * 25.4, within(0.1)));

            Tiling front = new TemplatePdf(WORDS, paper).tilings(vee()).get(0);
            Tiling.Frame frame = new TemplatePdf(WORDS, paper).frame();
            double cut = length(front.template().paths().get(0).points());
            for (int i = 0; i < front.sheets().size(); i++) {
                List<Point> line = new Strokes(document.getPage(i + 1)).lines.get(0);
                assertThat(length(line)).as("as long as the line itself").isCloseTo(cut, within(0.5));
                Point start = front.template().paths().get(0).points().get(0);
                Tiling.Place place = front.sheets().get(i);
                assertThat(line.get(0).x() + place.column() * frame.acrossStep())
                        .as("each tile shows it further on by a tile less the overlap")
                        .isCloseTo(TemplatePdf.MARGIN - front.left() + start.x(), within(0.1));
                assertThat(line.get(0).y() + place.row() * frame.downStep())
                        .isCloseTo(TemplatePdf.MARGIN - front.top() + start.y(), within(0.1));
            }
        }
    }

    static Stream<Template> templates() {
        return Stream.of(round(), vee(), Template.whole(Reckoner.reckon(cover(ShapeKind.VEE, 34, 25))))
                .flatMap(List::stream);
    }

    @ParameterizedTest
    @MethodSource("templates")
    void theSheetsShowAllOfATemplateAndNoneShowsNothing(Template template) {
        Tiling.Frame frame = new TemplatePdf(WORDS, Paper.A4).frame();
        Tiling tiling = Tiling.of(template, frame);
        double whole = template.outline().area();
        assertThat(tiling.template().outline().area()).isCloseTo(whole, within(whole * 1e-6));
        int shown = 0;
        for (Point point : tiling.template().outline().points()) {
            boolean isShown = tiling.sheets().stream().anyMatch(place -> {
                double left = tiling.left() + place.column() * frame.acrossStep();
                double top = tiling.top() + place.row() * frame.downStep();
                return point.x() > left - 1e-6
                        && point.x() < left + frame.wide() + 1e-6
                        && point.y() > top - 1e-6
                        && point.y() < top + frame.high() + 1e-6;
            });
            assertThat(isShown).as("%s of %s", point, tiling).isTrue();
            shown++;
        }
        assertThat(shown).isPositive();
        assertThat(tiling.sheets()).hasSizeLessThanOrEqualTo(plainly(template, frame));
        assertThat(tiling.least()).as("no sliver").isGreaterThan(frame.wide() * frame.high() / 50);
    }

    /** The sheets of the template laid as it stands, from its corner. */
    private static int plainly(Template template, Tiling.Frame frame) {
        return (int) (Math.ceil((template.width() - frame.overlap()) / frame.acrossStep())
                * Math.ceil((template.height() - frame.overlap()) / frame.downStep()));
    }

    @Test
    void piecesThatAreCutAlikeShareATemplateAndAWholeOneIsTwiceTheHalf() {
        CoverPlan sewnShut = cover(ShapeKind.VEE, 34, 25).withOpening(OpeningKind.SEWN_SHUT.usual(Unit.INCH));
        Template both = Template.of(Reckoner.reckon(sewnShut)).get(0);
        assertThat(Template.of(Reckoner.reckon(sewnShut))).hasSize(1);
        assertThat(WORDS.say(both.name())).isEqualTo("Front and Back");
        assertThat(WORDS.say(both.note())).isEqualTo("cut 2 on the fold");
        Template whole = Template.whole(Reckoner.reckon(sewnShut)).get(0);
        assertThat(whole.outline().area())
                .isCloseTo(2 * both.outline().area(), within(whole.outline().area() * 1e-3));
    }

    @Test
    void piecesThatDifferOnlyInWhereTheyEndNestInOneHalf() throws IOException {
        CoverPlan flapped = cover(ShapeKind.VEE, 34, 25).withOpening(OpeningKind.ARM_FLAP.usual(Unit.INCH));
        Reckoned reckoned = Reckoner.reckon(flapped);
        Template nested = Template.fewest(reckoned).get(0);
        assertThat(Template.fewest(reckoned)).hasSize(1);
        assertThat(nested.isFolded()).isTrue();
        assertThat(nested.written())
                .extracting(each -> WORDS.say(each.words()))
                .containsExactlyInAnyOrder("Front, right half and Back, left half", "Back, right half");
        assertThat(WORDS.say(nested.note())).contains("outermost line is Front, left half");
        // The outermost half and the plain one make the front between them.
        double plain = Template.of(Reckoner.reckon(flapped.withOpening(OpeningKind.SEWN_SHUT.usual(Unit.INCH))))
                .get(0)
                .outline()
                .area();
        double front = Template.whole(reckoned).get(0).outline().area();
        assertThat(nested.outline().area()).isCloseTo(front - plain, within(front * 1e-3));
        assertThat(new TemplatePdf(WORDS, Paper.A4).sheets(List.of(nested))).isLessThanOrEqualTo(12);

        CoverPlan round = cover(ShapeKind.ROUND, 16, 16).withOpening(OpeningKind.ENVELOPE.usual(Unit.INCH));
        Template half = Template.fewest(Reckoner.reckon(round)).get(0);
        assertThat(half.outline().area())
                .isCloseTo(
                        round().get(0).outline().area(), within(half.outline().area() * 1e-3));
        assertThat(half.written())
                .extracting(each -> WORDS.say(each.words()))
                .containsExactlyInAnyOrder("Upper back", "Lower back");
        try (PDDocument pdf = Loader.loadPDF(new TemplatePdf(WORDS, Paper.A4).write("Round", List.of(half), round()))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Upper back", "Lower back");
        }
    }

    @Test
    void namesPrintInAnyScriptAndFractionsAsFractions() throws IOException {
        String names = "Kissen Ærø Подушка Μαξιλάρι ოთახი कुर्सी 枕カバー 베개 หมอน";
        try (PDDocument pdf =
                Loader.loadPDF(new TemplatePdf(WORDS, Paper.A4).write(names + " כרית وسادة", vee(), vee()))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains(names.split(" ")).doesNotContain("\ufffd").doesNotContain("?");
            assertThat(Normalizer.normalize(text, Normalizer.Form.NFKC)).contains("כרית");
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                }
            }
        }
        try (PDDocument pdf = Loader.loadPDF(new TemplatePdf(WORDS, Paper.A4).write("9⅞ 3\u20448 ½", vee(), vee()))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("3\u20448", "1\u20442");
        }
    }

    @Test
    void theSvgIsInMillimetresAndMeasuresWhatTheTemplateDoes() throws Exception {
        Document svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(new TemplateSvg(WORDS).write("Round & <true>", round()))));
        Element root = svg.getDocumentElement();
        assertThat(root.getAttribute("viewBox"))
                .isEqualTo("0 0 " + root.getAttribute("width").replace("mm", "") + " "
                        + root.getAttribute("height").replace("mm", ""));
        NodeList paths = svg.getElementsByTagName("path");
        List<Point> cut = new ArrayList<>();
        Matcher point =
                Pattern.compile("[ML](-?[\\d.]+) (-?[\\d.]+)").matcher(((Element) paths.item(0)).getAttribute("d"));
        while (point.find()) {
            cut.add(new Point(Double.parseDouble(point.group(1)), Double.parseDouble(point.group(2))));
        }
        assertThat(length(cut)).isCloseTo(Math.PI * 17 * 25.4 / 2, within(1.0));
    }

    /** A reader of DXF's pairs of group codes and values, knowing polylines and their layers. */
    private static List<List<Point>> polylines(String dxf, String layer) {
        String[] lines = dxf.split("\r\n");
        assertThat(lines.length % 2).as("codes and values come in pairs").isZero();
        List<List<Point>> found = new ArrayList<>();
        String entity = "";
        String on = "";
        double x = 0;
        for (int i = 0; i < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            String value = lines[i + 1];
            if (code == 0) {
                entity = value;
            } else if (code == 8) {
                on = value;
                if (entity.equals("POLYLINE") && on.equals(layer)) {
                    found.add(new ArrayList<>());
                }
            } else if (entity.equals("VERTEX") && code == 10) {
                x = Double.parseDouble(value);
            } else if (entity.equals("VERTEX") && code == 20 && on.equals(layer)) {
                found.get(found.size() - 1).add(new Point(x, -Double.parseDouble(value)));
            }
        }
        return found;
    }

    @Test
    void theDxfHasALayerARoleAndItsLinesMeasureTrue() {
        String dxf = new TemplateDxf(WORDS).write(vee());
        assertThat(dxf).contains("AC1009").endsWith("  0\r\nEOF\r\n").matches("[\\x00-\\x7e]*");
        List<List<Point>> cuts = polylines(dxf, "CUT");
        assertThat(cuts).hasSameSizeAs(vee());
        for (int i = 0; i < cuts.size(); i++) {
            assertThat(length(cuts.get(i)))
                    .isCloseTo(length(vee().get(i).paths().get(0).points()), within(0.01));
        }
        assertThat(polylines(dxf, "SEAM")).hasSameSizeAs(cuts);
        assertThat(polylines(dxf, "TEST")).singleElement().satisfies(square -> assertThat(length(square))
                .isCloseTo(150, within(0.01)));
    }
}
