package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.parts.Need;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.learning.Tastes;
import app.dapt.make.Notions;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a cover takes besides cloth, how wide panels are joined, and which fit is recommended. */
class NeedsTest {

    private static CoverPlan square(int inches) {
        return DefaultPlan.plan(
                "Bench", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(inches), Length.inches(inches)));
    }

    private static Sum thread(CoverPlan plan) {
        return Notions.of(Reckoner.reckon(plan)).stream()
                .filter(need -> need.what().code().equals("need.thread"))
                .findFirst()
                .orElseThrow()
                .sum()
                .orElseThrow();
    }

    /** A casing is as large as its form, and whatever the cover has on it is none of its business. */
    @ParameterizedTest
    @MethodSource("plans")
    void theCasingOfAFormIsAsLargeAsTheForm(CoverPlan plan) {
        Optional<CoverPlan> casing = DefaultPlan.casing(plan, "Casing");
        assertThat(casing.isPresent()).isEqualTo(plan.shape().forms() == 1);
        casing.map(cover -> Reckoner.reckonWithoutRemedies(cover, cover.mark())).ifPresent(cover -> {
            assertThat(cover.ease(plan.shape().easeBy())).isEqualTo(Length.ZERO);
            assertThat(cover.back().lap()).isEmpty();
            assertThat(cover.pieces())
                    .allSatisfy(piece -> assertThat(cover.plan().cloths().of(piece.material()))
                            .isEqualTo(plan.cloths().of(Material.LINING)));
        });
    }

    @Test
    void threadIsThreeTimesTheSeamsAndHemsAndAsMuchAgainForAZigzag() {
        CoverPlan plan = square(20);
        // Cut to the form it is sewn to nineteen: four seams of that and two hems as wide as they are cut; the raw edge
        // of the four seams zigzagged.
        assertThat(thread(plan).terms())
                .extracting(term -> term.amount().toInches())
                .containsExactly(3.0 * (4 * 19 + 2 * 20), 3.0 * 4 * 19);
        CoverPlan overlocked = plan.withSeam(new Seam(plan.seam().chosen(), SeamFinish.OVERLOCKED));
        assertThat(thread(overlocked).terms().get(1).amount()).isEqualTo(Length.inches(12 * 4 * 19));
        CoverPlan pinked = plan.withSeam(new Seam(plan.seam().chosen(), SeamFinish.PINKED));
        assertThat(thread(pinked).terms()).hasSize(1);
    }

    static Stream<Arguments> plans() {
        return Cases.of(60, RandomPlans::plan);
    }

    /** Whatever is bought by length is at least what its sum says, and by less than one of the shop's steps more. */
    @ParameterizedTest
    @MethodSource("plans")
    void nothingIsBoughtTooShort(CoverPlan plan) {
        Length step = plan.unit().pick(Length.cm(10), Length.inches(4, 1, 2));
        for (Need need : Reckoner.reckonWithoutRemedies(plan, plan.mark()).needs()) {
            if (need.amount().code().equals("need.length") && need.sum().isPresent()) {
                Length bought = (Length) need.amount().args().get(0);
                Length needed = need.sum().get().total();
                assertThat(bought).isGreaterThanOrEqualTo(needed).isLessThan(needed.plus(step));
            }
        }
    }

    /** Twice the join's allowance goes into every seam: the drops together are the panel and that. */
    @ParameterizedTest
    @CsvSource({"60, middle, 2", "60, sides, 3", "110, middle, 3", "90, sides, 3"})
    void dropsSewnTogetherAreThePanel(int inches, String kind, int drops) {
        CoverPlan plan = square(inches)
                .withJoining(JoiningKind.ALL.coded(kind).orElseThrow().usual(Unit.INCH));
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH);
        List<Length> widths = reckoned.pieces().stream()
                .filter(piece -> piece.role() instanceof PieceRole.Drop drop
                        && drop.panel().equals("front"))
                .map(piece -> piece.cutWidth())
                .toList();
        assertThat(widths).hasSize(drops).allSatisfy(width -> assertThat(width)
                .isLessThanOrEqualTo(plan.cloths().front().usableWidth()));
        Length together = widths.stream()
                .reduce(Length.ZERO, Length::plus)
                .minus(reckoned.allowance().times(2L * (drops - 1)));
        Length panel = reckoned.front().cutWidth();
        assertThat(together).isBetween(panel, panel.plus(Length.inches(0, drops, 8)));
        assertThat(reckoned.isJoined()).isTrue();
    }

    @Test
    void aCoverThatGoesOnItsClothIsNotJoined() {
        CoverPlan plan = square(20).withJoining(JoiningKind.MIDDLE.usual(Unit.INCH));
        assertThat(Reckoner.reckonWithoutRemedies(plan, Mark.EIGHTH).isJoined()).isFalse();
    }

    @ParameterizedTest
    @MethodSource("plans")
    void whatIsRecommendedIsTheNearestToPlump(CoverPlan plan) {
        Recommendation recommended = Recommendation.of(plan, plan.mark(), Tastes.NOTHING);
        assertThat(recommended.bySchool()).hasSize(FitSchool.values().length);
        double off = Math.abs(recommended.by(recommended.school()).fullness().ratio() - .9);
        for (FitSchool school : List.of(FitSchool.CUT_TO_FORM, FitSchool.FINISH_TO_FORM, FitSchool.SIZE_DOWN)) {
            assertThat(off)
                    .isLessThanOrEqualTo(
                            Math.abs(recommended.by(school).fullness().ratio() - .9));
        }
    }
}
