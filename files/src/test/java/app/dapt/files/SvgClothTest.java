package app.dapt.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.RandomPlans;
import app.dapt.cover.ClothUse;
import app.dapt.cover.Reckoner;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.LayoutChoices;
import app.dapt.layout.LayoutProblem;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Element;

/** The bolt as drawn is the layout, to scale. */
class SvgClothTest {

    private static final double SCALE = 6;
    private static final Words WORDS = new Words(Wordbook.load(English.US, "craft"), Mark.EIGHTH);

    private static final List<Layout> LAYOUTS = IntStream.range(40, 60)
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

    @ParameterizedTest
    @MethodSource("layouts")
    void itFitsTheTableItIsDrawnOn(Layout laid) {
        ClothSheet sheet = ClothSheet.of(laid).get(0);
        Pen scale = SvgCloth.fitting(sheet, 800, 540);
        String svg = new SvgCloth(WORDS, scale, "b", Optional.empty(), "").write(sheet);
        String[] box = svg.replaceAll("(?s).*?viewBox=\"([^\"]*)\".*", "$1").split(" ");
        assertThat(Double.parseDouble(box[2])).isLessThanOrEqualTo(801);
        assertThat(Double.parseDouble(box[3])).isLessThanOrEqualTo(541);
    }
}
