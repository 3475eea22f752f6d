package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What to buy, how it lies, and whether what is at hand will do. */
@WithSite
class ClothJourneyTest {

    private static final String BENCH = "Wheelhouse bench, port end";
    private static final String SETTEE = "Saloon settee, large";

    /** A cover of its own, on its cloth. */
    private static Desk onCloth(Site site, String cover, int cloth) {
        Desk desk = site.copyOf(cover);
        String url = desk.page().url();
        desk.page().navigate(url + "/cloth?cloth=" + url.substring(url.lastIndexOf('/') + 1) + "." + (cloth + 1));
        return desk;
    }

    private static Locator sentence(Desk desk) {
        return desk.page().locator("p.sentence");
    }

    /** Waits until nothing is laid out any more: from then on a page stays as it is until somebody changes it. */
    private static Desk laid(Desk desk) {
        assertThat(desk.page().locator("[hx-trigger^=every]")).hasCount(0);
        return desk;
    }

    private static void choose(Desk desk, String what, boolean on) {
        Locator tick = desk.page().locator("#choose-" + what);
        tick.click();
        assertThat(tick).hasAttribute("aria-checked", String.valueOf(on));
    }

    @Test
    void fromThePlanToWhatToBuyInEveryWidth(Site site) {
        try (Desk desk = site.copyOf(BENCH)) {
            desk.page().getByText("Lay it out on the fabric").click();
            assertThat(sentence(desk)).containsText("Buy ¾ yd of Harbour stripe, 54 in wide, for $13.88.");
            assertThat(desk.page().locator(".looking")).containsText("This is the shortest layout possible.");
            assertThat(desk.page().locator(".width-table tbody strong")).hasCount(5);
            // All widths come to the same.
            assertThat(desk.page().locator(".width-table tr.cheapest")).hasCount(0);
            desk.page().getByText("Other widths cost something else").click();
            desk.page().locator("input[name^=price-]").first().fill("$9.25");
            desk.page().locator("input[name^=price-]").first().dispatchEvent("change");
            assertThat(desk.page().locator(".width-table tr.cheapest")).containsText("42 in");
            desk.page().getByText("Change to 42 in wide").click();
            assertThat(sentence(desk)).containsText("42 in wide, for $6.94.");
            // A change of the cloth in the plan is undone where it was made.
            desk.page().locator("#undo button").click();
            assertThat(sentence(desk)).containsText("54 in wide, for $13.88.");
            laid(desk).page().locator("#redo button").click();
            assertThat(sentence(desk)).containsText("42 in wide, for $6.94.");
            laid(desk);
            // What was found here is what every page says.
            String cover = desk.page().url().replaceAll("/cloth.*", "");
            desk.page().navigate(cover);
            assertThat(desk.page().locator(".list .cloths h2")).hasText("Fabric");
            desk.page().navigate(cover.replaceAll("/covers/.*", "/"));
            String path = cover.substring(cover.indexOf("/covers/"));
            assertThat(desk.page().locator(".cover-line:has(h3 a[href='" + path + "']) .next"))
                    .containsText("Buy ¾ yd Harbour stripe");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aPieceIsPinnedTurnedTakenOutAndAllOfItUndone(Site site) {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            Page page = desk.page();
            page.locator(".lain-list ol a").first().click();
            page.getByText("Pin it here").click();
            assertThat(page.locator(".lain-list .state").first()).hasText("pinned");
            page.reload();
            assertThat(page.locator(".lain-list .state").first()).hasText("pinned");
            page.getByText("Unpin").click();
            page.getByText("Turn it a quarter").click();
            page.getByText("Leave it out").click();
            assertThat(page.locator(".lain-list ol li")).hasCount(1);
            assertThat(page.locator(".lain-list")).containsText("Left out");
            for (int i = 0; i < 4; i++) {
                Locator undo = page.locator("#undo button");
                assertThat(undo).isEnabled();
                page.waitForResponse(response -> response.url().endsWith("/undo"), undo::click);
                desk.settle();
            }
            assertThat(page.locator(".lain-list ol li")).hasCount(2);
            assertThat(page.locator("#undo button")).isDisabled();
        }
    }

    @Test
    void whatTwoTabsChooseIsKeptFromBoth(Site site) {
        try (Desk one = onCloth(site, SETTEE, 0);
                Desk two = laid(site.desk(one.page().url()))) {
            choose(one, "edge-to-edge", true);
            two.page().locator("#choose-cut-at-repeat").click();
            assertThat(two.page().locator(".conflict")).containsText("changed in another tab");
            two.page().locator(".conflict .do").click();
            assertThat(two.page().locator("#choose-cut-at-repeat")).hasAttribute("aria-checked", "true");
            assertThat(two.page().locator("#choose-edge-to-edge")).hasAttribute("aria-checked", "true");
            one.page().reload();
            assertThat(one.page().locator("#choose-cut-at-repeat")).hasAttribute("aria-checked", "true");
        }
    }

    @Test
    void thePrintIsSlidUnderAPieceAndTheLayoutFollows(Site site) {
        try (Desk desk = onCloth(site, SETTEE, 0)) {
            Page page = desk.page();
            choose(desk, "cut-at-repeat", true);
            page.locator(".lain-list ol a").first().click();
            String before = page.locator(".to-buy tbody td").first().innerText();
            page.locator("#window").focus();
            page.waitForResponse(response -> response.url().contains("/slide"), () -> {
                page.keyboard().press("Shift+ArrowDown");
                page.keyboard().press("Shift+ArrowDown");
            });
            desk.settle();
            assertThat(page.locator(".to-buy tbody td").first()).not().hasText(before);
            String after = page.locator(".to-buy tbody td").first().innerText();
            page.reload();
            assertThat(page.locator(".to-buy tbody td").first()).hasText(after);
            page.getByText("Center the motif").click();
            assertThat(page.locator(".to-buy tbody td").first()).hasText(before);
        }
    }

    private static void currency(Page page, String was, String now) {
        page.getByText("Currency: " + was).click();
        page.locator("#f-currency").selectOption(now);
        page.locator(".widths form:has(#f-currency)").getByText("Save").click();
    }

    @Test
    void moneyIsInTheCurrencyOfTheWorkroom(Site site) {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            Page page = desk.page();
            page.locator("#f-cloth-price").fill("a lot");
            page.locator(".widths").getByText("Save").first().click();
            assertThat(page.locator(".widths .field.refused")).containsText("Write the price like 12.50");
            assertThat(page.locator("#f-cloth-price")).hasValue("a lot");
            page.locator("#f-cloth-price").fill("€20");
            page.locator(".widths").getByText("Save").first().click();
            assertThat(page.locator("#f-cloth-price")).hasValue("20.00");
            currency(page, "US Dollar", "EUR");
            assertThat(sentence(desk)).containsText("for €");
            String cloth = page.url();
            page.locator(".steps").getByText("Plan").click();
            assertThat(page.locator("#plan")).containsText("€");
            page.navigate(cloth);
            currency(page, "Euro", "USD");
            assertThat(sentence(desk)).containsText("for $");
        }
    }

