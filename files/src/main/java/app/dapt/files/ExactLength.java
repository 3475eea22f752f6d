package app.dapt.files;

import app.dapt.measure.Length;
import app.dapt.measure.LengthReader;
import app.dapt.measure.Unit;
import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Pattern;

/** A length as it stands in a file: plain letters, always with its unit, and exact to the grain. */
public final class ExactLength {

    private static final Pattern WITH_UNIT = Pattern.compile("-?[0-9][0-9 ./]* (in|cm|mm)");
    /** Farther than any of the limits goes. */
    private static final Length FARTHEST = Length.inches(100_000);

    private static final LengthReader ANY = new LengthReader(Unit.INCH, FARTHEST.negated(), FARTHEST);

    private ExactLength() {}

    /** In inches where it is a whole number of 64ths and inches are preferred, else in centimetres. */
    public static String write(Length length, Unit preferred) {
        boolean inches = length.grains() % Length.PER_64TH == 0;
        boolean tenths = length.grains() % (Length.PER_MM / 10) == 0;
        String size = inches && !(preferred.metric() && tenths) ? inches(length.abs()) : centimetres(length.abs());
        return (length.isNegative() ? "-" : "") + size;
    }

    /** The length, where the text is one and says its unit. */
    public static Optional<Length> read(String text) {
        return WITH_UNIT.matcher(text).matches()
                ? ANY.read(text).fold(Optional::of, refused -> Optional.empty())
                : Optional.empty();
    }

    private static String inches(Length length) {
        long parts = length.grains() / Length.PER_64TH;
        long whole = parts / 64;
        long rest = parts % 64;
        if (rest == 0) {
            return whole + " in";
        }
        long divisor = Long.lowestOneBit(rest);
        return (whole > 0 ? whole + " " : "") + rest / divisor + "/" + 64 / divisor + " in";
    }

    private static String centimetres(Length length) {
        BigDecimal count = BigDecimal.valueOf(length.grains()).divide(BigDecimal.valueOf(Unit.CENTIMETRE.grains()));
        return (count.signum() == 0 ? "0" : count.stripTrailingZeros().toPlainString()) + " cm";
    }
}
