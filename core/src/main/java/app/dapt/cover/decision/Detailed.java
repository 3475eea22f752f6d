package app.dapt.cover.decision;

import java.util.List;

/** A decision of one of several kinds, with details of its own. */
public interface Detailed {

    /** Which of the kinds. */
    Kind<?> kind();

    /** What is decided about it; {@link Kind#with} makes it again from these. */
    List<Detail<?>> details();

    /** The same, to be asked for and changed by name. */
    default Details decided() {
        return new Details(details());
    }
}
