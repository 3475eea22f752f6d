package app.dapt.cloth;

import app.dapt.measure.Length;
import app.dapt.measure.PlainText;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A cloth off the bolt.
 *
 * @param id     which of a plan's cloths it is, for good: whatever else about it changes; nought until it belongs to a
 *               plan
 * @param name   what the sewist calls it, up to 60 characters
 * @param colour its ground, as {@code #rrggbb}
 * @param print  what is on it
 * @param width  selvage to selvage
 * @param nap    whether pile or shading gives a print without an up one all the same
 * @param price  in hundredths of whatever money, for a yard or a metre; nought where it is not known
 * @param sideways whether the cover's up lies across the cloth, towards its left selvage, rather than along it
 * @param ownRepeat the distances at which its print comes again, where they are not the print's usual ones
 * @param shrinkage what its first wash takes
 * @param photo  a picture of it, where there is one, drawn in place of the print
 * @param synthetic whether heat melts it, so that its edges can be sealed
 * @param character how it behaves
 */
public record Cloth(
        int id,
        String name,
        String colour,
        Print print,
        Length width,
        boolean nap,
        int price,
        boolean sideways,
        Optional<Repeat> ownRepeat,
        Shrinkage shrinkage,
        Optional<Photo> photo,
        boolean synthetic,
        ClothCharacter character) {

    public static final int LONGEST_NAME = 60;

    /** What the two selvages take off the width together. */
    public static final Length SELVAGES = Length.inches(1);

    private static final Pattern COLOUR = Pattern.compile("#[0-9a-f]{6}");
    private static final List<Length> SOLD_INCHES =
            List.of(Length.inches(42), Length.inches(45), Length.inches(54), Length.inches(57), Length.inches(60));
    private static final List<Length> SOLD_CM = List.of(Length.cm(110), Length.cm(137), Length.cm(140), Length.cm(150));

    /** No cloth costs more. */
    public static final int DEAREST = 10_000_000;

    /** @throws IllegalArgumentException where price, colour, name, id or width is none a cloth can have */
    public Cloth {
        if (price < 0 || price > DEAREST) {
            throw new IllegalArgumentException("a price is from nothing to a hundred thousand");
        }
        if (!COLOUR.matcher(colour).matches()) {
            throw new IllegalArgumentException("not a colour: " + colour);
        }
        if (!PlainText.isLine(name) || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a cloth has a name of 1 to 60 characters");
        }
        if (id < 0) {
            throw new IllegalArgumentException("a cloth's id is not negative");
        }
        if (!SELVAGES.under(width)) {
            throw new IllegalArgumentException("a cloth is wider than its selvages");
        }
    }

    /** A cloth that is used along its length, does not shrink, and has the usual repeat. */
    public Cloth(String name, String colour, Print print, Length width, boolean nap, int price) {
        this(
                0,
                name,
                colour,
                print,
                width,
                nap,
                price,
                false,
                Optional.empty(),
                Shrinkage.NONE,
                Optional.empty(),
                false,
                ClothCharacter.NOT_SAID);
    }

    /** The same at a price that is not known. */
    public Cloth(String name, String colour, Print print, Length width, boolean nap) {
        this(name, colour, print, width, nap, 0);
    }

    public Cloth withId(int changed) {
        return new Cloth(
                changed, name, colour, print, width, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    /** Whether two cloths are alike in everything, whichever plans they belong to. */
    public boolean isLike(Cloth other) {
        return withId(0).equals(other.withId(0));
    }

    public Cloth withWidth(Length changed) {
        return new Cloth(
                id, name, colour, print, changed, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withPrint(Print changed) {
        return new Cloth(
                id, name, colour, changed, width, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withPrice(int changed) {
        return new Cloth(
                id, name, colour, print, width, nap, changed, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withName(String changed) {
        return new Cloth(
                id, changed, colour, print, width, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withNap(boolean changed) {
        return new Cloth(
                id, name, colour, print, width, changed, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withColour(String changed) {
        return new Cloth(
                id, name, changed, print, width, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic,
                character);
    }

    public Cloth withPhoto(Optional<Photo> changed) {
        return new Cloth(
                id, name, colour, print, width, nap, price, sideways, ownRepeat, shrinkage, changed, synthetic,
                character);
    }

    public Cloth withSynthetic(boolean melts) {
        return new Cloth(
                id, name, colour, print, width, nap, price, sideways, ownRepeat, shrinkage, photo, melts, character);
    }

    public Cloth withCharacter(ClothCharacter changed) {
        return new Cloth(
                id, name, colour, print, width, nap, price, sideways, ownRepeat, shrinkage, photo, synthetic, changed);
    }

    /** The same cloth used along its length or across it, with another repeat and shrinkage. */
    public Cloth used(boolean acrossTheCover, Optional<Repeat> repeat, Shrinkage washed) {
        return new Cloth(
                id,
                name,
                colour,
                print,
                width,
                nap,
                price,
                acrossTheCover,
                repeat,
                washed,
                photo,
                synthetic,
                character);
    }

    /**
     * The distances at which the print comes again, washed: as given, or as pictured, or as usual; nothing on a plain
     * cloth.
     */
    public Optional<Repeat> repeat() {
        return ownRepeat
                .or(() -> photo.map(shown -> new Repeat(shown.wide(), shown.high())))
                .or(print::usualRepeat)
                .map(repeat ->
                        new Repeat(shrinkage.washedWidth(repeat.across()), shrinkage.washedLength(repeat.along())));
    }

    /** How much of the width a piece takes, upright. */
    public Length across(Piece piece) {
        return sideways ? piece.cutHeight() : piece.cutWidth();
    }

    /** How much of the length it takes, upright. */
    public Length along(Piece piece) {
        return sideways ? piece.cutWidth() : piece.cutHeight();
    }

    /** How much of the width a piece takes at the least. */
    public Length leastAcross(Piece piece) {
        return turns() ? Length.min(piece.cutWidth(), piece.cutHeight()) : across(piece);
    }

    /** What to pay for a length, in hundredths; nothing where the price is not known. */
    public Optional<Long> cost(Length length, Unit unit) {
        Length priced = unit.pick(Length.cm(100), Length.inches(36));
        return price == 0 ? Optional.empty() : Optional.of(Math.round(length.over(priced) * price));
    }

    /** Whether a piece turned upside down can be told. */
    public boolean hasUp() {
        return nap || photo.isPresent() || print.hasUp();
    }

    /** Whether a piece may lie a quarter turn round on it. */
    public boolean turns() {
        return !nap && photo.isEmpty() && print.turns();
    }

    /** What is left of the width between the selvages, washed. */
    public Length usableWidth() {
        return shrinkage.washedWidth(width.minus(SELVAGES));
    }

    /** The widths that shops sell, narrowest first. */
    public static List<Length> widthsSold(Unit unit) {
        return unit.metric() ? SOLD_CM : SOLD_INCHES;
    }

    /** The narrowest width sold that leaves this much to use. */
    public static Optional<Length> soldFor(Length usable, Unit unit) {
        return widthsSold(unit).stream()
                .filter(width -> width.minus(SELVAGES).atLeast(usable))
                .findFirst();
    }
}
