package app.dapt.words;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * Writes sums of money, which Dapt keeps in hundredths of a currency's unit, as a language writes them.
 *
 * @param currency what they are counted in
 * @param locale   whose manner of writing
 */
public record Money(Currency currency, Locale locale) {

    /** With its currency, such as {@code $12.50}. */
    public String shown(long hundredths) {
        NumberFormat format = NumberFormat.getCurrencyInstance(locale);
        format.setCurrency(currency);
        int digits = currency.getDefaultFractionDigits();
        // A currency without hundredths is written without them, unless there are some.
        int shown = hundredths % 100 == 0 ? Math.max(0, Math.min(2, digits)) : 2;
        format.setMinimumFractionDigits(shown);
        format.setMaximumFractionDigits(shown);
        return format.format(BigDecimal.valueOf(hundredths, 2));
    }

    /** As it is typed into a field beside which the currency stands, such as {@code 12.50}. */
    public static String plain(long hundredths) {
        return hundredths / 100 + String.format(Locale.ROOT, ".%02d", hundredths % 100);
    }

    /** Such as {@code $}. */
    public String symbol() {
        return currency.getSymbol(locale);
    }

    /** The currencies that some country uses now, by their names in a language. */
    public static List<Currency> all(Locale in) {
        return Stream.of(Locale.getISOCountries())
                .map(country -> Currency.getInstance(
                        new Locale.Builder().setRegion(country).build()))
                .filter(Objects::nonNull)
                .distinct()
                .sorted(Comparator.comparing(currency -> currency.getDisplayName(in)))
                .toList();
    }
}
