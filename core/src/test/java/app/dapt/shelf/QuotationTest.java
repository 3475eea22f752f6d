package app.dapt.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.dapt.shelf.Quotation.Item;
import app.dapt.shelf.Quotation.Terms;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuotationTest {

    private static final List<Item> ITEMS = List.of(
            new Item("linen", "1 yd", Optional.of(12_50L), false),
            new Item("velvet", "1 yd", Optional.of(99_00L), true),
            new Item("zipper", "18 in", Optional.of(3_50L), false),
            new Item("label", "1", Optional.empty(), false));

    /** By hand: 12.50 + 3.50 = 16 of materials; the client's velvet counts nothing. */
    @ParameterizedTest
    @CsvSource({
        // minutes, hourly, margin, extra, paid, work, added, total, due
        "0, 0, 0, 0, 0, 0, 0, 1600, 1600",
        "90, 2000, 0, 0, 0, 3000, 0, 4600, 4600",
        "90, 2000, 10, 500, 2000, 3000, 460, 5560, 3560",
        "20, 1000, 15, 0, 5000, 333, 290, 2223, -2777",
    })
    void whatItComesTo(
            double minutes, int hourly, int margin, int extra, int paid, long work, long added, long total, long due) {
        Quotation quotation = new Quotation(ITEMS, minutes, new Terms(hourly, margin, extra, paid));
        assertThat(quotation.materials()).isEqualTo(1600);
        assertThat(quotation.work()).isEqualTo(work);
        assertThat(quotation.added()).isEqualTo(added);
        assertThat(quotation.total()).isEqualTo(total);
        assertThat(quotation.due(quotation.total())).isEqualTo(due);
        assertThat(quotation.unknown()).isEqualTo(1);
    }

    @Test
    void nothingAgreedIsLessThanNothing() {
        assertThatExceptionOfType(IllegalArgumentException.class).isThrownBy(() -> new Terms(0, -1, 0, 0));
    }
}
