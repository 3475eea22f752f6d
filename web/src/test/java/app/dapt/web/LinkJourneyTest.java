package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import app.dapt.web.workroom.LinkStore;
import app.dapt.web.workroom.Owner;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One cover or set is looked at by whoever was given its link, and by nobody once that is ended. */
@WithSite
class LinkJourneyTest {

    @Test
    void whoHasALinkLooksAtACoverAndAtNothingElse(Site site) {
        try (Desk owner = site.copyOf("Smoking room, fringed")) {
            Page own = owner.page();
            String cover = own.url().replaceAll("\\?.*", "");
            own.navigate(cover + "/links");
            own.getByText("Make a link").click();
            String link = own.locator("#f-link").inputValue();
            assertThat(link).matches("https://127\\.0\\.0\\.2:\\d+/s/[\\w-]{32}");
            try (Desk stranger = site.phoneInTheHouse(link)) {
                Page page = stranger.page();
                assertThat(page.locator("h1")).containsText("Smoking room");
                List<String> ways = new ArrayList<>();
                page.locator("main a").all().forEach(way -> ways.add(way.getAttribute("href")));
                assertThat(ways).hasSize(4).allMatch(way -> way.startsWith("/s/"));
                for (String way : ways) {
                    APIResponse answer = stranger.context().request().get(link.replaceAll("/s/.*", "") + way);
                    assertThat(answer.status()).as(way).isEqualTo(200);
                    assertThat(answer.headers()).containsEntry("x-robots-tag", "noindex, nofollow");
                    if (!way.endsWith("/layout")) {
                        page.navigate(link.replaceAll("/s/.*", "") + way);
                        page.locator("a[href]").all().forEach(each -> assertThat(each.getAttribute("href"))
                                .as("leads out of the link from %s", way)
                                .startsWith("/s/"));
                        page.locator(".card-tools a").first().click();
                        assertThat(page).hasURL(link);
                    }
                }
                String elsewhere = link + "/cutting?cover=1";
                assertThat(stranger.context().request().get(elsewhere).status()).isEqualTo(404);
                assertThat(stranger.context().request().get(link + "/plan").status())
                        .isEqualTo(404);
                own.navigate(cover + "/links");
                own.locator(".house-list button").click();
                APIResponse ended = stranger.context().request().get(link);
                APIResponse never = stranger.context().request().get(link.replaceAll(".{32}$", "A".repeat(32)));
                assertThat(ended.status()).isEqualTo(404);
                assertThat(ended.text()).isEqualTo(never.text());
            }
        }
    }

    @Test
    void aLinkToASetShowsItsCoversAndGoesWithIt(Site site) {
        LinkStore links = site.bean(LinkStore.class);
        String secret = links.make(Owner.set(1)).orElseThrow();
        try (Desk desk = site.desk("/s/" + secret)) {
            assertThat(desk.page().locator(".shared-cover").count()).isGreaterThan(1);
            assertThat(desk.context()
                            .request()
                            .get(site.address() + "/s/" + secret + "/steps")
                            .status())
                    .isEqualTo(200);
            assertThat(desk.errors()).isEmpty();
        }
        links.list(Owner.set(1)).forEach(link -> links.end(link.id()));
        assertThat(links.find(secret)).isEmpty();
    }
}
