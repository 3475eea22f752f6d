package app.dapt.web.progress;

import app.dapt.cloth.Cloth;
import app.dapt.layout.Layout;
import app.dapt.web.wording.Reader;
import app.dapt.web.workroom.Owner;
import java.util.List;
import java.util.Optional;

/** How a cloth lies on the cutting table and in which order it is cut, for whoever makes the cover. */
public interface CutOrder {

    /**
     * One cut, or several that are alike but for where they are.
     *
     * @param numbers such as {@code 3} or {@code 3–6}
     */
    record Line(String numbers, String words) {}

    /**
     * What is shown of it.
     *
     * @param drawings the cloth, or each of the remnants, with its numbered pieces and cuts
     * @param own      which of the pieces are this cover's, where others lie beside them
     * @param folds    how it is folded first
     */
    record Shown(List<String> drawings, Optional<String> own, List<String> folds, List<Line> cuts) {}

    /** How all cloths of a cover or a set lie, as the cutting table has them so far. */
    List<Layout> layouts(Owner owner, Reader reader);

    /**
     * The cuts of one of a cover's cloths, as the cutting table has them so far; nothing where nothing can be laid out.
     *
     * @param owner whose table it is: the cover's own, or its set's
     */
    Optional<Shown> of(Owner owner, long cover, Cloth cloth, Reader reader);
}
