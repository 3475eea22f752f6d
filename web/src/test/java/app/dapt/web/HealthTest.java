package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** What somebody who keeps it running asks, on a port of its own: is it alive, warm, and how is it doing. */
@WithSite
class HealthTest {

    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private static HttpResponse<String> get(String address, String... headers) {
        try {
            HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(address));
            return CLIENT.send((headers.length > 0 ? asked.headers(headers) : asked).build(), BodyHandlers.ofString());
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    @Test
    void itIsReadyOnceItIsWarmAndTellsHowItIs(Site site) throws IOException {
        int port = free();
        String health = "http://127.0.0.1:" + port;
        String database =
                Site.freshDatabase("test_health_" + ProcessHandle.current().pid());
        try (ConfigurableApplicationContext application =
                Site.start(database, Site.env("DAPT_DB_PORT"), "--dapt.warm-up=true", "--DAPT_HEALTH_PORT=" + port)) {
            assertThat(get(health + "/health/liveness").statusCode()).isEqualTo(200);
            assertThat(get(health + "/health/readiness").statusCode())
                    .as("cold")
                    .isEqualTo(503);
            await().atMost(Duration.ofSeconds(20))
                    .until(() -> get(health + "/health/readiness").statusCode() == 200);
            assertThat(get(health + "/prometheus").body())
                    .contains("http_server_requests_seconds_count")
                    .contains("hikaricp_connections_active");
            String own = Site.address(application);
            assertThat(get(own + "/health").statusCode())
                    .as("not where pages are")
                    .isEqualTo(404);
            assertThat(get(own + "/", "X-Request-Id", "given-by-a-front")
                            .headers()
                            .firstValue("X-Request-Id"))
                    .contains("given-by-a-front");
            assertThat(get(own + "/", "X-Request-Id", "no good").headers().firstValue("X-Request-Id"))
                    .hasValueSatisfying(number -> assertThat(number).hasSize(36));
        } finally {
            site.command("drop database if exists " + database + " with (force)");
        }
    }
}
