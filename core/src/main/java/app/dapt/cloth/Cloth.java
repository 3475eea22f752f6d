package app.dapt.cloth;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A cloth off the bolt.
 *
 * @param name   what the sewist calls it, up to 60 characters
 * @param colour its ground, as {@code #rrggbb}
 * @param print  what is on it
 * @param width  selvage to selvage
 * @param price  in hundredths of whatever money, for a yard or a metre; nought where it is not known
 * @param nap    whether pile or shading gives a print without an up one all the same
 */
public record Cloth(String name, String colour, Print print, Length width, boolean nap, int price) {

    public static final int LONGEST_NAME = 60;

    /** What the two selvages take off the width together. */
    public static final Length SELVAGES = Length.inches(1);

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final List<Length> SOLD_INCHES = List.of(
            Length.inches(42), Length.inches(45), Length.inches(54), Length.inches(57), Length.inches(60));
    private static final List<Length> SOLD_CM = List.of(
            Length.cm(110), Length.cm(137), Length.cm(140), Length.cm(150));

    /** No cloth costs more. */
    public static final int DEAREST = 10_000_000;

    public Cloth {
        if (price < 0 || price > DEAREST) {
            throw new IllegalArgumentException("a price is from nothing to a hundred thousand");
        }
        if (!COLOUR.matcher(colour).matches()) {
            throw new IllegalArgumentException("not a colour: " + colour);
        }
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a cloth has a name of 1 to 60 characters");
        }
        if (!SELVAGES.under(width)) {
            throw new IllegalArgumentException("a cloth is wider than its selvages");
        }
    }

    /** A cloth whose price is not known. */
    public Cloth(String name, String colour, Print print, Length width, boolean nap) {
        this(name, colour, print, width, nap, 0);
    }

    public Cloth withWidth(Length changed) {
        return new Cloth(name, colour, print, changed, nap, price);
    }

    /** Whether a piece turned upside down can be told. */
    public boolean hasUp() {
        return nap || print.hasUp();
    }

    /** Whether a piece may lie a quarter turn round on it. */
    public boolean turns() {
        return !nap && print.turns();
    }

    public Length usableWidth() {
        return width.minus(SELVAGES);
    }

    /** The widths that shops sell, narrowest first. */
    public static List<Length> widthsSold(Unit unit) {
        return unit.metric() ? SOLD_CM : SOLD_INCHES;
    }

    /** The narrowest width sold that leaves this much to use. */
    public static Optional<Length> soldFor(Length usable, Unit unit) {
        return widthsSold(unit).stream().filter(width -> width.minus(SELVAGES).atLeast(usable)).findFirst();
    }
}
