package app.dapt.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.dapt.files.shop.PriceTable.Habits;
import app.dapt.measure.Mark;
import app.dapt.shelf.Price;
import app.dapt.web.shop.Chandler.Mood;
import app.dapt.web.shop.ShopClient.Answer;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** A shop that is prompt, slow, silent, away, talks nonsense or never stops. */
class ShopClientTest {

    private static final Habits HABITS =
            new Habits(Chandler.NAME, Mark.EIGHTH, false, Currency.getInstance("USD"), LocalDate.of(2027, 2, 11));
    private static final Duration PATIENCE = Duration.ofMillis(200);

    /** What was kept, answer by answer, and how often there was none. */
    private static final class Kept implements ShopClient.Keeper {
        private final List<List<Price>> answers = new CopyOnWriteArrayList<>();
        private final AtomicInteger unanswered = new AtomicInteger();

        @Override
        public void answered(String shop, List<Price> all, Instant at) {
            answers.add(all);
        }

        @Override
        public void unanswered(String shop, Instant at) {
            unanswered.incrementAndGet();
        }
    }

    private final Kept kept = new Kept();

    private ShopClient client(URI address) {
        return new ShopClient(Chandler.NAME, address, kept, Clock.systemUTC());
    }

    @Test
    void whatIsAnsweredIsKeptWhetherAtOnceOrLate() throws IOException {
        try (Chandler chandler = new Chandler(asked -> asked == 0 ? Mood.PROMPT : Mood.SLOW)) {
            ShopClient client = client(chandler.address());
            assertThat(client.ask(HABITS, Duration.ofSeconds(5))).isEqualTo(Answer.KEPT);
            assertThat(kept.answers).hasSize(1);
            assertThat(client.ask(HABITS, PATIENCE)).isEqualTo(Answer.LATE);
            assertThat(client.ask(HABITS, PATIENCE)).as("nobody asks twice").isEqualTo(Answer.LATE);
            await().untilAsserted(() -> assertThat(kept.answers).hasSize(2));
        }
    }

    @Test
    void whatIsNoTableIsNotKept() throws IOException {
        try (Chandler chandler = new Chandler(asked -> Mood.NONSENSE)) {
            assertThat(client(chandler.address()).ask(HABITS, Duration.ofSeconds(5)))
                    .isEqualTo(Answer.NONSENSE);
            assertThat(kept.answers).isEmpty();
            assertThat(kept.unanswered).hasValue(1);
        }
    }

    @Test
    void nobodyWaitsForAShopThatIsSilentOrAway() throws IOException {
        URI gone;
        try (Chandler chandler = new Chandler(asked -> Mood.SILENT)) {
            gone = chandler.address();
            long began = System.nanoTime();
            assertThat(client(gone).ask(HABITS, PATIENCE)).isEqualTo(Answer.LATE);
            assertThat(Duration.ofNanos(System.nanoTime() - began)).isLessThan(Duration.ofSeconds(2));
        }
        assertThat(client(gone).ask(HABITS, Duration.ofSeconds(5))).isEqualTo(Answer.NONE);
        assertThat(kept.unanswered).hasPositiveValue();
    }

    @Test
    void anAnswerWithoutEndIsCutOff() throws IOException {
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            exchange.sendResponseHeaders(200, 0);
            try (OutputStream out = exchange.getResponseBody()) {
                byte[] more = "kind,price\n".repeat(1_000).getBytes(StandardCharsets.US_ASCII);
                while (true) {
                    out.write(more);
                }
            }
        });
        server.start();
        try {
            URI address = URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/");
            assertThat(client(address).ask(HABITS, Duration.ofSeconds(4))).isEqualTo(Answer.NONE);
            assertThat(kept.answers).isEmpty();
        } finally {
            server.stop(0);
        }
    }

    @Test
    void theChandlerSellsWhatAnotherDayHasRunOut() throws IOException {
        try (Chandler chandler = new Chandler(asked -> Mood.PROMPT)) {
            ShopClient client = client(chandler.address());
            client.ask(HABITS, Duration.ofSeconds(5));
            client.ask(HABITS, Duration.ofSeconds(5));
            assertThat(kept.answers.get(0)).hasSizeGreaterThan(20).anyMatch(price -> price.isSoldOut(1));
            assertThat(kept.answers.get(0)).isNotEqualTo(kept.answers.get(1));
        }
    }
}
