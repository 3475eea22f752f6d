package app.dapt.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoned;
import app.dapt.cover.Reckoner;
import app.dapt.form.Filling;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.SizeReader.Size;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Covers of which only a size is known. */
class EarlierCoverTest {

    @ParameterizedTest
    @CsvSource({"45, 45, 43, 43", "45, 45, 45, 45", "60, 40, 58, 39", "50, 50, 20, 50", "45, 45, 48, 48"})
    void thePlanComesToTheSizesThatAreKnown(int across, int upDown, int finishedAcross, int finishedUpDown) {
        Size form = new Size(Length.cm(across), Length.cm(upDown));
        Size finished = new Size(Length.cm(finishedAcross), Length.cm(finishedUpDown));
        CoverPlan plan =
                new EarlierCover("Bench", Optional.of(form), Optional.of(finished), Filling.FIRM).plan(Mark.MILLIMETRE);
        Reckoned reckoned = Reckoner.reckonWithoutRemedies(plan, Mark.MILLIMETRE);
        assertThat(reckoned.finished(Axis.ACROSS)).isEqualTo(finished.across());
        assertThat(reckoned.finished(Axis.UP_DOWN)).isEqualTo(finished.upDown());
        assertThat(plan.form().filling()).isEqualTo(Filling.FIRM);
    }

    @Test
    void oneOfTheTwoIsEnough() {
        Size size = new Size(Length.cm(45), Length.cm(45));
        CoverPlan ofSize =
                new EarlierCover("Bench", Optional.empty(), Optional.of(size), Filling.UNKNOWN).plan(Mark.MILLIMETRE);
        assertThat(Reckoner.reckonWithoutRemedies(ofSize, Mark.MILLIMETRE).finished(Axis.ACROSS))
                .isEqualTo(Length.cm(45));
        CoverPlan ofForm =
                new EarlierCover("Bench", Optional.of(size), Optional.empty(), Filling.UNKNOWN).plan(Mark.MILLIMETRE);
        assertThat(Reckoner.reckonWithoutRemedies(ofForm, Mark.MILLIMETRE)
                        .form()
                        .across()
                        .flat())
                .isEqualTo(Length.cm(45));
        assertThatThrownBy(() -> new EarlierCover("Bench", Optional.empty(), Optional.empty(), Filling.UNKNOWN))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
