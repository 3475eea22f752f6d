package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import app.dapt.web.Site.Desk;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** The store goes away, the application or PostgreSQL is killed: nothing that was acknowledged or typed is lost. */
@WithSite
class ErrorAdviceTest {

    /** Stands between the application and its database, and can be taken away. */
    private static final class Gangway implements AutoCloseable {

        private final int to;
        private final List<Socket> open = new ArrayList<>();
        private ServerSocket door;
        private final int port;

        Gangway(int to) throws IOException {
            this.to = to;
            door = new ServerSocket(0);
            port = door.getLocalPort();
            admit();
        }

        private void admit() {
            ServerSocket here = door;
            thread(() -> {
                while (true) {
                    Socket in = here.accept();
                    Socket out = new Socket("127.0.0.1", to);
                    synchronized (open) {
                        open.addAll(List.of(in, out));
                    }
                    thread(() -> in.getInputStream().transferTo(out.getOutputStream()));
                    thread(() -> out.getInputStream().transferTo(in.getOutputStream()));
                }
            });
        }

        private interface Work {
            void run() throws IOException;
        }

        private static void thread(Work work) {
            Thread thread = new Thread(() -> {
                try {
                    work.run();
                } catch (IOException e) {
                    // Taken away: that is what it is for.
                }
            });
            thread.setDaemon(true);
            thread.start();
        }

        void takeAway() throws IOException {
            door.close();
            synchronized (open) {
                for (Socket socket : open) {
                    socket.close();
                }
                open.clear();
            }
        }

        void putBack() throws IOException {
            door = new ServerSocket(port);
            admit();
        }

        @Override
        public void close() throws IOException {
            takeAway();
        }
    }

    @Test
    void whenTheStoreIsAwayThePageSaysSoKeepsWhatWasTypedAndGoesOn(Site site) throws Exception {
        try (Gangway gangway = new Gangway(Integer.parseInt(Site.env("DAPT_DB_PORT")));
                ConfigurableApplicationContext application = Site.start(
                        Site.freshDatabase("away_" + System.nanoTime()),
                        String.valueOf(gangway.port),
                        "--dapt.demo=true");
                Desk desk = site.desk(Site.address(application) + "/covers/28");
                Desk plain = site.withoutScript(Site.address(application) + "/covers/2?slip=name")) {
            desk.open("opening");
            gangway.takeAway();
            desk.page().locator("#f-overlap").fill("6½");
            desk.page().locator("#f-overlap").dispatchEvent("change");
            desk.page()
                    .waitForFunction(
                            "() => document.getElementById('adrift').innerText.includes('reach your saved work')");
            assertThat(desk.page().locator("#f-overlap").inputValue()).isEqualTo("6½");
            plain.page().locator("#f-name").fill("Named while away");
            plain.page().locator("#slip [name=keep]").click();
            assertThat(plain.page().locator("h1").innerText()).contains("can’t reach your saved work");

            gangway.putBack();
            desk.page()
                    .waitForFunction("() => document.querySelector('p.sentence').innerText.includes('overlapping 6½')");
            plain.page().locator("main button.do").click();
            assertThat(plain.page().locator("h1").innerText()).contains("Named while away");
        }
    }

    @Test
    void killingTheApplicationOrPostgresLosesNoAcknowledgedChange(Site site) throws Exception {
        Path store = Files.createTempDirectory(Path.of("/var/tmp"), "dapt-killed");
        store.toFile().setExecutable(true, false);
        try {
            List<String> database = postgres("start", store);
            int port = freePort();
            Process application = launch(database, port);
            try (Desk desk = site.desk("about:blank");
                    Desk cloth = site.desk("about:blank")) {
                desk.page().navigate("http://127.0.0.1:" + port + "/covers/28?slip=opening");
                desk.set("overlap", "6");
                cloth.page().navigate("http://127.0.0.1:" + port + "/covers/28/cloth");
                cloth.page().locator("#choose-edge-to-edge").click();
                cloth.page().locator("#choose-edge-to-edge[aria-checked=true]").waitFor();
                application.destroyForcibly().waitFor();
                desk.page().locator("#f-overlap").fill("7¼");
                desk.page().locator("#f-overlap").dispatchEvent("change");
                desk.page()
                        .waitForFunction(
                                "() => document.getElementById('adrift').innerText.includes('reach your saved work')");
                application = launch(database, port);
                desk.page()
                        .waitForFunction(
                                "() => document.querySelector('p.sentence').innerText.includes('overlapping 7¼')");

                postgres("kill", store);
                assertThat(postgres("start", store))
                        .as("same place, same password")
                        .isEqualTo(database);
                desk.page().reload();
                assertThat(desk.brief()).contains("overlapping 7¼");
                assertThat(desk.page().locator("#undo button").isEnabled()).isTrue();
                cloth.page().reload();
                assertThat(cloth.page().locator("#choose-edge-to-edge").getAttribute("aria-checked"))
                        .isEqualTo("true");
                assertThat(cloth.page().locator("p.sentence").innerText()).startsWith("Buy");
            } finally {
                application.destroyForcibly().waitFor();
            }
            aBackupPutsBackWhatWasThere(store, database);
        } finally {
            postgres("stop", store);
        }
    }

    /** The store as one file, and what came after it set aside. */
    private static void aBackupPutsBackWhatWasThere(Path store, List<String> database) throws Exception {
        Path file = store.resolveSibling(store.getFileName() + ".dump");
        try {
            postgres("dump", store, file.toString());
            int covers = covers(database, "dapt");
            update(database, "delete from cover where id < 4");
            assertThat(covers(database, "dapt")).isEqualTo(covers - 3);
            String aside = postgres("restore", store, file.toString()).get(0);
            assertThat(covers(database, "dapt")).isEqualTo(covers);
            assertThat(covers(database, aside)).as("nothing is thrown away").isEqualTo(covers - 3);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static int covers(List<String> database, String name) throws SQLException {
        try (Connection connection = connection(database, name);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("select count(*) from cover")) {
            rows.next();
            return rows.getInt(1);
        }
    }

    private static void update(List<String> database, String sql) throws SQLException {
        try (Connection connection = connection(database, "dapt");
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        }
    }

    private static Connection connection(List<String> database, String name) throws SQLException {
        return DriverManager.getConnection(
                "jdbc:postgresql://127.0.0.1:" + database.get(0) + "/" + name, database.get(1), database.get(2));
    }

    private static List<String> postgres(String verb, Path store, String... more)
            throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("../scripts/postgres", verb, store.toString()));
        command.addAll(List.of(more));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        List<String> lines = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8)
                .lines()
                .toList();
        assertThat(process.waitFor()).as("postgres " + verb).isZero();
        return lines;
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Process launch(List<String> database, int port) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                Dapt.class.getName(),
                "--dapt.demo=true",
                "--server.port=" + port);
        builder.environment()
                .putAll(Map.of(
                        "DAPT_DB_PORT",
                        database.get(0),
                        "DAPT_DB_USER",
                        database.get(1),
                        "DAPT_DB_PASSWORD",
                        database.get(2),
                        "DAPT_DB_NAME",
                        "dapt"));
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        await("the application answers")
                .atMost(Duration.ofSeconds(60))
                .failFast("the application ended", () -> !process.isAlive())
                .ignoreExceptionsInstanceOf(IOException.class)
                .until(() -> {
                    new Socket("127.0.0.1", port).close();
                    return true;
                });
        return process;
    }
}
