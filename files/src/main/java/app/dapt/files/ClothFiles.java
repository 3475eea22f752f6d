package app.dapt.files;

import app.dapt.cloth.Laid;
import app.dapt.cloth.Laid.Spot;
import app.dapt.drawing.ClothSheet;
import app.dapt.drawing.ClothSheet.Lain;
import app.dapt.drawing.ClothSheet.Stroke;
import app.dapt.files.TemplatePdf.Paper;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Contour;
import app.dapt.words.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * A layout as files to print, to cut by, or to reckon on with: unrolled from left to right, the cut end at the left and
 * the left selvage below, as on the page.
 *
 * @param words to say it with
 * @param title what is cut
 */
public record ClothFiles(Words words, String title) {

    private static final double GAP = 60;
    private static final List<String> LAYERS = List.of("CUT", "SEAM", "CLOTH", "STRAIGHT", "WORDS");
    private static final double MARGIN = 12;

    /** Along to the right, across upwards, for a drawing whose y runs downwards. */
    private static List<Point> seen(Contour contour, ClothSheet sheet) {
        double top = sheet.outline().top();
        double bottom = sheet.outline().right();
        return contour.points().stream().map(p -> new Point(p.y() - top, bottom - p.x())).toList();
    }

    private static Contour line(Stroke cut) {
        return new Contour(List.of(new Point(cut.x1(), cut.y1()), new Point(cut.x2(), cut.y2())));
    }

    private static Point middle(Contour contour, ClothSheet sheet) {
        return new Point((contour.top() + contour.bottom()) / 2 - sheet.outline().top(), sheet.outline().right() - (contour.left() + contour.right()) / 2);
    }

    /** True to size, in millimetres. */
    public String svg(List<ClothSheet> sheets) {
        double width = sheets.stream().mapToDouble(ClothSheet::along).max().orElse(0);
        double height = sheets.stream().mapToDouble(sheet -> sheet.across() + GAP).sum();
        Markup svg = new Markup();
        svg.open("svg", "xmlns", "http://www.w3.org/2000/svg", "width", Markup.number(width) + "mm", "height", Markup.number(height) + "mm",
                "viewBox", "0 0 " + Markup.number(width) + " " + Markup.number(height));
        svg.saying("title", title);
        double down = 0;
        for (ClothSheet sheet : sheets) {
            svg.open("g", "transform", "translate(0 " + Markup.number(down) + ")", "fill", "none", "stroke", "#000", "stroke-width", ".8");
            svg.empty("path", "class", "cloth", "stroke-dasharray", "6 4", "d", path(seen(sheet.outline(), sheet), true));
            for (Lain lain : sheet.pieces()) {
                svg.empty("path", "class", "cut", "d", path(seen(lain.cut(), sheet), true));
                lain.seam().ifPresent(seam -> svg.empty("path", "class", "seam", "stroke-dasharray", "3 2", "d", path(seen(seam, sheet), true)));
                Point at = middle(lain.cut(), sheet);
                svg.saying("text", said(lain), "x", at.x(), "y", at.y(), "fill", "#000", "stroke", "none", "text-anchor", "middle", "font-family", "sans-serif", "font-size", "16");
            }
            sheet.cuts().forEach(cut -> svg.empty("path", "class", "straight", "stroke-width", ".4", "d", path(seen(line(cut), sheet), false)));
            svg.close("g");
            down += sheet.across() + GAP;
        }
        return svg.close("svg").toString();
    }

    private String said(Lain lain) {
        return lain.number() + " " + words.say(lain.spot().wanted().piece().name());
    }

    private static String path(List<Point> points, boolean closed) {
        StringBuilder path = new StringBuilder();
        points.forEach(p -> path.append(path.isEmpty() ? "M" : "L").append(Markup.number(p.x())).append(' ').append(Markup.number(p.y())));
        return closed ? path + "Z" : path.toString();
    }

    /** True to size, in millimetres, every kind of line on a layer of its own. */
    public String dxf(List<ClothSheet> sheets) {
        Dxf dxf = new Dxf(LAYERS);
        double down = 0;
        for (ClothSheet sheet : sheets) {
            dxf.polyline("CLOTH", seen(sheet.outline(), sheet), true, 0, down);
            for (Lain lain : sheet.pieces()) {
                dxf.polyline("CUT", seen(lain.cut(), sheet), true, 0, down);
                if (lain.seam().isPresent()) {
                    dxf.polyline("SEAM", seen(lain.seam().get(), sheet), true, 0, down);
                }
                Point at = middle(lain.cut(), sheet);
                dxf.text("WORDS", said(lain), at.x(), at.y() + down, 16);
            }
            for (Stroke cut : sheet.cuts()) {
                dxf.polyline("STRAIGHT", seen(line(cut), sheet), false, 0, down);
            }
            down += sheet.across() + GAP;
        }
        return dxf.end();
    }

