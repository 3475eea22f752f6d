package app.dapt.web.plan;

import app.dapt.cover.Reckoned;
import app.dapt.cover.filled.FilledCover;
import app.dapt.filling.Casing;
import app.dapt.measure.Axis;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * Fills covers, one after the other, beside whoever asks, and remembers what came out. A cover that has changed
 * meanwhile is no longer filled as it was.
 */
@Component
class Fillings implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(Fillings.class);

    private static final int MOST = 200;
    private static final int MOST_WAITING = 24;
    /** How much fuller and how much less full a form is that is drawn for comparison. */
    private static final double OTHER = 0.1;

    /** What a cover's shape follows from. */
    private record Question(
            double across,
            double upDown,
            double flange,
            int chambers,
            Optional<Contour> outline,
            double formAcross,
            double formUpDown,
            boolean round,
            double fullness,
            int cells) {

        static Question of(Reckoned reckoned, int cells) {
            return new Question(
                    reckoned.finished(Axis.ACROSS).toMm(),
                    reckoned.finished(Axis.UP_DOWN).toMm(),
                    reckoned.plan().border().toMm(),
                    reckoned.plan().shape().forms(),
                    reckoned.outline(),
                    reckoned.form().across().flat().toMm(),
                    reckoned.form().upDown().flat().toMm(),
                    reckoned.plan().form().round(),
                    reckoned.fullness().ratio(),
                    cells);
        }

        /** The same cover empty. */
        Question empty() {
            return new Question(across, upDown, flange, chambers, outline, 0, 0, false, 0, cells);
        }
    }

    /** The page that asked, and for what. */
    private record Asker(long cover, String what) {}

    /**
     * A cover with its form in.
     *
     * @param others with a form less full, and with a fuller one as far as that makes any difference
     */
    public record Solved(FilledCover cover, List<FilledCover> others) {}

    private final Cache<Question, Future<Solved>> known =
            Caffeine.newBuilder().maximumSize(MOST).build();
    /** What could not be worked out, and would not be if it were tried again. */
    private final Cache<Question, Boolean> brokenOff =
            Caffeine.newBuilder().maximumSize(MOST).build();

    private final Cache<Question, Double> greatest =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<Asker, Future<Solved>> last =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final ThreadPoolExecutor workers =
            new ThreadPoolExecutor(1, 1, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(MOST_WAITING), runnable -> {
                Thread thread = new Thread(runnable, "filling");
                thread.setDaemon(true);
                return thread;
            });

    /**
     * A cover filled.
     *
     * @param cover  whose page asks
     * @param what   for which of its drawings; only the last answer for each is waited for
     * @param cells  along half its narrowest width
     * @param wait   how long to wait for it
     * @return nothing where it is not there by then: ask again
     */
    Optional<Solved> of(long cover, String what, Reckoned reckoned, int cells, Duration wait) {
        Question question = Question.of(reckoned, cells);
        Optional<Future<Solved>> asked = begun(new Asker(cover, what + cells), question, reckoned);
        if (asked.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(asked.get().get(wait.toMillis(), TimeUnit.MILLISECONDS));
        } catch (TimeoutException | CancellationException notYet) {
            return Optional.empty();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        } catch (ExecutionException e) {
            known.invalidate(question);
            if (!(e.getCause() instanceof CancellationException)) {
                LOG.error("A filling broke off", e.getCause());
                brokenOff.put(question, true);
            }
            return Optional.empty();
        }
    }

    /** Why there is no use in asking again; nothing where there is. */
    Optional<Phrase> brokeOff(Reckoned reckoned, int cells) {
        return Optional.ofNullable(brokenOff.getIfPresent(Question.of(reckoned, cells)))
                .map(tried -> Phrase.of("filled.broke-off"));
    }

    private synchronized Optional<Future<Solved>> begun(Asker asker, Question question, Reckoned reckoned) {
        Future<Solved> before = last.getIfPresent(asker);
        Future<Solved> there = known.getIfPresent(question);
        if (before != null && before != there && !before.isDone()) {
            before.cancel(true);
        }
        if (there == null || there.isCancelled()) {
            FutureTask<Solved> task = new FutureTask<>(() -> solve(question, reckoned));
            try {
                workers.execute(task);
            } catch (RejectedExecutionException full) {
                return Optional.empty();
            }
            there = task;
            known.put(question, task);
        }
        last.put(asker, there);
        return Optional.of(there);
    }

    private Solved solve(Question question, Reckoned reckoned) {
        FilledCover.Empty empty = FilledCover.empty(reckoned, question.cells()).orElseThrow();
        double most = greatest.get(question.empty(), any -> empty.greatest());
        FilledCover cover = empty.filled(question.fullness(), most);
        // Neither needs the other, and together they take as long as all else.
        List<FilledCover> others = Stream.of(1 - OTHER, 1 + OTHER)
                .parallel()
                .map(factor -> factor * question.fullness())
                .filter(other -> Math.min(other, question.fullness()) < Casing.FULLEST_DRAWN)
                .map(cover::refilled)
                .toList();
        return new Solved(cover, others);
    }

    @Override
    public void destroy() {
        workers.shutdownNow();
    }
}
