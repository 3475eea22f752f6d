package app.dapt.cloth;

import static app.dapt.cloth.LayCases.assertApart;
import static app.dapt.cloth.LayCases.cloth;
import static app.dapt.cloth.LayCases.laid;
import static app.dapt.cloth.LayCases.outlined;
import static app.dapt.cloth.LayCases.usual;
import static app.dapt.cloth.LayCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Laid.Spot;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Round and slanting pieces are laid by their outlines. */
class LayOutlinesTest {

    @Test
    void halvesOfAVeeNestAndRoundsStagger() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half = new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        assertThat(laid(cloth, usual(cloth), halves).length()).isLessThanOrEqualTo(Length.mm(510));
        Cloth napped = new Cloth("Velvet", "#31507e", Print.PLAIN, Length.inches(45), true);
        assertThat(laid(napped, usual(napped), halves).length()).as("none may lie upside down").isGreaterThan(Length.mm(900));
        Wanted rounds = outlined(wanted("round", Length.mm(430), Length.mm(430), 5), Contour.circle(Length.mm(430)));
        Laid staggered = laid(cloth, usual(cloth), rounds);
        assertApart(staggered);
        assertThat(staggered.length()).isLessThan(Length.mm(3 * 430 - 100));
    }

    @Test
    void whatNestsMayBePinnedAndTheOthersNestWithIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half = new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        Laid nested = laid(cloth, usual(cloth), halves);
        LayPlan plan = usual(cloth);
        for (Spot spot : nested.spots().subList(0, 3)) {
            plan = plan.pinned(spot.copy(), Optional.of(new LayPlan.Pin(spot.across(), spot.along(), spot.turned(), spot.about(), 0)));
        }
        Laid again = laid(cloth, plan, halves);
        assertThat(again.loose()).isEmpty();
        assertThat(again.spots()).filteredOn(Spot::pinned).hasSize(3);
        assertThat(again.length()).isLessThanOrEqualTo(Length.mm(510));
        assertApart(again);
    }
}
