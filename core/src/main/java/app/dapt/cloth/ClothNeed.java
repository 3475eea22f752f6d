package app.dapt.cloth;

import app.dapt.measure.Length;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A first estimate of what to buy of one cloth: pieces laid in rows, deepest first, each in the first row with
 * room. People do it so on paper; a real layout needs less, never more.
 *
 * @param cloth  what the pieces are cut from
 * @param area   square inches of all pieces together
 * @param length the length the rows take, rounded up to how shops sell; none where a piece is wider than the cloth
 */
public record ClothNeed(Cloth cloth, double area, Optional<Length> length) {

    private static final Length SOLD_BY_IMPERIAL = Length.inches(4, 1, 2);
    private static final Length SOLD_BY_METRIC = Length.cm(10);

    private record Rectangle(Length across, Length along) {
        Rectangle turned() {
            return new Rectangle(along, across);
        }
    }

    private static final class Row {
        private final Length deep;
        private Length room;

        Row(Length deep, Length room) {
            this.deep = deep;
            this.room = room;
        }
    }

    public static ClothNeed of(Cloth cloth, List<Piece> pieces, Unit unit) {
        double area = pieces.stream().mapToDouble(Piece::area).sum();
        return new ClothNeed(cloth, area, rows(cloth, pieces).map(length -> rounded(length, unit)));
    }

    private static Length rounded(Length length, Unit unit) {
        long step = unit.pick(SOLD_BY_METRIC, SOLD_BY_IMPERIAL).grains();
        return new Length(-Math.floorDiv(-length.grains(), step) * step);
    }

    private static Optional<Length> rows(Cloth cloth, List<Piece> pieces) {
        Length usable = cloth.usableWidth();
        List<Rectangle> rectangles = new ArrayList<>();
        for (Piece piece : pieces) {
            Rectangle rectangle = laid(piece, cloth);
            if (usable.under(rectangle.across())) {
                return Optional.empty();
            }
            for (int i = 0; i < piece.quantity(); i++) {
                rectangles.add(rectangle);
            }
        }
        rectangles.sort(Comparator.comparing(Rectangle::along).reversed());
        List<Row> rows = new ArrayList<>();
        for (Rectangle rectangle : rectangles) {
            Row row = rows.stream().filter(r -> r.room.atLeast(rectangle.across())).findFirst().orElseGet(() -> {
                Row fresh = new Row(rectangle.along(), usable);
                rows.add(fresh);
                return fresh;
            });
            row.room = row.room.minus(rectangle.across());
        }
        return Optional.of(rows.stream().map(row -> row.deep).reduce(Length.ZERO, Length::plus));
    }

    /** Upright, unless only the quarter turn fits the width and the cloth allows it. */
    private static Rectangle laid(Piece piece, Cloth cloth) {
        Rectangle upright = new Rectangle(piece.cutWidth(), piece.cutHeight());
        return cloth.turns() && cloth.usableWidth().under(upright.across()) ? upright.turned() : upright;
    }
}
