package app.dapt.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.filling.Pillow;
import app.dapt.form.FormSize.FillFrom;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

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
}
