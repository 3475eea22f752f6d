package app.dapt.web;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.availability.AvailabilityChangeEvent;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads the pages that somebody is about to read, once the door is open, so that Java has compiled what shows them
 * before the first press. It only looks: nothing is changed or kept by it.
 */
@Component
@ConditionalOnProperty("dapt.warm-up")
class WarmUp {

    private static final Duration LONGEST = Duration.ofSeconds(6);
    private static final int COVERS = 4;
    private static final List<String> ASKED =
            List.of("", "?slip=opening", "?slip=edge", "?view=pieces", "?view=filled");
    private static final Pattern COVER = Pattern.compile("href=\"(/covers/\\d+)\"");

    private final ConfigurableApplicationContext context;
    private final AtomicBoolean begun = new AtomicBoolean();

    WarmUp(ConfigurableApplicationContext context) {
        this.context = context;
    }

    /** It is ready for others once the pages were read: until then a front sends them elsewhere. */
    @EventListener
    void opened(AvailabilityChangeEvent<ReadinessState> event) {
        if (event.getState() == ReadinessState.ACCEPTING_TRAFFIC && begun.compareAndSet(false, true)) {
            AvailabilityChangeEvent.publish(context, ReadinessState.REFUSING_TRAFFIC);
            String port = context.getEnvironment().getRequiredProperty("local.server.port");
            Thread reading = new Thread(() -> warm("http://127.0.0.1:" + port), "warm-up");
            reading.setDaemon(true);
            reading.start();
        }
    }

    private void warm(String door) {
        read(door);
        if (context.isActive()) {
            AvailabilityChangeEvent.publish(context, ReadinessState.ACCEPTING_TRAFFIC);
        }
    }

    private static void read(String door) {
        Instant end = Instant.now().plus(LONGEST);
        try {
            HttpClient client = HttpClient.newHttpClient();
            do {
                Matcher covers = COVER.matcher(page(client, door + "/"));
                List<String> paths = covers.results()
                        .map(found -> found.group(1))
                        .distinct()
                        .limit(COVERS)
                        .flatMap(path -> ASKED.stream().map(path::concat))
                        .toList();
                for (String path :
                        Stream.concat(paths.stream(), Stream.of("/have")).toList()) {
                    page(client, door + path);
                }
            } while (Instant.now().isBefore(end));
        } catch (IOException e) {
            // Somebody is closing already; whoever reads next is the one to warm it.
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static String page(HttpClient client, String address) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Accept", "text/html")
                .timeout(LONGEST)
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }
}
