package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.cover.EnvelopeOpening.Asked;
import app.dapt.cover.Finding.Weight;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.piece.Edge.Fate;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every plan, sensible or not. */
class ReckonerPropertiesTest {

    static Stream<Arguments> plans() {
        return Cases.of(600, RandomPlans::plan);
    }

    /** Cut sizes may be larger than exact ones by their rounding, never smaller and never by a whole mark. */
    private static void assertRoundedUp(Length cut, Length exact, Mark mark) {
        assertThat(cut).isBetween(exact, exact.plus(mark.step()));
    }

    @ParameterizedTest
    @MethodSource("plans")
    void piecesSewnTogetherGiveTheFinishedSizeBack(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        Mark mark = reckoned.mark();
        Axis along = plan.opening().runs();
        for (Axis axis : Axis.values()) {
            assertRoundedUp(reckoned.front().finished(axis), reckoned.finished(axis), mark);
        }
        Length laid = Length.ZERO;
        for (Back.Panel panel : reckoned.back().panels()) {
            assertRoundedUp(panel.piece().finished(along), reckoned.finished(along), mark);
            assertRoundedUp(panel.piece().finished(along.other()), panel.depth(), mark);
            laid = laid.plus(panel.depth());
        }
        assertThat(laid).isEqualTo(reckoned.finished(along.other()).plus(reckoned.back().overlap()));
    }

    @ParameterizedTest
    @MethodSource("plans")
    void theOverlapAskedIsTheOverlapLeft(CoverPlan plan) {
        if (((EnvelopeOpening) plan.opening()).depth() instanceof Asked asked) {
            assertThat(Reckoner.reckon(plan).back().overlap()).isEqualTo(asked.overlap());
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aLiningIsCutLikeTheBackItLines(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        for (Piece back : reckoned.pieces()) {
            boolean lined = Stream.of(Side.values()).anyMatch(side -> back.edge(side).fate() == Fate.LINED);
            if (lined && back.id().startsWith("back")) {
                assertThat(reckoned.pieces()).filteredOn(piece -> piece.id().equals(back.id().replace("back", "lining")))
                        .singleElement().satisfies(lining -> {
                            assertThat(lining.cutWidth()).isEqualTo(back.cutWidth());
                            assertThat(lining.cutHeight()).isEqualTo(back.cutHeight());
                        });
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void noRemedyLeavesItsFindingStandingOrBringsOneThatWillNotWork(CoverPlan plan) {
        Reckoned before = Reckoner.reckon(plan);
        for (Finding finding : before.findings()) {
            finding.remedy().ifPresent(remedy -> {
                Reckoned after = Reckoner.reckon(remedy.plan());
                assertThat(after.finding(finding.code())).as(finding.code()).isEmpty();
                assertThat(blocking(before)).as(finding.code()).containsAll(blocking(after));
            });
        }
    }

    private static Set<String> blocking(Reckoned reckoned) {
        return reckoned.findings().stream().filter(finding -> finding.weight() == Weight.WILL_NOT_WORK)
                .map(Finding::code).collect(Collectors.toSet());
    }

    @ParameterizedTest
    @MethodSource("plans")
    void codesOfFindingsAreTheirOwnAndTheWorstComesFirst(CoverPlan plan) {
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(reckoned.findings()).extracting(Finding::code).doesNotHaveDuplicates();
        assertThat(reckoned.findings()).extracting(Finding::weight).isSorted();
    }

    @ParameterizedTest
    @MethodSource("plans")
    void aLargerFormNeverTakesLessCloth(CoverPlan plan) {
        CoverPlan fitted = plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
        Length side = Length.inches(18);
        double before = 0;
        for (int i = 0; i < 6; i++) {
            CoverPlan larger = fitted.withForm(Form.overCrown(side.plus(Length.inches(i)), side.plus(Length.inches(2 * i))));
            double area = Reckoner.reckon(larger).clothArea();
            assertThat(area).isGreaterThanOrEqualTo(before);
            before = area;
        }
    }
}
