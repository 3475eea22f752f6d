package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.decision.Detailed;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Spacing;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.Piping;
import app.dapt.cover.front.Extras;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.Face;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.front.Pocket;
import app.dapt.cover.front.Row;
import app.dapt.cover.opening.ArmFlapOpening;
import app.dapt.cover.opening.BandedOpening;
import app.dapt.cover.opening.Fastening;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.RuleOfThumb;
import app.dapt.cover.opening.SewnShutOpening;
import app.dapt.cover.opening.ZipLength;
import app.dapt.cover.shape.Corners;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.cover.shape.Vee;
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.LengthFormat;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Marking;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.Side;
import app.dapt.step.Step;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people who have made many covers do, reckoned by hand; half-inch seams where nothing else is said. */
class PractisedExamplesTest {

    private static final LengthFormat EIGHTHS = LengthFormat.in(Mark.EIGHTH);

    private static CoverPlan finished(Kind<Shape> shape, int across, int upDown) {
        CoverPlan plan = DefaultPlan.plan(
                "Example", Mark.EIGHTH, shape, Form.overCrown(Length.inches(across), Length.inches(upDown)));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static CoverPlan finished(int across, int upDown) {
        return finished(ShapeKind.OBLONG, across, upDown);
    }

    private static <T extends Detailed> T kind(Kind<T> kind, Object... changes) {
        return Cases.changed(kind, Unit.INCH, changes);
    }

    private static Piece piece(CoverPlan plan, String id) {
        return Reckoner.reckon(plan).back().pieces().stream()
                .filter(piece -> piece.id().equals(id))
                .findFirst()
                .or(() -> Reckoner.reckon(plan).pieces().stream()
                        .filter(piece -> piece.id().equals(id))
                        .findFirst())
                .orElseThrow();
    }

    private static String size(CoverPlan plan, String id) {
        Piece piece = piece(plan, id);
        return piece.quantity() + " of " + bare(piece.cutWidth()) + " × " + bare(piece.cutHeight());
    }

    private static String bare(Length length) {
        return EIGHTHS.bare(length).replace("\u2060\u200a\u2060", " ").replace('\u2044', '/');
    }

    /** Marks of a sort as {@code left,top}, a line with one of the two. */
    private static List<String> marks(Piece piece, Sort sort) {
        return piece.marks().stream()
                .filter(mark -> mark.sort() == sort)
                .map(mark -> mark.fromLeft().map(PractisedExamplesTest::bare).orElse("") + ","
                        + mark.fromTop().map(PractisedExamplesTest::bare).orElse(""))
                .toList();
    }

    @Test
    void onAPleatedFrontWhatLiesBeyondTheBandIsCutTwoBandsFurtherOut() {
        // Finished 21 × 15, band 2: cut 26 × 16, folds at 12 and 16, the cover's middle at 11.
        CoverPlan pleated = finished(21, 15)
                .withFace(kind(FaceKind.BUTTON_BAND, "pleat", Length.inches(2)))
                .withExtras(kind(ExtrasKind.EXTRAS, "motif", true));
        // A zip of 18 in the lower seam: 1½ closed at each end, so it is marked 2 in from the cut edge, and 20 + 4.
        Piece front = piece(pleated.withOpening(kind(OpeningKind.EDGE_ZIP)), "front");
        assertThat(front.cutWidth()).isEqualTo(Length.inches(26));
        assertThat(marks(front, Sort.ZIP_END)).containsExactly("2,16", "24,16");
        assertThat(marks(front, Sort.CENTRE)).containsExactly("11,0", "11,16");
        assertThat(marks(front, Sort.MOTIF)).containsExactly("11,8");
        assertThat(marks(front, Sort.BUTTON)).containsExactly("11,3", "11,8", "11,13");
        // An envelope's upper back ends 9½ down: notched at both sides, the right one at the far edge.
        Piece notched = piece(pleated.withOpening(kind(OpeningKind.ENVELOPE, "overlap", Length.inches(4))), "front");
        assertThat(marks(notched, Sort.NOTCH)).containsExactly("0,6", "26,6", "0,10", "26,10");
    }

    @ParameterizedTest
    @CsvSource({"HALF_AT_ENDS, '3 7/8,10½,17 1/8'", "EQUAL, '5½,10½,15½'"})
    void buttonsAreSpacedByEitherSchool(Spacing spacing, String along) {
        // 20 finished, three buttons: 6⅔ apart and 3⅓ at the ends, or 5 apart; ½ of seam before that.
        CoverPlan plan = finished(20, 20)
                .withOpening(kind(OpeningKind.BANDED, "fastening", Fastening.By.BUTTONS, "spacing", spacing));
        assertThat(marks(piece(plan, "band"), Sort.BUTTONHOLE))
                .extracting(mark -> mark.split(",")[0])
                .containsExactly(along.split(","));
        CoverPlan mock = finished(20, 20).withFace(kind(FaceKind.BUTTON_BAND, "buttonSpacing", spacing));
        assertThat(marks(piece(mock, "front"), Sort.BUTTON))
                .extracting(mark -> mark.split(",")[1])
                .containsExactly(along.split(","));
    }

    private static CoverPlan vee(Object... changes) {
        return finished(ShapeKind.VEE, 34, 24).withShape(kind(ShapeKind.VEE, changes));
    }

    private static double area(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH)
                .outline()
                .orElseThrow()
                .area();
    }

