package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Making a cover step by step: at the desk, on the phone, without the network and without a script. */
@WithSite
class MakeJourneyTest {

    private static final String BENCH = "Wheelhouse bench, port end";

    private static String make(Desk desk) {
        return "/covers/" + desk.page().url().replaceAll(".*/covers/(\\d+).*", "$1") + "/make";
    }

    private static String cover(String make) {
        return make.replaceAll("\\D", "");
    }

    private static Locator line(Desk desk, String step) {
        return desk.page().locator(".stops [data-step$='" + step + "']");
    }

    private static long done(Site site, String make) {
        return site.number("select count(*) from step_tick where done and cover_id = " + cover(make));
    }

    private static void ready(Desk desk) {
        desk.page().waitForSelector("#make[data-ready]");
    }

    @Test
    void aQuestionIsAnsweredBeforeDoneWorksOrIsLeftOpenOnPurpose(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            desk.page().navigate(site.address() + make + "?step=" + cover(make) + "/front/lay-lapped");
            ready(desk);
            Locator says = desk.page().locator(".step-says");
            assertThat(says).hasText(Pattern.compile("upper back face down on it first, then the lower back"));
            assertThat(desk.page().locator("#step svg[aria-label]").first())
                    .hasAttribute(
                            "aria-label",
                            Pattern.compile(
                                    "On the table: front, right side up; on it, first upper back, wrong side up"));
            desk.page().locator(".done-button").click();
            assertThat(desk.page().locator(".unasked")).isVisible();
            assertThat(line(desk, "front/lay-lapped")).not().hasClass(Pattern.compile("done"));
            desk.page().locator(".anyway").click();
            assertThat(says).hasText(Pattern.compile("Sew all around"));
            assertThat(line(desk, "front/lay-lapped")).hasClass(Pattern.compile("done"));
            assertThat(desk.page().locator(".saved")).hasText("saved");
            desk.page().reload();
            assertThat(line(desk, "front/lay-lapped").locator(".passed")).isVisible();
            desk.page().navigate(site.address() + make + "?step=" + cover(make) + "/cover/check-caught");
            ready(desk);
            desk.page().locator(".trap input").check();
            desk.page().locator(".done-button").click();
            assertThat(line(desk, "cover/check-caught")).hasClass(Pattern.compile("done"));
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aStepCanBeTakenBackAndKeysGoFromStepToStep(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            desk.page().navigate(site.address() + make);
            ready(desk);
            desk.page().locator(".done-button").click();
            assertThat(line(desk, "cloth-1/wash")).hasClass(Pattern.compile("done"));
            assertThat(desk.page().locator("#step .step")).hasAttribute("data-step", cover(make) + "/cloth-2/wash");
            desk.page().keyboard().press("ArrowLeft");
            assertThat(desk.page().locator("#step .step")).hasAttribute("data-step", cover(make) + "/cloth-1/wash");
            desk.page().locator(".undone").click();
            assertThat(line(desk, "cloth-1/wash")).not().hasClass(Pattern.compile("done"));
            assertThat(desk.page().locator(".saved")).hasText("saved");
            assertThat(done(site, make)).isZero();
            // It is cut by the numbered cuts of the layout.
            desk.page().navigate(site.address() + make + "?step=" + cover(make) + "/cloth-1/cut");
            List<String> cuts = desk.page().locator(".step-cuts .cut-order li").allInnerTexts();
            assertThat(desk.page().locator(".step-cloth svg")).isVisible();
            desk.page().navigate(site.address() + make.replace("/make", "/cloth?cloth=" + cover(make) + ".1"));
            assertThat(desk.page().locator(".cut-order li")).hasText(cuts.toArray(String[]::new));
        }
    }

    /** Two devices, one of them without the network for a while: nothing is lost, nothing doubled, and both agree. */
    @Test
    void whatIsTickedWithoutTheNetworkIsSentWhenItIsBackAndMerged(Site site) {
        try (Desk laptop = site.copyOf(BENCH)) {
            String make = make(laptop);
            laptop.page().navigate(site.address() + make);
            ready(laptop);
            try (Desk phone = site.phone(make)) {
                ready(phone);
                phone.page().waitForFunction("() => navigator.serviceWorker.controller !== null");
                phone.page().reload();
                ready(phone);
                phone.context().setOffline(true);
                phone.page().locator(".done-button").click();
                phone.page().locator(".done-button").click();
                assertThat(line(phone, "cloth-2/wash")).hasClass(Pattern.compile("done"));
                assertThat(phone.page().locator(".saved")).containsText("on this device");
                assertThat(done(site, make)).isZero();
                phone.page().reload();
                ready(phone);
                assertThat(line(phone, "cloth-1/wash")).hasClass(Pattern.compile("done"));
                assertThat(phone.page().locator("#step .step"))
                        .hasAttribute("data-step", cover(make) + "/cloth-1/press-cloth");

                laptop.page()
                        .locator(".stops a", new Page.LocatorOptions().setHasText("press Harbour stripe"))
                        .click();
                laptop.page().locator(".done-button").click();
                assertThat(laptop.page().locator(".saved")).hasText("saved");

                phone.context().setOffline(false);
                assertThat(phone.page().locator(".saved")).hasText("saved");
                assertThat(line(phone, "cloth-1/press-cloth")).hasClass(Pattern.compile("done"));
                assertThat(done(site, make)).isEqualTo(3);
                assertThat(site.number("select count(*) from step_tick where cover_id = " + cover(make)))
                        .isEqualTo(3);
            }
            laptop.page().reload();
            assertThat(line(laptop, "cloth-2/wash")).hasClass(Pattern.compile("done"));
        }
    }

