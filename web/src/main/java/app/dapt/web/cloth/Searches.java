package app.dapt.web.cloth;

import app.dapt.layout.search.Task;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The searches that are under way or were lately, a bounded number of them. Two threads at the most take turns at those
 * that somebody waits for, a slice each, so that a long one keeps no short one waiting.
 */
@Component
class Searches implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Searches.class);

    static final int MOST = 96;
    private static final int MOST_WATCHES = 256;
    private static final long SLICE = TimeUnit.MILLISECONDS.toNanos(120);
    /** A page asks more than once a second; one that has not asked for so long is gone. */
    private static final Duration PATIENCE = Duration.ofSeconds(8);

    private final long patience;
    private final double share;
    private final int threads = Math.max(1, Math.min(2, Runtime.getRuntime().availableProcessors() - 1));
    private final ThreadPoolExecutor workers = new ThreadPoolExecutor(
            threads, threads, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(2 * MOST), runnable -> {
                Thread thread = new Thread(runnable, "laying-out");
                thread.setDaemon(true);
                thread.setPriority(Thread.MIN_PRIORITY);
                return thread;
            });

    private final Map<Task, Search> searches = new LinkedHashMap<>(16, .75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Task, Search> eldest) {
            return size() > MOST;
        }
    };

    private final Map<String, Watch> watches = new LinkedHashMap<>(16, .75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Watch> eldest) {
            return size() > MOST_WATCHES;
        }
    };

    private final Map<Object, CompletableFuture<Object>> answers = new LinkedHashMap<>(16, .75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Object, CompletableFuture<Object>> eldest) {
            return size() > MOST;
        }
    };

    /** @param share of the time searches are asked for that they take: less on a machine that has other work */
    @Autowired
    Searches(@Value("${dapt.search.share:1}") double share) {
        this(PATIENCE, share);
    }

    /** @param patience how long a search goes on after it was asked for last */
    Searches(Duration patience, double share) {
        this.patience = patience.toNanos();
        this.share = share;
    }

    /** The search for this task, begun if need be; it goes on until it took so many seconds of its own. */
    Search of(Task task, double seconds) {
        Search search;
        synchronized (searches) {
            search = searches.computeIfAbsent(task, Search::new);
        }
        search.ask(System.nanoTime(), (long) (seconds * share * 1e9));
        goOn(search);
        return search;
    }

    /** Lets a search go on; where too many wait already it has its turn when it is asked for again. */
    void goOn(Search search) {
        if (!search.isDone() && search.queue()) {
            try {
                workers.execute(() -> slice(search));
            } catch (RejectedExecutionException full) {
                search.unqueue();
            }
        }
    }

    /**
     * Something that takes a moment, worked out once in the background; nothing until it is there.
     *
     * @param broken the answer where working it out breaks off
     */
    <T> Optional<T> once(Object question, Supplier<T> answer, T broken) {
        CompletableFuture<Object> asked;
        synchronized (answers) {
            try {
                asked = answers.computeIfAbsent(
                        question, key -> CompletableFuture.<Object>supplyAsync(answer::get, workers)
                                .exceptionally(e -> {
                                    LOG.error("An answer broke off", e);
                                    return broken;
                                }));
            } catch (RejectedExecutionException full) {
                return Optional.empty();
            }
        }
        @SuppressWarnings("unchecked")
        T known = (T) asked.getNow(null);
        return Optional.ofNullable(known);
    }

    /** Whether a question has its answer. */
    boolean isAnswered(Object question) {
        synchronized (answers) {
            CompletableFuture<Object> asked = answers.get(question);
            return asked != null && asked.isDone();
        }
    }

    /** Keeps a watch; what it is asked for by. */
    String keep(Watch watch) {
        String name = UUID.randomUUID().toString();
        synchronized (watches) {
            watches.put(name, watch);
        }
        return name;
    }

    /** A watch, whose searches somebody still waits for; nothing where it was forgotten. */
    Optional<Watch> watch(String name) {
        Optional<Watch> watch;
        synchronized (watches) {
            watch = Optional.ofNullable(watches.get(name));
        }
        watch.ifPresent(kept -> kept.searches().forEach(search -> {
            search.ask(System.nanoTime(), 0);
            goOn(search);
        }));
        return watch;
    }

    private void slice(Search search) {
        try {
            if (!search.isDone() && search.isWaitedFor(System.nanoTime(), patience)) {
                search.goOn(SLICE);
            }
        } catch (RuntimeException e) {
            LOG.error("A search broke off", e);
            search.allow(0);
        } finally {
            search.unqueue();
        }
        if (search.isWaitedFor(System.nanoTime(), patience)) {
            goOn(search);
        }
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
