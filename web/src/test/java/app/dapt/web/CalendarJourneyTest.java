package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import org.junit.jupiter.api.Test;

/** One calendar for all that is in work. */
@WithSite
class CalendarJourneyTest {

    @Test
    void whatIsPutInWorkSharesTheSittingsGoesByItsDayAndIsMoved(Site site) {
        LocalDate today = LocalDate.now(ZoneId.systemDefault());
        try (Desk desk = site.copyOf("Galley stool");
                Desk other = site.copyOf("Galley stool")) {
            Page page = desk.page();
            String one = desk.page().url().replaceAll(".*/covers/(\\d+).*", "c$1");
            String two = other.page().url().replaceAll(".*/covers/(\\d+).*", "c$1");
            page.navigate(site.address() + "/calendar");
            page.fill("[name=starts-2]", "20:00");
            page.fill("[name=minutes-2]", "75");
            LocalDate tuesday = today.with(TemporalAdjusters.next(DayOfWeek.TUESDAY));
            page.fill("[name=off-from]", tuesday.toString());
            page.locator(".calendar-times .do").click();
            assertThat(page.locator(".days-off li")).hasCount(1);
            for (String cover : List.of(one, two)) {
                page.locator("#f-add").selectOption(cover);
                page.locator(".work-add button").click();
                assertThat(page.locator(".work-order #d-" + cover)).isVisible();
            }
            List<String> order = page.locator(".work-order [name=what]").evaluateAll("all => all.map(e => e.value)")
                            instanceof List<?> all
                    ? all.stream().map(String::valueOf).distinct().toList()
                    : List.of();
            assertThat(order.indexOf(two)).isEqualTo(order.indexOf(one) + 1);
            page.locator(".work-order li:has(#d-" + two + ") [value=up]").click();
            assertThat(page.locator(".work-order li:has(#d-" + two + ") + li #d-" + one))
                    .isVisible();
            page.fill("#d-" + one, "1066-10-14");
            page.locator(".work-order li:has(#d-" + one + ") .work-due button").click();
            assertThat(page.locator(".work-order li:has(#d-" + one + ") .refusal"))
                    .containsText("past");
            page.fill("#d-" + one, tuesday.toString());
            page.locator(".work-order li:has(#d-" + one + ") .work-due button").click();
            assertThat(page.locator(".calendar-sum strong")).containsText("cannot be kept");
            page.fill("#d-" + one, today.plusDays(90).toString());
            page.locator(".work-order li:has(#d-" + one + ") .work-due button").click();
            assertThat(page.locator(".work-order li:has(#d-" + one + ")"))
                    .hasAttribute("data-due", today.plusDays(90).toString());
            String file = new String(
                    page.request()
                            .get(site.address() + "/calendar/sittings.ics")
                            .body(),
                    StandardCharsets.UTF_8);
            assertThat(file)
                    .contains("UID:sitting-", "BEGIN:VEVENT")
                    .doesNotContain("DTSTART:" + tuesday.toString().replace("-", ""));
            String first = page.locator(".calendar-sitting h3 span").first().innerText();
            page.navigate(site.address() + "/");
            assertThat(page.locator(".sitting h2")).containsText(first);
            assertThat(desk.errors()).isEmpty();
        } finally {
            site.command("delete from work_time");
            site.command("delete from day_off");
        }
    }
}
