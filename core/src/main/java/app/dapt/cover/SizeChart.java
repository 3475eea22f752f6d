package app.dapt.cover;

import app.dapt.cover.decision.Weight;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * One cover for forms of several sizes: the same decisions, the same proportions.
 *
 * @param rows from small to large, the cover's own among them
 */
public record SizeChart(List<Row> rows) {

    private static final List<Integer> INCHES = List.of(12, 14, 16, 18, 20, 22, 24, 26);
    private static final List<Integer> CENTIMETRES = List.of(30, 35, 40, 45, 50, 55, 60, 65);

    /**
     * A size.
     *
     * @param isOwn whether it is the size the cover is planned for
     */
    public record Row(Reckoned cover, boolean isOwn) {

        /** How far its form reaches across, over the crown. */
        public Length across() {
            return cover.form().across().flat();
        }

        /** The same up and down. */
        public Length upDown() {
            return cover.form().upDown().flat();
        }
    }

    public SizeChart {
        rows = List.copyOf(rows);
    }

    /** The chart of a cover; sizes at which it would not work are left out. */
    public static SizeChart of(CoverPlan plan, Mark mark) {
        Reckoned own = Reckoner.reckonWithoutRemedies(plan, mark);
        Length across = own.form().across().flat();
        List<Row> rows = new ArrayList<>(List.of(new Row(own, true)));
        sides(plan)
                .filter(side -> !side.equals(across))
                .map(side ->
                        Reckoner.reckonWithoutRemedies(plan.withForm(plan.form().scaled(side, across, mark)), mark))
                .filter(SizeChart::works)
                .forEach(cover -> rows.add(new Row(cover, false)));
        rows.sort(Comparator.comparing(Row::across));
        return new SizeChart(rows);
    }

    private static Stream<Length> sides(CoverPlan plan) {
        return plan.unit().metric()
                ? CENTIMETRES.stream().map(Length::cm)
                : INCHES.stream().map(Length::inches);
    }

    private static boolean works(Reckoned cover) {
        return cover.findings().stream().noneMatch(finding -> finding.weight() == Weight.WILL_NOT_WORK);
    }
}
