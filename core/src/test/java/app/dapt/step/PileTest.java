package app.dapt.step;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.drawing.Box;
import app.dapt.make.CoverSteps;
import app.dapt.piece.Edge;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Where the pieces lie on the table. */
@ExtendWith(Reaches.Count.class)
class PileTest {

    /** Sizes are rounded to what a tape shows, at most ⅛ in each. */
    private static final double ROUNDED = 3.2;

    static Stream<Arguments> plans() {
        return ShapeKind.ALL.stream().flatMap(shape -> OpeningKind.ALL.stream()
                .flatMap(opening -> Cases.of(4, random -> RandomPlans.fitting(random, shape, opening))));
    }

    /** The steps of a plan whose opening suits its shape; none where the plan itself says that it does not. */
    private static List<Step> steps(CoverPlan plan) {
        if (plan.opening().unfitFor(plan.shape()).isPresent()) {
            return List.of();
        }
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, plan.mark());
        return CoverSteps.of(reckoned);
    }

    /** Before the seam round the cover, every raw edge of a back lies on the raw edge of the front it is sewn to. */
    @ParameterizedTest
    @MethodSource("plans")
    @Reaches({"an edge of a page that was turned over", "a back in parts"})
    void rawEdgesLieLevelBeforeTheSeam(CoverPlan plan) {
        for (Step step : steps(plan)) {
            if (!step.does().equals("lay") && !step.does().equals("lay-lapped")) {
                continue;
            }
            List<Laid> laid = step.pile().orElseThrow().laid();
            Box front = laid.get(0).box();
            if (laid.size() > 2) {
                reached("a back in parts");
            }
            for (Laid back : laid.subList(1, laid.size())) {
                assertThat(back.rightSide()).as(step.id()).isFalse();
                for (Side side : Side.values()) {
                    if (back.piece().edge(side).isSeam() && back.outline().isEmpty()) {
                        Side seen = back.seen(side);
                        assertThat(at(back.box(), seen))
                                .as("%s of %s in %s", side, back.piece().id(), step.id())
                                .isCloseTo(at(front, seen), within(ROUNDED));
                        if (seen != side) {
                            reached("an edge of a page that was turned over");
                        }
                    }
                }
            }
        }
    }

    /** Two panels that are sewn to each other right sides together lie with the two edges on each other. */
    @ParameterizedTest
    @MethodSource("plans")
    @Reaches("a seam with a zip")
    void panelsOnBothSidesOfAZipMeetWhereTheyAreSewn(CoverPlan plan) {
        for (Step step : steps(plan)) {
            if (step.does().equals("zip-close")) {
                Laid near = step.pile().orElseThrow().laid().get(0);
                Laid far = step.pile().orElseThrow().laid().get(1);
                Side zipped = zipped(near.piece());
                assertThat(near.seen(zipped)).isEqualTo(far.seen(zipped(far.piece())));
                assertThat(at(near.box(), zipped)).isEqualTo(at(far.box(), zipped));
                assertThat(near.rightSide()).isNotEqualTo(far.rightSide());
                reached("a seam with a zip");
            }
        }
    }

    private static Side zipped(Piece piece) {
        return Stream.of(Side.values())
                .filter(side -> piece.edge(side).fate() == Edge.Fate.ZIP)
                .findFirst()
                .orElseThrow();
    }

    private static double at(Box box, Side side) {
        return switch (side) {
            case TOP -> box.top().toMm();
            case BOTTOM -> box.bottom().toMm();
            case LEFT -> box.left().toMm();
            case RIGHT -> box.right().toMm();
        };
    }
}
