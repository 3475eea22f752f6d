package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.cover.shape.ShapeKind;
import app.dapt.fit.FitSchool;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.LabelMeans;
import app.dapt.form.Readings;
import app.dapt.learning.Estimate;
import app.dapt.learning.Tastes;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The size at which a cover is as full as one likes it. */
class OwnFitTest {

    private static CoverPlan plan(Mark mark, Filling filling) {
        Form form = new Form(
                Readings.overCrown(Length.inches(20)), Readings.NONE, Optional.empty(), LabelMeans.FORM, filling);
        return DefaultPlan.plan("Deck seat", mark, ShapeKind.SQUARE, form);
    }

    private static Tastes liking(double fullness, int covers) {
        return new Tastes(new Estimate(fullness, 0.05, covers), Map.of());
    }

    /** Of the same form at 0.78 a cover is as full as this by (20 / side)³. */
    @ParameterizedTest
    @CsvSource({"0.78, 0", "0.9097, -1", "1.07, -2", "0.6738, 1"})
    void solvesTheEaseForWhatOneLikes(double fullness, int inches) {
        CoverPlan plan = plan(Mark.EIGHTH, Filling.FIBRE);
        OwnFit own = OwnFit.of(plan, Mark.EIGHTH, liking(fullness, 5)).orElseThrow();
        assertThat(own.ease()).isEqualTo(Length.inches(inches));
        assertThat(own.across()).isEqualTo(Length.inches(20 + inches));
        CoverPlan taken = own.taken(plan);
        assertThat(taken.fit().school()).isEqualTo(FitSchool.MY_OWN);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(taken, Mark.EIGHTH);
        assertThat(reckoned.finished(Axis.ACROSS)).isEqualTo(own.across());
        assertThat(reckoned.fullness().ratio()).isCloseTo(fullness, within(0.01));
    }

    @Test
    void comesToWhatTheReadersTapeShows() {
        OwnFit own = OwnFit.of(plan(Mark.MILLIMETRE, Filling.FIBRE), Mark.MILLIMETRE, liking(0.95, 5))
                .orElseThrow();
        assertThat(own.ease().grains() % Length.mm(2).grains()).isZero();
        assertThat(own.ease().isNegative()).isTrue();
    }

    /** By what most like, 91% is plump and 107% drum-tight; by one's own taste it is what one likes, or it is not. */
    @ParameterizedTest
    @CsvSource({"-1, 2, plump", "-2, 2, drum-tight", "-2, 3, as-liked", "-1, 3, less-full", "-3, 3, fuller"})
    void isSaidAgainstOnesOwnTasteOnceItIsKnown(int ease, int covers, String says) {
        CoverPlan plan = plan(Mark.EIGHTH, Filling.FIBRE);
        CoverPlan fitted = plan.withFit(plan.fit().withSchool(FitSchool.MY_OWN).withOwnEase(Length.inches(ease)));
        Reckoned cover = Reckoner.reckonWithoutRemedies(fitted, Mark.EIGHTH);
        assertThat(OwnFit.feels(cover, liking(1.06, covers)).code()).endsWith(says);
    }

    @Test
    void theStandardFitsAreComparedWithOnesOwnTaste() {
        CoverPlan plan = plan(Mark.EIGHTH, Filling.FIBRE);
        assertThat(Recommendation.of(plan, Mark.EIGHTH, liking(0.78, 5)).reason())
                .isEqualTo(Phrase.of("recommend.own", 78, 78));
    }

    @Test
    void tooFewCoversTellNothing() {
        assertThat(OwnFit.of(plan(Mark.EIGHTH, Filling.FIBRE), Mark.EIGHTH, liking(0.9, 2)))
                .isEmpty();
        assertThat(OwnFit.of(plan(Mark.EIGHTH, Filling.FIBRE), Mark.EIGHTH, Tastes.NOTHING))
                .isEmpty();
    }

    @Test
    void saysWhatItRestsOn() {
        Tastes tastes = new Tastes(new Estimate(0.9, 0.05, 7), Map.of(Filling.FIRM, new Estimate(1.0, 0.02, 4)));
        OwnFit ofFirm =
                OwnFit.of(plan(Mark.EIGHTH, Filling.FIRM), Mark.EIGHTH, tastes).orElseThrow();
        assertThat(ofFirm.filling()).contains(Filling.FIRM);
        assertThat(ofFirm.says().code()).isEqualTo("own-fit.firm");
        assertThat(ofFirm.says().args()).startsWith(4, 100, 3);
        OwnFit ofFeather = OwnFit.of(plan(Mark.EIGHTH, Filling.FEATHER), Mark.EIGHTH, tastes)
                .orElseThrow();
        assertThat(ofFeather.filling()).isEmpty();
        assertThat(ofFeather.says().code()).isEqualTo("own-fit.any");
        assertThat(ofFeather.says().args()).startsWith(7);
    }

    /** A size down of two inches makes 107 % of it: nobody who likes 91 % is told that. */
    @Test
    void whatOneLikesIsRecommendedWhereItIsNearer() {
        CoverPlan plan = plan(Mark.EIGHTH, Filling.FIBRE);
        Recommendation own = Recommendation.of(plan, Mark.EIGHTH, liking(0.85, 6));
        assertThat(own.school()).isEqualTo(FitSchool.MY_OWN);
        assertThat(own.by(FitSchool.MY_OWN).fullness().ratio()).isCloseTo(0.85, within(0.01));
        Recommendation usual = Recommendation.of(plan, Mark.EIGHTH, Tastes.NOTHING);
        assertThat(usual.school()).isEqualTo(FitSchool.CUT_TO_FORM);
        CoverPlan decided = plan.withFit(plan.fit().withSchool(FitSchool.MY_OWN).withOwnEase(Length.inches(-3)));
        assertThat(Recommendation.of(decided, Mark.EIGHTH, liking(0.85, 6))
                        .by(FitSchool.MY_OWN)
                        .finished(Axis.ACROSS))
                .as("as it was decided")
                .isEqualTo(Length.inches(17));
    }
}
