package app.dapt.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.RandomPlans;
import app.dapt.cloth.Laid.Known;
import app.dapt.cloth.Laid.Spot;
import app.dapt.cloth.Scrap.Corner;
import app.dapt.cover.ClothUse;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.drawing.ClothSheet;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Piece;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
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
class LayTest {

    private static final Length FRONT = Length.inches(20);

    private static Wanted wanted(String id, Length wide, Length high, int copies) {
        Piece piece = Piece.rectangle(id, Material.FRONT, Sum.of(Sum.term("term.front", wide)), Sum.of(Sum.term("term.front", high)), Piece.sewnAllRound(Length.inches(0, 1, 2)));
        return new Wanted("1/" + id, "Bench", piece, copies);
    }

    private static Cloth cloth(Print print, int width) {
        return new Cloth("Harbour", "#31507e", print, Length.inches(width), false, 1200);
    }

    private static Laid laid(Cloth cloth, LayPlan plan, Wanted... wanted) {
        Lay lay = Lay.of(cloth, List.of(wanted), plan, Unit.INCH);
        LayingOut search = new LayingOut(lay.asTask(), 1);
        return lay.laid(search.improve(Budget.steps(3000)), search.least());
    }

    private static LayPlan usual(Cloth cloth) {
        return LayPlan.usual(cloth, Unit.INCH);
    }

    @Test
    void whatIsBoughtAddsUpFromWhatThePiecesTake() {
        Cloth shrinking = cloth(Print.SAIL, 45).used(false, Optional.of(new Repeat(Length.inches(10), Length.inches(10))), new Shrinkage(0, 50));
        Laid laid = laid(shrinking, usual(shrinking), wanted("front", FRONT, FRONT, 2));
        assertThat(laid.toBuy().terms()).extracting(term -> term.label().code()).containsExactly("term.laid", "term.phase", "term.shrinks", "term.sold-by");
        // Two fronts side by side, ten and a half from one repeat to the next once it has shrunk to nine and a half: 0 + 20, a repeat more, a twentieth, up to 36.
        assertThat(laid.toBuy().terms().get(1).amount()).isEqualTo(Length.inches(9, 1, 2));
        assertThat(laid.toBuy().total().grains() % Length.inches(4, 1, 2).grains()).isZero();
        Laid cutThere = laid(shrinking, usual(shrinking).cutting(false, true, true), wanted("front", FRONT, FRONT, 2));
        assertThat(cutThere.toBuy().terms()).extracting(term -> term.label().code()).doesNotContain("term.phase");
        assertThat(shrinking.cost(Length.inches(18), Unit.INCH)).contains(600L);
    }

    @Test
    void matchedFrontsShowTheSamePointOfThePrintInTheirMiddles() {
        Cloth cloth = cloth(Print.SAIL, 60);
        Window window = new Window(Length.inches(3), Length.inches(5));
        Laid laid = laid(cloth, usual(cloth).showing(window), wanted("front", FRONT, FRONT, 3), wanted("back", FRONT, Length.inches(12), 3));
        Repeat repeat = cloth.repeat().orElseThrow();
        assertThat(laid.spots()).filteredOn(spot -> spot.wanted().piece().id().equals("front")).hasSize(3).allSatisfy(spot -> {
            Window middle = new Window(spot.across().plus(spot.wide().half()), spot.along().plus(spot.deep().half()));
            assertThat(middle.within(repeat)).isEqualTo(window);
            assertThat(spot.turned()).isFalse();
        });
        assertThat(laid.verdict().known()).isIn(Known.LEAST, Known.NO_LESS_TO_BUY, Known.WITHIN);
    }

    @Test
    void aPieceThatWouldRunOffTheClothMeetsThePrintAlongItOnly() {
        Cloth cloth = cloth(Print.SAIL, 42);
        Laid laid = laid(cloth, usual(cloth), wanted("front", Length.inches(40, 1, 2), FRONT, 1));
        assertThat(laid.offPrint()).hasSize(1);
        assertThat(laid.isComplete()).isTrue();
    }

