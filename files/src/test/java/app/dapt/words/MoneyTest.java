package app.dapt.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Currency;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MoneyTest {

    @ParameterizedTest
    @CsvSource(textBlock = """
            USD, en-US, 123456, '$1,234.56'
            USD, en-GB, 1250,   'US$12.50'
            GBP, en-GB, 5,      '£0.05'
            EUR, en-US, 900,    '€9.00'
            JPY, en-US, 120000, '¥1,200'
            JPY, en-US, 120050, '¥1,200.50'
            """)
    void isWrittenAsTheReaderWritesIt(String code, String locale, long hundredths, String shown) {
        assertThat(new Money(Currency.getInstance(code), Locale.forLanguageTag(locale)).shown(hundredths))
                .isEqualTo(shown);
    }

    @Test
    void inAFieldItStandsPlain() {
        assertThat(Money.plain(1205)).isEqualTo("12.05");
    }

    @Test
    void anyCurrencyInUseCanBeChosenOnce() {
        assertThat(Money.all(Locale.US))
                .doesNotHaveDuplicates()
                .contains(Currency.getInstance("USD"), Currency.getInstance("ISK"), Currency.getInstance("INR"))
                .hasSizeGreaterThan(100);
    }
}
