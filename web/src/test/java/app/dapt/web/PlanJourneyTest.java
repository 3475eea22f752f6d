package app.dapt.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** What a sewist does with a plan, in the browser. */
@WithSite
class PlanJourneyTest {

    @Test
    void aCoverIsMadeWithTheKeyboardAlone(Site site) {
        try (Desk desk = site.desk("/")) {
            Page page = desk.page();
            page.locator("input[name=across]").focus();
            page.keyboard().type("21 1/4");
            page.keyboard().press("Tab");
            page.keyboard().type("Skylight bench");
            page.keyboard().press("Enter");
            page.waitForURL("**/covers/*");
            assertThat(desk.size("front")).isEqualTo("21¼ × 21¼");

            page.locator("#phrase-opening").focus();
            page.keyboard().press("Enter");
            page.locator("#slip").waitFor();
            page.waitForFunction("() => document.activeElement.id === 'c-opening-envelope'");
            page.keyboard().press("5");
            page.waitForFunction(
                    "() => document.querySelector('p.sentence').innerText.includes('a zipper 18\u00a0in long in the "
                            + "bottom seam')");
            page.keyboard().press("1");
            page.waitForFunction("() => document.querySelector('p.sentence').innerText.includes('an envelope back')");
            page.locator("#slip .more summary").first().click();
            page.locator("#c-rule-none").focus();
            for (String rule : new String[] {"half plus two", "add six", "two thirds"}) {
                page.keyboard().press("ArrowRight");
                page.waitForFunction("rule => document.querySelector('p.sentence').innerText.includes(rule)", rule);
            }
            page.waitForFunction("() => document.querySelector('#cut-back-upper .size').innerText === '21¼ × 14¼'");
            page.waitForFunction("() => document.querySelector('p.sentence').innerText.includes('two thirds')");
            assertThat(desk.brief()).contains("an envelope back (two thirds) overlapping 5¼\u00a0in");
            page.keyboard().press("Enter");
            page.locator("#slip").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(page.evaluate("document.activeElement.id")).isEqualTo("phrase-opening");

            page.keyboard().press("z");
            page.waitForFunction("() => document.querySelector('#cut-back-upper .size').innerText"
                    + " === '21¼ × 13\u2060\u200a\u20605\u20448'");
            page.keyboard().press("Shift+Z");
            page.waitForFunction("() => document.querySelector('#cut-back-upper .size').innerText === '21¼ × 14¼'");
            page.keyboard().press("?");
            assertThat(page.locator("dialog[open]").isVisible()).isTrue();
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void escapePutsBackEverythingDoneInASlip(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            String before = desk.brief();
            desk.open("opening");
            desk.set("overlap", "7");
            desk.set("centre", "9");
            assertThat(desk.brief()).contains("overlapping 7\u00a0in");
            desk.page().keyboard().press("Escape");
            desk.page().locator("#slip").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(desk.brief()).isEqualTo(before);
            desk.page().reload();
            assertThat(desk.brief()).isEqualTo(before);
        }
    }

    @Test
    void besideTheSlipStandsWhatEachSizeWasBefore(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("opening");
            assertThat(desk.page().locator(".sight s").count()).isZero();
            desk.set("overlap", "7");
            assertThat(desk.page().locator("#cut-back-upper s").innerText())
                    .isEqualTo("21¼ × 14\u2060\u200a\u20601\u20448");
            assertThat(desk.size("back-upper")).isEqualTo("21¼ × 15\u2060\u200a\u20601\u20448");
            assertThat(desk.page().locator("#cut-front s").count()).isZero();
            desk.page().locator("#c-opening-edge-zip").click();
            desk.page().locator("#cut-back").waitFor();
            assertThat(desk.page().locator(".sight-cuts").innerText()).contains("Upper back", "Lower back");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            desk.open("opening");
            assertThat(desk.page().locator(".sight s").count())
                    .as("another slip begins anew")
                    .isZero();
        }
    }

    @Test
    void theLightIsTheReadersAndStays(Site site) {
        try (Desk desk = site.desk("/")) {
            desk.page().getByLabel("Evening light").click();
            desk.page().navigate("/have");
            assertThat(desk.page().locator("html").getAttribute("data-light")).isEqualTo("evening");
            assertThat(desk.page().evaluate("getComputedStyle(document.documentElement).colorScheme"))
                    .isEqualTo("dark");
            desk.page().getByLabel("Daylight").click();
            assertThat(desk.page().locator("html").getAttribute("data-light")).isEqualTo("day");
        }
    }

