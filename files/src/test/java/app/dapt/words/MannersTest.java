package app.dapt.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cover.drawing.Offsets;
import app.dapt.measure.Length;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each manner in which a text may ask for what goes into it. */
class MannersTest {

    private static final Length HALF = Length.inches(0, 1, 2);
    private static final Wordbook BOOK = new Wordbook(Map.ofEntries(
            Map.entry("plain", "a {0} b"),
            Map.entry("two", "{0} or {1}"),
            Map.entry("bare", "{0:bare} {0:unit}"),
            Map.entry("two-bare", "{0:bare} or {1:bare}"),
            Map.entry("fine", "{0:fine}"),
            Map.entry("exact", "{0:exact}"),
            Map.entry("signed", "{0:signed}"),
            Map.entry("buy", "{0:buy}"),
            Map.entry("low", "the {0:low}"),
            Map.entry("piece", "Upper back"),
            Map.entry("count", "{0, plural, one {# piece} other {# pieces}} of {1}")));

    private static Words words(Mark mark) {
        return new Words(BOOK, mark);
    }

    @ParameterizedTest
    @CsvSource({
        "plain, 1/2, a ½ in b",
        "bare, 1/2, ½ in",
        "fine, 29/64, 29⁄64",
        "exact, 29/64, 29⁄64 in",
        "bare, 29/64, ½ in",
        "signed, 1/2, +½ in",
        "signed, -1/2, −½ in",
        "signed, 0, 0 in",
        "buy, 45, 1¼ yd"
    })
    void aLengthIsSaidAsItIsAskedFor(String code, String inches, String said) {
        String[] parts = inches.split("/");
        Length length = Length.sixtyFourths(
                Integer.parseInt(parts[0]) * 64L / (parts.length > 1 ? Integer.parseInt(parts[1]) : 1));
        assertThat(words(Mark.EIGHTH).say(code, length).replace('\u00a0', ' ')).isEqualTo(said);
    }

    /** Two lengths that differ by less than a mark are said finer; the same length twice is not. */
    @Test
    void lengthsThatWouldReadAlikeAreToldApart() {
        Words words = words(Mark.EIGHTH);
        Length nearly = HALF.minus(Length.sixtyFourths(1));
        assertThat(words.say("two", nearly, HALF)).isEqualTo("31⁄64\u00a0in or ½\u00a0in");
        assertThat(words.say("two-bare", nearly, HALF)).isEqualTo("31⁄64 or ½");
        assertThat(words.say("two", nearly, nearly)).isEqualTo("½\u00a0in or ½\u00a0in");
        assertThat(words.say("two", nearly, Length.inches(1))).isEqualTo("½\u00a0in or 1\u00a0in");
        assertThat(words.say("two", nearly, "nothing")).isEqualTo("½\u00a0in or nothing");
    }

    @Test
    void aNameFitsIntoASentence() {
        assertThat(words(Mark.EIGHTH).say("low", Phrase.of("piece"))).isEqualTo("the upper back");
        assertThat(words(Mark.EIGHTH).say("plain", Phrase.of("piece"))).isEqualTo("a Upper back b");
        assertThat(words(Mark.EIGHTH).say("two", "one"))
                .as("what nobody gave is marked")
                .isEqualTo("one or ‹1›");
        assertThat(words(Mark.EIGHTH).say("count", 2, "{plain} 'cotton'")).isEqualTo("2 pieces of {plain} 'cotton'");
    }

    @Test
    void aCodeMayBeWithoutWords() {
        assertThat(words(Mark.EIGHTH).find("piece")).contains("Upper back");
        assertThat(words(Mark.EIGHTH).find("none")).isEmpty();
        assertThat(words(Mark.EIGHTH).list(List.of("17", "28", "42"))).isEqualTo("17, 28 and 42");
    }

    /** 144 square inches are a square foot; a square metre has 1550; 10 L are 610 cubic inches; 16 ounces are 454 g. */
    @ParameterizedTest
    @CsvSource({
        "EIGHTH, 144, 1.0 sq ft, 10, 610 cu in, 454, 16 oz",
        "EIGHTH, 792, 5.5 sq ft, 23.4, 1430 cu in, 14, 0 oz",
        "MILLIMETRE, 1550.003, 1.00 m², 10, 10.0 L, 454, 454 g",
        "MILLIMETRE, 792, 0.51 m², 23.44, 23.4 L, 14, 14 g"
    })
    void areaVolumeAndWeightAreInTheReadersUnits(
            Mark mark, double inches, String area, double litres, String volume, long grams, String weight) {
        assertThat(words(mark).area(inches)).isEqualTo(area);
        assertThat(words(mark).volume(litres)).isEqualTo(volume);
        assertThat(words(mark).weight(grams)).isEqualTo(weight);
    }

    @Test
    void aTableOfOffsetsIsReadRowByRow() {
        Offsets offsets = new Offsets(
                Phrase.of("piece"),
                Phrase.of("plain", "line"),
                List.of(
                        new Offsets.Row(Length.inches(3), List.of(Length.inches(4, 1, 4), Length.inches(9, 1, 2))),
                        new Offsets.Row(Length.inches(4), List.of(Length.inches(4)))));
        assertThat(OffsetWords.row(offsets.rows().get(0), words(Mark.EIGHTH))).isEqualTo("3: 4¼, 9½");
        assertThat(OffsetWords.line(offsets, words(Mark.EIGHTH))).isEqualTo("Upper back. a line b 3: 4¼, 9½ · 4: 4");
    }

    @Test
    void aCurrencyHasItsSign() {
        assertThat(new Money(Currency.getInstance("GBP"), Locale.UK).symbol()).isEqualTo("£");
        List<String> names = Money.all(Locale.US).stream()
                .map(currency -> currency.getDisplayName(Locale.US))
                .toList();
        assertThat(names).isSorted();
    }
}
