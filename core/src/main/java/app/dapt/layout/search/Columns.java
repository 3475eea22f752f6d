package app.dapt.layout.search;

import java.util.Arrays;

/**
 * A cloth seen as narrow columns, each with the spans of its length that are taken, in their order and apart from each
 * other.
 */
final class Columns {

    private final int most;
    private final int[] count;
    /** Where each span begins and ends, so many of each column. */
    private final int[] begins;

    private final int[] ends;

    /** @param most spans that any column may come to have */
    Columns(int columns, int most) {
        this.most = most;
        this.count = new int[columns];
        this.begins = new int[columns * most];
        this.ends = new int[columns * most];
    }

    /** Becomes the same as another of the same size. */
    void copy(Columns other) {
        for (int column = 0; column < count.length; column++) {
            count[column] = other.count[column];
            System.arraycopy(other.begins, column * most, begins, column * most, count[column]);
            System.arraycopy(other.ends, column * most, ends, column * most, count[column]);
        }
    }

    /** The first place at or after this where so much of a column is free. */
    int free(int column, int from, int length) {
        int start = from;
        int last = column * most + count[column];
        for (int span = column * most; span < last && begins[span] < start + length; span++) {
            start = Math.max(start, ends[span]);
        }
        return start;
    }

    /** Takes a span of a column; spans that touch become one. */
    void take(int column, int from, int to) {
        int first = column * most;
        int last = first + count[column];
        int span = first;
        while (span < last && ends[span] < from) {
            span++;
        }
        int after = span;
        int begin = from;
        int end = to;
        while (after < last && begins[after] <= to) {
            begin = Math.min(begin, begins[after]);
            end = Math.max(end, ends[after]);
            after++;
        }
        System.arraycopy(begins, after, begins, span + 1, last - after);
        System.arraycopy(ends, after, ends, span + 1, last - after);
        begins[span] = begin;
        ends[span] = end;
        count[column] += span + 1 - after;
    }

    /** Takes nothing of any column any more. */
    void clear() {
        Arrays.fill(count, 0);
    }
}
