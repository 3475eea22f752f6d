package app.dapt.shelf;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap;
import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Something on the shelf, whether any of it is left or not.
 *
 * @param name   what it is called, up to 60 characters
 * @param colour its own, as {@code #rrggbb}
 * @param size   how long a zip is, how thick a cord, how wide a button or a trim, how wide a form or a remnant
 * @param width  how wide a cloth is, how high a form, how long a remnant
 * @param price  in hundredths, for a yard or a metre, or for one; nought where it is not known
 * @param fabric what is told of a cloth or a remnant besides
 */
public record Thing(
        Kind kind,
        String name,
        String colour,
        Optional<Length> size,
        Optional<Length> width,
        int price,
        Optional<Fabric> fabric) {

    public static final int LONGEST_NAME = 60;
    public static final int DEAREST = 10_000_000;
    /** How wide a cloth is taken to be as long as nobody says. */
    public static final Length USUAL_WIDTH = Length.inches(54);
    /** So many remnants that are alike are cut from together. */
    private static final int MOST_ALIKE = 12;

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
        REMNANT(Counted.PIECES, true, true),
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

        /** Whether covers are cut from it. */
        public boolean isFabric() {
            return this == CLOTH || this == REMNANT;
        }
    }

    /** Something of which there is no more to tell. */
    public Thing(Kind kind, String name, String colour, Optional<Length> size, Optional<Length> width, int price) {
        this(kind, name, colour, size, width, price, Optional.empty());
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
        if (fabric.isPresent() && !kind.isFabric()) {
            throw new IllegalArgumentException("only what covers are cut from is a fabric");
        }
    }

    /** The same with other things told of it as a fabric. */
    public Thing withFabric(Optional<Fabric> changed) {
        return new Thing(kind, name, colour, size, width, price, changed);
    }

    /** It as the cloth of a cover; what is washed shrinks no more. */
    public Cloth asCloth() {
        Length across = kind == Kind.REMNANT
                ? fabric.map(told -> told.like().width()).orElse(USUAL_WIDTH)
                : width.orElse(USUAL_WIDTH);
        Cloth like = fabric.map(Fabric::unshrunk).orElseGet(() -> new Cloth(name, colour, Print.PLAIN, across, false));
        return like.withId(0)
                .withName(name)
                .withColour(colour)
                .withWidth(across)
                .withPrice(kind == Kind.CLOTH ? Math.min(price, Cloth.DEAREST) : 0);
    }

    /**
     * The pieces of cloth that so much of it is: a length off the bolt without its selvages, or every one of the
     * remnants that are alike; none where its size is not known.
     */
    public List<Scrap> asScraps(long stock) {
        if (stock <= 0) {
            return List.of();
        }
        if (kind == Kind.CLOTH) {
            Length usable = asCloth().usableWidth();
            return List.of(Scrap.rectangle(scrapName(), usable, new Length(stock)));
        }
        Optional<Scrap> one = fabric.flatMap(Fabric::outline)
                .map(outline -> new Scrap(scrapName(), outline.corners(), outline.spots()))
                .or(() -> size.map(across -> Scrap.rectangle(scrapName(), across, width.orElse(across))));
        return Stream.generate(() -> one)
                .limit(Math.min(stock, MOST_ALIKE))
                .flatMap(Optional::stream)
                .toList();
    }

    private String scrapName() {
        return PlainText.shortened(name, Scrap.LONGEST_NAME);
    }
}
