package app.dapt.files.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A letter with a sum in it as a PDF: what, how much, and what it costs, line by line. */
public final class PdfLetter {

    private static final double MARGIN = 22;
    private static final float TEXT = 11;
    private static final float TITLE = 18;
    private static final double LEADING = 6.2;
    private static final double AMOUNT_AT = 92;
    private static final double PRICE_AT = 146;
    private static final double WHAT_LONGEST = 66;
    private static final double AMOUNT_LONGEST = 50;

    private PdfLetter() {}

    /** A line of the sum. */
    public record Row(String what, String amount, String price) {}

    /**
     * What stands in it.
     *
     * @param head   above the sum, a line each
     * @param totals below it, the last one what is to be paid
     * @param foot   below that
     */
    public record Letter(String title, List<String> head, List<Row> rows, List<Row> totals, List<String> foot) {

        public Letter {
            head = List.copyOf(head);
            rows = List.copyOf(rows);
            totals = List.copyOf(totals);
            foot = List.copyOf(foot);
        }
    }

    public static byte[] write(Letter letter, Paper paper) {
        try (PdfDocument document = new PdfDocument()) {
            Writer writer = new Writer(document, paper.size());
            writer.write(letter);
            return document.bytes(letter.title());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Writes line below line, and goes on to another sheet at the end of one. */
    private static final class Writer {

        private final PdfDocument document;
        private final PDRectangle size;
        private final double wide;
        private final double high;
        private PdfSheet sheet;
        private double y = MARGIN + 8;

        Writer(PdfDocument document, PDRectangle size) throws IOException {
            this.document = document;
            this.size = size;
            this.wide = size.getWidth() / PdfSheet.POINTS - 2 * MARGIN;
            this.high = size.getHeight() / PdfSheet.POINTS - MARGIN;
            this.sheet = document.sheet(size);
        }

        void write(Letter letter) throws IOException {
            sheet.say(letter.title(), MARGIN, y, TITLE);
            y += 2 * LEADING;
            for (String line : letter.head()) {
                paragraph(line);
            }
            y += LEADING;
            for (Row row : letter.rows()) {
                row(row);
            }
            rule();
            for (Row row : letter.totals()) {
                row(row);
            }
            y += LEADING;
            for (String line : letter.foot()) {
                paragraph(line);
            }
            sheet.close();
        }

        private void paragraph(String line) throws IOException {
            room();
            y = sheet.paragraph(line, MARGIN, y, TEXT, wide) + LEADING;
        }

        private void row(Row row) throws IOException {
            room();
            double what = sheet.paragraph(row.what(), MARGIN, y, TEXT, WHAT_LONGEST);
            double amount = sheet.paragraph(row.amount(), MARGIN + AMOUNT_AT - MARGIN, y, TEXT, AMOUNT_LONGEST);
            sheet.say(row.price(), PRICE_AT, y, TEXT);
            y = Math.max(what, amount) + LEADING;
        }

        private void rule() throws IOException {
            sheet.box(MARGIN, y - LEADING + 2, wide, 0);
            y += 2;
        }

        private void room() throws IOException {
            if (y + 2 * LEADING > high) {
                sheet.close();
                sheet = document.sheet(size);
                y = MARGIN + 8;
            }
        }
    }
}