    /** What was ticked without the network is sent from whatever page is open when it is back. */
    @Test
    void anyPageSendsWhatIsStillKept(Site site) {
        try (Desk phone = site.copyOf(BENCH)) {
            String make = make(phone);
            phone.page().navigate(site.address() + make);
            ready(phone);
            // The page of the work tries again and again by itself, and is kept from it, whichever step it shows.
            phone.page().route("**/ticks", route -> {
                if (route.request().frame().url().contains(make)) {
                    route.abort();
                } else {
                    route.resume();
                }
            });
            phone.page().locator(".done-button").click();
            assertThat(phone.page().locator(".saved")).containsText("on this device");
            phone.page().waitForResponse("**/make/ticks", () -> phone.page().navigate(site.address() + "/have"));
            assertThat(done(site, make)).isEqualTo(1);
            phone.page().waitForFunction("() => Object.keys(localStorage).join() === 'dapt-device'");
        }
    }

    @Test
    void anotherTabFollowsAndACoverThatIsGoneIsSaid(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            desk.page().navigate(site.address() + make);
            ready(desk);
            Page other = desk.context().newPage();
            other.navigate(site.address() + make);
            other.waitForSelector("#make[data-ready]");
            other.route("**/ticks", route -> route.abort());
            desk.page().route("**/ticks", route -> route.abort());
            desk.page().locator(".done-button").click();
            assertThat(other.locator(".stops [data-step$='cloth-1/wash']")).hasClass(Pattern.compile("done"));
            other.close();
            site.command("update cover set deleted_at = now() where id = " + cover(make));
            desk.page().unroute("**/ticks");
            assertThat(desk.page().locator(".saved")).containsText("no longer here");
            assertThat(line(desk, "cloth-1/wash")).hasClass(Pattern.compile("done"));
        }
    }

    /** A plan that changes after the cut forgets nothing that was done, and says what has to be done again. */
    @Test
    void whatIsPlannedOtherwiseAfterTheCutIsSaid(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String plan = desk.page().url();
            String make = make(desk);
            desk.page().navigate(site.address() + make + "?step=" + cover(make) + "/cloth-2/cut");
            ready(desk);
            desk.page().locator(".done-button").click();
            desk.page()
                    .locator(".stops a:has-text('press the lower hem of the upper back')")
                    .click();
            desk.page().locator(".done-button").click();
            assertThat(desk.page().locator(".saved")).hasText("saved");
            desk.page().navigate(plan);
            desk.open("opening");
            desk.set("overlap", "7");
            for (String elsewhere : List.of(plan, plan + "/try-on", site.address() + make + "/when")) {
                desk.page().navigate(elsewhere);
                assertThat(desk.page().locator(".since-cut")).containsText("Lower back");
            }
            desk.page().navigate(site.address() + "/?find=" + BENCH.replace(" ", "+") + ",+copy");
            assertThat(desk.page().locator(".cover-next").first()).containsText("changed since it was cut");
            desk.page().navigate(site.address() + make);
            assertThat(desk.page().locator(".since-cut"))
                    .containsText(Pattern.compile("Cut again:.*Upper back: 21¼ × 1[0-9].*Lower back"));
            assertThat(line(desk, "back-upper/hem-press")).hasClass(Pattern.compile("done"));
            assertThat(line(desk, "back-upper/hem-press").locator(".passed")).hasText("do again");
            assertThat(desk.page().locator(".since-cut")).not().containsText("Front");
            // A tick after the change does not make the cut forgotten.
            ready(desk);
            desk.page()
                    .locator(".stops a:has-text('stitch the lower hem of the upper back')")
                    .click();
            desk.page().locator(".done-button").click();
            assertThat(desk.page().locator(".saved")).hasText("saved");
            desk.page().reload();
            desk.page().locator(".since-cut button").click();
            desk.page().waitForLoadState();
            assertThat(desk.page().locator(".since-cut")).hasCount(0);
            // The new piece has no hem yet.
            assertThat(line(desk, "back-upper/hem-press")).not().hasClass(Pattern.compile("done"));
        }
    }

    @Test
    void makingEndsWithTheFinishedCoverAndTheWaysOn(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            Page page = desk.page();
            String make = make(desk);
            page.navigate(site.address() + make);
            page.waitForFunction("() => document.getElementById('make').dataset.ready === ''");
            page.evaluate("""
                    base => document.querySelectorAll('.stops [data-step]').forEach(each =>
                        each.matches('.stop:last-child li:last-child')
                            || window.ticks.keep(base, each.dataset.step, true, false))""", make);
            page.reload();
            page.waitForFunction("() => document.getElementById('make').dataset.ready === ''");
            assertThat(page.locator(".make-left")).containsText("left");
            page.locator(".done-button").click();
            assertThat(page.locator(".step.finished h2")).hasText("Done. It’s finished.");
            assertThat(page.locator(".make-left")).hasText("Nothing left to do");
            assertThat(page.locator(".finished figure")).containsText("Say how it sits");
            assertThat(page.locator(".saved")).hasText("saved");
            page.reload();
            assertThat(page.locator(".step.finished")).isVisible();
            page.getByText("Note it in the log").click();
            page.locator(".entry-fields").waitFor();
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void sittingsFallOnTheDaysThereIsTimeAndNonsenseIsRefusedBesideItsField(Site site) throws Exception {
        try (Desk desk = site.copyOf(BENCH)) {
            String when = make(desk) + "/when";
            desk.page().navigate(site.address() + when);
            for (int day = 1; day <= 7; day++) {
                desk.page().fill("[name=starts-" + day + "]", day == 2 ? "8 pm" : "");
                desk.page().fill("[name=minutes-" + day + "]", day == 2 ? "45" : "");
            }
            desk.page().fill("[name=starts-5]", "noonish");
            desk.page().fill("[name=minutes-5]", "0");
            desk.page().fill("[name=due]", "1066-10-14");
            desk.page().locator(".times .do").click();
            assertThat(desk.page().locator("[name=starts-5]")).hasValue("noonish");
            assertThat(desk.page().locator("[name=starts-5] + .refusal")).containsText("time of day");
            assertThat(desk.page().locator("[name=minutes-5] + .refusal")).not().isEmpty();
            assertThat(desk.page().locator("[name=due] + .refusal")).containsText("past");
            assertThat(desk.page().locator("[name=starts-2]")).hasValue("20:00");
            desk.page().fill("[name=starts-5]", "4 pm");
            desk.page().fill("[name=minutes-5]", "a while");
            desk.page().locator(".times .do").click();
            assertThat(desk.page().locator("[name=starts-5]")).hasValue("4 pm");
            desk.page().fill("[name=minutes-5]", "1 h 30");
            desk.page().locator(".times .do").click();
            assertThat(desk.page().locator("[name=minutes-5]")).hasValue("90");
            desk.page().fill("[name=starts-5]", "");
            desk.page().fill("[name=minutes-5]", "");
            desk.page()
                    .fill(
                            "[name=due]",
                            LocalDate.now(ZoneId.systemDefault()).plusDays(15).toString());
            desk.page().locator(".times .do").click();
            assertThat(desk.page().locator(".verdict")).containsText("cannot be kept");
            assertThat(desk.page().locator(".verdict")).containsText("minutes more each time would be enough");
            assertThat(desk.page().locator(".sittings h3").first()).containsText(Pattern.compile("Tue .* 8:00"));
            byte[] file = desk.page()
                    .request()
                    .get(site.address() + when + "/sittings.ics")
                    .body();
            String calendar = new String(file, StandardCharsets.UTF_8);
            assertThat(calendar).contains("BEGIN:VCALENDAR", "T200000", "SUMMARY:Sewing", "BEGIN:VEVENT");
            assertThat(desk.page().locator(".sittings > li").count())
                    .isEqualTo(calendar.split("BEGIN:VEVENT", -1).length - 1);
            assertThat(desk.errors()).isEmpty();
        } finally {
            site.command("delete from work_time");
        }
    }

    @Test
    void itGoesOnWithoutScript(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            try (Desk plain = site.withoutScript(make)) {
                plain.page().locator(".done-button").click();
                assertThat(line(plain, "cloth-1/wash")).hasClass(Pattern.compile("done"));
                plain.page().locator("a:has-text('lay the backs on the front')").click();
                plain.page().locator(".done-button").click();
                assertThat(plain.page().locator(".unasked")).isVisible();
                plain.page().locator(".trap input").check();
                plain.page().locator(".done-button").click();
                assertThat(line(plain, "front/lay-lapped")).hasClass(Pattern.compile("done"));
                assertThat(done(site, make)).isEqualTo(2);
            }
        }
    }

    /** Nonsense from a device is refused, and what it says of another's cover is not taken. */
    @Test
    void nonsenseOfADeviceIsRefused(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            desk.page().navigate(site.address() + make);
            String send = "async (body) => { const token = await (await fetch('/token')).text();"
                    + " const answer = await fetch('" + make + "/ticks', { method: 'POST', body: body, headers:"
                    + " { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } }); return answer.status; }";
            String id = "\"id\":\"3f0c1f6e-0000-4000-8000-000000000001\"";
            String tick = "{" + id + ",\"key\":\"%s\",\"done\":true,\"passed\":false,\"at\":%s,\"device\":\"%s\"}";
            String now = String.valueOf(System.currentTimeMillis());
            for (String body : new String[] {
                "[{}]",
                "nonsense",
                "[null]",
                "[" + tick.formatted("1/cover/fill", now, "x") + "]",
                "[" + tick.formatted(cover(make) + "/a", "5", "x") + "]",
                "[" + tick.formatted(cover(make) + "/" + "x".repeat(200), now, "x") + "]",
                "[" + tick.formatted(cover(make) + "/a", "99999999999999999999", "x") + "]",
                "[" + tick.formatted(cover(make) + "/a", now, "y".repeat(50)) + "]",
                "[" + tick.formatted(cover(make) + "/a\\u0000", now, "x") + "]",
                "[" + tick.formatted(cover(make) + "/a", now, "x").replace("3f0c", "zz") + "]"
            }) {
                assertThat((Integer) desk.page().evaluate(send, body)).as(body).isBetween(400, 422);
            }
            assertThat(done(site, make)).isZero();
            assertThat(site.number("select count(*) from step_tick where cover_id = 1 and step = 'cover/fill'"))
                    .isZero();
            assertThat(desk.page()
                            .evaluate(
                                    send, "[null," + tick.formatted(cover(make) + "/front/right-side", now, "x") + "]"))
                    .as("one that is nonsense is refused by itself")
                    .isEqualTo(200);
            assertThat(site.number("select count(*) from step_tick where cover_id = " + cover(make)))
                    .isEqualTo(1);
        }
    }

    /** What rests on it comes again, after it is put right; the next cover with the same step is told, and the log. */
    @Test
    void whatWentWrongIsPutRightInTheOrderOfWorkAndIsSaidAtTheNextCover(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            String make = make(desk);
            String laid = cover(make) + "/front/lay-lapped";
            desk.page().navigate(site.address() + make + "?step=" + laid);
            ready(desk);
            desk.page().locator(".trap input").check();
            desk.page().locator(".done-button").click();
            assertThat(desk.page().locator(".saved")).hasText("saved");
            desk.page().navigate(site.address() + make + "/wrong?step=" + laid);
            assertThat(desk.page().locator(".wrong-kind")).containsText("It is only pinned");
            desk.page().locator("[name=note]").fill("the “lower” one <first>");
            desk.page().locator(".wrong-kind button").dblclick();
            ready(desk);
            Locator line = desk.page().locator(".stops [data-step*='put-right-']");
            assertThat(line).hasText(Pattern.compile("put right: lay the backs on the front"));
            assertThat(line(desk, "front/lay-lapped")).not().hasClass(Pattern.compile("done"));
            assertThat(site.number("select count(*) from mishap where cover_id = " + cover(make)))
                    .isOne();
            try (Desk other = site.copyOf(BENCH)) {
                String next = make(other);
                other.page().navigate(site.address() + next + "?step=" + cover(next) + "/front/lay-lapped");
                assertThat(other.page().locator("#step .last-time"))
                        .hasText(Pattern.compile("laid in the wrong order.+the “lower” one <first>"));
                other.page().navigate(site.address() + "/learned");
                other.page().locator("form[action$='/mishap'] [role=switch]").click();
                other.page().navigate(site.address() + next + "?step=" + cover(next) + "/front/lay-lapped");
                assertThat(other.page().locator("#step .last-time")).hasCount(0);
                other.page().navigate(site.address() + "/learned");
                other.page().locator("form[action$='/mishap'] [role=switch]").click();
                other.page()
                        .locator("li", new Page.LocatorOptions().setHasText("the “lower” one"))
                        .getByText("Remove")
                        .click();
                assertThat(site.number("select count(*) from mishap where cover_id = " + cover(make)))
                        .isZero();
            }
            assertThat(desk.errors()).isEmpty();
        }
    }
}
