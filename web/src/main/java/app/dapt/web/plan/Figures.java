package app.dapt.web.plan;

import app.dapt.cover.OwnFit;
import app.dapt.cover.Reckoned;
import app.dapt.drawing.Element.Part;
import app.dapt.log.Learnt;
import app.dapt.measure.Axis;
import app.dapt.measure.Phrase;
import app.dapt.measure.Sum;
import app.dapt.piece.Piece;
import app.dapt.words.Words;
import java.util.List;
import java.util.function.Supplier;

/**
 * Sizes and sums of a cover as they are said.
 *
 * @param learnt what is known of its sewist; asked for only where it is needed
 */
public record Figures(Words w, Supplier<Learnt> learnt) {

    /** One line of a sum, and what it lights up. */
    public record Line(String label, String amount, String part) {}

    /** {@code 21¼ × 14⅛}, across first. */
    public String size(Piece piece) {
        return w.lengths().size(piece.cutWidth(), piece.cutHeight());
    }

    public String finishedSize(Reckoned of) {
        return w.lengths().size(of.finished(Axis.ACROSS), of.finished(Axis.UP_DOWN));
    }

    public String fullness(Reckoned of) {
        return w.say(
                "fullness",
                of.fullness().percent(),
                OwnFit.feels(of, learnt.get().tastes()));
    }

    public List<Line> lines(Sum sum) {
        return sum.terms().stream()
                .map(term -> new Line(w.say(term.label()), w.lengths().fine(term.amount()), Phrase.code(Part.of(term))))
                .toList();
    }

    /** A sum on one line, as it is said over the cutting table. */
    public String spoken(Sum sum) {
        StringBuilder spoken = new StringBuilder();
        for (Sum.Term term : sum.terms()) {
            boolean less = term.amount().isNegative();
            spoken.append(spoken.isEmpty() ? (less ? "−" : "") : less ? " − " : " + ")
                    .append(w.lengths().fine(term.amount().abs()))
                    .append(' ')
                    .append(w.say(term.label()));
        }
        return spoken + " = " + total(sum);
    }

    public String total(Sum sum) {
        return w.lengths().withUnit(sum.total());
    }
}