    @Test
    void undoOutlivesAReloadAndASlipIsOneStep(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("opening");
            desk.set("overlap", "6");
            desk.set("overlap", "7");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            desk.page().reload();
            assertThat(desk.brief()).contains("overlapping 7\u00a0in");
            desk.page().locator("#undo button").click();
            desk.page()
                    .waitForFunction(
                            "() => document.querySelector('p.sentence').innerText.includes('overlapping 5\u00a0in')");
            assertThat(desk.page().locator("#undo button").isDisabled()).isTrue();
        }
    }

    @Test
    void nonsenseIsRefusedBesideItsFieldAndTheRestIsTaken(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.open("measure");
            desk.set("across-straight-across", "about 19");
            assertThat(desk.page().locator("#r-across-straight-across").innerText())
                    .contains("Dapt can’t read", "Try");
            assertThat(desk.page().locator("#f-across-straight-across").inputValue())
                    .isEqualTo("about 19");
            desk.set("across-label", "23");
            assertThat(desk.page().locator("#f-across-straight-across").inputValue())
                    .as("still there to mend")
                    .isEqualTo("about 19");
            assertThat(desk.page().locator(".finding").innerText()).contains("The label is off by 1¾\u00a0in");
            desk.set("across-straight-across", "19 1/4");
            assertThat(desk.page().locator("#r-across-straight-across").innerText())
                    .isEmpty();
            desk.set("across-over-crown", "");
            assertThat(desk.page().locator(".outcome").innerText())
                    .as("worked back")
                    .contains("straight across");
        }
    }

    @Test
    void aFindingsButtonPutsItRight(Site site) {
        try (Desk desk = site.copyOf("Deck chair, gaping")) {
            Locator finding = desk.page().locator("[data-code=overlap]");
            assertThat(finding.locator(".what > span").last().innerText()).isEqualTo("The opening will gape");
            finding.locator("button").click();
            finding.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(desk.brief()).contains("overlapping 7").doesNotContain("overlapping 7½");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void theOtherUnitConvertsWhatIsShownAndTypedAndTouchesNothingStored(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            String stored =
                    desk.page().request().get(desk.page().url() + "/plan.json").text();
            desk.page().locator("button[name=unit][value=cm]").click();
            assertThat(desk.size("front")).isEqualTo("54 × 54");
            desk.open("measure");
            assertThat(desk.page().locator("#f-across-over-crown").inputValue()).isEqualTo("53.975");
            desk.set("loft", "");
            desk.page().locator("#slip [name=keep]").click();
            desk.settle();
            assertThat(desk.page()
                            .request()
                            .get(desk.page().url() + "/plan.json")
                            .text())
                    .isEqualTo(stored);
            desk.open("opening");
            desk.set("overlap", "14,5");
            assertThat(desk.brief()).contains("overlapping 14.5\u00a0cm");
            desk.page().locator("button[name=english][value=UK]").click();
            assertThat(desk.brief()).contains("cover for a cushion pad that measures");
        }
    }

    @Test
    void aTermOfASumLightsItsPart(Site site) {
        try (Desk desk = site.copyOf("Wheelhouse bench, port end")) {
            desk.page().locator("#cut-back-upper summary").click();
            Locator hem = desk.page().locator("#cut-back-upper tr[data-part=hem]");
            assertThat(hem.innerText()).contains("hem, turned ½ then ½").contains("1");
            hem.hover();
            assertThat(desk.page()
                            .locator("#cut-back-upper .sum-drawing .part-hem.lit")
                            .count())
                    .isEqualTo(1);
            assertThat(desk.page().locator("#cut-back-upper tfoot td").last().innerText())
                    .isEqualTo("14\u2060\u200a\u20601\u20448\u00a0in");
        }
    }

    @Test
    void aSharedLinkAndTheBackButtonWork(Site site) {
        try (Desk desk = site.copyOf("Helmsman’s back")) {
            desk.open("fit");
            assertThat(desk.page().url()).endsWith("slip=fit&view=sewn");
            desk.page().reload();
            assertThat(desk.page().locator("#slip[data-slip=fit]").isVisible()).isTrue();
            desk.page().goBack();
            desk.page().waitForFunction("() => !document.getElementById('slip')");
            desk.page()
                    .locator(".views a", new Page.LocatorOptions().setHasText("Compare fits"))
                    .click();
            desk.page().locator(".fits table").waitFor();
            assertThat(desk.page().locator(".fits thead th").count()).isEqualTo(5);
            desk.page().getByLabel("Use this fit: One size smaller").click();
            desk.page()
                    .waitForFunction(
                            "() => document.querySelector('p.sentence').innerText.includes('2\u00a0in smaller')");
            assertThat(desk.page().locator(".fits table").isVisible())
                    .as("still comparing")
                    .isTrue();
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aPlanSavedAndOpenedIsTheSamePlan(Site site) throws Exception {
        try (Desk desk = site.copyOf("Galley stool")) {
            desk.page().locator(".acts .menu summary").click();
            Download download = desk.page()
                    .waitForDownload(
                            () -> desk.page().getByText("Save as a file").click());
            Path file = Files.createTempDirectory("dapt").resolve(download.suggestedFilename());
            download.saveAs(file);
            assertThat(file.getFileName().toString()).isEqualTo("galley-stool-copy.json");
            String brief = desk.brief();
            desk.page().navigate("/");
            desk.page().locator(".open-file summary").click();
            desk.page().locator("#plan-file").setInputFiles(file);
            desk.page().locator(".open-file button").click();
            desk.page().waitForURL("**/covers/*");
            assertThat(desk.brief()).isEqualTo(brief);
            assertThat(desk.page()
                            .request()
                            .get(desk.page().url() + "/plan.json")
                            .text())
                    .isEqualTo(Files.readString(file));

            Path bad = Files.writeString(
                    file.resolveSibling("bad.json"),
                    Files.readString(file).replace("\"galley", "x").replace("\"runs\"", "\"run\""));
            desk.page().navigate("/");
            desk.page().locator(".open-file summary").click();
            desk.page().locator("#plan-file").setInputFiles(bad);
            desk.page().locator(".open-file button").click();
            assertThat(desk.page().locator(".open-file .refusal").innerText()).contains("opening.runs", "is missing");
        }
    }

    @Test
    void withoutScriptAPlanCanBeReadAndChanged(Site site) {
        try (Desk made = site.copyOf("Wheelhouse bench, port end");
                Desk desk = site.withoutScript(made.page().url())) {
            desk.page().locator("#phrase-opening").click();
            desk.page().locator("#f-overlap").fill("nonsense");
            desk.page().locator("#slip [name=keep]").click();
            assertThat(desk.page().locator("#r-overlap").innerText()).contains("Dapt can’t read");
            desk.page().locator("#f-overlap").fill("6½");
            desk.page().locator("#slip [name=keep]").click();
            assertThat(desk.brief()).contains("overlapping 6½\u00a0in");
            assertThat(desk.page().locator("#slip").count()).isZero();
            desk.page().locator("#undo button").click();
            assertThat(desk.brief()).contains("overlapping 5\u00a0in");
        }
    }

    @Test
    void aFabricUsedBeforeIsPickedAndOneThatSharesItsNameIsAskedAbout(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            Page page = desk.page();
            desk.open("front");
            String other = page.locator("#f-front-pick option:has-text('Harbour stripe')")
                    .first()
                    .getAttribute("value");
            desk.posts(() -> page.locator("#f-front-pick").selectOption(other));
            assertThat(page.locator("#f-front-name").inputValue()).isEqualTo("Harbour stripe");
            assertThat(page.locator(".namesake").count()).isZero();
            desk.posts(() -> page.locator("#c-front-colour-plum, [name=front-colour][value='#6d3b5e']")
                    .first()
                    .click());
            assertThat(page.locator(".namesake").innerText()).contains("another fabric called Harbour stripe");
            desk.posts(() -> page.locator(".namesake button").click());
            page.waitForFunction("() => !document.querySelector('.namesake')");
            assertThat(desk.errors()).isEmpty();
        }
    }

    /** What it is for, how the cloth behaves and a tool: each changes what is recommended; taken with one press. */
    @Test
    void whatFollowsIsRecommendedTakenAndTakenBack(Site site) {
        try (Desk desk = site.copyOf("Galley stool")) {
            Page page = desk.page();
            String cover = page.url().replaceAll("\\?.*", "");
            page.navigate(cover + "?slip=use&view=advice");
            page.locator("#c-use-pulled").check();
            page.waitForFunction("() => document.querySelector('p.sentence').innerText.includes('to be pulled about')");
            page.navigate(cover + "?slip=front");
            page.locator("details.character summary").click();
            page.locator("#c-front-weight-heavy").check();
            page.waitForFunction("() => document.querySelector('#c-front-weight-heavy').checked");
            page.navigate(cover + "?view=advice");
            String advice = page.locator(".advice").innerText();
            assertThat(advice).contains("Pulled about.", "heavy", "jeans 90/14", "three stitches back and on at each");
            assertThat(advice).contains("buttons", "There is no serger");
            String before = page.locator("p.sentence").innerText();
            page.locator(".advice button[value=all]").click();
            page.locator(".advice button[value=all]")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            assertThat(page.locator(".advice tr.own").count()).isZero();
            page.locator("#undo button").click();
            page.waitForFunction("was => document.querySelector('p.sentence').innerText === was", before);
            page.navigate(site.address() + "/drawer");
            page.locator("#t-serger").check();
            page.locator("#f-mat").fill("a hand");
            page.locator(".drawer button").click();
            assertThat(page.locator("#r-mat").innerText()).isNotBlank();
            assertThat(page.locator("#f-mat").inputValue()).isEqualTo("a hand");
            page.navigate(cover + "?view=advice");
            assertThat(page.locator(".advice").innerText())
                    .contains("serge them")
                    .doesNotContain("no serger");
            page.navigate(site.address() + "/drawer");
            page.locator("#t-serger").uncheck();
            page.locator(".drawer button").click();
            assertThat(desk.errors()).isEmpty();
        }
    }
}
