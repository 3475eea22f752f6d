package app.dapt.cover.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.CoverFromPieces;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.shape.Corners;
import app.dapt.cover.shape.Rectangular;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.cover.shape.Vee;
import app.dapt.filling.Chambers;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Length;
import app.dapt.measure.LengthFormat;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Covers of every opening, reckoned by hand. */
class OpeningExamplesTest {

    private static final Length HALF = Length.inches(0, 1, 2);

    private static CoverPlan finishedAt(Mark mark, Kind<Shape> shape, Length across, Length upDown) {
        CoverPlan plan = DefaultPlan.plan("Example", mark, shape, Form.overCrown(across, upDown));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static CoverPlan finishedAt(Length across, Length upDown) {
        return finishedAt(Mark.EIGHTH, ShapeKind.OBLONG, across, upDown);
    }

    private static Opening opening(Kind<Opening> kind, Unit unit, Object... changes) {
        return Cases.changed(kind, unit, changes);
    }

    private static List<String> sizes(CoverPlan plan) {
        LengthFormat format = LengthFormat.in(plan.mark());
        return Reckoner.reckon(plan).pieces().stream()
                .map(piece -> (piece.quantity() > 1 ? piece.quantity() + " " : "") + piece.id() + " "
                        + format.bare(piece.cutWidth()) + " × " + format.bare(piece.cutHeight()))
                .toList();
    }

    private static List<String> marks(CoverPlan plan, Marking.Sort sort) {
        LengthFormat format = LengthFormat.in(plan.mark());
        return Reckoner.reckon(plan).front().marks().stream()
                .filter(mark -> mark.sort() == sort)
                .map(mark -> format.bare(mark.fromLeft().or(mark::fromTop).orElseThrow()))
                .toList();
    }

    private static final Rectangular TAPERED =
            (Rectangular) Cases.changed(ShapeKind.SQUARE, Unit.INCH, "corners", Corners.TAPERED);

    static Stream<Arguments> examples() {
        CoverPlan metric = finishedAt(Mark.MILLIMETRE, ShapeKind.SQUARE, Length.cm(42), Length.cm(42));
        CoverPlan french = finishedAt(Mark.MILLIMETRE, ShapeKind.OBLONG, Length.cm(75), Length.cm(50))
                .withSeam(new Seam(Length.mm(15), SeamFinish.FRENCH));
        CoverPlan run = finishedAt(Mark.EIGHTH, ShapeKind.RUN, Length.inches(64), Length.inches(25))
                .withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4));
        return Stream.of(
                Arguments.of(
                        "banded envelope",
                        finishedAt(Length.inches(22), Length.inches(22))
                                .withOpening(opening(
                                        OpeningKind.BANDED,
                                        Unit.INCH,
                                        "overlap",
                                        Length.inches(4),
                                        "band",
                                        Length.inches(4, 1, 2))),
                        List.of("front 23 × 23", "back-upper 23 × 11¾", "band 23 × 4½", "back-lower 23 × 14½")),
                Arguments.of(
                        "wrap",
                        metric.withOpening(opening(
                                OpeningKind.WRAP,
                                Unit.CENTIMETRE,
                                "overlap",
                                Length.cm(12),
                                "firstHem",
                                Hem.Kind.SINGLE,
                                "firstTurnTwo",
                                Length.mm(15),
                                "secondHem",
                                Hem.Kind.SINGLE,
                                "secondTurnTwo",
                                Length.cm(2))),
                        List.of("wrap 45 × 99.5")),
                Arguments.of(
                        "pillowcase",
                        french.withOpening(opening(
                                OpeningKind.PILLOWCASE,
                                Unit.CENTIMETRE,
                                "flaps",
                                PillowcaseOpening.Flaps.BOTH,
                                "flap",
                                Length.cm(14),
                                "ease",
                                Length.cm(3))),
                        List.of("pillowcase 182 × 56")),
                Arguments.of(
                        "zip in the edge",
                        finishedAt(Length.inches(27, 1, 2), Length.inches(27, 1, 2))
                                .withOpening(opening(OpeningKind.EDGE_ZIP, Unit.INCH)),
                        List.of("front 28½ × 28½", "back 28½ × 28½")),
                Arguments.of(
                        "zip across the back",
                        finishedAt(Length.inches(22), Length.inches(13))
                                .withOpening(opening(OpeningKind.BACK_ZIP, Unit.INCH, "zipAt", Length.inches(1, 1, 2))),
                        List.of("front 23 × 14", "back-upper 23 × 12½", "back-lower 23 × 2½")),
                Arguments.of(
                        "hidden zip",
                        finishedAt(Length.inches(15), Length.inches(15))
                                .withOpening(opening(OpeningKind.HIDDEN_ZIP, Unit.INCH)),
                        List.of(
                                "front 16 × 16",
                                "back-upper 16 × 9¼",
                                "back-lower 16 × 6¾",
                                "band 16 × 2½",
                                "2 tab 2 × 1")),
                Arguments.of(
                        "mock button band",
                        finishedAt(Length.inches(21), Length.inches(15))
                                .withFace(Cases.changed(
                                        FaceKind.BUTTON_BAND,
                                        Unit.INCH,
                                        "pleat",
                                        Length.inches(2),
                                        "buttonSize",
                                        Length.inches(1)))
                                .withOpening(opening(OpeningKind.EDGE_ZIP, Unit.INCH)),
                        List.of("front 26 × 16", "back 22 × 16")),
                Arguments.of(
                        "sewn shut, one piece",
                        finishedAt(Length.inches(24), Length.inches(24))
                                .withOpening(
                                        opening(OpeningKind.SEWN_SHUT, Unit.INCH, "cutIn", SewnShutOpening.Cut.ONE)),
                        List.of("whole 25 × 49")),
                Arguments.of(
                        "run of four",
                        run.withOpening(opening(OpeningKind.ENVELOPE, Unit.INCH, "overlap", Length.inches(6))),
                        List.of(
                                "front 65\u2060\u200a\u20603\u20448 × 26",
                                "back-upper 65\u2060\u200a\u20603\u20448 × 17",
                                "back-lower 65\u2060\u200a\u20603\u20448 × 17")),
                Arguments.of(
                        "round envelope",
                        finishedAt(Mark.EIGHTH, ShapeKind.ROUND, Length.inches(16), Length.inches(16))
                                .withOpening(opening(OpeningKind.ENVELOPE, Unit.INCH, "overlap", Length.inches(4))),
                        List.of("front 17 × 17", "back-upper 17 × 11½", "back-lower 17 × 11½")),
                Arguments.of(
                        "ties",
                        finishedAt(Length.inches(20), Length.inches(14))
                                .withOpening(opening(
                                        OpeningKind.ENVELOPE,
                                        Unit.INCH,
                                        "overlap",
                                        Length.inches(4),
                                        "fastening",
                                        Fastening.By.TIES,
                                        "fastenings",
                                        2,
                                        "tieWidth",
                                        HALF)),
                        List.of("front 21 × 15", "back-upper 21 × 10½", "back-lower 21 × 10½", "4 tie 11 × 2")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("examples")
    void isCutAsReckonedByHand(String name, CoverPlan plan, List<String> sizes) {
        assertThat(sizes(plan)).isEqualTo(sizes);
    }

    @Test
    void foldsPleatsAndChannelsAreMarkedWhereTheyLie() {
        List<CoverPlan> plans =
                examples().map(arguments -> (CoverPlan) arguments.get()[1]).toList();
        assertThat(marks(plans.get(1), Marking.Sort.FOLD)).containsExactly("28.5", "70.5");
        assertThat(marks(plans.get(2), Marking.Sort.FOLD)).containsExactly("16", "91", "166");
        assertThat(marks(plans.get(6), Marking.Sort.PLEAT)).containsExactly("12", "16");
        assertThat(marks(plans.get(6), Marking.Sort.BUTTON)).containsExactly("11", "11", "11");
        assertThat(marks(plans.get(7), Marking.Sort.FOLD)).containsExactly("24½");
        assertThat(marks(plans.get(8), Marking.Sort.CHANNEL)).hasSize(3);
    }

    static Stream<Arguments> zips() {
        return Stream.of(
                Arguments.of(
                        finishedAt(Length.inches(27, 1, 2), Length.inches(27, 1, 2)),
                        OpeningKind.EDGE_ZIP,
                        Length.inches(24),
                        Length.inches(1, 3, 4)),
                Arguments.of(
                        finishedAt(Length.inches(22), Length.inches(13)),
                        OpeningKind.BACK_ZIP,
                        Length.inches(20),
                        Length.inches(1)),
                Arguments.of(
                        finishedAt(Length.inches(15), Length.inches(15)),
                        OpeningKind.HIDDEN_ZIP,
                        Length.inches(14),
                        HALF),
                Arguments.of(
                        finishedAt(Mark.MILLIMETRE, ShapeKind.SQUARE, Length.cm(47), Length.cm(47)),
                        OpeningKind.EDGE_ZIP,
                        Length.cm(40),
                        Length.mm(35)));
    }

    @ParameterizedTest
    @MethodSource("zips")
    void takesTheLongestZipSoldThatLeavesItsEndsClosed(
            CoverPlan plan, Kind<Opening> kind, Length teeth, Length closed) {
        Back.Zip zip = Reckoner.reckon(plan.withOpening(kind.usual(plan.unit())))
                .back()
                .zip()
                .orElseThrow();
        assertThat(zip.length()).isEqualTo(teeth);
        assertThat(zip.from()).isEqualTo(closed);
        assertThat(zip.buy()).isEqualTo(teeth);
    }

    @Test
    void anInvisibleZipIsBoughtLongerAndALongerOneIsShortened() {
        CoverPlan plan = finishedAt(Length.inches(20), Length.inches(20));
        Back.Zip invisible = Reckoner.reckon(plan.withOpening(
                        opening(OpeningKind.EDGE_ZIP, Unit.INCH, "zipSort", EdgeZipOpening.Sorts.INVISIBLE)))
                .back()
                .zip()
                .orElseThrow();
        assertThat(invisible.length()).isEqualTo(Length.inches(18));
        assertThat(invisible.buy()).isEqualTo(Length.inches(20));
        Back.Zip own = Reckoner.reckon(plan.withOpening(opening(
                        OpeningKind.EDGE_ZIP,
                        Unit.INCH,
                        "zipStock",
                        ZipLength.Stock.OWN,
                        "zipLength",
                        Length.inches(17))))
                .back()
                .zip()
                .orElseThrow();
        assertThat(own.buy()).isEqualTo(Length.inches(18));
    }

    @Test
    void buttonsAreSpacedEvenlyWithHalfASpaceAtTheEnds() {
        CoverPlan plan = finishedAt(Length.inches(20), Length.inches(20))
                .withOpening(
                        opening(OpeningKind.BANDED, Unit.INCH, "fastening", Fastening.By.BUTTONS, "fastenings", 4));
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(reckoned.back().spots())
                .extracting(spot -> spot.along().toInches())
                .containsExactly(2.5, 7.5, 12.5, 17.5);
        Piece band = reckoned.pieces().get(2);
        assertThat(band.marks())
                .filteredOn(mark -> mark.sort() == Marking.Sort.BUTTONHOLE)
                .hasSize(4)
                .allSatisfy(mark -> assertThat(mark.fromTop()).contains(Length.inches(1, 1, 4)));
        assertThat(reckoned.pieces().get(3).marks())
                .filteredOn(mark -> mark.sort() == Marking.Sort.BUTTON)
                .hasSize(4);
    }

    private static Shape vee(Object... changes) {
        return Cases.changed(ShapeKind.VEE, Unit.INCH, changes);
    }

    @Test
    void aVeeHasTheMeasuresItWasGivenAndIsTheSameOnBothSides() {
        for (Vee.End end : Vee.End.values()) {
            Shape vee = vee("arm", Length.inches(12), "armEnd", end);
            Contour outline = vee.outline(Length.inches(34), Length.inches(26), Length.ZERO, 0.8)
                    .orElseThrow();
            assertThat(outline.left()).isCloseTo(0, within(0.5));
            assertThat(outline.right()).isCloseTo(34 * 25.4, within(0.5));
            assertThat(outline.top()).isCloseTo(0, within(0.5));
            assertThat(outline.bottom()).isCloseTo(26 * 25.4, within(0.5));
            Contour half = outline.within(0, 0, 17 * 25.4, 1e4);
            assertThat(half.area()).isCloseTo(outline.area() / 2, within(1.0));
        }
    }

    @Test
    void aSharpVeeHoldsItsArmsWidthTimesTheirLengthOfCloth() {
        Shape sharp = vee("arm", Length.inches(12), "inner", Length.ZERO, "outer", Length.ZERO);
        Contour outline = sharp.outline(Length.inches(34), Length.inches(26), Length.ZERO, 0.8)
                .orElseThrow();
        Chambers casing = (Chambers) sharp.casing(Length.inches(34), Length.inches(26));
        assertThat(outline.area()).isCloseTo(casing.each().height().toMm() * 12 * 25.4, Percentage.withPercentage(0.5));
    }

    @Test
    void aRoundEdgeMeasuresPiTimesItsDiameter() {
        Contour circle = Contour.circle(Length.inches(16));
        assertThat(circle.perimeter()).isCloseTo(Math.PI * 16 * 25.4, within(Math.PI * 16 * 25.4 * 0.001));
        assertThat(circle.grown(HALF).right() - circle.grown(HALF).left()).isCloseTo(17 * 25.4, within(0.2));
    }

    @Test
    void aCornerIsTaperedInByItsEarAndTheCoverGrowsFuller() {
        CoverPlan plan = finishedAt(Mark.EIGHTH, ShapeKind.SQUARE, Length.inches(18), Length.inches(18));
        Rectangular.Taper taper =
                TAPERED.taper(Length.inches(18), Length.inches(18), 0.75).orElseThrow();
        assertThat(taper.inset()).isEqualTo(HALF);
        assertThat(taper.reach()).isBetween(Length.inches(4), Length.inches(6));
        Reckoned plain = Reckoner.reckon(plan);
        Reckoned tapered = Reckoner.reckon(plan.withShape(TAPERED));
        assertThat(tapered.fullness().ratio()).isGreaterThan(plain.fullness().ratio());
        assertThat(Rectangular.taperOf(tapered.outline().orElseThrow()).inset()).isEqualTo(HALF);
        assertThat(tapered.front().cutWidth())
                .as("the rectangle is cut first")
                .isEqualTo(plain.front().cutWidth());
        assertThat(TAPERED.taper(Length.inches(18), Length.inches(18), 0.4)).isEqualTo(Optional.empty());
    }

    @Test
    void aPanelWiderThanItsClothIsJoinedBesideAFullDropOrInTheMiddle() {
        CoverPlan plan =
                finishedAt(Length.inches(71), Length.inches(20)).withOpening(opening(OpeningKind.EDGE_ZIP, Unit.INCH));
        Cloth striped = new Cloth("Ticking", "#31507e", Print.STRIPE, Length.inches(54), false);
        plan = plan.withCloths(plan.cloths().with(Piece.Material.FRONT, striped));
        assertThat(sizes(plan.withJoining(JoiningKind.MIDDLE.usual(Unit.INCH))))
                .startsWith("front-1 36½ × 21", "front-2 36½ × 21");
        assertThat(sizes(plan.withJoining(JoiningKind.SIDES.usual(Unit.INCH))))
                .startsWith("front-1 10½ × 21", "front-2 53 × 21", "front-3 10½ × 21");
    }

    @Test
    void notchesOnTheFrontShowWhereTheBacksEnd() {
        CoverPlan plan = finishedAt(Length.inches(20), Length.inches(20))
                .withOpening(opening(OpeningKind.ENVELOPE, Unit.INCH, "overlap", Length.inches(4)));
        Piece front = Reckoner.reckon(plan).front();
        assertThat(front.marks())
                .filteredOn(mark -> mark.sort() == Marking.Sort.NOTCH)
                .extracting(mark -> mark.fromTop().orElseThrow().toInches())
                .containsExactlyInAnyOrder(8.5, 8.5, 12.5, 12.5);
        Marking lower = front.marks().stream()
                .filter(mark ->
                        mark.fromTop().filter(Length.inches(12, 1, 2)::equals).isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(lower.upDown(front))
                .as("measured from the nearer edge")
                .contains(new Marking.Measure(Length.inches(8, 1, 2), Side.BOTTOM));
    }

    @Test
    void theWayBackFromPiecesGivesTheCoverTheyWereCutFor() {
        CoverFromPieces.Cut cut = new CoverFromPieces.Cut(
                Length.inches(21, 1, 4),
                Length.inches(21, 1, 4),
                Length.inches(21, 1, 4),
                Length.inches(14, 1, 8),
                Length.inches(14, 1, 8),
                HALF,
                Length.inches(1),
                Length.inches(1));
        CoverFromPieces back = CoverFromPieces.of(cut, Mark.EIGHTH, "Found");
        assertThat(back.across().total()).isEqualTo(Length.inches(20, 1, 4));
        assertThat(back.overlap().orElseThrow().total()).isEqualTo(Length.inches(5));
        assertThat(back.forms()).extracting(form -> form.across().toInches()).containsExactly(21.25, 20.25, 22.25);
        assertThat(back.concerns()).isEmpty();
        assertThat(sizes(back.plan()))
                .containsExactly(
                        "front 21¼ × 21¼",
                        "back-upper 21¼ × 14\u2060\u200a\u20601\u20448",
                        "back-lower 21¼ × 14\u2060\u200a\u20601\u20448");
    }

    @ParameterizedTest
    @CsvSource({
        "edge-zip, 20, 20, 20, 20, 19, 19, ''",
        "sewn-shut, 20, 20, 21, 20, 19, 19, have.uneven-back-across.what have.trim.why",
        "edge-zip, 20, 21, 20.25, 20, 19, 19, have.uneven-back-across.what have.ease.why"
                + " have.uneven-front-up-down.what have.trim.why",
    })
    void aFrontAndABackMakeWhatTheSmallerAllowsAndTheLargerIsTrimmedOrEased(
            String closes, double fa, double fu, double ba, double bu, int across, int upDown, String said) {
        CoverFromPieces made = CoverFromPieces.of(
                new CoverFromPieces.Whole(
                        Length.nearInches(fa),
                        Length.nearInches(fu),
                        Length.nearInches(ba),
                        Length.nearInches(bu),
                        HALF,
                        OpeningKind.ALL.coded(closes).orElseThrow()),
                Mark.EIGHTH,
                "Found");
        assertThat(made.across().total()).isEqualTo(Length.inches(across));
        assertThat(made.upDown().total()).isEqualTo(Length.inches(upDown));
        assertThat(made.overlap()).isEmpty();
        assertThat(made.concerns().stream()
                        .flatMap(trouble ->
                                Stream.of(trouble.what().code(), trouble.why().code()))
                        .collect(Collectors.joining(" ")))
                .isEqualTo(said);
        assertThat(made.plan().opening().kind().code()).isEqualTo(closes);
        assertThat(sizes(made.plan())).containsExactly("front 20 × 20", "back 20 × 20");
    }

    @Test
    void aHalvedBlankThatIsTooSmallSaysSoAndSwappedBacksAreSeen() {
        CoverFromPieces.Cut usual = CoverFromPieces.Cut.usual(Unit.INCH);
        assertThat(CoverFromPieces.of(usual.withBlankHalved(), Mark.EIGHTH, "Blank")
                        .concerns())
                .extracting(trouble -> trouble.what().code())
                .containsExactly("have.narrow-backs.what");
        CoverFromPieces.Cut taller = new CoverFromPieces.Cut(
                Length.inches(18),
                Length.inches(22),
                Length.inches(18),
                Length.inches(11),
                Length.inches(11),
                HALF,
                Length.inches(1),
                Length.inches(1));
        assertThat(CoverFromPieces.of(taller, Mark.EIGHTH, "Short").concerns())
                .extracting(trouble -> trouble.what().code())
                .containsExactly("have.backs-short.what");
        CoverFromPieces.Cut swapped = new CoverFromPieces.Cut(
                Length.inches(23),
                Length.inches(14),
                Length.inches(9, 1, 2),
                Length.inches(23),
                Length.inches(23),
                HALF,
                Length.inches(1),
                Length.inches(1));
        assertThat(CoverFromPieces.of(swapped, Mark.EIGHTH, "Swapped").concerns())
                .extracting(trouble -> trouble.what().code())
                .contains("have.swapped-backs.what");
    }
}
