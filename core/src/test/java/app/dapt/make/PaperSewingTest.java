package app.dapt.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.JoiningKind;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Kind;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.edging.EdgingKind;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.ArmFlapOpening;
import app.dapt.cover.opening.Hem;
import app.dapt.cover.opening.Opening;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.opening.PillowcaseOpening;
import app.dapt.cover.opening.SewnShutOpening;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.make.PaperSewing.State;
import app.dapt.make.SewnCover.Fault;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Side;
import app.dapt.step.Step;
import app.dapt.workpiece.Move;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Sewn on paper step by step, the cut pieces come to the cover that was planned. */
class PaperSewingTest {

    private static final Length QUARTER = Length.inches(0, 1, 4);

    private static PaperSewing sewn(Reckoned reckoned) {
        return PaperSewing.of(reckoned, CoverSteps.of(reckoned)).orElseThrow();
    }

    private static CoverPlan cover(Kind<Opening> opening, Object... changes) {
        return DefaultPlan.plan(
                        "Bench", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(Length.inches(24), Length.inches(18)))
                .withOpening(Cases.changed(opening, Unit.INCH, changes));
    }

    static Stream<Arguments> plans() {
        return Stream.of(ShapeKind.SQUARE, ShapeKind.ROUND, ShapeKind.RUN).flatMap(shape -> OpeningKind.ALL.stream()
                .flatMap(opening -> Cases.of(24, random -> RandomPlans.fitting(random, shape, opening))));
    }

    /** Those that work at all, with seams as people sew them. */
    @ParameterizedTest
    @MethodSource("plans")
    void whatIsCutComesToWhatWasPlannedAndNoClothIsLost(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        Length least = Length.min(reckoned.allowance(), reckoned.dimensions().innerAllowance());
        assumeTrue(least.atLeast(Length.mm(4))
                && reckoned.findings().stream().noneMatch(each -> each.weight() == Weight.WILL_NOT_WORK));
        PaperSewing.of(reckoned, CoverSteps.of(reckoned)).ifPresent(sewing -> {
            clothIsKept(sewing);
            assertThat(sewing.comesTo().faults()).as("%s", sewing.comesTo()).isEmpty();
        });
    }

    private static void clothIsKept(PaperSewing sewing) {
        Map<String, Double> cut = sewing.start().areas();
        for (State state : sewing.states()) {
            Map<String, Double> now = state.table().areas();
            cut.forEach((piece, area) -> assertThat(now.getOrDefault(piece, 0.0))
                    .as("%s after %s", piece, state.step().id())
                    .isCloseTo(area, within(area * 1e-6 + 0.01)));
        }
    }

    private static CoverPlan turned(CoverPlan plan) {
        return plan.withOpening(plan.opening().turned());
    }

    static Stream<CoverPlan> made() {
        CoverPlan plain = cover(OpeningKind.ENVELOPE);
        CoverPlan french = plain.withSeam(new Seam(Length.inches(0, 1, 2), SeamFinish.FRENCH));
        return Stream.of(
                        Stream.of(french),
                        OpeningKind.ALL.stream().map(kind -> cover(kind)),
                        OpeningKind.ALL.stream().map(kind -> cover(kind)).map(plan -> plan.withSeam(french.seam())),
                        OpeningKind.ALL.stream().map(kind -> turned(cover(kind))),
                        OpeningKind.ALL.stream().map(kind -> turned(cover(kind)).withSeam(french.seam())),
                        Stream.of(
                                turned(cover(OpeningKind.PILLOWCASE, "flaps", PillowcaseOpening.Flaps.BOTH)),
                                cover(OpeningKind.PILLOWCASE, "flaps", PillowcaseOpening.Flaps.BOTH),
                                turned(cover(OpeningKind.SEWN_SHUT, "cutIn", SewnShutOpening.Cut.ONE)),
                                cover(OpeningKind.SEWN_SHUT, "cutIn", SewnShutOpening.Cut.ONE)),
                        FaceKind.ALL.stream().map(kind -> plain.withFace(kind.usual(Unit.INCH))),
                        EdgingKind.ALL.stream().map(kind -> plain.withEdging(kind.usual(Unit.INCH))),
                        Stream.of("pocket", "handle", "label", "motif")
                                .map(name -> plain.withExtras(plain.extras()
                                        .kind()
                                        .with(plain.extras().decided().with(name, true)))),
                        Stream.of(
                                cover(OpeningKind.ENVELOPE, "firstHem", Hem.Kind.LINED, "secondHem", Hem.Kind.SINGLE)))
                .flatMap(each -> each);
    }

