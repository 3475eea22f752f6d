package app.dapt.web.plan;

import app.dapt.cover.ClothToBuy;
import app.dapt.cover.Reckoned;
import app.dapt.measure.Length;
import app.dapt.piece.Piece;
import app.dapt.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What of a cover stays in sight beside an open slip: its cut sizes, and its fabric, each with what it was before.
 *
 * @param before the cover as it was when the slip was opened; nothing while nothing was changed
 */
record CurrentSizes(Reckoned now, Optional<Reckoned> before, Words words, ClothToBuy.Laying laying) {

    /**
     * One figure.
     *
     * @param id   of its piece; blank for what is no piece
     * @param was  what it was, where that was something else
     * @param size what it is; blank where it is no more
     */
    public record Line(String id, String name, Optional<String> was, String size) {}

    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        for (Piece piece : now.pieces()) {
            Optional<String> was = before.map(
                            plan -> piece(plan, piece.id()).map(this::size).orElse(""))
                    .filter(size -> !size.isEmpty() && !size.equals(size(piece)));
            lines.add(new Line(piece.id(), words.say(piece.name()), was, size(piece)));
        }
        before.stream()
                .flatMap(plan -> plan.pieces().stream())
                .filter(piece -> piece(now, piece.id()).isEmpty())
                .forEach(gone -> lines.add(new Line("", words.say(gone.name()), Optional.of(size(gone)), "")));
        return lines;
    }

    private static Optional<Piece> piece(Reckoned of, String id) {
        return of.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst();
    }

    private String size(Piece piece) {
        String size = words.lengths().size(piece.cutWidth(), piece.cutHeight());
        return piece.quantity() > 1 ? words.say("plan.of", piece.quantity()) + " " + size : size;
    }

    /** All the fabric there is to buy. */
    Line fabric() {
        String size = bought(now).orElse("—");
        Optional<String> was = before.flatMap(this::bought).filter(length -> !length.equals(size));
        return new Line("", words.say("sight.fabric"), was, size);
    }

    private Optional<String> bought(Reckoned of) {
        Optional<Length> length = ClothToBuy.of(of, laying).length();
        return length.map(words.lengths()::toBuy);
    }
}