    @Test
    void theCurveOfAVIsAsAskedForAsFarAsItGoes() {
        List<Double> areas = Stream.of(Length.inches(10), Length.inches(12, 3, 8), Length.inches(20))
                .map(radius -> area(vee("arm", Length.inches(12), "outer", radius)))
                .toList();
        assertThat(areas).doesNotHaveDuplicates();
        Finding most = Reckoner.reckon(vee("arm", Length.inches(12), "outer", Length.inches(24)))
                .finding("vee-curve")
                .orElseThrow();
        Length allowed = (Length) most.what().args().get(2);
        assertThat(allowed).isLessThan(Length.inches(24)).isGreaterThan(Length.inches(12));
        assertThat(Reckoner.reckon(most.remedy().orElseThrow().plan()).finding("vee-curve"))
                .isEmpty();
        assertThat(Reckoner.reckon(vee("arm", Length.inches(12))).finding("vee-curve"))
                .isEmpty();
    }

    @Test
    void theArmsOfAVRiseAtAGivenAngleInPlaceOfAWidth() {
        // Sharp, square ends, 24 high, arms 12 wide at 45°: 2 (24 − 12 · cos 45°) = 31.03 wide.
        CoverPlan plan = vee(
                "arm",
                Length.inches(12),
                "inner",
                Length.ZERO,
                "outer",
                Length.ZERO,
                "veeBy",
                Vee.By.ANGLE,
                "rise",
                45);
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(reckoned.finished(Axis.ACROSS).toInches()).isCloseTo(31.03, within(0.01));
        Contour outline = reckoned.outline().orElseThrow();
        assertThat(outline.right() - outline.left()).isCloseTo(31.03 * 25.4, within(0.5));
        assertThat(outline.bottom() - outline.top()).isCloseTo(24 * 25.4, within(0.5));
        // Curved 4 outside: the arms are (24 − 12 · cos 60° + 4 (1/cos 60° − 1)) / sin 60° = 25.4 long, and half of
        // that on each side.
        assertThat(Reckoner.reckon(vee("arm", Length.inches(12), "veeBy", Vee.By.ANGLE, "rise", 60))
                        .finished(Axis.ACROSS)
                        .toInches())
                .isCloseTo(25.40, within(0.01));
    }

