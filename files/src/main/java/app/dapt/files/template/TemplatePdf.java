package app.dapt.files.template;

import app.dapt.cover.drawing.Offsets;
import app.dapt.cover.drawing.Template;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.files.paper.Paper;
import app.dapt.files.paper.PdfDocument;
import app.dapt.files.paper.PdfSheet;
import app.dapt.piece.Contour.Point;
import app.dapt.words.OffsetWords;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/**
 * Templates at their true size on sheets of paper to be glued together: a first page with a square to measure and a map
 * of the others, then each template in tiles that overlap, with marks that meet.
 *
 * @param words to say it with
 * @param paper A4 or Letter
 */
public record TemplatePdf(Words words, Paper paper) {

    /** No printer reaches the very edge. */
    static final double MARGIN = 12;
    /** How far each tile shows what the next one shows too. */
    static final double OVERLAP = 10;

    /** A line of figures is so high, and so many columns of them stand beside each other. */
    private static final double ROW = 5.2;

    private static final int COLUMNS = 4;

    /** One sheet of one template. */
    private record Tile(Tiling tiling, Tiling.Place at, int page) {

        /** Columns are letters and rows are numbers, as on a map. */
        String place() {
            return (char) ('A' + at.column()) + Integer.toString(at.row() + 1);
        }

        /** Whether another sheet follows so many columns and rows on. */
        boolean hasNext(int columns, int rows) {
            return tiling.has(at.column() + columns, at.row() + rows);
        }
    }

    private double wide() {
        return paper.size().getWidth() / PdfSheet.POINTS - 2 * MARGIN;
    }

    /** Below each tile its place is written. */
    private double high() {
        return paper.size().getHeight() / PdfSheet.POINTS - 2 * MARGIN - 8;
    }

