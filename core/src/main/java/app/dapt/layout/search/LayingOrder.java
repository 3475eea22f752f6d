package app.dapt.layout.search;

/**
 * The order in which pieces are laid, and what goes along with each wherever it is moved to.
 *
 * @param kinds  which item each is
 * @param turned which way round it lies first
 * @param marked one thing more that is known of each
 */
record LayingOrder(int[] kinds, boolean[] turned, boolean[] marked) {

    static LayingOrder of(int[] kinds) {
        return new LayingOrder(kinds, new boolean[kinds.length], new boolean[kinds.length]);
    }

    int size() {
        return kinds.length;
    }

    void swap(int a, int b) {
        int kind = kinds[a];
        kinds[a] = kinds[b];
        kinds[b] = kind;
        swap(turned, a, b);
        swap(marked, a, b);
    }

    private static void swap(boolean[] of, int a, int b) {
        boolean was = of[a];
        of[a] = of[b];
        of[b] = was;
    }

    /** Moves one to another place; those between move up. */
    void move(int from, int to) {
        int step = from < to ? 1 : -1;
        for (int i = from; i != to; i += step) {
            swap(i, i + step);
        }
    }

    /** Makes this order like another of as many pieces. */
    void become(LayingOrder other) {
        System.arraycopy(other.kinds, 0, kinds, 0, kinds.length);
        System.arraycopy(other.turned, 0, turned, 0, turned.length);
        System.arraycopy(other.marked, 0, marked, 0, marked.length);
    }
}
