package app.dapt.layout;

import static app.dapt.layout.LayoutCases.FRONT;
import static app.dapt.layout.LayoutCases.assertApart;
import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.laid;
import static app.dapt.layout.LayoutCases.overlap;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import app.dapt.RandomPlans;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Repeat;
import app.dapt.cloth.Shrinkage;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.layout.Layout.Known;
import app.dapt.layout.Layout.Spot;
import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What lies on a cloth, as a person asks for it. */
class LayoutProblemTest {

    @Test
    void whatIsBoughtAddsUpFromWhatThePiecesTake() {
        Cloth shrinking = cloth(Print.SAIL, 45)
                .used(false, Optional.of(new Repeat(Length.inches(10), Length.inches(10))), new Shrinkage(0, 50));
        Layout laid = laid(shrinking, usual(shrinking), wanted("front", FRONT, FRONT, 2));
        assertThat(laid.toBuy().terms())
                .extracting(term -> term.label().code())
                .containsExactly("term.laid", "term.phase", "term.square", "term.shrinks", "term.sold-by");
        // Two fronts side by side, ten and a half from one repeat to the next once it has shrunk to nine and a half: 0
        // + 20, a repeat more, a twentieth, up to 36.
        assertThat(laid.toBuy().terms().get(1).amount()).isEqualTo(Length.inches(9, 1, 2));
        assertThat(laid.toBuy().total().grains() % Length.inches(4, 1, 2).grains())
                .isZero();
        Layout cutThere =
                laid(shrinking, usual(shrinking).cutting(false, true, true), wanted("front", FRONT, FRONT, 2));
        assertThat(cutThere.toBuy().terms())
                .extracting(term -> term.label().code())
                .doesNotContain("term.phase");
        assertThat(shrinking.cost(Length.inches(18), Unit.INCH)).contains(600L);
    }

