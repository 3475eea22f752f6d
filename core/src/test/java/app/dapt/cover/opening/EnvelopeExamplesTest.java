package app.dapt.cover.opening;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.DefaultPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.cover.decision.Seam;
import app.dapt.cover.decision.SeamFinish;
import app.dapt.cover.parts.PanelRole;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.LengthFormat;
import app.dapt.measure.Mark;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Covers reckoned by hand. */
class EnvelopeExamplesTest {

    private static final Hem NARROW = Hem.Kind.NARROW.usual(Unit.INCH);

    private static CoverPlan finishedAt(Length across, Length upDown, Length overlap) {
        CoverPlan plan = DefaultPlan.plan("Example", Mark.EIGHTH, ShapeKind.OBLONG, Form.overCrown(across, upDown));
        return fitted(plan, FitSchool.FINISH_TO_FORM).withOpening(envelope(plan).withOverlap(overlap));
    }

    private static CoverPlan fitted(CoverPlan plan, FitSchool school) {
        return plan.withFit(plan.fit().withSchool(school));
    }

    private static EnvelopeOpening envelope(CoverPlan plan) {
        return (EnvelopeOpening) plan.opening();
    }

    private static CoverPlan hemmed(CoverPlan plan, Hem first, Hem second) {
        return plan.withOpening(envelope(plan).withHem(PanelRole.FIRST, first).withHem(PanelRole.SECOND, second));
    }

    private static List<String> sizes(CoverPlan plan) {
        LengthFormat format = LengthFormat.in(plan.mark());
        return Reckoner.reckon(plan).pieces().stream()
                .map(piece -> piece.id() + " " + format.bare(piece.cutWidth()) + " × " + format.bare(piece.cutHeight()))
                .toList();
    }

    private static CoverPlan exampleA() {
        CoverPlan plan = DefaultPlan.plan(
                "A", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(Length.inches(21, 1, 4), Length.inches(21, 1, 4)));
        return fitted(plan, FitSchool.CUT_TO_FORM).withOpening(envelope(plan).withOverlap(Length.inches(5)));
    }

    @Test
    void cutToTheForm() {
        Reckoned reckoned = Reckoner.reckon(exampleA());
        assertThat(reckoned.finished(Axis.ACROSS)).isEqualTo(Length.inches(20, 1, 4));
        assertThat(sizes(exampleA()))
                .containsExactly(
                        "front 21¼ × 21¼",
                        "back-upper 21¼ × 14\u2060\u200a\u20601\u20448",
                        "back-lower 21¼ × 14\u2060\u200a\u20601\u20448");
    }

    @ParameterizedTest
    @CsvSource({"HALF_PLUS_TWO, 808, 128", "ADD_SIX_AND_HALVE, 872, 256", "TWO_THIRDS, 912, 336"})
    void rulesOfThumbShowTheOverlapTheyReallyLeave(RuleOfThumb rule, long depth, long left) {
        CoverPlan plan = exampleA().withOpening(envelope(exampleA()).with(PanelDepths.RULE, rule));
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(reckoned.pieces().subList(1, 3))
                .extracting(Piece::cutHeight)
                .containsOnly(Length.sixtyFourths(depth));
        assertThat(reckoned.back().overlap()).contains(Length.sixtyFourths(left));
    }

    @Test
    void oneHemAndOneSelvage() {
        CoverPlan plan = hemmed(
                finishedAt(Length.inches(23), Length.inches(14, 3, 4), Length.inches(4)),
                NARROW,
                NARROW.withKind(Hem.Kind.SELVAGE));
        assertThat(sizes(plan))
                .containsExactly(
                        "front 24 × 15¾",
                        "back-upper 24 × 10\u2060\u200a\u20603\u20448",
                        "back-lower 24 × 9\u2060\u200a\u20607\u20448");
    }

    @Test
    void linedBacks() {
        Hem lined = NARROW.withKind(Hem.Kind.LINED);
        CoverPlan plan = hemmed(finishedAt(Length.inches(15), Length.inches(15), Length.inches(4)), lined, lined);
        assertThat(sizes(plan))
                .containsExactly(
                        "front 16 × 16",
                        "back-upper 16 × 10½",
                        "lining-upper 16 × 10½",
                        "back-lower 16 × 10½",
                        "lining-lower 16 × 10½");
    }

    @Test
    void anUprightOpeningSwapsAcrossAndUpAndDown() {
        CoverPlan across = finishedAt(Length.inches(23), Length.inches(15), Length.inches(4));
        CoverPlan lying = finishedAt(Length.inches(15), Length.inches(23), Length.inches(4));
        CoverPlan upright = lying.withOpening(lying.opening().turned());
        List<Piece> one = Reckoner.reckon(across).pieces();
        List<Piece> other = Reckoner.reckon(upright).pieces();
        for (int i = 0; i < one.size(); i++) {
            assertThat(other.get(i).cutWidth()).isEqualTo(one.get(i).cutHeight());
            assertThat(other.get(i).cutHeight()).isEqualTo(one.get(i).cutWidth());
        }
        assertThat(other).extracting(Piece::id).containsExactly("front", "back-left", "back-right");
    }

    @Test
    void aFrenchSeamTakesMore() {
        CoverPlan plan = exampleA().withSeam(new Seam(Length.inches(0, 1, 2), SeamFinish.FRENCH));
        Reckoned reckoned = Reckoner.reckon(plan);
        assertThat(reckoned.allowance()).isEqualTo(Length.inches(0, 5, 8));
        assertThat(reckoned.finished(Axis.ACROSS)).isEqualTo(Length.inches(20));
        assertThat(reckoned.front().cutWidth())
                .as("still cut at the form's size")
                .isEqualTo(Length.inches(21, 1, 4));
    }

    @Test
    void theOtherUnitReckonsTheSameCoverToItsOwnMarks() {
        Reckoned metric = Reckoner.reckon(exampleA(), Mark.MILLIMETRE);
        assertThat(metric.finished(Axis.ACROSS)).isEqualTo(Length.inches(20, 1, 4));
        assertThat(metric.front().cutWidth()).isEqualTo(Length.mm(540));
        assertThat(metric.back().overlap()).contains(Length.inches(5));
    }
}
