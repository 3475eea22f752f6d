package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import app.dapt.files.plan.PlanJson;
import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Anything a person might type, and much that nobody would, gives a value or a refusal; never a broken page. */
@WithSite
class EntryFuzzTest {

    private static final Pattern FIELD = Pattern.compile("<(?:input|select)[^>]*>");
    private static final Pattern NAME = Pattern.compile("\\bname=\"([^\"]*)\"");
    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(\\d+)\"");
    private static final Pattern VALUE = Pattern.compile("\\bvalue=\"([^\"]*)\"");
    private static final List<String> ENTRIES = List.of(
            "",
            " ",
            "0",
            "-1",
            "½",
            "20",
            "20 cm",
            "37,5",
            "1 yd 6 in",
            "14-5/8",
            "9999999999",
            "1/0",
            "NaN",
            "∞",
            "<script>alert(1)</script>",
            "'; drop table cover; --",
            "\u0000",
            "\u0085",
            "a\u0085b",
            "30 m",
            "1500 in",
            "600",
            "0.456",
            "\ud83d\ude00",
            "a".repeat(500),
            "own",
            "envelope",
            "banded",
            "wrap",
            "pillowcase",
            "edge-zip",
            "hidden-zip",
            "vee",
            "round",
            "run",
            "button-band",
            "piping",
            "by-length",
            "ruffle",
            "flange",
            "bias",
            "straight",
            "beads",
            "buttons",
            "ties",
            "tapered",
            "sides",
            "lined",
            "selvage",
            "two-thirds",
            "up-down",
            "french",
            "sail",
            "#zzzzzz",
            "%00",
            "${7*7}",
            "[[${7*7}]]");

    @Test
    void everySlipTakesAnything(Site site) {
        Random random = new Random(11);
        try (Desk desk = site.copyOf("Saloon window seat")) {
            String cover = desk.page().url();
            APIRequestContext api = desk.context().request();
            for (String slip : List.of(
                    "name", "shape", "measure", "fit", "opening", "seam", "edge", "extras", "face", "join", "front",
                    "back")) {
                String html = api.get(cover + "?slip=" + slip).text();
                String form = html.substring(
                        html.indexOf("id=\"slip\""), html.indexOf("</form>", html.indexOf("id=\"slip\"")));
                String version = versionIn(html);
                for (int round = 0; round < 5; round++) {
                    // From a page that has seen the last change, or the change would be set aside.
                    form = form.replaceFirst(
                            "name=\"version\" value=\"\\d+\"", "name=\"version\" value=\"" + version + "\"");
                    APIResponse response = api.post(
                            cover + "/slip/" + slip,
                            RequestOptions.create()
                                    .setForm(filled(form, random))
                                    .setMaxRedirects(0));
                    assertThat(response.status())
                            .as("%s, round %s", slip, round)
                            .isIn(200, 302);
                    String text = response.text();
                    version = versionIn(api.get(cover + "?slip=name").text());
                    assertThat(text).doesNotContain("<script>alert", "‹", "[[49]]");
                    APIResponse kept = api.get(cover + "/plan.json");
                    assertThat(kept.status())
                            .as("%s reads back, round %s", slip, round)
                            .isEqualTo(200);
                    assertThatCode(() -> PlanJson.kept(PlanJson.read(kept.text())))
                            .doesNotThrowAnyException();
                }
            }
            assertThat(api.get(cover).status()).isEqualTo(200);
            assertThat(api.get(cover + "?view=fits").status()).isEqualTo(200);
            assertThat(api.get(cover + "/card").status()).isEqualTo(200);
            assertThat(api.get(cover + "/plan.json").status()).isEqualTo(200);
        }
    }

    /** The form as sent, with about a third of its fields set to something else; the token stays right. */
    private static FormData filled(String form, Random random) {
        FormData data = FormData.create();
        Matcher field = FIELD.matcher(form);
        while (field.find()) {
            String name = attribute(NAME, field.group());
            boolean keep = List.of("_csrf", "gesture", "version").contains(name) || random.nextInt(3) > 0;
            data.set(name, keep ? attribute(VALUE, field.group()) : ENTRIES.get(random.nextInt(ENTRIES.size())));
        }
        return data;
    }

    private static String versionIn(String page) {
        Matcher version = VERSION.matcher(page);
        assertThat(version.find())
                .as("a form says which version it was opened on")
                .isTrue();
        return version.group(1);
    }

    private static String attribute(Pattern pattern, String tag) {
        Matcher attribute = pattern.matcher(tag);
        return attribute.find() ? attribute.group(1).replace("&#39;", "'").replace("&quot;", "\"") : "";
    }

    @Test
    void oddAddressesGiveAPageAndNoTrace(Site site) {
        try (Desk desk = site.desk("/")) {
            APIRequestContext api = desk.context().request();
            for (String path : List.of(
                    "/covers/999999",
                    "/covers/x",
                    "/covers/-1",
                    "/covers/1?slip=nonsense&view=nonsense",
                    "/nowhere",
                    "/covers/1/card?paper=papyrus",
                    "/?find=%25%27%00",
                    "/?deleted=abc",
                    "/covers/99999999999999999999")) {
                APIResponse response = api.get(path);
                assertThat(response.status()).as(path).isIn(200, 400, 404);
                assertThat(response.text())
                        .as(path)
                        .doesNotContain("Exception", "at app.dapt")
                        .contains("Dapt");
            }
        }
    }
}
