package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.Row;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.PillowcaseOpening;
import app.dapt.cover.parts.Making;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking.Sort;
import app.dapt.piece.Side;
import app.dapt.step.Effort;
import app.dapt.step.Laid;
import app.dapt.step.Milestone;
import app.dapt.step.Place;
import app.dapt.step.Setting;
import app.dapt.step.Setting.Stitch;
import app.dapt.step.Step;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What steps say, followed to the letter, makes the cover that was planned. */
class StepsAsSewnTest {

    private static final Length FORM = Length.inches(21);

    private static CoverPlan cover(Kind<Opening> opening, Object... changes) {
        return DefaultPlan.plan(
                        "Settee", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(25), Length.inches(17)))
                .withOpening(Cases.changed(opening, Unit.INCH, changes));
    }

    private static CoverPlan french(CoverPlan plan) {
        return plan.withSeam(plan.seam().withFinish(SeamFinish.FRENCH));
    }

    private static List<Step> steps(CoverPlan plan) {
        return CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()));
    }

    private static Step step(List<Step> steps, String does) {
        return steps.stream()
                .filter(step -> step.does().equals(does))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        does + " is not among " + steps.stream().map(Step::does).toList()));
    }

    private static List<String> does(List<Step> steps) {
        return steps.stream().map(Step::does).toList();
    }

    private static Phrase figure(Step step, String code) {
        return step.figures().stream()
                .filter(figure -> figure.code().equals("figure." + code))
                .findFirst()
                .orElseThrow();
    }

    /** 24 × 16 with a zip of 22 in the lower edge: round it are 80, of which the zip has 22. */
    @Test
    void aZipInTheEdgeIsNotSewnShut() {
        List<Step> steps = steps(cover(OpeningKind.EDGE_ZIP));
        Step seam = step(steps, "seam-past-zip");
        assertThat(figure(seam, "seam-long").args()).containsExactly(Length.inches(58));
        assertThat(seam.minutes()).isEqualTo(Effort.SEW.along(Length.inches(58)));
        assertThat(seam.pile().orElseThrow().laid())
                .as("the zip is sewn in, but nothing is turned yet: raw edges level")
                .extracting(Laid::box)
                .containsOnly(seam.pile().orElseThrow().laid().get(0).box());
        assertThat(steps).extracting(Step::does).doesNotContain("seam", "seam-hemmed");
        assertThat(steps).flatExtracting(Step::how).extracting(Phrase::code).doesNotContain("how.pins-hems");
        assertThat(does(steps)).containsSubsequence("hold-against", "zip-front", "zip-back", "zip-ends", "lay");
    }

    /** Of 1.5 cm the first pass takes 0.5, so that the second has 1 cm left: else the cover ends 1 cm narrower. */
    @Test
    void aFrenchSeamIsLaidWrongSidesTogetherAndSewnAtTheRestOfItsAllowance() {
        CoverPlan plan = french(DefaultPlan.plan(
                        "Bunk", Mark.MILLIMETRE, ShapeKind.OBLONG, Form.overCrown(Length.cm(75), Length.cm(50)))
                .withOpening(OpeningKind.PILLOWCASE.usual(Unit.CENTIMETRE)));
        List<Step> steps = steps(plan);
        Step first = step(steps, "french-first");
        Step second = step(steps, "seam-sides");
        Length all = plan.seam().allowance(Unit.CENTIMETRE);
        assertThat(all).isEqualTo(Length.mm(15));
        assertThat(first.args().get(1)).isEqualTo(Length.mm(5));
        assertThat(second.args().get(1)).isEqualTo(Length.mm(10));
        assertThat(does(steps))
                .containsSubsequence(
                        "lay-pillowcase-french", "french-first", "french-trim", "french-turn", "seam-sides", "fill");
    }

    /** Sewn as it is worn, so that what is laid down first does not show. */
    @Test
    void whatShowsOfAFrenchEnvelopeIsLaidDownLast() {
        CoverPlan plan = cover(OpeningKind.ENVELOPE);
        Step plain = step(steps(plan), "lay-lapped");
        Step french = step(steps(french(plan)), "lay-lapped-french");
        assertThat(plain.args().subList(1, 3))
                .containsExactly(Phrase.of("panel.back-upper"), Phrase.of("panel.back-lower"));
        assertThat(french.args().subList(1, 3))
                .containsExactly(Phrase.of("panel.back-lower"), Phrase.of("panel.back-upper"));
        assertThat(plain.pile().orElseThrow().laid())
                .extracting(laid -> laid.rightSide())
                .containsExactly(true, false, false);
        assertThat(french.pile().orElseThrow().laid())
                .extracting(laid -> laid.rightSide())
                .containsExactly(false, true, true);
        assertThat(french.pile().orElseThrow().top().piece().id()).isEqualTo("back-upper");
        assertThat(does(steps(french(cover(OpeningKind.WRAP)))))
                .contains("lay-wrap-french")
                .doesNotContain("lay-wrap");
    }

    static Stream<Arguments> turned() {
        CoverPlan vee = DefaultPlan.plan(
                "Reading V", Mark.EIGHTH, ShapeKind.VEE, Form.overCrown(Length.inches(32), Length.inches(22)));
        return Stream.of(
                Arguments.of(cover(OpeningKind.ENVELOPE), 4),
                Arguments.of(cover(OpeningKind.EDGE_ZIP), 4),
                Arguments.of(cover(OpeningKind.WRAP), 0),
                Arguments.of(cover(OpeningKind.PILLOWCASE), 0),
                Arguments.of(cover(OpeningKind.SEWN_SHUT), 4),
                Arguments.of(french(cover(OpeningKind.ENVELOPE)), 0),
                Arguments.of(vee.withOpening(OpeningKind.ARM_FLAP.usual(Unit.INCH)), 2));
    }

    @ParameterizedTest
    @MethodSource("turned")
    void cornersAreClippedWhereASeamTurnsThem(CoverPlan plan, int corners) {
        List<Step> steps = steps(plan);
        assertThat(steps.stream()
                        .filter(step -> step.does().equals("clip-corners"))
                        .map(step -> step.args().get(1)))
                .isEqualTo(corners == 0 ? List.of() : List.of(corners));
        assertThat(does(steps).stream().filter("turn-back"::equals).count())
                .as("turned back once, where anything is to be done inside")
                .isEqualTo(plan.seam().finish() == SeamFinish.FRENCH ? 0 : 1);
    }

    /** Half an inch lies outside each seam: what is 4 in from the corner is 4½ from the edge in hand. */
    @Test
    void lengthsCountFromTheCutEdgeInHand() {
        CoverPlan plan = cover(OpeningKind.EDGE_ZIP)
                .withExtras(Cases.changed(
                        ExtrasKind.EXTRAS,
                        Unit.INCH,
                        Map.of(
                                        "handle",
                                        true,
                                        "label",
                                        true,
                                        "handleFrom",
                                        Length.inches(4),
                                        "labelFrom",
                                        Length.inches(2))
                                .entrySet()
                                .stream()
                                .flatMap(entry -> Stream.of(entry.getKey(), entry.getValue()))
                                .toArray()));
        List<Step> steps = steps(plan);
        assertThat(step(steps, "handle-baste").args().subList(1, 3))
                .containsExactly(Length.inches(4, 1, 2), Making.finished(Length.inches(4)));
        assertThat(step(steps, "label-baste").args().subList(1, 3))
                .containsExactly(Length.inches(2, 1, 2), Making.finished(Length.inches(2)));
        // A zip of 22 in a seam of 24 leaves 1 in at each end, 1½ from the cut edge, where it is marked.
        assertThat(step(steps, "zip-ends").args().subList(1, 3))
                .containsExactly(Length.inches(1, 1, 2), Making.finished(Length.inches(1)));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        assertThat(reckoned.front().marks().stream()
                        .filter(mark -> mark.sort() == Sort.ZIP_END || mark.sort() == Sort.HANDLE)
                        .map(mark -> mark.across(reckoned.front()).orElseThrow().distance())
                        .distinct())
                .containsExactlyInAnyOrder(Length.inches(1, 1, 2), Length.inches(4, 1, 2));
    }

    @Test
    void theEndsOfABackZipAreSewnAndTheMiddleIsBasted() {
        List<Step> steps = steps(cover(OpeningKind.BACK_ZIP));
        assertThat(step(steps, "zip-close").setting().map(Setting::stitch)).contains(Stitch.SEAM);
        assertThat(step(steps, "zip-tack").setting().map(Setting::stitch)).contains(Stitch.BASTE);
        assertThat(step(steps, "zip-close").args().subList(1, 4))
                .containsExactly(Length.inches(1, 1, 2), Making.finished(Length.inches(1)), Length.inches(0, 1, 2));
        assertThat(step(steps, "zip-centred").args().get(3)).isEqualTo(Length.inches(0, 1, 4));
        assertThat(does(steps)).containsSubsequence("zip-close", "zip-tack", "zip-centred", "unpick", "hold-against");
    }

    /** A row 1 in from the fold of a turn of 1 in runs off it. */
    @ParameterizedTest
    @CsvSource({"SINGLE, 1, turn-stitch, 0.882", "OWN, 1, hem-stitch, 0.921", "NARROW, 1, hem-stitch, 0.171"})
    void aHemIsStitchedOnItsTurn(Hem.Kind kind, long turn, String does, double from) {
        List<Step> steps = steps(cover(
                OpeningKind.ENVELOPE,
                "firstHem",
                kind,
                "firstTurnOne",
                Length.inches(turn),
                "firstTurnTwo",
                Length.inches(turn)));
        Length row = (Length) step(steps, does).args().get(2);
        assertThat(row.toInches()).isCloseTo(from, within(0.001));
    }

    @Test
    void strapsToPropAreBoxedOnAtASeamsLengthWithTheirEndsTurnedIn() {
        CoverPlan plan = DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.RUN, Form.overCrown(Length.inches(64), Length.inches(24)))
                .withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4, "strapUse", Run.Use.PROP));
        List<Step> steps = steps(plan);
        Step sewn = step(steps, "straps-sew");
        assertThat(sewn.setting().map(Setting::stitch)).contains(Stitch.SEAM);
        assertThat(sewn.args().get(1)).isEqualTo(4);
        assertThat(step(steps, "strip-ends").takes())
                .extracting(taken -> taken.side())
                .containsExactly(Side.LEFT, Side.RIGHT);
        assertThat(does(steps))
                .containsSubsequence("strip-ends", "strip-fold", "straps-sew", "hem-press", "lay-lapped");
        assertThat(sewn.figures()).hasSize(4).allMatch(figure -> figure.code().equals("figure.on-piece"));
    }

    /** A pocket at a time, once there are pockets: 63 in and ⅜ of take-up come to lines 15 27/32 apart. */
    @Test
    void aRunIsTriedOnAndFilledOnceItsChannelsAreSewn() {
        CoverPlan plan = DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.RUN, Form.overCrown(Length.inches(64), Length.inches(24)))
                .withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4));
        List<Step> steps = steps(plan);
        assertThat(does(steps))
                .containsSubsequence(
                        "seam-hemmed",
                        "clip-corners",
                        "turn-out",
                        "channels-pin",
                        "channels-sew",
                        "try-on-pockets",
                        "fill-pockets");
        assertThat(step(steps, "try-on-pockets").milestone()).contains(Milestone.TRIED_ON);
        Length line = Length.sixtyFourths(15 * 64 + 54);
        assertThat(figure(step(steps, "channels-pin"), "channels").args())
                .containsExactly(List.of(line, line.times(2)), List.of(line));
        assertThat(steps)
                .filteredOn(step -> step.does().equals("mark"))
                .flatExtracting(Step::figures)
                .extracting(figure -> figure.args().get(0))
                .as("lines that are wanted after turning are not chalked before")
                .doesNotContain(Phrase.of("marking.channel"));
    }

    @Test
    void whatIsSeenIsMarkedWhenItIsWanted() {
        CoverPlan plan = cover(OpeningKind.ENVELOPE, "fastening", app.dapt.cover.opening.Fastening.By.BUTTONS)
                .withExtras(Cases.changed(
                        ExtrasKind.EXTRAS,
                        Unit.INCH,
                        "pocket",
                        true,
                        "motif",
                        true,
                        "rows",
                        1,
                        "row1Of",
                        Row.Of.RIBBON));
        List<Step> steps = steps(plan);
        assertThat(steps)
                .filteredOn(step -> step.does().equals("mark"))
                .flatExtracting(Step::figures)
                .extracting(figure -> ((Phrase) figure.args().get(0)).code())
                .isSubsetOf("marking.centre", "marking.notch");
        for (String does : List.of("buttonholes", "pocket-baste", "rows-sew")) {
            assertThat(step(steps, does).how()).as(does).contains(Phrase.of("how.mark-right-side"));
        }
        Step framed = step(steps, "motif-frame");
        assertThat(step(steps, "cut").needs()).contains(framed.id());
    }

    /** The rows of a wrap lie between its folds, as far above the lower one as above a lower seam. */
    @Test
    void rowsOnAWrapAreMarked() {
        CoverPlan plan = cover(OpeningKind.WRAP)
                .withExtras(Cases.changed(ExtrasKind.EXTRAS, Unit.INCH, "rows", 1, "row1At", Length.inches(4)));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        List<Length> folds = reckoned.front().marks().stream()
                .filter(mark -> mark.sort() == Sort.FOLD)
                .map(mark -> mark.fromTop().orElseThrow())
                .toList();
        assertThat(reckoned.front().marks())
                .filteredOn(mark -> mark.sort() == Sort.ROW)
                .extracting(mark -> mark.fromTop().orElseThrow())
                .containsExactly(folds.get(1).minus(Length.inches(4)));
    }

    /** With right sides together the flap of a case lies outside, on the layer it is folded back on. */
    @Test
    void theFlapOfACaseEndsInside() {
        for (PillowcaseOpening.Flaps flaps : PillowcaseOpening.Flaps.values()) {
            Step laid = steps(cover(OpeningKind.PILLOWCASE, "flaps", flaps)).stream()
                    .filter(step -> step.does().startsWith("lay-pillowcase"))
                    .findFirst()
                    .orElseThrow();
            assertThat(laid.pile().orElseThrow().top().name()).isEqualTo(Phrase.of("piece.flap"));
            assertThat(laid.pile().orElseThrow().top().rightSide()).isTrue();
        }
    }

    /** Each row for itself: a raw ruffle down the middle, gathered after it is stitched along, and lace up the side. */
    @Test
    void rowsAreMadeEachAsItIs() {
        CoverPlan plan = cover(OpeningKind.ENVELOPE)
                .withExtras(Cases.changed(
                        ExtrasKind.EXTRAS,
                        Unit.INCH,
                        "rows",
                        3,
                        "row1Edges",
                        Row.Edges.STAY_STITCHED,
                        "row1Gathered",
                        Row.Gathered.MIDDLE,
                        "row2Of",
                        Row.Of.LACE,
                        "row2Way",
                        Axis.UP_DOWN,
                        "row3Deep",
                        Length.inches(3)));
        List<Step> steps = steps(plan);
        assertThat(steps)
                .filteredOn(step -> step.does().startsWith("rows-sew"))
                .extracting(Step::id)
                .containsExactly("front/rows-sew-middle", "front-2/rows-sew", "front-3/rows-sew");
        assertThat(does(steps)).containsSubsequence("strip-stay", "strip-gather", "rows-sew-middle", "rows-sew");
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        // Raw as deep as it is finished; hemmed an inch deeper.
        assertThat(reckoned.pieces())
                .filteredOn(piece -> piece.id().startsWith("row"))
                .extracting(piece -> piece.cutHeight())
                .containsExactly(Length.inches(2), Length.inches(4));
        assertThat(reckoned.needs())
                .filteredOn(need -> need.what().code().equals("need.rows.lace"))
                .extracting(need -> need.sum().orElseThrow().total())
                .containsExactly(Length.inches(17));
    }

    @Test
    void aSergedSeamIsSewnTrimmedAndFinishedInOne() {
        CoverPlan plan = cover(OpeningKind.ENVELOPE);
        List<Step> steps = steps(plan.withSeam(plan.seam().withFinish(SeamFinish.SERGED)));
        assertThat(step(steps, "seam-serged").place()).isEqualTo(Place.OVERLOCKER);
        assertThat(does(steps))
                .contains("try-on-serged", "push-out")
                .doesNotContain("clip-corners", "overlock", "turn-back", "try-on");
    }

    /** A row ⅝ in from the finished edge, ½ and 1/16: 24 × 16 with room for a form as in 22⅞ × 14⅞. */
    @Test
    void aSeamStitchedAgainOutsideLiesFlatAtTheEdge() {
        CoverPlan plan = cover(OpeningKind.EDGE_ZIP);
        CoverPlan enclosed = plan.withSeam(plan.seam().withFinish(SeamFinish.ENCLOSED));
        Step round = step(steps(enclosed), "stitch-round");
        assertThat(round.args().get(1)).isEqualTo(Length.inches(0, 9, 16));
        assertThat(round.labour().stitched()).as("the zip stays free").isEqualTo(Length.inches(58));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(enclosed, enclosed.mark());
        assertThat(reckoned.dimensions().withinFlange(Axis.ACROSS)).isEqualTo(Length.inches(22, 7, 8));
        assertThat(reckoned.finished(Axis.ACROSS)).isEqualTo(Length.inches(24));
        assertThat(reckoned.fullness().ratio())
                .isGreaterThan(Reckoner.reckonWithoutRemedies(plan, plan.mark())
                        .fullness()
                        .ratio());
    }

    @Test
    void pipingSaysHowItsEndsMeetAndHowTheSeamFollowsIt() {
        List<Step> steps = steps(cover(OpeningKind.ENVELOPE).withEdging(EdgingKind.PIPING.usual(Unit.INCH)));
        assertThat(step(steps, "piping-pin").how()).contains(Phrase.of("how.piping-tail"));
        assertThat(step(steps, "piping-baste").how()).contains(Phrase.of("how.piping-ends"));
        assertThat(step(steps, "seam-hemmed").how()).contains(Phrase.of("how.nearer-cord"));
        assertThat(step(steps, "cord-cover").args().get(1)).isEqualTo(Length.inches(0, 5, 32));
    }

    /** 19 sewn shut with 2 in past each corner: 15 stay open, of 72 round it 57 are sewn. */
    @Test
    void returnsAreSaid() {
        CoverPlan plan = DefaultPlan.plan(
                        "Stool", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(19), Length.inches(19)))
                .withOpening(OpeningKind.SEWN_SHUT.usual(Unit.INCH));
        Step seam = step(steps(plan), "seam-shut");
        assertThat(seam.args().subList(1, 4))
                .containsExactly(Length.inches(0, 1, 2), Length.inches(14), Length.inches(2));
        assertThat(figure(seam, "seam-long").args()).containsExactly(Length.inches(4 * 18 - 14));
    }

    @ParameterizedTest
    @CsvSource({"round, fill-round, turn-out-round", "vee, fill-vee, turn-out", "square, fill, turn-out"})
    void aRoundHasNoCornersToPushOut(String shape, String fill, String turn) {
        Kind<Shape> kind = ShapeKind.ALL.coded(shape).orElseThrow();
        List<Step> steps = steps(DefaultPlan.plan("Pouf", Mark.EIGHTH, kind, Form.overCrown(FORM, FORM)));
        assertThat(does(steps)).contains(fill, turn);
    }

    /** A case of 210 × 160 cm with six pairs of ties, felled in French seams, takes about 80 m of thread, not 26. */
    @Test
    void threadIsCountedByWhatIsSewn() {
        CoverPlan plan = DefaultPlan.plan(
                "Quilt", Mark.MILLIMETRE, ShapeKind.OBLONG, Form.overCrown(Length.cm(210), Length.cm(160)));
        Opening tied = Cases.changed(
                OpeningKind.PILLOWCASE,
                Unit.CENTIMETRE,
                "fastening",
                app.dapt.cover.opening.Fastening.By.TIES,
                "fastenings",
                6);
        Length thread = Notions.thread(steps(french(plan.withOpening(tied))))
                .sum()
                .orElseThrow()
                .total();
        // Both sides twice 2 × 2.1 m; two hems of 1.6 m, zigzagged and stitched; twelve ties of 25 cm along both edges.
        double sewn = 2 * 2 * 2.1 + 2 * 2 * 1.63 + 12 * 2 * 0.25;
        assertThat(thread.toMm() / 1000).isCloseTo(3 * sewn, within(2.0));
    }
}