    /** To a tenth of a millimetre where all was entered on the marks of a tape. */
    @ParameterizedTest
    @MethodSource("made")
    void everyKindComesOutAsItWasReckoned(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        PaperSewing.of(reckoned, CoverSteps.of(reckoned)).ifPresent(sewing -> {
            clothIsKept(sewing);
            SewnCover cover = sewing.comesTo();
            assertThat(cover.faults()).as("%s", cover).isEmpty();
            assertThat(cover.across()).isCloseTo(reckoned.across().total().toMm(), within(SewnCover.CLOSE));
            assertThat(cover.upDown()).isCloseTo(reckoned.upDown().total().toMm(), within(SewnCover.CLOSE));
            reckoned.back().overlap().ifPresent(overlap -> assertThat(cover.overlap())
                    .hasValueSatisfying(is -> assertThat(is).isCloseTo(overlap.toMm(), within(SewnCover.CLOSE))));
        });
    }

    /** The steps in an order drawn by lot, each after those it needs. */
    private static List<Step> shuffled(List<Step> steps, Random random) {
        List<Step> left = new ArrayList<>(steps);
        List<Step> order = new ArrayList<>();
        Set<String> done = new HashSet<>();
        while (!left.isEmpty()) {
            List<Step> may =
                    left.stream().filter(step -> done.containsAll(step.needs())).toList();
            Step next = Cases.pick(random, may);
            left.remove(next);
            done.add(next.id());
            order.add(next);
        }
        return order;
    }

    /** Nothing hangs on an order that the needs do not ask for. */
    @ParameterizedTest
    @MethodSource("made")
    void anyOrderThatTheNeedsAllowMakesTheSameCover(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        List<Step> steps = CoverSteps.of(reckoned);
        Random random = new Random(steps.size());
        for (int i = 0; i < 5; i++) {
            PaperSewing.of(reckoned, shuffled(steps, random)).ifPresent(sewing -> {
                clothIsKept(sewing);
                assertThat(sewing.comesTo().faults()).isEmpty();
            });
        }
    }

    /** A mistake in the order of work, and what it is told by. */
    private static Arguments mistake(String what, CoverPlan plan, Function<Move, List<Move>> made, Fault... faults) {
        return Arguments.of(what, plan, made, List.of(faults));
    }

    private static <M extends Move> Function<Move, List<Move>> instead(Class<M> kind, Function<M, List<Move>> change) {
        return move -> kind.isInstance(move) ? change.apply(kind.cast(move)) : List.of(move);
    }

