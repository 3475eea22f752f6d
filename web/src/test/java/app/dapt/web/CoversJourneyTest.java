package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a sewist does with the list of covers. */
@WithSite
class CoversJourneyTest {

    @Test
    void theWrensCoversAreThere(Site site) {
        try (Desk desk = site.desk("/")) {
            List<String> names =
                    new ArrayList<>(desk.page().locator(".cover-words h3").allInnerTexts());
            while (desk.page().getByText("Older").count() > 0) {
                desk.page()
                        .navigate(
                                site.address() + desk.page().getByText("Older").getAttribute("href"));
                names.addAll(desk.page().locator(".cover-words h3").allInnerTexts());
            }
            assertThat(names)
                    .contains(
                            "Wheelhouse bench, port end",
                            "Helmsman’s back",
                            "Saloon settee, large",
                            "Saloon window seat",
                            "Deck chair, gaping",
                            "Pilot berth, old pad",
                            "Galley stool",
                            "Stern locker, long");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void theSentenceRefusesNonsenseAndKeepsWhatWasRight(Site site) {
        try (Desk desk = site.desk("/")) {
            desk.page().locator("select[name=shape]").selectOption("oblong");
            desk.page().locator("input[name=across]").fill("a yard or so");
            desk.page().locator("input[name=up-down]").fill("14");
            desk.page().locator("input[name=name]").fill("Cabin trunk <b>");
            desk.page().locator(".start .do").click();
            assertThat(desk.page().locator("#start-refusals").innerText())
                    .contains("Dapt can’t read “a yard or so” as a length");
            assertThat(desk.page().locator("input[name=up-down]").inputValue()).isEqualTo("14");
            desk.page().locator("input[name=across]").fill("1 yd");
            desk.page().locator(".start .do").click();
            desk.page().waitForURL("**/covers/*");
            assertThat(desk.page().locator("h1").innerText()).contains("Cabin trunk <b>");
            assertThat(desk.brief())
                    .startsWith("A rectangular cover for a pillow form that measures 36 × 14\u00a0in over the curve");
        }
    }

    /** Waits for the list as it is after something was done with it. */
    private static void listComesAgain(Page page, String address, Runnable act) {
        page.waitForResponse(
                response -> response.status() == 200 && response.url().matches(".*" + address), act);
        page.waitForLoadState();
    }

    @Test
    void coversArePutIntoASetTakenOutSortedAndDeletedTogether(Site site) {
        try (Desk desk = site.copyOf("Galley stool");
                Desk other = site.copyOf("Galley stool")) {
            Page page = desk.page();
            for (Desk each : List.of(desk, other)) {
                each.page().navigate(each.page().url() + "?slip=name");
                each.page().locator("#f-name").fill(each == desk ? "Anchor seat" : "Zenith seat");
                each.page().keyboard().press("Enter");
                each.page().waitForFunction("() => !document.getElementById('slip')");
            }
            page.navigate("/");
            Page.GetByLabelOptions exactly = new Page.GetByLabelOptions().setExact(true);
            page.getByLabel("select: Anchor seat", exactly).check();
            page.locator("#set-into").selectOption(new SelectOption().setLabel("Promenade deck"));
            listComesAgain(page, "/", page.getByText("Put together")::click);
            Locator deck =
                    page.locator(".cover-group").filter(new Locator.FilterOptions().setHasText("Promenade deck"));
            assertThat(deck.innerText()).contains("Anchor seat").doesNotContain("Zenith seat");
            page.getByLabel("select: Zenith seat", exactly).check();
            page.locator("#set-called").fill("Sun lounge");
            page.getByText("Put together").click();
            page.waitForURL("**/cloth");
            page.navigate("/");
            Locator lounge = page.locator(".cover-group").filter(new Locator.FilterOptions().setHasText("Sun lounge"));
            listComesAgain(page, "/", () -> drag(page, "Anchor seat", lounge));
            assertThat(lounge.innerText()).contains("Anchor seat", "Zenith seat");
            assertThat(page.locator(".cover-line:has-text('Anchor seat')").count())
                    .as("it left the set it came from")
                    .isEqualTo(1);
            Locator takeOut = desk.inMenu("Anchor seat", "Take out of Sun lounge");
            listComesAgain(page, "left=.*", takeOut::click);
            assertThat(lounge.innerText()).doesNotContain("Anchor seat");
            listComesAgain(page, "/", page.locator(".slipped button")::click);
            assertThat(lounge.innerText()).as("it was not meant").contains("Anchor seat");
            listComesAgain(page, "left=.*", desk.inMenu("Anchor seat", "Take out of Sun lounge")::click);

            listComesAgain(page, "sort=name", () -> page.locator("#sort").selectOption("name"));
            desk.settle();
            assertThat(page.locator(".cover-words h3").first().innerText()).isEqualTo("Anchor seat");
            for (String name : List.of("Anchor seat", "Zenith seat")) {
                page.getByLabel("select: " + name, exactly).check();
            }
            listComesAgain(page, "deleted=.*", page.locator(".picked-bar .stop")::click);
            assertThat(page.locator(".cover-words h3").allInnerTexts()).doesNotContain("Anchor seat", "Zenith seat");
            assertThat(page.locator(".slipped").innerText()).contains("2 covers are deleted.");
            listComesAgain(page, "/", page.locator(".slipped button")::click);
            assertThat(page.locator(".cover-words h3").allInnerTexts()).contains("Anchor seat", "Zenith seat");
        }
    }

    private static void drag(Page page, String name, Locator onto) {
        Locator line = page.locator(".cover-line")
                .filter(new Locator.FilterOptions().setHasText(name))
                .locator(".cover-what")
                .first();
        page.setViewportSize(1280, 2400);
        BoundingBox from = line.boundingBox();
        BoundingBox to = onto.locator("h2").boundingBox();
        page.mouse().move(from.x + 20, from.y + 8);
        page.mouse().down();
        page.mouse().move(from.x + 30, from.y + 12, new Mouse.MoveOptions().setSteps(4));
        page.mouse().move(to.x + 20, to.y + 8, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
    }

    /** A set may go in another tab while its covers are picked here. */
    @Test
    void whatCannotBePutTogetherIsSaidAndStaysPicked(Site site) {
        try (Desk desk = site.desk("/")) {
            Page page = desk.page();
            Locator first = page.locator("input[name=cover]").first();
            first.check();
            String picked = first.getAttribute("value");
            page.locator("#set-into").selectOption(new SelectOption().setLabel("Promenade deck"));
            page.locator("#set-into option:checked").evaluate("option => option.value = '987654321'");
            page.getByText("Put together").click();
            page.waitForURL("**/sets");
            assertThat(page.locator(".picked-bar").innerText()).contains("no longer here");
            assertThat(page.locator("input[name=cover][value='" + picked + "']")
                            .first()
                            .isChecked())
                    .isTrue();
        }
    }

    @Test
    void coversAreFoundRenamedDeletedAndBroughtBack(Site site) {
        try (Desk desk = site.copyOf("Pilot berth, old pad")) {
            Page page = desk.page();
            page.locator(".acts .menu summary").click();
            page.locator("#phrase-name").click();
            page.locator("#slip").waitFor();
            page.locator("#f-name").fill("");
            page.keyboard().press("Enter");
            page.waitForFunction("() => document.querySelector('#r-name').innerText !== ''");
            page.locator("#f-name").fill("Quarter berth 100%");
            page.keyboard().press("Enter");
            page.waitForFunction("() => !document.getElementById('slip')");

            page.navigate("/");
            page.locator("#find").fill("berth 100%");
            page.waitForFunction("() => document.querySelectorAll('.cover-line').length === 1");
            assertThat(page.locator(".cover-words h3").innerText()).isEqualTo("Quarter berth 100%");
            desk.inMenu("Quarter berth 100%", "Delete").click();
            assertThat(page.locator(".slipped").innerText()).contains("“Quarter berth 100%” is deleted.");
            assertThat(page.locator(".cover-words h3").allInnerTexts()).doesNotContain("Quarter berth 100%");
            page.locator(".slipped button").click();
            assertThat(page.locator(".cover-words h3").allInnerTexts()).contains("Quarter berth 100%");
        }
    }
}
