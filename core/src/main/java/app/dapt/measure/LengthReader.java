package app.dapt.measure;

import java.math.BigDecimal;
import java.math.MathContext;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length as people say and write it: {@code 14 5/8}, {@code 14-5/8}, {@code 14⅝"}, {@code 14.625 in},
 * {@code 37 cm}, {@code 37,5cm}, {@code 372 mm}, {@code 1 yd 6 in}, {@code 1½ yd}. A number without a unit takes
 * the reader's unit. A comma or a point may stand before decimals.
 *
 * @param unit     the unit of a bare number: inches or centimetres
 * @param smallest what is refused as too short lies below this
 * @param largest  what is refused as too long lies above this
 */
public record LengthReader(Unit unit, Length smallest, Length largest) {

    /** No tape is longer; a longer entry is a slip of the finger. */
    private static final int MOST_CHARACTERS = 40;

    /** Nor has any so many digits. */
    private static final int MOST_DIGITS = 12;

    private static final Pattern QUANTITY = Pattern.compile("""
            (?x)
            \\s* (?: (?<decimal> \\d++ (?: [.,] \\d++ )? | [.,] \\d++ ) (?! \\s* / ) )?
            (?: (?<sep> [\\s-]* ) (?<num> \\d{1,3} ) \\s* / \\s* (?<den> \\d{1,3} ) )?
            \\s* (?<unit> inches | inch | ins | in | "" | " | yards | yard | yds | yd
                 | centimetres | centimeters | centimetre | centimeter | cms | cm
                 | millimetres | millimeters | millimetre | millimeter | mm
                 | metres | meters | metre | meter | m )? \\.? \\s*
            """);

    private static final Map<Character, Unit> UNIT_BY_INITIAL = Map.of('i', Unit.INCH, '"', Unit.INCH, 'y', Unit.YARD);

    /** What the text says, or why it says nothing. */
    public Entry read(String text) {
        String plain = plain(text);
        if (plain.isEmpty()) {
            return refuse("entry.nothing");
        }
        if (plain.length() > MOST_CHARACTERS) {
            return refuse("entry.long");
        }
        boolean minus = plain.startsWith("-");
        if (minus && !smallest.isNegative()) {
            return refuse("entry.negative");
        }
        String size = minus || plain.startsWith("+") ? plain.substring(1) : plain;
        return parse(size)
                .map(length -> withinBounds(minus ? length.negated() : length))
                .orElseGet(() -> refuse("entry.unreadable", text.strip()));
    }

    private Entry withinBounds(Length length) {
        if (length.isZero() && smallest.isPositive()) {
            return refuse("entry.zero");
        }
        if (length.under(smallest)) {
            return refuse("entry.short", smallest);
        }
        if (largest.under(length)) {
            return refuse("entry.large", largest);
        }
        return new Entry.Value(length);
    }

    private Entry.Refused refuse(String code, Object... args) {
        return new Entry.Refused(Phrase.of(code, args), example());
    }

    /** A length that would have been understood, between the bounds, in the reader's unit. */
    private String example() {
        Length middling = Length.max(smallest, Length.min(largest, unit.pick(Length.mm(372), Length.inches(14, 5, 8))));
        boolean near = !smallest.under(middling) || !middling.under(largest);
        Length shown = near ? smallest.plus(largest).half() : middling;
        Mark mark = unit.metric() ? Mark.MILLIMETRE : Mark.EIGHTH;
        return LengthFormat.in(mark).withUnit(Length.max(mark.step(), mark.nearest(shown)));
    }

    /** Vulgar fractions as {@code n/d}, every kind of dash, prime and blank as the plain one, in lower case. */
    private static String plain(String text) {
        String spaced = text.replaceAll("([\\d])?([¼½¾⅐-⅞])", "$1 $2");
        return Normalizer.normalize(spaced, Normalizer.Form.NFKC)
                .toLowerCase(Locale.ROOT)
                .replace('\u2044', '/')
                .replace('\u2215', '/')
                .replaceAll("[\u2010-\u2015\u2212]", "-")
                .replace("\u2032\u2032", "\"")
                .replaceAll("[\u201c\u201d\u2033]", "\"")
                .replace("''", "\"")
                .replace("\u2060", "")
                .replaceAll("[\\s\\p{Z}]+", " ")
                .strip();
    }

    private Optional<Length> parse(String plain) {
        Matcher quantity = QUANTITY.matcher(plain);
        Length total = Length.ZERO;
        Optional<Unit> last = Optional.empty();
        int at = 0;
        while (at < plain.length()) {
            if (!quantity.region(at, plain.length()).lookingAt() || quantity.end() == at) {
                return Optional.empty();
            }
            Optional<Unit> said = Optional.ofNullable(quantity.group("unit")).map(LengthReader::unitNamed);
            Optional<BigDecimal> count = count(quantity);
            boolean second = at > 0;
            if (count.isEmpty() || second && (last.isEmpty() || said.isEmpty() || !smaller(said.get(), last.get()))) {
                return Optional.empty();
            }
            total = total.plus(Length.of(count.get(), said.orElse(unit)));
            last = said;
            at = quantity.end();
        }
        return Optional.of(total);
    }

    private static boolean smaller(Unit a, Unit b) {
        return a.grains() < b.grains();
    }

    private static Unit unitNamed(String word) {
        if (word.startsWith("mm") || word.startsWith("milli")) {
            return Unit.MILLIMETRE;
        }
        if (word.startsWith("c")) {
            return Unit.CENTIMETRE;
        }
        return UNIT_BY_INITIAL.getOrDefault(word.charAt(0), Unit.METRE);
    }

    private static Optional<BigDecimal> count(Matcher quantity) {
        String decimal = quantity.group("decimal");
        String numerator = quantity.group("num");
        if (decimal == null && numerator == null) {
            return Optional.empty();
        }
        BigDecimal whole = decimal == null ? BigDecimal.ZERO : new BigDecimal(decimal.replace(',', '.'));
        if (whole.precision() > MOST_DIGITS) {
            return Optional.empty();
        }
        if (numerator == null) {
            return Optional.of(whole);
        }
        int denominator = Integer.parseInt(quantity.group("den"));
        boolean glued = decimal != null && quantity.group("sep").isEmpty();
        if (denominator == 0 || glued || whole.stripTrailingZeros().scale() > 0) {
            return Optional.empty();
        }
        return Optional.of(
                whole.add(new BigDecimal(numerator).divide(BigDecimal.valueOf(denominator), MathContext.DECIMAL64)));
    }
}
