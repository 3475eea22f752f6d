package app.dapt.drawing;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import app.dapt.piece.Contour;
import java.util.List;
import java.util.Optional;

/**
 * A drawing in real lengths.
 *
 * @param elements  what is drawn, the lowest first
 * @param clip      what cloth and lines are drawn within, where that is no rectangle
 * @param around    how far something stands out beyond it
 * @param centred   whether a motif of the front's print lies in the middle
 * @param described what it shows, for somebody who does not see it
 */
public record Sheet(
        Length width,
        Length height,
        List<Element> elements,
        Optional<Contour> clip,
        Length around,
        boolean centred,
        Phrase described) {

    public Sheet {
        elements = List.copyOf(elements);
    }
}
