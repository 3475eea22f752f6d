package app.dapt.step;

import app.dapt.measure.Phrase;
import java.util.Locale;

/** How the machine is set for a step. */
public record Setting(Stitch stitch, Foot foot) {

    /** What is stitched. */
    public enum Stitch {
        SEAM(2.5),
        TOPSTITCH(3),
        BASTE(4.5),
        /** As long as the machine has it. */
        GATHER(5),
        ZIGZAG(2),
        BUTTONHOLE(0.4),
        OVERLOCK(2.5);

        private final double millimetres;

        Stitch(double millimetres) {
            this.millimetres = millimetres;
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
