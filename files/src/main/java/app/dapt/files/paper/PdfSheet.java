package app.dapt.files.paper;

import app.dapt.piece.Contour.Point;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** A page on which one counts in millimetres from its top left corner. */
public final class PdfSheet implements AutoCloseable {

    public static final float POINTS = 72f / 25.4f;

    private final PDRectangle size;
    private final PdfFonts fonts;
    private final PDPageContentStream stream;

    PdfSheet(PDDocument document, PdfFonts fonts, PDRectangle size) throws IOException {
        this.size = size;
        this.fonts = fonts;
        PDPage page = new PDPage(size);
        document.addPage(page);
        stream = new PDPageContentStream(document, page);
    }

    public float x(double millimetres) {
        return (float) millimetres * POINTS;
    }

    public float y(double millimetres) {
        return size.getHeight() - (float) millimetres * POINTS;
    }

    public void stroke(List<Point> points, boolean closed, double right, double down) throws IOException {
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

    public void box(double left, double top, double width, double height) throws IOException {
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

    public void say(String text, double left, double baseline, float size) throws IOException {
        set(text, Matrix.getTranslateInstance(x(left), y(baseline)), size);
    }

    /** Words that stand on a line sloping clockwise, about its middle. */
    public void along(String text, double middle, double down, double degrees, float size) throws IOException {
        Matrix line = Matrix.getRotateInstance(-Math.toRadians(degrees), x(middle), y(down));
        line.translate(-fonts.width(text, size) / 2, size / 4);
        set(text, line, size);
    }

    private void set(String text, Matrix from, float size) throws IOException {
        float at = 0;
        for (PdfFonts.Run run : fonts.runs(text)) {
            Matrix place = from.clone();
            place.translate(at, size * run.raised());
            stream.beginText();
            stream.setFont(run.font(), size * run.scale());
            stream.setTextMatrix(place);
            stream.showText(run.text());
            stream.endText();
            at += run.width(size);
        }
    }

    /** A text broken into lines no longer than this; gives the last line's place. */
    public double paragraph(String text, double left, double baseline, float size, double longest) throws IOException {
        StringBuilder line = new StringBuilder();
        double y = baseline;
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (fonts.width(longer, size) / POINTS > longest) {
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

    public void dashes(float... lengths) throws IOException {
        stream.setLineDashPattern(lengths, 0);
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }

    public PDPageContentStream stream() {
        return stream;
    }
}