    @Test
    void aPinnedPieceStaysAndTheOthersGoRoundIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayPlan.Pin pin = new LayPlan.Pin(Length.inches(7), Length.inches(3), false, false, 0);
        Laid laid = laid(cloth, usual(cloth).pinned("1/front.1", Optional.of(pin)), wanted("front", FRONT, FRONT, 3));
        Spot pinned = laid.spot("1/front.1").orElseThrow();
        assertThat(pinned).returns(Length.inches(7), Spot::across).returns(Length.inches(3), Spot::along).returns(true, Spot::pinned);
        assertApart(laid);
        assertThat(laid.spots()).hasSize(3);
    }

    @Test
    void aPinThatCannotHoldIsLetGoAndSaidSo() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayPlan.Pin off = new LayPlan.Pin(Length.inches(40), Length.ZERO, false, false, 0);
        Laid laid = laid(cloth, usual(cloth).pinned("1/front.1", Optional.of(off)), wanted("front", FRONT, FRONT, 1));
        assertThat(laid.loose()).containsExactly("1/front.1");
        assertThat(laid.spots()).hasSize(1);
    }

    @Test
    void oneIsTurnedAndOneIsTakenOut() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Length low = Length.inches(8);
        LayPlan plan = usual(cloth).turning("1/strip.1", true).without("1/strip.3", true);
        Laid laid = laid(cloth, plan, wanted("strip", FRONT, low, 3));
        assertThat(laid.spots()).extracting(Spot::copy).containsExactlyInAnyOrder("1/strip.1", "1/strip.2");
        assertThat(laid.spot("1/strip.1").orElseThrow()).returns(true, Spot::turned).returns(low, Spot::wide);
        Cloth sprigged = cloth(Print.SPRIG, 45);
        assertThat(laid(sprigged, usual(sprigged).cutting(false, false, false).turning("1/strip.1", true), wanted("strip", FRONT, low, 1)).spots()).noneMatch(Spot::turned);
    }

    @Test
    void aClothUsedSidewaysTakesThePiecesDepthAcross() {
        Cloth cloth = cloth(Print.STRIPE, 45).used(true, Optional.empty(), Shrinkage.NONE);
        Laid laid = laid(cloth, usual(cloth), wanted("front", Length.inches(50), FRONT, 1));
        assertThat(laid.spots()).singleElement().returns(FRONT, Spot::wide).returns(Length.inches(50), Spot::deep);
        assertThat(laid(cloth.used(false, Optional.empty(), Shrinkage.NONE), usual(cloth), wanted("front", Length.inches(50), FRONT, 1)).tooWide()).hasSize(1);
    }

    @Test
    void joinedDropsCarryThePrintOnOverTheirSeam() {
        CoverPlan wide = IntStream.range(0, 400).mapToObj(seed -> RandomPlans.plan(new Random(seed))).filter(plan -> plan.cloths().front().repeat().isPresent() && !plan.cloths().front().sideways())
                .filter(plan -> Reckoner.glance(plan, plan.mark()).pieces().stream().anyMatch(piece -> piece.id().equals("front-2"))).findFirst().orElseThrow();
        Cloth cloth = wide.cloths().front();
        ClothUse use = ClothUse.of(List.of(new ClothUse.Of("1", Reckoner.glance(wide, wide.mark()), 1))).stream().filter(u -> u.cloth().equals(cloth)).findFirst().orElseThrow();
        LayPlan matched = usual(cloth).cutting(false, true, true);
        Lay lay = Lay.of(cloth, use.wanted(), matched, Unit.INCH);
        Laid laid = lay.atOnce();
        Spot first = laid.spot("1/front-1.1").orElseThrow();
        Spot second = laid.spot("1/front-2.1").orElseThrow();
        long every = cloth.repeat().orElseThrow().along().grains();
        assertThat(Math.floorMod(first.along().minus(second.along()).grains(), every)).as("along").isZero();
    }

    @ParameterizedTest
    @CsvSource({"18, 22, 2", "30, 45, 1", "12, 12, 6"})
    void remnantsHoldWhatIsLaidAndNothingLiesOnABadSpot(int wide, int deep, int copies) {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Scrap spoilt = new Scrap("torn", List.of(corner(0, 0), corner(50, 0), corner(50, 50), corner(0, 50)),
                List.of(new Scrap.Spoilt(Length.inches(24), Length.inches(20), Length.inches(2), Length.inches(3))));
        LayPlan plan = usual(cloth).at(true, List.of(spoilt, Scrap.rectangle("straight", Length.inches(40), Length.inches(25))));
        Laid laid = laid(cloth, plan, wanted("front", Length.inches(wide), Length.inches(deep), copies));
        assertApart(laid);
        assertThat(laid.spots()).filteredOn(spot -> spot.remnant() == 0).noneMatch(spot -> overlap(spot.across(), spot.wide(), Length.inches(24), Length.inches(2))
                && overlap(spot.along(), spot.deep(), Length.inches(20), Length.inches(3)));
        assertThat(laid.spots().size() + laid.leftOut().stream().mapToInt(Wanted::copies).sum()).isEqualTo(copies);
        assertThat(laid.verdict().known()).isEqualTo(laid.leftOut().isEmpty() ? Known.ALL_PLACED : Known.LEFT_OUT);
        laid.leftOut().forEach(left -> assertThat(laid.shortfall(left)).isPresent());
    }

    @Test
    void aPinOnARemnantHoldsWithinItsOutlineOffItsSpotsAndMovesWithIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Length size = Length.inches(10);
        Scrap slanting = new Scrap("slanting", List.of(corner(0, 0), corner(40, 0), corner(20, 40), corner(0, 40)),
                List.of(new Scrap.Spoilt(Length.inches(2), Length.inches(2), Length.inches(1), Length.inches(1))));
        Scrap other = Scrap.rectangle("other", Length.inches(12), Length.inches(12));
        LayPlan plan = usual(cloth).at(true, List.of(other, slanting));
        record At(int across, int along, int remnant, boolean holds) {
        }
        for (At at : List.of(new At(5, 5, 1, true), new At(15, 30, 1, false), new At(20, 10, 1, true), new At(21, 10, 1, false), new At(0, 0, 1, false), new At(3, 0, 1, true),
                new At(2, 2, 0, true), new At(3, 2, 0, false), new At(0, 0, 7, false))) {
            LayPlan.Pin pin = new LayPlan.Pin(Length.inches(at.across()), Length.inches(at.along()), false, false, at.remnant());
            LayPlan pinned = plan.pinned("1/front.2", Optional.of(pin));
            Laid laid = laid(cloth, pinned, wanted("front", size, size, 3));
            assertThat(laid.spot("1/front.2").filter(Spot::pinned).isPresent()).as("%s", at).isEqualTo(at.holds());
            assertThat(laid.loose()).hasSize(at.holds() ? 0 : 1);
            assertThat(laid.spots()).hasSize(3);
            assertApart(laid);
        }
        LayPlan pinned = plan.pinned("1/front.2", Optional.of(new LayPlan.Pin(size, size, false, false, 1)));
        assertThat(pinned.at(true, List.of(slanting)).pins().get("1/front.2").remnant()).isZero();
        assertThat(pinned.at(true, List.of(other)).pins()).isEmpty();
        assertThat(pinned.at(true, List.of(other, Scrap.rectangle("cut smaller", size, size))).pins().get("1/front.2").remnant()).isEqualTo(1);
        assertThat(pinned.at(false, List.of(other, slanting)).pins()).isEmpty();
    }

    @Test
    void asFewRemnantsAreUsedAsWillDo() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayPlan plan = usual(cloth).at(true, List.of(Scrap.rectangle("small", FRONT, FRONT), Scrap.rectangle("narrow", FRONT, Length.inches(21)),
                Scrap.rectangle("large", Length.inches(41), FRONT)));
        assertThat(laid(cloth, plan, wanted("front", FRONT, FRONT, 2)).remnantsUsed()).isEqualTo(1);
    }

    @Test
    void aRemnantThatCrossesItselfOrEnclosesNothingIsRefused() {
        List<Corner> bow = List.of(corner(0, 0), corner(10, 10), corner(10, 0), corner(0, 10));
        assertThat(Scrap.crossesItself(bow)).isTrue();
        assertThatThrownBy(() -> new Scrap("bow", bow, List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Scrap("line", List.of(corner(0, 0), corner(5, 0), corner(9, 0)), List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void moreThanFiveHundredPiecesAreRefused() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        assertThatThrownBy(() -> Lay.of(cloth, List.of(wanted("tab", Length.inches(2), Length.inches(2), 501)), usual(cloth), Unit.INCH)).hasMessageContaining("500");
    }

    static Stream<Arguments> uses() {
        return IntStream.range(0, 60).mapToObj(seed -> RandomPlans.plan(new Random(seed))).flatMap(plan -> ClothUse.of(List.of(new ClothUse.Of("7", Reckoner.glance(plan, plan.mark()), 2))).stream()
                .map(use -> Arguments.of(use, plan.unit())));
    }

    /** Straight cuts in their order part the cloth, each only what the ones before it left whole, until every piece that is not cut round lies alone. */
    @ParameterizedTest
    @MethodSource("uses")
    void whatIsLaidLiesOnItsClothAndTheCutsMissIt(ClothUse use, Unit unit) {
        for (boolean edgeToEdge : new boolean[] {false, true}) {
            Lay lay = Lay.of(use.cloth(), use.wanted(), LayPlan.usual(use.cloth(), unit).cutting(edgeToEdge, true, false), unit);
            LayingOut search = new LayingOut(lay.asTask(), 1);
            Laid laid = lay.laid(search.improve(Budget.steps(120)), search.least());
            assertApart(laid);
            assertThat(laid.spots()).allSatisfy(spot -> {
                assertThat(spot.across().isNegative()).isFalse();
                assertThat(spot.across().plus(spot.wide())).isLessThanOrEqualTo(use.cloth().usableWidth());
                assertThat(spot.along().plus(spot.deep())).isLessThanOrEqualTo(laid.length());
            });
            assertThat(laid.toBuy().total()).isGreaterThanOrEqualTo(use.cloth().shrinkage().unwashed(laid.length()));
            if (edgeToEdge) {
                assertThat(laid.isEdgeToEdge()).isTrue();
            }
            laid.cuts().stream().filter(cut -> cut.round().isEmpty()).forEach(cut -> assertThat(laid.spots()).noneMatch(spot -> crosses(cut, spot)));
            laid.offcuts().forEach(offcut -> assertThat(laid.spots()).noneMatch(spot -> overlap(spot.across(), spot.wide(), offcut.across(), offcut.wide())
                    && overlap(spot.along(), spot.deep(), offcut.along(), offcut.deep())));
        }
    }

    private static boolean crosses(Laid.Cut cut, Spot spot) {
        boolean across = cut.runs() == Axis.ACROSS;
        Length start = across ? spot.along() : spot.across();
        Length size = across ? spot.deep() : spot.wide();
        Length from = across ? spot.across() : spot.along();
        Length reach = across ? spot.wide() : spot.deep();
        return start.under(cut.at()) && cut.at().under(start.plus(size)) && overlap(from, reach, cut.from(), cut.to().minus(cut.from()));
    }

    private static Corner corner(int across, int along) {
        return new Corner(Length.inches(across), Length.inches(along));
    }

    private static boolean overlap(Length a, Length wide, Length b, Length other) {
        return a.under(b.plus(other)) && b.under(a.plus(wide));
    }

    /** No two outlines have cloth in common, to a hair. */
    private static void assertApart(Laid laid) {
        List<ClothSheet> sheets = ClothSheet.of(laid);
        for (ClothSheet sheet : sheets) {
            List<ClothSheet.Lain> pieces = sheet.pieces();
            for (int i = 0; i < pieces.size(); i++) {
                for (int j = 0; j < i; j++) {
                    assertThat(common(pieces.get(i).cut(), pieces.get(j).cut())).as("%s over %s", pieces.get(i).spot().copy(), pieces.get(j).spot().copy()).isLessThan(1);
                }
            }
        }
    }

    /** Square millimetres that lie within both. */
    private static double common(Contour one, Contour other) {
        Area both = area(one);
        both.intersect(area(other));
        double twice = 0;
        double[] at = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (PathIterator path = both.getPathIterator(null); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                startX = at[0];
                startY = at[1];
            } else {
                double toX = kind == PathIterator.SEG_CLOSE ? startX : at[0];
                double toY = kind == PathIterator.SEG_CLOSE ? startY : at[1];
                twice += x * toY - toX * y;
                at[0] = toX;
                at[1] = toY;
            }
            x = at[0];
            y = at[1];
        }
        return Math.abs(twice) / 2;
    }

    private static Area area(Contour contour) {
        Path2D path = new Path2D.Double();
        contour.points().forEach(p -> {
            if (path.getCurrentPoint() == null) {
                path.moveTo(p.x(), p.y());
            } else {
                path.lineTo(p.x(), p.y());
            }
        });
        path.closePath();
        return new Area(path);
    }

    @Test
    void halvesOfAVeeNestAndRoundsStagger() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half = new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        assertThat(laid(cloth, usual(cloth), halves).length()).isLessThanOrEqualTo(Length.mm(510));
        Cloth napped = new Cloth("Velvet", "#31507e", Print.PLAIN, Length.inches(45), true);
        assertThat(laid(napped, usual(napped), halves).length()).as("none may lie upside down").isGreaterThan(Length.mm(900));
        Wanted rounds = outlined(wanted("round", Length.mm(430), Length.mm(430), 5), Contour.circle(Length.mm(430)));
        Laid staggered = laid(cloth, usual(cloth), rounds);
        assertApart(staggered);
        assertThat(staggered.length()).isLessThan(Length.mm(3 * 430 - 100));
    }

    @Test
    void whatNestsMayBePinnedAndTheOthersNestWithIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half = new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        Laid nested = laid(cloth, usual(cloth), halves);
        LayPlan plan = usual(cloth);
        for (Spot spot : nested.spots().subList(0, 3)) {
            plan = plan.pinned(spot.copy(), Optional.of(new LayPlan.Pin(spot.across(), spot.along(), spot.turned(), spot.about(), 0)));
        }
        Laid again = laid(cloth, plan, halves);
        assertThat(again.loose()).isEmpty();
        assertThat(again.spots()).filteredOn(Spot::pinned).hasSize(3);
        assertThat(again.length()).isLessThanOrEqualTo(Length.mm(510));
        assertApart(again);
    }

    @ParameterizedTest
    @CsvSource({"2, 60, 36, 1, 1", "4, 72, 36, 1, 2", "4, 60, 36, 2, 1", "6, 60, 36, 2, 2", "6, 36, 60, 2, 2", "12, 60, 36, 4, 2", "60, 60, 36, 0, 0"})
    void theClothIsFoldedInAsFewLayersAsFitTheTable(int copies, int tableWide, int tableDeep, int overLength, int overWidth) {
        Cloth cloth = cloth(Print.PLAIN, 45);
        LayPlan plan = usual(cloth).onTable(Length.inches(tableWide), Length.inches(tableDeep));
        Optional<Laid.Folding> folding = laid(cloth, plan, wanted("front", Length.inches(20), Length.inches(30), copies)).folding();
        assertThat(folding.map(Laid.Folding::overLength).orElse(0)).isEqualTo(overLength);
        assertThat(folding.map(Laid.Folding::overWidth).orElse(0)).isEqualTo(overWidth);
        folding.ifPresent(folded -> assertThat(folded.wide().times(overLength, 1)).isEqualTo(laid(cloth, plan, wanted("front", Length.inches(20), Length.inches(30), copies)).toBuy().total()));
    }

    @Test
    void whatIsLeftIsSaidToTheLastThread() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Laid one = laid(cloth, usual(cloth), wanted("front", FRONT, FRONT, 1));
        assertThat(one.offcuts()).singleElement().returns(Length.inches(20), Laid.Offcut::across).returns(Length.ZERO, Laid.Offcut::along)
                .returns(Length.inches(24), Laid.Offcut::wide).returns(Length.inches(22, 1, 2), Laid.Offcut::deep);
        assertThat(laid(cloth, usual(cloth), wanted("front", FRONT, FRONT, 2)).offcuts()).as("four inches are not worth keeping").isEmpty();
    }

    @Test
    void aClothWithAnUpIsFoldedAlongItsLengthOnly() {
        Cloth napped = new Cloth("Velvet", "#31507e", Print.PLAIN, Length.inches(45), true);
        assertThat(laid(napped, usual(napped), wanted("front", FRONT, FRONT, 6)).folding()).isEmpty();
        assertThat(laid(napped, usual(napped), wanted("front", FRONT, FRONT, 4)).folding().orElseThrow()).returns(1, Laid.Folding::overLength).returns(2, Laid.Folding::overWidth);
    }

    @Test
    void whatIsLeftOutIsSaidToBeShortOfTheNearestPlace() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Wanted long30 = wanted("front", FRONT, Length.inches(30), 1);
        Laid laid = laid(cloth, usual(cloth).at(true, List.of(Scrap.rectangle("small", Length.inches(19), Length.inches(28)), Scrap.rectangle("tiny", Length.inches(9), Length.inches(9)))), long30);
        assertThat(laid.leftOut()).hasSize(1);
        assertThat(laid.shortfall(laid.leftOut().get(0)).orElseThrow()).returns(Length.inches(1), Laid.Shortfall::across).returns(Length.inches(2), Laid.Shortfall::along);
        Laid turned = laid(cloth, usual(cloth).at(true, List.of(Scrap.rectangle("wide", Length.inches(28), Length.inches(19)))), long30);
        assertThat(turned.shortfall(turned.leftOut().get(0)).orElseThrow()).as("turned a quarter").returns(Length.inches(2), Laid.Shortfall::across).returns(Length.inches(1), Laid.Shortfall::along);
    }

    private static Wanted outlined(Wanted wanted, Contour contour) {
        return new Wanted(wanted.key(), wanted.cover(), wanted.piece().outlined(Optional.of(new Outline.Traced(contour, contour))), wanted.copies());
    }
}