    static Stream<Arguments> mistakes() {
        CoverPlan envelope = cover(OpeningKind.ENVELOPE);
        CoverPlan french = envelope.withSeam(new Seam(Length.inches(0, 1, 2), SeamFinish.FRENCH));
        CoverPlan wrap = cover(OpeningKind.WRAP);
        CoverPlan pillowcase = cover(OpeningKind.PILLOWCASE);
        return Stream.of(
                mistake(
                        "hems turned deeper",
                        envelope,
                        instead(
                                Move.TurnUnder.class,
                                turn -> List.of(new Move.TurnUnder(
                                        turn.stack(), turn.side(), turn.by().plus(QUARTER)))),
                        Fault.OVERLAP),
                mistake(
                        "hems on the other edge",
                        envelope,
                        instead(
                                Move.TurnUnder.class,
                                turn -> List.of(new Move.TurnUnder(
                                        turn.stack(), turn.side().opposite(), turn.by()))),
                        Fault.RAW_EDGE),
                mistake(
                        "a hem left out",
                        envelope,
                        instead(
                                Move.TurnUnder.class,
                                turn -> turn.stack().equals("back-upper") ? List.of() : List.of(turn)),
                        Fault.OVERLAP,
                        Fault.RAW_EDGE),
                mistake("the backs in the other order", envelope, new OtherWayRound(), Fault.PANELS),
                mistake(
                        "the backs face up",
                        envelope,
                        instead(Move.Flip.class, flip -> List.of()),
                        Fault.WRONG_SIDE_OUT),
                mistake(
                        "both backs level with the top",
                        envelope,
                        instead(Move.PutOn.class, put -> List.of(new Move.PutOn(put.stack(), put.onto(), Side.TOP))),
                        Fault.OVERLAP),
                mistake(
                        "the front face down",
                        envelope,
                        instead(Move.Beyond.class, beyond -> List.of(new Move.Flip(beyond.stack(), true), beyond)),
                        Fault.WRONG_SIDE_OUT),
                mistake(
                        "the seam a quarter of an inch too far in",
                        envelope,
                        instead(
                                Move.SewSides.class,
                                sew -> List.of(new Move.SewSides(
                                        sew.stack(), sew.sides(), sew.in().plus(QUARTER)))),
                        Fault.WIDTH,
                        Fault.HEIGHT),
                mistake(
                        "one side left unsewn",
                        envelope,
                        instead(
                                Move.SewSides.class,
                                sew -> List.of(new Move.SewSides(
                                        sew.stack(), sew.sides().subList(0, 3), sew.in()))),
                        Fault.RAW_EDGE),
                mistake("never turned", envelope, instead(Move.Turn.class, turn -> List.of()), Fault.WRONG_SIDE_OUT),
                mistake(
                        "both passes of a French seam at the whole allowance",
                        french,
                        instead(
                                Move.SewSides.class,
                                sew -> List.of(new Move.SewSides(sew.stack(), sew.sides(), Length.inches(0, 1, 2)))),
                        Fault.WIDTH),
                mistake(
                        "folded an inch beside the mark",
                        wrap,
                        instead(
                                Move.FoldAt.class,
                                fold -> List.of(new Move.FoldAt(
                                        fold.stack(), fold.side(), fold.at().plus(Length.inches(1)), fold.over()))),
                        Fault.PANELS),
                mistake("the ends of a wrap in the other order", wrap, new Swapped(), Fault.PANELS),
                mistake(
                        "a pillowcase's flap left lying",
                        pillowcase,
                        instead(Move.FoldAt.class, fold -> fold.over() ? List.of(fold) : List.of()),
                        Fault.WIDTH),
                mistake(
                        "a zip's seam a quarter of an inch deeper",
                        cover(OpeningKind.BACK_ZIP),
                        instead(
                                Move.Open.class,
                                open -> List.of(new Move.Open(
                                        open.stack(), open.side(), open.in().plus(QUARTER)))),
                        Fault.RAW_EDGE),
                mistake(
                        "the panels of a zip sewn to each other's outer edges",
                        cover(OpeningKind.BACK_ZIP),
                        instead(
                                Move.Open.class,
                                open -> List.of(
                                        new Move.Open(open.stack(), open.side().opposite(), open.in()))),
                        Fault.RAW_EDGE),
                mistake(
                        "a zip's tape forgotten",
                        cover(OpeningKind.HIDDEN_ZIP),
                        instead(
                                Move.Bring.class,
                                bring -> List.of(new Move.Bring(
                                        bring.name(), bring.wide(), bring.high().half()))),
                        Fault.RAW_EDGE),
                mistake(
                        "a band sewn half an inch in",
                        cover(OpeningKind.BANDED),
                        instead(
                                Move.Bind.class,
                                bind -> List.of(new Move.Bind(bind.strip(), bind.side(), Length.inches(0, 1, 2)))),
                        Fault.OVERLAP),
                mistake(
                        "a pleat half as deep",
                        envelope.withFace(FaceKind.BUTTON_BAND.usual(Unit.INCH)),
                        instead(
                                Move.Pleat.class,
                                pleat -> List.of(new Move.Pleat(
                                        pleat.stack(), pleat.at(), pleat.depth().half()))),
                        Fault.WIDTH));
    }