    @Test
    void bothLayersOfAnArmsFlapAreTuckedInTogether() {
        CoverPlan front = vee("arm", Length.inches(9)).withOpening(kind(OpeningKind.ARM_FLAP));
        CoverPlan both = front.withOpening(kind(OpeningKind.ARM_FLAP, "flapLayers", ArmFlapOpening.Layers.BOTH));
        assertThat(piece(front, "back").cutWidth())
                .isLessThan(piece(front, "front").cutWidth());
        assertThat(piece(both, "back").cutWidth())
                .isEqualTo(piece(both, "front").cutWidth())
                .isEqualTo(piece(front, "front").cutWidth());
        assertThat(Reckoner.reckon(both).back().ends().tuckBack()).isEqualTo(Length.inches(6));
    }

    @Test
    void aCircleIsDrawnFromItsOffsets() {
        // Cut 17 across: √(8.5² − 7.5²) = 4.00 out at 1 down, √(8.5² − 4.5²) = 7.21 at 4 down, 8½ at the middle.
        Reckoned round = Reckoner.reckon(finished(ShapeKind.ROUND, 16, 16));
        Offsets offsets = Offsets.of(Template.of(round).get(0), Unit.INCH);
        assertThat(offsets.rows()).hasSize(18);
        assertThat(offsets.rows().get(1).from()).singleElement().satisfies(out -> assertThat(out.toInches())
                .isCloseTo(4, within(0.03)));
        assertThat(offsets.rows().get(4).from()).singleElement().satisfies(out -> assertThat(out.toInches())
                .isCloseTo(7.21, within(0.03)));
        assertThat(offsets.rows().get(17).at().toInches()).isCloseTo(17, within(0.001));
        Reckoned vee = Reckoner.reckon(vee("arm", Length.inches(12)).withOpening(kind(OpeningKind.EDGE_ZIP)));
        assertThat(Offsets.of(Template.of(vee).get(0), Unit.INCH).rows())
                .as("between the arms the line is met twice")
                .anyMatch(row -> row.from().size() == 2);
        Reckoned tapered = Reckoner.reckon(
                finished(ShapeKind.SQUARE, 20, 20).withShape(kind(ShapeKind.SQUARE, "corners", Corners.TAPERED)));
        List<Offsets.Row> corner =
                Offsets.of(Template.of(tapered).get(0), Unit.INCH).rows();
        assertThat(corner.get(corner.size() - 1).from()).singleElement().satisfies(in -> assertThat(in.toInches())
                .isCloseTo(0, within(0.02)));
        assertThat(corner.get(1).from().get(0))
                .isGreaterThan(corner.get(3).from().get(0));
    }

    private static CoverPlan run(Object... changes) {
        return finished(ShapeKind.RUN, 64, 27)
                .withShape(kind(ShapeKind.RUN, changes))
                .withOpening(kind(OpeningKind.ENVELOPE, "overlap", Length.inches(6)));
    }

