package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** The log and what is learnt from it. */
@WithSite
class LogJourneyTest {

    private static final int WINTER = 16;

    private static Locator line(Desk desk, String name) {
        return desk.page()
                .locator(".log-line")
                .filter(new Locator.FilterOptions().setHasText(name))
                .first();
    }

    private static void open(Desk desk, String name) {
        line(desk, name).locator("h2 a").click();
        desk.page().locator(".entry-fields").waitFor();
    }

    private static FilePayload file(String name, String type, byte[] content) {
        return new FilePayload(name, type, content);
    }

    private static byte[] png(int wide, int high) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }

    @Test
    void theFirstWinterIsFoundFilteredAndTotalled(Site site) {
        try (Desk desk = site.desk("/log?year=2025")) {
            assertThat(desk.page().locator(".log-line")).hasCount(7);
            assertThat(desk.page().locator(".log-totals li").filter(new Locator.FilterOptions().setHasText("2025")))
                    .containsText("7 covers");
            desk.page().locator("#log-filling").selectOption("feather");
            desk.page().locator(".find button").click();
            assertThat(desk.page().locator(".log-line")).hasCount(2);
            desk.page().navigate(site.address() + "/log?find=awful");
            assertThat(desk.page().locator(".empty")).hasText("No entry like that.");
        }
    }

    /** The taste that the Wren's log was written with shows in what is learnt, and in the fit that is recommended. */
    @Test
    void whatWasLearntIsSaidShownAndUsed(Site site) {
        try (Desk desk = site.desk("/learned")) {
            assertThat(desk.page().locator(".learnt-says").first())
                    .hasText(Pattern.compile("Going by \\d+ covers, you like them 9\\d% full: nine times in ten, .*"));
            assertThat(desk.page().locator(".learnt")).containsText(Pattern.compile("firm: 9[4-6]% full"));
            assertThat(desk.page().locator(".plot[aria-label]")).hasCount(3);
            long stitches =
                    desk.page().locator(".plot").first().locator(".plot-stitch").count();
            assertThat(stitches).as("all forms, then by filling").isGreaterThanOrEqualTo(2L * WINTER);

            desk.page().navigate(site.address() + "/covers/27?view=fits");
            assertThat(desk.page().locator(".fits .reason")).containsText("Recommended: My own ease");
            desk.page().navigate(site.address() + "/learned");
            desk.page().getByText("Use it for my own fit").click();
            desk.page().navigate(site.address() + "/covers/27?view=fits");
            assertThat(desk.page().locator(".fits .reason")).not().containsText("My own ease:");
            desk.page().navigate(site.address() + "/learned");
            desk.page().getByText("Use it for my own fit").click();
        }
    }

    @Test
    void anOwnFitIsTakenWithItsFigures(Site site) {
        try (Desk desk = site.copyOf("Helmsman’s back")) {
            desk.open("fit");
            desk.page().locator("#slip input[name=school][value=my-own]").check();
            desk.settle();
            assertThat(desk.page().locator("#phrase-fit")).hasText("with my own ease of −½ in");
        }
    }

    @Test
    void nonsenseIsRefusedBesideItsFieldAndTheRestIsKept(Site site) {
        try (Desk desk = site.desk("/log")) {
            open(desk, "Gallery bench, forward");
            Page page = desk.page();
            page.locator("#f-note").fill("Kept all the same");
            page.locator("#f-minutes-iron").fill("-4");
            page.locator("#f-fabric").fill("a fortune");
            page.locator("#f-made").evaluate("field => { field.type = 'text'; field.value = '1066-10-14'; }");
            page.locator(".entry-fields .do").click();
            assertThat(page.locator("#f-made ~ .refusal")).containsText("too long ago");
            assertThat(page.locator("#f-minutes-iron ~ .refusal")).containsText("whole number");
            assertThat(page.locator("#f-minutes-iron")).hasValue("-4");
            assertThat(page.locator("#f-fabric ~ .refusal")).containsText("12.50");
            page.reload();
            assertThat(page.locator("#f-note")).hasValue("Kept all the same");
            assertThat(page.locator("#f-made")).hasValue("2025-11-23");
            page.getByText("Undo the last change").click();
            assertThat(page.locator("#f-note")).hasValue(Pattern.compile("Pom-poms.*"));
        }
    }

    @Test
    void aPictureIsReadWithCare(Site site) throws IOException {
        try (Desk desk = site.desk("/log")) {
            open(desk, "Saloon bench, first");
            Page page = desk.page();
            page.locator("#entry-picture").setInputFiles(file("large.png", "image/png", png(8000, 5000)));
            page.locator(".entry-cover form button").first().click();
            assertThat(page.locator(".entry-cover .refusal")).containsText("40 megapixels");
            page.locator("#entry-picture").setInputFiles(file("bench.png", "image/png", png(40, 30)));
            page.locator(".entry-cover form button").first().click();
            assertThat(page.locator(".entry-picture")).isVisible();
            assertThat(page.locator("#f-note")).isVisible();
        }
    }

    @Test
    void twoTabsDoNotOverwriteEachOther(Site site) {
        try (Desk one = site.desk("/log")) {
            open(one, "Mate’s cabin, second");
            try (Desk other = site.desk(one.page().url())) {
                one.page().locator("#f-note").fill("from the one");
                one.posts(one.page().locator(".entry-fields .do")::click);
                other.page().locator("#f-note").fill("from the other");
                other.page().locator(".entry-fields .do").click();
                assertThat(other.page().locator(".conflict")).isVisible();
                assertThat(other.page().locator("#f-note")).hasValue("from the one");
                other.page().locator(".conflict .do").click();
                assertThat(other.page().locator("#f-note")).hasValue("from the other");
            }
        }
    }

    @Test
    void anEntryIsRemovedAndBroughtBackAndOutlivesItsCover(Site site) {
        try (Desk desk = site.copyOf("Sun deck, tied")) {
            String cover = desk.page().url().replaceAll(".*/covers/(\\d+).*", "$1");
            desk.page().navigate(site.address() + "/covers/" + cover + "/try-on");
            desk.page().getByText("Put it in the log without trying it on").click();
            assertThat(desk.page().locator(".uncut p")).containsText("None of it is ticked as cut");
            desk.page().getByText("Yes, it’s made").click();
            desk.page().locator(".entry-fields").waitFor();
            String entry = desk.page().url();
            desk.page().locator(".entry-acts .stop").click();
            assertThat(desk.page().locator(".slipped")).containsText("removed");
            desk.page().locator(".slipped button").click();
            site.command("delete from cover where id = " + cover);
            desk.page().navigate(entry);
            assertThat(desk.page().locator("h1")).hasText("Sun deck, tied, copy");
            assertThat(desk.page().getByText("Its plan")).hasCount(0);
            desk.page().locator(".entry-acts .do").click();
            desk.page().locator("p.sentence").waitFor();
            assertThat(desk.page().locator("h1")).containsText("Sun deck, tied, copy, copy");
        }
    }

    @Test
    void theLogGoesOutAndComesInWithoutDoubles(Site site) {
        try (Desk desk = site.desk("/log")) {
            String csv = desk.context().request().get("/log.csv").text();
            assertThat(csv.lines().findFirst().orElseThrow()).startsWith("made,cover,shape,filling");
            Page page = desk.page();
            page.locator("#log-file").setInputFiles(file("log.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
            page.locator(".log-files button").click();
            assertThat(page.locator(".slipped")).containsText("Nothing new in that file.");
            byte[] other = "a,b\n1,2\n".getBytes(StandardCharsets.UTF_8);
            page.locator("#log-file").setInputFiles(file("x.csv", "text/csv", other));
            page.locator(".log-files button").click();
            assertThat(page.locator(".log-files .refusal")).containsText("needs columns");
        }
    }

    @Test
    void whatSomebodyHasKeptInASpreadsheetComesInAndSoDoesWhatWasChangedInOne(Site site) {
        try (Desk desk = site.desk("/log")) {
            Page page = desk.page();
            byte[] own = """
                    Name;Date;Form;Note
                    Mail steamer bench;4.3.2024;45,5 x 45,5 cm;first try
                    Purser’s chair;;18;
                    """.getBytes(StandardCharsets.UTF_8);
            page.locator("#log-file").setInputFiles(file("own.csv", "text/csv", own));
            page.locator(".log-files button").click();
            assertThat(page.locator("section.slipped")).containsText("1 entry added.");
            assertThat(page.locator("section.slipped")).containsText("Row 3: there is no date");
            page.navigate(site.address() + "/log?find=Mail steamer");
            assertThat(page.locator(".log-line h2")).hasText("Mail steamer bench");
            String csv = desk.context().request().get("/log.csv").text().replace(",first try,", ",second thoughts,");
            page.locator("#log-file").setInputFiles(file("log.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
            page.locator(".log-files button").click();
            assertThat(page.locator("section.slipped")).containsText("note: first try → second thoughts");
            page.getByText("Change those ticked").click();
            assertThat(page.locator(".slipped")).containsText("1 entry changed.");
            page.navigate(site.address() + "/log?find=Mail steamer");
            assertThat(page.locator(".log-note")).hasText("second thoughts");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void oneCoverMadeEarlierIsAddedByHand(Site site) {
        try (Desk desk = site.desk("/log")) {
            Page page = desk.page();
            page.getByText("Add one you made earlier").click();
            page.locator("#e-name").fill("Tender stool");
            page.locator("#e-form").fill("around 18");
            page.locator(".earlier .do").click();
            assertThat(page.locator("#e-form ~ .refusal")).containsText("can’t read");
            assertThat(page.locator("#e-name")).hasValue("Tender stool");
            page.locator("#e-form").fill("18 x 14");
            page.locator("#e-made").fill("2023-05-06");
            page.locator(".earlier .do").click();
            page.locator(".entry-fields").waitFor();
            assertThat(page.locator("h1")).hasText("Tender stool");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aPriceComesFromCostHoursAndMargin(Site site) {
        try (Desk desk = site.desk("/log")) {
            open(desk, "Smoking room, sample");
            Page page = desk.page();
            page.locator("#f-hourly").fill("20");
            page.locator("#f-margin").fill("ten");
            page.getByText("Work it out").click();
            assertThat(page.locator("#f-margin ~ .refusal")).containsText("whole number");
            page.locator("#f-margin").fill("10");
            page.getByText("Work it out").click();
            // 17.20 + 14.50 and 2 h 12 min at 20.00, a tenth on top.
            assertThat(page.locator(".entry-price table")).containsText("$31.70");
            assertThat(page.locator(".entry-price table")).containsText("$44.00");
            assertThat(page.locator(".entry-price table")).containsText("$83.27");
            assertThat(page.locator(".caution")).containsText("flammability");
        }
    }

    @Test
    void aWashTestTellsTheShrinkage(Site site) {
        try (Desk desk = site.copyOf("Saloon window seat")) {
            Page page = desk.page();
            String cover = page.url().replaceAll(".*/covers/(\\d+).*", "$1");
            page.navigate(site.address() + "/covers/" + cover + "/cloth");
            page.getByText("Wash test").click();
            Map.of("before-across", "50 cm", "after-across", "49 cm", "before-along", "50 cm", "after-along", "4 cm")
                    .forEach((field, value) -> page.locator("#f-" + field).fill(value));
            page.getByText("Use what it lost").click();
            assertThat(page.locator("#f-after-along ~ .refusal")).containsText("Measure again");
            page.locator("#f-after-along").fill("48 cm");
            page.getByText("Use what it lost").click();
            assertThat(page.locator("#f-cloth-shrinks-along")).hasValue("4");
            page.navigate(site.address() + "/learned");
            assertThat(page.locator(".washes")).containsText("loses 2% of its width, 4% of its length");
        }
    }

    @Test
    void howACoverIsLaterIsSaidAndItsShrinkageKept(Site site) {
        try (Desk desk = site.desk("/log/9")) {
            Page page = desk.page();
            page.locator("#f-later-across").fill("wide");
            page.locator("[name=gave-frayed]").check();
            page.getByText("Add it").click();
            assertThat(page.locator("#f-later-across ~ .refusal")).not().isEmpty();
            assertThat(page.locator("[name=gave-frayed]")).isChecked();
            page.locator("#f-later-across").fill("10 in");
            page.locator("#f-later-up-down").fill("10 in");
            page.getByText("Add it").click();
            assertThat(page.locator(".entry-later li")).containsText("edges frayed");
            assertThat(page.locator(".entry-later")).containsText("Since it was finished it has lost");
            page.locator(".entry-later li button").click();
            assertThat(page.locator(".entry-later li")).hasCount(0);
            page.locator(".entry-acts").getByText("Undo").click();
            assertThat(page.locator(".entry-later li")).hasCount(1);
            page.locator(".entry-acts").getByText("Undo").click();
            assertThat(page.locator(".entry-later li")).hasCount(0);
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void itFitsAPhoneAndNobodyIsShutOut(Site site) {
        for (String path : List.of("/log", "/learned", "/covers/8/try-on")) {
            try (Desk phone = site.phone(path)) {
                assertThat((Integer) phone.page().evaluate("() => document.documentElement.scrollWidth"))
                        .as(path)
                        .isLessThanOrEqualTo(390);
            }
        }
    }

    @Test
    void aWholeWorkroomGoesOutAndComesIn(Site site) {
        try (Desk desk = site.desk("/workroom")) {
            Page page = desk.page();
            byte[] packed = desk.context().request().get("/workroom.zip").body();
            page.locator("#workroom-file").setInputFiles(file("broken.zip", "application/zip", new byte[] {1, 2, 3}));
            page.locator(".log-files button").click();
            assertThat(page.locator(".refusal")).containsText("not a ZIP file");
            long covers = site.number("select count(*) from cover where deleted_at is null");
            page.locator("#workroom-file").setInputFiles(file("workroom.zip", "application/zip", packed));
            page.locator(".log-files button").click();
            assertThat(page.locator(".slipped")).containsText("0 covers, 0 sets, 0 log entries");
            assertThat(page.locator(".slipped")).containsText("here already");
            assertThat(site.number("select count(*) from cover where deleted_at is null"))
                    .as("one's own, as it is")
                    .isEqualTo(covers);
            // What is work to make ready is not made ready for a picture on another site.
            assertThat(desk.context()
                            .request()
                            .get(
                                    "/workroom.zip",
                                    RequestOptions.create()
                                            .setHeader("Sec-Fetch-Site", "cross-site")
                                            .setHeader("Sec-Fetch-Mode", "navigate"))
                            .status())
                    .isEqualTo(403);
        }
    }
}
