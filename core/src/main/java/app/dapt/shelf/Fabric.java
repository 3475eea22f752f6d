package app.dapt.shelf;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Scrap;
import app.dapt.cloth.Shrinkage;
import java.util.Optional;

/**
 * What is told of a cloth on the shelf, or of a remnant of it, besides what everything there has.
 *
 * @param like    its print, how it behaves, what its first wash takes; its name, colour, width and price are the
 *                thing's own
 * @param washed  whether that wash is over
 * @param outline of a remnant that is no rectangle, or has places to cut round
 */
public record Fabric(Cloth like, boolean washed, Optional<Scrap> outline) {

    /** A cloth of a cover as it lies on the shelf: a picture of it belongs to the cover. */
    public static Fabric of(Cloth cloth, boolean washed) {
        return new Fabric(cloth.withId(0).withPhoto(Optional.empty()), washed, Optional.empty());
    }

    /** It as it will be cut: what is washed shrinks no more. */
    Cloth unshrunk() {
        return washed ? like.used(like.sideways(), like.ownRepeat(), Shrinkage.NONE) : like;
    }
}
