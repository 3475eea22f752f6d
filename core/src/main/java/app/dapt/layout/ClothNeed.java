package app.dapt.layout;

import app.dapt.cloth.Cloth;
import app.dapt.layout.search.Task;
import app.dapt.measure.Length;
import app.dapt.measure.Sum;
import app.dapt.measure.Unit;
import app.dapt.piece.Piece;
import java.util.List;
import java.util.Optional;

/**
 * What to buy of one cloth at the most: as the first layout found for its pieces has it, or the best so far. A search
 * finds no more.
 *
 * @param cloth what the pieces are cut from
 * @param area  square inches of all pieces together
 * @param toBuy how the length comes about, rounded up to how shops sell; nothing where a piece is wider than the cloth
 * @param about whether a search may yet find that less will do
 */
public record ClothNeed(Cloth cloth, double area, Optional<Sum> toBuy, boolean about) {

    public static ClothNeed of(Cloth cloth, List<Piece> pieces, Unit unit) {
        double area = pieces.stream().mapToDouble(Piece::area).sum();
        List<Wanted> wanted = pieces.stream()
                .map(piece -> new Wanted(piece.id(), "", piece, piece.quantity()))
                .toList();
        if (wanted.stream().mapToInt(Wanted::copies).sum() > Task.MOST_PIECES) {
            return new ClothNeed(cloth, area, Optional.empty(), true);
        }
        Layout laid = LayoutProblem.of(cloth, wanted, LayoutChoices.usual(cloth, unit), unit)
                .atOnce();
        return new ClothNeed(cloth, area, Optional.of(laid.toBuy()).filter(sum -> laid.isComplete()), true);
    }

    public Optional<Length> length() {
        return toBuy.map(Sum::total);
    }
}
