package app.dapt.shelf;

import app.dapt.measure.Length;
import app.dapt.shelf.Thing.Kind;
import java.util.Optional;

/**
 * Something that is wanted of the shelf or of a shop.
 *
 * @param size   how long a zip, how thick a cord, how wide a button
 * @param width  how wide a cloth has to be
 * @param amount how much of it, in what its kind is counted in
 */
public record Ware(Kind kind, Optional<Length> size, Optional<Length> width, long amount) {

    /** Half a millimetre: 5/32 in and 4 mm are the same cord. */
    private static final Length NEAR = Length.mm(1).half();

    /** @throws IllegalArgumentException where less than nothing is wanted */
    public Ware {
        if (amount < 0) {
            throw new IllegalArgumentException("nobody wants less than nothing of a thing");
        }
    }

    /** One of a kind that has no sizes, or goes by its name. */
    public static Ware of(Kind kind) {
        return new Ware(kind, Optional.empty(), Optional.empty(), 1);
    }

    /** One of a size. */
    public static Ware of(Kind kind, Length size) {
        return new Ware(kind, Optional.of(size), Optional.empty(), 1);
    }

    /** A length of a cloth that is so wide. */
    public static Ware cloth(Length width, Length length) {
        return new Ware(Kind.CLOTH, Optional.empty(), Optional.of(width), length.grains());
    }

    /** The same for so many covers. */
    public Ware times(int count) {
        return amounting(Math.multiplyExact(amount, count));
    }

    /** So much of the same. */
    public Ware amounting(long other) {
        return new Ware(kind, size, width, other);
    }

    /**
     * Whether something of this kind and these sizes serves: of a zip a longer one as well, which is shortened, and a
     * wider cloth; of everything else one as large. A cloth whose width nobody told serves.
     */
    public boolean isServedBy(Kind offered, Optional<Length> offeredSize, Optional<Length> offeredWidth) {
        boolean wide = width.isEmpty() || offeredWidth.isEmpty() || isAsLarge(offeredWidth.get(), width.get());
        return offered == kind
                && wide
                && (size.isEmpty() || offeredSize.filter(this::isOfSize).isPresent());
    }

    private boolean isOfSize(Length offered) {
        Length wanted = size.orElseThrow();
        return isAsLarge(offered, wanted) && (kind == Kind.ZIP || isAsLarge(wanted, offered));
    }

    private static boolean isAsLarge(Length one, Length other) {
        return one.plus(NEAR).atLeast(other);
    }
}
