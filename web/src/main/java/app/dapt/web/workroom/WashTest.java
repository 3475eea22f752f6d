package app.dapt.web.workroom;

import app.dapt.cloth.Shrinkage;
import app.dapt.measure.Length;

/**
 * A piece of cloth measured before a wash and after it.
 *
 * @param cloth what it is called
 */
public record WashTest(
        long id, String cloth, Length beforeAcross, Length afterAcross, Length beforeAlong, Length afterAlong) {

    /** What it lost of its width, in tenths of a percent. */
    public int across() {
        return Shrinkage.tenths(beforeAcross, afterAcross);
    }

    /** What it lost of its length, in tenths of a percent. */
    public int along() {
        return Shrinkage.tenths(beforeAlong, afterAlong);
    }
}
