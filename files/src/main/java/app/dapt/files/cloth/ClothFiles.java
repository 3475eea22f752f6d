package app.dapt.files.cloth;

import app.dapt.files.drawing.Dxf;
import app.dapt.files.drawing.Markup;
import app.dapt.files.paper.Paper;
import app.dapt.files.paper.PdfDocument;
import app.dapt.files.paper.PdfSheet;
import app.dapt.layout.ClothSheet;
import app.dapt.layout.ClothSheet.PlacedPiece;
import app.dapt.layout.ClothSheet.Stroke;
import app.dapt.layout.Layout;
import app.dapt.layout.Layout.Spot;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
    private static final double MARGIN = 12;
    private static final String WORDS = "WORDS";
    /** An arrow's length, of the piece's shorter side, and the least that is worth drawing, in millimetres. */
    private static final double UP_SHARE = .18;

    private static final double LEAST_UP = 14;
    /** Where its tip is, from the middle, of the piece's side. */
    private static final double NEAR_EDGE = .46;
    /** From line to line of a list, in millimetres. */
    private static final double LINE = 7.5;

    /** What is to be done, line by line. */
    public record Listing(String heading, List<String> lines) {}

    /** The kinds of lines, each on a layer of its own and told apart by its dashes. */
    private enum Layer {
        CLOTH(.8, 6, 4),
        SPOILT(.8, 1, 2),
        CUT(1.2),
        SEAM(.6, 3, 2),
        UP(.6),
        STRAIGHT(.4);

        private final double thick;
        private final float[] dashes;

        Layer(double thick, float... dashes) {
            this.thick = thick;
            this.dashes = dashes;
        }
    }

    /** A line, closed unless it is a straight cut. */
    private record Line(Layer layer, Contour contour) {

        boolean closed() {
            return layer != Layer.STRAIGHT;
        }
    }

    /** Along to the right, across upwards, for a drawing whose y runs downwards. */
    private static List<Point> seen(Contour contour, ClothSheet sheet) {
        double top = sheet.outline().top();
        double bottom = sheet.outline().right();
        return contour.points().stream()
                .map(p -> new Point(p.y() - top, bottom - p.x()))
                .toList();
    }

    private static Contour line(Stroke cut) {
        return new Contour(List.of(new Point(cut.x1(), cut.y1()), new Point(cut.x2(), cut.y2())));
    }

    private static Point middle(Contour contour, ClothSheet sheet) {
        return new Point(
                (contour.top() + contour.bottom()) / 2 - sheet.outline().top(),
                sheet.outline().right() - (contour.left() + contour.right()) / 2);
    }

    private static List<Line> lines(ClothSheet sheet) {
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(Layer.CLOTH, sheet.outline()));
        sheet.spoilt().forEach(spot -> lines.add(new Line(Layer.SPOILT, spot)));
        for (PlacedPiece lain : sheet.pieces()) {
            lines.add(new Line(Layer.CUT, lain.cut()));
            lain.seam().ifPresent(seam -> lines.add(new Line(Layer.SEAM, seam)));
            up(lain).ifPresent(up -> lines.add(new Line(Layer.UP, up)));
        }
        sheet.cuts().forEach(cut -> lines.add(new Line(Layer.STRAIGHT, line(cut))));
        return lines;
    }

    /** An arrow towards the piece's up, by that edge of it, where there is room for one. */
    private static Optional<Contour> up(PlacedPiece lain) {
        Contour cut = lain.cut();
        double wide = cut.right() - cut.left();
        double deep = cut.bottom() - cut.top();
        double size = Math.min(wide, deep) * UP_SHARE;
        double tip = (lain.upX() == 0 ? deep : wide) * NEAR_EDGE;
        double x = (cut.left() + cut.right()) / 2 + lain.upX() * tip;
        double y = (cut.top() + cut.bottom()) / 2 + lain.upY() * tip;
        double baseX = x - lain.upX() * size;
        double baseY = y - lain.upY() * size;
        return size < LEAST_UP
                ? Optional.empty()
                : Optional.of(new Contour(List.of(
                        new Point(x, y),
                        new Point(baseX - lain.upY() * size / 3, baseY + lain.upX() * size / 3),
                        new Point(baseX + lain.upY() * size / 3, baseY - lain.upX() * size / 3))));
    }

    /** True to size, in millimetres. */
    public String svg(List<ClothSheet> sheets) {
        double width = sheets.stream().mapToDouble(ClothSheet::along).max().orElse(0);
        double height =
                sheets.stream().mapToDouble(sheet -> sheet.across() + GAP).sum();
        Markup svg = new Markup();
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "width",
                Markup.number(width) + "mm",
                "height",
                Markup.number(height) + "mm",
                "viewBox",
                "0 0 " + Markup.number(width) + " " + Markup.number(height));
        svg.saying("title", title);
        double down = 0;
        for (ClothSheet sheet : sheets) {
            svg.open("g", "transform", "translate(0 " + Markup.number(down) + ")", "fill", "none", "stroke", "#000");
            for (Line line : lines(sheet)) {
                Layer layer = line.layer();
                String dashes = layer.dashes.length == 0 ? "none" : layer.dashes[0] + " " + layer.dashes[1];
                svg.empty(
                        "path",
                        "class",
                        layer.name().toLowerCase(Locale.ROOT),
                        "stroke-width",
                        layer.thick,
                        "stroke-dasharray",
                        dashes,
                        "d",
                        path(seen(line.contour(), sheet), line.closed()));
            }
            for (PlacedPiece lain : sheet.pieces()) {
                text(svg, said(lain), middle(lain.cut(), sheet), "middle");
            }
            sheet.name().ifPresent(name -> text(svg, name, new Point(0, sheet.across() + GAP / 3), "start"));
            svg.close("g");
            down += sheet.across() + GAP;
        }
        return svg.close("svg").toString();
    }

    private static void text(Markup svg, String words, Point at, String anchor) {
        svg.saying(
                "text",
                words,
                "x",
                at.x(),
                "y",
                at.y(),
                "fill",
                "#000",
                "stroke",
                "none",
                "text-anchor",
                anchor,
                "font-family",
                "sans-serif",
                "font-size",
                "16");
    }

    private String said(PlacedPiece lain) {
        return lain.number() + " " + words.say(lain.spot().wanted().piece().name());
    }

    private static String path(List<Point> points, boolean closed) {
        StringBuilder path = new StringBuilder();
        points.forEach(p -> path.append(path.isEmpty() ? "M" : "L")
                .append(Markup.number(p.x()))
                .append(' ')
                .append(Markup.number(p.y())));
        return closed ? path + "Z" : path.toString();
    }

    /** True to size, in millimetres, every kind of line on a layer of its own. */
    public String dxf(List<ClothSheet> sheets) {
        Dxf dxf = new Dxf(Stream.concat(Stream.of(Layer.values()).map(Layer::name), Stream.of(WORDS))
                .toList());
        double down = 0;
        for (ClothSheet sheet : sheets) {
            for (Line line : lines(sheet)) {
                dxf.polyline(line.layer().name(), seen(line.contour(), sheet), line.closed(), 0, down);
            }
            for (PlacedPiece lain : sheet.pieces()) {
                Point at = middle(lain.cut(), sheet);
                dxf.text(WORDS, said(lain), at.x(), at.y() + down, 16);
            }
            if (sheet.name().isPresent()) {
                dxf.text(WORDS, sheet.name().get(), 0, sheet.across() + GAP / 3 + down, 16);
            }
            down += sheet.across() + GAP;
        }
        return dxf.end();
    }

    /** One line a piece, in millimetres to the hundredth. */
    public String csv(Layout laid) {
        StringBuilder csv = new StringBuilder(
                "number,piece,cover,cloth,remnant,across_mm,along_mm,wide_mm,long_mm,quarter_turn\r\n");
        for (int i = 0; i < laid.spots().size(); i++) {
            Spot spot = laid.spots().get(i);
            String remnant = laid.choices().onRemnants()
                    ? laid.choices().remnants().get(spot.remnant()).name()
                    : "";
            csv.append(i + 1)
                    .append(',')
                    .append(quoted(words.say(spot.wanted().piece().name())))
                    .append(',')
                    .append(quoted(spot.wanted().cover()))
                    .append(',')
                    .append(quoted(laid.cloth().name()))
                    .append(',')
                    .append(quoted(remnant))
                    .append(',')
                    .append(String.format(
                            Locale.ROOT,
                            "%.2f,%.2f,%.2f,%.2f",
                            spot.across().toMm(),
                            spot.along().toMm(),
                            spot.wide().toMm(),
                            spot.deep().toMm()))
                    .append(',')
                    .append(spot.turned() ? "yes" : "no")
                    .append("\r\n");
        }
        return csv.toString();
    }

    /** Quoted where a comma, a quote or a line's end asks for it; never a formula to a spreadsheet. */
    private static String quoted(String text) {
        String safe = text.matches("[=+\\-@\\t\\r].*") ? "'" + text : text;
        return safe.matches("[^\",\\r\\n]*") ? safe : "\"" + safe.replace("\"", "\"\"") + "\"";
    }

    /** One page a cloth, drawn as large as the paper lets, with its pieces and its cuts in words. */
    public byte[] pdf(Layout laid, List<ClothSheet> sheets, Paper paper, List<Listing> listings) {
        float longSide = paper.size().getHeight();
        PDRectangle landscape = new PDRectangle(longSide, paper.size().getWidth());
        double wide = landscape.getWidth() / PdfSheet.POINTS - 2 * MARGIN;
        double high = landscape.getHeight() / PdfSheet.POINTS - 2 * MARGIN;
        try (PdfDocument document = new PdfDocument()) {
            for (ClothSheet sheet : sheets) {
                try (PdfSheet page = document.sheet(landscape)) {
                    page.say(title + ": " + sheet.name().orElse(laid.cloth().name()), MARGIN, MARGIN + 5, 16);
                    drawn(page, sheet, Math.min(wide / sheet.along(), (high - 14) / sheet.across()));
                }
            }
            listed(document, landscape, listings, high);
            return document.bytes(title);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void drawn(PdfSheet page, ClothSheet sheet, double scale) throws IOException {
        for (Line line : lines(sheet)) {
            page.dashes(line.layer().dashes);
            page.stream().setLineWidth((float) line.layer().thick);
            page.stroke(scaled(line.contour(), sheet, scale), line.closed(), MARGIN, MARGIN + 12);
        }
        page.dashes();
        for (PlacedPiece lain : sheet.pieces()) {
            Point at = middle(lain.cut(), sheet);
            double wide = (lain.cut().bottom() - lain.cut().top()) * scale;
            page.say(
                    wide > 40 ? said(lain) : String.valueOf(lain.number()),
                    MARGIN + at.x() * scale - Math.min(18, wide / 3),
                    MARGIN + 12 + at.y() * scale,
                    9);
        }
    }

    private static List<Point> scaled(Contour contour, ClothSheet sheet, double scale) {
        return seen(contour, sheet).stream()
                .map(p -> new Point(p.x() * scale, p.y() * scale))
                .toList();
    }

    /** Lines with a box to tick under their headings, in columns, on as many pages as it takes. */
    private static void listed(PdfDocument document, PDRectangle size, List<Listing> listings, double high)
            throws IOException {
        List<String> lines = listings.stream()
                .flatMap(listing -> Stream.concat(Stream.of(listing.heading()), listing.lines().stream()))
                .toList();
        Set<Integer> headings = new HashSet<>();
        int at = 0;
        for (Listing listing : listings) {
            headings.add(at);
            at += listing.lines().size() + 1;
        }
        int perColumn = (int) (high / LINE);
        double column = size.getWidth() / PdfSheet.POINTS / 2 - MARGIN;
        for (int from = 0; from < lines.size(); from += 2 * perColumn) {
            try (PdfSheet page = document.sheet(size)) {
                for (int i = from; i < Math.min(lines.size(), from + 2 * perColumn); i++) {
                    int inColumn = (i - from) / perColumn;
                    double x = MARGIN + inColumn * column;
                    double y = MARGIN + (i - from) % perColumn * LINE + 5;
                    if (headings.contains(i)) {
                        page.say(lines.get(i), x, y, 14);
                    } else {
                        page.box(x, y - 3.4, 3.8, 3.8);
                        page.say(lines.get(i), x + 6, y, 11);
                    }
                }
            }
        }
    }
}
