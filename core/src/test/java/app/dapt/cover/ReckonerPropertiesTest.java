package app.dapt.cover;

import static app.dapt.Reaches.Count.reached;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.Cases;
import app.dapt.RandomPlans;
import app.dapt.Reaches;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.front.FaceKind;
import app.dapt.cover.opening.Lapped;
import app.dapt.cover.opening.OpeningKind;
import app.dapt.cover.parts.Back;
import app.dapt.cover.shape.Run;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.piece.Contour;
import app.dapt.piece.Edge.Fate;
import app.dapt.piece.Marking;
import app.dapt.piece.Piece;
import app.dapt.piece.Side;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every plan, sensible or not. */
@ExtendWith(Reaches.Count.class)
class ReckonerPropertiesTest {

    static Stream<Arguments> plans() {
        return Cases.of(200, RandomPlans::plan);
    }

    /** Plans that make sense, for every opening on every shape that it goes with, some of each. */
    static Stream<Arguments> sensible() {
        return ShapeKind.ALL.stream()
                .flatMap(shape -> OpeningKind.ALL.stream()
                        .flatMap(opening -> Cases.of(6, random -> RandomPlans.fitting(random, shape, opening))))
                .filter(ReckonerPropertiesTest::goTogether);
    }

    private static boolean goTogether(Arguments arguments) {
        CoverPlan plan = (CoverPlan) ((Named<?>) arguments.get()[0]).getPayload();
        return plan.opening().unfitFor(plan.shape()).isEmpty();
    }

    private static Reckoned reckoned(CoverPlan plan) {
        return Reckoner.reckonWithoutRemedies(plan, plan.mark());
    }

    /** Cut sizes may be larger than exact ones by their rounding, never smaller and never by a whole mark. */
    private static void assertRoundedUp(Length cut, Length exact, Mark mark) {
        assertThat(cut).isBetween(exact, exact.plus(mark.step()));
    }

    /** What a panel shows once its edges are sewn and turned; a folded band shows half of that. */
    private static Length sewn(Back.Panel panel, Axis deep) {
        Length flat = panel.piece().finished(deep);
        return panel.piece().id().equals("band") ? flat.half() : flat;
    }

