package app.dapt.files.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.RandomPlans;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cover.ClothUse;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.drawing.Drawn;
import app.dapt.files.paper.Paper;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.layout.Wanted;
import app.dapt.layout.Window;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;

/** Layouts as files, and the decisions behind them. */
class ClothFilesTest {

    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    static Stream<ClothUse> uses() {
        return IntStream.range(0, 25)
                .mapToObj(seed -> RandomPlans.plan(new Random(seed)))
                .flatMap(plan ->
                        ClothUse.of(List.of(new ClothUse.Of("1", Reckoner.reckonWithoutRemedies(plan, plan.mark()), 1)))
                                .stream());
    }

    @ParameterizedTest
    @MethodSource("uses")
    void everyPieceStandsInEveryForm(ClothUse use) {
        Layout laid = LayoutProblem.of(
                        use.cloth(), use.wanted(), LayoutChoices.usual(use.cloth(), Unit.INCH), Unit.INCH)
                .atOnce();
        List<ClothSheet> sheets = ClothSheet.of(laid);
        ClothFiles files = new ClothFiles(WORDS, "Wren & <Co>");
        assertThat(files.csv(laid).lines()).hasSize(1 + laid.spots().size());
        Element svg = Drawn.read(files.svg(sheets));
        assertThat(Drawn.all(svg, "title").get(0).getTextContent()).isEqualTo("Wren & <Co>");
        assertThat(count(files.svg(sheets), "class=\"cut\""))
                .isEqualTo(laid.spots().size());
        assertThat(count(files.dxf(sheets), "POLYLINE\r\n  8\r\nCUT\r\n"))
                .isEqualTo(laid.spots().size());
        // As long and as wide as the cloth is to use, in millimetres.
        double along = Double.parseDouble(svg.getAttribute("width").replace("mm", ""));
        assertThat(along).isGreaterThanOrEqualTo(laid.length().toMm() - .01);
    }

    private static int count(String text, String what) {
        return (text.length() - text.replace(what, "").length()) / what.length();
    }

    @Test
    void remnantsAndWhatIsCutRoundStandInEveryFormToo() throws Exception {
        ClothUse use =
                uses().filter(each -> each.wanted().size() > 1).findFirst().orElseThrow();
        Cloth cloth = use.cloth().withWidth(Length.inches(60));
        Scrap torn = new Scrap(
                "Awning & torn",
                List.of(corner(0, 0), corner(280, 10), corner(250, 300), corner(0, 290)),
                List.of(new Scrap.Spoilt(Length.cm(100), Length.cm(20), Length.cm(12), Length.cm(9))));
        LayoutChoices choices = LayoutChoices.usual(cloth, Unit.INCH)
                .cutting(false, false, false)
                .at(true, List.of(torn, Scrap.rectangle("spare", Length.cm(200), Length.cm(200))));
        Layout laid = LayoutProblem.of(cloth, use.wanted(), choices, Unit.INCH).atOnce();
        List<ClothSheet> sheets = ClothSheet.of(laid);
        ClothFiles files = new ClothFiles(WORDS, "Wren");
        assertThat(laid.spots()).isNotEmpty();
        assertThat(sheets).hasSize(2);
        assertThat(count(files.svg(sheets), "class=\"cut\""))
                .isEqualTo(laid.spots().size());
        assertThat(files.svg(sheets)).contains("Awning &amp; torn").doesNotContain("Awning & torn");
        assertThat(count(files.dxf(sheets), "POLYLINE\r\n  8\r\nCUT\r\n"))
                .isEqualTo(laid.spots().size());
        assertThat(files.csv(laid).lines().skip(1))
                .allMatch(line -> line.contains("Awning & torn") || line.contains("spare"));
        assertThat(count(files.svg(sheets), "class=\"spoilt\"")).isEqualTo(1);
        assertThat(files.dxf(sheets)).contains("Awning & torn");
        assertThat(count(files.dxf(sheets), "POLYLINE\r\n  8\r\nSPOILT\r\n")).isEqualTo(1);
        for (Paper paper : Paper.values()) {
            try (PDDocument pdf = Loader.loadPDF(files.pdf(
                    laid,
                    sheets,
                    paper,
                    List.of(
                            new ClothFiles.Listing("Pieces", List.of("1  Front  20 × 20")),
                            new ClothFiles.Listing("Cutting", List.of("1  Cut round 1, Front")))))) {
                String text = new PDFTextStripper().getText(pdf);
                assertThat(text)
                        .contains(
                                "Wren",
                                "Awning & torn",
                                "spare",
                                "Pieces",
                                "Front  20 × 20",
                                "Cutting",
                                "Cut round 1, Front");
                assertThat(pdf.getPage(0).getMediaBox().getWidth())
                        .isEqualTo(paper == Paper.A4 ? 841.89f : 792f, within(1f));
            }
        }
    }

    @Test
    void aSpreadsheetIsGivenNoFormulas() {
        ClothUse use = uses().findFirst().orElseThrow();
        ClothUse named = new ClothUse(
                use.cloth(),
                use.members(),
                use.wanted().stream()
                        .map(w -> new Wanted(w.key(), "=1+1, \"two\"", w.piece(), w.copies()))
                        .toList());
        Layout laid = LayoutProblem.of(
                        named.cloth(), named.wanted(), LayoutChoices.usual(named.cloth(), Unit.INCH), Unit.INCH)
                .atOnce();
        assertThat(new ClothFiles(WORDS, "t").csv(laid)).contains("\"'=1+1, \"\"two\"\"\"");
    }

    @Test
    void decisionsAreReadAsTheyWereWritten() throws BadPlanFile {
        LayoutChoices choices = new LayoutChoices(
                new LayoutChoices.Rules(true, true, false, false),
                new LayoutChoices.Shown(
                        Optional.of(new Window(Length.inches(3, 1, 16), Length.ZERO)),
                        Map.of("1/front", new Window(Length.mm(7), Length.mm(11)))),
                new LayoutChoices.Copies(
                        Map.of("1/back.2", new LayoutChoices.Pin(Length.inches(4), Length.cm(33), true, false, 1)),
                        Set.of("1/back.1"),
                        Set.of("2/front.1"),
                        Set.of("1/back-lower")),
                new LayoutChoices.AtHand(
                        true,
                        List.of(
                                Scrap.rectangle("Awning", Length.cm(64), Length.inches(20, 3, 8)),
                                new Scrap(
                                        "torn",
                                        List.of(corner(0, 0), corner(30, 2), corner(5, 28)),
                                        List.of(new Scrap.Spoilt(
                                                Length.cm(3), Length.cm(4), Length.cm(2), Length.cm(1)))))),
                Map.of(Length.inches(54), 1250),
                new LayoutChoices.Table(Length.inches(60), Length.inches(30)));
        for (Unit unit : Unit.values()) {
            assertThat(LayoutChoicesJson.read(LayoutChoicesJson.write(choices, unit)))
                    .isEqualTo(choices);
        }
    }

    private static Scrap.Corner corner(int across, int along) {
        return new Scrap.Corner(Length.cm(across), Length.cm(along));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "[]", "{\"edgeToEdge\": 1}", "{\"edgeToEdge\": true}", "not json"})
    void whatIsNoDecisionsIsRefused(String text) {
        assertThatThrownBy(() -> LayoutChoicesJson.read(text)).isInstanceOf(BadPlanFile.class);
    }
}
