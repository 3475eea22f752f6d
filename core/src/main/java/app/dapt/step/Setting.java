package app.dapt.step;

import app.dapt.measure.Phrase;
import java.util.Locale;

/** How the machine is set for a step. */
public record Setting(Stitch stitch, Foot foot) {

    /** What is stitched. */
    public enum Stitch {
        SEAM(2.5, 1.5),
        TOPSTITCH(3, 1.2),
        BASTE(4.5, 0.3),
        /** As long as the machine has it. */
        GATHER(5, 0.3),
        ZIGZAG(2, 2),
        BUTTONHOLE(0.4, 5),
        OVERLOCK(2.5, 2.5);

        /** Minutes to take out ten centimetres that were sewn by hand. */
        public static final double BY_HAND = 0.5;

        private final double millimetres;
        private final double unpicking;

        Stitch(double millimetres, double unpicking) {
            this.millimetres = millimetres;
            this.unpicking = unpicking;
        }

        /** Minutes to take ten centimetres of it out again; an estimate. */
        public double unpicking() {
            return unpicking;
        }

        /** How long one stitch is. */
        public double millimetres() {
            return millimetres;
        }

        /** What it is, and how long. */
        public Phrase says() {
            String length = String.format(Locale.ROOT, millimetres % 1 == 0 ? "%.0f" : "%.1f", millimetres);
            return Phrase.of("stitch." + Phrase.code(this), length);
        }
    }

    /** What presses the cloth down. */
    public enum Foot {
        PLAIN,
        ZIPPER,
        INVISIBLE_ZIPPER,
        BUTTONHOLE,
        /** An overlocker has its own. */
        OVERLOCKER;

        /** What it is called. */
        public Phrase says() {
            return Phrase.choice("foot", this);
        }
    }
}
