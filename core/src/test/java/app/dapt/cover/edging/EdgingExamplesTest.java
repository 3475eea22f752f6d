package app.dapt.cover.edging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Photo;
import app.dapt.cloth.Print;
import app.dapt.cover.ClothToBuy;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Finding;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.Layers;
import app.dapt.cover.front.Pocket;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.SewnShutOpening;
import app.dapt.cover.parts.Need;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.layout.ClothNeed;
import app.dapt.make.Notions;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.LengthFormat;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes round the edge, reckoned by hand. */
class EdgingExamplesTest {

    private static final Length HALF = Length.inches(0, 1, 2);

    private static CoverPlan finishedAt(Length across, Length upDown) {
        CoverPlan plan = DefaultPlan.plan(
                "Example",
                Mark.EIGHTH,
                across.equals(upDown) ? ShapeKind.SQUARE : ShapeKind.OBLONG,
                Form.overCrown(across, upDown));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static Edging edging(Kind<Edging> kind, Object... changes) {
        return Cases.changed(kind, Unit.INCH, changes);
    }

    private static Length need(Reckoned reckoned, String code) {
        return Notions.of(reckoned).stream()
                .filter(need -> need.what().code().equals(code))
                .findFirst()
                .orElseThrow()
                .sum()
                .orElseThrow()
                .total();
    }

    private static Piece piece(Reckoned reckoned, String id) {
        return reckoned.pieces().stream()
                .filter(piece -> piece.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void pipingRoundAPerimeterOfEightyOne() {
        CoverPlan plan = finishedAt(Length.inches(20, 1, 4), Length.inches(20, 1, 4));
        Reckoned reckoned = Reckoner.reckon(plan.withEdging(edging(EdgingKind.PIPING, "grain", Piping.Grain.STRAIGHT)));
        assertThat(reckoned.edge().length().total()).isEqualTo(Length.inches(81));
        assertThat(need(reckoned, "need.cord")).isEqualTo(Length.inches(85));
        assertThat(piece(reckoned, "piping").cutHeight()).isEqualTo(Length.inches(1, 1, 2));
        assertThat(reckoned.finding("lip-narrow")).isEmpty();
        Reckoned narrow = Reckoner.reckon(plan.withEdging(
                edging(EdgingKind.PIPING, "stripRule", Piping.Rule.OWN, "stripOwn", Length.inches(1, 1, 4))));
        Finding finding = narrow.finding("lip-narrow").orElseThrow();
        assertThat(((Length) finding.what().args().get(0)).toInches()).isCloseTo(0.38, within(0.005));
        assertThat(finding.what().args().get(2)).isEqualTo(Length.inches(1, 1, 2));
    }

    @Test
    void pipingOfAQuarterInchOnAnOblong() {
        CoverPlan plan = finishedAt(Length.inches(22), Length.inches(13))
                .withEdging(edging(EdgingKind.PIPING, "cord", Piping.Cord.USUAL, "grain", Piping.Grain.STRAIGHT));
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(need(reckoned, "need.cord")).isEqualTo(Length.inches(74));
        Need cord = reckoned.needs().stream()
                .filter(need -> need.what().code().equals("need.cord"))
                .findFirst()
                .orElseThrow();
        assertThat(cord.amount().args()).as("never less than it takes").containsExactly(Length.inches(76, 1, 2));
        assertThat(piece(reckoned, "piping").cutHeight()).isEqualTo(Length.inches(1, 7, 8));
        assertThat(piece(reckoned, "piping").quantity())
                .as("two strips across 53 in of cloth")
                .isEqualTo(2);
    }

    @ParameterizedTest
    @CsvSource({
        "TWICE, FINE, 1½",
        "TWICE, USUAL, 1½",
        "TWICE, STOUT, 2",
        "FIXED, FINE, 1¾",
        "FIXED, ROPE, 1¾",
        "EXACT, ROPE, 2⅝"
    })
    void eachSchoolCutsItsOwnStrip(Piping.Rule rule, Piping.Cord cord, String wide) {
        // Half-inch seams: the cord to the quarter inch above it, twice, and two lips; π times half an inch is a hair
        // over 1½.
        CoverPlan plan = finishedAt(Length.inches(20), Length.inches(20))
                .withEdging(edging(EdgingKind.PIPING, "stripRule", rule, "cord", cord, "grain", Piping.Grain.STRAIGHT));
        assertThat(LengthFormat.in(Mark.EIGHTH)
                        .bare(piece(Reckoner.reckon(plan), "piping").cutHeight()))
                .isEqualTo(wide.replace("⅝", "\u2060\u200a\u20605\u20448"));
    }

    @Test
    void whatStandsOutIsWhatHangsOrStands() {
        assertThat(EdgingKind.NONE.usual(Unit.INCH).standsOut(Unit.INCH)).isEqualTo(Length.ZERO);
        assertThat(edging(EdgingKind.PIPING, "cord", Piping.Cord.THICK).standsOut(Unit.INCH))
                .isEqualTo(Length.inches(0, 3, 8));
        assertThat(edging(EdgingKind.RUFFLE, "ruffleDepth", Length.inches(3)).standsOut(Unit.INCH))
                .isEqualTo(Length.inches(3));
        assertThat(edging(EdgingKind.BY_LENGTH, "hangs", Length.inches(2)).standsOut(Unit.INCH))
                .isEqualTo(Length.inches(2));
        assertThat(edging(EdgingKind.CORNERS, "hangs", Length.inches(4)).standsOut(Unit.INCH))
                .isEqualTo(Length.inches(4));
    }

    @Test
    void biasStripsFromABlockFourteenHigh() {
        BiasCut cut = BiasCut.strips(Length.inches(74), Length.inches(1, 7, 8), Length.inches(14));
        assertThat(cut.usable().toInches()).isCloseTo(18.8, within(0.01));
        assertThat(cut.strips()).isEqualTo(4);
        // 14 for the slant, and 1⅞·√2 = 2.652 for each of four strips.
        assertThat(cut.width().toInches()).isCloseTo(14 + 4 * 2.6517, within(0.001));
        BiasCut tube = BiasCut.tube(Length.inches(74), Length.inches(1, 7, 8), Length.inches(1));
        assertThat(tube.width()).isBetween(Length.inches(12), Length.inches(14));
        assertThat(tube.area()).isLessThan(cut.area());
    }

    static Stream<Arguments> edges() {
        CoverPlan square = finishedAt(Length.inches(20), Length.inches(14));
        return Stream.of(
                Arguments.of(square, 68.0, 4, true),
                Arguments.of(square.withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH)), 68.0, 4, true),
                Arguments.of(square.withOpening(OpeningKind.WRAP.usual(Unit.INCH)), 28.0, 0, false),
                Arguments.of(square.withOpening(OpeningKind.PILLOWCASE.usual(Unit.INCH)), 40.0, 0, false),
                Arguments.of(
                        square.withOpening(OpeningKind.SEWN_SHUT.with(OpeningKind.SEWN_SHUT
                                .usual(Unit.INCH)
                                .decided()
                                .with("cutIn", SewnShutOpening.Cut.ONE))),
                        48.0,
                        2,
                        false),
                Arguments.of(square.withShape(ShapeKind.ROUND.usual(Unit.INCH)), Math.PI * 20, 0, true));
    }

    @ParameterizedTest
    @MethodSource("edges")
    void onlyWhatIsSeamedCounts(CoverPlan plan, double length, int corners, boolean whole) {
        SeamedEdge edge = Reckoner.reckon(plan).edge();
        assertThat(edge.length().total().toInches()).isCloseTo(length, within(0.0001));
        assertThat(edge.corners()).isEqualTo(corners);
        assertThat(edge.whole()).isEqualTo(whole);
    }

    @Test
    void layersBehindAPieceAreCutWithoutWhatItsEdgesTake() {
        CoverPlan plan = adding(
                finishedAt(Length.inches(20), Length.inches(14)),
                "interfaced",
                Layers.Behind.BOTH,
                "linedThrough",
                Layers.Behind.FRONT);
        Reckoned reckoned = Reckoner.reckon(plan);
        List<Need> interfacing = reckoned.needs().stream()
                .filter(need -> need.what().code().equals("need.interfacing-of"))
                .toList();
        assertThat(interfacing).hasSize(3);
        assertThat(interfacing.get(0).amount().args()).containsExactly(Length.inches(20), Length.inches(14));
        assertThat(piece(reckoned, "under-front").cutWidth())
                .isEqualTo(reckoned.front().cutWidth());
    }

    @Test
    void aSeamedEdgeMeasuresWhatItsOutlineDoes() {
        for (Kind<Shape> shape : ShapeKind.ALL.all()) {
            CoverPlan plan =
                    finishedAt(Length.inches(34, 1, 8), Length.inches(25)).withShape(shape.usual(Unit.INCH));
            Reckoned reckoned = Reckoner.reckon(plan.withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH)));
            double sum = reckoned.edge().length().total().toMm();
            double path = 0;
            for (List<Contour.Point> points : reckoned.edge().paths()) {
                for (int i = 1; i < points.size(); i++) {
                    path += Math.hypot(
                            points.get(i).x() - points.get(i - 1).x(),
                            points.get(i).y() - points.get(i - 1).y());
                }
            }
            assertThat(sum)
                    .as(shape.code())
                    .isCloseTo(path, within(reckoned.outline().isPresent() ? path * 0.001 : 1 / 320.0));
        }
    }

    @Test
    void fringeTurnsItsCornersAndIsSoldByTheStep() {
        CoverPlan plan = finishedAt(Length.inches(20), Length.inches(20));
        Reckoned one = Reckoner.reckon(plan.withEdging(edging(EdgingKind.BY_LENGTH)));
        assertThat(need(one, "need.by-length"))
                .as("80 + 2 + 2, up to the next quarter yard")
                .isEqualTo(Length.inches(90));
        Reckoned each = Reckoner.reckon(plan.withEdging(
                edging(EdgingKind.BY_LENGTH, "lay", TrimByLength.Lay.EACH_SIDE, "shopStep", Length.inches(1))));
        assertThat(need(each, "need.by-length")).isEqualTo(Length.inches(84));
    }

    @Test
    void aRuffleIsTwiceTheEdgeAndFoldedTwiceItsDepth() {
        CoverPlan plan = finishedAt(Length.inches(16), Length.inches(16)).withEdging(edging(EdgingKind.RUFFLE));
        Piece strip = piece(Reckoner.reckon(plan), "ruffle");
        assertThat(strip.cutHeight()).isEqualTo(Length.inches(5));
        assertThat(strip.quantity())
                .as("128 in from strips of 53, an inch to each join")
                .isEqualTo(3);
        Length joined = strip.cutWidth().minus(Length.inches(1)).times(3);
        assertThat(joined).isBetween(Length.inches(128), Length.inches(129));
        Piece single = piece(
                Reckoner.reckon(plan.withEdging(edging(EdgingKind.RUFFLE, "ruffleMake", Ruffle.Make.SINGLE))),
                "ruffle");
        assertThat(single.cutHeight()).isEqualTo(Length.inches(3));
    }

    @Test
    void aFlangeMakesFrontAndBacksLargerAndLeavesTheFullnessAlone() {
        CoverPlan plain = finishedAt(Length.inches(18), Length.inches(18));
        Reckoned with = Reckoner.reckon(plain.withEdging(edging(EdgingKind.FLANGE)));
        assertThat(with.front().cutWidth()).isEqualTo(Length.inches(23));
        assertThat(with.fullness()).isEqualTo(Reckoner.reckon(plain).fullness());
        assertThat(with.ease(Axis.ACROSS)).isEqualTo(Length.ZERO);
    }

    static Stream<Arguments> findings() {
        CoverPlan square = finishedAt(Length.inches(18), Length.inches(18));
        CoverPlan zipped = square.withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH));
        return Stream.of(
                Arguments.of(
                        "lip-narrow",
                        square.withEdging(
                                edging(EdgingKind.PIPING, "stripRule", Piping.Rule.OWN, "stripOwn", Length.inches(1))),
                        "remedy.strip"),
                Arguments.of(
                        "cord-short",
                        square.withEdging(edging(EdgingKind.PIPING, "cordAtHand", Optional.of(Length.inches(70)))),
                        "remedy.get-more"),
                Arguments.of(
                        "strip-short",
                        square.withEdging(edging(EdgingKind.PIPING, "stripAtHand", Optional.of(Length.inches(70)))),
                        "remedy.get-more"),
                Arguments.of(
                        "piping-straight",
                        square.withShape(ShapeKind.ROUND.usual(Unit.INCH))
                                .withEdging(edging(EdgingKind.PIPING, "grain", Piping.Grain.STRAIGHT)),
                        "remedy.cut-bias"),
                Arguments.of(
                        "cord-bulky",
                        square.withEdging(edging(EdgingKind.PIPING, "cord", Piping.Cord.ROPE)),
                        "remedy.cord"),
                Arguments.of(
                        "block-small",
                        square.withEdging(edging(EdgingKind.PIPING, "block", Length.inches(3))),
                        "remedy.block"),
                Arguments.of(
                        "trim-fold",
                        square.withOpening(OpeningKind.WRAP.usual(Unit.INCH)).withEdging(edging(EdgingKind.PIPING)),
                        "remedy.envelope"),
                Arguments.of(
                        "french-trim",
                        square.withSeam(new Seam(HALF, SeamFinish.FRENCH)).withEdging(edging(EdgingKind.PIPING)),
                        "remedy.overlock"),
                Arguments.of("fringe-zip", zipped.withEdging(edging(EdgingKind.BY_LENGTH)), "remedy.back-zip"),
                Arguments.of(
                        "small-parts",
                        square.withEdging(edging(EdgingKind.BY_LENGTH, "trimSort", TrimByLength.Sort.BEADS)),
                        "remedy.noted"),
                Arguments.of(
                        "trim-heat",
                        square.withEdging(edging(EdgingKind.BY_LENGTH, "synthetic", true)),
                        "remedy.noted"),
                Arguments.of("layers", square.withEdging(edging(EdgingKind.RUFFLE, "pipedToo", true)), "remedy.noted"),
                Arguments.of(
                        "flange-unfit",
                        square.withShape(ShapeKind.RUN.usual(Unit.INCH)).withEdging(edging(EdgingKind.FLANGE)),
                        "remedy.no-flange"),
                Arguments.of("flange-opening", zipped.withEdging(edging(EdgingKind.FLANGE)), "remedy.envelope"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("findings")
    void whatCanGoWrongIsFoundAndPutRight(String code, CoverPlan plan, String label) {
        Finding finding = Reckoner.reckon(plan)
                .finding(code)
                .orElseThrow(() -> new AssertionError("only "
                        + Reckoner.reckon(plan).findings().stream()
                                .map(Finding::code)
                                .toList()));
        Finding.Remedy remedy = finding.remedy().orElseThrow();
        assertThat(remedy.label().code()).isEqualTo(label);
        assertThat(Reckoner.reckon(remedy.plan()).finding(code)).isEmpty();
    }

    @Test
    void threadAndHaberdasheryAreListedForEveryCover() {
        List<Need> needs = Notions.of(Reckoner.reckon(
                finishedAt(Length.inches(18), Length.inches(18)).withSeam(new Seam(HALF, SeamFinish.OVERLOCKED))));
        Need thread = needs.get(needs.size() - 1);
        assertThat(thread.what().code()).isEqualTo("need.thread");
        // 72 round and two hems across 19, three times; 72 overlocked, twelve times.
        assertThat(thread.sum().orElseThrow().total()).isEqualTo(Length.inches((72 + 38) * 3 + 72 * 12));
        // An 18 in side with a zip of 16: 72 round less the zip, the zip down both its sides and 1 in closed at each
        // end;
        // the seam is finished with lock stitch.
        Reckoned zipped = Reckoner.reckon(
                finishedAt(Length.inches(18), Length.inches(18)).withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH)));
        Length zip = zipped.back().zip().orElseThrow().length();
        assertThat(zip).isGreaterThan(Length.inches(10));
        assertThat(need(zipped, "need.thread"))
                .isEqualTo(Length.inches(72 + 2)
                        .plus(zip)
                        .times(3)
                        .plus(Length.inches(72).times(3)));
    }

    @Test
    void aHandleIsFourTimesItsWidthAndCaughtSoFarFromEachSide() {
        // Half-inch seams: 11 and two allowances long, folded to the middle twice; caught 4 in from the sides of 16.
        Reckoned reckoned = Reckoner.reckon(adding(
                finishedAt(Length.inches(16), Length.inches(14)),
                "handle",
                true,
                "handleWide",
                Length.inches(1, 1, 4),
                "handleLong",
                Length.inches(11),
                "handleFrom",
                Length.inches(4)));
        assertThat(piece(reckoned, "handle").cutWidth()).isEqualTo(Length.inches(12));
        assertThat(piece(reckoned, "handle").cutHeight()).isEqualTo(Length.inches(5));
        assertThat(reckoned.front().marks().stream()
                        .filter(mark -> mark.sort() == Marking.Sort.HANDLE)
                        .map(mark -> mark.fromLeft().orElseThrow()))
                .containsExactly(Length.inches(4, 1, 2), Length.inches(12, 1, 2));
    }

    private static CoverPlan adding(CoverPlan plan, Object... changes) {
        return plan.withExtras(Cases.changed(ExtrasKind.EXTRAS, Unit.INCH, changes));
    }

    @Test
    void aPocketsLiningIsTwiceItsBandTaller() {
        CoverPlan plan = finishedAt(Length.inches(16), Length.inches(16));
        Reckoned banded = Reckoner.reckon(adding(
                plan,
                "pocket",
                true,
                "pocketMake",
                Pocket.Make.CONTRAST_BAND,
                "pocketDeep",
                Length.inches(9),
                "pocketBand",
                Length.inches(1, 1, 2)));
        assertThat(piece(banded, "pocket").cutHeight()).isEqualTo(Length.inches(8, 1, 2));
        assertThat(piece(banded, "pocket-lining")
                        .cutHeight()
                        .minus(piece(banded, "pocket").cutHeight()))
                .isEqualTo(Length.inches(3));
        Reckoned plain = Reckoner.reckon(adding(plan, "pocket", true, "pocketDeep", Length.inches(9)));
        assertThat(piece(plain, "pocket").quantity()).isEqualTo(2);
        assertThat(piece(plain, "pocket").cutWidth()).isEqualTo(Length.inches(17));
    }

    static Stream<Arguments> extrasFindings() {
        CoverPlan square = finishedAt(Length.inches(16), Length.inches(16));
        return Stream.of(
                Arguments.of(
                        "pocket-deep",
                        adding(square, "pocket", true, "pocketDeep", Length.inches(14)),
                        "remedy.pocket"),
                Arguments.of(
                        "pocket-curve",
                        adding(square.withShape(ShapeKind.ROUND.usual(Unit.INCH)), "pocket", true),
                        "remedy.leave-off"),
                Arguments.of(
                        "handle-crosses",
                        adding(square, "handle", true, "handleFrom", Length.inches(9)),
                        "remedy.handle"),
                Arguments.of("label-corner", adding(square, "label", true, "labelFrom", HALF), "remedy.label"),
                Arguments.of("motif-none", adding(square, "motif", true), "remedy.leave-off"),
                Arguments.of(
                        "no-corners",
                        square.withShape(ShapeKind.ROUND.usual(Unit.INCH)).withEdging(edging(EdgingKind.CORNERS)),
                        "remedy.leave-off"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("extrasFindings")
    void whatIsAddedToTheFrontIsLookedAtToo(String code, CoverPlan plan, String label) {
        whatCanGoWrongIsFoundAndPutRight(code, plan, label);
    }

    @Test
    void aPhotoMayShowAMotif() {
        CoverPlan plan = adding(finishedAt(Length.inches(16), Length.inches(16)), "motif", true);
        Photo photo = new Photo(1, Length.inches(10), Length.inches(8));
        CoverPlan photographed = plan.withCloths(
                plan.cloths().changing(plan.cloths().front().id(), cloth -> cloth.withPhoto(Optional.of(photo))));
        assertThat(Reckoner.reckon(photographed).findings())
                .extracting(Finding::code)
                .doesNotContain("motif-none");
    }

    @Test
    void clothCostsWhatIsBoughtOfItWhereItsPriceIsKnown() {
        CoverPlan plan = finishedAt(Length.inches(18), Length.inches(18));
        Cloth priced = new Cloth("Ticking", "#31507e", Print.PLAIN, Length.inches(54), false, 1000);
        CoverPlan half = plan.withCloths(plan.cloths().with(Piece.Material.FRONT, priced));
        ClothToBuy buy = ClothToBuy.of(Reckoner.reckon(half), ClothNeed::of);
        Length bought = buy.needs().get(0).length().orElseThrow();
        assertThat(buy.cost(buy.needs().get(0))).contains(Math.round(bought.over(Length.inches(36)) * 1000));
        assertThat(buy.cost()).as("the back's price is not known").isEmpty();
        Reckoned all = Reckoner.reckon(half.withCloths(half.cloths().with(Piece.Material.BACK, priced)));
        assertThat(ClothToBuy.of(all, ClothNeed::of).cost()).isPresent();
    }
}
