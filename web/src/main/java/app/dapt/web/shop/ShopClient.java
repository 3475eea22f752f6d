package app.dapt.web.shop;

import app.dapt.files.BadPlanFile;
import app.dapt.files.shop.PriceTable;
import app.dapt.files.shop.PriceTable.Habits;
import app.dapt.shelf.Price;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;

/**
 * Asks a shop that answers over HTTP for its prices. Nobody waits for it longer than a page may take: what comes later
 * is kept when it comes, and until then what it said last.
 */
public class ShopClient {

    private static final Logger LOG = LoggerFactory.getLogger(ShopClient.class);
    private static final Duration CONNECT = Duration.ofMillis(500);
    private static final int LONGEST_S = 5;
    private static final int MOST_BYTES = 1 << 20;

    /** What came of asking. */
    public enum Answer {
        KEPT,
        /** Not yet: it is kept when it comes. */
        LATE,
        /** What came is no table of prices. */
        NONSENSE,
        /** Nothing came. */
        NONE
    }

    /** Who keeps what a shop answers. */
    interface Keeper {

        /** All that it sells now. */
        void answered(String shop, List<Price> all, Instant at);

        void unanswered(String shop, Instant at);
    }

    private final String name;
    private final URI address;
    private final Keeper keeper;
    private final Clock clock;
    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(CONNECT).build();
    private CompletableFuture<Answer> underWay = CompletableFuture.completedFuture(Answer.NONE);

    ShopClient(String name, URI address, Keeper keeper, Clock clock) {
        this.name = name;
        this.address = address;
        this.keeper = keeper;
        this.clock = clock;
    }

    public String name() {
        return name;
    }

    /**
     * Asks, or waits with whoever asks already.
     *
     * @param patience how long to wait for the answer at most
     */
    public Answer ask(Habits habits, Duration patience) {
        try {
            return asking(habits).get(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            return Answer.LATE;
        } catch (ExecutionException e) {
            return Answer.NONE;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return Answer.LATE;
        }
    }

    private synchronized CompletableFuture<Answer> asking(Habits habits) {
        if (underWay.isDone()) {
            underWay = send(habits);
        }
        return underWay;
    }

    private CompletableFuture<Answer> send(Habits habits) {
        HttpRequest request = HttpRequest.newBuilder(address)
                .timeout(Duration.ofSeconds(LONGEST_S))
                .header("Accept", "text/csv")
                .build();
        CompletableFuture<HttpResponse<byte[]>> sent = client.sendAsync(request, info -> new BoundedBody(MOST_BYTES));
        return sent.copy().orTimeout(LONGEST_S, TimeUnit.SECONDS).handleAsync((response, trouble) -> {
            // A body that never ends is not waited for.
            sent.cancel(true);
            return trouble == null ? kept(response, habits) : noted(trouble);
        });
    }

    private Answer kept(HttpResponse<byte[]> response, Habits habits) {
        Instant now = clock.instant();
        try {
            if (response.statusCode() != 200) {
                throw new IOException("answered with " + response.statusCode());
            }
            PriceTable.Rows rows = PriceTable.read(response.body(), habits);
            keeper.answered(
                    name,
                    rows.prices().stream()
                            .filter(price -> price.shop().equals(name))
                            .toList(),
                    now);
            return Answer.KEPT;
        } catch (BadPlanFile nonsense) {
            LOG.info("{} answered with what is no table of prices: {}", name, nonsense.problem());
            unanswered(now);
            return Answer.NONSENSE;
        } catch (IOException | DataAccessException e) {
            return noted(e);
        }
    }

    private Answer noted(Throwable trouble) {
        LOG.info("{} did not answer: {}", name, trouble.toString());
        unanswered(clock.instant());
        return Answer.NONE;
    }

    private void unanswered(Instant at) {
        try {
            keeper.unanswered(name, at);
        } catch (DataAccessException away) {
            LOG.info("The store is away: {}", away.getMessage());
        }
    }
}
