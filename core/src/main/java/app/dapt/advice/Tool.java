package app.dapt.advice;

import app.dapt.measure.Phrase;

/** What may be in the drawer. */
public enum Tool {
    MACHINE,
    ZIGZAG,
    BACK_STITCH,
    ZIP_FOOT,
    EVEN_FEED,
    SERGER,
    IRON,
    SHEARS,
    WHEEL,
    MAT,
    RULER,
    PINS,
    CLIPS,
    CHALK,
    HOT_KNIFE,
    HEM_GAUGE,
    POINT,
    TAPE;

    /** What it is called. */
    public Phrase says() {
        return Phrase.choice("tool", this);
    }
}
