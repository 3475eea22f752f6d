package app.dapt.files;

import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.piece.Contour.Point;
import app.dapt.words.OffsetWords;
import app.dapt.words.Words;
import java.awt.geom.Path2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * Templates at their true size on sheets of paper to be glued together: a first page with a square to measure and a map
 * of the others, then each template in tiles that overlap, with marks that meet.
 *
 * @param words to say it with
 * @param paper A4 or Letter
 */
public record TemplatePdf(Words words, Paper paper) {

    /** What it is printed on, upright. */
    public enum Paper {
        A4(PDRectangle.A4),
        LETTER(PDRectangle.LETTER);

        private final PDRectangle size;

        Paper(PDRectangle size) {
            this.size = size;
        }

        PDRectangle size() {
            return size;
        }
    }

    /** No printer reaches the very edge. */
    private static final double MARGIN = 12;
    /** How far each tile shows what the next one shows too. */
    static final double OVERLAP = 10;

    /** A line of figures is so high, and so many columns of them stand beside each other. */
    private static final double ROW = 5.2;

    private static final int COLUMNS = 4;

    /** One sheet of one template. */
    private record Tile(Template template, int column, int row, int columns, int rows, int page) {

        /** Columns are letters and rows are numbers, as on a map. */
        String place() {
            return (char) ('A' + column) + Integer.toString(row + 1);
        }
    }

    private double wide() {
        return paper.size.getWidth() / PdfSheet.POINTS - 2 * MARGIN;
    }

    /** Below each tile its place is written. */
    private double high() {
        return paper.size.getHeight() / PdfSheet.POINTS - 2 * MARGIN - 8;
    }

