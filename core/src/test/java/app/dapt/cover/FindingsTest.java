package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.front.FaceKind;
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
import app.dapt.fit.Fit;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every finding, by a cover that has it and by what the press of its button does. */
class FindingsTest {

    private static final CoverPlan SOUND = sound(20, 20, ShapeKind.SQUARE);
    private static final Length HALF = Length.inches(0, 1, 2);

    private static CoverPlan sound(int across, int upDown, Kind<Shape> shape) {
        return DefaultPlan.plan(
                "Sound", Mark.EIGHTH, shape, Form.overCrown(Length.inches(across), Length.inches(upDown)));
    }

    private static CoverPlan envelope(CoverPlan plan, Object... changes) {
        return plan.withOpening(
                OpeningKind.ENVELOPE.with(Cases.changed(plan.opening().decided(), changes)));
    }

    private static CoverPlan overlap(CoverPlan plan, Length overlap) {
        return envelope(plan, "overlap", overlap);
    }

    private static CoverPlan rule(RuleOfThumb rule) {
        return envelope(SOUND, "rule", rule);
    }

    private static CoverPlan across(Reading reading, Length length) {
        return SOUND.withForm(SOUND.form().withAcross(SOUND.form().across().with(reading, Optional.of(length))));
    }

    private static CoverPlan hems(CoverPlan plan, Hem first, boolean turned) {
        return envelope(
                plan,
                "firstHem",
                first.kind(),
                "firstTurnOne",
                first.first(),
                "firstTurnTwo",
                first.second(),
                "firstTurned",
                turned);
    }

    private static CoverPlan down(int inches) {
        return SOUND.withFit(new Fit(FitSchool.SIZE_DOWN, Length.inches(inches), Length.ZERO));
    }

    private static CoverPlan backCloth(CoverPlan plan, Print print, int width) {
        Cloth cloth = new Cloth("Back", "#2f7f74", print, Length.inches(width), false);
        return plan.withCloths(plan.cloths().with(Material.BACK, cloth));
    }

    /** A form of 20 inches square whose label names a cover of another shape. */
    private static CoverPlan labelled(int across, int upDown) {
        Readings crown = Readings.overCrown(Length.inches(20));
        Form form = new Form(
                crown.with(Reading.LABEL, Optional.of(Length.inches(across))),
                crown.with(Reading.LABEL, Optional.of(Length.inches(upDown))),
                Optional.empty(),
                LabelMeans.COVER,
                Filling.UNKNOWN);
        CoverPlan plan = sound(20, 20, ShapeKind.OBLONG).withForm(form);
        return overlap(plan.withFit(plan.fit().withSchool(FitSchool.LABEL)), Length.inches(7));
    }

