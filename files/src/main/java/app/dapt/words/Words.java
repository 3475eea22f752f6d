package app.dapt.words;

import app.dapt.cover.Brief;
import app.dapt.measure.Length;
import app.dapt.measure.LengthFormat;
import app.dapt.measure.Mark;
import app.dapt.measure.Phrase;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Says things to one reader: in that reader's English, and with lengths in that reader's unit.
 *
 * @param book the words
 * @param mark the finest mark on the reader's tape
 * @param money how sums are written
 */
public record Words(Wordbook book, Mark mark, Money money) {

    /** A length that stands in a text, in inches and in centimetres: {@code [½ in|12 mm]}. */
    private static final double GRAMS_PER_OUNCE = 28.35;

    private static final double LITRES_PER_TEN_CUBIC_INCHES = 0.16387;

    private static final Pattern EITHER = Pattern.compile("\\[([^|\\]]*)\\|([^|\\]]*)]");

    private static final Pattern PLACE = Pattern.compile("\\{(\\d)(?::(\\w+))?}");

    /** With sums in the dollars of the United States. */
    public Words(Wordbook book, Mark mark) {
        this(book, mark, new Money(Currency.getInstance(Locale.US), Locale.US));
    }

    /**
     * What a phrase says; a code without words says itself, in marks that a test looks for. Where a text counts, as in
     * {@code {0, plural, one {# piece} other {# pieces}}}, it does so by the rules of ICU message formats.
     */
    public String say(Phrase phrase) {
        String text = book.texts().get(phrase.code());
        if (text == null) {
            return "‹" + phrase.code() + "›";
        }
        if (text.indexOf('[') >= 0) {
            text = EITHER.matcher(text).replaceAll(mark.unit().metric() ? "$2" : "$1");
        }
        if (text.indexOf('{') < 0) {
            return text;
        }
        boolean fine = wouldReadAlike(phrase.args());
        boolean counts = text.contains(", plural,");
        String said = PLACE.matcher(text).replaceAll(place -> {
            String shown = shown(place, phrase.args(), fine);
            return Matcher.quoteReplacement(counts ? quoted(shown) : shown);
        });
        return counts
                ? new MessageFormat(said, Locale.ENGLISH).format(phrase.args().toArray())
                : said;
    }

    /** What somebody typed, so that no plural is looked for in it. */
    private static String quoted(String text) {
        return text.replace("'", "''").replaceAll("[{}]+", "'$0'");
    }

    /** Whether two lengths that differ would read the same on this reader's tape; then all of them are said finer. */
    private boolean wouldReadAlike(List<Object> args) {
        List<Length> lengths = args.stream()
                .filter(Length.class::isInstance)
                .map(Length.class::cast)
                .distinct()
                .toList();
        return lengths.size() > 1
                && lengths.stream().map(lengths()::bare).distinct().count() < lengths.size();
    }

    public String say(String code, Object... args) {
        return say(Phrase.of(code, args));
    }

    /** The words for a code that need not have any. */
    public Optional<String> find(String code) {
        return Optional.ofNullable(book.texts().get(code));
    }

    /** The brief as plain text. */
    public String say(Brief brief) {
        return brief.parts().stream().map(part -> say(part.words())).collect(Collectors.joining());
    }

    /** Several in a row, such as {@code 17, 28 and 42}. */
    public String list(List<String> several) {
        return ListFormatter.getInstance(Locale.UK).format(several);
    }

    public LengthFormat lengths() {
        return LengthFormat.in(mark);
    }

    /** An area of so many square inches, in square feet or square metres. */
    public String area(double squareInches) {
        return mark.unit().metric()
                ? String.format(Locale.ROOT, "%.2f m²", squareInches * 0.00064516)
                : String.format(Locale.ROOT, "%.1f sq ft", squareInches / 144);
    }

    /** What a form holds, in litres or cubic inches. */
    public String volume(double litres) {
        return mark.unit().metric()
                ? String.format(Locale.ROOT, "%.1f L", litres)
                : String.format(Locale.ROOT, "%d cu in", Math.round(litres / LITRES_PER_TEN_CUBIC_INCHES) * 10);
    }

    /** A weight, in grams or ounces. */
    public String weight(long grams) {
        return mark.unit().metric() ? grams + " g" : Math.round(grams / GRAMS_PER_OUNCE) + " oz";
    }

    private String shown(MatchResult place, List<Object> args, boolean fine) {
        int index = Integer.parseInt(place.group(1));
        String manner = place.group(2) == null ? "" : place.group(2);
        // What a text asks for and nobody gave is marked like a code without words.
        Object arg = index < args.size() ? args.get(index) : "‹" + index + "›";
        return show(arg, manner, fine);
    }

    /** A name that stands on its own elsewhere, in the middle of a sentence. */
    private static String uncapitalised(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    private String show(Object arg, String manner, boolean fine) {
        if (arg instanceof Phrase phrase) {
            return manner.equals("low") ? uncapitalised(say(phrase)) : say(phrase);
        }
        if (arg instanceof List<?> several) {
            return list(several.stream().map(each -> show(each, manner, fine)).toList());
        }
        if (!(arg instanceof Length length)) {
            return String.valueOf(arg);
        }
        return switch (manner) {
            case "bare" -> fine ? lengths().fine(length) : lengths().bare(length);
            case "unit" -> lengths().unitWord();
            case "fine" -> lengths().fine(length);
            case "exact" -> lengths().fineWithUnit(length);
            case "signed" -> (length.isPositive() ? "+" : "") + lengths().withUnit(length);
            case "buy" -> lengths().toBuy(length);
            case "about" -> lengths().roughly(length);
            default -> fine ? lengths().fineWithUnit(length) : lengths().withUnit(length);
        };
    }
}
