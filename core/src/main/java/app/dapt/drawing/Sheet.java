package app.dapt.drawing;

import app.dapt.measure.Length;
import app.dapt.measure.Phrase;
import java.util.List;

/**
 * A drawing in real lengths.
 *
 * @param described what it shows, for somebody who does not see it
 */
public record Sheet(Length width, Length height, List<Element> elements, Phrase described) {

    public Sheet {
        elements = List.copyOf(elements);
    }
}