    @Test
    void howTheClothItselfRepeatsAndShrinksIsSaidHereForEveryCover(Site site) {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            Page page = desk.page();
            String plain = page.locator(".to-buy tfoot").innerText();
            page.locator(".cloth-choices .stuff summary").click();
            page.locator("#f-cloth-shrinks-along").fill("nothing much");
            page.locator("#f-cloth-shrinks-across").fill("6");
            page.locator(".cloth-choices .stuff").getByText("Save").click();
            assertThat(page.locator(".stuff .field.refused")).containsText("That isn’t a percentage");
            assertThat(page.locator("#f-cloth-shrinks-along")).hasValue("nothing much");
            page.locator("#f-cloth-shrinks-along").fill("20");
            page.locator(".cloth-choices .stuff").getByText("Save").click();
            assertThat(page.locator(".to-buy tbody")).containsText("extra for shrinkage");
            assertThat(page.locator(".to-buy tfoot")).not().hasText(plain);
            choose(desk, "sideways", true);
            page.locator(".steps").getByText("Plan").click();
            desk.open("back");
            page.locator("#slip .more:not(.character) summary").click();
            assertThat(page.locator("#f-back-sideways")).isChecked();
            assertThat(page.locator("#f-back-shrinks-across")).hasValue("6");
        }
    }

    @Test
    void whatIsAtHandWillDoOrWhatWouldDoIsOffered(Site site) {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            Page page = desk.page();
            page.locator("#scrap-new summary").click();
            page.locator("#corners-new").fill("0; 0\n30; 30\n30; 0\n0; 30");
            page.getByText("Add it").click();
            assertThat(page.locator("#scrap-new .refusal")
                            .filter(new Locator.FilterOptions().setHasText("crosses itself")))
                    .isVisible();
            assertThat(page.locator("#corners-new")).hasValue(Pattern.compile("30; 30"));
            page.locator("#corners-new").fill("0; 0\n22; 0\n22; 26\n0; 26");
            page.getByText("Add it").click();
            assertThat(sentence(desk)).containsText("Not yet: 1 piece doesn’t fit.");
            String address = page.url();
            page.navigate(address.replaceAll("/covers/.*", "/"));
            assertThat(page.locator(".cover-line:has(h3 a[href='" + address.replaceAll(".*(/covers/\\d+).*", "$1")
                            + "']) .cover-next"))
                    .containsText("from your remnants");
            page.navigate(address);
            assertThat(page.locator(".missing")).containsText("too short");
            page.getByText("Use this overlap").click();
            assertThat(sentence(desk)).containsText("It fits: all 2 pieces go on 1 remnant.");
            page.locator(".lain-list ol a").last().click();
            page.getByText("Pin it here").click();
            assertThat(page.locator(".lain-list .state").filter(new Locator.FilterOptions().setHasText("pinned")))
                    .hasCount(1);
            assertThat(sentence(desk)).containsText("It fits: all 2 pieces go on 1 remnant.");
            page.locator("#scrap-0 summary").click();
            page.locator("#scrap-0").getByText("Delete remnant").click();
            assertThat(sentence(desk)).containsText("No remnants yet");
            choose(desk, "at-hand", false);
            assertThat(sentence(desk)).containsText("Buy");
        }
    }

    @Test
    void aFabricIsExchangedForOneUsedBefore(Site site) {
        try (Desk desk = onCloth(site, BENCH, 0)) {
            Page page = laid(desk).page();
            page.getByText("Use another fabric instead").click();
            String other = page.locator("#f-instead option:has-text('Plum velvet')")
                    .first()
                    .getAttribute("value");
            page.locator("#f-instead").selectOption(other);
            page.getByText("Use it", new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.locator(".views")).containsText("Plum velvet");
            assertThat(page.locator(".views")).not().containsText("Harbour stripe");
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void theDrawingStaysInSightOnlyWhileItLeavesRoomForWhatStandsUnderIt(Site site) {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            Page page = desk.page();
            assertThat(page.locator(".bolt-stand")).hasClass(Pattern.compile("stays"));
            assertCuttingIsSeen(page);
            for (int i = 0; i < 3; i++) {
                if (!page.locator("#corners-new").isVisible()) {
                    page.locator("#scrap-new summary").click();
                }
                page.locator("#corners-new").fill("0; 0\n22; 0\n22; 40\n0; 40");
                page.getByText("Add it").click();
                page.locator("#scrap-" + i).waitFor();
            }
            page.setViewportSize(1024, 768);
            assertThat(page.locator(".bolt-stand")).not().hasClass(Pattern.compile("stays"));
            assertCuttingIsSeen(page);
        }
    }

    /** Whether what is stepped to by keys under the drawing lies over it and not beneath it. */
    private static void assertCuttingIsSeen(Page page) {
        page.evaluate("window.scrollTo(0, document.body.scrollHeight)");
        Locator piece = page.locator(".lain-list ol a").first();
        piece.focus();
        assertThat((Boolean) piece.evaluate("link => { const box = link.getBoundingClientRect();"
                        + " return link.contains(document.elementFromPoint(box.x + 4, box.y + box.height / 2)); }"))
                .isTrue();
    }

    @Test
    void whatIsBeingDrawnIsKeptWhileTheSearchGoesOn(Site site) {
        try (Desk desk = site.desk("/sets/2/cloth")) {
            desk.page().locator("#scrap-new summary").click();
            desk.page().locator("#scrap-new .pad svg").click(new Locator.ClickOptions().setPosition(20, 20));
            String drawn = desk.page().locator("#corners-new").inputValue();
            assertThat(drawn).contains(";");
            // As the page does by itself while it waits for a search.
            desk.page()
                    .waitForResponse(
                            response -> response.url().contains("/cloth?cloth="),
                            () -> desk.page().locator(".views a").first().click());
            desk.settle();
            assertThat(desk.page().locator("#corners-new")).hasValue(drawn);
            assertThat(desk.page().locator("#scrap-new")).hasAttribute("open", "");
            assertThat(desk.page().locator(".looking"))
                    .not()
                    .containsText("Still looking", new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
        }
    }

    @Test
    void coversAreCutTogether(Site site) {
        try (Desk desk = site.desk("/")) {
            Page page = desk.page();
            assertThat(page.locator(".picked-bar")).isHidden();
            page.getByLabel("select: " + BENCH, new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .check();
            page.getByLabel("select: Promenade bench, four forms").first().check();
            page.locator("#set-called").fill("Two <benches>");
            page.getByText("Put together").click();
            assertThat(page.locator("h1")).containsText("Two <benches>");
            String pieces = page.locator(".tab-count").first().innerText();
            page.locator(".set-members summary").click();
            page.locator(".set-members input[type=number]").last().fill("3");
            page.locator(".set-members").getByText("Save").click();
            assertThat(page.locator(".tab-count").first()).not().hasText(pieces);
            page.locator("#undo button").click();
            assertThat(page.locator(".tab-count").first()).hasText(pieces);
            page.locator("#redo button").click();
            assertThat(page.locator(".tab-count").first()).not().hasText(pieces);
            page.locator(".set-members summary").click();
            page.locator(".set-members input[type=number]").first().fill("99");
            page.locator(".set-members input[type=number]").last().fill("99");
            page.locator(".set-members").getByText("Save").click();
            assertThat(sentence(desk)).containsText("too many to lay out at once");
            page.locator(".set-members summary").click();
            page.locator(".set-members input[type=number]").first().fill("0");
            page.locator(".set-members input[type=number]").last().fill("0");
            page.locator(".set-members").getByText("Save").click();
            assertThat(sentence(desk)).containsText("Nothing to cut yet");
            page.getByText("Delete the set").click();
            assertThat(page.locator("main")).not().containsText("Two <benches>");
        }
    }

    private static byte[] png(int wide, int high) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    /** The beginning of a picture that says it is 8000 by 5000; the rest never comes. */
    private static byte[] hugePng() {
        ByteBuffer header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(8000)
                .putInt(5000)
                .put(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(header.array());
        return ByteBuffer.allocate(33)
                .putLong(0x89504E470D0A1A0AL)
                .putInt(13)
                .put(header.array())
                .putInt((int) sum.getValue())
                .array();
    }

    private static void upload(Desk desk, String name, byte[] content) {
        desk.page().locator("#cloth-picture").setInputFiles(new FilePayload(name, "image/png", content));
        desk.page()
                .getByText("Use this picture", new Page.GetByTextOptions().setExact(true))
                .click();
    }

    @Test
    void aPictureOfTheClothTakesThePlaceOfItsPrintAtItsScale(Site site) throws IOException {
        try (Desk desk = onCloth(site, BENCH, 0)) {
            Page page = desk.page();
            upload(desk, "no.png", "not a picture".getBytes(StandardCharsets.UTF_8));
            assertThat(page.locator(".picture .refusal").first()).containsText("not a PNG or JPEG");
            upload(desk, "huge.png", hugePng());
            assertThat(page.locator(".picture .refusal").first()).containsText("40 megapixels");
            String here = page.url();
            upload(desk, "heavy.png", new byte[11 * 1024 * 1024]);
            assertThat(page.locator("main")).containsText("larger than Dapt takes");
            page.navigate(here.replace("/picture", ""));
            upload(desk, "cloth.png", png(1800, 1200));
            page.locator("#f-apart").fill("8");
            page.getByText("Set the scale").click();
            // The two places are four fifths of its width apart.
            assertThat(page.locator(".picture"))
                    .containsText("shows 10 × 6 5⁄8 in".replace(" 5", "\u2060\u200a\u20605"));
            String picture = page.locator(".scale-picture img").getAttribute("src");
            assertThat(page.request().get(site.address() + picture).headers().get("content-type"))
                    .isEqualTo("image/jpeg");
            assertThat(page.locator("svg.bolt image")).hasAttribute("href", picture);
            page.getByText("Use the drawn print again").click();
            assertThat(page.locator("svg.bolt image")).hasCount(0);
        }
    }

    @Test
    void theLayoutIsTakenAwayAsFiles(Site site) throws IOException {
        try (Desk desk = onCloth(site, BENCH, 1)) {
            String csv = text(desk, "CSV");
            assertThat(csv.lines()).hasSize(3);
            assertThat(csv)
                    .startsWith("number,piece,cover,cloth")
                    .contains("\"" + BENCH + ", copy\"")
                    .contains("Bracken linen");
            assertThat(text(desk, "SVG")).startsWith("<svg").contains("mm\"").contains("class=\"cut\"");
            assertThat(text(desk, "DXF")).contains("POLYLINE").endsWith("EOF\r\n");
            try (PDDocument pdf =
                    Loader.loadPDF(Files.readAllBytes(download(desk, "PDF A4").path()))) {
                assertThat(new PDFTextStripper().getText(pdf)).contains(BENCH).contains("Cut across");
            }
        }
    }

    private static Download download(Desk desk, String form) {
        desk.page().locator(".acts .menu summary").click();
        return desk.page().waitForDownload(() -> desk.page()
                .getByText(form, new Page.GetByTextOptions().setExact(true))
                .click());
    }

    private static String text(Desk desk, String form) throws IOException {
        return Files.readString(download(desk, form).path());
    }

    @Test
    void withoutAScriptItIsReadChosenAndChangedAllTheSame(Site site) {
        try (Desk desk = site.withoutScript("/covers/26/cloth")) {
            desk.page().locator("#choose-edge-to-edge").click();
            assertThat(desk.page().locator("#choose-edge-to-edge")).hasAttribute("aria-checked", "true");
            desk.page().locator("a.lain").first().click();
            desk.page().getByLabel("Slide the print left").click();
            assertThat(desk.page().locator("#lain-piece")).containsText("All matched fronts show this");
            desk.page().locator("#undo button").click();
            desk.page().locator("#undo button").click();
            assertThat(desk.page().locator("#choose-edge-to-edge")).hasAttribute("aria-checked", "false");
        }
    }

    @Test
    void nonsenseInFiguresIsRefusedBesideThemAndNothingIsLost(Site site) {
        try (Desk desk = onCloth(site, BENCH, 0)) {
            Page page = desk.page();
            page.locator("#f-table-wide").fill("wide enough");
            page.locator("#f-table-deep").fill("30");
            page.locator("#f-table-deep").dispatchEvent("change");
            assertThat(page.locator(".field.refused")).containsText("Length");
            assertThat(page.locator("#f-table-wide")).hasValue("wide enough");
            assertThat(page.locator("#undo button")).isEnabled();
            page.reload();
            assertThat(page.locator("#f-table-deep")).hasValue("30");
            assertThat(page.locator("#f-table-wide")).hasValue("60");
        }
    }
}
