package app.dapt.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.filling.Pillow;
import app.dapt.form.Filling;
import app.dapt.form.Form;
import app.dapt.form.FormSize;
import app.dapt.form.LabelMeans;
import app.dapt.form.Reading;
import app.dapt.form.Readings;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How large each rule makes a cover. */
class FitTest {

    private static final Length ALLOWANCE = Length.inches(0, 1, 2);

    private static Fit by(FitSchool school) {
        return new Fit(school, Length.inches(2), Length.inches(-1));
    }

    private static Form form(Map<Reading, Length> across, Map<Reading, Length> upDown, LabelMeans means) {
        return new Form(new Readings(across), new Readings(upDown), Optional.empty(), means, Filling.UNKNOWN);
    }

    private static Length finished(Fit fit, Form form, Axis axis) {
        return fit.finished(axis, form, FormSize.of(form, Pillow::new), ALLOWANCE)
                .total();
    }

    @Test
    void eachRuleTakesItsOwnFromTheForm() {
        Form form = Form.overCrown(Length.inches(20), Length.inches(16));
        assertThat(finished(by(FitSchool.CUT_TO_FORM), form, Axis.ACROSS)).isEqualTo(Length.inches(19));
        assertThat(finished(by(FitSchool.FINISH_TO_FORM), form, Axis.UP_DOWN)).isEqualTo(Length.inches(16));
        assertThat(finished(by(FitSchool.SIZE_DOWN), form, Axis.ACROSS)).isEqualTo(Length.inches(18));
        assertThat(finished(by(FitSchool.MY_OWN), form, Axis.UP_DOWN)).isEqualTo(Length.inches(15));
        assertThat(finished(by(FitSchool.MY_OWN).withOwnEase(Length.inches(1)), form, Axis.UP_DOWN))
                .isEqualTo(Length.inches(17));
    }

    @Test
    void straightAcrossIsReadOrElseExpected() {
        Form read = form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(18)),
                Map.of(),
                LabelMeans.FORM);
        Fit straight = by(FitSchool.STRAIGHT_ACROSS);
        assertThat(finished(straight, read, Axis.ACROSS)).isEqualTo(Length.inches(18));
        assertThat(finished(straight, read, Axis.UP_DOWN))
                .as("a square's other way")
                .isEqualTo(Length.inches(18));
        assertThat(straight.measuredFor(read)).isTrue();

        Form crownOnly = Form.overCrown(Length.inches(20), Length.inches(24));
        Pillow casing = new Pillow(Length.inches(20), Length.inches(24));
        assertThat(finished(straight, crownOnly, Axis.ACROSS).toInches())
                .isCloseTo(20 * casing.straightShareAcross(0.78), within(1e-3));
        assertThat(finished(straight, crownOnly, Axis.UP_DOWN).toInches())
                .isCloseTo(24 * casing.straightShareUpDown(0.78), within(1e-3));
        assertThat(straight.measuredFor(crownOnly)).isFalse();
        assertThat(by(FitSchool.FINISH_TO_FORM).measuredFor(crownOnly)).isTrue();
    }

    @Test
    void oneDirectionMeasuredIsNotBoth() {
        Form across = form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(18)),
                Map.of(Reading.OVER_CROWN, Length.inches(16)),
                LabelMeans.FORM);
        assertThat(by(FitSchool.STRAIGHT_ACROSS).measuredFor(across)).isFalse();
        Fit onlyAcross = new Fit(
                FitSchool.STRAIGHT_ACROSS, Optional.of(FitSchool.FINISH_TO_FORM), Length.inches(2), Length.ZERO);
        assertThat(onlyAcross.measuredFor(across)).isTrue();
        assertThat(finished(onlyAcross, across, Axis.ACROSS)).isEqualTo(Length.inches(18));
        assertThat(finished(onlyAcross, across, Axis.UP_DOWN)).isEqualTo(Length.inches(16));
    }

    @Test
    void aLabelIsFollowedWhereItNamesTheCover() {
        Map<Reading, Length> across = Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.LABEL, Length.inches(18));
        Fit label = by(FitSchool.LABEL);
        Form forCover = form(across, Map.of(), LabelMeans.COVER);
        assertThat(finished(label, forCover, Axis.ACROSS)).isEqualTo(Length.inches(18));
        assertThat(label.measuredFor(forCover)).isTrue();
        Form forForm = form(across, Map.of(), LabelMeans.FORM);
        assertThat(finished(label, forForm, Axis.ACROSS)).isEqualTo(Length.inches(20));
        assertThat(label.measuredFor(forForm)).isFalse();
    }

    @Test
    void theSameRulesAreTheSameBothWays() {
        Fit plain = by(FitSchool.SIZE_DOWN);
        Fit spelledOut = new Fit(FitSchool.SIZE_DOWN, Optional.of(FitSchool.SIZE_DOWN), Length.inches(1), Length.ZERO);
        Fit mixed = new Fit(FitSchool.SIZE_DOWN, Optional.of(FitSchool.FINISH_TO_FORM), Length.inches(2), Length.ZERO);
        assertThat(plain.isByRulesOf(spelledOut)).isTrue();
        assertThat(plain.isByRulesOf(mixed)).isFalse();
        assertThat(plain.withSchool(FitSchool.LABEL).isByRulesOf(plain)).isFalse();
    }

    @Test
    void noCoverIsMadeSmallerThanTwoInches() {
        Form tiny = Form.overCrown(Length.inches(3), Length.inches(4));
        FormSize size = FormSize.of(tiny, Pillow::new);
        Fit down = by(FitSchool.SIZE_DOWN);
        assertThat(down.vanishes(Axis.ACROSS, tiny, size, ALLOWANCE)).isTrue();
        assertThat(down.vanishes(Axis.UP_DOWN, tiny, size, ALLOWANCE)).isFalse();
        assertThat(finished(down, tiny, Axis.ACROSS)).isEqualTo(Fit.SMALLEST);
        assertThat(finished(down, tiny, Axis.UP_DOWN)).isEqualTo(Length.inches(2));
    }
}
