package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;

/** Openings, shapes and fronts changed in the browser; templates taken away; the way back from pieces. */
@WithSite
class ShapesJourneyTest {

    private static void briefSays(Desk desk, String words) {
        desk.page().waitForFunction("words => document.querySelector('p.sentence').innerText.includes(words)", words);
    }

    @Test
    void everyOpeningIsOnePressAwayAndOneThatCannotBeSaysWhy(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("opening");
            for (String[] choice : new String[][] {
                {"banded", "banded envelope overlapping 5\u00a0in"},
                {"wrap", "a wrap overlapping 5\u00a0in"},
                {"pillowcase", "flap of"},
                {"edge-zip", "in the bottom seam"},
                {"back-zip", "across the back"},
                {"hidden-zip", "hidden under a band"},
                {"sewn-shut", "sewn shut"},
                {"envelope", "envelope back"}
            }) {
                desk.page().locator("#c-opening-" + choice[0]).click();
                briefSays(desk, choice[1]);
            }
            Locator refused = desk.page().locator("label.choice:has(#c-opening-arm-flap)");
            assertThat(desk.page().locator("#c-opening-arm-flap").isDisabled()).isTrue();
            assertThat(refused.innerText()).contains("Only a V has arms");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aVeeTurnsItsOpeningWithItAndGivesTemplates(Site site) throws Exception {
        try (Desk desk = site.copyOf("Saloon window seat")) {
            desk.page().locator("button[name=unit][value=in]").click();
            desk.open("shape");
            desk.page().locator("#c-shape-vee").click();
            briefSays(desk, "V-shaped");
            desk.set("arm", "6");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            assertThat(desk.page().locator("[data-code=opening-unfit]").count()).isZero();
            for (String form : List.of("a4.pdf", "letter.pdf", "svg", "dxf")) {
                APIResponse response = desk.page().request().get(desk.page().url() + "/templates/" + form);
                assertThat(response.status()).as(form).isEqualTo(200);
                assertThat(response.headers().get("content-disposition")).contains("attachment");
                if (form.endsWith("pdf")) {
                    try (PDDocument document = Loader.loadPDF(response.body())) {
                        assertThat(document.getNumberOfPages()).isGreaterThan(3);
                    }
                }
            }
            assertThat(desk.page()
                            .request()
                            .get(desk.page().url() + "/templates/exe")
                            .status())
                    .isEqualTo(404);
        }
    }

    @Test
    void aWideCoverIsJoinedByItsFindingAndTheJoinCanBeMoved(Site site) {
        try (Desk desk = site.copyOf("Helmsman’s back")) {
            desk.open("measure");
            desk.set("across-over-crown", "70");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            desk.open("front");
            desk.page().locator("#c-front-print-stripe").click();
            desk.settle();
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            desk.page().locator("[data-code=cloth-narrow-front] button").click();
            briefSays(desk, "joined with side strips");
            assertThat(desk.page().locator("#cut-front-3").count()).isEqualTo(1);
            desk.open("join");
            desk.page().locator("#c-joining-middle").click();
            briefSays(desk, "joined in the middle");
            assertThat(desk.page().locator("#cut-front-3").count()).isZero();
        }
    }

    @Test
    void piecesAtHandSayWhichCoverTheyMakeAndBecomeAPlan(Site site) {
        try (Desk desk = site.desk("/have")) {
            Page page = desk.page();
            page.locator("#f-frontAcross").fill("21 1/4");
            page.keyboard().press("Tab");
            page.waitForFunction(
                    "() => document.querySelector('.have-result').innerText.includes('narrower than the front')");
            page.locator("#f-frontUpDown").fill("nonsense");
            page.keyboard().press("Tab");
            page.locator(".refusals").waitFor();
            assertThat(page.locator(".refusals").innerText()).contains("Dapt can’t read");
            page.goBack();
            page.locator(".refusals").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(page.locator("#f-frontAcross").inputValue())
                    .as("back is the whole page as it was before")
                    .isEqualTo("21¼");
            assertThat(page.locator("header nav").count()).isPositive();
            page.navigate(site.address()
                    + "/have?in=in&frontAcross=21%201/4&frontUpDown=21%201/4&backAcross=21%201/4"
                    + "&firstDepth=14%201/8&secondDepth=14%201/8&firstHem=1&secondHem=1&allowance=1/2");
            assertThat(page.locator(".have-finished").innerText())
                    .isEqualTo("Makes a cover 20¼\u00a0in × 20¼\u00a0in finished, with backs overlapping 5\u00a0in");
            page.locator("button[name=unit][value=cm]").click();
            assertThat(page.locator(".have-finished").innerText())
                    .as("the same pieces, in the other unit")
                    .contains("51.4\u00a0cm × 51.4\u00a0cm", "12.7\u00a0cm");
            page.locator(".have-back button.do").click();
            page.waitForURL("**/covers/*");
            assertThat(desk.brief()).contains("overlapping 12.7\u00a0cm");
            assertThat(page.locator(".cloths").innerText())
                    .as("what is cut is not bought")
                    .contains("already cut");
            page.navigate(page.url() + "/make");
            assertThat(page.locator(".stop li:not(.done)").first().innerText()).doesNotContain("wash", "cut");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aFrontAndAWholeBackAreACoverTooAndTheLargerIsTrimmed(Site site) {
        try (Desk desk = site.desk("/have")) {
            Page page = desk.page();
            page.locator("input[name=back][value=sewn-shut]").check();
            page.locator("#f-backUpDown").waitFor();
            page.locator("#f-backUpDown").fill("20");
            page.keyboard().press("Tab");
            page.waitForFunction(
                    "() => document.querySelector('.have-result').innerText.includes('higher than the front')");
            page.locator("#f-frontAcross").fill("");
            page.keyboard().press("Tab");
            page.locator(".refusals").waitFor();
            assertThat(page.locator(".have-finished").count())
                    .as("an empty field is not answered with a default")
                    .isZero();
            page.locator("#f-frontAcross").fill("19");
            page.keyboard().press("Tab");
            page.locator(".have-back button.do").click();
            page.waitForURL("**/covers/*");
            assertThat(desk.brief()).contains("sewn");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void anEdgeAndExtrasAreAddedDrawnAndListed(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("edge");
            for (String kind : List.of("by-length", "ruffle", "flange", "corners", "piping")) {
                desk.page().locator("#c-edging-" + kind).click();
                desk.page().waitForFunction("kind => document.getElementById('c-edging-' + kind).checked", kind);
                desk.settle();
            }
            briefSays(desk, "piped with");
            assertThat(desk.page().locator(".edge-words svg").count())
                    .as("the block and a join")
                    .isEqualTo(2);
            desk.page().locator("#f-stripRule").selectOption("own");
            desk.settle();
            desk.set("stripOwn", "1");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            desk.page().locator("[data-code=lip-narrow] button").click();
            desk.page().waitForFunction("() => !document.querySelector('[data-code=lip-narrow]')");
            assertThat(desk.page().locator(".also").innerText()).contains("Cord", "Thread");
            desk.page().locator(".also summary").first().click();
            assertThat(desk.page().locator(".also .sum").first().innerText())
                    .contains("2 sides across", "to join the ends");
            desk.open("extras");
            desk.page().locator("#f-pocket").check();
            briefSays(desk, "with a pocket");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            assertThat(desk.page().locator("#cut-pocket .count").innerText()).isEqualTo("Cut 2:");
            desk.page().reload();
            assertThat(desk.brief()).contains("piped with", "with a pocket");
        }
    }
}
