package app.dapt.files.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.Paths;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.Corners;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Element.Role;
import app.dapt.files.drawing.Drawn;
import app.dapt.files.drawing.Markup;
import app.dapt.files.drawing.Pen;
import app.dapt.files.paper.Paper;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;

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
        assertThat(Paths.length(cut)).as("half the way round").isCloseTo(Math.PI * 17 * 25.4 / 2, within(1.0));
    }

    @Test
    void aTaperedCoverHasOneCornerForAllOfThem() {
        CoverPlan plan = cover(ShapeKind.SQUARE, 18, 18)
                .withShape(Cases.changed(ShapeKind.SQUARE, Unit.INCH, "corners", Corners.TAPERED));
        assertThat(Template.of(Reckoner.reckon(plan))).singleElement().satisfies(corner -> assertThat(corner.width())
                .isBetween(4.0 * 25.4, 8.0 * 25.4));
        assertThat(Template.of(Reckoner.reckon(cover(ShapeKind.SQUARE, 18, 18))))
                .isEmpty();
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
    void theSvgIsInMillimetresAndMeasuresWhatTheTemplateDoes() {
        Element root = Drawn.read(new TemplateSvg(WORDS).write("Round & <true>", round()));
        assertThat(root.getAttribute("viewBox"))
                .isEqualTo("0 0 " + root.getAttribute("width").replace("mm", "") + " "
                        + root.getAttribute("height").replace("mm", ""));
        Element path = Drawn.all(root, "path").get(0);
        List<Point> cut = new ArrayList<>();
        Matcher point = Pattern.compile("[ML](-?[\\d.]+) (-?[\\d.]+)").matcher(path.getAttribute("d"));
        while (point.find()) {
            cut.add(new Point(Double.parseDouble(point.group(1)), Double.parseDouble(point.group(2))));
        }
        assertThat(Paths.length(cut)).isCloseTo(Math.PI * 17 * 25.4 / 2, within(1.0));
    }

    /** One beside the other, two centimetres apart, below a square to hold a ruler to; each named in its middle. */
    @Test
    void inTheSvgTemplatesLieSideBySideWithTheirWords() {
        List<Template> templates = vee();
        Element root = Drawn.read(new TemplateSvg(WORDS).write("V", templates));
        double wide =
                20 + templates.stream().mapToDouble(each -> each.width() + 20).sum();
        double high =
                70 + templates.stream().mapToDouble(Template::height).max().orElseThrow() + 20;
        assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 " + Markup.number(wide) + " " + Markup.number(high));
        Element square = Drawn.all(root, "rect").get(0);
        assertThat(Drawn.number(square, "width")).isEqualTo(50).isEqualTo(Drawn.number(square, "height"));
        assertThat(Drawn.number(square, "y") + 50).isLessThan(70);
        assertThat(Drawn.number(Drawn.all(root, "text").get(0), "x"))
                .as("words beside it")
                .isGreaterThan(Drawn.number(square, "x") + 50);
        List<Element> groups = Drawn.all(root, "g");
        double left = 20;
        for (int i = 0; i < templates.size(); i++) {
            Template template = templates.get(i);
            Element group = groups.get(i);
            assertThat(group.getAttribute("transform")).isEqualTo(Pen.moved(left, 70));
            assertThat(Drawn.all(group, "path")).hasSameSizeAs(template.paths());
            for (int k = 0; k < template.paths().size(); k++) {
                Element path = Drawn.all(group, "path").get(k);
                Role role = template.paths().get(k).role();
                assertThat(path.getAttribute("stroke-dasharray"))
                        .isEqualTo(role == Role.SEAM ? "3 2" : role == Role.FOLD ? "8 2 1 2" : "none");
                assertThat(path.getAttribute("stroke-width")).isEqualTo(role == Role.CUT ? ".6" : ".3");
                assertThat(path.getAttribute("d").endsWith("Z"))
                        .isEqualTo(template.paths().get(k).closed());
            }
            List<Element> words = Drawn.all(group, "text");
            assertThat(words.get(0).getTextContent())
                    .isEqualTo(WORDS.say(template.name()) + ", " + WORDS.say(template.note()));
            assertThat(Drawn.number(words.get(0), "x")).isCloseTo(template.width() / 2, within(.01));
            assertThat(Drawn.number(words.get(0), "y")).isCloseTo(template.height() / 2, within(.01));
            assertThat(words).hasSize(1 + template.written().size());
            for (int k = 0; k < template.written().size(); k++) {
                Template.Written written = template.written().get(k);
                assertThat(words.get(k + 1).getTextContent()).isEqualTo(WORDS.say(written.words()));
                assertThat(words.get(k + 1).getAttribute("transform"))
                        .isEqualTo(Pen.moved(written.at().x(), written.at().y()) + " rotate("
                                + Markup.number(written.degrees()) + ")");
            }
            left += template.width() + 20;
        }
    }
}
