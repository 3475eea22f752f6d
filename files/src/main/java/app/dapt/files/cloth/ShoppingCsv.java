package app.dapt.files.cloth;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A list for the shop as CSV: what, how much, what for, what it costs. */
public final class ShoppingCsv {

    /**
     * A line of it.
     *
     * @param cost as it is written, without a currency; empty where it is not known
     */
    public record Row(String what, String amount, String use, String cost) {}

    private ShoppingCsv() {}

    public static String write(List<Row> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = CSVFormat.RFC4180
                .builder()
                .setHeader("what", "amount", "for", "cost")
                .get()
                .print(out)) {
            for (Row row : rows) {
                printer.printRecord(safe(row.what()), safe(row.amount()), safe(row.use()), row.cost());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** What a spreadsheet would take for a formula is kept from being one. */
    private static String safe(String text) {
        return text.matches("(?s)[=+\\-@\t\r].*") ? "'" + text : text;
    }
}
