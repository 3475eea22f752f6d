package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A cover with its form in, on its page. */
@WithSite
class FilledJourneyTest {

    private static final int DECK_CHAIR_GAPING = 24;
    private static final int CAPSTAN_SEAT_ROUND = 11;

    private static String figure(Page page, String label) {
        return page.locator(".filled-figures div")
                .filter(new Locator.FilterOptions()
                        .setHas(page.locator("dt", new Page.LocatorOptions().setHasText(label))))
                .locator("dd")
                .textContent();
    }

    @Test
    void aCoverIsSeenFilledAndThenMoreFinely(Site site) {
        try (Desk desk = site.desk("/covers/" + DECK_CHAIR_GAPING)) {
            Page page = desk.page();
            page.locator(".views a", new Page.LocatorOptions().setHasText("Filled"))
                    .click();
            page.locator("#filled svg").first().waitFor();
            page.locator("#filled[data-fine]").waitFor();
            assertThat(page.locator(".filled-views svg").count()).isEqualTo(4);
            assertThat(page.locator("#filled").textContent())
                    .contains("gapes by")
                    .contains("estimate")
                    .doesNotContain("NaN");
            assertThat(figure(page, "full")).isEqualTo("121%");
            assertThat(page.locator("#filled .gap").count())
                    .as("drawn where it gapes")
                    .isPositive();
            assertThat(page.locator("#filled svg").first().getAttribute("aria-label"))
                    .contains("standing on its lower edge");
        }
    }

    @Test
    void aRoundFormIsSeenToLeaveTheCornersEmpty(Site site) {
        try (Desk desk = site.copyOf("Deck chair, gaping")) {
            Page page = desk.page();
            String cover = page.url();
            page.navigate(cover + "?slip=measure");
            page.getByLabel("The form is round").check();
            page.locator(".brief", new Page.LocatorOptions().setHasText("round pillow form"))
                    .waitFor();
            page.navigate(cover + "?view=filled");
            assertThat(page.locator(".findings").first().textContent()).contains("The corners stay empty");
            page.locator("#filled[data-fine]").waitFor();
            assertThat(figure(page, "empty at each corner")).endsWith("in");
        }
    }

    @Test
    void anotherFormChangesTheShapeAtOnce(Site site) {
        try (Desk desk = site.desk("/covers/17?view=filled")) {
            Page page = desk.page();
            page.locator("#filled[data-fine]").waitFor();
            String thick = figure(page, "thickest");
            page.navigate("/covers/17?slip=fit&view=filled");
            page.locator("#slip input[name=school][value=size-down]").check();
            page.locator(".sight s").first().waitFor();
            page.navigate("/covers/17?view=filled");
            page.locator("#filled[data-fine]").waitFor();
            assertThat(figure(page, "thickest")).isNotEqualTo(thick);
        }
    }

    @Test
    void cornersAreTaperedWhereTheyStandOut(Site site) {
        try (Desk desk = site.desk("/covers/26?view=filled")) {
            Page page = desk.page();
            page.locator("#filled[data-fine]").waitFor();
            assertThat(page.locator(".filled-corners").textContent()).contains("as they come, 3.8");
            page.getByText("Taper the corners").click();
            page.getByText("Without the taper").waitFor();
            assertThat(page.locator(".sentence").textContent()).contains("corner-tapered");
        }
    }

    @Test
    void aPressFromAPageThatFellBehindIsAskedAbout(Site site) {
        try (Desk one = site.copyOf("Saloon settee, large");
                Desk other = site.desk(one.page().url() + "?view=filled")) {
            other.page().locator("#filled[data-fine]").waitFor();
            one.open("seam");
            one.set("allowance", "2 cm");
            other.page().getByText("Taper the corners").click();
            other.page().locator(".conflict").waitFor();
            assertThat(other.page().locator(".conflict").innerText()).contains("changed in another tab");
        }
    }

    /** Solving may take its time: what the sewist presses does not wait behind it. */
    @Test
    void aSlipOpensWhileTheShapeIsStillSolved(Site site) {
        try (Desk desk = site.desk("/covers/" + DECK_CHAIR_GAPING)) {
            Page page = desk.page();
            page.route("**/covers/*/filled?*", route -> {
                // Never answered.
            });
            page.locator(".views a", new Page.LocatorOptions().setHasText("Filled"))
                    .click();
            page.locator("#filled svg").first().waitFor();
            desk.open("seam");
            page.locator("#slip").waitFor();
        }
    }