    @Test
    void strapsPropAnEndOrCarryTheRunAndSitOnTheBackOnly() {
        // Four pockets of 64 + ⅜ taken up are 16 3/32 each: the middle of the first lies at ½ + 8 3/64, of the second
        // at
        // ½ + 24 9/64; 4 in from either long side.
        CoverPlan prop = run("pockets", 4, "strapUse", Run.Use.PROP, "strapFrom", Length.inches(4));
        assertThat(size(prop, "strap")).isEqualTo("4 of 8 × 3");
        assertThat(marks(piece(prop, "front"), Sort.STRAP)).isEmpty();
        // 4 and 23 below the top: the upper back shows to 16½, the lower from there, cut 1 in of hem above its edge at
        // 10½.
        assertThat(marks(piece(prop, "back-upper"), Sort.STRAP)).containsExactly("8½,4½", "24 5/8,4½");
        assertThat(marks(piece(prop, "back-lower"), Sort.STRAP)).containsExactly("8½,13½", "24 5/8,13½");
        // Seen from behind the right end instead: as far from the other side, 65⅜ less that.
        CoverPlan right = run(
                "pockets", 4, "strapUse", Run.Use.PROP, "strapFrom", Length.inches(4), "strapEnd", Run.Propped.RIGHT);
        assertThat(marks(piece(right, "back-upper"), Sort.STRAP)).containsExactly("56 7/8,4½", "40¾,4½");
        // One to carry by: both its ends in the top edge, 8 in from the sides.
        CoverPlan carry = run("pockets", 4, "strapUse", Run.Use.CARRY, "straps", 1, "strapFrom", Length.inches(8));
        assertThat(size(carry, "strap")).isEqualTo("1 of 8 × 3");
        assertThat(marks(piece(carry, "back-upper"), Sort.STRAP)).containsExactly("8½,0", "56½,0");
        // Two: four ends, the outermost 8 in from the sides and the others evenly between, 16 apart.
        CoverPlan two = run("pockets", 4, "strapUse", Run.Use.CARRY, "straps", 2, "strapFrom", Length.inches(8));
        assertThat(marks(piece(two, "back-upper"), Sort.STRAP)).containsExactly("8½,0", "24½,0", "40½,0", "56½,0");
        assertThat(Reckoner.reckon(run("pockets", 4)).pieces())
                .as("straps are there where somebody asks for them")
                .extracting(Piece::id)
                .doesNotContain("strap");
    }

    @Test
    void theLinesBetweenPocketsRunThroughBothBacks() {
        CoverPlan plan = run("pockets", 4);
        for (String id : List.of("front", "back-upper", "back-lower")) {
            assertThat(marks(piece(plan, id), Sort.CHANNEL)).as(id).hasSize(3);
        }
    }

    @Test
    void tiesAreAsLongAsAskedForAndTurnedInSoFar() {
        CoverPlan plan = finished(20, 20)
                .withOpening(kind(
                        OpeningKind.ENVELOPE,
                        "fastening",
                        Fastening.By.TIES,
                        "fastenings",
                        2,
                        "tieLong",
                        Length.inches(12),
                        "tieTurn",
                        Length.inches(0, 3, 4)));
        assertThat(size(plan, "tie")).isEqualTo("4 of 13½ × 2");
    }

    @Test
    void aPocketHasASeamOfItsOwnAndANarrowBand() {
        CoverPlan plan = finished(20, 20)
                .withExtras(kind(
                        ExtrasKind.EXTRAS,
                        "pocket",
                        true,
                        "pocketDeep",
                        Length.inches(9),
                        "pocketSeam",
                        Length.inches(0, 1, 4)));
        assertThat(size(plan, "pocket")).isEqualTo("2 of 21 × 9¾");
        CoverPlan banded = plan.withExtras(kind(
                ExtrasKind.EXTRAS,
                "pocket",
                true,
                "pocketDeep",
                Length.inches(9),
                "pocketSeam",
                Length.inches(0, 1, 4),
                "pocketMake",
                Pocket.Make.CONTRAST_BAND,
                "pocketBand",
                Length.inches(0, 1, 4)));
        assertThat(size(banded, "pocket")).isEqualTo("1 of 21 × 9½");
        assertThat(size(banded, "pocket-lining")).as("twice the band taller").isEqualTo("1 of 21 × 10");
    }

    private static Extras rows(int count, Row.Of of) {
        Object[] changes = Stream.concat(
                        Stream.of("rows", count),
                        IntStream.rangeClosed(1, count).boxed().flatMap(row -> Stream.of("row" + row + "Of", of)))
                .toArray();
        return kind(ExtrasKind.EXTRAS, changes);
    }

