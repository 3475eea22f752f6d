package app.dapt.files.shop;

import app.dapt.files.Spreadsheet;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A list for the shop as CSV: what, how much, what for, what it costs, and where. */
public final class ShoppingCsv {

    /**
     * A line of it.
     *
     * @param cost as it is written, without a currency; empty where it is not known
     * @param shop which sells it; empty where none is known
     */
    public record Row(String what, String amount, String use, String cost, String shop) {}

    private ShoppingCsv() {}

    public static String write(List<Row> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = CSVFormat.RFC4180
                .builder()
                .setHeader("what", "amount", "for", "cost", "shop")
                .get()
                .print(out)) {
            for (Row row : rows) {
                printer.printRecord(
                        Spreadsheet.guarded(row.what()),
                        Spreadsheet.guarded(row.amount()),
                        Spreadsheet.guarded(row.use()),
                        row.cost(),
                        Spreadsheet.guarded(row.shop()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
