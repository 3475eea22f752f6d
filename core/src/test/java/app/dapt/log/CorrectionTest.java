package app.dapt.log;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.edging.Ruffle;
import app.dapt.cover.front.ExtrasKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Fastening.By;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.Shape;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.learning.Verdict;
import app.dapt.learning.Verdict.Corners;
import app.dapt.learning.Verdict.Edges;
import app.dapt.learning.Verdict.Middle;
import app.dapt.learning.Verdict.Opening;
import app.dapt.log.Correction.Hindrance;
import app.dapt.log.Correction.SeamChange;
import app.dapt.make.CoverSteps;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Marking;
import app.dapt.piece.Side;
import app.dapt.step.Step;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A cover that was tried on, and what to do about it. */
@ExtendWith(Reaches.Count.class)
class CorrectionTest {

    private static final Length HALF = Length.inches(0, 1, 2);
    private static final CoverPlan PLAN = plan(ShapeKind.SQUARE, 18, 18);

    private static CoverPlan plan(Kind<Shape> shape, int w, int h) {
        CoverPlan plan =
                DefaultPlan.plan("Settee", Mark.EIGHTH, shape, Form.overCrown(Length.inches(w), Length.inches(h)));
        return plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
    }

    private static Verdict verdict(Corners corners, Middle middle, Edges edges) {
        return new Verdict(corners, middle, edges, Opening.CLOSED, Optional.empty(), Optional.empty());
    }

    private static final Verdict SLACK = verdict(Corners.FILLED, Middle.SAGS, Edges.RIPPLE);

    private static Correction correct(CoverPlan plan, Verdict verdict) {
        return Correction.of(Reckoner.reckon(plan), verdict);
    }

    /** All that is cut, panels and strips and ties, and what is bought by length. */
    private static List<String> cut(Reckoned cover) {
        return Stream.concat(
                        cover.pieces().stream()
                                .map(piece -> piece.quantity() + " " + piece.id() + " " + piece.cutWidth() + " × "
                                        + piece.cutHeight()),
                        cover.needs().stream()
                                .filter(need -> need.sum().isPresent())
                                .map(need -> need.what() + " " + need.amount()))
                .toList();
    }

    /** All that is marked before the cover is turned; lines between pockets are drawn after that. */
    private static List<String> marked(Reckoned cover) {
        return cover.pieces().stream()
                .flatMap(piece -> piece.marks().stream()
                        .filter(mark -> mark.sort() != Marking.Sort.CHANNEL)
                        .map(mark -> piece.id() + " " + mark))
                .toList();
    }

    /** Finished 18 × 18, form 18 at 78 %: 0.78 + 0.15 = 0.93; 0.78 · (18 / 17)³ = 0.926. */
    @Test
    void aCoverThatSagsAndRipplesIsSewnHalfAnInchDeeperAllRound() {
        CoverPlan plan = PLAN.withOpening(((Lapped) PLAN.opening()).withOverlap(Length.inches(4)));
        Correction correction = correct(plan, SLACK);
        assertThat(correction.wanted()).isCloseTo(0.93, offset(1e-9));
        assertThat(correction.deeper()).isEqualTo(HALF);
        assertThat(correction.seams())
                .containsExactlyInAnyOrder(
                        new SeamChange(Optional.of(Side.TOP), HALF),
                        new SeamChange(Optional.of(Side.RIGHT), HALF),
                        new SeamChange(Optional.of(Side.BOTTOM), HALF),
                        new SeamChange(Optional.of(Side.LEFT), HALF));
        Reckoned after = correction.after();
        assertThat(after.finished(Axis.ACROSS)).isEqualTo(Length.inches(17));
        assertThat(after.finished(Axis.UP_DOWN)).isEqualTo(Length.inches(17));
        assertThat(after.fullness().ratio()).isCloseTo(0.926, offset(0.001));
        assertThat(after.back().overlap()).contains(Length.inches(4));
        assertThat(after.back().lap().orElseThrow().gapes()).isFalse();
        assertThat(after.back().lap().orElseThrow().isEnough()).isTrue();
        assertThat(cut(after)).isEqualTo(cut(correction.before()));
        assertThat(correction.hindrance()).isEmpty();
        assertThat(Correction.canLetOut(correction.before())).isEqualTo(Length.inches(0, 3, 8));
    }

