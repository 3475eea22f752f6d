package app.dapt.web.cloth;

import app.dapt.layout.search.LayoutSearch;
import app.dapt.layout.search.Placements;
import app.dapt.layout.search.Task;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;

/**
 * A search for one layout that goes on in the background, slice by slice. Its best so far can be had at any time;
 * nobody asking for it any more, it rests, and it goes on when somebody asks again.
 */
final class Search {

    private static final long SEED = 1;

    private final Task task;
    private final Object beginning = new Object();
    /** Nothing until it is begun: the first layout of many pieces takes a moment. */
    private volatile LayoutSearch search;
    /** Nanoseconds it may take in all, and has taken. */
    private volatile long allowed;

    private final AtomicLong taken = new AtomicLong();
    private volatile long lastAsked;
    /** Whether somebody has said themselves how long it may go on. */
    private volatile boolean told;

    private boolean queued;

    Search(Task task) {
        this.task = task;
    }

    /** Whether there is a layout yet. */
    boolean isBegun() {
        return search != null;
    }

    /** Lays it out plainly, where nobody did yet: whoever wants this one waits for it, and nobody else does. */
    void begin() {
        synchronized (beginning) {
            if (search == null) {
                search = new LayoutSearch(task, SEED);
            }
        }
    }

    /** The best so far, once it is begun. */
    Placements best() {
        return search.best();
    }

    /** A length that no layout can do without, once it is begun. */
    int least() {
        return search.least();
    }

    /** Whether it will find nothing better in the time it has. */
    boolean isDone() {
        return isBegun() && (taken.get() >= allowed || search.isDone());
    }

    /** How much of its time is over, in percent; never all of it. */
    int percent() {
        return (int) Math.min(99, 100 * taken.get() / Math.max(1, allowed));
    }

    /** How long it has searched, in milliseconds. */
    int taken() {
        return (int) TimeUnit.NANOSECONDS.toMillis(taken.get());
    }

    /** Whether it has hardly begun. */
    boolean isFresh() {
        return taken.get() == 0;
    }

    /** Waits until it is done, or for so many milliseconds. */
    void await(long milliseconds) {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(milliseconds);
        while (!isDone() && System.nanoTime() < end) {
            LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(2));
        }
    }

    /** What a page would show of it: changes whenever that does. */
    long state() {
        return !isBegun() ? 0 : 1 + 2L * System.identityHashCode(search.best()) + (isDone() ? 1 : 0);
    }

    /** Somebody waits for it, and would wait so long in all. */
    void ask(long now, long nanoseconds) {
        lastAsked = now;
        if (!told) {
            allowed = Math.max(allowed, nanoseconds);
        }
    }

    /** Somebody wants it to go on for longer, or to be content. */
    void allow(long nanoseconds) {
        told = true;
        allowed = taken.get() + nanoseconds;
    }

    boolean isWaitedFor(long now, long patience) {
        return now - lastAsked < patience;
    }

    /** Goes on for so long at the most; only ever one thread at a time. */
    void goOn(long nanoseconds) {
        begin();
        long start = System.nanoTime();
        long end = start + Math.min(nanoseconds, allowed - taken.get());
        search.improve(() -> System.nanoTime() >= end);
        taken.addAndGet(System.nanoTime() - start);
    }

    /** Marks it as waiting for its turn. */
    synchronized boolean queue() {
        boolean was = queued;
        queued = true;
        return !was;
    }

    synchronized void unqueue() {
        queued = false;
    }
}
