package app.dapt.cloth;

/** Chance that can be had again: the same seed throws the same dice (xorshift, Marsaglia 2003). */
final class Dice {

    private long state;

    Dice(long seed) {
        state = seed * 0x9E3779B97F4A7C15L + 0x2545F4914F6CDD1DL;
        if (state == 0) {
            state = 1;
        }
    }

    private long next() {
        state ^= state << 13;
        state ^= state >>> 7;
        state ^= state << 17;
        return state;
    }

    /** From nought up to but not including this. */
    int below(int bound) {
        return (int) Math.floorMod(next() >>> 16, (long) bound);
    }

    /** From nought to one. */
    double share() {
        return (next() >>> 11) * 0x1.0p-53;
    }

    double between(double least, double most) {
        return least + share() * (most - least);
    }
}
