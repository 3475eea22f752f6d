package app.dapt.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;

/**
 * The most jobs one person can finish in time, one after the other (Moore, 1968, with Hodgson's algorithm): by their
 * due days, and whenever one comes too late the longest so far is given up.
 */
final class MooreHodgson {

    /**
     * Something to be done.
     *
     * @param number  what it goes by
     * @param minutes how long it takes
     * @param until   how many minutes there are until it is due
     */
    record Task(int number, double minutes, double until) {}

    private static final double ROUNDING = 1e-9;

    private MooreHodgson() {}

    /** Those that are done in time, by their due days; no others are more. */
    static List<Task> inTime(List<Task> tasks) {
        List<Task> sorted = new ArrayList<>(tasks);
        sorted.sort(Comparator.comparingDouble(Task::until));
        PriorityQueue<Task> kept =
                new PriorityQueue<>(Comparator.comparingDouble(Task::minutes).reversed());
        double at = 0;
        for (Task task : sorted) {
            kept.add(task);
            at += task.minutes();
            if (at > task.until() + ROUNDING) {
                at -= kept.remove().minutes();
            }
        }
        return sorted.stream().filter(kept::contains).toList();
    }
}
