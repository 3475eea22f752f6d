package app.dapt.web.cloth;

import app.dapt.cloth.Cloth;
import app.dapt.files.drawing.Markup;
import app.dapt.files.drawing.Pen;
import app.dapt.files.drawing.Swatch;
import app.dapt.layout.Window;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.words.Words;

/**
 * A piece as a see-through window over its print, which can be slid under it.
 *
 * @param units that the longer side of the piece takes
 */
record SvgWindow(Words words, Cloth cloth, double units) {

    private static final double AROUND = .16;

    /** @param window the point of the print under the middle of the piece */
    String write(Piece piece, Window window) {
        Pen pen = Pen.fitting(piece.cutWidth(), piece.cutHeight(), units);
        double scale = pen.scale();
        double width = piece.cutWidth().toInches() * scale;
        double height = piece.cutHeight().toInches() * scale;
        double around = units * AROUND;
        Markup svg = new Markup();
        svg.open(
                "svg",
                "class",
                "drawing window",
                "id",
                "window",
                "viewBox",
                "0 0 " + Markup.number(width + 2 * around) + " " + Markup.number(height + 2 * around),
                "width",
                width + 2 * around,
                "height",
                height + 2 * around,
                "role",
                "application",
                "tabindex",
                0,
                "data-scale",
                scale,
                "data-step",
                inches(Length.mm(2), Length.inches(0, 1, 8)),
                "data-stride",
                inches(Length.cm(2), Length.inches(1)),
                "aria-label",
                words.say(Phrase.of("drawing.window", piece.name())));
        svg.open("defs");
        new Swatch(cloth, scale)
                .writeAt(
                        svg,
                        "window-print",
                        around + width / 2,
                        around + height / 2,
                        window.across().toInches() * scale,
                        window.along().toInches() * scale);
        svg.close("defs");
        String whole = "M0 0H" + Markup.number(width + 2 * around) + "V" + Markup.number(height + 2 * around) + "H0Z";
        double beside = units * AROUND / scale * Length.inches(1).toMm();
        String cut = pen.path(outline(piece).moved(beside, beside));
        svg.empty("path", "fill", "url(#window-print)", "d", whole);
        svg.empty("path", "class", "window-beyond", "fill-rule", "evenodd", "d", whole + cut);
        svg.empty("path", "class", "lain-edge", "d", cut);
        String middleX = Markup.number(around + width / 2);
        String middleY = Markup.number(around + height / 2);
        svg.empty(
                "path",
                "class",
                "window-middle",
                "d",
                "M" + middleX + " " + Markup.number(around) + "v10M" + middleX + " " + Markup.number(around + height)
                        + "v-10M" + Markup.number(around) + " " + middleY + "h10M" + Markup.number(around + width) + " "
                        + middleY + "h-10");
        return svg.close("svg").toString();
    }

    /** How far a key slides the print, for the reader's unit. */
    private String inches(Length metric, Length imperial) {
        return String.valueOf(words.mark().unit().pick(metric, imperial).toInches());
    }

    private static Contour outline(Piece piece) {
        return piece.outline()
                .map(Outline::cut)
                .orElseGet(() -> Contour.rectangle(
                        0, 0, piece.cutWidth().toMm(), piece.cutHeight().toMm()));
    }
}
