package app.dapt.files;

import app.dapt.piece.Contour.Point;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** A page on which one counts in millimetres from its top left corner. */
final class PdfSheet implements AutoCloseable {

    static final float POINTS = 72f / 25.4f;
    private static final PDFont FONT = new PDType1Font(FontName.HELVETICA);

    private final PDRectangle size;
    private final PDPageContentStream stream;

    PdfSheet(PDDocument document, PDRectangle size) throws IOException {
        this.size = size;
        PDPage page = new PDPage(size);
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
    }

    float x(double millimetres) {
        return (float) millimetres * POINTS;
    }

    float y(double millimetres) {
        return size.getHeight() - (float) millimetres * POINTS;
    }

    void stroke(List<Point> points, boolean closed, double right, double down) throws IOException {
        for (int i = 0; i < points.size(); i++) {
            float x = x(points.get(i).x() + right);
            float y = y(points.get(i).y() + down);
            if (i == 0) {
                stream.moveTo(x, y);
            } else {
                stream.lineTo(x, y);
            }
        }
        if (closed) {
            stream.closePath();
        }
        stream.stroke();
    }

    void box(double left, double top, double width, double height) throws IOException {
        stroke(
                List.of(
                        new Point(left, top),
                        new Point(left + width, top),
                        new Point(left + width, top + height),
                        new Point(left, top + height)),
                true,
                0,
                0);
    }

    void say(String text, double left, double baseline, float size) throws IOException {
        stream.beginText();
        stream.setFont(FONT, size);
        stream.newLineAtOffset(x(left), y(baseline));
        stream.showText(printable(text));
        stream.endText();
    }

    /** A text broken into lines no longer than this; gives the last line's place. */
    double paragraph(String text, double left, double baseline, float size, double longest) throws IOException {
        StringBuilder line = new StringBuilder();
        double y = baseline;
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (FONT.getStringWidth(printable(longer)) / 1000 * size / POINTS > longest) {
                say(line.toString(), left, y, size);
                y += size / POINTS * 1.4;
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        say(line.toString(), left, y, size);
        return y;
    }

    void dashes(float... lengths) throws IOException {
        stream.setLineDashPattern(lengths, 0);
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }

    PDPageContentStream stream() {
        return stream;
    }

    /** What the font can show; fractions are spelt out. */
    private static String printable(String text) {
        StringBuilder shown = new StringBuilder();
        text.replace('\u200a', ' ').replace('\u2044', '/').codePoints().forEach(code -> {
            String letter = Character.toString(code);
            try {
                FONT.encode(letter);
                shown.append(letter);
            } catch (IOException | IllegalArgumentException e) {
                shown.append('?');
            }
        });
        return shown.toString();
    }
}
