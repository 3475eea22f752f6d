package app.dapt.layout;

import static org.assertj.core.api.Assertions.assertThat;

import app.dapt.cloth.Cloth;
import app.dapt.cloth.Print;
import app.dapt.cloth.Scrap.Corner;
import app.dapt.layout.search.Budget;
import app.dapt.layout.search.LayoutSearch;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Contour;
import app.dapt.piece.Outline;
import app.dapt.piece.Piece;
import app.dapt.piece.Piece.Material;
import app.dapt.piece.PieceRole;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Optional;

/** Pieces and cloths to lay them on, and what must hold wherever they lie. */
final class LayoutCases {

    static final Length FRONT = Length.inches(20);

    private LayoutCases() {}

    static Wanted wanted(String id, Length wide, Length high, int copies) {
        Piece piece = Piece.rectangle(
                        id,
                        Material.FRONT,
                        Sum.of(Sum.term("term.front", wide)),
                        Sum.of(Sum.term("term.front", high)),
                        Piece.sewnAllRound(Length.inches(0, 1, 2)))
                .as(PieceRole.Whole.FRONT);
        return new Wanted("1/" + id, "Bench", piece, copies);
    }

    static Cloth cloth(Print print, int width) {
        return new Cloth("Harbour", "#31507e", print, Length.inches(width), false, 1200);
    }

    static Layout laid(Cloth cloth, LayoutChoices choices, Wanted... wanted) {
        LayoutProblem lay = LayoutProblem.of(cloth, List.of(wanted), choices, Unit.INCH);
        LayoutSearch search = new LayoutSearch(lay.asTask(), 1);
        return lay.laid(search.improve(Budget.steps(3000)), search.least());
    }

    static LayoutChoices usual(Cloth cloth) {
        return LayoutChoices.usual(cloth, Unit.INCH);
    }

    static Corner corner(int across, int along) {
        return new Corner(Length.inches(across), Length.inches(along));
    }

    static boolean overlap(Length a, Length wide, Length b, Length other) {
        return a.under(b.plus(other)) && b.under(a.plus(wide));
    }

    /** No two outlines have cloth in common, to a hair. */
    static void assertApart(Layout laid) {
        List<ClothSheet> sheets = ClothSheet.of(laid);
        for (ClothSheet sheet : sheets) {
            List<ClothSheet.PlacedPiece> pieces = sheet.pieces();
            for (int i = 0; i < pieces.size(); i++) {
                for (int j = 0; j < i; j++) {
                    assertThat(common(pieces.get(i).cut(), pieces.get(j).cut()))
                            .as(
                                    "%s over %s",
                                    pieces.get(i).spot().copy(),
                                    pieces.get(j).spot().copy())
                            .isLessThan(1);
                }
            }
        }
    }

    /** Square millimetres that lie within both. */
    private static double common(Contour one, Contour other) {
        Area both = area(one);
        both.intersect(area(other));
        double twice = 0;
        double[] at = new double[6];
        double x = 0;
        double y = 0;
        double startX = 0;
        double startY = 0;
        for (PathIterator path = both.getPathIterator(null); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                startX = at[0];
                startY = at[1];
            } else {
                double toX = kind == PathIterator.SEG_CLOSE ? startX : at[0];
                double toY = kind == PathIterator.SEG_CLOSE ? startY : at[1];
                twice += x * toY - toX * y;
                at[0] = toX;
                at[1] = toY;
            }
            x = at[0];
            y = at[1];
        }
        return Math.abs(twice) / 2;
    }

    private static Area area(Contour contour) {
        Path2D path = new Path2D.Double();
        contour.points().forEach(p -> {
            if (path.getCurrentPoint() == null) {
                path.moveTo(p.x(), p.y());
            } else {
                path.lineTo(p.x(), p.y());
            }
        });
        path.closePath();
        return new Area(path);
    }

    static Wanted outlined(Wanted wanted, Contour contour) {
        return new Wanted(
                wanted.key(),
                wanted.cover(),
                wanted.piece().outlined(Optional.of(new Outline.Traced(contour, contour))),
                wanted.copies());
    }
}
