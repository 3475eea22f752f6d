package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import app.dapt.web.door.House;
import app.dapt.web.door.HouseKeys;
import app.dapt.web.workroom.DeviceStore;
import com.google.zxing.ChecksumException;
import com.google.zxing.FormatException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;

/** The house's network: a phone is let in, works, and is a stranger again; strangers get nothing. */
@WithSite
class HouseJourneyTest {

    /** The margin round a code. */
    private static final int MARGIN = 4;

    private static String origin(Site site) {
        return site.bean(House.class).origins().get(0);
    }

    /** A client that trusts this house's authority and nobody else. */
    private static HttpClient trusting(Site site) throws GeneralSecurityException, IOException {
        KeyStore known = KeyStore.getInstance("PKCS12");
        known.load(null, null);
        known.setCertificateEntry(
                "authority",
                CertificateFactory.getInstance("X.509")
                        .generateCertificate(new ByteArrayInputStream(
                                site.bean(HouseKeys.class).authority())));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(known);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    @Test
    void aStrangerGetsNothingByAnyWayIn(Site site) throws Exception {
        HttpClient client = trusting(site);
        DeviceStore devices = site.bean(DeviceStore.class);
        String ended = devices.join(devices.offer().code(), "Ended").orElseThrow();
        devices.list().forEach(device -> devices.end(device.id()));
        List<Route> ways = new ArrayList<>(Route.all(site, "1")
                .filter(route -> !route.path().equals("/join"))
                .toList());
        assertThat(ways).hasSizeGreaterThan(100);
        Stream.of(
                        "/",
                        "/buy.js",
                        "/sw.js",
                        "/lib/htmx.js",
                        "/nothing",
                        "/error",
                        "/join/../covers/1",
                        "/join;x=/covers/1")
                .forEach(path -> ways.add(new Route("GET", path)));
        for (Route way : ways) {
            for (String cookie : List.of("", "__Host-dapt-device=" + ended, "__Host-dapt-device=" + "A".repeat(32))) {
                HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(origin(site) + way.path()))
                        .method(way.method(), BodyPublishers.noBody());
                if (!cookie.isEmpty()) {
                    asked.header("Cookie", cookie);
                }
                HttpResponse<String> answer = client.send(asked.build(), BodyHandlers.ofString());
                assertThat(answer.statusCode()).as("%s", way).isIn(400, 404);
                assertThat(answer.body()).as("%s", way).doesNotContain("Wren").hasSizeLessThan(200);
            }
        }
    }

    @Test
    void aPhoneIsLetInWorksAndIsAStrangerAgain(Site site) throws Exception {
        try (Desk home = site.desk("/devices")) {
            home.page().getByText("Let a device in").click();
            String scanned = scanned(home.page().locator(".scan-dots").getAttribute("d"));
            assertThat(scanned).startsWith(origin(site) + "/join?code=");
            try (Desk phone = site.phoneInTheHouse(scanned)) {
                Page page = phone.page();
                page.getByText("Let it in").click();
                assertThat(page.locator(".house-list")).containsText("this one");
                page.navigate(origin(site) + "/covers/4");
                assertThat(page).hasTitle(Pattern.compile("Smoking room.*"));
                page.navigate(origin(site) + "/to-buy");
                page.locator(".tick-box").first().click();
                assertThat(page.locator(".buy-lines .got")).hasCount(1);
                page.locator(".buy-lines .got .tick-box").click();
                assertThat(page.locator(".buy-lines .got")).hasCount(0);
                assertThat(page.evaluate("fetch('/devices', {method: 'POST'}).then(r => r.status)"))
                        .as("it lets nobody in itself")
                        .isIn(403, 404);
                try (Desk second = site.phoneInTheHouse(scanned)) {
                    second.page().getByText("Let it in").click();
                    assertThat(second.page().locator("#r-number")).containsText("not any more");
                }
                home.page().navigate(site.address() + "/devices");
                assertThat(home.page().locator(".house-list")).containsText("Phone");
                home.page().getByText("End its key").first().click();
                Response gone = page.navigate(origin(site) + "/covers/4");
                assertThat(gone.status()).isEqualTo(404);
                assertThat(gone.text()).isEmpty();
            }
        }
    }

    @Test
    void aNumberMayBeWrongOnlySoOften(Site site) {
        DeviceStore devices = site.bean(DeviceStore.class);
        String number = devices.offer().number();
        String wrong = number.equals("000000") ? "000001" : "000000";
        try (Desk phone = site.phoneInTheHouse(origin(site) + "/join")) {
            phone.page().fill("#f-number", number.substring(0, 3) + " " + number.substring(3));
            phone.page().fill("#f-name", "Galley tablet");
            phone.page().getByText("Let it in").click();
            assertThat(phone.page().locator(".house-list")).containsText("Galley tablet");
            phone.page().getByText("Leave the workroom").click();
            assertThat(phone.page().locator("#f-number")).isVisible();
        }
        String again = devices.offer().number();
        for (int tries = 0; tries < 5; tries++) {
            assertThat(devices.join(again.equals(wrong) ? "000002" : wrong, "Thief"))
                    .isEmpty();
        }
        assertThat(devices.join(again, "Late")).isEmpty();
    }

    /** What a camera would read. */
    private static String scanned(String dots) throws FormatException, ChecksumException {
        Matcher each = Pattern.compile("M(\\d+) (\\d+)h").matcher(dots);
        List<int[]> all = new ArrayList<>();
        while (each.find()) {
            all.add(new int[] {Integer.parseInt(each.group(1)) - MARGIN, Integer.parseInt(each.group(2)) - MARGIN});
        }
        int side = all.stream().mapToInt(dot -> dot[0]).max().orElseThrow() + 1;
        BitMatrix matrix = new BitMatrix(side);
        all.forEach(dot -> matrix.set(dot[0], dot[1]));
        return new Decoder().decode(matrix).getText();
    }
}
