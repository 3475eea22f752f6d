package app.dapt.layout.search;

import java.util.Arrays;

/** How every beginning of a round came about: what was laid last, where, and the trace of what was laid before. */
final class BeamTraces {

    /** The trace of a bare cloth. */
    static final int NONE = -1;

    private static final int FIELDS = 4;

    private int[] fields = new int[1024];
    private int count;

    void clear() {
        count = 0;
    }

    int add(int before, int way, int x, int y) {
        int at = FIELDS * count;
        if (at + FIELDS > fields.length) {
            fields = Arrays.copyOf(fields, 2 * fields.length);
        }
        fields[at] = before;
        fields[at + 1] = way;
        fields[at + 2] = x;
        fields[at + 3] = y;
        return count++;
    }

    int before(int trace) {
        return fields[FIELDS * trace];
    }

    int way(int trace) {
        return fields[FIELDS * trace + 1];
    }

    int x(int trace) {
        return fields[FIELDS * trace + 2];
    }

    int y(int trace) {
        return fields[FIELDS * trace + 3];
    }
}