    /**
     * All of it.
     *
     * @param templates what is drawn
     * @param inFigures what the tables of distances are read from: each piece by itself
     */
    public byte[] write(String title, List<Template> templates, List<Template> inFigures) {
        try (PdfDocument document = new PdfDocument()) {
            List<Tiling> tilings = tilings(templates);
            List<Tile> tiles = tiles(tilings);
            first(document, title, tilings, tiles);
            for (Tile tile : tiles) {
                tile(document, tile);
            }
            offsets(document, inFigures);
            return document.bytes(title);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    Tiling.Frame frame() {
        return new Tiling.Frame(wide(), high(), OVERLAP);
    }

    /** How many sheets will be printed, the first page and the tables of distances not counted. */
    public int sheets(List<Template> templates) {
        return tilings(templates).stream()
                .mapToInt(tiling -> tiling.sheets().size())
                .sum();
    }

    List<Tiling> tilings(List<Template> templates) {
        return templates.stream().map(template -> Tiling.of(template, frame())).toList();
    }

    private static List<Tile> tiles(List<Tiling> tilings) {
        List<Tile> tiles = new ArrayList<>();
        for (Tiling tiling : tilings) {
            tiling.sheets().forEach(place -> tiles.add(new Tile(tiling, place, tiles.size() + 2)));
        }
        return tiles;
    }

    private void first(PdfDocument document, String title, List<Tiling> tilings, List<Tile> tiles) throws IOException {
        try (PdfSheet sheet = document.sheet(paper.size())) {
            sheet.say(title, MARGIN, MARGIN + 8, 20);
            sheet.say(words.say("template.test"), MARGIN, MARGIN + 20, 11);
            sheet.box(MARGIN, MARGIN + 25, 50, 50);
            sheet.box(MARGIN + 70, MARGIN + 25, 50.8, 50.8);
            sheet.say("5 cm", MARGIN + 20, MARGIN + 51, 12);
            sheet.say("2 in", MARGIN + 90, MARGIN + 51, 12);
            double y = sheet.paragraph(words.say("template.glue"), MARGIN, MARGIN + 88, 11, wide()) + 10;
            for (Tiling tiling : tilings) {
                List<Tile> own = tiles.stream()
                        .filter(tile -> tile.tiling().equals(tiling))
                        .toList();
                y = map(sheet, tiling, own, y) + 10;
            }
        }
    }

    /** The same lines in figures, for whoever has no printer, on as many pages as they take. */
    private void offsets(PdfDocument document, List<Template> templates) throws IOException {
        PdfSheet sheet = document.sheet(paper.size());
        sheet.say(words.say("offsets.title"), MARGIN, MARGIN + 8, 16);
        double y = sheet.paragraph(words.say("offsets.note"), MARGIN, MARGIN + 18, 11, wide()) + 8;
        for (Template template : templates) {
            Offsets offsets = Offsets.of(template, words.mark().unit());
            int perPage = (int) ((high() + MARGIN - y - 18) / ROW);
            if (perPage < 3) {
                sheet.close();
                sheet = document.sheet(paper.size());
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
                    sheet = document.sheet(paper.size());
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
    private double map(PdfSheet sheet, Tiling tiling, List<Tile> tiles, double top) throws IOException {
        Template template = tiling.template();
        double scale = Math.min(0.08, 45 / template.height());
        sheet.say(words.say(template.name()) + ", " + words.say(template.note()), MARGIN, top + 3, 11);
        double y = top + 7 - tiling.top() * scale;
        double x = MARGIN - tiling.left() * scale;
        for (Path path : template.paths()) {
            sheet.stroke(
                    path.through(p -> new Point(p.x() * scale, p.y() * scale)).points(), path.closed(), x, y);
        }
        sheet.stream().setStrokingColor(0.6f);
        for (Tile tile : tiles) {
            double left = x + (tiling.left() + tile.at().column() * frame().acrossStep()) * scale;
            double up = y + (tiling.top() + tile.at().row() * frame().downStep()) * scale;
            sheet.box(left, up, wide() * scale, high() * scale);
            sheet.say(tile.place() + ": " + tile.page(), left + 1.5, up + 4.5, 8);
        }
        sheet.stream().setStrokingColor(0f);
        return y + (tiling.top() + tiling.rows() * frame().downStep() + OVERLAP) * scale;
    }

    private void tile(PdfDocument document, Tile tile) throws IOException {
        Tiling tiling = tile.tiling();
        try (PdfSheet sheet = document.sheet(paper.size())) {
            sheet.stream().saveGraphicsState();
            sheet.stream().addRect(sheet.x(MARGIN), sheet.y(MARGIN + high()), sheet.x(wide()), sheet.x(high()));
            sheet.stream().clip();
            double left = MARGIN - tiling.left() - tile.at().column() * frame().acrossStep();
            double up = MARGIN - tiling.top() - tile.at().row() * frame().downStep();
            for (Path path : tiling.template().paths()) {
                sheet.stream().setLineWidth(path.role() == Role.CUT ? 1.6f : 0.8f);
                sheet.dashes(dashes(path.role()));
                sheet.stroke(path.points(), path.closed(), left, up);
            }
            for (Template.Written each : tiling.template().written()) {
                sheet.along(
                        words.say(each.words()),
                        left + each.at().x(),
                        up + each.at().y(),
                        each.degrees(),
                        10);
            }
            sheet.stream().restoreGraphicsState();
            joins(sheet, tile);
            sheet.say(
                    words.say(tiling.template().name()) + ", "
                            + words.say(tiling.template().note()) + "   " + tile.place() + "   "
                            + words.say("template.page", tile.page()),
                    MARGIN,
                    MARGIN + high() + 6,
                    10);
        }
    }

    private static float[] dashes(Role role) {
        return switch (role) {
            case CUT, GRAIN -> new float[0];
            case FOLD -> new float[] {14, 4, 2, 4};
            default -> new float[] {6, 4};
        };
    }

    /** The frame; where another tile follows, the line its edge is laid on, and diamonds that meet. */
    private void joins(PdfSheet sheet, Tile tile) throws IOException {
        sheet.stream().setLineWidth(0.4f);
        sheet.dashes();
        sheet.box(MARGIN, MARGIN, wide(), high());
        double right = MARGIN + wide() - OVERLAP;
        double bottom = MARGIN + high() - OVERLAP;
        sheet.dashes(2, 3);
        if (tile.hasNext(1, 0)) {
            sheet.stroke(List.of(new Point(right, MARGIN), new Point(right, MARGIN + high())), false, 0, 0);
        }
        if (tile.hasNext(0, 1)) {
            sheet.stroke(List.of(new Point(MARGIN, bottom), new Point(MARGIN + wide(), bottom)), false, 0, 0);
        }
        sheet.dashes();
        if (tile.hasNext(1, 0)) {
            diamond(sheet, right, MARGIN + high() / 2);
        }
        if (tile.hasNext(-1, 0)) {
            diamond(sheet, MARGIN, MARGIN + high() / 2);
        }
        if (tile.hasNext(0, 1)) {
            diamond(sheet, MARGIN + wide() / 2, bottom);
        }
        if (tile.hasNext(0, -1)) {
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