    @ParameterizedTest
    @MethodSource("sensible")
    @Reaches({"a strip", "panels", "an overlap"})
    void piecesSewnTogetherGiveTheFinishedSizeAndTheOverlapBack(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan.withFace(FaceKind.PLAIN.usual(plan.unit())));
        Mark mark = reckoned.mark();
        Axis along = plan.opening().runs();
        Axis deep = along.other();
        Back back = reckoned.back();
        Length takeUp =
                plan.shape() instanceof Run run ? Length.inches(0, 1, 8).times(run.pockets() - 1L) : Length.ZERO;
        if (plan.opening().takesInFront()) {
            reached("a strip");
            Length round = back.panels().stream()
                    .map(Back.Panel::depth)
                    .reduce(reckoned.finished(deep), Length::plus)
                    .plus(back.ends().tuckFront())
                    .plus(back.ends().tuckBack());
            assertRoundedUp(reckoned.front().finished(deep), round, mark);
            assertRoundedUp(reckoned.front().finished(along), reckoned.finished(along), mark);
            return;
        }
        if (plan.shape().kind() != ShapeKind.VEE) {
            assertRoundedUp(reckoned.front().finished(Axis.ACROSS).minus(takeUp), reckoned.finished(Axis.ACROSS), mark);
            assertRoundedUp(reckoned.front().finished(Axis.UP_DOWN), reckoned.finished(Axis.UP_DOWN), mark);
            back.panels().forEach(panel -> assertRoundedUp(sewn(panel, deep), panel.depth(), mark));
            reached("panels");
        }
        back.overlap().ifPresent(overlap -> {
            reached("an overlap");
            Length laid = back.panels().stream().map(Back.Panel::depth).reduce(Length.ZERO, Length::plus);
            assertThat(laid).isEqualTo(reckoned.finished(deep).plus(overlap));
        });
    }

    /** Laid on each other, the outlines of the panels cover the outline of the cover, the overlap twice. */
    @ParameterizedTest
    @MethodSource("sensible")
    @Reaches({"one lap", "no lap"})
    void curvedPanelsCoverTheCurvedBack(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        boolean parts = reckoned.back().panels().size() > 1;
        if (plan.shape().isRectangular() || !parts) {
            return;
        }
        Contour cover = reckoned.outline().orElseThrow();
        reached(reckoned.back().overlap().isPresent() ? "one lap" : "no lap");
        double laid = reckoned.back().panels().stream()
                .mapToDouble(
                        panel -> panel.piece().outline().orElseThrow().seam().area())
                .sum();
        double twice = reckoned.back()
                .overlap()
                .map(overlap -> {
                    Back.Panel second = reckoned.back().panels().stream()
                            .filter(panel -> !panel.from().isZero())
                            .findFirst()
                            .orElseThrow();
                    double from = second.from().toMm();
                    double to = from + overlap.toMm();
                    return plan.opening().runs() == Axis.ACROSS
                            ? cover.within(-1e4, from, 1e4, to).area()
                            : cover.within(from, -1e4, to, 1e4).area();
                })
                .orElse(0.0);
        assertThat(laid).isCloseTo(cover.area() + twice, Percentage.withPercentage(0.1));
        reckoned.pieces().stream().filter(piece -> piece.outline().isPresent()).forEach(piece -> {
            Contour cut = piece.outline().orElseThrow().cut();
            assertThat(cut.right())
                    .as(piece.id())
                    .isLessThanOrEqualTo(piece.cutWidth().toMm() + 0.2);
            assertThat(cut.bottom())
                    .as(piece.id())
                    .isLessThanOrEqualTo(piece.cutHeight().toMm() + 0.2);
        });
    }

    /** Measured from the pieces as they are cut, not from the field. */
    @ParameterizedTest
    @MethodSource("sensible")
    @Reaches({"envelope", "banded", "wrap"})
    void theOverlapAskedIsTheOverlapLeft(CoverPlan plan) {
        boolean asked = plan.opening() instanceof Lapped lapped && !lapped.isByRule();
        if (!asked || plan.shape().kind() == ShapeKind.VEE) {
            return;
        }
        reached(plan.opening().kind().code());
        Reckoned reckoned = reckoned(plan.withFace(FaceKind.PLAIN.usual(plan.unit())));
        Axis deep = plan.opening().runs().other();
        Length depth = reckoned.finished(deep);
        Length overlap = plan.opening().decided().measure("overlap");
        Length measured = plan.opening().takesInFront()
                ? reckoned.front().finished(deep).minus(depth.times(2))
                : reckoned.back().panels().stream()
                        .map(panel -> sewn(panel, deep))
                        .reduce(depth.negated(), Length::plus);
        assertThat(measured)
                .isBetween(overlap, overlap.plus(reckoned.mark().step().times(3)));
        assertThat(reckoned.back().overlap()).contains(overlap);
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches("a lining")
    void aLiningIsCutLikeTheBackItLines(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan.withJoining(JoiningKind.NONE.usual(plan.unit())));
        for (Piece back : reckoned.pieces()) {
            boolean lined =
                    Stream.of(Side.values()).anyMatch(side -> back.edge(side).fate() == Fate.LINED);
            if (lined && back.id().startsWith("back")) {
                reached("a lining");
                assertThat(reckoned.pieces())
                        .filteredOn(piece -> piece.id().equals(back.id().replace("back", "lining")))
                        .singleElement()
                        .satisfies(lining -> {
                            assertThat(lining.cutWidth()).isEqualTo(back.cutWidth());
                            assertThat(lining.cutHeight()).isEqualTo(back.cutHeight());
                        });
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches("drops")
    void dropsJoinedGiveThePanelBackAndFitTheCloth(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        for (Piece panel : reckoned.back().pieces()) {
            List<Piece> drops = reckoned.pieces().stream()
                    .filter(piece -> piece.id().matches(panel.id() + "-\\d+"))
                    .toList();
            if (!drops.isEmpty()) {
                reached("drops");
                Length seams = plan.seam().planned(plan.unit()).times(2L * (drops.size() - 1));
                Length joined = drops.stream()
                        .map(Piece::cutWidth)
                        .reduce(Length.ZERO, Length::plus)
                        .minus(seams);
                assertThat(joined)
                        .isBetween(
                                panel.cutWidth(),
                                panel.cutWidth().plus(reckoned.mark().step().times(drops.size())));
                Length usable = plan.cloths().of(panel.material()).usableWidth();
                assertThat(drops).allSatisfy(drop -> assertThat(drop.cutWidth()).isLessThanOrEqualTo(usable));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("sensible")
    @Reaches("a mark")
    void whatIsMarkedLiesOnItsPiece(CoverPlan plan) {
        for (Piece piece : reckoned(plan).pieces()) {
            for (Marking mark : piece.marks()) {
                reached("a mark");
                mark.fromLeft().ifPresent(x -> assertThat(x).as(piece.id()).isBetween(Length.ZERO, piece.cutWidth()));
                mark.fromTop().ifPresent(y -> assertThat(y).as(piece.id()).isBetween(Length.ZERO, piece.cutHeight()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    @Reaches("a remedy")
    void noRemedyLeavesItsFindingStandingOrBringsOneThatWillNotWork(CoverPlan plan) {
        Reckoned before = Reckoner.reckon(plan);
        for (Finding finding : before.findings()) {
            finding.remedy().ifPresent(remedy -> {
                reached("a remedy");
                Reckoned after = reckoned(remedy.plan());
                assertThat(after.finding(finding.code())).as(finding.code()).isEmpty();
                assertThat(blocking(before)).as(finding.code()).containsAll(blocking(after));
            });
        }
    }

    private static Set<String> blocking(Reckoned reckoned) {
        return reckoned.findings().stream()
                .filter(finding -> finding.weight() == Weight.WILL_NOT_WORK)
                .map(Finding::code)
                .collect(Collectors.toSet());
    }

    @ParameterizedTest
    @MethodSource("plans")
    void codesOfFindingsAreTheirOwnAndTheWorstComesFirst(CoverPlan plan) {
        Reckoned reckoned = reckoned(plan);
        assertThat(reckoned.findings()).extracting(Finding::code).doesNotHaveDuplicates();
        assertThat(reckoned.findings()).extracting(Finding::weight).isSorted();
    }

    @ParameterizedTest
    @MethodSource("sensible")
    void aLargerFormNeverTakesLessCloth(CoverPlan plan) {
        CoverPlan fitted = plan.withFit(plan.fit().withSchool(FitSchool.FINISH_TO_FORM));
        Length side = Length.inches(24);
        double before = 0;
        for (int i = 0; i < 6; i++) {
            CoverPlan larger =
                    fitted.withForm(Form.overCrown(side.plus(Length.inches(i)), side.plus(Length.inches(2L * i))));
            double area = reckoned(larger).clothArea();
            assertThat(area).isGreaterThanOrEqualTo(before);
            before = area;
        }
    }
}
