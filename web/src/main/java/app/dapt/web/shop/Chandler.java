package app.dapt.web.shop;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntFunction;

/**
 * A stand-in for a shop: the Wren's chandler, who answers over HTTP with a table of what he sells, and like other shops
 * has run out of this and that, takes his time or does not answer at all. Answers on loopback alone.
 */
public final class Chandler implements AutoCloseable {

    static final String NAME = "Aldous, chandler";
    private static final int AT_A_TIME = 8;
    private static final int SLOW_MS = 1_500;
    private static final int SILENT_S = 20;

    /** How he answers. */
    enum Mood {
        PROMPT,
        SLOW,
        SILENT,
        NONSENSE
    }

    /** Kind, name, size, width, price, what it is for, how much of it there is on a good day. */
    private static final List<String> GOODS = List.of(
            "fabric,Harbour stripe,,54 in,9.80,yd,24",
            "fabric,Plum velvet,,56 in,18.90,yd,7",
            "fabric,Bracken linen,,54 in,12.50,yd,15",
            "fabric,Fernbank check,,45 in,8.60,yd,11",
            "fabric,Madder twill,,56 in,11.00,yd,9",
            "fabric,Awning canvas,,60 in,16.40,yd,30",
            "zipper,Nylon coil,12 in,,2.60,one,14",
            "zipper,Nylon coil,14 in,,2.70,one,9",
            "zipper,Nylon coil,16 in,,2.80,one,17",
            "zipper,Nylon coil,18 in,,2.95,one,12",
            "zipper,Nylon coil,20 in,,3.10,one,8",
            "zipper,Nylon coil,22 in,,3.25,one,5",
            "zipper,Nylon coil,24 in,,3.40,one,6",
            "zipper,Nylon coil,30 in,,4.10,one,3",
            "zipper,Brass,20 in,,5.80,one,2",
            "cord,Cotton cord,5/32 in,,0.80,yd,60",
            "cord,Cotton cord,3/16 in,,0.90,yd,60",
            "cord,Cotton cord,1/4 in,,1.10,yd,40",
            "trim,Fringe,,,3.20,yd,12",
            "trim,Pom-poms,,,2.40,yd,10",
            "trim,Ribbon,,,1.20,yd,50",
            "trim,Lace,,,2.10,yd,20",
            "button,Horn,7/8 in,,0.70,one,40",
            "button,Brass anchor,3/4 in,,1.10,one,12",
            "button,Horn,1 in,,0.85,one,30",
            "thread,All-purpose 100 m,,,2.90,one,90",
            "filling,Feather,,,2.20,100 g,9000");

    private final HttpServer server;
    private final ExecutorService hands;
    private final AtomicInteger asked = new AtomicInteger();
    private final IntFunction<Mood> moods;

    /**
     * Opens the shop on a free port.
     *
     * @param moods how he answers whoever asks him for the so-many-eth time, from nought
     */
    Chandler(IntFunction<Mood> moods) throws IOException {
        this.moods = moods;
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        hands = Executors.newFixedThreadPool(AT_A_TIME, task -> {
            Thread thread = new Thread(task, "chandler");
            thread.setDaemon(true);
            return thread;
        });
        server.setExecutor(hands);
        server.createContext("/prices.csv", this::answer);
        server.start();
    }

    /** Now and then slow, more seldom silent. */
    static Mood mood(int asked) {
        return asked % 9 == 8 ? Mood.SILENT : asked % 4 == 3 ? Mood.SLOW : Mood.PROMPT;
    }

    /** Where he is asked. */
    URI address() {
        return URI.create("http://127.0.0.1:" + server.getAddress().getPort() + "/prices.csv");
    }

    private void answer(HttpExchange exchange) throws IOException {
        int count = asked.getAndIncrement();
        Mood mood = moods.apply(count);
        try (exchange) {
            if (mood == Mood.SILENT || mood == Mood.SLOW) {
                TimeUnit.MILLISECONDS.sleep(mood == Mood.SLOW ? SLOW_MS : SILENT_S * 1_000);
            }
            if (mood == Mood.SILENT) {
                return;
            }
            byte[] body = (mood == Mood.NONSENSE ? "<h1>Back in five minutes</h1>" : table(count))
                    .getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().set("Content-Type", "text/csv; charset=utf-8");
            exchange.sendResponseHeaders(200, body.length);
            try (OutputStream out = exchange.getResponseBody()) {
                out.write(body);
            }
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    /** What he sells; every time something else has run out. */
    private static String table(int count) {
        StringBuilder table = new StringBuilder("shop,kind,name,size,width,price,per,stock\n");
        for (int i = 0; i < GOODS.size(); i++) {
            String good = GOODS.get(i);
            int stock = good.lastIndexOf(',') + 1;
            boolean out = (i + count) % 9 == 4;
            table.append('"')
                    .append(NAME)
                    .append("\",")
                    .append(good, 0, stock)
                    .append(out ? "0" : good.substring(stock));
            table.append('\n');
        }
        return table.toString();
    }

    @Override
    public void close() {
        server.stop(0);
        hands.shutdownNow();
    }
}
