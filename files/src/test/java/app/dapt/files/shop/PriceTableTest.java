package app.dapt.files.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.dapt.files.BadPlanFile;
import app.dapt.files.shop.PriceTable.Habits;
import app.dapt.files.shop.PriceTable.Refused;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import app.dapt.measure.Unit;
import app.dapt.shelf.Price;
import app.dapt.shelf.Price.Per;
import app.dapt.shelf.Prices;
import app.dapt.shelf.Thing.Kind;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class PriceTableTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 2, 11);
    private static final Habits INCHES = new Habits("Aldous", Mark.EIGHTH, false, Currency.getInstance("USD"), TODAY);
    private static final Habits CENTIMETRES =
            new Habits("Aldous", Mark.MILLIMETRE, true, Currency.getInstance("EUR"), TODAY);

    private static PriceTable.Rows read(String text, Habits habits) throws BadPlanFile {
        return PriceTable.read(text.getBytes(StandardCharsets.UTF_8), habits);
    }

    @Test
    void aShopsListIsReadAsItIsWritten() throws BadPlanFile {
        PriceTable.Rows rows = read("""
                shop,kind,name,size,width,price,currency,per,day,stock
                Brannick,fabric,Plum velvet,,56 in,$18.50,USD,yd,2027-02-09,3½ yd
                Brannick,zipper,Brass,20,,3.2,,,2/1/27,4
                ,thread,Ecru,,,2,,,,
                ,filling,Kapok,,,1.10,,100 g,,1200 g
                """, INCHES);
        assertThat(rows.refused()).isEmpty();
        assertThat(rows.prices())
                .containsExactly(
                        new Price(
                                "Brannick",
                                Kind.CLOTH,
                                "Plum velvet",
                                Optional.empty(),
                                Optional.of(Length.inches(56)),
                                1850,
                                Per.YARD,
                                LocalDate.of(2027, 2, 9),
                                Optional.of(Length.inches(126).grains())),
                        new Price(
                                "Brannick",
                                Kind.ZIP,
                                "Brass",
                                Optional.of(Length.inches(20)),
                                Optional.empty(),
                                320,
                                Per.ONE,
                                LocalDate.of(2027, 2, 1),
                                Optional.of(4L)),
                        new Price(
                                "Aldous",
                                Kind.THREAD,
                                "Ecru",
                                Optional.empty(),
                                Optional.empty(),
                                200,
                                Per.ONE,
                                TODAY,
                                Optional.empty()),
                        new Price(
                                "Aldous",
                                Kind.FILLING,
                                "Kapok",
                                Optional.empty(),
                                Optional.empty(),
                                110,
                                Per.HUNDRED_GRAMS,
                                TODAY,
                                Optional.of(1200L)));
    }

    @Test
    void semicolonsDecimalCommasAndMetresAsSpreadsheetsSaveThem() throws BadPlanFile {
        PriceTable.Rows rows = read("Price;Kind;Name;Width (cm);Stock\n12,40;cloth;Navy;140;0\n", CENTIMETRES);
        assertThat(rows.prices()).singleElement().satisfies(price -> {
            assertThat(price.cents()).isEqualTo(1240);
            assertThat(price.per()).isEqualTo(Per.METRE);
            assertThat(price.width()).hasValue(Length.cm(140));
            assertThat(price.isSoldOut(1)).isTrue();
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "carpet,1,,,,,| price.row.wrong | kind | carpet",
                "zip,,,,,,| price.row.missing | price | ",
                "zip,free,,,,,| price.row.wrong | price | free",
                "zip,1,yd,,,,| price.row.wrong | per | yd",
                "zip,1,,wide,,,| price.row.wrong | size | wide",
                "thread,1,,4,,,| price.row.wrong | size | 4",
                "zip,1,,,3027-01-01,,| price.row.wrong | day | 3027-01-01",
                "zip,1,,,,some,| price.row.wrong | stock | some",
                "zip,1,,,,,SEK| price.row.currency | SEK | USD"
            })
    void aRowThatIsNoPriceIsToldByItsNumber(String row, String code, String first, String second) throws BadPlanFile {
        PriceTable.Rows rows = read("kind,price,per,size,day,stock,currency\nzip,1,,20,,,\n" + row + "\n", INCHES);
        assertThat(rows.prices()).hasSize(1);
        assertThat(rows.refused())
                .containsExactly(
                        new Refused(3, second == null ? Phrase.of(code, first) : Phrase.of(code, first, second)));
    }

    @Test
    void whatIsNoTableOfPricesIsRefused() {
        assertThatThrownBy(() -> read("", INCHES)).isInstanceOf(BadPlanFile.class);
        assertThatThrownBy(() -> read("name,price\nx,1\n", INCHES)).isInstanceOf(BadPlanFile.class);
        assertThatThrownBy(() -> PriceTable.read(new byte[] {(byte) 0xff, (byte) 0xfe, 0}, INCHES))
                .isInstanceOf(BadPlanFile.class);
    }

    /** What is written reads back, in whichever unit. */
    @ParameterizedTest
    @EnumSource(
            value = Unit.class,
            names = {"INCH", "CENTIMETRE"})
    void whatIsWrittenReadsBack(Unit unit) throws BadPlanFile {
        Prices prices = new Prices(List.of(
                price(
                        Kind.CLOTH,
                        "=Plum, \"wide\"",
                        Optional.empty(),
                        Optional.of(Length.mm(1423)),
                        Per.METRE,
                        Length.mm(99_000).grains()),
                price(Kind.ZIP, "Brass", Optional.of(Length.inches(20)), Optional.empty(), Per.ONE, 0L),
                price(
                        Kind.CORD,
                        "Cotton",
                        Optional.of(Length.inches(0, 5, 32)),
                        Optional.empty(),
                        Per.YARD,
                        Length.inches(3).grains())));
        assertThat(read(PriceTable.write(prices, unit, "USD"), INCHES))
                .isEqualTo(new PriceTable.Rows(prices.all(), List.of()));
    }

    private static Price price(
            Kind kind, String name, Optional<Length> size, Optional<Length> width, Per per, long stock) {
        return new Price("Brannick", kind, name, size, width, 1_205, per, TODAY, Optional.of(stock));
    }

    /** Whatever bytes come, they are prices, rows that are none, or no table. */
    @Test
    void anythingIsRead() {
        Random random = new Random(4);
        String letters = "kind,price\n\"zip;1½ 2e9-=+\u0000\u00e4,,,fabric,yd,cm\u2028";
        for (int round = 0; round < 3_000; round++) {
            StringBuilder text = new StringBuilder("kind,price,size,width,per,day,stock,name\n");
            random.ints(random.nextInt(60), 0, letters.length()).forEach(at -> text.append(letters.charAt(at)));
            try {
                assertThat(read(text.toString(), INCHES).prices()).isNotNull();
            } catch (BadPlanFile none) {
                assertThat(none.problem()).isNotBlank();
            }
        }
    }
}
