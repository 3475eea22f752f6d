package app.dapt.web;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application with the Wren's covers on a fresh database, and a browser to use it with; one for all tests. */
public final class Site implements AutoCloseable {

    private static final AtomicInteger DATABASES = new AtomicInteger();

    private final String database = "test_" + ProcessHandle.current().pid() + "_" + DATABASES.incrementAndGet();
    private final ConfigurableApplicationContext application;
    private final Playwright playwright;
    private final Browser browser;

    /** Hands the one site to whoever asks for it. */
    public static final class Shared implements BeforeAllCallback, ParameterResolver {

        private static final ExtensionContext.Namespace OURS = ExtensionContext.Namespace.create(Site.class);

        @Override
        public void beforeAll(ExtensionContext context) {
            site(context);
        }

        @Override
        public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
            return parameter.getParameter().getType() == Site.class;
        }

        @Override
        public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
            return site(context);
        }

        private static Site site(ExtensionContext context) {
            return context.getRoot().getStore(OURS).getOrComputeIfAbsent("site", key -> new Site(), Site.class);
        }
    }

    Site() {
        application = start(
                freshDatabase(database),
                env("DAPT_DB_PORT"),
                "--dapt.demo=true",
                "--dapt.house.addresses=127.0.0.2",
                "--dapt.house.keys=target/house-keys",
                "--dapt.search.share=" + System.getProperty("search.share", "1"));
        // A page is awaited as long as its navigation is: a busy machine is no broken page.
        PlaywrightAssertions.setDefaultAssertionTimeout(20_000);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /** The application on a database that is reached through a port. */
    static ConfigurableApplicationContext start(String database, String databasePort, String... more) {
        String[] args = new String[more.length + 3];
        args[0] = "--server.port=0";
        args[1] = "--DAPT_DB_NAME=" + database;
        args[2] = "--DAPT_DB_PORT=" + databasePort;
        System.arraycopy(more, 0, args, 3, more.length);
        return SpringApplication.run(Dapt.class, args);
    }

    static String address(ConfigurableApplicationContext application) {
        return "http://127.0.0.1:"
                + Objects.requireNonNull(((WebServerApplicationContext) application).getWebServer())
                        .getPort();
    }

    public static String env(String name) {
        String value = System.getenv(name);
        if (value == null) {
            throw new IllegalStateException(
                    name + " is not set: run the tests with ./dapt test, which starts a PostgreSQL for them");
        }
        return value;
    }

    public static String freshDatabase(String name) {
        command("postgres", "create database " + name);
        return name;
    }

    public static String url(String database) {
        return "jdbc:postgresql://127.0.0.1:" + env("DAPT_DB_PORT") + "/" + database;
    }

    public static Connection connect(String url) throws SQLException {
        return DriverManager.getConnection(url, env("DAPT_DB_USER"), env("DAPT_DB_PASSWORD"));
    }

    private static void command(String database, String sql) {
        try (Connection connection = connect(url(database))) {
            connection.createStatement().execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Does something to the site's own database behind its back. */
    public void command(String sql) {
        command(database, sql);
    }

    /** A number out of the site's own database. */
    public long number(String sql) {
        try (Connection connection = connect(url(database));
                ResultSet row = connection.createStatement().executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A part of the running application. */
    public <T> T bean(Class<T> type) {
        return application.getBean(type);
    }

    public String address() {
        return address(application);
    }

    Browser browser() {
        return browser;
    }

    /**
     * A page of its own at desk size, at this path; any console error fails the test that looks at {@link Desk#errors}.
     */
    Desk desk(String path) {
        return new Desk(this, new Browser.NewContextOptions().setViewportSize(1280, 800), path);
    }

    Desk phone(String path) {
        return new Desk(
                this, new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true), path);
    }

    /** A phone in the house, which has to trust what it does not know. */
    Desk phoneInTheHouse(String address) {
        return new Desk(
                this,
                new Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true)
                        .setUserAgent("Pocket 1 Mobile")
                        .setIgnoreHTTPSErrors(true),
                address);
    }

    Desk withoutScript(String path) {
        return new Desk(this, new Browser.NewContextOptions().setJavaScriptEnabled(false), path);
    }

    /** The page of a cover of its own, so that no test meets another's: a copy of one of the Wren's. */
    Desk copyOf(String name) {
        Desk desk = desk("/?find=" + URLEncoder.encode(name, StandardCharsets.UTF_8));
        desk.inMenu(name, "Copy").click();
        desk.page().waitForURL("**/covers/*");
        return desk;
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
        application.close();
        command("postgres", "drop database if exists " + database + " with (force)");
    }

    /** A browser window with one page, closed with it. */
    static final class Desk implements AutoCloseable {

        private final BrowserContext context;
        private final Page page;
        private final List<String> errors = new CopyOnWriteArrayList<>();

        Desk(Site site, Browser.NewContextOptions options, String path) {
            context = site.browser().newContext(options.setLocale("en-US").setBaseURL(site.address()));
            context.setDefaultTimeout(30_000);
            page = context.newPage();
            page.onConsoleMessage(message -> {
                if (message.type().equals("error")) {
                    errors.add(message.text());
                }
            });
            page.onPageError(errors::add);
            page.navigate(path);
        }

        Page page() {
            return page;
        }

        BrowserContext context() {
            return context;
        }

        List<String> errors() {
            return errors;
        }

        /** The brief as it reads. */
        String brief() {
            return page.locator("p.sentence").innerText();
        }

        /** The cut size of a piece as it reads. */
        String size(String piece) {
            return page.locator("#cut-" + piece + " .size").innerText();
        }

        /** An act in the menu of a cover of the list, with that menu open. */
        Locator inMenu(String cover, String act) {
            Page.GetByLabelOptions exactly = new Page.GetByLabelOptions().setExact(true);
            page.getByLabel("More: " + cover, exactly).first().click();
            return page.getByLabel(act + ": " + cover, exactly).first();
        }

        /** Opens the slip of a phrase and waits for it. */
        Desk open(String slip) {
            page.locator("#phrase-" + slip).click();
            page.locator("#slip[data-slip=" + slip + "]").waitFor();
            return this;
        }

        /** Fills a field and waits until the plan has followed. */
        void set(String field, String value) {
            posts(() -> {
                page.locator("#f-" + field).fill(value);
                page.locator("#f-" + field).dispatchEvent("change");
            });
        }

        /** Does what sends a form, and waits until it is answered and the page has settled. */
        void posts(Runnable act) {
            page.waitForResponse(response -> response.request().method().equals("POST"), act);
            settle();
        }

        /** Waits until no request is under way and the page has settled. */
        void settle() {
            page.waitForFunction("() => !document.querySelector('.htmx-request, .htmx-swapping, .htmx-settling')");
        }

        @Override
        public void close() {
            context.close();
        }
    }
}