    static Stream<Arguments> covers() {
        Hem ordinary = Hem.Kind.ORDINARY.usual(Unit.INCH);
        CoverPlan sprigs = backCloth(SOUND, Print.SPRIG, 54).noting("hem-edges");
        CoverPlan soft = SOUND.withFit(SOUND.fit().withSchool(FitSchool.FINISH_TO_FORM));
        return Stream.of(
                Arguments.of("overlap", Weight.BETTER_NOT, overlap(SOUND, Length.inches(3, 3, 8)), "remedy.overlap"),
                Arguments.of(
                        "overlap", Weight.WORTH_KNOWING, overlap(SOUND, Length.inches(3, 11, 16)), "remedy.overlap"),
                Arguments.of("overlap", Weight.WILL_NOT_WORK, overlap(down(2), Length.inches(1)), "remedy.overlap"),
                Arguments.of(
                        "hems-eat-overlap", Weight.WILL_NOT_WORK, rule(RuleOfThumb.HALF_PLUS_TWO), "remedy.overlap"),
                Arguments.of("blank-narrow", Weight.WILL_NOT_WORK, rule(RuleOfThumb.BLANK_HALVED), "remedy.overlap"),
                Arguments.of("overlap-long", Weight.BETTER_NOT, overlap(SOUND, Length.inches(14)), "remedy.overlap"),
                Arguments.of(
                        "envelope-strained",
                        Weight.WORTH_KNOWING,
                        sound(14, 14, ShapeKind.SQUARE).withFit(down(2).fit()),
                        "remedy.finish-to-form"),
                Arguments.of("proportions", Weight.BETTER_NOT, labelled(24, 20), "remedy.finish-to-form"),
                Arguments.of("proportions", Weight.BETTER_NOT, labelled(20, 24), "remedy.finish-to-form"),
                Arguments.of(
                        "opening-placed",
                        Weight.WILL_NOT_WORK,
                        envelope(SOUND, "centre", Optional.of(Length.inches(30))),
                        "remedy.centre-opening"),
                Arguments.of(
                        "opening-placed",
                        Weight.WILL_NOT_WORK,
                        envelope(SOUND, "centre", Optional.of(HALF)),
                        "remedy.centre-opening"),
                Arguments.of(
                        "hem-wide",
                        Weight.BETTER_NOT,
                        hems(soft, new Hem(Hem.Kind.OWN, HALF, Length.inches(4)), false),
                        "remedy.narrow-hems"),
                Arguments.of(
                        "opening-short",
                        Weight.BETTER_NOT,
                        sound(60, 20, ShapeKind.OBLONG)
                                .withOpening(SOUND.opening().turned())
                                .withFit(new Fit(FitSchool.SIZE_DOWN, Length.inches(6), Length.ZERO)),
                        "remedy.run-across"),
                Arguments.of(
                        "readings-across-label",
                        Weight.WORTH_KNOWING,
                        across(Reading.LABEL, Length.inches(21)),
                        "remedy.leave-out-label"),
                Arguments.of(
                        "readings-across-straight-across",
                        Weight.BETTER_NOT,
                        across(Reading.STRAIGHT_ACROSS, Length.inches(22)),
                        "remedy.leave-out-straight-across"),
                Arguments.of(
                        "one-way",
                        Weight.BETTER_NOT,
                        SOUND.withShape(ShapeKind.OBLONG.usual(Unit.INCH))
                                .withForm(SOUND.form().withUpDown(Readings.NONE)),
                        "remedy.call-square"),
                Arguments.of(
                        "round-form",
                        Weight.BETTER_NOT,
                        SOUND.withForm(SOUND.form().withRound(true)),
                        "remedy.round-cover"),
                Arguments.of("not-square", Weight.WORTH_KNOWING, sound(20, 16, ShapeKind.SQUARE), "remedy.call-oblong"),
                Arguments.of(
                        "straight-missing",
                        Weight.BETTER_NOT,
                        SOUND.withFit(SOUND.fit().withSchool(FitSchool.STRAIGHT_ACROSS)),
                        "remedy.finish-to-form"),
                Arguments.of(
                        "fit-vanishes",
                        Weight.WILL_NOT_WORK,
                        sound(6, 6, ShapeKind.SQUARE).withFit(down(6).fit()),
                        "remedy.finish-to-form"),
                Arguments.of("size", Weight.WILL_NOT_WORK, down(5), "remedy.cut-to-form"),
                Arguments.of(
                        "size",
                        Weight.BETTER_NOT,
                        SOUND.withFit(new Fit(FitSchool.MY_OWN, Length.inches(2), Length.inches(5))),
                        "remedy.cut-to-form"),
                Arguments.of(
                        "seam-narrow",
                        Weight.BETTER_NOT,
                        SOUND.withSeam(new Seam(Length.inches(0, 1, 8), SeamFinish.ZIGZAG)),
                        "remedy.seam"),
                Arguments.of(
                        "cloth-narrow-back",
                        Weight.WILL_NOT_WORK,
                        backCloth(SOUND, Print.STRIPE, 20),
                        "remedy.cloth-width"),
                Arguments.of(
                        "cloth-narrow-front",
                        Weight.WILL_NOT_WORK,
                        sound(90, 90, ShapeKind.SQUARE),
                        "remedy.join-sides"),
                Arguments.of("upside-down-first", Weight.BETTER_NOT, hems(sprigs, ordinary, true), "remedy.upright"),
                Arguments.of(
                        "sideways",
                        Weight.BETTER_NOT,
                        hems(sprigs, ordinary.withKind(Hem.Kind.SELVAGE), false),
                        "remedy.hem-instead"),
                Arguments.of("hem-edges", Weight.WORTH_KNOWING, backCloth(SOUND, Print.SPRIG, 54), "remedy.noted"));
    }

    private static CoverPlan opening(Kind<Opening> kind, Object... changes) {
        return SOUND.withOpening(Cases.changed(kind, Unit.INCH, changes));
    }

