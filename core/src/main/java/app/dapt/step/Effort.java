package app.dapt.step;

import app.dapt.measure.Length;

/**
 * What kind of work a step is, as far as its time is concerned. The minutes are starting estimates, hands on, for
 * somebody who has sewn a few covers; who has measured her own goes by those.
 */
public enum Effort {
    /** A metre of seam, pins in and out included. */
    SEW(3),
    /** A metre. */
    BASTE(2),
    /** A metre. */
    PRESS_HEM(3),
    /** A metre. */
    STITCH_HEM(2),
    /** A metre of what is gathered. */
    GATHER(6),
    /** A metre that is pressed flat. */
    PRESS(1),
    /** One piece with straight edges. */
    CUT_STRAIGHT(3),
    /** One piece with curved ones. */
    CUT_CURVED(6),
    /** One corner, or one notch. */
    CLIP(0.5),
    BUTTONHOLE(6),
    BUTTON(5),
    ZIP(12),
    INVISIBLE_ZIP(18),
    TRY_ON(5),
    /** Laying pieces on each other, marking one, checking one. */
    LAY(3),
    /** Into the machine and out again; drying goes by itself. */
    WASH(10);

    private static final double MILLIMETRES = 1000;

    private final double minutes;

    Effort(double minutes) {
        this.minutes = minutes;
    }

    /** Whether cloth is cut. */
    public boolean isCutting() {
        return this == CUT_STRAIGHT || this == CUT_CURVED;
    }

    /** Minutes for so many. */
    public double times(double count) {
        return minutes * count;
    }

    /** Minutes for so long a stretch. */
    public double along(Length length) {
        return minutes * Math.max(0, length.toMm()) / MILLIMETRES;
    }
}
