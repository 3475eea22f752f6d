package app.dapt.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;

/**
 * Writes a length the way it is read off a tape: inches as fractions, centimetres to the millimetre.
 *
 * @param mark the finest mark to show
 */
public record LengthFormat(Mark mark) {

    /** The fractions that every font has; the others are written with a fraction slash, which fonts draw as one. */
    private static final Map<String, String> COMMON = Map.of("1/4", "¼", "1/2", "½", "3/4", "¾");

    /** Between a number and its fraction: hardly any room, and a line never ends there. */
    private static final String NARROW = "\u2060\u200a\u2060";

    /** Between a figure and its unit, where a line does not end either. */
    private static final String UNBROKEN = "\u00a0";

    public static LengthFormat in(Mark mark) {
        return new LengthFormat(mark);
    }

    /** To the nearest mark, without the unit. */
    public String bare(Length length) {
        return write(length, mark.perUnit());
    }

    /** To the nearest mark, with the unit. */
    public String withUnit(Length length) {
        return bare(length) + UNBROKEN + unitWord();
    }

    /** {@code 21¼ × 14⅛}: width first, without the unit. */
    public String size(Length width, Length height) {
        return bare(width) + " × " + bare(height);
    }

    /** As a term of a sum: finer than the mark where that is what it takes to add up. */
    public String fine(Length length) {
        return write(length, mark.unit().metric() ? 1000 : 64);
    }

    /** The same with the unit. */
    public String fineWithUnit(Length length) {
        return fine(length) + UNBROKEN + unitWord();
    }

    /** An estimate, to the eighth of an inch or two millimetres, with the unit. */
    public String roughly(Length length) {
        Length step = mark.unit().metric() ? Length.mm(2) : Length.inches(0, 1, 8);
        return withUnit(length.roundedTo(step));
    }

    /** A length of cloth as a shop measures it out: yards to the eighth, metres to the tenth. */
    public String toBuy(Length length) {
        return mark.unit().metric()
                ? BigDecimal.valueOf(length.grains())
                                .divide(BigDecimal.valueOf(Unit.METRE.grains()), 2, RoundingMode.HALF_UP)
                                .stripTrailingZeros()
                                .toPlainString()
                        + UNBROKEN + "m"
                : fraction(length, Unit.YARD, 8) + UNBROKEN + "yd";
    }

    /** The unit's short word, the same to every reader. */
    public String unitWord() {
        return mark.unit().metric() ? "cm" : "in";
    }

    private String write(Length length, int perUnit) {
        String size =
                mark.unit().metric() ? decimals(length.abs(), perUnit) : fraction(length.abs(), Unit.INCH, perUnit);
        return length.isNegative() && !size.equals("0") ? "−" + size : size;
    }

    private static String decimals(Length length, int perCentimetre) {
        int places = perCentimetre == 10 ? 1 : 3;
        return BigDecimal.valueOf(length.grains())
                .divide(BigDecimal.valueOf(Unit.CENTIMETRE.grains()), places, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String fraction(Length length, Unit unit, int perUnit) {
        long step = unit.grains() / perUnit;
        long parts = (length.grains() + step / 2) / step;
        long whole = parts / perUnit;
        long rest = parts % perUnit;
        if (rest == 0) {
            return Long.toString(whole);
        }
        long divisor = Long.lowestOneBit(rest);
        long numerator = rest / divisor;
        long denominator = perUnit / divisor;
        String slashed = numerator + "/" + denominator;
        String shown = COMMON.getOrDefault(slashed, (whole > 0 ? NARROW : "") + slashed.replace('/', '\u2044'));
        return (whole > 0 ? Long.toString(whole) : "") + shown;
    }
}