    /** Rows as they come lie 4 in above the lower edge and 3 in apart. */
    @Test
    void rowsRunFromEdgeToEdgeAtTheirHeights() {
        CoverPlan lace = finished(20, 20).withExtras(rows(3, Row.Of.LACE));
        assertThat(marks(piece(lace, "front"), Sort.ROW)).containsExactly(",16½", ",13½", ",10½");
        assertThat(Reckoner.reckon(lace).needs())
                .filteredOn(need -> need.what().code().equals("need.rows.lace"))
                .singleElement()
                .satisfies(need -> assertThat(need.sum().orElseThrow().total()).isEqualTo(Length.inches(63)));
        // Ruffles: 2 × 20 and both allowances are 41 a row, 2 deep with ½ turned on both edges; one strip of 53
        // reaches.
        CoverPlan ruffled = lace.withExtras(rows(3, Row.Of.RUFFLE));
        assertThat(size(ruffled, "row")).isEqualTo("3 of 41 × 3");
        assertThat(size(finished(30, 20).withExtras(ruffled.extras()), "row"))
                .as("61 a row in two strips, 1 in to join them")
                .isEqualTo("6 of 31½ × 3");
        Finding past = Reckoner.reckon(finished(20, 20).withExtras(rows(12, Row.Of.LACE)))
                .finding("rows-past")
                .orElseThrow();
        assertThat(Reckoner.reckon(past.remedy().orElseThrow().plan()).finding("rows-past"))
                .isEmpty();
    }

    /** Finished 22 × 22, two thirds of 23 cut are 15⅓, so 15⅜; a band of 4½ shows 2. */
    @Test
    void aBandIsReadIntoTheTwoThirdsOrOnTopOfThem() {
        CoverPlan with = finished(22, 22).withOpening(kind(OpeningKind.BANDED, "rule", RuleOfThumb.TWO_THIRDS));
        assertThat(size(with, "back-upper")).isEqualTo("1 of 23 × 13 5/8");
        CoverPlan onTop = with.withOpening(kind(
                OpeningKind.BANDED, "rule", RuleOfThumb.TWO_THIRDS, "ruleBand", BandedOpening.Reading.BAND_ON_TOP));
        assertThat(size(onTop, "back-upper")).isEqualTo("1 of 23 × 15 3/8");
        Length more = Reckoner.reckon(onTop)
                .back()
                .overlap()
                .orElseThrow()
                .minus(Reckoner.reckon(with).back().overlap().orElseThrow());
        assertThat(more)
                .as("2 in of band less the ¼ in seam it is sewn on with")
                .isEqualTo(Length.inches(1, 3, 4));
    }

    /** A band 23 wide from four strips: a quarter each, and ½ in more at every join. */
    @Test
    void aBandIsPiecedFromStripsAndStiffened() {
        CoverPlan plan =
                finished(22, 22).withOpening(kind(OpeningKind.BANDED, "bandStrips", 4, "bandInterfaced", true));
        assertThat(size(plan, "band-1")).isEqualTo("1 of 6¼ × 4½");
        assertThat(size(plan, "band-2")).isEqualTo("1 of 6¾ × 4½");
        assertThat(Reckoner.reckon(plan).needs())
                .extracting(need -> need.what().code())
                .contains("need.interfacing-of");
        assertThat(CoverSteps.of(Reckoner.reckon(plan)))
                .extracting(Step::id)
                .contains("band/join-panels", "band/interface");
    }

    /** A table cloth's hem of an inch stays: nothing is added for it and nothing done to it. */
    @Test
    void aHemThatIsThereStays() {
        CoverPlan plan = finished(20, 20)
                .withOpening(kind(OpeningKind.ENVELOPE, "firstHem", Hem.Kind.THERE, "firstTurnTwo", Length.inches(1)));
        // 10 and half of 4 and an allowance.
        assertThat(size(plan, "back-upper")).isEqualTo("1 of 21 × 12½");
        assertThat(piece(plan, "back-upper").edge(Side.BOTTOM).hemDepth()).isEqualTo(Length.inches(1));
        assertThat(CoverSteps.of(Reckoner.reckon(plan)))
                .extracting(Step::id)
                .contains("back-lower/hem-stitch")
                .doesNotContain("back-upper/hem-stitch", "back-upper/hem-press");
    }

