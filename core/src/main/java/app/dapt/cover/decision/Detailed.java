package app.dapt.cover.decision;

import java.util.List;

/** A decision of one of several kinds, with questions of its own. */
public interface Detailed {

    /** Which of the kinds. */
    Kind<?> kind();

    /** The answers to what is asked about it; {@link Kind#with} makes it again from these. */
    Details decided();

    /** The answer to one of its questions. */
    default <V> V get(Question<V> question) {
        return decided().get(question);
    }

    /** The same as they are shown and written. */
    default List<Detail<?>> details() {
        return decided().all();
    }
}
