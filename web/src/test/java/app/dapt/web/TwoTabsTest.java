package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import org.junit.jupiter.api.Test;

/** A change made in a tab that has fallen behind is neither lost nor wins silently. */
@WithSite
class TwoTabsTest {

    @Test
    void theLaterChangeIsKeptAsideAndOfferedOnTopOfTheNewerCover(Site site) {
        try (Desk one = site.copyOf("Wheelhouse bench, port end");
                Desk other = site.desk(one.page().url())) {
            other.open("opening");
            one.open("seam");
            one.set("allowance", "5/8");
            other.set("overlap", "7");
            assertThat(other.page().locator(".conflict").innerText()).contains("changed in another tab", "the opening");
            assertThat(other.brief())
                    .as("the cover as it now is")
                    .contains("overlapping 5\u00a0in and 5\u20448\u00a0in seams");
            other.page().locator(".conflict .do").click();
            other.page()
                    .waitForFunction(
                            "() => document.querySelector('p.sentence').innerText.includes('overlapping 7\u00a0in and "
                                    + "5\u20448\u00a0in seams')");
            one.page().reload();
            assertThat(one.brief()).contains("overlapping 7\u00a0in and 5\u20448\u00a0in seams");
        }
    }

    @Test
    void itAlsoWaitsWithoutScript(Site site) {
        try (Desk one = site.copyOf("Wheelhouse bench, port end");
                Desk other = site.withoutScript(one.page().url() + "?slip=opening")) {
            one.open("seam");
            one.set("allowance", "3/4");
            other.page().locator("#f-overlap").fill("8");
            other.page().locator("#slip [name=keep]").click();
            assertThat(other.page().locator(".conflict").isVisible()).isTrue();
            other.page().locator(".conflict .do").click();
            assertThat(other.brief()).contains("overlapping 8\u00a0in and ¾\u00a0in seams");
        }
    }
}