    @Test
    void pipingCutAlongTheClothIsOneLength() {
        CoverPlan plan =
                finished(ShapeKind.SQUARE, 20, 20).withEdging(kind(EdgingKind.PIPING, "grain", Piping.Grain.ALONG));
        assertThat(size(plan, "piping"))
                .as("80 round and 4 to join, 1.491 wide")
                .isEqualTo("1 of 1½ × 84");
    }

    @Test
    void eachWayFollowsASchoolOfItsOwn() {
        CoverPlan plan = finished(20, 14)
                .withFit(new Fit(
                        FitSchool.CUT_TO_FORM, Optional.of(FitSchool.FINISH_TO_FORM), Length.inches(2), Length.ZERO));
        assertThat(Reckoner.reckon(plan).finished(Axis.ACROSS)).isEqualTo(Length.inches(19));
        assertThat(Reckoner.reckon(plan).finished(Axis.UP_DOWN)).isEqualTo(Length.inches(14));
    }

    @Test
    void aLabelThatMeansTheCoverGivesTheFinishedSize() {
        Form bought = new Form(
                finished(20, 20).form().across().with(Reading.LABEL, Optional.of(Length.inches(18))),
                finished(20, 20).form().upDown(),
                Optional.empty(),
                LabelMeans.COVER,
                Filling.UNKNOWN);
        CoverPlan plan = finished(ShapeKind.SQUARE, 20, 20)
                .withForm(
                        new Form(bought.across(), Readings.NONE, Optional.empty(), LabelMeans.COVER, Filling.UNKNOWN));
        Finding offered = Reckoner.reckon(plan).finding("label-cover").orElseThrow();
        Reckoned taken = Reckoner.reckon(offered.remedy().orElseThrow().plan());
        assertThat(taken.finished(Axis.ACROSS)).isEqualTo(Length.inches(18));
        assertThat(taken.finding("label-cover")).isEmpty();
    }

    @Test
    void rulesOfThumbGoForBandedAndLinedBacksAndWithTheHemAdded() {
        // 22 finished, 23 cut: two thirds is 15⅜. With its band of 2 the upper one is that deep: cut 15⅜ − 2 + ¼ above
        // the band.
        CoverPlan banded = finished(ShapeKind.SQUARE, 22, 22)
                .withOpening(kind(OpeningKind.BANDED, "rule", RuleOfThumb.TWO_THIRDS));
        assertThat(size(banded, "back-upper")).isEqualTo("1 of 23 × 13 5/8");
        assertThat(size(banded, "back-lower")).isEqualTo("1 of 23 × 15 3/8");
        // Upper 15⅜ − ½, lower 15⅜ − ½ − 1, less 22.
        assertThat(Reckoner.reckon(banded).back().overlap()).contains(Length.inches(6, 3, 4));
        CoverPlan hemmed = finished(ShapeKind.SQUARE, 20, 20)
                .withOpening(kind(OpeningKind.ENVELOPE, "rule", RuleOfThumb.TWO_THIRDS_AND_HEM));
        // 21 cut: 14 and a hem of 1. Left: 2 × (15 − 1½) − 20.
        assertThat(size(hemmed, "back-upper")).isEqualTo("1 of 21 × 15");
        assertThat(Reckoner.reckon(hemmed).back().overlap()).contains(Length.inches(7));
        CoverPlan lined = finished(ShapeKind.SQUARE, 20, 20)
                .withOpening(kind(
                        OpeningKind.ENVELOPE,
                        "rule",
                        RuleOfThumb.TWO_THIRDS,
                        "firstHem",
                        Hem.Kind.LINED,
                        "secondHem",
                        Hem.Kind.LINED));
        assertThat(Reckoner.reckon(lined).back().overlap())
                .as("2 × (14 − 1) − 20")
                .contains(Length.inches(6));
    }