    /** Two panels laid down in the other order. */
    private static final class OtherWayRound implements Function<Move, List<Move>> {

        private static String other(String panel) {
            return panel.equals("back-upper") ? "back-lower" : "back-upper";
        }

        @Override
        public List<Move> apply(Move move) {
            if (move instanceof Move.Flip flip) {
                return List.of(new Move.Flip(other(flip.stack()), flip.likeAPage()));
            }
            return move instanceof Move.PutOn put
                    ? List.of(new Move.PutOn(
                            other(put.stack()), put.onto(), put.level().opposite()))
                    : List.of(move);
        }
    }

    /** Two ends folded over in the other order. */
    private static final class Swapped implements Function<Move, List<Move>> {

        private Optional<Move> first = Optional.empty();

        @Override
        public List<Move> apply(Move move) {
            if (!(move instanceof Move.FoldAt fold)) {
                return List.of(move);
            }
            List<Move> now = first.map(held -> List.of(fold, held)).orElse(List.of());
            first = Optional.of(fold);
            return now;
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("mistakes")
    void aMistakeInTheStepsIsTold(String what, CoverPlan plan, Function<Move, List<Move>> made, List<Fault> faults) {
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        assertThat(sewn(reckoned).comesTo().isAsPlanned()).isTrue();
        SewnCover wrong = sewn(reckoned).but(made).comesTo();
        assertThat(wrong.faults()).as("%s", wrong).containsAll(faults);
    }

    private static CoverPlan vee(ArmFlapOpening.Layers tucked) {
        CoverPlan vee = DefaultPlan.plan(
                "Vee", Mark.EIGHTH, ShapeKind.VEE, Form.overCrown(Length.inches(34), Length.inches(26)));
        Opening opening = OpeningKind.ARM_FLAP.usual(Unit.INCH);
        return vee.withOpening(opening.kind().with(opening.decided().with("flapLayers", tucked)));
    }

    /** The arm of a V lies aslant, and so does the flap at its end; its curves are lines of many corners. */
    @ParameterizedTest
    @EnumSource(ArmFlapOpening.Layers.class)
    void aVIsSewnOnPaperToo(ArmFlapOpening.Layers tucked) {
        CoverPlan vee = vee(tucked);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(vee, vee.mark());
        SewnCover cover = sewn(reckoned).comesTo();

        clothIsKept(sewn(reckoned));
        assertThat(cover.faults()).as("%s", cover).isEmpty();
        assertThat(cover.across()).isCloseTo(reckoned.across().total().toMm(), within(SewnCover.CLOSE));
        assertThat(cover.upDown()).isCloseTo(reckoned.upDown().total().toMm(), within(SewnCover.CLOSE));
        // Turned too little or too much, the arm is longer, or shorter, than its cover.
        for (Length off : List.of(QUARTER.negated(), QUARTER)) {
            assertThat(sewn(reckoned)
                            .but(instead(
                                    Move.TurnEnd.class,
                                    end -> List.of(new Move.TurnEnd(
                                            end.stack(),
                                            end.x(),
                                            end.y(),
                                            end.by().plus(off)))))
                            .comesTo()
                            .isAsPlanned())
                    .isFalse();
        }
    }

    @Test
    void whatIsNotToldInMovesIsNotSewnOnPaper() {
        CoverPlan wide = DefaultPlan.plan(
                "Round", Mark.EIGHTH, ShapeKind.ROUND, Form.overCrown(Length.inches(70), Length.inches(70)));
        CoverPlan joined = wide.withJoining(JoiningKind.ALL.all().get(1).usual(Unit.INCH));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(joined, joined.mark());
        assertThat(reckoned.isJoined()).isTrue();
        assertThat(PaperSewing.of(reckoned, CoverSteps.of(reckoned))).isEmpty();
    }
}
