package app.dapt.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.dapt.measure.Length;
import app.dapt.shelf.Price.Per;
import app.dapt.shelf.Thing.Kind;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PricesTest {

    private static final LocalDate DAY = LocalDate.of(2027, 2, 11);

    private static Price zip(String shop, int inches, int cents, Optional<Long> stock) {
        return new Price(
                shop,
                Kind.ZIP,
                "Brass zip",
                Optional.of(Length.inches(inches)),
                Optional.empty(),
                cents,
                Per.ONE,
                DAY,
                stock);
    }

    private static Price cloth(String name, int width, int cents, Per per) {
        return new Price(
                "Aldous",
                Kind.CLOTH,
                name,
                Optional.empty(),
                Optional.of(Length.inches(width)),
                cents,
                per,
                DAY,
                Optional.empty());
    }

    @Test
    void aZipIsTheShortestThatServesThenTheCheapestAndNeverOneThatIsSoldOut() {
        Prices prices = new Prices(List.of(
                zip("Aldous", 24, 150, Optional.empty()),
                zip("Aldous", 20, 320, Optional.empty()),
                zip("Brannick", 20, 290, Optional.of(1L)),
                zip("Aldous", 16, 90, Optional.empty())));
        Ware ware = Ware.of(Kind.ZIP, Length.inches(18));
        assertThat(prices.of(ware, name -> true)).hasValueSatisfying(offer -> {
            assertThat(offer.price().shop()).isEqualTo("Brannick");
            assertThat(offer.cost()).isEqualTo(290);
        });
        assertThat(prices.of(ware.times(2), name -> true)).hasValueSatisfying(offer -> {
            assertThat(offer.price().shop()).isEqualTo("Aldous");
            assertThat(offer.cost()).isEqualTo(640);
        });
        assertThat(prices.isSoldOut(ware.times(2), name -> true)).isFalse();
        assertThat(prices.of(Ware.of(Kind.ZIP, Length.inches(26)), name -> true))
                .isEmpty();
        assertThat(prices.isSoldOut(Ware.of(Kind.ZIP, Length.inches(26)), name -> true))
                .as("what nobody sells is not sold out")
                .isFalse();
        assertThat(new Prices(List.of(zip("Aldous", 20, 320, Optional.of(0L)))).isSoldOut(ware, name -> true))
                .isTrue();
    }

    @Test
    void aClothIsOfItsNameAndWideEnough() {
        Prices prices = new Prices(List.of(
                cloth("Plum velvet", 45, 900, Per.YARD),
                cloth("Plum velvet", 56, 1850, Per.YARD),
                cloth("Blue linen", 60, 500, Per.YARD)));
        assertThat(prices.of(Ware.cloth(Length.inches(54), Length.inches(81)), "Plum velvet"::equals))
                .as("2¼ yd at 18.50: 41.625")
                .hasValueSatisfying(offer -> assertThat(offer.cost()).isEqualTo(4163));
    }

    /** A sum is exact, half a hundredth up. */
    @ParameterizedTest
    @CsvSource({"METRE, 1850, 250, 4625", "METRE, 333, 150, 500", "YARD, 1000, 91.44, 1000", "YARD, 1, 45.72, 1"})
    void aLengthCostsItsPart(Per per, int cents, String cm, long cost) {
        Length length =
                Length.mm(1).times(Math.round(Double.parseDouble(cm) * 100)).times(1, 10);
        assertThat(cloth("Canvas", 54, cents, per).cost(length.grains())).isEqualTo(cost);
    }

    @ParameterizedTest
    @CsvSource({
        // The same cord, whichever way it is written; not the next one.
        "CORD, 3.96875, 4, true", "CORD, 4, 4.6, false", "CORD, 4, 3.4, false",
        // A longer zip is shortened; a shorter one is none.
        "ZIP, 406.4, 500, true", "ZIP, 508, 500, false", "ZIP, 508, 508, true",
        "BUTTON, 22, 25, false", "BUTTON, 22, 22.225, true"
    })
    void whatServes(Kind kind, double wanted, double offered, boolean serves) {
        assertThat(Ware.of(kind, mm(wanted)).isServedBy(kind, Optional.of(mm(offered)), Optional.empty()))
                .isEqualTo(serves);
        assertThat(Ware.of(kind, mm(wanted)).isServedBy(kind, Optional.empty(), Optional.empty()))
                .as("of no known size")
                .isFalse();
        assertThat(Ware.of(kind, mm(wanted)).isServedBy(Kind.FORM, Optional.of(mm(offered)), Optional.empty()))
                .isFalse();
    }

    private static Length mm(double mm) {
        return new Length(Math.round(mm * Length.PER_MM));
    }

    @Test
    void whatCannotBeAPriceIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> zip("", 20, 1, Optional.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> zip("Aldous", 20, -1, Optional.empty()));
        assertThatIllegalArgumentException().isThrownBy(() -> zip("Aldous", 20, 1, Optional.of(-1L)));
        assertThatIllegalArgumentException().isThrownBy(() -> cloth("Canvas", 54, 1, Per.ONE));
    }
}
