package app.dapt.drawing;

import app.dapt.drawing.Element.Label;
import app.dapt.drawing.Element.Patch;
import app.dapt.drawing.Element.Path;
import app.dapt.drawing.Element.Role;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import app.dapt.piece.Contour.Point;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Pieces side by side, as one tells them apart. */
public final class PiecesDrawing {

    private static final double HEAD = 8;

    private PiecesDrawing() {}

    /** Every piece upright and right side up, each with its name below it. */
    public static Sheet of(List<Piece> pieces) {
        Length widest = pieces.stream().map(Piece::cutWidth).reduce(Length.ZERO, Length::max);
        Length highest = pieces.stream().map(Piece::cutHeight).reduce(Length.ZERO, Length::max);
        Length row = widest.plus(highest).times(5, 4);
        Length gap = row.times(1, 30);
        Length line = row.times(1, 14);
        List<Element> elements = new ArrayList<>();
        Length x = Length.ZERO;
        Length y = Length.ZERO;
        Length deep = Length.ZERO;
        Length wide = Length.ZERO;
        for (Piece piece : pieces) {
            Length room = Length.max(piece.cutWidth(), row.times(1, 4));
            if (x.isPositive() && row.under(x.plus(room))) {
                x = Length.ZERO;
                y = y.plus(deep).plus(line).plus(gap);
                deep = Length.ZERO;
            }
            piece(piece, x, y, elements);
            elements.add(new Label(piece.name(), x, y.plus(piece.cutHeight()), false, false));
            x = x.plus(room).plus(gap);
            deep = Length.max(deep, piece.cutHeight());
            wide = Length.max(wide, x);
        }
        return new Sheet(
                wide,
                y.plus(deep).plus(line),
                elements,
                Optional.empty(),
                Length.ZERO,
                false,
                Phrase.of("sewn.pieces", pieces.stream().map(Piece::name).toList()));
    }

    private static void piece(Piece piece, Length x, Length y, List<Element> elements) {
        Contour line = piece.outline()
                .map(Outline::cut)
                .orElseGet(() -> Contour.rectangle(
                        0, 0, piece.cutWidth().toMm(), piece.cutHeight().toMm()));
        elements.add(new Patch(line.moved(x.toMm(), y.toMm()).points(), piece.material(), true, piece.turned()));
        elements.add(new Path(Role.CUT, line.moved(x.toMm(), y.toMm()).points(), true));
        double middle = x.toMm() + piece.cutWidth().toMm() / 2;
        double top = y.toMm() + piece.cutHeight().toMm() * 0.2;
        double foot = y.toMm() + piece.cutHeight().toMm() * 0.8;
        elements.add(new Path(Role.MOVE, up(middle, foot, top), false));
    }

    /** An arrow that says which way a piece's up is. */
    private static List<Point> up(double x, double from, double to) {
        return List.of(
                new Point(x, from),
                new Point(x, to),
                new Point(x - HEAD, to + HEAD * 1.5),
                new Point(x, to),
                new Point(x + HEAD, to + HEAD * 1.5));
    }
}
