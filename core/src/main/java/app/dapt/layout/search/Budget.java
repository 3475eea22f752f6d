package app.dapt.layout.search;

/** How long a search may go on. */
@FunctionalInterface
public interface Budget {

    /** Whether it has to come to an end, asked between steps. */
    boolean isSpent();

    /** So many askings, so that a search can be had again exactly. */
    static Budget steps(long most) {
        long[] left = {most};
        return () -> left[0]-- <= 0;
    }
}