    @Test
    void aLittleMoreIsBoughtForWhatIsDoneBeforeCuttingUnlessItIsNotWanted() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Layout laid = laid(cloth, usual(cloth), wanted("front", FRONT, FRONT, 1));
        assertThat(laid.toBuy().terms())
                .extracting(term -> term.label().code(), Sum.Term::amount)
                .as("three percent of 21 in to the next quarter")
                .startsWith(
                        tuple("term.laid", FRONT),
                        tuple("term.square", Length.inches(1)),
                        tuple("term.may-shrink", Length.inches(0, 3, 4)));
        assertThat(laid.ready())
                .as("on the table it is as long as it is bought, less that")
                .isEqualTo(laid.toBuy().total().minus(Length.inches(1, 3, 4)));
        Layout bare = laid(cloth, usual(cloth).reserving(false), wanted("front", FRONT, FRONT, 1));
        assertThat(bare.toBuy().terms())
                .extracting(term -> term.label().code())
                .containsExactly("term.laid", "term.sold-by");
        assertThat(bare.ready()).isEqualTo(bare.toBuy().total());
    }

    @Test
    void matchedFrontsShowTheSamePointOfThePrintInTheirMiddles() {
        Cloth cloth = cloth(Print.SAIL, 60);
        Window window = new Window(Length.inches(3), Length.inches(5));
        Layout laid = laid(
                cloth,
                usual(cloth).showing(window),
                wanted("front", FRONT, FRONT, 3),
                wanted("back", FRONT, Length.inches(12), 3));
        Repeat repeat = cloth.repeat().orElseThrow();
        assertThat(laid.spots())
                .filteredOn(spot -> spot.wanted().piece().id().equals("front"))
                .hasSize(3)
                .allSatisfy(spot -> {
                    Window middle = new Window(
                            spot.across().plus(spot.wide().half()),
                            spot.along().plus(spot.deep().half()));
                    assertThat(middle.within(repeat)).isEqualTo(window);
                    assertThat(spot.turned()).isFalse();
                });
        assertThat(laid.verdict().known()).isIn(Known.LEAST, Known.NO_LESS_TO_BUY, Known.WITHIN);
    }

    @Test
    void aPieceThatWouldRunOffTheClothMeetsThePrintAlongItOnly() {
        Cloth cloth = cloth(Print.SAIL, 42);
        Layout laid = laid(cloth, usual(cloth), wanted("front", Length.inches(40, 1, 2), FRONT, 1));
        assertThat(laid.offPrint()).hasSize(1);
        assertThat(laid.isComplete()).isTrue();
    }

    @Test
    void aPinnedPieceStaysAndTheOthersGoRoundIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayoutChoices.Pin pin = new LayoutChoices.Pin(Length.inches(7), Length.inches(3), false, false, 0);
        Layout laid = laid(cloth, usual(cloth).pinned("1/front.1", Optional.of(pin)), wanted("front", FRONT, FRONT, 3));
        Spot pinned = laid.spot("1/front.1").orElseThrow();
        assertThat(pinned)
                .returns(Length.inches(7), Spot::across)
                .returns(Length.inches(3), Spot::along)
                .returns(true, Spot::pinned);
        assertApart(laid);
        assertThat(laid.spots()).hasSize(3);
    }

    @Test
    void aPinThatCannotHoldIsLetGoAndSaidSo() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayoutChoices.Pin off = new LayoutChoices.Pin(Length.inches(40), Length.ZERO, false, false, 0);
        Layout laid = laid(cloth, usual(cloth).pinned("1/front.1", Optional.of(off)), wanted("front", FRONT, FRONT, 1));
        assertThat(laid.loose()).containsExactly("1/front.1");
        assertThat(laid.spots()).hasSize(1);
    }

    @Test
    void oneIsTurnedAndOneIsTakenOut() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Length low = Length.inches(8);
        LayoutChoices choices = usual(cloth).turning("1/strip.1", true).without("1/strip.3", true);
        Layout laid = laid(cloth, choices, wanted("strip", FRONT, low, 3));
        assertThat(laid.spots()).extracting(Spot::copy).containsExactlyInAnyOrder("1/strip.1", "1/strip.2");
        assertThat(laid.spot("1/strip.1").orElseThrow())
                .returns(true, Spot::turned)
                .returns(low, Spot::wide);
        Cloth sprigged = cloth(Print.SPRIG, 45);
        assertThat(laid(
                                sprigged,
                                usual(sprigged).cutting(false, false, false).turning("1/strip.1", true),
                                wanted("strip", FRONT, low, 1))
                        .spots())
                .noneMatch(Spot::turned);
    }

    @Test
    void aClothUsedSidewaysTakesThePiecesDepthAcross() {
        Cloth cloth = cloth(Print.STRIPE, 45).used(true, Optional.empty(), Shrinkage.NONE);
        Layout laid = laid(cloth, usual(cloth), wanted("front", Length.inches(50), FRONT, 1));
        assertThat(laid.spots()).singleElement().returns(FRONT, Spot::wide).returns(Length.inches(50), Spot::deep);
        assertThat(laid(
                                cloth.used(false, Optional.empty(), Shrinkage.NONE),
                                usual(cloth),
                                wanted("front", Length.inches(50), FRONT, 1))
                        .tooWide())
                .hasSize(1);
    }

    @Test
    void joinedDropsCarryThePrintOnOverTheirSeam() {
        CoverPlan wide = IntStream.range(0, 400)
                .mapToObj(seed -> RandomPlans.plan(new Random(seed)))
                .filter(choices -> choices.cloths().front().repeat().isPresent()
                        && !choices.cloths().front().sideways())
                .filter(choices -> Reckoner.reckonWithoutRemedies(choices, choices.mark()).pieces().stream()
                        .anyMatch(piece -> piece.id().equals("front-2")))
                .findFirst()
                .orElseThrow();
        Cloth cloth = wide.cloths().front();
        ClothUse use =
                ClothUse.of(List.of(new ClothUse.Of("1", Reckoner.reckonWithoutRemedies(wide, wide.mark()), 1)))
                        .stream()
                        .filter(u -> u.cloth().equals(cloth))
                        .findFirst()
                        .orElseThrow();
        LayoutChoices matched = usual(cloth).cutting(false, true, true);
        LayoutProblem lay = LayoutProblem.of(cloth, use.wanted(), matched, Unit.INCH);
        Layout laid = lay.atOnce();
        Spot first = laid.spot("1/front-1.1").orElseThrow();
        Spot second = laid.spot("1/front-2.1").orElseThrow();
        long every = cloth.repeat().orElseThrow().along().grains();
        assertThat(Math.floorMod(first.along().minus(second.along()).grains(), every))
                .as("along")
                .isZero();
    }

    @Test
    void moreThanFiveHundredPiecesAreRefused() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        assertThatThrownBy(() -> LayoutProblem.of(
                        cloth,
                        List.of(wanted("tab", Length.inches(2), Length.inches(2), 501)),
                        usual(cloth),
                        Unit.INCH))
                .hasMessageContaining("500");
    }

    static Stream<Arguments> uses() {
        return IntStream.range(0, 60)
                .mapToObj(seed -> RandomPlans.plan(new Random(seed)))
                .flatMap(
                        choices -> ClothUse.of(List.of(new ClothUse.Of(
                                        "7", Reckoner.reckonWithoutRemedies(choices, choices.mark()), 2)))
                                .stream()
                                .map(use -> Arguments.of(use, choices.unit())));
    }

    /**
     * Straight cuts in their order part the cloth, each only what the ones before it left whole, until every piece that
     * is not cut round lies alone.
     */
    @ParameterizedTest
    @MethodSource("uses")
    void whatIsLaidLiesOnItsClothAndTheCutsMissIt(ClothUse use, Unit unit) {
        for (boolean edgeToEdge : new boolean[] {false, true}) {
            LayoutProblem lay = LayoutProblem.of(
                    use.cloth(),
                    use.wanted(),
                    LayoutChoices.usual(use.cloth(), unit).cutting(edgeToEdge, true, false),
                    unit);
            LayoutSearch search = new LayoutSearch(lay.asTask(), 1);
            Layout laid = lay.laid(search.improve(Budget.steps(120)), search.least());
            assertApart(laid);
            assertThat(laid.spots()).allSatisfy(spot -> {
                assertThat(spot.across().isNegative()).isFalse();
                assertThat(spot.across().plus(spot.wide()))
                        .isLessThanOrEqualTo(use.cloth().usableWidth());
                assertThat(spot.along().plus(spot.deep())).isLessThanOrEqualTo(laid.length());
            });
            assertThat(laid.toBuy().total())
                    .isGreaterThanOrEqualTo(use.cloth().shrinkage().unwashed(laid.length()));
            if (edgeToEdge) {
                assertThat(laid.isEdgeToEdge()).isTrue();
            }
            laid.cuts().stream().filter(cut -> cut.round().isEmpty()).forEach(cut -> assertThat(laid.spots())
                    .noneMatch(spot -> crosses(cut, spot)));
            laid.offcuts().forEach(offcut -> assertThat(laid.spots())
                    .noneMatch(spot -> overlap(spot.across(), spot.wide(), offcut.across(), offcut.wide())
                            && overlap(spot.along(), spot.deep(), offcut.along(), offcut.deep())));
            laid.offcuts().forEach(offcut -> assertThat(laid.cuts())
                    .as("what is worth keeping is left whole by the cuts")
                    .noneMatch(cut -> cut.round().isEmpty()
                            && crosses(cut, offcut.across(), offcut.along(), offcut.wide(), offcut.deep())));
        }
    }

    private static boolean crosses(Layout.Cut cut, Spot spot) {
        return crosses(cut, spot.across(), spot.along(), spot.wide(), spot.deep());
    }

    private static boolean crosses(Layout.Cut cut, Length left, Length top, Length wide, Length deep) {
        boolean across = cut.runs() == Axis.ACROSS;
        Length start = across ? top : left;
        return start.under(cut.at())
                && cut.at().under(start.plus(across ? deep : wide))
                && overlap(
                        across ? left : top,
                        across ? wide : deep,
                        cut.from(),
                        cut.to().minus(cut.from()));
    }

    @ParameterizedTest
    @CsvSource({
        "2, 60, 36, 1, 1",
        "4, 72, 36, 1, 2",
        "4, 60, 36, 2, 1",
        "6, 60, 36, 2, 2",
        "6, 36, 60, 2, 2",
        "12, 60, 36, 4, 2",
        "60, 60, 36, 0, 0"
    })
    void theClothIsFoldedInAsFewLayersAsFitTheTable(
            int copies, int tableWide, int tableDeep, int overLength, int overWidth) {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayoutChoices choices = usual(cloth).onTable(Length.inches(tableWide), Length.inches(tableDeep));
        Optional<Layout.Folding> folding = laid(
                        cloth, choices, wanted("front", Length.inches(20), Length.inches(30), copies))
                .folding();
        assertThat(folding.map(Layout.Folding::overLength).orElse(0)).isEqualTo(overLength);
        assertThat(folding.map(Layout.Folding::overWidth).orElse(0)).isEqualTo(overWidth);
        folding.ifPresent(folded -> assertThat(folded.wide().times(overLength, 1))
                .isEqualTo(laid(cloth, choices, wanted("front", Length.inches(20), Length.inches(30), copies))
                        .toBuy()
                        .total()));
    }

    @Test
    void whatIsLeftIsSaidToTheLastThread() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Layout one = laid(cloth, usual(cloth).reserving(false), wanted("front", FRONT, FRONT, 1));
        assertThat(one.offcuts())
                .singleElement()
                .returns(Length.inches(20), Layout.Offcut::across)
                .returns(Length.ZERO, Layout.Offcut::along)
                .returns(Length.inches(24), Layout.Offcut::wide)
                .returns(Length.inches(22, 1, 2), Layout.Offcut::deep);
        assertThat(laid(cloth, usual(cloth), wanted("front", FRONT, FRONT, 2)).offcuts())
                .as("four inches are not worth keeping")
                .isEmpty();
    }

    @Test
    void aClothWithAnUpIsFoldedAlongItsLengthOnly() {
        Cloth napped = new Cloth("Velvet", "#31507e", Print.PLAIN, Length.inches(45), true);
        assertThat(laid(napped, usual(napped), wanted("front", FRONT, FRONT, 6)).folding())
                .isEmpty();
        assertThat(laid(napped, usual(napped), wanted("front", FRONT, FRONT, 4))
                        .folding()
                        .orElseThrow())
                .returns(1, Layout.Folding::overLength)
                .returns(2, Layout.Folding::overWidth);
    }
}
