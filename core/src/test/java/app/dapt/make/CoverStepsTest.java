package app.dapt.make;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.piece.Edge.Fate;
import app.dapt.piece.Piece;
import app.dapt.piece.PieceRole;
import app.dapt.piece.Side;
import app.dapt.step.Milestone;
import app.dapt.step.Place;
import app.dapt.step.Step;
import app.dapt.step.Taken;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for the steps of every cover that can be planned. */
@ExtendWith(Reaches.Count.class)
class CoverStepsTest {

    private static final Set<Fate> LEFT_AS_IT_IS = EnumSet.of(Fate.FOLD, Fate.SELVAGE, Fate.HEMMED);

    /** Any plan, and some of every opening on every shape. */
    static Stream<Arguments> plans() {
        return Stream.concat(
                Cases.of(150, RandomPlans::plan), ShapeKind.ALL.stream().flatMap(shape -> OpeningKind.ALL.stream()
                        .flatMap(opening -> Cases.of(2, random -> RandomPlans.fitting(random, shape, opening)))));
    }

    private static Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    /** All that must be done before each step, near and far. */
    private static Map<String, Set<String>> before(List<Step> steps) {
        Map<String, Set<String>> before = new HashMap<>();
        for (Step step : steps) {
            Set<String> all = new HashSet<>(step.needs());
            step.needs().forEach(need -> {
                assertThat(before).as("what %s needs", step.id()).containsKey(need);
                all.addAll(before.get(need));
            });
            assertThat(before.put(step.id(), all)).isNull();
        }
        return before;
    }

    private static String stepThat(List<Step> steps, Milestone milestone) {
        return steps.stream()
                .filter(step -> step.milestone().equals(Optional.of(milestone)))
                .map(Step::id)
                .reduce((one, other) -> {
                    throw new AssertionError("twice: " + one + " and " + other);
                })
                .orElseThrow();
    }

    /** The edges that reckoning says come to something: of whole panels, and of the joins inside them. */
    private static List<Taken> reckonedEdges(Reckoned reckoned) {
        Set<Piece> pieces = new LinkedHashSet<>(reckoned.back().pieces());
        pieces.addAll(reckoned.pieces());
        List<Taken> edges = new ArrayList<>();
        for (Piece piece : pieces) {
            boolean drop = piece.role() instanceof PieceRole.Drop;
            for (Side side : Side.values()) {
                Fate fate = piece.edge(side).fate();
                if (!LEFT_AS_IT_IS.contains(fate) && drop == (fate == Fate.JOIN)) {
                    edges.add(new Taken(piece.id(), side));
                }
            }
        }
        return edges;
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches({"a join", "a hem"})
    void sewnOnPaperTheStepsTakeEveryEdgeOnceAndNoOther(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        List<Taken> taken = CoverSteps.of(reckoned).stream()
                .flatMap(step -> step.takes().stream())
                .toList();
        assertThat(taken).containsExactlyInAnyOrderElementsOf(reckonedEdges(reckoned));
        reckoned.pieces().stream()
                .flatMap(piece -> Stream.of(Side.values()).map(piece::edge))
                .forEach(edge -> {
                    if (edge.fate() == Fate.JOIN) {
                        reached("a join");
                    }
                    if (edge.fate() == Fate.HEM) {
                        reached("a hem");
                    }
                });
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whatIsNeededComesFirstAndEveryPieceIsCutBeforeItIsSewn(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        List<Step> steps = CoverSteps.of(reckoned);
        Map<String, Set<String>> before = before(steps);
        Set<String> cuts = new HashSet<>();
        steps.stream()
                .filter(step -> step.id().startsWith("cloth-") && step.does().startsWith("cut"))
                .forEach(step -> cuts.add(step.id()));
        assertThat(cuts).isNotEmpty();
        steps.stream().filter(step -> !step.takes().isEmpty()).forEach(step -> assertThat(before.get(step.id()))
                .as("before %s", step.id())
                .containsAnyElementsOf(cuts));
        assertThat(steps).allSatisfy(step -> assertThat(step.minutes()).isBetween(0.0, 1000.0));
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches({"a lap", "a zip"})
    void nothingIsTrimmedBeforeTheCoverWasTriedOnAndNoTrapIsPassed(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        List<Step> steps = CoverSteps.of(reckoned);
        Map<String, Set<String>> before = before(steps);
        String tried = stepThat(steps, Milestone.TRIED_ON);
        // The pockets of a run are there only once it is turned.
        boolean run = plan.shape().forms() > 1;
        assertThat(steps)
                .filteredOn(step -> step.does().startsWith("clip-")
                        || step.does().equals("snip-notch")
                        || step.does().equals("overlock")
                        || step.does().equals("pink"))
                .allSatisfy(
                        step -> assertThat(before.get(run ? tried : step.id())).contains(run ? step.id() : tried));
        Set<String> last = before.get(stepThat(steps, Milestone.FILLED));
        assertThat(last).contains("cover/check-caught", tried);
        if (reckoned.back().overlap().isPresent()) {
            reached("a lap");
            assertThat(steps)
                    .filteredOn(Step::trap)
                    .extracting(Step::does)
                    .containsAnyOf("lay-lapped", "lay-wrap", "lay-lapped-french", "lay-wrap-french");
        }
        if (reckoned.back().zip().isPresent()) {
            reached("a zip");
            assertThat(steps).filteredOn(Step::trap).extracting(Step::id).containsAnyOf("zip/lay", "zip/lay-french");
        }
        assertThat(steps).filteredOn(Step::loose).allSatisfy(step -> assertThat(steps)
                .as("what follows %s", step.id())
                .anyMatch(later -> later.needs().contains(step.id())));
        assertThat(steps)
                .filteredOn(step -> step.place() == Place.MACHINE || step.place() == Place.OVERLOCKER)
                .allSatisfy(step -> assertThat(step.setting()).as(step.id()).isPresent());
    }
}
