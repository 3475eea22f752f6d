package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Nobody is refused in silence, and whatever is asked for is answered. */
@WithSite
class RefusalsTest {

    private static String token(APIRequestContext api) {
        return api.get("/token").text();
    }

    private static APIResponse post(APIRequestContext api, String path, Map<String, String> fields) {
        FormData form = FormData.create().set("_csrf", token(api));
        fields.forEach(form::set);
        return api.post(path, RequestOptions.create().setForm(form).setMaxRedirects(0));
    }

    private static void type(Desk desk, String name) {
        desk.page().locator("#f-name").fill(name);
        desk.page().locator("#f-name").dispatchEvent("change");
    }

    @Test
    void aPageWhoseCookieIsGoneGetsAnotherTokenAndGoesOn(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            desk.page().navigate(desk.page().url() + "?slip=name");
            desk.context().clearCookies();
            type(desk, "Typed without the cookie");
            desk.page()
                    .waitForFunction(
                            "() => document.querySelector('h1').innerText.includes('Typed without the cookie')");
            assertThat(desk.page().locator("#adrift").isVisible()).isFalse();
        }
    }

    @Test
    void aCoverDeletedElsewhereSaysSoKeepsWhatWasTypedAndCanBeBroughtBack(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            String cover = URI.create(desk.page().url()).getPath();
            desk.page().navigate(desk.page().url() + "?slip=name");
            post(desk.context().request(), cover + "/delete", Map.of());
            type(desk, "Typed into a deleted one");
            desk.page().locator("#adrift .adrift-what").waitFor();
            assertThat(desk.page().locator("#adrift").innerText()).contains("no longer", "Copy what I typed");
            assertThat(desk.page().locator(".slip-acts .quiet").innerText()).isEqualTo("Not saved yet.");
            assertThat(desk.page().locator("#f-name").inputValue()).isEqualTo("Typed into a deleted one");
            desk.page().getByText("Bring it back").click();
            desk.page()
                    .waitForFunction(
                            "() => document.querySelector('h1').innerText.includes('Typed into a deleted one')");
        }
    }

    @Test
    void withoutScriptWhatWasTypedStandsOnThePageThatRefusesIt(Site site) {
        try (Desk desk = site.copyOf("Galley stool");
                Desk plain = site.withoutScript(desk.page().url() + "?slip=name")) {
            plain.context().clearCookies();
            plain.page().locator("#f-name").fill("Typed without script");
            plain.page().locator("#slip [name=keep]").click();
            assertThat(plain.page().locator("main").innerText())
                    .contains("does not know this page any more", "Typed without script");
            plain.page().locator("main button.do").click();
            assertThat(plain.page().locator("h1").innerText()).contains("Typed without script");
        }
    }

    @Test
    void anUndoOfAPageThatHasFallenBehindIsOfferedAgain(Site site) {
        try (Desk one = site.copyOf("Galley stool");
                Desk other = site.desk(one.page().url())) {
            one.open("seam");
            one.set("allowance", "1.2");
            other.page().reload();
            one.set("allowance", "1.3");
            one.set("allowance", "1.4");
            other.page().locator("#undo button").click();
            other.page().locator(".conflict").waitFor();
            assertThat(other.page().locator(".conflict").innerText()).contains("changed in another tab", "undo");
            other.page().locator(".conflict .do").click();
            other.page().waitForFunction("() => !document.querySelector('.conflict')");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            /reader | back  | /{x}
            /reader | back  | //evil.example
            /reader | back  | /covers/1?slip=ü&a={b}
            /sets   | cover | not a number
            /have   | frontAcross | 5 cm
            /have   | firstDepth  | 240
            /open   | file  | no file at all
            /covers | across | 99999999999999999999 1/2
            /calendar/order | what | c99999999999999999999
            /calendar/add | what | s999
            /calendar/due | what | c
            /calendar/times | off-until | 1066-10-14
            /shelf | size | 3 furlongs
            /shelf/999999/move | amount | 1
            /shelf/1/undo | movement | 999999999999
            /to-buy | line | no such line
            """)
    void whateverIsTypedIsAnswered(String path, String field, String value, Site site) {
        try (Desk desk = site.desk("/")) {
            APIResponse response = post(desk.context().request(), path, Map.of(field, value, "in", "in"));
            assertThat(response.status()).isIn(200, 302);
            if (response.status() == 302) {
                assertThat(response.headers().get("location"))
                        .as("relative, encoded, and ours")
                        .matches("/(?!/)[\\x21-\\x7e&&[^{}]]*");
            }
        }
    }

    @Test
    void aCordOffAWholeRollIsKeptAndANameWithoutAnythingToSeeIsNot(Site site) {
        try (Desk desk = site.copyOf("Owner’s armchair, piped")) {
            APIRequestContext api = desk.context().request();
            String cover = URI.create(desk.page().url()).getPath();
            String version =
                    api.get(cover + "?slip=name").text().replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1");
            post(api, cover + "/slip/edge", Map.of("version", version, "cordAtHand", "30 m", "keep", "1"));
            assertThat(api.get(cover + "/plan.json").text()).contains("\"cordAtHand\" : \"3000 cm\"");
            String refused = post(
                            api,
                            cover + "/slip/name",
                            Map.of("version", String.valueOf(Integer.parseInt(version) + 1), "name", "\u0085\u200b"))
                    .text();
            assertThat(refused).contains("A name has 1 to 80 characters");
            assertThat(api.get("/").status()).isEqualTo(200);
        }
    }

    @Test
    void manyLanguagesAndOddAddressesAreAnswered(Site site) {
        try (Desk desk = site.desk("/")) {
            APIRequestContext api = desk.context().request();
            assertThat(api.get(
                                    "/",
                                    RequestOptions.create()
                                            .setHeader(
                                                    "Accept-Language",
                                                    "en-GB,en;q=.9,de,fr,es,it,nl,sv,da,nb,fi,pl,cs"))
                            .status())
                    .isEqualTo(200);
            assertThat(api.get("/?a=%zz").status()).isEqualTo(400);
            assertThat(api.get("/error").status()).isEqualTo(404);
            assertThat(api.get("/have?in=cm&a%CD%B8=1").status())
                    .as("a name no field of ours has")
                    .isEqualTo(400);
            APIResponse broken = api.post(
                    "/open",
                    RequestOptions.create()
                            .setHeader("Content-Type", "multipart/form-data; boundary=x")
                            .setData("--x\r\nnonsense"));
            assertThat(broken.status()).isIn(400, 403);
        }
    }

    @Test
    void otherHostsAndOtherSitesAreRefused(Site site) {
        try (Desk desk = site.desk("/")) {
            APIRequestContext api = desk.context().request();
            for (Map.Entry<String, String> odd : Map.of("Origin", "http://evil.example", "Sec-Fetch-Site", "cross-site")
                    .entrySet()) {
                APIResponse response = api.post(
                        "/reader",
                        RequestOptions.create()
                                .setHeader(odd.getKey(), odd.getValue())
                                .setForm(FormData.create()
                                        .set("_csrf", token(api))
                                        .set("unit", "zz9")));
                assertThat(response.status()).as(odd.getKey()).isEqualTo(403);
                assertThat(response.text())
                        .as("nothing of another site's is offered to be sent again")
                        .doesNotContain("value=\"zz9\"");
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET / HTTP/1.1\r\nHost: evil.example",
                "GET /a|b HTTP/1.1\r\nHost: 127.0.0.1",
                "GET /..;/x HTTP/1.1\r\nHost: 127.0.0.1",
                "NONSENSE",
                "TRACE / HTTP/1.1\r\nHost: 127.0.0.1",
                "GET /%00 HTTP/1.1\r\nHost: 127.0.0.1"
            })
    void whatIsRefusedBeforeAnyPageCarriesTheHeadersToo(String request, Site site) throws IOException {
        String answer = raw(site, request + "\r\nConnection: close\r\n\r\n");
        assertThat(answer)
                .matches("(?s)HTTP/1.1 4\\d\\d .*")
                .containsIgnoringCase("content-security-policy: default-src 'self'")
                .containsIgnoringCase("x-content-type-options: nosniff")
                .doesNotContain("Exception");
    }

    private static String raw(Site site, String request) throws IOException {
        URI address = URI.create(site.address());
        try (Socket socket = new Socket(address.getHost(), address.getPort())) {
            OutputStream out = socket.getOutputStream();
            out.write(request.getBytes(StandardCharsets.ISO_8859_1));
            out.flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** A whole share of what may be on its way at once drips; everybody else is answered. */
    @Test
    void bodiesThatDripKeepNobodyWaiting(Site site) throws IOException {
        URI address = URI.create(site.address());
        List<Socket> dripping = new ArrayList<>();
        try (Desk desk = site.desk("/")) {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket(address.getHost(), address.getPort());
                socket.getOutputStream()
                        .write(("POST /covers HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: "
                                        + "application/x-www-form-urlencoded\r\nContent-Length: 900\r\n\r\na")
                                .getBytes(StandardCharsets.ISO_8859_1));
                dripping.add(socket);
            }
            long start = System.nanoTime();
            assertThat(desk.context().request().get("/covers/1").status()).isEqualTo(200);
            assertThat(System.nanoTime() - start).isLessThan(3_000_000_000L);
        } finally {
            for (Socket socket : dripping) {
                socket.close();
            }
        }
    }

    /** What nobody's page sends: a name that is none, a step and a kind that are none. */
    @Test
    void aMishapThatIsNoneIsRefusedWithoutAnError(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            String cover = URI.create(desk.page().url()).getPath();
            APIRequestContext request = desk.context().request();
            assertThat(post(request, "/learned/mishap/" + "0".repeat(36) + "/remove", Map.of())
                            .status())
                    .isLessThan(500);
            assertThat(post(request, cover + "/make/wrong", Map.of("step", "no/step", "kind", "wrong-order"))
                            .status())
                    .isEqualTo(404);
            String lay = cover.replaceAll("\\D", "") + "/front/lay-lapped";
            assertThat(post(request, cover + "/make/wrong", Map.of("step", lay, "kind", "zip-shut"))
                            .status())
                    .isEqualTo(400);
        }
    }
}
