package app.dapt.cover;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.SizeChart.Row;
import app.dapt.cover.decision.Weight;
import app.dapt.cover.shape.ShapeKind;
import app.dapt.form.Form;
import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.List;
import org.junit.jupiter.api.Test;

class SizeChartTest {

    private static SizeChart chart(Mark mark, Length across, Length upDown) {
        return SizeChart.of(
                DefaultPlan.plan(
                        "Cover",
                        mark,
                        across.equals(upDown) ? ShapeKind.SQUARE : ShapeKind.OBLONG,
                        Form.overCrown(across, upDown)),
                mark);
    }

    @Test
    void everySizeIsTheCoverReckonedForThatForm() {
        SizeChart chart = chart(Mark.EIGHTH, Length.inches(18), Length.inches(18));
        assertThat(chart.rows().stream().map(Row::across)).isSorted().contains(Length.inches(12), Length.inches(24));
        for (Row row : chart.rows()) {
            CoverPlan alone = DefaultPlan.plan(
                            "Cover", Mark.EIGHTH, ShapeKind.SQUARE, Form.overCrown(row.across(), row.across()))
                    .withOpening(row.cover().plan().opening());
            assertThat(row.cover().pieces())
                    .isEqualTo(
                            Reckoner.reckonWithoutRemedies(alone, Mark.EIGHTH).pieces());
            assertThat(row.cover().findings()).noneMatch(finding -> finding.weight() == Weight.WILL_NOT_WORK);
        }
    }

    @Test
    void theCoversOwnSizeIsInItOnceWhateverItIs() {
        for (Length side : List.of(Length.cm(45), Length.cm(47), Length.cm(80))) {
            List<Row> own = chart(Mark.MILLIMETRE, side, side).rows().stream()
                    .filter(Row::isOwn)
                    .toList();
            assertThat(own).hasSize(1);
            assertThat(own.get(0).across()).isEqualTo(side);
        }
    }

    @Test
    void proportionsStay() {
        SizeChart chart = chart(Mark.MILLIMETRE, Length.cm(60), Length.cm(40));
        assertThat(chart.rows()).allSatisfy(row -> assertThat(row.upDown().over(row.across()))
                .isCloseTo(2 / 3.0, org.assertj.core.data.Offset.offset(.01)));
        assertThat(chart.rows().get(0).cover().finished(Axis.ACROSS))
                .isLessThan(chart.rows().get(chart.rows().size() - 1).cover().finished(Axis.ACROSS));
    }
}