    @Test
    void whatDoesNotGetThroughIsSaidAndTheFirstLookStays(Site site) {
        try (Desk desk = site.desk("/covers/" + DECK_CHAIR_GAPING)) {
            Page page = desk.page();
            page.route("**/covers/*/filled?*", route -> route.abort());
            page.locator(".views a", new Page.LocatorOptions().setHasText("Filled"))
                    .click();
            page.locator("#filled svg").first().waitFor();
            page.locator(".adrift").waitFor();
            assertThat(page.locator(".filled-views svg").count()).isEqualTo(4);
            page.unroute("**/covers/*/filled?*");
            page.locator("#filled[data-fine]").waitFor();
        }
    }

    @Test
    void aCoverTurnsByTheArrowKeys(Site site) {
        try (Desk desk = site.desk("/covers/" + CAPSTAN_SEAT_ROUND + "?view=filled")) {
            Page page = desk.page();
            page.locator("#filled[data-fine]").waitFor();
            Locator button = page.locator("[data-turn]");
            button.focus();
            page.keyboard().press("Enter");
            Locator canvas = page.locator("canvas.turning-cover");
            Locator cannot = page.getByText("can’t be turned in this browser");
            canvas.or(cannot).first().waitFor();
            if (canvas.count() == 0) {
                assertThat(page.locator(".filled-views svg").count())
                        .as("the drawing stays")
                        .isEqualTo(4);
                return;
            }
            byte[] before = canvas.screenshot();
            Object fine = canvas.evaluate("canvas => canvas.width");
            page.keyboard().press("ArrowLeft");
            page.keyboard().press("ArrowLeft");
            Awaitility.await().until(() -> !Arrays.equals(canvas.screenshot(), before));
            Awaitility.await()
                    .alias("coarser while it turns, as fine as before once it is still")
                    .until(() -> canvas.evaluate("canvas => canvas.width").equals(fine));
            assertThat(canvas.getAttribute("aria-label")).contains("arrow keys");
        }
    }

    /** Anybody can check the shape: closed, and no triangle larger than it lay flat. */
    @Test
    void theShapeIsSavedAndNothingOfItIsStretched(Site site) {
        try (Desk desk = site.desk("/")) {
            APIRequestContext api = desk.page().request();
            String obj =
                    api.get("/covers/" + CAPSTAN_SEAT_ROUND + "/filled.obj").text();
            List<double[]> filled = new ArrayList<>();
            List<double[]> flat = new ArrayList<>();
            int faces = 0;
            for (String line : obj.lines().toList()) {
                String[] words = line.split(" ");
                if (words[0].equals("v") || words[0].equals("vt")) {
                    double[] values = new double[words.length - 1];
                    for (int i = 0; i < values.length; i++) {
                        values[i] = Double.parseDouble(words[i + 1]);
                    }
                    (words[0].equals("v") ? filled : flat).add(values);
                } else if (words[0].equals("f")) {
                    faces++;
                    for (int i = 0; i < 3; i++) {
                        String[] from = words[i + 1].split("/");
                        String[] to = words[(i + 1) % 3 + 1].split("/");
                        double was = apart(flat, from[1], to[1]);
                        double is = apart(filled, from[0], to[0]);
                        assertThat(is).isLessThan(was * 1.001 + 0.01);
                    }
                }
            }
            assertThat(faces).as("Euler: closed").isEqualTo(2 * filled.size() - 4);
            JsonNode scene = JsonMapper.builder()
                    .build()
                    .readTree(api.get("/covers/" + CAPSTAN_SEAT_ROUND + "/filled.json")
                            .text());
            assertThat(scene.get("triangles").size()).isEqualTo(faces / 2 * 3);
            assertThat(scene.get("width").asDouble())
                    .isCloseTo(scene.get("height").asDouble(), within(0.01));
            assertThat(scene.get("front").get(0).get("fill").asString()).startsWith("#");
        }
    }

    private static double apart(List<double[]> points, String one, String other) {
        double[] a = points.get(Integer.parseInt(one) - 1);
        double[] b = points.get(Integer.parseInt(other) - 1);
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += (a[i] - b[i]) * (a[i] - b[i]);
        }
        return Math.sqrt(sum);
    }
}
