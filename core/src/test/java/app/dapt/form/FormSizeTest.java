package app.dapt.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.dapt.filling.Chambers;
import app.dapt.filling.Pillow;
import app.dapt.form.FormSize.FillFrom;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormSizeTest {

    private static FormSize sized(Form form) {
        return FormSize.of(form, Pillow::new);
    }

    private static Form form(Map<Reading, Length> across, Map<Reading, Length> upDown) {
        return new Form(new Readings(across), new Readings(upDown), Optional.empty(), LabelMeans.FORM, Filling.UNKNOWN);
    }

    @Test
    void trustsTheTapeOverTheLabelAndSaysByHowMuchTheyDiffer() {
        FormSize size = sized(
                form(Map.of(Reading.OVER_CROWN, Length.inches(18, 3, 4), Reading.LABEL, Length.inches(20)), Map.of()));
        assertThat(size.across().flat()).isEqualTo(Length.inches(18, 3, 4));
        assertThat(size.disagreeing()).singleElement().satisfies(quarrel -> {
            assertThat(quarrel.axis()).isEqualTo(Axis.ACROSS);
            assertThat(quarrel.trusted()).isEqualTo(Reading.OVER_CROWN);
            assertThat(quarrel.doubted()).isEqualTo(Reading.LABEL);
            assertThat(quarrel.by()).isEqualTo(Length.inches(1, 1, 4));
        });
    }

    @Test
    void aLabelForTheCoverIsNoQuarrel() {
        Form form = new Form(
                new Readings(Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.LABEL, Length.inches(18))),
                Readings.NONE,
                Optional.empty(),
                LabelMeans.COVER,
                Filling.UNKNOWN);
        assertThat(sized(form).disagreeing()).isEmpty();
    }

    /** Each way is judged by its own curve: what is narrow across may be impossible up and down. */
    @Test
    void theSecondTapeIsJudgedByItsOwnCurve() {
        FormSize size = sized(form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(17)),
                Map.of(Reading.OVER_CROWN, Length.inches(15), Reading.STRAIGHT_ACROSS, Length.inches(16))));
        assertThat(size.disagreeing()).singleElement().satisfies(quarrel -> {
            assertThat(quarrel.axis()).isEqualTo(Axis.UP_DOWN);
            assertThat(quarrel.trustedLength()).isEqualTo(Length.inches(15));
            assertThat(quarrel.by()).isEqualTo(Length.inches(1));
        });
    }

    @Test
    void noFormIsWiderStraightAcrossThanOverItsCrown() {
        FormSize size = sized(form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(21)), Map.of()));
        assertThat(size.disagreeing()).singleElement().satisfies(quarrel -> assertThat(quarrel.doubted())
                .isEqualTo(Reading.STRAIGHT_ACROSS));
        assertThat(size.fillFrom())
                .as("a reading that cannot be right tells no fill")
                .isEqualTo(FillFrom.FILLING);
    }

    @Test
    void twoTapesTellTheFill() {
        // A square at nine tenths full measures 0.841 of its flat width straight across.
        FormSize size = sized(form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.nearInches(20 * 0.841)),
                Map.of()));
        assertThat(size.fillFrom()).isEqualTo(FillFrom.TWO_TAPES);
        assertThat(size.fill()).isCloseTo(0.9, within(0.01));
    }

    @Test
    void worksTheFlatSizeBackFromStraightAcrossAlone() {
        FormSize size = sized(form(Map.of(Reading.STRAIGHT_ACROSS, Length.inches(18)), Map.of()));
        assertThat(size.across().taken()).isEqualTo(Reading.STRAIGHT_ACROSS);
        assertThat(size.across().flat().toInches()).isBetween(19.5, 20.5);
        assertThat(size.upDown().borrowed()).isTrue();
    }

    @Test
    void eachDirectionStandsOnItsOwn() {
        FormSize size =
                sized(form(Map.of(Reading.OVER_CROWN, Length.inches(23)), Map.of(Reading.LABEL, Length.inches(14))));
        assertThat(size.across().flat()).isEqualTo(Length.inches(23));
        assertThat(size.upDown().flat()).isEqualTo(Length.inches(14));
        assertThat(size.upDown().taken()).isEqualTo(Reading.LABEL);
    }

    /** Half an inch beside a tape over the crown, an inch beside an estimate from straight across. */
    @Test
    void aLabelQuarrelsFromHalfAnInchOrAnInchOn() {
        assertThat(sized(form(
                                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.LABEL, Length.inches(20, 1, 2)),
                                Map.of()))
                        .disagreeing())
                .hasSize(1);
        assertThat(sized(form(
                                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.LABEL, Length.inches(19, 5, 8)),
                                Map.of()))
                        .disagreeing())
                .isEmpty();
        Length straight = Length.inches(18);
        Length flat = sized(form(Map.of(Reading.STRAIGHT_ACROSS, straight), Map.of()))
                .across()
                .flat();
        assertThat(sized(form(
                                Map.of(
                                        Reading.STRAIGHT_ACROSS,
                                        straight,
                                        Reading.LABEL,
                                        flat.plus(Length.inches(0, 3, 4))),
                                Map.of()))
                        .disagreeing())
                .isEmpty();
        assertThat(sized(form(
                                Map.of(Reading.STRAIGHT_ACROSS, straight, Reading.LABEL, flat.plus(Length.inches(1))),
                                Map.of()))
                        .disagreeing())
                .singleElement()
                .satisfies(quarrel -> assertThat(quarrel.trusted()).isEqualTo(Reading.STRAIGHT_ACROSS));
    }

    /** No casing draws in to less than 64 of a hundred. */
    @Test
    void noFormIsAsNarrowStraightAcrossAsThat() {
        assertThat(sized(form(
                                Map.of(
                                        Reading.OVER_CROWN,
                                        Length.inches(20),
                                        Reading.STRAIGHT_ACROSS,
                                        Length.inches(12)),
                                Map.of()))
                        .disagreeing())
                .singleElement()
                .satisfies(quarrel -> assertThat(quarrel.by().toInches()).isCloseTo(0.8, within(1e-3)));
        assertThat(sized(form(
                                Map.of(
                                        Reading.OVER_CROWN,
                                        Length.inches(20),
                                        Reading.STRAIGHT_ACROSS,
                                        Length.inches(13)),
                                Map.of()))
                        .disagreeing())
                .isEmpty();
    }

    @Test
    void bothDirectionsQuarrelAndBothTellTheFill() {
        FormSize size = sized(form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.LABEL, Length.inches(22)),
                Map.of(Reading.OVER_CROWN, Length.inches(16), Reading.LABEL, Length.inches(18))));
        assertThat(size.disagreeing())
                .extracting(FormSize.Disagreement::axis)
                .containsExactly(Axis.ACROSS, Axis.UP_DOWN);
        FormSize upDown = sized(form(
                Map.of(Reading.OVER_CROWN, Length.inches(20)),
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.nearInches(20 * 0.841))));
        assertThat(upDown.fillFrom()).isEqualTo(FillFrom.TWO_TAPES);
        assertThat(upDown.fill()).isCloseTo(0.9, within(0.01));
    }

    @Test
    void aBentFormsWidthTellsNothingAndItsThicknessDoes() {
        Form bent = form(
                Map.of(Reading.OVER_CROWN, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(17)), Map.of());
        FormSize.Shaping shaping = (across, upDown) -> new Chambers(2, new Pillow(across, upDown), true);
        assertThat(FormSize.of(bent, shaping).fillFrom()).isEqualTo(FillFrom.FILLING);
        Form thick = new Form(
                Readings.overCrown(Length.inches(20)),
                Readings.NONE,
                Optional.of(Length.nearInches(20 * 0.395)),
                LabelMeans.FORM,
                Filling.FEATHER);
        assertThat(sized(thick).fillFrom()).isEqualTo(FillFrom.LOFT);
        assertThat(sized(thick).fill()).isCloseTo(0.9, within(0.01));
        Form flat = new Form(
                Readings.overCrown(Length.inches(20)),
                Readings.NONE,
                Optional.of(Length.inches(0, 1, 2)),
                LabelMeans.FORM,
                Filling.FEATHER);
        assertThat(sized(flat).fill()).as("no form is empty").isEqualTo(0.2);
    }

    @Test
    void straightAcrossIsTrustedBeforeTheLabel() {
        Readings both =
                new Readings(Map.of(Reading.LABEL, Length.inches(20), Reading.STRAIGHT_ACROSS, Length.inches(18)));
        assertThat(both.trusted()).isEqualTo(Reading.STRAIGHT_ACROSS);
        assertThatThrownBy(Readings.NONE::trusted).isInstanceOf(IllegalStateException.class);
        assertThat(both.with(Reading.STRAIGHT_ACROSS, Optional.empty()).trusted())
                .isEqualTo(Reading.LABEL);
    }

    /** To the next ten grams. */
    @ParameterizedTest
    @CsvSource({"FIBRE, 12.3, 370", "FEATHER, 2, 90", "DOWN, 1, 30", "WOOL, 0, 0", "KAPOK, 10, 340"})
    void whatALitreWeighs(Stuffing stuffing, double litres, long grams) {
        assertThat(stuffing.grams(litres)).isEqualTo(grams);
    }
}
