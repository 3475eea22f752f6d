package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.ClothCharacter;
import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.make.CoverSteps;
import app.dapt.make.Mishap;
import app.dapt.measure.Length;
import app.dapt.shelf.Thing;
import app.dapt.shelf.Thing.Kind;
import app.dapt.step.Milestone;
import app.dapt.step.Step;
import app.dapt.web.Site.Desk;
import app.dapt.web.workroom.CoverStore;
import app.dapt.web.workroom.MishapStore;
import app.dapt.web.workroom.ShelfStore;
import app.dapt.web.workroom.WorkStore;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What is on the shelf, and what is to be bought. */
@WithSite
class ShelfJourneyTest {

    private static void move(Page page, String why, String amount) {
        page.locator("#f-why").selectOption(why);
        page.fill("#f-amount", amount);
        page.locator(".shelf-form .do").first().click();
    }

    @Test
    void ofTwoWhoWantTheLastZipOneGetsItAndTheOtherIsTold(Site site) {
        try (Desk desk = site.desk("/shelf")) {
            Page page = desk.page();
            page.locator("#f-kind").selectOption("zip");
            page.fill("#f-name", "Last of the season");
            page.fill("#f-size", "three feet");
            page.fill("#f-new-amount", "1");
            page.locator(".shelf-form .do").click();
            assertThat(page.locator("#r-size")).not().isEmpty();
            assertThat(page.locator("#f-name")).hasValue("Last of the season");
            page.fill("#f-size", "18 in");
            page.fill("#f-width", "3 in");
            page.locator(".shelf-form .do").click();
            assertThat(page.locator("#r-width")).containsText("leave this empty");
            page.fill("#f-width", "");
            page.locator(".shelf-form .do").click();
            assertThat(page.locator(".shelf-card .quiet").first()).containsText("1 there");
            try (Desk other = site.desk(page.url())) {
                move(page, "used", "1");
                assertThat(page.locator(".shelf-moves li")).hasCount(2);
                move(other.page(), "used", "1");
                assertThat(other.page().locator("#r-amount")).containsText("There is 0 of it now");
                String used =
                        other.page().locator(".shelf-moves button").first().getAttribute("value");
                page.locator(".shelf-moves button").first().click();
                assertThat(page.locator(".shelf-card .quiet").first()).containsText("1 there");
                other.page()
                        .locator(".shelf-moves button[value='" + used + "']")
                        .click();
                assertThat(other.page().locator("#r-amount")).containsText("undone any more");
                move(page, "corrected", "3");
                assertThat(page.locator(".shelf-moves li").first()).containsText("+2");
                assertThat(page.locator(".shelf-wall")).containsText("3 × Last of the season");
            }
            page.getByText("Take it off the list").click();
            assertThat(page.locator(".shelf-list")).not().containsText("Last of the season");
            page.locator(".slipped button").click();
            assertThat(page.locator(".shelf-list")).containsText("Last of the season");
            page.navigate(site.address() + "/shelf?only=cloth&sort=width");
            assertThat(page.locator(".shelf-list li").last()).containsText("Fernbank check");
            page.getByText("by what is left").click();
            assertThat(page.locator(".shelf-list li").first()).containsText("Fernbank check");
            page.navigate(site.address() + "/shelf");
            page.fill("#find", "last of");
            page.keyboard().press("Enter");
            assertThat(page.locator(".shelf-list li")).hasCount(1);
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void whatIsTickedOffTheListLiesOnTheShelf(Site site) {
        try (Desk desk = site.desk("/to-buy")) {
            Page page = desk.page();
            String before = stock(site, desk, "Plum velvet");
            page.navigate(site.address() + "/to-buy");
            page.locator(".buy-lines .tick-box").first().click();
            assertThat(page.locator(".buy-lines li").first()).hasClass("got");
            assertThat(stock(site, desk, "Plum velvet")).isNotEqualTo(before);
            page.navigate(site.address() + "/to-buy");
            page.locator(".buy-lines .tick-box").first().click();
            assertThat(page.locator(".buy-lines li.got")).hasCount(0);
            assertThat(stock(site, desk, "Plum velvet")).isEqualTo(before);
            assertThat(page.request().get(site.address() + "/to-buy.csv").text())
                    .startsWith("what,amount,for,cost")
                    .contains("Plum velvet");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void whatIsTickedInTheShopWithoutANetworkIsSentWhenItIsBack(Site site) {
        try (Desk phone = site.phone("/to-buy")) {
            Page page = phone.page();
            page.waitForFunction("() => navigator.serviceWorker.ready.then(() => true)");
            page.reload();
            Locator tape = page.locator("li:has-text('Basting tape')");
            phone.context().setOffline(true);
            tape.locator(".tick-box").click();
            assertThat(page.locator("#buy-kept")).isVisible();
            assertThat(tape).hasClass("got");
            page.reload();
            assertThat(tape).hasClass("got");
            assertThat(site.number("select count(*) from bought where line like 'Basting tape%'"))
                    .isZero();
            phone.context().setOffline(false);
            assertThat(page.locator("#buy-kept")).isHidden();
            assertThat(tape).hasClass("got");
            assertThat(site.number("select count(*) from bought where line like 'Basting tape%'"))
                    .isOne();
            tape.locator(".tick-box").click();
            assertThat(page.locator("li.got")).hasCount(0);
        }
    }

    @Test
    void pricesAreTakenFromATableAndReckonedWith(Site site) {
        try (Desk desk = site.desk("/prices")) {
            Page page = desk.page();
            page.fill("#price-shop", "x".repeat(61));
            page.evaluate("document.getElementById('price-shop').removeAttribute('maxlength')");
            page.fill("#price-shop", "x".repeat(61));
            take(page, "kind,price\nzip,1\n");
            assertThat(page.locator("#r-shop")).not().isEmpty();
            page.fill("#price-shop", "");
            take(page, "kind,name\nzip,Brass\n");
            assertThat(page.locator("#r-shop")).isEmpty();
            assertThat(page.locator("#r-file")).containsText("“kind” and “price”");
            take(page, "kind,name,price\ntrim,Fringe,2.10\ntrim,Lace,dear\n");
            assertThat(page.locator(".price-refused")).containsText("Row 3: under “price” stands “dear”");
            page.fill("#price-shop", "Market of Low Harbor");
            take(page, "kind,name,price,stock\ntrim,Fringe,1.00,30 yd\n");
            assertThat(page.locator(".slipped")).containsText("1 price is taken");
            page.navigate(site.address() + "/to-buy?by=shop");
            assertThat(page.locator("section[aria-label='Market of Low Harbor']"))
                    .containsText("Trim, fringe");
            assertThat(page.locator("section[aria-label='Market of Low Harbor'] strong"))
                    .hasText("5 yd");
            assertThat(page.locator("section[aria-label='Market of Low Harbor'] .buy-cost"))
                    .hasText("$5.00");
            page.locator("section[aria-label='Market of Low Harbor'] .tick-box").click();
            assertThat(page.locator("li.got")).hasCount(1);
            page.navigate(site.address() + "/shelf?find=fringe");
            assertThat(page.locator(".shelf-list strong").first()).hasText("5 yd");

            page.navigate(site.address() + "/prices");
            page.locator("section[aria-label='Market of Low Harbor'] .stop").click();
            assertThat(page.locator("section[aria-label='Market of Low Harbor']"))
                    .hasCount(0);
            page.locator(".slipped button").click();
            assertThat(page.locator("section[aria-label='Market of Low Harbor'] tbody tr"))
                    .hasCount(1);
            assertThat(page.request().get(site.address() + "/prices/prices.csv").text())
                    .contains("Market of Low Harbor,trim,Fringe,,,1.00,USD,yard,", ",1080 in");
            page.locator("section[aria-label='Aldous, chandler'] button")
                    .first()
                    .click();
            assertThat(page.locator(".slipped")).isVisible();
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void whatACoverComesToIsKnownBeforeItIsCut(Site site) {
        try (Desk desk = site.desk("/covers/8/cost")) {
            Page page = desk.page();
            assertThat(page.locator(".cost-lines tbody tr").first().innerText())
                    .contains("$14.75 a meter, as you entered it", "$8.85");
            page.fill("#cost-bought", "dear");
            page.fill("#cost-form", "9.00");
            page.locator(".price-take .do").click();
            assertThat(page.locator("#r-bought")).not().isEmpty();
            assertThat(page.locator("#cost-bought")).hasValue("dear");
            assertThat(page.locator("#cost-form")).hasValue("9.00");
            page.fill("#cost-bought", "40");
            page.locator(".price-take .do").click();
            assertThat(page.locator(".buy-total")).containsText("less than a bought one");
            assertThat(page.locator(".cost-lines")).containsText("Form or filling");
            page.fill("#cost-bought", "");
            page.locator(".price-take .do").click();
            assertThat(page.locator(".buy-total")).hasCount(0);
            page.navigate(site.address() + "/sets/1/cost");
            assertThat(page.locator(".cost-lines tfoot")).containsText("Together");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aFormOnTheShelfGetsItsCoverAndAZipThatFitsIsPicked(Site site) {
        try (Desk desk = site.desk("/shelf?find=Bunk")) {
            Page page = desk.page();
            page.locator(".shelf-list a").first().click();
            page.getByText("Make a cover for it").click();
            assertThat(page.locator("p.sentence")).containsText("18");
            desk.open("measure");
            pick(desk, "[name=form-there][value='21 1/4 in|21 1/4 in']");
            assertThat(page.locator("p.sentence")).containsText("21¼");
            desk.set("across-over-crown", "20");
            assertThat(page.locator("p.sentence")).containsText("measures 20\u00a0in");
            page.navigate(page.url().replaceAll("\\?.*", "") + "?slip=opening");
            assertThat(page.locator("[name=zip-there]")).hasCount(0);
            pick(desk, "[name=opening][value='back-zip']");
            pick(desk, "[name=zip-there][value='12 in']");
            assertThat(page.locator("p.sentence")).containsText("12\u00a0in");
            assertThat(page.locator("[name=zip-there][value='24 in']")).isDisabled();
            assertThat(page.locator(".picks")).containsText("shortened, it serves as planned");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void whatIsCutIsTakenOffTheShelfAndComesBackWhereItIsNotCutAfterAll(Site site) {
        try (Desk desk = site.copyOf("Mate’s cabin, tapered")) {
            Page page = desk.page();
            String cover = page.url().replaceAll("\\?.*", "");
            long id = Long.parseLong(cover.replaceAll(".*/", ""));
            ShelfStore shelf = site.bean(ShelfStore.class);
            Thing linen =
                    new Thing(Kind.CLOTH, "Bracken linen", "#7d9c93", Optional.empty(), Optional.of(Length.cm(150)), 0);
            long thing = shelf.put(linen, Length.cm(300).grains(), "").orElseThrow();
            assertThat(stock(shelf, thing)).isEqualTo(Length.cm(300).grains());
            CoverPlan plan = site.bean(CoverStore.class).find(id).plan();
            List<Step> steps = CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()));
            WorkStore work = site.bean(WorkStore.class);
            work.reach(id, steps, Milestone.CUT);
            assertThat(stock(shelf, thing)).isEqualTo(Length.cm(240).grains());
            page.navigate(site.address() + "/shelf?thing=" + thing);
            assertThat(page.locator(".shelf-moves li").first()).containsText("used, −");
            assertThat(page.locator(".shelf-moves li").first()).containsText("for Mate’s cabin, tapered");
            work.reach(id, steps, Milestone.CUT);
            assertThat(stock(shelf, thing))
                    .as("not twice")
                    .isEqualTo(Length.cm(240).grains());
            work.tick(id, List.of(), said -> false);
            assertThat(stock(shelf, thing)).isEqualTo(Length.cm(300).grains());
            work.reach(id, steps, Milestone.CUT);
            site.bean(MishapStore.class)
                    .happened(
                            id,
                            new Mishap("spoilt", Mishap.Kind.CUT_SMALL, "front/cut", Length.ZERO, 0),
                            "",
                            List.of("front/cut"),
                            said -> false,
                            "");
            assertThat(stock(shelf, thing))
                    .as("spoilt is used")
                    .isEqualTo(Length.cm(240).grains());
            shelf.putAway(thing, true);
        }
    }

    /** A remnant with a corner cut out: kept as it was typed, offered a cover, cut from, and whole again. */
    @Test
    void aRemnantOnTheShelfBecomesACover(Site site) {
        try (Desk desk = site.desk("/shelf")) {
            Page page = desk.page();
            page.locator("#f-kind").selectOption("remnant");
            page.fill("#f-name", "Binnacle corduroy");
            page.getByText("not a rectangle").click();
            page.fill("#corners-shelf", "0; 0\n44; 0\n44; 22\n30; 10\n30; 22\n0; 22");
            page.locator(".shelf-form .do").click();
            assertThat(page.locator("#f-size")).hasValue("44");
            assertThat(page.locator("#f-width")).hasValue("22");
            assertThat(page.locator(".pad-outline")).hasCount(1);
            page.getByText("how it behaves").click();
            page.locator("#f-frays").selectOption("badly");
            page.locator("#f-nap").check();
            page.locator("#f-repeat-along").fill("a mile");
            page.getByText("Save").click();
            assertThat(page.locator("#r-repeat-along")).not().isEmpty();
            page.locator("#f-repeat-along").fill("");
            page.getByText("Save").click();
            assertThat(page.locator("#f-nap")).isChecked();
            assertThat(page.locator("#corners-shelf")).hasValue(Pattern.compile("0; 0\n44; 0\n(.*\n)+0; 22"));
            long remnant = Long.parseLong(page.url().replaceAll(".*=", ""));
            long unmeasured = site.bean(ShelfStore.class)
                    .put(
                            new Thing(
                                    Kind.REMNANT,
                                    "Nobody measured it",
                                    "#7d9c93",
                                    Optional.empty(),
                                    Optional.empty(),
                                    0),
                            1,
                            "")
                    .orElseThrow();
            page.reload();
            assertThat(page.locator(".shelf-wall")).containsText("Nobody measured it");
            site.bean(ShelfStore.class).putAway(unmeasured, true);
            page.getByText("What can I make of it?").click();
            assertThat(page.locator(".from-offer").first()).containsText("Envelope");
            page.fill("#f-across", "60");
            page.getByText("See what it makes").click();
            assertThat(page.locator(".from-answer")).containsText("not enough for any");
            page.fill("#f-across", "10");
            page.getByText("See what it makes").click();
            page.locator(".from-offer .do").first().click();
            page.waitForURL(Pattern.compile(".*/covers/\\d+/cloth.*"));
            assertThat(page.locator("#cloth")).containsText("Binnacle corduroy");
            assertThat(page.locator("#cloth")).containsText("fits");
            String cover = page.url().replaceAll("/cloth.*", "");
            page.navigate(site.address() + "/shelf?thing=" + remnant);
            assertThat(page.locator(".shelf-card")).containsText("Wanted");
            long id = Long.parseLong(cover.replaceAll(".*/", ""));
            CoverPlan plan = site.bean(CoverStore.class).find(id).plan();
            assertThat(plan.cloths().front().character().frays()).isEqualTo(ClothCharacter.Fraying.BADLY);
            List<Step> steps = CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark()));
            ShelfStore shelf = site.bean(ShelfStore.class);
            long before = remnants(shelf);
            site.bean(WorkStore.class).reach(id, steps, Milestone.CUT);
            assertThat(stock(shelf, remnant)).isZero();
            assertThat(remnants(shelf)).as("what is left is there").isGreaterThan(before);
            site.bean(WorkStore.class).tick(id, List.of(), said -> false);
            assertThat(stock(shelf, remnant)).isEqualTo(1);
            assertThat(remnants(shelf)).isEqualTo(before);
            shelf.putAway(remnant, true);
        }
    }

    /** Two covers take turns on a form; the calendar has the days, its file as well. */
    @Test
    void coversThatTakeTurnsAreInTheCalendar(Site site) {
        try (Desk desk = site.desk("/shelf?only=form")) {
            Page page = desk.page();
            page.locator(".shelf-list a").first().click();
            String form = page.locator("#card-title").innerText();
            String card = page.url();
            for (String[] turn : new String[][] {
                {"Spring stripes", "2027-03-20", "linen chest"}, {"Madder twill", "2027-10-01", ""}, {"", "", ""}
            }) {
                page.locator(".turns summary").click();
                page.fill("#f-turn-cover", turn[0]);
                page.fill("#f-turn-from", turn[1]);
                page.fill("#f-turn-kept", turn[2]);
                page.locator(".turns .do").click();
            }
            assertThat(page.locator("#r-turn-cover")).not().isEmpty();
            assertThat(page.locator(".turns li")).hasCount(2);
            assertThat(page.locator(".turns li.on")).hasCount(1);
            assertThat(page.locator(".turns")).containsText("Spring stripes, from March 20");
            page.navigate(site.address() + "/calendar");
            assertThat(page.locator(".calendar-swaps li")).hasCount(2);
            assertThat(page.locator(".calendar-swaps"))
                    .containsText(form + " gets Spring stripes, kept in linen chest");
            String file = desk.context()
                    .request()
                    .get(site.address() + "/calendar/sittings.ics")
                    .text();
            assertThat(file.replace("\r\n ", "")).contains("RRULE:FREQ=YEARLY").contains("Swap: " + form + " gets");
            page.navigate(card);
            page.locator(".turns li button").first().click();
            page.locator(".turns li button").first().click();
            assertThat(page.locator(".turns li")).hasCount(0);
        }
    }

    /** Of two remnants that are alike a cover that needs both takes both. */
    @Test
    void remnantsThatAreAlikeAreTakenByTheirNumber(Site site) {
        ShelfStore shelf = site.bean(ShelfStore.class);
        Thing half = new Thing(
                Kind.REMNANT,
                "Halved ticking",
                "#7d9c93",
                Optional.of(Length.inches(21)),
                Optional.of(Length.inches(21)),
                0);
        long thing = shelf.put(half, 2, "").orElseThrow();
        try (Desk desk = site.desk("/from-cloth?thing=" + thing + "&across=20&up-down=20")) {
            desk.page().locator(".from-offer .do").first().click();
            desk.page().waitForURL(Pattern.compile(".*/covers/\\d+/cloth.*"));
            long id = Long.parseLong(desk.page().url().replaceAll(".*/covers/(\\d+)/.*", "$1"));
            CoverPlan plan = site.bean(CoverStore.class).find(id).plan();
            site.bean(WorkStore.class)
                    .reach(id, CoverSteps.of(Reckoner.reckonWithoutRemedies(plan, plan.mark())), Milestone.CUT);
            assertThat(stock(shelf, thing)).isZero();
            site.bean(WorkStore.class).tick(id, List.of(), said -> false);
            assertThat(stock(shelf, thing)).isEqualTo(2);
        }
        shelf.putAway(thing, true);
    }

    private static long remnants(ShelfStore shelf) {
        return shelf.list("Binnacle", Optional.of(Kind.REMNANT), 50).size();
    }

    @Test
    void aReadingOfTheTapeIsShownBeforeItIsTaken(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("measure");
            Page page = desk.page();
            page.locator("#f-across-over-crown").focus();
            Page tape = page.context().newPage();
            tape.navigate(site.address() + "/tape");
            tape.locator("#tape-slide").fill("540");
            assertThat(tape.locator("#tape-read")).hasText("21 1/4 in");
            tape.locator("#tape-send").click();
            assertThat(page.locator("#tape")).containsText("21 1/4 in");
            String before = page.locator("#f-across-over-crown").inputValue();
            page.keyboard().press("Escape");
            assertThat(page.locator("#tape")).isHidden();
            assertThat(page.locator("#f-across-over-crown")).hasValue(before);
            tape.locator("#tape-send").click();
            assertThat(page.locator("#tape")).isVisible();
            desk.posts(() -> page.keyboard().press("Enter"));
            assertThat(page.locator("p.sentence")).containsText("21¼");
            assertThat(desk.errors()).isEmpty();
        }
    }

    private static long stock(ShelfStore shelf, long thing) {
        return shelf.find(thing).orElseThrow().stock();
    }

    private static void pick(Desk desk, String what) {
        desk.posts(() -> desk.page().locator(what).check());
    }

    private static void take(Page page, String csv) {
        page.setInputFiles(
                "#price-file", new FilePayload("prices.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
        page.locator(".price-take .do").click();
    }

    private static String stock(Site site, Desk desk, String name) {
        desk.page().navigate(site.address() + "/shelf?find=" + name.replace(" ", "+"));
        return desk.page().locator(".shelf-list strong").first().innerText();
    }
}
