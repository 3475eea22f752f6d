package app.dapt.layout;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WidthOfferTest {

    private static WidthOffer offer(int width, Optional<Long> cost, boolean chosen) {
        return new WidthOffer(Length.inches(width), Optional.of(Length.inches(36)), cost, chosen);
    }

    @Test
    void whatCostsLeastIsTheCheapestAndTheChosenOneWhereSeveralDo() {
        WidthOffer narrow = offer(45, Optional.of(1200L), false);
        WidthOffer chosen = offer(54, Optional.of(900L), true);
        WidthOffer wide = offer(60, Optional.of(900L), false);
        WidthOffer unknown = offer(42, Optional.empty(), false);
        assertThat(WidthOffer.cheapest(List.of(unknown, narrow, wide, chosen))).contains(chosen);
        assertThat(WidthOffer.cheapest(List.of(narrow, wide))).contains(wide);
        assertThat(WidthOffer.cheapest(List.of(unknown))).isEmpty();
        assertThat(WidthOffer.cheapest(List.of(wide, chosen, unknown)))
                .as("none costs more")
                .isEmpty();
    }

    @Test
    void aClothIsOfferedInItsOwnWidthToo() {
        Cloth odd = new Cloth("striped ticking", "#d8d2c0", Print.PLAIN, Length.inches(50), false);
        assertThat(WidthOffer.widths(odd, Unit.INCH))
                .isSorted()
                .containsAll(Cloth.widthsSold(Unit.INCH))
                .contains(odd.width());
    }

    @Test
    void whatIsNotWorkedOutYetHasNeitherLengthNorCost() {
        Cloth cloth = new Cloth("striped ticking", "#d8d2c0", Print.PLAIN, Length.inches(50), false, 1400);
        assertThat(WidthOffer.of(cloth, Optional.empty(), Unit.INCH, false))
                .isEqualTo(new WidthOffer(Length.inches(50), Optional.empty(), Optional.empty(), false));
    }
}
