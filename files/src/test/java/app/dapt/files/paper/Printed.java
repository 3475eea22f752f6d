package app.dapt.files.paper;

import app.dapt.Paths;
import app.dapt.piece.Contour.Point;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * A page of a PDF read by a reader that knows nothing of how it was written. Everything in millimetres from its top
 * left corner.
 *
 * @param lines what is stroked, in its order
 * @param words what is said, in its order
 */
public record Printed(double wide, double high, List<Line> lines, List<Words> words) {

    private static final double MM = 25.4 / 72;

    /** A line through points; the first comes again where it is closed. */
    public record Line(List<Point> points, boolean dashed, double thick) {

        public double left() {
            return points.stream().mapToDouble(Point::x).min().orElseThrow();
        }

        public double right() {
            return points.stream().mapToDouble(Point::x).max().orElseThrow();
        }

        public double top() {
            return points.stream().mapToDouble(Point::y).min().orElseThrow();
        }

        public double bottom() {
            return points.stream().mapToDouble(Point::y).max().orElseThrow();
        }

        public double length() {
            return Paths.length(points);
        }

        /** Whether it is a rectangle of this size. */
        public boolean isBox(double width, double height) {
            return points.size() == 5
                    && Math.abs(right() - left() - width) < .02
                    && Math.abs(bottom() - top() - height) < .02;
        }
    }

    /** Level words of one line. */
    public record Words(String text, double left, double right, double baseline, double high) {

        public boolean touches(Words other) {
            return left < other.right
                    && other.left < right
                    && baseline - high * .6 < other.baseline
                    && other.baseline - other.high * .6 < baseline;
        }
    }

    public static List<Printed> pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            List<Printed> pages = new ArrayList<>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                PDPage page = document.getPage(i);
                pages.add(new Printed(
                        page.getMediaBox().getWidth() * MM,
                        page.getMediaBox().getHeight() * MM,
                        new Strokes(page).lines,
                        words(document, i + 1)));
            }
            return pages;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The words that begin so. */
    public List<Words> saying(String beginning) {
        return words.stream().filter(said -> said.text.startsWith(beginning)).toList();
    }

    private static List<Words> words(PDDocument document, int page) throws IOException {
        List<Words> words = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions) {
                TextPosition first = positions.get(0);
                TextPosition last = positions.get(positions.size() - 1);
                words.add(new Words(
                        text,
                        first.getXDirAdj() * MM,
                        (last.getXDirAdj() + last.getWidthDirAdj()) * MM,
                        first.getYDirAdj() * MM,
                        first.getFontSizeInPt() * MM));
            }
        };
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        stripper.getText(document);
        return words;
    }

    /** Collects what a page strokes. */
    private static final class Strokes extends PDFGraphicsStreamEngine {

        private final List<Line> lines = new ArrayList<>();
        private final double height;
        private List<Point> line = new ArrayList<>();

        private Strokes(PDPage page) throws IOException {
            super(page);
            height = page.getMediaBox().getHeight();
            processPage(page);
        }

        private void at(double x, double y) {
            line.add(new Point(x * MM, (height - y) * MM));
        }

        @Override
        public void moveTo(float x, float y) {
            line = new ArrayList<>();
            at(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            at(x, y);
        }

        @Override
        public void closePath() {
            line.add(line.get(0));
        }

        @Override
        public void strokePath() {
            boolean dashed = getGraphicsState().getLineDashPattern().getDashArray().length > 0;
            lines.add(new Line(line, dashed, getGraphicsState().getLineWidth() * MM));
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Float(0, 0);
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int windingRule) {}

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

        @Override
        public void endPath() {}

        @Override
        public void fillPath(int windingRule) {}

        @Override
        public void fillAndStrokePath(int windingRule) {}

        @Override
        public void shadingFill(COSName shadingName) {}
    }
}
