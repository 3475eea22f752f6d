package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Somebody types and presses faster than the page is answered. */
@WithSite
class HasteTest {

    /** Holds back what the page sends to such addresses, until it is let go. */
    private static final class Held {

        private final List<Route> routes = new ArrayList<>();
        private final Page page;
        private final String address;

        Held(Page page, String address) {
            this.page = page;
            this.address = address;
            page.route(address, routes::add);
        }

        void awaitOne() {
            page.waitForCondition(() -> !routes.isEmpty());
        }

        void letGo() {
            page.unroute(address);
            routes.forEach(Route::resume);
        }
    }

    private static void change(Locator field, String value) {
        field.fill(value);
        field.dispatchEvent("change");
    }

    @Test
    void whatIsTypedWhileAnAnswerIsUnderWayStaysAndIsSentToo(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            Page page = desk.page();
            page.navigate(page.url().replaceAll("[?].*", "") + "/cloth");
            Held held = new Held(page, "**/cloth/figures");
            change(page.locator("#f-table-wide"), "wide enough");
            held.awaitOne();
            change(page.locator("#f-table-deep"), "31");
            page.locator("#f-table-wide").focus();
            held.letGo();
            assertThat(page.locator(".field.refused")).containsText("Length");
            assertThat(page.locator("#f-table-wide")).hasValue("wide enough");
            assertThat(page.locator("#undo button")).isEnabled();
            page.reload();
            assertThat(page.locator("#f-table-deep")).hasValue("31");
        }
    }

    @Test
    void aSecondFieldOfASlipIsNotSetBackByTheAnswerToTheFirst(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            Page page = desk.page();
            desk.open("measure");
            Held held = new Held(page, "**/slip/measure");
            List<Locator> fields = page.locator("#slip input[type=text], #slip input:not([type])")
                    .all();
            change(fields.get(0), "nonsense");
            held.awaitOne();
            change(fields.get(1), "21 7/8");
            fields.get(0).focus();
            held.letGo();
            assertThat(fields.get(1)).hasValue(Pattern.compile("21.7.8"));
            assertThat(fields.get(0)).hasValue("nonsense");
            assertThat(page.locator("#slip .refusal").filter(new Locator.FilterOptions().setHasText("nonsense")))
                    .isVisible();
        }
    }

    @Test
    void aPressWhoseButtonHasGoneIsSaidToBeLostAndHoldsNothingUp(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            Page page = desk.page();
            page.navigate(page.url().replaceAll("[?].*", "") + "/cloth");
            page.locator(".lain-list ol a").first().click();
            Held held = new Held(page, "**/cloth/piece");
            Locator acts = page.locator(".lain-acts");
            acts.getByText("Leave it out").click();
            held.awaitOne();
            acts.getByText("Pin it here").click();
            change(page.locator("#f-table-deep"), "33");
            page.waitForResponse(response -> response.url().endsWith("/cloth/figures"), held::letGo);
            assertThat(page.locator("#adrift")).containsText("no longer on this page");
            page.reload();
            assertThat(page.locator("#f-table-deep")).hasValue("33");
        }
    }

    @Test
    void whatDidNotGetThroughStaysWhenAnotherAnswerComesAndIsSentAgain(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            Page page = desk.page();
            page.navigate(page.url().replaceAll("[?].*", "") + "/cloth");
            page.route("**/cloth/figures", route -> route.fulfill(new Route.FulfillOptions().setStatus(503)));
            change(page.locator("#f-table-deep"), "34");
            assertThat(page.locator("#adrift")).containsText("can’t reach your saved work");
            page.locator("#choose-edge-to-edge").click();
            assertThat(page.locator("#choose-edge-to-edge")).hasAttribute("aria-checked", "true");
            assertThat(page.locator("#f-table-deep")).hasValue("34");
            page.unroute("**/cloth/figures");
            assertThat(page.locator("#adrift")).isHidden();
            page.reload();
            assertThat(page.locator("#f-table-deep")).hasValue("34");
        }
    }
}
