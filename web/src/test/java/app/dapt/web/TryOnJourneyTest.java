package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A cover is tried on, corrected, and gone on with. */
@WithSite
class TryOnJourneyTest {

    private static final String HELMSMAN = "Helmsman’s back";

    private static String cover(Desk desk) {
        return desk.page().url().replaceAll(".*/covers/(\\d+).*", "$1");
    }

    private static String tryOn(Site site, Desk desk) {
        String cover = cover(desk);
        desk.page().navigate(site.address() + "/covers/" + cover + "/try-on");
        return cover;
    }

    private static void answer(Desk desk, String question, String answer) {
        desk.posts(desk.page().locator("#a-" + question + "-" + answer)::check);
    }

    private static Locator says(Desk desk) {
        return desk.page().locator(".correction-says");
    }

    private static long entries(Site site, String cover) {
        return site.number("select count(*) from log_entry where deleted_at is null and cover_id = " + cover);
    }

    @Test
    void fourAnswersBecomeASeamToSewAndThePlanTheCoverAsItIs(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN)) {
            String cover = tryOn(site, desk);
            assertThat(desk.page().locator(".fitting-filled svg")).isVisible();
            answer(desk, "corners", "filled");
            answer(desk, "middle", "sags");
            answer(desk, "edges", "smooth");
            assertThat(desk.page().locator("#answers [role=status]")).hasText("1 question to go");
            assertThat(entries(site, cover)).as("half an answer is none").isZero();
            answer(desk, "opening", "closed");

            // 87% and a tenth more: 97%.
            assertThat(says(desk)).hasText(Pattern.compile("Sew the seam 5.16\\sin deeper all the way around."));
            assertThat(desk.page().locator(".correction-table")).containsText(Pattern.compile("87%.*97%"));
            assertThat(desk.page().locator(".correction figure svg[aria-label]"))
                    .isVisible();
            assertThat(entries(site, cover)).isEqualTo(1);
            assertThat(desk.page().locator(".fitting-filled svg")).isVisible();

            desk.page().getByText("I have sewn it like this").click();
            assertThat(desk.page().locator(".fitting-done")).containsText("Planned: A rectangular cover");
            desk.page().navigate(site.address() + "/covers/" + cover);
            assertThat(desk.brief())
                    .containsPattern("5⁄8.in smaller after trying on")
                    .containsPattern("13⁄16.in seams");
            assertThat(desk.size("front").replaceAll("\\s", ""))
                    .as("cut as it was")
                    .isEqualTo("24×15¾");

            desk.page().navigate(site.address() + "/covers/" + cover + "/make");
            assertThat(desk.page().locator(".stops [data-step$='cover/try-on']"))
                    .hasClass(Pattern.compile("done"));
            assertThat(desk.page().locator(".since-cut")).hasCount(0);
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aSecondTryOnGoesOnFromTheFirst(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN)) {
            String cover = tryOn(site, desk);
            answerAll(desk, "sags");
            desk.page().getByText("I have sewn it like this").click();
            desk.page().getByText("Try it on again").click();
            assertThat(desk.page().locator("#answers input:checked")).hasCount(0);
            answerAll(desk, "firm");
            assertThat(says(desk)).hasText("It fits. Leave it as it is.");
            desk.page().getByText("Go on with the work").click();
            assertThat(desk.page()).hasURL(Pattern.compile("/covers/" + cover + "/make"));
            assertThat(site.number("select count(*) from log_revision r join log_entry e on e.id = r.entry_id "
                            + "where r.number = e.revision and r.entry -> 'planned' is not null and e.cover_id = "
                            + cover))
                    .as("what was first planned stays")
                    .isEqualTo(1);
        }
    }

    private static void answerAll(Desk desk, String middle) {
        answer(desk, "corners", "filled");
        answer(desk, "middle", middle);
        answer(desk, "edges", "smooth");
        answer(desk, "opening", "closed");
    }

    @Test
    void theZipsEdgeStays(Site site) {
        try (Desk desk = site.copyOf("Captain’s lumbar, button band")) {
            tryOn(site, desk);
            answer(desk, "corners", "filled");
            answer(desk, "middle", "sags");
            answer(desk, "edges", "smooth");
            assertThat(says(desk)).hasText(new Pattern[] {
                Pattern.compile("Sew the top ¾\\sin deeper."),
                Pattern.compile("Sew both sides 3.8\\sin deeper."),
                Pattern.compile("The zipper is at the bottom, and that seam stays.")
            });
        }
    }

    @Test
    void whatCannotBeReadIsRefusedBesideItsFieldAndTheAnswersStay(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN)) {
            String cover = tryOn(site, desk);
            answerAll(desk, "sags");
            answer(desk, "opening", "gapes");
            desk.page().locator("#f-gape").fill("a thumb");
            desk.page().locator("#f-gape").dispatchEvent("change");
            assertThat(desk.page().locator("#f-gape ~ .refusal")).containsText("“a thumb”");
            assertThat(desk.page().locator("#a-middle-sags")).isChecked();
            desk.page().locator("#f-gape").fill("1/2");
            desk.page().locator("#f-gape").dispatchEvent("change");
            assertThat(desk.page().locator(".correction")).containsText("It gapes by ½ in");
            assertThat(entries(site, cover)).isEqualTo(1);
        }
    }

    /** A cover in inches, read in centimetres: what is shown is what is kept. */
    @Test
    void whatIsShownIsWhatIsKeptInWhicheverUnit(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN)) {
            String cover = tryOn(site, desk);
            desk.page().locator(".switch button[value=cm]").click();
            answerAll(desk, "sags");
            String shown = says(desk).innerText();
            desk.page().getByText("I have sewn it like this").click();
            assertThat(desk.page().locator(".fitting-done .correction-says")).hasText(shown);
            String kept = "select (entry #>> '{plan,seam,altered,deeper}' = '5/16 in')::int from log_revision r "
                    + "join log_entry e on e.id = r.entry_id and r.number = e.revision where e.cover_id = ";
            assertThat(site.number(kept + cover)).isEqualTo(1);
        }
    }

    @Test
    void worksWithoutAScript(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN);
                Desk plain = site.withoutScript("/covers/" + cover(desk) + "/try-on")) {
            plain.page().locator("#f-narrower").fill("1/2");
            plain.page().getByText("Save the answers").click();
            assertThat(says(plain)).hasText("Sew the seam ¼ in deeper all the way around.");
            plain.page().getByText("Leave it as it is").click();
            assertThat(plain.page()).hasURL(Pattern.compile("/make"));
        }
    }

    /** A plan that was changed after it was tried on is another cover: what was said is not said of it. */
    @Test
    void whatWasSaidOfOneCoverIsNotSaidOfAnother(Site site) {
        try (Desk desk = site.copyOf(HELMSMAN)) {
            String cover = tryOn(site, desk);
            answerAll(desk, "sags");
            desk.page().navigate(site.address() + "/covers/" + cover + "?slip=fit");
            desk.page().locator("#slip input[name=school][value=cut-to-form]").check();
            desk.settle();
            desk.page().navigate(site.address() + "/covers/" + cover + "/try-on");
            assertThat(says(desk)).hasCount(0);
            assertThat(desk.page().locator("#answers input:checked")).hasCount(0);
        }
    }
}