    private static CoverPlan frontPrint(CoverPlan plan) {
        return plan.withCloths(plan.cloths()
                .with(Material.FRONT, new Cloth("Front", "#2f7f74", Print.SPRIG, Length.inches(54), false)));
    }

    private static CoverPlan shaped(Kind<Shape> shape, CoverPlan plan) {
        return plan.withShape(shape.usual(Unit.INCH));
    }

    /** What can go wrong with the other openings, shapes and fronts. */
    static Stream<Arguments> otherCovers() {
        CoverPlan vee = sound(34, 24, ShapeKind.VEE).noting("bias-edges");
        CoverPlan oblong = sound(26, 14, ShapeKind.OBLONG);
        return Stream.of(
                Arguments.of(
                        "zip-long",
                        Weight.WILL_NOT_WORK,
                        opening(OpeningKind.EDGE_ZIP, "zipStock", ZipLength.Stock.OWN, "zipLength", Length.inches(24)),
                        "remedy.zip-standard"),
                Arguments.of(
                        "zip-teeth",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.BACK_ZIP, "zipStock", ZipLength.Stock.OWN, "zipLength", Length.inches(19)),
                        "remedy.zip-standard"),
                Arguments.of(
                        "opening-short",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.EDGE_ZIP, "zipStock", ZipLength.Stock.OWN, "zipLength", Length.inches(9)),
                        "remedy.zip-chain"),
                Arguments.of(
                        "zip-placed",
                        Weight.WILL_NOT_WORK,
                        opening(OpeningKind.BACK_ZIP, "zipAt", Length.inches(30)),
                        "remedy.zip-middle"),
                Arguments.of(
                        "band-narrow",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.HIDDEN_ZIP, "bandShows", HALF),
                        "remedy.band-shows"),
                Arguments.of(
                        "button-overlap",
                        Weight.BETTER_NOT,
                        overlap(
                                SOUND.withOpening(opening(
                                                OpeningKind.ENVELOPE,
                                                "fastening",
                                                Fastening.By.BUTTONS,
                                                "button",
                                                Length.inches(3, 1, 2))
                                        .opening()),
                                Length.inches(4)),
                        "remedy.button-overlap"),
                Arguments.of(
                        "button-band",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.BANDED, "fastening", Fastening.By.BUTTONS, "button", Length.inches(2)),
                        "remedy.button-band"),
                Arguments.of(
                        "small-parts",
                        Weight.WORTH_KNOWING,
                        opening(OpeningKind.ENVELOPE, "fastening", Fastening.By.TIES),
                        "remedy.noted"),
                Arguments.of(
                        "band-depth",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.BANDED, "band", Length.inches(14)),
                        "remedy.band"),
                Arguments.of(
                        "fold-turns", Weight.BETTER_NOT, frontPrint(opening(OpeningKind.WRAP)), "remedy.run-up-down"),
                Arguments.of(
                        "fold-turns",
                        Weight.BETTER_NOT,
                        frontPrint(opening(OpeningKind.SEWN_SHUT, "cutIn", SewnShutOpening.Cut.ONE)),
                        "remedy.cut-two"),
                Arguments.of("sewn-shut", Weight.WORTH_KNOWING, opening(OpeningKind.SEWN_SHUT), "remedy.noted"),
                Arguments.of(
                        "long-end",
                        Weight.BETTER_NOT,
                        oblong.withOpening(
                                OpeningKind.PILLOWCASE.usual(Unit.INCH).turned()),
                        "remedy.short-end"),
                Arguments.of(
                        "flap-deep",
                        Weight.BETTER_NOT,
                        opening(OpeningKind.PILLOWCASE, "flap", Length.inches(14)),
                        "remedy.flap"),
                Arguments.of(
                        "flap-short",
                        Weight.BETTER_NOT,
                        vee.withOpening(OpeningKind.ARM_FLAP.with(
                                OpeningKind.ARM_FLAP.usual(Unit.INCH).decided().with("flap", Length.inches(2)))),
                        "remedy.flap"),
                Arguments.of(
                        "opening-unfit",
                        Weight.WILL_NOT_WORK,
                        shaped(ShapeKind.ROUND, opening(OpeningKind.WRAP)),
                        "remedy.envelope"),
                Arguments.of("opening-unfit", Weight.WILL_NOT_WORK, opening(OpeningKind.ARM_FLAP), "remedy.envelope"),
                Arguments.of(
                        "opening-unfit",
                        Weight.WILL_NOT_WORK,
                        vee.withOpening(OpeningKind.ENVELOPE.usual(Unit.INCH)),
                        "remedy.turn-opening"),
                Arguments.of(
                        "front-unfit",
                        Weight.WILL_NOT_WORK,
                        opening(OpeningKind.WRAP).withFace(FaceKind.BUTTON_BAND.usual(Unit.INCH)),
                        "remedy.plain-front"),
                Arguments.of(
                        "front-unfit",
                        Weight.WILL_NOT_WORK,
                        shaped(ShapeKind.ROUND, SOUND).withFace(FaceKind.BUTTON_BAND.usual(Unit.INCH)),
                        "remedy.plain-front"),
                Arguments.of(
                        "button-size",
                        Weight.BETTER_NOT,
                        SOUND.withFace(Cases.changed(
                                FaceKind.BUTTON_BAND,
                                Unit.INCH,
                                "pleat",
                                Length.inches(1),
                                "buttonSize",
                                Length.inches(2))),
                        "remedy.button-size"),
                Arguments.of(
                        "stay-stitch",
                        Weight.WORTH_KNOWING,
                        SOUND.withFace(FaceKind.PIECED.usual(Unit.INCH)),
                        "remedy.noted"),
                Arguments.of(
                        "vee-arms",
                        Weight.WILL_NOT_WORK,
                        shaped(ShapeKind.VEE, sound(34, 24, ShapeKind.VEE))
                                .withShape(Cases.changed(ShapeKind.VEE, Unit.INCH, "arm", Length.inches(23))),
                        "remedy.arm"),
                Arguments.of(
                        "bias-edges", Weight.WORTH_KNOWING, sound(34, 24, ShapeKind.VEE), "remedy.will-stay-stitch"),
                Arguments.of(
                        "run-label",
                        Weight.BETTER_NOT,
                        sound(64, 25, ShapeKind.RUN)
                                .withForm(new Form(
                                        new Readings(Map.of(Reading.LABEL, Length.inches(64))),
                                        Readings.overCrown(Length.inches(25)),
                                        Optional.empty(),
                                        LabelMeans.FORM,
                                        Filling.UNKNOWN)),
                        "remedy.noted"),
                Arguments.of(
                        "straps",
                        Weight.BETTER_NOT,
                        sound(64, 25, ShapeKind.RUN)
                                .withShape(Cases.changed(
                                        ShapeKind.RUN,
                                        Unit.INCH,
                                        "pockets",
                                        4,
                                        "strapUse",
                                        Run.Use.CARRY,
                                        "strapFrom",
                                        Length.inches(40))),
                        "remedy.straps-in"),
                Arguments.of(
                        "taper",
                        Weight.WORTH_KNOWING,
                        down(2).withShape(Cases.changed(ShapeKind.SQUARE, Unit.INCH, "corners", Corners.TAPERED)),
                        "remedy.plain-corners"));
    }

    @Test
    void anOrdinaryCoverHasNone() {
        assertThat(Reckoner.reckon(SOUND).findings()).isEmpty();
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource({"covers", "otherCovers"})
    void isFoundWithItsWeightAndRemovedByItsButton(String code, Weight weight, CoverPlan plan, String label) {
        Finding finding = Reckoner.reckon(plan)
                .finding(code)
                .orElseThrow(() -> new AssertionError("only "
                        + Reckoner.reckon(plan).findings().stream()
                                .map(Finding::code)
                                .toList()));
        assertThat(finding.weight()).isEqualTo(weight);
        Finding.Remedy remedy = finding.remedy().orElseThrow();
        assertThat(remedy.label().code()).isEqualTo(label);
        assertThat(Reckoner.reckon(remedy.plan()).finding(code)).isEmpty();
    }

    @Test
    void whatWasNotedIsSaidAgainWhenItGrowsWorse() {
        CoverPlan saggy = SOUND.withFit(new Fit(FitSchool.MY_OWN, Length.inches(2), Length.inches(5)))
                .noting("size");
        assertThat(Reckoner.reckon(saggy).finding("size")).isEmpty();
        assertThat(Reckoner.reckon(saggy.withFit(down(5).fit())).finding("size"))
                .isPresent();
    }
}
