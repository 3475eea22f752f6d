package app.dapt.layout.search;

import java.util.Arrays;

/** Beginnings met, by their hashes; nought stands for an empty place. */
final class BeamHashes {
    private long[] places = new long[64];

    void clear(int expected) {
        int size = Integer.highestOneBit(Math.max(32, expected)) * 4;
        if (places.length < size) {
            places = new long[size];
        } else {
            Arrays.fill(places, 0);
        }
    }

    /** Whether it was not there yet. */
    boolean add(long hash) {
        int at = (int) (hash >>> 32) & places.length - 1;
        while (places[at] != 0 && places[at] != hash) {
            at = at + 1 & places.length - 1;
        }
        boolean isNew = places[at] == 0;
        places[at] = hash;
        return isNew;
    }
}
