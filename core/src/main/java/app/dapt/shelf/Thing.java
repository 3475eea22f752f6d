package app.dapt.shelf;

import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Something on the shelf, whether any of it is left or not.
 *
 * @param name   what it is called, up to 60 characters
 * @param colour its own, as {@code #rrggbb}
 * @param size   how long a zip is, how thick a cord, how wide a button or a trim, how wide a form
 * @param width  how wide a cloth is, how high a form
 * @param price  in hundredths, for a yard or a metre, or for one; nought where it is not known
 */
public record Thing(Kind kind, String name, String colour, Optional<Length> size, Optional<Length> width, int price) {

    public static final int LONGEST_NAME = 60;
    public static final int DEAREST = 10_000_000;
    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");

    /** How much of something is told. */
    public enum Counted {
        /** In grains. */
        LENGTH(100_000_000L),
        PIECES(100_000),
        GRAMS(1_000_000);

        private final long most;

        Counted(long most) {
            this.most = most;
        }

        /** More than this nobody has. */
        public long most() {
            return most;
        }
    }

    /** What kinds of things there are. */
    public enum Kind {
        CLOTH(Counted.LENGTH, false, true),
        FORM(Counted.PIECES, true, true),
        ZIP(Counted.PIECES, true, false),
        CORD(Counted.LENGTH, true, false),
        TRIM(Counted.LENGTH, true, false),
        BUTTON(Counted.PIECES, true, false),
        INTERFACING(Counted.LENGTH, false, true),
        THREAD(Counted.PIECES, false, false),
        FILLING(Counted.GRAMS, false, false);

        private final Counted counted;
        private final boolean sized;
        private final boolean wide;

        Kind(Counted counted, boolean sized, boolean wide) {
            this.counted = counted;
            this.sized = sized;
            this.wide = wide;
        }

        public Counted counted() {
            return counted;
        }

        /** Whether it comes in sizes. */
        public boolean isSized() {
            return sized;
        }

        /** Whether it has a width, or a height. */
        public boolean isWide() {
            return wide;
        }
    }

    /** @throws IllegalArgumentException where a name, a colour, a size or a price is none it can have */
    public Thing {
        if (!PlainText.isLine(name) || name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a name has 1 to " + LONGEST_NAME + " characters");
        }
        if (!COLOUR.matcher(colour).matches()) {
            throw new IllegalArgumentException("a colour is written like #1e3355");
        }
        if (price < 0 || price > DEAREST) {
            throw new IllegalArgumentException("a price is from nothing to a hundred thousand");
        }
        if (size.filter(length -> !length.isPositive()).isPresent()
                || width.filter(length -> !length.isPositive()).isPresent()) {
            throw new IllegalArgumentException("a size is more than nothing");
        }
    }
}
