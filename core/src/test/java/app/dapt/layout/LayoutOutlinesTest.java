package app.dapt.layout;

import static app.dapt.layout.LayoutCases.assertApart;
import static app.dapt.layout.LayoutCases.cloth;
import static app.dapt.layout.LayoutCases.laid;
import static app.dapt.layout.LayoutCases.outlined;
import static app.dapt.layout.LayoutCases.usual;
import static app.dapt.layout.LayoutCases.wanted;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.layout.Layout.Spot;
import app.dapt.measure.Length;
import app.dapt.piece.Contour;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Round and slanting pieces are laid by their outlines. */
class LayoutOutlinesTest {

    @Test
    void halvesOfAVeeNestAndRoundsStagger() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half =
                new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        assertThat(laid(cloth, usual(cloth), halves).length()).isLessThanOrEqualTo(Length.mm(510));
        Cloth napped = new Cloth("Velvet", "#31507e", Print.PLAIN, Length.inches(45), true);
        assertThat(laid(napped, usual(napped), halves).length())
                .as("none may lie upside down")
                .isGreaterThan(Length.mm(900));
        Wanted rounds = outlined(wanted("round", Length.mm(430), Length.mm(430), 5), Contour.circle(Length.mm(430)));
        Layout staggered = laid(cloth, usual(cloth), rounds);
        assertApart(staggered);
        assertThat(staggered.length()).isLessThan(Length.mm(3 * 430 - 100));
    }

    @Test
    void whatNestsMayBePinnedAndTheOthersNestWithIt() {
        Cloth cloth = cloth(Print.PLAIN, 45);
        Contour half =
                new Contour(List.of(new Contour.Point(0, 0), new Contour.Point(500, 0), new Contour.Point(0, 500)));
        Wanted halves = outlined(wanted("half", Length.mm(500), Length.mm(500), 4), half);
        Layout nested = laid(cloth, usual(cloth), halves);
        LayoutChoices choices = usual(cloth);
        for (Spot spot : nested.spots().subList(0, 3)) {
            choices = choices.pinned(
                    spot.copy(),
                    Optional.of(new LayoutChoices.Pin(spot.across(), spot.along(), spot.turned(), spot.about(), 0)));
        }
        Layout again = laid(cloth, choices, halves);
        assertThat(again.loose()).isEmpty();
        assertThat(again.spots()).filteredOn(Spot::pinned).hasSize(3);
        assertThat(again.length()).isLessThanOrEqualTo(Length.mm(510));
        assertApart(again);
    }
}
