package app.dapt.step;

import app.dapt.measure.Phrase;

/** What can hurt somebody; said once, where it first applies. */
public enum Caution {
    BLADE,
    HOT_KNIFE,
    PINS,
    IRON,
    NEEDLE,
    METAL_ZIP,
    SMALL_PARTS,
    FIRE;

    /** How it is said. */
    public Phrase says() {
        return Phrase.choice("caution", this);
    }
}