    @Test
    void onlySyntheticClothIsSealedWithHeatAndThenWithCare() {
        CoverPlan plan = finished(20, 20).withSeam(new Seam(Length.inches(0, 1, 2), SeamFinish.HEAT_SEALED));
        Finding natural = Reckoner.reckon(plan).finding("heat-natural").orElseThrow();
        assertThat(natural.weight()).isEqualTo(Weight.WILL_NOT_WORK);
        assertThat(natural.remedy().orElseThrow().plan().seam().finish()).isEqualTo(SeamFinish.OVERLOCKED);
        Cloth melts = new Cloth("Awning", "#31507e", Print.PLAIN, Length.inches(54), false).withSynthetic(true);
        CoverPlan synthetic =
                plan.withCloths(plan.cloths().with(Material.FRONT, melts).with(Material.BACK, melts));
        assertThat(Reckoner.reckon(synthetic)
                        .finding("heat-sealed")
                        .orElseThrow()
                        .weight())
                .isEqualTo(Weight.WORTH_KNOWING);
    }

    @Test
    void aCoverSewnShutIsClosedByHandOrByMachine() {
        CoverPlan machine =
                finished(20, 20).withOpening(kind(OpeningKind.SEWN_SHUT, "closing", SewnShutOpening.Closing.MACHINE));
        assertThat(machine.opening()
                        .brief(Reckoner.reckon(machine).back())
                        .args()
                        .get(1))
                .hasToString(Phrase.of("brief.closing.machine").toString());
    }

    /** 0.65 of the width of a soft form, 0.8 of a firm one's: 13 and 16 of 20 in. */
    @ParameterizedTest
    @CsvSource({"FEATHER, 12, true", "FEATHER, 14, false", "FIRM, 14, true", "FIRM, 16, false"})
    void anOpeningLetsASoftFormInSoonerThanAFirmOne(Filling filling, int zip, boolean isShort) {
        CoverPlan plan = finished(20, 20);
        Form form = new Form(plan.form().across(), plan.form().upDown(), Optional.empty(), LabelMeans.FORM, filling);
        CoverPlan zipped = plan.withForm(form)
                .withOpening(
                        kind(OpeningKind.EDGE_ZIP, "zipStock", ZipLength.Stock.OWN, "zipLength", Length.inches(zip)));
        assertThat(Reckoner.reckon(zipped).finding("opening-short").isPresent()).isEqualTo(isShort);
    }

    @Test
    void aZipAcrossTheBackIsNotchedOnce() {
        assertThat(marks(piece(finished(22, 13).withOpening(kind(OpeningKind.BACK_ZIP)), "front"), Sort.NOTCH))
                .hasSize(2)
                .doesNotHaveDuplicates();
    }

    @Test
    void aBulkyCordTurnsBadlyUnlessItIsClipped() {
        CoverPlan plan = finished(20, 20).withEdging(kind(EdgingKind.PIPING, "cord", Piping.Cord.THICK));
        assertThat(Reckoner.reckon(plan).finding("cord-bulky").orElseThrow().weight())
                .isEqualTo(Weight.WORTH_KNOWING);
    }

    @Test
    void marksOfEveryFrontLieOnIt() {
        for (Kind<Face> face : FaceKind.ALL.all()) {
            for (Kind<Opening> opening : List.of(OpeningKind.ENVELOPE, OpeningKind.EDGE_ZIP, OpeningKind.BACK_ZIP)) {
                Piece front = piece(finished(21, 15).withFace(kind(face)).withOpening(kind(opening)), "front");
                assertThat(front.marks())
                        .flatExtracting(
                                (Marking mark) -> mark.fromLeft().stream().toList())
                        .allSatisfy(at -> assertThat(at).isBetween(Length.ZERO, front.cutWidth()));
            }
        }
    }
}
