package app.dapt.cloth;

import app.dapt.piece.Piece;

/**
 * A piece that is to be cut from a cloth.
 *
 * @param key    stable within what is laid together: the cover's number and the piece's id
 * @param cover  the name of the cover it is for
 * @param piece  what it is; its own quantity is counted in {@code copies}
 * @param copies how many of it
 */
public record Wanted(String key, String cover, Piece piece, int copies) {

    /** The key of one of them, counted from one. */
    public String copy(int number) {
        return key + "." + number;
    }
}