    /** One line a piece, in millimetres to the hundredth. */
    public String csv(Laid laid) {
        StringBuilder csv = new StringBuilder("number,piece,cover,cloth,remnant,across_mm,along_mm,wide_mm,long_mm,quarter_turn\r\n");
        for (int i = 0; i < laid.spots().size(); i++) {
            Spot spot = laid.spots().get(i);
            String remnant = laid.plan().onRemnants() ? laid.plan().remnants().get(spot.remnant()).name() : "";
            csv.append(i + 1).append(',').append(quoted(words.say(spot.wanted().piece().name()))).append(',').append(quoted(spot.wanted().cover())).append(',')
                    .append(quoted(laid.cloth().name())).append(',').append(quoted(remnant)).append(',')
                    .append(String.format(Locale.ROOT, "%.2f,%.2f,%.2f,%.2f", spot.across().toMm(), spot.along().toMm(), spot.wide().toMm(), spot.deep().toMm()))
                    .append(',').append(spot.turned() ? "yes" : "no").append("\r\n");
        }
        return csv.toString();
    }

    /** Quoted where a comma, a quote or a line's end asks for it; never a formula to a spreadsheet. */
    private static String quoted(String text) {
        String safe = text.matches("[=+\\-@\\t\\r].*") ? "'" + text : text;
        return safe.matches("[^\",\\r\\n]*") ? safe : "\"" + safe.replace("\"", "\"\"") + "\"";
    }

    /** One page a cloth, drawn as large as the paper lets, with its pieces and its cuts in words. */
    public byte[] pdf(Laid laid, List<ClothSheet> sheets, Paper paper, List<String> pieces, List<String> cuts) {
        PDRectangle landscape = new PDRectangle(paper.size().getHeight(), paper.size().getWidth());
        double wide = landscape.getWidth() / PdfSheet.POINTS - 2 * MARGIN;
        double high = landscape.getHeight() / PdfSheet.POINTS - 2 * MARGIN;
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (ClothSheet sheet : sheets) {
                try (PdfSheet page = new PdfSheet(document, landscape)) {
                    page.say(title + ": " + sheet.name().orElse(laid.cloth().name()), MARGIN, MARGIN + 5, 16);
                    drawn(page, sheet, Math.min(wide / sheet.along(), (high - 14) / sheet.across()));
                }
            }
            listed(document, landscape, pieces, high);
            listed(document, landscape, cuts, high);
            document.getDocumentInformation().setTitle(title);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void drawn(PdfSheet page, ClothSheet sheet, double scale) throws IOException {
        page.dashes(6, 4);
        page.stroke(scaled(sheet.outline(), sheet, scale), true, MARGIN, MARGIN + 12);
        page.dashes();
        for (Lain lain : sheet.pieces()) {
            page.stream().setLineWidth(1.4f);
            page.stroke(scaled(lain.cut(), sheet, scale), true, MARGIN, MARGIN + 12);
            Point at = middle(lain.cut(), sheet);
            double wide = (lain.cut().bottom() - lain.cut().top()) * scale;
            page.say(wide > 40 ? said(lain) : String.valueOf(lain.number()), MARGIN + at.x() * scale - Math.min(18, wide / 3), MARGIN + 12 + at.y() * scale, 9);
        }
        page.stream().setLineWidth(.6f);
        for (Stroke cut : sheet.cuts()) {
            page.stroke(scaled(line(cut), sheet, scale), false, MARGIN, MARGIN + 12);
        }
    }

    private static List<Point> scaled(Contour contour, ClothSheet sheet, double scale) {
        return seen(contour, sheet).stream().map(p -> new Point(p.x() * scale, p.y() * scale)).toList();
    }

    /** Lines with a box to tick, in columns, on as many pages as it takes. */
    private static void listed(PDDocument document, PDRectangle size, List<String> lines, double high) throws IOException {
        int perColumn = (int) (high / 7);
        double column = size.getWidth() / PdfSheet.POINTS / 2 - MARGIN;
        for (int from = 0; from < lines.size(); from += 2 * perColumn) {
            try (PdfSheet page = new PdfSheet(document, size)) {
                for (int i = from; i < Math.min(lines.size(), from + 2 * perColumn); i++) {
                    double x = MARGIN + (i - from) / perColumn * column;
                    double y = MARGIN + (i - from) % perColumn * 7 + 5;
                    page.box(x, y - 3.2, 3.5, 3.5);
                    page.say(i + 1 + "  " + lines.get(i), x + 6, y, 9);
                }
            }
        }
    }
}