    public byte[] write(String title, List<Template> templates) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            List<Tile> tiles = tiles(templates);
            first(document, title, templates, tiles);
            for (Tile tile : tiles) {
                tile(document, tile);
            }
            offsets(document, templates);
            document.getDocumentInformation().setTitle(title);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Tile> tiles(List<Template> templates) {
        List<Tile> tiles = new ArrayList<>();
        for (Template template : templates) {
            int columns = count(template.width(), wide());
            int rows = count(template.height(), high());
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < columns; column++) {
                    if (shows(template, column, row)) {
                        tiles.add(new Tile(template, column, row, columns, rows, tiles.size() + 2));
                    }
                }
            }
        }
        return tiles;
    }

    /** Whether a tile would show any of a template, or lie within it; paper with nothing on it is not printed. */
    private boolean shows(Template template, int column, int row) {
        double left = column * (wide() - OVERLAP);
        double top = row * (high() - OVERLAP);
        Path2D outline = new Path2D.Double();
        for (Point point : template.paths().get(0).points()) {
            if (outline.getCurrentPoint() == null) {
                outline.moveTo(point.x(), point.y());
            } else {
                outline.lineTo(point.x(), point.y());
            }
        }
        outline.closePath();
        return outline.intersects(left, top, wide(), high());
    }

    /** How many tiles a length takes, each but the first adding what does not overlap. */
    private static int count(double length, double tile) {
        return Math.max(1, (int) Math.ceil((length - OVERLAP) / (tile - OVERLAP)));
    }

    private void first(PDDocument document, String title, List<Template> templates, List<Tile> tiles)
            throws IOException {
        try (PdfSheet sheet = new PdfSheet(document, paper.size)) {
            sheet.say(title, MARGIN, MARGIN + 8, 20);
            sheet.say(words.say("template.test"), MARGIN, MARGIN + 20, 11);
            sheet.box(MARGIN, MARGIN + 25, 50, 50);
            sheet.box(MARGIN + 70, MARGIN + 25, 50.8, 50.8);
            sheet.say("5 cm", MARGIN + 20, MARGIN + 51, 12);
            sheet.say("2 in", MARGIN + 90, MARGIN + 51, 12);
            double y = sheet.paragraph(words.say("template.glue"), MARGIN, MARGIN + 88, 11, wide()) + 10;
            for (Template template : templates) {
                List<Tile> own = tiles.stream()
                        .filter(tile -> tile.template().equals(template))
                        .toList();
                y = map(sheet, template, own, y) + 10;
            }
        }
    }

    /** The same lines in figures, for whoever has no printer, on as many pages as they take. */
    private void offsets(PDDocument document, List<Template> templates) throws IOException {
        PdfSheet sheet = new PdfSheet(document, paper.size);
        sheet.say(words.say("offsets.title"), MARGIN, MARGIN + 8, 16);
        double y = sheet.paragraph(words.say("offsets.note"), MARGIN, MARGIN + 18, 11, wide()) + 8;
        for (Template template : templates) {
            Offsets offsets = Offsets.of(template, words.mark().unit());
            int perPage = (int) ((high() + MARGIN - y - 18) / ROW);
            if (perPage < 3) {
                sheet.close();
                sheet = new PdfSheet(document, paper.size);
                y = MARGIN + 8;
            }
            sheet.say(words.say(offsets.name()) + ", " + words.say(template.note()), MARGIN, y, 11);
            y = sheet.paragraph(words.say(offsets.how()), MARGIN, y + 6, 10, wide()) + 7;
            double top = y;
            int column = 0;
            for (Offsets.Row row : offsets.rows()) {
                if (y > high() + MARGIN) {
                    y = top;
                    column++;
                }
                if (column == COLUMNS) {
                    sheet.close();
                    sheet = new PdfSheet(document, paper.size);
                    top = MARGIN + 8;
                    y = top;
                    column = 0;
                }
                sheet.say(OffsetWords.row(row, words), MARGIN + column * wide() / COLUMNS, y, 10);
                y += ROW;
            }
            y = (column > 0 ? high() + MARGIN : y) + 6;
        }
        sheet.close();
    }

    /** Which page goes where, the template drawn small behind the numbers. */
    private double map(PdfSheet sheet, Template template, List<Tile> tiles, double top) throws IOException {
        double scale = Math.min(0.08, 45 / template.height());
        sheet.say(words.say(template.name()) + ", " + words.say(template.note()), MARGIN, top + 3, 11);
        double y = top + 7;
        for (Path path : template.paths()) {
            sheet.stroke(
                    path.points().stream()
                            .map(p -> new Point(p.x() * scale, p.y() * scale))
                            .toList(),
                    path.closed(),
                    MARGIN,
                    y);
        }
        sheet.stream().setStrokingColor(0.6f);
        for (Tile tile : tiles) {
            double left = MARGIN + tile.column() * (wide() - OVERLAP) * scale;
            double up = y + tile.row() * (high() - OVERLAP) * scale;
            sheet.box(left, up, wide() * scale, high() * scale);
            sheet.say(tile.place() + ": " + tile.page(), left + 1.5, up + 4.5, 8);
        }
        sheet.stream().setStrokingColor(0f);
        return y + (tiles.get(tiles.size() - 1).rows() * (high() - OVERLAP) + OVERLAP) * scale;
    }

    private void tile(PDDocument document, Tile tile) throws IOException {
        try (PdfSheet sheet = new PdfSheet(document, paper.size)) {
            sheet.stream().saveGraphicsState();
            sheet.stream().addRect(sheet.x(MARGIN), sheet.y(MARGIN + high()), sheet.x(wide()), sheet.x(high()));
            sheet.stream().clip();
            double left = MARGIN - tile.column() * (wide() - OVERLAP);
            double up = MARGIN - tile.row() * (high() - OVERLAP);
            for (Path path : tile.template().paths()) {
                sheet.stream().setLineWidth(path.role() == Role.CUT ? 1.6f : 0.8f);
                sheet.dashes(
                        path.role() == Role.CUT
                                ? new float[0]
                                : path.role() == Role.FOLD ? new float[] {14, 4, 2, 4} : new float[] {6, 4});
                sheet.stroke(path.points(), path.closed(), left, up);
            }
            sheet.stream().restoreGraphicsState();
            joins(sheet, tile);
            sheet.say(
                    words.say(tile.template().name()) + ", "
                            + words.say(tile.template().note()) + "   " + tile.place() + "   "
                            + words.say("template.page", tile.page()),
                    MARGIN,
                    MARGIN + high() + 6,
                    10);
        }
    }

    /** The frame; where another tile follows, the line its edge is laid on, and diamonds that meet. */
    private void joins(PdfSheet sheet, Tile tile) throws IOException {
        sheet.stream().setLineWidth(0.4f);
        sheet.dashes();
        sheet.box(MARGIN, MARGIN, wide(), high());
        double right = MARGIN + wide() - OVERLAP;
        double bottom = MARGIN + high() - OVERLAP;
        sheet.dashes(2, 3);
        if (tile.column() + 1 < tile.columns()) {
            sheet.stroke(List.of(new Point(right, MARGIN), new Point(right, MARGIN + high())), false, 0, 0);
        }
        if (tile.row() + 1 < tile.rows()) {
            sheet.stroke(List.of(new Point(MARGIN, bottom), new Point(MARGIN + wide(), bottom)), false, 0, 0);
        }
        sheet.dashes();
        if (tile.column() + 1 < tile.columns()) {
            diamond(sheet, right, MARGIN + high() / 2);
        }
        if (tile.column() > 0) {
            diamond(sheet, MARGIN, MARGIN + high() / 2);
        }
        if (tile.row() + 1 < tile.rows()) {
            diamond(sheet, MARGIN + wide() / 2, bottom);
        }
        if (tile.row() > 0) {
            diamond(sheet, MARGIN + wide() / 2, MARGIN);
        }
    }

    private static void diamond(PdfSheet sheet, double x, double y) throws IOException {
        sheet.stroke(
                List.of(new Point(x - 4, y), new Point(x, y - 4), new Point(x + 4, y), new Point(x, y + 4)),
                true,
                0,
                0);
    }
}
