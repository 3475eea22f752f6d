package app.dapt.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.web.Site.Desk;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** A cover for somebody else: their card, what they are told it costs, the bill that holds to it; and for a class. */
@WithSite
class ClientJourneyTest {

    private static final Pattern MONEY = Pattern.compile("[^0-9.]");

    private static double money(Locator where) {
        return Double.parseDouble(MONEY.matcher(where.innerText()).replaceAll(""));
    }

    @Test
    void whatWasQuotedIsWhatTheBillSays(Site site) throws IOException {
        try (Desk desk = site.copyOf("Smoking room, fringed")) {
            Page page = desk.page();
            String card = page.url().replaceAll("\\?.*", "") + "/client";
            page.navigate(card);
            page.fill("#client-name", "Captain Ilse Brandt");
            page.fill("#client-hourly", "a fortune");
            page.fill("#client-paid", "20");
            page.getByText("Save").click();
            assertThat(page.locator("#r-hourly")).not().isEmpty();
            assertThat(page.locator("#client-name")).hasValue("Captain Ilse Brandt");
            page.fill("#client-hourly", "18");
            page.fill("#client-margin", "10 %");
            page.fill("#client-extra", "12.50");
            page.fill("#client-until", "2027-03-20");
            page.getByText("Save").click();
            assertThat(page.locator("#client-margin")).hasValue("10");
            page.navigate(card + "/quotation");
            double total = money(page.locator(".letter-sum tfoot .number").first());
            double sum = page.locator(".letter-sum tbody .number").all().stream()
                    .filter(each -> each.innerText().matches(".*\\d.*"))
                    .mapToDouble(ClientJourneyTest::money)
                    .sum();
            assertThat(total).isCloseTo(sum, org.assertj.core.data.Offset.offset(.001));
            assertThat(page.locator(".letter-page")).containsText("March 20, 2027");
            page.navigate(card);
            page.getByText("I have quoted this").click();
            page.locator("#client-own-cloth").check();
            page.getByText("Save").click();
            page.navigate(card + "/bill");
            assertThat(page.locator(".letter-sum")).containsText("As quoted on");
            assertThat(money(page.locator(".letter-sum tfoot .number").first())).isEqualTo(total);
            assertThat(money(page.locator(".letter-sum tfoot .number").last()))
                    .isCloseTo(total - 20, org.assertj.core.data.Offset.offset(.001));
            page.navigate(card + "/quotation");
            assertThat(page.locator(".letter-sum tbody tr").first()).containsText("yours");
            assertThat(money(page.locator(".letter-sum tfoot .number").first())).isLessThan(total);
            APIResponse pdf = desk.context().request().get(card + "/bill.pdf");
            assertThat(new String(pdf.body(), 0, 4, StandardCharsets.US_ASCII)).isEqualTo("%PDF");
            try (PDDocument document = Loader.loadPDF(pdf.body())) {
                String text = new PDFTextStripper().getText(document);
                assertThat(text).contains("Captain Ilse Brandt").contains("As quoted on");
            }
            page.navigate(card + "/asking");
            assertThat(page.locator(".asking-list li")).hasCount(13);
            page.navigate(card);
            page.fill("#client-hourly", "");
            page.fill("#client-margin", "");
            page.getByText("Save").click();
            assertThat(desk.errors()).isEmpty();
        }
    }

    @Test
    void aClassGetsItsSizesAsOneChartAndTheStepsByTheSitting(Site site) {
        try (Desk desk = site.desk("/covers/4/make")) {
            Page page = desk.page();
            page.getByText("Handout").click();
            assertThat(page.locator(".handout-chart tbody tr").count()).isGreaterThan(6);
            assertThat(page.locator(".handout-chart .own")).hasCount(1);
            assertThat(page.locator(".handout-own td").count()).isGreaterThan(2);
            assertThat(page.locator(".handout-sitting").count()).isGreaterThan(1);
            assertThat(page.locator(".order-step").count()).isGreaterThan(10);
            assertThat(page.locator(".handout-sitting .quiet").first()).containsText("about");
        }
    }
}
