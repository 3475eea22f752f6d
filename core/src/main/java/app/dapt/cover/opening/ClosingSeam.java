package app.dapt.cover.opening;

import app.dapt.cover.parts.Back;
import app.dapt.measure.Length;
import java.util.List;

/**
 * The seam that makes a bag of front and back.
 *
 * @param does    what it is called in words
 * @param length  how long it is, without what is left open
 * @param figures what goes into its words after the allowance
 */
public record ClosingSeam(String does, Length length, List<Object> figures) {

    public ClosingSeam {
        figures = List.copyOf(figures);
    }

    /** All round, stitched twice where hems cross it; longer than an opening that is not sewn with it by this edge. */
    static ClosingSeam around(Back back, Length edge) {
        return new ClosingSeam(back.lap().isPresent() ? "seam-hemmed" : "seam", edge, List.of());
    }

    /** Along this much of the edge, in other words than most. */
    static ClosingSeam along(String does, Length length, Object... figures) {
        return new ClosingSeam(does, length, List.of(figures));
    }

    /** Which stretch of the edge it goes along, as it stands in a sentence. */
    public String where() {
        return "seam-where." + does;
    }
}
