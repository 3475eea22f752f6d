package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.Socket;
import java.net.URI;
import java.util.List;
import org.junit.jupiter.api.Test;

@WithSite
class SecurityTest {

    @Test
    void everyPageCarriesAStrictPolicy(Site site) {
        try (Desk desk = site.desk("/")) {
            for (String path : List.of("/", "/covers/1", "/dapt.css", "/nowhere")) {
                APIResponse response = desk.context().request().get(path);
                assertThat(response.headers().get("content-security-policy"))
                        .as(path)
                        .contains("default-src 'self'", "frame-ancestors 'none'")
                        .doesNotContain("unsafe");
                assertThat(response.headers())
                        .containsEntry("x-content-type-options", "nosniff")
                        .containsEntry("x-frame-options", "DENY");
            }
        }
    }

    @Test
    void aChangeWithoutItsTokenIsRefused(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            APIRequestContext api = desk.context().request();
            String before = api.get(desk.page().url() + "/plan.json").text();
            for (String path :
                    List.of("/delete", "/undo", "/slip/name?name=Taken&version=1", "/remedy?code=size&version=1")) {
                APIResponse response = api.post(
                        desk.page().url() + path,
                        RequestOptions.create().setForm(FormData.create().set("x", "y")));
                assertThat(response.status()).as(path).isEqualTo(403);
            }
            assertThat(api.get(desk.page().url() + "/plan.json").text()).isEqualTo(before);
        }
    }

    @Test
    void theSwitchesSendNobodyElsewhere(Site site) {
        try (Desk desk = site.desk("/")) {
            for (String back : List.of(
                    "https://elsewhere.example/",
                    "//elsewhere.example/",
                    "/\\elsewhere.example",
                    "javascript:alert(1)")) {
                desk.page().navigate("/");
                desk.page().evaluate("back => document.querySelector('[name=back]').value = back", back);
                desk.page().locator("button[name=unit][value=in]").click();
                assertThat(desk.page().url()).as(back).isEqualTo(site.address() + "/");
            }
        }
    }

    @Test
    void itListensOnLoopbackOnly(Site site) throws Exception {
        int port = URI.create(site.address()).getPort();
        for (NetworkInterface each : NetworkInterface.networkInterfaces().toList()) {
            for (InetAddress address :
                    each.inetAddresses().filter(a -> !a.isLoopbackAddress()).toList()) {
                assertThat(reachable(address, port)).as("%s", address).isFalse();
            }
        }
        assertThat(reachable(InetAddress.getByName("127.0.0.1"), port)).isTrue();
    }

    private static boolean reachable(InetAddress address, int port) {
        try (Socket socket = new Socket(address, port)) {
            return socket.isConnected();
        } catch (IOException e) {
            return false;
        }
    }
}
