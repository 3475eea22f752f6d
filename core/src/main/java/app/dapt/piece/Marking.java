package app.dapt.piece;

import app.dapt.measure.Axis;
import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Something to mark on a piece before it is sewn: a line right across it, or a spot.
 *
 * @param sort     what it is for
 * @param fromLeft how far from the cut edge at the left; nothing for a line across
 * @param fromTop  how far from the cut edge at the top; nothing for a line up and down
 */
public record Marking(Sort sort, Optional<Length> fromLeft, Optional<Length> fromTop) {

    /** What a marking is for. */
    public enum Sort {
        FOLD,
        PLEAT,
        CHANNEL,
        JOIN,
        ZIP_END,
        BUTTON,
        BUTTONHOLE,
        TIE,
        STRAP,
        HANDLE,
        LABEL,
        POCKET,
        ROW,
        MOTIF,
        CENTRE,
        NOTCH
    }

    /** A line that runs across, or up and down, so far from the top or the left edge. */
    public static Marking line(Sort sort, Axis runs, Length at) {
        return runs == Axis.ACROSS
                ? new Marking(sort, Optional.empty(), Optional.of(at))
                : new Marking(sort, Optional.of(at), Optional.empty());
    }

    public static Marking spot(Sort sort, Length fromLeft, Length fromTop) {
        return new Marking(sort, Optional.of(fromLeft), Optional.of(fromTop));
    }

    /**
     * A spot by its place along an opening and across it.
     *
     * @param runs the direction the opening runs in
     */
    public static Marking spot(Sort sort, Axis runs, Length along, Length deep) {
        return runs == Axis.ACROSS ? spot(sort, along, deep) : spot(sort, deep, along);
    }

    public boolean isLine() {
        return fromLeft.isEmpty() || fromTop.isEmpty();
    }

    /** What it is and where on a piece, each way from the nearer edge. */
    public Phrase says(Piece piece) {
        List<Object> said = new ArrayList<>(List.of(Phrase.choice("marking", sort)));
        List<Measure> measures = Stream.of(across(piece), upDown(piece))
                .flatMap(Optional::stream)
                .filter(measure -> measure.distance().isPositive())
                .toList();
        measures.forEach(measure -> {
            said.add(measure.distance());
            said.add(Phrase.choice("which-edge", measure.from()));
        });
        return new Phrase("figure.mark-" + measures.size(), said);
    }

    /** One measure as it is taken at the table: from the nearer of two edges. */
    public record Measure(Length distance, Side from) {}

    /** How far it lies from the nearer of the two edges at its left and right. */
    public Optional<Measure> across(Piece piece) {
        return fromLeft.map(at -> nearer(at, piece.cutWidth(), Side.LEFT));
    }

    /** How far it lies from the nearer of the two edges above and below it. */
    public Optional<Measure> upDown(Piece piece) {
        return fromTop.map(at -> nearer(at, piece.cutHeight(), Side.TOP));
    }

    private static Measure nearer(Length at, Length whole, Side start) {
        Length rest = whole.minus(at);
        return rest.under(at) ? new Measure(rest, start.opposite()) : new Measure(at, start);
    }
}