    static Stream<Arguments> laden() {
        CoverPlan plain = plan(ShapeKind.OBLONG, 30, 20)
                .withExtras(Cases.changed(
                        ExtrasKind.EXTRAS,
                        Unit.INCH,
                        "handle",
                        true,
                        "label",
                        true,
                        "pocket",
                        true,
                        "decoration",
                        true,
                        "rows",
                        2,
                        "row2Way",
                        Axis.UP_DOWN));
        CoverPlan run = plan(ShapeKind.RUN, 64, 24)
                .withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4, "strapUse", Run.Use.PROP));
        Stream<Arguments> held = Stream.of(By.BUTTONS, By.TIES).flatMap(by -> Stream.of(
                        OpeningKind.ENVELOPE, OpeningKind.BANDED, OpeningKind.WRAP, OpeningKind.PILLOWCASE)
                .map(kind -> Arguments.of(
                        by + " on " + kind, plain.withOpening(Cases.changed(kind, Unit.INCH, "fastening", by)))));
        Stream<Arguments> zipped = Stream.of(OpeningKind.EDGE_ZIP, OpeningKind.BACK_ZIP, OpeningKind.HIDDEN_ZIP)
                .map(kind -> Arguments.of(kind.code(), plain.withOpening(kind.usual(Unit.INCH))));
        Stream<Arguments> edged = EdgingKind.ALL.stream()
                .filter(kind -> kind != EdgingKind.PIPING && kind != EdgingKind.FLANGE)
                .map(kind -> Arguments.of(kind.code(), plain.withEdging(kind.usual(Unit.INCH))));
        Stream<Arguments> others = Stream.of(
                Arguments.of(
                        "a single ruffle",
                        plain.withEdging(
                                Cases.changed(EdgingKind.RUFFLE, Unit.INCH, "ruffleMake", Ruffle.Make.SINGLE))),
                Arguments.of("a button band", plain.withFace(FaceKind.BUTTON_BAND.usual(Unit.INCH))),
                Arguments.of("straps", run));
        return Stream.of(held, zipped, edged, others).flatMap(each -> each);
    }

    /** Half an inch deeper all round: whatever is cut, marked, sewn on or bought is what it was. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("laden")
    void nothingThatIsOnACoverIsCutOrMarkedAnew(String what, CoverPlan plan) {
        Correction correction = correct(
                plan,
                new Verdict(
                        Corners.FILLED,
                        Middle.FIRM,
                        Edges.SMOOTH,
                        Opening.CLOSED,
                        Optional.empty(),
                        Optional.of(Length.inches(1))));
        assertThat(correction.deeper()).isEqualTo(HALF);
        Reckoned before = correction.before();
        Reckoned after = correction.after();
        assertThat(cut(after)).isEqualTo(cut(before));
        assertThat(marked(after)).isEqualTo(marked(before));
        Set<String> all = CoverSteps.of(before).stream().map(Step::id).collect(Collectors.toSet());
        assertThat(correction.undone(all))
                .as("what was sewn before the seam stays as it is")
                .isSubsetOf("front/channels-pin", "front/channels-sew");
    }

    /** 64 in run of four: its lines lie nearer to each other once both ends are taken in. */
    @Test
    void theChannelsOfARunAreSewnAgain() {
        CoverPlan plan = plan(ShapeKind.RUN, 64, 24).withShape(Cases.changed(ShapeKind.RUN, Unit.INCH, "pockets", 4));
        Correction correction = correct(plan, SLACK);
        assertThat(correction.isToSew()).isTrue();
        assertThat(correction.undone(
                        Set.of("front/channels-pin", "front/channels-sew", "cover/seam-hemmed", "front/mark")))
                .containsExactlyInAnyOrder("front/channels-pin", "front/channels-sew");
        assertThat(correction.undone(Set.of())).isEmpty();
    }

    @Test
    void theNextOneIsCutToTheCorrectedSizeWithTheUsualSeam() {
        Correction correction = correct(PLAN, SLACK);
        Reckoned next = Reckoner.reckon(correction.again(Optional.of(Length.inches(1))));
        assertThat(next.finished(Axis.ACROSS)).isEqualTo(Length.inches(17));
        assertThat(next.allowance()).isEqualTo(HALF);
        assertThat(next.front().cutWidth()).isEqualTo(Length.inches(18));
        assertThat(next.back().overlap())
                .contains(correction.before().back().overlap().orElseThrow().plus(Length.inches(1)));
    }

    @Test
    void theZipsEdgeStaysAndTheOneOppositeGivesWhatBothWould() {
        CoverPlan zipped = PLAN.withOpening(OpeningKind.EDGE_ZIP.usual(Unit.INCH));
        Correction correction = correct(zipped, verdict(Corners.FILLED, Middle.SAGS, Edges.SMOOTH));
        Length deeper = correction.deeper();
        assertThat(deeper).isEqualTo(Length.inches(0, 3, 8));
        assertThat(correction.seams())
                .containsExactlyInAnyOrder(
                        new SeamChange(Optional.of(Side.TOP), deeper.times(2)),
                        new SeamChange(Optional.of(Side.RIGHT), deeper),
                        new SeamChange(Optional.of(Side.LEFT), deeper));
        assertThat(cut(correction.after())).isEqualTo(cut(correction.before()));
    }

    @Test
    void cordInTheSeamWouldHaveToComeOutSoAFormIsOffered() {
        Correction correction = correct(PLAN.withEdging(EdgingKind.PIPING.usual(Unit.INCH)), SLACK);
        assertThat(correction.isToSew()).isFalse();
        assertThat(correction.hindrance()).contains(Hindrance.CORD);
        assertThat(correction.form().orElseThrow().across()).isEqualTo(Length.inches(19));
        assertThat(correction.form().orElseThrow().fullness()).isCloseTo(0.78 * Math.pow(19 / 18.0, 3), offset(1e-9));
        assertThat(Correction.canLetOut(correction.before())).isEqualTo(Length.ZERO);
    }

    @Test
    void aStrainingCoverIsLetOutAsFarAsItsAllowanceGoes() {
        CoverPlan tight = PLAN.withFit(PLAN.fit().withSchool(FitSchool.SIZE_DOWN));
        Correction correction = correct(tight, verdict(Corners.STRAINING, Middle.DRUM, Edges.SMOOTH));
        assertThat(correction.deeper().isNegative()).isTrue();
        assertThat(correction.after().allowance()).isGreaterThanOrEqualTo(Length.inches(0, 1, 8));
        assertThat(cut(correction.after())).isEqualTo(cut(correction.before()));
    }

    @Test
    void slackAndStrainTogetherAreNoMatterOfSize() {
        Correction correction = correct(PLAN, verdict(Corners.STRAINING, Middle.SAGS, Edges.SMOOTH));
        assertThat(correction.isToSew()).isFalse();
        assertThat(correction.hindrance()).contains(Hindrance.CONTRADICTORY);
        assertThat(correction.form()).isEmpty();
    }

    @Test
    void whoWouldRatherSayANumberGetsThatNumber() {
        Verdict narrower = new Verdict(
                Corners.FILLED,
                Middle.FIRM,
                Edges.SMOOTH,
                Opening.CLOSED,
                Optional.empty(),
                Optional.of(Length.inches(0, 3, 4)));
        Correction correction = correct(PLAN, narrower);
        assertThat(correction.deeper()).isEqualTo(Length.inches(0, 3, 8));
        assertThat(correction.after().finished(Axis.ACROSS)).isEqualTo(Length.inches(17, 1, 4));
    }

    @Test
    void aSecondTryOnGoesOnFromTheFirst() {
        CoverPlan once = correct(PLAN, verdict(Corners.FILLED, Middle.SAGS, Edges.SMOOTH))
                .done();
        Correction again = correct(once, verdict(Corners.FILLED, Middle.FIRM, Edges.RIPPLE));
        assertThat(again.after().allowance())
                .isEqualTo(Reckoner.reckon(once).allowance().plus(again.deeper()));
        assertThat(cut(again.after())).isEqualTo(cut(Reckoner.reckon(PLAN)));
    }

    @Test
    void aFlangeIsStitchedFurtherInAndItsOuterEdgeStays() {
        Correction correction = correct(PLAN.withEdging(EdgingKind.FLANGE.usual(Unit.INCH)), SLACK);
        assertThat(correction.after().plan().edging().flange())
                .isEqualTo(Length.inches(2).plus(correction.deeper()));
        assertThat(correction.after().finished(Axis.ACROSS))
                .isEqualTo(correction.before().finished(Axis.ACROSS));
        assertThat(cut(correction.after())).isEqualTo(cut(correction.before()));
    }

    static Stream<Arguments> triedOn() {
        return Cases.of(200, CorrectionTest::triedOn);
    }

    /** A cover and what was said of it. */
    private record TriedOn(CoverPlan plan, boolean sensible, Verdict verdict) {}

    private static TriedOn triedOn(Random random) {
        boolean sensible = random.nextInt(3) > 0;
        CoverPlan plan = sensible
                ? RandomPlans.fitting(
                        random, Cases.pick(random, ShapeKind.ALL.all()), Cases.pick(random, OpeningKind.ALL.all()))
                : RandomPlans.plan(random);
        if (random.nextInt(4) == 0) {
            plan = plan.withEdging(Cases.pick(random, EdgingKind.ALL.all()).usual(plan.unit()));
        }
        return new TriedOn(
                plan,
                sensible,
                new Verdict(
                        Cases.pick(random, Corners.values()),
                        Cases.pick(random, Middle.values()),
                        Cases.pick(random, Edges.values()),
                        Opening.CLOSED,
                        Optional.empty(),
                        random.nextInt(5) == 0 ? Optional.of(RandomPlans.between(random, -2, 2)) : Optional.empty()));
    }

    @Reaches({"deeper", "let out", "as it is", "CORD", "NO_SEAM", "DEEPEST", "ALLOWANCE", "CONTRADICTORY", "other form"
    })
    @ParameterizedTest
    @MethodSource
    void comesToWhatIsWishedOrSaysWhyNot(TriedOn tried) {
        Reckoned cover =
                Reckoner.reckonWithoutRemedies(tried.plan(), tried.plan().mark());
        Correction correction = Correction.of(cover, tried.verdict());
        Reckoned after = Reckoner.reckonWithoutRemedies(correction.done(), cover.mark());

        double off = Math.abs(after.fullness().ratio() - correction.wanted());
        assertThat(off <= Correction.NEAR || correction.hindrance().isPresent())
                .as("%s off by %s", correction.deeper(), off)
                .isTrue();
        // No seam that cannot be sewn: neither too deep nor off the edge of the cloth.
        assertThat(correction.deeper())
                .isLessThanOrEqualTo(Correction.deepest(cover.mark().unit()));
        if (correction.deeper().isNegative() && after.plan().edging().flange().isZero()) {
            assertThat(after.allowance()).isGreaterThanOrEqualTo(Length.mm(3));
        }
        if (correction.isToSew()) {
            assertThat(correction.seams()).isNotEmpty();
        }
        if (correction.isToSew() && tried.sensible()) {
            if (tried.plan().shape().isRectangular()) {
                assertThat(after.front().cutWidth()).isEqualTo(cover.front().cutWidth());
                assertThat(after.front().cutHeight()).isEqualTo(cover.front().cutHeight());
            }
            // What is cut, marked and bought stays as it is, strips and trims and the zip too.
            if (cover.outline().isEmpty() && after.plan().edging().flange().isZero()) {
                assertThat(cut(after)).isEqualTo(cut(cover));
                assertThat(marked(after)).isEqualTo(marked(cover));
                assertThat(after.back().zip().map(Back.Zip::length))
                        .isEqualTo(cover.back().zip().map(Back.Zip::length));
            }
            assertThat(after.back().overlap()).isEqualTo(cover.back().overlap());
        }
        reached(correction.deeper().isPositive() ? "deeper" : correction.isToSew() ? "let out" : "as it is");
        correction.hindrance().ifPresent(why -> reached(why.name()));
        correction.form().ifPresent(form -> reached("other form"));
    }

    static Stream<Arguments> comesToWhatIsWishedOrSaysWhyNot() {
        return triedOn();
    }
}
