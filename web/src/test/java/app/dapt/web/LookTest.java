package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pages fit their screens and their paper, and are open to everybody. */
@WithSite
class LookTest {

    private static final int DEMO_COVERS = 28;
    private static final Pattern ALIKE = Pattern.compile(
            "slip=(?!opening)|blank|find|999|covers/4$|print|card|label|piece=|cloth=28|sets/1/|covers/22|when");

    private static final List<String> CONTRAST = List.of("color-contrast");

    private static List<String> paths() {
        Stream<String> slips = Stream.of(
                        "name", "shape", "measure", "fit", "opening", "seam", "edge", "extras", "face", "join", "front",
                        "back")
                .map(slip -> "/covers/3?slip=" + slip);
        return Stream.concat(
                        slips,
                        Stream.of(
                                "/",
                                "/have",
                                "/have?blank=1",
                                "/covers/2",
                                "/covers/3?view=pieces",
                                "/covers/4",
                                "/?find=nothing",
                                "/covers/4?view=fits",
                                "/covers/4?view=filled",
                                "/covers/4?view=advice",
                                "/drawer",
                                "/covers/28/make/wrong?step=28/front/lay-lapped",
                                "/covers/4/card",
                                "/covers/8/label",
                                "/covers/999",
                                "/covers/22/cloth",
                                "/covers/28/make?step=28/front/lay-lapped",
                                "/covers/28/make/when",
                                "/calendar",
                                "/shelf",
                                "/shelf?thing=4",
                                "/shelf?thing=8",
                                "/from-cloth?thing=8",
                                "/devices",
                                "/covers/4/client",
                                "/covers/4/client/quotation",
                                "/covers/4/make/handout",
                                "/to-buy",
                                "/prices",
                                "/tape",
                                "/covers/8/cost",
                                "/covers/28/make/print",
                                "/covers/8/try-on",
                                "/log",
                                "/log/9",
                                "/learned",
                                "/workroom",
                                "/sets/3/cloth?piece=26/front.2",
                                "/sets/1/cloth",
                                "/sets/1"))
                .toList();
    }

    /** No page has frames, so none is looked at apart; what is found in order is not told element by element. */
    private static AxeBuilder axe(Desk desk) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));

        return new AxeBuilder(desk.page()).options(options).setLegacyMode(true);
    }

    /** Colours are looked at by both lights, on one page of those that are painted alike. */
    @Test
    void axeFindsNothingByDayOrEvening(Site site) {
        try (Desk desk = site.desk("/")) {
            for (String path : paths()) {
                desk.page().navigate(path);
                boolean alike = ALIKE.matcher(path).find();
                AxeBuilder axe = axe(desk);
                if (path.contains("slip=")) {
                    // The page beneath a slip is one of the others.
                    axe.include("#slip");
                } else if (alike) {
                    axe.disableRules(CONTRAST);
                }
                assertThat(axe.analyze().getViolations()).as(path).isEmpty();
                // A page for paper has no evening.
                boolean hasLights = desk.page().locator("html[data-light]").count() > 0;
                if (!alike && hasLights) {
                    desk.page().evaluate("document.documentElement.dataset.light = 'evening'");
                    assertThat(axe(desk).withRules(CONTRAST).analyze().getViolations())
                            .as(path + " by evening light")
                            .isEmpty();
                }
            }
        }
    }

    /** On a phone, and as at 200 % on a table of 1280, where a page has half the room. */
    @Test
    void nothingRunsOffAPhoneOrAtTwiceTheSize(Site site) {
        try (Desk desk = site.phone("/")) {
            for (String path : paths()) {
                desk.page().setViewportSize(390, 844);
                desk.page().navigate(path);
                for (int wide : new int[] {390, 640}) {
                    desk.page().setViewportSize(wide, 844);
                    assertThat(desk.page().evaluate("document.documentElement.scrollWidth"))
                            .as(path)
                            .isEqualTo(wide);
                }
            }
        }
    }

    @Test
    void theKeysOfAViewAreShownAndWork(Site site) {
        try (Desk desk = site.desk("/")) {
            desk.page().keyboard().press("/");
            assertThat(desk.page().evaluate("document.activeElement.id")).isEqualTo("find");
            desk.page().evaluate("document.activeElement.blur()");
            desk.page().keyboard().press("?");
            assertThat(desk.page().locator("dialog[open]").innerText())
                    .contains("find a cover")
                    .doesNotContain("undo");
            desk.page().navigate(site.address() + "/covers/4");
            desk.page().keyboard().press("?");
            assertThat(desk.page().locator("dialog[open]").innerText()).contains("undo", "in a panel");
        }
    }

    @Test
    void aPageWeighsAtMostTwoHundredKilobytes(Site site) {
        try (Desk desk = site.desk("about:blank")) {
            List<Request> requests = new ArrayList<>();
            desk.page().onRequestFinished(requests::add);
            desk.page().navigate(site.address() + "/covers/1?slip=opening");
            desk.page().waitForLoadState(LoadState.NETWORKIDLE);
            int bytes = requests.stream()
                    .mapToInt(request -> request.sizes().responseBodySize)
                    .sum();
            assertThat(requests).extracting(Request::url).anyMatch(url -> url.endsWith(".woff2"));
            assertThat(bytes).isBetween(100_000, 200_000);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"a4", "letter"})
    void everyCutCardIsOnePage(String paper, Site site) throws Exception {
        try (Desk desk = site.desk("/")) {
            // Letter is the shorter paper: what fits there is looked at on the narrower A4 for every fourth cover.
            for (int id = 1; id <= DEMO_COVERS; id += paper.equals("a4") ? 4 : 1) {
                desk.page().navigate(site.address() + "/covers/" + id + "/card?paper=" + paper);
                String name = desk.page().locator("h1").first().innerText();
                byte[] pdf = desk.page().pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
                try (PDDocument document = Loader.loadPDF(pdf)) {
                    assertThat(document.getNumberOfPages()).as("cover %s", id).isEqualTo(1);
                    float height = document.getPage(0).getMediaBox().getHeight();
                    assertThat(height).isBetween(paper.equals("a4") ? 841f : 791f, paper.equals("a4") ? 843f : 793f);
                    String text = new PDFTextStripper().getText(document);
                    assertThat(text).contains(name);
                    assertThat(text).contains("Cut 1:").doesNotContain("Print");
                }
            }
        }
    }
}
